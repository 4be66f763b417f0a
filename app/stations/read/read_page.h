#pragma once
#include "app/board/overlays/contour_marks.h"
#include "app/desk/job.h"
#include "app/stations/read/read_looks.h"
#include "app/stations/station.h"

class QButtonGroup;
class QLabel;

namespace rl::app {

class Chips;
class Ladders;

/// What a viewer will see: contours, values, silhouettes, squinted; the measured order against the intended one.
class ReadPage final : public Page {
public:
    explicit ReadPage(Desk& desk);
    QString says() const override;
    void refresh() override;
    QWidget* over() override { return m_strip; }
    std::vector<Overlay*> overlays() override;
    QImage look() override;
    bool busy() const override { return m_made.running() || m_seen.running(); }
    void choose(Look look);

private:
    /// What is made of one picture for the bench: chips and small pictures.
    struct Seen {
        std::vector<reading::ValueStep> steps;
        QImage silhouettes, squinted, small;
    };
    JobKey lookKey() const;
    JobKey seenKey() const;
    void ask();
    void valueFields();
    void keyField();
    void beads(); ///< that part the values
    void lookFields();
    void report();
    double squintedFromCm() const;
    QString valuesSaid() const;
    QString shapesSaid() const;
    QString coloursSaid() const;
    QWidget* smallPictures();
    QButtonGroup* m_looks;
    QWidget* m_strip = nullptr; ///< values, ladders and small pictures, over the large one
    Ladders* m_ladders;
    Chips* m_chips;
    QLabel* m_small[3];
    Look m_look = Look::Contours;
    int m_steps = 3;
    double m_fromM = 0; ///< squinted from there; 0 = the viewing distance
    Gesture m_gesture{m_desk.document}; ///< a bead that is being dragged
    ContourMarks m_contours;
    Job<QImage> m_made;
    Job<Seen> m_seen;
    Job<QString> m_report;
};

} // namespace rl::app
