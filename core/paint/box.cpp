#include "core/paint/box.h"
#include "core/base/words.h"
#include "core/project/schools.h"
#include <map>

namespace rl::paint {

namespace {
std::optional<Reading> readingOf(const Patch& p)
{
    if (!p.read)
        return {};
    return Reading{{p.lab.x, p.lab.y, p.lab.z}, {}};
}
Swatches swatchesOf(const Tube& t)
{
    Swatches s;
    s.paint = t.pigment;
    s.masstone = readingOf(t.card.masstone), s.tint2 = readingOf(t.card.tint2), s.tint10 = readingOf(t.card.tint10);
    s.overWhite = readingOf(t.card.overWhite), s.overBlack = readingOf(t.card.overBlack);
    if (s.overWhite || s.overBlack)
        s.wetUm = t.card.wetUm;
    return s;
}
/// What the cards say; tubes that cannot be fitted are left as they usually are.
std::map<int, CalibratedPaint> fittedTubes(const PaintBox& box)
{
    std::vector<Swatches> swatches;
    std::vector<int> ids;
    double noise = 0.2;
    for (const Tube& t : box.tubes) {
        const Pigment* p = pigmentOf(t.pigment);
        if (!t.card.any() || !p || !p->optics)
            continue;
        swatches.push_back(swatchesOf(t));
        ids.push_back(t.id), noise = std::max(noise, t.card.noise);
    }
    NoProgress progress;
    const auto fitted = calibrated(swatches, noise, finishOf(box.medium), progress);
    std::map<int, CalibratedPaint> all;
    if (fitted)
        for (std::size_t i = 0; i < ids.size(); ++i)
            all[ids[i]] = (*fitted)[i];
    return all;
}
} // namespace

bool MixingBox::typical() const
{
    return std::any_of(tubes.begin(), tubes.end(), [](const BoxPaint& t) { return !t.calibrated; });
}
const BoxPaint* MixingBox::of(std::string_view id) const
{
    const std::string_view tube = id.substr(0, id.rfind('/'));
    for (const BoxPaint& t : tubes)
        if (t.id == id || t.id == tube)
            return &t;
    return nullptr;
}

MixingBox mixingBox(const PaintBox& box, bool chosenOnly)
{
    MixingBox out;
    const auto fitted = fittedTubes(box);
    for (const Tube& t : box.tubes) {
        if (chosenOnly && !t.chosen)
            continue;
        const Pigment* p = pigmentOf(t.pigment);
        if (!p || !p->optics) {
            out.leftOut.push_back(t.id);
            continue;
        }
        BoxPaint b{t.id, t.pigment, t.name.empty() ? p->name : t.name, false, 0, 0, false};
        for (int n = 2; paintOf(out.paints, b.id); ++n)
            b.id = t.pigment + "#" + std::to_string(n);
        Paint paint{b.id, *p->optics};
        if (const auto f = fitted.find(t.id); f != fitted.end()) {
            paint.optics = f->second.paint.optics;
            b.calibrated = true, b.fromTypical = f->second.fromTypical, b.left = f->second.left;
            b.drawdown = f->second.drawdown;
        }
        out.paints.push_back(std::move(paint)), out.tubes.push_back(std::move(b));
    }
    return out;
}

Paints paintsOf(const MixingBox& box, const Brief& brief)
{
    Paints out = box.paints;
    if (choiceOf(brief, School::Black).key == std::string("mixed"))
        std::erase_if(out, [](const Paint& p) { return p.id.starts_with("PBk"); });
    return out;
}

const char* wordOf(PaintMedium medium)
{
    constexpr const char* kWords[]
        = {translatable("heavy acrylic"), translatable("fluid acrylic"), translatable("matt acrylic gouache"),
            translatable("gouache"), translatable("oil"), translatable("watercolour")};
    return kWords[std::size_t(medium)];
}

Finish finishOf(PaintMedium medium)
{
    switch (medium) {
    case PaintMedium::AcrylicGouache:
    case PaintMedium::Gouache:
    case PaintMedium::Watercolour:
        return Finish::Matt;
    default:
        return Finish::Satin;
    }
}

PaintBox firstBox()
{
    PaintBox box{0, "Harbour box", PaintMedium::AcrylicHeavy, {}};
    constexpr std::tuple<const char*, double, double, double> kTubes[] = {{"PW6", 150, 120, 14}, {"PBk9", 60, 55, 7},
        {"PY74", 60, 48, 8}, {"PY42", 60, 60, 6}, {"PO73", 60, 22, 11}, {"PR254", 60, 9, 12}, {"PV19", 60, 41, 11},
        {"PB29", 60, 52, 8}, {"PB15:3", 60, 37, 8}, {"PG7", 60, 30, 9}, {"PBr7BS", 60, 58, 6}, {"PV23", 60, 44, 12}};
    for (const auto& [pigment, size, left, price] : kTubes) {
        Tube t;
        t.pigment = pigment, t.sizeMl = size, t.leftMl = left, t.price = price;
        box.tubes.push_back(t);
    }
    return box;
}

} // namespace rl::paint
