#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"
#include "core/paint/search.h"
#include <memory>

namespace rl::paint {

/// What a box makes of the colours of a picture, as a table: for each colour the nearest mix of its paints, as a screen
/// shows it, and how far off. Looking a colour up takes no search. Immutable; safe from several threads.
class Reach {
public:
    /// Grid points along each of R, G and B, even in the square root of linear light.
    static constexpr int kSide = 25;

    /// Fills in what the picture needs. \return null when it was given up or there are no paints
    static std::shared_ptr<const Reach> of(
        const Search& search, const LinearPicture& picture, Finish finish, Progress& progress);

    /// Every pixel as these paints can show it. \pre the picture is the one it was made for (other colours come out
    /// black) \param off CIEDE2000 from the wanted colour, one a pixel; may be null
    LinearPicture proof(const LinearPicture& picture, Plane* off) const;

private:
    std::vector<std::array<float, 4>> m_at; ///< √R, √G, √B, CIEDE2000
};

/// Shares of the canvas that stay within 2, 4 and 8 CIEDE2000 of the plan, 0…1.
struct Kept {
    double within2 = 0, within4 = 0, within8 = 0;
    double mean = 0; ///< CIEDE2000
};
Kept keptOf(const Plane& off);
/// Where the paints miss the plan: its values in grey where they reach it within 2, the warmer the farther off, full
/// at 12.
Photo lossPicture(const LinearPicture& plan, const Plane& off);
/// A colour seen in satin as it looks with another finish: only the light from the surface itself changes.
colour::ExactLab withFinish(const colour::ExactLab& satin, Finish finish);

} // namespace rl::paint
