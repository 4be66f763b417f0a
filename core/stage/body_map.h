#pragma once
#include "core/stage/body.h"
#include <span>

namespace rl::stage {

/// A light as shadows see it. For the sun `at` is the direction towards it (unit); for a lamp its place, m.
struct LightPlace {
    bool isSun = true;
    Vec3 at;
    bool operator==(const LightPlace&) const = default;
};

/// The points of a row of pixels, m: origin + depth (way + i step), with one depth for all where `depth` is null.
struct RayRow {
    Vec3 origin, way, step;
    const float* depth = nullptr;
    int count = 0;
    double least = 1, most = 1; ///< of the depths that matter
};

/// What one light sees of one body: how much of the light it stops in every direction, and at which depth, at halving
/// sizes. Each texel keeps the share stopped c, and the mean and mean square of the depth halfway between the nearest
/// side turned to the light and the nearest turned away, so that neither foot nor lit side shadows itself.
/// Immutable; safe from several threads.
class BodyMap {
public:
    /// \param points of the body where it stands, m \param texelsPerM wanted at the body
    BodyMap(const Body& body, const std::vector<Vec3>& points, const LightPlace& light, double texelsPerM);

    const LightPlace& light() const { return m_light; }
    /// The share of a light of that size which the body stops on its way to each point, where it stops any.
    ///
    ///     V = c clamp(½ + (z - m) / (2√3 σ + texel))      level = log2(1.3 size (z - z_b) / (z z_b)) in texels
    ///
    /// with the blocking depth z_b first read at the widest penumbra there can be (for the sun: size (z - z_b)).
    /// \param rows as many as go together; each is told as if it were alone \param out for each row, as long as it
    /// \param size sun: tan of half its angular diameter; lamp: radius, m
    /// \param runs gets for each row the stretches [from, to) in which out is told; elsewhere nothing is stopped
    using Runs = std::vector<std::array<int, 2>>;
    void stopped(std::span<const RayRow> rows, std::span<float* const> out, double size, std::span<Runs> runs) const;
    /// False when none of what lies between those corners can be kept from a light of that size.
    bool mayReach(const std::array<Vec3, 8>& corners, double size) const;

    struct alignas(16) Texel {
        float stops, depth, square, unused;
        Texel() { } // not cleared: whoever makes room fills it
        Texel(float c, float cz, float czz)
            : stops(c)
            , depth(cz)
            , square(czz)
            , unused(0)
        {
        }
    };
    /// One size of a face, with a rim of nothing.
    struct Level {
        int width = 0, height = 0; ///< texels, rim included
        std::vector<Texel> texels;
    };
    /// A square view from a lamp, or the only one from the sun.
    struct Face {
        Vec3 u, v, away; ///< unit; `away` from the light
        Vec3 centre; ///< m, of the lamp; zero for the sun
        double left = 0, top = 0, texel = 1; ///< of the finest size, in u and v (lamp: per metre of distance)
        float nearest = 0, middle = 0; ///< m along `away`; texels count from `middle`
        float least = 0; ///< m: of the depths that block
        float front = 0; ///< m: nothing is stopped before
        bool whole = true; ///< false: one of six, which answers only for what lies within its quarter
        std::vector<Level> levels;
    };

private:
    LightPlace m_light;
    std::vector<Face> m_faces;
};

} // namespace rl::stage
