#include "app/board/tools/thread_tool.h"
#include "app/theme/theme.h"
#include "core/stage/wanted.h"
#include <QPainter>

namespace rl::app {

QString ThreadTool::hint() const
{
    return m_open.points.empty()
        ? QString()
        : CutTable::tr("%1 points. Click on towards the start; double-click or Enter closes the thread and cuts, "
                       "Backspace takes a point back, Esc drops it.")
              .arg(m_open.points.size());
}

bool ThreadTool::holdPoint(const BoardPoint& p)
{
    const double near = 8 * p.px;
    auto& pieces = m_table.pieces();
    for (std::size_t i = 0; i < pieces.size(); ++i)
        for (std::size_t k = 0; k < pieces[i].points.size(); ++k)
            if ((pieces[i].points[k].at - p.at).length() < near) {
                m_piece = int(i), m_point = int(k);
                return true;
            }
    for (std::size_t i = 0; i < pieces.size(); ++i) {
        auto& points = pieces[i].points;
        for (std::size_t k = 0; k < points.size(); ++k) {
            const Vec2 a = points[k].at, d = points[(k + 1) % points.size()].at - a;
            const double t = ((p.at.x - a.x) * d.x + (p.at.y - a.y) * d.y) / std::max(1e-9, d.x * d.x + d.y * d.y);
            if (t > 0 && t < 1 && (a + d * t - p.at).length() < near * 0.7) {
                points.insert(points.begin() + std::ptrdiff_t(k) + 1, {p.at, m_table.curved});
                m_piece = int(i), m_point = int(k) + 1;
                return true;
            }
        }
    }
    return false;
}

bool ThreadTool::press(const BoardPoint& p)
{
    if (!m_table.picture())
        return false;
    if (m_open.points.empty() && holdPoint(p)) {
        emit m_table.changed();
        return true;
    }
    m_piece = m_point = -1;
    const double near = 8 * p.px;
    if (m_open.points.size() >= 3
        && ((m_open.points.front().at - p.at).length() < near
            || (m_open.points.back().at - p.at).length() < near / 2)) {
        finish();
        return true;
    }
    m_following = m_table.freeHand;
    m_open.points.push_back({p.at, m_table.curved});
    emit m_table.changed();
    return true;
}

void ThreadTool::move(const BoardPoint& p)
{
    if (m_following && !m_open.points.empty()) {
        if ((m_open.points.back().at - p.at).length() > 10 * p.px)
            m_open.points.push_back({p.at, true});
    } else if (m_piece >= 0 && m_point >= 0) {
        m_table.pieces()[std::size_t(m_piece)].points[std::size_t(m_point)].at = p.at;
    }
}

void ThreadTool::release(const BoardPoint& p)
{
    if (std::exchange(m_following, false) && m_open.points.size() >= 8
        && (m_open.points.front().at - p.at).length() < 30 * p.px)
        close();
    emit m_table.changed();
}

void ThreadTool::close()
{
    if (m_open.points.size() >= 3) {
        m_open.hole = m_table.hole;
        m_table.pieces().push_back(m_open);
    }
    m_open = {};
    m_table.hole = false;
    emit m_table.changed();
}

bool ThreadTool::finish()
{
    if (!m_open.points.empty())
        close();
    m_table.cut();
    return true;
}

bool ThreadTool::stepBack()
{
    if (m_open.points.empty())
        return false;
    m_open.points.pop_back();
    emit m_table.changed();
    return true;
}

bool ThreadTool::drop()
{
    if (m_open.points.empty())
        return false;
    m_open = {};
    emit m_table.changed();
    return true;
}

void ThreadTool::end()
{
    m_open = {};
    m_piece = m_point = -1;
    m_following = false;
}

bool ThreadTool::dropPoint()
{
    auto& pieces = m_table.pieces();
    if (m_piece < 0 || m_point < 0 || m_piece >= int(pieces.size()))
        return false;
    auto& points = pieces[std::size_t(m_piece)].points;
    if (m_point < int(points.size()))
        points.erase(points.begin() + m_point);
    if (points.size() < 3)
        pieces.erase(pieces.begin() + m_piece);
    m_piece = m_point = -1;
    emit m_table.changed();
    return true;
}

void ThreadTool::paintThread(QPainter& p, const Board& board, const Outline& o, bool closed, bool held) const
{
    QPolygonF line;
    if (o.points.size() > 2) { // bent as it will be
        for (const Vec2 v : cutout::flattened(stage::loopOf(o), 4))
            line << board.toScreen(v);
    } else {
        for (const OutlinePoint& v : o.points)
            line << board.toScreen(v.at);
    }
    p.setBrush(Qt::NoBrush);
    for (const auto& pen : {QPen(QColor(255, 255, 255, 210), 3.4), QPen(held ? theme::kAccent : theme::kDark, 1.6)}) {
        p.setPen(pen);
        closed ? p.drawPolygon(line) : p.drawPolyline(line);
    }
}

void ThreadTool::paintKnots(QPainter& p, const Board& board, const Outline& o, int piece) const
{
    if (o.points.size() > 60 && board.pixelsPerCm() < 1.2 && piece >= 0)
        return; // a dense thread shows its points when zoomed in
    for (std::size_t k = 0; k < o.points.size(); ++k) {
        const QPointF c = board.toScreen(o.points[k].at);
        p.setPen(QPen(theme::kInk, 1));
        p.setBrush(piece == m_piece && int(k) == m_point ? theme::kAccent : theme::kPaper);
        if (o.points[k].curved)
            p.drawEllipse(c, 4, 4);
        else
            p.drawPolygon(QPolygonF{c + QPointF(0, -5), c + QPointF(5, 0), c + QPointF(0, 5), c + QPointF(-5, 0)});
    }
}

void ThreadTool::paint(QPainter& p, const Board& board) const
{
    const auto& pieces = m_table.pieces();
    for (std::size_t i = 0; i < pieces.size(); ++i)
        paintThread(p, board, pieces[i], true, int(i) == m_piece);
    if (!m_open.points.empty())
        paintThread(p, board, m_open, false, true);
    for (std::size_t i = 0; i < pieces.size(); ++i)
        paintKnots(p, board, pieces[i], int(i));
    if (!m_following)
        paintKnots(p, board, m_open, -1);
}

} // namespace rl::app
