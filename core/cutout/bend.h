#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::cutout {

/// A pin holds (or moves) what lies under it. Px.
struct BendPin {
    Vec2 from, to;
};

/// A cut-out bent by pins: a net of cells over the matte, each turned as rigidly as the pins allow.
/// Source: as-rigid-as-possible deformation, Igarashi, Moscovich & Hughes (2005); solved by turns after Sorkine &
/// Alexa (2007).
class Bend {
public:
    /// \param alpha of the cut-out, with something in it \param pins fewer than two move everything alike, or nothing
    Bend(const Mask& alpha, const std::vector<BendPin>& pins);
    /// Where a place of the cut-out goes. Outside of the net: as the nearest cell.
    Vec2 moved(Vec2 at) const;
    bool empty() const { return m_cells.empty(); }

    struct Bent {
        Photo photo; ///< over the bounding box of the bent cut-out
        Mask alpha;
        int left = 0, top = 0; ///< px: where that box lies in the old picture's coordinates; may be negative
    };
    /// The picture and matte bent, at full size; each pixel is looked up once in the original, so it stays sharp.
    /// \param photo may be empty when only the matte is wanted
    Bent applied(const Photo& photo, const Mask& alpha) const;

private:
    struct Cell {
        int corner[4]; // indices of m_rest: top left, top right, bottom right, bottom left
    };
    void solve(const std::vector<BendPin>& pins);
    int m_left = 0, m_top = 0, m_columns = 0, m_rows = 0;
    double m_size = 1; // of a cell, px
    std::vector<int> m_vertexAt, m_cellAt; // by grid place, -1 = none
    std::vector<Vec2> m_rest, m_now;
    std::vector<Cell> m_cells;
};

} // namespace rl::cutout
