#include "core/project/fields.h"
#include "core/project/fixes.h"
#include "core/project/hold.h"
#include "core/project/permissions.h"
#include "core/project/stage_edits.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <limits>
#include <set>

using namespace rl;

/// One table says what a number may be; what is stored is a key; what is said of a finding says which way is bad.
class TestTables : public QObject {
    Q_OBJECT
    /// A fresh one is what its table says it starts as; every row is another member, and what is far out comes back.
    template <class O> static void checkTable(const char* name)
    {
        const O fresh{};
        std::set<std::string> keys;
        for (const Number<O>& n : numbersOf<O>()) {
            const QByteArray row = QByteArray(name) + "." + n.key;
            QVERIFY2(keys.insert(n.key).second, row);
            QVERIFY2(n.low < n.high && n.low <= n.start && n.start <= n.high, row);
            QVERIFY2(std::abs(n.get(fresh) - n.start) < 1e-12, row);
            QVERIFY2((n.real != nullptr) != (n.whole != nullptr), row);
            O o;
            for (const auto& [given, kept] : {std::pair{n.low - 1e6, n.low}, {n.high + 1e6, n.high},
                     {std::numeric_limits<double>::quiet_NaN(), n.start},
                     {std::numeric_limits<double>::infinity(), n.start}}) {
                n.set(o, given);
                QVERIFY2(std::abs(n.get(o) - kept) < 1e-12, row);
            }
            int changed = 0; // only its own member
            O other;
            n.set(other, n.start == n.high ? n.low : n.high);
            for (const Number<O>& m : numbersOf<O>())
                changed += m.get(other) != m.get(fresh);
            QVERIFY2(changed == 1, row);
        }
    }

private slots:
    void freshOnesAreWhatTheirTableSays()
    {
        checkTable<Brief>("brief");
        checkTable<Camera>("camera");
        checkTable<Backdrop>("backdrop");
        checkTable<Sun>("sun");
        checkTable<Lantern>("lantern");
        checkTable<LightGroup>("group");
        checkTable<Air>("air");
        checkTable<Mist>("mist");
        checkTable<Drift>("drift");
        checkTable<Element>("element");
        checkTable<Tone>("tone");
        checkTable<Standin>("standin");
        checkTable<Pattern>("pattern");
        checkTable<Pose>("pose");
        checkTable<Limb>("limb");
        checkTable<ReliefPart>("part");
        checkTable<Ridge>("ridge");
        checkTable<EyeBall>("eye");
        checkTable<Overrule>("overrule");
        checkTable<Cutout>("cutout");
        checkTable<PlainGround>("ground");
        checkTable<Guides>("guides");
        checkTable<Sheets>("sheets");
    }

    void everyTableIsToldOnce()
    {
        std::set<std::string> rows;
        for (const FieldTold& f : allFields())
            QVERIFY2(rows.insert(f.object + "." + f.key).second, f.key.c_str());
        QVERIFY(rows.size() > 80 && rows.contains("sun.strength") && rows.contains("element.footShare"));
        QVERIFY(fieldsPage().find("| sun | `strength` | 0 | 50 | 0.6 |") != std::string::npos);
    }

    void repairWalksTheTables()
    {
        Project p = kit::postWork();
        p.camera.eyeHeightM = -3;
        p.camera.fovDegrees = std::numeric_limits<double>::quiet_NaN();
        p.lights.sun.strength = 1e9;
        p.lights.lanterns = {{40, "lamp", true, {1, 1.5, 6}, 0.1, 2200, 2, 1}};
        p.lights.lanterns[0].kelvin = 5;
        p.elements[0].altitudeM = 1e7;
        p.elements[0].footShare = 7;
        QVERIFY(!repair(p));
        QCOMPARE(p.camera.eyeHeightM, numberAt(&Camera::eyeHeightM).low);
        QCOMPARE(p.camera.fovDegrees, numberAt(&Camera::fovDegrees).start);
        QCOMPARE(p.lights.sun.strength, numberAt(&Sun::strength).high);
        QCOMPARE(p.lights.lanterns[0].kelvin, numberAt(&Lantern::kelvin).low);
        QCOMPARE(p.elements[0].altitudeM, numberAt(&Element::altitudeM).high);
        QCOMPARE(p.elements[0].footShare, 1.0);
        QVERIFY(repair(p)); // put right once, it stays so
    }

