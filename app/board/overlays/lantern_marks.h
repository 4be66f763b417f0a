#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Lanterns where they hang, with their foot on the ground, the extent of panels and swarms, and what of the held one
/// can be taken hold of.
class LanternMarks final : public Overlay {
public:
    explicit LanternMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 20; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    void paintExtent(QPainter& painter, const Board& board, const Lantern& lantern) const;
    Desk& m_desk;
};

} // namespace rl::app
