#include "core/stage/surface.h"
#include "core/base/kept.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/bend.h"
#include "core/cutout/matte.h"
#include "core/cutout/outline.h"
#include "core/relief/detail.h"
#include "core/stage/body.h"
#include "core/stage/raster_mesh.h"
#include "core/stage/solids.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

relief::Shape shapeFor(Form form)
{
    switch (form) {
    case Form::Ball:
        return relief::Shape::Ball;
    case Form::Column:
        return relief::Shape::Column;
    case Form::Slab:
        return relief::Shape::Slab;
    case Form::Card:
        return relief::Shape::Card;
    case Form::Corner:
        return relief::Shape::Corner;
    case Form::Ground:
        return relief::Shape::Ground;
    case Form::Puffed:
        break;
    }
    return relief::Shape::Puffed;
}

namespace {
std::vector<cutout::BendPin> bendPins(const Cutout& cutout)
{
    std::vector<cutout::BendPin> pins;
    for (const Pin& p : cutout.pins)
        pins.push_back({p.from, p.to});
    return pins;
}
bool owns(const std::weak_ptr<const void>& owner, const Mask& matte)
{
    return !owner.owner_before(matte.owner()) && !matte.owner().owner_before(owner);
}
bool bends(const Cutout& cutout)
{
    return cutout.pins.size() >= 2;
}

std::vector<Surface::Smaller> halvesOf(const Surface& s)
{
    constexpr int most = 3, least = 64; // px
    std::vector<Surface::Smaller> out;
    const auto half = [](const cv::Mat& m) {
        cv::Mat to;
        cv::resize(m, to, {(m.cols + 1) / 2, (m.rows + 1) / 2}, 0, 0, cv::INTER_AREA);
        return to;
    };
    cv::Mat colour = s.colour.mat(), alpha = s.alpha.mat(), normals = s.normals.mat();
    while (int(out.size()) < most && std::min(colour.cols, colour.rows) >= 2 * least) {
        colour = half(colour), alpha = half(alpha), normals = half(normals);
        out.push_back({LinearPicture::fromMat(colour), Mask::fromMat(alpha), Raster<Vec3f>::fromMat(normals)});
    }
    return out;
}

std::shared_ptr<const Surface> makeSurface(
    const Photo& photo, const Mask& alpha, const Element& e, const relief::PhotoReading& reading, int longest)
{
    auto s = std::make_shared<Surface>();
    std::vector<relief::Part> parts;
    for (const ReliefPart& part : e.parts)
        parts.push_back({part.outline, part.own ? std::optional(shapeFor(part.form)) : std::nullopt, part.tiltX,
            part.tiltY, part.puff});
    std::vector<relief::Crease> creases;
    for (const Ridge& ridge : e.ridges)
        creases.push_back({ridge.line, ridge.height, ridge.width});
    relief::Relief relief = relief::reliefOf(alpha, shapeFor(e.form), 384, parts, creases);
    if (e.form == Form::Puffed && parts.empty() && !reading.lift.empty())
        relief::lift(relief, reading);
    else if (e.form != Form::Card)
        relief::addDetail(relief, photo, alpha, reading.light);
    if (relief.normals.empty())
        return s;
    s->box = relief.box;
    const cv::Rect box(int(s->box.x), int(s->box.y), int(s->box.width), int(s->box.height));
    s->scale = std::min(1.0, double(longest) / std::max(box.width, box.height));
    const cv::Size size(
        std::max(1, int(std::lround(box.width * s->scale))), std::max(1, int(std::lround(box.height * s->scale))));
    const LinearPicture linear = colour::linearOf(Photo::fromMat(photo.mat()(box)));
    cv::Mat colour, cover, normals;
    // Averaged first: what is mixed of thing and ground stays mixed in the same share.
    cv::resize(linear.mat(), colour, size, 0, 0, cv::INTER_AREA);
    cv::resize(alpha.mat()(box), cover, size, 0, 0, cv::INTER_AREA);
    cv::resize(relief.normals.mat(), normals, size, 0, 0, cv::INTER_LINEAR);
    s->alpha = Mask::fromMat(cover);
    s->colour = cutout::cleanColours(LinearPicture::fromMat(colour), s->alpha);
    s->normals = Raster<Vec3f>::fromMat(normals);
    s->smaller = halvesOf(*s);
    return s;
}

/// A bent matte, taken down to 512 px: where things stand is asked for while the hand is at them. \param k its scale
Mask bentSmall(const Cutout& cutout, double& k)
{
    k = std::min(1.0, 512.0 / std::max(cutout.alpha.width(), cutout.alpha.height()));
    cv::Mat small;
    cv::resize(cutout.alpha.mat(), small, {}, k, k, cv::INTER_AREA);
    std::vector<cutout::BendPin> pins = bendPins(cutout);
    for (cutout::BendPin& p : pins)
        p = {p.from * k, p.to * k};
    const Mask alpha = Mask::fromMat(small);
    return cutout::Bend(alpha, pins).applied({}, alpha).alpha;
}

constexpr double kFlatPx = 1000; ///< px a height of one
Rect flatBox(const Standin& s)
{
    double l = 1e300, t = 1e300, r = -1e300, b = -1e300;
    for (const Outline& o : s.outlines)
        for (const OutlinePoint& p : o.points)
            l = std::min(l, p.at.x), r = std::max(r, p.at.x), t = std::min(t, p.at.y), b = std::max(b, p.at.y);
    if (!(r > l && b > t))
        return {};
    return {l * kFlatPx, (1 - b) * kFlatPx, (r - l) * kFlatPx, (b - t) * kFlatPx};
}

Mask flatMask(const Standin& s, const Rect& box, double scale)
{
    std::vector<std::vector<Vec2>> lines;
    std::vector<bool> holes;
    for (const Outline& o : s.outlines) {
        cutout::Loop loop;
        for (const OutlinePoint& p : o.points)
            loop.nodes.push_back(
                {{(p.at.x * kFlatPx - box.x) * scale, ((1 - p.at.y) * kFlatPx - box.y) * scale}, p.curved});
        if (loop.nodes.size() < 3)
            continue;
        lines.push_back(cutout::flattened(loop, 2));
        holes.push_back(o.hole);
    }
    return cutout::filled(lines, holes, std::max(2, int(std::lround(box.width * scale))),
        std::max(2, int(std::lround(box.height * scale))));
}
} // namespace

