#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Margins, head and gaze room, the centre of weight, and where a counterweight would steady the picture.
class RoomMarks final : public Overlay {
public:
    explicit RoomMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    void setShown(bool on) { m_shown = on; }
    bool shown() const override { return m_shown; }
    int depth() const override { return 8; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
    bool m_shown = false;
};

} // namespace rl::app
