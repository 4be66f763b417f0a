#include "core/paint/swatch_card.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/paint/markers.h"
#include <Eigen/Dense>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::paint {

namespace {
constexpr double kPxPerMm = 6;
constexpr double kEdge = 12, kTop = 44, kRow = 19; // mm

/// The card straightened to kPxPerMm; empty where the marks are not found.
cv::Mat straightened(const Photo& photo, const CardLayout& layout)
{
    cv::Mat grey;
    cv::cvtColor(photo.mat(), grey, cv::COLOR_RGB2GRAY);
    const auto [corners, ids] = markersIn(grey, Corners::Refined);
    std::vector<cv::Point2f> seen, real;
    int found = 0;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        if (ids[i] < 0 || ids[i] > 3)
            continue;
        ++found;
        const Rect& r = layout.marks[std::size_t(ids[i])];
        const Vec2 square[] = {{r.x, r.y}, {r.right(), r.y}, {r.right(), r.bottom()}, {r.x, r.bottom()}};
        for (std::size_t k = 0; k < 4; ++k) {
            seen.push_back(corners[i][k]);
            real.emplace_back(float(square[k].x * kPxPerMm), float(square[k].y * kPxPerMm));
        }
    }
    if (found < 4)
        return {};
    const cv::Mat way = cv::findHomography(seen, real, cv::RANSAC, 4);
    cv::Mat out;
    if (!way.empty())
        cv::warpPerspective(photo.mat(), out, way,
            cv::Size(int(CardLayout::kWide * kPxPerMm), int(CardLayout::kHigh * kPxPerMm)), cv::INTER_AREA);
    return out;
}

cv::Rect pixels(const Rect& mm, double inner)
{
    const double w = mm.width * inner, h = mm.height * inner;
    return {int((mm.centre().x - w / 2) * kPxPerMm), int((mm.centre().y - h / 2) * kPxPerMm), int(w * kPxPerMm),
        int(h * kPxPerMm)};
}

struct Sample {
    std::array<double, 3> median{}; ///< linear
    double clipped = 0; ///< share of pixels at the end of a channel
    double glare = 0; ///< L* by which its lightest tenth stands over the middle
};
Sample sampleOf(const cv::Mat& card, const cv::Rect& at)
{
    Sample s;
    std::array<std::vector<float>, 3> linear;
    std::vector<float> L;
    int clipped = 0, n = 0;
    for (int y = at.y; y < at.br().y; ++y)
        for (int x = at.x; x < at.br().x; ++x) {
            const auto c = card.at<cv::Vec3b>(y, x);
            ++n;
            bool end = false;
            Rgb rgb;
            float* to[] = {&rgb.r, &rgb.g, &rgb.b};
            for (int k = 0; k < 3; ++k) {
                end = end || c[k] > 250 || c[k] < 3;
                *to[k] = colour::linearOf(c[k]);
                linear[std::size_t(k)].push_back(*to[k]);
            }
            clipped += end;
            L.push_back(colour::lightness(luminance(rgb)));
        }
    const auto at_ = [](std::vector<float>& v, double share) {
        const auto i = std::ptrdiff_t(share * double(v.size() - 1));
        std::nth_element(v.begin(), v.begin() + i, v.end());
        return double(v[std::size_t(i)]);
    };
    for (std::size_t k = 0; k < 3; ++k)
        s.median[k] = at_(linear[k], 0.5);
    s.clipped = double(clipped) / std::max(n, 1);
    s.glare = at_(L, 0.93) - at_(L, 0.5);
    return s;
}

/// A smooth field of light over the card: a quadratic in x and y for each channel, fitted to bare paper; what lies off
/// it (a shadow's edge, a glare, a finger) is left out.
class Field {
public:
    Field(const cv::Mat& card, const CardLayout& layout)
    {
        std::vector<std::pair<Vec2, std::array<double, 3>>> all;
        for (const Vec2& mm : layout.paper)
            all.emplace_back(mm, sampleOf(card, pixels({mm.x - 1.5, mm.y - 1, 3, 2}, 1)).median);
        for (std::size_t c = 0; c < 3; ++c) {
            std::vector<char> in(all.size(), 1);
            for (int round = 0; round < 4; ++round) {
                Eigen::MatrixXd a = Eigen::MatrixXd::Zero(6, 6);
                Eigen::VectorXd b = Eigen::VectorXd::Zero(6);
                for (std::size_t i = 0; i < all.size(); ++i)
                    if (in[i]) {
                        const auto t = terms(all[i].first);
                        a += t * t.transpose(), b += t * all[i].second[c];
                    }
                m_of[c] = a.ldlt().solve(b);
                for (std::size_t i = 0; i < all.size(); ++i) {
                    const double fitted = m_of[c].dot(terms(all[i].first));
                    in[i] = std::abs(all[i].second[c] - fitted) < 0.06 * std::max(fitted, 1e-3);
                }
            }
        }
    }
    std::array<double, 3> at(Vec2 mm) const
    {
        const auto t = terms(mm);
        return {m_of[0].dot(t), m_of[1].dot(t), m_of[2].dot(t)};
    }

private:
    static Eigen::Matrix<double, 6, 1> terms(Vec2 mm)
    {
        const double x = mm.x / CardLayout::kWide - 0.5, y = mm.y / CardLayout::kHigh - 0.5;
        Eigen::Matrix<double, 6, 1> t;
        t << 1, x, y, x * x, x * y, y * y;
        return t;
    }
    std::array<Eigen::VectorXd, 3> m_of;
};

