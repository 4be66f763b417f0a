#include "core/relief/photo_light.h"
#include "core/base/geometry.h"
#include "core/relief/canvas.h"
#include "core/relief/photo_scores.h"
#include "core/relief/relief.h"
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
std::size_t wrap(int i)
{
    return std::size_t((i + kAzimuths) % kAzimuths);
}
double parabolaPeak(double before, double at, double after)
{
    const double bend = before - 2 * at + after;
    return bend < -1e-12 ? std::clamp(0.5 * (before - after) / bend, -1.0, 1.0) : 0;
}
int peakOf(const AzimuthScore& v)
{
    return int(std::max_element(v.begin(), v.end()) - v.begin());
}
/// Degrees, between the steps.
double peakAngle(const AzimuthScore& v)
{
    const int i = peakOf(v);
    return wrapped360(5.0 * (i + parabolaPeak(v[wrap(i - 1)], v[wrap(i)], v[wrap(i + 1)])));
}
AzimuthScore bestElevations(const InteriorScore& interior)
{
    AzimuthScore best{};
    for (std::size_t i = 0; i < kAzimuths; ++i)
        best[i] = *std::max_element(interior[i].begin(), interior[i].end());
    return best;
}
/// A soft choice among the elevations that explain the inside near one azimuth.
double elevationNear(const InteriorScore& interior, double azimuth)
{
    const int i = int(std::lround(azimuth / 5));
    std::array<double, kElevations> profile{};
    for (std::size_t e = 0; e < kElevations; ++e) {
        profile[e] = -1;
        for (int d = -3; d <= 3; ++d)
            profile[e] = std::max(profile[e], interior[wrap(i + d)][e]);
    }
    const double top = *std::max_element(profile.begin(), profile.end());
    double weights = 0, weighted = 0;
    for (int e = 0; e < kElevations; ++e) {
        const double w = std::exp(25 * (profile[std::size_t(e)] - top));
        weights += w;
        weighted += w * elevationOf(e);
    }
    return weighted / weights;
}

/// By the outline and the form puffed up from it.
MeasuredLight byOutline(const Work& work, const ContourBins& bins)
{
    MeasuredLight light;
    light.contrast = bins.contrast;
    cv::Mat normals(work.inside.size(), CV_32FC3, cv::Scalar(0, 0, 1));
    const Relief relief = reliefOf(Mask::fromMat(work.inside.clone()), Shape::Puffed, 4096);
    if (relief.normals.empty())
        return light;
    relief.normals.mat().copyTo(
        normals(cv::Rect(int(relief.box.x), int(relief.box.y), relief.normals.width(), relief.normals.height())));
    const InteriorScore interior = interiorScore(work.luminance, work.valid & work.inside, normals, 0);
    const AzimuthScore contour = contourScore(bins, 0), best = bestElevations(interior);
    AzimuthScore sum{};
    for (std::size_t i = 0; i < kAzimuths; ++i)
        sum[i] = (best[i] + 2 * contour[i]) / 3;
    const std::size_t i = std::size_t(peakOf(sum));
    light.azimuth = peakAngle(sum);
    light.elevation = elevationNear(interior, 5.0 * double(i));
    const double apart = 5.0 * (peakOf(contour) - peakOf(best));
    light.confidence = std::clamp(contour[i], 0.0, 1.0) * std::clamp(best[i], 0.0, 1.0)
        * (0.5 + 0.5 * std::cos(radians(apart))) * std::clamp(bins.contrast / 0.35, 0.0, 1.0);
    return light;
}

constexpr double kSky = 0.1;

