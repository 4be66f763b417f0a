#include "core/stage/match.h"
#include "core/colour/lab.h"
#include "core/stage/compose.h"

namespace rl::stage {

namespace {
ToneRange rangeOf(std::vector<colour::Lab>& colours)
{
    ToneRange r;
    if (colours.size() < 20)
        return r;
    std::sort(colours.begin(), colours.end(), [](const auto& x, const auto& y) { return x.L < y.L; });
    const std::size_t n = colours.size(), third = n / 3;
    r.darkL = double(colours[n / 50].L), r.lightL = double(colours[n - 1 - n / 50].L);
    for (std::size_t i = 0; i < third; ++i)
        r.a += double(colours[i].a) / double(third), r.b += double(colours[i].b) / double(third);
    return r;
}
} // namespace

ToneRange toneOf(const Surface& s)
{
    std::vector<colour::Lab> colours;
    const std::size_t stride = std::max<std::size_t>(1, s.colour.size() / 40000);
    for (std::size_t i = 0; i < s.colour.size(); i += stride)
        if (s.alpha.data()[i] > 240)
            colours.push_back(colour::toLab(s.colour.data()[i]));
    return rangeOf(colours);
}

ToneRange toneBehind(const Project& p, const Element& e, SurfaceCache& cache)
{
    const Placement place = placed(p, e, cache);
    if (!place.visible)
        return {};
    const LinearPicture backdrop = backdropOf(p, 400);
    const double k = backdrop.width() / p.brief.widthCm;
    const Rect r = place.canvas;
    std::vector<colour::Lab> colours;
    for (int y = std::max(0, int(r.y * k)); y < std::min(backdrop.height(), int(r.bottom() * k) + 1); ++y)
        for (int x = std::max(0, int((r.x - r.width / 2) * k));
             x < std::min(backdrop.width(), int((r.right() + r.width / 2) * k) + 1); ++x)
            colours.push_back(colour::toLab(backdrop.at(x, y)));
    return rangeOf(colours);
}

Tone matchedTone(const Project& p, const Element& e, SurfaceCache& cache, double amount)
{
    const auto surface = cache.surface(p, e);
    if (surface->colour.empty())
        return {};
    const ToneRange own = toneOf(*surface), behind = toneBehind(p, e, cache);
    Tone t;
    t.darkFrom = own.darkL;
    t.lightFrom = own.lightL;
    t.darkTo = behind.darkL;
    t.lightTo = std::max(t.darkTo + 5, std::min(own.lightL, behind.lightL + 10)); // a thing may stand out a little
    t.a = behind.a - own.a;
    t.b = behind.b - own.b;
    t.amount = amount;
    return t;
}

} // namespace rl::stage
