#include "core/paint/glaze.h"
#include "core/base/parallel.h"

namespace rl::paint {

using colour::ExactLab;

namespace {
ExactLab look(const Spectrum& inside)
{
    return toLab(seen(inside));
}
GlazePlan planOf(const Paint& paint, Spectrum under, const ExactLab& wanted, const GlazeKind& kind)
{
    GlazePlan best;
    best.paint = paint.id, best.kind = kind, best.de = 1e9;
    const ExactLab bare = look(under), full = look(opaque(paint.optics));
    const double apart = std::max(colour::deltaE2000(bare, full), 1e-6);
    std::vector<ExactLab> after;
    for (int n = 1; n <= kMostCoats; ++n) {
        const auto both = unevenness(paint.optics, kind, under);
        under = film(paint.optics, kind.wetUm, kind.mediumParts, under);
        after.push_back(look(under));
        // A coat more must be worth its time.
        if (const double de = colour::deltaE2000(wanted, after.back()); de < best.de - 0.15) {
            best.de = de, best.coats = n, best.after = after;
            best.uneven = colour::deltaE2000(both[0], both[1]);
            best.shows = std::clamp(colour::deltaE2000(after.back(), full) / apart, 0.0, 1.0);
        }
    }
    best.hours = kind.dryHours * best.coats;
    return best;
}
} // namespace

std::array<ExactLab, 2> unevenness(const Optics& glaze, const GlazeKind& kind, const Spectrum& under)
{
    return {look(film(glaze, 0.6 * kind.wetUm, kind.mediumParts, under)),
        look(film(glaze, 1.5 * kind.wetUm, kind.mediumParts, under))};
}

std::vector<GlazePlan> glazesTo(
    const Paints& paints, const Spectrum& under, const ExactLab& wanted, const GlazeKind& kind, Progress& progress)
{
    constexpr double kWorthWhite = 3; // CIEDE2000 that the coats of white must gain
    constexpr double kCoatUm = 120;
    const Paint* white = paintOf(paints, "PW6");
    const Optics& whiteOptics = white ? white->optics : *pigmentOf("PW6")->optics;
    const int whites = std::max(1, coatsToHide(whiteOptics, kCoatUm, under));
    Spectrum whited = under;
    for (int i = 0; i < whites; ++i)
        whited = film(whiteOptics, kCoatUm, 0, whited);
    std::vector<GlazePlan> all(paints.size());
    parallelItems(int(paints.size()), [&](int n) {
        if (progress.cancelled())
            return;
        const Paint& p = paints[std::size_t(n)];
        all[std::size_t(n)] = planOf(p, under, wanted, kind);
        GlazePlan over = planOf(p, whited, wanted, kind);
        if (over.de < all[std::size_t(n)].de - kWorthWhite) {
            over.whiteFirst = whites;
            over.hours += whites;
            all[std::size_t(n)] = std::move(over);
        }
    });
    if (progress.cancelled())
        return {};
    std::erase_if(all, [](const GlazePlan& p) { return p.coats == 0; });
    std::stable_sort(all.begin(), all.end(), [](const GlazePlan& a, const GlazePlan& b) { return a.de < b.de; });
    return all;
}

int coatsToHide(const Optics& paint, double wetUm, const Spectrum& under)
{
    constexpr double kTrough = 0.6, kHidden = 1.5;
    const ExactLab full = look(opaque(paint));
    for (int n = 1; n <= kMostCoats; ++n)
        if (colour::deltaE2000(look(film(paint, n * wetUm * kTrough, 0, under)), full) < kHidden)
            return n;
    return 0;
}

Strokes strokesFor(double overL, double underL, double wantedL, double brushMm, double distanceCm)
{
    constexpr double kEye = 2; // arc minutes of a whole period that an eye still parts
    const auto y = [](double L) { return double(colour::luminanceOf(float(std::clamp(L, 0.0, 100.0)))); };
    Strokes s;
    const double range = y(overL) - y(underL);
    s.share = std::abs(range) < 1e-6 ? 0 : (y(wantedL) - y(underL)) / range;
    const double covered = std::clamp(s.share, 0.0, 1.0);
    s.perCm = covered * 10 / std::max(brushMm, 0.05);
    const double period = s.perCm > 0 ? 10 / s.perCm : 0;
    s.gapMm = std::max(0.0, period - brushMm);
    s.arcMinutes = period > 0 ? degrees(std::atan2(period, 10 * std::max(distanceCm, 1.0))) * 60 : 0;
    s.mixes = period > 0 && s.arcMinutes < kEye;
    return s;
}

} // namespace rl::paint
