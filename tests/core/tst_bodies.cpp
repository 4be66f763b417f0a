#include "core/base/parallel.h"
#include "core/light/relight.h"
#include "core/stage/solids.h"
#include "tests/kit/frames.h"
#include "tests/kit/own_shade.h"
#include "tests/kit/program.h"
#include "tests/kit/rays.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <map>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

using namespace rl;
using stage::Body;
using stage::Caster;
using stage::LightPlace;

namespace {
enum class Matte { Disc, Post, Ring, Beast, Fork };

cv::Mat matteOf(Matte kind)
{
    cv::Mat m(400, 400, CV_8UC1, cv::Scalar(0));
    const cv::Scalar on(255);
    switch (kind) {
    case Matte::Disc:
        cv::circle(m, {200, 200}, 200, on, -1, cv::LINE_AA);
        break;
    case Matte::Post:
        m = cv::Mat(400, 60, CV_8UC1, on);
        break;
    case Matte::Ring:
        cv::circle(m, {200, 200}, 160, on, 70, cv::LINE_AA);
        break;
    case Matte::Beast: // a trunk on four legs, two of which end higher
        cv::ellipse(m, {200, 170}, {190, 110}, 0, 0, 360, on, -1);
        for (const auto& [x, end] : {std::pair{40, 399}, {130, 350}, {230, 350}, {310, 399}})
            cv::rectangle(m, {x, 180}, {x + 40, end}, on, -1);
        break;
    case Matte::Fork:
        cv::rectangle(m, {190, 100}, {209, 399}, on, -1);
        for (const int x : {40, 120, 190, 260, 340})
            cv::rectangle(m, {x, 0}, {x + 19, 120}, on, -1);
        cv::rectangle(m, {40, 100}, {359, 130}, on, -1);
    }
    return m;
}

Element elementOf(double heightM)
{
    Element e;
    e.id = 4, e.heightM = heightM;
    return e;
}

std::shared_ptr<const Caster> standing(
    const cv::Mat& matte, relief::Shape shape, const Element& e, Vec3 foot, double perM = 90)
{
    const double widthM = e.heightM * matte.cols / matte.rows;
    return stage::casterOf(stage::bodyOf(matte, e, shape, widthM, 0.5), e, foot, 1.6, perM);
}

stage::Mesh meshOf(const Caster& c)
{
    stage::Mesh m;
    m.points = c.points();
    m.faces = c.body()->faces;
    return m;
}

/// Volume by the divergence theorem: positive when the outer sides are outside.
double volumeOf(const Body& b)
{
    double sum = 0;
    for (const auto& f : b.faces) {
        const Vec3 p = b.points[std::size_t(f[0])], q = b.points[std::size_t(f[1])], r = b.points[std::size_t(f[2])];
        sum += stage::dot(p, stage::cross(q, r)) / 6;
    }
    return sum;
}

/// An empty frame of 60 × 40 cm with the horizon at 16 cm, and its ground in shadow of one caster: 0…1.
struct Ground {
    std::shared_ptr<const stage::StageFrame> frame;
    cv::Mat shadow;
};
Ground shadowOf(const Caster& caster, const light::ShadowLight& light, int width = 180)
{
    Project p = kit::postWork();
    p.elements.clear();
    Ground g{kit::frameOf(p, width), {}};
    const auto& f = *g.frame;
    g.shadow = cv::Mat(f.height - f.groundTop, f.width, CV_32F, cv::Scalar(0));
    const auto held = caster.seenFrom(light.place());
    for (int y = 0; y < g.shadow.rows; ++y) {
        std::vector<light::Shade> row(std::size_t(f.width), 0);
        const double z = f.eye.focalCm * f.eye.heightM / std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25),
                     m = z / f.eye.focalCm;
        light::shade(row, light::PointRow{(0.5 - f.eye.x0) * m, m, 0, z}, light, caster, 1);
        for (int x = 0; x < f.width; ++x)
            g.shadow.at<float>(y, x) = 1 - light::lightThrough(row[std::size_t(x)]);
    }
    return g;
}

