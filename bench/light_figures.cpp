// Shadows and mirror images against a plain ray tracer.
#include "bench/figures.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/relief/detail.h"
#include "store/picture_reader.h"
#include "tests/kit/rays.h"
#include <filesystem>
#include <numeric>
#include <opencv2/imgcodecs.hpp>

namespace rl::bench {

namespace {
constexpr int kWide = 300; // px
/// One stand-in on an empty ground.
struct Case {
    Project project;
    std::shared_ptr<const stage::StageFrame> frame;
    stage::Mesh mesh;
};
Case caseOf(Solid solid, double x, double y, double yaw)
{
    Case c;
    c.project.brief.widthCm = 60, c.project.brief.heightCm = 40;
    c.project.camera = {14, 1.6, 50};
    Element e = edits::standinOf(solid);
    e.baseCm = {x, y};
    e.yaw = yaw;
    e.heightM = 1.5;
    c.project = edits::withElement(std::move(c.project), e);
    stage::SurfaceCache cache;
    NoProgress progress;
    c.frame = stage::compose(c.project, kWide, cache, progress);
    c.mesh = stage::standingMesh(c.project, c.project.elements[0], cache);
    return c;
}

Mask shadowOf(const stage::StageFrame& f, const light::LightPlanes& planes)
{
    std::vector<std::uint8_t> out(planes.groundShade.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = light::lightThrough(planes.groundShade[i]) < 0.5f ? 255 : 0;
    return {f.width, f.height - f.groundTop, std::move(out)};
}
} // namespace

void yardstickFigures(std::vector<Figure>& out)
{
    std::vector<double> sun, lamp;
    for (const Solid solid : {Solid::Box, Solid::Column, Solid::Cone, Solid::Figure, Solid::Arch, Solid::Turned})
        for (const double yaw : {0.0, 35.0}) {
            const Case c = caseOf(solid, 28, 24, yaw);
            for (const double azimuth : {20.0, 140.0, 215.0, 305.0}) {
                Sun s;
                s.azimuth = azimuth, s.elevation = 35, s.diameter = 0.01;
                const Mask truth
                    = kit::shadowOnGround(*c.frame, c.mesh, {true, stage::sceneDirection(azimuth, s.elevation)});
                sun.push_back(kit::apart(truth, shadowOf(*c.frame, light::sunPlanes(*c.frame, s)), 0.02));
            }
            for (const Vec3 at : {Vec3{-2, 3, 4}, Vec3{2.5, 2.5, 9}}) {
                Lantern l;
                l.position = at, l.radius = 0.005;
                const Mask truth = kit::shadowOnGround(*c.frame, c.mesh, {false, at});
                lamp.push_back(kit::apart(truth, shadowOf(*c.frame, light::lanternPlanes(*c.frame, l)), 0.02));
            }
        }
    const auto add = [&](const std::string& name, std::vector<double> v) {
        std::sort(v.begin(), v.end());
        out.push_back({name + ", median of " + std::to_string(v.size()), 100 * v[v.size() / 2] / kWide, "% w", 1});
        out.push_back({name + ", worst", 100 * v.back() / kWide, "% w", 1});
    };
    add("shadow edge of a stand-in in the sun against ray tracing", sun);
    add("shadow edge of a stand-in by a lantern against ray tracing", lamp);
}

namespace {
/// Mean angle between a relief and the true normals, degrees. \param truth every second pixel, (n + 1) / 2, black =
/// none
double reliefError(const Photo* photo, const Mask& mask, const cv::Mat& truth, relief::Shape shape)
{
    relief::Relief r = relief::reliefOf(mask, shape, std::max(mask.width(), mask.height()));
    if (photo)
        relief::lift(r, relief::readPhoto(*photo, mask));
    double sum = 0;
    int n = 0;
    for (int y = 0; y < truth.rows; ++y)
        for (int x = 0; x < truth.cols; ++x) {
            const cv::Vec3b c = truth.at<cv::Vec3b>(y, x); // blue, green, red
            const int u = int((2 * x - r.box.x) * r.scale), v = int((2 * y - r.box.y) * r.scale);
            if ((c[0] == 0 && c[1] == 0 && c[2] == 0) || !r.normals.contains(u, v) || !r.inside.at(u, v))
                continue;
            const double tx = c[2] / 127.5 - 1, ty = c[1] / 127.5 - 1, tz = c[0] / 127.5 - 1;
            const Vec3f m = r.normals.at(u, v);
            const double k = std::sqrt(tx * tx + ty * ty + tz * tz);
            const double cosine = (double(m.x) * tx + double(m.y) * ty + double(m.z) * tz) / std::max(k, 1e-9);
            sum += degrees(std::acos(std::clamp(cosine, -1.0, 1.0))), ++n;
        }
    return n ? sum / n : 0;
}
} // namespace

void reliefFigures(std::vector<Figure>& out)
{
    std::vector<double> detailed, puffed, flat;
    for (const auto& entry : std::filesystem::directory_iterator(RL_LIGHT_EXAMPLES)) {
        const std::string name = entry.path().string(), end = "_normal.png";
        if (!name.ends_with(end))
            continue;
        const cv::Mat truth = cv::imread(name, cv::IMREAD_COLOR),
                      mask = cv::imread(name.substr(0, name.size() - end.size()) + "_mask.png", cv::IMREAD_GRAYSCALE);
        if (truth.empty() || mask.empty())
            continue;
        const auto photo = store::readPicture(std::filesystem::path(name.substr(0, name.size() - end.size()) + ".jpg"));
        if (photo)
            detailed.push_back(reliefError(&photo->pixels, Mask::fromMat(mask), truth, relief::Shape::Puffed));
        puffed.push_back(reliefError(nullptr, Mask::fromMat(mask), truth, relief::Shape::Puffed));
        flat.push_back(reliefError(nullptr, Mask::fromMat(mask), truth, relief::Shape::Card));
    }
    const auto mean = [](const std::vector<double>& v) {
        return v.empty() ? 0.0 : std::accumulate(v.begin(), v.end(), 0.0) / double(v.size());
    };
    out.push_back({"relief: mean normal error on " + std::to_string(detailed.size()) + " examples, with surface detail",
        mean(detailed), "°", 20});
    out.push_back({"relief: the same from the outline alone", mean(puffed), "°", 0});
    out.push_back({"relief: the same of a flat card", mean(flat), "°", 0});
}

} // namespace rl::bench
