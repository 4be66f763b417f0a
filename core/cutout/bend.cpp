#include "core/cutout/bend.h"
#include <Eigen/Sparse>
#include <Eigen/SparseCholesky>
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
constexpr int kCellsAcross = 36; ///< along the long side
constexpr double kPinWeight = 1000; ///< against 1 for each edge of the net
} // namespace

Bend::Bend(const Mask& alpha, const std::vector<BendPin>& pins)
{
    const cv::Rect box = cv::boundingRect(cv::Mat(alpha.mat() > 8));
    if (box.empty())
        return;
    m_size = std::max(2.0, double(std::max(box.width, box.height)) / kCellsAcross);
    m_left = box.x - 2, m_top = box.y - 2;
    m_columns = int(std::ceil((box.width + 4) / m_size)), m_rows = int(std::ceil((box.height + 4) / m_size));
    m_vertexAt.assign(std::size_t((m_columns + 1) * (m_rows + 1)), -1);
    m_cellAt.assign(std::size_t(m_columns * m_rows), -1);
    const auto vertex = [&](int cx, int cy) {
        int& index = m_vertexAt[std::size_t(cy * (m_columns + 1) + cx)];
        if (index < 0) {
            index = int(m_rest.size());
            m_rest.push_back({m_left + cx * m_size, m_top + cy * m_size});
        }
        return index;
    };
    for (int cy = 0; cy < m_rows; ++cy)
        for (int cx = 0; cx < m_columns; ++cx) {
            const cv::Rect r = cv::Rect(int(m_left + cx * m_size) - 1, int(m_top + cy * m_size) - 1, int(m_size) + 3,
                                   int(m_size) + 3)
                & cv::Rect(0, 0, alpha.width(), alpha.height());
            if (r.empty() || cv::countNonZero(alpha.mat()(r) > 8) == 0)
                continue;
            m_cellAt[std::size_t(cy * m_columns + cx)] = int(m_cells.size());
            m_cells.push_back({{vertex(cx, cy), vertex(cx + 1, cy), vertex(cx + 1, cy + 1), vertex(cx, cy + 1)}});
        }
    m_now = m_rest;
    if (!pins.empty())
        solve(pins);
}