/// What the second reading knows.
struct Evidence {
    AzimuthScore contour{}, best{};
    InteriorScore interior{};
    Vec3 seen; ///< the network's light
    double seenAzimuth = 0, across = 0; ///< degrees; its length in the picture's plane
    double azimuth() const
    {
        AzimuthScore s{};
        for (int i = 0; i < kAzimuths; ++i)
            s[std::size_t(i)] = (best[std::size_t(i)] + contour[std::size_t(i)]) / 2
                + 0.6 * std::min(across, 10.0) / 10 * std::cos(radians(azimuthOf(i) - seenAzimuth));
        return peakAngle(s);
    }
    double elevation(double azimuth) const
    {
        return 0.85 * degrees(std::atan2(seen.z, across)) + 0.15 * elevationNear(interior, azimuth);
    }
};

struct Spread {
    double deviation = 0, size = 0; ///< size: mean of the absolute
};
Spread spreadOf(const Canvas& c, std::size_t plane)
{
    double sum = 0, squares = 0, size = 0;
    int n = 0;
    for (std::size_t i = 0; i < kNetPlane; ++i)
        if (c.inside.data[i]) {
            const double v = double(c.planes[plane * kNetPlane + i]);
            sum += v, squares += v * v, size += std::abs(v), ++n;
        }
    return {std::sqrt(std::max(0.0, squares / n - sum / n * (sum / n))), size / n};
}

/// How often such an azimuth is within 30°. \param first the confidence of the reading by outline
double confidenceOf(const Canvas& c, const Evidence& e, double azimuth, double contrast, double first)
{
    std::vector<float> bright;
    for (std::size_t i = 0; i < kNetPlane; ++i)
        if (c.inside.data[i])
            bright.push_back(c.planes[4 * kNetPlane + i] + 0.5f);
    std::sort(bright.begin(), bright.end());
    const auto share = [&](double part) { return double(bright[std::size_t(part * double(bright.size() - 1))]); };
    const std::size_t at = wrap(int(std::lround(azimuth / 5)));
    const double turned = std::log1p(e.across);
    const double features[]{turned, e.contour[at], e.best[at], std::cos(radians(azimuth - e.seenAzimuth)) * turned,
        std::cos(radians(5.0 * (peakOf(e.contour) - peakOf(e.best)))), std::min(contrast / 0.35, 1.0), first,
        std::log1p(e.seen.length()), c.clipped, spreadOf(c, 6).deviation, share(0.995) - share(0.9),
        share(0.9) - share(0.5), spreadOf(c, 5).deviation, std::log(contrast + 0.03),
        spreadOf(c, 7).size + spreadOf(c, 8).size};
    constexpr double weights[]{0.740904, -0.129215, 1.05118, 0.787443, -0.134634, 0.815335, -0.432281, 0.177575, 1.3763,
        -0.313221, 1.12074, 0.693584, -1.33731, -0.259878, 0.228591};
    return 1 / (1 + std::exp(4.00158 - std::inner_product(std::begin(features), std::end(features), weights, 0.0)));
}

/// How far off such readings were on made pictures. Less sure never means nearer.
void addFan(MeasuredLight& l)
{
    struct Known {
        double confidence, half, most, elevation;
    };
    constexpr Known known[]{{0.125, 71, 163, 61}, {0.35, 32, 103, 38}, {0.525, 21, 79, 27}, {0.66, 16, 57, 27},
        {0.77, 14, 40, 27}, {0.86, 12, 32, 22}, {0.925, 9, 24, 21}, {0.975, 5, 17, 15}};
    const Known* after = std::begin(known);
    while (after != std::end(known) - 1 && after->confidence < l.confidence)
        ++after;
    const Known* before = after == std::begin(known) ? after : after - 1;
    const double wide = after->confidence - before->confidence,
                 t = wide > 0 ? std::clamp((l.confidence - before->confidence) / wide, 0.0, 1.0) : 0;
    l.azimuthHalf = before->half + t * (after->half - before->half);
    l.azimuthMost = before->most + t * (after->most - before->most);
    l.elevationMost = before->elevation + t * (after->elevation - before->elevation);
}

