#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// The cast where it stands, numbered in reading order.
class CastMarks final : public Overlay {
public:
    explicit CastMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
