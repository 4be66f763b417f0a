#include "core/project/edits.h"
#include "core/project/painting_edits.h"
#include "store/database.h"
#include "store/project_file.h"
#include "store/saver.h"
#include "store/stored_picture.h"
#include "tests/kit/poor_disk.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <sys/stat.h>

using namespace rl;
using store::ProjectFile;

/// Where a work lies: renamed, gone on in elsewhere, moved by hand, replaced, on a disk that takes nothing for a while.
class TestWorkPlace : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    QString q(const char* name) const { return m_dir.filePath(name); }
    std::string at(const char* name) const { return q(name).toStdString(); }
    static Project titled(const std::string& title)
    {
        Project p = kit::postWork();
        p.brief.title = title;
        return p;
    }
    static std::string titleIn(const std::string& path)
    {
        const auto opened = ProjectFile::open(path);
        return opened ? opened->project.brief.title : opened.error().sentence;
    }
    static bool picturesRead(const Project& p)
    {
        return std::all_of(p.references.begin(), p.references.end(),
            [](const Reference& r) { return r.pixels.bytes() && r.pixels.photo().width() == r.pixels.width(); });
    }
    /// A work with a picture read from its file, and two milestones.
    static ProjectFile::Opened made(const std::string& path)
    {
        auto file = ProjectFile::create(path, titled("first")).take();
        (void)file.addMilestone("as it began");
        (void)file.save(titled("second"));
        (void)file.addMilestone("later");
        (void)file.keepState();
        return {std::move(file), titled("second"), {}};
    }
    static store::Saver::Heard silent()
    {
        return {[](const Error&) {}};
    }

