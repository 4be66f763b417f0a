#pragma once
#include "core/base/result.h"
#include "core/paint/film.h"
#include <optional>
#include <vector>

namespace rl::paint {

enum class Opacity { Opaque, SemiOpaque, SemiTransparent, Transparent };
const char* wordOf(Opacity opacity);

/// What is usually true of a pigment's paint. Not measured: a painter's own tube differs until it is calibrated.
struct Pigment {
    std::string id; ///< Colour Index name, with a suffix where one name has several paints: "PBr7BS"
    std::string indexName, name; ///< "PBr7", "burnt sienna"
    Opacity opacity = Opacity::SemiOpaque;
    std::string lightfastness; ///< ASTM D4303 class I…V, as usually given
    bool fugitive = false, fluorescent = false;
    double dryingShift = 0; ///< L* dry minus wet, acrylic
    std::string hazard; ///< one sentence
    bool neverSpray = false; ///< cadmium, cobalt, nickel, chromium, zinc: no spray, no dry sanding
    double strength = 0; ///< tinting strength over PB29's
    std::optional<Optics> optics; ///< none for what glows by itself (fluorescent)
};
/// All that ship, titanium white first.
const std::vector<Pigment>& pigments();
/// \return null when there is none of that name
const Pigment* pigmentOf(std::string_view id);

/// A paint that recipes can use.
struct Paint {
    std::string id;
    Optics optics;
};
using Paints = std::vector<Paint>;
/// The typical paints of those names. \return an Error naming what is unknown or has no spectrum
Result<Paints> typicalPaints(const std::vector<std::string>& ids);
const Paint* paintOf(const Paints& paints, std::string_view id);
/// 1 part in n, the rest titanium white, kept as a paint of its own: "PG7/20". \param white titanium white's
Paint letDown(const Paint& paint, int n, const Optics& white);

} // namespace rl::paint
