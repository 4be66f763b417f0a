#include "core/review/first_steps.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/edits.h"
#include "core/project/usual_heights.h"
#include "core/stage/camera.h"
#include <opencv2/imgproc.hpp>

namespace rl::review {

Project freshWork(const std::string& title)
{
    Project p;
    p.brief.title = title;
    p.camera.horizonCm = 0.45 * p.brief.heightCm;
    p.lights.air.wetness = 0, p.lights.air.halfContrastM = 0;
    return p;
}

namespace {
bool cutFrom(const Project& p, int reference)
{
    return std::any_of(p.cutouts.begin(), p.cutouts.end(),
        [=](const Cutout& c) { return c.reference == reference && !c.alpha.empty(); });
}
const gather::PictureMeasure* of(const gather::Measures& all, int id)
{
    const auto at = all.find(id);
    return at == all.end() ? nullptr : &at->second;
}
bool usable(const Reference& r)
{
    return !r.pixels.missing() && !r.pixels.empty() && r.heap != "canvas";
}
} // namespace

int likeliestBackdrop(const Project& p, const gather::Measures& measures)
{
    int best = 0;
    double most = -1e9;
    for (const Reference& r : p.references) {
        if (!usable(r))
            continue;
        const double w = r.pixels.width(), h = r.pixels.height();
        double score = std::clamp(std::log2(w / h), -1.0, 1.0) + 0.3 * std::log2(std::max(1.0, w * h / 1e5));
        if (const auto* m = of(measures, r.id))
            score += 1.5 * m->eyeConfidence;
        score += r.is(Role::Place) || r.is(Role::Whole) ? 3 : 0;
        score -= r.is(Role::Face) || r.is(Role::Pose) ? 3 : 0;
        score -= cutFrom(p, r.id) ? 3 : 0;
        if (score > most)
            most = score, best = r.id;
    }
    return best;
}

bool eyeLevelTold(const Project& p, int reference, const gather::PictureMeasure* m)
{
    const Reference* r = p.reference(reference);
    return r && (r->overrule.eyeLevelSet || (m && m->eyeConfidence >= 0.5));
}

Backdrop ownSunOf(Backdrop b, const Lights& l)
{
    const Sun& s = l.sun;
    b.ownSun = s.on ? std::clamp(s.strength * std::sin(radians(std::max(0.0, s.elevation))), 0.0, 4.0) : 0;
    b.ownKelvin = s.kelvin;
    return b;
}

Project withBackdropChosen(Project p, int reference, const gather::PictureMeasure* m, double focalShare)
{
    const Reference* r = p.reference(reference);
    if (!r || r->pixels.empty())
        return p;
    const double pw = r->pixels.width(), ph = r->pixels.height(), W = p.brief.widthCm, H = p.brief.heightCm;
    double level = r->overrule.eyeLevelSet ? r->overrule.eyeLevel : m && m->eyeConfidence >= 0.5 ? m->eyeLevel : 0.5;
    level = std::clamp(level, 0.02, 0.98); // outside, the picture could not be covered with
    const double scale = std::max(W / pw, H / ph), top = (H - ph * scale) / 2; // least crop, as much above as below
    Camera c = p.camera;
    c.horizonCm = top + level * ph * scale;
    if (focalShare > 0)
        c.fovDegrees = std::clamp(degrees(2 * std::atan(W / (2 * focalShare * pw * scale))), 5.0, 120.0);
    p = edits::withCamera(std::move(p), c);
    constexpr double kNight = 55; // L*, under which all but one in a hundred places of a night lie
    if (m && m->lightL < kNight && p.lights.sun == Sun{})
        p.lights.sun.on = false; // no low sun that nobody asked for
    Backdrop b = p.backdrop;
    if (b.reference != reference)
        b.ownSun = 0;
    b.reference = reference, b.horizon = level;
    constexpr double kSoft = 0.6; // share of light from everywhere over which no sun is seen on the ground
    if (m && m->softness < kSoft)
        b = ownSunOf(b, p.lights);
    return edits::withBackdrop(std::move(p), b);
}

double focalShareOf(const Photo& picture)
{
    const auto e = gather::eyeLevelOf(picture);
    // Clouds and furrows have lines that meet as well: only what is built has many in both families.
    constexpr std::size_t kLines = 12;
    if (e.points.size() < 2 || e.confidence < 0.7 || std::abs(e.tilt) > 4)
        return 0;
    for (int i = 0; i < 2; ++i)
        if (e.points[std::size_t(i)].lines.size() < kLines || e.points[std::size_t(i)].support < 1.2 * picture.width())
            return 0;
    const double middle = picture.width() / 2.0, product = (e.points[0].at.x - middle) * (e.points[1].at.x - middle);
    const double share = product < 0 ? std::sqrt(-product) / picture.width() : 0;
    return share > 0.4 && share < 2.2 ? share : 0; // beyond that such a crossing tells nothing
}

Project withEyeLevelSaid(Project p, double canvasCm)
{
    const Reference* r = p.reference(p.backdrop.reference);
    const Rect place = stage::backdropPlace(p);
    if (!r || place.height <= 0 || !std::isfinite(canvasCm))
        return p;
    Reference said = *r;
    const double level = std::clamp((canvasCm - place.y) / place.height, 0.02, 0.98);
    said.overrule.eyeLevelSet = true, said.overrule.eyeLevel = level;
    p = edits::withReference(std::move(p), std::move(said));
    return withBackdropChosen(std::move(p), p.backdrop.reference, nullptr);
}

Result<Project> withEyeHeightBy(Project p, Vec2 foot, Vec2 top, double heightM)
{
    if (top.y > foot.y)
        std::swap(foot, top);
    const double seen = foot.y - top.y, below = foot.y - p.camera.horizonCm;
    if (!(seen >= 0.005 * p.brief.heightCm))
        return Error{ErrorKind::Invalid, tr("That is too small to measure by: click its foot, then its top."), {}};
    if (!(below >= 0.005 * p.brief.heightCm))
        return Error{
            ErrorKind::Invalid, tr("Its foot lies above the horizon: there is no ground there to stand on."), {}};
    Camera c = p.camera;
    c.eyeHeightM = heightM * below / seen;
    if (!std::isfinite(c.eyeHeightM) || c.eyeHeightM < 0.02 || c.eyeHeightM > 1000)
        return Error{
            ErrorKind::Invalid, tr("That would put the camera impossibly high or low. Check the known height."), {}};
    return edits::withCamera(std::move(p), c);
}

namespace {
struct Sky {
    cv::Mat L; ///< the picture on few pixels
    int horizon = 0; ///< row
    double mean = 50, skyMean = 60; ///< L*
    std::optional<Vec2> bright; ///< shares of the picture: one bright place in the sky
};

Sky skyOf(const Photo& picture, double level)
{
    Sky s;
    const double k = 200.0 / std::max(picture.width(), picture.height());
    cv::Mat few, lab;
    cv::resize(picture.mat(), few, {}, k, k, cv::INTER_AREA);
    few.convertTo(few, CV_32F, 1 / 255.0);
    cv::cvtColor(few, lab, cv::COLOR_RGB2Lab);
    cv::extractChannel(lab, s.L, 0);
    s.horizon = std::clamp(int(level * s.L.rows), 0, s.L.rows);
    s.mean = cv::mean(s.L)[0];
    if (s.horizon < 6)
        return s;
    const cv::Mat sky = s.L.rowRange(0, s.horizon);
    s.skyMean = cv::mean(sky)[0];
    double most = 0;
    cv::minMaxLoc(sky, nullptr, &most);
    const cv::Moments m = cv::moments(cv::Mat(sky >= std::max(most - 6, s.skyMean + 10)), true);
    if (m.m00 < 1)
        return s;
    const double spread = std::sqrt((m.mu20 + m.mu02) / m.m00) / s.L.cols; // one place, not many
    if (spread < 0.12)
        s.bright = Vec2{m.m10 / m.m00 / s.L.cols, m.m01 / m.m00 / s.L.rows};
    return s;
}

double lowOf(const cv::Mat& L, int from, int to)
{
    from = std::clamp(from, 0, L.rows - 1), to = std::clamp(to, from + 1, L.rows);
    const cv::Mat band = L.rowRange(from, to);
    std::vector<float> all(band.begin<float>(), band.end<float>());
    const auto at = all.begin() + std::ptrdiff_t(all.size() / 20);
    std::nth_element(all.begin(), at, all.end());
    return double(*at);
}

/// Distance at which contrast is halved, by how the darks pale from the foreground to just under the horizon; 0 =
/// clear.
double hazeOf(const Project& p, const Sky& s)
{
    const int rows = s.L.rows, ground = rows - s.horizon;
    if (ground < 12)
        return 0;
    const double near = lowOf(s.L, rows - ground / 3, rows),
                 far = lowOf(s.L, s.horizon + ground / 25, s.horizon + ground / 8);
    const double horizonL
        = std::max(far + 1, cv::mean(s.L.rowRange(std::max(0, s.horizon - ground / 8), s.horizon + 1))[0]);
    const double lost = std::clamp((far - near) / std::max(10.0, horizonL - near), 0.0, 0.95);
    if (lost < 0.15)
        return 0;
    const stage::Eye eye = stage::eyeOf(p);
    const double z = stage::groundDistance(eye, eye.horizon + 0.08 * (p.brief.heightCm - eye.horizon));
    return std::isfinite(z) ? std::clamp(z * std::log(0.5) / std::log(1 - lost), 5.0, 5000.0) : 0;
}
} // namespace

Result<FirstLight> lightOfBackdrop(const Project& p, const gather::PictureMeasure* m, const Photo& picture)
{
    if (!p.backdrop.reference || picture.empty())
        return Error{ErrorKind::Invalid, tr("There is no photograph behind the scene to take light from."), {}};
    const Sky s = skyOf(picture, p.backdrop.horizon);
    const double softness = m ? m->softness : 0.5;
    FirstLight out;
    out.lights = p.lights;
    Sun& sun = out.lights.sun;
    sun = {};
    const bool night = s.mean < 25 && s.skyMean < 35;
    sun.kelvin = m && m->lightKelvin > 0 ? std::clamp(m->lightKelvin, 1800.0, 12000.0) : 5500;
    sun.strength = (0.25 + 0.6 * (1 - softness)) * (night ? 0.25 : 1);
    sun.diameter = 0.53 + softness * softness * 30;
    if (s.bright) {
        const Rect place = stage::backdropPlace(p);
        const stage::Eye eye = stage::eyeOf(p);
        const Vec2 cm{place.x + s.bright->x * place.width, place.y + s.bright->y * place.height};
        sun.azimuth = wrapped360(degrees(std::atan2(cm.x - eye.x0, eye.focalCm)));
        sun.elevation = std::clamp(degrees(std::atan2(eye.horizon - cm.y, eye.focalCm)), 2.0, 80.0);
        out.words
            = night ? tr("A light from the bright place in its night sky") : tr("Sun from the bright place in its sky");
    } else if (night) {
        sun.on = false;
        out.words = tr("Night: no sun");
    } else if (m && m->light.confidence >= 0.25) {
        const Vec3 d = stage::sceneDirection(m->light);
        sun.azimuth = wrapped360(degrees(std::atan2(d.x, d.z)));
        sun.elevation = std::clamp(degrees(std::asin(std::clamp(d.y, -1.0, 1.0))), 3.0, 85.0);
        out.words = tr("Sun as it falls on what stands in it (%1 % sure)", fixed(100 * m->light.confidence, 0));
    } else {
        sun.azimuth = 135, sun.elevation = 55, sun.diameter = 40, sun.strength *= 0.6;
        out.words = tr("Its light cannot be measured: soft light from above");
    }
    out.lights.air.skyStrength = 1;
    out.lights.air.halfContrastM = hazeOf(p, s);
    out.backdrop = ownSunOf(p.backdrop, out.lights);
    out.words += sun.on ? ", " + fixed(sun.kelvin, 0) + " K" : "";
    out.words += out.lights.air.halfContrastM > 0
        ? tr(", haze that halves contrast at %1 m.", fixed(out.lights.air.halfContrastM, 0))
        : tr(", clear air.");
    return out;
}

Element firstPlace(const Project& p, Element e)
{
    const double W = p.brief.widthCm, H = p.brief.heightCm;
    const stage::Eye eye = stage::eyeOf(p);
    const UsualHeight usual = usualHeight(p, e.name);
    if (!usual.name.empty())
        e.usual = usual.name, e.heightM = usual.metres;
    else
        e.heightM = 1.7;
    const double room = H - eye.horizon, wanted = 0.4 * H, z = std::max(0.3, eye.focalCm * e.heightM / wanted);
    double y = eye.horizon + eye.focalCm * eye.heightM / z;
    e.altitudeM = 0;
    if (room <= 0.05 * H) { // no ground is seen: it is held up into the picture
        e.altitudeM = (y - 0.9 * H) * z / eye.focalCm;
    } else if (y > 0.95 * H) {
        const double atEdge
            = eye.heightM * eye.focalCm / (0.95 * H - eye.horizon); // m, the nearest ground that is seen
        if (eye.focalCm * e.heightM / atEdge > 0.12 * H)
            y = 0.95 * H;
        else // too small to be seen down there: held up to the eye
            e.altitudeM = std::max(0.0, eye.heightM - e.heightM - 0.1 * wanted * z / eye.focalCm);
    }
    double best = 1e9;
    for (const double share : {0.5, 0.36, 0.64, 0.24, 0.76, 0.14, 0.86}) { // where least stands in its way
        double crowd = 0.02 * std::abs(share - 0.5);
        for (const Element& o : p.elements)
            crowd += std::exp(-std::pow((o.baseCm.x - share * W) / (0.12 * W), 2));
        if (crowd < best)
            best = crowd, e.baseCm = {share * W, y};
    }
    return e;
}

Result<Project> withUprightStood(Project p, const std::vector<Vec2>& outline, const std::string& name)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r || r->pixels.missing())
        return Error{ErrorKind::Invalid, tr("Only something in a photographed backdrop can be stood up."), {}};
    const Rect whole = stage::backdropPlace(p);
    const double k = r->pixels.width() / whole.width; // px of the picture in a cm
    std::vector<cv::Point> px;
    double l = 1e300, t = 1e300, right = -1e300, bottom = -1e300;
    for (const Vec2 c : outline) {
        const Vec2 q{std::clamp(c.x, whole.x, whole.right()), std::clamp(c.y, whole.y, whole.bottom())};
        l = std::min(l, q.x), right = std::max(right, q.x), t = std::min(t, q.y), bottom = std::max(bottom, q.y);
        px.emplace_back(int(std::lround((q.x - whole.x) * k)), int(std::lround((q.y - whole.y) * k)));
    }
    if (px.size() < 3 || right - l < 0.1 || bottom - t < 0.1)
        return Error{ErrorKind::Invalid, tr("Outline it all round, over the picture behind the scene."), {}};
    if (bottom <= p.camera.horizonCm + 0.002 * p.brief.heightCm)
        return Error{
            ErrorKind::Invalid, tr("Its foot lies above the horizon: there is no ground there to stand on."), {}};
    cv::Mat alpha = cv::Mat::zeros(r->pixels.height(), r->pixels.width(), CV_8U);
    cv::fillPoly(alpha, std::vector<std::vector<cv::Point>>{px}, cv::Scalar(255), cv::LINE_AA);
    Cutout cut;
    cut.reference = r->id, cut.alpha = Mask::fromMat(alpha);
    p = edits::withCutout(std::move(p), std::move(cut));
    const stage::Eye eye = stage::eyeOf(p);
    const double z = stage::groundDistance(eye, bottom);
    Element e;
    e.name = name, e.cutout = p.cutouts.back().id, e.locked = true;
    e.form = Form::Card, e.delight = 0, e.footShare = 0.5;
    e.baseCm = {(l + right) / 2, bottom}, e.heightM = (bottom - t) * z / eye.focalCm;
    p = edits::withElement(std::move(p), std::move(e));
    repair(p);
    return p;
}

