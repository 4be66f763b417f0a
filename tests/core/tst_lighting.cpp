#include "core/base/parallel.h"
#include "core/light/light_rules.h"
#include "core/light/relight.h"
#include "core/light/tone.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace rl;
using namespace rl::light;

namespace {
using kit::frameOf;
/// Scene X and Z of a ground pixel.
Vec3 groundAt(const stage::StageFrame& f, int x, int row)
{
    const double z = f.eye.focalCm * f.eye.heightM / (f.groundTop + row + 0.5 - f.eye.horizon);
    return {(x + 0.5 - f.eye.x0) * z / f.eye.focalCm, 0, z};
}

/// The far end of the shadow on the ground, m from the foot of the post at (0, 10), along its own direction.
struct Shadow {
    double length = 0, direction = 0; ///< m; degrees, 0 = away, 90 = right
};
Shadow shadowOf(const Project& p, int width = 2400)
{
    const auto f = frameOf(p, width);
    const LightPlanes planes = sunPlanes(*f, p.lights.sun);
    Shadow s;
    for (int row = 0; row < f->height - f->groundTop; ++row)
        for (int x = 0; x < f->width; ++x) {
            const float e = planes.ground[std::size_t(row) * std::size_t(f->width) + std::size_t(x)];
            if (e > 0.5f * float(std::sin(radians(p.lights.sun.elevation))))
                continue;
            const Vec3 at = groundAt(*f, x, row);
            const double d = std::hypot(at.x, at.z - 10);
            if (d > s.length)
                s = {d, wrapped360(degrees(std::atan2(at.x, at.z - 10)))};
        }
    return s;
}
} // namespace

class TestLighting : public QObject {
    Q_OBJECT
private slots:
    void lanternFollowsTheLaws_data()
    {
        QTest::addColumn<double>("distance"); // m, straight in front of the patch
        QTest::addColumn<double>("tilt"); // degrees away from the lamp
        QTest::addColumn<double>("expected");
        QTest::newRow("at its reference distance") << 2.0 << 0.0 << 1.0;
        QTest::newRow("twice as far: a quarter") << 4.0 << 0.0 << 0.25;
        QTest::newRow("half as far: four times") << 1.0 << 0.0 << 4.0;
        QTest::newRow("turned 60 degrees: half") << 2.0 << 60.0 << 0.5;
        QTest::newRow("turned away: dark") << 2.0 << 120.0 << 0.0;
        QTest::newRow("inside the lamp: clamped") << 0.01 << 0.0 << 400.0;
    }
    void lanternFollowsTheLaws()
    {
        QFETCH(double, distance);
        QFETCH(double, tilt);
        QFETCH(double, expected);
        Lantern l;
        l.position = {0, 0, 0};
        l.radius = 0.1;
        l.reference = 2;
        const double t = radians(tilt);
        QVERIFY(std::abs(lanternIrradiance(l, {0, 0, distance}, {std::sin(t), 0, -std::cos(t)}) - expected)
            < 1e-9 * (1 + expected));
    }

    void shadowsAreAsLongAsTheSunSays_data()
    {
        QTest::addColumn<double>("azimuth");
        QTest::addColumn<double>("elevation");
        // The post is 2 m high: its shadow is 2 / tan(elevation) long and points away from the sun.
        QTest::newRow("sun behind the scene, 45") << 0.0 << 45.0;
        QTest::newRow("sun behind the viewer, 45") << 180.0 << 45.0;
        QTest::newRow("sun behind the viewer, 30") << 180.0 << 30.0;
        QTest::newRow("sun ahead on the left") << 315.0 << 40.0;
        QTest::newRow("sun behind on the right") << 135.0 << 50.0;
        QTest::newRow("sun 30 off the plane") << 60.0 << 45.0;
    }
    void shadowsAreAsLongAsTheSunSays()
    {
        QFETCH(double, azimuth);
        QFETCH(double, elevation);
        const Shadow s = shadowOf(kit::postWork(azimuth, elevation));
        const double expected = 2 / std::tan(radians(elevation));
        // The card is 20 cm wide, so its upper corner lies up to 10 cm aside; ground pixels are about 1.5 cm.
        QVERIFY2(std::abs(s.length - expected) < 0.02 * expected + 0.04,
            qPrintable(QString("%1 m for %2 m").arg(s.length).arg(expected)));
        QVERIFY2(
            std::abs(turnBetween(s.direction, azimuth + 180)) < 6, qPrintable(QString("towards %1").arg(s.direction)));
    }

