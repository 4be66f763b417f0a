#include "core/survey/drift.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

namespace rl::survey {

namespace {
/// A wide Gaussian blur worked out on fewer pixels: a box of k px is a blur of k² / 12 already.
cv::Mat softened(const cv::Mat& m, double s)
{
    cv::Mat out, few;
    const int k = std::min(int(s / 2), std::min(m.cols, m.rows) / 8);
    if (k < 2) {
        cv::GaussianBlur(m, out, {}, s);
        return out;
    }
    cv::resize(m, few, {(m.cols + k - 1) / k, (m.rows + k - 1) / k}, 0, 0, cv::INTER_AREA);
    cv::GaussianBlur(few, few, {}, std::sqrt(s * s - k * k / 4.0) / k); // and the way back is one of k² / 6
    cv::resize(few, out, m.size(), 0, 0, cv::INTER_LINEAR);
    return out;
}
} // namespace

cv::Mat normalised(const cv::Mat& L, double s)
{
    cv::Mat d = L - softened(L, s), power = softened(d.mul(d), s);
    cv::sqrt(power, power);
    return d / (power + 2.5);
}

namespace {
cv::Mat featuresOf(const cv::Mat& lab, double s)
{
    cv::Mat c[3];
    cv::split(lab, c);
    c[0] = normalised(c[0], s);
    for (int i = 1; i < 3; ++i)
        c[i] = (c[i] - softened(c[i], s)) * (0.8 / 9);
    cv::Mat out;
    cv::merge(c, 3, out);
    return out;
}

cv::Mat bytesOf(const cv::Mat& features)
{
    cv::Mat n, out;
    cv::extractChannel(features, n, 0);
    n.convertTo(out, CV_8U, 42, 128);
    return out;
}

cv::Mat denseFlow(const cv::Mat& from, const cv::Mat& to, bool rough)
{
    auto search = cv::DISOpticalFlow::create(cv::DISOpticalFlow::PRESET_MEDIUM);
    search->setPatchSize(12);
    search->setPatchStride(rough ? 6 : 4);
    if (rough)
        search->setVariationalRefinementIterations(2);
    search->setFinestScale(1);
    cv::Mat flow;
    search->calc(from, to, flow);
    return flow;
}

Vec2 flowAt(const cv::Mat& flow, Vec2 p)
{
    const int x = std::clamp(int(std::lround(p.x)), 0, flow.cols - 1),
              y = std::clamp(int(std::lround(p.y)), 0, flow.rows - 1);
    const cv::Vec2f v = flow.at<cv::Vec2f>(y, x);
    return {double(v[0]), double(v[1])};
}
} // namespace

Registration::Registration(const cv::Mat& planLab, const cv::Mat& photoLab, double longCm, bool rough)
    : m_longCm(longCm)
    , m_perCm(std::max(planLab.cols, planLab.rows) / longCm)
    , m_unit(std::max(1.0, std::sqrt(longCm / 60)))
{
    const double s = 0.9 * m_unit * m_perCm;
    m_plan = featuresOf(planLab, s);
    m_photo = featuresOf(photoLab, s);
    m_flow = denseFlow(bytesOf(m_plan), bytesOf(m_photo), rough);
}

Registration::Found Registration::blockAt(Vec2 px, Vec2 about, double halfCm, double reachMm, double penalty) const
{
    const int half = std::max(4, int(std::lround(halfCm * m_unit * m_perCm)));
    const double mm = m_perCm / 10;
    const int reach = std::max(2, int(std::ceil(reachMm * mm)));
    const int cx = int(std::lround(px.x)), cy = int(std::lround(px.y));
    const int ax = int(std::lround(about.x)), ay = int(std::lround(about.y));
    const double sigma = half / 2.0;
    // the window of the plan, its weights, and what it is compared with
    const int n = 2 * half + 1;
    std::vector<float> weight(std::size_t(n) * std::size_t(n), 0);
    std::vector<cv::Vec3f> window(weight.size());
    double sum = 0;
    cv::Vec3d mean(0, 0, 0);
    for (int y = -half; y <= half; ++y)
        for (int x = -half; x <= half; ++x) {
            const int X = cx + x, Y = cy + y;
            if (X < 0 || Y < 0 || X >= m_plan.cols || Y >= m_plan.rows)
                continue;
            const std::size_t i = std::size_t(y + half) * std::size_t(n) + std::size_t(x + half);
            double w = std::exp(-(x * x + y * y) / (2 * sigma * sigma));
            if (!m_painted.empty())
                w *= 0.05 + 0.95 * double(m_painted.at<float>(Y, X));
            weight[i] = float(w), window[i] = m_plan.at<cv::Vec3f>(Y, X);
            sum += w, mean += w * cv::Vec3d(window[i]);
        }
    if (sum <= 0)
        return {};
    mean /= sum;
    double power = 0;
    for (std::size_t i = 0; i < weight.size(); ++i) {
        window[i] -= cv::Vec3f(mean);
        power += double(weight[i]) * double(window[i].dot(window[i]));
        window[i] *= weight[i];
    }
    const int m = 2 * reach + 1;
    cv::Mat ncc(m, m, CV_64F, cv::Scalar(-1)), score(m, m, CV_64F, cv::Scalar(-9));
    for (int dy = -reach; dy <= reach; ++dy)
        for (int dx = -reach; dx <= reach; ++dx) {
            double dot = 0, other = 0, total = 0;
            cv::Vec3d om(0, 0, 0);
            for (int y = -half; y <= half; ++y) {
                const int Y = cy + ay + dy + y;
                if (Y < 0 || Y >= m_photo.rows)
                    continue;
                const auto* row = m_photo.ptr<cv::Vec3f>(Y);
                const std::size_t base = std::size_t(y + half) * std::size_t(n);
                for (int x = -half; x <= half; ++x) {
                    const int X = cx + ax + dx + x;
                    const float w = weight[base + std::size_t(x + half)];
                    if (X < 0 || X >= m_photo.cols || w == 0)
                        continue;
                    const cv::Vec3f& v = row[X];
                    dot += double(window[base + std::size_t(x + half)].dot(v));
                    other += double(w * v.dot(v));
                    om += cv::Vec3d(v) * double(w), total += double(w);
                }
            }
            if (total < 0.5 * sum)
                continue;
            other -= om.dot(om) / total;
            const double c = dot / std::sqrt(std::max(1e-9, power) * std::max(1e-9, other));
            const double r2 = (dx * dx + dy * dy) / (mm * mm * reachMm * reachMm);
            ncc.at<double>(dy + reach, dx + reach) = c;
            score.at<double>(dy + reach, dx + reach) = c - penalty * r2;
        }
    cv::Point best;
    cv::minMaxLoc(score, nullptr, nullptr, nullptr, &best);
    Vec2 d{double(ax + best.x - reach), double(ay + best.y - reach)};
    const auto bend = [&](double l, double c, double r) {
        const double b = l - 2 * c + r;
        return b < -1e-9 && l > -5 && r > -5 ? std::clamp(0.5 * (l - r) / b, -0.5, 0.5) : 0.0;
    };
    if (best.x > 0 && best.x + 1 < m)
        d.x += bend(score.at<double>(best.y, best.x - 1), score.at<double>(best), score.at<double>(best.y, best.x + 1));
    if (best.y > 0 && best.y + 1 < m)
        d.y += bend(score.at<double>(best.y - 1, best.x), score.at<double>(best), score.at<double>(best.y + 1, best.x));
    return {d, ncc.at<double>(best)};
}

Drift Registration::at(Vec2 cm) const
{
    const Vec2 px{cm.x * m_perCm - 0.5, cm.y * m_perCm - 0.5};
    const Vec2 flow = flowAt(m_flow, px);
    const Found block = blockAt(px, flow, 1.25, 4, 0.1);
    const double mm = 10 / m_perCm;
    Drift d;
    d.at = cm;
    d.dxMm = block.d.x * mm, d.dyMm = block.d.y * mm;
    const double spread = (block.d - flow).length() * mm;
    d.confidence = 0.05 + 0.93 * std::clamp((block.ncc - 0.25) / 0.45, 0.0, 1.0) * std::exp(-spread * spread / 4);
    return d;
}

cv::Mat Registration::agreement() const
{
    cv::Mat map(m_flow.size(), CV_32FC2), warped, a, b, ab, aa, bb, out;
    parallelRanges(map.rows, [&](int from, int to) {
        for (int y = from; y < to; ++y)
            for (int x = 0; x < map.cols; ++x)
                map.at<cv::Vec2f>(y, x) = m_flow.at<cv::Vec2f>(y, x) + cv::Vec2f(float(x), float(y));
    });
    cv::remap(m_photo, warped, map, {}, cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    cv::extractChannel(warped, a, 0), cv::extractChannel(m_plan, b, 0);
    const double s = 0.6 * m_unit * m_perCm;
    const auto soft = [s](const cv::Mat& m) { return softened(m, s); };
    const cv::Mat ma = soft(a), mb = soft(b);
    ab = soft(a.mul(b)) - ma.mul(mb), aa = soft(a.mul(a)) - ma.mul(ma), bb = soft(b.mul(b)) - mb.mul(mb);
    cv::sqrt((aa + 0.01).mul(bb + 0.01), out);
    return ab / out;
}

} // namespace rl::survey
