#include "core/review/light_study.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"

namespace rl::review {

namespace {
LinearPicture inSteps(const LinearPicture& picture, int steps)
{
    std::vector<Rgb> out(picture.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        const float L = colour::lightness(luminance(picture.data()[i]));
        const int step = std::clamp(int(L / 100 * float(steps)), 0, steps - 1);
        const float y = colour::luminanceOf(100 * (float(step) + 0.5f) / float(steps));
        out[i] = {y, y, y};
    }
    return {picture.width(), picture.height(), std::move(out)};
}

LightStudy::Standing standingOf(const Project& p, const Element& e, stage::SurfaceCache& cache)
{
    LightStudy::Standing s;
    const stage::Placement place = stage::placed(p, e, cache);
    if (!place.visible)
        return s;
    s.element = e.id;
    s.widthM = place.widthM;
    s.at = stage::atDistance(stage::eyeOf(p), place.canvas.centre(), place.distance);
    double most = 0;
    const auto add = [&](int which, double level) {
        s.level += level;
        if (level > most)
            most = level, s.strongest = which;
    };
    if (p.lights.sun.on)
        add(-1, p.lights.sun.strength);
    for (const Lantern& l : light::burningOf(p.lights, nullptr)) {
        const Vec3 to = l.position - s.at;
        add(l.id, l.strength * light::lanternIrradiance(l, s.at, to * (1 / std::max(to.length(), 1e-6))));
    }
    return s;
}
} // namespace

LightStudy lightStudy(const Project& p, stage::SurfaceCache& cache, Progress& progress, int valueSteps, int zoneSteps)
{
    LightStudy study;
    study.project = p;
    const auto [frame, picture] = judged(p, cache, progress);
    if (!frame)
        return study;
    study.picture = picture;
    study.values = inSteps(study.picture.colour, std::clamp(valueSteps, 2, 9));
    study.zones = light::Relighter().pass(frame, p.lights, light::Pass::Zones, zoneSteps);
    for (const Element& e : p.elements)
        if (const auto s = standingOf(p, e, cache); s.element)
            study.standing.push_back(s);
    study.rows = lightAudit(p, frame, study.picture, cache, progress);
    return study;
}

std::string familiesCsv(const Project& p, const std::vector<AuditRow>& rows)
{
    const auto cell = [](std::string s) {
        if (!s.empty() && std::string("=+-@\t\r").find(s[0]) != std::string::npos)
            s = "'" + s;
        std::string out = "\"";
        for (const char c : s)
            out += c == '"' ? "\"\"" : std::string(1, c);
        return out + "\"";
    };
    const auto hex = [](Rgb8 c) {
        char code[8];
        std::snprintf(code, sizeof code, "#%02x%02x%02x", unsigned(c.r), unsigned(c.g), unsigned(c.b));
        return std::string(code);
    };
    std::string out = "element,family,L*,a*,b*,share %,sRGB\n";
    for (const AuditRow& r : rows) {
        const Element* e = p.element(r.element);
        for (const auto& [name, family] : {std::pair("light", &r.light), std::pair("shade", &r.shade)})
            for (const Family& f : *family)
                out += cell(e ? e->name : std::string()) + "," + name + "," + fixed(f.L, 1) + "," + fixed(f.a, 1) + ","
                    + fixed(f.b, 1) + "," + fixed(100 * f.share, 1) + "," + hex(f.colour) + "\n";
    }
    return out;
}

std::string wayOf(const PictureLight& l)
{
    const std::string depth = l.elevation > 55 ? tr("from where you stand")
        : l.elevation > 20                     ? tr("from the front")
        : l.elevation > -8                     ? tr("from the side")
                                               : tr("from behind");
    if (l.elevation > 70)
        return depth;
    const double x = std::cos(radians(l.azimuth)), y = std::sin(radians(l.azimuth));
    static constexpr const char* kWays[3][3]
        = {{translatable("upper left, %1"), translatable("above, %1"), translatable("upper right, %1")},
            {translatable("left, %1"), nullptr, translatable("right, %1")},
            {translatable("lower left, %1"), translatable("below, %1"), translatable("lower right, %1")}};
    const auto third = [](double v) { return v < -0.38 ? 0 : v > 0.38 ? 2 : 1; };
    const char* way = kWays[2 - third(y)][third(x)];
    return tr(way ? way : kWays[y > 0 ? 0 : 2][1], depth);
}

} // namespace rl::review
