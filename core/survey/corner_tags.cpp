#include "core/survey/corner_tags.h"
#include "core/paint/markers.h"
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
constexpr int kFirst = 40; ///< swatch cards have the lower ones
} // namespace

Mask tagPicture(int corner, int px)
{
    const double whole = kTagCm + 2 * kTagMarginCm;
    const int margin = int(std::lround(px * kTagMarginCm / whole)), side = std::max(12, px - 2 * margin);
    cv::Mat sheet(px, px, CV_8U, cv::Scalar(255));
    paint::markerPicture(kFirst + std::clamp(corner, 0, 3), side).copyTo(sheet(cv::Rect(margin, margin, side, side)));
    return Mask::fromMat(sheet);
}

namespace {
/// The black square's corners in cm, from the corner of the paper that touches the canvas, the paper upright.
std::array<Vec2, 4> squareOf(int corner, double shrink)
{
    const double a = kTagMarginCm, b = kTagMarginCm + kTagCm;
    const double left = corner == 0 || corner == 3 ? -b : a, top = corner < 2 ? -b : a;
    const double l = left + shrink, t = top + shrink, r = left + kTagCm - shrink, d = top + kTagCm - shrink;
    return {Vec2{l, t}, Vec2{r, t}, Vec2{r, d}, Vec2{l, d}};
}

/// Corners of the canvas, radial term, and how each tag is turned about the corner it touches: what is fitted.

/// … and last how much smaller black looks than it is, cm: blur in light is not blur in code values.
constexpr int kUnknown = 14;
using Unknowns = cv::Vec<double, kUnknown>;

CanvasView viewOf(const Unknowns& u, double w, double h, cv::Size photo)
{
    return {w, h, photo, {Vec2{u[0], u[1]}, Vec2{u[2], u[3]}, Vec2{u[4], u[5]}, Vec2{u[6], u[7]}}, u[8]};
}

cv::Vec<double, 32> seenAt(const Unknowns& u, double w, double h, cv::Size photo)
{
    const CanvasView v = viewOf(u, w, h, photo);
    const Vec2 corners[4]{{0, 0}, {w, 0}, {w, h}, {0, h}};
    cv::Vec<double, 32> out;
    for (int c = 0; c < 4; ++c) {
        const double co = std::cos(u[9 + c]), si = std::sin(u[9 + c]);
        const auto square = squareOf(c, u[13]);
        for (int k = 0; k < 4; ++k) {
            const Vec2 q = square[std::size_t(k)],
                       p = v.photoAt(corners[c] + Vec2{co * q.x - si * q.y, si * q.x + co * q.y});
            out[8 * c + 2 * k] = p.x, out[8 * c + 2 * k + 1] = p.y;
        }
    }
    return out;
}
} // namespace

