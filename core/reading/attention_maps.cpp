#include "core/reading/attention_maps.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/reading/values.h"
#include <array>
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
/// A Gaussian blur over what there is: at the border, what the kernel reaches of the picture counts as all of it. The
/// kernel is separable, and so is its share of the picture.
void blurWithin(const cv::Mat& m, cv::Mat& out, int k, double sigma)
{
    cv::GaussianBlur(m, out, cv::Size(k, k), sigma, sigma, cv::BORDER_CONSTANT);
    const cv::Mat kernel = cv::getGaussianKernel(k, sigma, CV_32F);
    const auto inverse = [&](int n) {
        std::vector<float> w(std::size_t(n), 1.f);
        for (int i = 0; i < n; ++i)
            if (i < k / 2 || i >= n - k / 2) {
                float sum = 0;
                for (int j = std::max(0, k / 2 - i); j < std::min(k, n - i + k / 2); ++j)
                    sum += kernel.at<float>(j);
                w[std::size_t(i)] = 1 / sum;
            }
        return w;
    };
    const std::vector<float> across = inverse(m.cols), down = inverse(m.rows);
    for (int y = 0; y < out.rows; ++y) {
        float* row = out.ptr<float>(y);
        const float d = down[std::size_t(y)];
        const bool inner = y >= k / 2 && y < out.rows - k / 2 && out.cols > k;
        for (int x = 0; x < out.cols; ++x) {
            if (inner && x == k / 2)
                x = out.cols - k / 2;
            row[x] *= d * across[std::size_t(x)];
        }
    }
}
} // namespace

cv::Mat blurred(const cv::Mat& m, double sigma)
{
    if (sigma < 0.3)
        return m.clone();
    cv::Mat out;
    if (sigma <= 3) {
        blurWithin(m, out, int(std::ceil(sigma * 3.5)) * 2 + 1, sigma);
        return out;
    }
    // Wide blurs on a copy half, a quarter, an eighth… as large. Means over its pixels and lines between them are soft
    // by themselves: a twelfth and a sixth, in its own px².
    const int k = 1 << int(std::floor(std::log2(sigma / 1.5)));
    const cv::Size small(std::max(2, (m.cols + k / 2) / k), std::max(2, (m.rows + k / 2) / k));
    cv::Mat s, soft;
    cv::resize(m, s, small, 0, 0, cv::INTER_AREA);
    const double used = sigma * small.width / m.cols, left = std::sqrt(std::max(0.25, used * used - 0.25));
    blurWithin(s, soft, int(std::ceil(left * 4)) * 2 + 1, left);
    cv::resize(soft, out, m.size(), 0, 0, cv::INTER_LINEAR);
    return out;
}

namespace {
cv::Mat smaller(const IdMap& ids, cv::Size size)
{
    cv::Mat out(size, CV_32SC1, cv::Scalar(0));
    const double sx = double(ids.width()) / size.width, sy = double(ids.height()) / size.height;
    std::map<int, std::pair<int, cv::Point>> strongest;
    std::map<int, int> kept;
    std::vector<std::pair<int, int>> votes; // few ids meet in one pixel
    int whole = -1; // the id that has already filled a pixel of the largest size
    const int largest = int(std::ceil(sx) * std::ceil(sy));
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            votes.clear();
            const int x1 = std::min(std::max(int(x * sx) + 1, int((x + 1) * sx)), ids.width()),
                      y1 = std::min(std::max(int(y * sy) + 1, int((y + 1) * sy)), ids.height());
            for (int j = int(y * sy); j < y1; ++j) {
                const std::int32_t* row = ids.row(j);
                for (int i = int(x * sx); i < x1; ++i) {
                    auto at
                        = std::find_if(votes.begin(), votes.end(), [&](const auto& v) { return v.first == row[i]; });
                    at == votes.end() ? void(votes.emplace_back(row[i], 1)) : void(++at->second);
                }
            }
            std::sort(votes.begin(), votes.end()); // of equals the lowest id
            int best = 0, most = -1;
            for (const auto& [id, n] : votes) {
                if (n > most)
                    best = id, most = n;
                if (id == whole)
                    continue;
                auto& s = strongest[id];
                if (n > s.first)
                    s = {n, {x, y}};
                if (n >= largest)
                    whole = id;
            }
            out.at<std::int32_t>(y, x) = best;
            if (votes.size() > 1 || !kept.contains(best))
                ++kept[best];
        }
    for (const auto& [id, s] : strongest)
        if (id != 0 && kept[id] == 0)
            out.at<std::int32_t>(s.second) = id;
    return out;
}

