#include "core/transfer/edges.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include <opencv2/imgproc.hpp>

namespace rl::transfer {

namespace {
/// Six numbers of each pixel, of which the first is L*.
using Six = cv::Vec<float, 6>;
constexpr float kAb = 0.7f, kNormal = 22; // L* that a* or b*, or a turn of one radian, count for
constexpr double kTextureOff = 0.8; // share of what surrounds it that is taken off

cv::Mat channelsOf(const LinearPicture& picture, const Raster<Vec3f>& normals)
{
    cv::Mat out(picture.height(), picture.width(), CV_32FC(6));
    parallelRows(picture.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < picture.width(); ++x) {
                const Rgb c = picture.at(x, y);
                const auto in = [](float v) { return v > 0 ? std::min(v, 1.f) : 0.f; }; // what is no number is black
                const colour::Lab l = colour::toLab({in(c.r), in(c.g), in(c.b)});
                Vec3f n = normals.empty() ? Vec3f{} : normals.at(x, y);
                if (!(n.x * n.x + n.y * n.y + n.z * n.z < 4))
                    n = {};
                out.at<Six>(y, x) = {l.L, kAb * l.a, kAb * l.b, kNormal * n.x, kNormal * n.y, kNormal * n.z};
            }
    });
    return out;
}

/// Directions of least change: the lesser axis of the summed and smoothed products of slopes (Di Zenzo 1986).
void directions(const cv::Mat& gx, const cv::Mat& gy, double sigma, EdgeField& out)
{
    cv::Mat tensor(gx.size(), CV_32FC3);
    parallelRows(gx.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < gx.cols; ++x) {
                const Six &a = gx.at<Six>(y, x), &b = gy.at<Six>(y, x);
                tensor.at<cv::Vec3f>(y, x) = {a.dot(a), a.dot(b), b.dot(b)};
            }
    });
    cv::GaussianBlur(tensor, tensor, {}, sigma, sigma, cv::BORDER_REPLICATE);
    std::vector<float> tx(gx.total()), ty(gx.total());
    parallelRows(gx.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < gx.cols; ++x) {
                const cv::Vec3f& t = tensor.at<cv::Vec3f>(y, x);
                const float a = 0.5f * std::atan2(2 * t[1], t[0] - t[2]); // across
                const std::size_t i = std::size_t(y) * std::size_t(gx.cols) + std::size_t(x);
                tx[i] = -std::sin(a), ty[i] = std::cos(a);
            }
    });
    out.tx = {gx.cols, gx.rows, std::move(tx)}, out.ty = {gx.cols, gx.rows, std::move(ty)};
}

/// Everything along the line through a pixel, weighed by distance. Signs follow the line, so grain cancels itself.
float gathered(const cv::Mat& gx, const cv::Mat& gy, const cv::Mat& bends, const EdgeField& f,
    const std::vector<float>& weight, int x, int y)
{
    const int w = gx.cols, h = gx.rows, reach = int(weight.size()) - 1;
    std::array<float, 6> slope{};
    float bend = 0;
    const auto take = [&](int u, int v, float tx, float ty, float k) {
        const Six &a = gx.at<Six>(v, u), &b = gy.at<Six>(v, u);
        for (int c = 0; c < 6; ++c)
            slope[std::size_t(c)] += k * (b[c] * tx - a[c] * ty); // across = (−ty, tx)
        const cv::Vec3f& d = bends.at<cv::Vec3f>(v, u);
        bend += k * (d[0] * ty * ty - 2 * d[1] * tx * ty + d[2] * tx * tx);
    };
    const float tx0 = f.tx.at(x, y), ty0 = f.ty.at(x, y);
    take(x, y, tx0, ty0, weight[0]);
    for (const float way : {1.f, -1.f}) {
        float px = float(x) + 0.5f, py = float(y) + 0.5f, tx = way * tx0, ty = way * ty0;
        for (int k = 1; k <= reach; ++k) {
            px += tx, py += ty;
            const int u = int(px), v = int(py);
            if (px < 0 || py < 0 || u >= w || v >= h)
                break;
            float nx = f.tx.at(u, v), ny = f.ty.at(u, v);
            if (nx * tx + ny * ty < 0)
                nx = -nx, ny = -ny;
            if (nx * tx + ny * ty < 0.5f)
                break; // round a corner it is another line
            tx = nx, ty = ny;
            take(u, v, way * tx, way * ty, weight[std::size_t(k)]);
        }
    }
    float square = 0;
    for (const float s : slope)
        square += s * s;
    return std::sqrt(square + bend * bend);
}
} // namespace

EdgeField edgesOf(const LinearPicture& picture, const Raster<Vec3f>& normals, double sigma, double gather)
{
    EdgeField out;
    if (picture.empty())
        return out;
    cv::Mat soft = channelsOf(picture, normals), gx, gy, L, bends;
    cv::GaussianBlur(soft, soft, {}, sigma, sigma, cv::BORDER_REPLICATE);
    cv::Scharr(soft, gx, CV_32F, 1, 0, sigma / 32);
    cv::Scharr(soft, gy, CV_32F, 0, 1, sigma / 32);
    cv::extractChannel(soft, L, 0);
    std::array<cv::Mat, 3> second;
    const double k = 1.1 * sigma * sigma; // a step and a line have one peak each: neither's flanks outdo its middle
    cv::Sobel(L, second[0], CV_32F, 2, 0, 3, k / 4);
    cv::Sobel(L, second[1], CV_32F, 1, 1, 3, k / 4);
    cv::Sobel(L, second[2], CV_32F, 0, 2, 3, k / 4);
    cv::merge(second, bends);
    directions(gx, gy, 1.8 * sigma, out);
    std::vector<float> weight;
    double sum = 0;
    for (int i = 0; i <= int(2.2 * gather); ++i)
        weight.push_back(float(std::exp(-0.5 * (i / gather) * (i / gather)))),
            sum += (i ? 2 : 1) * double(weight.back());
    for (float& v : weight)
        v = float(double(v) / sum);
    cv::Mat energy(L.size(), CV_32F);
    parallelRows(L.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < L.cols; ++x)
                energy.at<float>(y, x) = gathered(gx, gy, bends, out, weight, x, y);
    });
    // A ring about each place, without itself: what is everywhere about is no line.
    cv::Mat near, far;
    cv::GaussianBlur(energy, near, {}, 2.5 * sigma, 2.5 * sigma, cv::BORDER_REPLICATE);
    const double shrink = 4;
    cv::resize(
        energy, far, {std::max(1, int(L.cols / shrink)), std::max(1, int(L.rows / shrink))}, 0, 0, cv::INTER_AREA);
    cv::GaussianBlur(far, far, {}, 8 * sigma / shrink, 8 * sigma / shrink, cv::BORDER_REPLICATE);
    cv::resize(far, far, energy.size(), 0, 0, cv::INTER_LINEAR);
    cv::Mat left = cv::max(energy - kTextureOff * cv::max(far * 1.1 - 0.1 * near, 0), 0);
    out.strength = Plane::fromMat(left);
    return out;
}

} // namespace rl::transfer
