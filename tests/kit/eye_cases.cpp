#include "tests/kit/eye_cases.h"
#include "core/base/geometry.h"
#include "core/gather/vanishing.h"
#include "tests/kit/boxes.h"
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::kit {

namespace {
constexpr int kWide = 720, kHigh = 540;
using Random = std::mt19937;
double between(Random& r, double a, double b)
{
    return a + (b - a) * double(r() >> 5) / double(1U << 27);
}
cv::Scalar tone(Random& r, double low, double high)
{
    const double t = between(r, low, high);
    return {t + between(r, -25, 25), t + between(r, -15, 15), t + between(r, -25, 25)};
}
cv::Point at(double x, double y)
{
    return {int(std::lround(x)), int(std::lround(y))};
}

/// Grain of a camera and a lens that is not quite sharp.
Photo taken(cv::Mat m, Random& r)
{
    cv::Mat grain(m.size(), CV_16SC3), noisy;
    cv::RNG noise(r());
    noise.fill(grain, cv::RNG::NORMAL, 0, between(r, 2, 7));
    m.convertTo(noisy, CV_16SC3);
    noisy += grain;
    noisy.convertTo(m, CV_8UC3);
    cv::GaussianBlur(m, m, cv::Size(), between(r, 0.5, 1.2));
    return Photo::fromMat(m);
}
/// Patches of many sizes that grow towards the eye: waves, grass, stones.
void strew(cv::Mat& m, Random& r, double from, int count, bool flat)
{
    for (int i = 0; i < count; ++i) {
        const double deep = between(r, 0, 1), y = from + (m.rows - from) * deep * deep, size = 2 + 26 * deep * deep;
        const cv::Vec3b c = m.at<cv::Vec3b>(std::clamp(int(y), 0, m.rows - 1), m.cols / 2);
        const double k = between(r, 0.75, 1.25);
        cv::ellipse(m, at(between(r, 0, m.cols), y), {int(size), std::max(1, int(size * (flat ? 0.15 : 0.5)))},
            flat ? 0 : between(r, 0, 180), 0, 360, cv::Scalar(c[0] * k, c[1] * k, c[2] * k), cv::FILLED, cv::LINE_AA);
    }
}
cv::Mat skyOver(Random& r, double level)
{
    cv::Mat m(kHigh, kWide, CV_8UC3);
    const cv::Scalar high = tone(r, 120, 190), low = tone(r, 190, 240), ground = tone(r, 50, 150);
    for (int y = 0; y < kHigh; ++y) {
        const double k = std::clamp(y / level, 0.0, 1.0);
        m.row(y).setTo(y < level ? cv::Scalar(high + (low - high) * k) : ground);
    }
    for (int i = 0; i < 30; ++i)
        cv::ellipse(m, at(between(r, 0, kWide), between(r, 0, 0.8 * level)),
            {int(between(r, 20, 120)), int(between(r, 4, 20))}, 0, 0, 360, low, cv::FILLED, cv::LINE_AA);
    return m;
}

EyeCase sea(Random& r)
{
    const double level = kHigh * between(r, 0.25, 0.7);
    cv::Mat m = skyOver(r, level);
    strew(m, r, level + 3, 500, true);
    for (int i = 0; i < 3; ++i) { // rocks and a post before it
        const double x = between(r, 0, kWide);
        cv::rectangle(
            m, at(x, level - between(r, -40, 60)), at(x + between(r, 8, 90), kHigh), tone(r, 30, 110), cv::FILLED);
    }
    return {"sea", taken(m, r), level, kWide * between(r, 0.8, 1.4)};
}
EyeCase hills(Random& r)
{
    const double level = kHigh * between(r, 0.35, 0.7);
    cv::Mat m = skyOver(r, level);
    std::vector<cv::Point> ridge{at(0, level)};
    double y = level - 40;
    for (int x = 0; x <= kWide; x += 15)
        ridge.push_back(at(x, y = std::clamp(y + between(r, -14, 14), level - 110, level - 6)));
    ridge.push_back(at(kWide, level));
    cv::fillPoly(m, std::vector<std::vector<cv::Point>>{ridge}, tone(r, 60, 130), cv::LINE_AA);
    strew(m, r, level + 2, 500, false);
    return {"hills", taken(m, r), level, kWide * between(r, 0.8, 1.4)};
}
EyeCase table(Random& r) // its edge lies nowhere near eye level
{
    cv::Mat m(kHigh, kWide, CV_8UC3, tone(r, 60, 200));
    const double edge = kHigh * between(r, 0.3, 0.7), slope = between(r, -0.05, 0.05) * kWide;
    cv::fillPoly(m,
        std::vector<std::vector<cv::Point>>{{at(0, edge), at(kWide, edge + slope), at(kWide, kHigh), at(0, kHigh)}},
        tone(r, 60, 200), cv::LINE_AA);
    for (int i = 0; i < 4; ++i)
        cv::ellipse(m, at(between(r, 60, kWide - 60), edge + between(r, -60, 120)),
            {int(between(r, 30, 90)), int(between(r, 40, 110))}, 0, 0, 360, tone(r, 40, 220), cv::FILLED, cv::LINE_AA);
    return {"table", taken(m, r), {}};
}
EyeCase boards(Random& r) // seen straight on: level lines that meet nowhere
{
    cv::Mat m(kHigh, kWide, CV_8UC3, tone(r, 90, 180));
    for (double y = between(r, 5, 30); y < kHigh; y += between(r, 30, 60))
        cv::line(m, at(0, y), at(kWide, y + between(r, -4, 4)), tone(r, 30, 80), 2, cv::LINE_AA);
    strew(m, r, 0, 200, true);
    return {"boards", taken(m, r), {}};
}
EyeCase leaves(Random& r)
{
    cv::Mat m(kHigh, kWide, CV_8UC3, tone(r, 40, 120));
    for (int i = 0; i < 260; ++i)
        cv::ellipse(m, at(between(r, 0, kWide), between(r, 0, kHigh)),
            {int(between(r, 12, 60)), int(between(r, 5, 25))}, between(r, 0, 180), 0, 360, tone(r, 30, 200), cv::FILLED,
            cv::LINE_AA);
    return {"leaves", taken(m, r), {}};
}
EyeCase strokes(Random& r, const char* kind, double about, double spread) // grass stands, folds fall
{
    cv::Mat m(kHigh, kWide, CV_8UC3, tone(r, 70, 150));
    for (int i = 0; i < 240; ++i) {
        const double a = radians(about + between(r, -spread, spread)), l = between(r, 40, 220);
        const cv::Point p = at(between(r, 0, kWide), between(r, 0, kHigh));
        cv::line(m, p, p + at(l * std::cos(a), l * std::sin(a)), tone(r, 30, 220), 1 + int(r() % 3), cv::LINE_AA);
    }
    return {kind, taken(m, r), {}};
}
} // namespace

std::vector<EyeCase> eyeCases(unsigned seed, int ofEach)
{
    std::vector<EyeCase> out;
    Random r(seed);
    for (int i = 0; i < ofEach; ++i) {
        const Boxes b = boxes(seed + unsigned(i));
        out.push_back({"boxes", b.photo, b.eyeLevel, b.focalPx});
        for (const auto make : {sea, hills, table, boards, leaves})
            out.push_back(make(r));
        out.push_back(strokes(r, "grass", 80, 25));
        out.push_back(strokes(r, "folds", 20, 12));
    }
    return out;
}

EyeHeld eyeHeld(const std::vector<EyeCase>& cases, double sure)
{
    EyeHeld held;
    for (const EyeCase& c : cases) {
        const auto told = gather::weighed(gather::eyeLevelOf(c.photo), gather::horizonOf(c.photo), c.photo.height());
        ++held.cases, held.known += c.level.has_value();
        if (told.confidence < sure)
            continue;
        ++held.claimed, held.said += told.confidence;
        held.claimedUnknown += !c.level;
        held.right += c.level && degrees(std::atan(std::abs(told.y - *c.level) / c.focalPx)) <= 2;
    }
    held.said /= std::max(1, held.claimed);
    return held;
}

} // namespace rl::kit
