#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/project/usual_heights.h"
#include "core/stage/camera.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;

namespace {
/// Three posts; ids 4, 11 and 12.
Project threePosts()
{
    Project p = kit::postWork();
    for (const double x : {20.0, 44.0}) {
        Element e = p.elements[0];
        e.id = 0;
        e.cast = 0;
        e.name = x < 30 ? "left" : "right";
        e.baseCm = {x, 30};
        p = edits::withElement(std::move(p), e);
    }
    return p;
}
Vec3 footOf(const Project& p, int id)
{
    return stage::footOf(stage::eyeOf(p), *p.element(id));
}
} // namespace

class TestStageEdits : public QObject {
    Q_OBJECT
private slots:
    void aFootIsSpokenOfOnce()
    {
        Project p = threePosts();
        const int id = p.elements[0].id;
        p = edits::withFootWord(p, id, {0.2, 0.5, false});
        p = edits::withFootWord(p, id, {0.8, 1.5, false});
        p = edits::withFootWord(p, id, {0.23, 0.7, true}); // the first again
        QCOMPARE(p.elements[0].feet.size(), std::size_t(2));
        const auto first = edits::footWordAt(p.elements[0], 0.21);
        QVERIFY(first && first->backM == 0.7 && first->aloft);
        QVERIFY(!edits::footWordAt(p.elements[0], 0.5));
        QVERIFY(edits::withoutFootWord(p, id, 0.8).elements[0].feet.size() == 1);
        const Project far = edits::withFootWord(p, id, {0.8, 1e9, false}); // brought into what may be
        QVERIFY(edits::footWordAt(far.elements[0], 0.8)->backM <= 50);
        p.elements[0].locked = true;
        QVERIFY(edits::withFootWord(p, id, {0.5, 1, false}).elements == p.elements);
        QVERIFY(edits::withoutFootWord(p, id, 0.8).elements == p.elements);
    }

    void aGroupMovesTogetherInMetres()
    {
        Project p = threePosts();
        const int a = p.elements[0].id, b = p.elements[1].id, c = p.elements[2].id;
        p = edits::withGroup(p, {a, b}, "pair");
        QCOMPARE(p.groups.size(), std::size_t(1));
        const Vec3 apart = footOf(p, b) - footOf(p, a), other = footOf(p, c);
        const Project moved = edits::withFoot(p, a, {37, 33});
        const Vec3 now = footOf(moved, b) - footOf(moved, a);
        QVERIFY((now - apart).length() < 1e-9);
        QVERIFY((footOf(moved, c) - other).length() < 1e-12);
        const Project alone = edits::withFoot(p, a, {37, 33}, true);
        QCOMPARE(alone.element(b)->baseCm, p.element(b)->baseCm);
        const Project apartAgain = edits::withoutGroup(p, p.groups[0].id);
        QVERIFY(apartAgain.groups.empty() && apartAgain.element(a)->group == 0);
        QCOMPARE(edits::withGroup(threePosts(), {a}, "one").groups.size(), std::size_t(0));
        QCOMPARE(edits::withGroup(threePosts(), {a, 999}, "one").groups.size(), std::size_t(0));
    }

    void whatIsLockedStays()
    {
        Project p = threePosts();
        const int a = p.elements[0].id, b = p.elements[1].id;
        p = edits::withGroup(p, {a, b}, "pair");
        p.element(b)->locked = true;
        const Vec2 before = p.element(b)->baseCm;
        p = edits::withFoot(p, a, {40, 35});
        QCOMPARE(p.element(b)->baseCm, before);
        QCOMPARE(edits::withFoot(p, b, {1, 39}).element(b)->baseCm, before);
        QCOMPARE(edits::withDepthsSwapped(p, a, b).element(b)->baseCm, before);
        QCOMPARE(edits::withBaseAtHorizon(p, b).element(b)->baseCm, before);
        const double nan = std::numeric_limits<double>::quiet_NaN();
        QCOMPARE(edits::withFoot(p, a, {nan, 3}).element(a)->baseCm, p.element(a)->baseCm);
    }

