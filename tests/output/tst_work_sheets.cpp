#include "core/project/painting_edits.h"
#include "core/survey/corner_tags.h"
#include "output/work_sheets.h"
#include "tests/kit/frames.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

using namespace rl;

/// A sitting on a page, the record, the corner tags: what comes out of the printer.
class TestWorkSheets : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    NoProgress m_progress;
    QString at(const char* name) { return m_dir.filePath(name); }
    static Project made()
    {
        Project p = kit::postWork();
        p.brief.title = "Post at low tide";
        p.painting.diary.hours = {{1, 1140, 1260}, {5, 600, 780}};
        p.brief.facts = {{p.freshId(), "one post only", "seen myself", p.elements[0].id, true},
            {p.freshId(), "no shadow to the left", "the plan", 0, false}};
        p.references.push_back(kit::referenceOf("shore", kit::plain(60, 40, {90, 100, 120})));
        p.references.back().id = p.freshId(), p.references.back().credit = "Ada";
        return p;
    }
    survey::PaintedWork work(const Project& p)
    {
        const auto frame = kit::frameOf(p, 480);
        light::Relighter relighter;
        return survey::paintedWork(p, relighter.light(frame, p.lights), schedule::farToNear(*frame), nullptr);
    }
    schedule::WorkPlan plan(const survey::PaintedWork& w)
    {
        return schedule::planWork(
            w.project, w.facts, nullptr, schedule::minutesFrom("2031-03-03T18:00").value(), {300, 10'000}, m_progress);
    }
    /// Share of a page that is not paper.
    static double inked(const QImage& page)
    {
        const QImage grey = page.convertToFormat(QImage::Format_Grayscale8);
        qint64 n = 0;
        for (int y = 0; y < grey.height(); ++y)
            for (int x = 0; x < grey.width(); ++x)
                n += grey.constScanLine(y)[x] < 235;
        return double(n) / (double(grey.width()) * grey.height());
    }
    static cv::Mat greyOf(const QImage& page)
    {
        const QImage grey = page.convertToFormat(QImage::Format_Grayscale8);
        return cv::Mat(
            grey.height(), grey.width(), CV_8U, const_cast<uchar*>(grey.constBits()), std::size_t(grey.bytesPerLine()))
            .clone();
    }

private slots:
    void everySittingFitsOnAPage_data()
    {
        QTest::addColumn<int>("which");
        for (const int i : {0, 2, 4})
            QTest::addRow("sitting %d", i + 1) << i;
    }
    void everySittingFitsOnAPage()
    {
        QFETCH(int, which);
        const auto w = work(made());
        const auto p = plan(w);
        QVERIFY(int(p.sittings.size()) > which);
        QVERIFY(bool(output::writeSitting(w, p, which, at("s.pdf"))));
        QCOMPARE(kit::pdfPages(at("s.pdf")), 1);
        const QSizeF mm = kit::pdfPageMm(at("s.pdf"), 1);
        QVERIFY(std::abs(mm.width() - 210) < 1 && std::abs(mm.height() - 297) < 1);
        const QImage page = kit::pdfPage(at("s.pdf"), 1, 60);
        const double ink = inked(page);
        QVERIFY2(ink > 0.01 && ink < 0.6, qPrintable(QString::number(ink)));
        // Two pictures side by side: before, and as it should look at the end.
        const cv::Mat grey = greyOf(page);
        const cv::Mat upper = grey.rowRange(grey.rows / 9, grey.rows / 4);
        QVERIFY(cv::countNonZero(upper.colRange(0, grey.cols / 2) < 250) > 500
            && cv::countNonZero(upper.colRange(grey.cols / 2, grey.cols) < 250) > 500);
    }
    void whatIsNoSittingIsRefused_data()
    {
        QTest::addColumn<int>("which");
        for (const int i : {-1, 1000})
            QTest::addRow("%d", i) << i;
    }
    void whatIsNoSittingIsRefused()
    {
        QFETCH(int, which);
        const auto w = work(made());
        const auto done = output::writeSitting(w, plan(w), which, at("none.pdf"));
        QVERIFY(!done && done.error().kind == ErrorKind::Invalid);
        QVERIFY(!QFile::exists(at("none.pdf")));
    }
    void tagsArePrintedAtSize()
    {
        QVERIFY(bool(output::writeCornerTags(at("tags.pdf"))));
        const int dpi = 200;
        const cv::Mat page = greyOf(kit::pdfPage(at("tags.pdf"), 1, dpi));
        // Each black square is four centimetres wide, whatever a printer makes of it.
        cv::Mat dark = page < 110, labels, stats, centres;
        cv::morphologyEx(dark, dark, cv::MORPH_CLOSE, cv::Mat::ones(41, 41, CV_8U));
        const int n = cv::connectedComponentsWithStats(dark, labels, stats, centres);
        int squares = 0;
        for (int i = 1; i < n; ++i) {
            const double wide = stats.at<int>(i, cv::CC_STAT_WIDTH) / double(dpi) * 2.54,
                         high = stats.at<int>(i, cv::CC_STAT_HEIGHT) / double(dpi) * 2.54;
            if (wide < 3 || high < 3)
                continue;
            ++squares;
            QVERIFY2(std::abs(wide - survey::kTagCm) < 0.06 && std::abs(high - survey::kTagCm) < 0.06,
                qPrintable(QString("%1 × %2 cm").arg(wide).arg(high)));
        }
        QCOMPARE(squares, 4);
    }
    void printedTagsAreSeenAsTheyLie()
    {
        // The four laid about a canvas of 50 × 35 cm on a grey wall, 30 px a cm, seen straight on.
        constexpr double k = 30, w = 50, h = 35, whole = survey::kTagCm + 2 * survey::kTagMarginCm;
        cv::Mat wall(int((h + 20) * k), int((w + 20) * k), CV_8U, cv::Scalar(120));
        for (int corner = 0; corner < 4; ++corner) {
            const int px = int(std::lround(whole * k));
            const double x = corner == 0 || corner == 3 ? 10 - whole : 10 + w, y = corner < 2 ? 10 - whole : 10 + h;
            survey::tagPicture(corner, px)
                .mat()
                .copyTo(wall(cv::Rect(int(std::lround(x * k)), int(std::lround(y * k)), px, px)));
        }
        const auto view = survey::taggedView(wall, w, h);
        QVERIFY(view.has_value());
        const Vec2 truth[]{{10 * k - 0.5, 10 * k - 0.5}, {(10 + w) * k - 0.5, 10 * k - 0.5},
            {(10 + w) * k - 0.5, (10 + h) * k - 0.5}, {10 * k - 0.5, (10 + h) * k - 0.5}};
        for (std::size_t i = 0; i < 4; ++i)
            QVERIFY2((view->corners()[i] - truth[i]).length() / k * 10 < 0.2,
                qPrintable(QString::number((view->corners()[i] - truth[i]).length())));
        // Turned a little and soft, they still say it.
        cv::Mat turned;
        const cv::Point2f middle(float(wall.cols) / 2, float(wall.rows) / 2);
        const cv::Mat turn = cv::getRotationMatrix2D(middle, 7, 0.9);
        cv::warpAffine(wall, turned, turn, wall.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
        cv::GaussianBlur(turned, turned, {}, 1.2);
        const auto again = survey::taggedView(turned, w, h);
        QVERIFY(again.has_value());
        for (std::size_t i = 0; i < 4; ++i) {
            const Vec2 p{
                turn.at<double>(0, 0) * truth[i].x + turn.at<double>(0, 1) * truth[i].y + turn.at<double>(0, 2),
                turn.at<double>(1, 0) * truth[i].x + turn.at<double>(1, 1) * truth[i].y + turn.at<double>(1, 2)};
            QVERIFY2((again->corners()[i] - p).length() / (0.9 * k) * 10 < 0.35,
                qPrintable(QString::number((again->corners()[i] - p).length())));
        }
    }
    void theRecordHoldsWhatWasAsked()
    {
        Project p = made();
        Sitting s;
        s.began = 1'900'000'000;
        s.spans = {{"pass:0", WorkKind::Pass, 0, s.began, 3600},
            {"detail:1", WorkKind::Detail, p.elements[0].id, s.began + 3600, 1800}};
        p = edits::withSitting(std::move(p), s);
        p = edits::withTaskDone(std::move(p), "carry", true);
        Decision d;
        d.words = "no kite", d.reason = "it pulls", d.scrapped = true;
        p = edits::withDecision(std::move(p), d);
        p.painting.signature = "M. 31";
        Reference canvas = kit::referenceOf("canvas 1", kit::plain(40, 30, {1, 1, 1}));
        p = edits::withCanvasPhoto(std::move(p), canvas, {});
        const auto w = work(p);
        const auto j = output::recordOf(w, plan(w));
        QCOMPARE(j["title"].get<std::string>(), std::string("Post at low tide"));
        QVERIFY(std::abs(j["hours"]["logged"].get<double>() - 1.0) < 1.01);
        QVERIFY(std::abs(j["hours"]["by_kind"]["pass"].get<double>() - 1) < 1e-9
            && std::abs(j["hours"]["by_kind"]["details"].get<double>() - 0.5) < 1e-9);
        QCOMPARE(int(j["hours"]["by_element"].size()), 2);
        QCOMPARE(int(j["facts"].size()), 2);
        QVERIFY(j["facts"][0]["checked"].get<bool>() && !j["facts"][1]["checked"].get<bool>());
        QCOMPARE(int(j["credits"].size()), int(p.references.size()) - 1); // the canvas itself needs no permission
        QVERIFY(j["credits"].back()["credit"] == "Ada" && j["decisions"][0]["scrapped"].get<bool>());
        int done = 0;
        for (const auto& t : j["stages"])
            done += t["done"].get<bool>();
        QCOMPARE(done, 1);
    }
    void theRecordOnPaperGoesOnOverPages_data()
    {
        QTest::addColumn<int>("decisions");
        QTest::addColumn<int>("pages");
        QTest::newRow("short") << 2 << 1;
        QTest::newRow("long") << 120 << 2;
    }
    void theRecordOnPaperGoesOnOverPages()
    {
        QFETCH(int, decisions);
        QFETCH(int, pages);
        Project p = made();
        for (int i = 0; i < decisions; ++i) {
            Decision d;
            d.words = "decision " + std::to_string(i), d.reason = "so";
            p = edits::withDecision(std::move(p), d);
        }
        const auto w = work(p);
        std::vector<std::pair<QString, QImage>> stages;
        for (int i = 0; i < 11; ++i) { // more than fit
            QImage image(60, 40, QImage::Format_RGB32);
            image.fill(QColor(20 * i, 90, 200 - 10 * i));
            stages.emplace_back(QString("day %1").arg(i), image);
        }
        QVERIFY(bool(output::writeRecord(w, plan(w), stages, at("r.pdf"))));
        QVERIFY2(kit::pdfPages(at("r.pdf")) >= pages, qPrintable(QString::number(kit::pdfPages(at("r.pdf")))));
        QVERIFY(inked(kit::pdfPage(at("r.pdf"), 1, 50)) > 0.02);
        const auto nowhere = output::writeRecord(w, plan(w), {}, "/nowhere/at/all.pdf");
        QVERIFY(!nowhere && !nowhere.error().sentence.empty());
        const auto other = output::writeRecord(w, plan(w), {}, at("r.txt"));
        QVERIFY(!other && other.error().kind == ErrorKind::Invalid);
    }
    void calendarEntriesSayWhatIsDone()
    {
        const auto w = work(made());
        const auto p = plan(w);
        const auto all = schedule::calendarOf(p, "Post");
        QCOMPARE(all.size(), p.sittings.size());
        for (std::size_t i = 0; i < all.size(); ++i) {
            QCOMPARE(all[i].from, p.sittings[i].parts.front().from);
            QCOMPARE(all[i].to, p.sittings[i].parts.back().to);
            QCOMPARE(all[i].what, std::string("Paint: Post"));
            QCOMPARE(
                int(std::count(all[i].about.begin(), all[i].about.end(), '\n')), int(p.sittings[i].parts.size()) - 1);
            QVERIFY(p.sittings[i].worked() > 0
                && p.sittings[i].worked() <= p.sittings[i].free.to - p.sittings[i].free.from);
        }
    }
};

RL_TEST(TestWorkSheets)
#include "tst_work_sheets.moc"
