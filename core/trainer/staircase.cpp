#include "core/trainer/staircase.h"
#include <algorithm>
#include <cmath>

namespace rl::trainer {

namespace {
constexpr std::size_t kSteps = 240;
constexpr double kSteep = 3.5, kLapse = 0.02, kPriorSd = 1.2; // natural logarithm
} // namespace

double Staircase::rightAt(double shown, double threshold, int choices)
{
    const double guess = 1.0 / std::clamp(choices, 2, 8);
    const double seen = 1 - std::exp(-std::pow(std::max(0.0, shown) / std::max(1e-12, threshold), kSteep));
    return guess + (1 - guess - kLapse) * seen;
}

Staircase::Staircase(double first, double least, double most, int choices)
    : m_least(std::max(1e-6, least))
    , m_most(std::max(2 * m_least, most))
    , m_choices(choices)
    , m_log(kSteps)
{
    const double middle = std::log(std::clamp(first, m_least, m_most));
    for (std::size_t i = 0; i < kSteps; ++i) {
        const double d = (at(i) - middle) / kPriorSd;
        m_log[i] = -d * d / 2;
    }
}

double Staircase::at(std::size_t i) const
{
    const double from = std::log(m_least), to = std::log(m_most);
    return from + (to - from) * double(i) / double(kSteps - 1);
}

double Staircase::mean() const
{
    const double most = *std::max_element(m_log.begin(), m_log.end());
    double sum = 0, weight = 0;
    for (std::size_t i = 0; i < kSteps; ++i) {
        const double w = std::exp(m_log[i] - most);
        sum += w * at(i), weight += w;
    }
    return sum / weight;
}

double Staircase::next() const
{
    // A little above the threshold, where an answer tells most.
    return std::clamp(1.05 * std::exp(mean()), m_least, m_most);
}

void Staircase::answered(double shown, bool right)
{
    ++m_trials;
    for (std::size_t i = 0; i < kSteps; ++i) {
        const double p = rightAt(shown, std::exp(at(i)), m_choices);
        m_log[i] += std::log(std::max(1e-9, right ? p : 1 - p));
    }
}

double Staircase::threshold() const
{
    return std::exp(mean());
}

double Staircase::uncertainty() const
{
    const double most = *std::max_element(m_log.begin(), m_log.end()), m = mean();
    double sum = 0, weight = 0;
    for (std::size_t i = 0; i < kSteps; ++i) {
        const double w = std::exp(m_log[i] - most), d = at(i) - m;
        sum += w * d * d, weight += w;
    }
    return std::exp(std::sqrt(sum / weight));
}

bool Staircase::settled() const
{
    return m_trials >= 60 || (m_trials >= 12 && uncertainty() < 1.08);
}

} // namespace rl::trainer
