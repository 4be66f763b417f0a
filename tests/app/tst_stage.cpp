#include "app/stations/stage/takes_page.h"
#include "app/widgets/ground_plan.h"
#include "core/stage/ellipses.h"
#include "core/stage/solids.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTimer>
#include <QToolButton>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// The Stage driven with clicks and keys: plan and picture, stand-ins, kin, guides, takes, and undo of each.
class TestStage : public QObject {
    Q_OBJECT
    enum Page { Space, Hand, Ties, Standins, Kin, Guides, Room, Takes };
    std::optional<kit::StationHand> m_hand;

    const Project& project() { return m_hand->project(); }
    Desk& desk() { return m_hand->desk(); }
    TakesPage& takes() { return *m_hand->view(Station::Stage).find<TakesPage>(); }
    Board* board() { return m_hand->board(); }
    template <class T> T* find(const char* name) { return m_hand->find<T>(name); }
    void press(const char* name) { m_hand->press(name); }
    void page(Page p) { find<QToolButton>(qPrintable(QString("stagePage%1").arg(int(p))))->click(); }
    void choose(const char* name, int index) { m_hand->choose(name, index); }
    void type(const char* field, const QString& words) { m_hand->type(field, words); }
    void undo() { m_hand->undo(); }
    void redo() { m_hand->redo(); }
    void click(Vec2 cm, Qt::KeyboardModifiers keys = {}) { m_hand->click(cm, keys); }
    void drag(QWidget* on, QPointF from, QPointF to) { m_hand->drag(on, from, to); }
    bool settle() { return m_hand->settle(); }
    /// Undoes one step to what was, redoes it to what is.
    void undoesTo(const Project& before)
    {
        const std::vector<Element> now = project().elements;
        undo();
        QVERIFY(project().elements == before.elements);
        redo();
        QVERIFY(project().elements == now);
    }
    Vec3 footOf(int id) { return rl::stage::footOf(rl::stage::eyeOf(project()), *project().element(id)); }

private slots:
    void initTestCase()
    {
        m_hand.emplace(kit::postWork(215, 35));
        m_hand->go(Station::Stage);
        QVERIFY(settle());
    }
    void cleanupTestCase() { m_hand.reset(); }

    void thePictureFollowsThePlan()
    {
        const Project before = project();
        auto* plan = find<GroundPlan>("planAbove");
        const QPointF from = plan->toScreen(footOf(4)), to = plan->toScreen({1.5, 0, 6});
        drag(plan, from, to);
        const Vec3 foot = footOf(4);
        QVERIFY2((foot - Vec3{1.5, 0, 6}).length() < 0.4, qPrintable(QString("%1 %2").arg(foot.x).arg(foot.z)));
        QVERIFY(settle());
        // Nearer, it is larger in the picture, and its pixels lie where its foot is.
        const auto& ids = desk().lit->picture;
        const Vec2 px = (project().element(4)->baseCm - Vec2{0, 3}) * ids.pixelsPerCm;
        QCOMPARE(ids.ids.at(int(px.x), int(px.y)), 4);
        undoesTo(before);
        undo();
    }

    void thePlanFollowsThePicture()
    {
        const Project before = project();
        auto* plan = find<GroundPlan>("planAbove");
        const QPointF was = plan->toScreen(footOf(4));
        QVERIFY(settle());
        const Vec2 base = project().element(4)->baseCm;
        drag(board(), board()->toScreen(base - Vec2{0, 3}), board()->toScreen(base + Vec2{-8, 3}));
        const QPointF is = plan->toScreen(footOf(4));
        QVERIFY(is.x() < was.x() - 5 && is.y() > was.y() + 5);
        QVERIFY(std::abs(project().element(4)->baseCm.x - (base.x - 8)) < 0.3);
        undoesTo(before);
        undo();
    }

    void theSideViewLiftsAndSetsDown()
    {
        const Project before = project();
        auto* side = find<GroundPlan>("planSide");
        const Vec3 foot = footOf(4);
        drag(side, side->toScreen(foot), side->toScreen(foot + Vec3{0, 1.5, 0}));
        QVERIFY2(std::abs(project().element(4)->altitudeM - 1.5) < 0.15,
            qPrintable(QString::number(project().element(4)->altitudeM)));
        QVERIFY(std::abs(footOf(4).z - foot.z) < 0.5);
        undoesTo(before);
        drag(side, side->toScreen({0, project().element(4)->altitudeM, footOf(4).z}),
            side->toScreen({0, 0, footOf(4).z}));
        QCOMPARE(project().element(4)->altitudeM, 0.0);
        undo(), undo();
        QVERIFY(project().elements == before.elements);
    }

