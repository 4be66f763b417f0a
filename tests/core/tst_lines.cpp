#include "core/colour/srgb.h"
#include "core/transfer/curves.h"
#include "core/transfer/lineart.h"
#include "tests/kit/program.h"
#include <QDir>
#include <QTest>
#include <fstream>
#include <nlohmann/json.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::transfer;

namespace {
/// A grey picture with lines drawn into it, all of it one element but for a frame.
LineSource sourceOf(const cv::Mat& grey, double pixelsPerCm, double noise = 0, unsigned seed = 1)
{
    std::mt19937 random(seed);
    std::normal_distribution<float> grain(0, float(noise));
    LineSource s;
    std::vector<Rgb> colour;
    std::vector<std::int32_t> ids;
    for (int y = 0; y < grey.rows; ++y)
        for (int x = 0; x < grey.cols; ++x) {
            const float v
                = std::clamp(float(grey.at<std::uint8_t>(y, x)) / 255 + (noise > 0 ? grain(random) : 0), 0.f, 1.f);
            colour.push_back({v, v, v});
            ids.push_back(x > 20 && y > 20 && x < grey.cols - 20 && y < grey.rows - 20);
        }
    s.plain = {grey.cols, grey.rows, std::move(colour)}, s.ids = {grey.cols, grey.rows, std::move(ids)};
    s.order = {1}, s.pixelsPerCm = pixelsPerCm;
    return s;
}
std::vector<Stroke> innerOf(const LineSource& s)
{
    auto all = lineArt(s);
    std::erase_if(all, [](const Stroke& l) { return l.kind != LineKind::Inner; });
    return all;
}
double total(const std::vector<Stroke>& lines)
{
    double sum = 0;
    for (const Stroke& s : lines)
        sum += s.lengthCm();
    return sum;
}
} // namespace

