#include "core/stage/camera.h"
#include <limits>
#include <opencv2/imgproc.hpp>

namespace rl::stage {

Eye eyeOf(const Project& p)
{
    return {p.brief.widthCm / (2 * std::tan(radians(p.camera.fovDegrees) / 2)), p.brief.widthCm / 2, p.camera.horizonCm,
        p.camera.eyeHeightM};
}

Vec2 projected(const Eye& e, Vec3 at)
{
    return {e.x0 + e.focalCm * at.x / at.z, e.horizon + e.focalCm * (e.heightM - at.y) / at.z};
}

Vec3 atDistance(const Eye& e, Vec2 c, double z)
{
    return {(c.x - e.x0) * z / e.focalCm, e.heightM - (c.y - e.horizon) * z / e.focalCm, z};
}

double groundDistance(const Eye& e, double y)
{
    return y > e.horizon ? e.focalCm * e.heightM / (y - e.horizon) : std::numeric_limits<double>::infinity();
}

double standingHeightCm(const Eye& e, double footY, double heightM)
{
    return footY > e.horizon ? heightM * (footY - e.horizon) / e.heightM : 0;
}

Vec3 footOf(const Eye& eye, const Element& e)
{
    const double z = groundDistance(eye, e.baseCm.y);
    return {(e.baseCm.x - eye.x0) * z / eye.focalCm, 0, z};
}

std::array<Vec3, 4> cardCorners(const Eye& eye, const Element& e, double widthOverHeight, double share)
{
    const Vec3 foot = footOf(eye, e);
    const double wide = e.heightM * widthOverHeight * e.stretch, own = e.mirrored ? 1 - share : share,
                 left = -own * wide, right = left + wide, c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)),
                 lean = std::tan(radians(e.shear)) * e.heightM;
    const auto at = [&](double u, double y) {
        return Vec3{foot.x + u * c, e.altitudeM + y, std::max(0.05, foot.z + u * s)};
    };
    return {at(lean + left, e.heightM), at(lean + right, e.heightM), at(right, 0), at(left, 0)};
}

namespace {
constexpr double kHighestFoot = 0.2, kStandsOut = 0.04; // shares of the height

/// Of each column of the box, how far up its lowest point lies; 1e9 where there is none.
std::vector<double> lowestOf(const Mask& alpha, const Rect& box)
{
    const int left = int(box.x), top = int(box.y), w = int(box.width), h = int(box.height);
    std::vector<double> low(std::size_t(w), 1e9);
    for (int x = 0; x < w; ++x)
        for (int y = h - 1; y >= 0 && low[std::size_t(x)] > 1e8; --y)
            if (alpha.at(left + x, top + y) > 127)
                low[std::size_t(x)] = double(h - 1 - y) / h;
    return low;
}

std::vector<Foot> feetOf(const std::vector<double>& low)
{
    std::vector<Foot> feet;
    const auto count = int(low.size());
    for (int x = 0; x < count; ++x) {
        const double y = low[std::size_t(x)];
        if (y > kHighestFoot || (x > 0 && low[std::size_t(x - 1)] <= y))
            continue;
        // How far up the outline must be climbed to come to something lower, on either side.
        const auto climb = [&](int step) {
            double top = y;
            for (int i = x + step; i >= 0 && i < count; i += step) {
                if (low[std::size_t(i)] < y || (step < 0 && low[std::size_t(i)] == y))
                    return top - y;
                top = std::max(top, low[std::size_t(i)]);
            }
            return 1e9;
        };
        if (std::min(climb(-1), climb(1)) < kStandsOut)
            continue;
        int a = x, b = x;
        while (a > 0 && low[std::size_t(a - 1)] <= y + kStandsOut)
            --a;
        while (b + 1 < count && low[std::size_t(b + 1)] <= y + kStandsOut)
            ++b;
        feet.push_back({double(a) / count, double(b + 1) / count, y});
    }
    return feet;
}
} // namespace

