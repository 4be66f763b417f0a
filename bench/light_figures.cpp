// Shadows and mirror images against a plain ray tracer.
#include "bench/figures.h"
#include "core/gather/figures.h"
#include "core/gather/measure.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/relief/detail.h"
#include "demo/demo_work.h"
#include "store/picture_reader.h"
#include "tests/kit/own_shade.h"
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
/// Of two half-shadows: what both have over what either has; 1 where neither has any.
double overlapOf(const Mask& a, const Mask& b)
{
    const double any = cv::countNonZero(a.mat() | b.mat());
    return any > 0 ? cv::countNonZero(a.mat() & b.mat()) / any : 1;
}

void addOverlap(std::vector<Figure>& out, const std::string& name, std::vector<double> v)
{
    std::sort(v.begin(), v.end());
    if (v.empty())
        return;
    out.push_back({name + ", median of " + std::to_string(v.size()), v[v.size() / 2], "IoU", 0.95, false});
    out.push_back({name + ", worst", v.front(), "IoU", 0.88, false});
}

stage::Mesh meshOf(const stage::Caster& c)
{
    stage::Mesh mesh;
    mesh.points = c.points();
    mesh.normals.assign(mesh.points.size(), Vec3{0, 1, 0});
    mesh.faces.assign(c.body()->faces.begin(), c.body()->faces.end());
    return mesh;
}
} // namespace

namespace {
/// What the thing itself covers of the ground is never seen.
Mask beside(const Mask& ground, const stage::StageFrame& f, const stage::Layer& l)
{
    cv::Mat seen = ground.mat().clone();
    for (int y = std::max(0, f.groundTop - l.top); y < l.height(); ++y)
        for (int x = 0; x < l.width(); ++x)
            if (l.cover.at(x, y) >= 0.5f)
                seen.at<std::uint8_t>(l.top + y - f.groundTop, l.left + x) = 0;
    return Mask::fromMat(seen);
}
} // namespace

void bodyFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    stage::SurfaceCache cache;
    for (const Element& e : demo->elements) {
        if (!e.cutout || (e.name != "Tortoise" && e.name != "Lamplighter" && e.name != "Salt heap"))
            continue;
        Project alone = *demo;
        alone.elements = {e};
        alone.elements[0].baseCm = {45, 42};
        const auto f = stage::compose(alone, 2 * kWide, cache, progress);
        if (f->layers.empty() || !f->layers[0].caster->body())
            continue;
        const stage::Mesh mesh = meshOf(*f->layers[0].caster);
        std::vector<double> all;
        for (int azimuth = 0; azimuth < 360; azimuth += 15) {
            Sun s;
            s.azimuth = azimuth, s.elevation = 30, s.diameter = 0.01;
            const stage::Layer& l = f->layers[0];
            const Mask truth
                = beside(kit::shadowOnGround(*f, mesh, {true, stage::sceneDirection(azimuth, s.elevation)}), *f, l);
            if (cv::countNonZero(truth.mat()) >= 200) // else it falls behind the thing or off the canvas
                all.push_back(overlapOf(truth, beside(shadowOf(*f, light::sunPlanes(*f, s)), *f, l)));
        }
        addOverlap(out, "half-shadow of the cut-out “" + e.name + "” against rays, every 15°", all);
    }
}

/// The demo's cut-outs, each alone in suns from the side and before them: light from behind is left to fuzz.
void cutOutShade(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    stage::SurfaceCache cache;
    std::vector<double> wrong;
    int shaded = 0, missed = 0, seen = 0;
    for (const Element& e : demo->elements) {
        Project alone = *demo;
        alone.elements = {e};
        alone.elements[0].baseCm = {45, 42};
        const bool shades
            = e.name == "Tortoise" || e.name == "Lamplighter" || e.name == "Tea house"; // the others are round
        const auto f = e.cutout && shades ? stage::compose(alone, 2 * kWide, cache, progress) : nullptr;
        if (!f || f->layers.empty() || !f->layers[0].caster->body() || f->layers[0].front.depth.empty())
            continue;
        for (const double elevation : {10.0, 35.0})
            for (int azimuth = 75; azimuth <= 285; azimuth += 30) {
                const light::ShadowLight sun{true, stage::sceneDirection(azimuth, elevation), 0.001};
                const auto held = kit::ownShadeHeld(*f, f->layers[0], sun, 5);
                seen += held.seen, shaded += held.shaded, missed += held.wrong;
                if (held.seen >= 100)
                    wrong.push_back(100 * held.share());
            }
    }
    if (wrong.empty())
        return;
    std::sort(wrong.begin(), wrong.end());
    out.push_back({"a cut-out's shadows on itself told unlike rays, median of " + std::to_string(wrong.size()),
        wrong[wrong.size() / 2], "% px", 3});
    out.push_back({"the same, worst", wrong.back(), "% px", 10});
    out.push_back({"the same over the pixels that rays say are shaded", 100.0 * missed / std::max(1, shaded), "%", 0});
}

