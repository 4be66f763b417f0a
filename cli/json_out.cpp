#include "cli/json_out.h"

namespace rl::cli {

const char* nameOf(Station station)
{
    static constexpr const char* kNames[]
        = {"brief", "gather", "cut", "stage", "light", "read", "mix", "carry", "paint"};
    return kNames[std::size_t(station)];
}

namespace {
nlohmann::json boxOf(const Rect& r)
{
    return {r.x, r.y, r.width, r.height};
}
nlohmann::json labOf(colour::Lab c)
{
    return {c.L, c.a, c.b};
}
} // namespace

nlohmann::json jsonOf(const Finding& f)
{
    static constexpr const char* kSeverity[] = {"holds", "watch", "broken"};
    nlohmann::json j{{"key", f.key}, {"station", nameOf(f.station)}, {"severity", kSeverity[std::size_t(f.severity)]},
        {"sentence", f.sentence}, {"measured", f.measured}, {"target", f.target}, {"unit", f.unit},
        {"element", f.element}, {"why", f.why}, {"place_cm", {f.place.x, f.place.y, f.place.width, f.place.height}}};
    j["fix"] = f.fix ? nlohmann::json(f.fix->label) : nlohmann::json();
    return j;
}

nlohmann::json jsonOf(const Findings& findings)
{
    nlohmann::json all = nlohmann::json::array();
    for (const Finding& f : findings)
        all.push_back(jsonOf(f));
    return all;
}

nlohmann::json jsonOf(const reading::Attention& a)
{
    nlohmann::json j{{"order", a.order}, {"driver", a.driver}, {"glances", a.glances}, {"edge_leak", a.edgeLeak},
        {"edge_element", a.edgeElement}, {"edge_share", a.edgeShare}};
    j["share"] = nlohmann::json::object();
    j["drivers"] = nlohmann::json::object();
    for (const auto& [id, share] : a.share)
        j["share"][std::to_string(id)] = share;
    for (const auto& [id, driver] : a.drivers)
        j["drivers"][std::to_string(id)] = driver;
    j["leak"] = {{"of_even", a.edgeLeak}, {"element", a.edgeElement}, {"share", a.edgeShare},
        {"edges", nlohmann::json::object()}};
    static constexpr const char* kEdges[] = {"left", "right", "top", "bottom"};
    for (std::size_t i = 0; i < 4; ++i)
        j["leak"]["edges"][kEdges[i]] = {{"of_even", a.leaks[i]}, {"element", a.leakCause[i]}};
    j["parts"] = nlohmann::json::object();
    for (const auto& [id, parts] : a.parts)
        for (std::size_t i = 0; i < parts.size(); ++i)
            j["parts"][std::to_string(id)][reading::kPullNames[i]] = parts[i];
    j["peaks"] = nlohmann::json::object();
    for (std::size_t i = 0; i < a.peaks.size(); ++i)
        j["peaks"][reading::kPullNames[i]] = {{"at_px", {a.peaks[i].x, a.peaks[i].y}}, {"element", a.peakIn[i]}};
    j["places"] = nlohmann::json::array();
    for (const reading::StrongPlace& p : a.places)
        j["places"].push_back({{"at_px", boxOf(p.at)}, {"share", p.share}, {"dL", p.dL}, {"dC", p.dC}});
    return j;
}

nlohmann::json jsonOf(const reading::Suggestion& s)
{
    nlohmann::json j{{"already", s.already}, {"solved", s.solved}, {"margin", s.margin}, {"measured", s.measured},
        {"changes", nlohmann::json::array()}, {"order_after", s.after.order}, {"remain", s.remain}};
    for (const reading::Touch& t : s.touches)
        j["changes"].push_back({{"element", t.element}, {"lighter_L", t.dL}, {"contrast", std::exp(t.contrast)},
            {"saturation", std::exp(t.saturation)}, {"softer_permille", t.soft}});
    if (!s.solved && !s.already) {
        j["nearest"] = nlohmann::json::array();
        for (const reading::Touch& t : s.nearest)
            j["nearest"].push_back({{"element", t.element}, {"lighter_L", t.dL}, {"contrast", std::exp(t.contrast)},
                {"saturation", std::exp(t.saturation)}, {"softer_permille", t.soft}});
        j["against"] = nlohmann::json::array();
        for (const auto& [first, second] : s.remain)
            if (const auto d = s.after.drivers.find(second); d != s.after.drivers.end())
                j["against"].push_back({{"should_draw_more", first}, {"draws_more", second}, {"through", d->second}});
    }
    j["share_after"] = nlohmann::json::object();
    for (const auto& [id, share] : s.after.share)
        j["share_after"][std::to_string(id)] = share;
    return j;
}

nlohmann::json jsonOf(const reading::ValuePlan& v)
{
    const auto told = [](const reading::ElementValues& e, const char* of) {
        return nlohmann::json{
            {of, e.element}, {"darkest_L", e.darkest}, {"middle_L", e.middle}, {"lightest_L", e.lightest}};
    };
    nlohmann::json j{{"key", std::string(reading::nameOf(v.height)) + (v.major ? " major" : " minor")},
        {"all", told(v.all, "element")}, {"elements", nlohmann::json::array()}, {"planes", nlohmann::json::array()},
        {"share_under_L12", v.blackShare}, {"share_over_L95", v.whiteShare},
        {"darkest_at_px", {v.darkestAt.x, v.darkestAt.y}}, {"darkest_in", v.darkestIn},
        {"lightest_at_px", {v.lightestAt.x, v.lightestAt.y}}, {"lightest_in", v.lightestIn}};
    for (const auto& e : v.elements)
        j["elements"].push_back(told(e, "element"));
    static constexpr const char* kPlanes[] = {"", "near", "middle", "far", "backdrop"};
    for (const auto& e : v.planes) {
        j["planes"].push_back(told(e, "plane"));
        j["planes"].back()["plane"] = kPlanes[std::size_t(std::clamp(e.element, 0, 4))];
    }
    return j;
}

nlohmann::json jsonOf(const reading::ColourPlan& c)
{
    nlohmann::json j{{"spread", c.spread}, {"mean_chroma", c.meanChroma}, {"warm", c.warmShare}, {"cool", c.coolShare},
        {"grey", c.greyShare}, {"accents", nlohmann::json::array()}, {"families", nlohmann::json::array()}};
    for (const reading::Accent& a : c.accents) {
        j["accents"].push_back({{"hue", a.hue}, {"lab", labOf(a.mean)}, {"share", a.share}, {"answered", a.answered}});
        for (const Rect& r : a.places)
            j["accents"].back()["places_px"].push_back(boxOf(r));
    }
    for (const reading::Family& f : c.families)
        j["families"].push_back({{"element", f.element}, {"light", labOf(f.light)}, {"shade", labOf(f.shade)},
            {"light_share", f.lightShare}, {"dL", f.dL()}, {"shade_warmer_by", f.warmer()}});
    return j;
}

namespace {
using nlohmann::json;

void tellShapes(const reading::Reading& r, double k, json& j)
{
    for (const char* list : {"contours", "silhouettes", "tangents", "planned_edges", "repeats", "merged", "faces"})
        j[list] = json::array();
    for (const reading::Silhouette& s : r.silhouettes)
        j["contours"].push_back({{"element", s.element}, {"lost", s.lost}, {"soft", s.soft}, {"firm", s.firm},
            {"hard", s.hard}, {"median_dE00", s.medianDifference}, {"median_dL", s.medianLightness},
            {"median_grain", s.medianGrain}, {"separation", s.medianSeparation}, {"width_mm", 10 * s.medianWidth / k},
            {"longest_lost", s.longestLost}});
    j["edges"] = j["contours"];
    for (const reading::ThumbShape& t : r.thumbs) {
        const auto own = std::find_if(
            r.silhouettes.begin(), r.silhouettes.end(), [&](const auto& s) { return s.element == t.element; });
        j["silhouettes"].push_back({{"element", t.element}, {"read", t.read}, {"kept", t.kept}, {"limbs", t.limbs},
            {"told", t.told}, {"notches", t.notches}, {"notches_left", t.notchesLeft}, {"hidden", t.hidden},
            {"own_outline", own == r.silhouettes.end() ? 1 : 1 - own->lost}});
    }
    static constexpr const char* kKinds[] = {"kiss", "graze", "edge"};
    for (const reading::Tangent& t : r.tangents)
        j["tangents"].push_back(
            {{"kind", kKinds[std::size_t(t.kind)]}, {"first", t.first}, {"second", t.second}, {"gap_cm", t.gapPx / k},
                {"at_px", {t.at.x, t.at.y}}, {"severity", t.severity}, {"free_by_mm", 10 * std::abs(t.freePx) / k},
                {"move_first_cm", {t.way.x * t.freePx / k, t.way.y * t.freePx / k}}});
    static constexpr const char* kWishes[] = {"lost", "soft", "firm", "hard", "dark line", "light line"};
    static constexpr const char* kEdges[] = {"lost", "soft", "firm", "hard"};
    for (const reading::EdgeHeld& e : r.edges)
        j["planned_edges"].push_back(
            {{"element", e.element}, {"wish", kWishes[std::size_t(e.wish.wish)]}, {"kept", e.kept},
                {"mostly", kEdges[std::size_t(e.mostly)]}, {"width_mm", 10 * e.widthPx / k}, {"line_L", e.line}});
    for (const reading::Repeat& x : r.repeats)
        j["repeats"].push_back({{"first", x.first}, {"second", x.second}, {"alike", x.alike}, {"ratio", x.ratio}});
    for (const reading::Merged& m : r.merged)
        j["merged"].push_back({{"first", m.first}, {"second", m.second}, {"lost", m.lost}, {"cm", m.lengthPx / k}});
    for (const Rect& f : r.faces)
        j["faces"].push_back(boxOf(f));
    j["skyline"]
        = {{"peaks", r.skyline.peaks}, {"heights_vary", r.skyline.heights}, {"spacing_varies", r.skyline.spacing}};
}
} // namespace

json jsonOf(const reading::Reading& r, double k)
{
    json j = jsonOf(r.attention);
    tellShapes(r, k, j);
    j["values"] = jsonOf(r.values);
    j["value_steps"] = json::array();
    for (const reading::ValueStep& s : r.steps)
        j["value_steps"].push_back({{"L", s.lightness}, {"from", s.from}, {"to", s.to}, {"share", s.share}});
    j["values"]["steps"] = j["value_steps"];
    j["colours"] = jsonOf(r.colours);
    j["clues"] = json::array();
    for (const reading::ClueSeen& c : r.clues)
        j["clues"].push_back({{"idea", c.idea}, {"clue", c.clue}, {"there", c.there}, {"seen", c.seen()},
            {"wide_mm", c.wideMm}, {"arc_minutes", c.arcMinutes}, {"separation", c.separation}, {"lost", c.lost},
            {"glance", c.glance}, {"share", c.share}});
    j["meant_share"] = json::object();
    for (const auto& [id, share] : r.meant)
        j["meant_share"][std::to_string(id)] = share;
    j["balance"] = {{"left", r.balance.left}, {"top", r.balance.top}, {"dead_even", r.balance.deadEven}};
    return j;
}

} // namespace rl::cli
