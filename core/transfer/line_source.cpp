#include "core/colour/lab.h"
#include "core/stage/compose.h"
#include "core/transfer/lineart.h"

namespace rl::transfer {

std::optional<LineSource> lineSource(const Project& p, int widthPx, stage::SurfaceCache& cache, Progress& progress)
{
    const auto frame = stage::compose(p, widthPx, cache, progress);
    if (!frame)
        return {};
    light::Relighter relighter;
    LineSource s;
    s.pixelsPerCm = frame->pixelsPerCm;
    const light::Picture lit = relighter.light(frame, p.lights);
    s.lit = lit.colour, s.ids = lit.ids;
    if (progress.cancelled())
        return {};
    // Things without light, what lies behind them as photographed: its ground is no other picture than its sky.
    const LinearPicture things = relighter.pass(frame, p.lights, light::Pass::Albedo);
    std::vector<Rgb> plain(frame->backdrop.data(), frame->backdrop.data() + frame->backdrop.size());
    for (std::size_t i = 0; i < plain.size(); ++i)
        if (s.ids.data()[i])
            plain[i] = things.data()[i];
    s.plain = {things.width(), things.height(), std::move(plain)};
    const LinearPicture n = relighter.pass(frame, p.lights, light::Pass::Normal),
                        z = relighter.pass(frame, p.lights, light::Pass::Zones, 5);
    const auto grey = [](light::Zone zone) { return luminance(colour::fromLab({light::lightnessOf(zone), 0, 0})); };
    const float cast = grey(light::Zone::Cast), core = grey(light::Zone::Core), none = grey(light::Zone::None),
                reflected = grey(light::Zone::Reflected);
    std::vector<Vec3f> normals(n.size());
    std::vector<float> zones(z.size());
    for (std::size_t i = 0; i < zones.size(); ++i) {
        const Rgb c = n.data()[i];
        // The ground's and the sky's are no drawing.
        normals[i] = s.ids.data()[i] ? Vec3f{2 * c.r - 1, 2 * c.g - 1, 2 * c.b - 1} : Vec3f{};
        const float v = z.data()[i].r;
        const auto is = [v](float w) { return std::abs(v - w) < 1e-4f; };
        zones[i] = is(none) ? 1 : is(cast) ? 0 : is(core) || is(reflected) ? 0.5f : 1;
    }
    s.normals = {n.width(), n.height(), std::move(normals)};
    s.zones = {z.width(), z.height(), std::move(zones)};
    for (const auto& layer : frame->layers)
        s.order.push_back(layer.element);
    return s;
}

} // namespace rl::transfer
