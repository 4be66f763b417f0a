#include "app/widgets/fit_chart.h"
#include "app/theme/theme.h"
#include <QHelpEvent>
#include <QLocale>
#include <QPainter>
#include <QToolTip>
#include <QWheelEvent>

namespace rl::app {

namespace {
constexpr int kRow = 22, kTop = 22, kName = 104;
/// Greys of one family, and letters: the pieces are told apart without colour.
QColor toneOf(const std::string& what)
{
    if (what == "light")
        return QColor(0xb4, 0x5f, 0x1c);
    if (what == "softness")
        return QColor(0x8d, 0x86, 0x7b);
    if (what == "warmth")
        return QColor(0x6e, 0x67, 0x5d);
    if (what == "eye level")
        return QColor(0xa6, 0xa0, 0x96);
    if (what == "black point")
        return QColor(0x4a, 0x46, 0x40);
    return QColor(0xc3, 0xbe, 0xb4);
}
} // namespace

QString reasonsText(const gather::Candidate& c)
{
    QStringList lines;
    for (const gather::Reason& r : c.reasons)
        lines << QString("%L1 · %2").arg(r.cost, 0, 'f', 1).arg(QString::fromStdString(r.sentence));
    return lines.join("\n");
}

FitChart::FitChart()
{
    setObjectName("fitChart");
    setAccessibleName(FitChart::tr("Fit against the lead picture"));
    setMinimumWidth(250);
    setMouseTracking(true);
}

void FitChart::show(QString lead, std::vector<Row> rows, int held, int second)
{
    m_lead = std::move(lead);
    m_rows = std::move(rows);
    m_held = held, m_second = second;
    m_first = std::clamp(m_first, 0, std::max(0, int(m_rows.size()) - 1));
    QStringList told; // to who does not see it
    for (const Row& r : m_rows)
        told << r.name + ": " + reasonsText(r.candidate).replace('\n', ", ");
    setAccessibleDescription(told.join("; "));
    update();
}

QRect FitChart::rowRect(int i) const
{
    return {0, kTop + (i - m_first) * kRow, width(), kRow};
}
int FitChart::rowAt(QPoint p) const
{
    for (int i = m_first; i < int(m_rows.size()); ++i)
        if (rowRect(i).contains(p))
            return i;
    return -1;
}

void FitChart::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(theme::ink());
    p.setFont(theme::text(13, true));
    p.drawText(QRect(0, 0, width(), kTop), Qt::AlignLeft | Qt::AlignVCenter,
        p.fontMetrics().elidedText(m_lead, Qt::ElideRight, width()));
    double most = 4;
    for (const Row& r : m_rows)
        most = std::max(most, std::min(9.0, r.candidate.cost));
    for (int i = m_first; i < int(m_rows.size()); ++i) {
        const QRect r = rowRect(i);
        if (r.top() > height())
            break;
        const gather::Candidate& c = m_rows[std::size_t(i)].candidate;
        if (c.reference == m_held || c.reference == m_second) {
            p.setPen(QPen(theme::accent(), c.reference == m_held ? 2 : 1));
            p.setBrush(theme::paper());
            p.drawRoundedRect(QRectF(r).adjusted(1, 1, -1, -1), 4, 4);
        }
        p.setPen(theme::ink());
        p.setFont(theme::text(12.5));
        p.drawText(r.adjusted(6, 0, 0, 0).intersected(QRect(6, r.top(), kName - 8, r.height())), Qt::AlignVCenter,
            p.fontMetrics().elidedText(m_rows[std::size_t(i)].name, Qt::ElideRight, kName - 10));
        double x = kName;
        const double unit = (width() - kName - 78) / most;
        p.setPen(Qt::NoPen);
        for (const gather::Reason& reason : c.reasons) {
            const double w = std::min(reason.cost, 9.0) * unit;
            if (w < 1 || x > width() - 84)
                continue;
            const QRectF bar(x, r.top() + 5, std::min(w, width() - 82 - x), r.height() - 10);
            p.setBrush(toneOf(reason.what));
            p.drawRect(bar.adjusted(0, 0, -1, 0));
            p.setFont(theme::text(10.5));
            p.setPen(Qt::white);
            const QString word = reason.what == "light" ? tr("its light") : tr(reason.what.c_str());
            if (bar.width() > p.fontMetrics().horizontalAdvance(word) + 4 && reason.what != "pixels"
                && reason.what != "eye level")
                p.drawText(bar, Qt::AlignCenter, word);
            else if (bar.width() > p.fontMetrics().horizontalAdvance(word) + 4) {
                p.setPen(theme::ink());
                p.drawText(bar, Qt::AlignCenter, word);
            }
            p.setPen(Qt::NoPen);
            x += w;
        }
        p.setPen(theme::ink());
        p.setFont(theme::text(12.5, true));
        p.drawText(QRect(width() - 78, r.top(), 74, r.height()), Qt::AlignRight | Qt::AlignVCenter,
            QLocale().toString(c.cost, 'f', 1) + (c.mirrored ? tr(" mirror") : QString()));
    }
    if (m_rows.empty()) {
        p.setPen(theme::faint());
        p.setFont(theme::text(13));
        p.drawText(QRect(0, kTop, width(), height() - kTop), Qt::TextWordWrap,
            tr("Once two pictures are measured, the others are ranked here by how little would have to change."));
    }
}

void FitChart::mousePressEvent(QMouseEvent* e)
{
    const int i = rowAt(e->pos());
    if (i < 0)
        return;
    const int id = m_rows[std::size_t(i)].candidate.reference;
    if (e->modifiers() & Qt::ControlModifier)
        emit secondWanted(id);
    else
        emit held(id);
}

void FitChart::wheelEvent(QWheelEvent* e)
{
    m_first = std::clamp(m_first - (e->angleDelta().y() > 0 ? 1 : -1), 0, std::max(0, int(m_rows.size()) - 3));
    update();
}

bool FitChart::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        const int i = rowAt(help->pos());
        QToolTip::showText(help->globalPos(),
            i >= 0
                ? reasonsText(m_rows[std::size_t(i)].candidate)
                : tr("Each line is as long as much would have to change for the picture to fit the lead; 1 is a clear "
                     "repair. Click holds one, Ctrl+click takes a second to compare."));
        return true;
    }
    return QWidget::event(e);
}

} // namespace rl::app
