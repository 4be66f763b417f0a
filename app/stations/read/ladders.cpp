#include "app/stations/read/ladders.h"
#include "app/theme/theme.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

Ladders::Ladders()
{
    setMinimumSize(theme::px(280), theme::px(96));
    setAccessibleName(tr("Intended and measured order"));
    setToolTip(tr("Left: the order you want. Right: the order measured by contrast alone. Threads that cross are the "
                  "trouble.\nBy contrast only: it knows neither faces nor meaning."));
}

void Ladders::show(std::vector<Rung> intended, std::vector<Rung> measured)
{
    m_intended = std::move(intended);
    m_measured = std::move(measured);
    update();
}

void Ladders::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::text(12));
    p.setPen(theme::kFaint);
    const int side = std::min(theme::px(170), width() / 2 - 32), top = theme::px(18);
    p.drawText(QRect(0, 0, side, theme::px(16)), Qt::AlignLeft, tr("intended"));
    p.drawText(QRect(width() - side, 0, side, theme::px(16)), Qt::AlignLeft, tr("measured"));
    const int n = int(std::max(m_intended.size(), m_measured.size()));
    if (n == 0)
        return;
    const double step = std::min(theme::px(26) * 1.0, (height() - top) / double(n));
    const auto y = [&](std::size_t i) { return top + (double(i) + 0.5) * step; };
    for (std::size_t i = 0; i < m_intended.size(); ++i)
        for (std::size_t j = 0; j < m_measured.size(); ++j)
            if (m_intended[i].cast == m_measured[j].cast) {
                QPainterPath thread(QPointF(side + 2, y(i)));
                thread.cubicTo(
                    QPointF(width() / 2.0, y(i)), QPointF(width() / 2.0, y(j)), QPointF(width() - side - 6, y(j)));
                p.setBrush(Qt::NoBrush);
                p.setPen(QPen(i == j ? theme::kFaint : theme::kAccent, i == j ? 1.4 : 2.6));
                p.drawPath(thread);
            }
    const auto rung = [&](QRectF r, const Rung& g, bool share) {
        p.setPen(QPen(theme::kLine, 1));
        p.setBrush(theme::kPaper);
        p.drawRoundedRect(r, 3, 3);
        if (share) {
            p.setPen(Qt::NoPen);
            p.setBrush(QColor(0xdc, 0xd8, 0xd0));
            p.drawRoundedRect(
                QRectF(r.x() + 1, r.y() + 1, std::max(2.0, (r.width() - 2) * std::min(1.0, g.share)), r.height() - 2),
                3, 3);
        }
        p.setPen(theme::kInk);
        p.setFont(theme::text(13));
        p.drawText(r.adjusted(6, 0, -4, 0), Qt::AlignVCenter,
            p.fontMetrics().elidedText(g.name, Qt::ElideRight, int(r.width()) - (share ? 46 : 8)));
        if (share)
            p.drawText(r.adjusted(6, 0, -5, 0), Qt::AlignVCenter | Qt::AlignRight,
                QString("%1 %").arg(100 * g.share, 0, 'f', 0));
    };
    for (std::size_t i = 0; i < m_intended.size(); ++i)
        rung({0.5, y(i) - step / 2 + 2, double(side), step - 4}, m_intended[i], false);
    for (std::size_t i = 0; i < m_measured.size(); ++i)
        rung({width() - side - 4.5, y(i) - step / 2 + 2, double(side), step - 4}, m_measured[i], true);
}

Chips::Chips()
{
    setMinimumHeight(theme::px(44));
    setMinimumWidth(theme::px(200));
    setAccessibleName(tr("Value steps"));
    setToolTip(
        tr("The values the picture falls into, each as wide as its share of the canvas. L* 0 is black, 100 white."));
}

void Chips::show(std::vector<reading::ValueStep> steps)
{
    m_steps = std::move(steps);
    update();
}

void Chips::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    double x = 0;
    for (const auto& s : m_steps) {
        const double w = std::max(3.0, s.share * width());
        const int v = colour::codeOf(colour::luminanceOf(float(s.lightness)));
        p.fillRect(QRectF(x, 0, w - 2, height()), QColor(v, v, v));
        p.setPen(s.lightness > 55 ? theme::kInk : QColor(Qt::white));
        p.setFont(theme::text(12));
        if (w > 44)
            p.drawText(QRectF(x + 3, 2, w - 6, height() - 4), Qt::AlignCenter,
                QString("L* %1\n%2 %").arg(s.lightness, 0, 'f', 0).arg(100 * s.share, 0, 'f', 0));
        x += w;
    }
}

} // namespace rl::app
