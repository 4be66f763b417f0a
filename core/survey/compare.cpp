#include "core/survey/compare.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>

namespace rl::survey {

cv::Mat labOf(const cv::Mat& linear)
{
    cv::Mat lab;
    cv::cvtColor(linear, lab, cv::COLOR_LRGB2Lab);
    return lab;
}

cv::Mat linearOf(const cv::Mat& rgb8)
{
    static const auto table = [] {
        std::array<float, 256> t{};
        for (std::size_t i = 0; i < 256; ++i) {
            const double v = double(i) / 255;
            t[i] = float(v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4));
        }
        return t;
    }();
    cv::Mat out;
    cv::LUT(rgb8, cv::Mat(1, 256, CV_32F, const_cast<float*>(table.data())), out);
    return out;
}

namespace {
constexpr int kTerms = 7; ///< a quadratic, and how the bare ground differs from what is planned there
using Terms = cv::Vec<double, kTerms>;
using Surface = std::array<Terms, 3>; ///< of each channel

Terms termsAt(double x, double y, bool bare)
{
    return {1, x, y, x * x, x * y, y * y, bare ? 1.0 : 0.0};
}

/// What is known of a picture's light: log(photo / plan) where it is painted, log(photo) where it is bare.
struct Evidence {
    cv::Mat ratio, photo; ///< CV_32FC3, logarithms
    cv::Mat painted, bare; ///< CV_8U
};

/// Weighted least squares with Tukey's biweight about the residual of the rounds before. The cutoff follows how much
/// places differ by themselves (3.5 standard deviations by the median), at most `cutoff`.
Terms fittedChannel(const Evidence& e, int c, Terms now, double cutoff)
{
    struct Place {
        Terms t;
        double v;
    };
    std::vector<Place> places;
    for (int y = 0; y < e.ratio.rows; y += 2)
        for (int x = 0; x < e.ratio.cols; x += 2) {
            const bool bare = e.bare.at<std::uint8_t>(y, x) != 0;
            if (bare || e.painted.at<std::uint8_t>(y, x))
                places.push_back({termsAt(2.0 * x / e.ratio.cols - 1, 2.0 * y / e.ratio.rows - 1, bare),
                    double((bare ? e.photo : e.ratio).at<cv::Vec3f>(y, x)[c])});
        }
    if (places.size() < 30)
        return now;
    std::vector<double> away(places.size());
    for (int round = 0; round < 8; ++round) {
        for (std::size_t i = 0; i < places.size(); ++i)
            away[i] = std::abs(places[i].v - places[i].t.dot(now));
        std::nth_element(away.begin(), away.begin() + std::ptrdiff_t(away.size() / 2), away.end());
        const double own = 3.5 * 1.4826 * away[away.size() / 2],
                     cut = round < 2 ? 2.2 * cutoff : std::clamp(own, 0.1, cutoff);
        cv::Matx<double, kTerms, kTerms> a = cv::Matx<double, kTerms, kTerms>::eye() * 1e-3;
        Terms b;
        for (const Place& p : places) {
            const double r = (p.v - p.t.dot(now)) / cut;
            if (std::abs(r) >= 1)
                continue;
            const double w = (1 - r * r) * (1 - r * r);
            for (int i = 0; i < kTerms; ++i) {
                b[i] += w * p.v * p.t[i];
                for (int k = 0; k < kTerms; ++k)
                    a(i, k) += w * p.t[i] * p.t[k];
            }
        }
        now = a.solve(b, cv::DECOMP_CHOLESKY);
    }
    return now;
}

double medianOf(const cv::Mat& values, const cv::Mat& mask, int channel)
{
    std::vector<float> all;
    for (int y = 0; y < values.rows; y += 3)
        for (int x = 0; x < values.cols; x += 3)
            if (mask.at<std::uint8_t>(y, x))
                all.push_back(values.at<cv::Vec3f>(y, x)[channel]);
    if (all.empty())
        return 0;
    std::nth_element(all.begin(), all.begin() + std::ptrdiff_t(all.size() / 2), all.end());
    return double(all[all.size() / 2]);
}

Terms startOf(const Evidence& e, int c, const std::optional<Surface>& before)
{
    Terms start;
    if (!before) {
        start[0] = medianOf(e.ratio, e.painted, c);
        return start;
    }
    start = (*before)[std::size_t(c)];
    double g = 0;
    int n = 0;
    for (int y = 0; y < e.ratio.rows; y += 3)
        for (int x = 0; x < e.ratio.cols; x += 3)
            if (e.bare.at<std::uint8_t>(y, x))
                g += double(e.photo.at<cv::Vec3f>(y, x)[c])
                    - termsAt(2.0 * x / e.ratio.cols - 1, 2.0 * y / e.ratio.rows - 1, false).dot(start),
                    ++n;
    start[6] = n ? g / n : 0;
    return start;
}

Surface fittedSurface(const Evidence& e, double cutoff, const std::optional<Surface>& before)
{
    Surface s{};
    parallelRanges(3, [&](int from, int to) {
        for (int c = from; c < to; ++c)
            s[std::size_t(c)] = fittedChannel(e, c, startOf(e, c, before), cutoff);
    });
    return s;
}

/// A card's own tilt, gloss and shadow leave its light that uncertain: less is not taken for an error of the paint.
constexpr double kGreyDoubt = 0.12; // natural logarithm

cv::Vec3f lightAt(const Surface& s, double x, double y)
{
    const Terms t = termsAt(x, y, false);
    return {float(std::exp(s[0].dot(t))), float(std::exp(s[1].dot(t))), float(std::exp(s[2].dot(t)))};
}

cv::Mat lightOver(const Surface& s, cv::Size size)
{
    cv::Mat out(size, CV_32FC3);
    parallelRanges(size.height, [&](int from, int to) {
        for (int y = from; y < to; ++y)
            for (int x = 0; x < size.width; ++x)
                out.at<cv::Vec3f>(y, x) = lightAt(s, 2.0 * x / size.width - 1, 2.0 * y / size.height - 1);
    });
    return out;
}

cv::Mat followed(const cv::Mat& picture, const cv::Mat& flow)
{
    cv::Mat map(flow.size(), CV_32FC2), out;
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x)
            map.at<cv::Vec2f>(y, x) = flow.at<cv::Vec2f>(y, x) + cv::Vec2f(float(x), float(y));
    cv::remap(picture, out, map, {}, cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    return out;
}

cv::Mat apart(const cv::Mat& a, const cv::Mat& b)
{
    cv::Mat d = a - b, c[3], sum;
    cv::split(d, c);
    cv::sqrt(c[0].mul(c[0]) + c[1].mul(c[1]) + c[2].mul(c[2]), sum);
    return sum;
}
cv::Mat apart(const cv::Mat& a, const cv::Vec3f& b)
{
    return apart(a, cv::Mat(a.size(), a.type(), cv::Scalar(double(b[0]), double(b[1]), double(b[2]))));
}

/// The commonest colour among smooth places unlike the plan, by mean shift.
std::optional<cv::Vec3f> groundOf(const cv::Mat& lab, const cv::Mat& unlike, const cv::Mat& seen)
{
    cv::Mat L, soft, soft2, rough;
    cv::extractChannel(lab, L, 0);
    cv::blur(L, soft, {5, 5}), cv::blur(L.mul(L), soft2, {5, 5});
    rough = soft2 - soft.mul(soft);
    std::vector<std::pair<float, cv::Vec3f>> all;
    for (int y = 0; y < lab.rows; y += 2)
        for (int x = 0; x < lab.cols; x += 2)
            if (unlike.at<float>(y, x) > 13 && seen.at<std::uint8_t>(y, x))
                all.emplace_back(rough.at<float>(y, x), lab.at<cv::Vec3f>(y, x));
    if (all.size() < std::size_t(std::max(40, lab.rows * lab.cols / 4 / 150)))
        return {};
    const auto cut = all.begin() + std::ptrdiff_t(all.size() * 6 / 10);
    std::nth_element(all.begin(), cut, all.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    all.erase(cut, all.end());
    if (constexpr std::size_t kEnoughToTell = 1500; all.size() > kEnoughToTell) { // every so many of them
        const double step = double(all.size()) / kEnoughToTell;
        for (std::size_t i = 0; i < kEnoughToTell; ++i)
            all[i] = all[std::size_t(double(i) * step)];
        all.resize(kEnoughToTell);
    }
    const int step = int(std::max<std::size_t>(1, all.size() / 60)), seeds = (int(all.size()) + step - 1) / step;
    std::vector<std::pair<double, cv::Vec3f>> peaks(static_cast<std::size_t>(seeds));
    parallelRanges(seeds, [&](int from, int to) {
        for (int k = from; k < to; ++k) {
            auto& [weight, at] = peaks[std::size_t(k)];
            at = all[std::size_t(k * step)].second;
            for (int round = 0; round < 12; ++round) {
                cv::Vec3f sum(0, 0, 0);
                float total = 0;
                for (const auto& [r, c] : all) {
                    const cv::Vec3f d = c - at;
                    const float w = std::exp(-d.dot(d) / 50); // 5 ΔE wide
                    sum += w * c, total += w;
                }
                at = sum / std::max(1e-9f, total), weight = double(total);
            }
        }
    });
    return std::max_element(peaks.begin(), peaks.end(), [](const auto& a, const auto& b) {
        return a.first < b.first;
    })->second;
}

/// Local unevenness of lightness, L*.
cv::Mat roughnessOf(const cv::Mat& lab, double sigma)
{
    cv::Mat L, soft, d, out;
    cv::extractChannel(lab, L, 0);
    cv::GaussianBlur(L, soft, {}, sigma);
    d = L - soft;
    cv::GaussianBlur(d.mul(d), out, {}, sigma);
    cv::sqrt(out, out);
    return out;
}

/// Places of the ground's colour that are as smooth as it: whole patches are taken or left.
cv::Mat bareOf(const cv::Mat& lab, const cv::Mat& toPlan, const cv::Mat& agrees, const cv::Vec3f& ground,
    const cv::Mat& seen, double perCm)
{
    const cv::Mat toGround = apart(lab, ground), rough = roughnessOf(lab, std::max(1.0, 0.25 * perCm));
    cv::Mat bare = (toGround < 11) & (toGround < 0.85 * toPlan) & seen, sure = (toGround < 5) & (toPlan > 13) & seen;
    cv::morphologyEx(bare, bare, cv::MORPH_OPEN, cv::Mat::ones(3, 3, CV_8U));
    const auto median = [&](const cv::Mat& of, const cv::Mat& mask) {
        std::vector<float> all;
        for (int y = 0; y < mask.rows; ++y)
            for (int x = 0; x < mask.cols; ++x)
                if (mask.at<std::uint8_t>(y, x))
                    all.push_back(of.at<float>(y, x));
        if (all.empty())
            return 0.0f;
        const auto low = all.begin() + std::ptrdiff_t(all.size() * 4 / 10);
        std::nth_element(all.begin(), low, all.end());
        return *low;
    };
    const float usual = median(rough, sure);
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(bare, labels, stats, centres);
    for (int i = 1; i < n; ++i) {
        if (stats.at<int>(i, cv::CC_STAT_AREA) < 25)
            continue; // nothing hangs on it
        const cv::Mat one = labels == i;
        const bool near = median(toPlan, one) < 18; // a painted place of nearly the ground's colour
        if (near && (median(rough, one) > 1.8f * usual + 0.5f || median(agrees, one) > 0.45f))
            bare.setTo(0, one);
    }
    cv::morphologyEx(bare, bare, cv::MORPH_CLOSE, cv::Mat::ones(5, 5, CV_8U));
    return bare;
}
} // namespace

Evened evened(const cv::Mat& planLinear, const cv::Mat& photoLinear, const cv::Mat& flow, const cv::Mat& agreement,
    const cv::Mat& seen, double perCm, const std::vector<Known>& known, double knownLightness)
{
    const cv::Mat moved = followed(photoLinear, flow);
    const double shrink = std::min(1.0, 360.0 / std::max(moved.cols, moved.rows));
    cv::Mat plan, photo, in;
    const double blurPx = 0.3 * perCm * shrink;
    cv::resize(planLinear, plan, {}, shrink, shrink, cv::INTER_AREA);
    cv::resize(moved, photo, plan.size(), 0, 0, cv::INTER_AREA);
    cv::resize(seen, in, plan.size(), 0, 0, cv::INTER_NEAREST);
    cv::Mat softPlan, softPhoto, a, b;
    cv::GaussianBlur(plan, softPlan, {}, std::max(0.6, blurPx)),
        cv::GaussianBlur(photo, softPhoto, {}, std::max(0.6, blurPx));
    // Both at one exposure, so that what keeps black from being endless weighs alike on them.
    cv::Scalar exposure;
    for (int c = 0; c < 3; ++c)
        exposure[c] = std::max(1e-4, medianOf(softPhoto, in, c)) / std::max(1e-4, medianOf(softPlan, in, c));
    const cv::Scalar shift(std::log(exposure[0]), std::log(exposure[1]), std::log(exposure[2]));
    cv::divide(softPhoto, cv::Mat(softPhoto.size(), CV_32FC3, exposure), softPhoto);
    cv::log(softPhoto + cv::Scalar::all(0.004), a), cv::log(softPlan + cv::Scalar::all(0.004), b);
    a += shift;
    const cv::Mat planLab = labOf(plan);
    Evidence e{a - b, a, in.clone(), cv::Mat::zeros(in.size(), CV_8U)};
    cv::Mat agrees;
    cv::resize(agreement, agrees, plan.size(), 0, 0, cv::INTER_AREA);
    Evened out;
    Surface surface = fittedSurface(e, 0.45, {});
    cv::Mat paint = in.clone();
    const double small = perCm * shrink;
    for (int round = 0; round < 4; ++round) {
        const cv::Mat lab = labOf(photo / lightOver(surface, plan.size()));
        const cv::Mat toPlan = apart(lab, planLab);
        out.ground = groundOf(lab, toPlan, in);
        paint = in.clone();
        cv::Mat bare = cv::Mat::zeros(in.size(), CV_8U);
        if (out.ground)
            bare = bareOf(lab, toPlan, agrees, *out.ground, in, small);
        paint.setTo(0, bare);
        cv::erode(paint, e.painted, cv::Mat::ones(5, 5, CV_8U));
        cv::erode(bare, e.bare, cv::Mat::ones(5, 5, CV_8U));
        if (cv::countNonZero(e.painted) < int(e.painted.total() / 50))
            break;
        if (round < 3)
            surface = fittedSurface(e, 0.45, surface);
    }
    if (known.size() >= 40) { // in the light where it lies it should be that light
        const double w = planLinear.cols / perCm, h = planLinear.rows / perCm;
        const double f = (knownLightness + 16) / 116, Y = knownLightness > 8 ? f * f * f : knownLightness / 903.3;
        for (int c = 0; c < 3; ++c) {
            std::vector<double> off;
            for (const Known& k : known) {
                const cv::Vec3f light = lightAt(
                    surface, std::clamp(2 * k.at.x / w - 1, -1.1, 1.1), std::clamp(2 * k.at.y / h - 1, -1.1, 1.1));
                off.push_back(std::log(std::max(1e-4, double(k.colour[c])) / std::max(1e-4, Y * double(light[c]))));
            }
            std::nth_element(off.begin(), off.begin() + std::ptrdiff_t(off.size() / 2), off.end());
            const double by = off[off.size() / 2];
            surface[std::size_t(c)][0] += std::copysign(std::max(0.0, std::abs(by) - kGreyDoubt), by);
        }
        out.known = true;
    }
    const cv::Mat light = lightOver(surface, planLinear.size());
    out.lab = labOf(moved / light);
    cv::resize(paint, out.paint, planLinear.size(), 0, 0, cv::INTER_LINEAR);
    out.paint = out.paint > 127;
    out.paint &= seen;
    out.seen = seen;
    out.share = double(cv::countNonZero(out.paint)) / std::max(1, cv::countNonZero(seen));
    double low = 1e9, high = -1e9;
    for (int y = 0; y <= 4; ++y)
        for (int x = 0; x <= 4; ++x) {
            const cv::Vec3f l = lightAt(surface, x / 2.0 - 1, y / 2.0 - 1);
            low = std::min(low, double(l[1])), high = std::max(high, double(l[1]));
        }
    out.stops = std::log2(high / std::max(1e-9, low));
    return out;
}

namespace {
cv::Rect boxOf(const Rect& cm, double perCm, cv::Size size)
{
    return cv::Rect(cv::Point(int(std::floor(cm.x * perCm)), int(std::floor(cm.y * perCm))),
               cv::Point(int(std::ceil(cm.right() * perCm)), int(std::ceil(cm.bottom() * perCm))))
        & cv::Rect({}, size);
}
} // namespace

Zone zoneOf(const Evened& e, const cv::Mat& planLab, const cv::Mat& mask)
{
    Zone z;
    const cv::Scalar now = cv::mean(e.lab, mask), then = cv::mean(planLab, mask);
    z.dL = now[0] - then[0];
    const double c1 = std::hypot(now[1], now[2]), c0 = std::hypot(then[1], then[2]);
    z.dC = c1 - c0;
    if (c1 > 3 && c0 > 3)
        z.dHue = turnBetween(degrees(std::atan2(then[2], then[1])), degrees(std::atan2(now[2], now[1])));
    z.judged = true;
    return z;
}

Zone zoneOf(const Evened& e, const cv::Mat& planLab, const Rect& place, double perCm)
{
    Zone z;
    z.place = place;
    const cv::Rect box = boxOf(place, perCm, planLab.size());
    if (box.empty())
        return z;
    const cv::Mat mask = e.paint(box);
    const int painted = cv::countNonZero(mask), whole = cv::countNonZero(e.seen(box));
    z.painted = whole ? double(painted) / whole : 0;
    if (painted < 20)
        return z;
    z.judged = z.painted >= 0.3;
    const Zone part = zoneOf({e.lab(box), e.paint(box), e.seen(box), {}, 0, 0, false}, planLab(box), mask);
    z.dL = part.dL, z.dC = part.dC, z.dHue = part.dHue;
    return z;
}

bool paintedAt(const Evened& e, Vec2 cm, double perCm)
{
    const cv::Rect box = boxOf({cm.x - 0.4, cm.y - 0.4, 0.8, 0.8}, perCm, e.paint.size());
    return !box.empty() && cv::countNonZero(e.paint(box)) * 2 >= int(box.area());
}

} // namespace rl::survey
