#include "core/project/edits.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/element_flow.h"
#include "core/transfer/lineart.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <numbers>

using namespace rl;
using namespace rl::transfer;

namespace {
constexpr double kTurn = std::numbers::pi / 180;

/// A card of 300 × 300 px with strands of one direction on it, standing where the post stands.
Project strandedWork(double degrees, bool mirrored)
{
    constexpr int kSize = 300;
    std::vector<Rgb8> pixels;
    unsigned state = 7;
    // Lines of random greys across the direction, each broken along it.
    std::vector<std::uint8_t> grey(4096);
    for (auto& g : grey)
        g = std::uint8_t(60 + ((state = state * 1664525u + 1013904223u) >> 24) * 140 / 255);
    for (int y = 0; y < kSize; ++y)
        for (int x = 0; x < kSize; ++x) {
            const double a = degrees * kTurn;
            double sum = 0;
            for (int k = 0; k < 16; ++k) { // no staircases: sixteen samples a pixel
                const double u = x + (k % 4 + 0.5) / 4, v = y + (k / 4 + 0.5) / 4,
                             across = u * std::sin(a) + v * std::cos(a), along = u * std::cos(a) - v * std::sin(a);
                const int strand = int(std::floor(across / 2.5)) + 2000,
                          broken = int(std::floor((along + strand * 37) / 60)) + 50;
                sum += grey[std::size_t((strand * 131 + broken * 977) & 4095)];
            }
            const auto g = std::uint8_t(sum / 16);
            pixels.push_back({g, g, g});
        }
    Project p = kit::postWork();
    Reference r = kit::referenceOf("strands", Photo(kSize, kSize, pixels));
    r.id = p.freshId();
    p.references.push_back(r);
    Cutout c;
    c.id = p.freshId(), c.reference = r.id;
    c.pieces = {{{{{10, 10}, false}, {{290, 10}, false}, {{290, 290}, false}, {{10, 290}, false}}, false}};
    std::vector<std::uint8_t> alpha(kSize * kSize, 0);
    for (int y = 10; y < 290; ++y)
        for (int x = 10; x < 290; ++x)
            alpha[std::size_t(y * kSize + x)] = 255;
    c.alpha = {kSize, kSize, alpha};
    p.cutouts.push_back(c);
    p.elements[0].cutout = c.id, p.elements[0].heightM = 3, p.elements[0].mirrored = mirrored;
    p.elements[0].delight = 0;
    return p;
}
double off(double a, double b)
{
    return std::abs(std::remainder(a - b, 180));
}
} // namespace

