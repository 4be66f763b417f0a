#pragma once
#include "core/reading/values.h"
#include <QWidget>

namespace rl::app {

/// Intended and measured order as two ladders joined by threads; crossed threads are the trouble.
class Ladders final : public QWidget {
public:
    struct Rung {
        int cast = 0;
        QString name;
        double share = 0;
    };
    Ladders();
    void show(std::vector<Rung> intended, std::vector<Rung> measured);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Rung> m_intended, m_measured;
};

/// Value steps as paint chips, each as wide as its share of the canvas; under them a thread from black to white with a
/// bead wherever one step ends and the next begins.
class Chips final : public QWidget {
    Q_OBJECT
public:
    Chips();
    void show(std::vector<reading::ValueStep> steps);
    QPoint beadAt(int index) const;

signals:
    void boundsMoved(const std::vector<double>& bounds, bool done); ///< L*, ascending

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int threadY() const;
    void moveBead(double L, bool done);
    std::vector<reading::ValueStep> m_steps;
    int m_bead = -1;
    bool m_dragging = false;
};

} // namespace rl::app