    void theShadowStartsAtTheFoot()
    {
        const Project p = kit::postWork(140, 40);
        const auto f = frameOf(p, 2000);
        const LightPlanes planes = sunPlanes(*f, p.lights.sun);
        double nearest = 1e9;
        for (int row = 0; row < f->height - f->groundTop; ++row)
            for (int x = 0; x < f->width; ++x)
                if (planes.ground[std::size_t(row) * std::size_t(f->width) + std::size_t(x)] < 0.2f) {
                    const Vec3 at = groundAt(*f, x, row);
                    nearest = std::min(nearest, std::hypot(at.x, at.z - 10));
                }
        QVERIFY2(nearest < 0.06, qPrintable(QString::number(nearest)));
    }

    void noLightLeaksUnderACard()
    {
        // A lamp close to the ground behind the post: the first row of ground before its contact line is dark already.
        const Project p = kit::postWork();
        const auto f = frameOf(p, 900);
        const stage::Layer& l = f->layers[0];
        Lantern lamp;
        lamp.position = {0, 0.12, 13};
        lamp.radius = 0.02;
        const LightPlanes planes = lanternPlanes(*f, lamp);
        const int row = int(std::ceil(l.groundRow - 0.5)) - f->groundTop, x = l.left + l.width() / 2;
        const Shade shade = planes.groundShade[std::size_t(row) * std::size_t(f->width) + std::size_t(x)];
        QVERIFY2(lightThrough(shade) < 0.05f, qPrintable(QString::number(lightThrough(shade))));
    }

    void aSideSunKeepsItsLength()
    {
        // Closer than 20° to the plane of the card the direction is turned, the length is not.
        const Shadow s = shadowOf(kit::postWork(90, 35));
        QVERIFY(std::abs(s.length - 2 / std::tan(radians(35.0))) < 0.12);
        QVERIFY(std::abs(turnBetween(s.direction, 270)) < 26);
    }

    void aLanternsShadowFollowsFromSimilarTriangles()
    {
        // Lantern 4 m up and 4 m in front of the 2 m post: the shadow of its top lies 4 m behind it.
        Project p = kit::postWork();
        Lantern l;
        l.position = {0, 4, 6};
        l.radius = 0.01;
        const auto f = frameOf(p, 2400);
        const LightPlanes planes = lanternPlanes(*f, l);
        double far = 0;
        for (int row = 0; row < f->height - f->groundTop; ++row) {
            const int x = f->width / 2;
            const Vec3 at = groundAt(*f, x, row);
            const double open = lanternIrradiance(l, at, {0, 1, 0});
            if (double(planes.ground[std::size_t(row) * std::size_t(f->width) + std::size_t(x)]) < 0.5 * open)
                far = std::max(far, at.z);
        }
        QVERIFY2(std::abs(far - 14) < 0.25, qPrintable(QString::number(far)));
    }

    void elementsShadeEachOther()
    {
        Project p = kit::postWork(180, 20);
        Element front = p.elements[0];
        front.id = 6;
        front.baseCm = stage::projected(stage::eyeOf(p), {0, 0, 8});
        p.elements.push_back(front);
        const auto f = frameOf(p, 1200);
        const LightPlanes planes = sunPlanes(*f, p.lights.sun);
        const stage::Layer& far = f->layers[0];
        QCOMPARE(far.element, 4);
        // The near post's shadow climbs the far one to 2 - 2 tan 20° = 1.27 m.
        const double m = far.distance / f->eye.focalCm;
        double edge = 0;
        for (int y = 0; y < far.height(); ++y) {
            const double up = f->eye.heightM - (far.top + y + 0.5 - f->eye.horizon) * m;
            if (planes.layers[0][std::size_t(y) * std::size_t(far.width()) + std::size_t(far.width() / 2)] < 0.4f)
                edge = std::max(edge, up);
        }
        QVERIFY2(std::abs(edge - (2 - 2 * std::tan(radians(20.0)))) < 0.04, qPrintable(QString::number(edge)));
    }

