#include "core/gather/standing_out.h"
#include <opencv2/imgproc.hpp>

namespace rl::gather {

namespace {
constexpr float kFar = 1e9f;

/// The least span of values on any way from a seed, by sweeps there and back.
cv::Mat barriers(const cv::Mat& values, const cv::Mat& seeds)
{
    cv::Mat cost(values.size(), CV_32F, cv::Scalar(double(kFar))), high = values.clone(), low = values.clone();
    cost.setTo(0, seeds);
    const auto from = [&](int y, int x, int ny, int nx) {
        if (ny < 0 || nx < 0 || ny >= values.rows || nx >= values.cols || cost.at<float>(ny, nx) >= kFar)
            return;
        const float here = values.at<float>(y, x), most = std::max(high.at<float>(ny, nx), here),
                    least = std::min(low.at<float>(ny, nx), here);
        if (most - least < cost.at<float>(y, x))
            cost.at<float>(y, x) = most - least, high.at<float>(y, x) = most, low.at<float>(y, x) = least;
    };
    for (int pass = 0; pass < 4; ++pass)
        for (int j = 0; j < values.rows; ++j)
            for (int i = 0; i < values.cols; ++i) {
                const bool back = pass % 2;
                const int y = back ? values.rows - 1 - j : j, x = back ? values.cols - 1 - i : i, d = back ? 1 : -1;
                from(y, x, y + d, x), from(y, x, y, x + d);
            }
    return cost;
}

/// Mahalanobis distance of each colour from those of a strip.
cv::Mat unlike(const cv::Mat& lab, const cv::Mat& strip)
{
    cv::Mat samples = strip.clone().reshape(1, int(strip.total())), covariance, mean;
    cv::calcCovarMatrix(samples, covariance, mean, cv::COVAR_NORMAL | cv::COVAR_ROWS | cv::COVAR_SCALE, CV_64F);
    covariance += 16 * cv::Mat::eye(3, 3, CV_64F); // no strip is surer of its colour than 4 L*
    const cv::Matx33d inverse = cv::Matx33d(covariance).inv();
    const cv::Vec3d centre(mean.at<double>(0), mean.at<double>(1), mean.at<double>(2));
    cv::Mat out(lab.size(), CV_32F);
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const cv::Vec3d d = cv::Vec3d(lab.at<cv::Vec3f>(y, x)) - centre;
            out.at<float>(y, x) = float(std::sqrt(std::max(0.0, d.dot(inverse * d))));
        }
    return out;
}

cv::Mat ofTheMost(const cv::Mat& m)
{
    double most = 0;
    cv::minMaxLoc(m, nullptr, &most);
    return most > 0 ? cv::Mat(m / most) : m;
}
} // namespace

cv::Mat standingOut(const cv::Mat& lab, Surround surround)
{
    const int w = lab.cols, h = lab.rows, wide = std::max(2, std::min(w, h) / 24),
              down = surround == Surround::All ? h : h / 2;
    std::vector<cv::Rect> sides{{0, 0, w, wide}, {0, 0, wide, down}, {w - wide, 0, wide, down}};
    if (surround == Surround::All)
        sides.push_back({0, h - wide, w, wide});
    cv::Mat seeds(lab.size(), CV_8U, cv::Scalar(0));
    for (const cv::Rect& r : sides)
        seeds(r).setTo(255);
    std::vector<cv::Mat> channels;
    cv::split(lab, channels);
    cv::Mat changes = cv::Mat::zeros(lab.size(), CV_32F);
    for (const cv::Mat& c : channels)
        changes += barriers(c, seeds);
    // What is like one of the sides is ground: the side it is least like does not count.
    cv::Mat sum = cv::Mat::zeros(lab.size(), CV_32F), most = sum.clone();
    for (const cv::Rect& r : sides) {
        const cv::Mat one = cv::min(unlike(lab, lab(r)), 12);
        sum += one, most = cv::max(most, one);
    }
    cv::Mat out = ofTheMost(changes) + ofTheMost(sum - most);
    cv::GaussianBlur(out, out, {}, 1.5);
    return ofTheMost(out);
}

} // namespace rl::gather
