#include "core/stage/kin.h"
#include "core/base/words.h"
#include "core/project/stage_edits.h"
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::stage {

namespace {
/// Even numbers from one seed, the same everywhere (the standard fixes the engine, not its distributions).
class Chance {
public:
    explicit Chance(std::uint32_t seed)
        : m_engine(seed)
    {
    }
    double upTo(double k) { return k * double(m_engine()) / 4294967296.0; }
    double either(double k) { return upTo(2 * k) - k; }
    bool coin() { return m_engine() & 0x10000U; }

private:
    std::mt19937 m_engine;
};

bool within(const std::vector<Vec2>& polygon, Vec2 q)
{
    bool in = false;
    for (std::size_t i = 0, j = polygon.size() - 1; i < polygon.size(); j = i++) {
        const Vec2 a = polygon[i], b = polygon[j];
        if ((a.y > q.y) != (b.y > q.y) && q.x < (b.x - a.x) * (q.y - a.y) / (b.y - a.y) + a.x)
            in = !in;
    }
    return in;
}

std::vector<Vec2> alongPath(const KinWish& w)
{
    std::vector<double> until{0};
    for (std::size_t i = 1; i < w.ground.size(); ++i)
        until.push_back(until.back() + (w.ground[i] - w.ground[i - 1]).length());
    std::vector<Vec2> out;
    for (int i = 0; i < w.count; ++i) {
        const double d = until.back() * (w.count > 1 ? double(i) / (w.count - 1) : 0.5);
        std::size_t k = 1;
        while (k + 1 < until.size() && until[k] < d)
            ++k;
        const double span = until[k] - until[k - 1], t = span > 0 ? (d - until[k - 1]) / span : 0;
        out.push_back(w.ground[k - 1] + (w.ground[k] - w.ground[k - 1]) * t);
    }
    return out;
}

std::vector<Vec2> overArea(const KinWish& w)
{
    Vec2 low = w.ground.front(), high = low;
    for (const Vec2& q : w.ground) {
        low = {std::min(low.x, q.x), std::min(low.y, q.y)};
        high = {std::max(high.x, q.x), std::max(high.y, q.y)};
    }
    Chance chance(w.seed);
    std::vector<Vec2> out;
    for (int i = 0; i < w.count; ++i) {
        Vec2 best;
        double far = -1;
        for (int tries = 0, good = 0; tries < 400 && good < 12; ++tries) {
            const Vec2 q{low.x + chance.upTo(high.x - low.x), low.y + chance.upTo(high.y - low.y)};
            if (!within(w.ground, q))
                continue;
            ++good;
            double nearest = 1e300;
            for (const Vec2& o : out)
                nearest = std::min(nearest, (o - q).length());
            if (nearest > far)
                far = nearest, best = q;
        }
        if (far >= 0)
            out.push_back(best);
    }
    return out;
}

std::vector<Vec2> inDepth(const KinWish& w)
{
    const Vec2 a = w.ground.front(), b = w.ground.back();
    const double za = std::max(0.3, a.y), zb = std::max(0.3, b.y);
    std::vector<Vec2> out;
    for (int i = 0; i < w.count; ++i) {
        const double t = w.count > 1 ? double(i) / (w.count - 1) : 0, z = 1 / ((1 - t) / za + t / zb),
                     way = std::abs(zb - za) > 1e-9 ? (z - za) / (zb - za) : t;
        out.push_back({a.x + (b.x - a.x) * way, z});
    }
    return out;
}
} // namespace

std::vector<Vec2> spreadPlaces(const KinWish& wish)
{
    KinWish w = wish;
    w.count = std::clamp(w.count, 1, 100);
    if (w.ground.size() < (w.spread == Spread::Area ? 3u : 2u))
        return {};
    switch (w.spread) {
    case Spread::Path:
        return alongPath(w);
    case Spread::Area:
        return overArea(w);
    case Spread::Depth:
        return inDepth(w);
    }
    return {};
}

Project withKin(Project p, const KinWish& w)
{
    const Element* first = p.element(w.of);
    const std::vector<Vec2> places = spreadPlaces(w);
    if (!first || places.empty())
        return p;
    const Element model = *first;
    const Eye eye = eyeOf(p);
    const bool card = isCard(p, model);
    int group = model.group;
    if (!group) {
        group = p.freshId();
        p.groups.push_back({group, tr("copies of %1", model.name)});
        p.element(w.of)->group = group;
    }
    Chance chance(w.seed * 2654435761U + 17U);
    int n = 0;
    for (const Vec2& m : places) {
        Element e = model;
        e.id = p.freshId();
        e.name = model.name + " " + std::to_string(++n);
        e.cast = 0, e.step = 0, e.locked = false, e.notes.clear();
        e.group = group;
        e.kinOf = model.id;
        e.baseCm = projected(eye, {m.x, 0, std::max(0.3, m.y)});
        const double turn = std::min(std::abs(w.turn), card ? 60.0 : 180.0), reshape = std::clamp(w.reshape, 0.0, 0.6);
        e.yaw = std::clamp(model.yaw + chance.either(turn), card ? -75.0 : -360.0, card ? 75.0 : 360.0);
        e.heightM = model.heightM * (1 + chance.either(std::clamp(w.scale, 0.0, 0.9)));
        e.mirrored = w.mirror && chance.coin() ? !model.mirrored : model.mirrored;
        e.stretch = std::clamp(model.stretch * (1 + chance.either(reshape)), 0.2, 5.0);
        e.shear = std::clamp(model.shear + chance.either(30 * reshape), -45.0, 45.0);
        if (e.standin.solid == Solid::Tree || e.standin.solid == Solid::Figure) // grown things stay upright
            e.shear = model.shear;
        p.elements.push_back(std::move(e));
    }
    repair(p);
    return p;
}

namespace {
/// Overlap of two outlines, each brought to one box.
double overlap(const Plane& a, const Plane& b)
{
    double both = 0, either = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        both += double(std::min(a.data()[i], b.data()[i]));
        either += double(std::max(a.data()[i], b.data()[i]));
    }
    return either > 0 ? both / either : 0;
}

constexpr int kSide = 64;
/// Longest side brought to 64 px, centred at the foot.
Plane normalised(const Cover& c)
{
    cv::Mat out(kSide, kSide, CV_32F, cv::Scalar(0));
    const cv::Mat source = c.share.mat();
    const int w = std::min(kSide, source.cols), h = std::min(kSide, source.rows);
    source(cv::Rect(0, source.rows - h, w, h)).copyTo(out(cv::Rect((kSide - w) / 2, kSide - h, w, h)));
    return Plane::fromMat(out);
}

bool kindred(const Element& a, const Element& b)
{
    if (a.cutout || b.cutout)
        return a.cutout == b.cutout;
    if (a.kinOf == b.id || b.kinOf == a.id || (a.kinOf && a.kinOf == b.kinOf))
        return true;
    return a.standin.solid == b.standin.solid;
}
} // namespace

