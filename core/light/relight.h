#pragma once
#include "core/base/result.h"
#include "core/light/painter.h"

namespace rl::light {

/// The lit result: linear RGB fitted to what a surface holds, and which element each pixel belongs to.
struct Picture {
    LinearPicture colour;
    IdMap ids;
    double pixelsPerCm = 1;
};

/// One thing at a time out of which the picture is made.
enum class Pass {
    Albedo, ///< what things are made of, without light
    Normal, ///< scene axes as (n + 1) / 2; the sky faces the viewer
    Depth, ///< m, in all three channels; 0 = sky
    Shadow, ///< share of the lamps' light that arrives, 0…1; 1 where none is thrown
    Ambient, ///< sky, ground and spill
    Id, ///< element ids in all three channels; 0 = ground and sky
    Zones ///< the classic form zones as greys
};
inline constexpr int kPassCount = 7;

/// The classic zones of a form in light, by the strongest lamp on it.
enum class Zone : std::uint8_t { None, Light, HalfTone, Core, Reflected, Cast, Occlusion };
/// \param facing irradiance of that lamp without shadows over the most it has on the form, 0…1 \param through share of
/// it that no shadow takes \param open ambient light over the form's median \param steps 2…6: fewer are merged into
/// what they belong to (2: light and shade)
/// Bounds: half-tone under 0.55 of the full light, core shadow under 0.12, where reflected light begins at 1.08 of the
/// median ambient and occlusion under 0.8.
Zone zoneOf(float facing, float through, float open, int steps);
/// L* by which a zone is shown.
float lightnessOf(Zone zone);

/// Light falling on a frame, kept apart per light, so that moving one lantern works only that one out again.
/// Not thread-safe; one worker owns one. The picture is the same bytes with or without what was kept.
class Relighter {
public:
    /// \param frame kept alive until the next call
    Picture light(std::shared_ptr<const stage::StageFrame> frame, const Lights& lights);
    /// Not fitted to a surface: values as they are. \param zoneSteps 2…6, for the zones
    LinearPicture pass(
        std::shared_ptr<const stage::StageFrame> frame, const Lights& lights, Pass which, int zoneSteps = 6);
    /// The picture before it is fitted to what a surface holds: linear, may exceed 1.
    LinearPicture scene(std::shared_ptr<const stage::StageFrame> frame, const Lights& lights);

private:
    struct KeptLantern {
        Lantern lantern; ///< one of the small lights of a lantern
        int part = 0; ///< which of them
        LightPlanes planes;
    };
    struct Lamp { ///< a light as a colour to weigh its planes with
        Rgb colour;
        const LightPlanes* planes;
        const Lantern* lantern; ///< null: the sun
    };
    struct KeptLayer {
        std::vector<Rgb> ambient; ///< sky, ground and backdrop spill, sky strength 1
        std::vector<Mirrored> mirrored; ///< of polished layers
        std::vector<Rgb> lit; ///< as lit last
        BounceLight bounce;
        bool holds = false; ///< lit still holds if the lamps stay as they were
    };
    Uncleared<Rgb> paintedRows(const Lights& lights, bool fit);
    std::vector<Zone> zonesOn(std::size_t layer, const std::vector<Lamp>& lamps, int steps) const;
    void meet(std::shared_ptr<const stage::StageFrame> frame, float spill);
    void surround(const stage::Layer& layer, KeptLayer& kept) const;
    void followFrame(const FrameStep& step);
    std::vector<Lamp> planesOf(const Lights& lights);
    void lightLayers(const std::vector<Lamp>& lamps, const Lights& lights, const Painter& painter);
    std::shared_ptr<const stage::StageFrame> m_frame;
    IdMap m_ids; ///< of m_frame; empty until asked for
    float m_spill = 1;
    Surroundings m_around;
    std::vector<KeptLayer> m_layers;
    LitLayers m_lit; ///< while a picture is made
    std::vector<float> m_groundMirror; ///< Fresnel share of still water
    std::vector<float> m_groundOpen; ///< 0…1, how open the ground is to the sky near feet
    std::vector<float> m_water; ///< share of the ground that is water whatever the weather; empty = none
    std::optional<Sun> m_sun;
    LightPlanes m_sunPlanes;
    std::vector<KeptLantern> m_lanterns;
    std::vector<Rgb> m_lampColours; ///< with what the layers were lit
    std::optional<Air> m_airThen;
    std::optional<Rgb> m_tintThen;
};

/// A large picture in sRGB codes, strip by strip, keeping no planes of light: the same bytes as the codes of what
/// Relighter::light gives.
/// \param strip rows worked at a time between two looks at the progress, 1…4096; the bytes do not depend on it
/// \return an error when cancelled
Result<Photo> finalPicture(
    std::shared_ptr<const stage::StageFrame> frame, const Lights& lights, Progress& progress, int strip = 128);

} // namespace rl::light
