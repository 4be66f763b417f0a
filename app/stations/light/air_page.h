#pragma once
#include "app/board/overlays/focal_place.h"
#include "app/stations/light/light_page.h"

namespace rl::app {

/// Haze, mist, beams, wet ground, falling-off light, dust and rain.
class AirPage final : public LightPage {
public:
    AirPage(Desk& desk, StationView& view);
    QString says() const override;
    std::vector<Overlay*> overlays() override { return {&m_place, &m_marks}; }

private:
    void mistFields();
    void layMist();
    void liftMist();
    PointsWanted focal();
    FocalPlace m_place;
};

} // namespace rl::app
