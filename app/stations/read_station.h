#pragma once
#include "app/stations/station.h"

class QComboBox;
class QLabel;
class QSlider;
class QButtonGroup;

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

class ReadStation final : public StationView {
    Q_OBJECT
public:
    explicit ReadStation(Workbench& bench);
    Station station() const override { return Station::Read; }
    QWidget* bench() override { return m_bench; }
    int benchHeight() const override { return 178; }
    void refresh() override;
    void paintOver(QPainter& painter, const Board& board) override;
    QImage replacement() override;

private:
    void choose(int look);
    QWidget* m_bench;
    QButtonGroup* m_looks;
    QSlider* m_steps;
    QLabel *m_glances, *m_stepsLabel;
    QLabel* m_small[3];
    Ladders* m_ladders;
    Chips* m_chips;
    int m_look = 0;
    QImage m_made;
    const void* m_madeFrom = nullptr;
    int m_madeLook = -1, m_madeSteps = 0;
    const void* m_smallFrom = nullptr;
};

} // namespace rl::app
