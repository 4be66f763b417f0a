#include "store/measure_json.h"
#include <nlohmann/json.hpp>

namespace rl::store {

namespace {
using nlohmann::json;
constexpr int kMake = 2; ///< raised whenever a measure is worked out in another way
} // namespace

std::vector<unsigned char> bytesOf(const gather::PictureMeasure& m)
{
    json j{{"make", kMake}, {"azimuth", m.light.azimuth}, {"elevation", m.light.elevation},
        {"confidence", m.light.confidence}, {"softness", m.softness}, {"lightKelvin", m.lightKelvin},
        {"shadeKelvin", m.shadeKelvin}, {"warmerBy", m.warmerBy}, {"darkL", m.darkL}, {"lightL", m.lightL},
        {"sharpness", m.sharpness}, {"noise", m.noise}, {"eyeLevel", m.eyeLevel}, {"eyeConfidence", m.eyeConfidence},
        {"palette", json::array()}};
    for (const gather::Swatch& s : m.palette)
        j["palette"].push_back({s.colour.r, s.colour.g, s.colour.b, s.share});
    j["figures"] = json::array();
    for (const gather::FigureLight& f : m.figures)
        j["figures"].push_back({f.box.x, f.box.y, f.box.width, f.box.height, f.light.azimuth, f.light.elevation,
            f.light.confidence, f.azimuthHalf, f.azimuthMost});
    const std::string text = j.dump();
    return {text.begin(), text.end()};
}

std::optional<gather::PictureMeasure> measureFrom(const std::vector<unsigned char>& bytes)
{
    const json j = json::parse(bytes.begin(), bytes.end(), nullptr, false);
    if (!j.is_object())
        return {};
    try {
        if (j.value("make", 0) != kMake)
            return {};
        gather::PictureMeasure m;
        m.light = {j.at("azimuth"), j.at("elevation"), j.at("confidence")};
        m.softness = j.at("softness");
        m.lightKelvin = j.at("lightKelvin"), m.shadeKelvin = j.at("shadeKelvin"), m.warmerBy = j.at("warmerBy");
        m.darkL = j.at("darkL"), m.lightL = j.at("lightL");
        m.sharpness = j.at("sharpness"), m.noise = j.at("noise");
        m.eyeLevel = j.at("eyeLevel"), m.eyeConfidence = j.at("eyeConfidence");
        for (const json& s : j.at("palette"))
            m.palette.push_back(
                {{s.at(0).get<std::uint8_t>(), s.at(1).get<std::uint8_t>(), s.at(2).get<std::uint8_t>()},
                    s.at(3).get<double>()});
        for (const json& f : j.at("figures"))
            m.figures.push_back({{f.at(0), f.at(1), f.at(2), f.at(3)}, {f.at(4), f.at(5), f.at(6)}, f.at(7), f.at(8)});
        return m;
    } catch (const json::exception&) {
        return {};
    }
}

} // namespace rl::store
