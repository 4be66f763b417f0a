#pragma once
#include "app/stations/station.h"
#include "core/transfer/lineart.h"

class QComboBox;
class QCheckBox;
class QLabel;
class QPushButton;
class QProgressBar;

namespace rl::app {

/// The sheets as they will come out of the printer, laid over the canvas.
class CarryStation final : public StationView {
    Q_OBJECT
public:
    explicit CarryStation(Workbench& bench);
    ~CarryStation() override;
    Station station() const override { return Station::Carry; }
    QWidget* bench() override { return m_bench; }
    int benchHeight() const override { return 106; }
    void refresh() override;
    void paintOver(QPainter& painter, const Board& board) override;
    QImage replacement() override;
    void writeTo(const QString& path); ///< the PDF, in the background
    bool writing() const { return m_writing; }

signals:
    void written(bool ok);

private:
    struct Job;
    void chooseFile();
    QWidget* m_bench;
    QComboBox *m_what, *m_paper, *m_side;
    QCheckBox* m_grid;
    QDoubleSpinBox* m_overlap;
    QLabel* m_says;
    QPushButton *m_write, *m_cancel;
    QProgressBar* m_bar;
    std::vector<transfer::Stroke> m_lines;
    const void* m_linesFrom = nullptr;
    std::shared_ptr<Job> m_job;
    bool m_writing = false;
};

} // namespace rl::app
