#include "app/forms/number_box.h"
#include "app/frame/findings_hand.h"
#include "app/frame/imports.h"
#include "app/frame/notice_board.h"
#include "app/frame/side_column.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/carry/sheets_page.h"
#include "app/stations/cut/cut_table.h"
#include "app/stations/light/study_page.h"
#include "app/stations/stage/takes_page.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QUndoStack>
#include <sqlite3.h>

using namespace rl;
using namespace rl::app;

/// What once went wrong under a painter's hands, in the real window.
class TestMended : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return hand().window(); }
    const Project& project() { return hand().project(); }
    Board* photo() { return window().findChild<Board*>("photo"); }
    CutTable& table() { return *window().findChild<CutTable*>(); }
    static Project demo()
    {
        return kit::madeDemo(); // of its own pictures: those of a work that is gone are gone
    }
    /// A work with one picture of a lit disc on the wall.
    static Project discWork()
    {
        Project p = kit::postWork();
        return edits::withReference(std::move(p), kit::referenceOf("disc", kit::litDisc(500, 150, 150, 30, 0.3).photo));
    }
    void sql(const std::string& words)
    {
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(qPrintable(window().document().path()), &db), SQLITE_OK);
        sqlite3_busy_timeout(db, 4000);
        QCOMPARE(sqlite3_exec(db, words.c_str(), nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
    }

private slots:
    void cleanup() { m_hand.reset(); }

    void closingWhileAJobRuns_data()
    {
        QTest::addColumn<QString>("job");
        for (const char* job : {"sheets", "contact sheet", "close look", "zones", "study sheets", "picture", "import",
                 "cut", "milestone", "opening"})
            QTest::newRow(job) << QString(job);
    }
    void closingWhileAJobRuns()
    {
        QFETCH(QString, job);
        m_hand.emplace(demo());
        QVERIFY(hand().settle());
        const QString out = hand().file("out.pdf");
        if (job == "sheets") {
            window().goTo(Station::Carry);
            window().here()->find<SheetsPage>()->writeTo(out);
        } else if (job == "contact sheet") {
            window().goTo(Station::Stage);
            hand().page(7);
            window().here()->find<TakesPage>()->writeContactSheet(out);
        } else if (job == "close look" || job == "zones" || job == "study sheets") {
            window().goTo(Station::Light);
            hand().page(4);
            auto* study = window().here()->find<StudyPage>();
            if (job == "zones")
                study->toggleZones();
            else if (job == "close look")
                study->lookClosely();
            else
                study->writeStudy(out);
        } else if (job == "picture") {
            window().longJob()->savePicture(project(), hand().file("out.png"), 5000);
        } else if (job == "import") {
            kit::writeBytes(hand().file("a.png"), QByteArray(100, 'x'));
            window().imports()->start({hand().folder()});
        } else if (job == "cut") {
            hand().desk().holdReference(project().references[2].id);
            window().goTo(Station::Cut);
            hand().page(1);
            hand().drag(photo(), photo()->toScreen(Vec2{60, 60}), photo()->toScreen(Vec2{600, 700}));
        } else if (job == "milestone") {
            hand().view(Station::Brief).find<MilestonesPage>()->set("now");
            window().goTo(Station::Brief);
            hand().page(window().here()->pageCount() - 1);
        } else {
            window().openWork(window().document().path());
        }
        window().close();
        hand().close(); // everything under way is stopped and waited for
        if (job == "sheets" || job == "contact sheet")
            QVERIFY(!QFile::exists(out + ".part"));
    }

    void aPictureThatCannotBeReadIsMissingAndComesBack()
    {
        m_hand.emplace(discWork());
        QVERIFY(hand().settle());
        QTRY_COMPARE_WITH_TIMEOUT(hand().desk().wall.toGo(), 0, 20000);
        window().document().waitSaved();
        const std::string sha = project().references.back().sha256();
        sql("CREATE TABLE aside AS SELECT * FROM blob; UPDATE blob SET bytes = x'00' WHERE sha256 = '" + sha
            + "'; DELETE FROM derived");
        const QString path = window().document().path();
        bool opened = false;
        QObject::connect(&window(), &MainWindow::opened, this, [&](bool ok) { opened = ok; });
        window().document().close();
        window().openWork(path);
        QTRY_VERIFY_WITH_TIMEOUT(opened, 10000);
        QTRY_COMPARE_WITH_TIMEOUT(hand().desk().wall.missing(), 1, 20000);
        QTRY_VERIFY(hand().wasSaid("disc"));
        hand().desk().holdReference(project().references.back().id);
        window().goTo(Station::Gather);
        QVERIFY(hand().find<QAbstractButton>("findAgain")->isVisible());
        QVERIFY(!hand().desk().wall.measure(project().references.back().id)); // nothing is measured of it
        window().goTo(Station::Cut);
        hand().page(1);
        hand().drag(photo(), photo()->toScreen(Vec2{60, 60}), photo()->toScreen(Vec2{300, 300}));
        QVERIFY(!table().cutting() && project().cutouts.size() == 1); // and nothing cut from it
        QTRY_VERIFY(hand().settle());
        window().document().waitSaved();
        sql("UPDATE blob SET bytes = (SELECT bytes FROM aside WHERE aside.sha256 = blob.sha256)");
        hand().desk().wall.lookForMissing();
        QTRY_COMPARE_WITH_TIMEOUT(hand().desk().wall.missing(), 0, 20000);
        QTRY_VERIFY_WITH_TIMEOUT(hand().desk().wall.measure(project().references.back().id), 20000);
    }

    void fixesLeaveWhatIsLockedAndKeepGroups()
    {
        Project p = demo();
        for (Element& e : p.elements)
            e.locked = true;
        m_hand.emplace(p);
        QVERIFY(hand().settle());
        const auto placeOf = [](const Element& e) { return std::tuple(e.baseCm, e.altitudeM, e.heightM); };
        int moving = 0;
        for (const Finding& f : hand().desk().findings) {
            if (!f.fix)
                continue;
            const Project after = f.fix->apply(p);
            for (const Element& e : p.elements)
                if (const Element* now = after.element(e.id)) {
                    QVERIFY2(now->baseCm == e.baseCm && now->altitudeM == e.altitudeM,
                        qPrintable(QString::fromStdString(f.key)));
                    moving += placeOf(*now) != placeOf(e);
                }
        }
        // A fix that comes to nothing says so.
        Finding f;
        f.fix = Fix{"Move it", [](Project q) { return q; }};
        f.element = p.elements[0].id;
        const int steps = window().document().undoStack().index();
        window().findChild<FindingsHand*>()->fix(f);
        QVERIFY(hand().wasSaid("is locked in its place") && window().document().undoStack().index() == steps);
    }

    void failuresAreReadAgainAndLogged()
    {
        m_hand.emplace(kit::postWork());
        auto& notices = hand().desk().notices;
        QFile::remove(logfile::path());
        for (int i = 0; i < 3; ++i)
            notices.fail(
                {ErrorKind::Internal, "Sentence number " + std::to_string(i) + ".", "the detail " + std::to_string(i)});
        auto* toast = window().findChild<NoticeToast*>();
        QVERIFY(toast->isVisible() && toast->words().contains("number 0") && toast->words().contains("number 2"));
        auto* label = toast->findChild<QLabel*>();
        QVERIFY(label->heightForWidth(label->width()) <= label->height() + 1
            && toast->parentWidget()->rect().contains(toast->geometry()));
        QCOMPARE(notices.unread() >= 3, true);
        window().showNotices();
        auto* list = window().findChild<NoticeList*>();
        QVERIFY(list->isVisible() && list->words().contains("number 1") && notices.unread() == 0);
        list->hide();
        QFile log(logfile::path());
        QVERIFY(log.open(QIODevice::ReadOnly) && log.readAll().contains("the detail 1"));
        for (int i = 0; i < 300; ++i)
            logfile::write(QString(5000, 'x')); // 1.5 MB: it is turned over
        QVERIFY(QFileInfo(logfile::path()).size() < 1'100'000);
    }

    void bothDecimalMarksAreUnderstood_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("width");
        QTest::newRow("comma") << "12,5" << 12.5;
        QTest::newRow("point") << "12.5" << 12.5;
        QTest::newRow("with its unit") << "12,5 cm" << 12.5;
        QTest::newRow("with another unit") << "5 in" << 12.7;
        QTest::newRow("feet and inches") << "1 ft 2 1/2" << 36.83;
        QTest::newRow("no length") << "3 kg" << 60.0;
        QTest::newRow("no thousands") << "1.250" << 1.25;
        QTest::newRow("two marks are no number") << "1.250,5" << 60.0;
    }
    void bothDecimalMarksAreUnderstood()
    {
        QFETCH(QString, typed);
        QFETCH(double, width);
        m_hand.emplace(kit::postWork());
        window().goTo(Station::Brief);
        hand().type("canvasWidth", typed);
        QVERIFY2(
            std::abs(project().brief.widthCm - width) < 1e-9, qPrintable(QString::number(project().brief.widthCm)));
    }

    void afterACutByTouchStrokesSayWhatIsOut()
    {
        m_hand.emplace(discWork());
        QVERIFY(hand().settle());
        hand().desk().holdReference(project().references.back().id);
        window().goTo(Station::Cut);
        hand().page(1);
        QTRY_VERIFY_WITH_TIMEOUT(!table().image().isNull(), 10000);
        hand().drag(photo(), photo()->toScreen(Vec2{80, 80}), photo()->toScreen(Vec2{420, 420}));
        QTRY_VERIFY_WITH_TIMEOUT(!table().cutting() && project().cutouts.size() == 2, 30000);
        QTRY_VERIFY_WITH_TIMEOUT(table().cutOut(), 10000);
        QCOMPARE(table().mark(), CutTable::Mark::Out);
        QVERIFY(photo()->hasFocus()); // not the button that begins again
        QTest::keyClick(photo(), Qt::Key_I);
        QCOMPARE(table().mark(), CutTable::Mark::In);
        const auto said = project().cutouts.back().strokes;
        QTest::keyClick(photo(), Qt::Key_Space); // moves about; wipes nothing
        QCOMPARE(project().cutouts.back().strokes.identity(), said.identity());
    }

    void aMilestoneIsSetSeenAndTakenUp()
    {
        m_hand.emplace(kit::postWork());
        QVERIFY(hand().settle());
        window().goTo(Station::Brief);
        auto* page = window().here()->find<MilestonesPage>();
        hand().page(window().here()->pageCount() - 1);
        page->set("before");
        QTRY_COMPARE_WITH_TIMEOUT(page->count(), 1, 10000);
        const auto was = project().elements;
        window().document().edit("Move it", edits::withFoot(project(), 4, {12, 33}));
        const auto moved = project().elements;
        auto* strip = hand().find<TakeStrip>("milestoneStrip");
        strip->setFocus();
        QTest::mouseClick(strip, Qt::LeftButton, {}, strip->placeOf(1).center());
        hand().press("takeUpMilestone");
        QTRY_VERIFY_WITH_TIMEOUT(project().elements == was, 20000);
        hand().press("compareMilestone");
        QTRY_VERIFY_WITH_TIMEOUT(hand().board()->comparing(), 20000);
        hand().key(Qt::Key_Escape);
        QVERIFY(!hand().board()->comparing());
        hand().undo();
        QVERIFY(project().elements == moved);
    }

    void everyDrawingToolHearsItsKeys_data()
    {
        QTest::addColumn<int>("station");
        QTest::addColumn<int>("page");
        QTest::addColumn<QString>("latch");
        for (const auto& [station, page, latch] : {std::tuple{Station::Stage, 3, "drawIt"},
                 {Station::Stage, 4, "pointPlace"}, {Station::Stage, 5, "pyramidCorners"},
                 {Station::Stage, 5, "meetingPoint"}, {Station::Light, 2, "focalPlace"},
                 {Station::Light, 3, "drawPart"}, {Station::Light, 3, "drawRidge"}, {Station::Light, 3, "drawEye"}})
            QTest::newRow(latch) << int(station) << page << QString(latch);
    }
    void everyDrawingToolHearsItsKeys()
    {
        QFETCH(int, station);
        QFETCH(int, page);
        QFETCH(QString, latch);
        m_hand.emplace(kit::postWork());
        QVERIFY(hand().settle());
        window().goTo(Station(station));
        hand().page(page);
        hand().desk().holdElement(4);
        if (latch == "drawIt")
            hand().choose("standinKind", hand().find<QComboBox>("standinKind")->findData(int(Solid::Shape)));
        auto* button = hand().find<QPushButton>(qPrintable(latch));
        QVERIFY(button->isVisible());
        const Project before = project();
        button->click();
        QVERIFY(button->isChecked() && !hand().board()->hint().isEmpty());
        hand().key(Qt::Key_Escape); // nothing drawn yet
        QVERIFY(!button->isChecked());
        button->click();
        const bool one = latch == "pointPlace" || latch == "meetingPoint" || latch == "focalPlace"
            || latch == "drawEye"; // a click is all
        if (!one) {
            hand().click({10, 30});
            hand().click({14, 34});
            hand().key(Qt::Key_Backspace);
            hand().key(Qt::Key_Return); // too few: said, and still drawing
            QVERIFY(button->isChecked());
        }
        hand().key(Qt::Key_Escape);
        QVERIFY(!button->isChecked());
        QVERIFY(project().scene() == before.scene() && project().guides == before.guides);
    }

    void theLinesOnTheBoardAreTheSheets()
    {
        m_hand.emplace(demo());
        QVERIFY(hand().settle());
        window().goTo(Station::Carry);
        QVERIFY(hand().rest());
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto job = output::sheetJob(project(), output::SheetContent::LineArt, true, cache, progress);
        const auto& printed = job->lines;
        const auto& shown = window().here()->find<SheetsPage>()->lines();
        QCOMPARE(shown.size(), printed.size());
        for (std::size_t i = 0; i < shown.size(); ++i)
            QVERIFY(shown[i].points == printed[i].points);
    }

    void newStandinsDoNotPileUp()
    {
        m_hand.emplace(kit::postWork());
        window().goTo(Station::Stage);
        hand().page(3);
        for (int i = 0; i < 6; ++i)
            hand().press("standUp");
        const auto& all = project().elements;
        QCOMPARE(all.size(), std::size_t(7));
        for (std::size_t i = 0; i < all.size(); ++i)
            for (std::size_t j = i + 1; j < all.size(); ++j)
                QVERIFY((all[i].baseCm - all[j].baseCm).length() > 1);
    }

    /// The clicks that once turned a photograph into a flat silhouette.
    void aPaintedElementStaysItselfAfterManyUndos()
    {
        m_hand.emplace(kit::postWork());
        window().goTo(Station::Stage);
        QVERIFY(hand().settle());
        const Rgb before = hand().desk().surfaces().surface(project(), project().elements[0])->colour.at(20, 200);
        hand().page(3);
        const int kinds = hand().find<QComboBox>("standinKind")->count();
        for (int i = 0; i < kinds; ++i) {
            hand().choose("standinKind", i);
            hand().press("standUp");
        }
        const std::size_t standing = project().elements.size();
        QVERIFY(standing > 10);
        while (project().elements.size() > 2)
            hand().undo();
        hand().desk().holdElement(4);
        hand().page(4);
        hand().press("pointPlace");
        for (const Vec2 at : {Vec2{10, 30}, Vec2{30, 32}, Vec2{45, 28}})
            hand().click(at);
        hand().key(Qt::Key_Return);
        hand().press("scatter");
        QVERIFY(hand().settle());
        QVERIFY(project().elements.size() > 2);
        for (const Element& e : project().elements)
            if (e.cutout == 3)
                QVERIFY(hand().desk().surfaces().surface(project(), e)->colour.at(20, 200) == before);
    }
};

RL_TEST(TestMended)
#include "tst_mended.moc"