    void widerSunsMakeSofterShadows()
    {
        const auto greys = [](double diameter) {
            Project p = kit::postWork(180, 30);
            p.lights.sun.diameter = diameter;
            const auto f = frameOf(p, 1600);
            const LightPlanes planes = sunPlanes(*f, p.lights.sun);
            int between = 0;
            for (const float e : planes.ground)
                between += e > 0.08f && e < 0.42f;
            return between;
        };
        QVERIFY(greys(6) > 1.5 * greys(1));
    }

    void hazeHalvesContrastWhereItSays()
    {
        QCOMPARE(throughAir(150, 150), 0.5);
        QCOMPARE(throughAir(300, 150), 0.25);
        QCOMPARE(throughAir(50, 0), 1.0);
        // In the picture: a black and a white card at the half distance differ half as much.
        Project p = kit::postWork();
        const auto shown = [&](Rgb8 colour, double half) {
            p.references[0].pixels = kit::held(kit::plain(60, 420, colour));
            p.lights.air.halfContrastM = half;
            const auto f = frameOf(p, 900);
            Relighter r;
            const Picture picture = r.light(f, p.lights);
            const Vec2 middle = stage::projected(stage::eyeOf(p), {0, 1, 10});
            return double(luminance(picture.colour.at(int(middle.x * 15), int(middle.y * 15))));
        };
        const double clear = shown({120, 120, 120}, 0) - shown({0, 0, 0}, 0),
                     hazy = shown({120, 120, 120}, 10) - shown({0, 0, 0}, 10);
        QVERIFY2(std::abs(hazy / clear - 0.5) < 0.005, qPrintable(QString::number(hazy / clear)));
    }

    void aWhiteFurnaceGivesNothingAway()
    {
        // Even light from everywhere on a white card: it shows exactly that light, never more.
        Project p = kit::postWork();
        p.lights.sun.on = false;
        p.references[0].pixels = kit::held(kit::plain(60, 420, {255, 255, 255}));
        Reference sky = kit::referenceOf("even", kit::plain(120, 80, {128, 128, 128}));
        sky.id = 9;
        p.references.push_back(sky);
        p.backdrop = {9, 0.5};
        p.elements[0].altitudeM = 0.5; // clear of the ground's own shade
        const auto f = frameOf(p, 900);
        Relighter r;
        const Picture picture = r.light(f, p.lights);
        const Vec2 middle = stage::projected(stage::eyeOf(p), {0, 1.5, 10});
        const Rgb card = picture.colour.at(int(middle.x * 15), int(middle.y * 15)), around = picture.colour.at(20, 20);
        QVERIFY(std::abs(card.r / around.r - 1) < 0.01f && std::abs(card.g / around.g - 1) < 0.01f);
    }

    void theSameLightGivesTheSameBytes()
    {
        Project p = kit::postWork(150, 30);
        p.lights.lanterns
            = {{20, "a", true, {1, 1.5, 8}, 0.1, 2200, 2, 1}, {21, "b", true, {-2, 2.5, 11}, 0.2, 3200, 2, 0.5}};
        p.lights.air = {60, 1, 0.7, 0.3};
        const auto f = frameOf(p, 700);
        const auto bytes = [&](Relighter& r) { return r.light(f, p.lights).colour; };
        Relighter many, one, kept;
        const LinearPicture a = bytes(many);
        useCores(1);
        const LinearPicture b = bytes(one);
        useCores(0);
        // What was kept from another light must not show either.
        const Lights wanted = p.lights;
        p.lights.lanterns[0].position.x = 3;
        p.lights.sun.azimuth = 20;
        (void)bytes(kept);
        p.lights = wanted;
        const LinearPicture c = bytes(kept);
        QCOMPARE(std::memcmp(a.data(), b.data(), a.size() * sizeof(Rgb)), 0);
        QCOMPARE(std::memcmp(a.data(), c.data(), a.size() * sizeof(Rgb)), 0);
    }

