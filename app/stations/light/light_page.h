#pragma once
#include "app/board/overlays/lantern_marks.h"
#include "app/board/tools/lantern_tool.h"
#include "app/board/tools/pick_tool.h"
#include "app/stations/drawing_page.h"

namespace rl::app {

class StudyPage;

/// What the pages of the light share: lanterns are seen and carried on the board, elements picked, and the zones or the
/// photographs of the study page are looked at from all of them.
class LightPage : public DrawingPage {
public:
    LightPage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    std::vector<Tool*> tools() override { return {&m_points, &m_carry, &m_pick}; }
    std::vector<Overlay*> overlays() override { return {&m_marks}; }
    QImage look() override;

protected:
    StudyPage* study() const;
    LanternTool m_carry;
    PickTool m_pick;
    LanternMarks m_marks;
};

} // namespace rl::app
