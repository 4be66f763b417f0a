#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Parts, ridges and eyes of the element in hand. Their places are shares of its box.
class ReliefShapes final : public Overlay {
public:
    explicit ReliefShapes(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 10; }
    void paint(QPainter& painter, const Board& board) const override;
    std::optional<Vec2> shareAt(Vec2 canvasCm) const; ///< null: nothing is held that is seen
    std::optional<Vec2> canvasAt(Vec2 share) const;

private:
    Desk& m_desk;
};

} // namespace rl::app
