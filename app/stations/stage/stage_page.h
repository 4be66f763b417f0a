#pragma once
#include "app/board/overlays/guide_lines.h"
#include "app/board/overlays/held_frame.h"
#include "app/board/overlays/horizon_line.h"
#include "app/board/tools/stage_tool.h"
#include "app/stations/drawing_page.h"

namespace rl::app {

/// What the pages of the stage share: things are dragged on the board, the horizon and the held element are seen.
class StagePage : public DrawingPage {
public:
    StagePage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    std::vector<Tool*> tools() override { return {&m_points, &m_stage}; }
    std::vector<Overlay*> overlays() override { return {&m_horizon, &m_guides, &m_frame}; }

protected:
    QString sizeWords() const; ///< of the held element
    StageTool m_stage;
    HorizonLine m_horizon;
    GuideLines m_guides;
    HeldFrame m_frame;
};

} // namespace rl::app
