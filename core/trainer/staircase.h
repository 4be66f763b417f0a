#pragma once
#include <vector>

/// Finds the smallest difference an eye just notices.
namespace rl::trainer {

/// QUEST (Watson & Pelli 1983): what is known of the logarithm of the threshold is kept as a distribution, and the next
/// trial is placed at its mean. A Weibull psychometric function, steepness 3.5, guessing rate of so many choices, 2 %
/// lapses; the threshold is where its exponent is 1.
class Staircase {
public:
    /// \param first what is thought to be the threshold \param least, most of what can be shown, > 0
    /// \param choices of one trial: 2 … 8
    Staircase(double first, double least, double most, int choices);
    double next() const; ///< the difference to show
    void answered(double shown, bool right);
    int trials() const { return m_trials; }
    double threshold() const; ///< the estimate: geometric mean
    double uncertainty() const; ///< × and ÷: one standard deviation
    /// Whether it is known well enough: within 8 %, or 60 trials.
    bool settled() const;
    static double rightAt(double shown, double threshold, int choices); ///< share that is answered rightly

private:
    double at(std::size_t i) const; ///< ln of the threshold
    double m_least, m_most;
    int m_choices, m_trials = 0;
    std::vector<double> m_log; ///< ln of the probability
    double mean() const;
};

} // namespace rl::trainer
