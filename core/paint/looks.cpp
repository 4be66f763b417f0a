#include "core/paint/looks.h"

namespace rl::paint {

using colour::ExactLab;

namespace {
/// What is wet: acrylics by their drying shift; matt paints gloss while wet, so that their darks dry lighter; oil
/// stays.
ExactLab wetOf(const Recipe& recipe, const Spectrum& inside, const ExactLab& dry, PaintMedium medium)
{
    if (medium == PaintMedium::Oil)
        return dry;
    if (medium == PaintMedium::AcrylicHeavy || medium == PaintMedium::AcrylicFluid)
        return {dry.L - dryingShift(recipe), dry.a, dry.b};
    return toLab(seen(inside, Finish::Gloss));
}
} // namespace

Looks looksOf(const Formula& f, const Paints& paints, const ExactLab& around, PaintMedium medium, Finish finish)
{
    Looks l;
    const Spectrum within = opaque(opticsOf(f.recipe, paints)), look = seen(within, finish);
    l.dry = toLab(look), l.lamp = toLab(look, Illuminant::Lamp);
    l.wet = wetOf(f.recipe, within, l.dry, medium);
    l.lampShift = colour::deltaE2000(l.dry, l.lamp);
    l.slip = f.sensitivity;
    l.onWhite = apparentLightness(l.dry, kWhitePalette), l.onGrey = apparentLightness(l.dry, kGreyPalette);
    l.onWood = apparentLightness(l.dry, kWoodPalette);
    l.inPlace = apparentLightness(l.dry, double(colour::luminanceOf(float(around.L))));
    l.warnings = surprises(f.recipe, paints);
    return l;
}

} // namespace rl::paint
