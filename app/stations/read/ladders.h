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

/// Value steps as paint chips, each as wide as its share of the canvas.
class Chips final : public QWidget {
public:
    Chips();
    void show(std::vector<reading::ValueStep> steps);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<reading::ValueStep> m_steps;
};

} // namespace rl::app
