#include "core/colour/lab.h"
#include "core/light/presets.h"
#include "core/light/sky_optics.h"
#include "core/project/stage_edits.h"
#include "core/review/light_audit.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/rays.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::light;

namespace {
using kit::frameOf;
/// A ball of 96 × 192 faces stands for the sphere whose zones are known.
Project ball(double sunAzimuth, double sunElevation)
{
    Project p = kit::postWork(sunAzimuth, sunElevation);
    p.elements.clear();
    Element e = edits::standinOf(Solid::Turned);
    e.standin.profile.clear();
    for (int i = 0; i <= 24; ++i) {
        const double t = kPi * i / 24;
        e.standin.profile.push_back({{0.5 * std::sin(t), 0.5 - 0.5 * std::cos(t)}, false});
    }
    e.standin.wall = 0;
    e.heightM = 1;
    e.altitudeM = 1.1;
    e.baseCm = {30, 30};
    p = edits::withElement(std::move(p), e);
    return p;
}

/// Photograph of a ball lit from one side, cut out and stood up where the sun comes from a side of its own.
Project litBall(double photoAzimuth, double sunAzimuth)
{
    const kit::Disc d = kit::litDisc(400, 160, photoAzimuth, 25, 0.05);
    Project p = kit::postWork(sunAzimuth, 25);
    Reference r = kit::referenceOf("ball", d.photo);
    r.id = 20;
    p.references.push_back(r);
    p.cutouts.push_back({21, 20, {}, 4, d.mask, {}, {}, {}});
    p.elements[0].cutout = 21;
    p.elements[0].form = Form::Ball;
    p.elements[0].heightM = 1.6;
    p.elements[0].delight = 0; // stuck on as photographed
    p.elements[0].baseCm.y = 32;
    p.lights.sun.strength = 0.35; // too weak to turn the photograph's own light over
    p.lights.air.skyStrength = 0.6;
    p.lastId = 30;
    return p;
}

review::AuditRow auditOf(const Project& p)
{
    stage::SurfaceCache cache;
    NoProgress progress;
    const auto frame = stage::compose(p, 700, cache, progress);
    Relighter r;
    const auto rows = review::lightAudit(p, frame, r.light(frame, p.lights), cache, progress);
    return rows.empty() ? review::AuditRow{} : rows.front();
}
} // namespace

class TestLightStudy : public QObject {
    Q_OBJECT
private slots:
    void zonesFollowTheAngleOfTheLight()
    {
        QCOMPARE(zoneOf(0.9f, 1, 1, 6), Zone::Light);
        QCOMPARE(zoneOf(0.3f, 1, 1, 6), Zone::HalfTone);
        QCOMPARE(zoneOf(0.02f, 1, 1, 6), Zone::Core);
        QCOMPARE(zoneOf(0, 1, 1.3f, 6), Zone::Reflected);
        QCOMPARE(zoneOf(0, 1, 0.5f, 6), Zone::Occlusion);
        QCOMPARE(zoneOf(0.9f, 0, 1, 6), Zone::Cast);
        for (const float facing : {0.f, 0.3f, 0.9f})
            for (const float through : {0.f, 1.f})
                for (const float open : {0.5f, 1.f, 1.5f}) {
                    const Zone two = zoneOf(facing, through, open, 2);
                    QVERIFY(two == Zone::Light || two == Zone::Core); // light and shade
                    QVERIFY(zoneOf(facing, through, open, 5) != Zone::Occlusion);
                    QVERIFY(zoneOf(facing, through, open, 3) != Zone::Reflected);
                }
    }

