#include "devices/colour_reader.h"
#include "core/base/words.h"

namespace rl::devices {

namespace {
/// A tube of that pigment as one maker fills it: K and S off by smooth factors of about a quarter.
paint::Optics tubeOf(const paint::Pigment& pigment, unsigned seed)
{
    std::mt19937 random(seed ^ unsigned(std::hash<std::string>{}(pigment.id)));
    std::normal_distribution<double> normal;
    const double k0 = 0.2 * normal(random), k1 = 0.12 * normal(random), phase = 3 * normal(random),
                 s0 = 0.12 * normal(random);
    paint::Optics o = *pigment.optics;
    for (std::size_t i = 0; i < paint::kBands; ++i) {
        const double t = double(i) / paint::kBands;
        o.k[i] *= std::exp(k0 + k1 * std::sin(4 * t + phase)),
            o.s[i] *= std::exp(s0 + 0.5 * k1 * std::cos(3 * t + phase));
    }
    return o;
}
} // namespace

SimulatedReader::SimulatedReader(unsigned seed)
    : m_seed(seed)
    , m_noise(seed)
{
}

void SimulatedReader::layOn(const std::string& pigment, double whiteParts)
{
    m_patch.reset();
    const paint::Pigment *p = paint::pigmentOf(pigment), *w = paint::pigmentOf("PW6");
    if (!p || !p->optics)
        return;
    const paint::Optics tube = tubeOf(*p, m_seed), white = tubeOf(*w, m_seed);
    const paint::OpticsPart parts[] = {{&tube, 1}, {&white, std::max(0.0, whiteParts)}};
    m_patch = paint::seen(paint::opaque(paint::mixed(parts)));
}

Result<paint::Reading> SimulatedReader::read()
{
    if (!m_patch)
        return Error{ErrorKind::Missing, tr("The colour reader lies on nothing that it can read."), {}};
    std::normal_distribution<double> normal(0, noise());
    colour::ExactLab lab = paint::toLab(*m_patch);
    lab.L = std::clamp(lab.L + normal(m_noise), 0.0, 100.0);
    lab.a += normal(m_noise), lab.b += normal(m_noise);
    return paint::Reading{lab, {}};
}

} // namespace rl::devices