    void movingALanternMovesThePictureContinuously()
    {
        Project p = kit::postWork();
        p.lights.sun.on = false;
        p.lights.lanterns = {{20, "a", true, {1, 1.5, 8}, 0.1, 2200, 2, 1}};
        const auto f = frameOf(p, 400);
        Relighter r;
        LinearPicture last = r.light(f, p.lights).colour;
        for (int step = 1; step <= 20; ++step) {
            p.lights.lanterns[0].position.x = 1 - 0.05 * step;
            const LinearPicture now = r.light(f, p.lights).colour;
            double sum = 0;
            for (std::size_t i = 0; i < now.size(); ++i)
                sum += double(std::abs(luminance(now.data()[i]) - luminance(last.data()[i])));
            QVERIFY(sum / double(now.size()) < 0.02);
            last = now;
        }
    }

    void wetGroundMirrorsAboutTheContactLine()
    {
        Project p = kit::postWork();
        p.references[0].pixels = kit::held(kit::plain(60, 420, {255, 40, 40}));
        p.elements[0].heightM = 1.2; // so that all of its mirror image lies on the canvas
        p.lights.air.wetness = 1;
        const auto f = frameOf(p, 1200);
        Relighter r;
        const Picture wet = r.light(f, p.lights);
        p.lights.air.wetness = 0;
        const Picture dry = r.light(f, p.lights);
        const stage::Layer& l = f->layers[0];
        const int x = f->width / 2, contact = int(l.groundRow);
        const auto redder = [&](int y) {
            return (wet.colour.at(x, y).r / wet.colour.at(x, y).b) / (dry.colour.at(x, y).r / dry.colour.at(x, y).b);
        };
        QVERIFY(redder(contact + 30) > 1.03f); // in the mirror image
        QVERIFY(std::abs(redder(contact + l.height() + 60) - 1) < 0.01f); // below where its top is mirrored
        const int aside = x + l.width();
        QVERIFY(std::abs(wet.colour.at(aside, contact + 30).r - dry.colour.at(aside, contact + 30).r) < 1e-4f);
    }

    void waterMirrorsMoreAtAGlance()
    {
        QVERIFY(std::abs(waterMirror(1) - 0.02) < 1e-12 && std::abs(waterMirror(0) - 1) < 1e-12);
        QVERIFY(waterMirror(0.2) > waterMirror(0.5));
    }

    void toneNeverClipsHue()
    {
        for (const Rgb c : {Rgb{0.3f, 0.2f, 0.1f}, Rgb{8, 3, 0.5f}, Rgb{0, 0, 40}, Rgb{0.6f, 0.6f, 0.6f}}) {
            const Rgb f = fitted(c, {});
            QVERIFY(std::max({f.r, f.g, f.b}) <= 1 + 1e-5f && std::min({f.r, f.g, f.b}) >= -1e-6f);
            // The same hue: the channels differ in the same proportion.
            const float a = (f.r - f.g) * (c.g - c.b), b = (f.g - f.b) * (c.r - c.g);
            QVERIFY2(std::abs(a - b) < 1e-4f * (1 + std::abs(a)), qPrintable(QString("%1 %2").arg(a).arg(b)));
        }
        QVERIFY(fitted({0.5f, 0.4f, 0.1f}, {}) == (Rgb{0.5f, 0.4f, 0.1f})); // mid-tones are left alone
        QVERIFY(std::abs(fitted({0.1f, 0.1f, 0.1f}, {2}).r - 0.2f) < 1e-6f);
    }

