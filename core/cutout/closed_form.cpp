#include "core/cutout/closed_form.h"
#include "core/base/geometry.h"
#include "core/base/parallel.h"
#include <array>
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
bool unknown(std::uint8_t mark)
{
    return mark != 0 && mark != 255;
}

/// One level of the problem: pixels by index, windows around every pixel that is unknown or touches one.
class Level {
public:
    Level(const LinearPicture& picture, const Marks& marks, const ColourGuess& guess)
        : m_width(picture.width())
        , m_height(picture.height())
        , m_picture(picture)
        , m_marks(marks)
        , m_guess(guess)
    {
        for (int y = 0; y < m_height; ++y)
            for (int x = 0; x < m_width; ++x)
                if (unknown(marks.at(x, y)))
                    m_free.push_back(y * m_width + x);
        gatherWindows();
    }
    bool done() const { return m_free.empty(); }
    void solve(std::vector<float>& alpha, int iterations, Progress& progress);

private:
    struct Window {
        int x, y; // centre
        int count;
        float mean[3], inverse[6]; // of covariance + eps
    };
    struct Line {
        float a[3], b;
    };
    void gatherWindows();
    void apply(const std::vector<float>& p, std::vector<float>& result);
    float trustAt(std::size_t i) const { return m_guess.trust.data()[std::size_t(m_free[i])]; }

    int m_width, m_height;
    const LinearPicture& m_picture;
    const Marks& m_marks;
    const ColourGuess& m_guess;
    std::vector<int> m_free; // positions of unknown pixels
    std::vector<Window> m_windows;
    std::vector<int> m_windowAt; // by position, -1 = none
    std::vector<Line> m_lines;
};

/// Inverse of a symmetric 3 × 3 matrix given as xx, xy, xz, yy, yz, zz.
void invert(const double m[6], float out[6])
{
    const double c0 = m[3] * m[5] - m[4] * m[4], c1 = m[2] * m[4] - m[1] * m[5], c2 = m[1] * m[4] - m[2] * m[3];
    const double inv = 1 / (m[0] * c0 + m[1] * c1 + m[2] * c2);
    out[0] = float(c0 * inv), out[1] = float(c1 * inv), out[2] = float(c2 * inv);
    out[3] = float((m[0] * m[5] - m[2] * m[2]) * inv);
    out[4] = float((m[1] * m[2] - m[0] * m[4]) * inv);
    out[5] = float((m[0] * m[3] - m[1] * m[1]) * inv);
}

void Level::gatherWindows()
{
    m_windowAt.assign(std::size_t(m_width) * std::size_t(m_height), -1);
    for (const int at : m_free)
        for (int dy = -1; dy <= 1; ++dy)
            for (int dx = -1; dx <= 1; ++dx) {
                const int x = at % m_width + dx, y = at / m_width + dy;
                if (x < 0 || y < 0 || x >= m_width || y >= m_height || m_windowAt[std::size_t(y * m_width + x)] >= 0)
                    continue;
                m_windowAt[std::size_t(y * m_width + x)] = int(m_windows.size());
                m_windows.push_back({x, y, 0, {}, {}});
            }
    m_lines.resize(m_windows.size());
    parallelRows(int(m_windows.size()), [&](int begin, int end) {
        for (int k = begin; k < end; ++k) {
            Window& w = m_windows[std::size_t(k)];
            double s[3] = {}, q[6] = {};
            for (int y = std::max(0, w.y - 1); y <= std::min(m_height - 1, w.y + 1); ++y)
                for (int x = std::max(0, w.x - 1); x <= std::min(m_width - 1, w.x + 1); ++x) {
                    const Rgb c = m_picture.at(x, y);
                    const double r = double(c.r), g = double(c.g), b = double(c.b);
                    s[0] += r, s[1] += g, s[2] += b;
                    q[0] += r * r, q[1] += r * g, q[2] += r * b, q[3] += g * g, q[4] += g * b, q[5] += b * b;
                    ++w.count;
                }
            const double n = w.count, mr = s[0] / n, mg = s[1] / n, mb = s[2] / n;
            // Regularised by what grain does at this brightness, so that noise is not taken for colour.
            const double grain = 0.006 + 0.02 * (mr + mg + mb) / 3, eps = grain * grain;
            const double m[6] = {q[0] / n - mr * mr + eps, q[1] / n - mr * mg, q[2] / n - mr * mb,
                q[3] / n - mg * mg + eps, q[4] / n - mg * mb, q[5] / n - mb * mb + eps};
            invert(m, w.inverse);
            w.mean[0] = float(mr), w.mean[1] = float(mg), w.mean[2] = float(mb);
        }
    });
}