/// Line art: what is drawn, once, whole, and where it is.
class TestLines : public QObject {
    Q_OBJECT
private slots:
    void aLineIsOneStrokeWhateverItsWay_data()
    {
        QTest::addColumn<double>("degrees");
        QTest::addColumn<int>("kind"); // 0 dark line, 1 light line, 2 border of two greys
        for (const double a : {0.0, 17.0, 45.0, 71.0, 90.0, 133.0})
            for (int kind = 0; kind < 3; ++kind)
                QTest::addRow("%.0f degrees, kind %d", a, kind) << a << kind;
    }
    void aLineIsOneStrokeWhateverItsWay()
    {
        QFETCH(double, degrees);
        QFETCH(int, kind);
        constexpr double kPerCm = 14;
        const double a = degrees * 3.14159265358979 / 180;
        const cv::Point2d c(200, 200), d(110 * std::cos(a), 110 * std::sin(a));
        cv::Mat m(400, 400, CV_8U, cv::Scalar(120));
        if (kind == 2) {
            for (int y = 0; y < 400; ++y)
                for (int x = 0; x < 400; ++x)
                    m.at<std::uint8_t>(y, x) = (x - c.x) * -std::sin(a) + (y - c.y) * std::cos(a) > 0 ? 150 : 110;
        } else
            cv::line(m, c - d, c + d, kind ? 170 : 70, 2, cv::LINE_AA);
        const auto lines = innerOf(sourceOf(m, kPerCm, 0.01));
        QVERIFY(!lines.empty());
        const Stroke& s = *std::max_element(
            lines.begin(), lines.end(), [](const Stroke& x, const Stroke& y) { return x.lengthCm() < y.lengthCm(); });
        QVERIFY2(s.lengthCm() > 0.93 * 220 / kPerCm, qPrintable(QString::number(s.lengthCm())));
        // Hardly anything beside it: doubled lines are one.
        QVERIFY2(total(lines) < 1.25 * s.lengthCm(), qPrintable(QString::number(total(lines))));
        double worst = 0;
        for (std::size_t i = 12; i + 12 < s.points.size(); ++i) {
            const Vec2 p = s.points[i] * kPerCm - Vec2{c.x, c.y};
            worst = std::max(worst, std::abs(p.x * -std::sin(a) + p.y * std::cos(a)));
        }
        QVERIFY2(worst < 1.3, qPrintable(QString::number(worst)));
    }
    void gapsCloseAndBranchesMeet()
    {
        constexpr double kPerCm = 14;
        cv::Mat m(400, 400, CV_8U, cv::Scalar(130));
        cv::line(m, {80, 200}, {190, 200}, 60, 2, cv::LINE_AA); // a gap of 4 px
        cv::line(m, {194, 200}, {320, 200}, 60, 2, cv::LINE_AA);
        cv::line(m, {250, 203}, {250, 330}, 60, 2, cv::LINE_AA); // a branch
        const auto lines = innerOf(sourceOf(m, kPerCm, 0.008));
        const auto longest = std::max_element(
            lines.begin(), lines.end(), [](const Stroke& x, const Stroke& y) { return x.lengthCm() < y.lengthCm(); });
        QVERIFY2(longest->lengthCm() > 0.95 * 240 / kPerCm, qPrintable(QString::number(longest->lengthCm())));
        bool meets = false;
        for (const Stroke& s : lines)
            for (const Vec2 end : {s.points.front(), s.points.back()})
                if (&s != &*longest)
                    meets = meets || std::hypot(end.x - 250 / kPerCm, end.y - 200 / kPerCm) < 0.12;
        QVERIFY(meets);
    }
    void grainIsNoDrawing()
    {
        const cv::Mat flat(400, 400, CV_8U, cv::Scalar(128));
        for (const unsigned seed : {1u, 2u, 3u})
            QVERIFY(total(innerOf(sourceOf(flat, 14, 0.03, seed))) < 6); // of 800 cm² of grain
        cv::Mat crack = flat.clone();
        cv::line(crack, {80, 120}, {320, 260}, 60, 2, cv::LINE_AA);
        const auto lines = innerOf(sourceOf(crack, 14, 0.03));
        QVERIFY(total(lines) > 17 && total(lines) < 26); // it is 19.8 cm long
    }
    void sharedBordersAreDrawnOnceAsTheNearerOnes()
    {
        LineSource s = sourceOf(cv::Mat(300, 300, CV_8U, cv::Scalar(128)), 10);
        std::vector<std::int32_t> ids(90'000, 0);
        for (int y = 0; y < 300; ++y)
            for (int x = 0; x < 300; ++x)
                ids[std::size_t(y * 300 + x)] = x < 150 ? (y > 100 ? 5 : 0) : y > 50 ? 9 : 0;
        s.ids = {300, 300, ids};
        for (const bool leftNearer : {false, true}) {
            s.order = leftNearer ? std::vector<int>{9, 5} : std::vector<int>{5, 9};
            double shared5 = 0, shared9 = 0, border = 0;
            for (const Stroke& l : lineArt(s))
                for (const Vec2 p : l.points) {
                    (l.element == 5 ? shared5 : shared9) += std::abs(p.x - 15) < 0.25 && p.y > 11 ? 0.1 : 0;
                    border += p.x < 0.2 || p.y > 29.8 || p.x > 29.8; // the canvas' edge is no outline
                }
            QVERIFY((leftNearer ? shared5 : shared9) > 17 && (leftNearer ? shared9 : shared5) < 0.6);
            QVERIFY2(border < 12, qPrintable(QString::number(border)));
        }
    }
    void theSliderAddsWholeLines()
    {
        cv::Mat m(400, 400, CV_8U, cv::Scalar(128));
        for (int i = 0; i < 8; ++i)
            cv::line(m, {60, 60 + 40 * i}, {340 - 25 * i, 60 + 40 * i}, 40 + 9 * i, 2, cv::LINE_AA);
        const auto all = lineArt(sourceOf(m, 14));
        double before = -1;
        for (const double most : {0.0, 30.0, 60.0, 100.0}) {
            const auto some = chosenLines(all, most);
            for (const Stroke& s : some)
                QVERIFY(std::any_of(all.begin(), all.end(), [&](const Stroke& o) { return o.points == s.points; }));
            QVERIFY(total(some) > before);
            before = total(some);
        }
        QVERIFY(chosenLines(all, 0).size() >= 1 && chosenLines(all, 100).size() == all.size());
    }
    void shadowsAndValuesHaveKindsOfTheirOwn()
    {
        LineSource s = sourceOf(cv::Mat(300, 300, CV_8U, cv::Scalar(128)), 10);
        std::vector<float> zones;
        std::vector<Rgb> lit;
        for (int y = 0; y < 300; ++y)
            for (int x = 0; x < 300; ++x) {
                zones.push_back(x < 100 ? 1.f : x < 200 ? 0.5f : 0.f);
                const float v = 0.02f + 0.9f * float(x) / 300;
                lit.push_back({v, v, v});
            }
        s.zones = {300, 300, zones}, s.lit = {300, 300, lit};
        LineWish wish;
        wish.shadows = true, wish.valueSteps = 5;
        std::map<LineKind, int> count;
        for (const Stroke& l : lineArt(s, wish)) {
            ++count[l.kind];
            if (l.kind == LineKind::FormShadow)
                QVERIFY(std::abs(l.points[l.points.size() / 2].x - 10) < 0.3);
            if (l.kind == LineKind::CastShadow)
                QVERIFY(std::abs(l.points[l.points.size() / 2].x - 20) < 0.3);
        }
        QVERIFY(count[LineKind::FormShadow] == 1 && count[LineKind::CastShadow] >= 1);
        QCOMPARE(count[LineKind::ValueStep], 4);
        // Hatching lies in the shadows, in the cast one twice as dense.
        double inForm = 0, inCast = 0;
        for (const Stroke& l : lineArt(s, wish))
            if (l.kind == LineKind::Hatch)
                for (double t = 0; t <= 1; t += 0.01) {
                    const double x = l.points[0].x + t * (l.points[1].x - l.points[0].x), d = l.lengthCm() / 101;
                    QVERIFY2(x > 9.7, qPrintable(QString::number(x)));
                    (x < 20 ? inForm : inCast) += d;
                }
        QVERIFY2(
            inForm > 100 && std::abs(inCast / inForm - 2) < 0.25, qPrintable(QString("%1 %2").arg(inForm).arg(inCast)));
        QCOMPARE(QString(wordOf(LineKind::CastShadow)), QString("cast shadow"));
    }
    void curvesStayOnTheirPoints()
    {
        std::vector<Vec2> circle, corner;
        for (int i = 0; i < 360; ++i)
            circle.push_back({5 * std::cos(i * 0.0174533), 5 * std::sin(i * 0.0174533)});
        for (int i = 0; i <= 100; ++i)
            corner.push_back(i < 50 ? Vec2{i / 10.0, 0} : Vec2{5, (i - 50) / 10.0});
        for (const auto& [points, closed] : {std::pair(circle, true), {corner, false}}) {
            const Curve curve = curveThrough(points, 0.01, closed);
            QVERIFY(curve.size() < points.size() / 6);
            double worst = 0;
            for (const auto& piece : curve)
                for (double t = 0; t <= 1; t += 0.05) {
                    const Vec2 at = onCubic(piece, t);
                    double nearest = 1e9;
                    for (const Vec2 p : points)
                        nearest = std::min(nearest, (p - at).length());
                    worst = std::max(worst, nearest);
                }
            QVERIFY2(worst < 0.07, qPrintable(QString::number(worst))); // points lie 0.09 apart
            for (std::size_t i = 1; i < curve.size(); ++i)
                QVERIFY((curve[i][0] - curve[i - 1][3]).length() < 1e-9);
        }
        QVERIFY(curveThrough({}, 0.1, true).empty() && curveThrough({{1, 1}}, 0.1, false).empty());
        QCOMPARE(thinnedLine({{0, 0}, {1, 0.001}, {2, 0}, {2, 2}}, 0.01).size(), std::size_t(3));
    }
    /// Photographs made by others: no truth, but what must hold of any line art.
    void onPicturesOfStrangers()
    {
        const QDir folder("/usr/lib/python3/dist-packages/skimage/data");
        const auto files = folder.entryList({"*.png", "*.jpg"}, QDir::Files);
        int seen = 0;
        std::vector<double> longer;
        for (const QString& name : files) {
            cv::Mat m = cv::imread(folder.filePath(name).toStdString());
            if (m.empty() || m.cols < 200 || m.rows < 200)
                continue;
            const double k = std::min(1.0, 700.0 / std::max(m.cols, m.rows));
            cv::resize(m, m, {}, k, k, cv::INTER_AREA);
            cv::cvtColor(m, m, cv::COLOR_BGR2RGB);
            LineSource s;
            s.plain = colour::linearOf(Photo::fromMat(m));
            s.ids = IdMap::filled(m.cols, m.rows, 3);
            s.order = {3}, s.pixelsPerCm = 14;
            const auto lines = lineArt(s);
            cv::Mat drawn(m.size(), CV_32S, cv::Scalar(-1));
            double all = 0, over = 0, beside = 0;
            for (std::size_t n = 0; n < lines.size(); ++n) {
                all += lines[n].lengthCm(), over += lines[n].lengthCm() > 2 ? lines[n].lengthCm() : 0;
                for (std::size_t i = 6; i + 6 < lines[n].points.size(); ++i) {
                    const Vec2 p = lines[n].points[i] * 14;
                    QVERIFY(std::isfinite(p.x) && p.x > -1 && p.y > -1 && p.x < m.cols + 1 && p.y < m.rows + 1);
                    const cv::Point at(std::clamp(int(p.x), 0, m.cols - 1), std::clamp(int(p.y), 0, m.rows - 1));
                    const int other = drawn.at<int>(at);
                    beside += other >= 0 && other != int(n);
                    drawn.at<int>(at) = int(n);
                }
            }
            if (lines.empty())
                continue;
            ++seen;
            longer.push_back(over / all);
            QVERIFY2(beside < 0.03 * 14 * all, qPrintable(name));
        }
        if (!seen)
            QSKIP("those pictures are not on this machine");
        std::sort(longer.begin(), longer.end());
        qInfo("%d pictures: in strokes over 2 cm median %.2f, worst %.2f", seen, longer[longer.size() / 2], longer[0]);
        QVERIFY(longer[longer.size() / 2] > 0.75);
    }
    /// Photographs of the demo against where its parts truly end.
    void againstRenderedTruth_data()
    {
        QTest::addColumn<double>("onTrue"); // of line length, and how much of the true edges is found
        QTest::addColumn<double>("found");
        QTest::newRow("tortoise") << 0.5 << 0.65;
        QTest::newRow("pylon") << 0.85 << 0.62;
    }
    void againstRenderedTruth()
    {
        const std::string name = QTest::currentDataTag(), source = RL_SOURCE;
        const cv::Mat truth = cv::imread(source + "/tests/data/lines/" + name + ".png", cv::IMREAD_GRAYSCALE);
        cv::Mat photo = cv::imread(source + "/demo/pictures/" + name + ".jpg"),
                mask(photo.size(), CV_8U, cv::Scalar(0));
        QVERIFY(!truth.empty() && !photo.empty());
        std::ifstream file(source + "/demo/outlines/" + name + ".json");
        const auto outlines = nlohmann::json::parse(file);
        for (const auto& piece : outlines["pieces"]) {
            std::vector<cv::Point> loop;
            for (const auto& p : piece["points"])
                loop.emplace_back(int(p[0].get<double>()), int(p[1].get<double>()));
            cv::fillPoly(mask, std::vector<std::vector<cv::Point>>{loop}, piece["hole"].get<bool>() ? 0 : 255);
        }
        cv::cvtColor(photo, photo, cv::COLOR_BGR2RGB);
        cv::resize(photo, photo, truth.size(), 0, 0, cv::INTER_AREA);
        cv::resize(mask, mask, truth.size(), 0, 0, cv::INTER_AREA);
        LineSource s;
        s.plain = colour::linearOf(Photo::fromMat(photo));
        std::vector<std::int32_t> ids(mask.total());
        for (std::size_t i = 0; i < ids.size(); ++i)
            ids[i] = mask.data[i] > 127;
        s.ids = {mask.cols, mask.rows, ids}, s.order = {1}, s.pixelsPerCm = 14;
        cv::Mat near, drawn(truth.size(), CV_8U, cv::Scalar(255)), nearDrawn;
        cv::distanceTransform(truth == 0, near, cv::DIST_L2, 5);
        double all = 0, on = 0, longer = 0;
        for (const Stroke& l : lineArt(s)) {
            if (l.element == 0)
                continue;
            longer += l.lengthCm() > 2 ? l.lengthCm() : 0;
            for (std::size_t i = 1; i < l.points.size(); ++i) {
                const Vec2 p = l.points[i] * 14;
                const cv::Point at(std::clamp(int(p.x), 0, truth.cols - 1), std::clamp(int(p.y), 0, truth.rows - 1));
                const double step = (l.points[i] - l.points[i - 1]).length();
                all += step, on += near.at<float>(at) < 2.6f ? step : 0;
                drawn.at<std::uint8_t>(at) = 0;
            }
        }
        cv::distanceTransform(drawn, nearDrawn, cv::DIST_L2, 5);
        const double share = double(cv::countNonZero((truth > 0) & (nearDrawn < 3.2))) / cv::countNonZero(truth);
        QFETCH(double, onTrue);
        QVERIFY2(on / all > onTrue, qPrintable(QString::number(on / all)));
        QVERIFY2(longer / all > 0.8, qPrintable(QString::number(longer / all)));
        QFETCH(double, found);
        QVERIFY2(share > found, qPrintable(QString::number(share)));
    }
};

RL_TEST(TestLines)
#include "tst_lines.moc"
