#include "core/cutout/patch.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
constexpr int kHalf = 3; // 7 × 7 patches
constexpr int kFew = 20; // places: fewer are no choice

/// A fixed sequence: the same hole, the same filling.
class Dice {
public:
    explicit Dice(std::uint32_t seed)
        : m_state(seed * 2654435761U + 12345U)
    {
    }
    int below(int n)
    {
        m_state = m_state * 1664525U + 1013904223U;
        return n > 0 ? int((m_state >> 8) % std::uint32_t(n)) : 0;
    }

private:
    std::uint32_t m_state;
};

/// One level: the picture (CV_8UC3, filled as far as known), the hole, and for each pixel near it the offset of the
/// patch it is taken from.
class Completion {
public:
    Completion(cv::Mat picture, const cv::Mat& hole, const cv::Mat& allowed)
        : m_picture(std::move(picture))
        , m_hole(hole > 127)
    {
        // A patch may be taken from where it touches no hole and lies inside the picture.
        cv::dilate(m_hole, m_target, cv::getStructuringElement(cv::MORPH_RECT, cv::Size(2 * kHalf + 1, 2 * kHalf + 1)));
        m_source = m_target == 0;
        const cv::Rect inner(kHalf, kHalf, m_hole.cols - 2 * kHalf, m_hole.rows - 2 * kHalf);
        cv::Mat framed(m_hole.size(), CV_8UC1, cv::Scalar(0));
        if (inner.width > 0 && inner.height > 0)
            m_source(inner).copyTo(framed(inner));
        m_source = framed & allowed;
        if (cv::countNonZero(m_source) <= kFew) // too little is left at this size: anything known will do
            m_source = framed;
        // What lies deep in the hole is less to be believed than what lies at its rim.
        cv::distanceTransform(m_hole, m_trust, cv::DIST_L2, 3);
        for (int y = 0; y < m_trust.rows; ++y)
            for (int x = 0; x < m_trust.cols; ++x)
                m_trust.at<float>(y, x) = std::pow(1.3f, -m_trust.at<float>(y, x));
        cv::findNonZero(m_source, m_places);
        cv::findNonZero(m_target, m_targets);
    }
    bool possible() const { return m_places.size() > kFew; }
    cv::Mat picture() const { return m_picture; }
    cv::Mat field() const { return m_field; }

    /// Starts from a coarser level's field, doubled; or at random.
    void start(const cv::Mat& coarse, Dice& dice)
    {
        m_field.create(m_hole.size(), CV_32SC2);
        m_cost = cv::Mat(m_hole.size(), CV_32SC1, cv::Scalar(INT_MAX));
        for (const cv::Point p : m_targets) {
            cv::Point q = m_places[std::size_t(dice.below(int(m_places.size())))];
            if (!coarse.empty()) {
                const cv::Point half(std::min(p.x / 2, coarse.cols - 1), std::min(p.y / 2, coarse.rows - 1));
                const cv::Vec2i o = coarse.at<cv::Vec2i>(half);
                const cv::Point from(p.x + 2 * o[0], p.y + 2 * o[1]);
                if (inside(from) && m_source.at<std::uint8_t>(from))
                    q = from;
            }
            m_field.at<cv::Vec2i>(p) = {q.x - p.x, q.y - p.y};
        }
    }

    void match(int rounds, Dice& dice)
    {
        for (const cv::Point p : m_targets) {
            const cv::Vec2i o = m_field.at<cv::Vec2i>(p);
            m_cost.at<int>(p) = difference(p, p + cv::Point(o[0], o[1]), INT_MAX);
        }
        for (int round = 0; round < rounds; ++round) {
            const bool forth = round % 2 == 0;
            for (std::size_t i = 0; i < m_targets.size(); ++i) {
                const cv::Point p = forth ? m_targets[i] : m_targets[m_targets.size() - 1 - i];
                const int step = forth ? -1 : 1;
                propose(p, {p.x + step, p.y});
                propose(p, {p.x, p.y + step});
                const cv::Vec2i o = m_field.at<cv::Vec2i>(p);
                const cv::Point best(p.x + o[0], p.y + o[1]);
                for (int reach = std::max(m_hole.cols, m_hole.rows); reach >= 1; reach /= 2)
                    consider(p, best + cv::Point(dice.below(2 * reach + 1) - reach, dice.below(2 * reach + 1) - reach));
            }
        }
    }