namespace {
std::string quoted(const std::string& name)
{
    return tr("“%1”", name);
}
bool stands(const Project& p, int cutout)
{
    return std::any_of(p.elements.begin(), p.elements.end(), [=](const Element& e) { return e.cutout == cutout; });
}
/// What belongs on the stage but does not stand there yet.
NextStep standing(const Project& p)
{
    for (const Cutout& c : p.cutouts)
        if (!c.alpha.empty() && !stands(p, c.id)) {
            const Reference* r = p.reference(c.reference);
            return {"stand", tr("%1 is cut out and stands nowhere yet.", quoted(r ? r->name : tr("It"))),
                tr("Place in scene"), Station::Cut, c.reference};
        }
    for (const Reference& r : p.references)
        if (usable(r) && r.id != p.backdrop.reference && !cutFrom(p, r.id) && !r.is(Role::Light)
            && !r.is(Role::Palette))
            return {"cut", tr("Draw a tight box around the part of %1 you want to cut out.", quoted(r.name)),
                tr("Cut out"), Station::Cut, r.id};
    return {};
}
NextStep lighting(const Project& p)
{
    Sun untouched = p.lights.sun;
    untouched.on = true; // by night it is put out by itself
    if (p.backdrop.reference && untouched == Sun{} && p.lights.lanterns.empty() && !p.elements.empty())
        return {"light", tr("What stands here is not lit by its backdrop yet."), tr("Light as the backdrop"),
            Station::Light, p.backdrop.reference};
    if (!p.lights.sun.on && p.lights.lanterns.empty() && !p.elements.empty())
        return {"lantern", tr("It is night: %1 has no light near it.", quoted(p.elements.back().name)),
            tr("Hang a lantern beside it"), Station::Light, p.elements.back().id};
    return {};
}
} // namespace