namespace {
template <class R> std::size_t bytesOf(const R& raster)
{
    return raster.size() * sizeof(*raster.data());
}
std::size_t bytesOf(const Surface& s)
{
    std::size_t all = sizeof s + bytesOf(s.colour) + bytesOf(s.alpha) + bytesOf(s.normals);
    for (const Surface::Smaller& half : s.smaller)
        all += bytesOf(half.colour) + bytesOf(half.alpha) + bytesOf(half.normals);
    return all;
}
std::size_t bytesOf(const Body& b)
{
    return sizeof b + b.points.size() * sizeof b.points[0] + b.faces.size() * sizeof b.faces[0]
        + b.stops.size() * sizeof(float) + b.pulled.size() * sizeof(FootPull);
}

/// What is there of it still, and is used now.
template <class T> std::shared_ptr<const T> found(const std::weak_ptr<const T>& of)
{
    auto there = of.lock();
    kept::used(there.get());
    return there;
}
/// Those whose answer has gone hold their mattes for nothing.
template <class V, class P> void dropGone(V& all, P of)
{
    std::erase_if(all, [&](const auto& a) { return (a.*of).expired(); });
}
} // namespace

void SurfaceCache::forgetCutouts()
{
    const std::lock_guard lock(m_mutex);
    for (const Entry& e : m_entries)
        kept::letGo(e.surface.lock().get());
    for (const Measured& m : m_readings)
        kept::letGo(m.reading.lock().get());
    m_entries.clear(), m_readings.clear(), m_shapes.clear(), m_bodies.clear();
}

