#include "core/colour/srgb.h"
#include "core/review/take_figures.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/grid.h"
#include "devices/printing/printer.h"
#include "output/big_picture.h"
#include "output/contact_sheet.h"
#include "output/export.h"
#include "output/work_sheets.h"
#include "store/picture_reader.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <QXmlStreamReader>
#include <csignal>
#include <opencv2/imgcodecs.hpp>
#include <set>
#include <sys/resource.h>

using namespace rl;
using namespace rl::output;

/// What leaves the program, read back by others: librsvg, libarchive, OpenCV, poppler.
class TestExport : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    stage::SurfaceCache m_cache;
    NoProgress m_progress;
    QString at(const char* name) const { return m_dir.filePath(name); }
    Result<SheetJob> job(SheetContent content, int element = 0, const char* paper = "A4")
    {
        Project p = kit::postWork();
        p.sheets.paper = paper;
        return sheetJob(p, content, true, m_cache, m_progress, element);
    }

    /// A disk with no more room than that: files of this process cannot grow past it.
    struct FullDisk {
        explicit FullDisk(rlim_t bytes)
        {
            std::signal(SIGXFSZ, SIG_IGN);
            getrlimit(RLIMIT_FSIZE, &before);
            const rlimit tight{bytes, before.rlim_max};
            setrlimit(RLIMIT_FSIZE, &tight);
        }
        ~FullDisk() { setrlimit(RLIMIT_FSIZE, &before); }
        rlimit before{};
    };

