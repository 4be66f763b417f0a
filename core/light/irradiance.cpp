#include "core/light/irradiance.h"
#include "core/base/parallel.h"
#include "core/light/facing.h"
#include "core/light/own_shade.h"
#include <numeric>
#include <variant>

namespace rl::light {

namespace {
using stage::Layer;
using stage::StageFrame;

/// Some rows of one layer, or of the ground: what one core does at a time.
struct Piece {
    int layer = -1; ///< -1: the ground
    int begin = 0, end = 0;
};
constexpr int kRows = 16;
std::vector<Piece> piecesOf(const StageFrame& f)
{
    std::vector<Piece> all;
    const auto cut = [&](int layer, int rows) {
        for (int y = 0; y < rows; y += kRows)
            all.push_back({layer, y, std::min(rows, y + kRows)});
    };
    for (std::size_t i = 0; i < f.layers.size(); ++i)
        cut(int(i), f.layers[i].height());
    cut(-1, std::max(f.height - f.groundTop, 0));
    return all;
}

template <class T> std::span<T> rowOf(Uncleared<T>& plane, int y, std::size_t width)
{
    return {plane.data() + std::size_t(y) * width, width};
}

/// One body's share in the shade of a light: added, or taken away.
struct Thrown {
    const stage::BodyMap* map;
    int element;
    bool thin;
    int sign;
};
using Throws = std::vector<Thrown>;
Throws throwsOf(const StageFrame& f, const ShadowMaps& maps, int spared)
{
    Throws all;
    for (std::size_t i = 0; i < f.layers.size(); ++i)
        if (const Layer& l = f.layers[i]; maps[i] && l.element != spared)
            all.push_back({maps[i].get(), l.element, l.caster->thin, 1});
    return all;
}

/// Corners of all that a piece holds.
std::array<Vec3, 8> pieceCorners(const StageFrame& f, const Piece& piece)
{
    std::array<Vec3, 8> corners;
    std::size_t n = 0;
    const auto add = [&](const stage::RayRow& r, double depth) {
        for (const int i : {0, std::max(r.count - 1, 0)})
            corners[n++] = r.origin + (r.way + r.step * i) * depth;
    };
    std::array<double, 2> reach{1, 1};
    const Layer* l = piece.layer < 0 ? nullptr : &f.layers[std::size_t(piece.layer)];
    for (int y = piece.begin; l && y < piece.end && !l->depth.empty(); ++y) {
        const auto [least, most] = l->rowReach[std::size_t(y)];
        reach[0] = y == piece.begin ? double(least) : std::min(reach[0], double(least));
        reach[1] = y == piece.begin ? double(most) : std::max(reach[1], double(most));
    }
    for (const int y : {piece.begin, piece.end - 1}) {
        const stage::RayRow row
            = l ? layerRow(f, *l, y, 0).rays(std::size_t(l->width())) : Row{groundRow(f, y)}.rays(std::size_t(f.width));
        add(row, reach[0]), add(row, reach[1]);
    }
    return corners;
}

/// Those that can matter to a piece.
Throws within(const Throws& all, const StageFrame& f, const Piece& piece, const ShadowLight& light)
{
    const std::array<Vec3, 8> corners = pieceCorners(f, piece);
    const int own = piece.layer < 0 ? -1 : f.layers[std::size_t(piece.layer)].element;
    Throws some;
    for (const Thrown& t : all)
        if (t.element != own && t.map->mayReach(corners, light.size))
            some.push_back(t);
    return some;
}

/// The planes of one layer (or the ground) at one row.
struct Slots {
    std::span<float> e, shine;
    std::span<Shade> shades, thin;
    Slots part(std::size_t from, std::size_t count) const
    {
        const auto cut = [&](auto span) { return span.empty() ? span : span.subspan(from, count); };
        return {cut(e), cut(shine), cut(shades), cut(thin)};
    }
};

/// Where a light falls without shadows. \return the columns outside of which it falls on nothing
template <class Facing>
std::array<int, 2> falls(const Layer& l, const Facing& facing, const Row& at, const Vec3f* normals, const Slots& slots)
{
    facing.onLayer(slots.e, at, normals, l);
    if (!slots.shine.empty())
        facing.shine(slots.shine, at, normals, glossAlpha(l.material));
    const auto dark = [&](std::size_t i) { return slots.e[i] <= 0 && (slots.shine.empty() || slots.shine[i] <= 0); };
    std::size_t from = 0, to = slots.e.size();
    while (from < to && dark(from))
        ++from;
    while (to > from && dark(to - 1))
        --to;
    return {int(from), int(to)};
}
void shadow(const Slots& slots)
{
    dimmed(slots.e, slots.shades.data());
    if (!slots.shine.empty())
        dimmed(slots.shine, slots.shades.data());
}

/// Rows of a piece whose shade is worked out together.
class ShadedRows {
public:
    void add(const Slots& slots, const Row& at)
    {
        m_slots.push_back(slots);
        m_all.push_back({slots.shades, at.rays(slots.shades.size())});
        m_thin.push_back({slots.thin, m_all.back().points});
    }
    void work(const ShadowLight& light, const Throws& all)
    {
        for (const Thrown& t : all) {
            shade(m_all, light, *t.map, t.sign);
            if (t.thin && !m_thin.empty() && !m_thin[0].shade.empty())
                shade(m_thin, light, *t.map, t.sign);
        }
    }
    std::size_t size() const { return m_slots.size(); }
    const Slots& slots(std::size_t k) const { return m_slots[k]; }
    /// Was any of it reached?
    bool reached(std::size_t k) const { return m_all[k].reached(); }
    /// What was.
    Slots touched(std::size_t k) const
    {
        const auto [from, to] = m_all[k].touched;
        return m_slots[k].part(std::size_t(from), std::size_t(to - from));
    }

private:
    std::vector<Slots> m_slots;
    std::vector<ShadedRow> m_all, m_thin; ///< all shade, and of it what thin casters do
};

/// Rows of a layer, only where it covers anything; what lies outside is never looked at.
/// \param slotsOf of a row \param lit gets of each row the columns outside of which the light falls on nothing
template <class Facing, class SlotsOf>
void freshRows(const StageFrame& f, const Piece& piece, const Facing& facing, const Throws& all, const OwnShade& own,
    SlotsOf slotsOf, std::array<int, 2>* lit)
{
    const Layer& l = f.layers[std::size_t(piece.layer)];
    ShadedRows rows;
    std::vector<std::array<int, 2>> places; // row and column of each
    for (int y = piece.begin; y < piece.end; ++y) {
        const auto [begin, end] = l.spans[std::size_t(y)];
        auto& [first, last] = lit[y - piece.begin] = {0, 0};
        if (begin >= end)
            continue;
        const Slots slots = slotsOf(y).part(std::size_t(begin), std::size_t(end - begin));
        std::fill(slots.shades.begin(), slots.shades.end(), 0);
        std::fill(slots.thin.begin(), slots.thin.end(), 0);
        const auto [from, to] = falls(l, facing, layerRow(f, l, y, begin), l.normal.row(y) + begin, slots);
        if (from >= to)
            continue;
        first = begin + from, last = begin + to;
        rows.add(slots.part(std::size_t(from), std::size_t(to - from)), layerRow(f, l, y, first));
        places.push_back({y, first});
    }
    rows.work(facing.shadow, all);
    for (std::size_t k = 0; k < rows.size(); ++k) {
        own.addTo(rows.slots(k).shades, places[k][0], places[k][1]);
        shadow(own.any() ? rows.slots(k) : rows.touched(k));
    }
}

template <class Facing, class SlotsOf>
void freshGround(const StageFrame& f, const Piece& piece, const Facing& facing, const Throws& all, SlotsOf slotsOf)
{
    ShadedRows rows;
    for (int y = piece.begin; y < piece.end; ++y) {
        const Slots slots = slotsOf(y);
        std::fill(slots.shades.begin(), slots.shades.end(), 0);
        std::fill(slots.thin.begin(), slots.thin.end(), 0);
        const PointRow points = groundRow(f, y);
        facing.onGround(slots.e, points);
        rows.add(slots, Row{points});
    }
    rows.work(facing.shadow, all);
    for (std::size_t k = 0; k < rows.size(); ++k)
        shadow(rows.touched(k));
}

template <class Facing>
OwnShade ownOf(const StageFrame& f, std::size_t layer, const ShadowMaps& maps, const Facing& facing)
{
    return f.layers[layer].element == facing.spares ? OwnShade()
                                                    : OwnShade(f, f.layers[layer], maps[layer], facing.shadow);
}

bool anyThin(const StageFrame& f)
{
    return std::any_of(f.layers.begin(), f.layers.end(), [](const Layer& l) { return l.caster->thin; });
}

void makeRoom(LightPlanes& p, std::size_t i, const Layer& l, bool thin)
{
    const std::size_t size = l.cover.size();
    p.layers[i].resize(size);
    p.layerShade[i].resize(size);
    p.layerShine[i].resize(glossAlpha(l.material) > 0 ? size : 0);
    p.layerThin[i].resize(thin ? size : 0);
    p.layerLit[i].resize(std::size_t(l.height()));
}

template <class T> std::span<T> partOf(Uncleared<T>& plane, int y, std::size_t width)
{
    return plane.empty() ? std::span<T>() : rowOf(plane, y, width);
}
Slots layerSlots(LightPlanes& p, std::size_t i, const Layer& l, int y)
{
    const auto w = std::size_t(l.width());
    return {rowOf(p.layers[i], y, w), partOf(p.layerShine[i], y, w), rowOf(p.layerShade[i], y, w),
        partOf(p.layerThin[i], y, w)};
}
Slots groundSlots(LightPlanes& p, const StageFrame& f, int y)
{
    const auto w = std::size_t(f.width);
    return {rowOf(p.ground, y, w), {}, rowOf(p.groundShade, y, w), partOf(p.groundThin, y, w)};
}

/// One light's planes on their way.
struct PlanesWork {
    LightPlanes* out;
    std::variant<SunFacing, LanternFacing> facing;
    Throws all{};
    std::vector<OwnShade> owns{};
    const ShadowLight& shadow() const
    {
        return std::visit([](const auto& f) -> const ShadowLight& { return f.shadow; }, facing);
    }
    int spares() const
    {
        return std::visit([](const auto& f) { return f.spares; }, facing);
    }
};

/// Room for all planes, made by many hands: fresh memory costs nearly as much as what is written into it.
void makeRooms(const StageFrame& f, std::span<const PlanesWork> works)
{
    const bool thin = anyThin(f);
    const std::size_t ground = std::size_t(std::max(f.height - f.groundTop, 0)) * std::size_t(f.width);
    for (const PlanesWork& w : works) {
        w.out->touched.clear();
        for (auto* planes : {&w.out->layers, &w.out->layerShine})
            planes->resize(f.layers.size());
        for (auto* planes : {&w.out->layerShade, &w.out->layerThin})
            planes->resize(f.layers.size());
        w.out->layerLit.resize(f.layers.size());
    }
    const int each = int(f.layers.size()) + 1;
    parallelItems(each * int(works.size()), [&](int k) {
        LightPlanes& out = *works[std::size_t(k / each)].out;
        if (const auto i = std::size_t(k % each); i < f.layers.size()) {
            makeRoom(out, i, f.layers[i], thin);
            return;
        }
        out.ground.resize(ground), out.groundShade.resize(ground);
        out.groundThin.resize(thin ? ground : 0);
    });
}

/// Layers by the size of their bodies, so that no core is left alone with a large one.
std::vector<std::size_t> largestFirst(const StageFrame& f)
{
    std::vector<std::size_t> order(f.layers.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(),
        [&](std::size_t a, std::size_t b) { return f.layers[a].cover.size() > f.layers[b].cover.size(); });
    return order;
}

/// Every caster's map from every light; those that a caster still has cost nothing.
void makeMaps(const StageFrame& f, std::span<const PlanesWork> works)
{
    for (const PlanesWork& w : works)
        w.out->maps.assign(f.layers.size(), nullptr);
    const std::vector<std::size_t> order = largestFirst(f);
    parallelItems(int(order.size() * works.size()), [&](int k) {
        const PlanesWork& w = works[std::size_t(k) % works.size()];
        const std::size_t i = order[std::size_t(k) / works.size()];
        if (!f.layers[i].caster->empty())
            w.out->maps[i] = f.layers[i].caster->seenFrom(w.shadow().place());
    });
}

std::vector<PlanesWork> worksOf(std::span<const PlanesOf> wanted)
{
    std::vector<PlanesWork> works;
    for (const PlanesOf& w : wanted) {
        if (w.sun)
            works.push_back({w.planes, SunFacing(*w.sun)});
        else
            works.push_back({w.planes, LanternFacing(*w.lantern)});
    }
    return works;
}

/// All maps first, then all rooms, then all pieces of all lights, so that no core waits at the end of each light.
void workOut(const StageFrame& f, std::span<PlanesWork> works)
{
    makeMaps(f, works);
    makeRooms(f, works);
    for (PlanesWork& w : works) {
        w.all = throwsOf(f, w.out->maps, w.spares());
        for (std::size_t i = 0; i < f.layers.size(); ++i)
            w.owns.push_back(
                std::visit([&](const auto& facing) { return ownOf(f, i, w.out->maps, facing); }, w.facing));
    }
    const std::vector<Piece> pieces = piecesOf(f);
    parallelItems(int(pieces.size() * works.size()), [&](int k) {
        PlanesWork& w = works[std::size_t(k) / pieces.size()];
        const Piece& p = pieces[std::size_t(k) % pieces.size()];
        const Throws some = within(w.all, f, p, w.shadow());
        std::visit(
            [&](const auto& facing) {
                if (p.layer < 0) {
                    freshGround(f, p, facing, some, [&](int y) { return groundSlots(*w.out, f, y); });
                    return;
                }
                const auto i = std::size_t(p.layer);
                freshRows(
                    f, p, facing, some, w.owns[i], [&](int y) { return layerSlots(*w.out, i, f.layers[i], y); },
                    w.out->layerLit[i].data() + p.begin);
            },
            w.facing);
    });
}

/// Of what has gone (taken away) and what has come (added), with the maps that are held meanwhile.
Throws stepsOf(const FrameStep& step, const ShadowLight& light, int spared, ShadowMaps& held)
{
    Throws all;
    const auto by = [&](const stage::Caster& c, int sign) {
        if (c.empty() || (c.element == spared && spared != 0))
            return;
        held.push_back(c.seenFrom(light.place()));
        all.push_back({held.back().get(), c.element, c.thin, sign});
    };
    for (const auto& c : step.gone)
        by(*c, -1);
    for (const auto& c : step.come)
        by(*c, 1);
    return all;
}

/// Rows of a layer that is still there. \return was any of it touched?
template <class Facing>
bool stepLayer(LightPlanes& p, const Piece& piece, const FrameStep& step, const Facing& facing, const Throws& changes)
{
    const StageFrame& f = *step.after;
    const auto i = std::size_t(piece.layer);
    const Layer& l = f.layers[i];
    ShadedRows rows;
    std::vector<int> places;
    for (int y = piece.begin; y < piece.end; ++y)
        if (const auto [begin, end] = p.layerLit[i][std::size_t(y)]; begin < end) {
            rows.add(
                layerSlots(p, i, l, y).part(std::size_t(begin), std::size_t(end - begin)), layerRow(f, l, y, begin));
            places.push_back(y);
        }
    rows.work(facing.shadow, changes);
    bool any = false;
    for (std::size_t k = 0; k < rows.size(); ++k) {
        if (!rows.reached(k))
            continue;
        const int y = places[k], begin = p.layerLit[i][std::size_t(y)][0];
        falls(l, facing, layerRow(f, l, y, begin), l.normal.row(y) + begin, rows.slots(k));
        shadow(rows.slots(k));
        any = true;
    }
    return any;
}

template <class Facing>
void stepGround(LightPlanes& p, const Piece& piece, const FrameStep& step, const Facing& facing, const Throws& changes)
{
    const StageFrame& f = *step.after;
    ShadedRows rows;
    for (int y = piece.begin; y < piece.end; ++y)
        rows.add(groundSlots(p, f, y), Row{groundRow(f, y)});
    rows.work(facing.shadow, changes);
    for (std::size_t k = 0; k < rows.size(); ++k) {
        if (!rows.reached(k))
            continue;
        facing.onGround(rows.slots(k).e, groundRow(f, piece.begin + int(k)));
        dimmed(rows.slots(k).e, rows.slots(k).shades.data());
    }
}

/// What stays is handed on; what is new gets room.
void carry(LightPlanes& p, const FrameStep& step)
{
    const StageFrame& f = *step.after;
    const bool thin = anyThin(f);
    const auto carried = [&](auto& planes) {
        std::remove_reference_t<decltype(planes)> old(f.layers.size());
        std::swap(old, planes);
        for (std::size_t i = 0; i < f.layers.size(); ++i)
            if (step.from[i] >= 0)
                planes[i] = std::move(old[std::size_t(step.from[i])]);
    };
    carried(p.layers), carried(p.layerShade), carried(p.layerShine), carried(p.layerThin), carried(p.layerLit);
    for (std::size_t i = 0; i < f.layers.size(); ++i)
        if (step.from[i] < 0)
            makeRoom(p, i, f.layers[i], thin);
}

/// One light's planes on their way to the next frame.
struct FollowWork {
    Throws changes{};
    ShadowMaps held{};
    ShadowMaps before{}; ///< held meanwhile: casters keep their maps no longer than somebody reads them
    std::vector<char> touched{}; ///< by piece
};

template <class Facing>
bool stepPiece(PlanesWork& w, const Piece& piece, const FrameStep& step, const Facing& facing, const Throws& changes)
{
    const StageFrame& f = *step.after;
    const bool fresh = piece.layer >= 0 && step.from[std::size_t(piece.layer)] < 0;
    const Throws some = within(fresh ? w.all : changes, f, piece, facing.shadow);
    const auto i = std::size_t(piece.layer);
    if (fresh) {
        freshRows(
            f, piece, facing, some, w.owns[i], [&](int y) { return layerSlots(*w.out, i, f.layers[i], y); },
            w.out->layerLit[i].data() + piece.begin);
        return true;
    }
    if (some.empty())
        return false;
    if (piece.layer >= 0)
        return stepLayer(*w.out, piece, step, facing, some);
    stepGround(*w.out, piece, step, facing, some);
    return false;
}
} // namespace

void planesOf(const StageFrame& f, std::span<const PlanesOf> wanted)
{
    std::vector<PlanesWork> works = worksOf(wanted);
    workOut(f, works);
}
void follow(const FrameStep& step, std::span<const PlanesOf> kept)
{
    const StageFrame& f = *step.after;
    std::vector<PlanesWork> works = worksOf(kept);
    std::vector<FollowWork> steps(works.size());
    for (std::size_t k = 0; k < works.size(); ++k)
        steps[k].before = std::move(works[k].out->maps);
    makeMaps(f, works);
    const std::vector<Piece> pieces = piecesOf(f);
    for (std::size_t k = 0; k < works.size(); ++k) {
        PlanesWork& w = works[k];
        carry(*w.out, step);
        steps[k].changes = stepsOf(step, w.shadow(), w.spares(), steps[k].held);
        steps[k].touched.assign(pieces.size(), 0);
        w.all = throwsOf(f, w.out->maps, w.spares());
        w.owns.resize(f.layers.size());
        for (std::size_t i = 0; i < w.owns.size(); ++i)
            if (step.from[i] < 0)
                w.owns[i] = std::visit([&](const auto& facing) { return ownOf(f, i, w.out->maps, facing); }, w.facing);
    }
    parallelItems(int(pieces.size() * works.size()), [&](int k) {
        const std::size_t light = std::size_t(k) / pieces.size(), piece = std::size_t(k) % pieces.size();
        steps[light].touched[piece] = std::visit(
            [&](const auto& facing) {
                return stepPiece(works[light], pieces[piece], step, facing, steps[light].changes);
            },
            works[light].facing);
    });
    for (std::size_t k = 0; k < works.size(); ++k) {
        std::vector<char>& touched = works[k].out->touched;
        touched.assign(f.layers.size(), 0);
        for (std::size_t i = 0; i < pieces.size(); ++i)
            if (pieces[i].layer >= 0 && steps[k].touched[i])
                touched[std::size_t(pieces[i].layer)] = 1;
    }
}
LightPlanes sunPlanes(const StageFrame& f, const Sun& sun)
{
    LightPlanes planes;
    const PlanesOf one{&sun, nullptr, &planes};
    planesOf(f, {&one, 1});
    return planes;
}
LightPlanes lanternPlanes(const StageFrame& f, const Lantern& lantern)
{
    LightPlanes planes;
    const PlanesOf one{nullptr, &lantern, &planes};
    planesOf(f, {&one, 1});
    return planes;
}
namespace {
template <class Facing>
void layerRowBy(const StageFrame& f, std::size_t i, int y, const ShadowMaps& maps, const Facing& facing, LightRow& out)
{
    const Layer& l = f.layers[i];
    const auto w = std::size_t(l.width());
    out.e.assign(w, 0.f), out.shade.assign(w, 0);
    out.shine.assign(glossAlpha(l.material) > 0 ? w : 0, 0.f);
    out.thin.assign(anyThin(f) ? w : 0, 0);
    const Throws some = within(throwsOf(f, maps, facing.spares), f, {int(i), y, y + 1}, facing.shadow);
    std::array<int, 2> lit;
    freshRows(
        f, {int(i), y, y + 1}, facing, some, ownOf(f, i, maps, facing),
        [&](int) {
            return Slots{out.e, out.shine, out.shade, out.thin};
        },
        &lit);
}
template <class Facing>
void groundRowBy(const StageFrame& f, int y, const ShadowMaps& maps, const Facing& facing, LightRow& out)
{
    const auto w = std::size_t(f.width);
    out.e.assign(w, 0.f), out.shade.assign(w, 0);
    out.shine.clear();
    out.thin.assign(anyThin(f) ? w : 0, 0);
    const Throws some = within(throwsOf(f, maps, facing.spares), f, {-1, y, y + 1}, facing.shadow);
    freshGround(f, {-1, y, y + 1}, facing, some, [&](int) { return Slots{out.e, {}, out.shade, out.thin}; });
}
} // namespace

void layerRowOf(const StageFrame& f, std::size_t i, int y, const ShadowMaps& maps, const Sun* sun,
    const Lantern* lantern, LightRow& out)
{
    sun ? layerRowBy(f, i, y, maps, SunFacing(*sun), out) : layerRowBy(f, i, y, maps, LanternFacing(*lantern), out);
}
void groundRowOf(
    const StageFrame& f, int y, const ShadowMaps& maps, const Sun* sun, const Lantern* lantern, LightRow& out)
{
    sun ? groundRowBy(f, y, maps, SunFacing(*sun), out) : groundRowBy(f, y, maps, LanternFacing(*lantern), out);
}

std::optional<Rgb> thinTint(const StageFrame& f)
{
    Rgb sum{};
    double n = 0;
    for (const Layer& l : f.layers) {
        if (!l.caster->thin)
            continue;
        for (int y = 0; y < l.height(); y += 4)
            for (int x = 0; x < l.width(); x += 4)
                sum = sum + l.albedo.at(x, y) * l.cover.at(x, y), n += double(l.cover.at(x, y));
        n += 1e-6;
    }
    if (n <= 0)
        return {};
    return luminance(sum) > 0 ? sum * (1 / luminance(sum)) : Rgb{1, 1, 1};
}

FrameStep stepBetween(const StageFrame& before, const StageFrame& after)
{
    FrameStep step;
    step.after = &after;
    std::vector<char> stays(before.layers.size(), 0);
    for (const Layer& l : after.layers) {
        const auto same = [&](const Layer& o) { return o.caster == l.caster; };
        const auto found = std::find_if(before.layers.begin(), before.layers.end(), same);
        step.from.push_back(found == before.layers.end() ? -1 : int(found - before.layers.begin()));
        if (step.from.back() < 0)
            step.come.push_back(l.caster);
        else
            stays[std::size_t(step.from.back())] = 1;
    }
    for (std::size_t i = 0; i < before.layers.size(); ++i)
        if (!stays[i])
            step.gone.push_back(before.layers[i].caster);
    return step;
}

} // namespace rl::light
