#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// The eye level across the canvas.
class HorizonLine final : public Overlay {
public:
    explicit HorizonLine(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 2; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