    void moreLightIsNeverDarker()
    {
        // Warm light poured onto a surface that is light already: its luminance only rises, towards white.
        const Rgb warm{2.2f, 0.75f, 0.1f};
        for (const float darks : {0.f, 0.05f, 0.3f}) {
            float last = 0;
            for (int i = 0; i <= 400; ++i) {
                const float y = luminance(fitted(Rgb{0.5f, 0.5f, 0.5f} + warm * (0.02f * float(i)), {1, darks}));
                QVERIFY(y >= last - 1e-6f);
                last = y;
            }
            QVERIFY(last > 0.85f && last <= 1);
        }
    }

    void aLampKeepsItsColour()
    {
        // Three times as bright as paper white, and still told from white; ever brighter it whitens.
        const Rgb lamp = fitted(Rgb{2.2f, 0.75f, 0.1f} * 3.f, {}), core = fitted(Rgb{2.2f, 0.75f, 0.1f} * 60.f, {});
        QVERIFY(lamp.r - lamp.b > 0.35f && core.r - core.b < 0.15f);
        // Darks go deeper, black and white stay.
        const Exposure deep{1, 0.05f};
        QVERIFY(fitted({}, deep) == Rgb{} && std::abs(luminance(fitted({0.6f, 0.6f, 0.6f}, deep)) - 0.58f) < 0.03f);
        QVERIFY(luminance(fitted({0.045f, 0.045f, 0.045f}, deep)) < 0.025f);
    }

    void plannedLightIsTheStrongest()
    {
        Project p = kit::postWork(90, 0.001);
        stage::SurfaceCache cache;
        PlannedLight l = plannedLight(p, p.elements[0], cache);
        QVERIFY(std::abs(turnBetween(l.direction.azimuth, 0)) < 1);
        QCOMPARE(QString::fromStdString(l.strongest), QString("the sun"));
        p.lights.lanterns = {{20, "Lamp", true, {-1, 1, 10}, 0.1, 2200, 2, 5}};
        l = plannedLight(p, p.elements[0], cache);
        QVERIFY(std::abs(turnBetween(l.direction.azimuth, 180)) < 6);
        QCOMPARE(QString::fromStdString(l.strongest), QString("“Lamp”"));
    }

    void theWrongSideIsFoundAndMirrored()
    {
        Project p = kit::postWork(90, 20); // sun from the right
        const auto d = kit::litDisc(220, 90, 170, 20, 0.2); // photographed with light from the left
        p.references[0] = kit::referenceOf("ball", d.photo);
        p.references[0].id = 2;
        p.cutouts[0].alpha = d.mask;
        p.elements[0].delight = 0.5;
        stage::SurfaceCache cache;
        Findings f = lightFindings(p, cache);
        QCOMPARE(QString::fromStdString(f.at(0).key), QString("light.side:4"));
        QVERIFY(f[0].severity == Severity::Broken && f[0].measured > 90);
        QCOMPARE(QString::fromStdString(f[0].fix->label), QString("Mirror it"));
        p = f[0].fix->apply(p);
        QVERIFY(p.elements[0].mirrored);
        QVERIFY(lightFindings(p, cache).empty());
    }

    void otherLightRulesFindAndFix()
    {
        Project p = kit::postWork(180, -4);
        p.lights.lanterns = {{20, "Sunk", true, {0, -1, 9}, 0.1, 2200, 2, 1}};
        p.elements[0].baseCm.y = 17; // 100 m away, in perfectly clear air
        stage::SurfaceCache cache;
        std::set<std::string> keys;
        for (const Finding& f : lightFindings(p, cache)) {
            keys.insert(f.key);
            p = f.fix->apply(p);
        }
        QVERIFY(keys.contains("light.sun-under") && keys.contains("light.in-ground:20")
            && keys.contains("light.clear-air"));
        for (const Finding& f : lightFindings(p, cache))
            QVERIFY2(!keys.contains(f.key), f.key.c_str());
    }
};

RL_TEST(TestLighting)
#include "tst_lighting.moc"
