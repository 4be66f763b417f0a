#include "app/stations/read/pull_rows.h"
#include "app/theme/theme.h"
#include <QMouseEvent>
#include <QPainter>

namespace rl::app {

namespace {
/// "value +41 %, size −12 %": the largest terms, as factors of its pull over the median other's.
QString reasons(const reading::PullParts& parts)
{
    std::vector<std::size_t> order(parts.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::sort(order.begin(), order.end(), [&](auto a, auto b) { return std::abs(parts[a]) > std::abs(parts[b]); });
    QStringList said;
    for (std::size_t n = 0; n < 4; ++n) {
        const double percent = 100 * (std::exp(parts[order[n]]) - 1);
        if (std::abs(percent) >= 3)
            said << QString("%1 %2%3 %")
                        .arg(rl::tr(reading::kPullNames[order[n]]))
                        .arg(percent < 0 ? QChar(0x2212) : QChar('+'))
                        .arg(std::abs(percent), 0, 'f', 0);
    }
    return said.isEmpty() ? QCoreApplication::translate("Pull", "as the others") : said.join(", ");
}

int step()
{
    return theme::px(21);
}
} // namespace

PullRows::PullRows(Desk& desk)
    : m_desk(desk)
{
    setObjectName("pullRows");
    setAccessibleName(tr("Pull of each thing and its reasons"));
    setToolTip(tr("How much of the measured pull each thing has, and what lifts or damps it against the median of the "
                  "others. A hollow end of a bar: with what it means taken in."));
}

void PullRows::fit()
{
    setFixedHeight(std::max(theme::px(40), int(lines()) * step() + 4));
}

void PullRows::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    int y = 2;
    if (m_desk.review)
        for (const int id : m_desk.review->reading.attention.order)
            if (const Element* e = m_desk.project().element(id)) {
                paintRow(p, *e, y);
                y += step();
            }
}

void PullRows::paintRow(QPainter& p, const Element& e, int y) const
{
    const auto& r = m_desk.review->reading;
    const int name = width() * 17 / 100, bar = width() * 22 / 100;
    const double share = r.attention.share.at(e.id);
    const auto meant = r.meant.find(e.id);
    const double with = meant == r.meant.end() ? share : meant->second;
    p.setFont(theme::text(13, e.id == m_desk.element()));
    p.setPen(theme::ink());
    const QRect line(0, y, width(), step());
    p.drawText(line.adjusted(4, 0, name - width(), 0), Qt::AlignVCenter,
        p.fontMetrics().elidedText(QString::fromStdString(e.name), Qt::ElideRight, name - 8));
    const double full = bar - theme::px(46);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(0xb9, 0xb3, 0xa8));
    p.drawRect(QRectF(name, y + 4, std::min(1.0, 2 * share) * full, step() - 8));
    if (std::abs(with - share) > 0.005) {
        p.setPen(QPen(theme::accent(), 1.4));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(name, y + 3, std::min(1.0, 2 * with) * full, step() - 6));
    }
    p.setPen(theme::ink());
    p.drawText(QRect(name + int(full), y, theme::px(44), step()), Qt::AlignVCenter | Qt::AlignRight,
        QString("%1 %").arg(100 * share, 0, 'f', 0));
    const auto parts = r.attention.parts.find(e.id);
    p.setPen(theme::faint());
    p.setFont(theme::text(13));
    if (parts != r.attention.parts.end())
        p.drawText(line.adjusted(name + bar + 12, 0, -4, 0), Qt::AlignVCenter,
            p.fontMetrics().elidedText(reasons(parts->second), Qt::ElideRight, width() - name - bar - 20));
}

void PullRows::mousePressEvent(QMouseEvent* e)
{
    int y = 2;
    if (m_desk.review)
        for (const int id : m_desk.review->reading.attention.order)
            if (m_desk.project().element(id)) {
                if (e->position().y() >= y && e->position().y() < y + step())
                    return m_desk.holdElement(id);
                y += step();
            }
}

} // namespace rl::app
