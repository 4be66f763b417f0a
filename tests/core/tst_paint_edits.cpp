#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/fields.h"
#include "core/reading/order.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;

namespace {
Project boxed()
{
    return edits::withPaintBox(kit::postWork(), paint::firstBox());
}
Tube tubeOf(const char* pigment)
{
    Tube t;
    t.pigment = pigment;
    return t;
}
} // namespace

/// Boxes, tubes, the plan of mixing, and what of a backdrop shows the cast: edits and repair.
class TestPaintEdits : public QObject {
    Q_OBJECT
private slots:
    void aBoxGetsItsNumbers()
    {
        const Project p = boxed();
        QCOMPARE(p.boxes.size(), std::size_t(1));
        std::set<int> ids{p.boxes[0].id};
        for (const Tube& t : p.boxes[0].tubes)
            QVERIFY(t.id > 0 && ids.insert(t.id).second);
        QVERIFY(*ids.rbegin() <= p.lastId);
        QCOMPARE(p.paintBox(), &p.boxes[0]); // the first, where none is said
    }
    void aTubeMakesABoxAndIsReplacedAndLeaves()
    {
        Project p = edits::withTube(kit::postWork(), tubeOf("PB29"));
        QCOMPARE(p.boxes.size(), std::size_t(1));
        Tube t = p.boxes[0].tubes[0];
        t.leftMl = 11, t.name = "the old blue";
        p = edits::withTube(std::move(p), t);
        QCOMPARE(p.boxes[0].tubes.size(), std::size_t(1));
        QCOMPARE(p.tube(t.id)->leftMl, 11.0);
        p = edits::withTube(std::move(p), tubeOf("PW6"));
        QCOMPARE(p.boxes[0].tubes.size(), std::size_t(2));
        p = edits::withoutTube(std::move(p), t.id);
        QVERIFY(!p.tube(t.id) && p.boxes[0].tubes.size() == 1);
        QVERIFY(!edits::withoutTube(p, 4711).boxes[0].tubes.empty()); // not there: nothing
    }
    void severalBoxesAndOneInUse()
    {
        Project p = boxed();
        p = edits::withPaintBox(std::move(p), PaintBox{0, "oils", PaintMedium::Oil, {tubeOf("PW6")}});
        QCOMPARE(p.paintBox()->name, p.boxes[0].name);
        MixPlan mix = p.mix;
        mix.box = p.boxes[1].id;
        p = edits::withMix(std::move(p), mix);
        QCOMPARE(p.paintBox()->name, std::string("oils"));
        // A tube goes into the one in use.
        p = edits::withTube(std::move(p), tubeOf("PB28"));
        QCOMPARE(p.boxes[1].tubes.size(), std::size_t(2));
        p = edits::withoutPaintBox(std::move(p), p.boxes[1].id);
        QCOMPARE(p.boxes.size(), std::size_t(1));
        QCOMPARE(p.mix.box, 0); // and the first is in use again
        QVERIFY(p.paintBox());
    }

