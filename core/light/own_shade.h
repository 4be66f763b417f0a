#pragma once
#include "core/light/shadow_rows.h"

namespace rl::light {

/// What a thing does to its own light: an arm's shadow on the chest, a leg's on the leg behind it. Its map is read at
/// its own surface, lifted off by a hundredth of its size, so that a lit side does not shade itself. A card knows its
/// front alone: light from behind is left to fuzz and thin stuff.
class OwnShade {
public:
    OwnShade() = default; ///< none
    /// \param map of the layer's caster from that light; null: none. Frame and layer must outlive it.
    OwnShade(const stage::StageFrame& frame, const stage::Layer& layer, std::shared_ptr<const stage::BodyMap> map,
        const ShadowLight& light);
    /// Adds it to part of a row of the layer. \param begin column of row[0]
    bool any() const { return m_map != nullptr; }
    void addTo(std::span<Shade> row, int y, int begin) const;

private:
    const float* depthsOf(int y, int begin, int count) const;
    const stage::StageFrame* m_f = nullptr;
    const stage::Layer* m_l = nullptr;
    std::shared_ptr<const stage::BodyMap> m_map; ///< null: none
    ShadowLight m_light;
    Vec3 m_lift; ///< m
    float m_weight = 0; ///< 0…1
};

} // namespace rl::light
