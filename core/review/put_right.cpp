#include "core/review/put_right.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/reading/values.h"

namespace rl::review {

using reading::Touch;

namespace {
using Pairs = std::vector<std::pair<int, int>>;

/// How far pairs are from being 1.15 apart, summed in logarithms.
double violationOf(const reading::Attention& a, const Pairs& pairs)
{
    const auto pull = [&](int id) { return std::log(std::max(a.share.contains(id) ? a.share.at(id) : 0.0, 1e-9)); };
    double sum = 0;
    for (const auto& [first, second] : pairs)
        sum += std::max(0.0, std::log(1.15) - pull(first) + pull(second));
    return sum;
}

class Looker {
public:
    Looker(stage::SurfaceCache& cache, Progress& progress, int widthPx)
        : m_cache(cache)
        , m_progress(progress)
        , m_width(widthPx)
    {
    }
    struct Seen {
        std::shared_ptr<const stage::StageFrame> frame;
        light::Picture picture;
        reading::Attention attention;
    };
    Seen look(const Project& p)
    {
        Seen s;
        s.frame = m_composer.compose(p, m_width, m_cache, m_quiet);
        s.picture = m_relighter.light(s.frame, p.lights);
        s.attention = reading::attention(s.picture.colour, s.picture.ids, viewingOf(p));
        return s;
    }
    static reading::Viewing viewingOf(const Project& p)
    {
        return {p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm};
    }

private:
    stage::SurfaceCache& m_cache;
    Progress& m_progress;
    int m_width;
    NoProgress m_quiet;
    stage::Composer m_composer;
    light::Relighter m_relighter;
};

Project withStrength(Project p, int lantern, double factor)
{
    if (lantern == 0) {
        p.lights.sun.strength *= factor;
    } else if (const Lantern* l = p.lantern(lantern)) {
        Lantern changed = *l;
        changed.strength *= factor;
        return edits::withLantern(std::move(p), std::move(changed));
    }
    repair(p);
    return p;
}

/// Something light or air can do.
struct Trial {
    std::string words;
    double price = 0; ///< how much of a change it is; 1 = a doubling
    std::function<Project(Project)> apply;
};

Project withLanternBy(Project p, int lantern, const std::function<void(Lantern&)>& change)
{
    if (const Lantern* l = p.lantern(lantern)) {
        Lantern changed = *l;
        change(changed);
        p = edits::withLantern(std::move(p), std::move(changed));
        repair(p);
    }
    return p;
}

void lanternTrials(const Lantern& l, std::vector<Trial>& out)
{
    const std::string name = tr("“%1” ", l.name);
    for (const double k : {0.77, 1.3})
        if (l.hue < 0)
            out.push_back({name + tr(k < 1 ? later("warmer, %1 K") : later("cooler, %1 K"), fixed(l.kelvin * k, 0)),
                0.5, [id = l.id, k](Project q) {
                    return withLanternBy(std::move(q), id, [k](Lantern& x) { x.kelvin *= k; });
                }});
    if (l.within)
        return; // it goes where its house goes
    const std::pair<Vec3, const char*> moves[] = {{{-1, 0, 0}, tr("1 m to the left")},
        {{1, 0, 0}, tr("1 m to the right")}, {{0, 0, -1}, tr("1 m nearer")}, {{0, 0, 1}, tr("1 m farther off")}};
    for (const auto& [by, words] : moves)
        out.push_back({name + words, 0.7, [id = l.id, by = by](Project q) {
                           return withLanternBy(std::move(q), id, [by](Lantern& x) { x.position = x.position + by; });
                       }});
}

/// Every lamp weaker or stronger, warmer or cooler, moved by a metre; the air thicker or thinner.
std::vector<Trial> trialsOf(const Project& p)
{
    std::vector<Trial> out;
    const auto strengths = [&](int lamp, const std::string& name) {
        for (const double stops : {-0.5, 0.5, -1.0, 1.0})
            out.push_back(
                {tr("%1%2 stops %3", name, fixed(std::abs(stops), 1), stops > 0 ? tr("stronger") : tr("weaker")),
                    std::abs(stops),
                    [lamp, k = std::exp2(stops)](Project q) { return withStrength(std::move(q), lamp, k); }});
    };
    if (p.lights.sun.on && p.lights.sun.strength > 0)
        strengths(0, tr("the sun "));
    for (const Lantern& l : p.lights.lanterns)
        if (p.lights.burns(l)) {
            strengths(l.id, tr("“%1” ", l.name));
            lanternTrials(l, out);
        }
    if (p.lights.air.halfContrastM > 0)
        for (const double k : {0.65, 1.5})
            out.push_back({tr("%1 haze, half at %2 m", std::string(k < 1 ? tr("thicker") : tr("thinner")),
                               fixed(p.lights.air.halfContrastM * k, 0)),
                0.6, [k](Project q) {
                    q.lights.air.halfContrastM *= k;
                    repair(q);
                    return q;
                }});
    return out;
}

/// The one change of light or air that mends most.
std::optional<Remedy> lightFor(
    const Project& p, Looker& looker, const Pairs& pairs, double violation, Progress& progress)
{
    std::optional<Remedy> best;
    double least = violation * 2 / 3;
    const std::vector<Trial> trials = trialsOf(p);
    int done = 0;
    for (const Trial& t : trials) {
        if (progress.cancelled())
            return best;
        progress.report(0.4 * ++done / double(trials.size()), tr("trying the lights"));
        const double left = violationOf(looker.look(t.apply(p)).attention, pairs) + 0.02 * t.price;
        if (left < least)
            least = left, best = Remedy{0, t.words, t.apply};
    }
    return best;
}

std::string wordsOf(const Project& p, const Touch& t)
{
    const Element* e = p.element(t.element);
    std::string out = tr("“%1” ", e ? e->name : std::string());
    std::vector<std::string> parts;
    if (std::abs(t.dL) >= 0.5)
        parts.push_back(tr(t.dL > 0 ? later("%1 L* lighter") : later("%1 L* darker"), fixed(std::abs(t.dL), 0)));
    const auto percent = [](double ln) { return fixed(100 * std::abs(std::exp(ln) - 1), 0) + " % "; };
    if (std::abs(t.contrast) > 0.005)
        parts.push_back(tr("%1%2 contrast", percent(t.contrast), t.contrast > 0 ? tr("more") : tr("less")));
    if (std::abs(t.saturation) > 0.005)
        parts.push_back(tr("%1%2 saturated", percent(t.saturation), t.saturation > 0 ? tr("more") : tr("less")));
    for (std::size_t i = 0; i < parts.size(); ++i)
        out += (i ? ", " : "") + parts[i];
    return out;
}

Touch scaled(Touch t, double k)
{
    t.dL *= k, t.contrast *= k, t.saturation *= k;
    return t;
}

double meanL(const light::Picture& p, int element)
{
    double sum = 0, n = 0;
    for (std::size_t i = 0; i < p.ids.size(); ++i)
        if (p.ids.data()[i] == element)
            sum += double(colour::lightness(luminance(p.colour.data()[i]))), ++n;
    return n > 0 ? sum / n : 50;
}
} // namespace

namespace {
/// A tone that does to a thing's own L* values what a touch does to them as seen. \param L its values, at least one
Tone toneWith(const Tone& o, std::vector<double> L, const Touch& t, double litL)
{
    double mean = 0;
    for (const double v : L)
        mean += v / double(L.size());
    std::sort(L.begin(), L.end());
    const auto at = [&](double share) { return L[std::size_t(share * double(L.size() - 1))]; };
    // As lit, L* goes with the cube root of the light: what is wanted there is wanted so much larger here.
    const double scale = std::clamp(mean / std::max(litL, 1.0), 0.5, 3.0), k = std::exp(t.contrast);
    const bool apart = t.lights != 0 || t.darks != 0;
    const double low = apart ? std::min(at(0.05), mean - 5) : std::max(0.0, mean - 20),
                 high = apart ? std::max(at(0.95), mean + 5) : std::min(100.0, mean + 20);
    const auto after = [&](double v, double more) { return mean + t.dL * scale + k * (v - mean) + more * scale; };
    // What the tone makes of two values now, and what it is to make of them.
    const double slope = (o.lightTo - o.darkTo) / std::max(1.0, o.lightFrom - o.darkFrom);
    const auto before = [&](double seen) { // the value that the tone turned into `seen`
        const double gain = 1 - o.amount + o.amount * slope, add = o.amount * (o.darkTo - o.darkFrom * slope);
        return std::abs(gain) > 1e-3 ? (seen - add) / gain : seen;
    };
    return {before(low), after(low, t.darks), before(high), after(high, t.lights), o.a * o.amount,
        o.b * o.amount + t.warm, 1, o.saturation * std::exp(t.saturation)};
}

Project withBackdropTouch(Project p, const stage::StageFrame& f, const Touch& t)
{
    std::vector<double> L;
    for (std::size_t i = 0; i < f.backdrop.size(); i += 37)
        L.push_back(double(colour::lightness(luminance(f.backdrop.data()[i]))));
    if (L.empty() || !p.backdrop.reference)
        return p;
    double mean = 0;
    for (const double v : L)
        mean += v / double(L.size());
    p.backdrop.tone = toneWith(p.backdrop.tone, std::move(L), t, mean);
    repair(p);
    return p;
}
} // namespace

Project withTouch(Project p, const stage::StageFrame& f, const Touch& t, double litL)
{
    const Element* was = p.element(t.element);
    const auto layer
        = std::find_if(f.layers.begin(), f.layers.end(), [&](const stage::Layer& l) { return l.element == t.element; });
    if (!was || layer == f.layers.end() || layer->cover.empty())
        return p;
    std::vector<double> L;
    for (std::size_t i = 0; i < layer->cover.size(); ++i)
        if (layer->cover.data()[i] > 0.5f)
            L.push_back(double(colour::lightness(luminance(layer->albedo.data()[i]))));
    if (L.empty())
        return p;
    Element e = *was;
    e.tone = toneWith(was->tone, std::move(L), t, litL);
    p = edits::withElement(std::move(p), std::move(e));
    repair(p);
    return p;
}

Project withLook(Project p, const stage::StageFrame& f, const light::Picture& picture, const Touch& look)
{
    if (look.element)
        return withTouch(std::move(p), f, look, meanL(picture, look.element));
    std::vector<int> ids;
    for (const Element& e : p.elements)
        ids.push_back(e.id);
    for (const int id : ids) {
        Touch own = look;
        own.element = id;
        p = withTouch(std::move(p), f, own, meanL(picture, id));
    }
    return withBackdropTouch(std::move(p), f, look);
}

Project withRemedies(Project p, const std::vector<Remedy>& remedies, const std::vector<bool>& on)
{
    for (std::size_t i = 0; i < remedies.size() && i < on.size(); ++i)
        if (on[i])
            p = remedies[i].apply(std::move(p));
    return p;
}

PutRight putRight(const Project& project, stage::SurfaceCache& cache, Progress& progress, int widthPx)
{
    PutRight out;
    Looker looker(cache, progress, widthPx);
    reading::Intent intent = reading::intentOf(project);
    intent.softness = false; // a contour's softness is painted, not lit
    Looker::Seen seen = looker.look(project);
    const Pairs pairs = intent.pairs(seen.attention.order);
    out.before = seen.attention.order;
    const auto judge = [&](const Looker::Seen& s) {
        out.after = s.attention.order;
        out.remain.clear();
        double least = 1e9;
        for (const auto& [a, b] : pairs) {
            const double ratio = s.attention.share.at(a) / std::max(s.attention.share.at(b), 1e-9);
            least = std::min(least, ratio);
            if (ratio <= 1)
                out.remain.emplace_back(a, b);
        }
        out.margin = pairs.empty() ? 0 : least;
        out.solved = out.remain.empty();
    };
    judge(seen);
    out.already = out.solved;
    if (out.already || pairs.empty())
        return out;
    Project now = project;
    Looker quick(cache, progress, std::min(widthPx, 420)); // what is found there is judged at full width
    if (auto light = lightFor(project, quick, pairs, violationOf(seen.attention, pairs), progress)) {
        now = light->apply(std::move(now));
        out.remedies.push_back(std::move(*light));
        judge(seen = looker.look(now));
    }
    if (out.solved || progress.cancelled())
        return out;
    progress.report(0.45, tr("looking for the smallest change"));
    const reading::Suggestion s
        = reading::putInOrder(seen.picture.colour, seen.picture.ids, Looker::viewingOf(now), intent, progress);
    if (progress.cancelled() || s.touches.empty())
        return out;
    const Looker::Seen lit = seen;
    PutRight best = out;
    double least = 1e9;
    for (const double k : {1.0, 1.3, 1.7}) {
        Project tried = now;
        PutRight made = out;
        for (const Touch& t : s.touches) {
            const Touch more = scaled(t, k);
            made.remedies.push_back({t.element, wordsOf(project, more),
                [more, frame = lit.frame, L = meanL(lit.picture, t.element)](
                    Project q) { return withTouch(std::move(q), *frame, more, L); }});
            tried = made.remedies.back().apply(std::move(tried));
        }
        const Looker::Seen after = looker.look(tried);
        std::swap(out, made);
        judge(after);
        std::swap(out, made);
        if (const double left = violationOf(after.attention, pairs); left < least || (made.solved && !best.solved))
            least = left, best = std::move(made);
        if (best.solved)
            break;
    }
    progress.report(1, "measured");
    return best;
}

} // namespace rl::review
