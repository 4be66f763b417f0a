// Carry: line art against rendered truth, stroke flow, landmarks, keystone; and their speed.
#include "bench/figures.h"
#include "core/colour/srgb.h"
#include "core/transfer/curves.h"
#include "core/transfer/flow.h"
#include "core/transfer/landmarks.h"
#include "core/transfer/lineart.h"
#include "demo/demo_work.h"
#include "devices/projector.h"
#include "output/big_picture.h"
#include "output/sheet_page.h"
#include "tests/kit/pdf.h"
#include <QProcess>
#include <QTemporaryDir>
#include <chrono>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::bench {

namespace {
} // namespace

std::optional<transfer::LineSource> photographedThing(const Project& p, const std::string& name, int widthPx)
{
    const Reference* r = nullptr;
    for (const Reference& x : p.references)
        if (x.name.find(name) != std::string::npos)
            r = &x;
    const Cutout* c = nullptr;
    for (const Cutout& x : p.cutouts)
        if (r && x.reference == r->id)
            c = &x;
    if (!c)
        return {};
    cv::Mat photo, alpha;
    const Photo pixels = r->pixels.photo();
    cv::resize(pixels.mat(), photo, {widthPx, pixels.height() * widthPx / pixels.width()}, 0, 0, cv::INTER_AREA);
    cv::resize(c->alpha.mat(), alpha, photo.size(), 0, 0, cv::INTER_AREA);
    transfer::LineSource s;
    s.plain = colour::linearOf(Photo::fromMat(photo));
    std::vector<std::int32_t> ids(alpha.total());
    for (std::size_t i = 0; i < ids.size(); ++i)
        ids[i] = alpha.data[i] > 127;
    s.ids = {alpha.cols, alpha.rows, std::move(ids)}, s.order = {1};
    s.pixelsPerCm = 14; // a canvas of 60 cm
    return s;
}

LineScore scored(const std::vector<transfer::Stroke>& lines, const cv::Mat& truth, double pixelsPerCm)
{
    constexpr double kNear = 2.6; // px
    cv::Mat toTruth, drawn(truth.size(), CV_8U, cv::Scalar(255)), toDrawn;
    cv::distanceTransform(truth == 0, toTruth, cv::DIST_L2, 5);
    LineScore score;
    double all = 0, onTrue = 0, longer = 0;
    for (const auto& s : lines) {
        const double length = s.lengthCm();
        longer += length > 2 ? length : 0;
        for (std::size_t i = s.closed ? 0 : 1; i < s.points.size(); ++i) {
            const Vec2 a = s.points[(i + s.points.size() - 1) % s.points.size()] * pixelsPerCm,
                       b = s.points[i] * pixelsPerCm, m = (a + b) * 0.5;
            const double step = (b - a).length() / pixelsPerCm;
            all += step;
            const int x = std::clamp(int(m.x), 0, truth.cols - 1), y = std::clamp(int(m.y), 0, truth.rows - 1);
            onTrue += double(toTruth.at<float>(y, x)) <= kNear ? step : 0;
            cv::line(drawn, {int(a.x), int(a.y)}, {int(b.x), int(b.y)}, 0);
        }
    }
    cv::distanceTransform(drawn, toDrawn, cv::DIST_L2, 5);
    const cv::Mat found = (truth > 0) & (toDrawn <= kNear);
    score.found = double(cv::countNonZero(found)) / std::max(1, cv::countNonZero(truth));
    score.onTrue = all > 0 ? onTrue / all : 0, score.overTwoCm = all > 0 ? longer / all : 0;
    score.strokes = int(lines.size()), score.lengthCm = all;
    return score;
}

namespace {
void lineFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    for (const char* name : {"tortoise", "tea_house", "lamplighter", "pylon"}) {
        const cv::Mat truth = cv::imread(std::string(RL_LINE_TRUTHS) + "/" + name + ".png", cv::IMREAD_GRAYSCALE);
        const auto source = photographedThing(*demo, name, truth.cols);
        if (!source || truth.empty())
            continue;
        std::vector<transfer::Stroke> lines;
        const double ms = bestMs(3, [&] { lines = transfer::lineArt(*source); });
        std::erase_if(lines, [](const auto& s) { return s.element == 0; }); // of the thing alone
        const LineScore s = scored(lines, truth, source->pixelsPerCm);
        const std::string of = std::string("lines of the ") + name;
        out.push_back({of + ": in strokes over 2 cm", 100 * s.overTwoCm, "%", 0, false});
        out.push_back({of + ": on a true edge", 100 * s.onTrue, "%", 0, false});
        out.push_back({of + ": of the true edges found", 100 * s.found, "%", 0, false});
        out.push_back({of + ": time", ms, "ms", 400, true});
    }
}
} // namespace