double overlap(const cv::Mat& a, const cv::Mat& b)
{
    const double all = cv::countNonZero(a | b);
    return all < 1 ? 1 : cv::countNonZero(a & b) / all;
}
} // namespace
Q_DECLARE_METATYPE(Matte)
Q_DECLARE_METATYPE(rl::stage::LightPlace)
Q_DECLARE_METATYPE(relief::Shape)

/// Elements as closed bodies, and what their maps say of them, held against rays.
class TestBodies : public QObject {
    Q_OBJECT
private slots:
    void rowsAreToldTogetherAsAlone_data()
    {
        QTest::addColumn<LightPlace>("light");
        QTest::addColumn<double>("size");
        QTest::addColumn<bool>("deep");
        QTest::newRow("sharp sun, ground") << LightPlace{true, stage::sceneDirection(60, 25)} << 0.004 << false;
        QTest::newRow("wide sun, deep rows") << LightPlace{true, stage::unit({-0.2, 0.4, -0.9})} << 0.05 << true;
        QTest::newRow("lamp, ground") << LightPlace{false, {-2.5, 3, 5}} << 0.15 << false;
        QTest::newRow("lamp, deep rows") << LightPlace{false, {2, 2.5, 4}} << 0.05 << true;
        QTest::newRow("lamp inside, six faces") << LightPlace{false, {0, 0.8, 6}} << 0.02 << true;
    }
    void rowsAreToldTogetherAsAlone()
    {
        QFETCH(LightPlace, light);
        QFETCH(double, size);
        QFETCH(bool, deep);
        const auto caster = standing(matteOf(Matte::Fork), relief::Shape::Puffed, elementOf(2), {0, 0, 6});
        const auto map = caster->seenFrom(light);
        constexpr int rows = 40, count = 333;
        std::vector<std::vector<float>> depths(rows), told(rows, std::vector<float>(count, -1));
        std::vector<stage::RayRow> all;
        std::vector<float*> out;
        for (int k = 0; k < rows; ++k) { // ground in front and behind, or a wall that folds
            for (int i = 0; i < count; ++i)
                depths[std::size_t(k)].push_back(
                    6.3f + 0.4f * float((i / 40) % 2) + 0.002f * float(i) + 0.01f * float(k));
            const double z = 4.5 + 0.15 * k;
            all.push_back(deep ? stage::RayRow{{0, 1.6, 0}, {-0.4, 0.02 * (rows / 2 - k), 1}, {0.8 / count, 0, 0},
                              depths[std::size_t(k)].data(), count, 6.3, 7.8}
                               : stage::RayRow{{}, {-3, 0, z}, {6.0 / count, 0, 0}, nullptr, count});
            out.push_back(told[std::size_t(k)].data());
        }
        std::vector<stage::BodyMap::Runs> runs(rows);
        map->stopped(all, out, size, runs);
        double sum = 0, wrong = 0, most = 0;
        for (int k = 0; k < rows; ++k) {
            std::vector<float> together(count, 0.f), alone(count, 0.f), room(count, -1);
            const auto laid = [](std::vector<float>& to, const float* from, const stage::BodyMap::Runs& where) {
                for (const auto& [a, b] : where)
                    std::copy(from + a, from + b, to.begin() + a);
            };
            laid(together, out[std::size_t(k)], runs[std::size_t(k)]);
            stage::BodyMap::Runs one;
            float* at = room.data();
            map->stopped({&all[std::size_t(k)], 1}, {&at, 1}, size, {&one, 1});
            laid(alone, at, one);
            QCOMPARE(together, alone);
            // Every point by itself, so that nothing follows from its neighbours.
            for (int i = 0; i < count; ++i) {
                stage::RayRow point = all[std::size_t(k)];
                point.way = point.way + point.step * i, point.count = 1;
                point.depth = deep ? point.depth + i : nullptr;
                float here = 0;
                at = &here;
                map->stopped({&point, 1}, {&at, 1}, size, {&one, 1});
                const double apart = std::abs(double(one.empty() ? 0 : here) - double(together[std::size_t(i)]));
                sum += apart, wrong += apart > 0.2, most = std::max(most, double(here));
            }
        }
        QVERIFY(most > 0.5); // there is a shadow to be read
        QVERIFY2(sum / (rows * count) < 0.002, qPrintable(QString::number(sum / (rows * count))));
        // What is narrower than a pixel may be missed now and then.
        QVERIFY2(wrong / (rows * count) < 0.002, qPrintable(QString::number(wrong / (rows * count))));
    }

