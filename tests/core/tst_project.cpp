#include "core/project/brief_rules.h"
#include "core/project/edits.h"
#include "core/stage/camera.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <limits>

using namespace rl;

class TestProject : public QObject {
    Q_OBJECT
private slots:
    void absurdNumbersAreRefused_data()
    {
        QTest::addColumn<double>("bad");
        QTest::newRow("not a number") << std::nan("");
        QTest::newRow("infinite") << std::numeric_limits<double>::infinity();
        QTest::newRow("minus infinite") << -std::numeric_limits<double>::infinity();
        QTest::newRow("huge") << 1e300;
        QTest::newRow("negative") << -1e9;
    }
    void absurdNumbersAreRefused()
    {
        QFETCH(double, bad);
        Project p = kit::postWork();
        p.brief.widthCm = p.brief.viewingDistanceCm = p.camera.eyeHeightM = p.camera.fovDegrees = bad;
        p.elements[0].heightM = p.elements[0].baseCm.x = bad;
        p.lights.sun.kelvin = bad;
        p.lights.lanterns = {{9, "bad", true, {bad, bad, bad}, bad, bad, bad, bad}};
        QVERIFY(!repair(p));
        QVERIFY(p.brief.widthCm >= 1 && p.brief.widthCm <= 2000);
        QVERIFY(p.camera.eyeHeightM > 0 && p.camera.fovDegrees >= 5);
        QVERIFY(p.elements[0].heightM > 0 && std::isfinite(p.elements[0].baseCm.x));
        QVERIFY(p.lights.lanterns[0].radius > 0 && p.lights.lanterns[0].position.z > 0);
        QVERIFY(repair(p)); // and then it is sound
    }

    void danglingThingsAreDropped()
    {
        Project p = kit::postWork();
        p.elements.push_back(p.elements[0]); // the same id twice
        Element ghost;
        ghost.id = 77;
        ghost.cutout = 999;
        p.elements.push_back(ghost);
        p.backdrop.reference = 555;
        p.elements[0].cast = 888;
        QVERIFY(!repair(p));
        QCOMPARE(p.elements.size(), std::size_t(1));
        QCOMPARE(p.backdrop.reference, 0);
        QCOMPARE(p.elements[0].cast, 0);
        QVERIFY(p.lastId >= 4);
    }

    void takingAPictureAwayTakesWhatWasMadeOfIt()
    {
        const Project before = kit::postWork(), after = edits::withoutReference(before, 2);
        QVERIFY(after.references.empty() && after.cutouts.empty() && after.elements.empty());
        QCOMPARE(before.elements.size(), std::size_t(1)); // an edit leaves what it was given alone
    }

    void castMoves_data()
    {
        QTest::addColumn<int>("from");
        QTest::addColumn<int>("to");
        QTest::addColumn<QString>("order");
        QTest::newRow("to the front") << 2 << 0 << "CAB";
        QTest::newRow("to the back") << 0 << 2 << "BCA";
        QTest::newRow("to itself") << 1 << 1 << "ABC";
        QTest::newRow("out of range: left alone") << 0 << 7 << "ABC";
        QTest::newRow("negative: left alone") << -1 << 1 << "ABC";
    }
    void castMoves()
    {
        QFETCH(int, from);
        QFETCH(int, to);
        QFETCH(QString, order);
        Project p;
        p.brief.cast = {{1, "A"}, {2, "B"}, {3, "C"}};
        QString got;
        for (const CastMember& m : edits::withCastMoved(p, from, to).brief.cast)
            got += QString::fromStdString(m.name);
        QCOMPARE(got, order);
    }

    void freshThingsGetFreshIds()
    {
        Project p = kit::postWork();
        Element e = p.elements[0];
        e.id = 0;
        p = edits::withElement(p, e);
        p = edits::withElement(p, e);
        QCOMPARE(p.elements.size(), std::size_t(3));
        QVERIFY(p.elements[1].id != p.elements[2].id && p.elements[1].id > 4);
        Lantern l;
        p = edits::withLantern(p, l);
        l.id = p.lights.lanterns[0].id;
        l.kelvin = 3000;
        p = edits::withLantern(p, l); // replaces
        QCOMPARE(p.lights.lanterns.size(), std::size_t(1));
        QCOMPARE(p.lights.lanterns[0].kelvin, 3000.0);
    }

    void movingTheHorizonKeepsPlacesOnTheGround_data()
    {
        QTest::addColumn<double>("horizon");
        QTest::addColumn<double>("eye");
        QTest::addColumn<double>("fov");
        QTest::newRow("higher horizon") << 10.0 << 1.6 << 50.0;
        QTest::newRow("higher eye") << 16.0 << 4.0 << 50.0;
        QTest::newRow("wider") << 16.0 << 1.6 << 80.0;
        QTest::newRow("all at once, off the canvas") << -12.0 << 9.0 << 35.0;
    }
    void movingTheHorizonKeepsPlacesOnTheGround()
    {
        QFETCH(double, horizon);
        QFETCH(double, eye);
        QFETCH(double, fov);
        Project p = kit::postWork();
        p.elements[0].baseCm.x += 7;
        const auto placeOf = [](const Project& q) {
            const stage::Eye e = stage::eyeOf(q);
            const double z = stage::groundDistance(e, q.elements[0].baseCm.y);
            return stage::atDistance(e, q.elements[0].baseCm, z);
        };
        const Vec3 before = placeOf(p), after = placeOf(edits::withCamera(p, {horizon, eye, fov}));
        QVERIFY((before - after).length() < 1e-6);
    }

    void briefSpeaksOfWhatIsMissing()
    {
        Project p = kit::postWork();
        p.brief.cast.push_back({20, "Bell"});
        p.brief.viewingDistanceCm = 30;
        const Findings found = briefFindings(p);
        const auto with = [&](const std::string& key) {
            return std::find_if(found.begin(), found.end(), [&](const Finding& f) { return f.key == key; });
        };
        QVERIFY(with("brief.not-shown:20") != found.end());
        // Its button finds a picture; it never takes out what was promised.
        QVERIFY(!with("brief.not-shown:20")->fix && with("brief.not-shown:20")->opens == "picture");
        QVERIFY(with("brief.not-shown:1") == found.end()); // the post is shown
        QVERIFY(with("brief.too-near") != found.end());
        Project fixed = p;
        fixed.brief.cast.back().place = {1, 1, 5, 5}; // a place of the backdrop shows it
        fixed = with("brief.too-near")->fix->apply(fixed);
        QVERIFY(briefFindings(fixed).empty());
        Project named = Project{};
        named.brief.title = "Named", named.brief.cast = {{1, "Bell"}};
        QVERIFY(briefFindings(named).empty()); // no fault before there is a picture
    }

    void creditsAreAskedForWhatIsUsed()
    {
        Project p = kit::postWork();
        QVERIFY(creditFindings(p).empty());
        p.references[0].permission = Permission::ToAsk;
        QCOMPARE(creditFindings(p).size(), std::size_t(1));
        // Whose it is only the painter can say: no click says it for him, the field is opened instead.
        QVERIFY(!creditFindings(p)[0].fix);
        QCOMPARE(creditFindings(p)[0].opens, std::string("credit"));
        QCOMPARE(creditFindings(p)[0].reference, p.references[0].id);
        p.references[0].permission = Permission::ToAsk;
        p.elements.clear(); // hung on the wall only: nothing to ask
        QVERIFY(creditFindings(p).empty());
    }
};

RL_TEST(TestProject)
#include "tst_project.moc"