    /// Each pixel of the hole becomes the mean of what the patches over it propose, good matches counting more.
    /// \param crisp the patch centred on the pixel counts nearly alone, so that grain and fine structure survive
    void vote(bool crisp)
    {
        cv::Mat next = m_picture.clone();
        std::vector<int> costs;
        for (const cv::Point p : m_targets)
            costs.push_back(m_cost.at<int>(p));
        std::nth_element(costs.begin(), costs.begin() + std::ptrdiff_t(costs.size() * 3 / 4), costs.end());
        const double typical = std::max(200.0, double(costs[costs.size() * 3 / 4]) / 4);
        parallelRows(m_hole.rows, [&](int begin, int end) {
            for (int y = begin; y < end; ++y)
                for (int x = 0; x < m_hole.cols; ++x)
                    if (m_hole.at<std::uint8_t>(y, x))
                        next.at<cv::Vec3b>(y, x) = voted({x, y}, typical, crisp ? 0.35 : 4);
        });
        m_picture = next;
    }

private:
    bool inside(cv::Point p) const { return p.x >= 0 && p.y >= 0 && p.x < m_hole.cols && p.y < m_hole.rows; }
    cv::Vec3b voted(cv::Point p, double typical, double spread) const
    {
        double sum[3] = {}, weights = 0;
        for (int dy = -kHalf; dy <= kHalf; ++dy)
            for (int dx = -kHalf; dx <= kHalf; ++dx) {
                const cv::Point centre(p.x + dx, p.y + dy);
                if (!inside(centre) || !m_target.at<std::uint8_t>(centre))
                    continue;
                const cv::Vec2i o = m_field.at<cv::Vec2i>(centre);
                const cv::Vec3b c = m_picture.at<cv::Vec3b>(p.y + o[1], p.x + o[0]);
                const double near = std::exp(-(dx * dx + dy * dy) / spread),
                             w
                    = near * double(m_trust.at<float>(centre)) * std::exp(-double(m_cost.at<int>(centre)) / typical)
                    + 1e-12;
                for (int k = 0; k < 3; ++k)
                    sum[k] += w * c[k];
                weights += w;
            }
        return {std::uint8_t(sum[0] / weights + 0.5), std::uint8_t(sum[1] / weights + 0.5),
            std::uint8_t(sum[2] / weights + 0.5)};
    }
    int difference(cv::Point a, cv::Point b, int most) const
    {
        int sum = 0;
        for (int dy = -kHalf; dy <= kHalf; ++dy) {
            const int ay = std::clamp(a.y + dy, 0, m_hole.rows - 1), by = b.y + dy;
            const auto* rowA = m_picture.ptr<cv::Vec3b>(ay);
            const auto* rowB = m_picture.ptr<cv::Vec3b>(by);
            const std::uint8_t* hole = m_hole.ptr(ay);
            for (int dx = -kHalf; dx <= kHalf; ++dx) {
                const cv::Vec3b &p = rowA[std::clamp(a.x + dx, 0, m_hole.cols - 1)], &q = rowB[b.x + dx];
                const int r = p[0] - q[0], g = p[1] - q[1], c = p[2] - q[2];
                // Known pixels bind four times as much as those that are guesses yet.
                sum += (r * r + g * g + c * c) << (hole[std::clamp(a.x + dx, 0, m_hole.cols - 1)] ? 0 : 2);
            }
            if (sum >= most)
                return sum;
        }
        return sum;
    }
    void propose(cv::Point p, cv::Point neighbour)
    {
        if (!inside(neighbour) || !m_target.at<std::uint8_t>(neighbour))
            return;
        const cv::Vec2i o = m_field.at<cv::Vec2i>(neighbour);
        consider(p, {p.x + o[0], p.y + o[1]});
    }
    void consider(cv::Point p, cv::Point from)
    {
        if (!inside(from) || !m_source.at<std::uint8_t>(from))
            return;
        int& cost = m_cost.at<int>(p);
        const int d = difference(p, from, cost);
        if (d < cost) {
            cost = d;
            m_field.at<cv::Vec2i>(p) = {from.x - p.x, from.y - p.y};
        }
    }