    void everyCutOutIsClosed_data()
    {
        QTest::addColumn<Matte>("matte");
        QTest::addColumn<relief::Shape>("shape");
        QTest::addColumn<double>("yaw");
        QTest::addColumn<bool>("mirrored");
        using S = relief::Shape;
        QTest::newRow("disc, ball") << Matte::Disc << S::Ball << 0.0 << false;
        QTest::newRow("post, column, turned") << Matte::Post << S::Column << 35.0 << false;
        QTest::newRow("ring, puffed, mirrored") << Matte::Ring << S::Puffed << -60.0 << true;
        QTest::newRow("beast, puffed") << Matte::Beast << S::Puffed << 120.0 << false;
        QTest::newRow("fork, card, mirrored") << Matte::Fork << S::Card << 0.0 << true;
        QTest::newRow("beast, slab") << Matte::Beast << S::Slab << 0.0 << false;
    }
    void everyCutOutIsClosed()
    {
        QFETCH(Matte, matte);
        QFETCH(relief::Shape, shape);
        QFETCH(double, yaw);
        QFETCH(bool, mirrored);
        Element e = elementOf(2);
        e.yaw = yaw, e.mirrored = mirrored, e.shear = 8;
        const cv::Mat m = matteOf(matte);
        const auto body = stage::bodyOf(m, e, shape, 2.0 * m.cols / m.rows, 0.5);
        QVERIFY(body->faces.size() > 100);
        std::map<std::pair<int, int>, int> edges; // there and back as often
        for (const auto& f : body->faces)
            for (std::size_t k = 0; k < 3; ++k) {
                const int a = f[k], b = f[(k + 1) % 3];
                edges[{std::min(a, b), std::max(a, b)}] += a < b ? 1 : -1;
            }
        for (const auto& [edge, sum] : edges)
            QVERIFY2(sum == 0, qPrintable(QString("%1–%2").arg(edge.first).arg(edge.second)));
        QVERIFY2(volumeOf(*body) > 0, qPrintable(QString::number(volumeOf(*body))));
    }

    void aDiscBecomesABall()
    {
        const Element e = elementOf(2);
        const auto body = stage::bodyOf(matteOf(Matte::Disc), e, relief::Shape::Ball, 2, 0.5);
        const double ball = 4.0 / 3 * kPi;
        QVERIFY2(std::abs(volumeOf(*body) / ball - 1) < 0.12, qPrintable(QString::number(volumeOf(*body) / ball)));
        const auto post = stage::bodyOf(matteOf(Matte::Post), e, relief::Shape::Column, 0.3, 0.5);
        const double bar = kPi * 0.15 * 0.15 * 2; // its roots go deeper
        QVERIFY2(volumeOf(*post) > 0.9 * bar && volumeOf(*post) < 1.2 * bar,
            qPrintable(QString::number(volumeOf(*post) / bar)));
    }

