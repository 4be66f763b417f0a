#pragma once
#include "app/board/overlays/pointed_places.h"
#include "app/desk/job.h"
#include "app/stations/stage/stage_page.h"
#include "core/stage/kin.h"

namespace rl::app {

/// Many of one kind without a copy among them, and patterns laid over a surface.
class KinPage final : public StagePage {
public:
    KinPage(Desk& desk, StationView& view);
    QString says() const override;
    void forget() override { m_pointed.clear(); }
    void refresh() override;
    std::vector<Overlay*> overlays() override;
    bool busy() const override { return m_like.running(); }
    Pointing pointing() const override { return {m_points.active(), m_pointed}; }
    void pointAt(Vec3 ground) override;
    void scatter();
    std::vector<Vec2> pointed() const; ///< X and Z, m

private:
    void kinFields();
    void patternFields();
    PointsWanted wanted();
    JobKey key() const;
    PointedPlaces m_places;
    Job<std::vector<stage::Likeness>> m_like;
    stage::KinWish m_wish{0, 6, stage::Spread::Path, {}, 40, 0.25, true, 0.15, 1};
    std::vector<Vec2> m_pointed;
};

} // namespace rl::app
