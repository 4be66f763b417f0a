#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "app/forms/form.h"
#include "app/frame/work_files.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QComboBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QThreadPool>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// What the stations lean on, each by itself: jobs, keys, notices, what is held, fields over lenses.
class TestDesk : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::unique_ptr<Desk> m_desk;
    Desk& desk() { return *m_desk; }
    const Project& project() { return m_desk->project(); }
    static bool pressed(Actions& actions, int key, int station, Qt::KeyboardModifiers mods = {}, bool again = false)
    {
        return actions.press(QKeyEvent(QEvent::KeyPress, key, mods, {}, again), station);
    }
    static bool released(Actions& actions, int key)
    {
        return actions.release(QKeyEvent(QEvent::KeyRelease, key, {}, {}));
    }

private slots:
    void init()
    {
        m_desk = std::make_unique<Desk>();
        Project p = kit::postWork();
        p.lights.lanterns
            = {{40, "lamp", true, {1, 1.5, 6}, 0.1, 2200, 2, 1}, {41, "other", true, {2, 1.5, 6}, 0.1, 2200, 2, 1}};
        p.lastId = 50;
        auto file = store::ProjectFile::create(m_dir.filePath("desk.lantern").toStdString(), p).take();
        desk().document.adopt({std::move(file), p, {}});
    }
    void cleanup()
    {
        m_desk.reset();
        QFile::remove(m_dir.filePath("desk.lantern"));
    }

    void aJobKeepsItsAnswerWithItsKey()
    {
        Job<int> job(&desk().notices);
        int runs = 0;
        const auto ask = [&](int key, int value) {
            job.ask(key, [&runs, value](Progress&) -> Result<int> { return ++runs, value; });
        };
        ask(1, 10);
        QVERIFY(!job.answer(1)); // not at once
        QTRY_VERIFY(job.answer(1));
        QVERIFY(*job.answer(1) == 10 && !job.answer(2) && !job.running());
        ask(1, 99); // known already
        QVERIFY(!job.running() && *job.answer(1) == 10);
        ask(2, 20);
        QTRY_VERIFY(job.answer(2));
        QVERIFY(!job.answer(1) && *job.last() == 20);
        QCOMPARE(runs, 2);
        job.forget();
        QVERIFY(!job.last());
    }

    void aKeyIsAValueNotAnAddress()
    {
        const Scene a = kit::postWork().scene(), same = kit::postWork().scene();
        Scene other = a;
        other.elements[0].heightM += 1;
        QVERIFY(JobKey(a) == JobKey(same) && !(JobKey(a) == JobKey(other)));
        QVERIFY(!(JobKey(1) == JobKey(1.0)) && !(JobKey() == JobKey(0)) && JobKey(0) && !JobKey());
    }

    void aNewerWishGivesTheOlderUp()
    {
        Job<int> job(&desk().notices);
        QSignalSpy done(&job, &JobBase::done);
        std::atomic<bool> began = false;
        job.ask(1, [&](Progress& progress) -> Result<int> {
            began = true;
            while (!progress.cancelled())
                QThread::msleep(1);
            return 1;
        });
        QTRY_VERIFY(began.load());
        job.ask(2, [](Progress&) -> Result<int> { return 2; });
        job.ask(3, [](Progress&) -> Result<int> { return 3; });
        QTRY_VERIFY(job.answer(3));
        QVERIFY(!job.answer(1) && !job.answer(2) && done.size() == 1);
        QVERIFY(desk().notices.all().empty()); // giving up is no failure
    }

    /// Between the end of the work and the word of it, newer wishes come in: the newest is the one that is answered.
    void aWishBeforeTheEndIsHeardIsNotForgotten()
    {
        Job<int> job(&desk().notices);
        for (const bool again : {false, true}) {
            job.ask(1, [](Progress&) -> Result<int> { return 1; });
            job.ask(2, [](Progress&) -> Result<int> { return 2; });
            poolOf(Lane::Quick)->waitForDone(); // ended, but the end is not heard of yet
            QVERIFY(job.running());
            job.ask(again ? 1 : 3, [](Progress&) -> Result<int> { return 3; });
            QTRY_VERIFY(!job.running());
            QVERIFY(job.answer(again ? 1 : 3) && *job.last() == 3);
            job.forget();
        }
        job.ask(4, [](Progress& p) -> Result<int> { return p.cancelled() ? 5 : 4; });
        job.stop();
        job.ask(4, [](Progress&) -> Result<int> { return 4; }); // given up, then wished for after all
        QTRY_VERIFY(!job.running());
        QVERIFY(job.answer(4));
    }

    void whatAJobThrowsIsSaidAndLogged_data()
    {
        QTest::addColumn<int>("how");
        QTest::newRow("an error") << 0;
        QTest::newRow("an exception") << 1;
        QTest::newRow("something else") << 2;
    }
    void whatAJobThrowsIsSaidAndLogged()
    {
        QFETCH(int, how);
        Job<int> job(&desk().notices);
        QSignalSpy done(&job, &JobBase::done);
        job.ask(1, [how](Progress&) -> Result<int> {
            if (how == 1)
                throw std::runtime_error("a plank is loose");
            if (how == 2)
                throw 7;
            return Error{ErrorKind::Full, "The disk is full.", "errno 28"};
        });
        QTRY_COMPARE(done.size(), 1);
        QVERIFY(!job.answer(1) && job.problem());
        QVERIFY(desk().notices.all().size() == 1 && desk().notices.all()[0].problem
            && desk().notices.all()[0].sentence.endsWith('.'));
        for (int i = 0; i < 3; ++i) // by refreshes of the page
            job.ask(1, [](Progress&) -> Result<int> { return 5; });
        QVERIFY(!job.running() && job.refuses(1) && job.problem()); // it is not tried again by itself
        QTest::qWait(30);
        QCOMPARE(desk().notices.all()[0].count, 1);
        job.ask(2, [](Progress&) -> Result<int> { return 6; }); // what it depends on has changed
        QTRY_VERIFY(job.answer(2));
        QVERIFY(!job.problem());
        job.stop();
        job.ask(3, [](Progress&) -> Result<int> { return 7; });
        job.stop();
        QTRY_VERIFY(!job.running());
        QVERIFY(job.refuses(3));
        job.ask(3, [](Progress&) -> Result<int> { return 7; });
        QVERIFY(!job.running());
        job.ask(8, [](Progress& p) -> Result<int> { return p.cancelled() ? 0 : 8; });
        job.ask(9, [](Progress&) -> Result<int> { return 9; }); // waits for the end of the other
        job.stop(); // both
        QTRY_VERIFY(!job.running());
        QVERIFY(job.refuses(9) && !job.answer(9));
        job.stop();
        job.ask(3, [](Progress&) -> Result<int> { return 7; });
        job.stop();
        QTRY_VERIFY(!job.running());
        job.again(); // the painter wants it after all
        job.ask(3, [](Progress&) -> Result<int> { return 7; });
        QTRY_VERIFY(job.answer(3));
    }

    void anAnswerDiesWithTheWorkItWasAskedFor()
    {
        Jobs jobs(&desk().notices);
        Job<int> job(jobs), ofTheWindow(&desk().notices);
        QSignalSpy done(&job, &JobBase::done), left(&job, &JobBase::left), progressed(&job, &JobBase::progressed);
        std::atomic<bool> began = false, may = false, ended = false;
        const auto stubborn = [&](Progress& p) -> Result<int> { // hears of its end late
            began = true;
            while (!may)
                QThread::msleep(1);
            p.report(0.5, "half");
            ended = true;
            return 1;
        };
        job.ask(1, stubborn);
        QTRY_VERIFY(began.load());
        auto running = jobs.leave();
        QVERIFY(running.size() == 1 && !job.running() && left.size() == 1);
        job.ask(1, [](Progress&) -> Result<int> { return 2; }); // the same key in the next work
        QTRY_VERIFY(job.answer(1));
        QCOMPARE(*job.last(), 2);
        may = true;
        running[0].waitForFinished();
        QVERIFY(ended);
        QTest::qWait(30);
        QVERIFY(*job.last() == 2 && done.size() == 1 && progressed.isEmpty());
        ofTheWindow.ask(1, [](Progress&) -> Result<int> { return 3; });
        QVERIFY(jobs.leave().empty() && ofTheWindow.running()); // not of the work: it goes on
        QTRY_VERIFY(ofTheWindow.answer(1));
        QVERIFY(!job.last()); // what was known of the work is forgotten
    }

    void aJobEndsBeforeItsOwner()
    {
        std::atomic<bool> running = false;
        {
            Job<int> job(nullptr);
            job.ask(1, [&](Progress& progress) -> Result<int> {
                running = true;
                while (!progress.cancelled())
                    QThread::msleep(1);
                QThread::msleep(30);
                running = false;
                return 1;
            });
            QTRY_VERIFY(running.load());
        }
        QVERIFY(!running);
    }

    void keysAreHeardWhereTheyBelong()
    {
        Actions a;
        QString heard;
        const auto add = [&](const QString& id, const QString& keys, Reach reach, int station = -1) {
            a.add({id, "words of " + id, keys, reach, station, {},
                [&heard, id](Stroke s) { heard = id + (s.shift ? "+" : ""); }, {}, id == "stage"});
        };
        add("window", "Ctrl+S", Reach::Window);
        add("board", "0", Reach::Board);
        add("stage", "Left", Reach::Station, 3);
        add("light", "Left", Reach::Station, 4);
        QVERIFY(a.clashes().isEmpty());
        QVERIFY(pressed(a, Qt::Key_Left, 3) && heard == "stage");
        QVERIFY(pressed(a, Qt::Key_Left, 3, Qt::ShiftModifier) && heard == "stage+");
        QVERIFY(pressed(a, Qt::Key_Left, 4) && heard == "light");
        QVERIFY(!pressed(a, Qt::Key_Left, 4, Qt::ShiftModifier)); // it promises no more with Shift
        QVERIFY(!pressed(a, Qt::Key_Left, 0));
        QVERIFY(pressed(a, Qt::Key_0, 5, Qt::KeypadModifier) && heard == "board");
        QVERIFY(!pressed(a, Qt::Key_S, 3, Qt::ControlModifier)); // the window's own are its menus'
        add("clash", "0", Reach::Station, 3);
        QCOMPARE(a.clashes().size(), 1);
        const QString page = a.keysPage([](int s) { return s == 3 ? QString("Stage") : QString(); });
        QVERIFY(page.contains("words of stage") && page.contains("Stage") && page.contains("ten times"));
    }

    void aHeldKeyIsOneGestureAndOneHold()
    {
        Actions a;
        int fresh = 0, finished = 0;
        bool down = false;
        std::vector<int> gestures;
        a.setGestures([&] { return ++fresh; }, [&] { ++finished; });
        a.add({"go", "Go", "Right", Reach::Board, -1, {}, [&](Stroke s) { gestures.push_back(s.gesture); }});
        a.add({"see", "See", "P", Reach::Board, -1, {}, {}, [&](bool on) { down = on; }});
        for (int i = 0; i < 5; ++i)
            pressed(a, Qt::Key_Right, 0, {}, i > 0);
        released(a, Qt::Key_Right);
        pressed(a, Qt::Key_Right, 0);
        QCOMPARE(gestures, (std::vector<int>{1, 1, 1, 1, 1, 2}));
        QCOMPARE(finished, 1);
        QVERIFY(pressed(a, Qt::Key_P, 0) && down);
        pressed(a, Qt::Key_P, 0, {}, true);
        QVERIFY(down);
        released(a, Qt::Key_P);
        QVERIFY(!down);
    }

    void noticesAreCountedAndKept()
    {
        Notices n;
        QSignalSpy changed(&n, &Notices::changed);
        n.say("");
        QVERIFY(n.all().empty());
        n.say("One.");
        n.say("One.");
        n.say("Two.");
        QVERIFY(n.all().size() == 2 && n.all()[0].count == 2 && n.unread() >= 2 && changed.size() >= 3);
        n.fail({ErrorKind::Cancelled, "Given up.", {}});
        QCOMPARE(n.all().size(), std::size_t(2));
        n.read();
        QCOMPARE(n.unread(), 0);
        for (int i = 0; i < 300; ++i)
            n.say(QString("Sentence %1.").arg(i));
        QVERIFY(n.all().size() == 100 && n.all().back().sentence == "Sentence 299.");
    }

    void whatIsHeldIsAlwaysThere()
    {
        desk().holdElement(4);
        desk().holdLantern(41);
        Project p = project();
        p.lights.lanterns.pop_back();
        desk().edit("Douse", p);
        QCOMPARE(desk().lantern(), 40); // the first that is left
        desk().document.undoStack().undo();
        QCOMPARE(desk().element(), 4);
        Element twin = *desk().heldElement();
        twin.id = 0;
        desk().edit("Double", edits::withElement(project(), twin));
        desk().holdElement(project().elements.back().id);
        desk().document.undoStack().undo();
        QCOMPARE(desk().element(), 4); // the twin is gone: what shows the first of the cast
        desk().holdElement(0);
        QCOMPARE(desk().element(), 0); // let go by the painter
    }

    void fieldsOverALens()
    {
        app::Form form(desk());
        auto* strength = form.number(
            lens::lantern(), &Lantern::strength, {"strength", "strength", "How strong. Really.", "Set it"});
        auto* wide = form.number(lens::lantern(), &Lantern::wide, {"wide", "wide", "How wide. Really.", "Widen it"},
            [](const Lantern& l) { return l.kind == LampKind::Panel; });
        auto* kind = form.choice(lens::lantern(), &Lantern::kind, {"flame", "panel", "swarm"},
            {"kind", "made as", "What it is. Really.", "Make it"});
        auto* on
            = form.toggle(lens::lantern(), &Lantern::on, {"on", "burns", "Whether it burns", "Light it"}, "Douse it");
        auto* name = form.line(lens::lantern(), &Lantern::name, {"name", {}, "Its name", "Name it"}, 100, false);
        form.refresh();
        static_cast<QWidget&>(form).setVisible(true);
        QVERIFY(strength->isVisible() && !wide->isVisible()); // what does not apply is not there
        QVERIFY(strength->minimum() == 0 && strength->maximum() == 100
            && strength->accessibleName().startsWith("How strong"));
        auto& steps = desk().document.undoStack();
        const int before = steps.index();
        strength->setValue(2.5);
        QVERIFY(project().lights.lanterns[0].strength == 2.5 && steps.undoText() == "Set it");
        kind->setCurrentIndex(1);
        emit kind->activated(1);
        form.refresh();
        QVERIFY(project().lights.lanterns[0].kind == LampKind::Panel && wide->isVisible());
        on->click();
        QVERIFY(!project().lights.lanterns[0].on && steps.undoText() == "Douse it");
        name->setText("  Harbour light ");
        emit name->editingFinished();
        QCOMPARE(project().lights.lanterns[0].name, std::string("Harbour light"));
        name->setText(" ");
        emit name->editingFinished(); // must not be empty: nothing happens
        QCOMPARE(project().lights.lanterns[0].name, std::string("Harbour light"));
        QCOMPARE(steps.index(), before + 4);
        desk().holdLantern(41); // the fields are now those of another
        form.refresh();
        QVERIFY(strength->value() == 1 && on->isChecked() && name->text() == "other" && !wide->isVisible());
        while (steps.index() > before)
            steps.undo();
        QCOMPARE(project().lights.lanterns[0].name, std::string("lamp"));
    }

    void aHeldArrowInAFieldIsOneStep()
    {
        app::Form form(desk());
        auto* strength
            = form.number(lens::lantern(), &Lantern::strength, {"strength", "strength", "How strong.", "Set it"});
        form.refresh();
        static_cast<QWidget&>(form).setVisible(true);
        strength->setFocus();
        const int before = desk().document.undoStack().index();
        for (int i = 0; i < 6; ++i)
            strength->stepBy(1); // as a held arrow does
        QKeyEvent release(QEvent::KeyRelease, Qt::Key_Up, {}, {});
        QCoreApplication::sendEvent(strength, &release);
        QVERIFY(std::abs(project().lights.lanterns[0].strength - 1.0 - 6 * shownAs(Unit::Times).step) < 1e-9);
        QCOMPARE(desk().document.undoStack().index(), before + 1);
    }

    void worksGetTheirEnding_data()
    {
        QTest::addColumn<QString>("said");
        QTest::addColumn<QString>("path");
        QTest::newRow("without") << "a work"
                                 << "a work.lantern";
        QTest::newRow("with") << "a work.lantern"
                              << "a work.lantern";
        QTest::newRow("in capitals") << "A.LANTERN"
                                     << "A.LANTERN";
        QTest::newRow("with a dot of its own") << "dusk 2.0"
                                               << "dusk 2.0.lantern";
    }
    void worksGetTheirEnding()
    {
        QFETCH(QString, said);
        QFETCH(QString, path);
        QCOMPARE(withEnding(said), path);
    }

    void aSlowPictureIsSmallerWhileAHandDrags()
    {
        Notices notices;
        LiveLight light(&notices);
        std::vector<int> widths;
        connect(&light, &LiveLight::lit, this, [&](const auto& work) { widths.push_back(work->frame->width); });
        Project p = kit::postWork();
        p.lights.air.wetness = 1;
        for (int i = 0; i < 6; ++i) {
            Element e = p.elements[0];
            e.id = 0, e.baseCm.x = 8 + 8 * i;
            p = edits::withElement(std::move(p), e);
            p = edits::withLantern(std::move(p), {0, "lamp", true, {i - 3.0, 1.5, 8}, 0.1, 2700, 2, 0.5});
        }
        light.ask(p, 1, 1600, false); // slow at any machine
        // Of a work just opened a coarse look comes first.
        QTRY_COMPARE_WITH_TIMEOUT(widths, (std::vector<int>{880, 1600}), 30000);
        widths.erase(widths.begin());
        p.lights.lanterns[0].position.x += 0.2;
        light.ask(p, 2, 1600, false, true);
        // The small one first, and the whole once the hand rests.
        QTRY_COMPARE_WITH_TIMEOUT(widths, (std::vector<int>{1600, 880, 1600}), 30000);
        p.lights.lanterns[0].position.x += 0.2;
        light.ask(p, 3, 1600, false); // let go: the whole at once
        QTRY_COMPARE_WITH_TIMEOUT(widths, (std::vector<int>{1600, 880, 1600, 1600}), 30000);
        // A work without pictures, and one cut out anew, are no other works: no coarse look.
        widths.clear();
        Project recut = p;
        recut.cutouts[0].alpha = Mask::filled(p.cutouts[0].alpha.width(), p.cutouts[0].alpha.height(), 255);
        light.ask(recut, 4, 1600, false);
        QTRY_COMPARE_WITH_TIMEOUT(widths, std::vector<int>{1600}, 30000);
        Project bare;
        light.ask(bare, 5, 1600, false);
        QTRY_COMPARE_WITH_TIMEOUT(widths, (std::vector<int>{1600, 1600}), 30000);
        bare.lights.sun.azimuth += 40;
        light.ask(bare, 6, 1600, false);
        QTRY_COMPARE_WITH_TIMEOUT(widths, (std::vector<int>{1600, 1600, 1600}), 30000);
    }
};

RL_TEST(TestDesk)
#include "tst_desk.moc"
