#pragma once
#include "app/board/overlays/sky_arcs.h"
#include "app/stations/light/light_page.h"

namespace rl::app {

/// Sun or moon, the sky's fill, and what throws light back.
class SkyPage final : public LightPage {
public:
    SkyPage(Desk& desk, StationView& view);
    QString says() const override;
    std::vector<Overlay*> overlays() override;

private:
    void sunFields();
    void dayField();
    void skyFields();
    void backdropFields();
    SkyArcs m_arcs;
};

} // namespace rl::app
