#include "core/base/geometry.h"
#include "core/stage/resample.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::stage;

namespace {
constexpr int kWide = 61, kHigh = 47; // px

/// Each pixel holds what the function says in its middle.
LinearPicture pictureOf(const std::function<Rgb(double x, double y)>& f)
{
    std::vector<Rgb> all;
    for (int y = 0; y < kHigh; ++y)
        for (int x = 0; x < kWide; ++x)
            all.push_back(f(x + 0.5, y + 0.5));
    return {kWide, kHigh, std::move(all)};
}
LinearPicture noisy(unsigned seed)
{
    cv::RNG random(seed);
    return pictureOf([&](double, double) {
        return Rgb{random.uniform(0.f, 1.f), random.uniform(0.f, 1.f), random.uniform(0.f, 1.f)};
    });
}

/// What a box over the picture holds, its pixels being even squares.
Rgb boxMean(const LinearPicture& p, Rect box)
{
    const auto shared = [](double low, double high, int px) {
        return std::max(0.0, std::min(high, px + 1.0) - std::max(low, double(px)));
    };
    Rgb sum{};
    for (int y = 0; y < p.height(); ++y)
        for (int x = 0; x < p.width(); ++x)
            sum = sum + p.at(x, y) * float(shared(box.x, box.right(), x) * shared(box.y, box.bottom(), y));
    return sum * float(1 / (box.width * box.height));
}

double apart(Rgb a, Rgb b)
{
    return double(std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b)}));
}
} // namespace

class TestResample : public QObject {
    Q_OBJECT
private slots:
    void everyPixelIsTheMeanOfWhatItCovers_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        for (const double x : {0.3, 1.0, 1.37, 2.0, 5.21})
            for (const double y : {0.71, 1.0, 3.4})
                QTest::addRow("%g by %g px", x, y) << x << y;
    }
    void everyPixelIsTheMeanOfWhatItCovers()
    {
        QFETCH(double, x);
        QFETCH(double, y);
        const LinearPicture from = noisy(3);
        const Grid grid{7.3, 5.6, x, y, 8, 9};
        const auto got = resampled(from, grid, Beyond::Edge);
        const double wide = std::max(1.0, x), high = std::max(1.0, y);
        for (int j = 0; j < grid.height; ++j)
            for (int i = 0; i < grid.width; ++i) {
                const Rect box{grid.ox + (i + 0.5) * x - wide / 2, grid.oy + (j + 0.5) * y - high / 2, wide, high};
                QVERIFY(box.right() < kWide && box.bottom() < kHigh);
                QVERIFY(apart(got[std::size_t(j * grid.width + i)], boxMean(from, box)) < 2e-6);
            }
    }

    void aSlopeStaysOne()
    {
        const auto slope = [](double x, double y) { return Rgb{float(0.01 * x), float(0.02 * y), float(0.3)}; };
        const Grid grid{3.25, 4.5, 0.37, 0.81, 60, 40};
        const auto got = resampled(pictureOf(slope), grid, Beyond::Edge);
        for (int j = 0; j < grid.height; ++j)
            for (int i = 0; i < grid.width; ++i)
                QVERIFY(apart(got[std::size_t(j * grid.width + i)],
                            slope(grid.ox + (i + 0.5) * grid.stepX, grid.oy + (j + 0.5) * grid.stepY))
                    < 2e-6);
    }

    void whatLiesOutsideIsNothingOrTheEdge()
    {
        const Mask full = Mask::filled(20, 10, 255);
        const Grid grid{-6, -5, 2, 2, 16, 10}; // the mask lies in the middle of it
        const auto none = resampled(full, grid, Beyond::Nothing), edge = resampled(full, grid, Beyond::Edge);
        double sum = 0;
        for (std::size_t i = 0; i < none.size(); ++i) {
            sum += double(none[i]) * grid.stepX * grid.stepY;
            QVERIFY(std::abs(edge[i] - 1) < 1e-5f);
        }
        QVERIFY(std::abs(sum - 200) < 1e-3); // nothing of it is lost
        QCOMPARE(none.front(), 0.f);
        for (const double far : {-1e12, 1e12, -500.0, 500.0}) {
            const auto beside = resampled(full, {far, far, 1.5, 1.5, 4, 4}, Beyond::Nothing);
            QVERIFY(std::all_of(beside.begin(), beside.end(), [](float v) { return v == 0; }));
            QVERIFY(std::abs(resampled(full, {far, far, 1.5, 1.5, 4, 4}, Beyond::Edge)[5] - 1) < 1e-5f);
        }
    }

    void mirroredIsAsIfThePictureWere()
    {
        const LinearPicture from = noisy(5);
        cv::Mat flipped;
        cv::flip(from.mat(), flipped, 1);
        for (const double step : {0.4, 1.0, 1.9, 3.3}) {
            Grid grid{-2.3, 1.7, step, step, 18, 11};
            const auto wanted = resampled(LinearPicture::fromMat(flipped), grid, Beyond::Edge);
            grid.mirrored = true;
            const auto got = resampled(from, grid, Beyond::Edge);
            for (std::size_t i = 0; i < got.size(); ++i)
                QVERIFY(apart(got[i], wanted[i]) < 2e-6);
        }
    }

    void aPhotographIsAveragedInLinearLight()
    {
        // Black and white by turns: half of the light, whatever the code in the middle is.
        std::vector<Rgb8> stripes;
        for (int i = 0; i < 64 * 8; ++i)
            stripes.push_back(i % 2 ? Rgb8{255, 255, 255} : Rgb8{0, 0, 0});
        const auto got = resampled(Photo(64, 8, stripes), {0, 0, 2, 2, 32, 4}, Beyond::Edge);
        for (const Rgb& c : got)
            QVERIFY(apart(c, {0.5f, 0.5f, 0.5f}) < 1e-6);
    }

    void onePixelIsEnough()
    {
        const auto got = resampled(Mask::filled(1, 1, 51), {-1, -1, 0.5, 7, 6, 2}, Beyond::Edge);
        QVERIFY(std::all_of(got.begin(), got.end(), [](float v) { return std::abs(v - 0.2f) < 1e-6f; }));
    }
};

RL_TEST(TestResample)
#include "tst_resample.moc"
