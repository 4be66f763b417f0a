#pragma once
#include "app/stations/cut/cut_pages.h"
#include "core/stage/match.h"

namespace rl::app {

/// Black point, white point and cast brought to those of the backdrop where it stands; and the backdrop dimmed.
class MatchPage final : public CutPage {
public:
    MatchPage(Desk& desk, CutTable& table);
    void refresh() override;
    void forget() override { m_wanted = -1; }
    QString says() const override;
    std::vector<Tool*> tools() override { return {}; }
    bool busy() const override { return m_measure.running(); }

protected:
    QString wayWords() const override { return {}; }

private:
    void measure();
    void match(double amount, int gesture);
    JobKey key() const; ///< what the match was measured for
    Job<Tone> m_measure; ///< the whole match
    double m_wanted = -1; ///< to be applied as soon as it is measured
};

} // namespace rl::app