    void aBallHasItsTerminatorWhereItShould()
    {
        // Sun straight from the right, level: the half turned away from it is in shade, to the pixel column.
        Project p = ball(90, 0.5);
        p.lights.sun.elevation = 1;
        Relighter r;
        const auto f = frameOf(p, 900);
        const LinearPicture zones = r.pass(f, p.lights, Pass::Zones, 2);
        stage::SurfaceCache cache;
        const Rect box = stage::placed(p, p.elements[0], cache).canvas;
        const double k = f->pixelsPerCm;
        const auto at = [&](double share) {
            return colour::toLab(zones.at(int((box.x + share * box.width) * k), int(box.centre().y * k))).L;
        };
        // cos = 0.12 lies at 0.56 of the width from the left.
        QVERIFY(std::abs(double(at(0.50)) - 20) < 3 && std::abs(double(at(0.62)) - 92) < 3);
    }

    void passesHoldWhatTheySay()
    {
        Project p = kit::postWork(120, 35);
        const auto f = frameOf(p, 600);
        Relighter r;
        const Vec2 c = stage::projected(stage::eyeOf(p), {0, 1, 10}) * f->pixelsPerCm;
        const int x = int(c.x), y = int(c.y);
        QVERIFY(std::abs(r.pass(f, p.lights, Pass::Depth).at(x, y).r - 10) < 1e-3f);
        QCOMPARE(r.pass(f, p.lights, Pass::Depth).at(x, 5).r, 0.f); // sky
        const int row = f->groundTop + 40;
        QVERIFY(std::abs(double(r.pass(f, p.lights, Pass::Depth).at(20, row).r)
                    - f->eye.focalCm * f->eye.heightM / (row + 0.5 - f->eye.horizon))
            < 0.01);
        QCOMPARE(r.pass(f, p.lights, Pass::Id).at(x, y).r, 4.f);
        const Rgb n = r.pass(f, p.lights, Pass::Normal).at(x, y);
        QVERIFY(std::abs(std::hypot(2 * n.r - 1, 2 * n.g - 1, 2 * n.b - 1) - 1) < 0.01f);
        QCOMPARE(r.pass(f, p.lights, Pass::Albedo).size(), std::size_t(f->width) * std::size_t(f->height));
        // The sun stands before the viewer to the right: the shadow falls nearer and to the left.
        const LinearPicture shadow = r.pass(f, p.lights, Pass::Shadow);
        const Vec3 to = stage::sceneDirection(120, 35);
        const Vec2 in = stage::projected(stage::eyeOf(p), {-to.x / to.y, 0, 10 - to.z / to.y}) * f->pixelsPerCm;
        QVERIFY(shadow.at(int(in.x), int(in.y)).r < 0.3f);
        QVERIFY(shadow.at(int(in.x) - 60, int(in.y)).r > 0.95f);
        // Light, taken after passes, is the same picture as without them.
        Relighter fresh;
        const Picture a = r.light(f, p.lights), b = fresh.light(f, p.lights);
        QCOMPARE(std::memcmp(a.colour.data(), b.colour.data(), a.colour.size() * sizeof(Rgb)), 0);
    }

    void theUnfittedPictureIsTheSameUnderTheShoulder()
    {
        Project p = kit::postWork(150, 30);
        const auto f = frameOf(p, 300);
        Relighter r;
        const Picture fitted = r.light(f, p.lights);
        const LinearPicture raw = r.scene(f, p.lights);
        long same = 0;
        for (std::size_t i = 0; i < raw.size(); ++i) {
            const Rgb a = fitted.colour.data()[i], b = raw.data()[i];
            QVERIFY(luminance(a) <= luminance(b) + 1e-6f);
            if (std::max({b.r, b.g, b.b}) <= 0.6f) {
                QVERIFY(std::abs(a.r - b.r) < 1e-6f);
                ++same;
            }
        }
        QVERIFY(same > 1000);
    }

    void theSunsPathLiesUnderTheSun()
    {
        Project p = kit::postWork(4, 12);
        const SkyOptics o = skyOptics(p);
        QVERIFY(o.path.size() >= 4);
        double x = 0;
        for (const Vec2& q : o.path) {
            x += q.x / double(o.path.size());
            QVERIFY(q.y >= p.camera.horizonCm);
        }
        QVERIFY2(std::abs(x - o.sunCm.x) < 1.5, qPrintable(QString("%1 under %2").arg(x).arg(o.sunCm.x)));
        QVERIFY(skyOptics(kit::postWork(180, 12)).path.empty()); // a sun behind the viewer draws none
    }

