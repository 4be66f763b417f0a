#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Rainbow, halo, the sun's path, and where shafts meet.
class SkyArcs final : public Overlay {
public:
    explicit SkyArcs(Desk& desk)
        : m_desk(desk)
    {
    }
    void setShown(bool on) { m_shown = on; }
    bool shown() const override { return m_shown; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
    bool m_shown = false;
};

} // namespace rl::app
