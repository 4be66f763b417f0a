#include "app/board/tools/box_tool.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

QString BoxTool::hint() const
{
    if (!m_on || !m_hint.isEmpty())
        return m_on ? m_hint : QString();
    return QCoreApplication::translate("BoxTool", "Drag a box over it on the picture. Esc leaves it as it is.");
}

Rect BoxTool::box() const
{
    return {std::min(m_from.x, m_to.x), std::min(m_from.y, m_to.y), std::abs(m_to.x - m_from.x),
        std::abs(m_to.y - m_from.y)};
}

bool BoxTool::press(const BoardPoint& p)
{
    if (!m_on)
        return false;
    m_dragging = true;
    m_from = m_to = p.at;
    return true;
}
void BoxTool::move(const BoardPoint& p)
{
    m_to = p.at;
}
void BoxTool::release(const BoardPoint& p)
{
    if (!std::exchange(m_dragging, false))
        return;
    m_to = p.at;
    const Rect r = box();
    if (r.width > 3 * p.px && r.height > 3 * p.px)
        m_done(r);
}
bool BoxTool::drop()
{
    const bool was = std::exchange(m_on, false);
    m_dragging = false;
    if (was && m_left)
        m_left();
    return was;
}

void BoxTool::paint(QPainter& p, const Board& board) const
{
    if (!m_dragging)
        return;
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kInk, 3));
    p.drawRect(board.toScreen(box()));
    p.setPen(QPen(theme::kGlow, 1.5));
    p.drawRect(board.toScreen(box()));
}

} // namespace rl::app
