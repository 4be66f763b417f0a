#pragma once
#include "core/project/project.h"
#include "core/relief/photo_light.h"
#include "core/relief/relief.h"
#include "core/stage/camera.h"
#include "core/stage/mesh.h"
#include <functional>
#include <memory>
#include <mutex>

namespace rl::stage {

struct Body;

/// What a cut-out is made of, worked out once and kept while its matte and form stay the same.
struct Surface {
    Rect box; ///< px in the picture
    double scale = 1; ///< surface px per picture px
    LinearPicture colour; ///< cleaned of its old background, its own light still on it
    Mask alpha;
    Raster<Vec3f> normals; ///< x right, y up, z towards the viewer
    /// The same at a half, a quarter … of the size, averaged, for what stands small in the frame.
    struct Smaller {
        LinearPicture colour;
        Mask alpha;
        Raster<Vec3f> normals;
    };
    std::vector<Smaller> smaller;
    relief::MeasuredLight light; ///< as measured on the photograph
};

/// Surfaces by matte and form; safe from several threads. Not part of the project. What is heavy is held by
/// core/base/kept.h as long as there is room for it, and is made anew after that.
class SurfaceCache {
public:
    /// Another work is open: what only the mattes of the one before could ask for goes.
    void forgetCutouts();
    /// \param longest side of the surface's pixels
    std::shared_ptr<const Surface> surface(const Project& project, const Element& element, int longest = 1400);
    /// The matte's bounding box, px in the picture.
    Rect shape(const Cutout& cutout);
    /// The same for whatever an element shows as a card; of a flat stand-in in thousandths of its height. Empty for
    /// a solid and for a cut-out without a matte.
    Rect shape(const Project& project, const Element& element);
    /// Where a card stands across its box, 0…1 as photographed: the painter's word, else where it touches the ground.
    double foot(const Project& project, const Element& element);
    /// Its feet; of a flat stand-in one in the middle.
    Footing footing(const Project& project, const Element& element);
    /// A stand-in's solid in its own units; empty for a flat one.
    std::shared_ptr<const Mesh> solid(const Standin& standin, double heightM);
    /// What throws shadows, in a shape's own place (foot at the origin), made once while shape and surface stay the
    /// same. \param shape only what decides its form counts: stand-in, height, turn, stretch, lean, mirroring, material
    std::shared_ptr<const Body> body(const Element& shape, const std::shared_ptr<const Surface>& surface,
        const std::function<std::shared_ptr<const Body>()>& make);
    /// The matte as it stands in the scene: bent, when it has two pins or more; then with its own coordinates. Takes as
    /// long as the bend.
    Mask standing(const Cutout& cutout);
    /// As measured, or empty confidence where the cut-out has no matte.
    relief::MeasuredLight light(const Project& project, const Element& element);
    /// The same with what the shading tells of the relief; measured once for a matte and its photograph.
    std::shared_ptr<const relief::PhotoReading> reading(const Project& project, const Element& element);
    /// The same without waiting: null while it has not been measured.
    std::shared_ptr<const relief::PhotoReading> knownReading(const Project& project, const Element& element);

private:
    using Owner = std::weak_ptr<const void>; ///< of a matte: it is known by that, and is not held
    struct Entry { // values, not addresses: nothing can come back as another thing
        Owner alpha;
        LazyPhoto photo;
        Form form;
        int longest;
        std::vector<Pin> pins;
        std::vector<ReliefPart> parts;
        std::vector<Ridge> ridges;
        std::weak_ptr<const Surface> surface;
    };
    std::mutex m_mutex;
    std::vector<Entry> m_entries;
    struct Shape {
        Owner alpha;
        std::vector<Pin> pins;
        Rect box;
        Footing footing;
    };
    std::shared_ptr<const Shape> known(const Cutout& cutout);
    std::vector<std::shared_ptr<const Shape>> m_shapes;
    struct Measured {
        Owner alpha;
        LazyPhoto photo;
        std::weak_ptr<const relief::PhotoReading> reading;
    };
    std::vector<Measured> m_readings;
    struct Solidity {
        Standin standin;
        double heightM;
        std::shared_ptr<const Mesh> mesh;
    };
    std::vector<Solidity> m_solids;
    struct Flat {
        Standin standin;
        Form form;
        std::vector<ReliefPart> parts;
        std::vector<Ridge> ridges;
        std::weak_ptr<const Surface> surface;
    };
    std::vector<Flat> m_flats;
    struct Embodied {
        Element shape;
        std::weak_ptr<const Surface> surface; ///< compared by what owns it, which outlives it
        std::weak_ptr<const Body> body;
    };
    std::vector<Embodied> m_bodies;
    std::shared_ptr<const Surface> flat(const Element& element);
};

relief::Shape shapeFor(Form form);
/// Does it stand as a card (a cut-out, a flat shape), or as a solid?
bool isCard(const Project& project, const Element& element);
/// A solid about its own foot, m: as tall, turned, stretched and leaning as the element says; empty for a card.
Mesh ownMesh(const Element& element, SurfaceCache& cache);
/// A solid where it stands in the scene, m; empty for a card or above the horizon.
Mesh standingMesh(const Project& project, const Element& element, SurfaceCache& cache);
/// Where a solid stands, from its mesh in the scene.
Placement placementOf(const Project& project, const Element& element, const Mesh& standing);
/// Where an element stands, whatever it is made of.
Placement placed(const Project& project, const Element& element, SurfaceCache& cache);
/// The plain colour of a stand-in, linear.
Rgb tintOf(const Standin& standin);

/// The photograph's own light on an element: the painter's word where given, else as measured (then with the
/// element's mirroring applied).
PictureLight ownLight(const Project& project, const Element& element, SurfaceCache& cache);

} // namespace rl::stage
