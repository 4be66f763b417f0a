#include "core/light/light_log.h"
#include "core/light/presets.h"
#include "core/project/stage_edits.h"
#include "core/stage/compose.h"
#include "core/stage/drawn.h"
#include "core/stage/wanted.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::stage;

/// Where things touch the ground, what is drawn becomes a thing, and what a lantern does where it hangs.
class TestDrawn : public QObject {
    Q_OBJECT
    /// A matte of 200 × 100 px, filled in columns.
    static Mask columns(
        std::initializer_list<std::array<int, 3>> parts) ///< from, to, height from the foot or, < 0, above it
    {
        std::vector<std::uint8_t> m(200 * 100, 0);
        for (const auto& [from, to, high] : parts)
            for (int y = high > 0 ? 100 - high : 0; y < (high > 0 ? 100 : 100 + high); ++y)
                for (int x = from; x < to; ++x)
                    m[std::size_t(y * 200 + x)] = 255;
        return {200, 100, std::move(m)};
    }
    static std::vector<OutlinePoint> points(std::initializer_list<Vec2> all)
    {
        std::vector<OutlinePoint> out;
        for (const Vec2& v : all)
            out.push_back({v, false});
        return out;
    }

private slots:
    void theFootIsWhereItTouches_data()
    {
        QTest::addColumn<QList<int>>("legs"); // from, to of each
        QTest::addColumn<double>("foot");
        QTest::newRow("one leg at the left") << QList<int>{0, 20} << 0.05;
        QTest::newRow("one leg at the right") << QList<int>{180, 200} << 0.95;
        QTest::newRow("two legs") << QList<int>{20, 40, 140, 160} << 0.45;
        QTest::newRow("a broad one") << QList<int>{0, 200} << 0.5;
    }
    void theFootIsWhereItTouches()
    {
        QFETCH(QList<int>, legs);
        QFETCH(double, foot);
        std::vector<std::uint8_t> m(200 * 100, 0);
        for (int y = 0; y < 60; ++y) // a body over all of it
            for (int x = 0; x < 200; ++x)
                m[std::size_t(y * 200 + x)] = 255;
        for (int k = 0; k < legs.size(); k += 2)
            for (int y = 60; y < 100; ++y)
                for (int x = legs[k]; x < legs[k + 1]; ++x)
                    m[std::size_t(y * 200 + x)] = 255;
        const Mask alpha(200, 100, std::move(m));
        const Footing f = footingOf(alpha, shapeOf(alpha));
        QVERIFY2(std::abs(f.foot - foot) < 0.004, qPrintable(QString::number(f.foot)));
        QCOMPARE(int(f.touching.size()), int(legs.size() / 2));
        for (std::size_t k = 0; k < f.touching.size(); ++k)
            QVERIFY(std::abs(f.touching[k][0] * 200 - legs[int(2 * k)]) < 1
                && std::abs(f.touching[k][1] * 200 - legs[int(2 * k + 1)]) < 1);
        QCOMPARE(footingOf(Mask(), {}).foot, 0.5); // nothing there: the middle
    }

    void thePictureStaysWhenTheFootIsFoundOrSet()
    {
        for (const bool mirrored : {false, true}) {
            Project p = kit::postWork();
            p.cutouts[0].alpha = columns({{0, 20, 100}, {20, 200, -50}});
            p.references[0].pixels = kit::held(kit::plain(200, 100, {200, 200, 200}));
            p.elements[0].mirrored = mirrored;
            p.elements[0].footShare = 0.5;
            SurfaceCache cache;
            const Rect before = placed(p, p.elements[0], cache).canvas;
            const Project found = withFootFound(p, 4, cache);
            QCOMPARE(found.elements[0].footShare, -1.0);
            const Rect after = placed(found, found.elements[0], cache).canvas;
            QVERIFY2(std::abs(after.x - before.x) < 0.02 && std::abs(after.bottom() - before.bottom()) < 0.02,
                qPrintable(QString("%1 %2").arg(after.x).arg(before.x)));
            // The foot is at the leg: at the left of the picture, or at its right when that is mirrored.
            const double share = (found.elements[0].baseCm.x - after.x) / after.width;
            QVERIFY2(std::abs(share - (mirrored ? 0.95 : 0.05)) < 0.02, qPrintable(QString::number(share)));
            const Project set = withFootAt(found, 4, 0.3, cache);
            const Rect still = placed(set, set.elements[0], cache).canvas;
            QVERIFY(std::abs(still.x - after.x) < 0.02);
            QVERIFY(std::abs((set.elements[0].baseCm.x - still.x) / still.width - 0.3) < 0.01);
            p.elements[0].locked = true;
            QCOMPARE(withFootAt(p, 4, 0.1, cache).elements[0].footShare, 0.5);
        }
    }

    void anOutlineBecomesAShapeWhereItWasDrawn()
    {
        const auto drawn = withShapeDrawn(kit::postWork(), points({{8, 34}, {8, 20}, {18, 20}, {18, 34}}), 0);
        QVERIFY(bool(drawn));
        SurfaceCache cache;
        const Element& e = *drawn->project.element(drawn->element);
        QCOMPARE(e.standin.solid, Solid::Shape);
        const Rect box = placed(drawn->project, e, cache).canvas;
        QVERIFY(std::abs(box.x - 8) < 0.1 && std::abs(box.right() - 18) < 0.1 && std::abs(box.y - 20) < 0.1
            && std::abs(box.bottom() - 34) < 0.1);
        // Drawn anew it is the same element; nothing comes of nothing.
        const auto again = withShapeDrawn(drawn->project, points({{10, 34}, {10, 24}, {16, 34}}), drawn->element);
        QVERIFY(again && again->element == drawn->element
            && again->project.elements.size() == drawn->project.elements.size());
        QCOMPARE(
            withShapeDrawn(kit::postWork(), points({{8, 34}, {8, 34}, {8, 34}}), 0).error().kind, ErrorKind::Invalid);
    }

