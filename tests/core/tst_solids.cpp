#include "core/light/relight.h"
#include "core/project/stage_edits.h"
#include "core/stage/compose.h"
#include "core/stage/cover.h"
#include "core/stage/ellipses.h"
#include "core/stage/raster_mesh.h"
#include "core/stage/solids.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::stage;

namespace {
/// Of a closed mesh, by the divergence theorem.
double volumeOf(const Mesh& m)
{
    double v = 0;
    for (const auto& f : m.faces)
        v += dot(m.points[std::size_t(f[0])], cross(m.points[std::size_t(f[1])], m.points[std::size_t(f[2])])) / 6;
    return v;
}

/// A camera of 2000 px across, in pixels.
constexpr double kWide = 2000;
Eye eye2000(double eyeHeight = 1.7)
{
    return {kWide / (2 * std::tan(radians(25))), kWide / 2, 600, eyeHeight};
}

Mesh moved(Mesh m, Vec3 by, double k = 1)
{
    for (Vec3& p : m.points)
        p = p * k + by;
    return m;
}

/// To half a pixel: a pixel whose outermost samples lie further inside the outline is covered, further outside not.
void halfAPixel(const SeenMesh& s, const std::vector<cv::Point2f>& outline)
{
    const double half = 0.5;
    long inside = 0;
    for (int y = -2; y < s.cover.height() + 2; ++y)
        for (int x = -2; x < s.cover.width() + 2; ++x) {
            const cv::Point2f at(float(s.left + x) + 0.5f, float(s.top + y) + 0.5f);
            const double in = cv::pointPolygonTest(outline, at, true);
            const float cover = s.cover.contains(x, y) ? s.cover.at(x, y) : 0;
            if (in > half)
                QVERIFY2(cover == 1, qPrintable(QString("%1 %2: %3").arg(at.x).arg(at.y).arg(cover)));
            if (in < -half)
                QVERIFY2(cover == 0, qPrintable(QString("%1 %2: %3").arg(at.x).arg(at.y).arg(cover)));
            inside += in > half;
        }
    QVERIFY(inside > 300);
}

Project work(Solid solid, Vec2 base = {30, 30}, double height = 1.5)
{
    Project p = kit::postWork(215, 35);
    Element e = edits::standinOf(solid);
    e.baseCm = base;
    e.heightM = height;
    p.elements.clear();
    return edits::withElement(std::move(p), e);
}

bool same(const LinearPicture& a, const LinearPicture& b)
{
    return a.size() == b.size() && std::memcmp(a.data(), b.data(), a.size() * sizeof(Rgb)) == 0;
}
} // namespace

class TestSolids : public QObject {
    Q_OBJECT
private slots:
    void boxesAndConesHaveTheirVolumes()
    {
        Standin s = edits::standinOf(Solid::Box).standin;
        s.wide = 0.7, s.deep = 1.3;
        QVERIFY(std::abs(volumeOf(meshOf(s)) - 0.7 * 1.3) < 1e-9);
        s = edits::standinOf(Solid::Cone).standin;
        s.wide = 0.8; // a cone of 192 sides: a regular 192-gon times a third of the height
        const double base = 96 * 0.16 * std::sin(2 * kPi / 192);
        QVERIFY(std::abs(volumeOf(meshOf(s)) - base / 3) < 1e-9);
        s = edits::standinOf(Solid::Tent).standin;
        QVERIFY(std::abs(volumeOf(meshOf(s)) - s.wide * s.deep / 2) < 1e-9);
    }

    void everySolidIsClosedAndTurnedOutwards_data()
    {
        QTest::addColumn<int>("solid");
        for (int s = int(Solid::Box); s <= int(Solid::Path); ++s)
            QTest::newRow(edits::standinOf(Solid(s)).name.c_str()) << s;
    }
    void everySolidIsClosedAndTurnedOutwards()
    {
        QFETCH(int, solid);
        const Element e = edits::standinOf(Solid(solid));
        const Mesh m = meshOf(e.standin, 0.3);
        QVERIFY(volumeOf(m) > 0);
        // Closed: the directed areas of all faces cancel.
        Vec3 sum{};
        double area = 0;
        for (const auto& f : m.faces) {
            const Vec3 a = m.points[std::size_t(f[0])];
            const Vec3 n = cross(m.points[std::size_t(f[1])] - a, m.points[std::size_t(f[2])] - a);
            sum = sum + n, area += n.length();
        }
        QVERIFY2(sum.length() < 1e-6 * area, qPrintable(QString::number(sum.length() / area)));
        const auto b = m.bounds();
        QVERIFY(b.low.y > -1e-6);
        if (Solid(solid) != Solid::Path && Solid(solid) != Solid::Figure)
            QVERIFY(std::abs(b.high.y - 1) < 0.03);
    }

