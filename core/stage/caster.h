#pragma once
#include "core/base/raster.h"
#include "core/stage/body_map.h"
#include "core/stage/raster_mesh.h"
#include <mutex>

namespace rl::stage {

/// How what stands close over the ground closes it to the sky: e^-share of the sky's light arrives.
struct Contact {
    Plane share; ///< ≥ 0; rows away from the viewer
    double left = 0, near = 0, perM = 1; ///< m: X of the left edge, Z of the first row; texels a metre
};

/// An element as light meets it: its body where it stands in the scene.
class Caster {
public:
    Caster() = default; ///< throws nothing
    /// \param points of the body where it stands, m \param pixelsPerM of the frame at its distance
    Caster(std::shared_ptr<const Body> body, std::vector<Vec3> points, double pixelsPerM);

    bool empty() const { return m_points.empty(); }
    const std::vector<Vec3>& points() const { return m_points; } ///< m, in the scene
    Vec3 middle() const { return m_middle; } ///< m, of the box around the points
    double size() const { return m_size; } ///< m, that box' longest side
    const Body* body() const { return m_body.get(); } ///< null: throws nothing
    bool solid() const { return m_body && m_body->solid; }
    /// As a light sees it. Made when first asked for and kept as long as somebody holds it; from any thread.
    std::shared_ptr<const BodyMap> seenFrom(const LightPlace& light) const;
    /// Made when first asked for; from any thread.
    const Contact& contact() const;

    /// Its mirror image on flat ground as the eye sees it: coverage and the distance of what is mirrored. Empty for
    /// what is known from the front only. Kept for one eye; from any thread.
    std::shared_ptr<const SeenMesh> mirrored(const Eye& eye, int frameWidth, int frameHeight) const;

    int element = 0; ///< whose it is
    bool thin = false; ///< lets tinted light through

private:
    std::shared_ptr<const Body> m_body;
    std::vector<Vec3> m_points;
    double m_pixelsPerM = 1, m_size = 0;
    Vec3 m_middle;
    mutable std::mutex m_mutex;
    mutable std::vector<std::weak_ptr<const BodyMap>> m_maps;
    mutable std::optional<Contact> m_contact;
    struct Mirror {
        Eye eye;
        int width, height;
        std::shared_ptr<const SeenMesh> seen;
    };
    mutable std::optional<Mirror> m_mirror;
};

/// A body carried to where its element stands. Of what stands on the ground, feet that end higher in the picture are
/// set down farther back, where the eye sees them or
/// the painter says. \param eyeHeight m
std::shared_ptr<const Caster> casterOf(
    std::shared_ptr<const Body> body, const Element& element, const Vec3& foot, double eyeHeight, double pixelsPerM);

/// The lowest point of a body over each spot of ground, m; 1e30 where there is none.
/// \param left, near m: of the first texel's outer corner
Plane heightsOver(
    const Body& body, const std::vector<Vec3>& points, double left, double near, double perM, int width, int height);

} // namespace rl::stage
