#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// What lies outside a round or free canvas is covered by the mat.
class OutlineMask final : public Overlay {
public:
    explicit OutlineMask(Desk& desk)
        : m_desk(desk)
    {
    }
    bool shown() const override { return m_desk.project().brief.format != Format::Rectangle; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
