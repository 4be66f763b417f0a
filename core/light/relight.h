#pragma once
#include "core/light/irradiance.h"

namespace rl::light {

/// The lit result: linear RGB fitted to what a surface holds, and which element each pixel belongs to.
struct Picture {
    LinearPicture colour;
    IdMap ids;
    double pixelsPerCm = 1;
};

/// Light falling on a frame, kept apart per light, so that moving one lantern works only that one out again.
/// Not thread-safe; one worker owns one. The picture is the same bytes with or without what was kept.
class Relighter {
public:
    /// \param frame kept alive until the next call
    Picture light(std::shared_ptr<const stage::StageFrame> frame, const Lights& lights);

private:
    struct KeptLantern {
        Lantern lantern;
        LightPlanes planes;
    };
    struct Lamp;
    struct AirTerms;
    void meet(std::shared_ptr<const stage::StageFrame> frame);
    void followFrame(const FrameStep& step);
    std::vector<Lamp> planesOf(const Lights& lights);
    void lightLayers(const std::vector<Lamp>& lamps, const AirTerms& air);
    std::shared_ptr<const stage::StageFrame> m_frame;
    cv::Mat m_small; ///< the backdrop, small and soft: what spills onto edges
    std::vector<std::vector<Rgb>> m_layerAmbient; ///< sky, ground and backdrop spill on each layer, sky strength 1
    std::vector<float> m_groundMirror; ///< Fresnel share of still water
    std::vector<float> m_groundOpen; ///< 0…1, how open the ground is to the sky near feet
    std::vector<float> m_water; ///< share of the ground that is water whatever the weather; empty = none
    std::optional<Sun> m_sun;
    LightPlanes m_sunPlanes;
    std::vector<KeptLantern> m_lanterns;
    std::vector<std::vector<Rgb>> m_lit; ///< layers as lit last
    std::vector<char> m_litHolds; ///< which of them still hold if the lamps stay as they were
    std::vector<Rgb> m_lampColours; ///< with what they were lit
    std::vector<float> m_airThen;
};

/// Share of light that comes through air which halves contrast at `halfContrastM`: 2^(-distance/half). 1 in clear air.
double throughAir(double distanceM, double halfContrastM);

/// Fresnel reflectance of water seen at a grazing angle. Source: Schlick (1994), F0 = 0.02.
double waterMirror(double cosine);

} // namespace rl::light
