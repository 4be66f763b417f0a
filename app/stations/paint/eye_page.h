#pragma once
#include "app/stations/paint/paint_page.h"
#include "core/trainer/exercise.h"

namespace rl::app {

/// What an eye can do, kept on this machine: thresholds by day.
struct EyeRecord {
    QString day; ///< YYYY-MM-DD
    double threshold = 0; ///< in the skill's unit
};
std::vector<EyeRecord> eyeRecords(trainer::Skill skill);
void keepEyeRecord(trainer::Skill skill, const EyeRecord& record);

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

/// Progress as a line over days.
class EyePlot final : public QWidget {
public:
    EyePlot();
    void show(trainer::Skill skill);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    trainer::Skill m_skill = trainer::Skill::Value;
    std::vector<EyeRecord> m_records;
};

/// The eye trainer: two minutes a day.
class EyePage final : public PaintPage {
    Q_OBJECT
public:
    EyePage(Desk& desk, StationView& view);
    QString says() const override;
    void show() override;
    void practise();
    EyeView* view() const { return m_view.get(); }

private:
    trainer::Skill m_skill = trainer::Skill::Value;
    std::unique_ptr<EyeView> m_view;
    EyePlot* m_plot;
};

} // namespace rl::app
