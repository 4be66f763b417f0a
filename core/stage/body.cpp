// Cut-outs as closed surfaces: the outline by marching squares, front and back as far apart as the form bulges.
#include "core/stage/body.h"
#include "core/project/stage_edits.h"
#include "core/stage/camera.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
constexpr int kCells = 112; ///< of the longer side
constexpr double kLeg = 0.25; ///< share of the height

/// The matte on a grid with a rim of nothing; its lowest row comes down to the foot line, where it ends at once.
struct Grid {
    cv::Mat cover, half; ///< 0…1; half the thickness, m
    std::vector<double> x, y; ///< m, from the left edge; up from the foot line
    float level = 0.5f; ///< what counts as the outline
};

/// Smoke and veils have no edge at one half; they are taken as far as they can be seen.
float levelOf(const cv::Mat& cover)
{
    const double within = cv::mean(cover, cover > 0.1f)[0];
    return within < 0.75 ? 0.1f : 0.5f;
}

std::vector<double> placesOf(int cells, double size)
{
    std::vector<double> at{0};
    for (int i = 0; i < cells; ++i)
        at.push_back((i + 0.5) * size / cells);
    at.push_back(size);
    return at;
}

Grid gridOf(const cv::Mat& alpha, relief::Shape shape, double widthM, double heightM)
{
    const double perM = kCells / std::max(widthM, heightM);
    const cv::Size cells(std::max(2, int(std::lround(widthM * perM))), std::max(2, int(std::lround(heightM * perM))));
    cv::Mat small;
    cv::resize(alpha, small, cells, 0, 0, cv::INTER_AREA);
    small.convertTo(small, CV_32F, 1 / 255.0);
    Grid g;
    g.level = levelOf(small);
    const Plane half = relief::heightOf(Mask::fromMat(cv::Mat(small > g.level)), shape, {false, false, false, true});
    cv::Mat thick = half.mat() / float(perM) + float(std::max(0.002, 0.004 * std::max(widthM, heightM)));
    const auto framed = [](const cv::Mat& m) {
        cv::Mat out;
        cv::vconcat(m, m.row(m.rows - 1), out);
        cv::copyMakeBorder(out, out, 1, 1, 1, 1, cv::BORDER_CONSTANT, cv::Scalar(0));
        return out;
    };
    g.cover = framed(small), g.half = framed(thick);
    g.x = placesOf(cells.width, widthM);
    for (const double down : placesOf(cells.height, heightM))
        g.y.push_back(heightM - down);
    g.y.push_back(0);
    return g;
}

/// A foot that is to be set down elsewhere than under the card.
struct SetDown {
    double from, to, height; ///< m
    std::optional<double> back; ///< m, as the painter says; nothing: where it is seen
};

/// Those that end above the foot line, and those the painter speaks of.
std::vector<SetDown> setDown(const Element& e, const cv::Mat& alpha, double widthM)
{
    std::vector<SetDown> feet;
    const Rect box{0, 0, double(alpha.cols), double(alpha.rows)};
    for (const Foot& f : footingOf(Mask::fromMat(alpha), box).feet) {
        SetDown foot{f.from * widthM, f.to * widthM, f.up * e.heightM, {}};
        if (const auto word = edits::footWordAt(e, f.at())) {
            if (word->aloft)
                continue;
            foot.back = word->backM;
        }
        if (foot.back || f.up > 0.004)
            feet.push_back(foot);
    }
    return feet;
}

/// How far each point goes with its foot: wholly at the foot, not at all a leg's length above it.
std::vector<FootPull> pulledBy(const std::vector<SetDown>& feet, const std::vector<Vec3>& points, double heightM)
{
    std::vector<FootPull> pulled;
    if (feet.empty())
        return pulled;
    for (const Vec3& p : points) {
        FootPull most;
        double weight = 0;
        for (const SetDown& f : feet) {
            const double beside = std::max({0.0, f.from - p.x, p.x - f.to}) / (0.06 * heightM),
                         up = std::max(0.0, p.y - f.height) / (kLeg * heightM);
            const double t = std::max(0.0, 1 - std::hypot(beside, up)), w = t * t * (3 - 2 * t);
            const FootPull pull{float(f.height * w), float(f.back.value_or(0) * w), f.back.has_value()};
            if (f.back || most.said ? w > weight : pull.height > most.height)
                most = pull, weight = w;
        }
        pulled.push_back(most);
    }
    return pulled;
}

