#include "core/light/relight.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/light/tone.h"
#include <map>

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

namespace {
bool sameShadows(const Sun& a, const Sun& b)
{
    return a.azimuth == b.azimuth && a.elevation == b.elevation && a.diameter == b.diameter;
}
bool sameShadows(const Lantern& a, const Lantern& b)
{
    return a.position == b.position && a.radius == b.radius && a.reference == b.reference && a.kind == b.kind
        && a.facing == b.facing && a.within == b.within;
}
} // namespace

/// What has changed in the frame is worked out anew, the rest is kept.
void Relighter::meet(std::shared_ptr<const StageFrame> frame, float spill)
{
    if (m_frame == frame && m_spill == spill)
        return;
    const bool sameSpill = m_spill == spill;
    m_spill = spill;
    const auto before = std::move(m_frame);
    m_ids = {};
    m_frame = std::move(frame);
    const StageFrame& f = *m_frame;
    const bool follows = before && before->width == f.width && before->height == f.height
        && before->eye.focalCm == f.eye.focalCm && before->eye.horizon == f.eye.horizon
        && before->eye.heightM == f.eye.heightM && before->eye.x0 == f.eye.x0
        && thinTint(*before).has_value() == thinTint(f).has_value();
    const FrameStep step
        = follows ? stepBetween(*before, f) : FrameStep{&f, std::vector<int>(f.layers.size(), -1), {}, {}};
    const bool sameBackdrop = follows && before->backdrop.identity() == f.backdrop.identity();
    if (!sameBackdrop)
        m_around = surroundingsOf(f);
    const bool keeps = sameBackdrop && sameSpill;
    std::vector<KeptLayer> layers(f.layers.size());
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        const int was = step.from[i];
        if (was >= 0 && keeps && std::size_t(was) < m_layers.size()) {
            layers[i] = std::move(m_layers[std::size_t(was)]);
            layers[i].holds
                = layers[i].holds && before->layers[std::size_t(was)].cover.identity() == f.layers[i].cover.identity();
        } else {
            surround(f.layers[i], layers[i]);
        }
    }
    m_layers = std::move(layers);
    if (follows)
        followOpenness(m_groundOpen, step);
    else
        m_groundOpen = groundOpenness(f);
    m_water = waterOf(f);
    if (!follows) {
        const int rows = std::max(0, f.height - f.groundTop);
        m_groundMirror.resize(std::size_t(rows) * std::size_t(f.width));
        parallelRows(rows, [&](int begin, int end) {
            for (int y = begin; y < end; ++y)
                groundMirrorRow(f, y, m_groundMirror.data() + std::size_t(y) * std::size_t(f.width));
        });
        m_sun.reset();
        m_lanterns.clear();
    } else if (before != m_frame) {
        followFrame(step);
    }
}

void Relighter::surround(const Layer& l, KeptLayer& kept) const
{
    const auto w = std::size_t(l.width());
    kept.ambient.resize(l.cover.size());
    kept.mirrored.resize(glossAlpha(l.material) > 0 ? l.cover.size() : 0);
    parallelRows(l.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            ambientRow(*m_frame, l, m_around, m_spill, y, kept.ambient.data() + std::size_t(y) * w);
            if (!kept.mirrored.empty())
                mirroredRow(*m_frame, l, m_around, y, kept.mirrored.data() + std::size_t(y) * w);
        }
    });
}

void Relighter::followFrame(const FrameStep& step)
{
    std::vector<PlanesOf> kept;
    if (m_sun)
        kept.push_back({&*m_sun, nullptr, &m_sunPlanes});
    for (KeptLantern& k : m_lanterns)
        if (!k.planes.layerShade.empty() || !k.planes.ground.empty())
            kept.push_back({nullptr, &k.lantern, &k.planes});
    follow(step, kept);
}

