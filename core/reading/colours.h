#pragma once
#include "core/colour/lab.h"
#include "core/light/relight.h"

namespace rl::reading {

/// A small strong colour, and whether it is answered elsewhere.
struct Accent {
    std::string hue; ///< plain name
    colour::Lab mean;
    double share = 0; ///< of the canvas, 0…1
    std::vector<Rect> places; ///< px, largest first
    bool answered = false; ///< two places lie 15 % of the diagonal apart
};

/// Light and shade of one thing.
struct Family {
    int element = 0;
    colour::Lab light, shade; ///< means of the lighter and the darker half, parted where they differ most
    double lightShare = 0.5; ///< of the element, 0…1
    double dL() const { return double(light.L - shade.L); }
    double warmer() const; ///< ΔE of the shade towards yellow-red (+) or blue (−) against the light, on the warm axis
};

/// How colour is spread.
struct ColourPlan {
    std::string spread; ///< in plain words
    std::string mainHue, secondHue; ///< plain names; second empty where there is none
    colour::Lab mean;
    double meanChroma = 0; ///< C*
    double warmShare = 0, coolShare = 0, greyShare = 0; ///< of the canvas; grey: C* under 6
    std::vector<Accent>
        accents; ///< C* over 25 and twice the mean, each hue under 4 % of the canvas; most colourful first
    std::vector<Family> families;
};
ColourPlan colourPlan(const light::Picture& picture);

/// "red", "orange", "yellow", "yellow-green", "green", "blue-green", "blue", "violet", "magenta"; h in degrees of
/// CIELAB
const char* hueName(double h);
/// Warm (orange) against cool (blue) against grey, at the picture's own lightness.
LinearPicture warmCoolPicture(const LinearPicture& picture);
/// C* as lightness: 60 and more is white.
LinearPicture saturationPicture(const LinearPicture& picture);
/// Without colour.
LinearPicture greyPicture(const LinearPicture& picture);

} // namespace rl::reading
