#include "app/board/overlays/guide_lines.h"
#include "app/board/board.h"
#include "core/stage/guides.h"
#include <QPainter>

namespace rl::app {

void GuideLines::paint(QPainter& p, const Board& board) const
{
    p.setClipRect(board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}));
    for (int g = 0; g < kGuideCount; ++g) {
        if (!m_desk.project().guides.on(Guide(g)))
            continue;
        for (const stage::GuideLine& l : stage::guideLines(m_desk.project(), Guide(g))) {
            QPolygonF line;
            for (const Vec2& q : l.points)
                line << board.toScreen(q);
            paintBothWays(p, line);
        }
    }
}

} // namespace rl::app
