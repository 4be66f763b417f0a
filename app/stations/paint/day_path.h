#pragma once
#include "app/stations/paint/paint_state.h"
#include <QWidget>

namespace rl::app {

/// A path of days: sittings as stepping stones with how the canvas should look at their end, what dries as water
/// between them; stones that lie behind show their photograph or are worn flat. A click takes one in hand.
class DayPath final : public QWidget {
    Q_OBJECT
public:
    DayPath(Desk& desk, PaintState& state);
    void refresh();
    QPointF stoneAt(int sitting) const; ///< its middle
    QSize sizeHint() const override;
    void step(int by);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    struct Stone {
        QRectF at;
        int sitting = 0; ///< −1: behind
        double dryHours = 0; ///< of water before it
        QString day, what;
        int photo = 0;
    };
    void lay();
    void show(int stone);
    Desk& m_desk;
    PaintState& m_state;
    std::vector<Stone> m_stones;
    double m_scroll = 0, m_whole = 0;
};

} // namespace rl::app
