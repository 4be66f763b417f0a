#include "cli/json_out.h"

namespace rl::cli {

const char* nameOf(Station station)
{
    static constexpr const char* kNames[] = {"brief", "gather", "cut", "stage", "light", "read", "carry"};
    return kNames[std::size_t(station)];
}

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
    j["leak"] = {{"of_even", a.edgeLeak}, {"element", a.edgeElement}, {"share", a.edgeShare}};
    return j;
}

nlohmann::json jsonOf(const reading::Suggestion& s)
{
    nlohmann::json j{{"already", s.already}, {"solved", s.solved}, {"margin", s.margin}, {"measured", s.measured},
        {"changes", nlohmann::json::array()}, {"order_after", s.after.order}, {"remain", s.remain}};
    for (const reading::Touch& t : s.touches)
        j["changes"].push_back({{"element", t.element}, {"lighter_L", t.dL}, {"contrast", std::exp(t.contrast)},
            {"saturation", std::exp(t.saturation)}, {"softer_permille", t.soft}});
    j["share_after"] = nlohmann::json::object();
    for (const auto& [id, share] : s.after.share)
        j["share_after"][std::to_string(id)] = share;
    return j;
}

} // namespace rl::cli
