#include "app/stations/paint/days_page.h"
#include "app/stations/paint/eye_page.h"
#include "app/stations/paint/photo_page.h"
#include "app/stations/paint/record_page.h"
#include "app/stations/paint/sitting_page.h"
#include "core/project/painting_edits.h"
#include "devices/camera.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QListWidget>
#include <QTreeWidget>

using namespace rl;
using namespace rl::app;

/// The Paint station, by clicks and keys in the real window; its clock is turned by hand.
class TestPaintStation : public QObject {
    Q_OBJECT
    std::unique_ptr<kit::StationHand> m_hand;
    Instant m_now = 1'930'000'000; // a Tuesday in 2031
    kit::StationHand& hand() { return *m_hand; }
    PaintState& state() { return PaintState::of(hand().desk(), hand().view(Station::Paint)); }
    template <class P> P* page() { return hand().view(Station::Paint).find<P>(); }
    const Painting& painting() { return hand().project().painting; }
    static Project work()
    {
        Project p = kit::shoreWork();
        p.painting.diary.hours = {{1, 1140, 1260}, {5, 600, 780}};
        p.brief.facts = {{p.freshId(), "one post only", "seen", p.elements[0].id, false}};
        return p;
    }
    bool planned(int ms = 60000)
    {
        return QTest::qWaitFor(
            [this] { return hand().window().settled() && state().work.plan() && !state().busy(); }, ms);
    }

private slots:
    void init()
    {
        m_hand = std::make_unique<kit::StationHand>(work());
        QVERIFY(hand().settle());
        hand().go(Station::Paint);
        state().clock.wall = {[this] { return m_now; }, [](Instant) { return 60; }};
        hand().page("Schedule");
        QVERIFY(planned());
        hand().window().here()->refresh();
        QVERIFY(planned());
    }
    void cleanup()
    {
        hand().close();
        m_hand.reset();
    }
    void daysLieAsAPath()
    {
        auto* path = page<DaysPage>()->path();
        QVERIFY(state().work.plan()->sittings.size() > 3);
        QCOMPARE(state().work.sitting(), -1);
        QTRY_VERIFY(path->stoneAt(1).x() > 0);
        QTest::mouseClick(path, Qt::LeftButton, {}, path->stoneAt(1).toPoint());
        QCOMPARE(state().work.sitting(), 1);
        QTest::mouseClick(path, Qt::LeftButton, {}, path->stoneAt(1).toPoint()); // and lets it go
        QCOMPARE(state().work.sitting(), -1);
        hand().key(Qt::Key_BracketRight);
        hand().key(Qt::Key_BracketRight);
        QCOMPARE(state().work.sitting(), 1);
        hand().key(Qt::Key_BracketLeft);
        QCOMPARE(state().work.sitting(), 0);
        path->setFocus();
        QTest::keyClick(path, Qt::Key_Right);
        QCOMPARE(state().work.sitting(), 1);
        auto* sheet = hand().window().findChild<QListWidget*>("sittingSheet");
        QVERIFY(sheet && sheet->count() >= 2);
        QTRY_VERIFY(!state().work.expected().isNull() && !state().work.small(0).isNull());
        QVERIFY(page<DaysPage>()->says().contains("sittings; finished around"));
        for (int i = 0; i < 200; ++i) // to the end and no further
            path->step(1);
        QCOMPARE(state().work.sitting(), int(state().work.plan()->sittings.size()) - 1);
        hand().press("asItStands");
        QCOMPARE(state().work.sitting(), -1);
    }
    void aSittingGoesOntoAPageAndIntoACalendar()
    {
        const QString pdf = hand().file("next.pdf"), ics = hand().file("p.ics");
        page<DaysPage>()->writeSitting(pdf);
        QTRY_COMPARE_WITH_TIMEOUT(QFile::exists(pdf), true, 20000);
        QTRY_VERIFY_WITH_TIMEOUT(hand().wasSaid("next.pdf"), 20000);
        QCOMPARE(kit::pdfPages(pdf), 1);
        page<DaysPage>()->writeCalendar(ics);
        QTRY_VERIFY_WITH_TIMEOUT(hand().wasSaid("p.ics"), 20000);
        QFile f(ics);
        QVERIFY(f.open(QIODevice::ReadOnly) && f.readAll().contains("SUMMARY:Paint: Post"));
    }
    void tasksAreTickedMovedSplitAndAdded()
    {
        hand().page("Tasks");
        QVERIFY(planned());
        auto* list = hand().window().findChild<QListWidget*>("tasks");
        QVERIFY(list && list->count() == int(state().work.plan()->tasks.size()));
        list->item(0)->setCheckState(Qt::Checked);
        QVERIFY(painting().word(state().work.plan()->tasks[0].key)->done);
        QVERIFY(planned());
        QVERIFY(state().work.plan()->tasks[0].done);
        hand().undo();
        QVERIFY(!painting().word(state().work.plan()->tasks[0].key));
        state().work.holdTask("block");
        hand().key(Qt::Key_T);
        QVERIFY(painting().word("block")->done);
        hand().key(Qt::Key_T);
        QVERIFY(!painting().word("block")->done);
        hand().type("taskHours", "7.5");
        QVERIFY(planned());
        QCOMPARE(state().work.heldTask()->hours, 7.5);
        hand().type("taskPieces", "3");
        QVERIFY(planned());
        QVERIFY(std::any_of(state().work.plan()->tasks.begin(), state().work.plan()->tasks.end(),
            [](const auto& t) { return t.key == "block#3"; }));
        hand().undo();
        QVERIFY(planned());
        state().work.holdTask("glaze");
        hand().press("dropTask");
        QVERIFY(planned());
        QVERIFY(!std::any_of(state().work.plan()->tasks.begin(), state().work.plan()->tasks.end(),
            [](const auto& t) { return t.key == "glaze"; }));
        state().work.holdTask("sign");
        hand().type(hand().find<QLineEdit>("ownTask"), "gild the frame");
        QVERIFY(planned());
        QVERIFY(std::any_of(state().work.plan()->tasks.begin(), state().work.plan()->tasks.end(),
            [](const auto& t) { return t.words == "gild the frame"; }));
        state().work.holdTask("lights");
        hand().press("earlier"); // before the middles
        QVERIFY(planned());
        QTRY_VERIFY_WITH_TIMEOUT(hand().hasFinding("paint.order:lights"), 20000);
        hand().press("forgetWords");
        QVERIFY(planned());
        QTRY_VERIFY_WITH_TIMEOUT(!hand().hasFinding("paint.order"), 20000);
    }
    void hoursAreSaidAndRead()
    {
        hand().page("Free time");
        hand().press("addHours");
        QCOMPARE(int(painting().diary.hours.size()), 3);
        hand().type("hoursFrom", "8.5");
        hand().type("hoursTo", "10");
        QCOMPARE(painting().diary.hours.back().from, 510);
        QCOMPARE(painting().diary.hours.back().to, 600);
        hand().type("hoursTo", "3"); // before it begins: a quarter of an hour is left
        QCOMPARE(painting().diary.hours.back().to, 525);
        hand().choose("hoursDay", 6);
        QCOMPARE(painting().diary.hours.back().day, 6);
        hand().type("humidity", "80");
        QCOMPARE(painting().humidity, 80.0);
        hand().find<QCheckBox>("dryer")->click();
        QVERIFY(painting().dryer);
        hand().type("roundDays", "5");
        QVERIFY(painting().diary.roundDays == 5 && !painting().diary.roundFrom.empty());
        for (const FreeHours& h : painting().diary.hours)
            QVERIFY(h.day < 5);
        hand().press("dropHours");
        const QByteArray ics = "BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:20310304T190000\nDTEND:20310304T210000\nEND:"
                               "VEVENT\nEND:VCALENDAR\n";
        QVERIFY(kit::writeBytes(hand().file("a.ics"), ics));
        page<HoursPage>()->readCalendar(hand().file("a.ics"), false);
        QCOMPARE(int(painting().diary.days.size()), 1);
        page<HoursPage>()->readCalendar(hand().file("none.ics"), false);
        QVERIFY(kit::writeBytes(hand().file("b.ics"), "nothing"));
        page<HoursPage>()->readCalendar(hand().file("b.ics"), true);
        QCOMPARE(int(painting().diary.days.size()), 1);
        QVERIFY(hand().wasSaid("no calendar"));
    }
    void aSittingIsTimedPausedAndLogged()
    {
        hand().page("Sitting");
        hand().key(Qt::Key_S);
        QVERIFY(state().clock.timer.running() && !state().clock.timer.paused());
        for (int i = 0; i < 90; ++i)
            state().clock.tick(1);
        hand().key(Qt::Key_S);
        QVERIFY(state().clock.timer.paused());
        for (int i = 0; i < 60; ++i)
            state().clock.tick(1);
        hand().key(Qt::Key_S);
        m_now -= 7200; // the clock is set back: a day of 25 hours
        hand().choose("workOn", hand().find<QComboBox>("workOn")->count() - 1);
        for (int i = 0; i < 30; ++i)
            state().clock.tick(1);
        QVERIFY(page<SittingPage>()->says().contains("2:00 in this sitting"));
        hand().type(hand().find<QLineEdit>("sittingNotes"), "slow");
        hand().type(hand().find<QLineEdit>("decisionWhy"), "it pulls");
        hand().type(hand().find<QLineEdit>("scrapped"), "a kite");
        QVERIFY(painting().decisions.size() == 1 && painting().decisions[0].scrapped
            && painting().decisions[0].reason == "it pulls");
        hand().press("endSitting");
        QCOMPARE(int(painting().sittings.size()), 1);
        const Sitting& s = painting().sittings[0];
        double worked = 0;
        for (const WorkSpan& w : s.spans) {
            QVERIFY(w.seconds > 0);
            worked += w.seconds;
        }
        QVERIFY(std::abs(worked - 120) < 3 && std::abs(s.pausedSeconds - 60) < 3 && s.notes == "slow");
        QVERIFY(!state().clock.timer.running());
        QVERIFY(planned());
        QVERIFY(hand().find<QTreeWidget>("sittingLog")->topLevelItemCount() >= 2);
        m_now += 7200;
    }
    void whatWasPaintedSurvivesTheEndOfTheProgram()
    {
        hand().page("Sitting");
        hand().press("startSitting");
        for (int i = 0; i < 77; ++i)
            state().clock.tick(1);
        hand().window().document().waitSaved();
        // Killed here: the file as it stands is opened by another.
        QFile::copy(hand().file("mine.lantern"), hand().file("other.lantern"));
        auto opened = store::ProjectFile::open(hand().file("other.lantern").toStdString());
        QVERIFY(bool(opened));
        const auto o = opened.take();
        QCOMPARE(int(o.project.painting.sittings.size()), 1);
        QVERIFY(o.project.painting.sittings[0].spans[0].seconds >= 76);
        QVERIFY(!o.note.empty());
        hand().press("endSitting");
    }
    void atTheEaselOneKeyGoesOn()
    {
        hand().page("Sitting");
        hand().key(Qt::Key_E);
        EaselView* easel = page<SittingPage>()->easel();
        QVERIFY(easel && easel->isVisible());
        QTest::keyClick(easel, Qt::Key_J); // wet hands do not aim
        QVERIFY(state().clock.timer.running() && !state().clock.timer.paused());
        QTest::mouseClick(easel, Qt::LeftButton);
        QVERIFY(state().clock.timer.paused());
        QTest::keyClick(easel, Qt::Key_Space);
        QVERIFY(!state().clock.timer.paused());
        const std::string first = state().work.task();
        QVERIFY(!easel->sentence().isEmpty() && easel->sentence().size() < 200);
        QTest::keyClick(easel, Qt::Key_Return);
        QVERIFY(painting().word(first)->done && state().work.task() != first);
        QVERIFY(!easel->grab().isNull());
        QTest::keyClick(easel, Qt::Key_Escape);
        QVERIFY(!easel->isVisible());
        state().clock.end();
    }
    void theCanvasIsPhotographedAndCompared()
    {
        hand().page("Check");
        hand().press("simulatePhoto");
        QTRY_VERIFY_WITH_TIMEOUT(painting().photos.size() == 1, 30000);
        QTRY_VERIFY_WITH_TIMEOUT(state().photos.compared() && !state().busy(), 60000);
        QVERIFY(!state().photos.compared()->squared.empty() && state().photos.compared()->parts.size() >= 1);
        QVERIFY(page<PhotoPage>()->says().contains("painted") || !state().photos.compared()->compared.found);
        // What the photograph says stands among the findings at once.
        const QString lamp = hand().find<QAbstractButton>("findingsHead")->property("words").toString();
        const std::size_t said = hand().desk().more().size();
        QVERIFY2(!said || lamp.contains("finding"), qPrintable(lamp));
        for (int i = 0; i < 4; ++i) {
            hand().choose("photoShown", i);
            QVERIFY(!page<PhotoPage>()->look().isNull());
        }
        hand().choose("photoShown", 0);
        const QImage whole = page<PhotoPage>()->look();
        hand().drag(hand().board(), hand().board()->toScreen(Vec2{50, 20}), hand().board()->toScreen(Vec2{20, 20}));
        QVERIFY2(page<PhotoPage>()->look() != whole, "the sash wipes the stage over it");
        // The corners by hand: four clicks where they are in the photograph.
        hand().find<QPushButton>("cornersByHand")->click();
        for (const Vec2 cm : {Vec2{14, 9}, Vec2{46, 9}, Vec2{46, 31}, Vec2{14, 31}})
            hand().click(cm);
        QCOMPARE(int(painting().photos[0].corners.size()), 4);
        QTRY_VERIFY_WITH_TIMEOUT(!state().busy(), 60000);
        hand().undo();
        QVERIFY(painting().photos[0].corners.empty());
        // A box inside the grey card; the strip shows what there is by day.
        hand().find<QPushButton>("greyCard")->click();
        hand().drag(hand().board(), hand().board()->toScreen(Vec2{50, 12}), hand().board()->toScreen(Vec2{54, 16}));
        QVERIFY(painting().photos[0].grey.width > 10);
        hand().undo();
        QVERIFY(painting().photos[0].grey.width == 0);
        auto* strip = hand().find<QListWidget>("photoStrip");
        QTRY_VERIFY_WITH_TIMEOUT(strip->count() == 1 && !strip->item(0)->icon().isNull(), 60000);
        hand().type(hand().find<QDoubleSpinBox>("letPass"), "3");
        QCOMPARE(painting().toleranceOf(hand().desk().heldElement()->id), 3.0);
        hand().undo();
        hand().find<QPushButton>("acceptPart")->click();
        hand().drag(hand().board(), hand().board()->toScreen(Vec2{10, 10}), hand().board()->toScreen(Vec2{20, 18}));
        QCOMPARE(int(painting().accepted.size()), 1);
        QTRY_VERIFY_WITH_TIMEOUT(state().photos.compared() && !state().busy(), 60000);
        const int takes = int(hand().project().takes.size());
        hand().press("tryOn");
        QTRY_VERIFY_WITH_TIMEOUT(int(hand().project().takes.size()) > takes, 20000);
        QVERIFY(hand().project().elements.empty());
        hand().undo();
        hand().press("dropPhoto");
        QVERIFY(painting().photos.empty() && state().photos.id() == 0 && hand().desk().more().empty());
    }
    void aFileThatIsNoPhotographIsSaid()
    {
        hand().page("Check");
        QVERIFY(kit::writeBytes(hand().file("no.jpg"), "not a picture"));
        page<PhotoPage>()->bringIn(hand().file("no.jpg"));
        QTRY_VERIFY_WITH_TIMEOUT(!page<PhotoPage>()->busy(), 20000);
        QVERIFY(painting().photos.empty());
        QVERIFY(!hand().lastNotice().isEmpty());
    }
    void theRecordIsWritten()
    {
        hand().page("Record");
        QVERIFY(planned());
        auto* facts = hand().find<QTreeWidget>("factChecks");
        QCOMPARE(facts->topLevelItemCount(), 1);
        facts->topLevelItem(0)->setCheckState(0, Qt::Checked);
        QVERIFY(hand().project().brief.facts[0].checked);
        hand().type(hand().find<QLineEdit>("signature"), "M.");
        QCOMPARE(painting().signature, std::string("M."));
        hand().find<QPushButton>("placeSignature")->click();
        hand().click(Vec2{59.6, 39.5});
        QVERIFY(std::abs(painting().signatureAt.x - 59.6) < 0.3);
        QTRY_VERIFY_WITH_TIMEOUT(hand().hasFinding("paint.signature"), 20000);
        QVERIFY(planned());
        page<RecordPage>()->writeRecord(hand().file("r.pdf"));
        QTRY_VERIFY_WITH_TIMEOUT(hand().wasSaid("r.pdf"), 30000);
        QVERIFY(kit::pdfPages(hand().file("r.pdf")) >= 1);
        page<RecordPage>()->writeRecord(hand().file("r.json"));
        QTRY_VERIFY_WITH_TIMEOUT(hand().wasSaid("r.json"), 30000);
        page<RecordPage>()->writeLog(hand().file("log.csv"));
        QTRY_VERIFY_WITH_TIMEOUT(hand().wasSaid("log.csv"), 30000);
    }
    void theEyeIsTrained()
    {
        hand().page("Eye training");
        QVERIFY(planned());
        for (int skill = 0; skill < trainer::kSkillCount; ++skill) {
            hand().choose("eyeSkill", skill);
            hand().press("practise");
            EyeView* view = page<EyePage>()->view();
            QVERIFY(view && view->isVisible());
            QVERIFY(!view->grab().isNull());
            if (view->exercise().answers.empty()) // this plan has one thing only
                continue;
            for (int i = 0; i < 60 && !view->staircase().settled(); ++i)
                QTest::keyClick(view, Qt::Key(Qt::Key_1 + view->exercise().right)); // an eye that sees all
            QVERIFY(view->staircase().settled());
            const auto records = eyeRecords(trainer::Skill(skill));
            QVERIFY(!records.empty() && records.back().threshold < trainer::specOf(trainer::Skill(skill)).first);
            QCOMPARE(QString::fromStdString(schedule::dateOf(m_now / 60 + 60)), records.back().day);
        }
        hand().choose("eyeSkill", 0);
        QVERIFY(page<EyePage>()->says().contains("You tell"));
    }
};

RL_TEST(TestPaintStation)
#include "tst_paint_station.moc"
