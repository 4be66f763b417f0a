#pragma once
#include "app/stations/stage/stage_page.h"
#include <array>

namespace rl::app {

/// Lines to compose by, each explained and measured.
class GuidesPage final : public StagePage {
public:
    GuidesPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;

private:
    PointsWanted corners();
    PointsWanted meet();
    std::array<QToolButton*, std::size_t(kGuideCount)> m_buttons{};
};

} // namespace rl::app
