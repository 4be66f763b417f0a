#pragma once
#include "core/paint/film.h"

namespace rl::paint {

/// The inner loops of the search for recipes, in single precision: opaque layers, satin, daylight.
inline constexpr int kPadded = 40; // bands, a multiple of eight
struct alignas(32) Packed {
    float k[kPadded], s[kPadded];
};
Packed packed(const Optics& o);

/// X, Y, Z over the white's and their slopes along ln(amount) of each of n ≤ 4 paints: out[3 + 3 n].
void mixSlopes(const Packed* const* paints, const float* amounts, int n, float* out);
/// X, Y, Z over the white's of a fixed sum plus each of `count` amounts of one more paint: out[3 count].
void mixSweep(const Packed& sum, const Packed& more, const float* amounts, int count, float* out);
/// sum = a + parts b.
void addTo(Packed& sum, const Packed& a, const Packed& b, float parts);

} // namespace rl::paint
