#include "core/stage/compose.h"
#include "core/stage/stage_rules.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::stage;

class TestCamera : public QObject {
    Q_OBJECT
private slots:
    void pointsGoThereAndBack()
    {
        const Eye eye = eyeOf(kit::postWork());
        for (double x = -30; x <= 30; x += 7.5)
            for (double y = -3; y <= 9; y += 1.5)
                for (double z = 0.7; z < 200; z *= 2.3) {
                    const Vec3 back = atDistance(eye, projected(eye, {x, y, z}), z);
                    QVERIFY((back - Vec3{x, y, z}).length() < 1e-9 * (1 + z));
                }
    }

    void groundLiesWhereTheFormulaSays_data()
    {
        QTest::addColumn<double>("down"); // cm under the horizon
        QTest::addColumn<double>("metres");
        // f = 60 / (2 tan 25°) = 64.335 cm, eye 1.6 m: Z = f h / down
        QTest::newRow("10 cm under") << 10.0 << 10.2936;
        QTest::newRow("twice as far down is half as far away") << 20.0 << 5.1468;
        QTest::newRow("1 cm under") << 1.0 << 102.936;
    }
    void groundLiesWhereTheFormulaSays()
    {
        QFETCH(double, down);
        QFETCH(double, metres);
        const Eye eye = eyeOf(kit::postWork());
        QVERIFY(std::abs(groundDistance(eye, 16 + down) - metres) < 1e-3);
        QVERIFY(std::isinf(groundDistance(eye, 16)) && std::isinf(groundDistance(eye, 3)));
    }

    void whatTheHorizonCutsAlikeIsEquallyTall()
    {
        // The old studio rule: T (y_b - y_h) / h, with no focal length in it.
        Project p = kit::postWork();
        for (const double fov : {20.0, 50.0, 90.0})
            for (const double y : {17.0, 20.0, 31.0, 38.0}) {
                p.camera.fovDegrees = fov;
                p.elements[0].baseCm = {22, y};
                const Placement place = placementOf(p, p.elements[0], {10, 10, 40, 400});
                QVERIFY(place.visible);
                QVERIFY(std::abs(place.canvas.height - 2.0 * (y - 16) / 1.6) < 1e-9);
                QVERIFY(std::abs(place.canvas.bottom() - y) < 1e-9);
                QVERIFY(std::abs((16 - place.canvas.y) / place.canvas.height - (2.0 - 1.6) / 2.0)
                    < 1e-9); // the same fraction above eye level
                QVERIFY(std::abs(standingHeightCm(eyeOf(p), y, 2.0) - place.canvas.height) < 1e-9);
            }
    }

    void altitudeLiftsItStraightUp()
    {
        Project p = kit::postWork();
        const Placement low = placementOf(p, p.elements[0], {10, 10, 40, 400});
        p.elements[0].altitudeM = 1.5;
        const Placement high = placementOf(p, p.elements[0], {10, 10, 40, 400});
        QVERIFY(std::abs(high.distance - low.distance) < 1e-9);
        QVERIFY(std::abs((low.canvas.y - high.canvas.y) - 1.5 * eyeOf(p).focalCm / low.distance) < 1e-9);
    }

    void directionsConvert_data()
    {
        QTest::addColumn<double>("sceneAz");
        QTest::addColumn<double>("sceneEl");
        QTest::addColumn<double>("az");
        QTest::addColumn<double>("el");
        QTest::newRow("from the right, level") << 90.0 << 0.0 << 0.0 << 0.0;
        QTest::newRow("from the left, level") << 270.0 << 0.0 << 180.0 << 0.0;
        QTest::newRow("straight overhead") << 0.0 << 90.0 << 90.0 << 0.0;
        QTest::newRow("behind the viewer, 30 up") << 180.0 << 30.0 << 90.0 << 60.0;
        QTest::newRow("behind the scene, 30 up: back light") << 0.0 << 30.0 << 90.0 << -60.0;
    }
    void directionsConvert()
    {
        QFETCH(double, sceneAz);
        QFETCH(double, sceneEl);
        QFETCH(double, az);
        QFETCH(double, el);
        const PictureLight l = pictureLight(sceneAz, sceneEl);
        QVERIFY(std::abs(turnBetween(l.azimuth, az)) < 1e-6 && std::abs(l.elevation - el) < 1e-6);
        const Vec3 there = sceneDirection(sceneAz, sceneEl), back = sceneDirection(l);
        QVERIFY((there - back).length() < 1e-9);
    }

    void composedSizesAreTrueToHalfAPixel()
    {
        // At 2000 px across, the post must cover the rows and columns the camera says.
        const Project p = kit::postWork();
        SurfaceCache cache;
        NoProgress progress;
        const auto frame = compose(p, 2000, cache, progress);
        const Placement place = placementOf(p, p.elements[0], cache.shape(p.cutouts[0]));
        int top = 1 << 20, bottom = -1, left = 1 << 20, right = -1;
        for (int y = 0; y < frame->height; ++y)
            for (int x = 0; x < frame->width; ++x)
                if (frame->idAt(x, y) == 4)
                    top = std::min(top, y), bottom = std::max(bottom, y + 1), left = std::min(left, x),
                    right = std::max(right, x + 1);
        const double k = frame->pixelsPerCm;
        QVERIFY(std::abs(top - place.canvas.y * k) <= 0.75 && std::abs(bottom - place.canvas.bottom() * k) <= 0.75);
        QVERIFY(std::abs(left - place.canvas.x * k) <= 0.75 && std::abs(right - place.canvas.right() * k) <= 0.75);
        QVERIFY(std::abs(frame->layers[0].groundRow - 26.2936 * k) < 0.5);
    }