Rgb tintOf(const Standin& s)
{
    const Rgb c = colour::fromLab(
        {float(s.lightness), float(s.chroma * std::cos(radians(s.hue))), float(s.chroma * std::sin(radians(s.hue)))});
    return {std::max(0.f, c.r), std::max(0.f, c.g), std::max(0.f, c.b)};
}

bool isCard(const Project& p, const Element& e)
{
    return p.cutout(e.cutout) || e.standin.solid == Solid::Shape;
}

std::shared_ptr<const Surface> SurfaceCache::flat(const Element& e)
{
    const std::lock_guard lock(m_mutex);
    const auto same = [&](const Flat& f) {
        return f.form == e.form && f.parts == e.parts && f.ridges == e.ridges
            && f.standin.outlines == e.standin.outlines && f.standin.lightness == e.standin.lightness
            && f.standin.hue == e.standin.hue && f.standin.chroma == e.standin.chroma;
    };
    for (const Flat& f : m_flats)
        if (same(f))
            if (auto there = found(f.surface))
                return there;
    const Rect box = flatBox(e.standin);
    auto made = std::make_shared<Surface>();
    if (box.width > 0) {
        const double scale = std::min(1.0, 1000 / std::max(box.width, box.height));
        const Mask mask = flatMask(e.standin, box, scale);
        const Rgb8 plain = colour::codeOf(tintOf(e.standin));
        // A border, so that the relief is rounded at an outline that touches the box.
        cv::Mat wide;
        cv::copyMakeBorder(mask.mat(), wide, 2, 2, 2, 2, cv::BORDER_CONSTANT, cv::Scalar(0));
        const Mask bordered = Mask::fromMat(wide);
        const auto s = makeSurface(Photo::filled(bordered.width(), bordered.height(), plain), bordered, e, {}, 1000);
        made = std::make_shared<Surface>(*s);
    }
    dropGone(m_flats, &Flat::surface);
    m_flats.push_back({e.standin, e.form, e.parts, e.ridges, made});
    kept::hold(made, bytesOf(*made));
    return made;
}

Rect SurfaceCache::shape(const Project& p, const Element& e)
{
    if (const Cutout* c = p.cutout(e.cutout))
        return c->alpha.empty() ? Rect{} : shape(*c);
    return e.standin.solid == Solid::Shape ? flatBox(e.standin) : Rect{};
}

std::shared_ptr<const Mesh> SurfaceCache::solid(const Standin& s, double heightM)
{
    const double height = s.solid == Solid::Path ? heightM : 1;
    const std::lock_guard lock(m_mutex);
    for (const Solidity& k : m_solids)
        if (k.heightM == height && k.standin == s)
            return k.mesh;
    if (m_solids.size() > 160)
        m_solids.erase(m_solids.begin());
    m_solids.push_back({s, height, std::make_shared<const Mesh>(meshOf(s, height))});
    return m_solids.back().mesh;
}

std::shared_ptr<const Body> SurfaceCache::body(const Element& e, const std::shared_ptr<const Surface>& surface,
    const std::function<std::shared_ptr<const Body>()>& make)
{
    Element shape;
    shape.cutout = e.cutout, shape.standin = e.standin, shape.heightM = e.heightM, shape.yaw = e.yaw;
    shape.stretch = e.stretch, shape.shear = e.shear, shape.mirrored = e.mirrored, shape.material = e.material,
    shape.through = e.through, shape.footShare = e.footShare, shape.form = e.form, shape.feet = e.feet;
    {
        const std::lock_guard lock(m_mutex);
        for (const Embodied& c : m_bodies)
            if (!c.surface.owner_before(surface) && !surface.owner_before(c.surface) && c.shape == shape)
                if (auto there = found(c.body))
                    return there;
    }
    auto made = make();
    const std::lock_guard lock(m_mutex);
    dropGone(m_bodies, &Embodied::body);
    m_bodies.push_back({std::move(shape), surface, made});
    if (made)
        kept::hold(made, bytesOf(*made));
    return made;
}

