#pragma once
#include "app/board/tool.h"
#include "app/desk/desk.h"

namespace rl::app {

class StationView;

/// Things under the hand on the stage: an element is dragged over the ground (Shift keeps its depth, Alt leaves its
/// group behind, Ctrl and a click ties to another); its height by the knob on its rod, the place it stands on by the
/// knob at its foot; the horizon by its line; a posed figure by its joints.
class StageTool final : public Tool {
public:
    StageTool(Desk& desk, StationView& view)
        : m_desk(desk)
        , m_view(view)
    {
    }
    void setPosing(bool on) { m_posing = on; }
    bool holds() const { return m_held != Held::None; }
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;
    void cancel() override;
    void paint(QPainter& painter, const Board& board) const override;

private:
    enum class Held { None, Element, Horizon, Foot, Height, Joint };
    bool posed() const; ///< the held element is a figure to be posed
    int jointAt(const BoardPoint& p) const; ///< −1 = none
    bool takeElement(const BoardPoint& p, int id);
    Desk& m_desk;
    StationView& m_view;
    bool m_posing = false;
    Held m_held = Held::None;
    Vec2 m_grip;
    Gesture m_gesture{m_desk.document};
    int m_joint = -1;
};

/// Where the rod of an element's height ends, cm on the canvas: beside its box. Nothing for what has no height to drag.
std::optional<Vec2> heightKnob(Desk& desk, const Element& element);

} // namespace rl::app
