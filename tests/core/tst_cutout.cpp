#include "core/colour/srgb.h"
#include "core/cutout/cut.h"
#include "core/cutout/matte.h"
#include "core/cutout/snap.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::cutout;

namespace {
constexpr double kCx = 120.3, kCy = 98.6, kR = 60.4;

/// A disc of one colour on another, its edge exactly covered and blurred by `soft` px, with grain.
struct Disc {
    Photo photo;
    std::vector<double> alpha;
};
Disc disc(double soft, double grain)
{
    Disc s;
    std::mt19937 random(7);
    std::normal_distribution<double> noise(0, grain);
    std::vector<Rgb8> pixels;
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 240; ++x) {
            const double d = kR - std::hypot(x + 0.5 - kCx, y + 0.5 - kCy);
            const double a = std::clamp(0.5 + d / (2 * std::max(soft, 0.5)), 0.0, 1.0);
            s.alpha.push_back(a);
            const auto mix = [&](double in, double out) {
                return std::uint8_t(
                    std::clamp(255 * colour::toEncoded(a * in + (1 - a) * out) + noise(random), 0.0, 255.0));
            };
            pixels.push_back({mix(0.55, 0.10), mix(0.20, 0.22), mix(0.08, 0.45)});
        }
    s.photo = {240, 200, std::move(pixels)};
    return s;
}

/// A rough outline of the disc, off by up to `off` px.
Loop roughLoop(double off, bool curved)
{
    Loop loop;
    for (int i = 0; i < 16; ++i) {
        const double a = i * kPi / 8, r = kR + off * std::sin(3.0 * i);
        loop.nodes.push_back({{kCx + r * std::cos(a), kCy + r * std::sin(a)}, curved});
    }
    return loop;
}

double overlap(const Mask& a, const std::vector<double>& truth)
{
    double both = 0, either = 0;
    for (std::size_t i = 0; i < truth.size(); ++i) {
        const bool x = a.data()[i] > 127, y = truth[i] > 0.5;
        both += x && y;
        either += x || y;
    }
    return both / either;
}
} // namespace

class TestCutout : public QObject {
    Q_OBJECT
private slots:
    void straightLoopsFillTheirArea()
    {
        Loop square{{{{10, 10}, false}, {{50, 10}, false}, {{50, 30}, false}, {{10, 30}, false}}, false};
        Loop hole{{{{20, 15}, false}, {{30, 15}, false}, {{30, 25}, false}, {{20, 25}, false}}, true};
        const Mask m = filled({flattened(square, 2), flattened(hole, 2)}, {false, true}, 80, 60);
        const double area = cv::sum(m.mat())[0] / 255;
        QVERIFY2(std::abs(area - (40 * 20 - 100)) < 40, qPrintable(QString::number(area)));
        QCOMPARE(int(m.at(25, 20)), 0);
        QCOMPARE(int(m.at(40, 20)), 255);
    }

    void curvedLoopsPassThroughTheirPoints()
    {
        const Loop loop = roughLoop(0, true);
        const auto line = flattened(loop, 1);
        double worst = 0;
        for (const Vec2 p : line)
            worst = std::max(worst, std::abs(std::hypot(p.x - kCx, p.y - kCy) - kR));
        // Sixteen points on a circle: a Catmull-Rom curve stays within half a percent of it.
        QVERIFY2(worst < 0.005 * kR + 0.05, qPrintable(QString::number(worst)));
        QVERIFY(flattened(Loop{{{{1, 1}, false}, {{2, 2}, false}}, false}, 1).empty());
    }

    void theThreadIsPulledOntoTheEdge()
    {
        const Disc s = disc(1, 2);
        const auto before = flattened(roughLoop(5, true), 2), after = snapped(before, s.photo, 8);
        const auto offOf = [](const std::vector<Vec2>& line) {
            double sum = 0;
            for (const Vec2 p : line)
                sum += std::abs(std::hypot(p.x - kCx, p.y - kCy) - kR);
            return sum / double(line.size());
        };
        QVERIFY(offOf(before) > 2);
        QVERIFY2(offOf(after) < 0.8, qPrintable(QString::number(offOf(after))));
    }

