#include "core/project/edits.h"
#include "core/base/words.h"

namespace rl::edits {

namespace {
template <class V, class T> void put(Project& p, V& items, T item)
{
    for (auto& old : items)
        if (old.id == item.id) {
            old = std::move(item);
            return;
        }
    if (item.id <= 0)
        item.id = p.freshId();
    p.lastId = std::max(p.lastId, item.id);
    items.push_back(std::move(item));
}
} // namespace

Project withBrief(Project p, Brief brief)
{
    p.brief = std::move(brief);
    repair(p);
    return p;
}

Project withCastMoved(Project p, int from, int to)
{
    auto& cast = p.brief.cast;
    const int n = int(cast.size());
    if (from < 0 || to < 0 || from >= n || to >= n)
        return p;
    const CastMember moved = cast[std::size_t(from)];
    cast.erase(cast.begin() + from);
    cast.insert(cast.begin() + to, moved);
    return p;
}

Project withReference(Project p, Reference reference)
{
    put(p, p.references, std::move(reference));
    return p;
}

Project withoutReference(Project p, int id)
{
    std::erase_if(p.references, [=](const Reference& r) { return r.id == id; });
    repair(p);
    return p;
}

Project studyOf(Reference reference, double eyeLevel)
{
    Project p;
    const double w = reference.pixels.width(), h = reference.pixels.height(), k = 60 / std::max({w, h, 1.0});
    p.brief.title = tr("Study: %1", reference.name);
    p.brief.widthCm = w * k, p.brief.heightCm = h * k;
    p.lights.sun.on = false;
    p.lights.air = {0, 1, 0, 0};
    p.backdrop.horizon = std::clamp(eyeLevel, 0.02, 0.98);
    p.camera.horizonCm = p.backdrop.horizon * p.brief.heightCm;
    reference.id = 0;
    p = withReference(std::move(p), std::move(reference));
    p.backdrop.reference = p.references.back().id;
    repair(p);
    return p;
}

Project withCredit(Project p, int id, std::string credit, Permission permission, std::string note)
{
    for (Reference& r : p.references)
        if (r.id == id) {
            r.credit = std::move(credit);
            r.permission = permission;
            r.permissionNote = std::move(note);
            break;
        }
    return p;
}

Project withoutCastMember(Project p, int id)
{
    std::erase_if(p.brief.cast, [=](const CastMember& c) { return c.id == id; });
    repair(p);
    return p;
}

Project withCutout(Project p, Cutout cutout)
{
    put(p, p.cutouts, std::move(cutout));
    return p;
}

Project withElement(Project p, Element element)
{
    put(p, p.elements, std::move(element));
    repair(p);
    return p;
}

Project withoutElement(Project p, int id)
{
    std::erase_if(p.elements, [=](const Element& e) { return e.id == id; });
    return p;
}

Project withBase(Project p, int id, Vec2 baseCm)
{
    if (Element* e = p.element(id))
        e->baseCm = baseCm;
    repair(p);
    return p;
}

Project withDelight(Project p, int id, double delight)
{
    if (Element* e = p.element(id))
        e->delight = delight;
    repair(p);
    return p;
}

Project withTone(Project p, int id, Tone tone)
{
    if (Element* e = p.element(id))
        e->tone = tone;
    repair(p);
    return p;
}

Project withMirrored(Project p, int id)
{
    if (Element* e = p.element(id))
        e->mirrored = !e->mirrored;
    return p;
}

Project withCamera(Project p, Camera camera)
{
    const Camera before = p.camera;
    p.camera = camera;
    repair(p);
    // The same ground point (X, Z) under the new camera: y - y_h = f h / Z and x - x0 = f X / Z.
    const auto focal = [&](const Camera& c) { return p.brief.widthCm / (2 * std::tan(radians(c.fovDegrees) / 2)); };
    const double f0 = focal(before), f1 = focal(p.camera), x0 = p.brief.widthCm / 2;
    for (Element& e : p.elements) {
        const double drop = e.baseCm.y - before.horizonCm;
        if (drop <= 0)
            continue;
        e.baseCm.y = p.camera.horizonCm + drop * f1 * p.camera.eyeHeightM / (f0 * before.eyeHeightM);
        e.baseCm.x = x0 + (e.baseCm.x - x0) * f1 / f0;
    }
    repair(p);
    return p;
}

Project withBackdrop(Project p, Backdrop backdrop)
{
    p.backdrop = backdrop;
    repair(p);
    return p;
}

Project withSun(Project p, Sun sun)
{
    sun.azimuth = wrapped360(sun.azimuth);
    p.lights.sun = sun;
    repair(p);
    return p;
}

Project withLantern(Project p, Lantern lantern)
{
    put(p, p.lights.lanterns, std::move(lantern));
    repair(p);
    return p;
}

Project withoutLantern(Project p, int id)
{
    std::erase_if(p.lights.lanterns, [=](const Lantern& l) { return l.id == id; });
    return p;
}

Project withAir(Project p, Air air)
{
    p.lights.air = std::move(air);
    repair(p);
    return p;
}

Project withLightGroup(Project p, LightGroup group)
{
    put(p, p.lights.groups, std::move(group));
    repair(p);
    return p;
}

Project withGuides(Project p, Guides guides)
{
    p.guides = std::move(guides);
    repair(p);
    return p;
}

Project withMix(Project p, MixPlan mix)
{
    p.mix = std::move(mix);
    repair(p);
    return p;
}
Project withPaintBox(Project p, PaintBox box)
{
    const auto at = std::find_if(p.boxes.begin(), p.boxes.end(), [&](const PaintBox& b) { return b.id == box.id; });
    if (box.id == 0 || at == p.boxes.end())
        box.id = p.freshId();
    for (Tube& t : box.tubes)
        if (t.id == 0)
            t.id = p.freshId();
    if (at != p.boxes.end())
        *at = std::move(box);
    else
        p.boxes.push_back(std::move(box));
    repair(p);
    return p;
}
Project withoutPaintBox(Project p, int box)
{
    std::erase_if(p.boxes, [&](const PaintBox& b) { return b.id == box; });
    repair(p);
    return p;
}
Project withTube(Project p, Tube tube)
{
    PaintBox box = p.paintBox() ? *p.paintBox() : PaintBox{0, "Box", PaintMedium::AcrylicHeavy, {}};
    const auto at = std::find_if(box.tubes.begin(), box.tubes.end(), [&](const Tube& t) { return t.id == tube.id; });
    if (tube.id && at != box.tubes.end())
        *at = std::move(tube);
    else
        tube.id = 0, box.tubes.push_back(std::move(tube));
    return withPaintBox(std::move(p), std::move(box));
}
Project withoutTube(Project p, int tube)
{
    for (PaintBox& b : p.boxes)
        std::erase_if(b.tubes, [&](const Tube& t) { return t.id == tube; });
    return p;
}
Project withPlaceShowing(Project p, const Rect& place, int cast)
{
    for (CastMember& m : p.brief.cast) {
        if (m.place.width > 0 && m.place.contains(place.centre()))
            m.place = {};
        if (m.id == cast && cast)
            m.place = place;
    }
    repair(p);
    return p;
}
Project withSheets(Project p, Sheets sheets)
{
    p.sheets = std::move(sheets);
    repair(p);
    return p;
}

Project withSetAside(Project p, const std::string& key, const std::string& reason)
{
    p.setAside[key] = reason;
    return p;
}

} // namespace rl::edits
