#include "core/project/painting_edits.h"
#include "core/survey/canvas_view.h"
#include "devices/camera.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;

/// The plan of work, stages, survey, log and record on the command line.
class TestWork : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) { return m_dir.filePath(name).toStdString(); }
    std::string work(const std::function<void(Project&)>& change = {})
    {
        Project p = kit::postWork();
        p.brief.title = "Post";
        p.painting.diary.hours = {{1, 1140, 1260}, {5, 600, 780}};
        if (change)
            change(p);
        const std::string file = at("post.lantern");
        (void)store::ProjectFile::create(file, p);
        return file;
    }
    static QByteArray read(const std::string& file)
    {
        QFile f(QString::fromStdString(file));
        return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
    }
    static Photo chequers()
    {
        cv::Mat m(400, 600, CV_8UC3, cv::Scalar(90, 110, 140));
        for (int i = 0; i < 24; ++i)
            cv::circle(m, {40 + (i * 97) % 540, 40 + (i * 61) % 330}, 14 + i,
                cv::Scalar(40 + i * 8, 200 - i * 6, 60 + (i * 37) % 160), cv::FILLED, cv::LINE_AA);
        return Photo::fromMat(m);
    }

private slots:
    void thePlanIsToldAndWritten()
    {
        const auto [code, j] = kit::lantern({"plan", work(), "--now", "2031-03-03T18:00", "--ics", at("p.ics"),
            "--sitting", "2", "-o", at("next.pdf")});
        QCOMPARE(code, 0);
        QVERIFY(j["tasks"].size() > 8 && j["sittings"].size() > 2 && !j["assumed_hours"].get<bool>());
        QVERIFY(j["finish_from"].get<std::string>() <= j["finish"].get<std::string>()
            && j["finish"].get<std::string>() <= j["finish_to"].get<std::string>());
        std::string last;
        for (const auto& s : j["sittings"]) {
            QVERIFY(last <= s["from"].get<std::string>());
            last = s["to"].get<std::string>();
            const std::string clock = s["from"].get<std::string>().substr(11);
            QVERIFY(clock == "19:00" || clock == "10:00");
        }
        QVERIFY(read(at("p.ics")).count("BEGIN:VEVENT") == int(j["sittings"].size()));
        QCOMPARE(kit::pdfPages(m_dir.filePath("next.pdf")), 1);
    }
    void anotherCalendarTakesItsHours()
    {
        const QByteArray ics = "BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART;VALUE=DATE:20310304\nDTEND;VALUE=DATE:"
                               "20310320\nEND:VEVENT\nEND:VCALENDAR\n";
        QVERIFY(kit::writeBytes(m_dir.filePath("away.ics"), ics));
        const std::string file = work();
        const auto [code, j] = kit::lantern({"plan", file, "--now", "2031-03-03T18:00", "--busy", at("away.ics")});
        QCOMPARE(code, 0);
        QVERIFY(j["sittings"][0]["from"].get<std::string>() >= "2031-03-20");
        const auto [free, k] = kit::lantern({"plan", file, "--now", "2031-03-03T18:00", "--free", at("away.ics")});
        QCOMPARE(free, 0);
        QVERIFY(k["finish"].get<std::string>() < j["finish"].get<std::string>());
    }
    void stagesAreWritten()
    {
        const auto [code, j] = kit::lantern({"stages", work(), "-o", at("stages")});
        QCOMPARE(code, 0);
        QVERIFY(j["stages"].size() > 8);
        for (const auto& s : j["stages"]) {
            const auto picture = store::readPicture(std::filesystem::path(s["picture"].get<std::string>()));
            QVERIFY(picture && picture->pixels.width() == 1225);
        }
    }
    void aPhotographIsHeldAgainstAPicture()
    {
        const Photo plan = chequers();
        devices::SimulatedEasel::Room room;
        room.longPx = 1500;
        devices::SimulatedEasel easel(60, 40, room);
        easel.setCanvas(plan, {{{20, 20}, 12, {4, 0}}});
        (void)store::writeFile(at("plan.png"), store::encodePng(plan));
        (void)store::writeFile(at("photo.png"), store::encodePng(*easel.photograph()));
        QVERIFY(
            kit::writeBytes(m_dir.filePath("at.json"), R"({"landmarks":[[20,20],[50,30]],"zones":[[10,10,20,20]]})"));
        std::string corners;
        for (const Vec2 c : easel.view().corners())
            corners += (corners.empty() ? "" : ",") + std::to_string(c.x) + "," + std::to_string(c.y);
        const auto [code, j] = kit::lantern({"survey", at("plan.png"), at("photo.png"), "--canvas-cm", "60,40", "--at",
            at("at.json"), "--corners", corners, "-o", at("flat.png")});
        QCOMPARE(code, 0);
        QVERIFY(j["found"].get<bool>() && j["landmarks"].size() == 2 && j["zones"].size() == 1);
        QVERIFY(std::abs(j["landmarks"][0]["dx_mm"].get<double>() - 4) < 1
            && std::abs(j["landmarks"][1]["dx_mm"].get<double>()) < 1);
        QVERIFY(store::readPicture(std::filesystem::path(at("flat.png")))->pixels.width() == 1600);
        const auto [alone, k] = kit::lantern({"survey", at("plan.png"), at("photo.png"), "--canvas-cm", "60,40"});
        QCOMPARE(alone, 0);
        for (std::size_t i = 0; i < 4; ++i) {
            const Vec2 truth = easel.view().corners()[i];
            QVERIFY(
                std::hypot(k["corners_px"][i][0].get<double>() - truth.x, k["corners_px"][i][1].get<double>() - truth.y)
                < 4);
        }
        // The same against a work: its own stage, its landmarks by name.
        const auto [whole, w] = kit::lantern({"survey", work(), at("photo.png"), "--corners", corners});
        QCOMPARE(whole, 0);
        QVERIFY(w.contains("parts") && w.contains("findings") && w["landmarks"].size() > 3
            && w["landmarks"][0].contains("name"));
    }
    void badInputGetsASentence_data()
    {
        QTest::addColumn<QStringList>("words");
        const QString here = m_dir.path();
        QTest::newRow("no such work") << QStringList{"plan", here + "/none.lantern"};
        QTest::newRow("no work") << QStringList{"plan", here + "/at.json"};
        QTest::newRow("a time in words") << QStringList{"plan", here + "/post.lantern", "--now", "tomorrow"};
        QTest::newRow("no such sitting") << QStringList{
            "plan", here + "/post.lantern", "--now", "2031-01-01T10:00", "--sitting", "999", "-o", here + "/x.pdf"};
        QTest::newRow("no calendar") << QStringList{"plan", here + "/post.lantern", "--busy", here + "/at.json"};
        QTest::newRow("a photograph that is none") << QStringList{"survey", here + "/plan.png", here + "/at.json"};
        QTest::newRow("places that are none")
            << QStringList{"survey", here + "/plan.png", here + "/photo.png", "--at", here + "/plan.png"};
        QTest::newRow("no width") << QStringList{
            "survey", here + "/plan.png", here + "/photo.png", "--canvas-cm", "0,40"};
        QTest::newRow("five corners") << QStringList{
            "survey", here + "/plan.png", here + "/photo.png", "--corners", "1,2,3,4,5"};
        QTest::newRow("nowhere to write") << QStringList{"record", here + "/post.lantern", "-o", "/nowhere/at/all.pdf"};
        QTest::newRow("tags nowhere") << QStringList{"tags", "-o", "/nowhere/at/all.pdf"};
    }
    void badInputGetsASentence()
    {
        QFETCH(QStringList, words);
        (void)work();
        if (!QFile::exists(m_dir.filePath("at.json")))
            QVERIFY(kit::writeBytes(m_dir.filePath("at.json"), "{}"));
        std::vector<std::string> all;
        for (const QString& w : words)
            all.push_back(w.toStdString());
        const auto [code, j] = kit::lantern(all);
        QCOMPARE(code, 2);
    }
    void theLogIsTold()
    {
        const std::string file = work([](Project& p) {
            Sitting s;
            s.began = 1'900'000'000, s.notes = "slow";
            s.spans = {{"pass:0", WorkKind::Pass, 0, s.began, 5400}};
            p = edits::withSitting(std::move(p), s);
            Decision d;
            d.words = "no kite", d.scrapped = true;
            p = edits::withDecision(std::move(p), d);
        });
        const auto [code, j] = kit::lantern({"log", file});
        QCOMPARE(code, 0);
        QVERIFY(std::abs(j["hours"].get<double>() - 1.5) < 1e-9 && j["sittings"][0]["notes"] == "slow"
            && j["decisions"][0]["scrapped"].get<bool>());
        std::string page;
        QCOMPARE(kit::lantern({"log", file, "--csv"}, nullptr, &page).first, 0);
        QVERIFY(page.starts_with("what,sitting") && page.find("no kite") != std::string::npos);
    }
    void theRecordGoesWithTheWork()
    {
        const std::string file = work([](Project& p) {
            p.painting.signature = "M. 31";
            p.brief.facts = {{p.freshId(), "seven spokes", "a drawing", 0, true}};
        });
        const auto [code, j] = kit::lantern({"record", file, "--now", "2031-03-03T18:00"});
        QCOMPARE(code, 0);
        QVERIFY(j["title"] == "Post" && j["signature"] == "M. 31" && j["facts"][0]["checked"].get<bool>()
            && j["stages"].size() > 8);
        QCOMPARE(kit::lantern({"record", file, "-o", at("r.pdf")}).first, 0);
        QVERIFY(kit::pdfPages(m_dir.filePath("r.pdf")) >= 1);
        QCOMPARE(kit::lantern({"record", file, "-o", at("r.json")}).first, 0);
        QVERIFY(read(at("r.json")).startsWith("{"));
        QCOMPARE(kit::lantern({"tags", "-o", at("tags.pdf")}).first, 0);
        QCOMPARE(kit::pdfPages(m_dir.filePath("tags.pdf")), 1);
    }
    void aSittingUnderWaySurvivesTheEnd()
    {
        const std::string file = work();
        {
            auto opened = store::ProjectFile::open(file);
            QVERIFY(bool(opened));
            store::ProjectFile f = std::move(opened.take().file);
            Sitting s;
            s.began = 1'900'000'000;
            s.spans = {{"pass:0", WorkKind::Pass, 0, s.began, 100}};
            for (int i = 0; i < 5; ++i) {
                s.spans[0].seconds += 1;
                QVERIFY(bool(f.keepRunning(s)));
            }
        } // nobody ended it
        for (int again = 0; again < 2; ++again) {
            auto opened = store::ProjectFile::open(file);
            QVERIFY(bool(opened));
            auto o = opened.take();
            QCOMPARE(int(o.project.painting.sittings.size()), 1);
            QCOMPARE(o.project.painting.sittings[0].spans[0].seconds, 105.0);
            QVERIFY(again || o.note.find("kept: 2 min") != std::string::npos);
            if (!again)
                QVERIFY(bool(o.file.save(o.project))); // it is among the others now, and comes once
        }
        auto opened = store::ProjectFile::open(file);
        auto o = opened.take();
        QVERIFY(bool(o.file.dropRunning()) && bool(o.file.dropRunning()));
    }
    void paintingComesBackFromTheFile()
    {
        Painting kept;
        const std::string file = work([&](Project& p) {
            p.painting.humidity = 71, p.painting.dryer = 1, p.painting.signatureAt = {3, 4},
            p.painting.from = "2031-02-03";
            p.painting.diary.days = {{"2031-03-03", 60, 120, true}};
            TaskOverride w;
            w.task = "own:99", w.words = "gild", w.kind = WorkKind::Glaze, w.hours = 2.5, w.before = "sign",
            w.pieces = 3, w.done = true;
            p = edits::withTaskWord(std::move(p), w);
            p = edits::withTolerance(std::move(p), p.elements[0].id, 2.5);
            Sitting s;
            s.began = 5'000'000'000, s.utcMinutes = -570, s.pausedSeconds = 12, s.paints = "PB29";
            s.spans = {{"own:99", WorkKind::Glaze, p.elements[0].id, 5'000'000'001, 77.5}};
            p = edits::withSitting(std::move(p), s);
            Reference r = kit::referenceOf("canvas", kit::plain(40, 30, {9, 9, 9}));
            p = edits::withCanvasPhoto(
                std::move(p), r, {0, 0, 1'900'000'000, "block", {{1, 2}, {38, 2}, {38, 28}, {1, 28}}, {}});
            p = edits::withAccepted(std::move(p), {0, p.painting.photos[0].id, {1, 2, 3, 4}});
            kept = p.painting;
        });
        auto opened = store::ProjectFile::open(file);
        QVERIFY(bool(opened));
        QVERIFY(opened.take().project.painting == kept);
    }
};

RL_TEST(TestWork)
#include "tst_work.moc"
