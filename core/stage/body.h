#pragma once
#include "core/project/project.h"
#include "core/relief/relief.h"
#include "core/stage/mesh.h"
#include <memory>
#include <opencv2/core.hpp>

namespace rl::stage {

/// How a point goes with the foot under it, fading out up its leg.
struct FootPull {
    float height = 0; ///< m: how high above the foot line that foot ends. Seen there it stands E / (E - h) as far.
    float back = 0; ///< m behind the foot line, as the painter says
    bool said = false; ///< `back` counts, not what is seen
};

/// A closed surface about its own foot, m: x to the right, y up, z away from the viewer. What throws shadows, whatever
/// side the light comes from. Faces wind as those of a Mesh.
struct Body {
    std::vector<Vec3> points;
    std::vector<std::array<int, 3>> faces;
    std::vector<float> stops; ///< share of the light stopped at each point, 0…1; empty = `opacity` everywhere
    float opacity = 1; ///< 0…1
    bool solid = false; ///< known all round, not only from the front
    bool convex = false; ///< can throw no shadow onto itself
    std::vector<FootPull> pulled; ///< of each point; empty = nothing is set down elsewhere
    /// Points from here on lie under the sole, which is drawn down into the ground so that no light creeps in between
    /// them; they count only while the body stands on it.
    std::size_t firstBelow = 0;
};

/// A cut-out as a body: front and back from its outline, as thick as its form bulges (u of relief::heightOf, mirrored
/// at the foot line, so that it stands on a flat sole), turned, mirrored and leaning as the element says.
/// \param alpha its matte over its own box, 0…255 \param widthM along the card \param foot where it stands across the
/// box, 0…1
std::shared_ptr<const Body> bodyOf(
    const cv::Mat& alpha, const Element& element, relief::Shape shape, double widthM, double foot);
/// A solid, as it is. \param opacity of its material, 0…1
std::shared_ptr<const Body> bodyOf(const Mesh& mesh, double opacity);

/// Share of the light that an element's substance stops, 0…1.
double opacityOf(const Element& element);

} // namespace rl::stage
