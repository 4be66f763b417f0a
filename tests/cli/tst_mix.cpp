#include "core/paint/box.h"
#include "core/paint/csv.h"
#include "core/project/edits.h"
#include "store/paint_box_file.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using kit::lantern;
using nlohmann::json;

namespace {
/// With double quotes for single ones.
std::string quoted(std::string s)
{
    std::replace(s.begin(), s.end(), '\'', '"');
    return s;
}
constexpr const char* kSix = "PW6,PY74,PR254,PV19,PB29,PB15:3";
} // namespace

/// mix, calibrate, palette, paints; boxes and cards as files.
class TestMixCommands : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return m_dir.filePath(name).toStdString(); }
    void put(const char* name, const std::string& text) const
    {
        QVERIFY(bool(store::writeFile(at(name), std::vector<unsigned char>(text.begin(), text.end()))));
    }

private slots:
    void initTestCase()
    {
        Project work = kit::postWork();
        work = edits::withPaintBox(std::move(work), paint::firstBox());
        QVERIFY(bool(store::ProjectFile::create(at("w.lantern"), work)));
    }
    void aRecipeLooksAsItsFilmSays()
    {
        const auto [code, j] = lantern({"mix", "--recipe", "PB29=1+PW6=10"});
        QCOMPARE(code, 0);
        QVERIFY(j["lab"][0] > 50 && j["lab"][2] < -30 && j["typical"] == true);
        // A thick film over black is the opaque mix; a thin one is darker.
        const auto thick = lantern({"mix", "--recipe", "PB29=1+PW6=10", "--wet-um", "5000", "--under", "black"}).second;
        const auto thin = lantern({"mix", "--recipe", "PB29=1+PW6=10", "--wet-um", "20", "--under", "black"}).second;
        const auto over
            = lantern({"mix", "--recipe", "PB29=1+PW6=10", "--wet-um", "20", "--under", "PB29=1+PW6=10"}).second;
        const double full = j["lab"][0];
        QVERIFY(std::abs(thick["lab"][0].get<double>() - full) < 0.05);
        QVERIFY(thin["lab"][0].get<double>() < full - 0.5);
        QVERIFY(std::abs(over["lab"][0].get<double>() - full) < 1e-6);
    }
    void recipesComeBack()
    {
        const auto colour = lantern({"mix", "--recipe", "PB15:3=1+PY74=4+PW6=9"}).second["lab"];
        const std::string lab = std::to_string(colour[0].get<double>()) + "," + std::to_string(colour[1].get<double>())
            + "," + std::to_string(colour[2].get<double>());
        for (const bool parts : {false, true}) {
            std::vector<std::string> words{"mix", "--lab", lab, "--paints", kSix, "--max-paints", "3"};
            if (parts)
                words.insert(words.end(), {"--ladder", "quarter"});
            const auto [code, j] = lantern(words);
            QCOMPARE(code, 0);
            QVERIFY(j["recipes"][0]["de00"] < 0.06 && j["recipes"].size() <= 5);
            QVERIFY(j["best_possible"]["missed"] == "");
            for (const auto& r : j["recipes"])
                QVERIFY(r["parts"].size() <= 3);
        }
    }
    void bandsGoFromEndToEnd()
    {
        const auto [code, j] = lantern({"mix", "--from", "60,40,20", "--to", "75,20,10", "--length-cm", "20",
            "--step-de", "2", "--paints", kSix, "--quick"});
        QCOMPARE(code, 0);
        QVERIFY(j["bands"].size() > 4 && j["bands"].front()["from_cm"] == 0.0);
        QVERIFY(std::abs(j["bands"].back()["to_cm"].get<double>() - 20) < 1e-9);
    }
    void slipsGetOneSentence_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("nothing asked") << QStringList{"mix"};
        QTest::newRow("two things asked") << QStringList{"mix", "--recipe", "PW6=1", "--lab", "50,0,0"};
        QTest::newRow("not a colour") << QStringList{"mix", "--lab", "50,zero,0"};
        QTest::newRow("absurd colour") << QStringList{"mix", "--lab", "50,1e9,0"};
        QTest::newRow("unknown tube") << QStringList{"mix", "--lab", "50,0,0", "--paints", "PW6,PX99"};
        QTest::newRow("fluorescent tube") << QStringList{"mix", "--lab", "50,0,0", "--paints", "FLPINK"};
        QTest::newRow("half a gradient") << QStringList{"mix", "--from", "50,0,0"};
        QTest::newRow("no such box") << QStringList{"mix", "--lab", "50,0,0", "--box", "/nowhere/box.json"};
        QTest::newRow("no such card") << QStringList{"calibrate", "--swatches", "/nowhere", "-o", "/tmp/x.json"};
        QTest::newRow("a picture has no box") << QStringList{"paints", "/nowhere.png"};
    }
    void slipsGetOneSentence()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> w;
        for (const QString& s : words)
            w.push_back(s.toStdString());
        std::string errors;
        QCOMPARE(lantern(w, &errors).first, 2);
        QVERIFY(errors.starts_with("lantern: ") && errors.size() < 400);
    }
    void aCardMakesABox()
    {
        // A weaker blue than usual: its tint is lighter.
        put("s.json",
            quoted("{'swatches':[{'paint':'PW6','masstone_lab':[96.5,-0.6,2.2]},{'paint':'PB29','masstone_lab':[24,20,-"
                   "50],'tint_1_10_lab':[66,0,-32]}],'sigma_lab':0.6}"));
        const auto [code, j] = lantern({"calibrate", "--swatches", at("s.json"), "-o", at("box.json")});
        QCOMPARE(code, 0);
        QVERIFY(j["paints"][1]["from_typical_de00"] > 3 && j["paints"][1]["left_de00"] < 5);
        const auto own = lantern({"mix", "--recipe", "PB29=1+PW6=10", "--box", at("box.json")}).second;
        QVERIFY(std::abs(own["lab"][0].get<double>() - 66) < 1.5 && own["typical"] == false);
        QCOMPARE(lantern({"mix", "--recipe", "PY42=1", "--box", at("box.json")}).first, 2);
    }
    void measuredPatchesAreReadFromCgats()
    {
        std::string spectral = "CGATS.17\nNUMBER_OF_FIELDS 37\nBEGIN_DATA_FORMAT\nSAMPLE_ID";
        const paint::Spectrum look = paint::seen(paint::opaque(*paint::pigmentOf("PB29")->optics));
        std::string row = "PB29/masstone";
        for (int i = 0; i < paint::kBands; ++i) {
            spectral += " SPECTRAL_NM_", spectral += std::to_string(380 + 10 * i);
            row += " ", row += std::to_string(100 * look[std::size_t(i)]);
        }
        spectral += "\nEND_DATA_FORMAT\nBEGIN_DATA\n" + row + "\nEND_DATA\n";
        const auto card = store::swatchesFromCgats(spectral);
        QVERIFY(card && card->swatches.size() == 1 && card->swatches[0].masstone->spectrum);
        QVERIFY(colour::deltaE2000(card->swatches[0].masstone->lab, paint::toLab(look)) < 0.01);
        const auto lab = store::swatchesFromCgats("BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"
                                                  "BEGIN_DATA\n\"PW6/masstone\" 96 -1 2\nPB29/10 60 3 -40\nEND_DATA");
        QVERIFY(lab && lab->swatches.size() == 2 && lab->swatches[1].tint10 && !lab->swatches[1].masstone);
    }
    void damagedFilesAreRefused_data()
    {
        QTest::addColumn<QString>("text");
        QTest::newRow("empty") << "";
        QTest::newRow("half of it") << QString::fromStdString(quoted("{'swatches':[{'paint':'PB29','masst"));
        QTest::newRow("wrong types") << QString::fromStdString(quoted("{'swatches':[{'paint':7}]}"));
        QTest::newRow("two numbers of three")
            << QString::fromStdString(quoted("{'swatches':[{'paint':'PB29','masstone_lab':[1,2]}]}"));
        QTest::newRow("no table") << "LAB_L LAB_A\n1 2\n";
        QTest::newRow("a short row")
            << "BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\nPB29 1\nEND_DATA\n";
        QTest::newRow("a box of zeros") << QString::fromStdString(
            quoted("{'format':'roving-lantern-paint-box','version':1,'paints':[{'paint':'PB29','k':[0],'s':[0]}]}"));
        QTest::newRow("from the future") << QString::fromStdString(
            quoted("{'format':'roving-lantern-paint-box','version':9,'paints':[]}"));
    }
    void damagedFilesAreRefused()
    {
        QFETCH(QString, text);
        put("bad.json", text.toStdString());
        QVERIFY(!store::readSwatches(at("bad.json")) || text.contains("paint-box"));
        QVERIFY(!store::readPaintBox(at("bad.json")));
    }
    void theWholeCanvasIsMixed()
    {
        const auto [code, j] = lantern({"palette", at("w.lantern"), "--puddles", "10", "-o", at("map.png"), "--proof",
            at("proof.png"), "--choose", "3", "--width-px", "300"});
        QCOMPARE(code, 0);
        double share = 0;
        for (const auto& p : j["puddles"])
            share += p["share"].get<double>();
        QVERIFY(std::abs(share - 1) < 1e-9 && j["puddles"].size() <= 10);
        QVERIFY(j["choices"][0]["tubes"].size() == 3 && j["choices"][0]["within8"] <= 1.0);
        const auto map = store::readPicture(std::filesystem::path(at("map.png")));
        QVERIFY(map && map->pixels.width() == 300);
        QVERIFY(bool(store::readPicture(std::filesystem::path(at("proof.png")))));
        const auto [done, needs] = lantern({"paints", at("w.lantern")});
        QCOMPARE(done, 0);
        double ml = 0;
        for (const auto& t : needs["tubes"])
            ml += t["ml"].get<double>();
        QVERIFY(std::abs(ml - needs["ml"].get<double>()) < 1e-6);
    }
    void oddPicturesAreMixedToo_data()
    {
        QTest::addColumn<int>("width");
        QTest::addColumn<int>("height");
        QTest::addColumn<int>("kind");
        QTest::newRow("one pixel") << 1 << 1 << 0;
        QTest::newRow("one row") << 900 << 1 << 1;
        QTest::newRow("one column") << 1 << 700 << 1;
        QTest::newRow("all white") << 60 << 40 << 2;
        QTest::newRow("all black") << 60 << 40 << 3;
        QTest::newRow("noise") << 90 << 70 << 4;
        QTest::newRow("two pure colours of a screen") << 50 << 50 << 5;
    }
    void oddPicturesAreMixedToo()
    {
        QFETCH(int, width);
        QFETCH(int, height);
        QFETCH(int, kind);
        std::vector<Rgb8> pixels;
        unsigned noise = 7;
        const auto next = [&] { return std::uint8_t((noise = noise * 1664525 + 1013904223) >> 24); };
        for (int i = 0; i < width * height; ++i) {
            const auto ramp = std::uint8_t(255 * i / std::max(1, width * height - 1));
            const Rgb8 of[] = {{120, 90, 60}, {ramp, ramp, std::uint8_t(255 - ramp)}, {255, 255, 255}, {0, 0, 0},
                {next(), next(), next()}, i % 2 ? Rgb8{0, 255, 0} : Rgb8{255, 0, 255}};
            pixels.push_back(of[kind]);
        }
        QVERIFY(bool(store::writeFile(at("odd.png"), store::encodePng(Photo(width, height, std::move(pixels))))));
        const auto [code, j] = lantern({"palette", at("odd.png"), "--paints", kSix, "--proof", at("odd-proof.png")});
        QCOMPARE(code, 0);
        double share = 0;
        for (const auto& p : j["puddles"]) {
            share += p["share"].get<double>();
            // Parts may miss what can be reached, but never come nearer.
            QVERIFY(p["de00"].get<double>() > p["reach_de00"].get<double>() - 0.02);
            QVERIFY(p["reach_de00"].get<double>() < 3 || !p["missed"].get<std::string>().empty());
        }
        QVERIFY(!j["puddles"].empty() && std::abs(share - 1) < 1e-9);
        QVERIFY(j["proof"]["within8"] >= j["proof"]["within2"]);
        QCOMPARE(lantern({"paints", at("odd.png"), "--paints", kSix}).first, 0);
    }
    void numbersAreCsv()
    {
        QCOMPARE(paint::csvRows("a,\"b,\"\"c\"\n\n1,2\r\n").size(), std::size_t(2));
        QCOMPARE(paint::csvRows("a,\"b,\"\"c\"\n")[0][1], std::string("b,\"c"));
        QVERIFY(std::isnan(paint::numberIn("1,5")) && std::isnan(paint::numberIn("")) && paint::numberIn("+2") == 2);
    }
};

RL_TEST(TestMixCommands)
#include "tst_mix.moc"
