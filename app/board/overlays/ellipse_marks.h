#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Every ellipse of the round thing in hand with its axes, cm.
class EllipseMarks final : public Overlay {
public:
    explicit EllipseMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    void setShown(bool on) { m_shown = on; }
    bool shown() const override { return m_shown; }
    int depth() const override { return 32; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
    bool m_shown = false;
};

} // namespace rl::app
