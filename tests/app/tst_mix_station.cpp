#include "app/stations/mix/mix_state.h"
#include "app/stations/mix/palette_view.h"
#include "core/paint/box.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QLabel>
#include <QPushButton>

using namespace rl;
using namespace rl::app;

/// Mix by clicks and keys in the real window.
class TestMixStation : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    const Project& project() { return hand().project(); }
    StationView& view() { return *hand().window().here(); }
    MixState& state() { return MixState::of(hand().desk(), view()); }
    bool mixed()
    {
        return QTest::qWaitFor([this] { return state().canMix(); }, 20000);
    }
    PaletteView* palette() { return dynamic_cast<PaletteView*>(view().current()->beside()); }

private slots:
    void init()
    {
        m_hand.emplace(kit::postWork());
        QVERIFY(hand().settle());
        hand().go(Station::Mix);
    }
    void cleanup() { m_hand.reset(); }

    void fromNoPaintsToARecipe()
    {
        QVERIFY(view().says().contains("Click"));
        hand().page("Paint box");
        hand().press("firstBox");
        QCOMPARE(project().boxes.size(), std::size_t(1));
        QCOMPARE(project().boxes[0].tubes.size(), std::size_t(12));
        QVERIFY(mixed());
        hand().page("Recipes");
        hand().click(Vec2{30, 6});
        QVERIFY(state().wanted() && state().wanted()->at);
        QVERIFY(QTest::qWaitFor([this] { return state().answer() != nullptr; }, 10000));
        const auto& formulas = state().answer()->formulas;
        QVERIFY(!formulas.empty() && formulas.front().de < 6);
        QVERIFY(view().says().contains("from the left") && view().says().contains("Typical"));
        // Every combination is no worse.
        const double quick = formulas.front().de;
        hand().find<QCheckBox>("mixFull")->click();
        QVERIFY(QTest::qWaitFor([this] { return state().answer() && !state().searching(); }, 20000));
        double best = 1e9;
        for (const auto& f : state().answer()->formulas)
            best = std::min(best, f.de);
        QVERIFY(best <= quick + 1e-6);
        hand().undo();
        QVERIFY(project().boxes.empty());
        hand().redo();
        QCOMPARE(project().boxes.size(), std::size_t(1));
    }
    void puddlesLieOnThePaletteByValue()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().page("Puddles");
        QCOMPARE(state().shown(), int(MixState::Map));
        QVERIFY(!view().current()->look().isNull());
        const auto& puddles = state().mixing()->map.puddles;
        const int last = int(puddles.size()) - 1;
        QVERIFY(last >= 2 && puddles.front().wanted.L > puddles.back().wanted.L + 10);
        QVERIFY(palette()->puddleAt(0).y() < palette()->puddleAt(last).y());
        QTest::mouseClick(palette(), Qt::LeftButton, {}, palette()->puddleAt(last).toPoint());
        QCOMPARE(hand().desk().selection().puddle, last);
        QVERIFY(hand().find<QLabel>("puddleFigures")->text().contains(QString("Puddle %1").arg(last + 1)));
        hand().board()->setFocus();
        hand().key(Qt::Key_Up);
        QCOMPARE(hand().desk().selection().puddle, last - 1);
        // More coats, more paint; one step each.
        const double ml = state().mixing()->needs.ml;
        hand().type("mixCoats", "4");
        QCOMPARE(project().mix.coats, 4);
        QVERIFY(QTest::qWaitFor([&] { return state().mixing() && state().mixing()->needs.ml > 1.8 * ml; }, 20000));
        hand().undo();
        QCOMPARE(project().mix.coats, 2);
    }
    void likePuddlesBecomeOneByAField()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().page("Puddles");
        const std::size_t before = state().mixing()->map.puddles.size();
        hand().type("mixMerge", "6");
        QCOMPARE(project().mix.mergeDe, 6.0);
        QVERIFY(
            QTest::qWaitFor([&] { return state().canMix() && state().mixing()->map.puddles.size() < before; }, 20000));
        bool more = false;
        for (int i = 0; i < int(state().mixing()->map.puddles.size()); ++i)
            more = more || state().placeOf(i).contains("more");
        QVERIFY(more);
        hand().type("mixFinest", "40");
        QVERIFY(QTest::qWaitFor(
            [&] { return state().mixing() && std::abs(state().mixing()->finestCm - 4) < 1e-9; }, 20000));
        const std::size_t merged = state().mixing()->map.puddles.size();
        hand().undo();
        hand().undo();
        QCOMPARE(project().mix.mergeDe, 0.0);
        QVERIFY(
            QTest::qWaitFor([&] { return state().canMix() && state().mixing()->map.puddles.size() > merged; }, 20000));
    }
    void theTubeThatIsMissingIsNamed()
    {
        PaintBox earths{0, "earths", PaintMedium::Oil, {}};
        for (const char* id : {"PW6", "PBk9", "PY42"}) {
            Tube t;
            t.pigment = id;
            earths.tubes.push_back(t);
        }
        hand().desk().edit("box", edits::withPaintBox(project(), earths));
        QVERIFY(hand().settle() && mixed());
        hand().page("Recipes");
        state().want({{35, 25, -50}, {50, 0, 0}, "a blue", {}});
        QVERIFY(QTest::qWaitFor([this] { return state().otherTube() != nullptr; }, 20000));
        QVERIFY(!state().otherTube()->pigment.empty() && state().otherTube()->de < 0.67 * state().answer()->reachDe);
        QVERIFY2(view().says().contains("Out of reach") && view().says().contains("take"), qPrintable(view().says()));
    }
    void aTubeIsLeftInTheBoxAndTaken()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().page("Paint box");
        const int blue = project().boxes[0].tubes[7].id;
        QTest::mouseClick(palette(), Qt::LeftButton, {}, palette()->tubeAt(blue).toPoint());
        QCOMPARE(hand().desk().selection().tube, blue);
        hand().find<QCheckBox>("tubeChosen")->click();
        QVERIFY(!project().tube(blue)->chosen);
        QVERIFY(QTest::qWaitFor([this] { return state().mixing() && !state().mixing()->box.of("PB29"); }, 20000));
        hand().type("tubeLeft", "3");
        QCOMPARE(project().tube(blue)->leftMl, 3.0);
        hand().type("chooseCount", "3");
        hand().press("chooseTubes");
        QVERIFY(QTest::qWaitFor(
            [this] { return hand().find<QLabel>("choiceTold")->text().contains("of the canvas"); }, 60000));
        hand().press("takeChoice");
        int chosen = 0;
        for (const Tube& t : project().boxes[0].tubes)
            chosen += t.chosen;
        QCOMPARE(chosen, 3);
        hand().undo();
        QVERIFY(project().boxes[0].tubes[0].chosen);
    }
    void theBoardShowsThesePaints()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().choose("mixShows", 1);
        QVERIFY(QTest::qWaitFor([this] { return state().kept() != nullptr; }, 60000));
        QVERIFY(!state().look().isNull() && state().kept()->within8 > 0.3);
        hand().choose("mixShows", 0);
        QVERIFY(state().look().isNull());
    }
    void swatchesAreTypedAndReadByTheReader()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().page("Swatches");
        Selection s = hand().desk().selection();
        s.tube = project().boxes[0].tubes[7].id;
        hand().desk().hold(s);
        hand().choose("swatchKind", 2);
        hand().type("swatchL", "64");
        QVERIFY(project().tube(s.tube)->card.tint10.read);
        QCOMPARE(project().tube(s.tube)->card.tint10.lab.x, 64.0);
        hand().press("readDevice");
        QVERIFY(project().tube(s.tube)->card.tint10.lab.z < -10);
        QVERIFY(QTest::qWaitFor(
            [this] {
                const auto* b = state().mixing() ? state().mixing()->box.of("PB29") : nullptr;
                return b && b->calibrated;
            },
            20000));
        QVERIFY(view().says().contains("1 of 12 tubes measured"));
        hand().press("forgetCard");
        QVERIFY(!project().tube(s.tube)->card.any());
    }
    void aStringAndAPassage()
    {
        hand().desk().edit("box", edits::withPaintBox(project(), paint::firstBox()));
        QVERIFY(hand().settle() && mixed());
        hand().page("Colour strings");
        hand().click(Vec2{6, 3});
        hand().click(Vec2{6, 12});
        QVERIFY(QTest::qWaitFor([this] { return view().says().contains("9.0 cm in"); }, 60000));
        hand().page("Glazes");
        hand().choose("glazeUnder", 1);
        hand().click(Vec2{30, 20});
        QVERIFY(QTest::qWaitFor([this] { return view().says().contains("coat"); }, 20000));
    }
};

RL_TEST(TestMixStation)
#include "tst_mix_station.moc"
