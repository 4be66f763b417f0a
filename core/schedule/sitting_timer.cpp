#include "core/schedule/sitting_timer.h"
#include <cmath>

namespace rl::schedule {

void SittingTimer::begin(Instant now, int utcMinutes)
{
    m_sitting = {};
    m_sitting.began = now ? now : 1;
    m_sitting.utcMinutes = utcMinutes;
    m_paused = false;
}

void SittingTimer::turnTo(const std::string& task, WorkKind kind, int element, Instant now)
{
    if (!running())
        return;
    auto& spans = m_sitting.spans;
    if (!spans.empty() && spans.back().task == task && spans.back().element == element)
        return;
    if (!spans.empty() && spans.back().seconds < 1)
        spans.pop_back();
    spans.push_back({task, kind, element, now, 0});
}

void SittingTimer::advance(double seconds)
{
    if (!running() || !std::isfinite(seconds) || seconds <= 0 || seconds > 3600)
        return;
    if (m_paused || m_sitting.spans.empty())
        m_sitting.pausedSeconds += seconds;
    else
        m_sitting.spans.back().seconds += seconds;
}

double SittingTimer::worked() const
{
    double sum = 0;
    for (const WorkSpan& s : m_sitting.spans)
        sum += s.seconds;
    return sum;
}

double SittingTimer::workedOn(int element) const
{
    double sum = 0;
    for (const WorkSpan& s : m_sitting.spans)
        if (s.element == element)
            sum += s.seconds;
    return sum;
}

Sitting SittingTimer::end()
{
    Sitting s = std::move(m_sitting);
    m_sitting = {};
    m_paused = false;
    std::erase_if(s.spans, [](const WorkSpan& w) { return w.seconds < 5; });
    return s;
}

} // namespace rl::schedule
