#pragma once
#include "app/board/overlays/ellipse_marks.h"
#include "app/stations/stage/stage_page.h"
#include "core/stage/drawn.h"

namespace rl::app {

/// Shapes, solids, posed figures, turned things and ways, until there is a photograph.
class StandinsPage final : public StagePage {
public:
    static constexpr int kTracks = 100; ///< from here on a kind is a track
    StandinsPage(Desk& desk, StationView& view);
    QString says() const override;
    std::vector<Overlay*> overlays() override;
    void turnedTo() override { m_stage.setPosing(true); }
    void bend() { m_points.bend(); }
    Pointing pointing() const override { return {laying(), {}}; }
    void pointAt(Vec3 ground) override;

private:
    static QString nameOf(int kind);
    void standFields();
    void shapeFields();
    void begin(int i);
    void standUp();
    PointsWanted wanted();
    PointsWanted wantedCourse();
    void keep(const Result<stage::DrawnThing>& drawn, const QString& undo);
    Solid drawnSolid() const;
    QString measureWords(const Element& e) const;
    bool laying() const;
    EllipseMarks m_ellipses;
    int m_kind = int(Solid::Box);
};

} // namespace rl::app
