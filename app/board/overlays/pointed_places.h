#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Places on the ground that were pointed at.
class PointedPlaces final : public Overlay {
public:
    explicit PointedPlaces(Desk& desk)
        : m_desk(desk)
    {
    }
    void show(std::vector<Vec2> metres) { m_places = std::move(metres); }
    void setClosed(bool closed) { m_closed = closed; }
    bool shown() const override { return !m_places.empty(); }
    int depth() const override { return 12; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
    std::vector<Vec2> m_places; ///< X and Z, m
    bool m_closed = false;
};

} // namespace rl::app
