#include "core/paint/pigments.h"
#include "core/base/words.h"
#include "core/paint/csv.h"
#include "paint_tables.h"
#include <map>
#include <mutex>

namespace rl::paint {

namespace {
template <std::size_t N> std::string_view textOf(const unsigned char (&bytes)[N])
{
    return {reinterpret_cast<const char*>(bytes), N};
}
Opacity opacityFrom(const std::string& word)
{
    return word == "opaque"          ? Opacity::Opaque
        : word == "semi-opaque"      ? Opacity::SemiOpaque
        : word == "semi-transparent" ? Opacity::SemiTransparent
                                     : Opacity::Transparent;
}
std::map<std::string, Optics> readOptics()
{
    std::map<std::string, Optics> all;
    auto rows = csvRows(textOf(k_pigments_ks));
    for (std::size_t i = 1; i < rows.size(); ++i) {
        Optics& o = all[rows[i][0]];
        const auto band = std::size_t((numberIn(rows[i][1]) - kFirstNm) / kStepNm + 0.5);
        o.k.at(band) = numberIn(rows[i][2]), o.s.at(band) = numberIn(rows[i][3]);
    }
    return all;
}
std::vector<Pigment> readPigments()
{
    const auto optics = readOptics();
    const auto rows = csvRows(textOf(k_pigments));
    std::vector<Pigment> all;
    for (std::size_t i = 1; i < rows.size(); ++i) {
        const auto field = [&](const char* name) -> const std::string& {
            const auto at = std::find(rows[0].begin(), rows[0].end(), name) - rows[0].begin();
            return rows[i].at(std::size_t(at));
        };
        Pigment p;
        p.id = field("id"), p.indexName = field("ci_name"), p.name = tr(field("generic_name"));
        p.opacity = opacityFrom(field("opacity_class"));
        p.lightfastness = field("astm_lightfastness_typical");
        p.fugitive = p.lightfastness.find("fugitive") != std::string::npos || p.lightfastness.starts_with("III")
            || p.lightfastness.starts_with("IV");
        p.fluorescent = field("fluorescent") == "1";
        p.dryingShift = numberIn(field("acrylic_drydown_dL_typical"));
        p.hazard = tr(field("hazard_note"));
        p.neverSpray = field("hazard_note").find("never spray") != std::string::npos;
        const double strength = numberIn(field("tinting_strength_rel_PB29"));
        p.strength = std::isfinite(strength) ? strength : 0;
        if (const auto o = optics.find(p.id); o != optics.end())
            p.optics = o->second;
        all.push_back(std::move(p));
    }
    return all;
}
} // namespace

const char* wordOf(Opacity opacity)
{
    constexpr const char* kWords[] = {translatable("opaque"), translatable("semi-opaque"),
        translatable("semi-transparent"), translatable("transparent")};
    return kWords[std::size_t(opacity)];
}

const std::vector<Pigment>& pigments()
{
    static std::mutex one;
    static std::map<std::string, std::vector<Pigment>> all; // by language; kept, for what was handed out
    const std::lock_guard lock(one);
    auto& here = all[spoken()];
    if (here.empty())
        here = readPigments();
    return here;
}

const Pigment* pigmentOf(std::string_view id)
{
    for (const Pigment& p : pigments())
        if (p.id == id)
            return &p;
    return nullptr;
}

Result<Paints> typicalPaints(const std::vector<std::string>& ids)
{
    Paints out;
    for (const std::string& id : ids) {
        const Pigment* p = pigmentOf(id);
        if (!p)
            return Error{ErrorKind::Missing, tr("There is no paint called “%1” in the table of pigments.", id), {}};
        if (!p->optics)
            return Error{ErrorKind::Unsupported,
                tr("“%1” shines by itself: what it mixes to cannot be computed, so recipes leave it out.", p->name),
                id};
        if (!paintOf(out, id))
            out.push_back({id, *p->optics});
    }
    return out;
}

const Paint* paintOf(const Paints& paints, std::string_view id)
{
    for (const Paint& p : paints)
        if (p.id == id)
            return &p;
    return nullptr;
}

Paint letDown(const Paint& paint, int n, const Optics& white)
{
    const OpticsPart parts[] = {{&paint.optics, 1}, {&white, double(n - 1)}};
    return {paint.id + "/" + std::to_string(n), mixed(parts)};
}

} // namespace rl::paint
