// What light meets: elements as cards at halving resolutions.
#include "core/stage/layers.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
std::vector<Plane> mipsOf(cv::Mat cover)
{
    std::vector<Plane> mips;
    while (true) {
        mips.push_back(Plane::fromMat(cover));
        if (std::max(cover.cols, cover.rows) <= 2)
            return mips;
        cv::Mat soft, half;
        cv::blur(cover, soft, cv::Size(3, 3), cv::Point(-1, -1), cv::BORDER_CONSTANT);
        cv::resize(
            soft, half, cv::Size(std::max(1, cover.cols / 2), std::max(1, cover.rows / 2)), 0, 0, cv::INTER_AREA);
        cover = half;
    }
}

/// Between its pixels a level twice as coarse counts a quarter and three quarters of two neighbours.
std::vector<Plane> widesOf(const std::vector<Plane>& mips)
{
    std::vector<Plane> wides;
    for (std::size_t k = 0; k + 1 < mips.size(); ++k) {
        const Plane& c = mips[k + 1];
        const int width = mips[k].width() + 2; // from pixel -1 to one beyond the last
        std::vector<float> out(std::size_t(width) * std::size_t(c.height()));
        for (int y = 0; y < c.height(); ++y)
            for (int i = 0; i < width; ++i) {
                const int x = i - 1, own = x >> 1, other = x & 1 ? own + 1 : own - 1;
                const auto value = [&](int at) { return at < 0 || at >= c.width() ? 0.f : c.at(at, y); };
                out[std::size_t(y) * std::size_t(width) + std::size_t(i)] = 0.75f * value(own) + 0.25f * value(other);
            }
        wides.emplace_back(width, c.height(), std::move(out));
    }
    return wides;
}

std::vector<float> footOf(const cv::Mat& cover)
{
    std::vector<float> foot(std::size_t(cover.cols), 0.f);
    const int rows = std::max(1, cover.rows / 25);
    for (int x = 0; x < cover.cols; ++x)
        foot[std::size_t(x)] = float(cv::mean(cover(cv::Rect(x, cover.rows - rows, 1, rows)))[0]);
    return foot;
}

/// The top leans to the right by `shear`; the sheet grows by as much.
cv::Mat leant(const cv::Mat& cover, double shear, double& shiftPx)
{
    const double k = std::tan(radians(shear)), reach = std::abs(k) * cover.rows;
    shiftPx = k < 0 ? reach : 0;
    const cv::Matx23d map(1, -k, k * cover.rows + shiftPx, 0, 1, 0);
    cv::Mat out;
    cv::warpAffine(cover, out, map, cv::Size(cover.cols + int(std::ceil(reach)), cover.rows), cv::INTER_LINEAR);
    return out;
}
} // namespace

double opacityOf(const Element& e)
{
    return e.material == Material::Glass ? 0.3 : e.material == Material::Thin ? 1 - 0.8 * e.through : 1.0;
}

std::shared_ptr<const Caster> casterOf(const cv::Mat& alpha, const Element& e, double lengthM, double share)
{
    auto caster = std::make_shared<Caster>();
    const double wanted = std::min(1.0, 320.0 / std::max(alpha.cols, alpha.rows));
    // Square pixels in the scene: the width carries the stretch and the turn.
    const double turned = std::cos(radians(e.yaw));
    const int rows = std::max(1, int(std::lround(alpha.rows * wanted)));
    const double perM = rows / e.heightM;
    const int cols = std::clamp(int(std::lround(lengthM * std::abs(turned) * perM)), 1, 2000);
    cv::Mat cover;
    cv::resize(alpha, cover, cv::Size(cols, rows), 0, 0, cv::INTER_AREA);
    cover.convertTo(cover, CV_32F, opacityOf(e) / 255.0);
    if (e.mirrored != (turned < 0)) {
        cv::flip(cover, cover, 1);
        share = 1 - share;
    }
    double shift = 0;
    if (e.shear != 0)
        cover = leant(cover, e.shear, shift);
    const double left = -share * lengthM * std::abs(turned) - shift / perM;
    const int strips = std::abs(e.yaw) < 12 ? 1 : 5;
    for (int i = 0; i < strips; ++i) {
        const int x0 = cover.cols * i / strips, x1 = cover.cols * (i + 1) / strips;
        if (x1 <= x0)
            continue;
        CasterCard card;
        card.pixelsPerM = perM;
        card.left = left + x0 / perM;
        card.top = e.heightM;
        const double across = card.left + (x1 - x0) / (2 * perM);
        card.z = strips == 1 ? 0 : across * std::tan(radians(e.yaw));
        card.mips = mipsOf(strips == 1 ? cover : cover.colRange(x0, x1).clone());
        card.wides = widesOf(card.mips);
        caster->cards.push_back(std::move(card));
    }
    caster->footZ = 0;
    caster->foot = strips == 1 ? footOf(cover) : std::vector<float>(std::size_t(cover.cols), 0.f);
    return caster;
}

std::shared_ptr<const Caster> carried(const Caster& own, const Element& e, const Vec3& foot)
{
    auto caster = std::make_shared<Caster>(own);
    for (CasterCard& c : caster->cards)
        c.left += foot.x, c.top += e.altitudeM, c.z += foot.z;
    caster->footZ += foot.z;
    caster->element = e.id;
    caster->thin = e.material == Material::Thin;
    if (std::abs(e.altitudeM) >= 0.05 * e.heightM)
        std::fill(caster->foot.begin(), caster->foot.end(), 0.f);
    return caster;
}

std::shared_ptr<const Caster> casterOf(const Mesh& mesh, double opacity)
{
    auto caster = std::make_shared<Caster>();
    const Mesh::Bounds b = mesh.bounds();
    const double deep = b.high.z - b.low.z, most = std::max(b.high.x - b.low.x, b.high.y - b.low.y);
    const int count = deep < 0.15 * most ? 1 : deep < 0.5 * most ? 3 : 5;
    const Slabs slabs = slabsOf(mesh, count, 256);
    cv::Mat floor;
    for (std::size_t i = 0; i < slabs.cover.size(); ++i) {
        CasterCard card;
        card.left = slabs.left, card.top = slabs.top, card.pixelsPerM = slabs.pixelsPerM, card.z = slabs.z[i];
        card.mips = mipsOf(slabs.cover[i].mat() * opacity);
        card.wides = widesOf(card.mips);
        floor = floor.empty() ? slabs.cover[i].mat().clone() : cv::Mat(cv::max(floor, slabs.cover[i].mat()));
        caster->cards.push_back(std::move(card));
    }
    caster->footZ = (b.low.z + b.high.z) / 2;
    if (!floor.empty())
        caster->foot
            = std::abs(b.low.y) < 0.05 * most ? footOf(floor) : std::vector<float>(std::size_t(floor.cols), 0.f);
    return caster;
}

} // namespace rl::stage