    /// A hard sun all round in steps of 15°, against rays through the same body.
    void shadowsOfCutOutsLieWhereRaysSay_data()
    {
        QTest::addColumn<Matte>("matte");
        QTest::addColumn<double>("elevation");
        QTest::newRow("beast, low sun") << Matte::Beast << 12.0;
        QTest::newRow("beast") << Matte::Beast << 33.0;
        QTest::newRow("disc") << Matte::Disc << 25.0;
        QTest::newRow("ring, high sun") << Matte::Ring << 55.0;
        QTest::newRow("fork") << Matte::Fork << 40.0;
    }
    void shadowsOfCutOutsLieWhereRaysSay()
    {
        QFETCH(Matte, matte);
        QFETCH(double, elevation);
        const auto caster = standing(matteOf(matte), relief::Shape::Puffed, elementOf(1.5), {0.2, 0, 6});
        const stage::Mesh mesh = meshOf(*caster);
        std::vector<double> told;
        for (int azimuth = 5; azimuth < 360; azimuth += 15) {
            const auto sun = light::sunForShadows(azimuth, elevation, 0.02);
            const Ground g = shadowOf(*caster, sun, matte == Matte::Fork ? 300 : 180); // its tines are thin
            const Mask rays = kit::shadowOnGround(*g.frame, mesh, {true, sun.at});
            told.push_back(overlap(g.shadow > 0.5f, rays.mat() > 0));
        }
        std::sort(told.begin(), told.end());
        qInfo("overlap with rays: median %.3f, worst %.3f of %zu suns", told[told.size() / 2], told[0], told.size());
        QVERIFY2(told[told.size() / 2] > 0.95 && told[0] > 0.88, qPrintable(QString::number(told[0])));
    }

    /// What a thing shades of itself, where its surface faces the light, against rays through its body.
    void aThingShadesItselfWhereRaysSay_data()
    {
        QTest::addColumn<Solid>("solid");
        QTest::addColumn<bool>("lamp");
        for (const auto& [name, solid] : {std::pair{"figure", Solid::Figure}, {"tree", Solid::Tree},
                 {"arch", Solid::Arch}, {"wheel", Solid::Wheel}}) {
            QTest::addRow("%s, suns", name) << solid << false;
            QTest::addRow("%s, lamps", name) << solid << true;
        }
    }
    void aThingShadesItselfWhereRaysSay()
    {
        QFETCH(Solid, solid);
        QFETCH(bool, lamp);
        Project p = kit::postWork();
        p.lights.sun.on = false;
        Element& e = p.elements[0];
        e.cutout = 0, e.standin.solid = solid, e.standin.deep = 0.4, e.standin.wide = 0.6, e.yaw = 20, e.heightM = 3;
        const auto f = kit::frameOf(p, 900);
        const stage::Layer& l = f->layers.at(0);
        std::vector<double> wrong;
        double shaded = 0;
        for (int azimuth = 95; azimuth < 270; azimuth += 43) {
            const Vec3 to = stage::sceneDirection(azimuth, 20 + azimuth % 35);
            const light::ShadowLight light{!lamp, lamp ? l.caster->middle() + to * 4 : to, 0.001};
            const auto held = kit::ownShadeHeld(*f, l, light, 8);
            QVERIFY(held.seen > 40);
            shaded += held.shaded;
            wrong.push_back(held.share());
        }
        std::sort(wrong.begin(), wrong.end());
        qInfo(
            "told wrongly: median %.3f, worst %.3f of %zu lights", wrong[wrong.size() / 2], wrong.back(), wrong.size());
        QVERIFY(shaded > 0);
        QVERIFY(wrong[wrong.size() / 2] < 0.04 && wrong.back() < 0.08);
    }