/// x / (kappa + 2 rms over the canvas).
cv::Mat normalised(const cv::Mat& x, double kappa)
{
    const double rms = std::sqrt(cv::mean(x.mul(x))[0]);
    return cv::Mat(x / (kappa + 2 * rms));
}

cv::Mat positive(const cv::Mat& m)
{
    return cv::Mat(cv::max(m, 0.0));
}

/// Mean over three centre sizes of centre minus wide surround.
cv::Mat centreSurround(const cv::Mat& m, double u)
{
    cv::Mat sum(m.size(), CV_32FC1, cv::Scalar(0));
    for (const double s : {0.25, 0.5, 1.0})
        sum += blurred(m, std::max(0.6, s * u / 2)) - blurred(m, 6 * s * u);
    return sum / 3;
}

cv::Mat gradientOf(const cv::Mat& m, cv::Mat* gx = nullptr, cv::Mat* gy = nullptr)
{
    cv::Mat x, y, g;
    cv::Sobel(m, x, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(m, y, CV_32F, 0, 1, 3, 0.125);
    cv::magnitude(x, y, g);
    if (gx)
        *gx = x, *gy = y;
    return g;
}

void colourMaps(ContrastMaps& m)
{
    const double u = m.unit;
    const cv::Mat l = centreSurround(m.L, u);
    m.feature[0] = cv::max(normalised(positive(l), 8), normalised(positive(-l), 8));
    const cv::Mat ca = centreSurround(m.a, u), cb = centreSurround(m.b, u);
    // In eight directions of colour, each held against its own rms; the opposite of one is the other side of it.
    std::array<float, 4> cosine{}, sine{};
    std::array<double, 8> squares{};
    for (std::size_t k = 0; k < 4; ++k)
        cosine[k] = float(std::cos(double(k) * kPi / 4)), sine[k] = float(std::sin(double(k) * kPi / 4));
    for (int y = 0; y < ca.rows; ++y) {
        const float *a = ca.ptr<float>(y), *b = cb.ptr<float>(y);
        std::array<float, 8> sums{};
        for (int x = 0; x < ca.cols; ++x)
            for (std::size_t k = 0; k < 4; ++k) {
                const float along = a[x] * cosine[k] + b[x] * sine[k], one = std::max(along, 0.f), other = along - one;
                sums[k] += one * one, sums[k + 4] += other * other;
            }
        for (std::size_t k = 0; k < 8; ++k)
            squares[k] += double(sums[k]);
    }
    std::array<float, 8> over{};
    for (std::size_t k = 0; k < 8; ++k)
        over[k] = float(1 / (8 + 2 * std::sqrt(squares[k] / double(ca.total()))));
    m.feature[1].create(m.L.size(), CV_32FC1);
    for (int y = 0; y < ca.rows; ++y) {
        const float *a = ca.ptr<float>(y), *b = cb.ptr<float>(y);
        float* out = m.feature[1].ptr<float>(y);
        for (int x = 0; x < ca.cols; ++x) {
            float most = 0;
            for (std::size_t k = 0; k < 4; ++k) {
                const float along = a[x] * cosine[k] + b[x] * sine[k];
                most = std::max(most, std::max(along * over[k], -along * over[k + 4]));
            }
            out[x] = most;
        }
    }
}

void shapeMaps(ContrastMaps& m)
{
    const double u = m.unit;
    cv::Mat gx, gy;
    m.gradient = gradientOf(m.L, &gx, &gy);
    const cv::Mat jxx = blurred(gx.mul(gx), 0.35 * u), jyy = blurred(gy.mul(gy), 0.35 * u),
                  jxy = blurred(gx.mul(gy), 0.35 * u);
    m.jDiff = jxx - jyy;
    m.jCross = 2 * jxy;
    m.jTrace = jxx + jyy;
    cv::Mat energy;
    cv::sqrt(cv::max(m.jTrace, 0), energy);
    const cv::Mat c = centreSurround(cv::Mat(m.jDiff / (energy + 1e-3)), u),
                  s = centreSurround(cv::Mat(m.jCross / (energy + 1e-3)), u);
    cv::Mat turned;
    m.feature[2] = normalised(positive(c), 3);
    for (const cv::Mat& way : {cv::Mat(-c), s, cv::Mat(-s)}) {
        turned = normalised(positive(way), 3);
        cv::max(m.feature[2], turned, m.feature[2]);
    }

    const cv::Mat fine = blurred(cv::abs(m.L - blurred(m.L, 1.2)), 0.5 * u);
    const cv::Mat d = fine - blurred(fine, 3 * u);
    m.feature[3] = normalised(cv::max(d, cv::Mat(-0.3 * d)), 3);

    m.softGradient = gradientOf(blurred(m.L, 2.5));
    const cv::Mat h = blurred(positive(m.gradient - 1.5 * m.softGradient), 0.5 * u);
    m.feature[4] = normalised(positive(h - 0.7 * blurred(h, 3 * u)), 1.5);
}
} // namespace

