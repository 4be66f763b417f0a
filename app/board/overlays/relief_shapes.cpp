#include "app/board/overlays/relief_shapes.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

std::optional<Vec2> ReliefShapes::shareAt(Vec2 at) const
{
    const Element* e = m_desk.heldElement();
    const auto place = e ? m_desk.placed(*e) : stage::Placement{};
    if (!place.visible || place.canvas.width <= 0 || place.canvas.height <= 0)
        return {};
    const double u = (at.x - place.canvas.x) / place.canvas.width;
    return Vec2{e->mirrored ? 1 - u : u, (at.y - place.canvas.y) / place.canvas.height};
}

std::optional<Vec2> ReliefShapes::canvasAt(Vec2 share) const
{
    const Element* e = m_desk.heldElement();
    const auto place = e ? m_desk.placed(*e) : stage::Placement{};
    if (!place.visible)
        return {};
    const double u = e->mirrored ? 1 - share.x : share.x;
    return Vec2{place.canvas.x + u * place.canvas.width, place.canvas.y + share.y * place.canvas.height};
}

void ReliefShapes::paint(QPainter& p, const Board& board) const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return;
    const auto draw = [&](const std::vector<Vec2>& shares, bool closed, bool held) {
        QPolygonF line;
        for (const Vec2& s : shares)
            if (const auto at = canvasAt(s))
                line << board.toScreen(*at);
        p.setBrush(Qt::NoBrush);
        for (const auto& [colour, width] :
            {std::pair(theme::kInk, 3.0), std::pair(held ? theme::kGlow : theme::kPaper, 1.4)}) {
            p.setPen(QPen(colour, width));
            closed ? p.drawPolygon(line) : p.drawPolyline(line);
        }
    };
    for (int i = 0; i < int(e->parts.size()); ++i)
        if (!e->parts[std::size_t(i)].outline.empty())
            draw(e->parts[std::size_t(i)].outline, true, m_desk.selection().part == i);
    for (const Ridge& r : e->ridges)
        draw(r.line, false, false);
    for (const EyeBall& eye : e->eyes)
        if (const auto at = canvasAt(eye.at)) {
            p.setPen(QPen(theme::kPaper, 1.2));
            p.drawEllipse(board.toScreen(*at), 7, 7);
        }
}

} // namespace rl::app
