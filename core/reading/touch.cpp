#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/reading/silhouette.h"
#include "core/reading/touchable.h"
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace touching {
struct Tones {
    double mean = 50, dark = 0, light = 100; ///< L*; its darkest and lightest twentieth
};
/// Where an element lies, and what it is like untouched.
struct Place {
    cv::Rect box; ///< with so much around it as its softest contour needs
    cv::Mat mask; ///< of the box, 0…1
    Tones tones;
};
} // namespace touching

namespace {
using touching::Place, touching::Tones;

Tones tonesIn(const cv::Mat& linear, const cv::Mat& mask)
{
    std::vector<float> all;
    double sum = 0;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<std::uint8_t>(y, x)) {
                const cv::Vec3f c = linear.at<cv::Vec3f>(y, x);
                all.push_back(colour::lightness(luminance({c[0], c[1], c[2]})));
                sum += double(all.back());
            }
    if (all.empty())
        return {};
    const auto place = [&](double share) {
        const auto at = all.begin() + std::ptrdiff_t(share * double(all.size() - 1));
        std::nth_element(all.begin(), at, all.end());
        return double(*at);
    };
    return {sum / double(all.size()), place(0.05), place(0.95)};
}

Rgb touchedColour(colour::Lab lab, const Touch& t, const Tones& tones)
{
    const double off = double(lab.L) - tones.mean;
    double L = tones.mean + t.dL + std::exp(t.contrast) * off;
    if (off > 0)
        L += t.lights * std::min(1.0, off / std::max(1.0, tones.light - tones.mean));
    else
        L += t.darks * std::min(1.0, -off / std::max(1.0, tones.mean - tones.dark));
    const float s = float(std::exp(t.saturation));
    lab = {float(std::clamp(L, 0.0, 100.0)), lab.a * s, lab.b * s + float(t.warm)};
    const Rgb out = colour::fromLab(lab);
    return {std::clamp(out.r, 0.f, 1.f), std::clamp(out.g, 0.f, 1.f), std::clamp(out.b, 0.f, 1.f)};
}

Place placeOf(const cv::Mat& linear, const cv::Mat& ids, int element, double sigma)
{
    const cv::Mat own = element ? cv::Mat(ids == element) : cv::Mat(ids.size(), CV_8UC1, cv::Scalar(255));
    const cv::Rect tight = cv::boundingRect(own);
    Place p;
    if (tight.empty())
        return p;
    const int pad = 3 + int(std::ceil(4 * sigma));
    p.box = cv::Rect(tight.x - pad, tight.y - pad, tight.width + 2 * pad, tight.height + 2 * pad)
        & cv::Rect(0, 0, ids.cols, ids.rows);
    p.tones = tonesIn(linear(p.box), own(p.box));
    own(p.box).convertTo(p.mask, CV_32F, 1 / 255.0);
    if (element)
        cv::GaussianBlur(p.mask, p.mask, {}, 0.6, 0.6, cv::BORDER_REPLICATE);
    return p;
}

double softnessOf(const Touch& t, cv::Size size)
{
    return 0.001 * t.soft * std::max(size.width, size.height);
}

/// \param lab of the untouched picture, CIELAB, CV_32FC3; empty: worked out from what it is now
void touchOne(cv::Mat& linear, const cv::Mat& lab, const Place& place, const Touch& t)
{
    if (place.box.empty() || !t.any())
        return;
    const double sigma = softnessOf(t, linear.size());
    cv::Mat part = linear(place.box);
    const cv::Mat before = lab.empty() ? cv::Mat() : lab(place.box);
    parallelRows(part.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < part.cols; ++x)
                if (const float m = place.mask.at<float>(y, x); m > 1e-3f) {
                    auto& c = part.at<cv::Vec3f>(y, x);
                    const Rgb was{c[0], c[1], c[2]};
                    colour::Lab from;
                    if (before.empty()) {
                        from = colour::toLab(was);
                    } else {
                        const cv::Vec3f& v = before.at<cv::Vec3f>(y, x);
                        from = {v[0], v[1], v[2]};
                    }
                    const Rgb is = was * (1 - m) + touchedColour(from, t, place.tones) * m;
                    c = {is.r, is.g, is.b};
                }
    });
    if (sigma < 0.2 || !t.element)
        return;
    cv::Mat soft, near;
    cv::GaussianBlur(part, soft, {}, sigma, sigma, cv::BORDER_REPLICATE);
    cv::GaussianBlur(place.mask, near, {}, sigma, sigma, cv::BORDER_REPLICATE);
    for (int y = 0; y < part.rows; ++y)
        for (int x = 0; x < part.cols; ++x) {
            const float w = std::min(1.f, 2 * near.at<float>(y, x));
            part.at<cv::Vec3f>(y, x) = part.at<cv::Vec3f>(y, x) * (1 - w) + soft.at<cv::Vec3f>(y, x) * w;
        }
}
} // namespace

struct Touchable::Kept {
    LinearPicture picture;
    cv::Mat lab;
    std::map<int, Place> places;
};

Touchable::Touchable(const LinearPicture& picture, const IdMap& ids, double softest)
{
    auto kept = std::make_shared<Kept>();
    kept->picture = picture;
    const cv::Mat linear = picture.mat();
    kept->lab.create(linear.size(), CV_32FC3);
    for (int y = 0; y < linear.rows; ++y)
        for (int x = 0; x < linear.cols; ++x) {
            const colour::Lab c = colour::toLab(picture.at(x, y));
            kept->lab.at<cv::Vec3f>(y, x) = {c.L, c.a, c.b};
        }
    Touch most;
    most.soft = softest;
    for (const int id : elementsIn(ids))
        kept->places[id] = placeOf(linear, ids.mat(), id, softnessOf(most, linear.size()));
    m_kept = std::move(kept);
}

LinearPicture Touchable::with(const std::vector<Touch>& touches) const
{
    cv::Mat linear = m_kept->picture.mat().clone();
    for (const Touch& t : touches)
        if (const auto at = m_kept->places.find(t.element); at != m_kept->places.end())
            touchOne(linear, m_kept->lab, at->second, t);
    return LinearPicture::fromMat(linear);
}

LinearPicture touched(const LinearPicture& picture, const IdMap& ids, const std::vector<Touch>& touches)
{
    if (picture.empty() || ids.width() != picture.width() || ids.height() != picture.height())
        return picture;
    cv::Mat linear = picture.mat().clone();
    for (const Touch& t : touches)
        if (t.any())
            touchOne(linear, {}, placeOf(linear, ids.mat(), t.element, softnessOf(t, linear.size())), t);
    return LinearPicture::fromMat(linear);
}

} // namespace rl::reading