    void aFootIsSetDownWhereThePainterSays()
    {
        page(Hand);
        QVERIFY(!find<QComboBox>("whichFoot")->isVisible()); // a post has one foot, and nothing to say of it
        Project forked = project(); // the same with two legs, the right one shorter
        const Mask& was = forked.cutouts[0].alpha;
        std::vector<std::uint8_t> legs(was.data(), was.data() + was.size());
        for (int y = 250; y < 420; ++y)
            for (int x = 0; x < 60; ++x)
                if ((x > 22 && x < 38) || (x >= 38 && y > 370))
                    legs[std::size_t(y * 60 + x)] = 0;
        forked.cutouts[0].alpha = {60, 420, std::move(legs)};
        desk().edit("Fork it", forked);
        QVERIFY(settle());
        const Project before = project();
        auto* which = find<QComboBox>("whichFoot");
        QVERIFY(which->isVisible() && which->count() == 2);
        choose("whichFoot", 1);
        auto* back = find<QDoubleSpinBox>("footBack");
        const double h = 2.0 * 39 / 400, seen = 10 * h / (1.6 - h); // as high as it ends, so far back
        QVERIFY2(std::abs(back->value() - seen) < 0.1, qPrintable(QString::number(back->value())));
        type("footBack", "0.4");
        QCOMPARE(int(project().element(4)->feet.size()), 1);
        QCOMPARE(project().element(4)->feet[0].backM, 0.4);
        undoesTo(before);
        find<QCheckBox>("footAloft")->click();
        QVERIFY(project().element(4)->feet[0].aloft && !back->isVisible());
        press("footSeen");
        QVERIFY(project().element(4)->feet.empty() && std::abs(back->value() - seen) < 0.1);
        undo(), undo(), undo(), undo();
    }

    void lanternsAreOnThePlanToo()
    {
        Project p = project();
        p.lights.lanterns = {{40, "lamp", true, {1, 1.5, 5}, 0.1, 2200, 2, 1}};
        m_hand->window().document().edit("Hang a lantern", p);
        auto* plan = find<GroundPlan>("planAbove");
        drag(plan, plan->toScreen({1, 1.5, 5}), plan->toScreen({-2, 1.5, 8}));
        const Vec3 at = project().lights.lanterns[0].position;
        QVERIFY((at - Vec3{-2, 1.5, 8}).length() < 0.5);
        undo(), undo();
        QVERIFY(project().lights.lanterns.empty());
    }

    void viewAndPlaceToStandAreOneThing()
    {
        page(Page::Space);
        const Camera before = project().camera;
        type("standOff", "120");
        QVERIFY(std::abs(project().camera.fovDegrees - 2 * degrees(std::atan(30.0 / 120))) < 1e-6);
        const Vec3 foot = footOf(4);
        QVERIFY(std::abs(foot.z - 10) < 1e-6); // everything keeps its place on the ground
        press("matchViewing");
        QVERIFY(std::abs(rl::stage::eyeOf(project()).focalCm - project().brief.viewingDistanceCm) < 1e-6);
        undo(), undo();
        QVERIFY(project().camera == before);
    }

    void metresAndCentimetresAreGivenAtOnce()
    {
        page(Page::Hand);
        const Project before = project();
        const double cmPerM = rl::stage::eyeOf(project()).focalCm / 10;
        type("heightOnCanvas", "9.5");
        QVERIFY(std::abs(project().element(4)->heightM - 9.5 / cmPerM) < 1e-6);
        type("realHeight", "3");
        QVERIFY(std::abs(find<QDoubleSpinBox>("heightOnCanvas")->value() - 3 * cmPerM) < 0.06);
        undo(), undo();
        choose("usual", find<QComboBox>("usual")->findText("door", Qt::MatchStartsWith));
        QCOMPARE(project().element(4)->heightM, 2.05);
        QCOMPARE(project().element(4)->usual, std::string("door"));
        undoesTo(before);
        undo();
    }

    void keysNudgeLiftAndTurn()
    {
        const Project before = project();
        board()->setFocus();
        QTest::keyClick(board(), Qt::Key_Right);
        QTest::keyClick(board(), Qt::Key_Down, Qt::ShiftModifier);
        QVERIFY(std::abs(project().element(4)->baseCm.x - before.elements[0].baseCm.x - 0.1) < 1e-9);
        QVERIFY(std::abs(project().element(4)->baseCm.y - before.elements[0].baseCm.y - 1) < 1e-9);
        QTest::keyClick(board(), Qt::Key_PageUp);
        QTest::keyClick(board(), Qt::Key_BracketLeft);
        QVERIFY(std::abs(project().element(4)->altitudeM - 0.1) < 1e-9 && project().element(4)->yaw == 5);
        for (int i = 0; i < 4; ++i)
            undo();
        QVERIFY(project().elements == before.elements);
    }

