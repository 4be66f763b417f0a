#include "core/paint/medium.h"
#include "core/base/words.h"
#include "core/paint/csv.h"
#include "paint_tables.h"

namespace rl::paint {

const MediumSpec& specOf(PaintMedium medium)
{
    static const MediumSpec all[] = {
        {PaintMedium::AcrylicHeavy, 12, 12, 0.5, false,
            translatable("a retarder (up to 15 %: a softer film), misting (thins it), a second pair of hands")},
        {PaintMedium::AcrylicFluid, 8, 15, 0.3, false,
            translatable("a retarder (up to 15 %), thin layers dry-brushed over each other, an airbrush (never with "
                         "pigments that must not be sprayed)")},
        {PaintMedium::AcrylicGouache, 6, 8, 0.4, false,
            translatable("dry-brush or hatching instead of wet blending: it closes too fast for long passages")},
        {PaintMedium::Gouache, 10, 4, 0.4, true,
            translatable("a damp brush along the seam: it opens again, and lifts what lies under")},
        {PaintMedium::Oil, 480, 6, 0.3, false,
            translatable("no need: it stays open for hours; a drop of oil keeps it open for days")},
        {PaintMedium::Watercolour, 5, 5, 0.3, true,
            translatable("paper wetted on both sides; ox gall; one wash from wet to wet")}};
    return all[std::size_t(medium)];
}

const char* familyOf(PaintMedium medium)
{
    switch (medium) {
    case PaintMedium::Gouache:
        return translatable("gouache");
    case PaintMedium::Oil:
        return translatable("oil");
    case PaintMedium::Watercolour:
        return translatable("watercolour");
    default:
        return translatable("acrylic");
    }
}

const std::vector<LayerRule>& layerRules()
{
    static const std::vector<LayerRule> all = [] {
        std::vector<LayerRule> rules;
        const auto rows = csvRows({reinterpret_cast<const char*>(k_layers), sizeof k_layers});
        for (std::size_t i = 1; i < rows.size(); ++i)
            if (rows[i].size() == 4)
                rules.push_back({rows[i][0], rows[i][1], rows[i][2] != "no", rows[i][3]});
        return rules;
    }();
    return all;
}
const LayerRule* layerRule(std::string_view over, std::string_view under)
{
    for (const LayerRule& r : layerRules())
        if (r.over == over && r.under == under)
            return &r;
    return nullptr;
}

Passage skyPassage(const LinearPicture& picture, const IdMap& ids, double pixelsPerCm, double paceCmPerMinute)
{
    constexpr double kStep = 2, kCalm = 4; // CIEDE2000; L* of deviation within a row
    // Mean colour of the backdrop in bands of rows, from the top down.
    const int band = std::max(4, picture.height() / 60);
    std::vector<colour::ExactLab> rows;
    for (int y = 0; y + band <= picture.height(); y += band) {
        double r = 0, g = 0, b = 0, squares = 0, sum = 0;
        int n = 0;
        for (int v = y; v < y + band; v += 2)
            for (int x = 0; x < picture.width(); x += 5)
                if (ids.at(x, v) == 0) {
                    const Rgb c = picture.at(x, v);
                    r += double(c.r), g += double(c.g), b += double(c.b), ++n;
                    const double L = double(colour::lightness(luminance(c)));
                    sum += L, squares += L * L;
                }
        if (n * 10 < picture.width() * band / 4)
            break; // hidden from here on
        const double deviation = std::sqrt(std::max(0.0, squares / n - sum / n * (sum / n)));
        if (deviation > 3 * kCalm)
            break; // no smooth passage
        rows.push_back(colour::ExactLab(colour::toLab({float(r / n), float(g / n), float(b / n)})));
    }
    Passage p;
    if (rows.size() < 4)
        return p;
    std::size_t last = 0;
    double length = 0;
    const double way = rows.back().L >= rows.front().L ? 1 : -1;
    for (std::size_t i = 1; i < rows.size() && way * (rows[i].L - rows[i - 1].L) > -0.6; ++i) {
        length += colour::deltaE2000(rows[i - 1], rows[i]);
        last = i;
    }
    p.lengthCm = double(last + 1) * band / pixelsPerCm;
    p.at = {0, 0, picture.width() / pixelsPerCm, p.lengthCm};
    p.de = length;
    p.bands = int(std::ceil(length / kStep)) + 1;
    p.minutes = 2 * p.lengthCm / std::max(p.bands, 1) / std::max(paceCmPerMinute, 1e-3);
    return p;
}

} // namespace rl::paint