namespace {
void demoFigures(const Project& demo, std::vector<Figure>& out)
{
    NoProgress progress;
    stage::SurfaceCache cache;
    const auto source = transfer::lineSource(demo, 900, cache, progress);
    std::vector<transfer::Stroke> lines;
    cv::Mat yard(600, 900, CV_32FC3, cv::Scalar(0.5, 0.4, 0.3)), blurred;
    const double blur = bestMs(5, [&] { cv::GaussianBlur(yard, blurred, {}, 8); }),
                 ms = bestMs(5, [&] { lines = transfer::lineArt(*source); });
    out.push_back({"line art of the demo at board size", ms, "ms", 400, true});
    out.push_back({"the same over a Gaussian blur of the picture", ms / blur, "x", 0, true});
    const auto canvas = transfer::canvasPlanOf(demo);
    const auto marks = transfer::landmarksOf(demo, lines, canvas);
    std::vector<double> off;
    for (std::size_t i = 0; i < marks.points.size(); ++i)
        off.push_back(10 * (transfer::byMeasures(marks, i, canvas) - marks.points[i].at).length());
    std::sort(off.begin(), off.end());
    if (!off.empty()) {
        out.push_back({"landmarks found again by their measures, median", off[off.size() / 2], "mm", 0, true});
        out.push_back({"the same, worst", off.back(), "mm", 0.5, true});
    }
}

void projectorFigures(std::vector<Figure>& out)
{
    std::vector<double> worst;
    transfer::DotPattern dots;
    const Mask pattern = dots.picture();
    std::vector<Rgb8> pixels;
    for (std::size_t i = 0; i < pattern.size(); ++i)
        pixels.push_back({pattern.data()[i], pattern.data()[i], pattern.data()[i]});
    int lost = 0;
    for (unsigned seed = 20; seed < 36; ++seed) {
        const double w = 60, h = seed % 2 ? 40 : 75;
        devices::SimulatedProjector room(w, h, seed, (seed % 5) / 4.0);
        room.show({pattern.width(), pattern.height(), pixels});
        const auto found = transfer::keystoneOf(room.photograph(), dots, w, h);
        if (!found) {
            ++lost;
            continue;
        }
        double most = 0;
        for (const Vec2 c : {Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}})
            most = std::max(most, 10 * (room.canvasAt(found->projectorAt(c)) - c).length());
        worst.push_back(most);
    }
    std::sort(worst.begin(), worst.end());
    out.push_back({"projector squared up, worst corner: median of 16 rooms", worst[worst.size() / 2], "mm", 0, true});
    out.push_back({"the same, worst", worst.back(), "mm", 0.5, true});
    out.push_back({"rooms given up", double(lost), "of 16", 0, true});
}

