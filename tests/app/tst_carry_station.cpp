#include "app/stations/carry/canvas_page.h"
#include "app/stations/carry/grid_page.h"
#include "app/stations/carry/landmarks_page.h"
#include "app/stations/carry/sheets_page.h"
#include "app/stations/carry/throw_page.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QComboBox>
#include <QMouseEvent>
#include <QPushButton>
#include <QTreeWidget>

using namespace rl;
using namespace rl::app;

/// Carry by clicks and keys in the real window.
class TestCarryStation : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    const Project& project() { return hand().project(); }
    StationView& view() { return *hand().window().here(); }
    CarryState& state() { return CarryState::of(hand().desk(), view()); }
    bool drawn()
    {
        return QTest::qWaitFor([this] { return state().current() && !state().busy(); }, 20000);
    }

private slots:
    void init()
    {
        m_hand.emplace(kit::postWork());
        QVERIFY(hand().settle());
        hand().go(Station::Carry);
        QVERIFY(drawn());
    }
    void cleanup() { m_hand.reset(); }

    void theCanvasCutsThePlanAndSaysSo()
    {
        hand().page("Fit");
        hand().type("canvasWide", "50");
        hand().type("canvasHigh", "50");
        QCOMPARE(project().sheets.canvasWidthCm, 50.0);
        QVERIFY2(view().says().contains("20.0 cm"), qPrintable(view().says()));
        hand().choose("canvasFit", 1);
        QVERIFY(view().says().contains("not planned"));
        const double before = project().brief.heightCm;
        hand().press("growPlan");
        QVERIFY(project().brief.heightCm > before + 10 && !view().says().contains("not planned"));
        hand().undo();
        QCOMPARE(project().brief.heightCm, before);
    }
    void linesAreChosenByFieldAndKey()
    {
        hand().page("Lines");
        hand().type("lines", "40");
        QCOMPARE(project().sheets.lines, 40.0);
        QTest::keyClick(hand().board(), Qt::Key_M);
        QCOMPARE(project().sheets.lines, 50.0);
        QTest::keyClick(hand().board(), Qt::Key_F);
        QTest::keyClick(hand().board(), Qt::Key_F);
        QCOMPARE(project().sheets.lines, 30.0);
        QVERIFY(drawn() && view().says().contains("to trace"));
        hand().find<QCheckBox>("darkGround")->click();
        QVERIFY(project().sheets.darkGround && qGray(view().current()->look().pixel(2, 2)) < 90);
        hand().undo();
        QVERIFY(qGray(view().current()->look().pixel(2, 2)) > 200);
    }
    void squaresAreTickedOnTheBoard()
    {
        hand().page("Grid");
        QVERIFY(drawn());
        QTest::keyClick(hand().board(), Qt::Key_T);
        QVERIFY(hand().find<QPushButton>("tickSquares")->isChecked());
        hand().click(Vec2{1, 1});
        QCOMPARE(project().sheets.traced, (std::vector<std::string>{"A1"}));
        QVERIFY(view().says().contains("1 of"));
        hand().click(Vec2{1, 1});
        QVERIFY(project().sheets.traced.empty());
        hand().undo();
        QCOMPARE(project().sheets.traced.size(), std::size_t(1));
        hand().press("untickAll");
        QVERIFY(project().sheets.traced.empty());
        // By element too: what is forgotten is named.
        hand().desk().holdElement(project().elements[0].id);
        hand().find<QCheckBox>("tickElement")->click();
        QCOMPARE(project().sheets.traced, (std::vector<std::string>{"#" + std::to_string(project().elements[0].id)}));
        QVERIFY(view().says().contains("Every thing is traced"));
    }
    void landmarksAreTickedOff()
    {
        hand().page("Landmarks");
        QVERIFY(drawn());
        auto* list = hand().find<QTreeWidget>("landmarks");
        QTRY_VERIFY(list->topLevelItemCount() >= 4);
        QTest::keyClick(hand().board(), Qt::Key_BracketRight);
        QCOMPARE(list->indexOfTopLevelItem(list->currentItem()), 0);
        QTest::keyClick(hand().board(), Qt::Key_T);
        QCOMPARE(project().sheets.traced, (std::vector<std::string>{"L1"}));
        QCOMPARE(list->topLevelItem(0)->checkState(0), Qt::Checked);
        QTest::keyClick(hand().board(), Qt::Key_BracketRight);
        QCOMPARE(list->indexOfTopLevelItem(list->currentItem()), 1);
        list->topLevelItem(2)->setCheckState(0, Qt::Checked);
        QCOMPARE(project().sheets.traced.size(), std::size_t(2));
        // A click near one takes it in hand.
        hand().click(state().drawn()->landmarks.points[3].at);
        QCOMPARE(list->indexOfTopLevelItem(list->currentItem()), 3);
        dynamic_cast<LandmarksPage*>(view().current())->writeTo(hand().file("l.pdf"));
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(hand().file("l.pdf")), 15000);
    }
    void whatIsInHandIsCutAndStroked()
    {
        hand().page("Strokes");
        hand().desk().hold({});
        QVERIFY(view().says().contains("Click a thing"));
        hand().desk().holdElement(project().elements[0].id);
        QTRY_VERIFY_WITH_TIMEOUT(state().flow() || state().flowProblem(), 20000);
        hand().page("Stencil");
        QTRY_VERIFY_WITH_TIMEOUT(state().shape() != nullptr, 20000);
        QVERIFY(view().says().contains("Nothing falls out") && view().says().contains("blade"));
        hand().type("cutTurns", "5");
        QTRY_VERIFY_WITH_TIMEOUT(state().shape() && state().shape()->loops.size() >= 5, 20000);
        hand().type("cutTurns", "1");
        hand().choose("cutWhat", 1);
        QTRY_VERIFY_WITH_TIMEOUT(state().mask() && state().shape(), 20000);
        dynamic_cast<StencilPage*>(view().current())->writeTo(hand().file("m.pdf"));
        QTRY_VERIFY_WITH_TIMEOUT(kit::pdfPages(hand().file("m.pdf")) >= 2, 15000);
    }
    void theProjectorIsSquaredUpInTheSimulatedRoom()
    {
        hand().page("Projector");
        auto* page = view().find<ThrowPage>();
        hand().find<QPushButton>("throwNow")->click();
        QVERIFY(page->thrown() && page->keystone());
        const double before = page->trueErrorMm();
        QVERIFY(before > 5);
        // A corner by the mouse and by keys.
        const Vec2 was = page->keystone()->projectorAt({0, 0});
        QTest::keyClick(page->thrown(), Qt::Key_Right);
        QTest::keyClick(page->thrown(), Qt::Key_Down, Qt::ShiftModifier);
        const Vec2 now = page->keystone()->projectorAt({0, 0});
        QVERIFY(std::abs(now.x - was.x - 1) < 1e-3 && std::abs(now.y - was.y - 10) < 1e-3);
        hand().press("throwDots");
        QVERIFY(view().says().contains("Photograph"));
        hand().press("throwPhoto");
        QTRY_VERIFY_WITH_TIMEOUT(page->keystone()->points > 4, 20000);
        QVERIFY2(page->trueErrorMm() < 0.5, qPrintable(QString::number(page->trueErrorMm())));
        QTest::keyClick(page->thrown(), Qt::Key_Escape);
        QTRY_VERIFY(!page->thrown() && !hand().find<QPushButton>("throwNow")->isChecked());
    }
    void everyKindOfSheetIsWrittenFromTheWindow_data()
    {
        QTest::addColumn<int>("what");
        QTest::addColumn<bool>("paper"); // on the board: paper, or the picture itself
        QTest::newRow("line art") << int(output::SheetContent::LineArt) << true;
        QTest::newRow("picture") << int(output::SheetContent::Picture) << false;
        QTest::newRow("grid alone") << int(output::SheetContent::Grid) << true;
        QTest::newRow("colours") << int(output::SheetContent::Colours) << false;
        QTest::newRow("values") << int(output::SheetContent::Values) << false;
        QTest::newRow("landmarks") << int(output::SheetContent::Landmarks) << true;
        QTest::newRow("what is in hand, again") << int(output::SheetContent::Recarry) << true;
    }
    void everyKindOfSheetIsWrittenFromTheWindow()
    {
        QFETCH(int, what);
        QFETCH(bool, paper);
        hand().desk().holdElement(project().elements[0].id);
        hand().page("Sheets");
        auto* page = view().find<SheetsPage>();
        auto* box = hand().find<QComboBox>("carryWhat");
        const int at = box->findData(what);
        QVERIFY(at >= 0);
        box->setCurrentIndex(at);
        emit box->activated(at);
        QCOMPARE(!page->look().isNull(), paper);
        page->writeTo(hand().file("k.pdf"));
        QVERIFY(page->writing());
        QTRY_VERIFY_WITH_TIMEOUT(!page->writing(), 30000);
        QVERIFY(kit::pdfPages(hand().file("k.pdf")) >= 1);
    }
    void whatIsGivenUpLeavesNothing()
    {
        hand().page("Sheets");
        auto* page = view().find<SheetsPage>();
        page->writeTo(hand().file("g.pdf"));
        hand().press("stopSheets");
        QTRY_VERIFY_WITH_TIMEOUT(!page->writing(), 20000);
        const bool finished = QFile::exists(hand().file("g.pdf"));
        QVERIFY(finished || !QFile::exists(hand().file("g.pdf.part")));
        page->writeTo("/no/such/folder/g.pdf");
        QTRY_VERIFY_WITH_TIMEOUT(!page->writing(), 20000);
        QVERIFY(!QFile::exists("/no/such/folder/g.pdf"));
    }
    void whatTheCanvasCutsOffIsFoundAndPutRight()
    {
        hand().page("Fit");
        hand().type("canvasWide", "20");
        hand().type("canvasHigh", "60"); // a tall strip: most of the plan's width is lost
        const auto found = [&]() -> const Finding* {
            if (const auto& r = hand().desk().review)
                for (const Finding& f : r->findings)
                    if (f.key.starts_with("carry.empty") || f.key.starts_with("carry.trim"))
                        return &f;
            return nullptr;
        };
        hand().choose("canvasFit", 1);
        QVERIFY(hand().settle());
        QTRY_VERIFY_WITH_TIMEOUT(found() && found()->fix, 20000);
        hand().desk().edit("fix", found()->fix->apply(project()));
        QVERIFY(hand().settle());
        QTRY_VERIFY_WITH_TIMEOUT(!found(), 20000);
    }
    void aCornerIsDraggedInTheThrownPicture()
    {
        hand().page("Projector");
        auto* page = view().find<ThrowPage>();
        hand().find<QPushButton>("throwNow")->click();
        ThrowWindow* thrown = page->thrown();
        QVERIFY(thrown);
        thrown->resize(640, 400); // half the projector's size
        QTest::qWait(50);
        const Vec2 was = page->keystone()->projectorAt({project().brief.widthCm, project().brief.heightCm});
        const QPoint at(int(was.x / 2), int(was.y / 2));
        QTest::mousePress(thrown, Qt::LeftButton, {}, at);
        QMouseEvent move(QEvent::MouseMove, QPointF(at + QPoint(-20, -10)),
            thrown->mapToGlobal(QPointF(at + QPoint(-20, -10))), Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(thrown, &move);
        QTest::mouseRelease(thrown, Qt::LeftButton, {}, at + QPoint(-20, -10));
        const Vec2 now = page->keystone()->projectorAt({project().brief.widthCm, project().brief.heightCm});
        QVERIFY2(std::abs(now.x - was.x + 40) < 3 && std::abs(now.y - was.y + 20) < 3,
            qPrintable(QString("%1 %2").arg(now.x - was.x).arg(now.y - was.y)));
        // A drag that is given up with Esc leaves the corner where it was, and the picture thrown.
        const QPoint there(int(now.x / 2), int(now.y / 2));
        QTest::mousePress(thrown, Qt::LeftButton, {}, there);
        QMouseEvent off(QEvent::MouseMove, QPointF(there + QPoint(-60, 5)),
            thrown->mapToGlobal(QPointF(there + QPoint(-60, 5))), Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(thrown, &off);
        QTest::keyClick(thrown, Qt::Key_Escape);
        QTest::mouseRelease(thrown, Qt::LeftButton, {}, there + QPoint(-60, 5));
        QVERIFY(page->thrown());
        const Vec2 kept = page->keystone()->projectorAt({project().brief.widthCm, project().brief.heightCm});
        QVERIFY((kept - now).length() < 2);
        // The other corners stayed; what is thrown can be changed and dimmed meanwhile.
        QVERIFY(page->keystone()->projectorAt({0, 0}).x > 0);
        for (int what = 0; what < 7; ++what)
            hand().choose("throwWhat", what);
        hand().type("throwPass", "3"); // the only thing is in the nearest third
        hand().type("throwBright", "40");
        hand().find<QCheckBox>("throwInverted")->click();
        QVERIFY(page->thrown());
        hand().find<QPushButton>("throwNow")->click();
        QVERIFY(!page->thrown());
    }
    void aProjectorThatIsUnpluggedEndsNothing()
    {
        hand().page("Projector");
        auto* page = view().find<ThrowPage>();
        auto* projector = hand().find<QComboBox>("projector");
        projector->addItem("one that was there a moment ago", 7);
        hand().choose("projector", projector->count() - 1);
        hand().find<QPushButton>("throwNow")->click();
        QVERIFY(!page->thrown() && hand().wasSaid("not connected"));
        QVERIFY(!hand().find<QPushButton>("throwNow")->isChecked());
        hand().choose("projector", 1); // the screen there is
        hand().find<QPushButton>("throwNow")->click();
        QVERIFY(page->thrown());
        emit qApp->screenRemoved(QGuiApplication::primaryScreen());
        QVERIFY(!page->thrown() && hand().wasSaid("unplugged"));
        hand().choose("projector", 0);
        hand().find<QPushButton>("throwNow")->click();
        QVERIFY(page->thrown());
        QVERIFY(hand().window().close()); // it goes with the window
        QVERIFY(!page->thrown());
    }
    void aStrayingPrinterIsMeasuredAndCorrected()
    {
        hand().page("Sheets");
        auto* page = view().find<SheetsPage>();
        hand().choose("printOn", 2);
        page->writeTo(hand().file("s.pdf"));
        QTRY_VERIFY_WITH_TIMEOUT(!page->writing() && QFile::exists(hand().file("s.pdf")), 20000);
        QVERIFY(kit::rulerMm(hand().file("s.pdf"), 2) < 99.6);
        hand().type("rulerSays", "99.4");
        QVERIFY(std::abs(project().sheets.scaleCorrection - 100 / 99.4) < 1e-6);
    }
};

RL_TEST(TestCarryStation)
#include "tst_carry_station.moc"
