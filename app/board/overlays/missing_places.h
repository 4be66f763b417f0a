#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Where something would stand whose picture's file cannot be read: a hatched, empty, named place.
class MissingPlaces final : public Overlay {
public:
    explicit MissingPlaces(Desk& desk)
        : m_desk(desk)
    {
    }
    int depth() const override { return 1; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
};

} // namespace rl::app
