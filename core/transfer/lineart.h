#pragma once
#include "core/base/progress.h"
#include "core/light/relight.h"
#include <vector>

namespace rl::transfer {

enum class LineKind { Outline, Inner, FormShadow, CastShadow, ValueStep, Hatch };
inline constexpr int kLineKindCount = 6;
const char* wordOf(LineKind kind); ///< "outline"

/// A line to trace, cm on the canvas.
struct Stroke {
    std::vector<Vec2> points; ///< about a pixel of the source apart; smooth
    bool closed = false;
    LineKind kind = LineKind::Inner;
    int element = 0; ///< whose; 0 = the backdrop
    double rank = 0; ///< inner lines: share of their length that comes before it and with it, 0…100 %; others 0
    int step = 0; ///< of a value step: which
    double lengthCm() const;
};

/// What line art is drawn from, all of one size.
struct LineSource {
    LinearPicture plain; ///< as photographed, without the stage's light
    IdMap ids;
    std::vector<int> order; ///< element ids, far to near
    Raster<Vec3f> normals; ///< empty: not known
    LinearPicture lit; ///< for value steps; empty: none
    Plane zones; ///< 1 in light, ½ in the shade of a form, 0 where a shadow is cast; empty: no borders of shadows
    double pixelsPerCm = 1;
};
/// \param widthPx of the frame \return nothing when given up
std::optional<LineSource> lineSource(
    const Project& project, int widthPx, stage::SurfaceCache& cache, Progress& progress);

struct LineWish {
    double leastCm = 0.8; ///< nothing shorter; see leastUsefulCm
    bool shadows = false; ///< borders of form shadow and cast shadow too, and hatching inside them
    double hatchCm = 0.5; ///< between lines in cast shadow; twice that in form shadow
    int valueSteps = 0; ///< contours between so many steps of L*, 2…9; 0 = none
};
/// The shortest line that says something from that far, cm: twelve minutes of arc, at least 4 mm.
double leastUsefulCm(double viewingDistanceM);

/// Outlines of elements (each border once, as the nearer one's), and inner lines: the ridges of EdgeField followed from
/// the strongest on, over gaps where they plainly run on, until they meet another line (T-junction) or fade. Lines that
/// only run beside another are not drawn twice.
std::vector<Stroke> lineArt(const LineSource& source, const LineWish& wish = {});

/// Of inner lines only those ranked up to `most` (0 outlines only … 100 all); other kinds stay.
std::vector<Stroke> chosenLines(std::vector<Stroke> all, double most);

} // namespace rl::transfer
