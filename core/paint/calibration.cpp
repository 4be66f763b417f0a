#include "core/paint/calibration.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <Eigen/Dense>
#include <functional>

namespace rl::paint {

using colour::ExactLab;
using Eigen::MatrixXd;
using Eigen::VectorXd;

namespace {
constexpr int kOfK = 7, kOfS = 4, kAll = kOfK + kOfS + 1; // the last: ln thickness of the drawdown over the nominal
// How far a tube may be from typical: shape and level of ln K and ln S, ln thickness.
constexpr double kShapeK = 0.3, kLevelK = 0.5, kShapeS = 0.2, kLevelS = 0.5, kThickness = 0.3;
constexpr double kSpectral = 0.02; // cube roots of reflectance: evens out darks

/// Clamped cubic B-splines on even knots, bands × count.
MatrixXd splines(int count)
{
    MatrixXd m = MatrixXd::Zero(kBands, count);
    std::vector<double> knots(std::size_t(count + 4));
    for (int i = 0; i < count + 4; ++i)
        knots[std::size_t(i)] = std::clamp((i - 3.0) / (count - 3.0), 0.0, 1.0);
    const std::function<double(int, int, double)> of = [&](int i, int degree, double t) -> double {
        const auto k = [&](int j) { return knots[std::size_t(j)]; };
        if (degree == 0)
            return (t >= k(i) && t < k(i + 1)) || (t == 1 && k(i + 1) == 1 && k(i) < 1) ? 1 : 0;
        const double a = k(i + degree) - k(i), b = k(i + degree + 1) - k(i + 1);
        return (a > 0 ? (t - k(i)) / a * of(i, degree - 1, t) : 0)
            + (b > 0 ? (k(i + degree + 1) - t) / b * of(i + 1, degree - 1, t) : 0);
    };
    for (int band = 0; band < kBands; ++band)
        for (int i = 0; i < count; ++i)
            m(band, i) = of(i, 3, band / (kBands - 1.0));
    return m;
}

/// Minimises |r(x)|² by damped Gauss-Newton with slopes by differences.
VectorXd least(VectorXd x, const std::function<VectorXd(const VectorXd&)>& residual)
{
    VectorXd r = residual(x);
    double damping = 1e-3;
    for (int step = 0; step < 60 && damping < 1e8; ++step) {
        constexpr double h = 1e-4;
        MatrixXd j(r.size(), x.size());
        for (Eigen::Index i = 0; i < x.size(); ++i) {
            VectorXd y = x;
            y[i] += h;
            j.col(i) = (residual(y) - r) / h;
        }
        const MatrixXd a = j.transpose() * j;
        for (; damping < 1e8; damping *= 6) {
            const MatrixXd damped = a + damping * MatrixXd(a.diagonal().cwiseMax(1e-6).asDiagonal());
            const VectorXd next = x - damped.llt().solve(j.transpose() * r), q = residual(next);
            if (q.squaredNorm() < r.squaredNorm()) {
                const bool still = r.squaredNorm() - q.squaredNorm() < 1e-7 * (1 + r.squaredNorm());
                x = next, r = q, damping = std::max(damping * 0.2, 1e-7);
                if (still)
                    return x;
                break;
            }
        }
    }
    return x;
}

/// One tube's patches against what given optics would show.
class TubeFit {
public:
    TubeFit(const Swatches& s, const Optics& typical, const Optics* white, double sigma, Finish finish)
        : m_s(s)
        , m_typical(typical)
        , m_white(white)
        , m_sigma(sigma)
        , m_finish(finish)
    {
    }
    Optics opticsAt(const VectorXd& x) const
    {
        static const MatrixXd ofK = splines(kOfK), ofS = splines(kOfS);
        const VectorXd k = ofK * x.head(kOfK), s = ofS * x.segment(kOfK, kOfS);
        Optics o;
        for (std::size_t i = 0; i < kBands; ++i) {
            o.k[i] = m_typical.k[i] * std::exp(std::clamp(k[Eigen::Index(i)], -6.0, 6.0));
            o.s[i] = m_typical.s[i] * std::exp(std::clamp(s[Eigen::Index(i)], -6.0, 6.0));
        }
        return o;
    }
    /// Each patch that was read, with what it would look like.
    std::vector<std::pair<const Reading*, Spectrum>> patches(const Optics& o, double thickness) const
    {
        std::vector<std::pair<const Reading*, Spectrum>> all;
        const auto add = [&](const std::optional<Reading>& read, const auto& look) {
            if (read)
                all.emplace_back(&*read, seen(look(), m_finish));
        };
        const Optics& white = m_white ? *m_white : o;
        const auto tint = [&](double in) {
            const OpticsPart parts[] = {{&o, 1}, {&white, in}};
            return opaque(mixed(parts));
        };
        const auto drawn = [&](double card) {
            const double under = std::clamp(insideOf(card, surfaceShare(Finish::Satin)), 0.0, 1.0);
            return film(o, m_s.wetUm * thickness, 0, evenly(under));
        };
        add(m_s.masstone, [&] { return opaque(o); });
        add(m_s.tint2, [&] { return tint(2); });
        add(m_s.tint10, [&] { return tint(10); });
        if (m_s.wetUm > 0) {
            add(m_s.overWhite, [&] { return drawn(m_s.whiteCard); });
            add(m_s.overBlack, [&] { return drawn(m_s.blackCard); });
        }
        return all;
    }
    VectorXd operator()(const VectorXd& x) const
    {
        std::vector<double> r;
        for (const auto& [read, look] : patches(opticsAt(x), std::exp(x[kAll - 1]))) {
            if (read->spectrum)
                for (std::size_t i = 0; i < kBands; ++i)
                    r.push_back((std::cbrt(look[i]) - std::cbrt((*read->spectrum)[i])) / kSpectral);
            else {
                const ExactLab lab = toLab(look);
                r.insert(r.end(),
                    {(lab.L - read->lab.L) / m_sigma, (lab.a - read->lab.a) / m_sigma,
                        (lab.b - read->lab.b) / m_sigma});
            }
        }
        const double levelK = x.head(kOfK).mean(), levelS = x.segment(kOfK, kOfS).mean();
        for (Eigen::Index i = 0; i < kOfK; ++i)
            r.push_back((x[i] - levelK) / kShapeK);
        for (Eigen::Index i = kOfK; i < kOfK + kOfS; ++i)
            r.push_back((x[i] - levelS) / kShapeS);
        r.insert(r.end(), {levelK / kLevelK, levelS / kLevelS, x[kAll - 1] / kThickness});
        return Eigen::Map<VectorXd>(r.data(), Eigen::Index(r.size()));
    }

private:
    const Swatches& m_s;
    const Optics& m_typical;
    const Optics* m_white; ///< null: this is white itself
    double m_sigma;
    Finish m_finish;
};

CalibratedPaint fitted(const Swatches& s, const Optics* white, double sigma, Finish finish)
{
    const Optics& typical = *pigmentOf(s.paint)->optics;
    const TubeFit fit(s, typical, white, sigma, finish);
    const VectorXd x = least(VectorXd::Zero(kAll), fit);
    CalibratedPaint c;
    c.paint = {s.paint, fit.opticsAt(x)};
    c.drawdown = s.wetUm > 0 && (s.overWhite || s.overBlack);
    for (const auto& [read, look] : fit.patches(c.paint.optics, std::exp(x[kAll - 1])))
        c.left = std::max(c.left, colour::deltaE2000(read->spectrum ? toLab(*read->spectrum) : read->lab, toLab(look)));
    const auto shown = [&](const Optics& o, const Optics& w) {
        const OpticsPart parts[] = {{&o, 1}, {&w, s.tint10 && white ? 10.0 : 0.0}};
        return toLab(seen(opaque(mixed(parts)), finish));
    };
    c.fromTypical = colour::deltaE2000(
        shown(typical, *pigmentOf("PW6")->optics), shown(c.paint.optics, white ? *white : c.paint.optics));
    return c;
}

Result<Done> checked(const Swatches& s)
{
    const Pigment* p = pigmentOf(s.paint);
    if (!p || !p->optics)
        return Error{ErrorKind::Missing, tr("There is no paint called “%1” to calibrate.", s.paint), {}};
    if (!s.masstone && !s.tint2 && !s.tint10 && !(s.wetUm > 0 && (s.overWhite || s.overBlack)))
        return Error{ErrorKind::Invalid, tr("“%1” has no patch that could be read.", s.paint), {}};
    for (const auto* r : {&s.masstone, &s.tint2, &s.tint10, &s.overWhite, &s.overBlack}) {
        if (!*r)
            continue;
        const ExactLab& l = (*r)->lab;
        if (!(l.L >= -1 && l.L <= 110 && std::abs(l.a) < 200 && std::abs(l.b) < 200))
            return Error{ErrorKind::Invalid,
                tr("A patch of “%1” was misread, or is the wrong patch: no paint has this colour.", s.paint), {}};
        if ((*r)->spectrum)
            for (const double v : *(*r)->spectrum)
                if (!(v >= 0 && v <= 1.5))
                    return Error{
                        ErrorKind::Invalid, tr("A patch of “%1” reflects more light than it gets.", s.paint), {}};
    }
    if (!(s.whiteCard > 0 && s.whiteCard <= 1 && s.blackCard > 0 && s.blackCard < s.whiteCard))
        return Error{ErrorKind::Invalid,
            tr("The card of a drawdown reflects between 0 and 1, its black less than its white."), {}};
    if (!(s.wetUm >= 0 && s.wetUm <= 5000))
        return Error{ErrorKind::Invalid, tr("The drawdown of “%1” should be 1 to 5000 µm thick.", s.paint), {}};
    return Done{};
}
} // namespace

Result<std::vector<CalibratedPaint>> calibrated(
    const std::vector<Swatches>& swatches, double sigmaLab, Finish finish, Progress& progress)
{
    if (!(sigmaLab > 0 && sigmaLab < 20))
        return Error{ErrorKind::Invalid, tr("The noise of a reading should be above 0 and below 20 in CIELAB."), {}};
    for (const Swatches& s : swatches)
        if (const auto ok = checked(s); !ok)
            return ok.error();
    std::vector<CalibratedPaint> out(swatches.size());
    Optics white = *pigmentOf("PW6")->optics;
    for (std::size_t i = 0; i < swatches.size(); ++i)
        if (swatches[i].paint == "PW6") {
            out[i] = fitted(swatches[i], nullptr, sigmaLab, finish);
            white = out[i].paint.optics;
        }
    parallelItems(int(swatches.size()), [&](int n) {
        const auto i = std::size_t(n);
        if (swatches[i].paint != "PW6" && !progress.cancelled())
            out[i] = fitted(swatches[i], &white, sigmaLab, finish);
    });
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("The calibration was cancelled."), {}};
    return out;
}

} // namespace rl::paint