/// \param sure confidence of an azimuth
template <class Sure>
void chooseDirection(MeasuredLight& light, const MeasuredLight& byOutline, double byShading, const Sure& sure)
{
    constexpr double agree = 30;
    const double apart = turnBetween(byOutline.azimuth, byShading);
    if (std::abs(apart) <= agree)
        light.azimuth = wrapped360(byOutline.azimuth + apart / 2), light.source = LightSource::Both;
    else if (sure(byShading) >= sure(byOutline.azimuth))
        light.azimuth = byShading, light.source = LightSource::Shading;
    else
        light.azimuth = byOutline.azimuth, light.source = LightSource::Outline;
    light.confidence = sure(light.azimuth);
}

/// How surely the thing is no pillow, 0…1: round things in any light differ from their puffed outline by some ten
/// degrees in the mean.
double unlikePillow(const Canvas& c, const cv::Mat& lifted)
{
    double sum = 0;
    for (std::size_t i = 0; i < kNetPlane; ++i)
        if (c.inside.data[i]) {
            const auto at = [&](const cv::Mat& m) { return reinterpret_cast<const cv::Vec3f*>(m.data)[i]; };
            sum += std::acos(std::clamp(double(at(c.normals).dot(at(lifted))), -1.0, 1.0));
        }
    const double differs = degrees(sum / std::max(1, cv::countNonZero(c.inside)));
    return std::clamp((differs - 14) / (20 - 14), 0.0, 1.0);
}

/// The normals of the outline alone are kept as far as the light is unsure, but not of what is no pillow.
void keepLift(PhotoReading& r, const Canvas& c, const NetAnswer& answer, const cv::Mat& lifted)
{
    std::vector<Vec3f> lift;
    for (int y = 0; y < c.place.height; ++y)
        for (int x = 0; x < c.place.width; ++x) {
            const auto i = std::size_t((c.place.y + y) * kNetSide + c.place.x + x);
            lift.push_back({answer.lift[i], answer.lift[i + kNetPlane], answer.lift[i + 2 * kNetPlane]});
        }
    r.lift = {c.place.width, c.place.height, std::move(lift)};
    const double unlike = unlikePillow(c, lifted);
    r.share = std::max(unlike, std::min(1.0, 0.5 + 2 * r.light.confidence));
    r.flat = unlike * std::max(0.0, 1 - 2 * r.light.confidence);
}
} // namespace

PhotoReading readPhoto(const Photo& picture, const Mask& alpha)
{
    PhotoReading r;
    if (picture.empty() || alpha.width() != picture.width() || alpha.height() != picture.height())
        return r;
    const Work work = workCopy(picture, alpha);
    if (work.luminance.empty() || cv::countNonZero(work.valid) < 60)
        return r;
    const ContourBins bins = contourBins(work);
    r.light.contrast = bins.contrast;
    if (bins.mean.size() < 6)
        return r;
    const MeasuredLight first = byOutline(work, bins);
    const Canvas canvas = canvasOf(picture, alpha);
    if (canvas.inside.empty()) {
        r.light = first;
        return r;
    }
    const NetAnswer answer = readCanvas(canvas, first.azimuth, first.elevation, first.confidence);
    const cv::Mat lifted = liftedNormals(canvas, answer);
    Evidence e;
    e.contour = contourScore(bins, kSky);
    e.interior = interiorScore(canvas.luminance, canvas.valid, lifted, kSky);
    e.best = bestElevations(e.interior);
    e.seen = answer.light;
    e.across = std::hypot(answer.light.x, answer.light.y);
    e.seenAzimuth = degrees(std::atan2(answer.light.y, answer.light.x));
    chooseDirection(r.light, first, e.azimuth(),
        [&](double azimuth) { return confidenceOf(canvas, e, azimuth, bins.contrast, first.confidence); });
    r.light.elevation = e.elevation(r.light.azimuth);
    addFan(r.light);
    keepLift(r, canvas, answer, lifted);
    return r;
}

MeasuredLight photoLight(const Photo& picture, const Mask& alpha)
{
    return readPhoto(picture, alpha).light;
}

} // namespace rl::relief
