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
    void feetFields();
    std::vector<stage::Foot> feet() const;
    std::optional<stage::Foot> foot() const;
    void keepUsual();
    void duplicate();
    int m_foot = 0; ///< which of its feet is spoken of, from the left of its picture
};

} // namespace rl::app