void Bend::solve(const std::vector<BendPin>& pins)
{
    // Edges of the net, both diagonals too, so that cells resist shear.
    struct Edge {
        int a, b;
    };
    std::vector<Edge> edges;
    for (const Cell& c : m_cells)
        for (const auto& [i, k] :
            {std::pair(0, 1), std::pair(1, 2), std::pair(2, 3), std::pair(3, 0), std::pair(0, 2), std::pair(1, 3)})
            edges.push_back({c.corner[i], c.corner[k]});
    struct Hold {
        int corner[4];
        double weight[4];
        Vec2 to;
    };
    std::vector<Hold> holds;
    for (const BendPin& pin : pins) {
        // The cell under the pin, or the nearest one.
        const Cell* best = nullptr;
        double nearest = 1e18;
        for (const Cell& c : m_cells) {
            const Vec2 middle = (m_rest[std::size_t(c.corner[0])] + m_rest[std::size_t(c.corner[2])]) * 0.5;
            if (const double d = (middle - pin.from).length(); d < nearest)
                nearest = d, best = &c;
        }
        const Vec2 corner = m_rest[std::size_t(best->corner[0])];
        const double u = std::clamp((pin.from.x - corner.x) / m_size, -0.5, 1.5),
                     v = std::clamp((pin.from.y - corner.y) / m_size, -0.5, 1.5);
        holds.push_back({{best->corner[0], best->corner[1], best->corner[2], best->corner[3]},
            {(1 - u) * (1 - v), u * (1 - v), u * v, (1 - u) * v}, pin.to});
    }
    const int n = int(m_rest.size());
    std::vector<Eigen::Triplet<double>> parts;
    for (const Edge& e : edges) {
        parts.emplace_back(e.a, e.a, 1);
        parts.emplace_back(e.b, e.b, 1);
        parts.emplace_back(e.a, e.b, -1);
        parts.emplace_back(e.b, e.a, -1);
    }
    for (const Hold& h : holds)
        for (int i = 0; i < 4; ++i)
            for (int k = 0; k < 4; ++k)
                parts.emplace_back(h.corner[i], h.corner[k], kPinWeight * h.weight[i] * h.weight[k]);
    for (int i = 0; i < n; ++i)
        parts.emplace_back(i, i, 1e-9); // pieces without a pin stay where they are
    Eigen::SparseMatrix<double> system(n, n);
    system.setFromTriplets(parts.begin(), parts.end());
    const Eigen::SimplicialLDLT<Eigen::SparseMatrix<double>> solver(system);
    // Start: everything moved as the pins are on the mean.
    Vec2 mean;
    for (const BendPin& p : pins)
        mean = mean + (p.to - p.from) * (1.0 / double(pins.size()));
    for (std::size_t i = 0; i < m_now.size(); ++i)
        m_now[i] = m_rest[i] + mean;
    for (int round = 0; round < 60; ++round) {
        std::vector<double> sin(std::size_t(n), 0.0), cos(std::size_t(n), 0.0);
        const auto turn = [&](int at, Vec2 was, Vec2 is) {
            cos[std::size_t(at)] += was.x * is.x + was.y * is.y;
            sin[std::size_t(at)] += was.x * is.y - was.y * is.x;
        };
        for (const Edge& e : edges) {
            const Vec2 was = m_rest[std::size_t(e.b)] - m_rest[std::size_t(e.a)],
                       is = m_now[std::size_t(e.b)] - m_now[std::size_t(e.a)];
            turn(e.a, was, is);
            turn(e.b, was, is);
        }
        Eigen::VectorXd x = Eigen::VectorXd::Zero(n), y = Eigen::VectorXd::Zero(n);
        for (int i = 0; i < n; ++i) {
            x[i] = 1e-9 * (m_rest[std::size_t(i)].x + mean.x), y[i] = 1e-9 * (m_rest[std::size_t(i)].y + mean.y);
            const double length = std::hypot(sin[std::size_t(i)], cos[std::size_t(i)]);
            sin[std::size_t(i)] = length > 0 ? sin[std::size_t(i)] / length : 0;
            cos[std::size_t(i)] = length > 0 ? cos[std::size_t(i)] / length : 1;
        }
        for (const Edge& e : edges) {
            const Vec2 d = m_rest[std::size_t(e.b)] - m_rest[std::size_t(e.a)];
            const double c = (cos[std::size_t(e.a)] + cos[std::size_t(e.b)]) / 2,
                         s = (sin[std::size_t(e.a)] + sin[std::size_t(e.b)]) / 2;
            const Vec2 turned{c * d.x - s * d.y, s * d.x + c * d.y};
            x[e.b] += turned.x, y[e.b] += turned.y;
            x[e.a] -= turned.x, y[e.a] -= turned.y;
        }
        for (const Hold& h : holds)
            for (int i = 0; i < 4; ++i) {
                x[h.corner[i]] += kPinWeight * h.weight[i] * h.to.x;
                y[h.corner[i]] += kPinWeight * h.weight[i] * h.to.y;
            }
        const Eigen::VectorXd nx = solver.solve(x), ny = solver.solve(y);
        double change = 0;
        for (int i = 0; i < n; ++i) {
            const Vec2 next{nx[i], ny[i]};
            change = std::max(change, (next - m_now[std::size_t(i)]).length());
            m_now[std::size_t(i)] = next;
        }
        if (change < 0.02)
            break;
    }
}

