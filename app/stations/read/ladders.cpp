#include "app/stations/read/ladders.h"
#include "app/theme/theme.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include <QKeyEvent>
#include <QMouseEvent>
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
    QStringList told;
    for (const auto& [word, rungs] : {std::pair{tr("intended"), &m_intended}, {tr("measured"), &m_measured}}) {
        QStringList names;
        for (const Rung& r : *rungs)
            names << r.name;
        told << word + ": " + names.join(", ");
    }
    setAccessibleDescription(told.join("; "));
    update();
}

void Ladders::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::text(12));
    p.setPen(theme::faint());
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
                p.setPen(QPen(i == j ? theme::faint() : theme::accent(), i == j ? 1.4 : 2.6));
                p.drawPath(thread);
            }
    const auto rung = [&](QRectF r, const Rung& g, bool share) {
        p.setPen(QPen(theme::line(), 1));
        p.setBrush(theme::paper());
        p.drawRoundedRect(r, 3, 3);
        if (share) {
            p.setPen(Qt::NoPen);
            p.setBrush(QColor(0xdc, 0xd8, 0xd0));
            p.drawRoundedRect(
                QRectF(r.x() + 1, r.y() + 1, std::max(2.0, (r.width() - 2) * std::min(1.0, g.share)), r.height() - 2),
                3, 3);
        }
        p.setPen(theme::ink());
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
    setMinimumHeight(theme::px(66));
    setMinimumWidth(theme::px(200));
    setObjectName("chips");
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Value steps"));
    setToolTip(tr("The picture's values, each as wide as its share of the canvas (0 black, 100 white). Drag a bead to "
                  "set where a step ends."));
}

void Chips::show(std::vector<reading::ValueStep> steps)
{
    if (m_dragging)
        return;
    m_steps = std::move(steps);
    m_bead = std::min(m_bead, int(m_steps.size()) - 2);
    QStringList told;
    for (const reading::ValueStep& s : m_steps)
        told << tr("L* %1").arg(s.lightness, 0, 'f', 0) + " " + tr("%1 %").arg(100 * s.share, 0, 'f', 0);
    setAccessibleDescription(told.join("; "));
    update();
}

int Chips::threadY() const
{
    return height() - theme::px(9);
}
QPoint Chips::beadAt(int i) const
{
    const double L = m_steps[std::size_t(i)].to;
    return {int(std::lround(8 + L / 100 * (width() - 18))), threadY()};
}

void Chips::moveBead(double L, bool done)
{
    const auto i = std::size_t(m_bead);
    m_steps[i].to = m_steps[i + 1].from = std::clamp(std::round(L), m_steps[i].from + 1, m_steps[i + 1].to - 1);
    std::vector<double> bounds;
    for (std::size_t k = 0; k + 1 < m_steps.size(); ++k)
        bounds.push_back(m_steps[k].to);
    update();
    emit boundsMoved(bounds, done);
}

void Chips::mousePressEvent(QMouseEvent* e)
{
    double least = theme::px(14);
    m_bead = -1;
    for (int i = 0; i + 1 < int(m_steps.size()); ++i)
        if (const double d = QLineF(beadAt(i), e->position()).length(); d < least)
            least = d, m_bead = i;
    m_dragging = m_bead >= 0;
    update();
}
void Chips::mouseMoveEvent(QMouseEvent* e)
{
    if (m_dragging)
        moveBead((e->position().x() - 8) / (width() - 18) * 100, false);
}
void Chips::mouseReleaseEvent(QMouseEvent* e)
{
    if (std::exchange(m_dragging, false))
        moveBead((e->position().x() - 8) / (width() - 18) * 100, true);
}
void Chips::keyPressEvent(QKeyEvent* e)
{
    const int way = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (!way || m_steps.size() < 2)
        return QWidget::keyPressEvent(e);
    if (e->modifiers() & Qt::ControlModifier || m_bead < 0) { // another bead
        m_bead = std::clamp(m_bead + way, 0, int(m_steps.size()) - 2);
        return update();
    }
    moveBead(m_steps[std::size_t(m_bead)].to + way, true);
}

void Chips::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double high = height() - theme::px(20);
    double x = 0;
    for (const auto& s : m_steps) {
        const double w = std::max(3.0, s.share * width());
        const int v = colour::codeOf(colour::luminanceOf(float(s.lightness)));
        p.fillRect(QRectF(x, 0, w - 2, high), QColor(v, v, v));
        p.setPen(s.lightness > 55 ? theme::kInk : QColor(Qt::white));
        p.setFont(theme::text(12));
        if (w > 44)
            p.drawText(QRectF(x + 3, 2, w - 6, high - 4), Qt::AlignCenter,
                QString("L* %1\n%2 %").arg(s.lightness, 0, 'f', 0).arg(100 * s.share, 0, 'f', 0));
        x += w;
    }
    QLinearGradient ramp(8, 0, width() - 10, 0);
    for (int i = 0; i <= 10; ++i) {
        const int v = colour::codeOf(colour::luminanceOf(float(10 * i)));
        ramp.setColorAt(i / 10.0, QColor(v, v, v));
    }
    p.setPen(QPen(QBrush(ramp), 5, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(8, threadY(), width() - 10, threadY());
    for (int i = 0; i + 1 < int(m_steps.size()); ++i) {
        p.setPen(QPen(i == m_bead ? theme::accent() : theme::ink(), i == m_bead ? 2.4 : 1.4));
        p.setBrush(theme::paper());
        p.drawEllipse(QPointF(beadAt(i)), theme::px(6), theme::px(6));
    }
}

} // namespace rl::app