    void aCourseIsLaidWhereItWasPointedAt()
    {
        const Project p = kit::postWork();
        QVERIFY(!groundAt(p, {30, 10}) && !groundAt(p, {30, 16})); // above and at the horizon
        const auto near = groundAt(p, {30, 38}), far = groundAt(p, {40, 20});
        QVERIFY(near && far && far->y > near->y);
        const auto laid = withCourseLaid(p, {*near, *far}, 0, Track::Canal, "canal");
        QVERIFY(bool(laid));
        const Element& e = *laid->project.element(laid->element);
        QCOMPARE(e.standin.track, Track::Canal);
        const Vec3 foot = footOf(eyeOf(laid->project), e);
        QVERIFY(std::abs(foot.x - near->x) < 1e-6 && std::abs(foot.z - near->y) < 1e-6);
        QVERIFY(std::abs(e.standin.path[1].x - (far->x - near->x)) < 1e-6);
        QCOMPARE(QString::fromStdString(e.name), QString("canal")); // the first of its kind has no number
        const auto second = withCourseLaid(laid->project, {*near, *far}, 0, Track::Canal, "canal");
        QCOMPARE(QString::fromStdString(second->project.element(second->element)->name), QString("canal 2"));
        QVERIFY(!withCourseLaid(p, {*near}, 0, Track::Canal, "canal"));
    }

    void standinsGoOnFreeGround()
    {
        Project p = kit::postWork();
        std::vector<Vec2> feet;
        for (int i = 0; i < 8; ++i) {
            const DrawnThing up = withStandinUp(std::move(p), edits::standinOf(Solid::Box));
            p = up.project;
            feet.push_back(p.element(up.element)->baseCm);
            QVERIFY(feet.back().y > p.camera.horizonCm && feet.back().x > 0 && feet.back().x < p.brief.widthCm);
        }
        for (std::size_t i = 0; i < feet.size(); ++i)
            for (std::size_t j = i + 1; j < feet.size(); ++j)
                QVERIFY((feet[i] - feet[j]).length() > 1);
    }

    void whatWasSaidIsWhatIsCut()
    {
        Cutout c;
        Outline piece;
        piece.hole = true;
        piece.points = points({{1, 2}, {3, 4}, {5, 1}});
        c.pieces = {piece};
        c.pieces[0].points[1].curved = true;
        c.grounds = {{{7, 8}, 9}};
        c.strokes = Mask(2, 1, {0, 255});
        const cutout::Wanted w = wantedOf(c);
        QVERIFY(w.loops.size() == 1 && w.loops[0].hole && w.loops[0].nodes.size() == 3 && w.loops[0].nodes[1].curved);
        QVERIFY(w.grounds.size() == 1 && w.grounds[0].second == 9);
        QCOMPARE(w.strokes.width(), 2);
    }

    void aLanternsReachIsWhereACardIsL50_data()
    {
        QTest::addColumn<double>("metres");
        for (const double m : {0.3, 1.0, 3.4, 12.0})
            QTest::newRow(qPrintable(QString::number(m))) << m;
    }
    void aLanternsReachIsWhereACardIsL50()
    {
        QFETCH(double, metres);
        Project p = kit::postWork();
        Lantern l{40, "lamp", true, {0, 1, 9}, 0.1, 2200, 2, 1};
        l.group = 90;
        p.lights.groups = {{90, "harbour", true, -1}};
        l = light::withReach(p.lights, l, metres);
        QVERIFY(std::abs(light::reachOf(p.lights, l) / metres - 1) < 1e-9);
        // The level at a card facing it, metres away, is that of L* 50: by the inverse square law.
        const double level = p.lights.strengthOf(l) * l.reference * l.reference / (metres * metres);
        QVERIFY(std::abs(light::cardLightness(level) - 50) < 0.05);
        p.lights.groups[0].stops = 1; // two stops more: twice as far
        QVERIFY(std::abs(light::reachOf(p.lights, l) / metres - 2) < 1e-9);
    }

    void aLanternIsHungWhereItIsOfUse()
    {
        Project p = kit::postWork();
        SurfaceCache cache;
        const Lantern fresh = light::freshLantern(p, nullptr, cache);
        QVERIFY(std::abs(fresh.position.z - 8) < 1e-6 && fresh.position.y == 2); // four fifths of the way to the post
        const Lantern inside = light::hungIn(p, fresh, &p.elements[0], cache);
        QVERIFY(inside.within == 4 && std::abs(inside.position.z - 10) < 0.1 && std::abs(inside.position.y - 1) < 0.1);
        QCOMPARE(light::hungIn(p, inside, nullptr, cache).within, 0);
        p.lights.lanterns = {fresh};
        const auto reached = light::firstReached(p, p.lights.lanterns[0], cache);
        QVERIFY(reached.element == 4 && reached.metres > 1.5 && reached.metres < 3 && reached.level > 0);
        const Mist mist = light::freshMist(p, &p.elements[0], cache);
        QVERIFY(mist.z > 10);
        QCOMPARE(light::freshMist(p, nullptr, cache).z, 20.0);
    }
};

RL_TEST(TestDrawn)
#include "tst_drawn.moc"
