#include "core/light/relight.h"
#include "core/base/parallel.h"
#include "core/colour/temperature.h"
#include "core/light/tone.h"
#include <opencv2/imgproc.hpp>

namespace rl::light {

double throughAir(double distance, double half)
{
    return half > 0 ? std::exp2(-distance / half) : 1;
}

double waterMirror(double cosine)
{
    const double away = 1 - std::clamp(cosine, 0.0, 1.0), square = away * away;
    return 0.02 + 0.98 * square * square * away;
}

namespace {
using stage::Layer;
using stage::StageFrame;

/// Sky, ground and the blurred backdrop around it, falling on each pixel of a layer; darker towards the foot.
std::vector<Rgb> ambientOn(const StageFrame& f, const Layer& l, const cv::Mat& smallBackdrop)
{
    std::vector<Rgb> out(l.cover.size());
    const float reach = float(std::max(1.0, 0.12 * (l.footRow - l.headRow)));
    const bool stands = l.footRow >= l.groundRow - 1.5;
    cv::Mat spill;
    if (!out.empty()) {
        const double sx = double(smallBackdrop.cols) / f.width, sy = double(smallBackdrop.rows) / f.height;
        const cv::Matx23d map(sx, 0, (l.left + 0.5) * sx - 0.5, 0, sy, (l.top + 0.5) * sy - 0.5);
        cv::warpAffine(smallBackdrop, spill, map, cv::Size(l.width(), l.height()),
            cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
    }
    const Rgb ground = f.sky.ground, horizon = f.sky.horizon, zenith = f.sky.zenith;
    parallelRows(l.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const float up = float(l.footRow) - float(l.top + y) - 0.5f;
            const float open = stands ? 1 - 0.45f * std::exp(-std::max(up, 0.f) / reach) : 1;
            const cv::Vec3f* s = spill.ptr<cv::Vec3f>(y);
            const Vec3f* n = l.normal.row(y);
            Rgb* o = out.data() + std::size_t(y) * std::size_t(l.width());
            for (int x = 0; x < l.width(); ++x) {
                const float ny = n[x].y, high = std::max(ny, 0.f), t = 0.5f * (ny + 1);
                const Rgb sky = horizon * (1 - high) + zenith * high;
                const float side = 0.5f * (1 - std::abs(n[x].z));
                const Rgb base = ground * (1 - t) + sky * t;
                o[x] = (base * (1 - side) + Rgb{s[x][0], s[x][1], s[x][2]} * side) * open;
            }
        }
    });
    return out;
}

/// What stands on the ground closes it to the sky around its foot.
struct FootLine {
    cv::Mat share; ///< along its width and half as much to both sides, softened
    double left = 0, pixelsPerM = 1, z = 1, fade = 0.1; ///< m
};

std::vector<FootLine> footLinesOf(const StageFrame& f)
{
    std::vector<FootLine> lines;
    for (const Layer& l : f.layers) {
        const stage::Caster& caster = *l.caster;
        if (caster.cards.empty() || caster.foot.empty()
            || *std::max_element(caster.foot.begin(), caster.foot.end()) < 0.05f)
            continue;
        const stage::CasterCard& c = caster.cards.front();
        const double widthM = double(caster.foot.size()) / c.pixelsPerM;
        FootLine line;
        line.fade = std::clamp(0.06 * std::max(widthM, c.top), 0.03, 0.6);
        const cv::Mat foot(1, int(caster.foot.size()), CV_32FC1, const_cast<float*>(caster.foot.data()));
        cv::copyMakeBorder(foot, line.share, 0, 0, foot.cols / 2, foot.cols / 2, cv::BORDER_CONSTANT, cv::Scalar(0));
        const int reach = std::max(3, int(line.fade * c.pixelsPerM) | 1);
        cv::blur(line.share, line.share, cv::Size(reach, 1), cv::Point(-1, -1), cv::BORDER_CONSTANT);
        line.left = c.left - double(foot.cols / 2) / c.pixelsPerM;
        line.pixelsPerM = c.pixelsPerM, line.z = caster.footZ;
        lines.push_back(std::move(line));
    }
    return lines;
}

/// How open the ground is around feet: 1 - 0.7 · foot coverage, fading with distance from the contact line.
std::vector<float> groundOpenness(const StageFrame& f)
{
    const int rows = std::max(f.height - f.groundTop, 0);
    std::vector<float> open(std::size_t(rows) * std::size_t(f.width), 1.f);
    const std::vector<FootLine> lines = footLinesOf(f);
    const auto closeRow = [&](float* out, double z, const FootLine& line) {
        const float near = float(0.7 * std::exp(-std::pow((z - line.z) / (z < line.z ? line.fade : 2 * line.fade), 2)));
        if (near < 0.01f)
            return;
        const double m = z / f.eye.focalCm;
        const auto column = [&](double u) {
            return int(std::clamp((line.left + u / line.pixelsPerM) / m + f.eye.x0 - 0.5, -1.0, f.width + 1.0));
        };
        for (int x = std::max(0, column(0) - 1); x < std::min(f.width, column(line.share.cols) + 2); ++x) {
            const double u = ((x + 0.5 - f.eye.x0) * m - line.left) * line.pixelsPerM;
            if (u >= 0 && u < line.share.cols)
                out[x] *= 1 - near * std::min(1.f, line.share.at<float>(0, int(u)));
        }
    };
    parallelRows(rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const double z = f.eye.focalCm * f.eye.heightM / std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25);
            for (const FootLine& line : lines)
                if (std::abs(z - line.z) < 6 * line.fade)
                    closeRow(open.data() + std::size_t(y) * std::size_t(f.width), z, line);
        }
    });
    return open;
}