Footing footingOf(const Mask& alpha, const Rect& box)
{
    Footing s;
    const int left = int(box.x), top = int(box.y), w = int(box.width), h = int(box.height);
    if (w <= 0 || h <= 0)
        return s;
    const int rows = std::max(1, h / 30), gap = std::max(2, w / 40);
    double sum = 0, weight = 0;
    int last = -1;
    for (int x = 0; x < w; ++x) {
        int count = 0;
        for (int y = top + h - rows; y < top + h; ++y)
            count += alpha.at(left + x, y) > 127;
        if (count == 0)
            continue;
        sum += (x + 0.5) * count, weight += count;
        if (last < 0 || x - last > gap)
            s.touching.push_back({double(x) / w, 0});
        s.touching.back()[1] = double(x + 1) / w;
        last = x;
    }
    if (weight > 0)
        s.foot = sum / weight / w;
    s.feet = feetOf(lowestOf(alpha, box));
    return s;
}

double seenBackM(const Project& project, const Element& e, const Foot& f)
{
    const Eye eye = eyeOf(project);
    const double z = groundDistance(eye, e.baseCm.y), h = f.up * e.heightM;
    return std::isfinite(z) && h < 0.7 * eye.heightM ? z * h / (eye.heightM - h) : 0;
}

Placement placementOf(const Project& project, const Element& element, const Rect& shape, double share)
{
    Placement place;
    const Eye eye = eyeOf(project);
    place.distance = groundDistance(eye, element.baseCm.y);
    if (!std::isfinite(place.distance) || shape.width <= 0 || shape.height <= 0)
        return place;
    const double cmPerM = eye.focalCm / place.distance;
    place.heightM = element.heightM;
    place.widthM = element.heightM * shape.width / shape.height * element.stretch;
    place.altitudeM = element.altitudeM;
    place.heightCm = element.heightM * cmPerM;
    place.cmPerPixel = place.heightCm / shape.height;
    place.visible = true;
    if (element.yaw == 0 && element.shear == 0) {
        const double foot = element.baseCm.y - element.altitudeM * cmPerM;
        const double own = element.mirrored ? 1 - share : share;
        place.canvas = {element.baseCm.x - own * place.widthM * cmPerM, foot - place.heightCm, place.widthM * cmPerM,
            place.heightCm};
        return place;
    }
    double l = 1e300, t = 1e300, r = -1e300, b = -1e300;
    for (const Vec3& corner : cardCorners(eye, element, shape.width / shape.height, share)) {
        const Vec2 q = projected(eye, corner);
        l = std::min(l, q.x), r = std::max(r, q.x), t = std::min(t, q.y), b = std::max(b, q.y);
    }
    place.canvas = {l, t, r - l, b - t};
    return place;
}

Rect backdropPlace(const Project& p)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r)
        return {};
    const double pw = r->pixels.width(), ph = r->pixels.height(), h = p.backdrop.horizon * ph;
    const double above = std::max(0.0, p.camera.horizonCm),
                 below = std::max(0.0, p.brief.heightCm - p.camera.horizonCm);
    const double cmPerPixel = std::max({p.brief.widthCm / pw, above / h, below / (ph - h)});
    return {p.brief.widthCm / 2 - pw / 2 * cmPerPixel, p.camera.horizonCm - h * cmPerPixel, pw * cmPerPixel,
        ph * cmPerPixel};
}

Rect shapeOf(const Mask& alpha)
{
    if (alpha.empty())
        return {};
    const cv::Rect box = cv::boundingRect(cv::Mat(alpha.mat() > 127));
    return {double(box.x), double(box.y), double(box.width), double(box.height)};
}

Vec3 sceneDirection(double azimuth, double elevation)
{
    const double a = radians(azimuth), e = radians(elevation);
    return {std::cos(e) * std::sin(a), std::sin(e), std::cos(e) * std::cos(a)};
}

Vec3 sceneDirection(const PictureLight& l)
{
    const double a = radians(l.azimuth), e = radians(l.elevation);
    return {std::cos(e) * std::cos(a), std::cos(e) * std::sin(a), -std::sin(e)};
}

PictureLight pictureLight(Vec3 d)
{
    const double n = std::max(d.length(), 1e-12);
    return {wrapped360(degrees(std::atan2(d.y, d.x))), degrees(std::asin(std::clamp(-d.z / n, -1.0, 1.0))), 1};
}

PictureLight pictureLight(double azimuth, double elevation)
{
    return pictureLight(sceneDirection(azimuth, elevation));
}

} // namespace rl::stage