    void aBoxIsSeenWhereItsCornersProject_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("z");
        QTest::addColumn<double>("yaw");
        QTest::newRow("straight ahead") << 0.0 << 6.0 << 0.0;
        QTest::newRow("aside") << 1.7 << 7.0 << 0.0;
        QTest::newRow("turned") << -0.8 << 5.0 << 33.0;
        QTest::newRow("far") << 4.0 << 40.0 << 45.0;
    }
    void aBoxIsSeenWhereItsCornersProject()
    {
        QFETCH(double, x);
        QFETCH(double, z);
        QFETCH(double, yaw);
        const Eye eye = eye2000();
        Mesh m;
        addBox(m, {-0.5, 0, -0.4}, {0.5, 1.2, 0.4});
        const double c = std::cos(radians(yaw)), s = std::sin(radians(yaw));
        std::vector<cv::Point2f> corners, hull;
        for (Vec3& p : m.points) {
            p = {x + p.x * c - p.z * s, p.y, z + p.x * s + p.z * c};
            const Vec2 q = projected(eye, p);
            corners.emplace_back(float(q.x), float(q.y));
        }
        cv::convexHull(corners, hull);
        halfAPixel(seen(m, eye, int(kWide), 2600), hull);
    }

    void depthIsThatOfTheFace()
    {
        Mesh m;
        addBox(m, {-1, 0, 5}, {1, 2, 9});
        const Eye eye = eye2000();
        const SeenMesh s = seen(m, eye, int(kWide), 1400);
        const Vec2 q = projected(eye, {0.3, 1.1, 5});
        QVERIFY(std::abs(s.depth.at(int(q.x) - s.left, int(q.y) - s.top) - 5) < 1e-3f);
        QVERIFY(s.normal.at(int(q.x) - s.left, int(q.y) - s.top).z < -0.999f);
    }

    void whatLiesBehindTheEyeIsCutOff()
    {
        Mesh m;
        addBox(m, {-1, 0, -3}, {1, 0.4, 6});
        const SeenMesh s = seen(m, eye2000(), int(kWide), 1400);
        QVERIFY(s.cover.width() > 0);
        for (std::size_t i = 0; i < s.cover.size(); ++i)
            QVERIFY(std::isfinite(s.cover.data()[i]) && (s.cover.data()[i] == 0 || s.depth.data()[i] >= 0.099f));
        Mesh behind;
        addBox(behind, {-1, 0, -9}, {1, 1, -3});
        QCOMPARE(seen(behind, eye2000(), int(kWide), 1400).cover.width(), 0);
    }

    void aCircleBecomesTheEllipseItsPointsLieOn_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        QTest::addColumn<double>("z");
        QTest::addColumn<double>("radius");
        QTest::newRow("rim under eye level") << 0.0 << 0.8 << 4.0 << 0.4;
        QTest::newRow("base, aside") << 1.5 << 0.0 << 4.0 << 0.7;
        QTest::newRow("dome over eye level") << -2.0 << 5.0 << 9.0 << 2.5;
        QTest::newRow("nearly at eye level") << 0.4 << 1.69 << 3.0 << 0.5;
        QTest::newRow("close and wide") << 0.0 << 0.2 << 1.5 << 1.1;
    }
    void aCircleBecomesTheEllipseItsPointsLieOn()
    {
        QFETCH(double, x);
        QFETCH(double, y);
        QFETCH(double, z);
        QFETCH(double, radius);
        const Eye eye = eye2000();
        const SeenEllipse e = seenEllipse(eye, {x, y, z}, {radius, 0}, {0, radius});
        QVERIFY(e.longCm > 0);
        const double c = std::cos(radians(-e.tilt)), s = std::sin(radians(-e.tilt));
        double widest = 0;
        for (int i = 0; i < 360; ++i) {
            const double t = radians(i);
            const Vec2 q = projected(eye, {x + radius * std::cos(t), y, z + radius * std::sin(t)}) - e.centre;
            const double u = (q.x * c + q.y * s) / (e.longCm / 2), v = (-q.x * s + q.y * c) / (e.shortCm / 2);
            QVERIFY2(
                std::abs(std::hypot(u, v) - 1) * e.shortCm / 2 < 0.5, qPrintable(QString::number(std::hypot(u, v))));
            widest = std::max(widest, q.length());
        }
        QVERIFY(std::abs(2 * widest - e.longCm) < 0.01 * e.longCm);
        QCOMPARE(e.fromAbove, y < eye.heightM);
    }

    void ellipsesOpenWithDistanceFromEyeLevel()
    {
        const Eye eye = eye2000();
        double last = 1e9;
        for (const double y : {0.0, 0.5, 1.0, 1.4, 1.7}) {
            const SeenEllipse e = seenEllipse(eye, {0, y, 5}, {0.4, 0}, {0, 0.4});
            QVERIFY(e.shortCm < last);
            last = e.shortCm;
        }
        QVERIFY(last < 1e-6); // at eye level a line
        // f (tan(a + b) - tan(a - b)) for a circle seen edge on, straight ahead: tangent half angle asin(r / Z).
        const SeenEllipse flat = seenEllipse(eye, {0, 1.7, 5}, {0.4, 0}, {0, 0.4});
        QVERIFY(std::abs(flat.longCm - 2 * eye.focalCm * std::tan(std::asin(0.4 / 5))) < 0.01);
    }

    void aTurnedRimIsSeenAsItsEllipse()
    {
        Standin s = edits::standinOf(Solid::Turned).standin;
        s.profile = {{{0.4, 0}, false}, {{0.4, 1}, false}}; // a drum
        s.wall = 0;
        const Eye eye = eye2000();
        const Mesh m = moved(meshOf(s), {0.6, 0, 4}, 1.1);
        // A drum's outline is the hull of its two ellipses.
        std::vector<cv::Point2f> points, hull;
        for (const double y : {0.0, 1.1}) {
            const SeenEllipse e = seenEllipse(eye, {0.6, y, 4}, {0.44, 0}, {0, 0.44});
            const double k = radians(-e.tilt);
            for (int i = 0; i < 720; ++i) {
                const double u = e.longCm / 2 * std::cos(radians(i / 2.0)),
                             v = e.shortCm / 2 * std::sin(radians(i / 2.0));
                points.emplace_back(float(e.centre.x + u * std::cos(k) - v * std::sin(k)),
                    float(e.centre.y + u * std::sin(k) + v * std::cos(k)));
            }
        }
        cv::convexHull(points, hull);
        halfAPixel(seen(m, eye, int(kWide), 2600), hull);
    }

    void aTurnedThingIsMeasuredWhereItBends()
    {
        Project p = work(Solid::Turned);
        const auto all = ellipsesOf(p, p.elements[0]);
        QVERIFY(all.size() >= 5); // base, belly, neck, rim, inner rim
        for (std::size_t i = 1; i + 1 < all.size(); ++i)
            QVERIFY(all[i].heightM >= all[i - 1].heightM - 1e-9);
        QVERIFY(std::abs(all.front().radiusM - 0.13 * 1.5) < 1e-9);
        QVERIFY(all.back().radiusM < all[all.size() - 2].radiusM);
        QVERIFY(ellipsesOf(work(Solid::Box), work(Solid::Box).elements[0]).empty());
    }

    void aWayTapersTruly()
    {
        Standin s = edits::standinOf(Solid::Path).standin;
        s.path = {{0, 0}, {0, 40}};
        s.pathWidthM = 2;
        const Eye eye = eye2000();
        const Mesh m = moved(meshOf(s, 0.001), {0.5, 0, 4});
        const SeenMesh seenWay = seen(m, eye, int(kWide), 1400);
        for (const double z : {5.0, 8.0, 13.0, 21.0, 34.0}) {
            const Vec2 left = projected(eye, {-0.5, 0.001, z}), right = projected(eye, {1.5, 0.001, z});
            const int y = int(left.y) - seenWay.top;
            // Where the row's own middle meets the ground.
            const double row = int(left.y) + 0.5, zr = eye.focalCm * (eye.heightM - 0.001) / (row - eye.horizon);
            const double l = projected(eye, {-0.5, 0.001, zr}).x, r = projected(eye, {1.5, 0.001, zr}).x;
            int a = -1, b = -1;
            for (int x = 0; x < seenWay.cover.width(); ++x)
                if (seenWay.cover.at(x, y) >= 0.5f)
                    a = a < 0 ? x : a, b = x;
            QVERIFY(a >= 0);
            QVERIFY2(std::abs(seenWay.left + a - l) <= 0.6 && std::abs(seenWay.left + b + 1 - r) <= 0.6,
                qPrintable(QString::number(z)));
            QVERIFY(std::abs((right.x - left.x) - 2 * eye.focalCm / z) < 1e-9);
        }
    }

    void aWayGoesThroughItsPoints()
    {
        Standin s;
        s.solid = Solid::Path;
        s.path = {{0, 0}, {1, 5}, {-2, 12}, {0, 20}};
        const auto line = pathLine(s, 0.25);
        for (const Vec2& wanted : s.path) {
            double best = 1e9;
            for (const Vec2& q : line)
                best = std::min(best, (q - wanted).length());
            QVERIFY(best < 1e-9);
        }
        s.path = {{0, 0}};
        QVERIFY(pathLine(s).empty() && meshOf(s, 1).faces.empty());
    }

    void limbsKeepTheirLengths()
    {
        const Skeleton rest = skeletonOf({});
        for (const Stance stance : {Stance::Standing, Stance::Sitting, Stance::Walking}) {
            Pose pose = poseOf(stance);
            pose.stoop = 20, pose.leftArm = {70, 30, 60}, pose.rightLeg.swing = 40;
            const Skeleton s = skeletonOf(pose);
            for (const std::size_t i : {std::size_t(0), std::size_t(1)}) {
                QVERIFY(std::abs((s.elbow[i] - s.shoulder[i]).length() - (rest.elbow[i] - rest.shoulder[i]).length())
                    < 1e-9);
                QVERIFY(std::abs((s.wrist[i] - s.elbow[i]).length() - (rest.wrist[i] - rest.elbow[i]).length()) < 1e-9);
                QVERIFY(std::abs((s.knee[i] - s.hip[i]).length() - (rest.knee[i] - rest.hip[i]).length()) < 1e-9);
                QVERIFY(std::abs((s.ankle[i] - s.knee[i]).length() - (rest.ankle[i] - rest.knee[i]).length()) < 1e-9);
            }
        }
        QVERIFY(std::abs(rest.head.y - 0.93) < 0.02 && std::abs(rest.hips.y - 0.53) < 1e-9);
    }

    void aPulledHandComesToThePointer_data()
    {
        QTest::addColumn<int>("joint");
        QTest::addColumn<double>("dx");
        QTest::addColumn<double>("dy");
        QTest::newRow("right hand up") << int(Joint::RightHand) << -0.10 << 0.40;
        QTest::newRow("left hand out") << int(Joint::LeftHand) << 0.20 << 0.20;
        QTest::newRow("right foot up and out") << int(Joint::RightFoot) << -0.12 << 0.10;
        QTest::newRow("head to the side") << int(Joint::Head) << 0.05 << -0.01;
    }
    void aPulledHandComesToThePointer()
    {
        QFETCH(int, joint);
        QFETCH(double, dx);
        QFETCH(double, dy);
        const auto flat = [](Vec3 q) { return Vec2{q.x, q.y}; };
        const Pose before = poseOf(Stance::Standing);
        const Vec2 start = flat(skeletonOf(before).at(Joint(joint))), wanted = start + Vec2{dx, dy};
        Pose pose = before;
        for (int i = 1; i <= 8; ++i) // as a drag brings it
            pose = posed(pose, Joint(joint), start + Vec2{dx, dy} * (i / 8.0), flat);
        const double left = (flat(skeletonOf(pose).at(Joint(joint))) - wanted).length();
        QVERIFY2(left < 0.03, qPrintable(QString::number(left)));
        QVERIFY(pose.leftArm.bend >= 0 && pose.rightArm.bend >= 0 && pose.leftLeg.bend >= 0 && pose.rightLeg.bend >= 0);
    }

    void standInsTakeLightAndThrowShadows()
    {
        Project p = work(Solid::Column, {30, 26}, 2);
        p.lights.sun = {true, 250, 30, 0.1, 6500, 1};
        SurfaceCache cache;
        NoProgress progress;
        const auto frame = compose(p, 900, cache, progress);
        light::Relighter r;
        const auto lit = r.light(frame, p.lights);
        // Lit from the left, behind the viewer: the left side is the lighter, and the shadow lies to the right.
        const Placement place = placed(p, p.elements[0], cache);
        const double k = lit.pixelsPerCm, y = place.canvas.centre().y * k;
        const auto at = [&](double x) { return luminance(lit.colour.at(int(x * k), int(y))); };
        QVERIFY(at(place.canvas.x + 0.25 * place.canvas.width)
            > 1.3f * at(place.canvas.right() - 0.2 * place.canvas.width));
        const Eye eye = eyeOf(p);
        const Vec3 foot = footOf(eye, p.elements[0]);
        const Vec3 to = sceneDirection(250, 30);
        const Vec3 fall = foot - Vec3{to.x / to.y, 0, to.z / to.y} * 1.0; // where the light that passes 1 m up lands
        const Vec2 shaded = projected(eye, fall), open = shaded - Vec2{2 * (shaded.x - p.elements[0].baseCm.x), 0};
        QVERIFY(luminance(lit.colour.at(int(shaded.x * k), int(shaded.y * k)))
            < 0.8f * luminance(lit.colour.at(int(open.x * k), int(open.y * k))));
    }

    void aTurnedCardIsForeshortened()
    {
        Project p = kit::postWork();
        const Rect shape{10, 10, 40, 400};
        const Eye eye = eyeOf(p);
        p.elements[0].yaw = 60;
        const Placement place = placementOf(p, p.elements[0], shape);
        const double half = 0.1; // m
        const Vec2 a = projected(eye, {-half * 0.5, 0, 10 - half * std::sin(radians(60))}),
                   b = projected(eye, {half * 0.5, 0, 10 + half * std::sin(radians(60))});
        QVERIFY(std::abs(place.canvas.width - (b.x - a.x)) < 0.01);
    }

    void whatWasKeptDoesNotShow()
    {
        // A frame that follows from another is the same bytes as one composed on its own, and so is its light.
        Project p = work(Solid::Box);
        for (const Solid s : {Solid::Tree, Solid::Turned, Solid::Figure}) {
            Element e = edits::standinOf(s);
            e.baseCm = {15.0 + 12 * int(s) / 4.0, 27};
            p = edits::withElement(std::move(p), e);
        }
        p.elements[2].material = Material::Glass;
        p.lights.lanterns = {{40, "a", true, {1, 1.5, 5}, 0.1, 2200, 2, 1}};
        p.lights.air = {60, 1, 0.7, 0.3};
        SurfaceCache cache;
        NoProgress progress;
        Composer composer;
        light::Relighter follows;
        for (int step = 0; step < 6; ++step) {
            if (step == 4)
                p.elements[3].heightM = 2.4;
            else if (step == 5)
                p.elements.erase(p.elements.begin());
            else
                p.elements[1].baseCm = p.elements[1].baseCm + Vec2{1.7, 0.6};
            const auto kept = composer.compose(p, 500, cache, progress), alone = compose(p, 500, cache, progress);
            light::Relighter fresh;
            const auto a = follows.light(kept, p.lights), b = fresh.light(alone, p.lights);
            QVERIFY2(same(a.colour, b.colour), qPrintable(QString::number(step)));
            QVERIFY(std::memcmp(a.ids.data(), b.ids.data(), a.ids.size() * sizeof(std::int32_t)) == 0);
        }
    }

    void insideShowsOnlyInside()
    {
        Project p = work(Solid::Turned, {30, 34}, 1.6);
        p.elements[0].standin.profile = profileOf(Turning::Jar);
        p.elements[0].material = Material::Glass;
        Element box = edits::standinOf(Solid::Box);
        box.baseCm = {30, 34};
        box.heightM = 0.5;
        box.standin.wide = 6;
        p = edits::withElement(std::move(p), box);
        const int jar = p.elements[0].id, inner = p.elements[1].id;
        SurfaceCache cache;
        NoProgress progress;
        const auto count = [&](int id, bool withinJar) {
            const auto f = compose(p, 600, cache, progress);
            const Cover c = coverOf(p, *p.element(jar), cache, 800);
            long n = 0;
            for (int y = 0; y < f->height; ++y)
                for (int x = 0; x < f->width; ++x) {
                    if (f->idAt(x, y) != id)
                        continue;
                    const Vec2 q = (Vec2{x + 0.5, y + 0.5} * (1 / f->pixelsPerCm) - c.originCm) * c.pixelsPerCm;
                    const bool in = c.share.contains(int(q.x), int(q.y)) && c.share.at(int(q.x), int(q.y)) > 0.5f;
                    n += in == withinJar;
                }
            return n;
        };
        QVERIFY(count(inner, false) > 100);
        p = edits::withInside(std::move(p), inner, jar);
        QVERIFY(count(inner, false) < 30); // a pixel of soft edge at most
    }

    void aPatternStaysWithinItsValues()
    {
        Project p = work(Solid::Box, {30, 30}, 2);
        SurfaceCache cache;
        NoProgress progress;
        const auto plain = compose(p, 500, cache, progress);
        p.elements[0].pattern = {PatternKind::Tiles, 0.3, 1, 0, 100, 0};
        const auto tiled = compose(p, 500, cache, progress);
        p.elements[0].pattern = {PatternKind::Tiles, 0.3, 1, 90, 100, 0}; // lighter than the box is anywhere
        const auto kept = compose(p, 500, cache, progress);
        QVERIFY(!same(plain->layers[0].albedo, tiled->layers[0].albedo));
        QVERIFY(same(plain->layers[0].albedo, kept->layers[0].albedo));
    }

    void hostileShapesDoNoHarm_data()
    {
        QTest::addColumn<double>("value");
        QTest::newRow("not a number") << std::numeric_limits<double>::quiet_NaN();
        QTest::newRow("infinite") << std::numeric_limits<double>::infinity();
        QTest::newRow("huge") << 1e300;
        QTest::newRow("negative") << -1e9;
    }
    void hostileShapesDoNoHarm()
    {
        QFETCH(double, value);
        SurfaceCache cache;
        NoProgress progress;
        for (int s = int(Solid::Shape); s <= int(Solid::Path); ++s) {
            Project p = work(Solid(s));
            Element& e = p.elements[0];
            e.standin.wide = e.standin.deep = e.standin.wall = e.standin.pathWidthM = value;
            e.yaw = e.stretch = e.shear = e.altitudeM = value;
            e.standin.pose.leftArm.swing = value;
            e.standin.profile.push_back({{value, value}, true});
            e.standin.path.push_back({value, value});
            for (Outline& o : e.standin.outlines)
                o.points.push_back({{value, value}, false});
            QVERIFY(!repair(p));
            const auto f = compose(p, 200, cache, progress);
            QVERIFY(f != nullptr);
        }
    }

    void noLightLeaksAtTheFoot_data()
    {
        QTest::addColumn<int>("solid");
        QTest::addColumn<double>("y"); // cm: near and far
        for (const auto& [solid, name] :
            {std::pair{Solid::Box, "box"}, {Solid::Column, "column"}, {Solid::Tent, "tent"}})
            for (const double y : {18.0, 24.0, 34.0})
                QTest::newRow(qPrintable(QString("%1 at %2 cm").arg(name).arg(y))) << int(solid) << y;
    }
    void noLightLeaksAtTheFoot()
    {
        QFETCH(int, solid);
        QFETCH(double, y);
        // A lamp low behind it: the ground touching its foot on the viewer's side is dark.
        Project p;
        p.brief.widthCm = 60, p.brief.heightCm = 40;
        p.camera = {14, 1.6, 50};
        Element e = edits::standinOf(Solid(solid));
        e.baseCm = {30, y};
        e.heightM = 1;
        p = edits::withElement(std::move(p), e);
        SurfaceCache cache;
        NoProgress progress;
        const auto f = compose(p, 900, cache, progress);
        const stage::Layer& l = f->layers[0];
        Lantern lamp;
        lamp.position = stage::footOf(stage::eyeOf(p), p.elements[0]) + Vec3{0, 0.4, 3};
        lamp.radius = 0.02;
        const light::LightPlanes planes = light::lanternPlanes(*f, lamp);
        const int middle = l.left + l.width() / 2;
        int row = l.top + l.height() - 1;
        while (row > l.top && f->idAt(middle, row) == 0)
            --row;
        for (int x = middle - 2; x <= middle + 2; ++x) {
            const auto at = std::size_t(row + 2 - f->groundTop) * std::size_t(f->width) + std::size_t(x);
            const float through = light::lightThrough(planes.groundShade[at]);
            QVERIFY2(through < 0.05f, qPrintable(QString::number(through)));
        }
    }
};

RL_TEST(TestSolids)
#include "tst_solids.moc"
