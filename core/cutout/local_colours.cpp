#include "core/cutout/local_colours.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>
#include <opencv2/imgproc/detail/gcgraph.hpp>

namespace rl::cutout {

namespace {
constexpr std::size_t kEnough = 56; ///< samples of each side that a tile wants around it
constexpr int kPerTile = 10;

float squared(const cv::Vec3f& v)
{
    return v.dot(v);
}
} // namespace

cv::Mat labOf(const cv::Mat& rgb8)
{
    cv::Mat floating, lab;
    rgb8.convertTo(floating, CV_32FC3, 1 / 255.0);
    cv::cvtColor(floating, lab, cv::COLOR_RGB2Lab);
    return lab;
}

LocalColours::LocalColours(const cv::Mat& lab, const cv::Mat& marks, int tile)
    : m_lab(lab)
    , m_tile(tile)
    , m_columns((lab.cols + tile - 1) / tile)
    , m_rows((lab.rows + tile - 1) / tile)
{
    std::vector<Tile> own(std::size_t(m_columns * m_rows));
    for (int ty = 0; ty < m_rows; ++ty)
        for (int tx = 0; tx < m_columns; ++tx) {
            Tile& t = own[std::size_t(ty * m_columns + tx)];
            // A fixed scatter over the tile: every seventh pixel in a stride that is prime to its size.
            for (int k = 0; k < tile * tile; ++k) {
                const int spot = (k * 37 + 11) % (tile * tile), x = tx * tile + spot % tile,
                          y = ty * tile + spot / tile;
                if (x >= lab.cols || y >= lab.rows)
                    continue;
                const std::uint8_t mark = marks.at<std::uint8_t>(y, x);
                auto& to = mark == 255 ? t.in : t.out;
                if ((mark == 255 || mark == 0) && int(to.size()) < kPerTile)
                    to.push_back({lab.at<cv::Vec3f>(y, x), y * lab.cols + x});
            }
        }
    m_gathered.resize(own.size());
    parallelRows(m_rows, [&](int begin, int end) {
        for (int ty = begin; ty < end; ++ty)
            for (int tx = 0; tx < m_columns; ++tx) {
                Tile& g = m_gathered[std::size_t(ty * m_columns + tx)];
                for (int ring = 0; ring < std::max(m_columns, m_rows); ++ring) {
                    if (g.in.size() >= kEnough && g.out.size() >= kEnough)
                        break;
                    const bool wantIn = g.in.size() < kEnough, wantOut = g.out.size() < kEnough;
                    for (int y = std::max(0, ty - ring); y <= std::min(m_rows - 1, ty + ring); ++y) {
                        const bool edgeRow = y == ty - ring || y == ty + ring;
                        for (int x = std::max(0, tx - ring); x <= std::min(m_columns - 1, tx + ring); ++x) {
                            if (!edgeRow && x != tx - ring && x != tx + ring)
                                continue;
                            const Tile& t = own[std::size_t(y * m_columns + x)];
                            if (wantIn)
                                g.in.insert(g.in.end(), t.in.begin(), t.in.end());
                            if (wantOut)
                                g.out.insert(g.out.end(), t.out.begin(), t.out.end());
                        }
                    }
                }
            }
    });
}

LocalColours::Account LocalColours::of(int x, int y) const
{
    constexpr float kWidth2 = 36; // (6 ΔE)²: like colours
    const Tile& tile = tileAt(x, y);
    const cv::Vec3f colour = m_lab.at<cv::Vec3f>(y, x);
    Account a;
    const auto weigh = [&](const std::vector<Sample>& samples, float& density, float& nearest) {
        float closest = 1e6f;
        for (const Sample& s : samples) {
            const float d = squared(s.lab - colour), k = 1 / (1 + d / kWidth2);
            density += k * k * k;
            closest = std::min(closest, d);
        }
        density /= float(std::max<std::size_t>(1, samples.size()));
        nearest = std::sqrt(closest);
    };
    weigh(tile.in, a.in, a.nearestIn);
    weigh(tile.out, a.out, a.nearestOut);
    return a;
}

LocalColours::Mixture LocalColours::mixture(const LinearPicture& linear, int x, int y) const
{
    const Tile& tile = tileAt(x, y);
    const auto at = [&](int i) {
        const Rgb c = linear.data()[i];
        return cv::Vec3f(c.r, c.g, c.b);
    };
    const cv::Vec3f colour = at(y * m_lab.cols + x);
    // Grain in linear light, as a length: what one ΔE or so comes to at this brightness.
    const float grain = 0.012f * (colour[1] + 0.06f) + 0.0015f;
    Mixture best;
    float lowest = 1e9f, sum = 0, sumA = 0, sumAA = 0;
    const std::size_t stepIn = std::max<std::size_t>(1, tile.in.size() / 14),
                      stepOut = std::max<std::size_t>(1, tile.out.size() / 14);
    for (std::size_t i = 0; i < tile.in.size(); i += stepIn)
        for (std::size_t k = 0; k < tile.out.size(); k += stepOut) {
            const cv::Vec3f f = at(tile.in[i].at), b = at(tile.out[k].at), d = f - b;
            const float apart = d.dot(d), alpha = std::clamp((colour - b).dot(d) / std::max(apart, 1e-8f), 0.f, 1.f);
            const cv::Vec3f left = colour - (b + d * alpha);
            const float miss = left.dot(left) / (grain * grain);
            // Falls off like a Gaussian at first, without the cost of one.
            const float fall = 1 / (1 + miss / 8), w = fall * fall * fall * fall * apart / (apart + 16 * grain * grain);
            sum += w, sumA += w * alpha, sumAA += w * alpha * alpha;
            if (miss < lowest)
                lowest = miss, best.alpha = alpha;
        }
    best.miss = std::sqrt(lowest);
    if (sum > 1e-6f) {
        best.alpha = sumA / sum;
        best.spread = std::sqrt(std::max(0.f, sumAA / sum - best.alpha * best.alpha));
    }
    return best;
}

cv::Mat strokeEvidence(const cv::Mat& lab, const cv::Mat& strokes)
{
    const LocalColours colours(lab, strokes, std::max(8, lab.cols / 60));
    cv::Mat evidence(lab.size(), CV_32FC1);
    parallelRows(lab.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < lab.cols; ++x) {
                const auto a = colours.of(x, y);
                evidence.at<float>(y, x) = std::clamp(std::log((a.in + 0.004f) / (a.out + 0.004f)), -5.f, 5.f);
            }
    });
    return evidence;
}