    void permissionsAreKeys_data()
    {
        QTest::addColumn<QString>("said");
        QTest::addColumn<int>("permission");
        QTest::addColumn<QString>("note");
        QTest::addColumn<QString>("told");
        const auto row = [](const char* said, Permission p, const char* note, const char* told) {
            QTest::newRow(said) << QString(said) << int(p) << QString(note) << QString(told);
        };
        row("own", Permission::Own, "", "own");
        row("to-ask", Permission::ToAsk, "", "permission not asked yet");
        row("by permission of Ada", Permission::ByPermission, "Ada", "by permission of Ada");
        row("free licence (CC BY)", Permission::FreeLicence, "CC BY", "free licence (CC BY)");
        row("study only", Permission::StudyOnly, "", "study only");
        row("my aunt said yes", Permission::ByPermission, "my aunt said yes", "by permission of my aunt said yes");
    }
    void permissionsAreKeys()
    {
        QFETCH(QString, said);
        QFETCH(int, permission);
        QFETCH(QString, note);
        QFETCH(QString, told);
        const auto got = permissionSaid(said.toStdString());
        QCOMPARE(int(got.permission), permission);
        QCOMPARE(QString::fromStdString(got.note), note);
        QCOMPARE(QString::fromStdString(rl::told(got.permission, got.note)), told);
        QCOMPARE(int(*permissionOf(keyOf(got.permission))), permission);
        QVERIFY(!permissionOf("of another language"));
    }

    void figuresSayWhichWayIsBad_data()
    {
        QTest::addColumn<double>("measured");
        QTest::addColumn<double>("target");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<int>("against");
        QTest::addColumn<QString>("said");
        const int limit = int(Against::Limit), plan = int(Against::Plan);
        QTest::newRow("too much") << 46.4 << 45.0 << "of 100" << limit << "now 46.4 of 100 – aim for 45 or less";
        QTest::newRow("too little") << 11.0 << 17.0 << "px/cm" << limit << "now 11 px/cm – aim for 17 px/cm or more";
        QTest::newRow("none of one") << 0.0 << 1.0 << "subjects" << limit << ""; // the sentence says it
        QTest::newRow("some of none") << 3.0 << 0.0 << "facts" << limit << "3 facts";
        QTest::newRow("another than planned") << 3.0 << 1.0 << "" << plan << "3, planned: 1";
        QTest::newRow("share") << 4.0 << 1.0 << "%" << limit << "now 4 % – aim for 1 % or less";
    }
    void figuresSayWhichWayIsBad()
    {
        QFETCH(double, measured);
        QFETCH(double, target);
        QFETCH(QString, unit);
        QFETCH(int, against);
        QFETCH(QString, said);
        Finding f;
        f.measured = measured, f.target = target, f.unit = unit.toStdString(), f.against = Against(against);
        QCOMPARE(QString::fromStdString(heldAgainst(f)), said);
    }

    void fixesAreEdits()
    {
        Project p = kit::postWork();
        Element& post = p.elements[0];
        const auto fix = fixes::shift(post, "Move it", {3, 1});
        QVERIFY(fix && fix->apply(p).elements[0].baseCm == post.baseCm + Vec2(3, 1));
        // Its group goes with it.
        Project grouped = p;
        Element other = post;
        other.id = 0;
        grouped = edits::withElement(std::move(grouped), other);
        const int twin = grouped.elements.back().id;
        grouped = edits::withGroup(std::move(grouped), {4, twin}, "both");
        const Vec2 apart = grouped.element(4)->baseCm - grouped.element(twin)->baseCm;
        const Project moved = fixes::shift(*grouped.element(4), "Move it", {2, 0})->apply(grouped);
        QVERIFY(((moved.element(4)->baseCm - moved.element(twin)->baseCm) - apart).length() < 1e-9);
        QVERIFY((moved.element(twin)->baseCm - grouped.element(twin)->baseCm).length() > 1);
        // What is locked is offered no move, and an edit leaves it alone.
        post.locked = true;
        QVERIFY(!fixes::shift(post, "Move it", {3, 1}));
        QCOMPARE(edits::withFootMoved(p, 4, {3, 1}).elements[0].baseCm, post.baseCm);
    }

    void whatToHoldWhenNothingIs()
    {
        Project p = kit::postWork();
        QCOMPARE(firstToHold(p), 4);
        p.elements.clear();
        QCOMPARE(firstToHold(p), 0);
    }
};

RL_TEST(TestTables)
#include "tst_tables.moc"
