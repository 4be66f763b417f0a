#include "app/stations/read/silhouette_row.h"
#include "app/theme/theme.h"
#include <QMouseEvent>
#include <QPainter>

namespace rl::app {

namespace {
/// One element alone, cut to its box, the long side as long as asked.
QImage alone(const IdMap& ids, int id, const cv::Rect& box, int side)
{
    const double k = double(std::max(box.width, box.height)) / side;
    const int w = std::max(1, int(box.width / k)), h = std::max(1, int(box.height / k));
    QImage out(w, h, QImage::Format_RGB32);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            // The share of the pixels there that are its own.
            const int x0 = box.x + int(x * k), x1 = std::max(x0 + 1, box.x + int((x + 1) * k));
            const int y0 = box.y + int(y * k), y1 = std::max(y0 + 1, box.y + int((y + 1) * k));
            int own = 0, all = 0;
            for (int v = y0; v < std::min(y1, ids.height()); ++v)
                for (int u = x0; u < std::min(x1, ids.width()); ++u)
                    own += ids.at(u, v) == id, ++all;
            const double share = all ? double(own) / all : 0;
            const auto mix = [&](int paper, int ink) { return int(paper + share * (ink - paper)); };
            out.setPixel(x, y,
                qRgb(mix(theme::paper().red(), theme::ink().red()), mix(theme::paper().green(), theme::ink().green()),
                    mix(theme::paper().blue(), theme::ink().blue())));
        }
    return out;
}
} // namespace

SilhouetteRow::SilhouetteRow(Desk& desk)
    : m_desk(desk)
{
    setObjectName("silhouettes");
    setAccessibleName(tr("Each thing alone as small as a thumb"));
    setToolTip(tr("Each element alone, black, at thumbnail size. The figure: how much of its shape is left, 100 % for "
                  "all of it; its spikes and notches, at full size and left."));
}

int SilhouetteRow::side()
{
    return theme::px(58);
}

void SilhouetteRow::refresh()
{
    if (m_shown == m_desk.review.get())
        return;
    m_shown = m_desk.review.get();
    m_all.clear();
    if (m_desk.review) {
        const auto boxes = reading::boxesIn(m_desk.review->picture.ids);
        for (const auto& s : m_desk.review->reading.thumbs) {
            const Element* e = m_desk.project().element(s.element);
            const auto box = boxes.find(s.element);
            if (!e || box == boxes.end())
                continue;
            m_all.push_back({s.element, alone(m_desk.review->picture.ids, s.element, box->second, side()),
                QString::fromStdString(e->name),
                tr("%1 % · %2 of %3").arg(100 * s.read, 0, 'f', 0).arg(s.notchesLeft).arg(s.notches), s.read < 0.3});
        }
    }
    QStringList told;
    for (const Alone& a : m_all)
        told << a.name + ": " + a.told;
    setAccessibleDescription(told.join("; "));
    setMinimumWidth(int(m_all.size()) * (side() + theme::px(30)));
    setFixedHeight(side() + theme::px(36));
    update();
}

void SilhouetteRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const int step = side() + theme::px(30);
    int x = 0;
    for (const Alone& a : m_all) {
        const bool held = a.element == m_desk.element();
        p.drawImage(QPoint(x + (step - a.shape.width()) / 2, side() - a.shape.height()), a.shape);
        p.setFont(theme::text(12, held));
        p.setPen(theme::ink());
        const QRect line(x, side() + 2, step, theme::px(16));
        p.drawText(line, Qt::AlignCenter, p.fontMetrics().elidedText(a.name, Qt::ElideRight, step - 4));
        p.setFont(theme::text(12, a.poor));
        p.setPen(a.poor ? theme::ink() : theme::faint());
        p.drawText(line.translated(0, theme::px(16)), Qt::AlignCenter, a.told);
        x += step;
    }
}

void SilhouetteRow::mousePressEvent(QMouseEvent* e)
{
    const int i = int(e->position().x()) / (side() + theme::px(30));
    if (i >= 0 && i < int(m_all.size()))
        m_desk.holdElement(m_all[std::size_t(i)].element);
}

} // namespace rl::app
