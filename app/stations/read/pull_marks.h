#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Strong places with what they draw, faces, and the edges that leak.
class PullMarks final : public Overlay {
public:
    PullMarks(Desk& desk, const int& place)
        : m_desk(desk)
        , m_place(place)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& p, const Board& board) const override;

private:
    Desk& m_desk;
    const int& m_place;
};

} // namespace rl::app
