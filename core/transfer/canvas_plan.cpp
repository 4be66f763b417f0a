#include "core/transfer/canvas_plan.h"
#include "core/project/edits.h"
#include <numbers>

namespace rl::transfer {

Rect CanvasPlan::toCanvas(const Rect& r) const
{
    const Vec2 a = toCanvas(Vec2{r.x, r.y});
    return {a.x, a.y, r.width * scale, r.height * scale};
}
Rect CanvasPlan::toPlan(const Rect& r) const
{
    const Vec2 a = toPlan(Vec2{r.x, r.y});
    return {a.x, a.y, r.width / scale, r.height / scale};
}

namespace {
/// A scene whose canvas grew by that much on each side, and is that many times wider.
void shift(Scene& s, Vec2 by, double wider)
{
    constexpr double kDegree = std::numbers::pi / 180;
    s.camera.fovDegrees = 2 / kDegree * std::atan(std::tan(s.camera.fovDegrees * kDegree / 2) * wider);
    s.camera.horizonCm += by.y;
    for (Element& e : s.elements)
        e.baseCm = e.baseCm + by;
    if (s.lights.air.vignetteAt.x >= 0)
        s.lights.air.vignetteAt = s.lights.air.vignetteAt + by;
}
} // namespace

CanvasPlan canvasPlanOf(const Project& p)
{
    const Sheets& s = p.sheets;
    const Brief& b = p.brief;
    CanvasPlan c;
    c.widthCm = s.canvasWidthCm > 0 ? s.canvasWidthCm : b.widthCm;
    c.heightCm = s.canvasHeightCm > 0 ? s.canvasHeightCm : b.heightCm;
    const double across = c.widthCm / b.widthCm, down = c.heightCm / b.heightCm;
    c.scale = s.fit == CanvasFit::Crop ? std::max(across, down) : std::min(across, down);
    const double w = b.widthCm * c.scale, h = b.heightCm * c.scale;
    c.offset = {(c.widthCm - w) / 2, (c.heightCm - h) / 2};
    c.lostAcross = std::max(0.0, w - c.widthCm) / c.scale, c.lostDown = std::max(0.0, h - c.heightCm) / c.scale;
    c.emptyAcross = std::max(0.0, c.widthCm - w), c.emptyDown = std::max(0.0, c.heightCm - h);
    for (double* v : {&c.lostAcross, &c.lostDown, &c.emptyAcross, &c.emptyDown})
        *v = *v < 1e-9 ? 0 : *v;
    const double out = s.bleedCm + s.wrapCm;
    c.whole = {-out, -out, c.widthCm + 2 * out, c.heightCm + 2 * out};
    const double in = std::min({s.bevelCm, 0.45 * c.widthCm, 0.45 * c.heightCm});
    c.seen = {in, in, c.widthCm - 2 * in, c.heightCm - 2 * in};
    for (int i = 1; i < s.boardsAcross; ++i)
        c.jointsX.push_back(c.widthCm * i / s.boardsAcross);
    for (int i = 1; i < s.boardsDown; ++i)
        c.jointsY.push_back(c.heightCm * i / s.boardsDown);
    return c;
}

Project withPlanExtended(Project p)
{
    Sheets s = p.sheets;
    s.fit = CanvasFit::Extend;
    p.sheets = s;
    const CanvasPlan c = canvasPlanOf(p);
    if (c.emptyAcross <= 0 && c.emptyDown <= 0)
        return p;
    Brief b = p.brief;
    const Vec2 by{c.emptyAcross / c.scale / 2, c.emptyDown / c.scale / 2};
    const double wider = (b.widthCm + 2 * by.x) / b.widthCm;
    b.widthCm += 2 * by.x, b.heightCm += 2 * by.y;
    shift(p, by, wider);
    for (Take& t : p.takes)
        shift(t.scene, by, wider);
    return edits::withBrief(std::move(p), b);
}

} // namespace rl::transfer