/// Points of front and back are made in pairs: 2 k in front, 2 k + 1 behind.
class Skin {
public:
    explicit Skin(const Grid& grid)
        : m_g(grid)
        , m_nodes(grid.cover.total(), -1)
        , m_right(grid.cover.total(), -1)
        , m_down(grid.cover.total(), -1)
    {
        for (int y = 0; y + 1 < grid.cover.rows; ++y)
            for (int x = 0; x + 1 < grid.cover.cols; ++x)
                cell(x, y);
    }
    Body body;

private:
    struct Corner {
        int pair;
        bool crossing;
    };
    bool inside(int x, int y) const { return m_g.cover.at<float>(y, x) > m_g.level; }
    std::size_t at(int x, int y) const { return std::size_t(y) * std::size_t(m_g.cover.cols) + std::size_t(x); }

    int pair(int& kept, double x, double y, float half, float cover)
    {
        if (kept < 0) {
            kept = int(body.points.size() / 2);
            body.points.push_back({x, y, -double(half)});
            body.points.push_back({x, y, double(half)});
            body.stops.push_back(cover), body.stops.push_back(cover);
        }
        return kept;
    }
    int node(int x, int y)
    {
        return pair(m_nodes[at(x, y)], m_g.x[std::size_t(x)], m_g.y[std::size_t(y)], m_g.half.at<float>(y, x),
            m_g.cover.at<float>(y, x));
    }
    /// Where the outline crosses the way from one node to its neighbour.
    int crossing(int x0, int y0, int x1, int y1)
    {
        int& kept = y0 == y1 ? m_right[at(std::min(x0, x1), y0)] : m_down[at(x0, std::min(y0, y1))];
        const float a = m_g.cover.at<float>(y0, x0), b = m_g.cover.at<float>(y1, x1);
        const double t = double((m_g.level - a) / (b - a));
        const auto between = [t](double p, double q) { return p + t * (q - p); };
        return pair(kept, between(m_g.x[std::size_t(x0)], m_g.x[std::size_t(x1)]),
            between(m_g.y[std::size_t(y0)], m_g.y[std::size_t(y1)]),
            float(between(double(m_g.half.at<float>(y0, x0)), double(m_g.half.at<float>(y1, x1)))),
            std::max(a, b)); // as dense as what lies within
    }
    void cell(int x, int y)
    {
        static constexpr int kAround[4][2] = {{0, 0}, {1, 0}, {1, 1}, {0, 1}}; // clockwise for the viewer
        std::array<Corner, 8> ring;
        int count = 0;
        for (int k = 0; k < 4; ++k) {
            const int x0 = x + kAround[k][0], y0 = y + kAround[k][1];
            const int x1 = x + kAround[(k + 1) % 4][0], y1 = y + kAround[(k + 1) % 4][1];
            if (inside(x0, y0))
                ring[std::size_t(count++)] = {node(x0, y0), false};
            if (inside(x0, y0) != inside(x1, y1))
                ring[std::size_t(count++)] = {crossing(x0, y0, x1, y1), true};
        }
        for (int k = 1; k + 1 < count; ++k) {
            const int a = ring[0].pair, b = ring[std::size_t(k)].pair, c = ring[std::size_t(k + 1)].pair;
            body.faces.push_back({2 * a, 2 * b, 2 * c});
            body.faces.push_back({2 * a + 1, 2 * c + 1, 2 * b + 1});
        }
        for (int k = 0; k < count; ++k) {
            const Corner p = ring[std::size_t(k)], q = ring[std::size_t((k + 1) % count)];
            if (!p.crossing || !q.crossing)
                continue; // from one crossing to the next only the outside lies between: the outline
            body.faces.push_back({2 * p.pair, 2 * q.pair + 1, 2 * q.pair});
            body.faces.push_back({2 * p.pair, 2 * p.pair + 1, 2 * q.pair + 1});
        }
    }

    const Grid& m_g;
    std::vector<int> m_nodes, m_right, m_down;
};

/// Half the thickness at the sole. What touches the ground lowest in a picture is the front of what stands there.
double halfAtSole(const Grid& g)
{
    const cv::Mat low = g.cover.row(g.cover.rows - 2) > g.level;
    return cv::countNonZero(low) ? cv::mean(g.half.row(g.half.rows - 2), low)[0] : 0;
}

