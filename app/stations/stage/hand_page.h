#pragma once
#include "app/stations/stage/stage_page.h"

namespace rl::app {

/// Where the element in hand stands, how tall it truly is and how tall on the canvas.
class HandPage final : public StagePage {
public:
    HandPage(Desk& desk, StationView& view);
    QString says() const override { return sizeWords(); }

private:
    void sizeFields();
    void placeFields();
    void keepUsual();
    void duplicate();
};

} // namespace rl::app