/// How much still water would mirror at every pixel of the ground.
std::vector<float> groundMirror(const StageFrame& f)
{
    const int rows = std::max(0, f.height - f.groundTop);
    std::vector<float> mirror(std::size_t(rows) * std::size_t(f.width));
    const double h2 = f.eye.heightM * f.eye.heightM;
    parallelRows(rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const double z = f.eye.focalCm * f.eye.heightM / std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25),
                         m = z / f.eye.focalCm;
            for (int x = 0; x < f.width; ++x) {
                const double X = (x + 0.5 - f.eye.x0) * m;
                mirror[std::size_t(y) * std::size_t(f.width) + std::size_t(x)]
                    = float(waterMirror(f.eye.heightM / std::sqrt(X * X + h2 + z * z)));
            }
        }
    });
    return mirror;
}

/// Water in canals and the like, whatever the weather; empty when there is none.
std::vector<float> waterOf(const StageFrame& f)
{
    std::vector<float> water;
    for (const Layer& l : f.layers) {
        if (l.water.empty())
            continue;
        water.resize(std::size_t(std::max(0, f.height - f.groundTop)) * std::size_t(f.width));
        for (int y = std::max(0, f.groundTop - l.top); y < l.height(); ++y)
            for (int x = 0; x < l.width(); ++x) {
                float& w = water[std::size_t(l.top + y - f.groundTop) * std::size_t(f.width) + std::size_t(l.left + x)];
                w = std::max(w, l.water.at(x, y));
            }
    }
    return water;
}
} // namespace

struct Relighter::AirTerms {
    float sky, half, wet;
    Rgb haze;
};

