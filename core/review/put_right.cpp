#include "core/review/put_right.h"
#include "core/base/quiet_progress.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/usual_heights.h"
#include "core/reading/values.h"
#include "core/review/judged.h"
#include <optional>
#include <set>
#include <utility>

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
    int element = 0;
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
            out.push_back(
                {name + tr(k < 1 ? translatable("warmer, %1 K") : translatable("cooler, %1 K"), fixed(l.kelvin * k, 0)),
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

/// A thing aside, where it stays on the canvas: away from what it is lost before, or from the middle.
void asideTrials(const Project& p, const Element& e, std::vector<Trial>& out)
{
    constexpr double kAside = 0.12; // of the canvas's width
    for (const double by : {-kAside, kAside}) {
        const double x = e.baseCm.x + by * p.brief.widthCm;
        if (x > 0.08 * p.brief.widthCm && x < 0.92 * p.brief.widthCm)
            out.push_back({tr(by < 0 ? translatable("“%1” %2 cm to the left") : translatable("“%1” %2 cm to the right"),
                               e.name, fixed(std::abs(by) * p.brief.widthCm, 0)),
                0.6, [id = e.id, to = Vec2{x, e.baseCm.y}](Project q) { return edits::withFoot(std::move(q), id, to); },
                e.id});
    }
}

/// A thing nearer or farther off, or larger or smaller where it stands: one step of size.
void sizeTrials(
    const Project& p, const Element& e, double wasM, bool more, stage::SurfaceCache& cache, std::vector<Trial>& out)
{
    constexpr double kMostSize = 1.35; // × of what it was, in all, where nothing is known of its size
    const stage::Placement place = stage::placed(p, e, cache);
    if (e.locked || !place.visible)
        return;
    const UsualHeight usual = usualHeight(p, e.usual);
    const double room = e.baseCm.y - p.camera.horizonCm;
    for (const double step : {1.15, 1.33, 1.8}) {
        const double k = more ? step : 1 / step;
        const double y = p.camera.horizonCm + room * k;
        if (room > 0 && y < 0.98 * p.brief.heightCm && e.altitudeM < 0.5 * e.heightM) // its foot stays on the canvas
            out.push_back(
                {tr(more ? translatable("“%1” nearer, %2 m away") : translatable("“%1” farther off, %2 m away"), e.name,
                     fixed(place.distance / k)),
                    0.5 * std::abs(std::log2(k)),
                    [id = e.id, to = Vec2{e.baseCm.x, y}](Project q) { return edits::withFoot(std::move(q), id, to); },
                    e.id});
        const double height = e.heightM * k;
        const double all = height / wasM;
        if (usual.name.empty() ? all <= kMostSize && all >= 1 / kMostSize
                               : height >= usual.least && height <= usual.most)
            out.push_back({tr(more ? translatable("“%1” larger, %2 m") : translatable("“%1” smaller, %2 m"), e.name,
                               fixed(height, 2)),
                0.7 * std::abs(std::log2(k)),
                [id = e.id, height](Project q) { return edits::withTrueHeight(std::move(q), id, height); }, e.id});
    }
}

std::vector<Trial> sizesOf(
    const Project& p, const Project& was, const Pairs& wrong, bool aside, stage::SurfaceCache& cache)
{
    std::vector<Trial> out;
    std::set<int> more, less;
    for (const auto& [a, b] : wrong)
        more.insert(a), less.insert(b);
    for (const Element& e : p.elements)
        if (more.contains(e.id) != less.contains(e.id)) { // in between it is left alone
            sizeTrials(p, e, was.element(e.id)->heightM, more.contains(e.id), cache, out);
            if (!e.locked && aside)
                asideTrials(p, e, out);
        }
    return out;
}

/// The one change that mends most; nothing where none mends that share of what is wrong.
std::optional<Remedy> bestOf(const Project& p, const std::vector<Trial>& trials, Remedy::Kind kind, double leastShare,
    Looker& looker, const Pairs& pairs, Progress& progress)
{
    std::optional<Remedy> best;
    double least = (1 - leastShare) * violationOf(looker.look(p).attention, pairs);
    for (const Trial& t : trials) {
        if (progress.cancelled())
            return best;
        const double left = violationOf(looker.look(t.apply(p)).attention, pairs) + 0.02 * t.price;
        if (left < least)
            least = left, best = Remedy{t.element, kind, t.words, t.apply};
    }
    return best;
}

std::string wordsOf(const Project& p, const Touch& t)
{
    const Element* e = p.element(t.element);
    std::string out = tr("“%1” ", e ? e->name : std::string());
    std::vector<std::string> parts;
    if (std::abs(t.dL) >= 0.5)
        parts.push_back(
            tr(t.dL > 0 ? translatable("%1 L* lighter") : translatable("%1 L* darker"), fixed(std::abs(t.dL), 0)));
    const auto percent = [](double ln) { return fixed(100 * std::abs(std::exp(ln) - 1), 0) + " % "; };
    if (std::abs(t.contrast) > 0.005)
        parts.push_back(tr("%1%2 contrast", percent(t.contrast), t.contrast > 0 ? tr("more") : tr("less")));
    if (std::abs(t.saturation) > 0.005)
        parts.push_back(tr("%1%2 saturated", percent(t.saturation), t.saturation > 0 ? tr("more") : tr("less")));
    for (std::size_t i = 0; i < parts.size(); ++i)
        out += (i ? ", " : "") + parts[i];
    return out;
}

/// More of it, within the same bounds.
Touch scaled(Touch t, double k)
{
    const double low = std::log(reading::kLeastFactor), high = std::log(reading::kMostFactor);
    t.dL = std::clamp(t.dL * k, -reading::kMostDL, reading::kMostDL);
    t.contrast = std::clamp(t.contrast * k, low, high), t.saturation = std::clamp(t.saturation * k, low, high);
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

namespace {
/// The search: what was done so far, and what it came to.
class Search {
public:
    Search(const Project& project, const reading::Intent& intent, stage::SurfaceCache& cache, Progress& progress)
        : m_cache(cache)
        , m_progress(progress)
        , m_looker(cache, progress, judgedWidthPx(project.brief))
        , m_quick(cache, progress, std::max(64, judgedWidthPx(project.brief) / 3))
        , m_was(project)
        , m_now(project)
        , m_seen(m_looker.look(project))
        , m_intent(intent)
        , m_pairs(m_intent.pairs(m_seen.attention.order))
    {
        m_intent.softness = false; // a contour's softness is painted, not lit
        out.before = m_seen.attention.order;
        judge(m_seen);
        out.already = out.solved;
    }
    PutRight out;

    bool over() const { return out.solved || m_pairs.empty() || m_progress.cancelled(); }
    void light()
    {
        for (int step = 0; step < 2 && !over(); ++step) {
            m_progress.report(0.1 * (step + 1), tr("trying the lights"));
            auto r = bestOf(m_now, trialsOf(m_now), Remedy::Kind::Light, 1 / 3.0, m_quick, m_pairs, m_progress);
            if (!r)
                return;
            take(std::move(*r));
        }
    }
    /// \param aside whether things may be moved aside as well \param leastShare of what is wrong that a step mends
    void sizes(bool aside, double leastShare)
    {
        for (int step = 0; step < 4 && !over(); ++step) {
            m_progress.report((aside ? 0.7 : 0.45) + 0.05 * step, tr("trying size and place"));
            auto r = bestOf(m_now, sizesOf(m_now, m_was, out.remain, aside, m_cache), Remedy::Kind::Size, leastShare,
                m_quick, m_pairs, m_progress);
            if (!r)
                return;
            take(std::move(*r));
        }
    }
    /// Where tone did not do it: size and place seen with that tone, then the tone anew.
    void sizesWithTone()
    {
        if (over())
            return;
        const PutRight toned = out;
        const Project untoned = m_now;
        const Looker::Seen untonedSeen = m_seen;
        const reading::Attention last = m_last;
        const std::size_t toneFrom = m_placed;
        const auto tones = std::vector(out.remedies.begin() + long(m_placed), out.remedies.end());
        const double left = violationOf(m_last, m_pairs);
        m_now = withRemedies(m_now, tones, std::vector<bool>(tones.size(), true));
        m_seen = m_looker.look(m_now);
        sizes(true, 0.06);
        if (over())
            return;
        const auto placed = std::vector(out.remedies.begin() + long(toned.remedies.size()), out.remedies.end());
        out.remedies.resize(toned.remedies.size() - tones.size());
        m_now = untoned;
        for (const Remedy& r : placed)
            m_now = r.apply(std::move(m_now)), out.remedies.push_back(r);
        judge(m_seen = m_looker.look(m_now));
        tone(1, true);
        if (!out.solved && violationOf(m_last, m_pairs) >= left)
            out = toned, m_now = untoned, m_seen = untonedSeen, m_last = last, m_placed = toneFrom;
    }
    /// \param share of what a painter would accept \param keep what does not put it in order as well
    void tone(double share, bool keep)
    {
        m_placed = out.remedies.size();
        if (over())
            return;
        m_progress.report(keep ? 0.85 : 0.3, tr("looking for the smallest change"));
        QuietProgress quiet(m_progress);
        const reading::Suggestion s
            = reading::putInOrder(m_seen.picture.colour, m_seen.picture.ids, Looker::viewingOf(m_now), m_intent, quiet);
        const std::vector<Touch>& touches = s.solved ? s.touches : s.nearest;
        const bool gentle = std::all_of(touches.begin(), touches.end(), [&](const Touch& t) {
            return std::abs(t.dL) <= share * reading::kMostDL
                && std::abs(t.contrast) <= share * std::log(reading::kMostFactor)
                && std::abs(t.saturation) <= share * std::log(reading::kMostFactor);
        });
        if (touches.empty() || (share < 1 && (!gentle || !s.solved)))
            return;
        const PutRight before = out;
        reading::Attention last = m_last;
        std::optional<PutRight> best;
        double least = violationOf(m_seen.attention, m_pairs);
        for (const double k : {1.0, 1.3, 1.7}) {
            out = before;
            Project tried = m_now;
            for (const Touch& t : touches)
                out.remedies.push_back(toneOf(scaled(t, k))), tried = out.remedies.back().apply(std::move(tried));
            const Looker::Seen after = m_looker.look(tried);
            judge(after);
            if (const double left = violationOf(after.attention, m_pairs); left < least || (out.solved && !best))
                least = left, best = out, last = after.attention;
            if (out.solved || m_progress.cancelled())
                break;
        }
        out = best && (keep || best->solved) ? *best : before;
        if (best && (keep || best->solved))
            m_last = last;
        else
            judge(m_seen);
    }
    void end()
    {
        for (const auto& [a, b] : out.remain) {
            const Element *first = m_now.element(a), *second = m_now.element(b);
            const auto driver = m_last.drivers.find(b);
            if (first && second && driver != m_last.drivers.end())
                out.against.push_back(tr("“%1” still draws more than “%2”, mostly through %3", second->name,
                    first->name, tr(driver->second)));
        }
        if (!out.solved)
            out.nearest = std::exchange(out.remedies, {});
        m_progress.report(1, "measured");
    }

private:
    void judge(const Looker::Seen& s)
    {
        m_last = s.attention;
        out.after = s.attention.order;
        out.remain.clear();
        double least = 1e9;
        for (const auto& [a, b] : m_pairs) {
            const double ratio = shareOf(s.attention, a) / std::max(shareOf(s.attention, b), 1e-9);
            least = std::min(least, ratio);
            if (ratio <= 1)
                out.remain.emplace_back(a, b);
        }
        out.margin = m_pairs.empty() ? 0 : least;
        out.solved = out.remain.empty();
    }
    static double shareOf(const reading::Attention& a, int id)
    {
        const auto at = a.share.find(id);
        return at == a.share.end() ? 0 : at->second;
    }
    void take(Remedy r)
    {
        m_now = r.apply(std::move(m_now));
        out.remedies.push_back(std::move(r));
        judge(m_seen = m_looker.look(m_now));
    }
    Remedy toneOf(const Touch& t) const
    {
        return {t.element, Remedy::Kind::Tone, wordsOf(m_now, t),
            [t, frame = m_seen.frame, L = meanL(m_seen.picture, t.element)](
                Project q) { return withTouch(std::move(q), *frame, t, L); }};
    }

    stage::SurfaceCache& m_cache;
    Progress& m_progress;
    Looker m_looker, m_quick; ///< what is found by the quick one is judged by the other
    const Project& m_was;
    Project m_now;
    Looker::Seen m_seen;
    reading::Intent m_intent;
    Pairs m_pairs;
    reading::Attention m_last;
    std::size_t m_placed = 0; ///< how many remedies were there before tone
};
} // namespace

PutRight putRight(const Project& project, stage::SurfaceCache& cache, Progress& progress)
{
    return putRight(project, reading::intentOf(project), cache, progress);
}

PutRight putRight(const Project& project, const reading::Intent& intent, stage::SurfaceCache& cache, Progress& progress)
{
    Search search(project, intent, cache, progress);
    search.light();
    search.tone(0.5, false);
    search.sizes(false, 0.12);
    search.tone(1, true);
    for (int round = 0; round < 2; ++round)
        search.sizesWithTone();
    search.end();
    return std::move(search.out);
}

} // namespace rl::review
