#include "core/stage/carried.h"
#include "core/cutout/bend.h"
#include "core/stage/camera.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

Vec3 carriedAt(const Project& project, const Element& e, Vec3 p)
{
    const Vec3 d = p - footOf(eyeOf(project), e);
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)), y = d.y - e.altitudeM;
    const double along = d.x * c + d.z * s - std::tan(radians(e.shear)) * y, back = -d.x * s + d.z * c;
    return {along / (e.stretch * (e.mirrored ? -e.heightM : e.heightM)), y / e.heightM, back / e.heightM};
}

Vec3 sceneAt(const Project& project, const Element& e, Vec3 q)
{
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)), y = q.y * e.heightM;
    const double along = q.x * e.stretch * (e.mirrored ? -e.heightM : e.heightM) + std::tan(radians(e.shear)) * y,
                 back = q.z * e.heightM;
    const Vec3 foot = footOf(eyeOf(project), e);
    return {foot.x + along * c - back * s, e.altitudeM + y, std::max(0.05, foot.z + along * s + back * c)};
}

namespace {
/// A cut-out as bent: its net, and where the bent picture and its foot lie, px of a small copy: a hand waits for it.
struct Posture {
    double scale;
    Mask few;
    cutout::Bend bend;
    Rect box;
    double footX = 0;
    Posture(const Cutout& c, const Element& e)
        : scale(std::min(1.0, 240.0 / std::max(c.alpha.width(), c.alpha.height())))
        , few(smaller(c.alpha, scale))
        , bend(few, pinsOf(c, scale))
    {
        Mask alpha = few;
        double left = 0, top = 0;
        if (c.pins.size() >= 2) {
            auto bent = bend.applied({}, few);
            alpha = std::move(bent.alpha), left = bent.left, top = bent.top;
        }
        const Rect shape = shapeOf(alpha);
        const double foot = e.footShare >= 0 ? e.footShare : footingOf(alpha, shape).foot;
        box = {shape.x + left, shape.y + top, shape.width, shape.height};
        footX = box.x + foot * box.width;
    }
    static Mask smaller(const Mask& alpha, double k)
    {
        cv::Mat out;
        cv::resize(alpha.mat(), out, {}, k, k, cv::INTER_AREA);
        return Mask::fromMat(out);
    }
    static std::vector<cutout::BendPin> pinsOf(const Cutout& c, double k)
    {
        std::vector<cutout::BendPin> pins;
        if (c.pins.size() >= 2)
            for (const Pin& p : c.pins)
                pins.push_back({p.from * k, p.to * k});
        return pins;
    }
    Vec2 moved(Vec2 at) const { return bend.empty() ? at : bend.moved(at); }
    /// What lies there now lay where? The way back by steps.
    Vec2 rest(Vec2 at) const
    {
        Vec2 q = at;
        for (int i = 0; i < 12; ++i)
            q = q + (at - moved(q));
        return q;
    }
    Vec2 pixel(Vec3 carried) const
    {
        return {footX + carried.x * box.height, box.y + box.height - carried.y * box.height};
    }
    Vec3 carried(Vec2 px, double back) const
    {
        return {(px.x - footX) / box.height, (box.y + box.height - px.y) / box.height, back};
    }
};

bool bentAnew(const Project& before, const Project& after, int cutout)
{
    const Cutout *a = before.cutout(cutout), *b = after.cutout(cutout);
    return a && b && !a->alpha.empty() && !b->alpha.empty() && a->pins != b->pins;
}

bool standsOn(const Project& p, const Element& e)
{
    return std::isfinite(groundDistance(eyeOf(p), e.baseCm.y)) && e.heightM > 0 && e.stretch > 0;
}

void follow(const Project& before, const Element& was, const Project& after, const Element& is, Lantern& l)
{
    Vec3 at = carriedAt(before, was, l.position);
    if (is.cutout == was.cutout && bentAnew(before, after, is.cutout)) {
        const Posture old(*before.cutout(is.cutout), was), now(*after.cutout(is.cutout), is);
        if (old.box.height > 0 && now.box.height > 0)
            at = now.carried(now.moved(old.rest(old.pixel(at))), at.z);
    }
    l.position = sceneAt(after, is, at);
    if (was.mirrored != is.mirrored)
        l.facing = wrapped360(-l.facing);
    l.facing = wrapped360(l.facing + (was.yaw - is.yaw));
}

bool offIt(const Project& p, const Element& e, Vec3 position)
{
    const Vec3 q = carriedAt(p, e, position);
    return std::abs(q.x) > 1.2 || q.y < -0.5 || q.y > 1.5 || std::abs(q.z) > 0.8;
}
} // namespace

Project withLanternsCarried(const Project& before, Project after)
{
    for (Lantern& l : after.lights.lanterns) {
        if (!l.carriedBy)
            continue;
        const Element* is = after.element(l.carriedBy);
        if (!is) {
            l.carriedBy = 0;
            continue;
        }
        const Lantern* old = before.lantern(l.id);
        const Element* was = before.element(l.carriedBy);
        if (!old || !was || old->carriedBy != l.carriedBy || !standsOn(before, *was) || !standsOn(after, *is))
            continue;
        if (!(old->position == l.position)) {
            if (*is == *was && offIt(after, *is, l.position))
                l.carriedBy = 0;
            continue;
        }
        const bool camera = !(before.camera == after.camera);
        if (*is != *was || camera || bentAnew(before, after, is->cutout))
            follow(before, *was, after, *is, l);
    }
    return after;
}

} // namespace rl::stage
