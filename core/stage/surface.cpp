#include "core/stage/surface.h"
#include "core/colour/srgb.h"
#include "core/cutout/bend.h"
#include "core/cutout/matte.h"
#include "core/relief/relief.h"
#include "core/stage/camera.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
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
    case Form::Puffed:
        break;
    }
    return relief::Shape::Puffed;
}

std::vector<cutout::BendPin> bendPins(const Cutout& cutout)
{
    std::vector<cutout::BendPin> pins;
    for (const Pin& p : cutout.pins)
        pins.push_back({p.from, p.to});
    return pins;
}
bool bends(const Cutout& cutout)
{
    return cutout.pins.size() >= 2;
}

std::shared_ptr<const Surface> makeSurface(const Photo& photo, const Mask& alpha, Form form, int longest)
{
    auto s = std::make_shared<Surface>();
    const relief::Relief relief = relief::reliefOf(alpha, shapeFor(form));
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
    return s;
}
} // namespace

std::shared_ptr<const Surface> SurfaceCache::surface(const Project& project, const Element& element, int longest)
{
    const Cutout* cutout = project.cutout(element.cutout);
    const Reference* reference = cutout ? project.reference(cutout->reference) : nullptr;
    if (!reference || cutout->alpha.empty())
        return std::make_shared<Surface>();
    const auto same = [&](const Entry& e) {
        return e.alpha == cutout->alpha.identity() && e.form == element.form && e.longest == longest
            && e.pins == cutout->pins && e.photo == reference->pixels.identity();
    };
    {
        const std::lock_guard lock(m_mutex);
        for (const Entry& e : m_entries)
            if (same(e))
                return e.surface;
    }
    Photo photo = reference->pixels;
    Mask alpha = cutout->alpha;
    if (bends(*cutout)) {
        const cutout::Bend bend(alpha, bendPins(*cutout));
        const auto bent = bend.applied(photo, alpha);
        photo = bent.photo, alpha = bent.alpha;
    }
    auto made = makeSurface(photo, alpha, element.form, longest);
    const std::lock_guard lock(m_mutex);
    if (m_entries.size() > 64)
        m_entries.erase(m_entries.begin());
    m_entries.push_back({cutout->alpha.identity(), reference->pixels.identity(), element.form, longest, cutout->pins,
        cutout->alpha, made});
    return made;
}

const SurfaceCache::Shape& SurfaceCache::known(const Cutout& cutout)
{
    for (const auto& s : m_shapes)
        if (s->alpha.identity() == cutout.alpha.identity() && s->pins == cutout.pins)
            return *s;
    if (m_shapes.size() > 256)
        m_shapes.erase(m_shapes.begin());
    Shape s{cutout.alpha, cutout.pins, cutout.alpha, {}};
    if (bends(cutout) && !cutout.alpha.empty())
        s.standing = cutout::Bend(cutout.alpha, bendPins(cutout)).applied({}, cutout.alpha).alpha;
    s.box = shapeOf(s.standing);
    m_shapes.push_back(std::make_shared<Shape>(std::move(s)));
    return *m_shapes.back();
}

Rect SurfaceCache::shape(const Cutout& cutout)
{
    const std::lock_guard lock(m_mutex);
    return known(cutout).box;
}

Mask SurfaceCache::standing(const Cutout& cutout)
{
    const std::lock_guard lock(m_mutex);
    return known(cutout).standing;
}

relief::MeasuredLight SurfaceCache::light(const Project& project, const Element& element)
{
    const Cutout* cutout = project.cutout(element.cutout);
    const Reference* reference = cutout ? project.reference(cutout->reference) : nullptr;
    if (!reference || cutout->alpha.empty())
        return {};
    {
        const std::lock_guard lock(m_mutex);
        const auto known = m_lights.find(cutout->alpha.identity());
        if (known != m_lights.end())
            return known->second.second;
    }
    const auto measured = relief::photoLight(reference->pixels, cutout->alpha);
    const std::lock_guard lock(m_mutex);
    if (m_lights.size() > 512)
        m_lights.clear();
    m_lights[cutout->alpha.identity()] = {cutout->alpha, measured};
    return measured;
}

PictureLight ownLight(const Project& project, const Element& element, SurfaceCache& cache)
{
    PictureLight light = element.ownLight;
    if (!element.ownLightSet) {
        const auto measured = cache.light(project, element);
        light = {measured.azimuth, measured.elevation, measured.confidence};
    }
    if (element.mirrored)
        light.azimuth = wrapped360(180 - light.azimuth);
    return light;
}

} // namespace rl::stage
