#include "core/paint/recipe.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/paint/csv.h"
#include <cassert>
#include <cstdio>

namespace rl::paint {

using colour::ExactLab;

namespace {
/// "PG7/20": its tube and 20; 0 where it is no let-down.
std::pair<std::string, int> splitLetDown(const std::string& id)
{
    const auto slash = id.rfind('/');
    if (slash == std::string::npos)
        return {id, 0};
    const double n = numberIn(std::string_view(id).substr(slash + 1));
    return n >= 2 && n <= 1000 && n == std::floor(n) ? std::pair(id.substr(0, slash), int(n)) : std::pair(id, 0);
}
std::optional<Optics> opticsNamed(const std::string& id, const Paints& paints)
{
    if (const Paint* p = paintOf(paints, id))
        return p->optics;
    const auto [tube, n] = splitLetDown(id);
    const Paint *p = paintOf(paints, tube), *white = paintOf(paints, "PW6");
    if (!n || !p)
        return {};
    return letDown(*p, n, white ? white->optics : *pigmentOf("PW6")->optics).optics;
}
} // namespace

Result<Recipe> recipeFrom(std::string_view text, const Paints& paints)
{
    constexpr std::size_t kMost = 24; // paints in a puddle: more is a slip
    Recipe out;
    if (text.ends_with('+'))
        return Error{ErrorKind::Invalid,
            tr("A recipe is written as PB29=1+PW6=10: something is missing behind the last +."), {}};
    while (!text.empty()) {
        const std::string_view item = text.substr(0, text.find('+'));
        text.remove_prefix(std::min(text.size(), item.size() + 1));
        const auto is = item.rfind('=');
        std::string id(item.substr(0, is));
        while (!id.empty() && id.front() == ' ')
            id.erase(0, 1);
        while (!id.empty() && id.back() == ' ')
            id.pop_back();
        const double parts = is == std::string_view::npos ? NAN : numberIn(item.substr(is + 1));
        if (!(parts > 0) || parts > 1e6)
            return Error{ErrorKind::Invalid, tr("A recipe is written as PB29=1+PW6=10, each part a number above 0."),
                std::string(item)};
        if (!opticsNamed(id, paints))
            return Error{ErrorKind::Missing, tr("There is no paint called “%1” to mix.", id), {}};
        out.push_back({std::move(id), parts});
    }
    if (out.empty() || out.size() > kMost)
        return Error{ErrorKind::Invalid, tr("A recipe needs between one and 24 paints."), {}};
    return out;
}

std::string textOf(const Recipe& recipe)
{
    std::string s;
    for (const Part& p : recipe) {
        char number[32];
        std::snprintf(number, sizeof number, "%.6g", p.parts);
        s += (s.empty() ? "" : "+") + p.paint + "=" + number;
    }
    return s;
}

Optics opticsOf(const Recipe& recipe, const Paints& paints)
{
    std::vector<Optics> each;
    each.reserve(recipe.size());
    std::vector<OpticsPart> parts;
    for (const Part& p : recipe) {
        const auto o = opticsNamed(p.paint, paints);
        assert(o);
        each.push_back(*o);
        parts.push_back({&each.back(), p.parts});
    }
    return mixed(parts);
}

Spectrum laid(const Optics& optics, const Coat& coat, const Spectrum& under)
{
    return coat.wetUm > 0 ? film(optics, coat.wetUm, coat.mediumParts, under) : opaque(optics);
}

ExactLab colourOf(const Recipe& recipe, const Paints& paints, Finish finish)
{
    return toLab(seen(opaque(opticsOf(recipe, paints)), finish));
}

ExactLab scraped(const Optics& optics)
{
    constexpr double kWetUm = 25;
    return toLab(seen(film(optics, kWetUm, 0, inside(evenly(kWhiteCard)))));
}

ScreenColour onScreen(const ExactLab& lab)
{
    const Rgb c = colour::fromLab(colour::Lab(lab));
    ScreenColour s;
    const float linear[] = {c.r, c.g, c.b};
    for (std::size_t i = 0; i < 3; ++i) {
        s.clipped = s.clipped || linear[i] < -0.002f || linear[i] > 1.002f;
        s.rgb[i] = 255 * colour::toEncoded(std::clamp(double(linear[i]), 0.0, 1.0));
    }
    return s;
}

namespace {
/// Slopes of the terms of CIEDE2000 along L, along chroma and along hue, at a colour.
struct Scales {
    double cosine, sine, light, chroma, hue;
    explicit Scales(const ExactLab& t)
    {
        constexpr double kStep = 0.01;
        const double c = std::max(t.chroma(), 1e-9);
        cosine = t.a / c, sine = t.b / c;
        if (t.chroma() == 0)
            cosine = 0, sine = 0;
        const auto l = colour::deltaTerms(t, {t.L + kStep, t.a, t.b});
        const auto u = colour::deltaTerms(t, {t.L, t.a + kStep * cosine, t.b + kStep * sine});
        const auto h = colour::deltaTerms(t, {t.L, t.a - kStep * sine, t.b + kStep * cosine});
        light = l.lightness / kStep;
        chroma = u.chroma / kStep, hue = h.hue / kStep;
    }
};
} // namespace

double sensitivityOf(const Recipe& recipe, const Paints& paints, const ExactLab& target)
{
    constexpr double kStep = 0.005;
    const Scales scale(target);
    double sum = 0;
    for (std::size_t i = 0; i < recipe.size(); ++i) {
        Recipe more = recipe, less = recipe;
        more[i].parts *= std::exp(kStep), less[i].parts *= std::exp(-kStep);
        const ExactLab a = colourOf(more, paints), b = colourOf(less, paints);
        const double L = (a.L - b.L) / (2 * kStep), da = (a.a - b.a) / (2 * kStep), db = (a.b - b.b) / (2 * kStep),
                     c = da * scale.cosine + db * scale.sine, h = -da * scale.sine + db * scale.cosine;
        const Vec3 weighed{L * scale.light, c * scale.chroma, h * scale.hue};
        sum += weighed.length() * weighed.length();
    }
    return 0.1 * std::sqrt(sum);
}

namespace {
/// Plain words for a hue angle of CIELAB.
const char* hueWord(double degrees)
{
    constexpr std::pair<double, const char*> kWords[] = {{25, translatable("pink")}, {50, translatable("red")},
        {72, translatable("orange")}, {105, translatable("yellow")}, {135, translatable("yellow green")},
        {185, translatable("green")}, {230, translatable("blue green")}, {285, translatable("blue")},
        {325, translatable("violet")}, {345, translatable("purple")}};
    for (const auto& [end, word] : kWords)
        if (degrees < end)
            return word;
    return "pink";
}
} // namespace

std::string missedBy(const ExactLab& wanted, const ExactLab& got)
{
    const auto d = colour::deltaTerms(wanted, got);
    const double most = std::max({std::abs(d.lightness), std::abs(d.chroma), std::abs(d.hue)});
    if (most < 0.05)
        return {};
    std::string s;
    const auto say = [&](double term, const std::string& words) {
        if (std::abs(term) > 0.5 * most)
            s += (s.empty() ? "" : ", ") + words;
    };
    say(d.chroma, d.chroma < 0 ? tr("too dull") : tr("too strong"));
    say(d.lightness, d.lightness < 0 ? tr("too dark") : tr("too light"));
    say(d.hue, tr("its hue too far to %1", hueWord(got.hue())));
    return s;
}

} // namespace rl::paint