namespace {
struct Tags {
    std::vector<std::vector<cv::Point2f>> squares;
    std::vector<int> ids;
    bool ours() const
    {
        return std::any_of(ids.begin(), ids.end(), [](int id) { return id >= kFirst && id < kFirst + 4; });
    }
};

double greyAt(const cv::Mat& grey, Vec2 p)
{
    const int x = int(std::floor(p.x)), y = int(std::floor(p.y));
    if (x < 0 || y < 0 || x + 1 >= grey.cols || y + 1 >= grey.rows)
        return -1;
    const double u = p.x - x, v = p.y - y;
    const auto* a = grey.ptr<std::uint8_t>(y) + x;
    const auto* b = grey.ptr<std::uint8_t>(y + 1) + x;
    return (a[0] * (1 - u) + a[1] * u) * (1 - v) + (b[0] * (1 - u) + b[1] * u) * v;
}

/// How far outwards of a place the black ends: the middle of the rise in grey. Nothing without one.
std::optional<double> edgeAt(const cv::Mat& grey, Vec2 p, Vec2 out, int reach)
{
    double before = greyAt(grey, p - out * reach), sum = 0, at = 0;
    for (int k = -reach + 1; k <= reach; ++k) {
        const double now = greyAt(grey, p + out * k);
        if (before < 0 || now < 0)
            return {};
        if (const double rise = now - before; rise > 2)
            sum += rise, at += rise * (k - 0.5);
        before = now;
    }
    return sum > 25 ? std::optional(at / sum) : std::nullopt;
}

/// Sides of a black square as straight lines through the ends of its black, its corners where they cross: a line
/// through a hundred places lies five times as still as a corner.
void settle(const cv::Mat& grey, std::vector<cv::Point2f>& square)
{
    struct Side {
        Vec2 at, along;
    };
    for (int round = 0; round < 2; ++round) {
        std::array<Side, 4> sides;
        for (std::size_t i = 0; i < 4; ++i) {
            const cv::Point2f f = square[i], g = square[(i + 1) % 4];
            const Vec2 a{double(f.x), double(f.y)}, b{double(g.x), double(g.y)}, d = (b - a) * (1 / (b - a).length());
            const double length = (b - a).length();
            const Vec2 out{d.y, -d.x}; // they go round clockwise
            std::vector<cv::Point2f> ends;
            for (double t = 0.06 * length; t <= 0.94 * length; t += std::max(1.0, length / 120))
                if (const auto o = edgeAt(grey, a + d * t, out, std::clamp(int(length / 14), 3, 10)))
                    ends.emplace_back(float(t), float(*o));
            if (ends.size() < 8)
                return;
            cv::Vec4f line;
            cv::fitLine(ends, line, cv::DIST_HUBER, 0, 0.01, 0.001);
            sides[i].at = a + d * double(line[2]) + out * double(line[3]);
            sides[i].along = d * double(line[0]) + out * double(line[1]);
        }
        for (std::size_t i = 0; i < 4; ++i) {
            const Side &s = sides[(i + 3) % 4], &t = sides[i];
            const double det = s.along.x * t.along.y - s.along.y * t.along.x;
            if (std::abs(det) < 0.2)
                return;
            const Vec2 w = t.at - s.at, p = s.at + s.along * ((w.x * t.along.y - w.y * t.along.x) / det);
            square[i] = {float(p.x), float(p.y)};
        }
    }
}

Tags detected(const cv::Mat& grey)
{
    Tags t;
    auto [squares, ids] = paint::markersIn(grey, paint::Corners::AsFound);
    t.squares = std::move(squares), t.ids = std::move(ids);
    return t;
}

/// Found on fewer pixels where that will do, corners settled on all of them.
Tags tagsIn(const cv::Mat& grey)
{
    constexpr int kEnoughPx = 2000;
    const double k = double(kEnoughPx) / std::max(grey.cols, grey.rows);
    Tags t;
    if (k < 1) {
        cv::Mat few;
        cv::resize(grey, few, {}, k, k, cv::INTER_AREA);
        t = detected(few);
        for (auto& square : t.squares)
            for (cv::Point2f& p : square)
                p = (p + cv::Point2f(0.5f, 0.5f)) * float(1 / k) - cv::Point2f(0.5f, 0.5f);
        if (!t.ours())
            return {};
        if (std::count_if(t.ids.begin(), t.ids.end(), [](int id) { return id >= kFirst && id < kFirst + 4; }) < 4)
            t = detected(grey);
    } else {
        t = detected(grey);
    }
    for (auto& square : t.squares)
        settle(grey, square);
    return t;
}
} // namespace

std::optional<CanvasView> taggedView(const cv::Mat& grey, double widthCm, double heightCm)
{
    const auto [squares, ids] = tagsIn(grey);
    cv::Vec<double, 32> seen;
    Unknowns u;
    unsigned known = 0;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const int c = ids[i] - kFirst;
        if (c < 0 || c > 3)
            continue;
        known |= 1U << c;
        for (int k = 0; k < 4; ++k) {
            const cv::Point2f p = squares[i][std::size_t(k)];
            seen[8 * c + 2 * k] = double(p.x), seen[8 * c + 2 * k + 1] = double(p.y);
        }
        const cv::Point2f nearest = squares[i][std::size_t((c + 2) % 4)]; // the one towards the canvas
        u[2 * c] = double(nearest.x), u[2 * c + 1] = double(nearest.y);
    }
    if (known != 15)
        return {};
    for (int round = 0; round < 12; ++round) { // Gauss and Newton, a little damped
        const cv::Vec<double, 32> now = seenAt(u, widthCm, heightCm, grey.size());
        cv::Matx<double, 32, kUnknown> J;
        for (int c = 0; c < kUnknown; ++c) {
            const double step = c < 8 ? 0.05 : 1e-4;
            Unknowns moved = u;
            moved[c] += step;
            const cv::Vec<double, 32> d = (seenAt(moved, widthCm, heightCm, grey.size()) - now) * (1 / step);
            for (int r = 0; r < 32; ++r)
                J(r, c) = d[r];
        }
        cv::Matx<double, kUnknown, kUnknown> A = J.t() * J;
        for (int c = 0; c < kUnknown; ++c)
            A(c, c) += 1e-6 * A(c, c)
                + (c == 8       ? 400.0
                        : c > 8 ? 10.0
                                : 0.0); // tags lie about square, lenses bend little
        Unknowns b = J.t() * (seen - now);
        for (int c = 8; c < kUnknown; ++c)
            b[c] -= (c == 8 ? 400.0 : 10.0) * u[c];
        u += A.solve(b, cv::DECOMP_CHOLESKY);
    }
    return viewOf(u, widthCm, heightCm, grey.size());
}

} // namespace rl::survey
