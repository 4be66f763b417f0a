#pragma once
#include "core/light/air.h"
#include "core/light/ambient.h"
#include "core/light/irradiance.h"
#include <span>

namespace rl::light {

/// One light of the picture: its colour with its strength, and where its irradiance is read from.
class LampSource {
public:
    virtual ~LampSource() = default;
    struct View { ///< of one row; shine and thin may be null
        const float *e = nullptr, *shine = nullptr;
        const Shade *shade = nullptr, *thin = nullptr;
    };
    virtual View layerRow(std::size_t layer, int y, LightRow& scratch) const = 0;
    virtual View groundRow(int y, LightRow& scratch) const = 0;
    Rgb colour;
    std::optional<Lantern> lantern; ///< none: the sun
};
using LampSources = std::vector<std::unique_ptr<LampSource>>;
/// Irradiance worked out when it is asked for; nothing is kept.
LampSources sourcesOf(const stage::StageFrame& frame, const Lights& lights);
/// Irradiance kept in planes. \param planes must outlive it
std::unique_ptr<LampSource> keptSource(
    const stage::StageFrame& frame, const LightPlanes& planes, Rgb colour, std::optional<Lantern> lantern);

/// Light thrown back onto a layer by the ground and by large neighbours, as irradiance that goes with the normal:
/// E(n) = even + n·(x, y, z), at its foot and at its head.
/// First two bands of a clamped cosine: for light of irradiance H from direction w, E(n) = H (1/4 + n·w / 2); its mean
/// over all n is that of max(0, n·w). Source: Ramamoorthi & Hanrahan (2001).
struct BounceLight {
    struct Level {
        Rgb even, x, y, z;
        bool operator==(const Level&) const = default;
    };
    Level foot, head;
    bool any = false;
    bool operator==(const BounceLight&) const = default;
};
std::vector<BounceLight> bouncesOf(const stage::StageFrame& frame, const LampSources& lamps, double strength);

/// Layers as litLayerRow gave them, and what the ground mirrors of the solid ones: as large as Caster::mirrored().
struct LitLayers {
    std::vector<std::vector<Rgb>> lit;
    /// Mirror images of solids: how they are seen, and their colours; empty where nothing mirrors.
    std::vector<std::shared_ptr<const stage::SeenMesh>> seen;
    std::vector<std::vector<Rgb>> images;
};

/// Lights a frame, row by row; every row by itself, so that any number of threads and any height of strips give the
/// same bytes.
class Painter {
public:
    /// All references must outlive it.
    Painter(const stage::StageFrame& frame, const Lights& lights, const LampSources& lamps, const Surroundings& around,
        const std::vector<float>& groundOpen, const std::vector<float>& water);
    const std::vector<BounceLight>& bounces() const { return m_bounces; }
    struct Scratch {
        std::vector<Rgb> ambient, sum, row;
        std::vector<Mirrored> mirrored;
        std::vector<float> fresnel, mirror, light;
        LightRow lamp;
    };
    /// \param ambient, mirrored of that row where they are kept; null: worked out \param out as wide as the
    /// layer: what is seen of it times its coverage
    void litLayerRow(
        std::size_t layer, int y, const Rgb* ambient, const Mirrored* mirrored, Scratch& scratch, Rgb* out) const;
    /// Makes the mirror images of layers that are lit, where anything mirrors.
    void addImages(LitLayers& layers) const;
    /// Ground, sky, all layers and the air, not yet fitted.
    void pictureRow(int y, const LitLayers& layers, const float* fresnel, Scratch& scratch, Rgb* row) const;

private:
    void groundRow(Rgb* row, int y, const LitLayers& layers, const float* fresnel, Scratch& scratch) const;
    void findCatchLights();
    const stage::StageFrame& m_f;
    const Lights& m_lights;
    const LampSources& m_lamps;
    const Surroundings& m_around;
    const std::vector<float>&m_open, &m_water;
    Haze m_haze;
    Vignette m_vignette;
    float m_sky, m_wet;
    bool m_sunAhead = false; ///< its path may lie on wet ground
    Rgb m_hazeColour;
    std::optional<Rgb> m_tint; ///< of what lets light through
    std::vector<BounceLight> m_bounces;
    Betweens m_betweens; ///< far to near
    std::vector<Lantern> m_shown; ///< whole lanterns that burn
    struct CatchLight {
        float x, y, radius;
        Rgb light;
    };
    std::vector<std::vector<CatchLight>> m_catches; ///< by layer
};

} // namespace rl::light
