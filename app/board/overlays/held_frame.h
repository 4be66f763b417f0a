#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// The element in hand: its corners, its foot (a knob: where it stands), and a rod with a knob for its true height.
class HeldFrame final : public Overlay {
public:
    explicit HeldFrame(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 30; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
