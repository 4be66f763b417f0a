#include "core/project/stage_edits.h"
#include "core/stage/camera.h"
#include "core/stage/carried.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::stage;

namespace {
/// The post 2 m high at 10 m, and a lantern at its upper right, a little before it.
Project carrying()
{
    Project p = kit::postWork();
    p.lights.lanterns = {{40, "lamp", true, {0.1, 1.6, 9.8}, 0.05, 2200, 2, 1}};
    p.lights.lanterns[0].carriedBy = 4;
    return p;
}
Vec3 lamp(const Project& p)
{
    return p.lights.lanterns[0].position;
}
bool near(Vec3 a, Vec3 b, double by = 1e-6)
{
    return (a - b).length() < by;
}
} // namespace

/// Lanterns tied to a thing go with it.
class TestCarried : public QObject {
    Q_OBJECT

private slots:
    void thereAndBack_data()
    {
        QTest::addColumn<double>("yaw");
        QTest::addColumn<double>("shear");
        QTest::addColumn<double>("stretch");
        QTest::addColumn<bool>("mirrored");
        QTest::newRow("as it is") << 0.0 << 0.0 << 1.0 << false;
        QTest::newRow("turned") << 35.0 << 0.0 << 1.0 << false;
        QTest::newRow("leaning and wide") << 0.0 << 20.0 << 1.7 << false;
        QTest::newRow("all of it, mirrored") << -63.0 << -12.0 << 0.4 << true;
    }
    void thereAndBack()
    {
        QFETCH(double, yaw);
        QFETCH(double, shear);
        QFETCH(double, stretch);
        QFETCH(bool, mirrored);
        Project p = carrying();
        Element& e = p.elements[0];
        e.yaw = yaw, e.shear = shear, e.stretch = stretch, e.mirrored = mirrored, e.altitudeM = 0.3;
        for (const Vec3 at : {Vec3{0, 0.3, 10}, Vec3{0.7, 2.2, 9.1}, Vec3{-3, 0.1, 12}})
            QVERIFY(near(sceneAt(p, e, carriedAt(p, e, at)), at, 1e-9));
        QVERIFY(near(carriedAt(p, e, sceneAt(p, e, {0, 0, 0})), {0, 0, 0}, 1e-12));
    }
    void itGoesWithItsThing_data()
    {
        QTest::addColumn<QString>("what");
        QTest::addColumn<QVector<double>>("to");
        QTest::newRow("moved 3 m to the right and back to 14 m") << "move" << QVector<double>{3.1, 1.6, 13.8};
        QTest::newRow("twice as tall") << "grow" << QVector<double>{0.2, 3.2, 9.6};
        QTest::newRow("mirrored") << "mirror" << QVector<double>{-0.1, 1.6, 9.8};
        QTest::newRow("lifted") << "lift" << QVector<double>{0.1, 2.1, 9.8};
        QTest::newRow("turned by a right angle less ten") << "turn" << QVector<double>{};
        QTest::newRow("another eye height") << "eye" << QVector<double>{0.1, 1.6, 9.8};
    }
    void itGoesWithItsThing()
    {
        QFETCH(QString, what);
        QFETCH(QVector<double>, to);
        const Project before = carrying();
        Project after = before;
        if (what == "move")
            after = edits::withFoot(before, 4, projected(eyeOf(before), {3, 0, 14}));
        if (what == "grow")
            after = edits::withTrueHeight(before, 4, 4);
        if (what == "mirror")
            after = edits::withMirrored(before, 4);
        if (what == "lift")
            after = edits::withAltitude(before, 4, 0.5);
        if (what == "turn")
            after.elements[0].yaw = 80;
        if (what == "eye") {
            Camera c = before.camera;
            c.eyeHeightM = 3, c.fovDegrees = 35;
            after = edits::withCamera(before, c);
        }
        after = withLanternsCarried(before, after);
        if (to.isEmpty()) // as far from the foot, and turned by as much
            to = {0.1 * std::cos(radians(80)) + 0.2 * std::sin(radians(80)), 1.6,
                10 + 0.1 * std::sin(radians(80)) - 0.2 * std::cos(radians(80))};
        QVERIFY2(near(lamp(after), {to[0], to[1], to[2]}, 1e-3),
            qPrintable(QString("%1 %2 %3").arg(lamp(after).x).arg(lamp(after).y).arg(lamp(after).z)));
        // and the way back leads back
        Project back = after;
        back.elements = before.elements, back.camera = before.camera;
        QVERIFY(near(lamp(withLanternsCarried(after, back)), lamp(before), 1e-6));
    }
    void aBentThingTakesItAlong()
    {
        Project before = carrying();
        before.lights.lanterns[0].position = {0, 1.95, 9.9}; // at its head
        Project after = before;
        // The foot is held, the head is drawn aside by half a metre: 100 px of 400.
        after.cutouts[0].pins = {{{30, 405}, {30, 405}}, {{30, 200}, {80, 205}}, {{30, 20}, {130, 40}}};
        after = withLanternsCarried(before, after);
        // The bent picture keeps its height of 2 m: what is 100 px aside now is about half a metre from the foot.
        QVERIFY2(lamp(after).x > 0.3 && lamp(after).x < 0.75, qPrintable(QString::number(lamp(after).x)));
        QVERIFY(std::abs(lamp(after).y - 1.95) < 0.2 && std::abs(lamp(after).z - 9.9) < 1e-6);
        Project straight = after;
        straight.cutouts[0].pins.clear();
        QVERIFY(near(lamp(withLanternsCarried(after, straight)), lamp(before), 0.06));
    }
    void draggedAwayItIsFree()
    {
        const Project before = carrying();
        Project after = before;
        after.lights.lanterns[0].position = {0.4, 1.2, 9.7}; // still at hand
        QCOMPARE(withLanternsCarried(before, after).lights.lanterns[0].carriedBy, 4);
        after.lights.lanterns[0].position = {6, 1.2, 9.7};
        const Project free = withLanternsCarried(before, after);
        QCOMPARE(free.lights.lanterns[0].carriedBy, 0);
        QVERIFY(near(lamp(free), {6, 1.2, 9.7}));
        QCOMPARE(withLanternsCarried(before, edits::withoutElement(before, 4)).lights.lanterns[0].carriedBy, 0);
    }
    void whatHangsFreeStays()
    {
        Project before = carrying();
        before.lights.lanterns[0].carriedBy = 0;
        const Project after = edits::withFoot(before, 4, projected(eyeOf(before), {3, 0, 14}));
        QVERIFY(near(lamp(withLanternsCarried(before, after)), lamp(before)));
        // A thing above the horizon stands nowhere: nothing is carried there.
        Project up = carrying();
        up.elements[0].baseCm.y = 2;
        QVERIFY(near(lamp(withLanternsCarried(carrying(), up)), lamp(before)));
    }
};

RL_TEST(TestCarried)
#include "tst_carried.moc"
