#include "core/reading/limbs.h"
#include "core/base/words.h"
#include "core/stage/camera.h"
#include "core/stage/room.h"
#include "core/stage/solids.h"

namespace rl::reading {

namespace {
constexpr double kHalf = 0.05; ///< of the stature: from a limb's axis to well beyond its side
constexpr int kSamples = 16;

struct LimbSpec {
    const char* name;
    Limb Pose::*joints;
    bool arm;
    std::size_t side; ///< 0 = the figure's left
};
constexpr LimbSpec kLimbs[] = {{translatable("left forearm"), &Pose::leftArm, true, 0},
    {translatable("right forearm"), &Pose::rightArm, true, 1}, {translatable("left shin"), &Pose::leftLeg, false, 0},
    {translatable("right shin"), &Pose::rightLeg, false, 1}};

class Figure {
public:
    Figure(const Project& p, const light::Picture& picture, const Element& e)
        : m_eye(stage::eyeOf(p))
        , m_picture(picture)
        , m_element(e)
    {
    }
    struct Seen {
        double inside = 0;
        int samples = 0;
        Vec2 middle;
    };
    /// \param drawn this pose is the one that is drawn; else it is only held against what is
    Seen see(const LimbSpec& limb, const Pose& pose, bool drawn) const
    {
        const stage::Skeleton s = stage::skeletonOf(pose);
        const auto at = [&](Vec3 q) { return stage::seenOnFigure(m_eye, m_element, q) * m_picture.pixelsPerCm; };
        const Vec2 from = at(limb.arm ? s.elbow[limb.side] : s.knee[limb.side]),
                   to = at(limb.arm ? s.hand[limb.side] : s.ankle[limb.side]);
        const double tall = (at(s.head) - at((s.ankle[0] + s.ankle[1]) * 0.5)).length();
        const Vec2 way = to - from;
        // One that points at the viewer has no sides: any will do.
        const Vec2 across = way.length() > 0.02 * tall ? Vec2{-way.y, way.x} * (1 / way.length()) : Vec2{1, 0};
        Seen seen;
        seen.middle = (from + to) * 0.5;
        int lost = 0;
        for (int i = 0; i < kSamples; ++i) {
            const Vec2 q = from + way * ((i + 0.5) / kSamples);
            if (drawn && idAt(q) != m_element.id)
                continue; // hidden, or off the canvas
            ++seen.samples;
            const Vec2 off = across * (kHalf * tall);
            lost += idAt(q + off) == m_element.id && idAt(q - off) == m_element.id;
        }
        seen.inside = seen.samples ? double(lost) / seen.samples : 0;
        return seen;
    }

private:
    int idAt(Vec2 q) const
    {
        const int x = int(std::floor(q.x)), y = int(std::floor(q.y));
        return x < 0 || y < 0 || x >= m_picture.ids.width() || y >= m_picture.ids.height() ? 0 : m_picture.ids.at(x, y);
    }
    stage::Eye m_eye;
    const light::Picture& m_picture;
    const Element& m_element;
};

double spreadOut(const Figure& figure, const LimbSpec& limb, const Pose& pose)
{
    for (double more = 10; more <= 70; more += 10) {
        Pose tried = pose;
        (tried.*limb.joints).spread += more;
        if ((tried.*limb.joints).spread <= 120 && figure.see(limb, tried, false).inside < 0.3)
            return more;
    }
    return 0;
}
} // namespace

std::vector<LostLimb> lostLimbs(const Project& p, const light::Picture& picture)
{
    std::vector<LostLimb> all;
    for (const Element& e : p.elements) {
        if (e.cutout || e.standin.solid != Solid::Figure || picture.ids.empty())
            continue;
        const Figure figure(p, picture, e);
        for (const LimbSpec& limb : kLimbs) {
            const Figure::Seen s = figure.see(limb, e.standin.pose, true);
            if (s.samples >= kSamples / 2 && s.inside > 0.5)
                all.push_back({e.id, limb.name, s.inside, s.middle, spreadOut(figure, limb, e.standin.pose)});
        }
    }
    return all;
}

Pose withSpread(Pose pose, const LostLimb& lost)
{
    for (const LimbSpec& limb : kLimbs)
        if (limb.name == lost.name)
            (pose.*limb.joints).spread += lost.spread;
    return pose;
}

} // namespace rl::reading