    void aLockHolds()
    {
        page(Page::Hand);
        find<QCheckBox>("locked")->click();
        const Vec2 base = project().element(4)->baseCm;
        QVERIFY(project().element(4)->locked);
        QTest::keyClick(board(), Qt::Key_Left);
        QCOMPARE(project().element(4)->baseCm, base);
        undo();
        QVERIFY(!project().element(4)->locked);
    }

    void aStandInIsReplacedByACutOut()
    {
        page(Page::Standins);
        choose("standinKind", find<QComboBox>("standinKind")->findData(int(Solid::Figure)));
        const Project before = project();
        press("standUp");
        QCOMPARE(project().elements.size(), std::size_t(2));
        undoesTo(before);
        desk().holdElement(project().elements.back().id);
        const Element figure = project().elements.back();
        QCOMPARE(figure.standin.solid, Solid::Figure);
        QVERIFY(settle());
        QVERIFY(desk().lit->frame->layers.size() == 2);
        // A pose to begin with, then a hand pulled up on the board.
        choose("beginWith", 3);
        QVERIFY(!(project().elements.back().standin.pose == figure.standin.pose));
        const Project walking = project();
        const auto place = [&](rl::stage::Joint j) {
            const Element& e = project().elements.back();
            const Vec3 q = rl::stage::skeletonOf(e.standin.pose).at(j);
            const Vec3 foot = footOf(e.id);
            return rl::stage::projected(rl::stage::eyeOf(project()), foot + q * e.heightM);
        };
        const Vec2 hand = place(rl::stage::Joint::RightHand), up = hand + Vec2{-1.0, -4.0};
        drag(board(), board()->toScreen(hand), board()->toScreen(up));
        QVERIFY2((place(rl::stage::Joint::RightHand) - up).length() < 0.8,
            qPrintable(QString::number((place(rl::stage::Joint::RightHand) - up).length())));
        undoesTo(walking);
        const Project posed = project();
        choose("cutoutFor", find<QComboBox>("cutoutFor")->findData(3));
        QCOMPARE(project().elements.back().cutout, 3);
        QCOMPARE(project().elements.back().baseCm, figure.baseCm);
        QCOMPARE(project().elements.back().heightM, figure.heightM);
        undoesTo(posed);
        press("standinAgain");
        QCOMPARE(project().elements.back().cutout, 0);
        for (int i = 0; i < 5; ++i)
            undo();
        QVERIFY(project().elements == before.elements);
    }

    void aShapeIsDrawn()
    {
        page(Page::Standins);
        const Project before = project();
        choose("standinKind", find<QComboBox>("standinKind")->findData(int(Solid::Shape)));
        press("drawIt");
        for (const Vec2 q : {Vec2{8, 34}, {8, 20}, {13, 12}, {18, 20}, {18, 34}})
            click(q);
        QTest::keyClick(board(), Qt::Key_Backspace);
        click({18, 34});
        QTest::keyClick(board(), Qt::Key_Return);
        QCOMPARE(project().elements.size(), std::size_t(2));
        const Element& e = project().elements.back();
        QCOMPARE(e.standin.solid, Solid::Shape);
        const auto placed = rl::stage::placed(project(), e, desk().light.surfaces());
        QVERIFY(std::abs(placed.canvas.x - 8) < 0.2 && std::abs(placed.canvas.right() - 18) < 0.2);
        QVERIFY(std::abs(placed.canvas.y - 12) < 0.2 && std::abs(placed.canvas.bottom() - 34) < 0.2);
        undoesTo(before);
        undo();
    }

    void halfAProfileTurnsRound()
    {
        page(Page::Standins);
        const Project before = project();
        choose("standinKind", find<QComboBox>("standinKind")->findData(int(Solid::Turned)));
        desk().holdElement(4);
        press("drawIt");
        for (const Vec2 q : {Vec2{40, 36}, {43, 36}, {44.5, 30}, {42, 25}, {43.5, 22}})
            click(q);
        QTest::keyClick(board(), Qt::Key_C);
        QTest::keyClick(board(), Qt::Key_Return);
        const Element& e = project().elements.back();
        QCOMPARE(e.standin.solid, Solid::Turned);
        QCOMPARE(e.standin.profile.size(), std::size_t(5));
        QVERIFY(std::abs(e.baseCm.x - 40) < 0.1 && std::abs(e.standin.profile[0].at.x) < 0.01);
        find<QPushButton>("measures")->setChecked(true);
        QVERIFY(settle());
        const QString words = find<QLabel>("stageSays")->text();
        QVERIFY2(words.contains("mm") && words.contains("cm"), qPrintable(words));
        const auto all = rl::stage::ellipsesOf(project(), e);
        QVERIFY(all.size() >= 3 && words.contains(QString::number(all[0].longCm, 'f', 2)));
        find<QPushButton>("measures")->setChecked(false);
        undoesTo(before);
        undo();
    }