namespace {
/// As throughAir, in single precision.
float through(float distance, float half)
{
    return half > 0 ? std::exp2(-distance / half) : 1.f;
}

float glossOf(Material m)
{
    return m == Material::Wet ? 0.25f : m == Material::Satin ? 0.1f : m == Material::Glass ? 0.9f : 0.f;
}

template <class Lamp, class AirTerms>
void litRow(const Layer& l, std::size_t index, int y, const std::vector<Rgb>& ambient, const std::vector<Lamp>& lamps,
    const AirTerms& air, std::vector<Rgb>& out)
{
    const float flatThrough = float(throughAir(l.distance, double(air.half))), gloss = glossOf(l.material);
    const std::size_t row = std::size_t(y) * std::size_t(l.width());
    const float* cover = l.cover.row(y);
    const float* depth = l.depth.empty() ? nullptr : l.depth.row(y);
    const Rgb* albedo = l.albedo.row(y);
    for (int x = 0; x < l.width(); ++x) {
        const std::size_t i = row + std::size_t(x);
        if (cover[x] <= 0)
            continue;
        Rgb light = ambient[i] * air.sky;
        Rgb shine{};
        for (const Lamp& lamp : lamps) {
            const float e = lamp.planes->layers[index][i];
            light = light + lamp.colour * e;
            if (gloss > 0)
                shine = shine + lamp.colour * (gloss * e * e * e / (0.2f + e * e));
        }
        if (l.material == Material::Glowing)
            light = light + Rgb{1.6f, 1.6f, 1.6f};
        const float clear = depth ? through(depth[x], air.half) : flatThrough;
        out[i] = (albedo[x] * light + shine) * clear + air.haze * (1 - clear);
    }
}

/// Puts the mirrored layers on one row of ground; `mirror` is how much the water gives back there.
void mirrorRow(
    Rgb* row, int y, const StageFrame& f, const std::vector<std::vector<Rgb>>& lit, const std::vector<float>& mirror)
{
    for (std::size_t k = 0; k < f.layers.size(); ++k) {
        const Layer& l = f.layers[k];
        const double below = y + 0.5 - l.groundRow; // px in front of the contact line
        if (below <= 0 || lit[k].empty() || l.lies)
            continue;
        // Rippled water spreads the image up and down, more the farther it lies from the contact.
        const double spread = 0.7 + 0.05 * below;
        for (int tap = -2; tap <= 2; ++tap) {
            const double source = 2 * l.groundRow - (y + 0.5) + tap * spread - l.top;
            const int sy = int(std::floor(source));
            if (sy < 0 || sy >= l.height())
                continue;
            const float weight = tap == 0 ? 0.3f : std::abs(tap) == 1 ? 0.22f : 0.13f;
            const Rgb* from = lit[k].data() + std::size_t(sy) * std::size_t(l.width());
            const float* cover = l.cover.row(sy);
            for (int x = 0; x < l.width(); ++x) {
                const float a = cover[x] * weight * mirror[std::size_t(l.left + x)];
                Rgb& c = row[l.left + x];
                c = c * (1 - a) + from[x] * a;
            }
        }
    }
}

/// Water under a row of ground: it darkens what lies there and mirrors the sky, as far as its Fresnel share goes.
void waterRow(Rgb* row, int y, const StageFrame& f, float sky, const float* water, const float* fresnel,
    std::vector<float>& mirror)
{
    const int up = std::clamp(int(2 * f.eye.horizon - y), 0, f.height - 1);
    const Rgb* above = f.backdrop.row(up);
    for (int x = 0; x < f.width; ++x) {
        if (water[x] <= 0)
            continue;
        const float m = water[x] * fresnel[x];
        row[x] = row[x] * (1 - 0.6f * water[x]) * (1 - m) + above[x] * (sky * m);
        mirror[std::size_t(x)] = std::max(mirror[std::size_t(x)], m);
    }
}

/// A lantern's low light drawn out towards the viewer on wet ground.
void glitterRow(Rgb* row, int y, const StageFrame& f, const Lantern& q, Rgb colour, const std::vector<float>& mirror)
{
    const double k = f.eye.focalCm / q.position.z, contact = f.eye.horizon + k * f.eye.heightM;
    const double image = f.eye.horizon + k * (f.eye.heightM + q.position.y);
    if (y + 0.5 < contact)
        return;
    const double length = 0.55 * k * (q.position.y + 0.4), along = std::exp(-std::pow((y + 0.5 - image) / length, 2));
    const double wide = std::max(1.5, k * q.radius * 1.2 + 0.035 * (y + 0.5 - contact));
    const double x0 = f.eye.x0 + k * q.position.x + 0.25 * wide * std::sin(y * 0.9);
    const int begin = std::clamp(int(x0 - 4 * wide), 0, f.width), end = std::clamp(int(x0 + 4 * wide) + 1, 0, f.width);
    for (int x = begin; x < end; ++x) {
        const double across = (x + 0.5 - x0) / wide;
        row[x] = row[x] + colour * float(along * std::exp(-across * across)) * mirror[std::size_t(x)];
    }
}

/// Light scattered around a lantern: (1 + (d/r)²)^-1.5, added before what stands nearer.
class Glow {
public:
    Glow(const StageFrame& f, const Lantern& q, Rgb colour, float hazy)
        : m_colour(colour)
        , m_veil(0.10f + 0.5f * hazy)
        , m_z(q.position.z)
    {
        const double k = f.eye.focalCm / q.position.z;
        m_x0 = f.eye.x0 + k * q.position.x, m_y0 = f.eye.horizon + k * (f.eye.heightM - q.position.y);
        const double core = std::max(1.2, k * q.radius * 1.1), halo = core * 5;
        const int reach = int(std::min(halo * 5, 40000.0));
        m_left = int(std::clamp(m_x0 - reach, 0.0, double(f.width)));
        m_right = int(std::clamp(m_x0 + reach, 0.0, double(f.width)));
        m_top = int(std::clamp(m_y0 - reach, 0.0, double(f.height)));
        m_bottom = int(std::clamp(m_y0 + reach, 0.0, double(f.height)));
        m_perCore = float(1 / (core * core)), m_perHalo = float(1 / (halo * halo));
        m_perReach = float(1 / (double(reach) * reach));
    }
    double z() const { return m_z; }
    void addRow(Rgb* row, int y) const
    {
        if (y < m_top || y >= m_bottom)
            return;
        const float dy = float(y + 0.5 - m_y0), dx0 = float(m_left + 0.5 - m_x0);
        for (int x = 0; x < m_right - m_left; ++x) {
            const float dx = dx0 + float(x), d2 = dx * dx + dy * dy;
            const float a = 1 + d2 * m_perCore, b = 1 + d2 * m_perHalo, edge = std::max(0.f, 1 - d2 * m_perReach);
            const float g = edge * edge * (1.3f / (a * a) + m_veil / (b * std::sqrt(b)));
            row[m_left + x] = row[m_left + x] + m_colour * g;
        }
    }

private:
    Rgb m_colour;
    float m_veil, m_perCore = 1, m_perHalo = 1, m_perReach = 1;
    double m_z, m_x0 = 0, m_y0 = 0;
    int m_left = 0, m_right = 0, m_top = 0, m_bottom = 0;
};

void blendRow(Rgb* row, int y, const Layer& l, const std::vector<Rgb>& lit)
{
    if (y < l.top || y >= l.top + l.height())
        return;
    const float* a = l.cover.row(y - l.top);
    const Rgb* from = lit.data() + std::size_t(y - l.top) * std::size_t(l.width());
    Rgb* to = row + l.left;
    for (int x = 0; x < l.width(); ++x)
        if (a[x] > 0)
            to[x] = to[x] * (1 - a[x]) + from[x] * a[x];
}

bool sameShadows(const Sun& a, const Sun& b)
{
    return a.azimuth == b.azimuth && a.elevation == b.elevation && a.diameter == b.diameter;
}
bool sameShadows(const Lantern& a, const Lantern& b)
{
    return a.position == b.position && a.radius == b.radius && a.reference == b.reference;
}
} // namespace

