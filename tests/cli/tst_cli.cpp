#include "cli/commands.h"
#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/takes.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QImage>
#include <QStringList>
#include <QTemporaryDir>
#include <QTest>
#include <sstream>

using namespace rl;

namespace {
struct Ran {
    int code = 0;
    nlohmann::json json;
    QString out, err;
};
Ran ran(std::vector<std::string> words)
{
    words.insert(words.begin(), "lantern");
    std::vector<const char*> argv;
    for (const auto& w : words)
        argv.push_back(w.c_str());
    std::ostringstream out, err;
    Ran r;
    r.code = cli::runLantern(int(argv.size()), argv.data(), out, err);
    r.out = QString::fromStdString(out.str());
    r.err = QString::fromStdString(err.str());
    r.json = nlohmann::json::parse(out.str(), nullptr, false);
    return r;
}
} // namespace

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string at(const char* name) const { return kit::pathIn(m_dir.path(), name).toStdString(); }
    std::string m_work;

private slots:
    void initTestCase()
    {
        m_work = at("post.lantern");
        QVERIFY(bool(store::ProjectFile::create(m_work, kit::postWork())));
    }

    void everyCommandHasHelp()
    {
        for (const char* c : {"info", "findings", "render", "read", "carry", "light", "new", "demo", "gather", "stage",
                 "place", "takes", "relief", "measure", "fit", "cut", "patch", "still", "fields", "set", "salvage",
                 "study", "report", "whatif", "fix"}) {
            const Ran r = ran({"help", c});
            QCOMPARE(r.code, 0);
            QVERIFY2(r.out.contains(c), c);
        }
        QVERIFY(ran({"help"}).out.contains("findings"));
    }

    void wrongLinesAreSaidInEveryLanguage_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("no command") << QStringList{};
        QTest::newRow("no such command") << QStringList{"fly"};
        QTest::newRow("one too many") << QStringList{"info", "a", "b"};
        QTest::newRow("something needed") << QStringList{"render", "a"};
        QTest::newRow("no number") << QStringList{"render", "a", "-o", "b", "--width-px", "wide"};
        QTest::newRow("out of bounds") << QStringList{"render", "a", "-o", "b", "--width-px", "3"};
        QTest::newRow("none of those") << QStringList{"render", "a", "-o", "b", "--pass", "smell"};
        QTest::newRow("without its value") << QStringList{"render", "a", "-o"};
    }
    void wrongLinesAreSaidInEveryLanguage()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> line;
        for (const QString& w : words)
            line.push_back(w.toStdString());
        const Ran english = ran(line);
        speak("de");
        const Ran german = ran(line), page = ran({"help", "render"});
        speak("en");
        QCOMPARE(english.code, 2);
        QCOMPARE(german.code, 2);
        // One sentence, another one, about the same words.
        QCOMPARE(english.err.count('\n'), 2);
        QVERIFY2(english.err.section('\n', 0, 0) != german.err.section('\n', 0, 0), qPrintable(german.err));
        for (const char* said : {"fly", "b\n", "wide", "smell"})
            QCOMPARE(german.err.contains(said), english.err.contains(said));
        for (const char* foreign : {"Usage", "Positionals", "Options:", "REQUIRED", "Print this"})
            QVERIFY2(!page.out.contains(foreign), foreign);
    }

    void numbersAreTakenAsPeopleWriteThem()
    {
        const std::string work = at("written.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, kit::postWork())));
        const auto set = [&](const char* object, const char* key, const char* written) {
            const Ran r = ran({"set", work, object, key, written});
            return r.code == 0 ? r.json["value"].get<double>() : -1.0;
        };
        QCOMPARE(set("element:Post", "heightM", "5 ft 7"), 67 * 0.0254);
        QCOMPARE(set("element:Post", "heightM", "170 cm"), 1.7);
        QCOMPARE(set("sun", "strength", "0,8"), 0.8);
        const Ran made = ran({"new", at("inches.lantern"), "--title", "Inches", "--canvas-cm", "24 in,1 ft 6"});
        QCOMPARE(made.code, 0);
        const auto file = store::ProjectFile::open(at("inches.lantern"));
        QVERIFY(file && std::abs(file->project.brief.widthCm - 60.96) < 1e-9);
        QVERIFY(std::abs(file->project.brief.heightCm - 45.72) < 1e-9);
    }

    void numbersAreListedAndSet_data()
    {
        QTest::addColumn<QString>("object");
        QTest::addColumn<QString>("key");
        QTest::addColumn<QString>("said");
        QTest::addColumn<double>("is");
        QTest::newRow("of the sun") << "sun"
                                    << "strength"
                                    << "1.25" << 1.25;
        QTest::newRow("with a comma") << "camera"
                                      << "eyeHeightM"
                                      << "1,75" << 1.75;
        QTest::newRow("of an element, by name") << "element:Post"
                                                << "heightM"
                                                << "3" << 3.0;
        QTest::newRow("of an element, by id") << "element:4"
                                              << "altitudeM"
                                              << "0.5" << 0.5;
        QTest::newRow("of the air") << "air"
                                    << "wetness"
                                    << "0" << 0.0;
    }
    void numbersAreListedAndSet()
    {
        QFETCH(QString, object);
        QFETCH(QString, key);
        QFETCH(QString, said);
        QFETCH(double, is);
        const std::string work = at("set.lantern");
        std::filesystem::remove(work);
        QVERIFY(bool(store::ProjectFile::create(work, kit::postWork())));
        const Ran set = ran({"set", work, object.toStdString(), key.toStdString(), said.toStdString()});
        QVERIFY2(set.code == 0, qPrintable(set.err));
        const Project p = store::ProjectFile::open(work)->project;
        const std::map<QString, double> now{{"strength", p.lights.sun.strength}, {"eyeHeightM", p.camera.eyeHeightM},
            {"heightM", p.elements[0].heightM}, {"altitudeM", p.elements[0].altitudeM},
            {"wetness", p.lights.air.wetness}};
        QVERIFY2(std::abs(now.at(key) - is) < 1e-9, qPrintable(QString::number(now.at(key))));
        const Ran all = ran({"fields"});
        QVERIFY(all.json.size() > 80);
        QVERIFY(std::any_of(
            all.json.begin(), all.json.end(), [&](const auto& f) { return f["field"] == key.toStdString(); }));
        QVERIFY(ran({"fields", "--page"}).out.startsWith("# Every number"));
    }

    void whatIsLockedIsNotSet()
    {
        const std::string work = at("locked.lantern");
        Project p = kit::postWork();
        p.elements[0].locked = true;
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        const Ran r = ran({"set", work, "element:Post", "altitudeM", "2"});
        QVERIFY(r.code == 2 && r.err.contains("locked in its place"));
        QCOMPARE(store::ProjectFile::open(work)->project.elements[0].altitudeM, 0.0);
    }

    void aNewWorkGetsItsEnding()
    {
        QCOMPARE(ran({"new", at("unnamed")}).code, 0);
        QVERIFY(std::filesystem::exists(at("unnamed.lantern")) && !std::filesystem::exists(at("unnamed")));
    }

    void aGroundOutsideThePictureIsSaidToBe()
    {
        const std::string picture = at("ground.png");
        (void)store::writeFile(picture, store::encodePng(kit::plain(60, 40, {90, 100, 110})));
        const Ran r = ran({"cut", picture, "--ground", "70,10,8", "-o", at("alpha.png")});
        QVERIFY(r.code == 2 && r.err.contains("outside the picture"));
    }

    void gatherBringsPicturesIn()
    {
        const std::string work = at("wall.lantern"), folder = at("many");
        QVERIFY(bool(store::ProjectFile::create(work, {})));
        std::filesystem::create_directory(folder);
        (void)store::writeFile(folder + "/a.png", store::encodePng(kit::litDisc(200, 70, 150, 30, 0.3).photo));
        (void)store::writeFile(folder + "/b.png", store::encodePng(kit::plain(120, 90, {90, 100, 110})));
        kit::writeBytes(QString::fromStdString(folder + "/c.jpg"), "Dear diary");
        const Ran r = ran({"gather", work, folder, folder + "/a.png", "--credit", "me", "--permission", "own",
            "--ledger", at("l.csv")});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QCOMPARE(r.json["added"].size(), std::size_t(3));
        QCOMPARE(r.json["problems"].size(), std::size_t(1));
        QVERIFY(r.json["twins"][0]["same_file"].get<bool>());
        const auto opened = store::ProjectFile::open(work);
        QVERIFY(opened && opened->project.references.size() == 3 && opened->project.references[0].credit == "me");
        const Ran fit = ran({"fit", work, "--lead", "b"});
        QVERIFY2(fit.code == 0, qPrintable(fit.err));
        QCOMPARE(fit.json["candidates"].size(), std::size_t(2));
        QVERIFY(!fit.json["candidates"][0]["reasons"].empty());
        QCOMPARE(ran({"fit", work, "--lead", "nobody"}).code, 2);
        QCOMPARE(ran({"gather", work, folder + "/c.jpg"}).code, 2);
        QCOMPARE(ran({"gather", at("none.lantern"), folder}).code, 2);
    }

    void cutAndPatchWritePictures_data()
    {
        QTest::addColumn<QStringList>("how");
        QTest::newRow("a rectangle") << QStringList{"--rect", "40,40,220,220"};
        QTest::newRow("an outline") << QStringList{"--outline", "outline.json", "--band", "5"};
        QTest::newRow("a plain ground") << QStringList{"--ground", "5,5,6"};
        QTest::newRow("strokes") << QStringList{"--strokes", "strokes.png"};
    }
    void cutAndPatchWritePictures()
    {
        QFETCH(QStringList, how);
        const kit::Disc d = kit::litDisc(300, 90, 150, 50, 0.5);
        (void)store::writeFile(at("disc.png"), store::encodePng(d.photo));
        QByteArray points;
        for (int i = 0; i < 24; ++i)
            points += QString("%1[%2,%3]")
                          .arg(i ? "," : "")
                          .arg(150 + 92 * std::cos(i * kPi / 12))
                          .arg(150 + 92 * std::sin(i * kPi / 12))
                          .toUtf8();
        kit::writeBytes(m_dir.filePath("outline.json"), "{\"pieces\":[{\"points\":[" + points + "]}]}");
        std::vector<std::uint8_t> strokes(300 * 300, 128);
        for (int y = 0; y < 300; ++y)
            for (int x = 0; x < 300; ++x)
                if (const double r = std::hypot(x - 150, y - 150); r < 60 || r > 110)
                    strokes[std::size_t(y * 300 + x)] = r < 60 ? 255 : 0;
        (void)store::writeFile(at("strokes.png"), store::encodePng(Mask(300, 300, strokes)));
        std::vector<std::string> words{"cut", at("disc.png"), "-o", at("alpha.png"), "--colour", at("rgba.png")};
        for (const QString& w : how)
            words.push_back(w.endsWith("json") || w.endsWith("png") ? at(qPrintable(w)) : w.toStdString());
        const Ran r = ran(words);
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const auto alpha = store::readMask(at("alpha.png"));
        QVERIFY(alpha && alpha->width() == 300);
        double off = 0;
        for (std::size_t i = 0; i < alpha->size(); ++i)
            off += std::abs(alpha->data()[i] - d.mask.data()[i]) / 255.0;
        QVERIFY2(off < 0.03 * kPi * 90 * 90, qPrintable(QString::number(off)));
        QCOMPARE(QImage(QString::fromStdString(at("rgba.png"))).format(), QImage::Format_ARGB32);
    }

    void patchFillsTheHole()
    {
        const Photo photo = kit::plain(120, 90, {90, 100, 110});
        (void)store::writeFile(at("plain.png"), store::encodePng(photo));
        std::vector<std::uint8_t> hole(120 * 90, 0);
        for (int y = 30; y < 50; ++y)
            std::fill_n(hole.begin() + y * 120 + 40, 20, std::uint8_t(255));
        (void)store::writeFile(at("hole.png"), store::encodePng(Mask(120, 90, hole)));
        const Ran r = ran({"patch", at("plain.png"), "--mask", at("hole.png"), "-o", at("filled.png")});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QCOMPARE(r.json["filled_px"].get<int>(), 400);
        const auto filled = store::readPicture(std::filesystem::path(at("filled.png")));
        QVERIFY(filled && filled->pixels.at(50, 40) == (Rgb8{90, 100, 110}));
    }

    void wrongOrdersGetOneSentence_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("nothing said to cut") << QStringList{"cut", "plain.png", "-o", "x.png"};
        QTest::newRow("an empty rectangle") << QStringList{"cut", "plain.png", "--rect", "5,5,0,0", "-o", "x.png"};
        QTest::newRow("not a number") << QStringList{"cut", "plain.png", "--rect", "nan,5,20,20", "-o", "x.png"};
        QTest::newRow("strokes of another size")
            << QStringList{"cut", "plain.png", "--strokes", "strokes.png", "-o", "x.png"};
        QTest::newRow("an outline that is none")
            << QStringList{"cut", "plain.png", "--outline", "plain.png", "-o", "x.png"};
        QTest::newRow("a mask of another size")
            << QStringList{"patch", "plain.png", "--mask", "strokes.png", "-o", "x.png"};
        QTest::newRow("a clip that is none") << QStringList{"still", "plain.png.txt", "--at", "1", "-o", "x.png"};
    }
    void wrongOrdersGetOneSentence()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> all;
        for (const QString& w : words)
            all.push_back(w.contains(".png") ? at(qPrintable(w)) : w.toStdString());
        const Ran r = ran(all);
        QCOMPARE(r.code, 2);
        QVERIFY(r.err.startsWith("lantern: ") && r.out.isEmpty());
    }

    void infoGivesSizesInBothWorlds()
    {
        const Ran r = ran({"info", m_work});
        QCOMPARE(r.code, 0);
        const auto& e = r.json["elements"][0];
        QVERIFY(std::abs(e["distance_m"].get<double>() - 10) < 1e-6);
        QVERIFY(std::abs(e["height_cm"].get<double>() - 2 * 10.2936 / 1.6) < 1e-3);
        QVERIFY(std::abs(e["across_m"].get<double>()) < 1e-6);
    }

    void newMakesAnEmptyWorkAndNeverOverwrites()
    {
        const std::string file = at("fresh.lantern");
        QCOMPARE(ran({"new", file, "--title", "Fresh", "--canvas-cm", "30,20"}).code, 0);
        const Ran info = ran({"info", file});
        QCOMPARE(info.json["title"].get<std::string>(), std::string("Fresh"));
        QVERIFY(info.json["canvas_cm"] == nlohmann::json({30.0, 20.0}));
        const Ran again = ran({"new", file});
        QVERIFY(again.code == 2 && again.out.isEmpty() && again.err.contains("already"));
    }

    void whatIfTellsBeforeAndAfter()
    {
        const std::string out = at("if.png");
        const Ran r = ran({"whatif", m_work, "--lighter", "12", "--element", "4", "-o", out});
        QCOMPARE(r.code, 0);
        QVERIFY(r.json["after"]["lightest_L"].get<double>() >= r.json["before"]["lightest_L"].get<double>());
        QVERIFY(!QImage(QString::fromStdString(out)).isNull());
        const Ran none = ran({"whatif", m_work, "--element", "77"});
        QVERIFY(none.code == 2 && none.err.contains("no element 77"));
        QCOMPARE(ran({"whatif", m_work, "--lights", "400"}).code, 2);
    }

    void suggestionsAndTakesAreAskedForByName()
    {
        const Ran alone = ran({"read", m_work, "--suggest"});
        QVERIFY(alone.json["suggestion"]["already"].get<bool>() && alone.json["suggestion"]["changes"].empty());
        QVERIFY(alone.json["values"]["elements"].size() == 1 && alone.json["values"]["key"].is_string());
        QVERIFY(alone.json["drivers"].contains("4") && alone.json["leak"].contains("of_even"));
        const Ran take = ran({"read", m_work, "--take", "Q"});
        QVERIFY(take.code == 2 && take.err.contains("no take"));
    }

    void renderWritesThePictureAskedFor()
    {
        const std::string out = at("out.png");
        const Ran r = ran({"render", m_work, "-o", out, "--width-px", "300"});
        QCOMPARE(r.code, 0);
        const QImage image(QString::fromStdString(out));
        QCOMPARE(image.size(), QSize(300, 200));
        // The sky of the plain backdrop above, its ground below.
        QVERIFY(qBlue(image.pixel(10, 10)) > qRed(image.pixel(10, 10)));
        QVERIFY(qRed(image.pixel(10, 190)) > qBlue(image.pixel(10, 190)));
    }

    void readListsEveryElementOnce()
    {
        const Ran r = ran({"read", m_work});
        QVERIFY(r.json["order"] == nlohmann::json({4}));
        QCOMPARE(r.json["share"]["4"].get<double>(), 1.0);
        QVERIFY(r.json["driver"].is_string() && r.json["value_steps"].size() == 3);
    }

    void readTakesAPictureWithItsIds()
    {
        std::vector<Rgb8> pixels(120 * 80, Rgb8{120, 120, 120});
        std::vector<std::uint8_t> ids(pixels.size(), 0);
        for (int y = 30; y < 45; ++y)
            for (int x = 20; x < 35; ++x) {
                pixels[std::size_t(y * 120 + x)] = {250, 250, 250};
                ids[std::size_t(y * 120 + x)] = 1;
                pixels[std::size_t(y * 120 + x + 50)] = {130, 130, 130};
                ids[std::size_t(y * 120 + x + 50)] = 2;
            }
        QVERIFY(bool(store::writeFile(at("p.png"), store::encodePng(Photo{120, 80, pixels}))));
        QVERIFY(bool(store::writeFile(at("ids.png"), store::encodePng(Mask{120, 80, ids}))));
        const Ran r
            = ran({"read", at("p.png"), "--ids", at("ids.png"), "--canvas-cm", "60,40", "--distance-cm", "150"});
        QCOMPARE(r.code, 0);
        QVERIFY(r.json["order"] == nlohmann::json({1, 2}));
    }

    void lightMeasuresAPhotograph()
    {
        const auto d = kit::litDisc(200, 80, 130, 30, 0.2);
        QVERIFY(bool(store::writeFile(at("ball.png"), store::encodePng(d.photo))));
        QVERIFY(bool(store::writeFile(at("mask.png"), store::encodePng(d.mask))));
        const Ran r = ran({"light", at("ball.png"), "--mask", at("mask.png")});
        QCOMPARE(r.code, 0);
        QVERIFY(std::abs(r.json["azimuth_deg"].get<double>() - 130) < 8);
        QVERIFY(std::abs(r.json["elevation_deg"].get<double>() - 30) < 18);
        QVERIFY(r.json["confidence"].get<double>() > 0.5);
    }

    void carryWritesTrueSheets()
    {
        const std::string out = at("sheets.pdf");
        const Ran r = ran({"carry", m_work, "-o", out, "--paper", "Letter", "--what", "lineart"});
        QCOMPARE(r.code, 0);
        QCOMPARE(kit::pdfPages(QString::fromStdString(out)), r.json["pages"].get<int>());
        QVERIFY(std::abs(kit::rulerMm(QString::fromStdString(out), 2) - 100) <= 0.1);
    }

    void stageSaysWhereEverythingStands()
    {
        const Ran r = ran({"stage", m_work, "--measures"});
        QCOMPARE(r.code, 0);
        QVERIFY(r.json["canvas_cm"] == nlohmann::json({60.0, 40.0}));
        QCOMPARE(r.json["horizon_cm"].get<double>(), 16.0);
        QCOMPARE(r.json["eye_height_m"].get<double>(), 1.6);
        QCOMPARE(r.json["fov_deg"].get<double>(), 50.0);
        const auto& e = r.json["elements"][0];
        QCOMPARE(e["name"].get<std::string>(), std::string("Post"));
        QVERIFY(std::abs(e["distance_m"].get<double>() - 10) < 1e-9 && std::abs(e["across_m"].get<double>()) < 1e-9);
        QVERIFY(std::abs(e["height_cm"].get<double>() - 2 * 6.4335) < 1e-3);
        QVERIFY(e["symmetry"]["worst_mm"].get<double>() < 0.3);
    }

    void placeMovesAndSaves()
    {
        const std::string work = at("moved.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, kit::postWork())));
        const Ran r = ran({"place", work, "Post", "--base", "22.5,33", "--height-m", "1.8"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QVERIFY(r.json["base_cm"] == nlohmann::json({22.5, 33.0}));
        // T (y_b - y_h) / h
        QVERIFY(std::abs(r.json["height_cm"].get<double>() - 1.8 * 17 / 1.6) < 1e-9);
        const Ran again = ran({"stage", work});
        QVERIFY(again.json["elements"][0]["base_cm"] == nlohmann::json({22.5, 33.0}));
        QCOMPARE(again.json["elements"][0]["real_height_m"].get<double>(), 1.8);
    }

    void takesAreListedAndPutOnASheet()
    {
        const std::string work = at("takes.lantern");
        Project p = takes::withDuplicate(kit::postWork(), "second");
        p.elements[0].baseCm = {20, 34};
        p = takes::withVote(p, "Ilse", "B", "nearer");
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        const std::string sheet = at("sheet.pdf");
        const Ran r = ran({"takes", work, "--sheet", sheet});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QCOMPARE(r.json["takes"].size(), std::size_t(2));
        QCOMPARE(r.json["takes"][1]["letter"].get<std::string>(), std::string("B"));
        QCOMPARE(r.json["takes"][1]["votes"].get<int>(), 1);
        QVERIFY(!r.json["takes"][1]["differs_from_first"].empty() && r.json["takes"][0]["differs_from_first"].empty());
        QCOMPARE(r.json["sheet"]["takes"].get<int>(), 2);
        QCOMPARE(kit::pdfPages(QString::fromStdString(sheet)), 1);
        QCOMPARE(ran({"takes", work, "--sheet", at("one.png"), "--letters", "B"}).json["sheet"]["takes"].get<int>(), 1);
        QCOMPARE(ran({"takes", m_work}).json["takes"].size(), std::size_t(1)); // a work with one arrangement
    }

    void renderTakesThePictureApart_data()
    {
        QTest::addColumn<QString>("pass");
        for (const char* pass : {"albedo", "normal", "depth", "shadow", "ambient", "id", "zones"})
            QTest::newRow(pass) << pass;
    }
    void renderTakesThePictureApart()
    {
        QFETCH(QString, pass);
        const std::string out = at("pass.png");
        const Ran r = ran({"render", m_work, "-o", out, "--width-px", "240", "--pass", pass.toStdString()});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QImage image(QString::fromStdString(out));
        QCOMPARE(image.size(), QSize(240, 160));
        const int y = pass == "normal" ? 150 : 80; // a card faces the viewer as the sky does; the ground looks up
        QVERIFY(image.pixel(120, y) != image.pixel(5, 5) || pass == "ambient" || pass == "shadow");
    }

    void theLinearPictureIsFloats()
    {
        const std::string exr = at("linear.exr");
        const Ran r = ran({"render", m_work, "-o", at("r.png"), "--width-px", "120", "--linear-exr", exr});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const auto file = store::readFile(exr);
        QVERIFY(bool(file) && (*file)->size() > 2000);
        const unsigned char magic[]{0x76, 0x2f, 0x31, 0x01}; // of the format's specification
        QVERIFY(std::equal(std::begin(magic), std::end(magic), (*file)->begin()));
    }

    void reliefPointsOutwards()
    {
        const auto d = kit::litDisc(200, 80, 0, 30, 0.3);
        (void)store::writeFile(at("disc.png"), store::encodePng(d.photo));
        (void)store::writeFile(at("disc-mask.png"), store::encodePng(d.mask));
        const std::string out = at("normal.png");
        const Ran r = ran({"relief", at("disc.png"), "--mask", at("disc-mask.png"), "-o", out, "--form", "ball"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QImage n(QString::fromStdString(out));
        QVERIFY(qBlue(n.pixel(100, 100)) > 245); // faces the viewer
        QVERIFY(qRed(n.pixel(165, 100)) > 200 && qRed(n.pixel(35, 100)) < 55); // right and left
        QVERIFY(qGreen(n.pixel(100, 35)) > 200 && qGreen(n.pixel(100, 165)) < 55); // up and down
    }

    void auditTellsLightThreeTimes()
    {
        const Ran r = ran({"light", m_work, "--audit"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QCOMPARE(r.json["elements"].size(), std::size_t(1));
        const auto& e = r.json["elements"][0];
        for (const char* what : {"photographed", "planned", "now"})
            QVERIFY(e[what].contains("azimuth_deg") && e[what].contains("softness"));
        QVERIFY(e["sticker"].get<double>() >= 0 && e["sticker"].get<double>() <= 1);
        QVERIFY(r.json["sky"].contains("rainbow"));
    }

    void auditWritesSheetsAndColours()
    {
        const Ran r = ran({"light", m_work, "--sheets", at("study.pdf"), "--families", at("mix.csv")});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QCOMPARE(kit::pdfPages(QString::fromStdString(at("study.pdf"))), 2);
        QFile table(QString::fromStdString(at("mix.csv")));
        QVERIFY(table.open(QIODevice::ReadOnly));
        QVERIFY(table.readAll().startsWith("element,family,L*"));
    }

    void anyStripGivesTheSamePicture()
    {
        QByteArray first;
        for (const char* rows : {"1", "33", "4096"}) {
            const Ran r = ran({"render", m_work, "-o", at("strips.png"), "--width-px", "300", "--strip-rows", rows});
            QVERIFY2(r.code == 0, qPrintable(r.err));
            QFile png(QString::fromStdString(at("strips.png")));
            QVERIFY(png.open(QIODevice::ReadOnly));
            const QByteArray bytes = png.readAll();
            QVERIFY(first.isEmpty() || bytes == first);
            first = bytes;
        }
    }

    void aFixIsDoneAndCanBeGoneBackFrom()
    {
        Project p = kit::postWork();
        p.elements[0].altitudeM = 0.2; // hovers
        p.brief.title = "Post", p.brief.cast = {{p.freshId(), "Post"}};
        p.elements[0].cast = p.brief.cast[0].id;
        const std::string work = at("fixed.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        QVERIFY(ran({"findings", work}).out.contains("stage.hovers:4"));
        const Ran done = ran({"fix", work, "stage.hovers:4"});
        QVERIFY2(done.code == 0, qPrintable(done.err));
        QCOMPARE(done.json["done"].get<std::string>(), std::string("Set it on the ground"));
        QVERIFY(!ran({"findings", work}).out.contains("stage.hovers:4"));
        auto opened = store::ProjectFile::open(work);
        QVERIFY(opened && opened->project.elements[0].altitudeM == 0);
        const auto points = opened->file.milestones();
        QVERIFY(points && points->size() == 1);
        QCOMPARE(opened->file.projectAt(points->front().id)->elements[0].altitudeM, 0.2);
    }

    /// Of another take: only that one is another afterwards, and the one in hand stays in hand.
    void aFixOfAnotherTakeLeavesTheOthersAlone()
    {
        Project p = kit::postWork();
        p = takes::withDuplicate(std::move(p), "lifted"); // B is in hand
        p = takes::withDuplicate(takes::withCurrent(std::move(p), p.takes[0].id), "third");
        p.elements[0].baseCm.x = 40; // of the third, C, which is in hand
        p = takes::withCurrent(std::move(p), p.takes[1].id);
        p.elements[0].altitudeM = 0.2; // B hovers
        p = takes::withCurrent(std::move(p), p.takes[2].id);
        p = takes::withAside(std::move(p), p.takes[1].id, "not now");
        const std::string work = at("takes-fixed.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        const Ran done = ran({"fix", work, "stage.hovers:4", "--take", "B"});
        QVERIFY2(done.code == 0, qPrintable(done.err));
        const Project after = store::ProjectFile::open(work)->project;
        QCOMPARE(after.take, p.take);
        QVERIFY(after.scene() == p.scene() && after.takes[0].scene == p.takes[0].scene);
        QCOMPARE(after.takes[1].scene.elements[0].altitudeM, 0.0);
        QVERIFY(after.takes[1].aside && after.takes[1].reason == p.takes[1].reason);
        QVERIFY(ran({"findings", work, "--take", "B"}).json.is_array());
        QVERIFY(!ran({"findings", work, "--take", "B"}).out.contains("stage.hovers:4"));
    }

    void allFixesAreDoneAndItEnds()
    {
        Project p = kit::postWork();
        p.elements[0].altitudeM = -0.1;
        p.lights.sun.elevation = -5; // under the horizon, and nothing else burns
        const std::string work = at("all.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        const Ran all = ran({"fix", work, "--all"});
        QVERIFY2(all.code == 0, qPrintable(all.err));
        QVERIFY(all.json["done"].size() + all.json["taken_back"].size() >= 2);
        for (const auto& f : all.json["findings"])
            QVERIFY2(f["severity"] != "broken" || f["fix"].is_null(), f["key"].get<std::string>().c_str());
        QVERIFY(all.json["findings"].size() <= all.json["findings_before"].get<std::size_t>());
        const Ran again = ran({"fix", work, "--all"}); // what is left cannot be bettered
        QVERIFY(again.code == 0 && again.json["done"].empty());
        QCOMPARE(again.json["findings"].size(), all.json["findings"].size());
    }

    void fixesThatCannotBeAreSaidSo_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("no key") << QStringList{};
        QTest::newRow("a key and all") << QStringList{"stage.hovers:4", "--all"};
        QTest::newRow("no such finding") << QStringList{"stage.hovers:99"};
        QTest::newRow("one without a fix") << QStringList{"brief.no-cast"};
        QTest::newRow("no such take") << QStringList{"--all", "--take", "Q"};
    }
    void fixesThatCannotBeAreSaidSo()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> all{"fix", m_work};
        for (const QString& w : words)
            all.push_back(w.toStdString());
        const auto before = store::ProjectFile::open(m_work)->project;
        const Ran r = ran(all);
        QCOMPARE(r.code, 2);
        QVERIFY(r.err.startsWith("lantern: ") && r.out.isEmpty());
        QVERIFY(store::ProjectFile::open(m_work)->project == before);
    }

    /// Every kind of number that `lantern fields` lists can be set, where the work has such a thing.
    void everyListedNumberCanBeSet()
    {
        Project p = edits::withPaintBox(kit::postWork(), paint::firstBox());
        Lantern l;
        l.name = "Lamp", l.position = {0, 2, 8};
        p = edits::withLantern(std::move(p), l);
        p.lights.air.mists.push_back({});
        p.painting.diary.hours = {{1, 1140, 1260}};
        Element& e = p.elements[0];
        e.parts.push_back({}), e.ridges.push_back({}), e.eyes.push_back({}), e.feet.push_back({}),
            e.edges.push_back({});
        p.painting.tolerances = {{e.id, 2}};
        repair(p);
        const std::string work = at("numbers.lantern");
        QVERIFY(bool(store::ProjectFile::create(work, p)));
        const std::map<std::string, std::string> named{{"lantern", ":Lamp"}, {"element", ":Post"}, {"tone", ":Post"},
            {"ownLight", ":Post"}, {"standin", ":Post"}, {"pose", ":Post"}, {"pattern", ":Post"}, {"part", ":Post:1"},
            {"ridge", ":Post:1"}, {"eye", ":Post:1"}, {"foot", ":Post:1"}, {"edge", ":Post:1"},
            {"limb", ":Post:leftArm"}, {"mist", ":1"}, {"tube", ":PW6"}, {"swatches", ":PW6"}, {"hours", ":1"},
            {"tolerance", ":1"}};
        int set = 0;
        for (const auto& f : ran({"fields"}).json) {
            const std::string kind = f["of"];
            static const std::set<std::string> without{"overrule", "cutout", "ground", "day", "task", "span", "sitting",
                "canvas photograph", "light group"}; // this work has none
            if (without.contains(kind))
                continue;
            const auto at = named.find(kind);
            const double low = f["from"], high = f["to"], start = f["starts_as"];
            const double value = std::clamp(start, low, high);
            const Ran r = ran({"set", work, kind + (at == named.end() ? "" : at->second), f["field"],
                QString::number(value, 'g', 17).toStdString()});
            QVERIFY2(
                r.code == 0, qPrintable(QString::fromStdString(kind + " " + f["field"].get<std::string>()) + r.err));
            ++set;
        }
        QVERIFY(set > 150);
        QVERIFY(ran({"set", work, "mix", "coats", "3"}).code == 0);
        QVERIFY(ran({"set", work, "ground", "coats", "4"}).code == 0);
        const auto now = store::ProjectFile::open(work)->project;
        QVERIFY(now.mix.coats == 3 && now.brief.ground.coats == 4);
    }

    void mistakesGetOneSentenceAndCodeTwo_data()
    {
        QTest::addColumn<QStringList>("words");
        QTest::newRow("no command") << QStringList{};
        QTest::newRow("unknown command") << QStringList{"paint"};
        QTest::newRow("no such file") << QStringList{"info", "nowhere.lantern"};
        QTest::newRow("not a work") << QStringList{"findings", "/dev/null"};
        QTest::newRow("no output named") << QStringList{"render", "WORK"};
        QTest::newRow("absurd width") << QStringList{"render", "WORK", "-o", "x.png", "--width-px", "-3"};
        QTest::newRow("width that is no number") << QStringList{"render", "WORK", "-o", "x.png", "--width-px", "wide"};
        QTest::newRow("unknown paper") << QStringList{"carry", "WORK", "-o", "x.pdf", "--paper", "Foolscap"};
        QTest::newRow("unwritable place") << QStringList{"render", "WORK", "-o", "/no/such/folder/x.png"};
        QTest::newRow("absurd canvas") << QStringList{"new", "NEW", "--canvas-cm", "-5,1e9"};
        QTest::newRow("canvas that is not a number") << QStringList{"new", "NEW", "--canvas-cm", "nan,20"};
        QTest::newRow("place nothing") << QStringList{"place", "WORK", "Post"};
        QTest::newRow("place in the sky") << QStringList{"place", "WORK", "Post", "--base", "30,10"};
        QTest::newRow("as tall as less than nothing") << QStringList{"place", "WORK", "Post", "--height-m", "-3"};
        QTest::newRow("as tall as the old default") << QStringList{"place", "WORK", "Post", "--height-m", "-1"};
        QTest::newRow("set what is not there") << QStringList{"set", "WORK", "sun", "mood", "3"};
        QTest::newRow("set out of range") << QStringList{"set", "WORK", "sun", "strength", "1e9"};
        QTest::newRow("set another unit") << QStringList{"set", "WORK", "element:Post", "heightM", "5 kg"};
        QTest::newRow("set no number") << QStringList{"set", "WORK", "sun", "strength", "1.250,5"};
        QTest::newRow("set of nobody") << QStringList{"set", "WORK", "lantern:Nobody", "strength", "1"};
        QTest::newRow("salvage nothing") << QStringList{"salvage", "/dev/null"};
        QTest::newRow("place nobody") << QStringList{"place", "WORK", "Nobody", "--base", "3,3"};
        QTest::newRow("place at no number") << QStringList{"place", "WORK", "Post", "--base", "nan,3"};
        QTest::newRow("place of no height") << QStringList{"place", "WORK", "Post", "--height-m", "-2"};
        QTest::newRow("place of absurd height") << QStringList{"place", "WORK", "Post", "--height-m", "1e9"};
        QTest::newRow("sheet of another kind") << QStringList{"takes", "WORK", "--sheet", "takes.doc"};
        QTest::newRow("sheet of no take") << QStringList{"takes", "WORK", "--sheet", "/no/such/folder/t.pdf"};
        QTest::newRow("audit of nothing") << QStringList{"light", "nowhere.lantern", "--audit"};
        QTest::newRow("study of another kind") << QStringList{"light", "WORK", "--sheets", "study.doc"};
        QTest::newRow("study nowhere") << QStringList{"light", "WORK", "--sheets", "/no/such/folder/s.pdf"};
        QTest::newRow("colours nowhere") << QStringList{"light", "WORK", "--families", "/no/such/folder/s.csv"};
        QTest::newRow("strips of no rows") << QStringList{"render", "WORK", "-o", "x.png", "--strip-rows", "0"};
        QTest::newRow("relief of no form")
            << QStringList{"relief", "x.png", "--mask", "x.png", "-o", "y.png", "--form", "cube"};
        QTest::newRow("unknown pass") << QStringList{"render", "WORK", "-o", "x.png", "--pass", "glory"};
        QTest::newRow("relief without a mask") << QStringList{"relief", "x.png", "-o", "y.png"};
        QTest::newRow("relief of nothing") << QStringList{"relief", "/dev/null", "--mask", "/dev/null", "-o", "y.png"};
        QTest::newRow("light without a mask") << QStringList{"light", "x.png"};
    }
    void mistakesGetOneSentenceAndCodeTwo()
    {
        QFETCH(QStringList, words);
        std::vector<std::string> argv;
        for (const QString& w : words)
            argv.push_back(w == "WORK" ? m_work : w == "NEW" ? at("never.lantern") : w.toStdString());
        const Ran r = ran(argv);
        QCOMPARE(r.code, 2);
        QVERIFY2(r.out.isEmpty(), qPrintable(r.out));
        QVERIFY(r.err.startsWith("lantern: ") && r.err.size() < 500);
        QVERIFY(!QFile::exists(QString::fromStdString(at("never.lantern"))));
    }
};

RL_TEST(TestCli)
#include "tst_cli.moc"
