#pragma once
#include "core/stage/surface.h"
#include <QWidget>

namespace rl::app {

/// The scene from above, or from the side. From above distances are drawn by their logarithm along straight lines of
/// sight, so that a figure at 5 m and a tower at 100 m both have room; angles are true.
class GroundPlan final : public QWidget {
    Q_OBJECT
public:
    enum class View { Above, Side };
    explicit GroundPlan(View view, QWidget* parent = nullptr);

    struct Thing {
        int id = 0;
        QString name;
        Vec3 at; ///< m
        double halfWidth = 0, height = 0; ///< m
        double yaw = 0; ///< degrees
        std::vector<Vec2> line; ///< X and Z, m: the course of a path
    };
    struct Scene {
        std::vector<Thing> elements, lanterns;
        double fovDegrees = 50, eyeHeight = 1.7;
        bool sunOn = true;
        double sunAzimuth = 0, sunElevation = 10;
        int heldElement = 0, heldLantern = 0;
        bool withLights = true;
        std::vector<Vec2> pointed; ///< X and Z, m: places being pointed at
        double perspectiveCm = 0; ///< from where the canvas should be seen for its perspective to be true; 0 = not said
    };
    void show(Scene scene);
    /// Clicks point at places on the ground instead of taking hold.
    void setPointing(bool on);
    QPointF toScreen(Vec3 at) const;
    QPointF sunHandle() const;
    QSize sizeHint() const override { return {330, 190}; }

signals:
    void elementHeld(int id);
    void lanternHeld(int id);
    void elementMoved(int id, rl::Vec3 to, int gesture);
    void lanternMoved(int id, rl::Vec3 to, int gesture);
    void sunMoved(double azimuth, double elevation, int gesture);
    void released();
    void groundPointed(rl::Vec3 at);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    QPointF station() const;
    double reach() const; ///< screen px of 200 m
    Vec3 fromScreen(QPointF p, Vec3 before) const;
    double farthest() const;
    double highest() const;
    void paintAbove(QPainter& p) const;
    void paintSide(QPainter& p) const;
    View m_view;
    Scene m_scene;
    enum class Held { None, Element, Lantern, Sun } m_held = Held::None;
    int m_heldId = 0, m_gesture = 0;
    bool m_pointing = false, m_moved = false;
    QPointF m_pressed;
};

/// The scene of a project as the plan shows it.
GroundPlan::Scene planOf(const Project& project, stage::SurfaceCache& cache);

} // namespace rl::app