private slots:
    void onAFullDiskWhatWasThereStays_data()
    {
        QTest::addColumn<QString>("name");
        for (const char* name :
            {"a.svg", "a.ora", "a.png", "a.tif", "sheets.pdf", "takes.pdf", "takes.png", "tags.pdf"})
            QTest::newRow(name) << QString(name);
    }
    void onAFullDiskWhatWasThereStays()
    {
        QFETCH(QString, name);
        const Project p = kit::postWork();
        const QString path = at(qPrintable(name));
        const auto write = [&]() -> Result<Done> {
            if (name == "sheets.pdf")
                return writeSheets(*job(SheetContent::LineArt), path, m_progress);
            if (name == "tags.pdf")
                return writeCornerTags(path);
            if (name.startsWith("takes"))
                return writeContactSheet(p, {review::figuresOf(p, 0, m_cache, m_progress)}, path);
            return exportWork(p, path, {300, 0}, m_cache, m_progress);
        };
        QVERIFY(kit::writeBytes(path, "what was there"));
        for (const rlim_t room : {0, 700, 4096}) {
            Result<Done> done = Done{};
            {
                const FullDisk disk(room);
                done = write();
            }
            if (done) // so little was wanted
                continue;
            QVERIFY2(QString::fromStdString(done.error().sentence).endsWith('.'), done.error().detail.c_str());
            QFile f(path);
            QVERIFY(f.open(QIODevice::ReadOnly));
            QCOMPARE(f.readAll(), QByteArray("what was there"));
            QCOMPARE(QDir(m_dir.path()).entryList({name + "*"}, QDir::Files).size(), 1); // and nothing beside it
        }
        const auto done = write(); // with room it is written over it
        QVERIFY2(bool(done), done ? "" : done.error().sentence.c_str());
        QVERIFY(QFile(path).size() > 500);
    }
    void linesAreSvgInMillimetres()
    {
        const Project p = kit::postWork();
        const QString file = at("lines.svg");
        QVERIFY(bool(exportWork(p, file, {}, m_cache, m_progress)));
        // Another reader draws it: the canvas is as large as it is, the post's side where it stands.
        const auto drawn = store::readPicture(std::filesystem::path(file.toStdString()));
        QVERIFY2(bool(drawn), drawn ? "" : drawn.error().sentence.c_str());
        const double k = drawn->pixels.width() / p.brief.widthCm;
        QVERIFY(std::abs(drawn->pixels.height() / k - p.brief.heightCm) < 0.1);
        QFile xml(file);
        QVERIFY(xml.open(QIODevice::ReadOnly));
        QXmlStreamReader reader(&xml);
        std::set<QString> layers;
        int paths = 0, marks = 0;
        double most = 0;
        while (!reader.atEnd()) {
            reader.readNext();
            if (!reader.isStartElement())
                continue;
            if (reader.name() == u"svg")
                QCOMPARE(reader.attributes().value("width").toString(), QString("%1.000mm").arg(10 * p.brief.widthCm));
            if (reader.name() == u"g")
                layers.insert(reader.attributes().value("id").toString());
            marks += reader.name() == u"circle";
            if (reader.name() == u"path") {
                ++paths;
                const QString d = reader.attributes().value("d").toString();
                QVERIFY(d.startsWith('M') && d.contains('C'));
                most = std::max(most, d.mid(1).section(',', 0, 0).toDouble());
            }
        }
        QVERIFY(!reader.hasError() && paths >= 1 && marks >= 4);
        QVERIFY(layers.contains("grid") && layers.contains("landmarks")
            && layers.contains(QString("lines-%1-0").arg(p.elements[0].id)));
        QVERIFY(most > 50 && most <= 10 * p.brief.widthCm);
    }
    void layersAreOpenRaster()
    {
        const Project p = kit::postWork();
        const QString file = at("layers.ora");
        ExportWish wish;
        wish.widthPx = 300;
        QVERIFY(bool(exportWork(p, file, wish, m_cache, m_progress)));
        // The mimetype comes first, unpacked, so that the file can be told by its first bytes.
        QFile raw(file);
        QVERIFY(raw.open(QIODevice::ReadOnly));
        const QByteArray head = raw.read(60);
        QVERIFY(head.startsWith("PK") && head.mid(30).startsWith("mimetypeimage/openraster"));
        QProcess tar;
        tar.setWorkingDirectory(m_dir.path());
        tar.start("cmake", {"-E", "tar", "xf", file});
        QVERIFY(tar.waitForFinished(20000) && tar.exitCode() == 0);
        QFile stack(at("stack.xml"));
        QVERIFY(stack.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&stack);
        QStringList names;
        QString top;
        while (!xml.atEnd()) {
            xml.readNext();
            if (!xml.isStartElement() || xml.name() != u"layer")
                continue;
            names << xml.attributes().value("name").toString();
            QVERIFY(!QImage(at(xml.attributes().value("src").toUtf8())).isNull());
            if (names.last() == QString::fromStdString(p.elements[0].name))
                top = xml.attributes().value("src").toString();
        }
        QVERIFY(names.contains("backdrop") && names.contains("pass: shadow") && !top.isEmpty());
        QCOMPARE(names.last(), QString("backdrop"));
        const QImage whole(at("mergedimage.png")), post(at(top.toUtf8()));
        QCOMPARE(whole.width(), 300);
        QVERIFY(post.hasAlphaChannel() && std::max(QImage(at("Thumbnails/thumbnail.png")).width(), 0) <= 256);
    }
    void picturesKnowTheirResolution()
    {
        const Project p = kit::postWork();
        ExportWish wish;
        wish.widthPx = 400, wish.pixelsPerInch = 30;
        const int w = int(std::lround(p.brief.widthCm / 2.54 * 30));
        QVERIFY(bool(exportWork(p, at("p.png"), wish, m_cache, m_progress)));
        const QImage png(at("p.png"));
        QCOMPARE(png.width(), w);
        QVERIFY(std::abs(png.dotsPerMeterX() * 0.0254 - 30) < 0.1);
        QVERIFY(bool(exportWork(p, at("p.tif"), wish, m_cache, m_progress)));
        const QImage tif(at("p.tif"));
        QCOMPARE(tif.width(), w);
        QVERIFY(std::abs(tif.dotsPerMeterX() * 0.0254 - 30) < 0.5);
        QVERIFY(exportWork(p, at("p.gif"), wish, m_cache, m_progress).error().kind == ErrorKind::Invalid);
        QVERIFY(exportWork(p, m_dir.filePath("no/such/p.tif"), wish, m_cache, m_progress).error().kind
            == ErrorKind::NotWritable);
    }
    void stripsAreOnePicture_data()
    {
        QTest::addColumn<int>("w");
        QTest::newRow("grown") << 1500;
        QTest::newRow("as it is") << 500;
        QTest::newRow("shrunk") << 120;
    }
    void stripsAreOnePicture()
    {
        QFETCH(int, w);
        const Photo photo = kit::plain(500, 400, {10, 20, 30});
        std::vector<Rgb8> pixels;
        for (int y = 0; y < 400; ++y)
            for (int x = 0; x < 500; ++x)
                pixels.push_back({std::uint8_t(x / 2), std::uint8_t(y / 2), std::uint8_t(x / 2)});
        const int h = w * 4 / 5;
        QVERIFY(bool(writeTiff({500, 400, pixels}, w, h, 200, at("s.tif"), m_progress)));
        const cv::Mat read = cv::imread(at("s.tif").toStdString());
        QVERIFY(read.cols == w && read.rows == h);
        // A ramp stays that ramp, over the seams of strips too.
        double worst = 0;
        for (int y = 8; y < h - 8; ++y)
            for (int x = 8; x < w - 8; x += 7) {
                const cv::Vec3b c = read.at<cv::Vec3b>(y, x);
                worst
                    = std::max({worst, std::abs(c[2] - (x + 0.5) * 250.0 / w), std::abs(c[1] - (y + 0.5) * 200.0 / h)});
            }
        QVERIFY2(worst < 1.6, qPrintable(QString::number(worst)));
        QVERIFY(!writeTiff({}, 10, 10, 200, at("x.tif"), m_progress)
            && !writeTiff(photo, 0, 10, 200, at("x.tif"), m_progress)
            && !writeTiff(photo, 10, 10, std::nan(""), at("x.tif"), m_progress));
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        QVERIFY(writeTiff(photo, 100, 80, 200, at("c.tif"), stop).error().kind == ErrorKind::Cancelled);
        QVERIFY(!QFile::exists(at("c.tif")) && !QFile::exists(at("c.tif.part")));
    }
    void sheetsOfEveryKindAreWritten_data()
    {
        QTest::addColumn<int>("content");
        for (int i = 0; i < kSheetContentCount; ++i)
            QTest::newRow(wordOf(SheetContent(i))) << i;
    }
    void sheetsOfEveryKindAreWritten()
    {
        QFETCH(int, content);
        const int post = kit::postWork().elements[0].id;
        const auto what = SheetContent(content);
        const bool one = content >= int(SheetContent::Flow);
        const auto made = job(what, one ? post : 0);
        QVERIFY2(bool(made), made ? "" : made.error().sentence.c_str());
        const QString pdf = at("kind.pdf");
        QVERIFY(bool(writeSheets(*made, pdf, m_progress)));
        QVERIFY(kit::pdfPages(pdf) >= 1);
        const QImage page = kit::pdfPage(pdf, kit::pdfPages(pdf) > 1 ? 2 : 1, 50);
        int ink = 0;
        for (int y = 0; y < page.height(); ++y)
            for (int x = 0; x < page.width(); ++x)
                ink += qGray(page.pixel(x, y)) < 180;
        QVERIFY2(ink > 60, qPrintable(QString::number(ink)));
        if (one)
            QVERIFY(
                job(what, 0).error().kind == ErrorKind::Missing && job(what, 9999).error().kind == ErrorKind::Missing);
    }
    void aFlockIsCutFromManyDirections_data()
    {
        QTest::addColumn<int>("turns");
        QTest::newRow("one") << 1;
        QTest::newRow("two") << 2;
        QTest::newRow("seven") << 7;
    }
    void aFlockIsCutFromManyDirections()
    {
        QFETCH(int, turns);
        const Project p = kit::postWork();
        const auto shape = shapeToCut(p, p.elements[0].id, SheetContent::Mask, m_cache, turns);
        QVERIFY2(bool(shape), shape ? "" : shape.error().sentence.c_str());
        QCOMPARE(int(shape->loops.size()), turns);
        // They lie apart, within the canvas' width, and are as wide as they are seen.
        std::vector<Rect> boxes;
        for (const auto& loop : shape->loops) {
            Rect b{loop[0].x, loop[0].y, 0, 0};
            for (const Vec2 v : loop) {
                const double l = std::min(b.x, v.x), t = std::min(b.y, v.y);
                b = {l, t, std::max(b.right(), v.x) - l, std::max(b.bottom(), v.y) - t};
            }
            for (const Rect& o : boxes)
                QVERIFY(b.cutTo(o).width * b.cutTo(o).height < 1e-6);
            boxes.push_back(b);
        }
        if (turns == 7) { // straight on it is widest: cos 60° at the ends
            const auto widest = std::max_element(
                boxes.begin(), boxes.end(), [](const Rect& a, const Rect& b) { return a.width < b.width; });
            QVERIFY2(boxes[0].width < 0.7 * widest->width,
                qPrintable(QString("%1 %2").arg(boxes[0].width).arg(widest->width)));
        }
        QVERIFY(!shapeToCut(p, 9999, SheetContent::Mask, m_cache, turns));
    }
    void theBleedGoesOnAsInAMirror()
    {
        Project p = kit::postWork();
        p.sheets.bleedCm = 2, p.sheets.paper = "A1";
        auto made = sheetJob(p, SheetContent::Picture, false, m_cache, m_progress);
        const SheetJob j = made.take();
        QVERIFY(bool(writeSheets(j, at("bleed.pdf"), m_progress)));
        const auto plan = transfer::tilesOf(p);
        const QImage page = kit::pdfPage(at("bleed.pdf"), 2, 50);
        const auto seen = [&](double x, double y) { // cm of the canvas
            return page.pixelColor(int((plan.margin + x - plan.tiles[0].canvas.x) / 2.54 * 50),
                int((plan.margin + y - plan.tiles[0].canvas.y) / 2.54 * 50));
        };
        for (const double y : {5.0, 12.0, 30.0})
            for (const double out : {0.6, 1.2, 1.7}) {
                const QColor inside = seen(out, y), beyond = seen(-out, y);
                QVERIFY(std::abs(inside.red() - beyond.red()) < 6 && std::abs(inside.blue() - beyond.blue()) < 6);
                QVERIFY(beyond.lightness() < 245); // no bare paper
            }
        QVERIFY(seen(5, -1).lightness() < 245 && std::abs(seen(5, -1).blue() - seen(5, 1).blue()) < 6);
    }
    void roundCanvasesHaveTheirOutline()
    {
        for (const Format format : {Format::Rectangle, Format::Oval}) {
            Project p = kit::postWork();
            p.brief.format = format;
            p.elements.clear();
            p.sheets.paper = "A1";
            auto made = sheetJob(p, SheetContent::LineArt, false, m_cache, m_progress);
            SheetJob j = made.take();
            j.lines.clear();
            QVERIFY(bool(writeSheets(j, at("round.pdf"), m_progress)));
            const auto plan = transfer::tilesOf(p);
            const QImage page = kit::pdfPage(at("round.pdf"), 2, 50);
            // On the diagonal an oval's border lies 0.146 of the side in.
            const auto dark = [&](Vec2 cm) {
                const int x = int((plan.margin + cm.x) / 2.54 * 50), y = int((plan.margin + cm.y) / 2.54 * 50);
                int least = 255;
                for (int v = -2; v <= 2; ++v)
                    for (int u = -2; u <= 2; ++u)
                        least = std::min(least, qGray(page.pixel(x + u, y + v)));
                return least < 150;
            };
            QCOMPARE(dark({0.1464 * p.brief.widthCm, 0.1464 * p.brief.heightCm}), format == Format::Oval);
        }
    }
    void thePrinterThatStraysIsCorrected()
    {
        auto made = job(SheetContent::LineArt);
        QVERIFY(bool(made));
        // What comes out of it measures short; corrected by that, it measures true.
        const devices::Slip slip{0.994, 0.994, 0};
        QVERIFY(bool(devices::SimulatedPrinter(at("short.pdf"), slip).print(*made, m_progress)));
        const double first = kit::rulerMm(at("short.pdf"), 2);
        QVERIFY2(std::abs(first - 99.4) < 0.1, qPrintable(QString::number(first)));
        SheetJob again = *made;
        again.project.sheets.scaleCorrection = 100 / first;
        QVERIFY(bool(devices::SimulatedPrinter(at("true.pdf"), slip).print(again, m_progress)));
        const double then = kit::rulerMm(at("true.pdf"), 2);
        QVERIFY2(std::abs(then - 100) < 0.1, qPrintable(QString::number(then)));
        // Askew, its pages are still there.
        QVERIFY(bool(devices::SimulatedPrinter(at("askew.pdf"), {1, 1, 0.8}).print(*made, m_progress)));
        QCOMPARE(kit::pdfPages(at("askew.pdf")), kit::pdfPages(at("true.pdf")));
    }
    void linesForADarkGroundAndMirrored()
    {
        auto read = job(SheetContent::LineArt);
        SheetJob made = read.take();
        made.withGrid = false;
        const QString plain = at("plain.pdf"), dark = at("dark.pdf"), turned = at("turned.pdf");
        QVERIFY(bool(writeSheets(made, plain, m_progress)));
        SheetJob other = made;
        other.project.sheets.darkGround = 1;
        QVERIFY(bool(writeSheets(other, dark, m_progress)));
        other = made;
        other.project.sheets.mirrored = 1;
        QVERIFY(bool(writeSheets(other, turned, m_progress)));
        const auto plan = transfer::tilesOf(made.project);
        const QImage a = kit::pdfPage(plain, 2, 60), b = kit::pdfPage(turned, 2, 60), c = kit::pdfPage(dark, 2, 60);
        const int y = int((plan.margin + plan.tiles[0].canvas.height / 2) / 2.54 * 60), x = int(4 / 2.54 * 60);
        QVERIFY(qGray(a.pixel(x, y)) > 200 && qGray(c.pixel(x, y)) < 100);
        // Seen in a mirror the sheet's face is the same.
        const double left = plan.margin / 2.54 * 60, wide = plan.tiles[0].canvas.width / 2.54 * 60;
        int same = 0, all = 0;
        for (int i = 4; i < int(wide) - 4; ++i)
            for (int j = int(left) + 4; j < int(left + plan.tiles[0].canvas.height / 2.54 * 60) - 4; j += 2, ++all)
                same += std::abs(qGray(a.pixel(int(left) + i, j)) - qGray(b.pixel(int(left + wide) - i, j))) < 90;
        QVERIFY2(same > 0.98 * all, qPrintable(QString("%1 of %2").arg(same).arg(all)));
    }
};

RL_TEST(TestExport)
#include "tst_export.moc"