    void lampsBesideAndInsideAreFollowed_data()
    {
        QTest::addColumn<Vec3>("lamp"); // m from the body's foot
        QTest::newRow("behind") << Vec3{0.4, 1.9, 2.5};
        QTest::newRow("close beside") << Vec3{0.9, 1.1, 0.2};
        QTest::newRow("above") << Vec3{0.1, 2.4, -0.1};
        QTest::newRow("in the ring's hole") << Vec3{0, 0.75, 0};
    }
    void lampsBesideAndInsideAreFollowed()
    {
        QFETCH(Vec3, lamp);
        const auto caster = standing(matteOf(Matte::Ring), relief::Shape::Puffed, elementOf(1.5), {0, 0, 6});
        const light::ShadowLight light{false, Vec3{0, 0, 6} + lamp, 0.001};
        const Ground g = shadowOf(*caster, light);
        const Mask rays = kit::shadowOnGround(*g.frame, meshOf(*caster), {false, light.at});
        const double told = overlap(g.shadow > 0.5f, rays.mat() > 0);
        QVERIFY2(cv::countNonZero(rays.mat()) > 50 && told > 0.9, qPrintable(QString::number(told)));
    }

    /// The half-shadow of a wide sun against many rays.
    void softnessGrowsFromTheFoot_data()
    {
        QTest::addColumn<double>("diameter");
        QTest::addColumn<double>("most"); // mean difference in and around the shadow
        QTest::newRow("sun behind a veil") << 3.0 << 0.03;
        QTest::newRow("very soft") << 10.0 << 0.05;
    }
    void softnessGrowsFromTheFoot()
    {
        QFETCH(double, diameter);
        QFETCH(double, most);
        const auto caster = standing(matteOf(Matte::Post), relief::Shape::Column, elementOf(1.5), {0, 0, 6});
        const auto sun = light::sunForShadows(70, 35, diameter);
        const Ground g = shadowOf(*caster, sun);
        const Vec3 u = stage::unit(stage::cross(sun.at, {0, 1, 0})), v = stage::cross(sun.at, u);
        cv::Mat truth(g.shadow.size(), CV_32F, cv::Scalar(0));
        constexpr int rays = 40;
        for (int k = 0; k < rays; ++k) {
            const double r = std::sqrt((k + 0.5) / rays) * sun.size, a = 2.399963 * k;
            const Vec3 to = stage::unit(sun.at + u * (r * std::cos(a)) + v * (r * std::sin(a)));
            cv::Mat hit;
            kit::shadowOnGround(*g.frame, meshOf(*caster), {true, to}).mat().convertTo(hit, CV_32F, 1 / (255.0 * rays));
            truth += hit;
        }
        cv::Mat near;
        cv::dilate(truth > 0.02f, near, cv::Mat(), {-1, -1}, 4);
        const double off = cv::mean(cv::abs(truth - g.shadow), near)[0];
        QVERIFY2(off < most, qPrintable(QString::number(off)));
    }

    void whatIsAddedIsTakenAwayExactly()
    {
        const auto caster = standing(matteOf(Matte::Beast), relief::Shape::Puffed, elementOf(1.5), {0, 0, 6});
        const light::ShadowLight lamp{false, {1, 2, 5}, 0.15};
        std::vector<light::Shade> row(700, 1234);
        const std::vector<light::Shade> before = row;
        const light::PointRow points{-2, 4.0 / 700, 0, 6.2};
        QVERIFY(light::shade(row, points, lamp, *caster, 1) && row != before);
        QVERIFY(light::shade(row, points, lamp, *caster, -1)); // its map has been forgotten meanwhile, and is made anew
        QVERIFY(row == before);
        const light::PointRow away{-2, 4.0 / 700, 0, 60};
        QVERIFY(!light::shade(row, away, {true, stage::sceneDirection(0, 30), 0.005}, *caster, 1)); // the sun ahead
    }

