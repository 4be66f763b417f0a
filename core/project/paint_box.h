#pragma once
#include "core/base/geometry.h"
#include <string>
#include <vector>

/// The paints that are really there, and how this picture is to be mixed from them.
namespace rl {

enum class PaintMedium { AcrylicHeavy, AcrylicFluid, AcrylicGouache, Gouache, Oil, Watercolour };
inline constexpr int kPaintMediumCount = 6;

/// How much of the light that the surface itself throws back reaches the eye: 0 gloss, ½ satin, 1 matt.
enum class Finish { Gloss, Satin, Matt };

/// A patch of a swatch card that was read.
struct Patch {
    bool read = false;
    Vec3 lab; ///< L*, a*, b* (D65)
    bool operator==(const Patch&) const = default;
};
/// What a tube looks like painted out.
struct TubeCard {
    Patch masstone, tint2, tint10; ///< as from the tube; 1 part in 2 and in 10 of the box's titanium white
    Patch overWhite, overBlack; ///< a drawdown over the card's white and black
    double wetUm = 100; ///< of the drawdown: wet film, µm; about half the gap of the bar
    double noise = 1; ///< of a reading, CIELAB: about 1 from a photograph, 0.4 from a colour reader
    std::string date; ///< YYYY-MM-DD when it was read
    bool any() const { return masstone.read || tint2.read || tint10.read; }
    bool operator==(const TubeCard&) const = default;
};

struct Tube {
    int id = 0;
    std::string pigment; ///< a name of the table of pigments: "PB29"
    std::string name; ///< the painter's own; empty = the pigment's usual one
    double sizeMl = 60, leftMl = 60; ///< ml
    double price = 0; ///< of a full tube, in the painter's money; 0 = not said
    bool chosen = true; ///< in the palette of this work
    TubeCard card{};
    bool operator==(const Tube&) const = default;
};
struct PaintBox {
    int id = 0;
    std::string name;
    PaintMedium medium = PaintMedium::AcrylicHeavy;
    std::vector<Tube> tubes;
    bool operator==(const PaintBox&) const = default;
};

/// How this picture is mixed and laid.
struct MixPlan {
    int box = 0; ///< 0 = the first
    Finish finish = Finish::Satin; ///< of the finished painting
    int puddles = 24; ///< the whole canvas in that many mixes
    double wetUm = 120; ///< a coat's wet film, µm: 1 µm is 1 ml on a square metre
    int coats = 2;
    double loss = 0.25; ///< share left on palette and brush
    double openMinutes = 12; ///< that the paint can be moved
    double paceCmPerMinute = 4; ///< of a band laid and blended
    double mergeDe = 0; ///< puddles within so much CIEDE2000 of each other are mixed as one; 0 = each for itself
    double finestMm = 1; ///< width of the finest stroke the brushes at hand can lay
    int letDown = 20; ///< strong tubes also kept as 1 part in so many of white, for pale colours; 0 = not
    bool operator==(const MixPlan&) const = default;
};

/// A puddle of the palette that has a number.
struct KnownPuddle {
    int number = 0; ///< 1…999: what it is called on palette, cards and sheets
    int take = 0; ///< whose palette; 0 = of the only one
    int element = 0; ///< whose light or shade; 0 = the backdrop
    bool light = true;
    Vec3 lab; ///< L*, a*, b* that was wanted
    std::string mixed{}; ///< its recipe, "PB29=1+PW6=10", once it stands mixed and is to stay so; empty: it does not
    bool operator==(const KnownPuddle&) const = default;
};

} // namespace rl
