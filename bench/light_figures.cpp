// Shadows and mirror images against a plain ray tracer.
#include "bench/figures.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "tests/kit/rays.h"

namespace rl::bench {

namespace {
constexpr int kWide = 300; // px
/// One stand-in on an empty ground.
struct Case {
    Project project;
    std::shared_ptr<const stage::StageFrame> frame;
    stage::Mesh mesh;
};
Case caseOf(Solid solid, double x, double y, double yaw)
{
    Case c;
    c.project.brief.widthCm = 60, c.project.brief.heightCm = 40;
    c.project.camera = {14, 1.6, 50};
    Element e = edits::standinOf(solid);
    e.baseCm = {x, y};
    e.yaw = yaw;
    e.heightM = 1.5;
    c.project = edits::withElement(std::move(c.project), e);
    stage::SurfaceCache cache;
    NoProgress progress;
    c.frame = stage::compose(c.project, kWide, cache, progress);
    c.mesh = stage::standingMesh(c.project, c.project.elements[0], cache);
    return c;
}

Mask shadowOf(const stage::StageFrame& f, const light::LightPlanes& planes)
{
    std::vector<std::uint8_t> out(planes.groundShade.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = light::lightThrough(planes.groundShade[i]) < 0.5f ? 255 : 0;
    return {f.width, f.height - f.groundTop, std::move(out)};
}
} // namespace

void yardstickFigures(std::vector<Figure>& out)
{
    std::vector<double> sun, lamp;
    for (const Solid solid : {Solid::Box, Solid::Column, Solid::Cone, Solid::Figure, Solid::Arch, Solid::Turned})
        for (const double yaw : {0.0, 35.0}) {
            const Case c = caseOf(solid, 28, 24, yaw);
            for (const double azimuth : {20.0, 140.0, 215.0, 305.0}) {
                Sun s;
                s.azimuth = azimuth, s.elevation = 35, s.diameter = 0.01;
                const Mask truth
                    = kit::shadowOnGround(*c.frame, c.mesh, {true, stage::sceneDirection(azimuth, s.elevation)});
                sun.push_back(kit::apart(truth, shadowOf(*c.frame, light::sunPlanes(*c.frame, s)), 0.02));
            }
            for (const Vec3 at : {Vec3{-2, 3, 4}, Vec3{2.5, 2.5, 9}}) {
                Lantern l;
                l.position = at, l.radius = 0.005;
                const Mask truth = kit::shadowOnGround(*c.frame, c.mesh, {false, at});
                lamp.push_back(kit::apart(truth, shadowOf(*c.frame, light::lanternPlanes(*c.frame, l)), 0.02));
            }
        }
    const auto add = [&](const std::string& name, std::vector<double> v) {
        std::sort(v.begin(), v.end());
        out.push_back({name + ", median of " + std::to_string(v.size()), 100 * v[v.size() / 2] / kWide, "% w", 1});
        out.push_back({name + ", worst", 100 * v.back() / kWide, "% w", 1});
    };
    add("shadow edge of a stand-in in the sun against ray tracing", sun);
    add("shadow edge of a stand-in by a lantern against ray tracing", lamp);
}

} // namespace rl::bench