    void mattesAreNearTheTruth_data()
    {
        QTest::addColumn<double>("soft"); // px, half width of the true edge
        QTest::addColumn<double>("band");
        QTest::addColumn<double>("limit"); // mean absolute alpha error in the band
        QTest::newRow("crisp") << 0.5 << 6.0 << 0.05;
        QTest::newRow("soft") << 3.0 << 10.0 << 0.06;
        QTest::newRow("out of focus") << 6.0 << 18.0 << 0.07;
    }
    void mattesAreNearTheTruth()
    {
        QFETCH(double, soft);
        QFETCH(double, band);
        QFETCH(double, limit);
        const Disc s = disc(soft, 2);
        NoProgress progress;
        const Cut c = cut(s.photo, Wanted{{roughLoop(3, true)}, {}, {}}, {band, 6}, progress);
        QVERIFY(overlap(c.alpha, s.alpha) > 0.97);
        double error = 0, count = 0;
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 240; ++x)
                if (std::abs(std::hypot(x + 0.5 - kCx, y + 0.5 - kCy) - kR) < band / 2) {
                    error += std::abs(c.alpha.at(x, y) / 255.0 - s.alpha[std::size_t(y * 240 + x)]);
                    ++count;
                }
        QVERIFY2(error / count < limit, qPrintable(QString::number(error / count)));
    }

    void theOldBackgroundIsTakenOutOfTheEdge()
    {
        const Disc s = disc(3, 0);
        std::vector<std::uint8_t> alpha;
        for (const double a : s.alpha)
            alpha.push_back(std::uint8_t(std::lround(255 * a)));
        const LinearPicture clean = cleanColours(colour::linearOf(s.photo), {240, 200, alpha});
        double worst = 0;
        for (std::size_t i = 0; i < alpha.size(); ++i)
            if (alpha[i] > 20 && alpha[i] < 140)
                worst = std::max(worst, double(std::abs(clean.data()[i].b - 0.08f)));
        QVERIFY2(worst < 0.06, qPrintable(QString::number(worst))); // blue of the old ground was 0.45
    }

    /// Cloth one sees through, striped: the same cover all over, and no less of the stripes.
    void aVeilKeepsItsPattern()
    {
        constexpr int kSide = 240;
        std::vector<Rgb> seen;
        std::vector<std::uint8_t> alpha;
        const auto inside = [](int x, int y) { return std::hypot(x - 120, y - 120) < 90; };
        const auto stripe = [](int x) { return x / 3 % 2 ? 0.7f : 0.3f; };
        for (int y = 0; y < kSide; ++y)
            for (int x = 0; x < kSide; ++x) {
                const float a = inside(x, y) ? 0.7f : 0, c = a * stripe(x) + (1 - a) * 0.1f;
                seen.push_back({c, c, c}), alpha.push_back(std::uint8_t(std::lround(255 * a)));
            }
        const LinearPicture clean = cleanColours({kSide, kSide, seen}, {kSide, kSide, alpha});
        double off = 0, n = 0;
        for (int y = 60; y < 180; ++y)
            for (int x = 60; x < 180; ++x)
                off += std::abs(double(clean.at(x, y).g - stripe(x))), ++n;
        QVERIFY2(off / n < 0.12, qPrintable(QString::number(off / n))); // smeared: 0.2
    }

    void edgesAreMeasured()
    {
        const Disc s = disc(4, 0);
        std::vector<std::uint8_t> alpha;
        for (const double a : s.alpha)
            alpha.push_back(std::uint8_t(std::lround(255 * a)));
        const EdgeQuality q = edgeQuality(colour::linearOf(s.photo), {240, 200, alpha});
        QVERIFY2(std::abs(q.transitionPx - 6.4) < 0.8,
            qPrintable(QString::number(q.transitionPx))); // 10-90 % of an 8 px ramp
        QVERIFY(q.jaggedness < 4);
        QCOMPARE(borderShare(Mask::filled(20, 20, 255)), 1.0);
        QCOMPARE(borderShare({240, 200, alpha}), 0.0);
    }

    void nothingDrawnGivesNothing()
    {
        NoProgress progress;
        QVERIFY(cut(kit::plain(20, 20, {9, 9, 9}), Wanted{}, {}, progress).alpha.empty());
        QVERIFY(cut(kit::plain(20, 20, {9, 9, 9}), Wanted{{Loop{{{{1, 1}, false}}, false}}, {}, {}}, {}, progress)
                    .alpha.empty());
        // A loop far outside the picture is harmless.
        Loop away{{{{-900, -900}, false}, {{-800, -900}, false}, {{-850, -800}, false}}, false};
        const Cut c = cut(kit::plain(20, 20, {9, 9, 9}), Wanted{{away}, {}, {}}, {6, 5}, progress);
        QVERIFY(c.alpha.empty() || cv::countNonZero(c.alpha.mat()) == 0);
    }

    void cancelGivesUp()
    {
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        QVERIFY(cut(disc(1, 0).photo, Wanted{{roughLoop(0, true)}, {}, {}}, {}, stop).alpha.empty());
    }
};

RL_TEST(TestCutout)
#include "tst_cutout.moc"