std::vector<Likeness> repetition(const Project& p, SurfaceCache& cache)
{
    struct Known {
        const Element* element;
        Plane shape;
        double heightCm;
    };
    std::vector<Known> known;
    for (const Element& e : p.elements) {
        const auto has = [&](const Element& o) { return o.id != e.id && kindred(e, o); };
        if (e.standin.solid == Solid::Path || std::none_of(p.elements.begin(), p.elements.end(), has))
            continue;
        const Cover c = coverOf(p, e, cache, kSide - 2);
        if (!c.empty())
            known.push_back({&e, normalised(c), placed(p, e, cache).canvas.height});
    }
    std::vector<Likeness> out;
    for (std::size_t i = 0; i < known.size(); ++i)
        for (std::size_t j = i + 1; j < known.size(); ++j) {
            if (!kindred(*known[i].element, *known[j].element))
                continue;
            Likeness l{known[i].element->id, known[j].element->id, overlap(known[i].shape, known[j].shape), 0, 0};
            const double a = known[i].heightCm, b = known[j].heightCm;
            l.size = std::min(a, b) / std::max({a, b, 1e-9});
            l.alike = l.shape * std::sqrt(l.size);
            out.push_back(l);
        }
    std::stable_sort(out.begin(), out.end(), [](const Likeness& a, const Likeness& b) { return a.alike > b.alike; });
    return out;
}

Project withVaried(Project p, int id, std::uint32_t seed)
{
    if (!p.element(id))
        return p;
    Chance chance(seed + std::uint32_t(id) * 97U);
    p = edits::withMirrored(std::move(p), id);
    const double height = p.element(id)->heightM * (chance.coin() ? 1.22 : 0.8);
    p = edits::withTrueHeight(std::move(p), id, height);
    Element* e = p.element(id);
    const bool card = isCard(p, *e);
    e->stretch = std::clamp(e->stretch * (chance.coin() ? 1.25 : 0.8), 0.2, 5.0);
    e->yaw = std::clamp(e->yaw + (chance.coin() ? 35.0 : -35.0), card ? -70.0 : -360.0, card ? 70.0 : 360.0);
    if (e->standin.solid != Solid::Figure && e->standin.solid != Solid::Tree)
        e->shear = std::clamp(e->shear + chance.either(6), -45.0, 45.0);
    repair(p);
    return p;
}

} // namespace rl::stage