    void halfAMatteStopsHalf()
    {
        const auto whole = standing(matteOf(Matte::Post), relief::Shape::Card, elementOf(1.5), {0, 0, 6});
        const auto veil = standing(matteOf(Matte::Post) * 0.4, relief::Shape::Card, elementOf(1.5), {0, 0, 6});
        Element glass = elementOf(1.5);
        glass.material = Material::Glass;
        const auto clear = standing(matteOf(Matte::Post), relief::Shape::Card, glass, {0, 0, 6});
        const auto sun = light::sunForShadows(150, 40, 0.1);
        const auto most = [&](const Caster& c) {
            double high = 0;
            cv::minMaxLoc(shadowOf(c, sun).shadow, nullptr, &high);
            return high;
        };
        QVERIFY2(most(*whole) > 0.97, qPrintable(QString::number(most(*whole))));
        QVERIFY2(std::abs(most(*veil) - 0.4) < 0.05, qPrintable(QString::number(most(*veil))));
        QVERIFY2(std::abs(most(*clear) - 0.3) < 0.05, qPrintable(QString::number(most(*clear))));
    }

    /// Feet that end higher in the picture stand farther back, on the same sight lines.
    void farFeetStandOnTheGroundWhereTheyAreSeen()
    {
        const Vec3 foot{0.2, 0, 6};
        const Element e = elementOf(1.5);
        const cv::Mat m = matteOf(Matte::Beast);
        const auto body = stage::bodyOf(m, e, relief::Shape::Puffed, 1.5, 0.5);
        const auto caster = stage::casterOf(body, e, foot, 1.6, 90);
        const double h = 1.5 * 49 / 400, far = foot.z * 1.6 / (1.6 - h);
        int onGround = 0;
        for (std::size_t i = 0; i < caster->points().size(); ++i) {
            const Vec3 was = body->points[i] + foot, is = caster->points()[i];
            if (is.y > 0) // the eye sees every point where it saw it
                QVERIFY(std::abs(is.x / is.z - was.x / was.z) < 1e-9
                    && std::abs((is.y - 1.6) / is.z - (was.y - 1.6) / was.z) < 1e-9);
            const bool farLeg = std::abs(is.y) < 0.08 && std::abs(was.y - h) < 0.01;
            if (farLeg && std::abs(is.z - far) < 0.35)
                ++onGround;
        }
        QVERIFY2(onGround > 8, qPrintable(QString::number(onGround)));
        Element lifted = e;
        lifted.altitudeM = 0.5; // a thing in the air has no feet to set down
        const auto hung = stage::casterOf(body, lifted, foot, 1.6, 90);
        for (std::size_t i = 0; i < hung->points().size(); ++i)
            QVERIFY(hung->points()[i].y >= 0.5 - 1e-9);
    }

    void feetAreFoundAndThePainterSaysWhereTheyStand_data()
    {
        QTest::addColumn<int>("foot"); // from the left
        QTest::addColumn<double>("back");
        QTest::addColumn<bool>("aloft");
        QTest::newRow("a near foot farther back") << 0 << 0.9 << false;
        QTest::newRow("a far foot not as far as it looks") << 1 << 0.1 << false;
        QTest::newRow("a foot before the others") << 3 << -0.6 << false;
        QTest::newRow("a lifted foot") << 2 << 0.0 << true;
    }
    void feetAreFoundAndThePainterSaysWhereTheyStand()
    {
        QFETCH(int, foot);
        QFETCH(double, back);
        QFETCH(bool, aloft);
        const cv::Mat m = matteOf(Matte::Beast);
        const auto feet = stage::footingOf(Mask::fromMat(m), {0, 0, 400, 400}).feet;
        QCOMPARE(int(feet.size()), 4);
        const double at[4]{60 / 400.0, 150 / 400.0, 250 / 400.0, 330 / 400.0};
        for (std::size_t i = 0; i < 4; ++i) {
            QVERIFY(std::abs(feet[i].at() - at[i]) < 0.02);
            QVERIFY(std::abs(feet[i].up - (i == 1 || i == 2 ? 49 / 400.0 : 0)) < 0.01);
        }
        Element e = elementOf(1.5);
        e.feet = {{at[foot], back, aloft}};
        const Vec3 stands{0, 0, 6};
        const auto caster = standing(m, relief::Shape::Puffed, e, stands);
        // The lowest points under that foot, along its sight lines.
        const double x = (at[foot] - 0.5) * 1.5;
        double low = 1e9, sum = 0, count = 0;
        for (const Vec3& p : caster->points())
            if (std::abs(p.x / p.z * 6 - x) < 0.05) {
                low = std::min(low, p.y);
                if (p.y < 0.08)
                    sum += p.z, ++count;
            }
        if (aloft) { // as high as it is seen
            QVERIFY2(low > 1.5 * 49 / 400 - 0.05, qPrintable(QString::number(low)));
            return;
        }
        QVERIFY(low < 0.001 && count > 2);
        QVERIFY2(std::abs(sum / count - 6 - back) < 0.25, qPrintable(QString::number(sum / count)));
        // A sun overhead, nearly: its shadow lies under it.
        const auto sun = light::sunForShadows(0, 89, 0.02);
        const Ground g = shadowOf(*caster, sun, 360);
        const auto& eye = g.frame->eye;
        float most = 0;
        for (double z = 5.85 + back; z <= 6.15 + back; z += 0.05) {
            const Vec2 at = stage::projected(eye, Vec3{x / 6, 0, 1} * z);
            most = std::max(most, g.shadow.at<float>(int(at.y) - g.frame->groundTop, int(at.x)));
        }
        QVERIFY2(most > 0.5f, qPrintable(QString::number(most)));
    }

