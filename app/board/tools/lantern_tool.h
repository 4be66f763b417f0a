#pragma once
#include "app/board/tool.h"
#include "app/desk/desk.h"

namespace rl::app {

/// Carries lanterns about in the picture; with Shift towards and away. Of the held one the rings of its reach and
/// softness and the arm it faces by can be dragged too.
class LanternTool final : public Tool {
public:
    explicit LanternTool(Desk& desk)
        : m_desk(desk)
    {
    }
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;
    void cancel() override;

private:
    enum class Grip { None, Lantern, Reach, Softness, Facing };
    void carry(const BoardPoint& p, Lantern& l) const;
    Desk& m_desk;
    Grip m_grip = Grip::None;
    Vec2 m_off;
    Gesture m_gesture{m_desk.document};
};

/// Where they lie on the canvas, cm; the ring of the reach lies on the ground.
struct LanternGrips {
    std::vector<Vec2> reachRing;
    std::optional<Vec2> reach, softness, facing;
    double softnessCm = 0; ///< radius of the ring as it is seen
};
/// \param px one pixel of the screen, cm
LanternGrips lanternGrips(const Project& project, const Lantern& lantern, double px);
void paintLanternGrips(QPainter& painter, const Board& board, const Project& project, const Lantern& lantern);

} // namespace rl::app
