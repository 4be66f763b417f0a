#pragma once
#include "app/stations/paint/paint_state.h"
#include <QWidget>

namespace rl::app {

/// For a tablet or a screen two metres away: one thing at a time, in big type. One key goes on: Space (or a touch
/// anywhere) begins, pauses and goes on; Enter ticks what is done and takes the next; Esc leaves.
class EaselView final : public QWidget {
    Q_OBJECT
public:
    EaselView(Desk& desk, PaintState& state);
    QString sentence() const; ///< short enough to be read out
    void oneKey();
    void tickAndNext();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    QImage region() const; ///< this task's part of the stage, enlarged
    Desk& m_desk;
    PaintState& m_state;
};

} // namespace rl::app
