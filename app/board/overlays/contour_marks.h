#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Contours as they are: lost ones broad, soft ones as dots; and the first glances in order.
class ContourMarks final : public Overlay {
public:
    explicit ContourMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    bool shown() const override { return m_desk.review != nullptr; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    void paintGlances(QPainter& painter, const Board& board) const;
    Desk& m_desk;
};

} // namespace rl::app