std::vector<Relighter::Lamp> Relighter::planesOf(const Lights& lights)
{
    const StageFrame& f = *m_frame;
    std::vector<Lamp> lamps;
    const bool sun = lights.sun.on && lights.sun.strength > 0;
    std::vector<PlanesOf> wanted;
    if (sun && (!m_sun || !sameShadows(*m_sun, lights.sun)))
        wanted.push_back({&lights.sun, nullptr, &m_sunPlanes});
    if (sun) {
        m_sun = lights.sun;
        lamps.push_back({colourOf(lights.sun) * float(lights.sun.strength), &m_sunPlanes, nullptr});
    } else {
        m_sun.reset();
    }
    std::vector<KeptLantern> kept;
    std::vector<char> holds;
    std::map<int, int> parts;
    for (const Lantern& q : burningOf(lights, &f)) {
        const int part = parts[q.id]++;
        const auto own = [&](const KeptLantern& k) { return k.lantern.id == q.id && k.part == part; };
        const auto known = std::find_if(m_lanterns.begin(), m_lanterns.end(), own);
        holds.push_back(known != m_lanterns.end() && sameShadows(known->lantern, q));
        kept.push_back({q, part, known == m_lanterns.end() ? LightPlanes() : std::move(known->planes)});
    }
    for (std::size_t i = 0; i < kept.size(); ++i)
        if (!holds[i])
            wanted.push_back({nullptr, &kept[i].lantern, &kept[i].planes});
    light::planesOf(f, wanted);
    m_lanterns = std::move(kept);
    for (const KeptLantern& k : m_lanterns)
        lamps.push_back({colourOf(k.lantern) * float(k.lantern.strength), &k.planes, &k.lantern});
    return lamps;
}

/// Lights each layer anew that no longer holds what it was lit with.
void Relighter::lightLayers(const std::vector<Lamp>& lamps, const Lights& lights, const Painter& painter)
{
    const StageFrame& f = *m_frame;
    std::vector<Rgb> colours;
    for (const Lamp& lamp : lamps)
        colours.push_back(lamp.colour);
    const std::optional<Rgb> tint = thinTint(f);
    const bool same = colours == m_lampColours && m_airThen && *m_airThen == lights.air && tint == m_tintThen;
    struct Piece {
        std::size_t layer;
        int begin, end;
    };
    std::vector<Piece> pieces;
    m_lit.lit.resize(f.layers.size());
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        KeptLayer& kept = m_layers[i];
        m_lit.lit[i] = std::move(kept.lit);
        const auto touches = [&](const Lamp& lamp) { return lamp.planes->touched.empty() || lamp.planes->touched[i]; };
        if (kept.holds && same && kept.bounce == painter.bounces()[i]
            && std::none_of(lamps.begin(), lamps.end(), touches))
            continue;
        const Layer& l = f.layers[i];
        kept.bounce = painter.bounces()[i];
        m_lit.lit[i].resize(l.cover.size()); // what a layer does not cover stays nothing
        for (int y = 0; y < l.height(); y += 48)
            pieces.push_back({i, y, std::min(l.height(), y + 48)});
    }
    parallelItems(int(pieces.size()), [&](int k) {
        const Piece& p = pieces[std::size_t(k)];
        const KeptLayer& kept = m_layers[p.layer];
        const auto w = std::size_t(f.layers[p.layer].width());
        Painter::Scratch scratch;
        for (int y = p.begin; y < p.end; ++y) {
            const std::size_t at = std::size_t(y) * w;
            painter.litLayerRow(p.layer, y, kept.ambient.data() + at,
                kept.mirrored.empty() ? nullptr : kept.mirrored.data() + at, scratch, m_lit.lit[p.layer].data() + at);
        }
    });
    for (KeptLayer& kept : m_layers)
        kept.holds = true;
    m_lampColours = std::move(colours), m_airThen = lights.air, m_tintThen = tint;
    // What was said of the planes is dealt with: seen from the next picture nothing has changed yet.
    m_sunPlanes.touched.assign(f.layers.size(), 0);
    for (KeptLantern& k : m_lanterns)
        k.planes.touched.assign(f.layers.size(), 0);
}

Picture Relighter::light(std::shared_ptr<const StageFrame> frame, const Lights& lights)
{
    meet(std::move(frame), float(lights.air.spill));
    const StageFrame& f = *m_frame;
    if (m_ids.empty())
        m_ids = stage::idsOf(f);
    return {{f.width, f.height, paintedRows(lights, true)}, m_ids, f.pixelsPerCm};
}