void ownShadeFigures(std::vector<Figure>& out)
{
    std::vector<double> wrong;
    for (const Solid solid : {Solid::Figure, Solid::Tree, Solid::Arch, Solid::Wheel}) {
        const Case c = caseOf(solid, 28, 24, 20);
        const stage::Layer& l = c.frame->layers.at(0);
        for (int azimuth = 90; azimuth <= 270; azimuth += 15) {
            const light::ShadowLight sun{true, stage::sceneDirection(azimuth, 30), 0.001};
            if (const auto held = kit::ownShadeHeld(*c.frame, l, sun, 1); held.seen >= 100)
                wrong.push_back(100 * held.share());
        }
    }
    std::sort(wrong.begin(), wrong.end());
    out.push_back({"a stand-in's shadows on itself told unlike rays, median of " + std::to_string(wrong.size()),
        wrong[wrong.size() / 2], "% px", 3});
    out.push_back({"the same, worst", wrong.back(), "% px", 10});
    cutOutShade(out);
    out.push_back({"a lamp's glint before a box that hides it", 100 * kit::glintThroughBox(600), "%", 2});
}

void yardstickFigures(std::vector<Figure>& out)
{
    std::vector<double> sun, lamp, overlaps;
    for (const Solid solid : {Solid::Box, Solid::Column, Solid::Cone, Solid::Figure, Solid::Arch, Solid::Turned})
        for (const double yaw : {0.0, 35.0}) {
            const Case c = caseOf(solid, 28, 24, yaw);
            for (const double azimuth : {20.0, 140.0, 215.0, 305.0}) {
                Sun s;
                s.azimuth = azimuth, s.elevation = 35, s.diameter = 0.01;
                const Mask truth
                    = kit::shadowOnGround(*c.frame, c.mesh, {true, stage::sceneDirection(azimuth, s.elevation)});
                const Mask made = shadowOf(*c.frame, light::sunPlanes(*c.frame, s));
                sun.push_back(kit::apart(truth, made, 0.02));
                overlaps.push_back(overlapOf(truth, made));
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
    addOverlap(out, "half-shadow of a stand-in in the sun against ray tracing", overlaps);
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
    std::vector<double> detailed, puffed, flat, cloth, cards;
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
        if (photo && name.find("_cloth") != std::string::npos) {
            cloth.push_back(detailed.back()), cards.push_back(flat.back());
            out.push_back(
                {"relief: " + entry.path().stem().string() + " against a flat card", cloth.back(), "°", cards.back()});
        }
    }
    const auto mean = [](const std::vector<double>& v) {
        return v.empty() ? 0.0 : std::accumulate(v.begin(), v.end(), 0.0) / double(v.size());
    };
    out.push_back({"relief: mean normal error on " + std::to_string(detailed.size()) + " examples, with surface detail",
        mean(detailed), "°", 20});
    out.push_back({"relief: the same from the outline alone", mean(puffed), "°", 0});
    out.push_back({"relief: the same of a flat card", mean(flat), "°", 0});
    out.push_back({"relief: cloth, mean", mean(cloth), "°", mean(cards)});
}

namespace {
double overlapWith(const std::vector<gather::Figure>& found, const Mask& alpha)
{
    if (found.empty())
        return 0;
    const cv::Mat truth = alpha.mat() > 127, figure = found[0].mask.mat() > 127;
    return cv::countNonZero(truth & figure) / double(std::max(1, cv::countNonZero(truth | figure)));
}
} // namespace

void wholePictureFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    std::vector<double> overlaps, errors;
    double sure = 0, flat = 0;
    for (const LightExample& e : lightExamples()) {
        overlaps.push_back(overlapWith(gather::figuresOf(e.photo, {}, progress), e.mask));
        const gather::PictureMeasure m = gather::measured(e.photo, {}, progress);
        if (e.flat) {
            flat = std::max(flat, m.light.confidence);
            continue;
        }
        errors.push_back(std::abs(turnBetween(m.light.azimuth, e.azimuth)));
        sure += m.light.confidence;
    }
    addOverlap(out, "whole picture: main figure against its true outline", overlaps);
    if (const auto demo = demo::lowTideCaravan(progress)) {
        std::vector<double> ours;
        for (const Cutout& c : demo->cutouts)
            if (const Reference* r = demo->reference(c.reference))
                ours.push_back(overlapWith(gather::figuresOf(r->pixels.photo(), {}, progress), c.alpha));
        addOverlap(out, "whole picture: the same on the demo's photographs", ours);
    }
    std::sort(errors.begin(), errors.end());
    if (errors.empty())
        return;
    const auto right = std::count_if(errors.begin(), errors.end(), [](double e) { return e <= 30; });
    out.push_back({"whole picture: azimuth error of its light, median of " + std::to_string(errors.size()),
        errors[errors.size() / 2], "°", 9});
    out.push_back({"whole picture: the same, worst", errors.back(), "°", 0});
    out.push_back({"whole picture: within 30°", 100 * double(right) / double(errors.size()), "%", 0});
    out.push_back({"whole picture: so often it says", 100 * sure / double(errors.size()), "%", 0});
    out.push_back({"whole picture: highest confidence where it is lit flat", flat, "", 0.25});
}

} // namespace rl::bench