cv::Mat locallyRecut(const cv::Mat& lab, const cv::Mat& hard, const cv::Mat& strokes, int reach, const cv::Mat& prior)
{
    cv::Mat in, out, marks(hard.size(), CV_8UC1, cv::Scalar(128));
    cv::distanceTransform(hard > 127, in, cv::DIST_L2, 5);
    cv::distanceTransform(hard <= 127, out, cv::DIST_L2, 5);
    // What is asked: the surroundings of the edge. What is believed as a sample: everything a little away from it.
    marks.setTo(255, in > 3);
    marks.setTo(0, out > 3);
    if (!prior.empty()) {
        marks.setTo(128, (in > 3) & (prior < -0.3));
        marks.setTo(128, (out > 3) & (prior > 0.3));
    }
    marks.setTo(255, strokes == 255);
    marks.setTo(0, strokes == 0);
    const LocalColours colours(lab, marks, std::max(8, lab.cols / 60));
    cv::Mat asked = ((in > 0) & (in <= reach)) | ((out > 0) & (out <= reach));
    asked.setTo(0, (strokes == 0) | (strokes == 255));
    std::vector<int> nodes(std::size_t(hard.total()), -1), places;
    for (int y = 0; y < hard.rows; ++y)
        for (int x = 0; x < hard.cols; ++x)
            if (asked.at<std::uint8_t>(y, x)) {
                nodes[std::size_t(y * hard.cols + x)] = int(places.size());
                places.push_back(y * hard.cols + x);
            }
    if (places.empty())
        return hard.clone();
    std::vector<float> ratio(places.size());
    parallelRows(int(places.size()), [&](int begin, int end) {
        for (int k = begin; k < end; ++k) {
            const int x = places[std::size_t(k)] % hard.cols, y = places[std::size_t(k)] / hard.cols;
            const auto a = colours.of(x, y);
            ratio[std::size_t(k)] = std::clamp(std::log((a.in + 0.004f) / (a.out + 0.004f)), -5.f, 5.f)
                + (prior.empty() ? 0.f : prior.at<float>(y, x));
        }
    });
    double beta = 0;
    std::size_t pairs = 0;
    for (const int at : places)
        if (at % hard.cols + 1 < hard.cols) {
            beta += double(squared(lab.at<cv::Vec3f>(at / hard.cols, at % hard.cols)
                - lab.at<cv::Vec3f>(at / hard.cols, at % hard.cols + 1)));
            ++pairs;
        }
    beta = 1 / std::max(2 * beta / double(std::max<std::size_t>(1, pairs)), 4.0);
    cv::detail::GCGraph<double> graph(int(places.size()), int(places.size()) * 4);
    for (std::size_t k = 0; k < places.size(); ++k)
        graph.addVtx();
    constexpr double kSmooth = 6;
    constexpr int kStep[4][2] = {{1, 0}, {0, 1}, {1, 1}, {-1, 1}};
    for (std::size_t k = 0; k < places.size(); ++k) {
        const int x = places[k] % hard.cols, y = places[k] / hard.cols;
        double source = std::max(0.0, double(ratio[k])), sink = std::max(0.0, double(-ratio[k]));
        const auto weight = [&](int nx, int ny) {
            const double apart = double(squared(lab.at<cv::Vec3f>(y, x) - lab.at<cv::Vec3f>(ny, nx)));
            return kSmooth * std::exp(-beta * apart) / std::hypot(nx - x, ny - y);
        };
        for (int dir = 0; dir < 8; ++dir) {
            const int sign = dir < 4 ? 1 : -1, nx = x + sign * kStep[dir % 4][0], ny = y + sign * kStep[dir % 4][1];
            if (nx < 0 || ny < 0 || nx >= hard.cols || ny >= hard.rows)
                continue;
            const int other = nodes[std::size_t(ny * hard.cols + nx)];
            if (other >= 0) {
                if (dir < 4)
                    graph.addEdges(int(k), other, weight(nx, ny), weight(nx, ny));
            } else if (hard.at<std::uint8_t>(ny, nx) > 127)
                source += weight(nx, ny);
            else
                sink += weight(nx, ny);
        }
        graph.addTermWeights(int(k), source, sink);
    }
    graph.maxFlow();
    cv::Mat result = hard.clone();
    for (std::size_t k = 0; k < places.size(); ++k)
        result.data[std::size_t(places[k])] = graph.inSourceSegment(int(k)) ? 255 : 0;
    return result;
}

} // namespace rl::cutout
