#pragma once
#include "app/board/overlays/vanishing_lines.h"
#include "app/stations/stage/stage_page.h"

namespace rl::app {

/// Eye level, eye height, and how wide the view is.
class SpacePage final : public StagePage {
public:
    SpacePage(Desk& desk, StationView& view);
    ~SpacePage() override;
    std::vector<Tool*> tools() override;
    void askEyes(); ///< a line is dragged in the picture to where the camera was
    QString says() const override;
    void refresh() override;
    std::vector<Overlay*> overlays() override;
    bool busy() const override { return !m_vanishing.idle(); }
    void toggleLines();
    const VanishingLines& vanishing() const { return m_vanishing; }

private:
    class EyeLine;
    PointsWanted uprightWanted();
    PointsWanted knownWanted();
    double m_knownM = 1.7; ///< of what the eye height is told by
    std::unique_ptr<EyeLine> m_eyes;
    bool m_asking = false;
    QPushButton* m_lines;
    VanishingLines m_vanishing;
};

} // namespace rl::app
