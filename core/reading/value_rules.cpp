// Findings on values, colour, and what the backdrop does.
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/project/fixes.h"
#include "core/project/schools.h"
#include "core/reading/rule_help.h"
#include <cmath>
#include <optional>

namespace rl::reading {

MediumRange rangeOf(const std::string& medium)
{
    static const std::map<std::string, MediumRange> known{{"oil", {8, 96}}, {"acrylic", {14, 96}},
        {"gouache", {22, 96}}, {"watercolour", {24, 97}}, {"casein", {24, 96}}, {"mixed", {14, 96}}};
    const auto at = known.find(medium);
    return at == known.end() ? MediumRange{} : at->second;
}

Fix keyFix(double stops)
{
    return fixes::air(tr("%1%2 stops", stops > 0 ? tr("Brighten by ") : tr("Darken by "), fixed(std::abs(stops))),
        [stops](Air& a) { a.exposureStops += stops; });
}

Fix darksFix(double more)
{
    return fixes::air(tr("Deepen the darks"), [more](Air& a) { a.darks = std::min(0.3, a.darks + more); });
}

namespace {
/// Air makes near darks pale as well as far ones; paint has black to spare for accents.
void paleDarks(const RuleView& v, Findings& out)
{
    // What the medium reaches, and a little to spare: else the rule of the medium would lift them again.
    const MediumRange reaches = rangeOf(v.project.brief.medium);
    const double pale = std::max(18.0, reaches.darkest + 6), wanted = std::max(12.0, reaches.darkest); // L*
    const double darkest = v.reading.darkest;
    if (darkest <= pale || v.project.lights.air.darks >= 0.299)
        return;
    const double y = double(luminance(colour::fromLab({float(darkest), 0, 0}))),
                 aim = double(luminance(colour::fromLab({float(wanted), 0, 0})));
    // From y² (1 + d) / (y + d) = aim, small d.
    const double more = std::clamp(y * (y - aim) / std::max(aim - y * y, 1e-4), 0.01, 0.3);
    out.push_back({"read.pale-darks", Station::Read, Severity::Watch,
        tr("The darkest hundredth of the picture is only L* %1.", fixed(darkest, 0)), darkest, pale, "L*", v.whole(), 0,
        tr("Paint goes down to about L* %1; without a dark accent nothing stands near.", fixed(wanted, 0)),
        darksFix(more)});
}

void key(const RuleView& v, Findings& out)
{
    const Brief& b = v.project.brief;
    const ValuePlan& plan = v.reading.values;
    static constexpr double bounds[] = {0, 38, 62, 100};
    if (b.wantedKey >= 0 && int(plan.height) != b.wantedKey) {
        const double at = plan.all.middle,
                     aim = at < bounds[b.wantedKey] ? bounds[b.wantedKey] : bounds[b.wantedKey + 1];
        const double stops = std::log2(
            double(colour::luminanceOf(float(aim))) / std::max(1e-4, double(colour::luminanceOf(float(at)))));
        out.push_back({"read.key", Station::Read, Severity::Watch,
            tr("A %1 key is meant; the middle of the picture lies at L* %2, which is %3.",
                nameOf(KeyHeight(b.wantedKey)), fixed(at, 0), nameOf(plan.height)),
            at, aim, "L*", v.whole(), 0, tr("The key is the mood; it is decided once, before any colour."),
            keyFix(stops)});
    }
    const double span = plan.all.lightest - plan.all.darkest;
    if (b.wantedSpan >= 0 && plan.major != bool(b.wantedSpan))
        out.push_back({"read.span", Station::Read, Severity::Watch,
            tr("%1%2 L* apart.",
                std::string(b.wantedSpan ? tr("A major key is meant, yet darkest and lightest lie only ")
                                         : tr("A minor key is meant, yet darkest and lightest lie ")),
                fixed(span, 0)),
            span, 60, "L*", v.whole(), 0,
            tr("Major: the whole range is used and drama follows. Minor: a few close steps, and calm."), {}});
}

void accents(const RuleView& v, Findings& out)
{
    const Brief& b = v.project.brief;
    const ValuePlan& plan = v.reading.values;
    const bool near = choiceOf(b, School::Black).key == std::string("near");
    const double allowed = near ? 0.002 : 0.05;
    const auto say = [&](const char* keyWord, const char* what, double share, const char* why) {
        out.push_back({keyWord, Station::Read, Severity::Watch,
            tr("%1 % of the canvas is %2.", fixed(100 * share, share < 0.02 ? 1 : 0), what), 100 * share, 100 * allowed,
            translatable("% of canvas"), v.whole(), 0, why, {}});
    };
    if (plan.blackShare > allowed)
        say("read.black", tr("under L* 12, next to black"), plan.blackShare,
            near ? tr("Your school keeps black out: near-black, and black only as an accent.")
                 : tr("Black in large areas goes flat and leaves nothing darker for accents."));
    // Lights first: the white of the ground is kept on purpose.
    const bool kept = choiceOf(b, School::Darks).key == std::string("lights");
    if (plan.whiteShare > allowed && (near || !kept))
        say("read.white", tr("over L* 95, next to white"), plan.whiteShare,
            near ? tr("Your school keeps white out: near-white, and white only as an accent.")
                 : tr("White in large areas leaves nothing lighter for the lights that count."));
}

/// How far darks may still be deepened so that the darkest stays at a lightness: tone.h's y² (1 + d) / (y + d), solved
/// for what y was before and for d. \return nothing where they need not be deepened to lie under it
std::optional<double> darksFor(double deepened, double darkestL, double wantedL)
{
    const double is = double(colour::luminanceOf(float(darkestL))),
                 wanted = double(colour::luminanceOf(float(wantedL))), d = deepened;
    const double was = (is + std::sqrt(is * is + 4 * (1 + d) * is * d)) / (2 * (1 + d));
    if (d <= 0 || was <= wanted || wanted <= was * was)
        return {};
    return std::min(d, (was * was - wanted * was) / (wanted - was * was));
}

void medium(const RuleView& v, Findings& out)
{
    const Brief& b = v.project.brief;
    const MediumRange range = rangeOf(b.medium);
    const auto darks = darksFor(v.project.lights.air.darks, v.reading.darkest, range.darkest);
    std::optional<Fix> lift;
    if (darks)
        lift = fixes::air(tr("Lift the darks"), [d = *darks](Air& a) { a.darks = d; });
    if (v.reading.darkest < range.darkest - 2)
        out.push_back({"read.medium-dark", Station::Read, Severity::Watch,
            tr("The plan goes down to L* %1; dry %2 usually stops at about L* %3.", fixed(v.reading.darkest, 0),
                tr(b.medium), fixed(range.darkest, 0)),
            v.reading.darkest, range.darkest, "L*", v.whole(), 0,
            tr("What the paint cannot reach closes up into one dark; varnish gains a few L*, another medium more."),
            std::move(lift)});
}

/// Lightest light and darkest dark against what should be read first.
void extremes(const RuleView& v, Findings& out)
{
    const Project& p = v.project;
    if (p.brief.cast.empty())
        return;
    const int first = p.brief.cast.front().id, id = v.reading.values.lightestIn;
    const Element* e = p.element(id);
    if ((e && e->cast == first) || v.reading.attention.order.empty())
        return;
    const Element* strongest = p.element(v.reading.attention.order.front());
    if (strongest && strongest->cast == first)
        return; // it is read first all the same
    double lead = 0;
    for (const ElementValues& own : v.reading.values.elements)
        if (const Element* x = p.element(own.element); x && x->cast == first)
            lead = std::max(lead, own.lightest);
    if (lead >= v.reading.values.all.lightest)
        return;
    out.push_back({"read.lightest", Station::Read, Severity::Watch,
        tr("The lightest light lies %1, not where “%2” is (L* %3).",
            e ? tr("on %1", v.name(id)) : tr("in the backdrop"), p.brief.cast.front().name, fixed(lead, 0)),
        lead, v.reading.values.all.lightest, "L*", v.around(v.reading.values.lightestAt, 3), id,
        tr("The eye goes to the lightest light first; give it to what should be read first, or take it down there."),
        {}});
}
} // namespace

void valueFindings(const RuleView& v, Findings& out)
{
    if (v.project.elements.empty() && !v.project.backdrop.reference)
        return; // nothing is there yet to have values
    paleDarks(v, out);
    const double span = v.reading.lightest - v.reading.darkest;
    const auto paler = [](const Finding& f) { return f.key == "read.pale-darks"; };
    const bool decided = v.project.brief.wantedSpan == 0; // a minor key is meant
    if (span < 45 && !decided && std::none_of(out.begin(), out.end(), paler))
        out.push_back({"read.range", Station::Read, Severity::Watch,
            tr("From the darkest to the lightest hundredth there are only %1 L*.", fixed(span, 0)), span, 45, "L*",
            v.whole(), 0, tr("Paint has less range than light; a plan that uses half of it comes out grey."),
            v.project.brief.wantedKey >= 0 // the key is decided; brightening would leave it
                ? std::optional<Fix>()
                : fixes::air(tr("Brighten by half a stop"), [](Air& a) { a.exposureStops += 0.5; })});
    key(v, out);
    accents(v, out);
    medium(v, out);
    extremes(v, out);
}

void colourFindings(const RuleView& v, Findings& out)
{
    const ColourPlan& c = v.reading.colours;
    const double k = v.picture.pixelsPerCm;
    for (const Accent& a : c.accents) {
        if (a.answered || a.places.empty())
            continue;
        const Rect& r = a.places.front();
        out.push_back({"read.accent:" + a.hue, Station::Read, Severity::Watch,
            tr("The %1 accent (%2 % of the canvas) is answered nowhere else.", tr(a.hue),
                fixed(100 * a.share, a.share < 0.01 ? 2 : 1)),
            1, 2, translatable("places"), {r.x / k, r.y / k, r.width / k, r.height / k}, 0,
            tr("A strong colour that stands alone hops out of the picture; a quieter touch of it elsewhere ties it "
               "in."),
            {}});
    }
}

namespace {
/// "12 cm from the right"
std::string where(const RuleView& v, const Rect& r)
{
    const Vec2 c = r.centre();
    const double w = v.project.brief.widthCm, h = v.project.brief.heightCm;
    const double gaps[4] = {c.x, w - c.x, c.y, h - c.y};
    static constexpr const char* names[]
        = {translatable("left"), translatable("right"), translatable("top"), translatable("bottom")};
    const auto nearest = std::min_element(gaps, gaps + 4) - gaps;
    return tr("%1 cm from the %2", fixed(gaps[nearest], 0), names[nearest]);
}
} // namespace

void placeFindings(const RuleView& v, Findings& out)
{
    const Attention& a = v.reading.attention;
    const double k = v.picture.pixelsPerCm;
    double lead = 0;
    for (const auto& [id, share] : a.share)
        lead = std::max(lead, share);
    if (a.share.empty())
        return; // nothing stands before it yet
    int n = 0;
    for (const StrongPlace& s : a.places) {
        ++n;
        const Rect r{s.at.x / k, s.at.y / k, s.at.width / k, s.at.height / k};
        const double rival = lead * (1 - s.share); // the lead's share with the place taken in
        if (s.share < std::max(0.08, 0.6 * rival) || shownBy(v.project, r.centre()))
            continue;
        const bool bright = std::abs(s.dL) >= std::abs(s.dC);
        const double less = std::clamp(std::abs(s.dL) / 2, 3.0, 20.0);
        Finding f{"read.place:" + std::to_string(int(r.centre().x)) + "," + std::to_string(int(r.centre().y)),
            Station::Read, s.share > rival ? Severity::Broken : Severity::Watch,
            tr("%1of the backdrop, %2, draws %3 % of the pull (%4 off what lies around it).",
                std::string(
                    bright ? (s.dL > 0 ? tr("A bright patch ") : tr("A dark patch ")) : tr("A colourful patch ")),
                where(v, r), fixed(100 * s.share, 0), bright ? fixed(s.dL, 0) + " L*" : fixed(s.dC, 0) + " C*"),
            100 * s.share, 100 * std::max(0.08, 0.6 * rival), translatable("% of pull"), r, 0,
            tr("The backdrop takes part: cut the patch free and place it, dim it, or make it one of the cast."), {}};
        if (bright && s.dL > 0)
            f.fix = Fix{tr("Dim the backdrop by %1 L*", fixed(less, 0)), [less](Project q) {
                            q.backdrop.dimL = std::min(60.0, q.backdrop.dimL + less);
                            return q;
                        }};
        out.push_back(std::move(f));
    }
    static constexpr const char* edges[]
        = {translatable("left"), translatable("right"), translatable("upper"), translatable("lower")};
    for (std::size_t i = 0; i < 4; ++i)
        if (a.leaks[i] > 1.6 && a.leakCause[i] != a.edgeElement) {
            const int id = a.leakCause[i];
            const auto driver = a.drivers.find(id);
            out.push_back({"read.leak:" + std::string(edges[i]), Station::Read, Severity::Watch,
                tr("The %1 edge pulls %2 times what an even canvas would, mostly %3", edges[i], fixed(a.leaks[i]),
                    id ? tr("by %1%2", v.name(id), driver != a.drivers.end() ? " (" + tr(driver->second) + ")." : ".")
                       : tr("by the backdrop.")),
                a.leaks[i], 1.6, "×", id ? v.boundsOf(id) : Rect{}, id,
                tr("A strong edge is a door out of the picture."), {}});
        }
}

} // namespace rl::reading
