#include "core/base/parallel.h"
#include "core/paint/looks.h"
#include "core/paint/parts.h"
#include "core/paint/search.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/core/utility.hpp>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;

namespace {
const Search& eight()
{
    static const Search search(
        typicalPaints({"PW6", "PBk9", "PY74", "PR254", "PB29", "PB15:3", "PBr7BS", "PV19"}).take());
    return search;
}
const std::vector<ExactLab> kWanted{{50, 20, 20}, {72, -6, 30}, {35, 10, -40}, {20, 4, 2}, {90, 1, 6}, {60, -20, -20},
    {45, 60, 40}, {80, 5, 85}, {55, 70, -75}, {10, 0, 0}};
} // namespace

/// The inside of the search: single precision against double, slopes against differences, what restricts it.
class TestSearch : public QObject {
    Q_OBJECT
private slots:
    void singlePrecisionIsEnough()
    {
        for (const auto& amounts : {std::array{0.5f, 0.3f, 0.2f}, {0.98f, 0.015f, 0.005f}, {0.01f, 0.01f, 0.98f}}) {
            const Packed* paints[] = {&eight().packedOf(0), &eight().packedOf(3), &eight().packedOf(4)};
            float out[12];
            mixSlopes(paints, amounts.data(), 3, out);
            std::vector<OpticsPart> parts;
            const int of[] = {0, 3, 4};
            for (std::size_t i = 0; i < 3; ++i)
                parts.push_back({&eight().paints()[std::size_t(of[i])].optics, double(amounts[i])});
            const ExactLab exact = toLab(seen(opaque(mixed(parts))));
            const ExactLab quick = labOf({double(out[0]), double(out[1]), double(out[2])});
            QVERIFY(colour::deltaE2000(exact, quick) < 2e-3);
            // The same by the sweep, amounts in any unit.
            Packed sum{};
            addTo(sum, sum, *paints[0], 10 * amounts[0]);
            addTo(sum, sum, *paints[1], 10 * amounts[1]);
            float swept[6];
            const float last[] = {10 * amounts[2], 0.f};
            mixSweep(sum, *paints[2], last, 2, swept);
            for (int i = 0; i < 3; ++i)
                QVERIFY(std::abs(swept[i] - out[i]) < 1e-5f);
            // Without the third: another colour.
            QVERIFY(std::abs(swept[4] - swept[1]) > 1e-4f);
        }
    }
    void slopesAreDifferences()
    {
        const Packed* paints[] = {&eight().packedOf(0), &eight().packedOf(2), &eight().packedOf(5)};
        const float amounts[] = {0.7f, 0.25f, 0.05f};
        float out[12];
        mixSlopes(paints, amounts, 3, out);
        for (int i = 0; i < 3; ++i) {
            constexpr float h = 0.02f;
            float more[3], less[3], up[12], down[12];
            for (int k = 0; k < 3; ++k)
                more[k] = amounts[k] * (k == i ? std::exp(h) : 1), less[k] = amounts[k] * (k == i ? std::exp(-h) : 1);
            mixSlopes(paints, more, 3, up), mixSlopes(paints, less, 3, down);
            for (int c = 0; c < 3; ++c) {
                const float slope = (up[c] - down[c]) / (2 * h);
                QVERIFY2(std::abs(slope - out[3 + 3 * i + c]) < 2e-3f + 0.02f * std::abs(slope),
                    qPrintable(QString("%1 %2").arg(slope).arg(out[3 + 3 * i + c])));
            }
        }
        // All of them more by the same: the same colour.
        for (int c = 0; c < 3; ++c)
            QVERIFY(std::abs(out[3 + c] + out[6 + c] + out[9 + c]) < 1e-4f);
    }
    void theTermsOfTheDifferenceAreItsSlopes()
    {
        for (const ExactLab& a : kWanted)
            for (const ExactLab& b : kWanted) {
                const auto d = colour::deltaTerms(a, b);
                QVERIFY(std::abs(d.total() - colour::deltaE2000(a, b)) < 1e-12);
                QVERIFY(d.sl >= 1 && d.sc >= 1 && d.sh > 0.5 && d.stretch >= 1 && d.stretch <= 1.5);
                QVERIFY((b.L - a.L) * d.lightness >= 0);
                QVERIFY(std::abs(d.total() - colour::deltaTerms(b, a).total()) < 1e-9);
            }
    }

    void onlyTheTubesSaidAreUsed()
    {
        for (const ExactLab& wanted : kWanted)
            for (const Effort effort : {Effort::Moving, Effort::Full}) {
                const auto found = eight().best(wanted, 3, effort, {0, 4, 6});
                for (const Fit& f : found.fits) {
                    QVERIFY(f.count >= 1 && f.count <= 3);
                    double sum = 0;
                    for (int i = 0; i < f.count; ++i) {
                        const int tube = f.of[std::size_t(i)];
                        QVERIFY(tube == 0 || tube == 4 || tube == 6);
                        sum += f.amounts[std::size_t(i)];
                    }
                    QVERIFY(std::abs(sum - 1) < 1e-9);
                }
            }
    }
    void fewerTubesComeNoNearer()
    {
        for (const ExactLab& wanted : kWanted) {
            double last = 1e9;
            for (int most = 1; most <= 4; ++most) {
                const double de = eight().best(wanted, most, Effort::Full).nearest.de;
                QVERIFY(de <= last + 1e-3);
                last = de;
            }
        }
    }
    void oneThreadFindsTheSame()
    {
        for (const ExactLab& wanted : kWanted) {
            useCores(0);
            const auto many = eight().best(wanted, 4, Effort::Moving);
            useCores(1);
            const auto one = eight().best(wanted, 4, Effort::Moving);
            QCOMPARE(one.fits.size(), many.fits.size());
            for (std::size_t i = 0; i < one.fits.size(); ++i)
                QVERIFY(one.fits[i].of == many.fits[i].of && one.fits[i].de == many.fits[i].de);
        }
        useCores(0);
    }
    void aLikeColourIsFoundFromItsNeighbour()
    {
        const Fit first = eight().best({50, 20, 20}, 4, Effort::Full).fits.front();
        const Fit next = eight().near({51, 20, 21}, first);
        QVERIFY(next.de < 0.3);
        QVERIFY(next.of == first.of); // without another search
        QVERIFY(eight().near({50, 20, 20}, {}).de < 0.05);
    }
    void hueIsKeptOnlyWhereItIsOne()
    {
        QVERIFY(keepsHue({50, 3, 2}, {50, -3, -2})); // greys are as they are
        QVERIFY(keepsHue({50, 40, 40}, {40, 20, 25}));
        QVERIFY(!keepsHue({50, 40, 40}, {50, 20, -10}) && !keepsHue({50, 40, 40}, {50, 4, 4}));
    }

