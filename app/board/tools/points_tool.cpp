#include "app/board/tools/points_tool.h"
#include "app/board/board.h"
#include "app/desk/desk.h"
#include "app/theme/theme.h"
#include "core/cutout/outline.h"
#include <QPainter>

namespace rl::app {

void PointsTool::begin(PointsWanted wanted)
{
    m_wanted = std::move(wanted);
    m_points.clear();
    m_active = true;
    changed();
}

void PointsTool::end()
{
    const bool was = std::exchange(m_active, false);
    m_points.clear();
    if (was)
        changed();
}

void PointsTool::changed()
{
    if (m_changed)
        m_changed();
    emit m_desk.overlayChanged();
}

QString PointsTool::hint() const
{
    if (!m_active)
        return {};
    QString s = m_wanted.hint;
    if (m_wanted.most != 1)
        s += " "
            + (m_wanted.most ? Desk::tr("%1 of %2.").arg(m_points.size()).arg(m_wanted.most)
                             : Desk::tr("%1 so far. Enter ends it, Backspace takes a point back, Esc drops it.")
                                   .arg(m_points.size()));
    return s;
}

void PointsTool::add(Vec2 at)
{
    if (!m_active)
        return;
    if (m_wanted.refuses)
        if (const QString why = m_wanted.refuses(at); !why.isEmpty())
            return m_desk.notices.say(why);
    m_points.push_back({at, false});
    if (m_wanted.most && int(m_points.size()) >= m_wanted.most)
        complete();
    else
        changed();
}

bool PointsTool::press(const BoardPoint& p)
{
    if (!m_active)
        return false;
    add(p.at);
    return true;
}

void PointsTool::complete()
{
    const auto points = std::exchange(m_points, {});
    const auto done = m_wanted.done;
    if (!m_wanted.again)
        m_active = false;
    done(points);
    changed();
}

bool PointsTool::finish()
{
    if (!m_active)
        return false;
    if (m_points.empty()) {
        end();
        return true;
    }
    if (int(m_points.size()) < m_wanted.least) { // it goes on
        m_desk.notices.say(
            m_wanted.tooFew.isEmpty() ? Desk::tr("It needs %1 points or more.").arg(m_wanted.least) : m_wanted.tooFew);
        return true;
    }
    complete();
    return true;
}

bool PointsTool::stepBack()
{
    if (!m_active || m_points.empty())
        return false;
    m_points.pop_back();
    changed();
    return true;
}

bool PointsTool::drop()
{
    if (!m_active)
        return false;
    end();
    return true;
}

bool PointsTool::bend()
{
    if (!m_active || !m_wanted.curves || m_points.empty())
        return false;
    m_points.back().curved = !m_points.back().curved;
    changed();
    return true;
}

void PointsTool::paint(QPainter& p, const Board& board) const
{
    if (!m_active)
        return;
    QPolygonF line;
    if (m_wanted.curves && m_points.size() > 2) {
        cutout::Loop loop;
        for (const OutlinePoint& q : m_points)
            loop.nodes.push_back({q.at, q.curved});
        for (const Vec2& q : cutout::flattened(loop, 0.05))
            line << board.toScreen(q);
    } else {
        for (const OutlinePoint& q : m_points)
            line << board.toScreen(q.at);
    }
    p.setBrush(Qt::NoBrush);
    for (const auto& pen : {QPen(theme::kInk, 3.4), QPen(theme::kGlow, 1.8)}) {
        p.setPen(pen);
        m_wanted.closed ? p.drawPolygon(line) : p.drawPolyline(line);
    }
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(theme::kGlow);
    for (const OutlinePoint& q : m_points)
        q.curved ? p.drawEllipse(board.toScreen(q.at), 4, 4)
                 : p.drawRect(QRectF(board.toScreen(q.at) - QPointF(3.5, 3.5), QSizeF(7, 7)));
}

} // namespace rl::app
