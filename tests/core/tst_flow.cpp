#include "core/transfer/element_flow.h"
#include "tests/kit/program.h"
#include <QTest>
#include <numbers>
#include <random>

using namespace rl;
using namespace rl::transfer;

namespace {
constexpr double kHalfTurn = std::numbers::pi;
/// Strands of a direction that may turn over the picture, as sheets of grain drawn out along it.
Photo strands(int size, const std::function<double(double x, double y)>& degrees, double length, unsigned seed)
{
    std::mt19937 random(seed);
    std::vector<float> noise(std::size_t(size) * std::size_t(size));
    for (float& v : noise)
        v = std::uniform_real_distribution<float>(0, 1)(random);
    std::vector<Rgb8> out;
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x) {
            double sum = 0, n = 0;
            for (int way = -1; way <= 1; way += 2) {
                double u = x, v = y;
                for (int k = 0; k < length / 2; ++k) {
                    const int i = int(u), j = int(v);
                    if (i < 0 || j < 0 || i >= size || j >= size)
                        break;
                    sum += double(noise[std::size_t(j) * std::size_t(size) + std::size_t(i)]), ++n;
                    const double a = degrees(u, v) * kHalfTurn / 180;
                    u += way * std::cos(a), v -= way * std::sin(a);
                }
            }
            const auto code = std::uint8_t(
                std::clamp(128 + 130 * std::sqrt(std::max(n, 1.0)) * (sum / std::max(n, 1.0) - 0.5), 0.0, 255.0));
            out.push_back({code, code, code});
        }
    return {size, size, std::move(out)};
}
double off(double a, double b)
{
    return std::abs(std::remainder(a - b, 180));
}
} // namespace

/// Which way strands run.
class TestFlow : public QObject {
    Q_OBJECT
private slots:
    void everyDirectionIsTold_data()
    {
        QTest::addColumn<double>("degrees");
        for (const double a : {0.0, 3.0, 22.0, 45.0, 67.5, 90.0, 112.0, 149.0, 178.0})
            QTest::addRow("%.1f degrees", a) << a;
    }
    void everyDirectionIsTold()
    {
        QFETCH(double, degrees);
        NoProgress progress;
        const Photo photo = strands(
            240, [&](double, double) { return degrees; }, 26, 5);
        const FlowField f = flowOf(photo, {}, progress);
        std::vector<double> errors;
        for (int y = 30; y < 210; y += 6)
            for (int x = 30; x < 210; x += 6)
                errors.push_back(off(double(f.angle.at(x, y)), degrees));
        std::sort(errors.begin(), errors.end());
        QVERIFY2(errors[errors.size() / 2] < 2.5 && errors[errors.size() * 95 / 100] < 9,
            qPrintable(QString("%1 %2").arg(errors[errors.size() / 2]).arg(errors[errors.size() * 95 / 100])));
    }
    void aSeamStaysSharp()
    {
        NoProgress progress;
        const Photo photo = strands(
            240, [](double x, double) { return x < 120 ? 30.0 : 140.0; }, 22, 9);
        const FlowField f = flowOf(photo, {}, progress);
        for (int y = 30; y < 210; y += 10) {
            QVERIFY(off(double(f.angle.at(95, y)), 30) < 14);
            QVERIFY(off(double(f.angle.at(145, y)), 140) < 14);
        }
    }
    void whereNothingRunsNothingIsClaimed()
    {
        NoProgress progress;
        // Strands left, even grain right.
        Photo left = strands(
                  240, [](double, double) { return 60.0; }, 26, 3),
              right = strands(
                  240, [](double, double) { return 0.0; }, 2, 4);
        std::vector<Rgb8> both;
        for (int y = 0; y < 240; ++y)
            for (int x = 0; x < 240; ++x)
                both.push_back(x < 120 ? left.at(x, y) : right.at(x, y));
        const FlowField f = flowOf(Photo(240, 240, both), {}, progress);
        int claimed = 0, told = 0, n = 0;
        for (int y = 20; y < 220; y += 4)
            for (int x = 20; x < 90; x += 4, ++n)
                told += f.reliable.at(x, y) > 0, claimed += f.reliable.at(x + 130, y) > 0;
        QVERIFY2(told > 0.9 * n && claimed < 0.3 * n, qPrintable(QString("%1 %2 of %3").arg(told).arg(claimed).arg(n)));
    }
    void strokesFollowTheBend()
    {
        NoProgress progress;
        // Round a middle: the direction is known at every place.
        const auto round = [](double x, double y) { return std::atan2(120 - y, x - 120) * 180 / kHalfTurn + 90; };
        const Photo photo = strands(240, round, 24, 7);
        const FlowField f = flowOf(photo, {}, progress);
        const auto strokes = flowStrokes(f, 40, 8);
        QVERIFY(strokes.size() > 40);
        int good = 0, all = 0;
        for (const FlowStroke& s : strokes)
            for (std::size_t i = 1; i < s.points.size(); ++i) {
                const Vec2 a = s.points[i - 1], b = s.points[i], m = (a + b) * 0.5;
                if (std::hypot(m.x - 120, m.y - 120) < 40)
                    continue;
                ++all;
                good += off(std::atan2(a.y - b.y, b.x - a.x) * 180 / kHalfTurn, round(m.x, m.y)) < 12;
            }
        QVERIFY2(good > 0.92 * all, qPrintable(QString("%1 of %2").arg(good).arg(all)));
        const auto again = flowStrokes(f, 40, 8);
        QVERIFY(again.size() == strokes.size() && again[3].points == strokes[3].points);
        // Longer strands are told longer.
        const auto lengthOf = [&](double length) {
            const Photo p = strands(
                240, [](double, double) { return 20.0; }, length, 11);
            std::vector<double> all;
            for (const FlowPoint& q : flowPoints(flowOf(p, {}, progress), p, {}, 16))
                if (q.reliable && q.length > 0)
                    all.push_back(q.length);
            std::sort(all.begin(), all.end());
            return all[all.size() / 2];
        };
        const double eight = lengthOf(8), thirty = lengthOf(30);
        QVERIFY2(thirty > 1.6 * eight, qPrintable(QString("%1 %2").arg(eight).arg(thirty)));
    }
    void oddInputIsTakenWell()
    {
        NoProgress progress;
        QVERIFY(flowOf({}, {}, progress).empty());
        const Photo one(1, 1, {{9, 9, 9}}), flat(64, 64, std::vector<Rgb8>(4096, {80, 80, 80}));
        QVERIFY(!flowOf(one, {}, progress).empty());
        QVERIFY(flowOf(flat, Mask::filled(64, 64, 0), progress).empty()); // an empty mask
        QVERIFY(flowOf(flat, Mask::filled(9, 9, 255), progress).empty()); // of another size
        QVERIFY(flowPoints({}, flat, {}, 8).empty() && flowStrokes({}, 10, 5).empty());
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        QVERIFY(flowOf(flat, {}, stop).empty());
        QVERIFY(taper(0) == 0 && taper(1) == 0 && taper(0.15) > 0.8);
    }
};

RL_TEST(TestFlow)
#include "tst_flow.moc"