colour::ExactLab labOf(const Sample& s, const std::array<double, 3>& light, double paperY)
{
    const auto of
        = [&](std::size_t c) { return float(std::max(0.0, s.median[c] / std::max(light[c], 1e-4)) * paperY); };
    return colour::toLab({of(0), of(1), of(2)});
}
} // namespace

const char* wordOf(PatchKind kind)
{
    constexpr const char* kWords[] = {translatable("masstone"), translatable("1 in 2 white"),
        translatable("1 in 10 white"), translatable("over white"), translatable("over black")};
    return kWords[std::size_t(kind)];
}

CardLayout cardLayout(int tubes)
{
    CardLayout l;
    const double far = CardLayout::kMark + kEdge;
    l.marks = {{kEdge, kEdge, CardLayout::kMark, CardLayout::kMark},
        {CardLayout::kWide - far, kEdge, CardLayout::kMark, CardLayout::kMark},
        {CardLayout::kWide - far, CardLayout::kHigh - far, CardLayout::kMark, CardLayout::kMark},
        {kEdge, CardLayout::kHigh - far, CardLayout::kMark, CardLayout::kMark}};
    l.grey = {97, CardLayout::kHigh - far, 16, 12};
    constexpr double kFirst = 44, kStep = 30, kPatchWide = 25, kPatchHigh = 13;
    for (int t = 0; t < std::clamp(tubes, 1, CardLayout::kMostTubes); ++t) {
        const double y = kTop + t * kRow;
        for (int k = 0; k < kPatchKinds; ++k) {
            // Both halves of the drawdown touch: it is one stroke over white and black.
            const double x = k < 4 ? kFirst + k * kStep : kFirst + 3 * kStep + kPatchWide;
            l.patches.push_back({t, PatchKind(k), {x, y, k < 3 ? kPatchWide : kPatchWide - 1, kPatchHigh}});
        }
        for (int k = 0; k <= 3; ++k)
            l.paper.push_back({kFirst + k * kStep - (kStep - kPatchWide) / 2, y + kPatchHigh / 2});
        for (int k = 0; k < 6; ++k)
            l.paper.push_back({kFirst + 12 + k * kStep * 0.92, y + kPatchHigh + (kRow - kPatchHigh) / 2});
        l.paper.push_back({CardLayout::kWide - 8, y + kPatchHigh / 2});
        l.paper.push_back({8, y + kPatchHigh / 2});
    }
    for (const double x : {40.0, 70.0, 140.0, 170.0})
        l.paper.push_back({x, kTop - 6}), l.paper.push_back({x, CardLayout::kHigh - 18});
    return l;
}

Mask cardMark(int number)
{
    return Mask::fromMat(markerPicture(number, 6));
}

Result<CardRead> readCard(const Photo& photo, const CardLayout& layout, double paperY)
{
    if (photo.width() < 300 || photo.height() < 300)
        return Error{ErrorKind::Invalid, tr("This picture is too small for a swatch card."), {}};
    const cv::Mat card = straightened(photo, layout);
    if (card.empty())
        return Error{ErrorKind::Invalid,
            tr("The four marks of the card are not found: photograph all of it, straight on, in even daylight."), {}};
    const Field field(card, layout);
    CardRead out;
    double least = 1e9, most = 0;
    for (const Vec2& mm : layout.paper) {
        const auto v = field.at(mm);
        least = std::min(least, v[1]), most = std::max(most, v[1]);
    }
    out.unevenness = most > 0 ? 1 - least / most : 0;
    constexpr double kMiddle = 0.6, kClipped = 0.08, kGlare = 7, kBare = 2.5;
    const colour::ExactLab paper(double(colour::lightness(float(paperY))), 0, 0);
    for (const CardLayout::Patch& p : layout.patches) {
        const Sample s = sampleOf(card, pixels(p.at, kMiddle));
        PatchRead read{p.tube, p.kind, labOf(s, field.at(p.at.centre()), paperY), {}};
        if (s.clipped > kClipped)
            read.refused = tr("a channel is clipped: expose it otherwise, or use a colour reader");
        else if (s.glare > kGlare)
            read.refused = tr("glare lies on it: turn the card or the lamp");
        else if (p.kind != PatchKind::OverBlack && colour::deltaE2000(read.lab, paper) < kBare)
            read.refused = tr("it is bare paper"), read.bare = true;
        out.patches.push_back(std::move(read));
    }
    const Sample grey = sampleOf(card, pixels(layout.grey, kMiddle));
    const float y = colour::linearOf(std::uint8_t(119));
    out.greyOff = colour::deltaE2000(labOf(grey, field.at(layout.grey.centre()), paperY),
        colour::ExactLab(colour::toLab({y * float(paperY), y * float(paperY), y * float(paperY)})));
    return out;
}

} // namespace rl::paint
