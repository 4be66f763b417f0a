#include "tests/kit/scattered.h"
#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "tests/kit/tiny.h"
#include <random>

namespace rl::kit {

Project scatteredWork(unsigned seed)
{
    std::mt19937 random(seed);
    const auto from = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
    const auto one = [&](int n) { return int(random() % unsigned(n)); };
    Project p = seed % 3 ? shoreWork() : postWork(from(0, 360), from(-15, 60));
    p.brief.widthCm = from(25, 120), p.brief.heightCm = p.brief.widthCm * from(0.5, 1.6);
    p.brief.viewingDistanceCm = from(0.8, 4) * p.brief.widthCm;
    static constexpr const char* media[] = {"oil", "acrylic", "gouache", "watercolour", "casein", "mixed"};
    p.brief.medium = media[one(6)];
    p.camera.horizonCm = from(0.2, 0.6) * p.brief.heightCm, p.camera.eyeHeightM = from(0.5, 4);
    p.lights.sun.azimuth = from(0, 360), p.lights.sun.elevation = from(-20, 70), p.lights.sun.strength = from(0.1, 2);
    p.lights.sun.on = one(4) > 0;
    p.lights.air.halfContrastM = from(10, 800), p.lights.air.spill = from(0, 1);
    p.lights.air.exposureStops = from(-1.5, 1.5), p.lights.air.darks = from(0, 0.2);
    if (one(2))
        p.brief.wantedKey = one(3);
    for (int i = 0, n = 2 + one(5); i < n; ++i) {
        static constexpr Solid solids[]
            = {Solid::Box, Solid::Figure, Solid::Tent, Solid::Column, Solid::Tree, Solid::Cone, Solid::Wheel};
        Element e = edits::standinOf(solids[one(7)]);
        e.name = "Thing " + std::to_string(i + 1);
        e.baseCm = {from(-0.05, 1.05) * p.brief.widthCm,
            from(-0.02, 1) * (p.brief.heightCm - p.camera.horizonCm) + p.camera.horizonCm};
        e.heightM = std::exp(from(-1.2, 1.8)), e.altitudeM = one(4) ? 0 : from(-0.3, 0.5) * e.heightM;
        e.standin.lightness = from(5, 95), e.standin.chroma = from(0, 70), e.standin.hue = from(0, 360);
        e.quiet = one(6) == 0, e.locked = one(8) == 0;
        p = edits::withElement(std::move(p), e);
    }
    for (int i = 0, n = one(4); i < n; ++i) {
        p.brief.cast.push_back({p.freshId(), "Member " + std::to_string(i + 1)});
        if (i < int(p.elements.size()))
            p.elements[std::size_t(i)].cast = p.brief.cast.back().id;
    }
    for (int i = 0, n = one(3); i < n; ++i) {
        Lantern l;
        l.name = "Lamp " + std::to_string(i + 1);
        l.position = {from(-4, 4), from(-0.2, 4), from(2, 15)}, l.strength = from(0.1, 6), l.kelvin = from(1800, 7000);
        p = edits::withLantern(std::move(p), l);
    }
    if (one(3))
        p = edits::withPaintBox(std::move(p), paint::firstBox());
    repair(p);
    return p;
}

} // namespace rl::kit
