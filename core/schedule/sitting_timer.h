#pragma once
#include "core/project/painting.h"

namespace rl::schedule {

/// A sitting under way. Work is counted in seconds that a steady clock has told; what o'clock it was is only noted, so
/// a clock that is set, midnight or a day of 25 hours takes nothing away and gives nothing.
class SittingTimer {
public:
    /// \param now, utcMinutes by the wall clock
    void begin(Instant now, int utcMinutes);
    bool running() const { return m_sitting.began != 0; }
    bool paused() const { return m_paused; }
    /// Works on that from here on. \param now by the wall clock
    void turnTo(const std::string& task, WorkKind kind, int element, Instant now);
    void pause(bool on) { m_paused = on; }
    /// A steady clock has gone on. Less than nothing, and more than an hour at a time (the machine slept), is not work.
    void advance(double seconds);
    double worked() const; ///< s
    double workedOn(int element) const; ///< s
    const Sitting& sitting() const { return m_sitting; }
    Sitting& notes() { return m_sitting; } ///< its words may be changed
    Sitting end(); ///< spans of under five seconds are left out

private:
    Sitting m_sitting;
    bool m_paused = false;
};

} // namespace rl::schedule
