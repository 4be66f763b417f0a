#pragma once
#include "core/paint/spectrum.h"
#include "core/project/paint_box.h"
#include <span>

namespace rl::paint {

/// What paint does to light in its depth, per unit volume of paint as it leaves the tube: absorption and scattering,
/// over the scattering of titanium white at 550 nm.
struct Optics {
    Spectrum k{}, s{}; ///< > 0
    bool operator==(const Optics&) const = default;
};

using rl::Finish;
/// 0 gloss, ½ satin, 1 matt.
double surfaceShare(Finish finish);

/// S·X of one micrometre of wet film, in units of Optics. Known only to a factor of about 2 until a film of known
/// thickness has been measured.
inline constexpr double kFilmPerMicron = 0.12;
inline constexpr double kWhiteCard = 0.88; ///< external reflectance of primed white
inline constexpr double kBlackInside = 0.003; ///< internal reflectance of primed black

/// Reflectance inside the paint of a layer that nothing shows through: 1 / (1 + u + √(u (u + 2))), u = K / S.
/// Source: Kubelka & Munk (1931).
Spectrum opaque(const Optics& o);
/// Reflectance inside the paint of a film over what lies under it (also inside), exact for any thickness from 1e-9 on.
/// \param wetUm thickness of the wet film, µm \param mediumParts parts of clear medium to one part of paint
/// Source: Kubelka & Munk (1931), Kubelka (1948).
Spectrum film(const Optics& o, double wetUm, double mediumParts, const Spectrum& under);

/// From inside to what the eye sees and back, at the one surface towards the air: k1 = 0.04, k2 = 0.60.
/// Source: Saunderson (1942).
Spectrum seen(const Spectrum& inside, Finish finish = Finish::Satin);
Spectrum inside(const Spectrum& seen, Finish finish = Finish::Satin);
double seen(double inside, double share);
double insideOf(double seen, double share);

/// Volume parts: K and S of a mix are the means of its paints'.
struct OpticsPart {
    const Optics* optics = nullptr;
    double parts = 0; ///< ≥ 0
};
/// \pre some part > 0 (asserted)
Optics mixed(std::span<const OpticsPart> parts);

} // namespace rl::paint
