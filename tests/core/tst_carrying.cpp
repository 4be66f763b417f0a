#include "core/project/edits.h"
#include "core/project/papers.h"
#include "core/stage/camera.h"
#include "core/transfer/carry_rules.h"
#include "core/transfer/landmarks.h"
#include "core/transfer/stencil.h"
#include "core/transfer/tiles.h"
#include "devices/projector.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace rl;
using namespace rl::transfer;

namespace {
Project workOf(double w, double h)
{
    Project p = kit::postWork();
    p.brief.widthCm = w, p.brief.heightCm = h;
    return p;
}
/// A closed outline by its corners, a point a millimetre.
Stroke outline(int element, const std::vector<Vec2>& corners)
{
    Stroke s;
    s.closed = true, s.kind = LineKind::Outline, s.element = element;
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const Vec2 a = corners[i], d = corners[(i + 1) % corners.size()] - a;
        const int n = std::max(1, int(d.length() * 10));
        for (int k = 0; k < n; ++k)
            s.points.push_back(a + d * (double(k) / n));
    }
    return s;
}
std::optional<Finding> said(const Findings& all, const std::string& key)
{
    for (const Finding& f : all)
        if (f.key.starts_with(key))
            return f;
    return {};
}
} // namespace

/// The plan on the real canvas: fit, grid, landmarks, stencils, projector, and what is said of them.
class TestCarrying : public QObject {
    Q_OBJECT
private slots:
    void thePlanIsFittedToTheCanvas_data()
    {
        QTest::addColumn<int>("fit");
        QTest::addColumn<double>("scale");
        QTest::addColumn<double>("lost"); // cm across and down together
        QTest::addColumn<double>("empty");
        QTest::newRow("cut") << int(CanvasFit::Crop) << 2.0 << 20.0 << 0.0; // 60×40 on 80×80: 40 of 60 are left
        QTest::newRow("more of the scene") << int(CanvasFit::Extend) << 80 / 60.0 << 0.0 << 80 - 40 * 80 / 60.0;
        QTest::newRow("ground about it") << int(CanvasFit::Inset) << 80 / 60.0 << 0.0 << 80 - 40 * 80 / 60.0;
    }
    void thePlanIsFittedToTheCanvas()
    {
        QFETCH(int, fit);
        QFETCH(double, scale);
        QFETCH(double, lost);
        QFETCH(double, empty);
        Project p = workOf(60, 40);
        p.sheets.canvasWidthCm = p.sheets.canvasHeightCm = 80, p.sheets.fit = CanvasFit(fit);
        p.sheets.bleedCm = 1, p.sheets.wrapCm = 2, p.sheets.bevelCm = 0.5, p.sheets.boardsAcross = 4;
        const CanvasPlan c = canvasPlanOf(p);
        QVERIFY(std::abs(c.scale - scale) < 1e-9 && std::abs(c.lostAcross + c.lostDown - lost) < 1e-9
            && std::abs(c.emptyAcross + c.emptyDown - empty) < 1e-9);
        for (const Vec2 at : {Vec2{0, 0}, Vec2{13, 31}, Vec2{60, 40}})
            QVERIFY((c.toPlan(c.toCanvas(at)) - at).length() < 1e-9);
        const Vec2 middle = c.toCanvas(Vec2{30, 20});
        QVERIFY((middle - Vec2{40, 40}).length() < 1e-9);
        QCOMPARE(c.whole, (Rect{-3, -3, 86, 86}));
        QCOMPARE(c.seen, (Rect{0.5, 0.5, 79, 79}));
        QCOMPARE(c.jointsX, (std::vector<double>{20, 40, 60}));
    }
    void thePlanGrowsAndThingsKeepTheirPlaces()
    {
        Project p = workOf(60, 40);
        p.sheets.canvasWidthCm = 80, p.sheets.canvasHeightCm = 80;
        const auto eye = stage::eyeOf(p);
        const Element post = p.elements[0];
        const Project grown = withPlanExtended(p);
        QVERIFY(std::abs(grown.brief.widthCm - 60) < 1e-9 && std::abs(grown.brief.heightCm - 60) < 1e-9);
        const auto after = stage::eyeOf(grown);
        QVERIFY(std::abs(after.focalCm - eye.focalCm) < 1e-9 && std::abs(after.horizon - eye.horizon - 10) < 1e-9);
        QVERIFY((grown.elements[0].baseCm - post.baseCm - Vec2{0, 10}).length() < 1e-9);
        Project whole = grown;
        whole.sheets.fit = CanvasFit::Extend;
        const CanvasPlan c = canvasPlanOf(whole);
        QVERIFY(c.emptyAcross < 1e-9 && c.emptyDown < 1e-9);
        QVERIFY(withPlanExtended(whole).brief == whole.brief); // nothing left to do
    }
    void rulersSayWhatTheyCan()
    {
        QCOMPARE(onRuler(14.3, LengthUnit::Centimetre), std::string("143 mm"));
        QCOMPARE(onRuler(14.327, LengthUnit::Centimetre), std::string("143.5 mm"));
        QCOMPARE(onRuler(2.54 * 5.625, LengthUnit::Inch), std::string("5 5/8 in"));
        QCOMPARE(onRuler(2.54 * 3, LengthUnit::Inch), std::string("3 in"));
        QCOMPARE(onRuler(2.54 / 32, LengthUnit::Inch), std::string("1/32 in"));
        QCOMPARE(onRuler(2.54 * 0.999, LengthUnit::Inch), std::string("1 in"));
    }
    void denseSquaresAreFound()
    {
        Project p = workOf(60, 40);
        const Grid g = gridOf(p);
        std::vector<Stroke> lines;
        for (int c = 0; c < g.columns; ++c)
            for (int r = 0; r < g.rows; ++r) {
                const double x = g.xs[std::size_t(c)] + 0.5, y = g.ys[std::size_t(r)] + 0.5;
                for (int k = 0; k < (c == 2 && r == 1 ? 12 : 1); ++k)
                    lines.push_back(outline(0, {{x, y + 0.2 * k}, {x + 3, y + 0.2 * k}}));
            }
        const auto dense = denseSquares(g, lines, canvasPlanOf(p));
        QCOMPARE(dense, (std::vector<std::pair<int, int>>{{2, 1}}));
        p.sheets.quarters = 1;
        QVERIFY(gridOf(p).columns == 4 && std::abs(gridOf(p).xs[1] - 15) < 1e-9);
    }
    void sheetsOfEveryPaperHoldTheCanvas()
    {
        for (const Paper& paper : papers()) {
            Project p = workOf(60, 40);
            p.sheets.paper = paper.name, p.sheets.bleedCm = 1.5, p.sheets.scaleCorrection = 1.004;
            const TilePlan plan = tilesOf(p);
            double right = -9, bottom = -9, left = 9, top = 9;
            for (const Tile& t : plan.tiles) {
                QVERIFY(t.canvas.width * plan.correction <= plan.paperWidth - 2 * plan.margin + 1e-9);
                left = std::min(left, t.canvas.x), top = std::min(top, t.canvas.y);
                right = std::max(right, t.canvas.right()), bottom = std::max(bottom, t.canvas.bottom());
            }
            QVERIFY(std::abs(left + 1.5) < 1e-9 && std::abs(top + 1.5) < 1e-9 && std::abs(right - 61.5) < 1e-9
                && std::abs(bottom - 41.5) < 1e-9);
        }
        Project p = workOf(60, 40);
        p.sheets.paper = "papyrus";
        QVERIFY(!repair(p) && p.sheets.paper == "A4");
        p.brief.widthCm = p.brief.heightCm = 2000; // 20 m
        QVERIFY(tilesOf(p).tiles.empty() && double(tilesOf(p).columns) * tilesOf(p).rows > kMostSheets);
    }
    void landmarksAreFoundAgainByTheirMeasures_data()
    {
        QTest::addColumn<bool>("inch");
        QTest::addColumn<double>("worst"); // mm
        QTest::newRow("millimetres") << false << 0.5;
        QTest::newRow("inches") << true << 0.65; // a 32nd of an inch is 0.8 mm
    }
    void landmarksAreFoundAgainByTheirMeasures()
    {
        QFETCH(bool, inch);
        QFETCH(double, worst);
        Project p = workOf(60, 40);
        if (inch)
            p.brief.unit = LengthUnit::Inch;
        const int post = p.elements[0].id;
        const std::vector<Stroke> lines{outline(post, {{10.137, 5.21}, {14.92, 8.77}, {13.31, 20.4}, {8.83, 18.93}}),
            outline(99, {{40.21, 10.33}, {52.77, 12.91}, {47.03, 30.11}}),
            outline(98, {{20.3, 30.2}, {30.1, 31.4}, {29.3, 37.7}, {24, 34.1}, {19.2, 37.2}})};
        const CanvasPlan canvas = canvasPlanOf(p);
        const Landmarks all = landmarksOf(p, lines, canvas);
        QVERIFY2(all.points.size() >= 8 && all.points.size() <= 40, qPrintable(QString::number(all.points.size())));
        for (std::size_t i = 0; i < all.points.size(); ++i) {
            const Landmark& l = all.points[i];
            const double mm = 10 * (byMeasures(all, i, canvas) - l.at).length();
            QVERIFY2(mm <= worst, qPrintable(QString::number(mm)));
            QVERIFY(l.across <= 30.05 && l.down <= 20.05); // from the nearer edge
            for (std::size_t k = 0; k < i; ++k)
                QVERIFY((all.points[k].at - l.at).length() >= 0.8);
        }
        // The three-cornered thing's corners are all among them.
        for (const Vec2 c : {Vec2{40.21, 10.33}, Vec2{52.77, 12.91}, Vec2{47.03, 30.11}})
            QVERIFY(std::any_of(
                all.points.begin(), all.points.end(), [&](const Landmark& l) { return (l.at - c).length() < 0.2; }));
        QVERIFY(!all.spans.empty());
        for (const CheckSpan& s : all.spans) {
            const double true_ = (all.points[std::size_t(s.first)].at - all.points[std::size_t(s.second)].at).length();
            QVERIFY(std::abs(s.cm - true_) <= rulerStepCm(p.brief.unit) / 2 + 1e-9);
        }
        QVERIFY(landmarksOf(p, {}, canvas).points.empty());
        // A backdrop alone is drawn too; behind things it fixes nothing.
        Stroke shore = outline(0, {{10, 20}, {20, 12}, {31, 25}, {22, 33}});
        shore.kind = LineKind::Inner;
        QVERIFY(landmarksOf(p, {shore}, canvas).points.size() >= 4);
        for (const Landmark& l : landmarksOf(p, {shore, lines[0]}, canvas).points)
            QVERIFY(l.element != 0);
    }
    void eyesAreLandmarksWhereverTheHeadIsTurned_data()
    {
        QTest::addColumn<bool>("mirrored");
        QTest::newRow("as photographed") << false;
        QTest::newRow("mirrored") << true;
    }
    void eyesAreLandmarksWhereverTheHeadIsTurned()
    {
        QFETCH(bool, mirrored);
        Project p = workOf(60, 40);
        Element& head = p.elements[0];
        head.mirrored = mirrored;
        EyeBall eye;
        eye.at = {0.25, 0.4};
        head.eyes = {eye};
        const Landmarks all
            = landmarksOf(p, {outline(head.id, {{20, 10}, {30, 10}, {30, 25}, {20, 25}})}, canvasPlanOf(p));
        const auto found = std::find_if(
            all.points.begin(), all.points.end(), [](const Landmark& l) { return l.kind == LandmarkKind::Eye; });
        QVERIFY(found != all.points.end());
        QVERIFY((found->at - Vec2{mirrored ? 27.5 : 22.5, 16}).length() < 0.2);
        QVERIFY(found->name.find("eye of") == 0 && found->weight > 0.3);
        // On a canvas twice as large everything is measured there.
        p.sheets.canvasWidthCm = 120, p.sheets.canvasHeightCm = 80;
        const Landmarks large
            = landmarksOf(p, {outline(head.id, {{20, 10}, {30, 10}, {30, 25}, {20, 25}})}, canvasPlanOf(p));
        const auto again = std::find_if(
            large.points.begin(), large.points.end(), [](const Landmark& l) { return l.kind == LandmarkKind::Eye; });
        QVERIFY(again != large.points.end() && (again->at - found->at * 2).length() < 0.3);
    }
    void nothingFallsOutOfAStencil_data()
    {
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("islands");
        QTest::newRow("a disc") << 0 << 0;
        QTest::newRow("a ring") << 1 << 1;
        QTest::newRow("a ring in a ring") << 2 << 2;
        QTest::newRow("a window of six panes") << 3 << 6;
        QTest::newRow("specks") << 4 << 0;
    }
    void nothingFallsOutOfAStencil()
    {
        QFETCH(int, kind);
        QFETCH(int, islands);
        constexpr double kPerCm = 20;
        cv::Mat m(400, 400, CV_8U, cv::Scalar(0));
        cv::circle(m, {200, 200}, 170, 255, cv::FILLED);
        if (kind == 1 || kind == 2)
            cv::circle(m, {210, 190}, 110, 0, cv::FILLED);
        if (kind == 2)
            cv::circle(m, {210, 190}, 70, 255, cv::FILLED), cv::circle(m, {205, 190}, 35, 0, cv::FILLED);
        if (kind == 3)
            for (int i = 0; i < 6; ++i)
                cv::rectangle(m, {120 + 60 * (i % 3), 140 + 70 * (i / 3), 40, 50}, 0, cv::FILLED);
        if (kind == 4)
            for (int i = 0; i < 9; ++i)
                m.at<std::uint8_t>(150 + 9 * i, 200) = 0;
        const Mask shape = Mask::fromMat(m);
        for (const double bridge : {0.2, 0.5, 1.0}) {
            const Stencil s = stencilOf(shape, kPerCm, bridge);
            QCOMPARE(s.islands, islands);
            QVERIFY(s.bridges >= islands && !s.cuts.empty());
            QVERIFY2(holdsTogether(s, 20, 20, 30), qPrintable(QString::number(bridge)));
            // What is cut away is the shape, less its bridges.
            double area = 0;
            for (const auto& c : s.cuts)
                for (std::size_t i = 0; i < c.size(); ++i) {
                    const Vec2 a = c[i], b = c[(i + 1) % c.size()];
                    area += 0.5 * (a.x * b.y - a.y * b.x);
                }
            const double whole = cv::countNonZero(m) / (kPerCm * kPerCm);
            QVERIFY2(std::abs(area) < 1.03 * whole && std::abs(area) > 0.6 * whole,
                qPrintable(QString("%1 of %2").arg(area).arg(whole)));
        }
        QVERIFY(!maskOutlines(shape, kPerCm, 0.2).empty());
        QVERIFY(stencilOf({}, kPerCm, 0.3).cuts.empty() && maskOutlines({}, kPerCm, 0).empty());
    }
    void shapesAreLaidOut()
    {
        const auto at = laidOut({{5, 3}, {5, 4}, {5, 2}, {12, 3}}, 16, 1);
        QCOMPARE(at, (std::vector<Vec2>{{0, 0}, {6, 0}, {0, 5}, {0, 8}}));
    }
    void theProjectorIsSquaredUpByItsPhotograph_data()
    {
        QTest::addColumn<double>("tilt");
        QTest::addColumn<unsigned>("seed");
        for (const double tilt : {0.0, 0.5, 1.0})
            for (const unsigned seed : {1u, 5u, 9u})
                QTest::addRow("askew %.1f, room %u", tilt, seed) << tilt << seed;
    }
    void theProjectorIsSquaredUpByItsPhotograph()
    {
        QFETCH(double, tilt);
        QFETCH(unsigned, seed);
        constexpr double kW = 60, kH = 45;
        devices::SimulatedProjector room(kW, kH, seed, tilt);
        const DotPattern dots;
        std::vector<Rgb8> pixels;
        const Mask pattern = dots.picture();
        for (std::size_t i = 0; i < pattern.size(); ++i)
            pixels.push_back({pattern.data()[i], pattern.data()[i], pattern.data()[i]});
        room.show({pattern.width(), pattern.height(), pixels});
        const Photo photo = room.photograph();
        // The edge of what is thrown is no canvas.
        const std::vector<Vec2> middle = dots.centres();
        QVERIFY(middle.size() == 54);
        const Corners in = room.cornersInPhoto();
        const auto byHand = keystoneOf(photo, dots, kW, kH, in);
        QVERIFY(byHand && 10 * (room.canvasAt(byHand->projectorAt({kW, kH})) - Vec2{kW, kH}).length() < 0.3);
        const auto found = keystoneOf(photo, dots, kW, kH);
        QVERIFY2(bool(found), found ? "" : found.error().sentence.c_str());
        double worst = 0;
        for (const Vec2 c : {Vec2{0, 0}, Vec2{kW, 0}, Vec2{kW, kH}, Vec2{0, kH}})
            worst = std::max(worst, 10 * (room.canvasAt(found->projectorAt(c)) - c).length());
        QVERIFY2(worst <= 0.5, qPrintable(QString::number(worst)));
        QVERIFY(found->points >= 30); // those across the edge are left out
    }
    void handMadeCornersAndBadOnes()
    {
        const Corners square{Vec2{100, 100}, Vec2{1100, 130}, Vec2{1050, 700}, Vec2{90, 690}};
        const auto k = keystoneOf(square, 60, 40);
        QVERIFY(k && (k->projectorAt({60, 40}) - square[2]).length() < 1e-6
            && (k->canvasAt(square[1]) - Vec2{60, 0}).length() < 1e-6);
        // A canvas thrown bent falls true: its middle comes to lie where the middle falls.
        std::vector<Rgb8> white(600 * 400, {255, 255, 255});
        const Photo bent = prewarped(Photo(600, 400, white), *k, 60, 40, 1280, 800);
        const Vec2 in = k->projectorAt({1, 1}), out = k->projectorAt({-1, -1});
        QVERIFY(bent.at(int(in.x), int(in.y)).r > 200 && bent.at(int(out.x), int(out.y)).r == 0);
        const double nan = std::nan("");
        for (const Corners& bad : {Corners{Vec2{0, 0}, Vec2{1, 0}, Vec2{2, 0}, Vec2{3, 0}},
                 Corners{Vec2{0, 0}, Vec2{0, 9}, Vec2{9, 9}, Vec2{9, 0}},
                 Corners{Vec2{nan, 0}, Vec2{9, 0}, Vec2{9, 9}, Vec2{0, 9}}})
            QVERIFY(!keystoneOf(bad, 60, 40));
        const Photo black(300, 200, std::vector<Rgb8>(60'000, {4, 4, 4}));
        QVERIFY(keystoneOf(black, DotPattern{}, 60, 40).error().kind == ErrorKind::Missing);
        QVERIFY(!canvasCorners(black) && !keystoneOf(Photo{}, DotPattern{}, 60, 40));
    }
    void whatTheCanvasDoesToThingsIsSaid()
    {
        Project p = workOf(60, 40);
        const int post = p.elements[0].id;
        const std::vector<SeenThing> seen{
            {post, {1, 4, 6, 20}, 0.3}, {77, {30, 10, 10, 10}, 0.2}, {78, {50, 30, 0.3, 0.3}, 0.01}};
        QVERIFY(!said(carryFindings(p, seen), "carry.trim") && !said(carryFindings(p, seen), "carry.joint"));
        QVERIFY(said(carryFindings(p, seen), "carry.too-small:78"));
        p.sheets.canvasWidthCm = 50, p.sheets.canvasHeightCm = 40;
        const auto trim = said(carryFindings(p, seen), "carry.trim:" + std::to_string(post));
        QVERIFY(trim && trim->fix && std::abs(trim->measured - 100 * 4 / 6.0) < 1);
        p = trim->fix->apply(p);
        QVERIFY(!said(carryFindings(p, seen), "carry.trim"));
        const auto empty = said(carryFindings(p, seen), "carry.empty");
        QVERIFY(empty && empty->fix && !said(carryFindings(empty->fix->apply(p), seen), "carry.empty"));
        p.sheets.canvasWidthCm = p.sheets.canvasHeightCm = 0, p.sheets.boardsAcross = 2; // a joint at 30 cm
        const std::vector<SeenThing> middle{{77, {26, 10, 10, 10}, 0.2}};
        const auto joint = said(carryFindings(p, middle), "carry.joint:77");
        QVERIFY(joint && joint->fix && !said(carryFindings(joint->fix->apply(p), middle), "carry.joint"));
        QVERIFY(said(carryFindings(p, {}, {{28, 5, 4, 4}}), "carry.joint-face")->severity == Severity::Broken);
        QVERIFY(!said(carryFindings(p, {}, {{20, 5, 4, 4}}), "carry.joint-face"));
        p.sheets.bridgeMm = 1, p.sheets.scaleCorrection = 1.05;
        const auto bridge = said(carryFindings(p), "carry.bridge");
        QVERIFY(bridge && bridge->fix->apply(p).sheets.bridgeMm == 4 && said(carryFindings(p), "carry.printer"));
        QVERIFY(said(carryFindings(p, {{post, {0.2, 4, 6, 20}, 0.1}}), "carry.near-edge"));
        // From a picture's ids.
        IdMap ids(40, 30, std::vector<std::int32_t>(1200, 0));
        std::vector<std::int32_t> with(1200, 0);
        for (int y = 5; y < 15; ++y)
            for (int x = 10; x < 20; ++x)
                with[std::size_t(y * 40 + x)] = 7;
        const auto things = seenThings({40, 30, with}, 10, {{7, 0.4}});
        QVERIFY(things.size() == 1 && things[0].place == (Rect{1, 0.5, 1, 1}) && things[0].weight == 0.4);
    }
};

RL_TEST(TestCarrying)
#include "tst_carrying.moc"
