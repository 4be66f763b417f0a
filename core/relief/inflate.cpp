#include "core/relief/inflate.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
cv::Mat halved(const cv::Mat& mask)
{
    cv::Mat half((mask.rows + 1) / 2, (mask.cols + 1) / 2, CV_8UC1);
    for (int y = 0; y < half.rows; ++y)
        for (int x = 0; x < half.cols; ++x) {
            int inside = 0, all = 0;
            for (int k = 0; k < 4; ++k) {
                const int px = 2 * x + (k & 1), py = 2 * y + (k >> 1);
                if (px < mask.cols && py < mask.rows) {
                    ++all;
                    inside += mask.at<std::uint8_t>(py, px) > 127;
                }
            }
            half.at<std::uint8_t>(y, x) = 2 * inside >= all ? 255 : 0;
        }
    return half;
}

/// One colour of one red-black sweep over rows [begin, end). u carries a border of one pixel.
void sweepRows(cv::Mat& u, const cv::Mat& mask, int begin, int end, int colour, float relax)
{
    for (int y = begin; y < end; ++y) {
        const std::uint8_t* m = mask.ptr<std::uint8_t>(y);
        const float *above = u.ptr<float>(y), *below = u.ptr<float>(y + 2);
        float* here = u.ptr<float>(y + 1);
        for (int x = (y + colour) & 1; x < mask.cols; x += 2)
            if (m[x]) {
                const float next = 0.25f * (above[x + 1] + below[x + 1] + here[x] + here[x + 2] + 1.f);
                here[x + 1] += relax * (next - here[x + 1]);
            }
    }
}

void mirrorBorder(cv::Mat& u, CropSides c)
{
    const int w = u.cols, h = u.rows;
    if (c.top)
        u.row(1).copyTo(u.row(0));
    if (c.bottom)
        u.row(h - 2).copyTo(u.row(h - 1));
    if (c.left)
        u.col(1).copyTo(u.col(0));
    if (c.right)
        u.col(w - 2).copyTo(u.col(w - 1));
}

void relaxLevel(cv::Mat& u, const cv::Mat& mask, CropSides cropped, int sweeps, float relax)
{
    for (int s = 0; s < sweeps; ++s)
        for (int colour = 0; colour < 2; ++colour) {
            mirrorBorder(u, cropped);
            if (mask.rows < 200)
                sweepRows(u, mask, 0, mask.rows, colour, relax);
            else
                parallelRows(mask.rows, [&](int b, int e) { sweepRows(u, mask, b, e, colour, relax); });
        }
}
} // namespace

Plane inflated(const Mask& mask, CropSides cropped)
{
    std::vector<cv::Mat> levels{mask.mat()};
    while (std::max(levels.back().rows, levels.back().cols) > 16)
        levels.push_back(halved(levels.back()));
    cv::Mat u;
    for (std::size_t k = levels.size(); k-- > 0;) {
        const cv::Mat& m = levels[k];
        cv::Mat fine(m.rows + 2, m.cols + 2, CV_32FC1, cv::Scalar(0));
        const bool coarsest = u.empty();
        if (!coarsest) {
            cv::Mat up;
            cv::resize(u(cv::Rect(1, 1, u.cols - 2, u.rows - 2)), up, cv::Size(2 * (u.cols - 2), 2 * (u.rows - 2)), 0,
                0, cv::INTER_LINEAR);
            cv::Mat(up(cv::Rect(0, 0, m.cols, m.rows)) * 4).copyTo(fine(cv::Rect(1, 1, m.cols, m.rows)), m);
        }
        // Coarse levels are cheap, and what they leave wrong the finest cannot put right.
        const int longest = std::max(m.rows, m.cols),
                  sweeps = coarsest || longest <= 70 ? 60
            : longest <= 140                         ? 30
                                                     : 14;
        relaxLevel(fine, m, cropped, sweeps, coarsest ? 1.f : longest <= 70 ? 1.85f : 1.7f);
        u = fine;
    }
    return Plane::fromMat(u(cv::Rect(1, 1, mask.width(), mask.height())).clone());
}

} // namespace rl::relief