NextStep nextStep(const Project& p, const gather::Measures& measures, const std::set<std::string>& dismissed)
{
    // Whoever has stood up three things, or hung a lantern, knows the way.
    if (p.elements.size() >= 3 || !p.lights.lanterns.empty())
        return {};
    std::vector<NextStep> wishes;
    const bool any = std::any_of(p.references.begin(), p.references.end(), usable);
    if (!any && p.elements.empty())
        wishes.push_back({"bring", tr("A scene begins with photographs: drop them anywhere."),
            tr("Bring in photographs"), Station::Gather, 0});
    if (any && !p.backdrop.reference)
        if (const int id = likeliestBackdrop(p, measures))
            wishes.push_back({"backdrop", tr("%1 looks like the place it happens in.", quoted(p.reference(id)->name)),
                tr("Use as backdrop"), Station::Gather, id});
    if (p.backdrop.reference && !eyeLevelTold(p, p.backdrop.reference, of(measures, p.backdrop.reference)))
        wishes.push_back({"eye", tr("How high was the camera? The picture does not show it."),
            tr("Drag the line to where your eyes were"), Station::Stage, p.backdrop.reference});
    if (p.backdrop.reference) {
        wishes.push_back(standing(p));
        for (const Element& e : p.elements)
            if (e.cutout && e.usual.empty() && e.heightM == 1.7 && !e.locked)
                wishes.push_back({"size", tr("How tall is %1 really? 1.7 m is a guess.", quoted(e.name)),
                    tr("Set its height"), Station::Stage, e.id});
        wishes.push_back(lighting(p));
    }
    for (const NextStep& w : wishes)
        if (!w.key.empty() && !dismissed.contains(w.key))
            return w;
    return {};
}

} // namespace rl::review