    /// The slope of the colour over each part, by hand, for one paint in white.
    void aSlipOfTheHandIsTold()
    {
        const Paints& paints = eight().paints();
        const Recipe r{{"PW6", 10}, {"PB15:3", 0.5}};
        const ExactLab at = colourOf(r, paints);
        const double told = sensitivityOf(r, paints, at);
        const ExactLab more = colourOf({{"PW6", 10}, {"PB15:3", 0.55}}, paints);
        // Both parts slip: about √2 of one.
        QVERIFY(std::abs(told - std::sqrt(2) * colour::deltaE2000(at, more)) < 0.2 * told);
        QVERIFY(sensitivityOf({{"PW6", 10}}, paints, colourOf({{"PW6", 10}}, paints)) < 1e-9);
    }
    void missingIsNamedByItsLargestTerms_data()
    {
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("a");
        QTest::addColumn<double>("b");
        QTest::addColumn<QString>("said");
        QTest::addColumn<QString>("unsaid");
        QTest::newRow("dull") << 50.0 << 20.0 << 20.0 << "too dull"
                              << "dark";
        QTest::newRow("dark") << 30.0 << 41.0 << 40.0 << "too dark"
                              << "dull";
        QTest::newRow("light") << 70.0 << 40.0 << 40.0 << "too light"
                               << "hue";
        QTest::newRow("strong") << 50.0 << 62.0 << 62.0 << "too strong"
                                << "light";
        QTest::newRow("to the yellow") << 50.0 << 10.0 << 55.0 << "yellow"
                                       << "dark";
        QTest::newRow("to the pink") << 50.0 << 56.0 << 8.0 << "pink"
                                     << "yellow";
        QTest::newRow("there") << 50.0 << 40.0 << 40.0 << ""
                               << "too";
    }
    void missingIsNamedByItsLargestTerms()
    {
        QFETCH(double, L);
        QFETCH(double, a);
        QFETCH(double, b);
        QFETCH(QString, said);
        QFETCH(QString, unsaid);
        const QString words = QString::fromStdString(missedBy({50, 40, 40}, {L, a, b}));
        QVERIFY2(said.isEmpty() ? words.isEmpty() : words.contains(said), qPrintable(words));
        QVERIFY2(!words.contains(unsaid), qPrintable(words));
    }

    void theQuickBoundThrowsNothingAway()
    {
        for (const ExactLab& wanted : kWanted) {
            const Aim aim(wanted, false);
            for (const double limit : {0.5, 2.0, 6.0}) {
                const auto [low, high] = aim.luminances(limit);
                for (double dL = -14; dL <= 14; dL += 0.7)
                    for (const double da : {-8.0, 0.0, 8.0})
                        for (const double db : {-8.0, 0.0, 8.0}) {
                            const ExactLab c(std::clamp(wanted.L + dL, 1.0, 99.0), wanted.a + da, wanted.b + db);
                            const double truth = colour::deltaE2000(wanted, c);
                            if (truth >= limit)
                                continue;
                            const double y = (c.L + 16) / 116, x = y + c.a / 500, z = y - c.b / 200;
                            if (std::min({x, y, z}) < 0.25)
                                continue;
                            const float xyz[] = {float(x * x * x), float(y * y * y), float(z * z * z)};
                            QVERIFY(xyz[1] >= low && xyz[1] <= high);
                            QVERIFY2(std::abs(aim.of(xyz, limit) - truth) < 2e-3,
                                qPrintable(QString("%1 %2").arg(aim.of(xyz, limit)).arg(truth)));
                        }
            }
        }
    }
    void theLadderIsOfQuartersHalvesAndWholes()
    {
        const auto ladder = partsLadder();
        QCOMPARE(ladder.size(), std::size_t(26));
        QVERIFY(ladder[0] == 0.25f && ladder[1] == 0.5f && ladder[2] == 1 && ladder.back() == 24);
        QVERIFY(std::is_sorted(ladder.begin(), ladder.end()));
    }
    void screensAreToldWhatTheyCannotShow()
    {
        QVERIFY(!onScreen({50, 10, 10}).clipped);
        QVERIFY(onScreen({60, 0, -90}).clipped);
        const auto white = onScreen({100, 0, 0});
        for (const double v : white.rgb)
            QVERIFY(std::abs(v - 255) < 0.1);
    }
    void warmAndCoolAreToldApart()
    {
        QVERIFY(warmthOf({60, 40, 60}) > 0.9 && warmthOf({40, -20, -45}) < -0.8);
        QVERIFY(std::abs(warmthOf({50, 0, 0})) < 1e-9);
    }
};

RL_TEST(TestSearch)
#include "tst_search.moc"
