#include "core/paint/reach.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <atomic>

namespace rl::paint {

using colour::ExactLab;

namespace {
constexpr int kSide = Reach::kSide;
std::size_t placeOf(int r, int g, int b)
{
    return std::size_t((r * kSide + g) * kSide + b);
}
struct Cell {
    int at[3];
    float part[3];
};
Cell cellOf(const Rgb& c)
{
    Cell cell;
    const float v[3] = {c.r, c.g, c.b};
    for (int i = 0; i < 3; ++i) {
        const float s = std::sqrt(std::clamp(v[i], 0.f, 1.f)) * float(kSide - 1);
        cell.at[i] = std::min(int(s), kSide - 2), cell.part[i] = s - float(cell.at[i]);
    }
    return cell;
}
std::vector<std::uint8_t> cornersOf(const LinearPicture& picture)
{
    std::vector<std::uint8_t> wanted(std::size_t(kSide * kSide * kSide), 0);
    for (std::size_t i = 0; i < picture.size(); ++i) {
        const Cell c = cellOf(picture.data()[i]);
        std::uint8_t& low = wanted[placeOf(c.at[0], c.at[1], c.at[2])];
        low |= 2; // a cell in use
    }
    for (int r = 0; r + 1 < kSide; ++r)
        for (int g = 0; g + 1 < kSide; ++g)
            for (int b = 0; b + 1 < kSide; ++b)
                if (wanted[placeOf(r, g, b)] & 2)
                    for (int corner = 0; corner < 8; ++corner)
                        wanted[placeOf(r + (corner >> 2), g + (corner >> 1 & 1), b + (corner & 1))] |= 1;
    return wanted;
}
Rgb gridColour(int r, int g, int b)
{
    const auto v = [](int i) { return float(i * i) / float((kSide - 1) * (kSide - 1)); };
    return {v(r), v(g), v(b)};
}
} // namespace

std::shared_ptr<const Reach> Reach::of(
    const Search& search, const LinearPicture& picture, Finish finish, Progress& progress)
{
    if (search.paints().empty())
        return nullptr;
    auto reach = std::make_shared<Reach>();
    reach->m_at.resize(std::size_t(kSide * kSide * kSide), {0, 0, 0, 0});
    const auto wanted = cornersOf(picture);
    std::atomic<int> done = 0;
    parallelItems(kSide, [&](int r) {
        Fit last; // neighbours need nearly the same mix
        for (int g = 0; g < kSide; ++g)
            for (int b = 0; b < kSide && !progress.cancelled(); ++b) {
                if (!(wanted[placeOf(r, g, b)] & 1))
                    continue;
                const ExactLab lab = colour::toLab(gridColour(r, g, b));
                last = search.near(lab, last);
                const ExactLab got = withFinish(last.lab, finish);
                const Rgb c = colour::fromLab(colour::Lab(got));
                const auto root = [](float v) { return std::sqrt(std::max(v, 0.f)); };
                reach->m_at[placeOf(r, g, b)] = {root(c.r), root(c.g), root(c.b), float(colour::deltaE2000(lab, got))};
            }
        progress.report(double(++done) / kSide, tr("What these paints reach"));
    });
    return progress.cancelled() ? nullptr : reach;
}

LinearPicture Reach::proof(const LinearPicture& picture, Plane* off) const
{
    std::vector<Rgb> out(picture.size());
    std::vector<float> away(off ? picture.size() : 0);
    const int w = picture.width();
    parallelRows(picture.height(), [&](int begin, int end) {
        for (std::size_t i = std::size_t(begin) * std::size_t(w); i < std::size_t(end) * std::size_t(w); ++i) {
            const Cell c = cellOf(picture.data()[i]);
            const std::array<float, 4>* at = &m_at[placeOf(c.at[0], c.at[1], c.at[2])];
            std::array<float, 4> rows[4];
            for (int n = 0; n < 4; ++n) {
                const auto* p = at + (n >> 1) * kSide * kSide + (n & 1) * kSide;
                for (std::size_t k = 0; k < 4; ++k)
                    rows[n][k] = p[0][k] + c.part[2] * (p[1][k] - p[0][k]);
            }
            float v[4];
            for (std::size_t k = 0; k < 4; ++k) {
                const float a = rows[0][k] + c.part[1] * (rows[1][k] - rows[0][k]),
                            b = rows[2][k] + c.part[1] * (rows[3][k] - rows[2][k]);
                v[k] = a + c.part[0] * (b - a);
            }
            out[i] = {v[0] * v[0], v[1] * v[1], v[2] * v[2]};
            if (off)
                away[i] = v[3];
        }
    });
    if (off)
        *off = Plane(w, picture.height(), std::move(away));
    return {w, picture.height(), std::move(out)};
}

ExactLab withFinish(const ExactLab& satin, Finish finish)
{
    if (finish == Finish::Satin)
        return satin;
    // The surface's own light is white: each of X, Y, Z over the white's changes by the same.
    const double more = seen(0, surfaceShare(finish)) - seen(0, surfaceShare(Finish::Satin));
    const auto uncurved
        = [](double f) { return f * f * f > 216.0 / 24389 ? f * f * f : (116 * f - 16) / (24389.0 / 27); };
    const double y = (satin.L + 16) / 116, x = y + satin.a / 500, z = y - satin.b / 200;
    const auto moved = [&](double f) { return std::max(0.0, uncurved(f) + more); };
    return labOf({moved(x), moved(y), moved(z)});
}

Photo lossPicture(const LinearPicture& plan, const Plane& off)
{
    constexpr float kFrom = 2, kFull = 12; // CIEDE2000
    std::vector<Rgb8> shown(off.size());
    for (std::size_t i = 0; i < shown.size(); ++i) {
        const float L = colour::lightness(luminance(plan.data()[i]));
        const float t = std::clamp((off.data()[i] - kFrom) / (kFull - kFrom), 0.f, 1.f), grey = 0.25f + 0.5f * L / 100;
        const auto c = [](float v) { return std::uint8_t(255 * std::clamp(v, 0.f, 1.f)); };
        shown[i] = {c(grey + t * (0.95f - grey)), c(grey + t * (0.45f - grey)), c(grey * (1 - t) + 0.05f * t)};
    }
    return {off.width(), off.height(), std::move(shown)};
}

Kept keptOf(const Plane& off)
{
    Kept k;
    const double all = double(std::max<std::size_t>(off.size(), 1));
    for (std::size_t i = 0; i < off.size(); ++i) {
        const double d = double(off.data()[i]);
        k.within2 += d <= 2, k.within4 += d <= 4, k.within8 += d <= 8, k.mean += d;
    }
    k.within2 /= all, k.within4 /= all, k.within8 /= all, k.mean /= all;
    return k;
}

} // namespace rl::paint
