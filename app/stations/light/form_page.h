#pragma once
#include "app/board/overlays/relief_shapes.h"
#include "app/stations/light/light_page.h"

namespace rl::app {

/// How the element in hand takes light: form, surface, parts, ridges, eyes.
class FormPage final : public LightPage {
public:
    FormPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    std::vector<Overlay*> overlays() override { return {&m_shapes, &m_marks}; }

private:
    void surfaceFields();
    void partFields();
    void ridgeFields();
    PointsWanted wantedPart();
    PointsWanted wantedRidge();
    PointsWanted wantedEye();
    void takeAway();
    bool relief() const; ///< it has one that can be shaped
    std::optional<std::vector<Vec2>> sharesOf(const std::vector<OutlinePoint>& points) const;
    ReliefShapes m_shapes;
    double m_ridgeHeight = 1, m_ridgeWidth = 0.08;
};

} // namespace rl::app
