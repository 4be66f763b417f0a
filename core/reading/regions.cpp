#include "core/reading/regions.h"
#include "core/base/late.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/reading/colours.h"
#include "late/superpixels.h"
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <set>

namespace rl::reading {

namespace {
/// Superpixels that are being joined.
struct Pool {
    std::vector<cv::Vec3d> sum; ///< L, a, b
    std::vector<double> area;
    std::vector<std::set<int>> beside;
    std::vector<int> into; ///< what each was joined to; itself while it stands

    int root(int i) const
    {
        while (into[std::size_t(i)] != i)
            i = into[std::size_t(i)];
        return i;
    }
    /// Ward's loss of joining two, and a price for tiny ones that stand alone.
    double loss(int i, int j) const
    {
        const double a = area[std::size_t(i)], b = area[std::size_t(j)];
        const cv::Vec3d d = sum[std::size_t(i)] / a - sum[std::size_t(j)] / b;
        return d.dot(d) * a * b / (a + b);
    }
    void join(int i, int j)
    {
        sum[std::size_t(i)] += sum[std::size_t(j)], area[std::size_t(i)] += area[std::size_t(j)];
        into[std::size_t(j)] = i;
        for (const int k : beside[std::size_t(j)]) {
            beside[std::size_t(k)].erase(j);
            if (k != i)
                beside[std::size_t(k)].insert(i), beside[std::size_t(i)].insert(k);
        }
        beside[std::size_t(j)].clear();
        beside[std::size_t(i)].erase(j);
    }
};

Pool poolOf(const cv::Mat& labels, const cv::Mat& lab, int count)
{
    Pool p;
    const auto n = std::size_t(count);
    p.sum.resize(n), p.area.assign(n, 0), p.beside.resize(n), p.into.resize(n);
    std::iota(p.into.begin(), p.into.end(), 0);
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x) {
            const int i = labels.at<int>(y, x);
            p.sum[std::size_t(i)] += cv::Vec3d(lab.at<cv::Vec3f>(y, x)), p.area[std::size_t(i)] += 1;
            for (const int j : {x + 1 < labels.cols ? labels.at<int>(y, x + 1) : i,
                     y + 1 < labels.rows ? labels.at<int>(y + 1, x) : i})
                if (i != j)
                    p.beside[std::size_t(i)].insert(j), p.beside[std::size_t(j)].insert(i);
        }
    return p;
}

bool joinDownTo(Pool& p, int wanted, Progress& progress)
{
    int left = 0;
    for (std::size_t i = 0; i < p.into.size(); ++i)
        left += p.area[i] > 0;
    const int start = left;
    while (left > wanted && !progress.cancelled()) {
        double least = 1e300;
        int a = -1, b = -1;
        for (int i = 0; i < int(p.into.size()); ++i)
            for (const int j : p.beside[std::size_t(i)])
                if (j > i)
                    if (const double l = p.loss(i, j); l < least)
                        least = l, a = i, b = j;
        if (a < 0)
            break;
        p.join(a, b);
        --left;
        if (left % 32 == 0)
            progress.report(double(start - left) / start, tr("finding what hangs together"));
    }
    return !progress.cancelled();
}

/// The part with most of the rim, where it has a third of it.
int groundOf(const cv::Mat& parts)
{
    std::map<int, int> rim;
    for (int x = 0; x < parts.cols; ++x)
        ++rim[parts.at<int>(0, x)], ++rim[parts.at<int>(parts.rows - 1, x)];
    for (int y = 0; y < parts.rows; ++y)
        ++rim[parts.at<int>(y, 0)], ++rim[parts.at<int>(y, parts.cols - 1)];
    const auto most
        = std::max_element(rim.begin(), rim.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    return most->second * 3 > 2 * (parts.cols + parts.rows) ? most->first : -1;
}

const char* placeName(Vec2 at, double w, double h)
{
    static constexpr const char* kPlaces[3][3]
        = {{translatable("upper left"), translatable("upper middle"), translatable("upper right")},
            {translatable("left"), translatable("in the middle"), translatable("right")},
            {translatable("lower left"), translatable("lower middle"), translatable("lower right")}};
    const auto third = [](double x, double of) { return x < of / 3 ? 0 : x > 2 * of / 3 ? 2 : 1; };
    return kPlaces[third(at.y, h)][third(at.x, w)];
}
} // namespace

std::string colourName(colour::Lab c)
{
    const double C = std::hypot(double(c.a), double(c.b));
    const char* light = c.L < 25 ? translatable("very dark %1")
        : c.L < 42               ? translatable("dark %1")
        : c.L > 82               ? translatable("very pale %1")
        : c.L > 66               ? translatable("pale %1")
                                 : translatable("middle %1");
    return tr(light, C < 6 ? translatable("grey") : hueName(degrees(std::atan2(double(c.b), double(c.a)))));
}

Regions regionsIn(const LinearPicture& picture, int wanted, Progress& progress)
{
    Regions out;
    if (picture.width() < 8 || picture.height() < 8)
        return out;
    const double k = std::min(1.0, 512.0 / std::max(picture.width(), picture.height()));
    cv::Mat small, lab, eight;
    cv::resize(picture.mat(), small, {std::max(8, int(picture.width() * k)), std::max(8, int(picture.height() * k))}, 0,
        0, cv::INTER_AREA);
    lab.create(small.size(), CV_32FC3);
    for (int y = 0; y < small.rows; ++y)
        for (int x = 0; x < small.cols; ++x) {
            const auto v = small.at<cv::Vec3f>(y, x);
            const colour::Lab c = colour::toLab({v[0], v[1], v[2]});
            lab.at<cv::Vec3f>(y, x) = {c.L, c.a, c.b};
        }
    lab.convertTo(eight, CV_8U, 1, 128);
    cv::Mat channels[3];
    cv::split(lab, channels);
    channels[0].convertTo(channels[0], CV_8U, 2.55);
    channels[1].convertTo(channels[1], CV_8U, 1, 128), channels[2].convertTo(channels[2], CV_8U, 1, 128);
    cv::merge(channels, 3, eight);
    cv::GaussianBlur(eight, eight, {}, 0.8);
    static const late::Superpixels& superpixels = lateTable<late::Superpixels>("superpixels", "rlLateSuperpixels");
    int found = 0;
    cv::Mat labels = superpixels.find(eight, 14, 8, 20, found);
    Pool pool = poolOf(labels, lab, found);
    if (!joinDownTo(pool, std::clamp(wanted, 2, 60), progress))
        return out;
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x)
            labels.at<int>(y, x) = pool.root(labels.at<int>(y, x));
    const int ground = groundOf(labels);
    std::vector<int> roots;
    for (int i = 0; i < int(pool.into.size()); ++i)
        if (pool.into[std::size_t(i)] == i && pool.area[std::size_t(i)] > 0 && i != ground)
            roots.push_back(i);
    std::sort(roots.begin(), roots.end(),
        [&](int a, int b) { return pool.area[std::size_t(a)] > pool.area[std::size_t(b)]; });
    cv::Mat ids = cv::Mat::zeros(labels.size(), CV_32S), full;
    for (std::size_t n = 0; n < roots.size(); ++n) {
        const cv::Mat mask = labels == roots[n];
        const auto i = std::size_t(roots[n]);
        Region r;
        r.id = int(n) + 1;
        const cv::Rect box = cv::boundingRect(mask);
        const cv::Moments m = cv::moments(mask, true);
        const double sx = double(picture.width()) / labels.cols, sy = double(picture.height()) / labels.rows;
        r.at = {box.x * sx, box.y * sy, box.width * sx, box.height * sy};
        r.middle = {(m.m10 / m.m00 + 0.5) * sx, (m.m01 / m.m00 + 0.5) * sy};
        const cv::Vec3d mean = pool.sum[i] / pool.area[i];
        r.mean = {float(mean[0]), float(mean[1]), float(mean[2])};
        r.share = pool.area[i] / double(labels.total());
        r.name = tr("%1, %2", colourName(r.mean), placeName(r.middle, picture.width(), picture.height()));
        ids.setTo(cv::Scalar(r.id), mask);
        out.all.push_back(std::move(r));
    }
    full.create(picture.height(), picture.width(), CV_32S);
    for (int y = 0; y < full.rows; ++y)
        for (int x = 0; x < full.cols; ++x)
            full.at<int>(y, x) = ids.at<int>(
                std::min(ids.rows - 1, y * ids.rows / full.rows), std::min(ids.cols - 1, x * ids.cols / full.cols));
    out.ids = IdMap::fromMat(full);
    return out;
}

} // namespace rl::reading
