#pragma once
#include "core/trainer/exercise.h"
#include <QWidget>

namespace rl::app {

/// What an eye can do, kept on this machine: thresholds by day.
struct EyeRecord {
    QString day; ///< YYYY-MM-DD
    double threshold = 0; ///< in the skill's unit
};
std::vector<EyeRecord> eyeRecords(trainer::Skill skill);
void keepEyeRecord(trainer::Skill skill, const EyeRecord& record);

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

} // namespace rl::app
