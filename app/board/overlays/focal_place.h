#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// How far full light reaches about the focal place.
class FocalPlace final : public Overlay {
public:
    explicit FocalPlace(Desk& desk)
        : m_desk(desk)
    {
    }
    bool shown() const override { return m_desk.project().lights.air.vignette > 0; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
