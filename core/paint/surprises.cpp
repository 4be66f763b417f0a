#include "core/paint/surprises.h"
#include "core/base/text.h"
#include "core/base/words.h"

namespace rl::paint {

using colour::ExactLab;

namespace {
std::string nameOf(const std::string& id)
{
    const Pigment* p = pigmentOf(id.substr(0, id.find_first_of("/#")));
    return p ? p->name : id;
}
double strengthOf(const Optics& o)
{
    double sum = 0;
    for (std::size_t i = 0; i < kBands; ++i)
        sum += o.k[i] + 0.25 * o.s[i];
    return sum / kBands;
}
double absorption(const Optics& o)
{
    double sum = 0;
    for (const double k : o.k)
        sum += k;
    return sum / kBands;
}
/// In white to one depth: two strength units of colour to 1.2 of white.
ExactLab tintOf(const Optics& o, const Optics& white)
{
    const OpticsPart parts[] = {{&o, 2 / strengthOf(o)}, {&white, 1.2 / strengthOf(white)}};
    return toLab(seen(opaque(mixed(parts))));
}
bool inGreens(const ExactLab& c)
{
    return c.chroma() > 8 && c.hue() >= 95 && c.hue() <= 190;
}
bool isWhite(const std::string& id)
{
    return id.starts_with("PW");
}

void pairWarnings(const Part& a, const Part& b, const Paints& paints, const Optics& white, std::vector<Warning>& out)
{
    const Optics x = opticsOf({{a.paint, 1}}, paints), y = opticsOf({{b.paint, 1}}, paints);
    const OpticsPart both[] = {{&x, a.parts}, {&y, b.parts}};
    const Optics mix = mixed(both);
    const ExactLab s = tintOf(x, white), t = tintOf(y, white), m = tintOf(mix, white);
    const auto between
        = [](const ExactLab& c, double from, double to) { return c.chroma() > 15 && c.hue() >= from && c.hue() <= to; };
    const bool known = (between(s, 80, 110) && between(t, 220, 310)) || (between(t, 80, 110) && between(s, 220, 310));
    const std::string names = tr("%1 and %2", nameOf(a.paint), nameOf(b.paint));
    if (inGreens(m) && !inGreens(s) && !inGreens(t) && !known)
        out.push_back({Surprise::Greens,
            tr("%1 turn green together (hue %2°): for a darker yellow take an umber or a violet instead.", names,
                fixed(m.hue(), 0)),
            m.hue()});
    else if (s.chroma() > 12 && t.chroma() > 12 && m.chroma() < 0.5 * std::min(s.chroma(), t.chroma()))
        out.push_back({Surprise::Neutralises,
            tr("%1 neutralise each other (C* %2 of %3): good for a living grey, mud where a clear colour is wanted.",
                names, fixed(m.chroma(), 0), fixed(std::min(s.chroma(), t.chroma()), 0)),
            m.chroma()});
    const ExactLab p = toLab(seen(opaque(x))), q = toLab(seen(opaque(y))), r = toLab(seen(opaque(mix)));
    if ((p.L + q.L) / 2 - r.L > 10 && r.L < std::min(p.L, q.L))
        out.push_back({Surprise::Darkens,
            tr("%1 come out darker than either (L* %2): test a dab before mixing all of it.", names, fixed(r.L, 0)),
            r.L});
}

void chalk(const Recipe& recipe, const Paints& paints, std::vector<Warning>& out)
{
    Recipe less;
    double white = 0, all = 0;
    for (const Part& p : recipe) {
        (isWhite(p.paint) ? white : all) += p.parts;
        if (!isWhite(p.paint))
            less.push_back(p);
    }
    if (white <= 0 || less.empty())
        return;
    less.push_back({"PW6", std::max(1e-6, white * 0.25)});
    if (!paintOf(paints, "PW6"))
        return;
    const ExactLab with = colourOf(recipe, paints), before = colourOf(less, paints);
    if (before.chroma() > 15 && with.chroma() < 0.75 * before.chroma() && with.L > before.L + 10 && white > all)
        out.push_back({Surprise::Chalks,
            tr("White takes %1 % of the chroma: part of the lightening by a light yellow or orange keeps it alive.",
                fixed(100 * (1 - with.chroma() / before.chroma()), 0)),
            100 * (1 - with.chroma() / before.chroma())});
}
} // namespace

std::vector<Warning> surprises(const Recipe& recipe, const Paints& paints)
{
    std::vector<Warning> out;
    const Optics& white = *pigmentOf("PW6")->optics;
    for (std::size_t i = 0; i < recipe.size(); ++i)
        for (std::size_t j = i + 1; j < recipe.size(); ++j)
            if (!isWhite(recipe[i].paint) && !isWhite(recipe[j].paint))
                pairWarnings(recipe[i], recipe[j], paints, white, out);
    chalk(recipe, paints, out);
    double total = 0, dark = 0;
    for (const Part& p : recipe)
        total += p.parts, dark += p.parts * absorption(opticsOf({{p.paint, 1}}, paints));
    for (const Part& p : recipe)
        if (recipe.size() > 1 && p.parts < total / 10
            && p.parts * absorption(opticsOf({{p.paint, 1}}, paints)) > dark / 2)
            out.push_back({Surprise::TakenOver,
                tr("%1 is under a tenth of the volume and gives over half of the colour: add it by the tip of the "
                   "brush.",
                    nameOf(p.paint)),
                100 * p.parts / total});
    return out;
}

double dryingShift(const Recipe& recipe)
{
    double sum = 0, all = 0;
    for (const Part& p : recipe)
        if (const Pigment* q = pigmentOf(p.paint.substr(0, p.paint.find_first_of("/#"))))
            sum += p.parts * q->dryingShift, all += p.parts;
    return all > 0 ? sum / all : 0;
}

} // namespace rl::paint
