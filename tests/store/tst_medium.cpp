#include "store/project_file.h"
#include "store/saver.h"
#include "tests/kit/poor_disk.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <sys/wait.h>
#include <unistd.h>

using namespace rl;
using store::ProjectFile;

/// Works on a slow medium, on one that goes away, in two programs at once, and taken away while they are open.
class TestMedium : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return kit::pathIn(m_dir.path(), name).toStdString(); }
    static Project titled(const std::string& title)
    {
        Project p = kit::postWork();
        p.brief.title = title;
        return p;
    }
    static std::string titleIn(const std::string& path)
    {
        auto opened = ProjectFile::open(path);
        return opened ? opened.take().project.brief.title : opened.error().sentence;
    }

private slots:
    void aSlowMediumIsNotWaitedForAndGetsTheNewest()
    {
        const std::string path = at("slow.lantern");
        (void)ProjectFile::create(path, titled("first"));
        long one = 0, all = 0;
        {
            kit::PoorDisk disk;
            disk.delayMs = 4;
            store::Saver saver(ProjectFile::open(path).take().file,
                store::Saver::Heard{[](const Error& e) { QFAIL(e.sentence.c_str()); }});
            saver.save(titled("one edit"));
            saver.wait();
            one = disk.writes.exchange(0);
            for (int i = 0; i < 200; ++i)
                saver.save(titled("edit " + std::to_string(i)));
            saver.wait();
            all = disk.writes;
        }
        // 200 edits cost the writes of a few: those between give way to the newest.
        QVERIFY2(one > 0 && all < 20 * one, qPrintable(QString("%1 %2").arg(all).arg(one)));
        QCOMPARE(titleIn(path), std::string("edit 199"));
    }

    void aMediumThatGoesAwayLosesOnlyTheEditInFlight()
    {
        const std::string path = at("away.lantern");
        (void)ProjectFile::create(path, titled("before"));
        long whole = 0;
        for (long after = 0; after < 400 && !whole; ++after) { // at every single write of an edit
            std::string kept;
            {
                kit::PoorDisk disk;
                auto file = ProjectFile::open(path).take().file;
                kept = titleIn(path);
                disk.until = after + 1;
                const auto saved = file.save(titled("edit " + std::to_string(after)));
                if (saved) {
                    whole = after;
                } else {
                    QVERIFY2(saved.error().kind == ErrorKind::Full || saved.error().kind == ErrorKind::NotWritable,
                        saved.error().detail.c_str());
                    QVERIFY(QString::fromStdString(saved.error().sentence).endsWith('.'));
                }
                disk.until = -1; // it is there again
                if (!saved && after % 2) {
                    const auto again = file.save(titled("again"));
                    QVERIFY2(bool(again), again ? "" : again.error().detail.c_str());
                    kept = "again";
                }
            }
            const std::string now = titleIn(path);
            QVERIFY2(now == kept || now == "edit " + std::to_string(after), now.c_str());
        }
        QVERIFY(whole > 4); // it had something to be cut off from
    }

    void ofTwoProgramsOneWrites()
    {
        const std::string path = at("two.lantern");
        (void)ProjectFile::create(path, titled("mine"));
        int said[2];
        QVERIFY(pipe(said) == 0);
        const pid_t other = fork();
        if (other == 0) { // another program has it open
            auto file = ProjectFile::open(path);
            const char word = file && !file->file.readOnly() ? 'y' : 'n';
            (void)!write(said[1], &word, 1);
            for (;;)
                pause();
        }
        char word = 0;
        QVERIFY(read(said[0], &word, 1) == 1 && word == 'y');
        {
            auto second = ProjectFile::open(path).take();
            QVERIFY(second.file.readOnly());
            QVERIFY2(QString::fromStdString(second.note).contains("another window"), second.note.c_str());
            QCOMPARE(second.project.brief.title, std::string("mine")); // it can be read
            const auto saved = second.file.save(titled("theirs"));
            QVERIFY(!saved && saved.error().kind == ErrorKind::NotWritable);
        }
        kill(other, SIGKILL);
        waitpid(other, nullptr, 0);
        auto third = ProjectFile::open(path).take(); // killed, it holds nothing any more
        QVERIFY(!third.file.readOnly());
        auto same = ProjectFile::open(path).take(); // one program may open it twice
        QVERIFY(!same.file.readOnly());
        QVERIFY(bool(third.file.save(titled("theirs"))));
        close(said[0]), close(said[1]);
    }

    void whatWasTakenAwayIsSaidAndCanBeRescued()
    {
        const std::string path = at("taken.lantern"), rescue = at("rescued.lantern");
        Project p = titled("here");
        auto file = ProjectFile::create(path, p).take();
        QVERIFY(!file.gone() && bool(file.save(p)));
        QVERIFY(QFile::remove(QString::fromStdString(path)));
        p.brief.title = "the last edit";
        const auto saved = file.save(p);
        QVERIFY(!saved && saved.error().kind == ErrorKind::Missing && file.gone());
        const auto went = file.continueIn(rescue, p);
        QVERIFY2(bool(went), went ? "" : went.error().sentence.c_str());
        QVERIFY(!file.gone() && bool(file.save(p))); // it goes on there
        auto opened = ProjectFile::open(rescue).take();
        QCOMPARE(opened.project.brief.title, std::string("the last edit"));
        QVERIFY(!opened.project.references.empty() && opened.note.empty());
        for (const Reference& r : opened.project.references)
            QVERIFY(r.pixels.bytes()); // its pictures came with it
        // Renamed it is not gone.
        const QString renamed = QString::fromStdString(at("renamed.lantern"));
        QVERIFY(QFile::rename(QString::fromStdString(rescue), renamed));
        QVERIFY(!opened.file.gone());
    }
};

RL_TEST(TestMedium)
#include "tst_medium.moc"