Mesh ownMesh(const Element& e, SurfaceCache& cache)
{
    Mesh m;
    if (e.cutout || e.standin.solid == Solid::None || e.standin.solid == Solid::Shape)
        return m;
    m = *cache.solid(e.standin, e.heightM);
    const bool path = e.standin.solid == Solid::Path;
    const double k = path ? 1 : e.heightM, c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)),
                 lean = path ? 0 : std::tan(radians(e.shear)), flip = e.mirrored ? -1 : 1, wide = path ? 1 : e.stretch;
    for (Vec3& q : m.points) {
        const double x = flip * wide * k * q.x + lean * k * q.y, z = k * q.z;
        q = {x * c - z * s, k * q.y, x * s + z * c};
    }
    for (Vec3& n : m.normals) {
        // Of a surface scaled by w and sheared by l along x: (nx / w, ny - l nx / w, nz).
        const double x = flip * n.x / wide;
        const Vec3 t = unit({x, n.y - lean * x, n.z});
        n = {t.x * c - t.z * s, t.y, t.x * s + t.z * c};
    }
    if (e.mirrored)
        for (auto& f : m.faces)
            std::swap(f[1], f[2]);
    return m;
}

Mesh standingMesh(const Project& p, const Element& e, SurfaceCache& cache)
{
    const Vec3 foot = footOf(eyeOf(p), e);
    if (isCard(p, e) || !std::isfinite(foot.z))
        return {};
    Mesh m = ownMesh(e, cache);
    for (Vec3& q : m.points)
        q = {foot.x + q.x, e.altitudeM + q.y, foot.z + q.z};
    return m;
}

Placement placed(const Project& p, const Element& e, SurfaceCache& cache)
{
    return isCard(p, e) ? placementOf(p, e, cache.shape(p, e), cache.foot(p, e))
                        : placementOf(p, e, standingMesh(p, e, cache));
}

Placement placementOf(const Project& p, const Element& e, const Mesh& m)
{
    Placement place;
    const Eye eye = eyeOf(p);
    if (m.points.empty())
        return place;
    const Mesh::Bounds b = m.bounds();
    place.distance = footOf(eye, e).z;
    place.canvas = boundsOf(m, eye);
    place.widthM = b.high.x - b.low.x;
    place.heightM = e.heightM;
    place.altitudeM = e.altitudeM;
    place.heightCm = e.heightM * eye.focalCm / place.distance;
    place.visible = place.canvas.width > 0;
    return place;
}

std::shared_ptr<const Surface> SurfaceCache::surface(const Project& project, const Element& element, int longest)
{
    if (!element.cutout && element.standin.solid == Solid::Shape)
        return flat(element);
    const Cutout* cutout = project.cutout(element.cutout);
    const Reference* reference = cutout ? project.reference(cutout->reference) : nullptr;
    if (!reference || cutout->alpha.empty())
        return std::make_shared<Surface>();
    const auto same = [&](const Entry& e) {
        return owns(e.alpha, cutout->alpha) && e.form == element.form && e.longest == longest && e.pins == cutout->pins
            && e.parts == element.parts && e.ridges == element.ridges
            && e.photo.identity() == reference->pixels.identity();
    };
    {
        const std::lock_guard lock(m_mutex);
        for (const Entry& e : m_entries)
            if (same(e))
                if (auto there = found(e.surface))
                    return there;
    }
    Photo photo = reference->pixels;
    if (photo.empty()) // missing: nothing is made of it, and nothing remembered
        return std::make_shared<Surface>();
    Mask alpha = cutout->alpha;
    if (bends(*cutout)) {
        const cutout::Bend bend(alpha, bendPins(*cutout));
        const auto bent = bend.applied(photo, alpha);
        photo = bent.photo, alpha = bent.alpha;
    }
    relief::PhotoReading read = *reading(project, element);
    if (bends(*cutout))
        read.lift = {}; // it lies where the thing was before it was bent
    auto made = makeSurface(photo, alpha, element, read, longest);
    const std::lock_guard lock(m_mutex);
    dropGone(m_entries, &Entry::surface);
    m_entries.push_back({cutout->alpha.owner(), reference->pixels, element.form, longest, cutout->pins, element.parts,
        element.ridges, made});
    kept::hold(made, bytesOf(*made));
    return made;
}

