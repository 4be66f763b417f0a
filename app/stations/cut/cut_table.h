#pragma once
#include "app/board/board.h"
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/cutout/cut.h"

namespace rl::app {

/// What lies on the cutting table: one picture, its cut-out as it is said (threads, strokes, plain grounds), and the
/// jobs that work it out. The photograph itself is never changed.
class CutTable final : public QObject {
    Q_OBJECT
public:
    CutTable(Desk& desk, Board& photo);

    enum class Mark { Rectangle, In, Out, Unsure };
    const Reference* picture() const { return m_desk.project().reference(m_reference); }
    const Cutout* cutout() const { return m_desk.project().cutout(m_cutout); }
    const Element* standing() const; ///< the first element made of it
    bool cutOut() const { return cutout() && !cutout()->alpha.empty(); }
    Board& photo() { return m_photo; }
    void refresh(); ///< takes up what is held; what the hand is at stays in the hand

    // As it is said now.
    std::vector<Outline>& pieces() { return m_pieces; }
    std::vector<PlainGround>& grounds() { return m_grounds; }
    QImage& marks() { return m_marks; } ///< Grayscale8: 255 in, 0 out, 128 unknown; at most 1600 px on a side
    bool said() const { return !m_pieces.empty() || !m_grounds.empty() || !m_marks.isNull(); }
    double bandPx = 8, pullPx = 5, toleranceE = 8, strokePx = 24, brushPx = 40;
    Mark mark() const { return m_mark; }
    void setMark(Mark mark);
    bool curved = false, hole = false, freeHand = false;
    void toggleCurved() { flip(curved); }
    void toggleHole() { flip(hole); }
    void toggleFree() { flip(freeHand); }

    void cut(); ///< from all that was said; anew when it is being cut already
    void keepStrokes(); ///< at once, and cuts; the cut joins the same step
    void beginAgain();
    void stop();
    bool cutting() const { return m_cut.running(); }
    bool working() const { return m_cut.running() || m_load.running() || m_edge.running(); }
    void setBusyHand(bool on) { m_busyHand = on; } ///< nothing is taken up anew meanwhile
    const cutout::EdgeQuality* quality() const; ///< of the matte; null while it is being measured
    double pxPerCm() const; ///< where it stands; 0 = nowhere
    QImage image() const { return m_image; }
    QImage veil() const { return m_veil; }
    void stand(const QString& name); ///< in the scene

signals:
    void changed();

private:
    struct Made {
        cutout::Cut cut;
        bool rough = false; ///< a first look; the fine one follows
    };
    void flip(bool& value);
    void takeUp(); ///< the held picture's cut-out, or a fresh one
    void load(const Reference& r);
    void showVeil(const Mask& alpha);
    Cutout present(); ///< the cut-out as it is said now, matte as it was
    void start(bool rough);
    void takeCut();
    Desk& m_desk;
    Board& m_photo;
    Mark m_mark = Mark::Rectangle;
    int m_reference = 0, m_cutout = 0, m_count = 0, m_gesture = -1, m_cuttingReference = 0;
    std::vector<Outline> m_pieces;
    std::vector<PlainGround> m_grounds;
    QImage m_image, m_veil, m_marks;
    Mask m_veiled, m_marksOf; ///< what the veil and the marks show
    LazyPhoto m_loaded;
    bool m_busyHand = false, m_marksChanged = false, m_touched = false;
    Job<QImage> m_load;
    Job<Made> m_cut;
    Job<cutout::EdgeQuality> m_edge;
};

} // namespace rl::app
