#include "core/transfer/lineart.h"
#include "core/colour/lab.h"
#include <opencv2/imgproc.hpp>
#include <set>

namespace rl::transfer {

namespace {
/// Smoothed by a running mean and thinned to 0.15 mm.
Stroke strokeOf(const std::vector<cv::Point>& chain, bool closed, double pixelsPerCm)
{
    Stroke s;
    s.closed = closed;
    const int n = int(chain.size());
    std::vector<cv::Point2f> smooth;
    for (int i = 0; i < n; ++i) {
        cv::Point2f sum(0, 0);
        int count = 0;
        for (int k = -2; k <= 2; ++k) {
            const int j = closed ? (i + k + n) % n : i + k;
            if (j < 0 || j >= n)
                continue;
            sum += cv::Point2f(chain[std::size_t(j)]);
            ++count;
        }
        smooth.push_back(sum * (1.f / float(count)));
    }
    std::vector<cv::Point2f> thin;
    cv::approxPolyDP(smooth, thin, std::max(0.35, 0.015 * pixelsPerCm), closed);
    for (const cv::Point2f p : thin)
        s.points.push_back({(double(p.x) + 0.5) / pixelsPerCm, (double(p.y) + 0.5) / pixelsPerCm});
    return s;
}

void outlines(const IdMap& ids, double pixelsPerCm, std::vector<Stroke>& out)
{
    const std::set<int> seen(ids.data(), ids.data() + ids.size());
    for (const int id : seen) {
        if (id == 0)
            continue;
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(cv::Mat(ids.mat() == id), contours, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
        for (const auto& c : contours) {
            if (double(c.size()) < 0.6 * pixelsPerCm)
                continue;
            Stroke s = strokeOf(c, true, pixelsPerCm);
            s.contour = true;
            s.element = id;
            if (s.points.size() > 2)
                out.push_back(std::move(s));
        }
    }
}

void innerEdges(
    const LinearPicture& picture, const IdMap& ids, double pixelsPerCm, double slope, std::vector<Stroke>& out)
{
    cv::Mat L(picture.height(), picture.width(), CV_32FC1);
    for (int y = 0; y < L.rows; ++y)
        for (int x = 0; x < L.cols; ++x)
            L.at<float>(y, x) = colour::lightness(luminance(picture.at(x, y)));
    const double sigma = std::max(1.2, 0.05 * pixelsPerCm);
    cv::Mat fine, wide, gx, gy, steep;
    cv::GaussianBlur(L, fine, cv::Size(), sigma);
    cv::GaussianBlur(L, wide, cv::Size(), 1.6 * sigma);
    cv::Sobel(fine, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(fine, gy, CV_32F, 0, 1, 3, 0.125);
    cv::magnitude(gx, gy, steep);
    cv::Mat border;
    cv::dilate(ids.mat() == 0, border, cv::Mat(), cv::Point(-1, -1), 3);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(cv::Mat(fine - wide > 0), contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    const std::size_t least = std::size_t(std::max(8.0, 0.7 * pixelsPerCm));
    for (const auto& contour : contours) {
        std::vector<cv::Point> run;
        const auto finish = [&] {
            if (run.size() >= least)
                out.push_back(strokeOf(run, false, pixelsPerCm));
            run.clear();
        };
        for (const cv::Point p : contour) {
            const bool inside = ids.at(p.x, p.y) != 0 && !border.at<std::uint8_t>(p);
            const double needed = inside ? slope : 2 * slope; // the backdrop only where it is bold
            const bool rim = !inside && border.at<std::uint8_t>(p) && ids.at(p.x, p.y) != 0;
            if (!rim && double(steep.at<float>(p)) >= needed)
                run.push_back(p);
            else
                finish();
        }
        finish();
    }
}
} // namespace

std::vector<Stroke> lineArt(const LinearPicture& picture, const IdMap& ids, double pixelsPerCm, double slope)
{
    std::vector<Stroke> out;
    if (picture.empty())
        return out;
    outlines(ids, pixelsPerCm, out);
    innerEdges(picture, ids, pixelsPerCm, slope, out);
    return out;
}

} // namespace rl::transfer
