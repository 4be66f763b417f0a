#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Lines to compose by, as many as are asked for.
class GuideLines final : public Overlay {
public:
    explicit GuideLines(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 4; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
