#include "app/board/board.h"
#include "app/frame/imports.h"
#include "app/shots.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/paint/paint_state.h"
#include "app/stations/paint/photo_page.h"
#include "app/stations/paint/record_page.h"
#include "app/stations/paint/sitting_page.h"
#include "core/project/edits.h"
#include "core/stage/camera.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"
#include "tests/kit/poor_disk.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include "tests/kit/whole_work.h"
#include <QDir>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// One run of the program, several works: what is made in one is there again in it, and in no other.
class TestSession : public QObject {
    Q_OBJECT
    std::unique_ptr<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return hand().window(); }
    Document& document() { return window().document(); }
    const Project& project() { return hand().project(); }
    PaintState& state() { return PaintState::of(hand().desk(), hand().view(Station::Paint)); }

    bool open(const QString& path)
    {
        QSignalSpy opened(&window(), &MainWindow::opened);
        window().openWork(path);
        return (opened.count() || opened.wait(20000)) && document().path() == path;
    }
    static bool allRead(const Project& p)
    {
        return std::all_of(p.references.begin(), p.references.end(),
            [](const Reference& r) { return r.pixels.bytes() && r.pixels.photo().width() == r.pixels.width(); });
    }
    /// Files of pictures, each another.
    QStringList pictures(int count, const QString& folder)
    {
        QDir().mkpath(folder);
        QStringList files;
        for (int i = 0; i < count; ++i) {
            files << QString("%1/p%2.png").arg(folder).arg(i, 3, 10, QChar('0'));
            const Photo p = kit::plain(300 + i, 200, {std::uint8_t(i), std::uint8_t(2 * i), 90});
            (void)store::writeFile(files.back().toStdString(), store::encodePng(p));
        }
        return files;
    }
    static Project other()
    {
        Project p = kit::postWork(40, 60);
        p.brief.title = "Another";
        return p;
    }
    /// A photograph of the canvas that can be told from the plan.
    QString canvasFile(const char* name, int seed)
    {
        const QImage plan = hand().desk().lit->image.convertToFormat(QImage::Format_RGB888);
        QImage photo(plan.width() + 120, plan.height() + 100, QImage::Format_RGB888);
        photo.fill(QColor(60 + seed, 60, 64));
        for (int y = 0; y < plan.height(); ++y)
            std::memcpy(photo.scanLine(y + 50) + 3 * 60, plan.constScanLine(y), std::size_t(3 * plan.width()));
        photo.save(hand().file(name));
        return hand().file(name);
    }
    /// Where the post is taken hold of, and a drag that is under way: the button is down, it has moved.
    QPointF dragUnderWay()
    {
        hand().go(Station::Stage);
        hand().desk().holdElement(4);
        const QPointF from = hand().board()->toScreen(project().elements[0].baseCm + Vec2{0, -1});
        QTest::mousePress(hand().board(), Qt::LeftButton, {}, from.toPoint());
        moveTo(from + QPointF(40, 0));
        return from;
    }
    void moveTo(QPointF at, Qt::MouseButtons buttons = Qt::LeftButton)
    {
        QMouseEvent move(QEvent::MouseMove, at, hand().board()->mapToGlobal(at), Qt::NoButton, buttons, {});
        QCoreApplication::sendEvent(hand().board(), &move);
    }
    Project onDisk() const { return store::ProjectFile::open(m_hand->file("mine.lantern").toStdString())->project; }

