#include "core/gather/fit.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/stage/camera.h"
#include "core/stage/stage_rules.h"

namespace rl::gather {

namespace {
/// Angle between two lights of pictures, degrees.
double between(const PictureLight& a, const PictureLight& b)
{
    const auto towards = [](const PictureLight& l) {
        const double az = radians(l.azimuth), el = radians(l.elevation);
        return Vec3{std::cos(el) * std::cos(az), std::cos(el) * std::sin(az), std::sin(el)};
    };
    const Vec3 p = towards(a), q = towards(b);
    return degrees(std::acos(std::clamp(p.x * q.x + p.y * q.y + p.z * q.z, -1.0, 1.0)));
}

PictureLight mirror(PictureLight l)
{
    l.azimuth = wrapped360(180 - l.azimuth);
    return l;
}

const char* sideOf(const PictureLight& l)
{
    if (l.elevation < -10)
        return tr("from behind");
    if (l.elevation > 60)
        return tr("from near the camera");
    const double x = std::cos(radians(l.azimuth)), y = std::sin(radians(l.azimuth));
    if (std::abs(x) < 0.4)
        return y > 0 ? tr("from above") : tr("from below");
    return x > 0 ? tr("from the right") : tr("from the left");
}

Rect boxOf(const Shapes& shapes, int cutout)
{
    const auto found = shapes.find(cutout);
    return found == shapes.end() ? Rect{} : found->second;
}

void judgeLight(const Lead& lead, const PictureMeasure& m, Candidate& c)
{
    if (lead.light.confidence < 0.25)
        return;
    if (m.light.confidence < 0.25) {
        c.reasons.push_back({tr("its own light is too even to measure, so new light can be added without removing any"),
            translatable("light"), m.light.confidence, 0.25, translatable("confidence"), 0.4});
        return;
    }
    const double plain = between(m.light, lead.light), turned = between(mirror(m.light), lead.light);
    // Mirroring costs something too: lettering, hands and partings give it away.
    c.mirrored = turned + 12 < plain;
    const double angle = c.mirrored ? turned : plain;
    std::string s = tr("its light comes %1, the lead's %2", sideOf(m.light), sideOf(lead.light));
    s += c.mirrored ? tr("; mirror it and %1° are left of %2°", fixed(turned, 0), fixed(plain, 0))
                    : tr(", %1° apart", fixed(plain, 0));
    c.reasons.push_back({s, translatable("light"), angle, 0, "°", angle / 45 + (c.mirrored ? 0.15 : 0)});
}

void judgeTone(const Lead& lead, const PictureMeasure& m, Candidate& c)
{
    if (lead.softness >= 0 && m.light.confidence >= 0.25) {
        const double off = m.softness - lead.softness;
        c.reasons.push_back(
            {tr("its shade holds %1 % of the light, %2 than the lead's %3 %", fixed(100 * m.softness, 0),
                 off < 0 ? tr("harder") : tr("softer"), fixed(100 * lead.softness, 0)),
                translatable("softness"), 100 * m.softness, 100 * lead.softness, "%", std::abs(off) / 0.35});
    }
    if (lead.kelvin > 0 && m.lightKelvin > 0) {
        const double off = 1e6 / m.lightKelvin - 1e6 / lead.kelvin;
        c.reasons.push_back({tr("its light is %1 mired %2 (%3 K against %4 K)", fixed(std::abs(off), 0),
                                 off > 0 ? tr("warmer") : tr("cooler"), fixed(m.lightKelvin, 0), fixed(lead.kelvin, 0)),
            translatable("warmth"), 1e6 / m.lightKelvin, 1e6 / lead.kelvin, translatable("mired"), std::abs(off) / 60});
    }
    if (lead.darkL >= 0) {
        const double off = m.darkL - lead.darkL;
        c.reasons.push_back({tr("its darkest dark is L* %1, the lead's %2", fixed(m.darkL, 0), fixed(lead.darkL, 0)),
            translatable("black point"), m.darkL, lead.darkL, "L*", std::abs(off) / 12});
    }
}

void judgeEyeLevel(
    const Project& p, const Lead& lead, const Reference& r, const PictureMeasure& m, const Shapes& shapes, Candidate& c)
{
    if (m.eyeConfidence < 0.25)
        return;
    // Where the stage's horizon would cut the picture if its foot stood where its element stands, else where the lead's
    // own eye level lies.
    double wanted = lead.eyeLevel;
    bool known = lead.eyeConfidence >= 0.25;
    for (const Element& e : p.elements) {
        const Cutout* cut = p.cutout(e.cutout);
        const Rect shape = cut && cut->reference == r.id ? boxOf(shapes, cut->id) : Rect{};
        const auto place = shape.height > 0 ? stage::placementOf(p, e, shape) : stage::Placement{};
        if (!place.visible)
            continue;
        const double y = shape.y + (p.camera.horizonCm - place.canvas.y) / place.canvas.height * shape.height;
        wanted = y / r.pixels.height(), known = true;
        break;
    }
    if (!known)
        return;
    const double off = m.eyeLevel - wanted;
    c.reasons.push_back({tr("its eye level lies %1 % of its height %2 where the stage would have it",
                             fixed(std::abs(100 * off), 0), off > 0 ? tr("below") : tr("above")),
        translatable("eye level"), 100 * m.eyeLevel, 100 * wanted, translatable("% from its top"),
        std::min(3.0, std::abs(off) / 0.1)});
}

void judgePixels(const Project& p, const Reference& r, const Shapes& shapes, Candidate& c)
{
    const Size size = sizeOnCanvas(p, r, shapes);
    const double need = enoughPixels(p, r);
    if (size.pixelsPerCm <= 0)
        return;
    c.reasons.push_back(
        {tr("%1 px/cm at %2 cm high%3; %4 are enough", fixed(size.pixelsPerCm, 0), fixed(size.heightCm, 0),
             size.guessed ? tr(" (a guess, nothing of it stands yet)") : "", fixed(need, 0)),
            translatable("pixels"), size.pixelsPerCm, need, "px/cm",
            size.pixelsPerCm >= need ? 0 : std::log2(need / size.pixelsPerCm)});
}
} // namespace

Mask matteFor(const Project& p, int reference)
{
    for (const Cutout& c : p.cutouts)
        if (c.reference == reference && !c.alpha.empty())
            return c.alpha;
    return {};
}

Shapes shapesOf(const Project& p)
{
    Shapes shapes;
    for (const Cutout& c : p.cutouts)
        shapes[c.id] = stage::shapeOf(c.alpha);
    return shapes;
}

Measures measuresOf(const Project& p, Progress& progress)
{
    Measures all;
    for (const Reference& r : p.references) {
        if (progress.cancelled())
            break;
        progress.report(double(all.size()) / double(p.references.size()), tr("measuring %1", r.name));
        all[r.id] = measured(r.pixels, matteFor(p, r.id), progress);
    }
    return all;
}

Lead leadOf(const Project& p, int reference, const Measures& measures)
{
    Lead lead;
    lead.reference = reference;
    const Reference* r = p.reference(reference);
    const auto found = measures.find(reference);
    if (r && found != measures.end()) {
        const PictureMeasure m = overruled(found->second, r->overrule);
        if (m.light.confidence >= 0.25) {
            lead.light = m.light;
            lead.softness = m.softness;
        } else if (r->overrule.softnessSet)
            lead.softness = m.softness;
        lead.kelvin = m.lightKelvin;
        lead.darkL = m.darkL;
        lead.eyeLevel = m.eyeLevel;
        lead.eyeConfidence = m.eyeConfidence;
    }
    const bool isBackdrop = reference == p.backdrop.reference;
    if (isBackdrop && reference) {
        lead.eyeLevel = p.backdrop.horizon; // the painter's own word
        lead.eyeConfidence = 1;
    }
    if (lead.light.confidence < 0.25 && (isBackdrop || !r) && p.lights.sun.on) {
        lead.light = stage::pictureLight(p.lights.sun.azimuth, p.lights.sun.elevation);
        lead.light.confidence = 1;
    }
    return lead;
}

Size sizeOnCanvas(const Project& p, const Reference& r, const Shapes& shapes)
{
    Size size;
    double tallest = 0;
    for (const Element& e : p.elements) {
        const Cutout* c = p.cutout(e.cutout);
        const Rect shape = c ? boxOf(shapes, c->id) : Rect{};
        const auto place = shape.height > 0 ? stage::placementOf(p, e, shape) : stage::Placement{};
        if (!place.visible)
            continue;
        tallest = std::max(tallest, place.canvas.height);
        if (c->reference == r.id && place.canvas.height > size.heightCm)
            size = {place.canvas.height, 1 / place.cmPerPixel, false};
    }
    if (p.backdrop.reference == r.id) {
        size.heightCm = std::max(p.brief.heightCm, p.brief.widthCm * r.pixels.height() / std::max(1, r.pixels.width()));
        size.pixelsPerCm = r.pixels.height() / size.heightCm;
    } else if (size.heightCm <= 0) {
        size.heightCm = tallest > 0 ? tallest : p.brief.heightCm / 2;
        size.pixelsPerCm = 0.8 * r.pixels.height() / size.heightCm; // a figure rarely fills its picture
        size.guessed = true;
    }
    return size;
}

double enoughPixels(const Project& p, const Reference& r)
{
    return stage::neededPixelsPerCm(p, r);
}

std::vector<Candidate> ranked(const Project& p, int leadId, const Measures& measures, const Shapes& shapes)
{
    const Lead lead = leadOf(p, leadId, measures);
    std::vector<Candidate> all;
    for (const Reference& r : p.references) {
        const auto found = measures.find(r.id);
        if (r.id == leadId || found == measures.end())
            continue;
        const PictureMeasure m = overruled(found->second, r.overrule);
        Candidate c;
        c.reference = r.id;
        judgeLight(lead, m, c);
        judgeTone(lead, m, c);
        judgeEyeLevel(p, lead, r, m, shapes, c);
        judgePixels(p, r, shapes, c);
        for (const Reason& reason : c.reasons)
            c.cost += reason.cost;
        std::stable_sort(
            c.reasons.begin(), c.reasons.end(), [](const Reason& a, const Reason& b) { return a.cost > b.cost; });
        all.push_back(std::move(c));
    }
    std::stable_sort(all.begin(), all.end(), [](const Candidate& a, const Candidate& b) { return a.cost < b.cost; });
    return all;
}

std::vector<Twins> twinsOf(const Project& p, const std::map<int, std::uint64_t>& likeness)
{
    std::vector<Twins> twins;
    for (std::size_t i = 0; i < p.references.size(); ++i)
        for (std::size_t k = i + 1; k < p.references.size(); ++k) {
            const Reference &a = p.references[i], &b = p.references[k];
            if (a.sha256() == b.sha256()) {
                twins.push_back({a.id, b.id, true, 0});
                continue;
            }
            const auto x = likeness.find(a.id), y = likeness.find(b.id);
            if (x == likeness.end() || y == likeness.end())
                continue;
            if (const int bits = differingBits(x->second, y->second); bits <= kNearlyTheSame)
                twins.push_back({a.id, b.id, false, bits});
        }
    return twins;
}

} // namespace rl::gather
