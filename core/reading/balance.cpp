#include "core/reading/balance.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/project/schools.h"
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
/// Weights on a small picture, 96 px across: the eye weighs masses, not hairs.
cv::Mat weightsOf(const light::Picture& picture)
{
    const int w = 96, h = std::clamp(96 * picture.colour.height() / std::max(1, picture.colour.width()), 8, 960);
    cv::Mat small;
    cv::resize(picture.colour.mat(), small, {w, h}, 0, 0, cv::INTER_AREA);
    std::vector<colour::Lab> lab;
    double L = 0, a = 0, b = 0;
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const auto v = small.at<cv::Vec3f>(y, x);
            lab.push_back(colour::toLab({v[0], v[1], v[2]}));
            L += double(lab.back().L), a += double(lab.back().a), b += double(lab.back().b);
        }
    const double n = double(w) * h;
    L /= n, a /= n, b /= n;
    cv::Mat out(h, w, CV_64F);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const auto& c = lab[std::size_t(y) * std::size_t(w) + std::size_t(x)];
            out.at<double>(y, x) = std::abs(double(c.L) - L) + 0.5 * std::hypot(double(c.a) - a, double(c.b) - b);
        }
    return out;
}

double correlation(const cv::Mat& a, const cv::Mat& b)
{
    cv::Scalar ma, sa, mb, sb;
    cv::meanStdDev(a, ma, sa);
    cv::meanStdDev(b, mb, sb);
    if (sa[0] < 1e-9 || sb[0] < 1e-9)
        return 0;
    return cv::mean((a - ma[0]).mul(b - mb[0]))[0] / (sa[0] * sb[0]);
}
} // namespace

Balance balanceOf(const light::Picture& picture)
{
    Balance out;
    if (picture.colour.empty())
        return out;
    const cv::Mat weight = weightsOf(picture);
    const int w = weight.cols, h = weight.rows;
    double all = 0, left = 0, top = 0, mx = 0, my = 0;
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const double v = weight.at<double>(y, x);
            all += v, mx += v * (x + 0.5), my += v * (y + 0.5);
            left += x < w / 2 ? v : 0;
            top += 2 * y + 1 < h ? v : 2 * y + 1 == h ? v / 2 : 0;
        }
    const double widthCm = picture.colour.width() / picture.pixelsPerCm, k = widthCm / w;
    out.centreCm = {widthCm / 2, h * k / 2};
    if (all < 1e-6 * w * h)
        return out;
    out.left = left / all, out.top = top / all;
    out.centreCm = {mx / all * k, my / all * k};
    cv::Mat turned, soft;
    cv::GaussianBlur(weight, soft, {}, 2);
    cv::flip(soft, turned, 1);
    out.mirrored = std::max(0.0, correlation(soft, turned));
    out.deadEven = std::abs(out.left - 0.5) < 0.02 && out.mirrored > 0.75;
    const double off = out.centreCm.x - widthCm / 2, allowed = widthCm / 20;
    if (std::abs(off) > allowed) {
        // all · (|off| − allowed) = weight · (a third + allowed): the new centre lies just at the allowed place.
        const double arm = widthCm / 3 + allowed, share = (std::abs(off) - allowed) / arm;
        out.counter.wanted = true;
        out.counter.againstL = 30;
        out.counter.weight = share;
        out.counter.areaCm2 = share * all * k * k / out.counter.againstL;
        out.counter.atCm = {widthCm / 2 - (off > 0 ? 1 : -1) * widthCm / 3, out.centreCm.y};
    }
    return out;
}

Findings balanceFindings(const Project& p, const Balance& b)
{
    Findings out;
    if (p.elements.empty())
        return out;
    const bool meant = choiceOf(p.brief, School::Focus).key == std::string("centre"); // still and solemn, on purpose
    if (b.deadEven && !meant)
        out.push_back({"stage.dead-even", Station::Stage, Severity::Watch,
            tr("Left and right weigh the same (%1 to %2 %) and mirror each other by %3 %.", fixed(100 * b.left, 0),
                fixed(100 - 100 * b.left, 0), fixed(100 * b.mirrored, 0)),
            100 * b.left, 50, translatable("% left"), {}, 0,
            tr("Dead even is a decision: it stands still. Solemn if meant, stiff if not."), {}});
    if (b.counter.wanted) {
        const double side = std::sqrt(b.counter.areaCm2);
        const bool heavyLeft = b.counter.atCm.x > p.brief.widthCm / 2;
        out.push_back({"stage.balance", Station::Stage, Severity::Watch,
            tr("The %1 weighs %2 %. A counterweight of about %3 cm² (%4 × %5), %6 L* off its ground, %7 cm from the "
               "left and %8 cm from the top would steady it.",
                heavyLeft ? tr("left") : tr("right"), fixed(100 * (heavyLeft ? b.left : 1 - b.left), 0),
                fixed(b.counter.areaCm2, 0), fixed(side, 0), fixed(side, 0), fixed(b.counter.againstL, 0),
                fixed(b.counter.atCm.x, 0), fixed(b.counter.atCm.y, 0)),
            100 * (heavyLeft ? b.left : 1 - b.left), 55, "%",
            Rect{b.counter.atCm.x - side / 2, b.counter.atCm.y - side / 2, side, side}, 0,
            tr("A picture that tips looks unfinished on one side; far from the middle a small thing weighs much."),
            {}});
    }
    return out;
}

} // namespace rl::reading
