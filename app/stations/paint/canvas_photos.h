#pragma once
#include "app/stations/paint/work_in_hand.h"

namespace rl::app {

/// The photographs of the canvas: the one in hand held against the stage, all of them small to leaf through.
class CanvasPhotos final : public QObject {
    Q_OBJECT
public:
    CanvasPhotos(Desk& desk, SittingClock& clock, WorkInHand& work);

    int id() const { return m_photo; } ///< of the work's; 0: none
    const CanvasPhoto* held() const;
    void hold(int id);
    void take(Reference picture); ///< of the canvas, now
    const survey::WorkSurvey* compared() const { return m_photo ? m_survey.last() : nullptr; }
    void compare(); ///< asks for the comparison of the one in hand
    bool comparing() const { return m_survey.running(); }
    double progress() const { return m_progress; }
    QImage firstLook() const { return m_survey.running() ? m_firstLook : QImage(); } ///< squared up roughly
    QImage small(int photo) const; ///< squared up, small; null while it is made

    const Error* problem() const { return m_survey.problem(); }
    void stop() { m_survey.stop(); }
    bool stopped() const { return m_photo && m_survey.refuses(surveyKey()); }
    void again();

signals:
    void changed();

private:
    JobKey surveyKey() const;
    const Reference* earlierThan(const CanvasPhoto& photo, survey::PhotoSaid& words) const;
    std::function<void(const Photo&)> tellsFirstLook();
    void wantSmall();
    Desk& m_desk;
    SittingClock& m_clock;
    WorkInHand& m_work;
    Job<survey::WorkSurvey> m_survey;
    using Smalls = std::map<int, QImage>; ///< by the photograph's id
    Job<Smalls> m_smallJob;
    Smalls m_smalls;
    QImage m_firstLook;
    int m_photo = 0;
    double m_progress = 0;
};

} // namespace rl::app