private slots:
    void init()
    {
        m_hand = std::make_unique<kit::StationHand>(kit::shoreWork());
        QVERIFY(hand().settle());
    }
    void cleanup()
    {
        hand().close();
        m_hand.reset();
    }

    void whatAWorkHoldsIsThereAgainInItAlone()
    {
        const QString mine = hand().file("mine.lantern"), theirs = hand().file("theirs.lantern");
        QVERIFY(bool(store::ProjectFile::create(theirs.toStdString(), other())));
        for (const kit::Held& held : kit::allAWorkHolds()) {
            document().edit(held.name, held.made(project()));
            const Project was = project();
            window().station(Station::Brief)->find<MilestonesPage>()->set(held.name);
            QVERIFY2(open(theirs), held.name);
            QVERIFY2(!(project() == was) && project().brief.title == "Another", held.name);
            document().edit("Turn the sun", [&] {
                Sun s = project().lights.sun;
                s.azimuth += 3;
                return edits::withSun(project(), s);
            }());
            const Project between = project();
            QVERIFY2(open(mine), held.name);
            QVERIFY2(project() == was, held.name);
            QVERIFY2(allRead(project()), held.name);
            QVERIFY2(open(theirs) && project() == between, held.name);
            QVERIFY2(open(mine), held.name);
            document().edit("Use it", edits::withSetAside(project(), "used", held.name)); // and goes on being used
        }
        QVERIFY(hand().settle());
        document().waitSaved();
        const auto checked = store::ProjectFile::open(mine.toStdString()).take();
        NoProgress progress;
        QVERIFY(checked.file.check(progress)->empty());
        QCOMPARE(checked.file.milestones()->size(), kit::allAWorkHolds().size());
        // Each milestone holds what had been made by then, with its pictures.
        const auto milestones = checked.file.milestones();
        for (const store::Milestone& m : *milestones)
            QVERIFY2(allRead(*checked.file.projectAt(m.id)), m.name.c_str());
    }

    void namedWhilePicturesComeInAndAnotherIsOpenedNothingGoes()
    {
        Settings s = Settings::read();
        s.worksFolder = hand().file("works");
        s.keep();
        window().files().begin();
        QTRY_VERIFY_WITH_TIMEOUT(document().path().startsWith(s.worksFolder), 10000);
        window().station(Station::Brief)->find<MilestonesPage>()->set("empty");
        window().imports()->start(pictures(200, hand().file("pictures")));
        QTRY_VERIFY_WITH_TIMEOUT(project().references.size() > 2, 20000);
        Brief b = project().brief;
        b.title = "Salt road";
        document().edit("Name it", edits::withBrief(project(), b));
        QVERIFY(open(hand().file("mine.lantern"))); // at once
        const std::size_t here = project().references.size();
        QTest::qWait(700);
        QCOMPARE(project().references.size(), here); // nothing lands here
        WorkSession::waitForEndings();
        const QStringList works = QDir(s.worksFolder).entryList({"*.lantern"});
        QCOMPARE(works.size(), 1);
        QCOMPARE(works.front(), QString("Salt road.lantern"));
        QVERIFY(open(s.worksFolder + "/Salt road.lantern"));
        QVERIFY(project().references.size() > 2 && project().references.size() < 200 && allRead(project()));
        const auto kept = store::ProjectFile::open(document().path().toStdString()).take();
        QCOMPARE(kept.file.milestones()->size(), std::size_t(1));
        QVERIFY(!hand().wasSaid("could not"));
    }

    void aCopyOntoItselfIsRefusedAndOneElsewhereHasAll()
    {
        window().station(Station::Brief)->find<MilestonesPage>()->set("here");
        QSignalSpy moved(&document(), &Document::moved);
        window().files().saveCopy(hand().file("mine.lantern"));
        QTRY_VERIFY(hand().wasSaid("open work itself"));
        QCOMPARE(moved.count(), 0);
        document().edit("Rename", edits::withSetAside(project(), "a", "b"));
        const int steps = document().undoStack().index();
        window().files().saveCopy(hand().file("elsewhere"));
        QTRY_COMPARE(moved.count(), 1);
        QCOMPARE(document().path(), hand().file("elsewhere.lantern"));
        QCOMPARE(document().undoStack().index(), steps); // what was done can still be taken back
        document().undoStack().undo();
        document().waitSaved();
        QVERIFY(onDisk().setAside.contains("a")); // the first stays as it was left
        const auto copy = store::ProjectFile::open(document().path().toStdString()).take();
        QVERIFY(copy.project == project() && copy.file.milestones()->size() == 1);
    }

    void photographsOfTheCanvasSurvive()
    {
        hand().go(Station::Paint);
        hand().page("Check");
        QVERIFY(hand().rest());
        auto* page = hand().view(Station::Paint).find<PhotoPage>();
        for (int i = 0; i < 2; ++i) {
            page->bringIn(canvasFile(i ? "second.png" : "first.png", 20 * i));
            QTRY_COMPARE_WITH_TIMEOUT(project().painting.photos.size(), std::size_t(i + 1), 20000);
            QVERIFY(hand().rest());
        }
        page->tryOn();
        QTRY_COMPARE_WITH_TIMEOUT(project().takes.size(), std::size_t(2), 20000);
        const Project was = project();
        QVERIFY(was.references[1].sha256() != was.references[2].sha256());
        const QString theirs = hand().file("theirs.lantern");
        QVERIFY(bool(store::ProjectFile::create(theirs.toStdString(), other())));
        QVERIFY(open(theirs) && open(hand().file("mine.lantern")));
        QVERIFY(project() == was && allRead(project()));
        QVERIFY(hand().settle());
        // Compared again, once, and both tell another picture.
        hand().go(Station::Paint);
        hand().page("Check");
        const std::size_t said = hand().desk().notices.all().size();
        for (const CanvasPhoto& c : project().painting.photos) {
            state().photos.hold(c.id);
            QVERIFY(hand().rest());
            QVERIFY2(state().photos.compared() && !state().photos.compared()->squared.empty(),
                state().problem() ? state().problem()->sentence.c_str() : "");
        }
        QTest::qWait(300);
        QVERIFY2(hand().desk().notices.all().size() <= said + 1, qPrintable(hand().lastNotice()));
    }

    void whatWasStoppedIsNotBegunAgainByItself()
    {
        hand().go(Station::Paint);
        hand().page("Check");
        QVERIFY(hand().rest());
        hand().view(Station::Paint).find<PhotoPage>()->bringIn(canvasFile("photo.png", 0));
        QTRY_VERIFY_WITH_TIMEOUT(state().photos.comparing(), 20000);
        QVERIFY(hand().rest());
        // Asked for anew, as what it hangs from has changed.
        Project p = project();
        p.painting.tolerances = {{4, 1.5}};
        document().edit("Let it stray further", std::move(p));
        QTRY_VERIFY_WITH_TIMEOUT(state().photos.comparing(), 20000);
        state().stop();
        QTRY_VERIFY_WITH_TIMEOUT(!state().photos.comparing(), 20000);
        QTRY_VERIFY_WITH_TIMEOUT(state().stopped(), 20000);
        for (int i = 0; i < 20; ++i) {
            window().here()->refresh();
            QTest::qWait(10);
            QVERIFY(!state().photos.comparing());
        }
        QTRY_VERIFY(hand().view(Station::Paint).current()->says().contains("Again"));
        auto* again = window().here()->current()->findChild<QPushButton*>("againPaint");
        QVERIFY(again && again->isVisible());
        again->click();
        QTRY_VERIFY_WITH_TIMEOUT(!state().stopped() && !state().busy() && state().photos.compared(), 60000);
    }

    void aMissingPhotographIsAskedForOnce()
    {
        hand().go(Station::Paint);
        hand().page("Check");
        hand().view(Station::Paint).find<PhotoPage>()->bringIn(canvasFile("photo.png", 0));
        QTRY_COMPARE_WITH_TIMEOUT(project().painting.photos.size(), std::size_t(1), 20000);
        QVERIFY(hand().rest());
        state().photos.hold(0);
        Project p = project(); // its file cannot be read any more
        Reference r = *p.reference(p.painting.photos[0].reference);
        r.pixels = LazyPhoto(r.pixels.width(), r.pixels.height(),
            std::make_shared<store::StoredPicture>(
                std::make_shared<store::WorkPlace>(hand().file("gone").toStdString()), std::string(64, 'b')));
        r.pixels.source()->setMissing(true);
        document().edit("Lose it", edits::withReference(std::move(p), std::move(r)));
        state().photos.hold(project().painting.photos[0].id);
        QVERIFY(hand().rest());
        const auto& all = hand().desk().notices.all();
        const auto count = [&] {
            int n = 0;
            for (const auto& notice : all)
                n += notice.sentence.contains("cannot be read") ? notice.count : 0;
            return n;
        };
        QTest::qWait(400);
        const int said = count();
        QTest::qWait(1500);
        QCOMPARE(count(), said);
        QVERIFY(said <= 3);
    }

    void aDragEndsWhateverTakesTheMouseAway_data()
    {
        QTest::addColumn<QString>("what");
        QTest::addColumn<bool>("kept");
        QTest::newRow("a second button goes down and up") << "second" << true;
        QTest::newRow("a key of another station") << "station" << true;
        QTest::newRow("another window comes to the front") << "window" << true;
        QTest::newRow("another page") << "page" << true;
        QTest::newRow("the release is never heard, and the next press comes") << "lost" << true;
        QTest::newRow("Escape: it is given up") << "escape" << false;
    }
    void aDragEndsWhateverTakesTheMouseAway()
    {
        QFETCH(QString, what);
        QFETCH(bool, kept);
        const Vec2 was = project().elements[0].baseCm;
        const int steps = document().undoStack().index();
        const QPointF from = dragUnderWay();
        QVERIFY(document().inGesture() && !(project().elements[0].baseCm == was));
        if (what == "second") {
            QMouseEvent press(QEvent::MouseButtonPress, from, hand().board()->mapToGlobal(from), Qt::RightButton,
                Qt::LeftButton | Qt::RightButton, {});
            QCoreApplication::sendEvent(hand().board(), &press);
            QMouseEvent release(QEvent::MouseButtonRelease, from, hand().board()->mapToGlobal(from), Qt::RightButton,
                Qt::LeftButton, {});
            QCoreApplication::sendEvent(hand().board(), &release);
            QVERIFY(document().inGesture()); // the first button drags on
            const Vec2 before = project().elements[0].baseCm;
            moveTo(from + QPointF(70, 0));
            QVERIFY(project().elements[0].baseCm.x > before.x);
            QTest::mouseRelease(hand().board(), Qt::LeftButton, {}, from.toPoint() + QPoint(70, 0));
        } else if (what == "station") {
            hand().go(Station::Light);
        } else if (what == "window") {
            QEvent away(QEvent::ActivationChange);
            QWidget front;
            front.show();
            front.activateWindow();
            QTRY_VERIFY(!window().isActiveWindow());
            QCoreApplication::sendEvent(&window(), &away);
        } else if (what == "page") {
            const int before = window().here()->page();
            window().here()->turnTo(before ? 0 : 3);
            if (hand().board()->holding()) // its tool is on that page too: the drag goes on
                QTest::mouseRelease(hand().board(), Qt::LeftButton, {}, from.toPoint() + QPoint(40, 0));
        } else if (what == "lost") {
            QTest::mousePress(hand().board(), Qt::LeftButton, {}, QPoint(3, 3));
            QTest::mouseRelease(hand().board(), Qt::LeftButton, {}, QPoint(3, 3));
        } else {
            hand().key(Qt::Key_Escape);
        }
        QVERIFY(!document().inGesture() && !hand().board()->holding());
        const Vec2 now = project().elements[0].baseCm;
        QCOMPARE(!(now == was), kept);
        document().waitSaved();
        QVERIFY(onDisk().elements[0].baseCm == now); // written
        QCOMPARE(document().undoStack().index(), steps + (kept ? 1 : 0));
        moveTo(from + QPointF(120, 20), Qt::NoButton); // the hand is off
        QVERIFY(project().elements[0].baseCm == now);
        if (kept)
            document().undoStack().undo();
        QVERIFY(project().elements[0].baseCm == was);
        QVERIFY(kept || !document().undoStack().canRedo());
    }

    void aDragOfManyMovesIsWrittenOnce()
    {
        document().waitSaved();
        const long before = document().saver()->writes();
        const QPointF from = dragUnderWay();
        for (int i = 0; i < 200; ++i) {
            moveTo(from + QPointF(20 + i / 4.0, 0));
            QCoreApplication::processEvents();
        }
        QTest::mouseRelease(hand().board(), Qt::LeftButton, {}, from.toPoint() + QPoint(70, 0));
        document().waitSaved();
        QCOMPARE(document().saver()->writes(), before + 1);
        QVERIFY(onDisk().elements[0].baseCm == project().elements[0].baseCm);
    }

    void aFullDiskIsSaidBeforeTheWindowCloses()
    {
        const QString path = hand().file("poor.lantern");
        QVERIFY(bool(store::ProjectFile::create(path.toStdString(), kit::postWork())));
        kit::PoorDisk disk;
        QVERIFY(open(path) && hand().settle());
        disk.until = 0;
        document().edit("The last stroke", edits::withSetAside(project(), "a", "kept"));
        document().waitSaved();
        QTRY_VERIFY(document().unsaved() && hand().wasSaid("saved"));
        QVERIFY(!window().close() && window().isVisible()); // it is asked, not lost
        QVERIFY(hand().wasSaid("close again"));
        disk.until = -1; // room was made
        QTRY_VERIFY_WITH_TIMEOUT(!document().unsaved(), 8000);
        QVERIFY(window().close());
        WorkSession::waitForEndings();
        QVERIFY(store::ProjectFile::open(path.toStdString())->project.setAside.contains("a"));
    }

    void aPageThatDoesNotRestIsPicturedAndNamed()
    {
        const QString folder = hand().file("shots");
        Shots shots(window(), folder);
        shots.setLimits(60'000, 1); // no page comes to rest in that
        QSignalSpy finished(&shots, &Shots::finished);
        QVERIFY(finished.wait(120'000));
        QCOMPARE(finished.front().front().toInt(), 3);
        int pages = 0;
        for (const StationSpec& spec : allStations())
            pages += int(spec.pages.size());
        QCOMPARE(QDir(folder).entryList({"*.png"}).size(), pages); // it went on with the next
    }

    void theOpenWorkIsNotOpenedTwice()
    {
        document().edit("Mark it", edits::withSetAside(project(), "a", "b"));
        QVERIFY(open(document().path()));
        QVERIFY(document().undoStack().canUndo() && project().setAside.contains("a"));
    }

    void theExampleIsAFreshWorkAndAChangedOneStays()
    {
        NoProgress progress;
        const QString folder = hand().file("examples");
        const auto first = exampleFile(Example::Court, folder, progress);
        QVERIFY2(bool(first), first ? "" : first.error().sentence.c_str());
        QCOMPARE(*exampleFile(Example::Court, folder, progress), *first); // unchanged it is the same
        Project painted;
        {
            auto work = store::ProjectFile::open(first->toStdString()).take();
            painted = edits::withSetAside(work.project, "a", "mine");
            QVERIFY(bool(work.file.save(painted)));
        }
        const auto second = exampleFile(Example::Court, folder, progress);
        QVERIFY(second && *second != *first);
        QVERIFY(store::ProjectFile::open(first->toStdString())->project == painted);
    }
};

RL_TEST(TestSession)
#include "tst_session.moc"
