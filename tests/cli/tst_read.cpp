#include "core/colour/srgb.h"
#include "core/project/brief_edits.h"
#include "core/project/takes.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <opencv2/imgcodecs.hpp>

using namespace rl;
using kit::lantern;
using nlohmann::json;

/// The commands that read, study and report.
class TestReadCommands : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return m_dir.filePath(name).toStdString(); }

private slots:
    void initTestCase()
    {
        const auto p = kit::pictureBy(480, 320, 60, [](double x, double y) {
            return std::hypot(x - 160, y - 160) < 50 ? kit::Pixel{1, 92}
                : std::hypot(x - 330, y - 160) < 40  ? kit::Pixel{2, 40, 20, 10}
                                                     : kit::Pixel{0, 50};
        });
        QVERIFY(bool(store::writeFile(at("p.png"), store::encodePng(colour::codeOf(p.colour)))));
        cv::Mat ids;
        p.ids.mat().convertTo(ids, CV_8U);
        QVERIFY(cv::imwrite(at("ids.png"), ids));
        Project work = kit::postWork();
        work.elements[0].cast = 1;
        work = edits::withIdea(std::move(work), "Alone");
        work
            = edits::withClue(std::move(work), work.brief.ideas[0].id, Clue{0, "the post", 1, work.elements[0].id, {}});
        QVERIFY(bool(store::ProjectFile::create(at("w.lantern"), work)));
    }

    void everythingReadIsTold_data()
    {
        QTest::addColumn<bool>("work");
        QTest::newRow("of a work") << true;
        QTest::newRow("of a picture") << false;
    }
    void everythingReadIsTold()
    {
        QFETCH(bool, work);
        const auto [code, j] = work
            ? lantern({"read", at("w.lantern")})
            : lantern({"read", at("p.png"), "--ids", at("ids.png"), "--canvas-cm", "60,40", "--distance-cm", "150"});
        QCOMPARE(code, 0);
        for (const char* key :
            {"order", "share", "driver", "drivers", "glances", "leak", "edges", "silhouettes", "tangents", "values",
                "clues", "parts", "places", "colours", "planned_edges", "repeats", "merged", "skyline", "faces"})
            QVERIFY2(j.contains(key), key);
        QCOMPARE(j["order"].size(), j["share"].size());
        QCOMPARE(j["edges"].size(), j["order"].size());
        QCOMPARE(j["clues"].size(), std::size_t(work ? 1 : 0));
        QCOMPARE(j["values"]["planes"].size() > 0, work); // a picture's depths are not known
        if (!work) {
            QCOMPARE(j["order"][0].get<int>(), 1);
            QVERIFY(j["edges"][0]["width_mm"].get<double>() < 5);
        }
    }

    void aStudyNamesItsParts()
    {
        const auto [code, j]
            = lantern({"study", at("p.png"), "--regions", "3", "--name", "1=the moon", "-o", at("s.pdf")});
        QCOMPARE(code, 0);
        QCOMPARE(j["regions"].size(), std::size_t(2));
        QCOMPARE(j["regions"][0]["name"].get<std::string>(), std::string("the moon"));
        QVERIFY(j["eye_level"].is_null() && j["told"].size() >= 4);
        QVERIFY(QFile(m_dir.filePath("s.pdf")).size() > 5000);
        std::string err;
        QVERIFY(lantern({"study", at("p.png"), "--name", "moon"}, &err).first != 0 && !err.empty());
        QVERIFY(lantern({"study", at("none.png")}, &err).first != 0 && !err.empty());
    }

    void aReportIsAPdfOrJson()
    {
        QCOMPARE(lantern({"report", at("w.lantern"), "-o", at("r.pdf")}).first, 0);
        QCOMPARE(lantern({"report", at("w.lantern"), "-o", at("r.json")}).first, 0);
        QFile file(m_dir.filePath("r.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const json j = json::parse(file.readAll().toStdString(), nullptr, false);
        QVERIFY(j["findings"].size() >= 2 && j["reading"].contains("order"));
        const auto printed = lantern({"report", at("w.lantern")}).second;
        QCOMPARE(printed["findings"].size(), j["findings"].size());
        QVERIFY(lantern({"report", at("w.lantern"), "-o", at("r.doc")}).first != 0);
    }

    void whatIfTellsBeforeAndAfter()
    {
        const auto [code, j] = lantern({"whatif", at("p.png"), "--ids", at("ids.png"), "--lighter", "-30",
            "--saturation", "0.5", "--element", "1"});
        QCOMPARE(code, 0);
        QVERIFY(j["after"]["share"]["1"].get<double>() <= j["before"]["share"]["1"].get<double>() + 1e-9);
        QVERIFY(lantern({"whatif", at("p.png"), "--lights", "500"}).first != 0);
    }
};

RL_TEST(TestReadCommands)
#include "tst_read.moc"