/// A work of 100 × 150 cm: its sheets laid together against the lines drawn at once, 200 px an inch.
void tileFigures(const Project& demo, std::vector<Figure>& out)
{
    constexpr int kDpi = 200;
    NoProgress progress;
    stage::SurfaceCache cache;
    Project p = demo;
    p.sheets.canvasWidthCm = 100, p.sheets.canvasHeightCm = 150, p.sheets.paper = "A3";
    auto made = output::sheetJob(p, output::SheetContent::LineArt, false, cache, progress);
    if (!made)
        return;
    const output::SheetJob job = made.take();
    QTemporaryDir folder;
    const QString pdf = folder.filePath("tiles.pdf");
    if (!output::writeSheets(job, pdf, progress))
        return;
    QImage whole(int(100 / 2.54 * kDpi), int(150 / 2.54 * kDpi), QImage::Format_Grayscale8);
    whole.fill(Qt::white);
    whole.setDotsPerMeterX(int(kDpi / 0.0254 + 0.5)), whole.setDotsPerMeterY(int(kDpi / 0.0254 + 0.5));
    {
        QPainter painter(&whole);
        painter.setRenderHint(QPainter::Antialiasing);
        output::SheetPage page(painter);
        output::drawContent(page, job, {0, 0, 100, 150});
    }
    const cv::Mat direct(whole.height(), whole.width(), CV_8U, whole.bits(), std::size_t(whole.bytesPerLine()));
    cv::Mat near;
    cv::erode(direct, near, cv::Mat::ones(3, 3, CV_8U)); // dark within a pixel
    const auto plan = transfer::tilesOver(p, output::carriedPart(job));
    double worst = 0, overlap = 0;
    for (std::size_t i = 0; i < plan.tiles.size(); ++i) {
        const QImage sheet = kit::pdfPage(pdf, int(i) + 2, kDpi).convertToFormat(QImage::Format_Grayscale8);
        const double k = kDpi / 2.54, m = plan.margin * k;
        const Rect& t = plan.tiles[i].canvas;
        int dark = 0, off = 0;
        for (int y = int(m) + 8; y < int(m + t.height * k) - 8; ++y)
            for (int x = int(m) + 8; x < int(m + t.width * k) - 8; ++x) {
                if (qGray(sheet.pixel(x, y)) > 90)
                    continue;
                const int u = int(std::lround(t.x * k + x - m)), v = int(std::lround(t.y * k + y - m));
                if (u < 0 || v < 0 || u >= near.cols || v >= near.rows)
                    continue;
                ++dark;
                off += near.at<std::uint8_t>(v, u) > 150;
            }
        worst = std::max(worst, dark ? 100.0 * off / dark : 0);
        overlap += dark;
    }
    out.push_back({"sheets of 100 x 150 cm: dark pixels over 1 px off, worst sheet", worst, "%", 0.5, true});
    out.push_back({"the same: dark pixels looked at", overlap / 1e6, "million", 0, false});
    double ruler = 0;
    for (const int n : {1, 2, int(plan.tiles.size()) + 1})
        ruler = std::max(ruler, std::abs(kit::rulerMm(pdf, n) - 100));
    out.push_back({"rulers off, worst (poppler)", ruler, "mm", 0.1, true});
}

/// 3 m × 2 m at 200 px an inch, against libvips in the same run.
void muralFigures(std::vector<Figure>& out)
{
    QTemporaryDir folder;
    cv::Mat noise(1600, 2400, CV_8UC3);
    cv::RNG random(4);
    random.fill(noise, cv::RNG::UNIFORM, 0, 255);
    cv::GaussianBlur(noise, noise, {}, 2);
    const int w = int(300 / 2.54 * 200), h = int(200 / 2.54 * 200);
    const std::string in = folder.filePath("in.tif").toStdString(), ours = folder.filePath("ours.tif").toStdString(),
                      theirs = folder.filePath("theirs.tif").toStdString();
    cv::imwrite(in, noise);
    NoProgress progress;
    const Photo photo = Photo::fromMat(noise);
    const double own
        = bestMs(2, [&] { (void)output::writeTiff(photo, w, h, 200, QString::fromStdString(ours), progress); });
    out.push_back({"3 m x 2 m at 200 px/inch written as TIFF", own / 1000, "s", 0, true});
    double other = 1e18;
    for (int i = 0; i < 2; ++i)
        other = std::min(other, bestMs(1, [&] {
            QProcess vips;
            vips.start("vips",
                {"resize", QString::fromStdString(in), QString::fromStdString(theirs),
                    QString::number(double(w) / noise.cols, 'f', 9), "--kernel", "cubic"});
            if (!vips.waitForFinished(200000) || vips.exitCode() != 0)
                other = 0;
        }));
    if (other > 1)
        out.push_back({"the same over vips resize", own / other, "x", 1.2, true});
}

void flowFigures(const Project& demo, std::vector<Figure>& out)
{
    NoProgress progress;
    const Reference* r = nullptr;
    for (const Reference& x : demo.references)
        if (x.name.find("tortoise") != std::string::npos)
            r = &x;
    if (!r)
        return;
    cv::Mat photo;
    const Photo pixels = r->pixels.photo();
    cv::resize(pixels.mat(), photo, {1155, 866}, 0, 0, cv::INTER_AREA); // a megapixel
    const Photo one = Photo::fromMat(photo);
    const double ms = bestMs(2, [&] { (void)transfer::flowPoints(transfer::flowOf(one, {}, progress), one, {}, 16); });
    cv::Mat blurred;
    const double blur = bestMs(3, [&] { cv::GaussianBlur(photo, blurred, {}, 8); });
    out.push_back({"stroke flow of a megapixel", ms / 1000, "s", 2, true});
    out.push_back({"the same over a Gaussian blur", ms / blur, "x", 0, true});
}
} // namespace

void carryFigures(std::vector<Figure>& out)
{
    lineFigures(out);
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (demo) {
        demoFigures(*demo, out);
        flowFigures(*demo, out);
        tileFigures(*demo, out);
    }
    projectorFigures(out);
    muralFigures(out);
}

} // namespace rl::bench
