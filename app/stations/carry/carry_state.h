#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/element_flow.h"
#include "core/transfer/landmarks.h"
#include "output/sheets.h"

namespace rl::app {

class StationView;

/// What all pages of Carry share: the lines as they will be carried, landmarks, the strokes and the cut shape of what
/// is in hand.
class CarryState final : public QObject {
    Q_OBJECT
public:
    /// The one of a station.
    static CarryState& of(Desk& desk, StationView& view);
    explicit CarryState(Desk& desk);

    struct Drawn {
        std::vector<transfer::Stroke> lines; ///< those chosen
        transfer::Landmarks landmarks; ///< of all lines
        std::vector<std::pair<int, int>> dense; ///< squares that ask for finer ones
        QImage image; ///< the chosen lines over the whole plan, on nothing
    };
    /// The newest; null until there is one.
    const Drawn* drawn() const { return m_drawn.last(); }
    bool current() const { return m_drawn.answer(linesKey()) != nullptr; }
    const transfer::ElementFlow* flow() const { return m_flow.answer(elementKey()); } ///< of what is in hand
    const output::PlacedShape* shape() const { return m_shape.answer(shapeKey()); }
    const Error* flowProblem() const { return m_flow.problem(); }
    bool mask() const { return m_mask; } ///< the shape is a mask, not a stencil
    void setMask(bool on);
    int turns() const { return m_turns; } ///< directions that the shape is cut from
    void setTurns(int turns);
    void wantLines();
    void wantFlow();
    void wantShape();
    bool busy() const { return m_drawn.running() || m_flow.running() || m_shape.running(); }

    bool traced(const std::string& what) const;
    static std::string landmarkName(int number) { return std::string("L").append(std::to_string(number)); } ///< from 1
    void setTraced(const std::string& what, bool on);
    /// The lines over the whole plan. \param k px a cm \param dark white lines on nothing
    static QImage lineImage(const std::vector<transfer::Stroke>& lines, const Project& project, double k, bool dark);

signals:
    void changed();

private:
    JobKey linesKey() const;
    JobKey elementKey() const;
    JobKey shapeKey() const;
    Desk& m_desk;
    bool m_mask = false;
    int m_turns = 1;
    Job<Drawn> m_drawn;
    Job<transfer::ElementFlow> m_flow;
    Job<output::PlacedShape> m_shape;
};

} // namespace rl::app
