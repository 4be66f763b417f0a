#include "core/paint/strings.h"

namespace rl::paint {

using colour::ExactLab;

namespace {
constexpr double kNearBlack = 12, kNearWhite = 93; // L*

/// Through three colours, by lightness.
ExactLab through(const ExactLab& light, const ExactLab& body, const ExactLab& dark, double L)
{
    const double xs[3] = {dark.L, body.L, light.L}, as[3] = {dark.a, body.a, light.a},
                 bs[3] = {dark.b, body.b, light.b};
    // Piecewise straight: a parabola through near-equal lightnesses would swing out.
    const auto between = [&](const double* v) {
        const int i = L < xs[1] ? 0 : 1;
        const double width = xs[i + 1] - xs[i], t = width > 1e-6 ? std::clamp((L - xs[i]) / width, 0.0, 1.0) : 0.5;
        return v[i] + t * (v[i + 1] - v[i]);
    };
    return {L, between(as), between(bs)};
}
/// The body let down with one paint to a lightness, by halving.
ExactLab plainAt(const Recipe& body, const std::string& with, const Paints& paints, double L)
{
    double low = 0, high = 0.999;
    ExactLab c;
    double sum = 0;
    for (const Part& p : body)
        sum += p.parts;
    const bool lighter = with.starts_with("PW");
    for (int i = 0; i < 30; ++i) {
        const double share = (low + high) / 2;
        Recipe r = body;
        r.push_back({with, std::max(1e-9, sum * share / (1 - share))});
        c = colourOf(r, paints);
        ((c.L < L) == lighter ? low : high) = share;
    }
    return c;
}
} // namespace

ColourString colourString(const Search& search, const ExactLab& lightest, const ExactLab& body, const ExactLab& darkest,
    int count, Ends ends, Progress& progress)
{
    ExactLab light = lightest, dark = darkest;
    if (ends == Ends::NearBlackAndWhite)
        light.L = std::min(light.L, kNearWhite), dark.L = std::max(dark.L, kNearBlack);
    const bool noBlack = ends != Ends::Free;
    ColourString s;
    count = std::clamp(count, 3, 15);
    std::vector<int> only;
    std::string white, black;
    for (std::size_t i = 0; i < search.paints().size(); ++i) {
        const std::string& id = search.paints()[i].id;
        if (id.starts_with("PBk")) {
            black = id;
            if (noBlack)
                continue;
        } else if (id == "PW6" || (white.empty() && id.starts_with("PW")))
            white = id;
        only.push_back(int(i));
    }
    const auto formulaFor = [&](const ExactLab& wanted) {
        Wish wish;
        wish.wanted = wanted, wish.inParts = true, wish.effort = Effort::Moving, wish.only = only;
        NoProgress quiet;
        const Answer a = recipesFor(search, wish, quiet);
        return a.formulas.empty() ? Formula() : a.formulas.front();
    };
    s.body = formulaFor(body).recipe;
    constexpr double kWarmer = 6; // b* over the straight way from body to dark
    const ExactLab half = through(light, body, dark, (body.L + dark.L) / 2);
    s.shadow = {formulaFor({half.L, half.a + kWarmer / 3, half.b + kWarmer}), formulaFor(dark)};
    for (int i = 0; i < count && !s.body.empty(); ++i) {
        if (progress.cancelled())
            return {};
        StringStep step;
        const double L = light.L + (dark.L - light.L) * i / (count - 1);
        step.wanted = through(light, body, dark, L);
        step.formula = formulaFor(step.wanted);
        const std::string& with = L > body.L ? white : black;
        step.plain
            = with.empty() || std::abs(L - body.L) < 1 ? step.formula.lab : plainAt(s.body, with, search.paints(), L);
        step.chalk = std::max(0.0, step.formula.lab.chroma() - step.plain.chroma());
        s.steps.push_back(std::move(step));
        progress.report(double(i + 1) / count, "String");
    }
    return s;
}

} // namespace rl::paint