private slots:
    void aRenamedWorkTakesEverythingAlong()
    {
        (void)made(at("untitled.lantern"));
        auto work = ProjectFile::open(at("untitled.lantern")).take();
        const Project p = work.project;
        QVERIFY2(bool(work.file.renameTo(at("dusk.lantern"))), "renamed");
        QVERIFY(!QFile::exists(q("untitled.lantern")) && !QFile::exists(q("untitled.lantern~")));
        QVERIFY(QFile::exists(q("dusk.lantern~"))); // the state kept beside it went along
        QCOMPARE(work.file.path().string(), at("dusk.lantern"));
        QVERIFY(picturesRead(p)); // those read before, too
        QVERIFY(bool(work.file.save(titled("third"))));
        QCOMPARE(work.file.milestones()->size(), std::size_t(2));
        QCOMPARE(work.file.projectAt(1)->brief.title, std::string("first"));
        QCOMPARE(titleIn(at("dusk.lantern")), std::string("third"));
    }

    void nothingIsRenamedOverAnotherWork()
    {
        (void)made(at("theirs.lantern"));
        auto mine = made(at("mine.lantern"));
        const auto done = mine.file.renameTo(at("theirs.lantern"));
        QVERIFY(!done && QString::fromStdString(done.error().sentence).endsWith('.'));
        QVERIFY(bool(mine.file.save(titled("still mine")))); // as it was, and goes on
        QCOMPARE(titleIn(at("mine.lantern")), std::string("still mine"));
        QCOMPARE(titleIn(at("theirs.lantern")), std::string("second"));
        QVERIFY(!mine.file.renameTo(at("no such folder/mine.lantern")));
        QVERIFY(bool(mine.file.save(titled("still mine"))) && picturesRead(mine.project));
    }

    void goingOnInACopyLeavesTheFirstWhole()
    {
        auto work = made(at("first.lantern"));
        QVERIFY2(bool(work.file.continueIn(at("second.lantern"), titled("gone on"))), "copied");
        QCOMPARE(work.file.milestones()->size(), std::size_t(2)); // they came along
        QVERIFY(bool(work.file.save(titled("further"))));
        QCOMPARE(titleIn(at("first.lantern")), std::string("second"));
        QCOMPARE(titleIn(at("second.lantern")), std::string("further"));
        QVERIFY(QFile::remove(q("first.lantern")));
        QVERIFY(picturesRead(ProjectFile::open(at("second.lantern"))->project)); // nothing leans on the first
    }

    void theOpenWorkIsNotCopiedOntoItself()
    {
        auto work = made(at("itself.lantern"));
        const auto onto = work.file.continueIn(at("itself.lantern"), titled("lost?"));
        QVERIFY(!onto && onto.error().kind == ErrorKind::Invalid);
        QVERIFY(QFile::link(q("itself.lantern"), q("link.lantern")));
        QVERIFY(!work.file.continueIn(at("link.lantern"), titled("lost?"))); // by another name neither
        const auto other = made(at("open too.lantern"));
        QVERIFY(!work.file.continueIn(at("open too.lantern"), titled("lost?"))); // nor onto one that is open
        QVERIFY(!ProjectFile::create(at("open too.lantern"), titled("lost?")));
        QCOMPARE(titleIn(at("itself.lantern")), std::string("second"));
        QCOMPARE(titleIn(at("open too.lantern")), std::string("second"));
    }

    void aPictureThatCannotBeReadIsNoCopyWithoutIt()
    {
        (void)made(at("whole.lantern"));
        auto work = ProjectFile::open(at("whole.lantern")).take();
        Project p = work.project;
        p.brief.title = "never";
        {
            kit::PoorDisk disk;
            disk.until = 0; // nothing is read just now
            const auto made = ProjectFile::create(at("copy.lantern"), p);
            QVERIFY(!made && !QFile::exists(q("copy.lantern")));
        }
        // A busy disk takes writes and gives nothing: the picture is at hand nowhere.
        const auto gone = std::make_shared<store::WorkPlace>(at("not there.lantern"));
        p.references[0].pixels = LazyPhoto(60, 420, std::make_shared<store::StoredPicture>(gone, std::string(64, 'a')));
        const auto copied = work.file.continueIn(at("copy.lantern"), p);
        QVERIFY(!copied && QString::fromStdString(copied.error().sentence).contains("post"));
        QVERIFY(!QFile::exists(q("copy.lantern")));
        QCOMPARE(work.file.path().string(), at("whole.lantern")); // the old file stays the work
        QVERIFY(!work.file.save(p)); // no edit is said to be saved without it
        (void)p.references[0].pixels.photo(); // looked at, it is known to be missing: its place is kept
        QVERIFY(p.references[0].pixels.missing() && bool(work.file.save(p)));
        const auto again = ProjectFile::open(at("whole.lantern"));
        QVERIFY(again->project.references[0].pixels.missing() && !again->note.empty());
    }

    void aJournalOfAnotherFileIsNotRolledBackIntoANewOne()
    {
        // A killed program's: the file and the journal that would bring it back to what it was.
        (void)made(at("old.lantern"));
        QVERIFY(QFile::copy(q("old.lantern"), q("new.lantern")));
        {
            auto d = store::ProjectFile::Database::connect(at("old.lantern"), SQLITE_OPEN_READWRITE).take();
            QVERIFY(d->run("PRAGMA cache_size = 1; PRAGMA cache_spill = 1; BEGIN IMMEDIATE") == SQLITE_OK);
            QVERIFY(d->run("UPDATE work SET description = 'x'; UPDATE milestone SET description = 'y';"
                           "INSERT INTO blob VALUES('z', 'picture', zeroblob(4000000))")
                == SQLITE_OK);
            QVERIFY(QFile::copy(q("old.lantern-journal"), q("new.lantern-journal"))); // hot, beside another file
            d->run("ROLLBACK");
        }
        QVERIFY(QFile::remove(q("new.lantern")));
        QVERIFY(bool(ProjectFile::create(at("new.lantern"), titled("quite new"))));
        QCOMPARE(titleIn(at("new.lantern")), std::string("quite new"));
        QVERIFY(!QFile::exists(q("new.lantern-journal")));
        QVERIFY(!QDir(m_dir.path()).entryList({"new.lantern-journal.old*"}).isEmpty()); // put aside, not deleted
    }

    void movedByHandItIsFollowed()
    {
        auto work = made(at("here.lantern"));
        QVERIFY(QDir(m_dir.path()).mkdir("elsewhere"));
        QVERIFY(QFile::rename(q("here.lantern"), q("elsewhere/there.lantern")));
        QVERIFY(bool(work.file.save(titled("followed"))));
        QCOMPARE(work.file.path().string(), at("elsewhere/there.lantern"));
        QVERIFY(QDir(m_dir.path()).rename("elsewhere", "renamed folder")); // and with its folder
        QVERIFY(bool(work.file.save(titled("followed again"))));
        QCOMPARE(titleIn(at("renamed folder/there.lantern")), std::string("followed again"));
    }

    void replacedByAnotherFileNothingIsMixed()
    {
        auto work = made(at("mine too.lantern"));
        (void)made(at("other.lantern"));
        QVERIFY(QFile::rename(q("mine too.lantern"), q("away.lantern")));
        QVERIFY(QFile::copy(q("other.lantern"), q("mine too.lantern")));
        const auto saved = work.file.save(titled("where?"));
        QVERIFY(!saved && saved.error().kind == ErrorKind::Missing);
        QCOMPARE(titleIn(at("mine too.lantern")), std::string("second")); // the stranger is untouched
        QVERIFY(bool(work.file.continueIn(at("rescued.lantern"), titled("rescued"))));
        const auto rescued = ProjectFile::open(at("rescued.lantern")).take();
        QCOMPARE(rescued.project.brief.title, std::string("rescued"));
        QVERIFY(picturesRead(rescued.project));
    }

    void whatTheDiskDoesNotTakeIsTriedAgain()
    {
        (void)made(at("full.lantern"));
        std::atomic<int> failed = 0, saved = 0;
        {
            kit::PoorDisk disk;
            store::Saver saver(
                ProjectFile::open(at("full.lantern")).take().file, {[&](const Error&) { ++failed; }, [&] { ++saved; }});
            disk.until = 0;
            saver.save(titled("the last stroke"));
            saver.wait();
            QVERIFY(failed == 1 && saved == 0 && saver.unsaved());
            QTest::qWait(2300); // still full: it is not said again and again
            QVERIFY(failed == 1 && saver.unsaved());
            disk.until = -1; // room was made, and nothing is edited any more
            QTRY_VERIFY_WITH_TIMEOUT(!saver.unsaved(), 6000);
            QCOMPARE(saved.load(), 1);
            QCOMPARE(titleIn(at("full.lantern")), std::string("the last stroke"));
            disk.until = 0;
            saver.save(titled("after it"));
            saver.wait();
            disk.until = -1;
        } // closed at once: tried once more
        QCOMPARE(titleIn(at("full.lantern")), std::string("after it"));
    }

    void waitingSavesAreJoinedThoughOthersWait()
    {
        (void)made(at("joined.lantern"));
        store::Saver saver(ProjectFile::open(at("joined.lantern")).take().file, silent());
        std::atomic<bool> held = true;
        saver.post([&](ProjectFile&) {
            while (held)
                QTest::qSleep(1);
        });
        for (int i = 0; i < 200; ++i) {
            saver.save(titled("move " + std::to_string(i)));
            saver.post([](ProjectFile&) {}, store::Saver::Order::Loose); // a journal, a preview
        }
        std::string seen;
        saver.post([&](ProjectFile& f) { seen = f.addMilestone("m") ? "ok" : "no"; }); // sees what came before it
        saver.save(titled("after the milestone"));
        held = false;
        saver.wait();
        QCOMPARE(saver.writes(), 2L);
        QCOMPARE(seen, std::string("ok"));
        const auto opened = ProjectFile::open(at("joined.lantern"));
        QCOMPARE(opened->file.projectAt(3)->brief.title, std::string("move 199"));
        QCOMPARE(opened->project.brief.title, std::string("after the milestone"));
    }

    void theKeptStateIsBroughtUpWithoutCopyingAll()
    {
        auto work = made(at("kept.lantern"));
        const QString kept = q("kept.lantern~");
        QVERIFY(QFile::exists(kept));
        const auto inode = [&] {
            struct stat s { };
            ::stat(kept.toUtf8().constData(), &s);
            return s.st_ino;
        };
        const auto before = inode();
        Project p
            = edits::withReference(titled("third"), kit::referenceOf("second picture", kit::plain(40, 30, {1, 2, 3})));
        QVERIFY(bool(work.file.save(p)) && bool(work.file.withoutMilestone(1)) && bool(work.file.keepState()));
        QCOMPARE(inode(), before); // the same file, brought up
        const auto state = ProjectFile::open(kept.toStdString()).take();
        QVERIFY(state.project == ProjectFile::open(at("kept.lantern"))->project);
        QVERIFY(picturesRead(state.project));
        QCOMPARE(state.file.milestones()->size(), std::size_t(1));
        QCOMPARE(state.file.projectAt(2)->brief.title, std::string("second"));
        QFile broken(kept); // what is no state of ours is made anew
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("no database") > 0);
        broken.close();
        QVERIFY(bool(work.file.keepState()));
        QCOMPARE(titleIn(kept.toStdString()), std::string("third"));
    }

    void openedAndClosedItIsNotChanged()
    {
        (void)made(at("quiet.lantern"));
        const auto opened = ProjectFile::open(at("quiet.lantern")).take();
        QVERIFY(!opened.file.changed());
        auto mine = ProjectFile::open(at("quiet.lantern")).take();
        QVERIFY(bool(mine.file.setPreview({1, 2, 3}))); // what can be made again is no change
        QVERIFY(!mine.file.changed());
        QVERIFY(bool(mine.file.save(titled("changed"))) && mine.file.changed());
    }

    void whatTheProgramWorkedOutIsNoChange_data()
    {
        using Whose = store::Saver::Whose;
        QTest::addColumn<std::vector<Whose>>("saves");
        QTest::addColumn<bool>("changed");
        QTest::newRow("the program's") << std::vector{Whose::Program, Whose::Program} << false;
        QTest::newRow("the painter's before it") << std::vector{Whose::Painter, Whose::Program} << true;
        QTest::newRow("the painter's after it") << std::vector{Whose::Program, Whose::Painter} << true;
    }
    void whatTheProgramWorkedOutIsNoChange()
    {
        QFETCH(std::vector<store::Saver::Whose>, saves);
        (void)made(at("whose.lantern"));
        store::Saver saver(ProjectFile::open(at("whose.lantern")).take().file, silent());
        std::atomic<bool> held = true;
        saver.post([&](ProjectFile&) {
            while (held)
                QTest::qSleep(1);
        });
        for (std::size_t i = 0; i < saves.size(); ++i) // they wait and are joined
            saver.save(titled("number " + std::to_string(i)), saves[i]);
        held = false;
        saver.wait();
        QCOMPARE(saver.writes(), 1L);
        bool changed = false;
        (void)saver.fromWorker([&](ProjectFile& f) { return changed = f.changed(), Result<Done>(Done{}); });
        QTEST(changed, "changed");
        QCOMPARE(titleIn(at("whose.lantern")), std::string("number 1"));
    }

    void whatIsNoNumberMakesNoDamagedWork()
    {
        Project p = titled("odd");
        p.references[0].wallAt = {std::numeric_limits<double>::quiet_NaN(), 2};
        p.elements[0].parts = {{{{0.1, std::numeric_limits<double>::infinity()}, {0.5, 0.5}, {0.9, 0.1}}}};
        p.sheets.gridCm = std::numeric_limits<double>::quiet_NaN();
        p.painting.sittings = {{7, 100, 60, std::numeric_limits<double>::quiet_NaN(), {}, {}, {}}};
        QVERIFY(bool(ProjectFile::create(at("odd.lantern"), p)));
        const auto opened = ProjectFile::open(at("odd.lantern"));
        QVERIFY2(bool(opened), opened ? "" : opened.error().detail.c_str());
        QCOMPARE(opened->project.brief.title, std::string("odd"));
        QCOMPARE(opened->project.references[0].wallAt.y, 2.0);
        QVERIFY(std::isfinite(opened->project.sheets.gridCm));
        QCOMPARE(opened->project.painting.sittings[0].began, Instant(100));
    }

    void aCheckReadsEverything()
    {
        auto work = made(at("checked.lantern"));
        NoProgress progress;
        QVERIFY(work.file.check(progress)->empty());
        {
            auto d = store::ProjectFile::Database::connect(at("checked.lantern"), SQLITE_OPEN_READWRITE).take();
            QVERIFY(d->run("UPDATE blob SET bytes = zeroblob(length(bytes)) WHERE kind = 'picture'") == SQLITE_OK);
        }
        const auto wrong = work.file.check(progress);
        QVERIFY(wrong && wrong->size() == 1 && QString::fromStdString(wrong->front()).contains("post"));
        // Opening does not read it; looking at it does, and says it is missing.
        const auto opened = ProjectFile::open(at("checked.lantern"));
        QVERIFY(opened && !opened->project.references[0].pixels.missing());
        QVERIFY(opened->project.references[0].pixels.photo().empty() && opened->project.references[0].pixels.missing());
    }
};

RL_TEST(TestWorkPlace)
#include "tst_work_place.moc"
