#pragma once
#include "core/paint/pigments.h"

namespace rl::paint {

struct Part {
    std::string paint;
    double parts = 0; ///< by volume, > 0
    bool operator==(const Part&) const = default;
};
using Recipe = std::vector<Part>;

/// "PB29=1+PW6=10" and back. \return an Error for anything else, for amounts that are no positive numbers and for
/// paints that are not among `paints`; "PG7/20" is a let-down of one of them in titanium white
Result<Recipe> recipeFrom(std::string_view text, const Paints& paints);
std::string textOf(const Recipe& recipe);
/// \pre every paint of the recipe is among them or a let-down of one (asserted)
Optics opticsOf(const Recipe& recipe, const Paints& paints);

/// What a recipe is laid on, and how.
struct Coat {
    double wetUm = 0; ///< µm of wet film; 0: so thick that nothing shows through
    double mediumParts = 0; ///< clear medium to one part of paint
};
/// Reflectance inside the paint of that coat over what lies under it (inside).
Spectrum laid(const Optics& optics, const Coat& coat, const Spectrum& under);
/// What the eye sees of an opaque layer in daylight.
colour::ExactLab colourOf(const Recipe& recipe, const Paints& paints, Finish finish = Finish::Satin);
/// A thin scrape over white, which tells dark paints apart.
colour::ExactLab scraped(const Optics& optics);
/// 8-bit sRGB (D65), clamped to what a screen can show; `clipped` where it can't.
struct ScreenColour {
    std::array<double, 3> rgb{}; ///< 0…255
    bool clipped = false;
};
ScreenColour onScreen(const colour::ExactLab& lab);

/// The error to expect from a hand that doses each part within ±10 %, in CIEDE2000 about the target: a tenth of the
/// length of all slopes ∂Lab/∂ln(part), weighed by S_L, S_C, S_H at the target.
double sensitivityOf(const Recipe& recipe, const Paints& paints, const colour::ExactLab& target);
/// In which direction a colour misses the wanted one: "too dull and too dark"; the terms of CIEDE2000 that reach half
/// of the largest. Empty below 0.05.
std::string missedBy(const colour::ExactLab& wanted, const colour::ExactLab& got);

} // namespace rl::paint
