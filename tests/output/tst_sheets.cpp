#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/transfer/grid.h"
#include "output/sheets.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using namespace rl::output;

namespace {
SheetJob jobOf(SheetContent content, const char* paper)
{
    Project p = kit::postWork();
    p.sheets.paper = paper;
    stage::SurfaceCache cache;
    NoProgress progress;
    return sheetJob(p, content, true, cache, progress).take();
}
} // namespace

class TestSheets : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
private slots:
    void pagesAreTrueToSize_data()
    {
        QTest::addColumn<QString>("paper");
        QTest::addColumn<double>("w");
        QTest::addColumn<double>("h");
        QTest::newRow("A4") << "A4" << 210.0 << 297.0;
        QTest::newRow("Letter") << "Letter" << 215.9 << 279.4;
        QTest::newRow("A3") << "A3" << 297.0 << 420.0;
    }
    void pagesAreTrueToSize()
    {
        QFETCH(QString, paper);
        QFETCH(double, w);
        QFETCH(double, h);
        const SheetJob job = jobOf(SheetContent::LineArt, qPrintable(paper));
        const QString pdf = m_dir.filePath(paper + ".pdf");
        NoProgress progress;
        QVERIFY(bool(writeSheets(job, pdf, progress)));
        const auto plan = transfer::tilesOf(job.project);
        QCOMPARE(kit::pdfPages(pdf), int(plan.tiles.size()) + 1);
        const bool turned = plan.paperWidth > plan.paperHeight;
        for (const int page : {1, 2, kit::pdfPages(pdf)}) {
            const QSizeF mm = kit::pdfPageMm(pdf, page);
            QVERIFY(std::abs(mm.width() - (turned ? h : w)) < 0.2 && std::abs(mm.height() - (turned ? w : h)) < 0.2);
            const double ruler = kit::rulerMm(pdf, page);
            QVERIFY2(std::abs(ruler - 100) <= 0.1, qPrintable(QString("page %1: %2 mm").arg(page).arg(ruler)));
        }
    }

    /// However long a recipe is, it stays on its line and on the page, in any number of puddles.
    void recipesStayOnThePage_data()
    {
        QTest::addColumn<QString>("paper");
        QTest::addColumn<int>("puddles");
        for (const int n : {8, 40})
            QTest::addRow("A4, %d", n) << "A4" << n;
        QTest::newRow("A3, 24") << "A3" << 24;
    }
    void recipesStayOnThePage()
    {
        QFETCH(QString, paper);
        QFETCH(int, puddles);
        Project p = edits::withPaintBox(kit::shoreWork(), paint::firstBox());
        p.sheets.paper = paper.toStdString(), p.mix.puddles = puddles;
        stage::SurfaceCache cache;
        NoProgress progress;
        SheetJob job = sheetJob(p, SheetContent::Colours, true, cache, progress).take();
        paint::Mixing mixed = *job.mixing;
        QVERIFY(!mixed.recipes.empty());
        for (paint::Answer& a : mixed.recipes) // four tints each: as long as they come
            a.formulas[0].recipe = {{"PG7/20", 12}, {"PV23/20", 11}, {"PO73/20", 9}, {"PBk9/20", 8}};
        job.mixing = std::make_shared<const paint::Mixing>(std::move(mixed));
        const QString pdf = m_dir.filePath("colours.pdf");
        QVERIFY(bool(writeSheets(job, pdf, progress)));
        QCOMPARE(kit::pdfPages(pdf), 1);
        const QImage page = kit::pdfPage(pdf, 1, 100).convertToFormat(QImage::Format_Grayscale8);
        const int margin = int(9 / 25.4 * 100);
        const auto inked = [&](int x0, int y0, int x1, int y1) {
            int n = 0;
            for (int y = y0; y < y1; ++y)
                for (int x = x0; x < x1; ++x)
                    n += page.constScanLine(y)[x] < 200;
            return n;
        };
        QCOMPARE(inked(page.width() - margin, 0, page.width(), page.height()), 0);
        QVERIFY(inked(margin, page.height() / 2, page.width() - margin, page.height()) > 2000);
    }

    void thePostIsDrawnWhereItStands()
    {
        // The sheet that holds the post's foot has its outline at the true place, to half a millimetre.
        SheetJob job = jobOf(SheetContent::LineArt, "A4");
        job.withGrid = false;
        const QString pdf = m_dir.filePath("post.pdf");
        NoProgress progress;
        QVERIFY(bool(writeSheets(job, pdf, progress)));
        const auto plan = transfer::tilesOf(job.project);
        const auto place = stage::placementOf(job.project, job.project.elements[0], {10, 10, 40, 400});
        const Vec2 side{place.canvas.x, place.canvas.centre().y};
        for (std::size_t i = 0; i < plan.tiles.size(); ++i) {
            const Rect& t = plan.tiles[i].canvas;
            if (!t.contains(side) || side.x - t.x < 1 || t.right() - side.x < 1)
                continue;
            const int dpi = 300;
            const QImage page = kit::pdfPage(pdf, int(i) + 2, dpi);
            const double k = dpi / 2.54;
            const int y = int((plan.margin + side.y - t.y) * k);
            int dark = -1;
            for (int x = int((plan.margin + side.x - t.x - 0.4) * k);
                 x < int((plan.margin + side.x - t.x + 0.4) * k) && dark < 0; ++x)
                if (qGray(page.pixel(x, y)) < 128)
                    dark = x;
            QVERIFY(dark >= 0);
            const double found = dark / k - plan.margin + t.x;
            QVERIFY2(std::abs(found - side.x) < 0.06, qPrintable(QString("%1 cm for %2 cm").arg(found).arg(side.x)));
            return;
        }
        QFAIL("no sheet holds the post");
    }

    void picturesArePrinted()
    {
        const SheetJob job = jobOf(SheetContent::Picture, "A4");
        const QString pdf = m_dir.filePath("picture.pdf");
        NoProgress progress;
        QVERIFY(bool(writeSheets(job, pdf, progress)));
        const QImage page = kit::pdfPage(pdf, 2, 60);
        const QRgb sky = page.pixel(page.width() / 2, page.height() / 8);
        QVERIFY(qBlue(sky) > qRed(sky) && qGray(sky) < 240); // the plain backdrop's sky, not paper
    }

    void badPlacesAndCancelLeaveNothingBehind()
    {
        const SheetJob job = jobOf(SheetContent::Grid, "A4");
        NoProgress progress;
        const auto written = writeSheets(job, m_dir.filePath("no/such/sheets.pdf"), progress);
        QVERIFY(!written && written.error().kind == ErrorKind::NotWritable);
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        const QString pdf = m_dir.filePath("cancelled.pdf");
        QVERIFY(writeSheets(job, pdf, stop).error().kind == ErrorKind::Cancelled);
        QVERIFY(!QFile::exists(pdf) && !QFile::exists(pdf + ".part"));
        SheetJob mural = job;
        mural.project.brief.widthCm = mural.project.brief.heightCm = 2000;
        QVERIFY(writeSheets(mural, pdf, progress).error().kind == ErrorKind::TooLarge);
    }

    void printedPicturesAreFineEnough()
    {
        Project p;
        p.brief.widthCm = 25.4;
        p.brief.heightCm = 12.7;
        QCOMPARE(printWidthPx(p), 2000); // 200 px/inch
        p.brief.widthCm = 1000;
        QCOMPARE(printWidthPx(p), 6000); // and never more than this along the long side
    }
};

RL_TEST(TestSheets)
#include "tst_sheets.moc"
