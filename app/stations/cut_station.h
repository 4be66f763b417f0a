#pragma once
#include "app/stations/station.h"
#include "core/cutout/bend.h"
#include "core/cutout/cut.h"
#include "core/stage/match.h"
#include <QFutureWatcher>
#include <atomic>

class QLineEdit;
class QLabel;
class QPushButton;
class QToolButton;
class QCheckBox;
class QComboBox;
class QStackedWidget;
class QProgressBar;

namespace rl::app {

/// Ways of working on a picture here; the first three cut out and mix freely.
enum class Way { Thread, Touch, Ground, Bend, Match, Patch };
inline constexpr int kWayCount = 6;

/// Things cut out of a photograph: threads drawn along the edge, strokes that say in and out, plain grounds; then bent
/// by pins, matched to the backdrop; and unwanted things painted out. The photograph itself is never changed.
class CutStation final : public StationView {
    Q_OBJECT
public:
    explicit CutStation(Workbench& bench);
    ~CutStation() override;
    Station station() const override { return Station::Cut; }
    QWidget* bench() override { return m_bench; }
    QWidget* centre() override { return m_photo; }
    int benchHeight() const override { return 150; }
    void refresh() override;

    void paintOver(QPainter& painter, const Board& board) override;
    bool press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void move(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void release(Vec2 at, const Board& board) override;
    bool key(QKeyEvent* e) override;
    QImage replacement() override { return m_image; }
    Board* photo() { return m_photo; }
    bool cutting() const { return m_watcher.isRunning() || m_patching.isRunning(); }
    void setWay(Way way);

private:
    // The bench.
    QWidget* buildWays();
    QWidget* buildThread();
    QWidget* buildTouch();
    QWidget* buildGround();
    QWidget* buildBend();
    QWidget* buildMatch();
    QWidget* buildPatch();
    void connectAll();
    // What is in hand.
    void takeUp(); ///< the held picture's cut-out, or a fresh one
    void loadPicture(const Reference& r);
    void showVeil(const Mask& alpha);
    Cutout present() const; ///< the cut-out as it is said now, matte as it was
    double pxPerCm() const;
    const Element* standing() const; ///< the first element made of it
    // Threads.
    void closeLine();
    bool pressThread(Vec2 at, double near);
    void drawThreads(QPainter& p, const Board& board);
    // Strokes and holes to paint out, at most kMarks px on the long side.
    void beginStroke(Vec2 at);
    void strokeTo(Vec2 at);
    void endStroke();
    void drawMarks(QPainter& p, const Board& board);
    // Pins.
    bool pressPin(Vec2 at, double near);
    void movePin(Vec2 at);
    void keepPins();
    void drawBend(QPainter& p, const Board& board);
    // Running.
    void runCut();
    void takeCut();
    void runPatch();
    void takePatch();
    void measureMatch();
    void applyMatch();
    void stand();
    void say();
    void sayMatch();
    struct Job {
        cutout::Cut cut;
        bool rough = false; ///< a first look; the fine one follows
    };
    void start(bool rough);
    QWidget* m_bench;
    Board* m_photo;
    QComboBox *m_which, *m_mark;
    QLabel *m_says, *m_matchSays;
    std::vector<QToolButton*> m_ways;
    QStackedWidget* m_pages;
    QCheckBox *m_curved, *m_hole, *m_free;
    QDoubleSpinBox *m_band, *m_pull, *m_width, *m_tolerance, *m_amount, *m_dim, *m_patchWidth;
    QLineEdit* m_name;
    QPushButton *m_cut, *m_stand, *m_clear, *m_patch, *m_stop;
    Way m_way = Way::Thread;
    QImage m_image, m_veil;
    QFutureWatcher<QImage> m_loading;
    const void* m_shown = nullptr;
    const void* m_veiled = nullptr;
    const void* m_judged = nullptr;
    cutout::EdgeQuality m_quality; ///< of the matte last judged
    int m_reference = 0, m_cutout = 0;
    std::vector<Outline> m_pieces; ///< as drawn; the project gets them with the cut
    std::vector<PlainGround> m_grounds;
    std::vector<Pin> m_pins;
    Outline m_open; ///< the line being drawn
    int m_heldPiece = -1, m_heldPoint = -1, m_heldPin = -1;
    bool m_freehand = false, m_stroking = false, m_pinning = false; ///< the hand is at it
    Vec2 m_corner, m_last; ///< of a rectangle or a stroke, px
    QImage m_marks, m_holeMarks; ///< Grayscale8: 255 in, 0 out, 128 unknown; hole: 255 to fill
    QImage m_marksTint; ///< the marks as shown
    const void* m_marksOf = nullptr; ///< the project's strokes that m_marks shows
    cutout::Bend::Bent m_bent; ///< small, as shown while pins move
    double m_bentScale = 1;
    QFutureWatcher<Job> m_watcher;
    QFutureWatcher<cutout::EdgeQuality> m_judging;
    QFutureWatcher<Photo> m_patching;
    QFutureWatcher<Tone> m_toning;
    Tone m_proposed; ///< the whole match, measured for the element and project below
    int m_proposedFor = 0;
    bool m_applyWhenMeasured = false;
    std::atomic<bool> m_giveUp = false;
    bool m_again = false;
    int m_cuttingReference = 0, m_gesture = -1;
};

} // namespace rl::app
