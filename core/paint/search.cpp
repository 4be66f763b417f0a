#include "core/paint/search.h"
#include "core/base/parallel.h"
#include <Eigen/Dense>

namespace rl::paint {

using colour::ExactLab;
using Eigen::Vector4d;

namespace {
constexpr double kTrapDe = 4, kTrapChroma = 15, kHueKept = 25, kHuePull = 0.5, kHueFree = 15; // measured, see bench
constexpr double kStep = 2.5; // ln: longest step
constexpr int kBeam = 12;

double hueOff(const ExactLab& a, const ExactLab& b)
{
    return std::abs(turnBetween(a.hue(), b.hue()));
}

Vector4d residualOf(const colour::DeltaTerms& d, double off)
{
    return {d.lightness, d.chroma + d.rotation / 2 * d.hue,
        d.hue * std::sqrt(std::max(0.0, 1 - d.rotation * d.rotation / 4)), off};
}
/// The three terms of CIEDE2000 with the rotation folded in (their norm is the difference), and how far the hue is off.
Vector4d residual(const ExactLab& wanted, const ExactLab& got, bool keepHue)
{
    const double off = keepHue ? std::max(0.0, hueOff(wanted, got) - kHueFree) * kHuePull : 0;
    return residualOf(colour::deltaTerms(wanted, got), off);
}
Eigen::Matrix<double, 4, 3> slopes(const ExactLab& wanted, const ExactLab& at, const Vector4d& r, bool keepHue)
{
    constexpr double h = 1e-3;
    Eigen::Matrix<double, 4, 3> m;
    m.col(0) = (residual(wanted, {at.L + h, at.a, at.b}, keepHue) - r) / h;
    m.col(1) = (residual(wanted, {at.L, at.a + h, at.b}, keepHue) - r) / h;
    m.col(2) = (residual(wanted, {at.L, at.a, at.b + h}, keepHue) - r) / h;
    return m;
}

/// The same slopes with the weights held, in closed form: what a step needs.
Eigen::Matrix<double, 4, 3> heldSlopes(const colour::DeltaTerms& d, const ExactLab& at, bool offHue)
{
    const double c2 = std::max(d.toChroma, 1e-6), a = d.stretch * at.a, half = radians(d.turn) / 2;
    const double ca = d.stretch * a / c2, cb = at.b / c2; // ∂C′
    const double ha = -d.stretch * at.b / (c2 * c2), hb = a / (c2 * c2); // ∂h′, radians
    const double both = std::sqrt(d.fromChroma * c2) * std::cos(half),
                 grows = std::sqrt(d.fromChroma / c2) * std::sin(half);
    const double Ha = (both * ha + grows * ca) / d.sh, Hb = (both * hb + grows * cb) / d.sh;
    const double Ca = ca / d.sc, Cb = cb / d.sc, rest = std::sqrt(std::max(0.0, 1 - d.rotation * d.rotation / 4));
    Eigen::Matrix<double, 4, 3> m;
    m << 1 / d.sl, 0, 0, 0, Ca + d.rotation / 2 * Ha, Cb + d.rotation / 2 * Hb, 0, rest * Ha, rest * Hb, 0, 0, 0;
    if (offHue) { // of the pull back to the wanted hue
        const double sign = (d.turn > 0 ? 1 : -1) * kHuePull * 180 / kPi;
        m(3, 1) = sign * ha, m(3, 2) = sign * hb;
    }
    return m;
}
/// Lab and its slopes along ln(amount).
struct Mix {
    ExactLab lab;
    Eigen::Matrix<double, 3, 4> slopes = Eigen::Matrix<double, 3, 4>::Zero();
};
double curveSlope(double t)
{
    return t > 216.0 / 24389 ? 1 / (3 * std::cbrt(t * t)) : 24389.0 / 27 / 116;
}
Mix mixAt(const Packed* const* paints, const double* amounts, int n)
{
    float c[4], out[15];
    for (int i = 0; i < n; ++i)
        c[i] = float(amounts[i]);
    mixSlopes(paints, c, n, out);
    Mix m;
    m.lab = labOf({double(out[0]), double(out[1]), double(out[2])});
    const double x = curveSlope(double(out[0])), y = curveSlope(double(out[1])), z = curveSlope(double(out[2]));
    for (int i = 0; i < n; ++i) {
        const double dx = x * double(out[3 + 3 * i]), dy = y * double(out[4 + 3 * i]), dz = z * double(out[5 + 3 * i]);
        m.slopes.col(i) = Eigen::Vector3d(116 * dy, 500 * (dx - dy), 200 * (dy - dz));
    }
    return m;
}
void normalise(double* u, double* amounts, int n)
{
    constexpr double kLeast = -12; // ln of the smallest share, over the largest
    const double most = *std::max_element(u, u + n);
    double sum = 0;
    for (int i = 0; i < n; ++i) {
        u[i] = std::max(u[i] - most, kLeast);
        amounts[i] = std::exp(u[i]);
        sum += amounts[i];
    }
    for (int i = 0; i < n; ++i)
        amounts[i] /= sum;
}
} // namespace

bool keepsHue(const ExactLab& wanted, const ExactLab& got)
{
    return wanted.chroma() <= kTrapChroma || (hueOff(wanted, got) <= kHueKept && got.chroma() > 8);
}

Search::Search(Paints paints)
    : m_paints(std::move(paints))
{
    for (const Paint& p : m_paints) {
        m_packed.push_back(packed(p.optics));
        double sum = 0;
        for (std::size_t i = 0; i < kBands; ++i)
            sum += p.optics.k[i] + 0.25 * p.optics.s[i];
        m_strength.push_back(sum / kBands);
    }
}

Recipe Search::recipeOf(const Fit& fit) const
{
    Recipe r;
    for (int i = 0; i < fit.count; ++i)
        r.push_back({m_paints[std::size_t(fit.of[std::size_t(i)])].id, fit.amounts[std::size_t(i)]});
    return r;
}

/// Its paints and ln of its amounts.
void Search::begin(const Fit& f, const Packed** paints, double* u) const
{
    for (std::size_t i = 0; i < std::size_t(f.count); ++i) {
        paints[i] = &m_packed[std::size_t(f.of[i])];
        u[i] = std::log(std::max(f.amounts[i], 1e-9));
    }
}

/// Damped Gauss-Newton; leaves early where a choice can't come near.
Fit Search::quick(Fit f, const ExactLab& wanted, double giveUp, bool keepHue) const
{
    constexpr int kSteps = 7, kLook = 3;
    const int n = f.count;
    const Packed* paints[4] = {};
    double u[4] = {};
    begin(f, paints, u);
    Fit best;
    double damping = 1e-3;
    for (int step = 0; step < kSteps; ++step) {
        normalise(u, f.amounts.data(), n);
        const Mix m = mixAt(paints, f.amounts.data(), n);
        const auto terms = colour::deltaTerms(wanted, m.lab);
        const double off = keepHue ? std::max(0.0, hueOff(wanted, m.lab) - kHueFree) * kHuePull : 0;
        const Vector4d r = residualOf(terms, off);
        const double norm = r.norm();
        if (norm < best.de) {
            const double was = best.de;
            best = f, best.lab = m.lab, best.de = norm;
            if (norm < 1e-3 || was - norm < 1e-3)
                break;
        } else
            damping *= 10;
        if (n == 1 || (step == kLook && best.de > giveUp))
            break;
        const Eigen::Matrix4d j = heldSlopes(terms, m.lab, off > 0) * m.slopes;
        const double trace = j.squaredNorm();
        const Eigen::Matrix4d a = j.transpose() * j + (damping * trace + 1e-9) * Eigen::Matrix4d::Identity();
        Vector4d d = -a.llt().solve(j.transpose() * r);
        const double longest = d.cwiseAbs().maxCoeff();
        if (longest > kStep)
            d *= kStep / longest;
        for (int i = 0; i < n; ++i)
            u[i] += d[i];
        damping = std::max(damping * 0.2, 1e-7);
    }
    return best;
}

/// To the very optimum, with steps that are taken back when they lead away.
void Search::polish(Fit& f, const ExactLab& wanted, bool keepHue) const
{
    const int n = f.count;
    const Packed* paints[4] = {};
    double u[4] = {};
    begin(f, paints, u);
    normalise(u, f.amounts.data(), n);
    Mix m = mixAt(paints, f.amounts.data(), n);
    Vector4d r = residual(wanted, m.lab, keepHue);
    double damping = 1e-3;
    for (int step = 0; step < 40 && damping < 1e6 && r.norm() > 2e-4; ++step) {
        const auto j = (slopes(wanted, m.lab, r, keepHue) * m.slopes).eval();
        const Eigen::Matrix4d a = j.transpose() * j + (damping * j.squaredNorm() + 1e-10) * Eigen::Matrix4d::Identity();
        const Vector4d d = -a.llt().solve(j.transpose() * r);
        double v[4] = {}, amounts[4] = {};
        for (int i = 0; i < n; ++i)
            v[i] = u[i] + std::clamp(d[i], -kStep, kStep);
        normalise(v, amounts, n);
        const Mix next = mixAt(paints, amounts, n);
        const Vector4d q = residual(wanted, next.lab, keepHue);
        if (q.norm() >= r.norm()) {
            damping *= 8;
            continue;
        }
        const bool still = r.norm() - q.norm() < 1e-6;
        std::copy(v, v + n, u), std::copy(amounts, amounts + n, f.amounts.begin());
        m = next, r = q, damping = std::max(damping * 0.2, 1e-9);
        if (still)
            break;
    }
    std::vector<OpticsPart> parts;
    for (int i = 0; i < n; ++i)
        parts.push_back({&m_paints[std::size_t(f.of[std::size_t(i)])].optics, f.amounts[std::size_t(i)]});
    f.lab = toLab(seen(opaque(mixed(parts))));
    f.de = colour::deltaE2000(wanted, f.lab);
}

Fit Search::fit(std::array<int, 4> of, int count, const ExactLab& wanted, const double* start, bool keepHue) const
{
    Fit f;
    f.of = of, f.count = count;
    for (std::size_t i = 0; i < std::size_t(count); ++i)
        f.amounts[i] = start ? start[i] : 1 / m_strength[std::size_t(of[i])];
    f = quick(f, wanted, 1e9, keepHue);
    polish(f, wanted, keepHue);
    return f;
}

Fit Search::near(const ExactLab& wanted, const Fit& like) const
{
    constexpr double kReached = 0.25;
    if (like.count > 0) {
        Fit f = like;
        f = quick(f, wanted, 1e9, false);
        if (f.count > 0 && f.de <= kReached)
            return f;
    }
    const Found found = best(wanted, 4, Effort::Moving);
    return found.fits.front();
}

Search::Found Search::best(const ExactLab& wanted, int most, Effort effort, const std::vector<int>& only) const
{
    std::vector<int> list = only;
    if (list.empty())
        for (int i = 0; i < int(m_paints.size()); ++i)
            list.push_back(i);
    Found found;
    if (list.empty())
        return found;
    const auto nearer = [](const Fit& a, const Fit& b) { return a.de < b.de; };
    const auto searched = [&](bool keepHue) {
        std::vector<Fit> all, last(1);
        double best = 1e9;
        for (int count = 1; count <= std::min(most, int(list.size())); ++count) {
            // Choices of `count`: each of the last count and one paint more.
            std::vector<Fit> next;
            if (effort == Effort::Moving && int(last.size()) > kBeam && count > 2) {
                std::partial_sort(last.begin(), last.begin() + kBeam, last.end(), nearer);
                last.resize(kBeam);
            }
            for (const Fit& f : last)
                for (const int p : list) {
                    if (std::find(f.of.begin(), f.of.begin() + f.count, p) != f.of.begin() + f.count
                        || (effort == Effort::Full && f.count > 0 && p < f.of[std::size_t(f.count - 1)]))
                        continue;
                    Fit g = f;
                    g.of[std::size_t(g.count++)] = p;
                    std::sort(g.of.begin(), g.of.begin() + g.count);
                    next.push_back(g);
                }
            if (effort == Effort::Moving && count > 1) {
                std::sort(next.begin(), next.end(), [](const Fit& a, const Fit& b) { return a.of < b.of; });
                next.erase(
                    std::unique(next.begin(), next.end(), [](const Fit& a, const Fit& b) { return a.of == b.of; }),
                    next.end());
            }
            const double giveUp = 2 * (best + 0.5);
            parallelRows(int(next.size()), [&](int begin, int end) {
                for (int i = begin; i < end; ++i) {
                    Fit& f = next[std::size_t(i)];
                    for (std::size_t k = 0; k < std::size_t(count); ++k)
                        f.amounts[k] = 1 / m_strength[std::size_t(f.of[k])];
                    const Fit g = quick(f, wanted, count > 2 ? giveUp : 1e9, keepHue);
                    if (g.count > 0)
                        f = g;
                }
            });
            for (const Fit& f : next)
                best = std::min(best, f.de);
            all.insert(all.end(), next.begin(), next.end());
            last = std::move(next);
        }
        std::sort(all.begin(), all.end(), nearer);
        return all;
    };
    const auto polished = [&](std::vector<Fit>& fits, bool keepHue) {
        const int count = int(std::min<std::size_t>(fits.size(), effort == Effort::Full ? 48 : 16));
        parallelItems(count, [&](int i) { polish(fits[std::size_t(i)], wanted, keepHue); });
        std::stable_sort(fits.begin(), fits.begin() + count, nearer);
    };
    found.fits = searched(false);
    polished(found.fits, false);
    found.nearest = found.fits.front();
    if (found.nearest.de <= kTrapDe || wanted.chroma() <= kTrapChroma || hueOff(wanted, found.nearest.lab) <= kHueKept)
        return found;
    found.hueKept = true;
    std::vector<Fit> kept = searched(true);
    polished(kept, true);
    kept.insert(kept.end(), found.fits.begin(), found.fits.end());
    std::stable_sort(kept.begin(), kept.end(), [&](const Fit& a, const Fit& b) {
        const bool x = keepsHue(wanted, a.lab), y = keepsHue(wanted, b.lab);
        return x != y ? x : a.de < b.de;
    });
    found.fits = std::move(kept);
    return found;
}

} // namespace rl::paint