/// L p + trust p on the unknown pixels; p covers the whole picture. A window fits p by a line in colour; what the fit
/// leaves over, summed over the windows a pixel lies in, is its row of the product.
void Level::apply(const std::vector<float>& p, std::vector<float>& result)
{
    parallelRows(int(m_windows.size()), [&](int begin, int end) {
        for (int k = begin; k < end; ++k) {
            const Window& w = m_windows[std::size_t(k)];
            float mean = 0, c[3] = {};
            for (int y = std::max(0, w.y - 1); y <= std::min(m_height - 1, w.y + 1); ++y)
                for (int x = std::max(0, w.x - 1); x <= std::min(m_width - 1, w.x + 1); ++x) {
                    const Rgb i = m_picture.at(x, y);
                    const float v = p[std::size_t(y * m_width + x)];
                    mean += v;
                    c[0] += v * (i.r - w.mean[0]), c[1] += v * (i.g - w.mean[1]), c[2] += v * (i.b - w.mean[2]);
                }
            const float n = float(w.count);
            mean /= n, c[0] /= n, c[1] /= n, c[2] /= n;
            const float* v = w.inverse;
            Line& l = m_lines[std::size_t(k)];
            l.a[0] = v[0] * c[0] + v[1] * c[1] + v[2] * c[2];
            l.a[1] = v[1] * c[0] + v[3] * c[1] + v[4] * c[2];
            l.a[2] = v[2] * c[0] + v[4] * c[1] + v[5] * c[2];
            l.b = mean - l.a[0] * w.mean[0] - l.a[1] * w.mean[1] - l.a[2] * w.mean[2];
        }
    });
    parallelRows(int(m_free.size()), [&](int begin, int end) {
        for (int k = begin; k < end; ++k) {
            const int at = m_free[std::size_t(k)], x0 = at % m_width, y0 = at / m_width;
            const Rgb i = m_picture.data()[at];
            const float v = p[std::size_t(at)];
            float sum = 0;
            for (int y = std::max(0, y0 - 1); y <= std::min(m_height - 1, y0 + 1); ++y)
                for (int x = std::max(0, x0 - 1); x <= std::min(m_width - 1, x0 + 1); ++x) {
                    const Line& l = m_lines[std::size_t(m_windowAt[std::size_t(y * m_width + x)])];
                    sum += v - (l.a[0] * i.r + l.a[1] * i.g + l.a[2] * i.b + l.b);
                }
            result[std::size_t(k)] = sum + trustAt(std::size_t(k)) * v;
        }
    });
}

double product(const std::vector<float>& a, const std::vector<float>& b)
{
    double sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += double(a[i]) * double(b[i]);
    return sum;
}

/// Conjugate gradients from where alpha stands; alpha holds the certain values and is written at the unknown ones.
void Level::solve(std::vector<float>& alpha, int iterations, Progress& progress)
{
    const std::size_t n = m_free.size();
    std::vector<float> residual(n), direction(n), step(n);
    apply(alpha, step);
    for (std::size_t i = 0; i < n; ++i)
        residual[i] = trustAt(i) * m_guess.alpha.data()[std::size_t(m_free[i])] - step[i];
    direction = residual;
    double rr = product(residual, residual);
    const double enough = 1e-8 * double(n);
    std::vector<float> spread(alpha.size(), 0.f);
    for (int k = 0; k < iterations && rr > enough && !progress.cancelled(); ++k) {
        for (std::size_t i = 0; i < n; ++i)
            spread[std::size_t(m_free[i])] = direction[i];
        apply(spread, step);
        const double curve = product(direction, step);
        if (!(curve > 0))
            break;
        const float t = float(rr / curve);
        for (std::size_t i = 0; i < n; ++i) {
            alpha[std::size_t(m_free[i])] += t * direction[i];
            residual[i] -= t * step[i];
        }
        const double next = product(residual, residual);
        const float keep = float(next / rr);
        rr = next;
        for (std::size_t i = 0; i < n; ++i)
            direction[i] = residual[i] + keep * direction[i];
    }
    for (const int at : m_free)
        alpha[std::size_t(at)] = std::clamp(alpha[std::size_t(at)], 0.f, 1.f);
}

/// Half as large: colours averaged, a mark stays certain only where all four agree.
struct Coarse {
    LinearPicture picture;
    Marks marks;
    ColourGuess guess;
    Plane start;
};
Coarse halved(const LinearPicture& picture, const Marks& marks, const ColourGuess& guess, const Plane& start)
{
    const cv::Size size((picture.width() + 1) / 2, (picture.height() + 1) / 2);
    const auto half = [&](const cv::Mat& m) {
        cv::Mat out;
        cv::resize(m, out, size, 0, 0, cv::INTER_AREA);
        return out;
    };
    Coarse c;
    c.picture = LinearPicture::fromMat(half(picture.mat()));
    c.guess = {Plane::fromMat(half(guess.alpha.mat())), Plane::fromMat(half(guess.trust.mat()))};
    c.start = Plane::fromMat(half(start.mat()));
    std::vector<std::uint8_t> m(std::size_t(size.area()));
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            std::uint8_t mark = marks.at(2 * x, 2 * y);
            for (int k = 1; k < 4; ++k) {
                const int px = std::min(2 * x + k % 2, picture.width() - 1),
                          py = std::min(2 * y + k / 2, picture.height() - 1);
                mark = marks.at(px, py) == mark ? mark : 128;
            }
            m[std::size_t(y * size.width + x)] = mark;
        }
    c.marks = {size.width, size.height, std::move(m)};
    return c;
}
} // namespace

Plane closedForm(
    const LinearPicture& picture, const Marks& marks, const ColourGuess& guess, const Plane& start, Progress& progress)
{
    std::vector<float> alpha(start.data(), start.data() + start.size());
    const bool coarsest = std::max(picture.width(), picture.height()) < 160;
    if (!coarsest) {
        const Coarse half = halved(picture, marks, guess, start);
        const Plane below = closedForm(half.picture, half.marks, half.guess, half.start, progress);
        cv::Mat grown;
        cv::resize(below.mat(), grown, cv::Size(picture.width(), picture.height()), 0, 0, cv::INTER_LINEAR);
        for (int y = 0; y < picture.height(); ++y)
            std::copy_n(grown.ptr<float>(y), picture.width(), alpha.begin() + std::ptrdiff_t(y) * picture.width());
    }
    for (std::size_t i = 0; i < alpha.size(); ++i)
        if (!unknown(marks.data()[i]))
            alpha[i] = marks.data()[i] == 255 ? 1.f : 0.f;
    Level level(picture, marks, guess);
    if (!level.done())
        level.solve(alpha, coarsest ? 150 : 30, progress);
    return {picture.width(), picture.height(), std::move(alpha)};
}

} // namespace rl::cutout