/// What has changed in the frame is worked out anew, the rest is kept.
void Relighter::meet(std::shared_ptr<const StageFrame> frame)
{
    if (m_frame == frame)
        return;
    const auto before = std::move(m_frame);
    m_frame = std::move(frame);
    const StageFrame& f = *m_frame;
    const bool follows = before && before->width == f.width && before->height == f.height
        && before->eye.focalCm == f.eye.focalCm && before->eye.horizon == f.eye.horizon
        && before->eye.heightM == f.eye.heightM && before->eye.x0 == f.eye.x0;
    const FrameStep step
        = follows ? stepBetween(*before, f) : FrameStep{&f, std::vector<int>(f.layers.size(), -1), {}, {}};
    const bool sameBackdrop = follows && before->backdrop.identity() == f.backdrop.identity();
    if (!sameBackdrop) {
        cv::resize(f.backdrop.mat(), m_small, cv::Size(std::max(2, f.width / 24), std::max(2, f.height / 24)), 0, 0,
            cv::INTER_AREA);
        cv::GaussianBlur(m_small, m_small, cv::Size(), 1.5, 1.5, cv::BORDER_REPLICATE);
    }
    std::vector<std::vector<Rgb>> ambient(f.layers.size()), lit(f.layers.size());
    std::vector<char> holds(f.layers.size(), 0);
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        const int was = step.from[i];
        if (was < 0 || !sameBackdrop) {
            ambient[i] = ambientOn(f, f.layers[i], m_small);
            continue;
        }
        ambient[i] = std::move(m_layerAmbient[std::size_t(was)]);
        if (std::size_t(was) < m_lit.size()) {
            lit[i] = std::move(m_lit[std::size_t(was)]);
            holds[i] = m_litHolds[std::size_t(was)]
                && before->layers[std::size_t(was)].cover.identity() == f.layers[i].cover.identity();
        }
    }
    m_layerAmbient = std::move(ambient), m_lit = std::move(lit), m_litHolds = std::move(holds);
    m_groundOpen = groundOpenness(f);
    m_water = waterOf(f);
    if (!follows) {
        m_groundMirror = groundMirror(f);
        m_sun.reset();
        m_lanterns.clear();
    } else {
        followFrame(step);
    }
}