/// From a place across and up the card to its place about the foot. \param back m from the card to the body's middle
void stand(Body& body, const Element& e, double widthM, double foot, double back)
{
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)), lean = std::tan(radians(e.shear)),
                 flip = e.mirrored ? -1 : 1;
    for (Vec3& p : body.points) {
        const double along = flip * (p.x - foot * widthM);
        p.z += back;
        p = {along * c - p.z * s + lean * p.y, p.y, along * s + p.z * c};
    }
    if (e.mirrored)
        for (auto& f : body.faces)
            std::swap(f[1], f[2]);
}
/// Draws flat soles down by a share of the body's size.
void root(Body& body)
{
    Vec3 low{1e300, 1e300, 1e300}, high{-1e300, -1e300, -1e300};
    for (const Vec3& p : body.points) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
    }
    body.firstBelow = body.points.size();
    const double size = std::max({high.x - low.x, high.y - low.y, high.z - low.z});
    if (!(size > 0))
        return;
    std::map<int, int> below;
    std::map<std::pair<int, int>, int> edges; // of soles; those met from one side only are their borders
    const auto under = [&](int point) {
        const auto [it, fresh] = below.try_emplace(point, int(body.points.size()));
        if (fresh) {
            const Vec3 p = body.points[std::size_t(point)];
            body.points.push_back({p.x, p.y - 0.04 * size, p.z});
            if (!body.stops.empty())
                body.stops.push_back(body.stops[std::size_t(point)]);
            if (!body.pulled.empty())
                body.pulled.push_back(body.pulled[std::size_t(point)]);
        }
        return it->second;
    };
    const auto flat = [&](const std::array<int, 3>& f) {
        return std::all_of(
            f.begin(), f.end(), [&](int i) { return std::abs(body.points[std::size_t(i)].y) < 1e-3 * size; });
    };
    for (auto& f : body.faces) {
        if (!flat(f))
            continue;
        for (std::size_t k = 0; k < 3; ++k)
            edges[{f[k], f[(k + 1) % 3]}] = 1;
        f = {under(f[0]), under(f[1]), under(f[2])};
    }
    for (const auto& [edge, one] : edges)
        if (const auto [a, b] = edge; !edges.contains({b, a})) {
            body.faces.push_back({a, b, under(b)});
            body.faces.push_back({a, under(b), under(a)});
        }
}
} // namespace

double opacityOf(const Element& e)
{
    return e.material == Material::Glass ? 0.3 : e.material == Material::Thin ? 1 - 0.8 * e.through : 1.0;
}

std::shared_ptr<const Body> bodyOf(
    const cv::Mat& alpha, const Element& e, relief::Shape shape, double widthM, double foot)
{
    auto body = std::make_shared<Body>();
    if (alpha.empty() || !(widthM > 0) || !(e.heightM > 0))
        return body;
    const Grid grid = gridOf(alpha, shape, widthM, e.heightM);
    *body = std::move(Skin(grid).body);
    body->opacity = float(opacityOf(e));
    if (grid.level >= 0.5f)
        body->stops.clear();
    for (float& s : body->stops)
        s = std::min(s, 1.f) * body->opacity;
    body->pulled = pulledBy(setDown(e, alpha, widthM), body->points, e.heightM);
    stand(*body, e, widthM, foot, halfAtSole(grid));
    root(*body);
    return body;
}

namespace {
bool convex(const Mesh& mesh)
{
    const auto [low, high] = mesh.bounds();
    const double least = 1e-4 * (high - low).length();
    for (const auto& f : mesh.faces) {
        const Vec3 a = mesh.points[std::size_t(f[0])],
                   n = cross(mesh.points[std::size_t(f[1])] - a, mesh.points[std::size_t(f[2])] - a);
        const double length = n.length();
        const auto before = [&](const Vec3& p) { return dot(p - a, n) > least * length; };
        if (length > 1e-12 && std::any_of(mesh.points.begin(), mesh.points.end(), before))
            return false;
    }
    return true;
}
} // namespace

std::shared_ptr<const Body> bodyOf(const Mesh& mesh, double opacity)
{
    auto body = std::make_shared<Body>();
    body->points = mesh.points;
    body->faces = mesh.faces;
    body->solid = true;
    body->convex = convex(mesh);
    body->opacity = float(opacity);
    root(*body);
    return body;
}

} // namespace rl::stage