Vec2 Bend::moved(Vec2 at) const
{
    if (m_cells.empty())
        return at;
    const int cx = std::clamp(int((at.x - m_left) / m_size), 0, m_columns - 1),
              cy = std::clamp(int((at.y - m_top) / m_size), 0, m_rows - 1);
    int cell = m_cellAt[std::size_t(cy * m_columns + cx)];
    if (cell < 0) {
        double nearest = 1e18;
        for (std::size_t i = 0; i < m_cells.size(); ++i)
            if (const double d = (m_rest[std::size_t(m_cells[i].corner[0])] - at).length(); d < nearest)
                nearest = d, cell = int(i);
    }
    const Cell& c = m_cells[std::size_t(cell)];
    const Vec2 corner = m_rest[std::size_t(c.corner[0])];
    const double u = (at.x - corner.x) / m_size, v = (at.y - corner.y) / m_size;
    const auto now = [&](int k) { return m_now[std::size_t(c.corner[k])]; };
    return now(0) * ((1 - u) * (1 - v)) + now(1) * (u * (1 - v)) + now(2) * (u * v) + now(3) * ((1 - u) * v);
}

Bend::Bent Bend::applied(const Photo& photo, const Mask& alpha) const
{
    Bent bent;
    if (m_cells.empty())
        return {photo, alpha, 0, 0};
    double left = 1e18, top = 1e18, right = -1e18, bottom = -1e18;
    for (const Vec2 v : m_now) {
        left = std::min(left, v.x), right = std::max(right, v.x);
        top = std::min(top, v.y), bottom = std::max(bottom, v.y);
    }
    bent.left = int(std::floor(left)), bent.top = int(std::floor(top));
    const int width = std::clamp(int(std::ceil(right)) - bent.left, 1, 4 * alpha.width() + 64),
              height = std::clamp(int(std::ceil(bottom)) - bent.top, 1, 4 * alpha.height() + 64);
    // For every pixel of the bent box, where it comes from; two triangles a cell.
    cv::Mat fromX(height, width, CV_32FC1, cv::Scalar(-1e4)), fromY(height, width, CV_32FC1, cv::Scalar(-1e4));
    const auto triangle = [&](const Cell& c, int i, int k, int m) {
        const auto now = [&](int q) { return m_now[std::size_t(c.corner[q])]; };
        const auto rest = [&](int q) { return m_rest[std::size_t(c.corner[q])]; };
        const Vec2 a = now(i), ab = now(k) - a, ac = now(m) - a;
        const double area = ab.x * ac.y - ab.y * ac.x;
        if (std::abs(area) < 1e-6)
            return;
        const auto [x0, x1] = std::minmax({now(i).x, now(k).x, now(m).x});
        const auto [y0, y1] = std::minmax({now(i).y, now(k).y, now(m).y});
        for (int y = std::max(0, int(y0) - bent.top - 1); y <= std::min(height - 1, int(y1) - bent.top + 1); ++y)
            for (int x = std::max(0, int(x0) - bent.left - 1); x <= std::min(width - 1, int(x1) - bent.left + 1); ++x) {
                const Vec2 p = Vec2{x + bent.left + 0.5, y + bent.top + 0.5} - a;
                const double u = (p.x * ac.y - p.y * ac.x) / area, v = (ab.x * p.y - ab.y * p.x) / area;
                if (u < -1e-3 || v < -1e-3 || u + v > 1 + 1e-3)
                    continue;
                const Vec2 q = rest(i) + (rest(k) - rest(i)) * u + (rest(m) - rest(i)) * v;
                fromX.at<float>(y, x) = float(q.x - 0.5), fromY.at<float>(y, x) = float(q.y - 0.5);
            }
    };
    for (const Cell& c : m_cells) {
        triangle(c, 0, 1, 2);
        triangle(c, 0, 2, 3);
    }
    cv::Mat colours, cover;
    if (!photo.empty())
        cv::remap(photo.mat(), colours, fromX, fromY, cv::INTER_CUBIC, cv::BORDER_REPLICATE);
    cv::remap(alpha.mat(), cover, fromX, fromY, cv::INTER_LINEAR, cv::BORDER_CONSTANT, cv::Scalar(0));
    if (!photo.empty())
        bent.photo = Photo::fromMat(colours);
    bent.alpha = Mask::fromMat(cover);
    return bent;
}

} // namespace rl::cutout
