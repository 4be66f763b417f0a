#include "core/project/edits.h"
#include "store/project_file.h"
#include "store/saver.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <sqlite3.h>

using namespace rl;
using store::ProjectFile;

/// What a file forgets, keeps, salvages and refuses.
class TestMendedFile : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return kit::pathIn(m_dir.path(), name).toStdString(); }
    static void sql(const std::string& path, const char* words)
    {
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.c_str(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, words, nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
    }
    static int count(const std::string& path, const char* words)
    {
        sqlite3* db = nullptr;
        int n = -1;
        sqlite3_open(path.c_str(), &db);
        sqlite3_exec(
            db, words, [](void* out, int, char** cell, char**) { return *static_cast<int*>(out) = atoi(cell[0]), 0; },
            &n, nullptr);
        sqlite3_close(db);
        return n;
    }
    /// A work with two grainy pictures, one of them the backdrop.
    static Project twoPictures()
    {
        Project p = kit::postWork();
        for (int k = 1; k <= 2; ++k) {
            std::vector<Rgb8> grain(300 * 200);
            for (std::size_t i = 0; i < grain.size(); ++i)
                grain[i] = {std::uint8_t(i * std::size_t(31 * k)), std::uint8_t(i * 17 >> 3), std::uint8_t(i * 7 >> k)};
            p = edits::withReference(std::move(p), kit::referenceOf("grain " + std::to_string(k), {300, 200, grain}));
        }
        return p;
    }

private slots:
    void whatNothingNeedsIsForgotten()
    {
        const std::string path = at("tidy.lantern");
        Project p = twoPictures();
        auto file = ProjectFile::create(path, p).take();
        const int wide = p.references[0].pixels.width(), high = p.references[0].pixels.height();
        const int blobs = count(path, "SELECT count(*) FROM blob");
        // Strokes leave a matte each time.
        for (int i = 0; i < 6; ++i) {
            std::vector<std::uint8_t> strokes(std::size_t(wide) * std::size_t(high), 128);
            for (std::size_t k = 0; k < strokes.size(); ++k)
                strokes[k] = std::uint8_t((k >> (i + 1)) % 2 * 255);
            p.cutouts[0].strokes = Mask(wide, high, strokes);
            QVERIFY(bool(file.save(p)));
        }
        QVERIFY(count(path, "SELECT count(*) FROM blob") >= blobs + 6);
        QVERIFY(bool(file.addMilestone("here")));
        Project earlier = p;
        earlier.cutouts[0].strokes
            = Mask(wide, high, std::vector<std::uint8_t>(std::size_t(wide) * std::size_t(high), 255));
        QVERIFY(bool(file.save(earlier)));
        QVERIFY(bool(file.save(p)));
        const auto kept = file.tidy({earlier}); // an undo step still needs its strokes
        QVERIFY(kept && kept->pictures == 5 && kept->bytes > 0);
        QCOMPARE(count(path, "SELECT count(*) FROM blob"), blobs + 2);
        QVERIFY(bool(file.save(earlier)) && file.tidy()->pictures == 0); // the milestone's and the work's own
        QCOMPARE(int(ProjectFile::open(path)->project.cutouts[0].strokes.at(1, 0)), 255);
        QCOMPARE(int(file.projectAt(file.milestones()->front().id)->cutouts[0].strokes.at(1, 0)), 0);
    }

    void milestonesKeepTheirPictureAndCanBeTakenAway()
    {
        auto file = ProjectFile::create(at("points.lantern"), kit::postWork()).take();
        const std::vector<unsigned char> picture{1, 2, 3};
        QVERIFY(file.addMilestone("with a picture", picture) && file.addMilestone("without"));
        const auto all = *file.milestones();
        QCOMPARE(all.size(), std::size_t(2));
        const int with = all[0].name == "with a picture" ? all[0].id : all[1].id;
        QCOMPARE(file.milestonePicture(with), picture);
        QVERIFY(bool(file.withoutMilestone(with)));
        QVERIFY(file.milestones()->size() == 1 && file.milestonePicture(with).empty());
    }

    void aDamagedPictureIsNamedAndTheWorkOpens()
    {
        const std::string path = at("one-gone.lantern");
        const Project p = twoPictures();
        QVERIFY(bool(ProjectFile::create(path, p)));
        const std::string sha = p.references.back().sha256();
        sql(path, ("UPDATE blob SET bytes = x'00' WHERE sha256 = '" + sha + "'").c_str());
        auto opened = ProjectFile::open(path).take();
        QVERIFY(opened.note.empty()); // what is in it is read when it is looked at
        NoProgress progress;
        const auto wrong = opened.file.check(progress);
        QVERIFY(wrong && wrong->size() == 1 && wrong->front().find("grain 2") != std::string::npos);
        QCOMPARE(opened.project.references.size(), p.references.size());
        QVERIFY(opened.project.references.back().pixels.photo().empty()
            && opened.project.references.back().pixels.missing());
        QVERIFY(!opened.project.references[1].pixels.photo().empty());
        QVERIFY(bool(opened.file.save(opened.project))); // saving overwrites nothing
        QCOMPARE(ProjectFile::open(path)->project.references.back().sha256(), sha);
    }

    void whatCanBeReadIsSalvagedAsACopy()
    {
        const std::string path = at("broken.lantern");
        const Project p = twoPictures();
        {
            auto file = ProjectFile::create(path, p).take();
            QVERIFY(bool(file.addMilestone("kept point")));
            QVERIFY(bool(file.keepState()));
        }
        QFile f(QString::fromStdString(path));
        QVERIFY(f.open(QIODevice::ReadWrite));
        const QByteArray whole = f.readAll();
        // Pages of one picture are scrambled, up to its last bytes.
        QByteArray bytes = whole;
        const qsizetype end = bytes.lastIndexOf("IEND");
        QVERIFY(end > 9000);
        for (qsizetype i = end - 9000; i < end + 4; ++i)
            bytes[i] = char(i * 31);
        f.seek(0), f.write(bytes), f.close();
        QCOMPARE(ProjectFile::open(path).error().kind, ErrorKind::Damaged);
        const auto saved = ProjectFile::salvage(path);
        QVERIFY2(bool(saved), saved ? "" : saved.error().sentence.c_str());
        QCOMPARE(QString::fromStdString(saved->file.path().filename().string()), QString("broken (salvaged).lantern"));
        QVERIFY(saved->project.elements == p.elements && saved->project.references.size() == p.references.size());
        QVERIFY2(QString::fromStdString(saved->note).contains("damaged"), saved->note.c_str());
        QVERIFY(f.open(QIODevice::ReadOnly) && f.readAll() == bytes); // the damaged file is as it was
        f.close();
        // Nothing of it left: its newest good state lies beside it.
        QVERIFY(kit::writeBytes(QString::fromStdString(path), whole.left(300) + QByteArray(5000, 'x')));
        const auto none = ProjectFile::salvage(path);
        QVERIFY(!none && QString::fromStdString(none.error().sentence).contains("broken.lantern~"));
        const auto kept = ProjectFile::openKeptState(path);
        QVERIFY(kept && kept->project.elements == p.elements);
        QCOMPARE(ProjectFile::openKeptState(at("never.lantern")).error().kind, ErrorKind::Missing);
    }

    void aWordOfALaterVersionIsRefused_data()
    {
        QTest::addColumn<QByteArray>("from");
        QTest::addColumn<QByteArray>("to");
        QTest::newRow("material") << QByteArray("\"material\":\"matt\"") << QByteArray("\"material\":\"velvet\"");
        QTest::newRow("form") << QByteArray("\"form\":\"card\"") << QByteArray("\"form\":\"folded\"");
        QTest::newRow("unit") << QByteArray("\"unit\":\"cm\"") << QByteArray("\"unit\":\"ell\"");
    }
    void aWordOfALaterVersionIsRefused()
    {
        QFETCH(QByteArray, from);
        QFETCH(QByteArray, to);
        const std::string path = at("words.lantern");
        QFile::remove(QString::fromStdString(path));
        QVERIFY(bool(ProjectFile::create(path, kit::postWork())));
        const int had = count(path, ("SELECT instr(description, '" + from.toStdString() + "') > 0 FROM work").c_str());
        QVERIFY2(had == 1, "the word is not in the file");
        sql(path,
            ("UPDATE work SET description = replace(description, '" + from.toStdString() + "', '" + to.toStdString()
                + "')")
                .c_str());
        const auto opened = ProjectFile::open(path);
        QVERIFY(!opened);
        QCOMPARE(opened.error().kind, ErrorKind::Newer);
        QVERIFY(QString::fromStdString(opened.error().sentence).endsWith('.'));
        QCOMPARE(count(path, ("SELECT instr(description, '" + to.toStdString() + "') > 0 FROM work").c_str()), 1);
    }

    void aSlowDiskIsNotWaitedFor()
    {
        const std::string path = at("slow.lantern");
        Project p = kit::postWork();
        store::Saver saver(ProjectFile::create(path, p).take(),
            store::Saver::Heard{[](const Error& e) { QFAIL(e.sentence.c_str()); }});
        std::atomic<bool> go = false;
        saver.post([&](ProjectFile&) {
            while (!go)
                std::this_thread::sleep_for(std::chrono::milliseconds(1));
        });
        for (int i = 0; i < 200; ++i) { // comes back at once, though nothing can be written yet
            p.brief.title = "edit " + std::to_string(i);
            saver.save(p);
        }
        QVERIFY(saver.busy());
        go = true;
        saver.wait();
        QCOMPARE(QString::fromStdString(ProjectFile::open(path)->project.brief.title), QString("edit 199"));
    }

    void anOlderFileKeepsItsComposition()
    {
        // Format 1 knew no foot: it was the middle of the box.
        const std::string path = at("older.lantern");
        QVERIFY(bool(ProjectFile::create(path, kit::postWork())));
        sql(path,
            "UPDATE work SET description = replace(description, '\"format\":2', '\"format\":1'); PRAGMA "
            "user_version=1");
        sql(path, "UPDATE work SET description = replace(description, '\"footShare\":-1.0,', '')");
        const auto opened = ProjectFile::open(path);
        QVERIFY2(bool(opened), opened ? "" : opened.error().sentence.c_str());
        QCOMPARE(opened->project.elements[0].footShare, 0.5);
    }
};

RL_TEST(TestMendedFile)
#include "tst_mended_file.moc"