/// Worked out without the lock: a bend takes long, and others only want to look something up meanwhile.
std::shared_ptr<const SurfaceCache::Shape> SurfaceCache::known(const Cutout& cutout)
{
    {
        const std::lock_guard lock(m_mutex);
        for (const auto& s : m_shapes)
            if (owns(s->alpha, cutout.alpha) && s->pins == cutout.pins)
                return s;
    }
    auto s = std::make_shared<Shape>(Shape{cutout.alpha.owner(), cutout.pins, {}, {}});
    Mask standing = cutout.alpha;
    double k = 1;
    if (bends(cutout) && !cutout.alpha.empty())
        standing = bentSmall(cutout, k);
    const Rect box = shapeOf(standing);
    s->footing = footingOf(standing, box);
    s->box = {box.x / k, box.y / k, box.width / k, box.height / k};
    const std::lock_guard lock(m_mutex);
    std::erase_if(m_shapes, [](const auto& old) { return old->alpha.expired(); });
    m_shapes.push_back(s);
    return s;
}

Rect SurfaceCache::shape(const Cutout& cutout)
{
    return known(cutout)->box;
}

Mask SurfaceCache::standing(const Cutout& cutout)
{
    return bends(cutout) && !cutout.alpha.empty()
        ? cutout::Bend(cutout.alpha, bendPins(cutout)).applied({}, cutout.alpha).alpha
        : cutout.alpha;
}

Footing SurfaceCache::footing(const Project& p, const Element& e)
{
    const Cutout* c = p.cutout(e.cutout);
    Footing s = c && !c->alpha.empty() ? known(*c)->footing : Footing{};
    if (e.footShare >= 0)
        s.foot = e.footShare;
    return s;
}

double SurfaceCache::foot(const Project& p, const Element& e)
{
    return e.footShare >= 0 ? e.footShare : footing(p, e).foot;
}

std::shared_ptr<const relief::PhotoReading> SurfaceCache::knownReading(const Project& project, const Element& element)
{
    const Cutout* cutout = project.cutout(element.cutout);
    const Reference* reference = cutout ? project.reference(cutout->reference) : nullptr;
    const std::lock_guard lock(m_mutex);
    for (const Measured& m : m_readings)
        if (reference && owns(m.alpha, cutout->alpha) && m.photo.identity() == reference->pixels.identity())
            if (auto there = found(m.reading))
                return there;
    return nullptr;
}

std::shared_ptr<const relief::PhotoReading> SurfaceCache::reading(const Project& project, const Element& element)
{
    static const auto nothing = std::make_shared<const relief::PhotoReading>();
    const Cutout* cutout = project.cutout(element.cutout);
    const Reference* reference = cutout ? project.reference(cutout->reference) : nullptr;
    if (!reference || cutout->alpha.empty())
        return nothing;
    if (auto known = knownReading(project, element))
        return known;
    const Photo photo = reference->pixels;
    if (photo.empty()) // missing: not measured
        return nothing;
    auto read = std::make_shared<const relief::PhotoReading>(relief::readPhoto(photo, cutout->alpha));
    const std::lock_guard lock(m_mutex);
    dropGone(m_readings, &Measured::reading);
    m_readings.push_back({cutout->alpha.owner(), reference->pixels, read});
    kept::hold(read, sizeof *read + bytesOf(read->lift));
    return read;
}

relief::MeasuredLight SurfaceCache::light(const Project& project, const Element& element)
{
    return reading(project, element)->light;
}

PictureLight ownLight(const Project& project, const Element& element, SurfaceCache& cache)
{
    PictureLight light = element.ownLight;
    if (!element.cutout)
        return {0, 0, 0}; // a stand-in has no light of its own
    if (!element.ownLightSet) {
        const auto measured = cache.light(project, element);
        light = {measured.azimuth, measured.elevation, measured.confidence};
    }
    if (element.mirrored)
        light.azimuth = wrapped360(180 - light.azimuth);
    return light;
}

} // namespace rl::stage