    void theGroundDarkensUnderWhatStandsOnIt_data()
    {
        QTest::addColumn<double>("altitude");
        QTest::addColumn<double>("least"); // of e^-share a hand's breadth before the foot
        QTest::addColumn<double>("most");
        QTest::newRow("stands") << 0.0 << 0.3 << 0.75;
        QTest::newRow("hangs low") << 0.15 << 0.4 << 0.95;
        QTest::newRow("hangs high") << 0.8 << 0.999 << 1.0;
    }
    void theGroundDarkensUnderWhatStandsOnIt()
    {
        QFETCH(double, altitude);
        QFETCH(double, least);
        QFETCH(double, most);
        Element e = elementOf(1.5);
        e.altitudeM = altitude;
        const auto caster = standing(matteOf(Matte::Disc), relief::Shape::Slab, e, {0, 0, 6});
        const stage::Contact& c = caster->contact();
        const auto open = [&](double x, double z) {
            if (c.share.empty())
                return 1.0;
            const int i = int((x - c.left) * c.perM), j = int((z - c.near) * c.perM);
            const bool on = i >= 0 && j >= 0 && i < c.share.width() && j < c.share.height();
            return on ? std::exp(-double(c.share.at(i, j))) : 1.0;
        };
        QVERIFY2(open(0, 5.98) >= least && open(0, 5.98) <= most, qPrintable(QString::number(open(0, 5.98))));
        QVERIFY(open(0, 5.98) <= open(0, 5.6) + 1e-6 && open(0, 4.8) > 0.97);
    }

    /// Fresh frames, frames of one core and rows read in pieces say the same.
    void mapsAreTheSameOnAnyNumberOfCores()
    {
        Project p = kit::postWork(215, 25);
        p.elements[0].form = Form::Puffed;
        p.lights.lanterns = {{40, "lamp", true, {1, 1.5, 8}, 0.2, 2200, 2, 1}};
        const auto picture = [&](int threads) {
            useCores(threads);
            light::Relighter r;
            const auto lit = r.light(kit::frameOf(p, 500), p.lights);
            useCores(0);
            return lit.colour;
        };
        const auto one = picture(1), two = picture(2);
        QVERIFY(std::memcmp(one.data(), two.data(), one.size() * sizeof(Rgb)) == 0);
    }

    void aBoxHidesTheGlintOfTheLampBehindIt()
    {
        const double left = kit::glintThroughBox(480);
        QVERIFY2(left < 0.02, qPrintable(QString::number(left)));
    }
};

RL_TEST(TestBodies)
#include "tst_bodies.moc"
