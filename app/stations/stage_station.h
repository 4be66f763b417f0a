#pragma once
#include "app/stations/station.h"
#include "app/widgets/ground_plan.h"
#include "app/widgets/vanishing_lines.h"

class QComboBox;
class QLabel;
class QPushButton;
class QLineEdit;

namespace rl::app {

/// Elements on the ground under one eye level: dragged in the picture or on the plan, both follow.
class StageStation final : public StationView {
    Q_OBJECT
public:
    explicit StageStation(Workbench& bench);
    Station station() const override { return Station::Stage; }
    QWidget* bench() override { return m_bench; }
    int benchHeight() const override { return 196; }
    void refresh() override;

    void paintOver(QPainter& painter, const Board& board) override;
    bool press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void move(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void release(Vec2 at, const Board& board) override;
    bool key(QKeyEvent* e) override;

    const VanishingLines& vanishing() const { return m_vanishing; }

private:
    void editElement(const QString& what, const std::function<void(Element&)>& change, int gesture = -1);
    void mirror();
    void takeAway();
    QWidget* m_bench;
    GroundPlan* m_plan;
    QDoubleSpinBox *m_horizon, *m_eye, *m_fov, *m_height, *m_altitude, *m_x, *m_y;
    QComboBox *m_which, *m_cast;
    QLabel* m_sizes;
    QPushButton *m_mirror, *m_lines;
    VanishingLines m_vanishing;
    enum class Held { None, Element, Horizon, Foot } m_held = Held::None;
    Vec2 m_grip;
    int m_gesture = 0;
};

/// The element drawn at a canvas point, nearest first; 0 = none.
int elementAt(const LitWork& lit, Vec2 canvasCm);
/// Frames the held element on the board.
void paintHeld(QPainter& painter, const Board& board, const Project& project, Workbench& work);

} // namespace rl::app
