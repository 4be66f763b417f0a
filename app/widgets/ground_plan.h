#pragma once
#include "core/base/geometry.h"
#include <QWidget>
#include <vector>

namespace rl::app {

/// The scene from above, or from the side. From above distances are drawn by their logarithm along straight lines of
/// sight, so that a figure at 5 m and a tower at 100 m both have room; angles are true. Knows no project: it is given a
/// scene and says what was taken hold of.
class GroundPlan final : public QWidget {
    Q_OBJECT
public:
    enum class View { Above, Side };
    explicit GroundPlan(View view, QWidget* parent = nullptr);

    /// What can be taken hold of.
    enum class Grip { None, Element, Lantern, Sun, Reach, Softness, Facing, Height, Haze };
    struct Thing {
        int id = 0;
        QString name;
        Vec3 at; ///< m
        double left = 0, right = 0, height = 0; ///< m, from its foot along its width
        double yaw = 0; ///< degrees
        std::vector<double> feet; ///< m along its width: where it touches the ground
        std::vector<Vec2> line; ///< X and Z, m: the course of a path
        // of a lantern:
        double reach = 0, radius = 0; ///< m
        double facing = -1; ///< degrees; negative = shines to all sides
    };
    struct Scene {
        std::vector<Thing> elements, lanterns;
        double fovDegrees = 50, eyeHeight = 1.7;
        bool sunOn = true;
        double sunAzimuth = 0, sunElevation = 10;
        double hazeM = 0; ///< distance at which the air halves contrast; 0 = clear
        int heldElement = 0, heldLantern = 0;
        bool withLights = true; ///< sun, haze and what a lantern does
        std::vector<Vec2> pointed; ///< X and Z, m: places being pointed at
    };
    void show(Scene scene);
    /// Clicks point at places on the ground instead of taking hold.
    void setPointing(bool on);
    bool drop(); ///< Escape: what is being dragged goes back. \return whether something was
    QPointF toScreen(Vec3 at) const;
    QPointF sunHandle() const;
    /// Where a grip of what is held can be taken; null where it has none.
    QPointF gripAt(Grip grip) const;
    /// Labels as they lie, for tests: none over another.
    std::vector<QRectF> labelRects() const;
    QSize sizeHint() const override { return {260, 220}; }

signals:
    void elementHeld(int id);
    void lanternHeld(int id);
    void elementMoved(int id, rl::Vec3 to, int gesture);
    void lanternMoved(int id, rl::Vec3 to, int gesture);
    void sunMoved(double azimuth, double elevation, int gesture);
    /// A ring, arm, rod or line: m or degrees.
    void gripMoved(rl::app::GroundPlan::Grip grip, int id, double value, int gesture);
    void released();
    void dropped(); ///< the drag is given up: what it did is to be undone
    void groundPointed(rl::Vec3 at);
    void enlargeWanted(); ///< double click

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;

private:
    struct Label {
        QRectF at;
        QPointF of; ///< what it names
        QString words;
        bool held = false, led = false; ///< led: a line leads to it
    };
    QPointF station() const;
    double reach() const; ///< screen px of one folded metre
    Vec3 fromScreen(QPointF p, Vec3 before) const;
    double farthest() const;
    double highest() const;
    const Thing* held(const std::vector<Thing>& all, int id) const;
    QPolygonF ringAbout(Vec3 at, double metres) const;
    std::vector<Label> labels() const;
    void paintAbove(QPainter& p) const;
    void paintSide(QPainter& p) const;
    void paintLights(QPainter& p) const;
    void paintGrips(QPainter& p) const;
    void paintLabels(QPainter& p) const;
    void moveThing(QPointF to);
    void moveGrip(QPointF to);
    View m_view;
    Scene m_scene;
    Grip m_grip = Grip::None;
    int m_heldId = 0, m_gesture = 0;
    bool m_pointing = false, m_moved = false;
    QPointF m_pressed;
};

} // namespace rl::app