void Relighter::followFrame(const FrameStep& step)
{
    if (m_sun)
        follow(m_sunPlanes, step, *m_sun);
    for (KeptLantern& k : m_lanterns)
        if (!k.planes.layerShade.empty() || !k.planes.ground.empty())
            follow(k.planes, step, k.lantern);
}

std::vector<Relighter::Lamp> Relighter::planesOf(const Lights& lights)
{
    const StageFrame& f = *m_frame;
    std::vector<Lamp> lamps;
    const bool sun = lights.sun.on && lights.sun.strength > 0;
    if (sun && (!m_sun || !sameShadows(*m_sun, lights.sun)))
        m_sunPlanes = sunPlanes(f, lights.sun, std::move(m_sunPlanes));
    if (sun) {
        m_sun = lights.sun;
        lamps.push_back({colour::blackBody(lights.sun.kelvin) * float(lights.sun.strength), &m_sunPlanes, nullptr});
    } else {
        m_sun.reset();
    }
    std::vector<KeptLantern> kept;
    for (const Lantern& q : lights.lanterns) {
        if (!q.on || q.strength <= 0)
            continue;
        const auto same = [&](const KeptLantern& k) { return k.lantern.id == q.id && sameShadows(k.lantern, q); };
        const auto known = std::find_if(m_lanterns.begin(), m_lanterns.end(), same);
        if (known != m_lanterns.end()) {
            kept.push_back({q, std::move(known->planes)});
            continue;
        }
        const auto moved = std::find_if(
            m_lanterns.begin(), m_lanterns.end(), [&](const KeptLantern& k) { return k.lantern.id == q.id; });
        kept.push_back({q, lanternPlanes(f, q, moved != m_lanterns.end() ? std::move(moved->planes) : LightPlanes())});
    }
    m_lanterns = std::move(kept);
    for (const KeptLantern& k : m_lanterns)
        lamps.push_back({colour::blackBody(k.lantern.kelvin) * float(k.lantern.strength), &k.planes, &k.lantern});
    return lamps;
}

/// Lights each layer anew that no longer holds what it was lit with.
void Relighter::lightLayers(const std::vector<Lamp>& lamps, const AirTerms& air)
{
    const StageFrame& f = *m_frame;
    std::vector<Rgb> colours;
    for (const Lamp& lamp : lamps)
        colours.push_back(lamp.colour);
    const std::vector<float> airNow{air.sky, air.half, air.haze.r, air.haze.g, air.haze.b};
    const bool sameLamps = colours == m_lampColours && airNow == m_airThen;
    m_lit.resize(f.layers.size());
    m_litHolds.resize(f.layers.size(), 0);
    struct Piece {
        std::size_t layer;
        int begin, end;
    };
    std::vector<Piece> pieces;
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        const auto touches = [&](const Lamp& lamp) { return lamp.planes->touched.empty() || lamp.planes->touched[i]; };
        if (m_litHolds[i] && sameLamps && std::none_of(lamps.begin(), lamps.end(), touches))
            continue;
        const Layer& l = f.layers[i];
        m_lit[i].assign(l.cover.size(), Rgb{});
        for (int y = 0; y < l.height(); y += 48)
            pieces.push_back({i, y, std::min(l.height(), y + 48)});
    }
    parallelItems(int(pieces.size()), [&](int k) {
        const Piece& p = pieces[std::size_t(k)];
        for (int y = p.begin; y < p.end; ++y)
            litRow(f.layers[p.layer], p.layer, y, m_layerAmbient[p.layer], lamps, air, m_lit[p.layer]);
    });
    m_litHolds.assign(f.layers.size(), 1);
    m_lampColours = std::move(colours), m_airThen = airNow;
    // What was said of the planes is dealt with: seen from the next picture nothing has changed yet.
    m_sunPlanes.touched.assign(f.layers.size(), 0);
    for (KeptLantern& k : m_lanterns)
        k.planes.touched.assign(f.layers.size(), 0);
}