/// Strokes and lines where a cut-out lies: turned, mirrored and sized with it.
class TestPlacedFlow : public QObject {
    Q_OBJECT
private slots:
    void strokesGoWithTheCutout_data()
    {
        QTest::addColumn<double>("degrees");
        QTest::addColumn<bool>("mirrored");
        for (const double a : {20.0, 75.0, 130.0})
            for (const bool m : {false, true})
                QTest::addRow("%.0f degrees%s", a, m ? ", mirrored" : "") << a << m;
    }
    void strokesGoWithTheCutout()
    {
        QFETCH(double, degrees);
        QFETCH(bool, mirrored);
        const Project p = strandedWork(degrees, mirrored);
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto flow = elementFlow(p, p.elements[0].id, 0.3, cache, progress);
        QVERIFY2(bool(flow), flow ? "" : flow.error().sentence.c_str());
        QVERIFY2(flow->reliable > 0.7, qPrintable(QString::number(flow->reliable)));
        const double wanted = mirrored ? 180 - degrees : degrees;
        std::vector<double> errors;
        for (const FlowPoint& q : flow->points)
            if (q.reliable)
                errors.push_back(off(q.angle, wanted));
        std::sort(errors.begin(), errors.end());
        QVERIFY2(errors[errors.size() / 2] < 4, qPrintable(QString::number(errors[errors.size() / 2])));
        // The strokes lie on the card, in cm of the plan, and run that way.
        const auto place = stage::placed(p, p.elements[0], cache).canvas;
        QVERIFY(flow->strokes.size() > 20);
        int astray = 0, wrong = 0;
        for (const auto& s : flow->strokes) {
            for (const Vec2 v : s)
                astray += v.x < place.x - 0.1 || v.y < place.y - 0.1 || v.x > place.right() + 0.1
                    || v.y > place.bottom() + 0.1;
            const Vec2 d = s.back() - s.front();
            wrong += off(std::atan2(-d.y, d.x) / kTurn, wanted) > 15;
        }
        QCOMPARE(astray, 0);
        QVERIFY(wrong < int(flow->strokes.size()) / 8);
        QVERIFY(flow->lengthCm > 0.05 && flow->lengthCm < place.width && flow->waviness < 12);
    }
    void whatHasNoPhotographIsRefused()
    {
        stage::SurfaceCache cache;
        NoProgress progress;
        Project p = strandedWork(20, false);
        QVERIFY(elementFlow(p, 9999, 0.3, cache, progress).error().kind == ErrorKind::Missing);
        p.elements[0].baseCm = {400, 30}; // far off the canvas
        QVERIFY(!elementFlow(p, p.elements[0].id, 0.3, cache, progress));
        p = strandedWork(20, false);
        p.elements[0].heightM = 0.02; // a few pixels
        QVERIFY(!elementFlow(p, p.elements[0].id, 0.3, cache, progress));
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        p = strandedWork(20, false);
        QVERIFY(elementFlow(p, p.elements[0].id, 0.3, cache, stop).error().kind == ErrorKind::Cancelled);
    }
    void theSourceOfLinesKnowsTheScene()
    {
        Project p = strandedWork(20, false);
        p.lights.sun.elevation = 30, p.lights.sun.azimuth = 40; // from behind it, to one side
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto s = lineSource(p, 400, cache, progress);
        QVERIFY(s && s->plain.width() == 400 && s->ids.width() == 400 && s->zones.width() == 400);
        QVERIFY(std::abs(s->pixelsPerCm - 400 / p.brief.widthCm) < 1e-9);
        QCOMPARE(s->order, (std::vector<int>{p.elements[0].id}));
        int cast = 0, seen = 0, upright = 0;
        for (std::size_t i = 0; i < s->zones.size(); ++i) {
            cast += s->zones.data()[i] == 0 && s->ids.data()[i] == 0;
            seen += s->ids.data()[i] == p.elements[0].id;
            const Vec3f n = s->normals.data()[i];
            upright += s->ids.data()[i] == 0 && (n.x != 0 || n.y != 0 || n.z != 0);
        }
        QVERIFY2(seen > 300 && cast > 50, qPrintable(QString("%1 %2").arg(seen).arg(cast)));
        QCOMPARE(upright, 0); // the ground's own direction is no drawing
        // Its outline is one closed line about the card's place.
        const auto place = stage::placed(p, p.elements[0], cache).canvas;
        int outlines = 0;
        for (const Stroke& l : lineArt(*s))
            if (l.kind == LineKind::Outline) {
                ++outlines;
                for (const Vec2 v : l.points)
                    QVERIFY(v.x > place.x - 0.3 && v.x < place.right() + 0.3 && v.y > place.y - 0.3
                        && v.y < place.bottom() + 0.3);
            }
        QCOMPARE(outlines, 1);
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        QVERIFY(!lineSource(p, 400, cache, stop));
    }
    void theHorizonOfTheStageIsNoLine()
    {
        // An even picture behind nothing: wherever the stage's horizon lies, there is nothing to draw.
        for (const double horizon : {6.0, 16.0, 33.0}) {
            Project p = kit::postWork();
            Reference r = kit::referenceOf("wall", kit::plain(300, 200, {150, 120, 90}));
            r.id = p.freshId();
            p.references.push_back(r);
            p.backdrop = {r.id, 0.5};
            p.elements.clear(), p.camera.horizonCm = horizon;
            stage::SurfaceCache cache;
            NoProgress progress;
            const auto s = lineSource(p, 400, cache, progress);
            QVERIFY(s);
            QCOMPARE(lineArt(*s).size(), std::size_t(0));
        }
    }
    void oddSourcesAreTakenWell()
    {
        const float nan = std::numeric_limits<float>::quiet_NaN();
        for (const int size : {1, 2, 7, 33}) {
            LineSource s;
            std::vector<Rgb> colour(std::size_t(size * size), Rgb{0.4f, 0.4f, 0.4f});
            colour[0] = {nan, 2e9f, -5};
            s.plain = {size, size, colour}, s.ids = IdMap::filled(size, size, 3), s.pixelsPerCm = 10;
            s.lit = s.plain, s.zones = Plane::filled(size, size, 0.5f);
            LineWish wish;
            wish.shadows = true, wish.valueSteps = 9;
            for (const Stroke& l : lineArt(s, wish))
                for (const Vec2 v : l.points)
                    QVERIFY(std::isfinite(v.x) && std::isfinite(v.y));
            s.pixelsPerCm = 0;
            QVERIFY(lineArt(s).empty());
        }
        QVERIFY(
            leastUsefulCm(0.1) == 0.4 && leastUsefulCm(2) > 0.69 && leastUsefulCm(2) < 0.71 && leastUsefulCm(1e9) == 5);
    }
    void allNumbersOfTheSheetsAreKept()
    {
        Project p = kit::postWork();
        Sheets s;
        s.paper = "A1", s.quarters = 1, s.canvasWidthCm = 71, s.canvasHeightCm = 52, s.fit = CanvasFit::Extend;
        s.bleedCm = 0.5, s.wrapCm = 3, s.bevelCm = 0.2, s.boardsAcross = 3, s.boardsDown = 2, s.scaleCorrection = 1.003;
        s.lines = 33, s.lineMm = 0.7, s.grey = 45, s.mirrored = 1, s.darkGround = 1, s.shadows = 1, s.valueSteps = 4;
        s.bridgeMm = 6, s.traced = {"A1", "#3", "L7"};
        p = edits::withSheets(std::move(p), s);
        QVERIFY(p.sheets == s); // all in range
        // What is out of range is brought into it.
        s.scaleCorrection = 7, s.lines = -4, s.boardsAcross = 0, s.canvasWidthCm = std::nan(""), s.bridgeMm = 1e9;
        p = edits::withSheets(std::move(p), s);
        QVERIFY(p.sheets.scaleCorrection == 1.1 && p.sheets.lines == 0 && p.sheets.boardsAcross == 1);
        QVERIFY(p.sheets.canvasWidthCm == 0 && p.sheets.bridgeMm == 100);
    }
};

RL_TEST(TestPlacedFlow)
#include "tst_placed_flow.moc"