    void inStepGrowTogether()
    {
        Project p = threePosts();
        const int a = p.elements[0].id, b = p.elements[1].id, c = p.elements[2].id;
        p.element(b)->heightM = 1;
        p = edits::withInStep(p, a, b, true);
        p = edits::withTrueHeight(p, a, 5);
        QCOMPARE(p.element(a)->heightM, 5.0);
        QVERIFY(std::abs(p.element(b)->heightM - 2.5) < 1e-12);
        QCOMPARE(p.element(c)->heightM, 2.0);
        p = edits::withInStep(p, b, 0, false);
        p = edits::withTrueHeight(p, a, 1);
        QVERIFY(std::abs(p.element(b)->heightM - 2.5) < 1e-12);
        QCOMPARE(p.element(a)->step, 0); // one alone keeps step with nothing
    }

    void depthAndBaseGoWhereAsked()
    {
        Project p = threePosts();
        const int a = p.elements[0].id, b = p.elements[1].id;
        const Project swapped = edits::withDepthsSwapped(p, a, b);
        QCOMPARE(swapped.element(a)->baseCm.y, p.element(b)->baseCm.y);
        QCOMPARE(swapped.element(b)->baseCm.y, p.element(a)->baseCm.y);
        QCOMPARE(swapped.element(a)->heightM, p.element(a)->heightM);
        QCOMPARE(edits::withDepthsSwapped(swapped, a, b).elements[0].baseCm, p.elements[0].baseCm);
        QCOMPARE(edits::withBaseAt(p, a, b).element(a)->baseCm.y, p.element(b)->baseCm.y);
        // The top at eye level is seen on the horizon, whatever the distance.
        for (const double y : {20.0, 30.0, 39.0}) {
            p.element(a)->baseCm.y = y;
            const Project top = edits::withTopAtHorizon(p, a);
            QVERIFY(std::abs(stage::placementOf(top, *top.element(a), {10, 10, 40, 400}).canvas.y - 16) < 1e-9);
            p.element(a)->altitudeM = 3;
            const Project flying = edits::withTopAtHorizon(p, a);
            QVERIFY(std::abs(stage::placementOf(flying, *flying.element(a), {10, 10, 40, 400}).canvas.y - 16) < 1e-9);
            p.element(a)->altitudeM = 0;
        }
        QVERIFY(edits::withBaseAtHorizon(p, a).element(a)->baseCm.y > 16);
    }

    void aCutoutTakesAStandinsPlace()
    {
        Project p = kit::postWork();
        Element e = edits::standinOf(Solid::Figure);
        e.baseCm = {22, 31};
        e.yaw = 40;
        p = edits::withElement(p, e);
        const int id = p.elements.back().id;
        const Project now = edits::withCutoutFor(p, id, 3);
        QCOMPARE(now.element(id)->cutout, 3);
        QCOMPARE(now.element(id)->baseCm, (Vec2{22, 31}));
        QCOMPARE(now.element(id)->heightM, 1.75);
        QCOMPARE(now.element(id)->standin.solid, Solid::Figure);
        QCOMPARE(edits::withStandinShown(now, id).element(id)->cutout, 0);
        QCOMPARE(edits::withCutoutFor(p, id, 77).element(id)->cutout, 0); // no such cut-out
        // When the cut-out's picture goes, the stand-in takes over again.
        QCOMPARE(edits::withoutReference(now, 2).element(id)->cutout, 0);
    }

    void insideNeverGoesInCircles()
    {
        Project p = threePosts();
        const int a = p.elements[0].id, b = p.elements[1].id;
        p = edits::withInside(p, a, b);
        QCOMPARE(p.element(a)->inside, b);
        QCOMPARE(edits::withInside(p, b, a).element(b)->inside, 0);
        QCOMPARE(edits::withInside(p, b, b).element(b)->inside, 0);
        p = edits::withoutElement(p, b);
        repair(p);
        QCOMPARE(p.element(a)->inside, 0);
    }

