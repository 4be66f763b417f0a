#include "app/frame/side_column.h"
#include "app/stations/mix/mix_state.h"
#include "app/stations/mix/palette_view.h"
#include "app/stations/read/silhouette_row.h"
#include "core/paint/box.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include "store/project_file.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QHelpEvent>
#include <QLabel>
#include <QLineEdit>
#include <QToolTip>

using namespace rl;
using namespace rl::app;

/// More of Mix and of what Read gained, by clicks and keys.
class TestMixPages : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    const Project& project() { return hand().project(); }
    StationView& view() { return *hand().window().here(); }
    MixState& state() { return MixState::of(hand().desk(), view()); }
    bool mixed()
    {
        return QTest::qWaitFor([this] { return state().canMix(); }, 120000);
    }

private slots:
    void init()
    {
        Project p = kit::postWork();
        p.brief.cast = {{1, "the post", {}}};
        p.elements[0].cast = 1;
        m_hand.emplace(edits::withPaintBox(std::move(p), paint::firstBox()));
        QVERIFY(hand().settle());
    }
    void cleanup() { m_hand.reset(); }

    /// Figures that change with the board's size once pushed the board to and fro for ever.
    void everyPageComesToRest()
    {
        m_hand.emplace(kit::madeDemo());
        QVERIFY(hand().settle());
        hand().go(Station::Mix);
        QVERIFY(mixed());
        for (int i = 0; i < view().pageCount(); ++i) {
            view().turnTo(i);
            int calm = 0; // tenths of a second without work
            QVERIFY2(QTest::qWaitFor(
                         [&] {
                             QTest::qWait(100);
                             calm = hand().window().settled() ? calm + 1 : 0;
                             return calm >= 6;
                         },
                         30000),
                qPrintable(view().current()->name()));
        }
        // The first page shows recipes at once.
        QVERIFY(state().wanted() && state().answer() && !state().answer()->formulas.empty());
    }
    void keysAskForLightAndShade()
    {
        hand().go(Station::Mix);
        QVERIFY(mixed());
        hand().desk().holdElement(project().elements[0].id);
        hand().board()->setFocus();
        hand().key(Qt::Key_J);
        QVERIFY(state().wanted() && state().wanted()->from.startsWith("light of"));
        const double light = state().wanted()->lab.L;
        hand().key(Qt::Key_K);
        // A thing of one tone has no shade: what was wanted stays.
        QVERIFY(state().wanted()->from.startsWith("shade of") ? state().wanted()->lab.L < light
                                                              : state().wanted()->lab.L == light);
        for (const int shown : {MixState::Paints, MixState::Lost, MixState::Map, MixState::Plan}) {
            hand().key(Qt::Key_O);
            QCOMPARE(state().shown(), shown);
        }
    }
    void thePaletteStandsBesideTheBoard()
    {
        hand().go(Station::Mix);
        QVERIFY(mixed());
        auto* side = hand().window().findChild<SideColumn*>("sideColumn");
        QVERIFY(!side->isOpen());
        QWidget* palette = view().current()->beside();
        QVERIFY(palette && palette->isVisible() && palette->height() > 200);
        // Open findings take its room, and give it back.
        hand().board()->setFocus();
        hand().key(Qt::Key_G);
        QVERIFY(side->isOpen() && !palette->isVisible());
        hand().key(Qt::Key_G);
        QVERIFY(side->isStrip());
        hand().key(Qt::Key_G);
        QVERIFY(palette->isVisible());
        hand().page("Paint box");
        QVERIFY(!palette->isVisible() && view().current()->beside()->isVisible());
        hand().go(Station::Carry);
        QVERIFY(!hand().window().findChild<PaletteView*>()->isVisible());
        // What lies under the hand is named.
        hand().go(Station::Mix);
        auto* shown = dynamic_cast<PaletteView*>(view().current()->beside());
        const QPoint tube = shown->tubeAt(project().boxes[0].tubes[5].id).toPoint();
        QHelpEvent help(QEvent::ToolTip, tube, shown->mapToGlobal(tube));
        QCoreApplication::sendEvent(shown, &help);
        QVERIFY2(QToolTip::text().contains("PR254") && QToolTip::text().contains("9 of 60 ml"),
            qPrintable(QToolTip::text()));
    }
    void choicesAreOneStepEach()
    {
        hand().go(Station::Mix);
        QVERIFY(mixed());
        hand().page("Recipes");
        hand().choose("mixFinish", 2);
        QCOMPARE(int(project().mix.finish), int(Finish::Matt));
        hand().choose("mixLetDown", 1);
        QCOMPARE(project().mix.letDown, 10);
        hand().page("Paint box");
        hand().choose("boxMedium", 4);
        QCOMPARE(int(project().boxes[0].medium), int(PaintMedium::Oil));
        hand().type(hand().find<QLineEdit>("boxName"), "Attic");
        QCOMPARE(project().boxes[0].name, std::string("Attic"));
        const auto tubes = project().boxes[0].tubes.size();
        hand().choose("addTube", 6);
        QCOMPARE(project().boxes[0].tubes.size(), tubes + 1);
        QCOMPARE(hand().desk().selection().tube, project().boxes[0].tubes.back().id);
        hand().press("tubeAway");
        QCOMPARE(project().boxes[0].tubes.size(), tubes);
        for (int i = 0; i < 6; ++i)
            hand().undo();
        QCOMPARE(int(project().mix.finish), int(Finish::Satin));
        QCOMPARE(project().mix.letDown, 20);
        QCOMPARE(int(project().boxes[0].medium), int(PaintMedium::AcrylicHeavy));
        hand().press("newBox");
        QCOMPARE(project().boxes.size(), std::size_t(2));
        QVERIFY(project().paintBox()->tubes.empty());
        hand().choose("boxUsed", 0);
        QCOMPARE(project().paintBox()->tubes.size(), tubes);
    }
    void theBoxIsInTheFile()
    {
        Project p = project();
        p.boxes[0].tubes[2].card.tint10 = {true, {80, -3, 60}};
        p.boxes[0].tubes[2].card.date = "2026-02-03";
        p.boxes[0].tubes[2].chosen = false;
        p.boxes[0].tubes[2].name = "lemon \"best\"";
        p.mix.finish = Finish::Matt, p.mix.letDown = 40, p.mix.puddles = 31;
        p.elements[0].quiet = true;
        p.brief.cast[0].place = {3, 4, 5, 6};
        const std::string path = hand().file("kept.lantern").toStdString();
        QVERIFY(bool(store::ProjectFile::create(path, p)));
        const auto read = store::ProjectFile::open(path);
        QVERIFY(bool(read));
        QVERIFY(read->project.boxes == p.boxes && read->project.mix == p.mix);
        QVERIFY(read->project.elements[0].quiet);
        QCOMPARE(read->project.brief.cast[0].place, p.brief.cast[0].place);
    }
    void aRuleOfLayersIsSaid()
    {
        hand().go(Station::Mix);
        QVERIFY(mixed());
        hand().page("Glazes");
        hand().choose("layerUnder", 2);
        QVERIFY2(view().says().contains("Not acrylic over oil"), qPrintable(view().says()));
        hand().choose("layerUnder", 0);
        QVERIFY(!view().says().contains("Not "));
        hand().click(Vec2{30, 20});
        hand().choose("glazeUnder", 1);
        QVERIFY(QTest::qWaitFor([this] { return view().says().contains("coat"); }, 20000));
        // A stroke twice as wide: half as many.
        hand().type("strokeMm", "2");
        QVERIFY(view().says().contains("coat"));
    }

    void aThingIsMarkedAsQuiet()
    {
        hand().go(Station::Read);
        hand().page("Attention");
        hand().desk().holdElement(project().elements[0].id);
        QVERIFY(hand().settle());
        hand().find<QCheckBox>("quiet")->click();
        QVERIFY(project().elements[0].quiet);
        hand().undo();
        QVERIFY(!project().elements[0].quiet);
    }
    void everySilhouetteStandsAlone()
    {
        hand().go(Station::Read);
        hand().page("Edges");
        hand().desk().holdElement(0);
        QVERIFY(QTest::qWaitFor([this] { return hand().desk().review != nullptr; }, 10000));
        auto* row = hand().find<QWidget>("silhouettes");
        QVERIFY(row->isVisible() && row->height() > 40);
        // Ink is drawn, and a click holds the thing.
        const QImage seen = row->grab().toImage();
        int dark = 0;
        for (int y = 0; y < seen.height(); ++y)
            for (int x = 0; x < std::min(seen.width(), 100); ++x)
                dark += qGray(seen.pixel(x, y)) < 80;
        QVERIFY(dark > 20);
        QTest::mouseClick(row, Qt::LeftButton, {}, QPoint(30, 20));
        QCOMPARE(hand().desk().element(), project().elements[0].id);
    }
};

RL_TEST(TestMixPages)
#include "tst_mix_pages.moc"