Picture Relighter::light(std::shared_ptr<const StageFrame> frame, const Lights& lights)
{
    meet(std::move(frame));
    const StageFrame& f = *m_frame;
    return {{f.width, f.height, paintedRows(lights, true)}, f.ids, f.pixelsPerCm};
}

LinearPicture Relighter::scene(std::shared_ptr<const StageFrame> frame, const Lights& lights)
{
    meet(std::move(frame));
    return {m_frame->width, m_frame->height, paintedRows(lights, false)};
}

std::vector<Rgb> Relighter::paintedRows(const Lights& lights, bool fit)
{
    const StageFrame& f = *m_frame;
    const std::vector<Lamp> lamps = planesOf(lights);
    struct Lit {
        const Lantern* lantern;
        Rgb colour;
    };
    std::vector<Lit> burning;
    for (const Lamp& lamp : lamps)
        if (lamp.lantern)
            burning.push_back(
                {lamp.lantern, lamp.colour * float(throughAir(lamp.lantern->position.z, lights.air.halfContrastM))});
    const AirTerms air{float(lights.air.skyStrength), float(lights.air.halfContrastM), float(lights.air.wetness),
        f.sky.horizon * float(lights.air.skyStrength)};
    lightLayers(lamps, air);

    const auto nearer = [](const Lit& a, const Lit& b) { return a.lantern->position.z > b.lantern->position.z; };
    std::stable_sort(burning.begin(), burning.end(), nearer);
    std::vector<Glow> glows;
    for (const Lit& b : burning)
        glows.emplace_back(
            f, *b.lantern, b.colour, float(1 - throughAir(b.lantern->position.z, lights.air.halfContrastM)));

    std::vector<Rgb> picture(std::size_t(f.width) * std::size_t(f.height));
    const Rgb up = f.sky.zenith * 0.6f + f.sky.horizon * 0.4f;
    const auto groundAt = [&](Rgb* row, int y, std::vector<float>& mirror) {
        const std::size_t at = std::size_t(y - f.groundTop) * std::size_t(f.width);
        const double z = f.eye.focalCm * f.eye.heightM / std::max(y + 0.5 - f.eye.horizon, 0.25);
        const float clear = float(throughAir(z, lights.air.halfContrastM));
        // The photograph's own haze is in its colours already; only light added to it is dimmed on the way.
        for (int x = 0; x < f.width; ++x)
            row[x] = up * (air.sky * m_groundOpen[at + std::size_t(x)]);
        for (const Lamp& lamp : lamps) {
            const float* e = lamp.planes->ground.data() + at;
            const Rgb colour = lamp.colour * clear;
            for (int x = 0; x < f.width; ++x)
                row[x] = row[x] + colour * e[x];
        }
        const Rgb* albedo = f.groundAlbedo.row(y - f.groundTop);
        for (int x = 0; x < f.width; ++x)
            row[x] = albedo[x] * row[x];
        if (air.wet <= 0 && m_water.empty())
            return;
        for (int x = 0; x < f.width; ++x)
            mirror[std::size_t(x)] = air.wet * m_groundMirror[at + std::size_t(x)];
        if (!m_water.empty())
            waterRow(row, y, f, air.sky, m_water.data() + at, m_groundMirror.data() + at, mirror);
        mirrorRow(row, y, f, m_lit, mirror);
        for (const Lit& b : burning)
            glitterRow(row, y, f, *b.lantern, b.colour * 1.2f, mirror);
    };
    const float gain = exposureGain(lights.air.exposureStops);
    parallelRows(f.height, [&](int begin, int end) {
        std::vector<float> mirror(std::size_t(f.width));
        for (int y = begin; y < end; ++y) {
            Rgb* row = picture.data() + std::size_t(y) * std::size_t(f.width);
            if (y >= f.groundTop)
                groundAt(row, y, mirror);
            else
                for (int x = 0; x < f.width; ++x)
                    row[x] = f.backdrop.row(y)[x] * air.sky;
            std::size_t next = 0;
            for (std::size_t i = 0; i < f.layers.size(); ++i) {
                for (; next < glows.size() && glows[next].z() > f.layers[i].order; ++next)
                    glows[next].addRow(row, y);
                blendRow(row, y, f.layers[i], m_lit[i]);
            }
            for (; next < glows.size(); ++next)
                glows[next].addRow(row, y);
            if (fit)
                fitRow({row, std::size_t(f.width)}, gain);
        }
    });
    return picture;
}

} // namespace rl::light
