#pragma once
#include "core/survey/work_survey.h"
#include <QImage>

namespace rl::app {

/// What a compared photograph of the canvas looks like on the board, and the stage wiped over it.
class PhotoLook {
public:
    enum NumberFormat { Even, Squared, Stage, Raw, Since };
    int shown = Even;
    double sash = 1; ///< 0…1 of the width: right of it the stage
    bool has(const survey::WorkSurvey& survey) const; ///< what is to be shown
    /// \param wide, high of the canvas, any unit
    QImage of(const survey::WorkSurvey& survey, double wide, double high);

private:
    const QImage& base(const survey::WorkSurvey& survey, double wide, double high);
    QImage m_base, m_over; ///< what lies on the board; the stage to be wiped over it
    Photo m_baseOf; ///< the stage of that comparison, held so that no other takes its place
    int m_baseShown = -1;
};

} // namespace rl::app