IdMap smallIds(const IdMap& ids, int width, int height)
{
    return IdMap::fromMat(smaller(ids, {width, height}));
}

cv::Mat measuringIds(const IdMap& ids, int longest)
{
    const double scale = double(longest) / std::max(ids.width(), ids.height());
    return smaller(
        ids, {std::max(8, int(std::lround(ids.width() * scale))), std::max(8, int(std::lround(ids.height() * scale)))});
}

double layoutDegree(cv::Size size, const Viewing& viewing)
{
    const double ppd = pixelsPerDegree(size.width, viewing.canvasWidthCm, viewing.distanceCm);
    const double longSide = std::max(size.width, size.height);
    return std::clamp(ppd, longSide / 60, longSide / 25);
}

ContrastMaps contrastMaps(const LinearPicture& picture, const cv::Mat& ids, const Viewing& viewing)
{
    ContrastMaps m;
    const cv::Size size = ids.size();
    cv::Mat small;
    cv::resize(picture.mat(), small, size, 0, 0, size.width < picture.width() ? cv::INTER_AREA : cv::INTER_LINEAR);
    m.ids = ids;
    const double ppd = pixelsPerDegree(size.width, viewing.canvasWidthCm, viewing.distanceCm);
    if (0.02 * ppd >= 0.3) {
        std::vector<cv::Mat> parts;
        cv::split(small, parts);
        for (cv::Mat& p : parts)
            p = blurred(p, 0.02 * ppd);
        cv::merge(parts, small);
    }
    m.unit = layoutDegree(size, viewing);
    m.L.create(size, CV_32FC1);
    m.a.create(size, CV_32FC1);
    m.b.create(size, CV_32FC1);
    parallelRows(size.height, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < size.width; ++x) {
                const cv::Vec3f c = small.at<cv::Vec3f>(y, x);
                const colour::Lab lab = colour::toLab({c[0], c[1], c[2]});
                m.L.at<float>(y, x) = lab.L;
                m.a.at<float>(y, x) = lab.a;
                m.b.at<float>(y, x) = lab.b;
            }
    });
    parallelItems(2, [&](int i) { i ? shapeMaps(m) : colourMaps(m); });
    return m;
}

} // namespace rl::reading