    cv::Mat m_picture, m_hole, m_target, m_source, m_field, m_cost, m_trust;
    std::vector<cv::Point> m_places, m_targets;
};

/// Colours from the hole's rim carried inwards: where the coarsest level starts.
void fillRoughly(cv::Mat& picture, const cv::Mat& hole)
{
    cv::Mat known, colour, weight;
    cv::Mat(hole <= 127).convertTo(known, CV_32F, 1 / 255.0);
    cv::Mat three, floating;
    cv::merge(std::vector<cv::Mat>{known, known, known}, three);
    picture.convertTo(floating, CV_32FC3);
    floating = floating.mul(three);
    for (double sigma = 1; sigma < 2.0 * std::max(hole.cols, hole.rows); sigma *= 2) {
        cv::GaussianBlur(floating, colour, cv::Size(), sigma, sigma, cv::BORDER_CONSTANT);
        cv::GaussianBlur(known, weight, cv::Size(), sigma, sigma, cv::BORDER_CONSTANT);
        bool left = false;
        for (int y = 0; y < hole.rows; ++y)
            for (int x = 0; x < hole.cols; ++x)
                if (known.at<float>(y, x) == 0.f) {
                    const float w = weight.at<float>(y, x);
                    left = left || w < 1e-3f;
                    if (w >= 1e-3f)
                        picture.at<cv::Vec3b>(y, x) = colour.at<cv::Vec3f>(y, x) / w;
                }
        if (!left)
            return;
    }
}

cv::Mat half(const cv::Mat& m)
{
    cv::Mat out;
    cv::resize(m, out, cv::Size(std::max(1, m.cols / 2), std::max(1, m.rows / 2)), 0, 0, cv::INTER_AREA);
    return out;
}

/// \return false when given up
bool complete(cv::Mat& picture, const cv::Mat& hole, const cv::Mat& allowed, cv::Mat& field, Dice& dice,
    Progress& progress, int depth)
{
    const cv::Rect box = cv::boundingRect(hole);
    cv::Mat coarse;
    const bool deepest = std::max(box.width, box.height) <= 16 || std::min(picture.cols, picture.rows) < 48;
    if (deepest)
        fillRoughly(picture, hole);
    else {
        cv::Mat smallPicture = half(picture), smallHole = half(hole) > 0;
        if (!complete(smallPicture, smallHole, half(allowed) > 127, coarse, dice, progress, depth + 1))
            return false;
        cv::Mat grown;
        cv::resize(smallPicture, grown, picture.size(), 0, 0, cv::INTER_LINEAR);
        grown.copyTo(picture, hole);
    }
    Completion level(picture, hole, allowed);
    if (!level.possible())
        return false;
    level.start(coarse, dice);
    const int passes = deepest ? 60 : depth >= 2 ? 36 : depth == 1 ? 12 : 4;
    for (int i = 0; i < passes; ++i) {
        if (progress.cancelled())
            return false;
        progress.report((1 - 0.5 * (depth + 1) / (depth + 2)) * i / passes, tr("filling from around"));
        level.match(depth == 0 ? 2 : 4, dice);
        level.vote(depth == 0 && i + 1 == passes);
    }
    picture = level.picture();
    field = level.field();
    return true;
}
} // namespace

