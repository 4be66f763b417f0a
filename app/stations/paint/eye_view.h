#pragma once
#include "app/stations/paint/paint_state.h"
#include "core/trainer/exercise.h"
#include <QWidget>

namespace rl::app {

/// One exercise after the other; a click or a number answers.
class EyeView final : public QWidget {
    Q_OBJECT
public:
    EyeView(PaintState& state, trainer::Skill skill, unsigned seed);
    const trainer::Exercise& exercise() const { return m_exercise; }
    const trainer::Staircase& staircase() const { return m_stairs; }
    void answer(int which);

signals:
    void settled(double threshold);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    void ask();
    QRectF place() const; ///< of the picture
    PaintState& m_state;
    trainer::Skill m_skill;
    trainer::Staircase m_stairs;
    trainer::Exercise m_exercise;
    QImage m_image;
    unsigned m_seed;
    QString m_told;
    bool m_done = false;
};

} // namespace rl::app
