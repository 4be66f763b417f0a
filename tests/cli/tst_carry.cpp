#include "core/project/edits.h"
#include "devices/projector.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;

/// carry, export, flow, landmarks and keystone on the command line.
class TestCarryCommands : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return m_dir.filePath(name).toStdString(); }

private slots:
    void initTestCase() { QVERIFY(bool(store::ProjectFile::create(at("w.lantern"), kit::postWork()))); }

    void sheetsSayWhatTheyAre()
    {
        const auto [code, j] = kit::lantern({"carry", at("w.lantern"), "-o", at("a.pdf"), "--paper", "A3", "--lines",
            "0", "--grey", "40", "--mirror", "--scale-correction", "1.004", "--canvas-cm", "50,50"});
        QCOMPARE(code, 0);
        QVERIFY(j["paper"] == "A3" && j["canvas_cm"] == nlohmann::json({50.0, 50.0}));
        QVERIFY(std::abs(j["lost_cm"][0].get<double>() - 20) < 1e-6); // 60×40 onto a square
        QCOMPARE(kit::pdfPages(m_dir.filePath("a.pdf")), j["pages"].get<int>());
        const auto [none, again] = kit::lantern({"carry", at("w.lantern"), "-o", at("r.pdf"), "--what", "recarry",
            "--element", kit::postWork().elements[0].name});
        QVERIFY(none == 0 && again["sheets"].get<int>() >= 1);
    }
    void hostileWishesGetASentence_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("a canvas of half a centimetre") << QStringList{"--canvas-cm", "0.5,0.5"};
        QTest::newRow("a canvas of 30 m") << QStringList{"--canvas-cm", "3000,3000"};
        QTest::newRow("20 m on A5") << QStringList{"--canvas-cm", "2000,2000", "--paper", "A5"};
        QTest::newRow("no such paper") << QStringList{"--paper", "papyrus"};
        QTest::newRow("no such thing") << QStringList{"--what", "recarry", "--element", "Nobody"};
        QTest::newRow("of nothing") << QStringList{"--what", "stencil"};
        QTest::newRow("a printer that doubles") << QStringList{"--scale-correction", "2"};
        QTest::newRow("no PDF") << QStringList{"-o", "x.txt"};
    }
    void hostileWishesGetASentence()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> all{"carry", at("w.lantern")};
        if (!words.contains("-o"))
            all.insert(all.end(), {"-o", at("hostile.pdf")});
        for (const QString& w : words)
            all.push_back(w.toStdString());
        std::string said;
        QCOMPARE(kit::lantern(all, &said).first, 2);
        QVERIFY(!said.empty() && !QFile::exists(m_dir.filePath("hostile.pdf")));
    }
    void landmarksAreListed()
    {
        const auto [code, j] = kit::lantern({"landmarks", at("w.lantern")});
        QVERIFY(code == 0 && j["landmarks"].size() >= 4);
        for (const auto& l : j["landmarks"])
            QVERIFY(l["round_trip_mm"].get<double>() <= 0.5 && !l["name"].get<std::string>().empty());
    }
    void flowIsMeasured()
    {
        std::vector<Rgb8> pixels;
        for (int y = 0; y < 160; ++y)
            for (int x = 0; x < 160; ++x) {
                const auto v
                    = std::uint8_t(128 + 60 * std::sin((x * 0.6 + y * 0.8) * 0.9)); // strands at 36.9° from upright
                pixels.push_back({v, v, v});
            }
        QVERIFY(bool(store::writeFile(at("f.png"), store::encodePng(Photo(160, 160, pixels)))));
        const auto [code, j] = kit::lantern({"flow", at("f.png"), "-o", at("flow.png"), "--step-px", "20"});
        QCOMPARE(code, 0);
        QCOMPARE(j["grid"].size(), std::size_t(64));
        const double wanted = std::atan2(0.6, 0.8) * 180 / 3.14159265358979; // along (0.8, −0.6), y up
        for (const auto& g : j["grid"])
            if (g["at"][0] > 30 && g["at"][0] < 130 && g["at"][1] > 30 && g["at"][1] < 130)
                QVERIFY(std::abs(std::remainder(g["angle_deg"].get<double>() - wanted, 180)) < 3);
        const auto png = store::readMask(at("flow.png"));
        QVERIFY(png && std::abs(png->at(80, 80) * 180 / 255.0 - wanted) < 3);
        QVERIFY(kit::lantern({"flow", at("none.png")}).first == 2);
        QVERIFY(bool(store::writeFile(at("m.png"), store::encodePng(Mask::filled(9, 9, 255)))));
        QVERIFY(kit::lantern({"flow", at("f.png"), "--mask", at("m.png")}).first == 2);
    }
    void theProjectorIsSquaredUp()
    {
        QCOMPARE(kit::lantern({"keystone", "--dots", at("dots.png")}).first, 0);
        devices::SimulatedProjector room(60, 40, 4, 0.6);
        room.show(store::readPicture(std::filesystem::path(at("dots.png")))->pixels);
        QVERIFY(bool(store::writeFile(at("photo.jpg"), store::encodeJpeg(room.photograph(), 92))));
        const auto [code, j] = kit::lantern({"keystone", "--photo", at("photo.jpg"), "--canvas-cm", "60,40", "-o",
            at("warp.json"), "--picture", at("dots.png"), "--bent", at("bent.png")});
        QCOMPARE(code, 0);
        for (int i = 0; i < 4; ++i) {
            const Vec2 px{j["corners_px"][std::size_t(i)][0], j["corners_px"][std::size_t(i)][1]},
                corner{i == 1 || i == 2 ? 60.0 : 0.0, i > 1 ? 40.0 : 0.0};
            const double mm = 10 * (room.canvasAt(px) - corner).length();
            QVERIFY2(mm <= 0.5, qPrintable(QString::number(mm)));
        }
        QVERIFY(QFile::exists(m_dir.filePath("warp.json")) && QFile::exists(m_dir.filePath("bent.png")));
        QVERIFY(kit::lantern({"keystone", "--corners", "0,0,9,0,9,9,0,9", "--canvas-cm", "60,40"}).first == 0);
        QVERIFY(kit::lantern({"keystone", "--corners", "0,0,1,1,2,2,3,3"}).first == 2);
        QVERIFY(kit::lantern({"keystone"}).first == 2);
        QVERIFY(kit::lantern({"keystone", "--photo", at("f.png")}).first == 2); // no dots on it
    }
    void everyFormatLeaves()
    {
        for (const char* name : {"e.svg", "e.ora", "e.png", "e.tif"}) {
            const auto [code, j] = kit::lantern({"export", at("w.lantern"), "-o", at(name), "--width-px", "300"});
            QVERIFY2(code == 0 && j["bytes"].get<int>() > 500, name);
        }
        QVERIFY(kit::lantern({"export", at("w.lantern"), "-o", at("e.bmp")}).first == 2);
        QVERIFY(kit::lantern({"export", at("none.lantern"), "-o", at("e.svg")}).first == 2);
    }
};

RL_TEST(TestCarryCommands)
#include "tst_carry.moc"
