#include "tests/kit/own_shade.h"
#include "core/light/own_shade.h"
#include "core/light/relight.h"
#include "tests/kit/frames.h"
#include "tests/kit/tiny.h"

namespace rl::kit {

namespace {
/// Where a layer's surface lies at a pixel, m: a cut-out's by its coarse front.
double depthAt(const stage::Layer& l, int x, int y)
{
    if (l.caster->solid())
        return double(l.depth.at(x, y));
    const stage::Layer::Front& f = l.front;
    const int u = std::clamp(int((l.left + x + 0.5) * f.perPx - f.left), 0, f.depth.width() - 1),
              v = std::clamp(int((l.top + y + 0.5) * f.perPx - f.top), 0, f.depth.height() - 1);
    return double(f.depth.at(u, v));
}
} // namespace

OwnShadeHeld ownShadeHeld(const stage::StageFrame& f, const stage::Layer& l, const light::ShadowLight& light, int every)
{
    stage::Mesh mesh;
    mesh.points = l.caster->points(), mesh.faces = l.caster->body()->faces;
    const light::OwnShade own(f, l, l.caster->seenFrom(light.place()), light);
    OwnShadeHeld held;
    const double lift = l.caster->solid() ? 0 : 0.01 * l.caster->size(); // its front is known coarsely
    for (int y = 2; y < l.height(); y += every) {
        std::vector<light::Shade> row(std::size_t(l.width()), 0);
        own.addTo(row, y, 0);
        for (int x = 2; x < l.width(); x += every) {
            const Vec3f n = l.normal.at(x, y);
            const double z = depthAt(l, x, y);
            const Vec3 at{(l.left + x + 0.5 - f.eye.x0) / f.eye.focalCm * z,
                f.eye.heightM - (l.top + y + 0.5 - f.eye.horizon) / f.eye.focalCm * z, z};
            const Vec3 normal{double(n.x), double(n.y), double(n.z)},
                way = light.isSun ? light.at : stage::unit(light.at - at);
            if (l.cover.at(x, y) < 1 || stage::dot(normal, way) < 0.2 || at.y < 0.1)
                continue;
            const bool truth = blocked(mesh, at + normal * 0.02 - Vec3{0, 0, lift}, {light.isSun, light.at});
            ++held.seen, held.shaded += truth;
            held.wrong += truth != (light::lightThrough(row[std::size_t(x)]) < 0.5f);
        }
    }
    return held;
}

double glintThroughBox(int widthPx)
{
    Project p = postWork();
    p.lights.sun.on = false;
    p.lights.air.wetness = 1, p.lights.air.skyStrength = 0;
    p.lights.lanterns = {{40, "lamp", true, {0, 0.7, 11}, 0.05, 2200, 2, 1}};
    Element box = p.elements[0];
    box.cutout = 0, box.heightM = 1.6;
    box.standin.solid = Solid::Box, box.standin.wide = 1, box.standin.deep = 0.3;
    const auto before = [&](bool hidden, bool burns) {
        Project q = p;
        q.elements.clear();
        if (hidden)
            q.elements = {box};
        q.lights.lanterns[0].on = burns;
        light::Relighter r;
        const auto scene = r.scene(frameOf(q, widthPx), q.lights);
        double sum = 0;
        for (int y = scene.height() * 2 / 3; y < scene.height(); ++y)
            for (int x = widthPx * 5 / 12; x < widthPx * 7 / 12; ++x)
                sum += double(luminance(scene.at(x, y)));
        return sum;
    };
    const double open = before(false, true) - before(false, false), shut = before(true, true) - before(true, false);
    return open > 0 ? shut / open : 1;
}

} // namespace rl::kit