LinearPicture Relighter::scene(std::shared_ptr<const StageFrame> frame, const Lights& lights)
{
    meet(std::move(frame), float(lights.air.spill));
    return {m_frame->width, m_frame->height, paintedRows(lights, false)};
}

Uncleared<Rgb> Relighter::paintedRows(const Lights& lights, bool fit)
{
    const StageFrame& f = *m_frame;
    const std::vector<Lamp> lamps = planesOf(lights);
    LampSources sources;
    for (const Lamp& lamp : lamps)
        sources.push_back(
            keptSource(f, *lamp.planes, lamp.colour, lamp.lantern ? std::optional(*lamp.lantern) : std::nullopt));
    const Painter painter(f, lights, sources, m_around, m_groundOpen, m_water);
    lightLayers(lamps, lights, painter);
    painter.addImages(m_lit);
    Uncleared<Rgb> picture(std::size_t(f.width) * std::size_t(f.height));
    const Exposure exposure = exposureOf(lights.air);
    constexpr int rows = 16; // ground costs far more than sky: small pieces keep both cores busy
    parallelItems((f.height + rows - 1) / rows, [&](int piece) {
        Painter::Scratch scratch;
        for (int y = piece * rows; y < std::min(f.height, (piece + 1) * rows); ++y) {
            Rgb* row = picture.data() + std::size_t(y) * std::size_t(f.width);
            const float* fresnel = y < f.groundTop
                ? nullptr
                : m_groundMirror.data() + std::size_t(y - f.groundTop) * std::size_t(f.width);
            painter.pictureRow(y, m_lit, fresnel, scratch, row);
            if (fit)
                fitRow({row, std::size_t(f.width)}, exposure);
        }
    });
    for (std::size_t i = 0; i < m_layers.size(); ++i)
        m_layers[i].lit = std::move(m_lit.lit[i]);
    return picture;
}

Result<Photo> finalPicture(std::shared_ptr<const StageFrame> frame, const Lights& lights, Progress& progress, int strip)
{
    const StageFrame& f = *frame;
    const LampSources lamps = sourcesOf(f, lights);
    const Surroundings around = surroundingsOf(f);
    const std::vector<float> open = groundOpenness(f), water = waterOf(f);
    const Painter painter(f, lights, lamps, around, open, water);
    strip = std::clamp(strip, 1, 4096);
    double rows = f.height, done = 0;
    for (const Layer& l : f.layers)
        rows += l.height();
    // Strip by strip, so that it can be given up soon; a row never depends on its strip.
    const auto inStrips
        = [&](int count, const std::string& note, const std::function<void(int, Painter::Scratch&)>& row) {
              for (int y = 0; y < count && !progress.cancelled(); y += strip) {
                  progress.report(done / rows, note);
                  const int height = std::min(strip, count - y);
                  parallelRows(height, [&](int begin, int end) {
                      Painter::Scratch scratch;
                      for (int i = begin; i < end; ++i)
                          row(y + i, scratch);
                  });
                  done += height;
              }
          };
    LitLayers lit;
    lit.lit.resize(f.layers.size());
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        const Layer& l = f.layers[i];
        lit.lit[i].resize(l.cover.size());
        inStrips(l.height(), tr("lighting what stands"), [&](int y, Painter::Scratch& scratch) {
            painter.litLayerRow(
                i, y, nullptr, nullptr, scratch, lit.lit[i].data() + std::size_t(y) * std::size_t(l.width()));
        });
    }
    if (!progress.cancelled())
        painter.addImages(lit);
    std::vector<Rgb8> picture(std::size_t(f.width) * std::size_t(f.height));
    const Exposure exposure = exposureOf(lights.air);
    inStrips(f.height, "painting", [&](int y, Painter::Scratch& scratch) {
        scratch.row.resize(std::size_t(f.width));
        painter.pictureRow(y, lit, nullptr, scratch, scratch.row.data());
        fitRow(scratch.row, exposure);
        std::transform(scratch.row.begin(), scratch.row.end(), picture.data() + std::size_t(y) * std::size_t(f.width),
            [](Rgb c) { return colour::codeOf(c); });
    });
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("The picture was cancelled."), ""};
    return Photo(f.width, f.height, std::move(picture));
}

} // namespace rl::light
