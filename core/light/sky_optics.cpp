#include "core/light/sky_optics.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/stage/mesh.h"

namespace rl::light {

namespace {
/// The part of a cone about an axis that lies above the horizon and before the viewer.
std::vector<Vec2> arcOf(const stage::Eye& eye, const Brief& b, Vec3 axis, double radius)
{
    const Vec3 up = std::abs(axis.y) < 0.9 ? Vec3{0, 1, 0} : Vec3{1, 0, 0};
    const Vec3 u = stage::unit(stage::cross(axis, up)), v = stage::cross(axis, u);
    const double c = std::cos(radians(radius)), s = std::sin(radians(radius));
    // Once round, twice over, so that a run across the start is found whole; the longest one is the arc.
    std::vector<Vec2> best, run;
    const int n = 720;
    for (int i = 0; i < 2 * n; ++i) {
        const double angle = 2 * kPi * i / n;
        const Vec3 d = axis * c + (u * std::cos(angle) + v * std::sin(angle)) * s;
        const Vec2 q{eye.x0 + eye.focalCm * d.x / d.z, eye.horizon - eye.focalCm * d.y / d.z};
        const bool shown = d.z > 0.05 && d.y >= 0 && q.x > -b.widthCm && q.x < 2 * b.widthCm && q.y > -b.heightCm;
        if (shown && run.size() <= std::size_t(n))
            run.push_back(q);
        if (run.size() > best.size())
            best = run;
        if (!shown)
            run.clear();
    }
    return best;
}

bool onCanvas(const std::vector<Vec2>& line, const Brief& b)
{
    return std::any_of(line.begin(), line.end(),
        [&](Vec2 q) { return q.x >= 0 && q.y >= 0 && q.x <= b.widthCm && q.y <= b.heightCm; });
}
/// Slope that a wavelet needs at a place of the water to send the sun to the viewer, squared; negative = none can.
double slopeNeeded(const stage::Eye& eye, Vec2 at, Vec3 sun)
{
    const Vec3 v = stage::unit({-(at.x - eye.x0) / eye.focalCm, (at.y - eye.horizon) / eye.focalCm, -1}),
               h = stage::unit(sun + v);
    return h.y > 0.05 ? (1 - h.y * h.y) / (h.y * h.y) : -1;
}

std::vector<Vec2> sunPath(const stage::Eye& eye, const Brief& b, Vec3 sun)
{
    constexpr double half = 0.006 * 0.693; // e^(-slope²/variance) = 1/2
    std::vector<Vec2> left, right;
    const double top = std::max(eye.horizon + 0.002 * b.heightCm, 0.0);
    for (int i = 0; i <= 40 && top < b.heightCm; ++i) {
        const double y = top + (b.heightCm - top) * i / 40;
        double from = 1e9, to = -1e9;
        for (int k = 0; k <= 240; ++k) {
            const double x = -0.5 * b.widthCm + 2 * b.widthCm * k / 240, s = slopeNeeded(eye, {x, y}, sun);
            if (s >= 0 && s <= half)
                from = std::min(from, x), to = std::max(to, x);
        }
        if (from <= to)
            left.push_back({from, y}), right.push_back({to, y});
    }
    left.insert(left.end(), right.rbegin(), right.rend());
    return left.size() >= 4 ? left : std::vector<Vec2>();
}
} // namespace

SkyOptics skyOptics(const Project& p)
{
    SkyOptics out;
    const stage::Eye eye = stage::eyeOf(p);
    const Sun& s = p.lights.sun;
    const Vec3 sun = stage::sceneDirection(s.azimuth, s.elevation), away = sun * -1;
    out.sunAhead = sun.z > 0.02;
    const auto seen = [&](Vec3 d) {
        return Vec2{eye.x0 + eye.focalCm * d.x / d.z, eye.horizon - eye.focalCm * d.y / d.z};
    };
    if (out.sunAhead)
        out.sunCm = seen(sun);
    if (away.z > 0.02)
        out.opposite = seen(away);
    if (out.sunAhead && s.on && s.elevation > 0) {
        out.path = sunPath(eye, p.brief, sun);
        SkyArc halo{"halo", 22, false, arcOf(eye, p.brief, sun, 22)};
        out.halo = onCanvas(halo.points, p.brief);
        out.arcs.push_back(std::move(halo));
    }
    if (!s.on)
        out.why = tr("There is no sun: no rainbow.");
    else if (out.sunAhead)
        out.why = tr("The sun stands before you; a rainbow stands opposite it, behind your back.");
    else if (s.elevation >= 42)
        out.why = tr("The sun is %1° high; from 42° on the whole bow lies under the horizon.", fixed(s.elevation, 0));
    else if (s.elevation <= 0)
        out.why = tr("The sun is under the horizon: no rainbow.");
    else {
        for (const auto& [name, radius, outside] :
            {std::tuple{"rainbow", 42.4, true}, std::tuple{tr("second rainbow"), 50.4, false}})
            out.arcs.push_back({name, radius, outside, arcOf(eye, p.brief, away, radius)});
        out.rainbow = onCanvas(out.arcs[out.arcs.size() - 2].points, p.brief);
        if (!out.rainbow)
            out.why = tr("The bow lies outside this picture: its top stands %1° over the horizon, opposite the sun; a "
                         "wider view would show it.",
                fixed(42.4 - s.elevation, 0));
    }
    return out;
}

} // namespace rl::light