    void aWayIsLaidOnThePlanAndInThePicture()
    {
        page(Page::Standins);
        const Project before = project();
        choose("standinKind", find<QComboBox>("standinKind")->findData(100 + int(Track::Canal)));
        press("drawIt");
        click({30, 38});
        auto* plan = find<GroundPlan>("planAbove");
        QTest::mouseClick(plan, Qt::LeftButton, {}, plan->toScreen({1, 0, 9}).toPoint());
        click({35, 10}); // above the horizon: no ground, and said so
        click({33, 20});
        QTest::keyClick(board(), Qt::Key_Return);
        const Element& e = project().elements.back();
        QCOMPARE(e.standin.solid, Solid::Path);
        QCOMPARE(e.standin.track, Track::Canal);
        QCOMPARE(e.standin.path.size(), std::size_t(3));
        QVERIFY(std::abs(e.baseCm.y - 38) < 0.2);
        undoesTo(before);
        undo();
        press("drawIt");
        click({30, 38});
        QTest::keyClick(board(), Qt::Key_Escape);
        QVERIFY(project().elements == before.elements);
    }

    void kinAreScattered()
    {
        page(Page::Kin);
        const Project before = project();
        press("pointPlace");
        click({10, 36});
        click({50, 22});
        QTest::keyClick(board(), Qt::Key_Return);
        type("kinCount", "4");
        press("scatter");
        QCOMPARE(project().elements.size(), std::size_t(5));
        QVERIFY(
            std::abs(project().elements[1].baseCm.x - 10) < 0.3 && std::abs(project().elements[4].baseCm.x - 50) < 0.3);
        QVERIFY(settle());
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("stageSays")->text().contains("alike"), 10000);
        undoesTo(before);
        undo();
        choose("pattern", 1);
        QCOMPARE(project().element(4)->pattern.kind, PatternKind::Tiles);
        undo();
        QVERIFY(project().elements == before.elements);
    }

    void guidesAreOffUntilAskedFor()
    {
        page(Page::Guides);
        QCOMPARE(project().guides.shown, 0U);
        find<QToolButton>("guide0")->click();
        QVERIFY(project().guides.on(Guide::Thirds));
        QVERIFY(find<QLabel>("stageSays")->text().contains("2 %"));
        press("pyramidCorners");
        for (const Vec2 q : {Vec2{30, 5}, {10, 35}, {50, 35}})
            click(q);
        QCOMPARE(project().guides.corners.size(), std::size_t(3));
        QVERIFY(project().guides.on(Guide::Pyramid));
        press("spiralTurn");
        QCOMPARE(project().guides.spiralTurn, 1);
        undo(), undo(), undo();
        QCOMPARE(project().guides.shown, 0U);
        QVERIFY(!find<QToolButton>("guide0")->isChecked());
    }

    void theRoomIsTold()
    {
        page(Page::Room);
        find<QPushButton>("showRoom")->setChecked(true);
        QVERIFY(settle());
        const QString words = find<QLabel>("stageSays")->text();
        QVERIFY2(words.contains("Post") && words.contains("head room") && words.contains("Weight"), qPrintable(words));
        m_hand->window().grab(); // draws it all once
        find<QPushButton>("showRoom")->setChecked(false);
    }

    void tiesAreMade()
    {
        press("duplicate");
        QCOMPARE(project().elements.size(), std::size_t(2));
        const int copy = project().elements.back().id;
        QVERIFY(settle());
        desk().holdElement(copy);
        // Ctrl and a click on the other ties to it.
        click(project().element(4)->baseCm - Vec2{0, 4}, Qt::ControlModifier);
        QCOMPARE(find<QComboBox>("otherElement")->currentData().toInt(), 4);
        press("group");
        QCOMPARE(project().groups.size(), std::size_t(1));
        const Vec3 apart = footOf(4) - footOf(copy);
        QTest::keyClick(board(), Qt::Key_Down, Qt::ShiftModifier);
        QVERIFY(((footOf(4) - footOf(copy)) - apart).length() < 1e-9);
        press("ungroup");
        QVERIFY(project().groups.empty());
        press("inStep");
        page(Page::Hand);
        type("realHeight", "1");
        QVERIFY(std::abs(project().element(4)->heightM - 1) < 1e-9);
        page(Page::Ties);
        press("inside");
        QCOMPARE(project().element(copy)->inside, 4);
        auto* name = find<QLineEdit>("stageName");
        name->setText("Second post");
        emit name->editingFinished();
        QCOMPARE(project().element(copy)->name, std::string("Second post"));
        for (int i = 0; i < 8; ++i)
            undo();
        QCOMPARE(project().elements.size(), std::size_t(1));
    }

    void takesAreKeptSideBySide()
    {
        page(Page::Takes);
        const Project before = project();
        press("duplicateTake");
        QCOMPARE(project().takes.size(), std::size_t(2));
        const int a = project().takes[0].id, b = project().take;
        QTest::keyClick(board(), Qt::Key_Right, Qt::ShiftModifier);
        const double moved = project().element(4)->baseCm.x;
        auto* strip = find<TakeStrip>("takeStrip");
        QTRY_VERIFY_WITH_TIMEOUT(takes().takes().known(a) && takes().takes().known(b) && takes().takes().idle(), 30000);
        QVERIFY(!takes().takes().known(b)->image.isNull());
        QTest::mouseDClick(strip, Qt::LeftButton, {}, strip->placeOf(a).center());
        QTest::mouseClick(strip, Qt::LeftButton, {}, strip->placeOf(a).center());
        if (project().take != a)
            press("workOnTake");
        QCOMPARE(project().take, a);
        QCOMPARE(project().element(4)->baseCm.x, before.element(4)->baseCm.x);
        // B is set aside with a reason, and brought back.
        QTest::mouseClick(strip, Qt::LeftButton, {}, strip->placeOf(b).center());
        QTimer::singleShot(300, this, [] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->setTextValue("too crowded");
            dialog->accept();
        });
        press("takeAside");
        m_hand->window().activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&m_hand->window()));
        QVERIFY(project().takeOf(b)->aside && project().takeOf(b)->reason == "too crowded");
        press("takeAside");
        QVERIFY(!project().takeOf(b)->aside);
        find<QLineEdit>("voter")->setText("Ilse");
        find<QLineEdit>("voteLetter")->setText("b");
        find<QLineEdit>("voteWords")->setText("calmer");
        press("countVote");
        QCOMPARE(project().votes.size(), std::size_t(1));
        QCOMPARE(project().votes[0].take, b);
        press("countVote"); // nobody named: nothing counted
        QCOMPARE(project().votes.size(), std::size_t(1));
        QTRY_VERIFY_WITH_TIMEOUT(takes().takes().known(a) && takes().takes().known(b) && takes().takes().idle(), 30000);
        const QString pdf = m_hand->file("takes.pdf"), png = m_hand->file("takes.png");
        takes().writeContactSheet(pdf);
        QTRY_VERIFY_WITH_TIMEOUT(!takes().writing(), 20000);
        QCOMPARE(kit::pdfPages(pdf), 1);
        takes().writeContactSheet(png);
        QTRY_VERIFY_WITH_TIMEOUT(!takes().writing(), 20000);
        QVERIFY(QImage(png).width() > 1000);
        strip->setFocus();
        QTest::keyClick(strip, Qt::Key_Right);
        QTest::keyClick(strip, Qt::Key_Return);
        QCOMPARE(project().take, b);
        QCOMPARE(project().element(4)->baseCm.x, moved);
        for (int i = 0; i < 20 && !project().takes.empty(); ++i)
            undo();
        QVERIFY2(project().takes.empty(),
            qPrintable(
                QString("%1 %2").arg(project().takes.size()).arg(m_hand->window().document().undoStack().undoText())));
        QVERIFY(project().elements == before.elements);
    }

    void everythingIsStillThereOnTheDisk()
    {
        page(Page::Standins);
        for (const Solid s : {Solid::Turned, Solid::Figure, Solid::Tree}) {
            choose("standinKind", find<QComboBox>("standinKind")->findData(int(s)));
            press("standUp");
        }
        page(Page::Takes);
        press("duplicateTake");
        find<QToolButton>("guide3")->click();
        m_hand->window().document().waitSaved();
        auto opened = store::ProjectFile::open(m_hand->file("mine.lantern").toStdString()).take();
        QVERIFY(opened.project.elements == project().elements);
        QVERIFY(opened.project.takes == project().takes && opened.project.take == project().take);
        QVERIFY(opened.project.guides == project().guides);
        // The window is closed next, while takes are still being looked at.
    }
};

RL_TEST(TestStage)
#include "tst_stage.moc"
