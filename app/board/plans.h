#pragma once
#include "app/desk/desk.h"
#include "app/widgets/ground_plan.h"

namespace rl::app {

/// The plan from above over the view from the side: what is dragged there is an edit like any other.
class Plans final : public QWidget {
    Q_OBJECT
public:
    explicit Plans(Desk& desk);
    void refresh(); ///< takes all of it from the project
    void setWithLights(bool on); ///< sun, haze and what lanterns do
    /// Places on the ground being pointed at; clicks on the plan add to them.
    void setPointing(bool on, const std::vector<Vec2>& places);
    void takeBack(); ///< plans that were shown elsewhere
    GroundPlan* above() const { return m_above; }
    GroundPlan* side() const { return m_side; }

signals:
    void groundPointed(rl::Vec3 at);
    void enlargeWanted(rl::app::GroundPlan* plan);

private:
    void connectPlan(GroundPlan* plan);
    void moveElement(int id, Vec3 to, bool side, int gesture);
    void moveGrip(GroundPlan::Grip grip, int id, double value, int gesture);
    Desk& m_desk;
    GroundPlan *m_above, *m_side;
    bool m_lights = true;
    std::vector<Vec2> m_pointed;
};

} // namespace rl::app