    void whatTheAuditSaysHasItsCure_data()
    {
        QTest::addColumn<QString>("key");
        QTest::addColumn<double>("nowK");
        QTest::addColumn<double>("softness"); // as photographed; planned 0.3
        QTest::addColumn<double>("reached");
        QTest::addColumn<double>("lightest"); // a white card shows L* 70
        QTest::newRow("too cool") << "light.warmth" << 9000.0 << 0.3 << 1.0 << 60.0;
        QTest::newRow("too warm") << "light.warmth" << 2000.0 << 0.3 << 1.0 << 60.0;
        QTest::newRow("warm in the shade") << "light.warm-shade" << 3000.0 << 0.3 << 0.05 << 60.0;
        QTest::newRow("lighter than white") << "light.too-bright" << 4000.0 << 0.3 << 1.0 << 90.0;
        QTest::newRow("photographed softer") << "light.softness" << 4000.0 << 0.9 << 1.0 << 60.0;
        QTest::newRow("photographed harder") << "light.softness" << 4000.0 << -0.2 << 1.0 << 60.0;
        QTest::newRow("nothing") << "" << 4000.0 << 0.3 << 1.0 << 60.0;
    }
    void whatTheAuditSaysHasItsCure()
    {
        QFETCH(QString, key);
        QFETCH(double, nowK);
        QFETCH(double, softness);
        QFETCH(double, reached);
        QFETCH(double, lightest);
        Project p = kit::postWork();
        p.elements[0].delight = 0.5;
        review::AuditRow row;
        row.element = p.elements[0].id;
        row.photographed.direction.confidence = row.planned.direction.confidence = row.now.direction.confidence = 0.9;
        row.photographed.softness = std::max(0.0, softness), row.planned.softness = softness < 0 ? 0.5 : 0.3;
        row.now.kelvin = nowK, row.planned.kelvin = 4000;
        row.reached = reached, row.lightest = lightest, row.cardL = 70;
        stage::SurfaceCache cache;
        const Findings said = review::auditFindings(p, {row}, cache);
        if (key.isEmpty()) {
            QVERIFY(said.empty());
            return;
        }
        QCOMPARE(said.size(), std::size_t(1));
        const Finding& f = said[0];
        QVERIFY2(f.key.starts_with(key.toStdString() + ":"), f.key.c_str());
        QVERIFY(f.place.width > 0 && !f.why.empty() && !f.unit.empty() && f.fix);
        Project cured = p;
        cured = f.fix->apply(cured);
        const Element &is = cured.elements[0], &was = p.elements[0];
        QVERIFY(!(is == was));
        if (key == "light.warmth")
            QCOMPARE(is.tone.b > 0, nowK > 4000);
        if (key == "light.warm-shade")
            QVERIFY(is.tone.b < 0);
        if (key == "light.too-bright")
            QVERIFY(is.tone.lightTo < 100 && is.tone.amount == 1);
    }