    void mirroringMirrorsThePicture()
    {
        Project p = kit::postWork();
        std::vector<Rgb8> pixels(60 * 420);
        for (std::size_t i = 0; i < pixels.size(); ++i)
            pixels[i] = i % 60 < 30 ? Rgb8{220, 30, 30} : Rgb8{30, 30, 220};
        p.references[0].pixels = kit::held(Photo{60, 420, pixels});
        SurfaceCache cache;
        NoProgress progress;
        const auto plain = compose(p, 800, cache, progress);
        p.elements[0].mirrored = true;
        const auto mirrored = compose(p, 800, cache, progress);
        const Layer &a = plain->layers[0], &b = mirrored->layers[0];
        const int y = a.height() / 2, w = a.width();
        QVERIFY(a.albedo.at(w / 4, y).r > 5 * a.albedo.at(w / 4, y).b);
        QVERIFY(b.albedo.at(w / 4, y).b > 5 * b.albedo.at(w / 4, y).r);
        // Its twin that is not mirrored, of the same cut-out, stays as it was, however often both are composed.
        for (int i = 0; i < 3; ++i) {
            p.elements[0].mirrored = i % 2;
            const auto again = compose(p, 800, cache, progress);
            const Layer& c = again->layers[0];
            QVERIFY(std::equal(c.albedo.data(), c.albedo.data() + c.albedo.size(), (i % 2 ? b : a).albedo.data()));
        }
    }

    void nearerStandsInFront()
    {
        Project p = kit::postWork();
        Element near = p.elements[0];
        near.id = 5;
        near.baseCm = projected(eyeOf(p), {0, 0, 5});
        p.elements.insert(p.elements.begin(), near);
        SurfaceCache cache;
        NoProgress progress;
        const auto frame = compose(p, 600, cache, progress);
        QCOMPARE(frame->layers.front().element, 4);
        QCOMPARE(frame->layers.back().element, 5);
        const Vec2 both = projected(eyeOf(p), {0, 1.0, 10});
        QCOMPARE(frame->idAt(int(both.x * 10), int(both.y * 10)), 5);
    }

    void backdropLaysItsHorizonOnTheStages()
    {
        Project p = kit::postWork();
        p.elements.clear();
        std::vector<Rgb8> pixels(300 * 200);
        for (std::size_t i = 0; i < pixels.size(); ++i)
            pixels[i] = i / 300 < 80 ? Rgb8{200, 210, 255} : Rgb8{60, 50, 40};
        Reference r = kit::referenceOf("flat", {300, 200, pixels});
        r.id = 8;
        p.references.push_back(r);
        p.backdrop = {8, 0.4};
        SurfaceCache cache;
        NoProgress progress;
        for (const double horizon : {10.0, 16.0, 30.0}) {
            p.camera.horizonCm = horizon;
            const auto frame = compose(p, 600, cache, progress);
            const int y = int(horizon * 10);
            QVERIFY(frame->backdrop.at(300, y - 4).b > 0.5f);
            QVERIFY(frame->backdrop.at(300, y + 4).b < 0.2f);
        }
    }

    void stageRulesFindAndFix()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        QVERIFY(stageFindings(p, cache).empty());
        p.elements[0].baseCm.y = 12; // above the horizon
        Findings f = stageFindings(p, cache);
        QCOMPARE(f.size(), std::size_t(1));
        QCOMPARE(QString::fromStdString(f[0].key), QString("stage.floats:4"));
        p = f[0].fix->apply(p);
        for (const Finding& left : stageFindings(p, cache))
            QVERIFY(left.key != "stage.floats:4");
        p = kit::postWork();
        p.elements[0].baseCm.x = 1.0; // 5 mm from the left edge
        f = stageFindings(p, cache);
        QCOMPARE(QString::fromStdString(f.at(0).key), QString("stage.crowded:4"));
        QVERIFY(f[0].measured < f[0].target && f[0].unit == "mm");
        p = f[0].fix->apply(p);
        QVERIFY(stageFindings(p, cache).empty());
    }

    void tooFewPixelsIsMeasuredAgainstTheEye()
    {
        // One arc minute at 2 m is 0.0582 cm: 17.2 pixels a centimetre.
        QVERIFY(std::abs(neededPixelsPerCm(200) - 17.19) < 0.01);
        QVERIFY(std::abs(neededPixelsPerCm(20) - 60) < 1e-9); // never more than 60
        Project p = kit::postWork();
        SurfaceCache cache;
        const auto pixels = [&] {
            for (const Finding& f : gatherFindings(p, cache))
                if (f.key == "gather.pixels:4")
                    return std::optional<Finding>(f);
            return std::optional<Finding>();
        };
        QVERIFY(!pixels());
        p.elements[0].heightM = 8; // 400 px over 51 cm
        const auto f = pixels();
        QVERIFY(f && f->measured < f->target);
        p = f->fix->apply(p);
        QVERIFY(!pixels());
    }
};

RL_TEST(TestCamera)
#include "tst_camera.moc"
