#pragma once
#include "app/stations/station.h"
#include "core/cutout/cut.h"
#include <QFutureWatcher>

class QLineEdit;
class QLabel;
class QPushButton;
class QCheckBox;
class QComboBox;

namespace rl::app {

/// Outlines drawn as threads over a photograph; the program pulls them onto the edge and softens it.
class CutStation final : public StationView {
    Q_OBJECT
public:
    explicit CutStation(Workbench& bench);
    Station station() const override { return Station::Cut; }
    QWidget* bench() override { return m_bench; }
    QWidget* centre() override { return m_photo; }
    int benchHeight() const override { return 108; }
    void refresh() override;

    void paintOver(QPainter& painter, const Board& board) override;
    bool press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void move(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void release(Vec2 at, const Board& board) override;
    bool key(QKeyEvent* e) override;
    QImage replacement() override { return m_image; }
    Board* photo() { return m_photo; }
    bool cutting() const { return m_watcher.isRunning(); }

private:
    void takeUp(); ///< the held picture's cut-out, or a fresh one
    void closeLine();
    void runCut();
    void takeCut();
    void stand();
    void say();
    double pxPerCm() const;
    QWidget* m_bench;
    Board* m_photo;
    QComboBox* m_which;
    QLabel* m_says;
    QCheckBox *m_curved, *m_hole;
    QDoubleSpinBox *m_band, *m_pull;
    QLineEdit* m_name;
    QPushButton *m_cut, *m_stand, *m_clear;
    QImage m_image, m_veil;
    const void* m_shown = nullptr;
    const void* m_veiled = nullptr;
    const void* m_judged = nullptr;
    cutout::EdgeQuality m_quality; ///< of the matte last judged
    int m_reference = 0, m_cutout = 0;
    std::vector<Outline> m_pieces; ///< as drawn; the project gets them with the cut
    Outline m_open; ///< the line being drawn
    int m_heldPiece = -1, m_heldPoint = -1;
    QFutureWatcher<cutout::Cut> m_watcher;
    QFutureWatcher<cutout::EdgeQuality> m_judging;
    int m_cuttingReference = 0;
};

} // namespace rl::app