    /// A lamp so many stops too strong is told by just those, and brought back by them.
    void aLampTooStrongIsToldInStops_data()
    {
        QTest::addColumn<double>("stops");
        QTest::addColumn<bool>("two"); // a second, weaker lamp takes no blame
        QTest::newRow("one stop and a half") << 1.5 << false;
        QTest::newRow("three stops") << 3.0 << false;
        QTest::newRow("five stops, two lamps") << 5.0 << true;
        QTest::newRow("as bright as paper") << 0.0 << false;
    }
    void aLampTooStrongIsToldInStops()
    {
        QFETCH(double, stops);
        QFETCH(bool, two);
        Project p = litBall(0, 180);
        p.lights.sun.on = false;
        p.lights.air.skyStrength = 0, p.lights.air.bounce = 0, p.lights.air.glow = 0;
        const stage::Eye eye = stage::eyeOf(p);
        const Vec3 foot = stage::footOf(eye, p.elements[0]);
        Lantern lamp{40, "beacon", true, foot + Vec3{0, 0.8, -3}, 0.05, 4000, 3, std::exp2(stops) / 0.9};
        p.lights.lanterns = {lamp};
        if (two) {
            lamp.id = 41, lamp.name = "ember", lamp.strength = 0.05, lamp.position.x += 1;
            p.lights.lanterns.push_back(lamp);
        }
        const review::AuditRow row = auditOf(p);
        QVERIFY2(std::abs(row.overStops - stops) < 0.4, qPrintable(QString::number(row.overStops)));
        stage::SurfaceCache cache;
        Findings over = review::auditFindings(p, {row}, cache);
        std::erase_if(over, [](const Finding& f) { return !f.key.starts_with("light.over:"); });
        QCOMPARE(over.size(), std::size_t(stops > 0));
        if (over.empty())
            return;
        QCOMPARE(row.overBy, 40);
        QVERIFY(over[0].sentence.find("beacon") != std::string::npos && over[0].fix);
        QVERIFY((over[0].severity == Severity::Broken) == (row.overStops > 2));
        const Project cured = over[0].fix->apply(p);
        QVERIFY2(auditOf(cured).overStops < 0.3, qPrintable(QString::number(auditOf(cured).overStops)));
    }

    /// Cast shadows lie in the zones of the ground, where rays say.
    void theGroundHasItsCastShadowsInTheZones()
    {
        const Project p = kit::postWork(215, 30);
        const auto f = frameOf(p, 500);
        Relighter r;
        const LinearPicture zones = r.pass(f, p.lights, Pass::Zones, 6);
        stage::Mesh post;
        post.points = f->layers.at(0).caster->points();
        post.faces = f->layers.at(0).caster->body()->faces;
        const Vec3 sun = stage::sceneDirection(215, 30);
        const Mask rays = kit::shadowOnGround(*f, post, {true, sun});
        int inside = 0, right = 0, outside = 0, lit = 0;
        for (int y = 0; y < rays.height(); ++y)
            for (int x = 0; x < f->width; ++x) {
                if (f->idAt(x, f->groundTop + y) != 0)
                    continue;
                const float L = colour::toLab(zones.at(x, f->groundTop + y)).L;
                const bool cast = std::abs(L - lightnessOf(Zone::Cast)) < 2;
                rays.at(x, y) ? (++inside, right += cast) : (++outside, lit += !cast);
            }
        QVERIFY2(inside > 100 && right > 0.9 * inside && lit > 0.995 * outside,
            qPrintable(QString("%1 of %2, %3 of %4").arg(right).arg(inside).arg(lit).arg(outside)));
    }

    void aCardTellsTheStrength()
    {
        for (const double L : {5.0, 20.0, 50.0, 80.0, 95.0})
            QVERIFY(std::abs(cardLightness(levelForCard(L)) - L) < 0.01);
        QVERIFY(std::abs(cardLightness(1) - 95.99) < 0.05); // reflectance 0.9 in full key light
        QCOMPARE(cardLightness(0), 0.0);
    }

    void oneLightAloneAndTimesOfDay()
    {
        Project p = kit::postWork();
        p.lights.lanterns
            = {{20, "a", true, {1, 1.5, 8}, 0.1, 2200, 2, 1}, {21, "b", false, {1, 1.5, 8}, 0.1, 2200, 2, 1}};
        p.lastId = 30;
        QVERIFY(alone(p.lights, 0) == p.lights && alone(p.lights, 99) == p.lights);
        const Lights b = alone(p.lights, 21);
        QVERIFY(!b.sun.on && !b.lanterns[0].on && b.lanterns[1].on);
        const Lights sun = alone(p.lights, -1);
        QVERIFY(sun.sun.on && !sun.lanterns[0].on);
        for (int i = 0; i < kDayTimes; ++i) {
            Project q = p;
            q.lights = withDayTime(p.lights, i);
            QCOMPARE(q.lights.sun.azimuth, p.lights.sun.azimuth);
            QVERIFY(repair(q)); // nothing out of range
        }
    }