    void absurdNumbersAreBroughtIntoRange_data()
    {
        QTest::addColumn<QString>("key");
        QTest::addColumn<double>("given");
        QTest::addColumn<double>("kept");
        const double nan = std::nan("");
        QTest::newRow("a negative tube") << "leftMl" << -3.0 << 0.0;
        QTest::newRow("a tube of nothing") << "leftMl" << nan << 60.0;
        QTest::newRow("a barrel") << "sizeMl" << 1e9 << 5000.0;
        QTest::newRow("no price") << "price" << nan << 0.0;
        QTest::newRow("a hundred puddles") << "puddles" << 100.0 << 40.0;
        QTest::newRow("one puddle") << "puddles" << 1.0 << 8.0;
        QTest::newRow("no film") << "wetUm" << 0.0 << 5.0;
        QTest::newRow("a wall of paint") << "wetUm" << 1e6 << 1000.0;
        QTest::newRow("no coat") << "coats" << 0.0 << 1.0;
        QTest::newRow("more lost than used") << "loss" << 99.0 << 3.0;
        QTest::newRow("dries at once") << "openMinutes" << -1.0 << 0.5;
        QTest::newRow("never moves") << "paceCmPerMinute" << nan << 4.0;
        QTest::newRow("a let-down of a thousand") << "letDown" << 1000.0 << 100.0;
    }
    void absurdNumbersAreBroughtIntoRange()
    {
        QFETCH(QString, key);
        QFETCH(double, given);
        QFETCH(double, kept);
        Project p = boxed();
        const auto put = [&](auto& owner, const auto& table) {
            for (const auto& n : table)
                if (key == n.key) {
                    if (n.real)
                        owner.*n.real = given;
                    else
                        owner.*n.whole = std::isfinite(given) ? int(given) : 0;
                    QVERIFY(!repair(p));
                    QCOMPARE(n.get(owner), kept);
                    return;
                }
        };
        put(p.boxes[0].tubes[3], kTubeNumbers);
        put(p.mix, kMixPlanNumbers);
        QVERIFY(repair(p)); // and then nothing more is wrong
    }
    void hostileBoxesAreMended()
    {
        Project p = boxed();
        p.boxes[0].tubes[1].id = p.boxes[0].tubes[0].id; // twice the same
        p.boxes[0].tubes[2].id = -4;
        p.boxes[0].tubes[3].card.masstone = {true, {std::nan(""), 1e9, -1e9}};
        p.mix.box = 999;
        p.boxes.push_back({p.boxes[0].id, "twin", PaintMedium::Gouache, {}});
        QVERIFY(!repair(p));
        QCOMPARE(p.boxes.size(), std::size_t(1));
        QCOMPARE(p.boxes[0].tubes.size(), std::size_t(10));
        QCOMPARE(p.mix.box, 0);
        for (const Tube& t : p.boxes[0].tubes)
            QVERIFY(std::isfinite(t.card.masstone.lab.x) && std::abs(t.card.masstone.lab.y) <= 150);
        Project q = boxed();
        for (int i = 0; i < 400; ++i) {
            q.boxes[0].tubes.push_back(tubeOf("PW6"));
            q.boxes[0].tubes.back().id = 1000 + i;
        }
        QVERIFY(!repair(q));
        QCOMPARE(q.boxes[0].tubes.size(), std::size_t(200));
    }
    /// A pigment that no table knows stays in the box and out of the mixes.
    void unknownPigmentsStayWhatTheyAre()
    {
        Project p = edits::withTube(boxed(), tubeOf("PX99"));
        QVERIFY(repair(p));
        const auto m = paint::mixingBox(*p.paintBox());
        QCOMPARE(m.paints.size(), std::size_t(12));
        QCOMPARE(m.leftOut, std::vector<int>{p.boxes[0].tubes.back().id});
    }

    void aPlaceShowsOneOfTheCast()
    {
        Project p = kit::postWork();
        p.brief.cast = {{1, "the post", {}}, {2, "the moon", {}}};
        p = edits::withPlaceShowing(std::move(p), {10, 5, 4, 4}, 2);
        QCOMPARE(p.brief.cast[1].place, (Rect{10, 5, 4, 4}));
        // Another one there: the first is not shown there any more.
        p = edits::withPlaceShowing(std::move(p), {11, 6, 2, 2}, 1);
        QCOMPARE(p.brief.cast[0].place, (Rect{11, 6, 2, 2}));
        QCOMPARE(p.brief.cast[1].place, Rect());
        p = edits::withPlaceShowing(std::move(p), {11, 6, 2, 2}, 0);
        QCOMPARE(p.brief.cast[0].place, Rect());
        p.brief.cast[0].place = {std::nan(""), 0, 1, 1};
        QVERIFY(!repair(p));
        QVERIFY(std::isfinite(p.brief.cast[0].place.x));
    }
    void quietThingsMustStayUnder()
    {
        Project p = kit::postWork();
        p.brief.cast = {{1, "the post", {}}};
        Element other = p.elements[0];
        other.id = 0, other.cast = 0, other.quiet = true;
        p.elements[0].cast = 1;
        p = edits::withElement(std::move(p), other);
        const reading::Intent intent = reading::intentOf(p);
        const int quiet = p.elements.back().id;
        QVERIFY(intent.quiet.contains(quiet) && !intent.rank.contains(quiet));
        const auto pairs = intent.pairs({p.elements[0].id, quiet});
        QCOMPARE(pairs, (std::vector<std::pair<int, int>>{{p.elements[0].id, quiet}}));
        // One of the cast cannot be quiet as well: its rank counts.
        p.elements[0].quiet = true;
        QVERIFY(!reading::intentOf(p).quiet.contains(p.elements[0].id));
    }
};

RL_TEST(TestPaintEdits)
#include "tst_paint_edits.moc"
