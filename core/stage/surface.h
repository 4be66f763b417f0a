#pragma once
#include "core/project/project.h"
#include "core/relief/photo_light.h"
#include <map>
#include <memory>
#include <mutex>

namespace rl::stage {

/// What a cut-out is made of, worked out once and kept while its matte and form stay the same.
struct Surface {
    Rect box; ///< px in the picture
    double scale = 1; ///< surface px per picture px
    LinearPicture colour; ///< cleaned of its old background, its own light still on it
    Mask alpha;
    Raster<Vec3f> normals; ///< x right, y up, z towards the viewer
    relief::MeasuredLight light; ///< as measured on the photograph
};

/// Surfaces by matte and form; safe from several threads. Not part of the project.
class SurfaceCache {
public:
    /// \param longest side of the surface's pixels
    std::shared_ptr<const Surface> surface(const Project& project, const Element& element, int longest = 1400);
    /// The matte's bounding box, px in the picture.
    Rect shape(const Cutout& cutout);
    /// The matte as it stands in the scene: bent, when it has two pins or more; then with its own coordinates.
    Mask standing(const Cutout& cutout);
    /// As measured, or empty confidence where the cut-out has no matte.
    relief::MeasuredLight light(const Project& project, const Element& element);

private:
    struct Entry {
        const void* alpha;
        const void* photo;
        Form form;
        int longest;
        std::vector<Pin> pins;
        Mask held; // keeps the address in use
        std::shared_ptr<const Surface> surface;
    };
    std::mutex m_mutex;
    std::vector<Entry> m_entries;
    struct Shape {
        Mask alpha; // keeps the address in use
        std::vector<Pin> pins;
        Mask standing;
        Rect box;
    };
    const Shape& known(const Cutout& cutout); // with the lock held
    std::vector<std::shared_ptr<Shape>> m_shapes;
    std::map<const void*, std::pair<Mask, relief::MeasuredLight>> m_lights;
};

/// The photograph's own light on an element: the painter's word where given, else as measured (then with the
/// element's mirroring applied).
PictureLight ownLight(const Project& project, const Element& element, SurfaceCache& cache);

} // namespace rl::stage
