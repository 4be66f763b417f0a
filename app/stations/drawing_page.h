#pragma once
#include "app/board/tools/points_tool.h"
#include "app/stations/station.h"

namespace rl::app {

/// A page on which things are drawn by points: a latch starts it and is down while it is under way.
class DrawingPage : public Page {
public:
    DrawingPage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    void left() override { m_points.end(); }

protected:
    /// \param wanted what is to be drawn, asked for when the latch goes down
    QPushButton* drawLatch(const QString& name, const QString& text, const QString& tip,
        std::function<PointsWanted()> wanted, std::function<bool()> shown = {});
    StationView& m_view;
    PointsTool m_points;
};

} // namespace rl::app