    void theRainbowStandsOppositeTheSun()
    {
        Project p = kit::postWork(180, 20); // straight behind
        p.camera.fovDegrees = 100;
        p.camera.horizonCm = 30;
        SkyOptics o = skyOptics(p);
        QVERIFY2(o.rainbow, o.why.c_str());
        QCOMPARE(o.arcs.size(), std::size_t(2));
        QVERIFY(o.arcs[0].redOutside && !o.arcs[1].redOutside);
        // Its top stands 42.4 - 20 = 22.4° over the horizon in the middle.
        const double f = stage::eyeOf(p).focalCm;
        double top = 1e9;
        for (const Vec2& q : o.arcs[0].points)
            top = std::min(top, q.y);
        QVERIFY(std::abs(30 - top - f * std::tan(radians(22.4))) < 0.05);
        // Neighbouring points follow each other along the arc, without jumps.
        for (std::size_t i = 1; i < o.arcs[0].points.size(); ++i)
            QVERIFY((o.arcs[0].points[i] - o.arcs[0].points[i - 1]).length() < 3);
        double second = 1e9;
        for (const Vec2& q : o.arcs[1].points)
            second = std::min(second, q.y);
        QVERIFY(second < top); // the second bow stands over the first
        p.lights.sun.elevation = 50;
        QVERIFY(!skyOptics(p).rainbow && skyOptics(p).why.find("42") != std::string::npos);
        p.lights.sun = {true, 10, 20, 0.5, 5000, 1}; // before the viewer
        o = skyOptics(p);
        QVERIFY(!o.rainbow && o.sunAhead && o.arcs[0].name == "halo");
        QVERIFY(std::abs(o.sunCm.x - (30 + f * std::tan(radians(10)))) < 0.01);
        p.lights.sun.on = false;
        QVERIFY(!skyOptics(p).rainbow && !skyOptics(p).why.empty());
    }

    void aStickerIsToldFromWhatBelongs()
    {
        // The sun from the right behind the viewer; a ball photographed with its light from the left, and from the
        // right.
        const review::AuditRow wrong = auditOf(litBall(180, 120)), right = auditOf(litBall(0, 120));
        QVERIFY(wrong.element == 4 && right.element == 4);
        QVERIFY2(wrong.photographed.direction.confidence > 0.25
                && std::abs(turnBetween(wrong.photographed.direction.azimuth, 180)) < 25,
            qPrintable(QString::number(wrong.photographed.direction.azimuth)));
        QVERIFY2(
            wrong.sticker > right.sticker + 0.1, qPrintable(QString("%1 %2").arg(wrong.sticker).arg(right.sticker)));
        for (const review::AuditRow& r : {wrong, right}) {
            QVERIFY(!r.light.empty() && !r.shade.empty() && r.light.front().L > r.shade.back().L);
            double share = 0;
            for (const auto* family : {&r.light, &r.shade})
                for (const review::Family& f : *family)
                    share += f.share;
            QVERIFY(std::abs(share - 1) < 0.01);
        }
    }

    void warmLightLeavesCoolShades()
    {
        Project p = litBall(0, 120);
        p.lights.sun.kelvin = 2200;
        p.lights.air.skyStrength = 0.8;
        Reference sky = kit::referenceOf("blue", kit::plain(120, 80, {60, 90, 170}));
        sky.id = 28;
        p.references.push_back(sky);
        p.backdrop = {28, 0.5, 0};
        QVERIFY2(auditOf(p).warmerBy > 5, qPrintable(QString::number(auditOf(p).warmerBy)));
    }
};

RL_TEST(TestLightStudy)
#include "tst_light_study.moc"
