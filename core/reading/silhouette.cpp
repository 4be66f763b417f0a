#include "core/reading/silhouette.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <set>

namespace rl::reading {

namespace {
std::vector<int> elementsIn(const IdMap& ids)
{
    std::set<int> seen(ids.data(), ids.data() + ids.size());
    seen.erase(0);
    return {seen.begin(), seen.end()};
}

double medianOf(std::vector<float> v)
{
    if (v.empty())
        return 0;
    std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
    return double(v[v.size() / 2]);
}

struct OneSided {
    cv::Mat colour, weight;
};
OneSided oneSided(const cv::Mat& picture, const cv::Mat& side, double sigma)
{
    cv::Mat w, three;
    side.convertTo(w, CV_32F, 1 / 255.0);
    cv::merge(std::vector<cv::Mat>{w, w, w}, three);
    OneSided s;
    const int k = std::max(3, int(std::ceil(sigma * 3)) * 2 + 1);
    cv::GaussianBlur(picture.mul(three), s.colour, cv::Size(k, k), sigma, sigma, cv::BORDER_CONSTANT);
    cv::GaussianBlur(w, s.weight, cv::Size(k, k), sigma, sigma, cv::BORDER_CONSTANT);
    return s;
}

colour::Lab labAt(const OneSided& s, cv::Point p)
{
    const float w = s.weight.at<float>(p);
    const cv::Vec3f c = s.colour.at<cv::Vec3f>(p) / std::max(w, 1e-6f);
    return colour::toLab({c[0], c[1], c[2]});
}

Silhouette measure(const light::Picture& picture, int element, double sigma)
{
    Silhouette s;
    s.element = element;
    const cv::Mat whole = picture.ids.mat() == element;
    const int margin = int(sigma * 4) + 4;
    const cv::Rect object = cv::boundingRect(whole);
    const cv::Rect box
        = cv::Rect(object.x - margin, object.y - margin, object.width + 2 * margin, object.height + 2 * margin)
        & cv::Rect(0, 0, whole.cols, whole.rows);
    const cv::Mat mask = whole(box), colour = picture.colour.mat()(box);
    cv::Mat inner, outer;
    cv::erode(mask, inner, cv::Mat());
    cv::dilate(mask, outer, cv::Mat());
    // Thin parts have no inside left after erosion; there the mask itself is the inside.
    const OneSided inside = oneSided(colour, inner, sigma), thin = oneSided(colour, mask, sigma),
                   outside = oneSided(colour, ~outer, sigma);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(mask, contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    std::vector<float> differences, steps;
    double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
    for (const auto& contour : contours)
        for (const cv::Point p : contour) {
            const int gx = p.x + box.x, gy = p.y + box.y;
            if (gx < 2 || gy < 2 || gx >= whole.cols - 2 || gy >= whole.rows - 2 || outside.weight.at<float>(p) < 1e-3f)
                continue;
            const colour::Lab in = labAt(inside.weight.at<float>(p) > 0.02f ? inside : thin, p),
                              out = labAt(outside, p);
            const float d = float(colour::deltaE2000(in, out));
            const EdgeKind kind = d < 4 ? EdgeKind::Lost : d < 12 ? EdgeKind::Soft : EdgeKind::Firm;
            s.contour.push_back({{gx + 0.5, gy + 0.5}, kind, d});
            differences.push_back(d);
            steps.push_back(std::abs(in.L - out.L));
            (kind == EdgeKind::Lost ? s.lost : kind == EdgeKind::Soft ? s.soft : s.firm) += 1;
            if (kind == EdgeKind::Lost) {
                x0 = std::min(x0, gx + 0.0), x1 = std::max(x1, gx + 1.0);
                y0 = std::min(y0, gy + 0.0), y1 = std::max(y1, gy + 1.0);
            }
        }
    const double n = std::max(1.0, double(s.contour.size()));
    s.lost /= n, s.soft /= n, s.firm /= n;
    s.medianDifference = medianOf(differences);
    s.medianLightness = medianOf(steps);
    if (x1 > x0)
        s.lostPlace = {x0, y0, x1 - x0, y1 - y0};
    return s;
}
} // namespace

std::vector<Silhouette> silhouettes(const light::Picture& picture)
{
    const std::vector<int> ids = elementsIn(picture.ids);
    std::vector<Silhouette> out(ids.size());
    const double band = std::max(2.0, 0.008 * std::max(picture.ids.width(), picture.ids.height()));
    parallelRows(int(ids.size()), [&](int begin, int end) {
        for (int i = begin; i < end; ++i)
            out[std::size_t(i)] = measure(picture, ids[std::size_t(i)], 0.8 * band);
    });
    return out;
}

LinearPicture silhouettePicture(const light::Picture& picture)
{
    std::vector<Rgb> out(picture.ids.size(), Rgb{0.62f, 0.61f, 0.59f});
    for (std::size_t i = 0; i < out.size(); ++i)
        if (picture.ids.data()[i] != 0) {
            const float v = 0.015f + 0.02f * float(picture.ids.data()[i] % 3);
            out[i] = {v, v, v};
        }
    return {picture.ids.width(), picture.ids.height(), std::move(out)};
}

std::vector<Tangent> tangents(const light::Picture& picture)
{
    std::vector<Tangent> out;
    const std::vector<int> ids = elementsIn(picture.ids);
    const int w = picture.ids.width(), h = picture.ids.height();
    const double near = std::max(3.0, 0.01 * std::max(w, h));
    for (const int a : ids) {
        cv::Mat distance;
        cv::distanceTransform(picture.ids.mat() != a, distance, cv::DIST_L2, 5);
        const cv::Rect box = cv::boundingRect(cv::Mat(picture.ids.mat() == a));
        const double cropped
            = double((box.x <= 0) + (box.y <= 0) + (box.x + box.width >= w) + (box.y + box.height >= h));
        const double toEdge = std::min({box.x, box.y, w - box.x - box.width, h - box.y - box.height});
        if (cropped == 0 && toEdge <= near) {
            const bool across = box.x == toEdge || w - box.x - box.width == toEdge;
            out.push_back({a, 0, toEdge,
                across ? Vec2{box.x == toEdge ? 0.0 : double(w), box.y + box.height / 2.0}
                       : Vec2{box.x + box.width / 2.0, box.y == toEdge ? 0.0 : double(h)}});
        }
        for (const int b : ids) {
            if (b <= a)
                continue;
            std::vector<std::vector<cv::Point>> contours;
            cv::findContours(cv::Mat(picture.ids.mat() == b), contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
            double best = 1e9, close = 0, touching = 0, all = 0;
            Vec2 at;
            for (const auto& contour : contours)
                for (const cv::Point p : contour) {
                    const double d = std::max(0.0, double(distance.at<float>(p)) - 1);
                    ++all;
                    close += d <= near;
                    touching += d <= 0.5;
                    if (d < best)
                        best = d, at = {p.x + 0.5, p.y + 0.5};
                }
            if (all > 0 && best <= near && close < 0.35 * all && touching < std::min(0.09 * all, 3.75 * near))
                out.push_back({a, b, best, at});
        }
    }
    return out;
}

} // namespace rl::reading