namespace {
/// Where a hole may be filled from when nobody says: near it, and of the colours its rim has.
cv::Mat ownNeighbourhood(const cv::Mat& picture, const cv::Mat& hole)
{
    constexpr int kinds = 6;
    const cv::Rect box = cv::boundingRect(hole);
    const double scale = std::min(1.0, 300.0 / std::max(picture.cols, picture.rows));
    const int size = std::max(2, int(std::lround(scale * std::max(box.width, box.height))));
    cv::Mat small, lab, away, smallHole;
    cv::resize(picture, small, {}, scale, scale, cv::INTER_AREA);
    cv::resize(hole, smallHole, small.size(), 0, 0, cv::INTER_AREA);
    small.convertTo(lab, CV_32FC3, 1 / 255.0);
    cv::cvtColor(lab, lab, cv::COLOR_RGB2Lab);
    cv::GaussianBlur(lab, lab, {}, 1.5);
    cv::distanceTransform(smallHole == 0, away, cv::DIST_L2, 5);
    const cv::Mat near = away <= std::max(10, size), beside = (away > 1) & (away <= std::max(3.0, 0.25 * size));
    std::vector<cv::Vec3f> colours;
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x)
            if (beside.at<std::uint8_t>(y, x))
                colours.push_back(lab.at<cv::Vec3f>(y, x));
    cv::Mat out(picture.size(), CV_8UC1, cv::Scalar(255));
    if (int(colours.size()) < 4 * kinds)
        return out;
    cv::Mat labels, centres;
    cv::theRNG().state = 4711;
    cv::kmeans(cv::Mat(int(colours.size()), 3, CV_32FC1, colours.data()), kinds, labels,
        cv::TermCriteria(cv::TermCriteria::COUNT, 20, 0), 1, cv::KMEANS_PP_CENTERS, centres);
    std::vector<double> spread(kinds, 0), count(kinds, 0);
    const auto apart = [&](const cv::Vec3f& c, int k) {
        return cv::norm(c - cv::Vec3f(centres.at<float>(k, 0), centres.at<float>(k, 1), centres.at<float>(k, 2)));
    };
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const int k = labels.at<int>(int(i));
        spread[std::size_t(k)] += apart(colours[i], k), count[std::size_t(k)] += 1;
    }
    cv::Mat kin = cv::Mat::zeros(lab.size(), CV_8UC1);
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x)
            for (int k = 0; k < kinds && near.at<std::uint8_t>(y, x); ++k)
                if (count[std::size_t(k)] >= 0.02 * double(colours.size())
                    && apart(lab.at<cv::Vec3f>(y, x), k)
                        <= std::max(10.0, 3 * spread[std::size_t(k)] / count[std::size_t(k)]))
                    kin.at<std::uint8_t>(y, x) = 255;
    cv::resize(kin, out, picture.size(), 0, 0, cv::INTER_NEAREST);
    return out;
}
} // namespace

Photo patched(const Photo& picture, const Mask& hole, Progress& progress, const Mask& from)
{
    const cv::Rect box = cv::boundingRect(cv::Mat(hole.mat() > 127));
    if (box.empty())
        return picture;
    const bool told = !from.empty() && from.width() == picture.width() && from.height() == picture.height()
        && cv::countNonZero(from.mat() > 127) > 0;
    const int margin = std::max({80, box.width, box.height});
    cv::Rect around = cv::Rect(box.x - margin, box.y - margin, box.width + 2 * margin, box.height + 2 * margin)
        & cv::Rect(0, 0, picture.width(), picture.height());
    if (told)
        around |= cv::boundingRect(cv::Mat(from.mat() > 127));
    cv::Mat part = picture.mat()(around).clone(), field;
    const cv::Mat partHole = cv::Mat(hole.mat()(around) > 127).clone();
    Dice dice(7);
    const cv::Mat allowed = told ? cv::Mat(from.mat()(around) > 127) : ownNeighbourhood(part, partHole);
    if (!complete(part, partHole, allowed, field, dice, progress, 0))
        return {};
    cv::Mat whole = picture.mat().clone();
    part.copyTo(whole(around), partHole);
    return Photo::fromMat(whole);
}

} // namespace rl::cutout
