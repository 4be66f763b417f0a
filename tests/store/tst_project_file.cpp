#include "core/project/edits.h"
#include "store/project_file.h"
#include "store/saver.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <sys/resource.h>

using namespace rl;
using store::ProjectFile;

class TestProjectFile : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return kit::pathIn(m_dir.path(), name).toStdString(); }
    QByteArray bytesOf(const std::string& path) const
    {
        QFile f(QString::fromStdString(path));
        return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
    }

private slots:
    void everythingComesBack()
    {
        Project p = kit::postWork(123, 45);
        p.brief.title = "Łódź · 潮 “quotes” \\ \"";
        p.brief.unit = LengthUnit::Inch;
        p.cutouts[0].pieces = {{{{{1.5, 2.5}, true}, {{3, 4}, false}, {{5, 1}, true}}, true}};
        p.elements[0].form = Form::Column;
        p.elements[0].material = Material::Wet;
        p.elements[0].ownLightSet = true;
        p.elements[0].ownLight = {200, -10, 0.8};
        p.lights.lanterns = {{11, "Łamp", false, {1, 2, 3}, 0.2, 1900, 3, 0.7}};
        p.setAside["read.melts:4"] = "on purpose";
        p.sheets.paper = "Letter", p.sheets.overlapCm = 1.5, p.sheets.gridCm = 2.54;
        p.sheets.fit = CanvasFit::Inset, p.sheets.traced = {"B3", "#12"}, p.sheets.canvasWidthCm = 70;
        p.lastId = 40;
        const std::string path = at("whole.lantern");
        QVERIFY(bool(ProjectFile::create(path, p)));
        auto opened = ProjectFile::open(path);
        QVERIFY2(bool(opened), opened ? "" : opened.error().detail.c_str());
        const Project q = opened.take().project;
        QVERIFY(q.brief == p.brief && q.elements == p.elements && q.camera == p.camera && q.backdrop == p.backdrop
            && q.lights == p.lights && q.sheets == p.sheets);
        QVERIFY(q.setAside == p.setAside && q.lastId == p.lastId);
        QVERIFY(q.cutouts[0].pieces == p.cutouts[0].pieces && q.cutouts[0].bandPx == p.cutouts[0].bandPx);
        QCOMPARE(std::memcmp(q.cutouts[0].alpha.data(), p.cutouts[0].alpha.data(), p.cutouts[0].alpha.size()), 0);
        QCOMPARE(*q.references[0].pixels.bytes(), *p.references[0].pixels.bytes()); // byte for byte
        QCOMPARE(q.references[0].credit, p.references[0].credit);
    }

    void whatIsSaidOfPicturesAndCutOutsComesBack()
    {
        Project p = kit::postWork();
        Reference& r = p.references[0];
        r.source = "an attic", r.notes = "only the hands", r.heap = "caravan";
        r.roles = 1U << int(Role::Face) | 1U << int(Role::Palette);
        r.hung = true, r.wallAt = {1.5, -2};
        r.overrule.lightSet = true, r.overrule.light = {123, 45, 1};
        p.lead = r.id;
        Cutout& c = p.cutouts[0];
        c.pins = {{{1, 2}, {3, 4}}, {{5, 6}, {7, 8}}};
        c.grounds = {{{4, 5}, 12}};
        c.strokes = Mask::filled(60, 420, 128);
        p.elements[0].tone = {10, 20, 90, 80, 1, -2, 0.7, 1.4};
        p.elements[0].feet = {{0.25, 0.8, false}, {0.75, 0, true}};
        p.backdrop.dimL = 7;
        const auto path = std::filesystem::path(m_dir.filePath("said.lantern").toStdString());
        QVERIFY(bool(ProjectFile::create(path, p)));
        const auto opened = ProjectFile::open(path);
        QVERIFY(bool(opened));
        const Project& q = opened->project;
        QCOMPARE(q.references[0].source, r.source);
        QCOMPARE(q.references[0].notes, r.notes);
        QCOMPARE(q.references[0].heap, r.heap);
        QCOMPARE(q.references[0].roles, r.roles);
        QVERIFY(q.references[0].hung && q.references[0].wallAt == r.wallAt);
        QVERIFY(q.references[0].overrule == r.overrule);
        QCOMPARE(q.lead, p.lead);
        QVERIFY(q.cutouts[0].pins == c.pins && q.cutouts[0].grounds == c.grounds);
        QCOMPARE(int(q.cutouts[0].strokes.at(30, 200)), 128);
        QVERIFY(q.elements[0] == p.elements[0]);
        QCOMPARE(q.backdrop.dimL, 7.0);
    }

    void milestonesCanBeGoneBackTo()
    {
        const std::string path = at("milestones.lantern");
        Project p = kit::postWork();
        p.brief.title = "first";
        auto file = ProjectFile::create(path, p).take();
        QVERIFY(bool(file.addMilestone("before the storm")));
        p.brief.title = "second";
        QVERIFY(bool(file.save(p)));
        const auto all = file.milestones();
        QVERIFY(all && all->size() == 1 && all->front().name == "before the storm" && all->front().when.size() == 20);
        QCOMPARE(QString::fromStdString(file.projectAt(all->front().id)->brief.title), QString("first"));
        QVERIFY(file.projectAt(999).error().kind == ErrorKind::Missing);
        QCOMPARE(QString::fromStdString(ProjectFile::open(path).take().project.brief.title), QString("second"));
    }

    void badFilesGetOneClearSentence_data()
    {
        const std::string path = at("good.lantern");
        QVERIFY(bool(ProjectFile::create(path, kit::postWork())));
        const QByteArray good = bytesOf(path);
        QByteArray scrambled = good, noise(20000, 0), foreign = good;
        for (qsizetype i = 0; i < noise.size(); ++i)
            noise[i] = char((i * 7919) >> 3);
        for (qsizetype i = 4096; i < scrambled.size(); i += 3)
            scrambled[i] = char(i);
        foreign[68] = 'X'; // the application id
        QTest::addColumn<QByteArray>("bytes");
        QTest::newRow("empty") << QByteArray();
        QTest::newRow("random bytes") << noise;
        QTest::newRow("text") << QByteArray("hello");
        QTest::newRow("truncated to a page") << good.left(4096);
        QTest::newRow("truncated to half") << good.left(good.size() / 2);
        QTest::newRow("truncated in the header") << good.left(50);
        QTest::newRow("scrambled inside") << scrambled;
        QTest::newRow("a database of something else") << foreign;
    }
    void badFilesGetOneClearSentence()
    {
        QFETCH(QByteArray, bytes);
        const std::string path = at("bad.lantern");
        QVERIFY(kit::writeBytes(QString::fromStdString(path), bytes));
        const auto opened = ProjectFile::open(path);
        QVERIFY(!opened);
        const QString sentence = QString::fromStdString(opened.error().sentence);
        QVERIFY2(!sentence.isEmpty() && sentence.endsWith('.') && sentence.count('\n') == 0, qPrintable(sentence));
        QCOMPARE(bytesOf(path), bytes); // and it was left as it was
    }

    void aMissingFileIsSaidToBeMissing()
    {
        QVERIFY(ProjectFile::open(at("nowhere.lantern")).error().kind == ErrorKind::Missing);
    }

    void aFileOfALaterVersionOpensForReadingOnly()
    {
        const std::string path = at("future.lantern");
        QVERIFY(bool(ProjectFile::create(path, kit::postWork())));
        QByteArray bytes = bytesOf(path);
        bytes[63] = 9; // user version, big-endian at 60
        QVERIFY(kit::writeBytes(QString::fromStdString(path), bytes));
        auto opened = ProjectFile::open(path).take();
        QVERIFY(opened.file.readOnly() && QString::fromStdString(opened.note).contains("later version"));
        QCOMPARE(opened.project.elements.size(), std::size_t(1));
        const auto saved = opened.file.save(opened.project);
        QVERIFY(!saved && saved.error().kind == ErrorKind::NotWritable);
        QCOMPARE(bytesOf(path), bytes);
    }

    void aDescriptionThatLiesIsRepaired()
    {
        // NaN, absurd units and dangling ids come from hand-edited files.
        Project p = kit::postWork();
        p.elements[0].heightM = 1e12;
        p.elements[0].cast = 4711;
        const std::string path = at("lies.lantern");
        QVERIFY(bool(ProjectFile::create(path, p)));
        const Project q = ProjectFile::open(path).take().project;
        QVERIFY(q.elements[0].heightM <= 2000);
        QCOMPARE(q.elements[0].cast, 0);
    }

    void aFullDiskLosesOnlyTheLastChange()
    {
        const std::string path = at("full.lantern");
        Project p = kit::postWork();
        p.brief.title = "kept";
        auto file = ProjectFile::create(path, p).take();
        // No file of this process may grow past what it is now.
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        getrlimit(RLIMIT_FSIZE, &before);
        const rlimit tight{rlim_t(QFile(QString::fromStdString(path)).size()), before.rlim_max};
        setrlimit(RLIMIT_FSIZE, &tight);
        Project larger = p;
        larger.brief.title = "lost";
        std::vector<Rgb8> grain(700 * 700);
        for (std::size_t i = 0; i < grain.size(); ++i)
            grain[i] = {std::uint8_t(i * 31), std::uint8_t(i * 17 >> 3), std::uint8_t(i * 7 >> 5)};
        larger = edits::withReference(larger, kit::referenceOf("grain", {700, 700, grain}));
        const auto saved = file.save(larger);
        setrlimit(RLIMIT_FSIZE, &before);
        QVERIFY(!saved && saved.error().kind == ErrorKind::Full);
        QVERIFY(QString::fromStdString(saved.error().sentence).endsWith('.'));
        QCOMPARE(QString::fromStdString(ProjectFile::open(path).take().project.brief.title), QString("kept"));
        p.brief.title = "and goes on";
        QVERIFY(bool(file.save(p))); // once there is room again
    }

    void nothingIsOverwrittenWhenCreationFails()
    {
        QVERIFY(!ProjectFile::create(at("no/such/folder.lantern"), kit::postWork()));
        const std::string path = at("stays.lantern");
        QVERIFY(kit::writeBytes(QString::fromStdString(path), "something else"));
        QVERIFY(!ProjectFile::open(path));
        QCOMPARE(bytesOf(path), QByteArray("something else"));
    }

    void previewsAreKeptApart()
    {
        const std::string path = at("preview.lantern");
        auto file = ProjectFile::create(path, kit::postWork()).take();
        QVERIFY(ProjectFile::previewOf(path).empty());
        const std::vector<unsigned char> picture{9, 8, 7};
        QVERIFY(bool(file.setPreview(picture)));
        QCOMPARE(ProjectFile::previewOf(path), picture);
        QVERIFY(ProjectFile::previewOf(at("nowhere.lantern")).empty());
    }

    void theSaverWritesInOrderAndWaits()
    {
        const std::string path = at("saver.lantern");
        Project p = kit::postWork();
        {
            store::Saver saver(ProjectFile::create(path, p).take(),
                store::Saver::Heard{[](const Error& e) { QFAIL(e.sentence.c_str()); }});
            for (int i = 0; i < 40; ++i) {
                p.brief.title = "edit " + std::to_string(i);
                saver.save(p);
            }
        }
        QCOMPARE(QString::fromStdString(ProjectFile::open(path).take().project.brief.title), QString("edit 39"));
    }
};

RL_TEST(TestProjectFile)
#include "tst_project_file.moc"