    void takesKeepWhatTheyHold()
    {
        Project p = threePosts();
        const Scene first = takes::sceneOf(p);
        p = takes::withDuplicate(p, "another");
        QCOMPARE(p.takes.size(), std::size_t(2));
        QCOMPARE(p.takes[0].letter, std::string("A"));
        QCOMPARE(p.takes[1].letter, std::string("B"));
        const int a = p.takes[0].id, b = p.take;
        p = edits::withoutElement(p, p.elements[2].id);
        p.camera.horizonCm = 9;
        const Scene second = takes::sceneOf(p);
        QVERIFY(takes::sceneOf(takes::projectOf(p, a)) == first);
        p = takes::withCurrent(p, a);
        QVERIFY(takes::sceneOf(p) == first);
        QVERIFY(takes::sceneOf(takes::projectOf(p, b)) == second);
        p = takes::withCurrent(p, b);
        QVERIFY(takes::sceneOf(p) == second);
        QVERIFY(takes::sceneOf(takes::withCurrent(p, 999)) == second);
        // Fresh elements never take an id that another take still uses.
        const int fresh = edits::withElement(p,
            [&] {
                Element e = p.elements[0];
                e.id = 0;
                return e;
            }())
                              .elements.back()
                              .id;
        for (const Element& e : first.elements)
            QVERIFY(e.id != fresh);
    }

    void takesAreSetAsideAndVotedFor()
    {
        Project p = takes::withDuplicate(kit::postWork(), "b");
        const int a = p.takes[0].id, b = p.take;
        QVERIFY(!takes::withAside(p, b, "no").takeOf(b)->aside); // not the one in hand
        p = takes::withAside(p, a, "too still");
        QVERIFY(p.takeOf(a)->aside && p.takeOf(a)->reason == "too still");
        QVERIFY(!takes::withCurrent(p, a).takeOf(a)->aside);
        p = takes::withBack(p, a);
        QVERIFY(!p.takeOf(a)->aside);
        p = takes::withVote(p, "Ilse", "b", "clearer");
        p = takes::withVote(p, "Oren", "A", "");
        p = takes::withVote(p, "Oren", "B", "changed my mind");
        QCOMPARE(takes::votesFor(p, b), 2);
        QCOMPARE(takes::withVote(p, "", "A", "").votes.size(), std::size_t(2));
        QCOMPARE(takes::withVote(p, "X", "Q", "").votes.size(), std::size_t(2));
        p = takes::withCurrent(p, a);
        p = takes::without(p, b);
        QVERIFY(p.votes.empty() && p.takes.size() == 1);
        QCOMPARE(takes::freshLetter(p), std::string("B"));
        for (int i = 0; i < 30; ++i)
            p = takes::withDuplicate(p, "more");
        QCOMPARE(p.takes[26].letter, std::string("AA"));
    }

    void usualHeightsCanBeChanged()
    {
        Project p = kit::postWork();
        QCOMPARE(usualHeight(p, "adult").metres, 1.70);
        QVERIFY(usualHeight(p, "no such thing").name.empty());
        p = withUsualHeight(p, {"adult", 1.5, 1.3, 1.6, true});
        p = withUsualHeight(p, {"moon gate", 5, 4, 6, false});
        QCOMPARE(usualHeight(p, "adult").metres, 1.5);
        QCOMPARE(heightsOf(p).size(), heightsOf(Project{}).size() + 1);
        p = withoutUsualHeight(p, "adult");
        QCOMPARE(usualHeight(p, "adult").metres, 1.70);
        p = withUsualHeight(p, {"nonsense", std::numeric_limits<double>::quiet_NaN(), 9, -4, false});
        const UsualHeight h = usualHeight(p, "nonsense");
        QVERIFY(std::isfinite(h.metres) && h.least <= h.metres && h.metres <= h.most);
        for (const UsualHeight& u : heightsOf(Project{}))
            QVERIFY(u.least <= u.metres && u.metres <= u.most);
    }

    void doublesAreTheirOwn()
    {
        Project p = kit::postWork();
        p = edits::withDuplicate(p, 4, {3, 0});
        QCOMPARE(p.elements.size(), std::size_t(2));
        QVERIFY(p.elements[1].id != 4 && p.elements[1].cast == 0);
        QCOMPARE(edits::withDuplicate(p, 99, {3, 0}).elements.size(), std::size_t(2));
    }
};

RL_TEST(TestStageEdits)
#include "tst_stage_edits.moc"
