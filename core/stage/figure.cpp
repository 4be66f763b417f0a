// A jointed figure: its bones from a pose, its body from its bones, and the pose from a hand that pulls at a joint.
#include "core/stage/solids.h"
#include <Eigen/Dense>

namespace rl::stage {

namespace {
using Turn = Eigen::Matrix3d;
Turn aboutX(double deg)
{
    return Eigen::AngleAxisd(-radians(deg), Eigen::Vector3d::UnitX()).toRotationMatrix(); // hanging → forwards (−z)
}
Turn aboutZ(double deg)
{
    return Eigen::AngleAxisd(radians(deg), Eigen::Vector3d::UnitZ()).toRotationMatrix(); // hanging → to the right
}
Turn aboutY(double deg)
{
    return Eigen::AngleAxisd(radians(deg), Eigen::Vector3d::UnitY()).toRotationMatrix();
}
Vec3 turned(const Turn& r, Vec3 v)
{
    const Eigen::Vector3d o = r * Eigen::Vector3d(v.x, v.y, v.z);
    return {o.x(), o.y(), o.z()};
}
constexpr Vec3 kDown{0, -1, 0};
// Shares of stature.
constexpr double kHips = 0.530, kShoulders = 0.818, kShoulderHalf = 0.114, kHipHalf = 0.072, kUpperArm = 0.186,
                 kForearm = 0.146, kHand = 0.075, kThigh = 0.245, kShank = 0.246, kFoot = 0.039, kToe = 0.11,
                 kNeck = 0.052, kHead = 0.065;

void limb(const Limb& l, const Turn& body, double side, double upper, double lower, double bendSign, Vec3 from,
    Vec3& middle, Vec3& end, Turn& last)
{
    const Turn first = body * aboutX(l.swing) * aboutZ(side * l.spread);
    middle = from + turned(first, kDown) * upper;
    last = first * aboutX(bendSign * l.bend);
    end = middle + turned(last, kDown) * lower;
}
} // namespace

Vec3 Skeleton::at(Joint j) const
{
    switch (j) {
    case Joint::Head:
        return head;
    case Joint::Chest:
        return chest;
    case Joint::LeftElbow:
        return elbow[0];
    case Joint::LeftHand:
        return hand[0];
    case Joint::RightElbow:
        return elbow[1];
    case Joint::RightHand:
        return hand[1];
    case Joint::LeftKnee:
        return knee[0];
    case Joint::LeftFoot:
        return ankle[0];
    case Joint::RightKnee:
        return knee[1];
    case Joint::RightFoot:
        return ankle[1];
    }
    return hips;
}

Skeleton skeletonOf(const Pose& p)
{
    Skeleton s;
    s.hips = {0, kHips, 0};
    const Turn spine = aboutX(-p.stoop) * aboutZ(-p.sway), level = Turn::Identity();
    const Vec3 up = turned(spine, {0, 1, 0});
    s.chest = s.hips + up * (kShoulders - kHips);
    s.neck = s.chest + up * kNeck;
    const Turn head = spine * aboutY(p.turn) * aboutX(-p.nod);
    s.head = s.neck + turned(head, {0, 1, 0}) * kHead + turned(head, {0, 0, -1}) * 0.012;
    const Limb arms[] = {p.leftArm, p.rightArm}, legs[] = {p.leftLeg, p.rightLeg};
    for (const int i : {0, 1}) {
        const double side = i == 0 ? 1 : -1;
        const std::size_t k = std::size_t(i);
        s.shoulder[k] = s.chest + turned(spine, {side * kShoulderHalf, 0, 0});
        s.hip[k] = s.hips + Vec3{side * kHipHalf, -0.01, 0};
        Turn last;
        limb(arms[k], spine, side, kUpperArm, kForearm, 1, s.shoulder[k], s.elbow[k], s.wrist[k], last);
        s.hand[k] = s.wrist[k] + turned(last, kDown) * kHand;
        limb(legs[k], level, side, kThigh, kShank - 0.01, -1, s.hip[k], s.knee[k], s.ankle[k], last);
        // The foot keeps a right angle to the shank, or lies level when the leg is near upright.
        const Vec3 fore = turned(last, {0, 0, -1});
        s.toe[k] = s.ankle[k] + unit({fore.x, std::clamp(fore.y, -0.9, 0.4) * 0.6, fore.z}) * kToe + kDown * 0.012;
    }
    return s;
}

Pose poseOf(Stance stance)
{
    Pose p;
    p.leftArm = p.rightArm = {4, 8, 10};
    p.leftLeg = p.rightLeg = {0, 3, 0};
    if (stance == Stance::Sitting) {
        p.leftLeg = p.rightLeg = {86, 6, 84};
        p.leftArm = p.rightArm = {28, 8, 55};
        p.stoop = 4;
    } else if (stance == Stance::Walking) {
        p.leftLeg = {24, 0, 6};
        p.rightLeg = {-20, 0, 22};
        p.leftArm = {-22, 6, 14};
        p.rightArm = {24, 6, 26};
        p.stoop = 3;
    }
    return p;
}

Mesh figureMesh(const Pose& pose)
{
    const Skeleton s = skeletonOf(pose);
    Mesh m;
    const Vec3 up = unit(s.chest - s.hips);
    addBar(m, s.hips + up * 0.02, 0.078, s.chest + up * -0.06, 0.100, 20);
    addEllipsoid(m, s.hips, {0.102, 0.075, 0.078});
    addEllipsoid(m, s.chest + up * -0.07, {0.110, 0.105, 0.080});
    addBar(m, s.chest + up * -0.01, 0.036, s.neck + up * 0.02, 0.032);
    addEllipsoid(m, s.head, {0.046, 0.067, 0.056});
    for (const std::size_t i : {std::size_t(0), std::size_t(1)}) {
        const auto joint = [&](Vec3 at, double r) { addEllipsoid(m, at, {r, r, r}, 14); };
        joint(s.shoulder[i], 0.042);
        addBar(m, s.shoulder[i], 0.036, s.elbow[i], 0.027);
        joint(s.elbow[i], 0.027);
        addBar(m, s.elbow[i], 0.027, s.wrist[i], 0.019);
        addBar(m, s.wrist[i], 0.020, s.hand[i], 0.014);
        joint(s.hand[i], 0.016);
        joint(s.hip[i], 0.066);
        addBar(m, s.hip[i], 0.064, s.knee[i], 0.042);
        joint(s.knee[i], 0.042);
        addBar(m, s.knee[i], 0.042, s.ankle[i], 0.025);
        joint(s.ankle[i], 0.026);
        addBar(m, s.ankle[i] + kDown * 0.008, 0.026, s.toe[i], 0.018);
        joint(s.toe[i], 0.019);
    }
    // The lowest point touches the ground.
    const double low = m.bounds().low.y;
    for (Vec3& p : m.points)
        p.y -= low;
    return m;
}

Pose posed(const Pose& pose, Joint joint, Vec2 wanted, const std::function<Vec2(Vec3)>& projected)
{
    Pose best = pose;
    const auto angles = [&](Pose& p) -> std::vector<double*> {
        const auto ends = [](Limb& l) { return std::vector<double*>{&l.swing, &l.spread, &l.bend}; };
        const auto upper = [](Limb& l) { return std::vector<double*>{&l.swing, &l.spread}; };
        switch (joint) {
        case Joint::Head:
            return {&p.nod, &p.sway};
        case Joint::Chest:
            return {&p.stoop, &p.sway};
        case Joint::LeftElbow:
            return upper(p.leftArm);
        case Joint::RightElbow:
            return upper(p.rightArm);
        case Joint::LeftHand:
            return ends(p.leftArm);
        case Joint::RightHand:
            return ends(p.rightArm);
        case Joint::LeftKnee:
            return upper(p.leftLeg);
        case Joint::RightKnee:
            return upper(p.rightLeg);
        case Joint::LeftFoot:
            return ends(p.leftLeg);
        case Joint::RightFoot:
            return ends(p.rightLeg);
        }
        return {};
    };
    const auto keep = [](Pose& p) {
        for (Limb* l : {&p.leftArm, &p.rightArm, &p.leftLeg, &p.rightLeg}) {
            l->swing = std::clamp(l->swing, -70.0, 175.0);
            l->spread = std::clamp(l->spread, -30.0, 170.0);
            l->bend = std::clamp(l->bend, 0.0, 150.0);
        }
        for (double* a : {&p.stoop, &p.sway, &p.nod, &p.turn})
            *a = std::clamp(*a, -80.0, 80.0);
    };
    const auto miss = [&](const Pose& p) { return wanted - projected(skeletonOf(p).at(joint)); };
    const double scale = std::max((projected({0, 1, 0}) - projected({0, 0, 0})).length(), 1e-9);
    double error = miss(best).length();
    for (int round = 0; round < 40 && error > 1e-4 * scale; ++round) {
        const auto now = angles(best);
        const int n = int(now.size());
        Eigen::MatrixXd j(2, n);
        const Vec2 here = projected(skeletonOf(best).at(joint));
        for (int i = 0; i < n; ++i) {
            Pose probe = best;
            *angles(probe)[std::size_t(i)] += 0.5;
            const Vec2 d = (projected(skeletonOf(probe).at(joint)) - here) * 2;
            j(0, i) = d.x / scale, j(1, i) = d.y / scale;
        }
        const Vec2 r = miss(best) * (1 / scale);
        bool better = false;
        for (double damp = 1e-7; damp < 1 && !better; damp *= 20) {
            const Eigen::MatrixXd a = j * j.transpose() + damp * Eigen::Matrix2d::Identity();
            const Eigen::VectorXd step = j.transpose() * a.ldlt().solve(Eigen::Vector2d(r.x, r.y));
            Pose next = best;
            const auto to = angles(next);
            for (int i = 0; i < n; ++i)
                *to[std::size_t(i)] += std::clamp(step(i), -25.0, 25.0);
            keep(next);
            const double e = miss(next).length();
            if (e < error - 1e-12)
                best = next, error = e, better = true;
        }
        if (!better)
            break;
    }
    return best;
}

} // namespace rl::stage
