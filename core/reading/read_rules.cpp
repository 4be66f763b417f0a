#include "core/reading/read_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/reading/rule_help.h"

namespace rl::reading {

namespace {
std::string keyOf(const char* kind, int id)
{
    return std::string(kind) + ":" + std::to_string(id);
}

/// The element that draws most for a cast member.
int leadOf(const Project& p, const Attention& a, int cast)
{
    for (const int id : a.order)
        if (const Element* e = p.element(id); e && e->cast == cast)
            return id;
    return 0;
}

void order(const RuleView& v, Findings& out)
{
    const Project& p = v.project;
    const Attention& a = v.reading.attention;
    const std::map<int, double> shares = castShares(p, a, v.picture.pixelsPerCm);
    for (std::size_t i = 0; i + 1 < p.brief.cast.size(); ++i)
        for (std::size_t j = i + 1; j < p.brief.cast.size(); ++j) {
            const CastMember &first = p.brief.cast[i], &second = p.brief.cast[j];
            const auto own = shares.find(first.id), other = shares.find(second.id);
            if (own == shares.end() || other == shares.end() || own->second >= other->second)
                continue;
            const int who = leadOf(p, a, first.id), rival = leadOf(p, a, second.id);
            const bool tie = own->second > 0.9 * other->second;
            const auto driver = a.drivers.find(rival);
            out.push_back({"read.order:" + std::to_string(first.id) + ">" + std::to_string(second.id), Station::Read,
                i == 0 && !tie ? Severity::Broken : Severity::Watch,
                tr("By contrast, “%1” draws %2 % of the measured pull and “%3” %4 %, though “%5” should be read "
                   "first%6",
                    second.name, fixed(100 * other->second, 0), first.name, fixed(100 * own->second, 0), first.name,
                    driver != a.drivers.end() ? tr("; mostly through %1.", driver->second.c_str()) : "."),
                100 * own->second, 100 * other->second, translatable("% of pull"), who ? v.boundsOf(who) : first.place,
                rival,
                tr("The order of reading is decided by contrast long before detail; repainting it later costs weeks. "
                   "It does not know faces or meaning."),
                {}});
        }
}

void leak(const RuleView& v, Findings& out)
{
    const Attention& a = v.reading.attention;
    if (a.edgeShare < 0.08 || !a.edgeElement)
        return;
    const Rect r = v.boundsOf(a.edgeElement);
    const auto driver = a.drivers.find(a.edgeElement);
    Finding f{keyOf("read.edge", a.edgeElement), Station::Read, Severity::Watch,
        tr("%1 pulls the gaze off the edge: %2 % of the pull lies with it in the outer band%3", v.name(a.edgeElement),
            fixed(100 * a.edgeShare),
            driver != a.drivers.end() ? tr(", mostly through %1.", driver->second.c_str()) : "."),
        100 * a.edgeShare, 8, translatable("% of pull"), r, a.edgeElement,
        tr("A strong patch at the edge is a door out of the picture."), {}};
    f.fix = edgeMove(v, a.edgeElement, 1);
    out.push_back(std::move(f));
}

/// What is in no cast should stay under all that is.
void quiet(const RuleView& v, Findings& out)
{
    const Project& p = v.project;
    const Attention& a = v.reading.attention;
    const std::map<int, double> shares = castShares(p, a, v.picture.pixelsPerCm);
    double least = 1;
    const CastMember* last = nullptr;
    for (const CastMember& m : p.brief.cast)
        if (const auto s = shares.find(m.id); s != shares.end() && s->second < least)
            least = s->second, last = &m;
    if (!last)
        return;
    for (const int id : a.order) {
        const Element* e = p.element(id);
        const auto own = a.share.find(id);
        if (!e || e->cast || own == a.share.end() || own->second <= (e->quiet ? 1 : 1.1) * least)
            continue;
        const auto driver = a.drivers.find(id);
        out.push_back({"read.loud:" + std::to_string(id), Station::Read, e->quiet ? Severity::Broken : Severity::Watch,
            tr("%1%2, yet it draws %3 % of the measured pull, more than “%4” (%5 %)%6", v.name(id),
                e->quiet ? tr(" should be quiet") : tr(" is in no cast"), fixed(100 * own->second, 0), last->name,
                fixed(100 * least, 0),
                driver != a.drivers.end() ? tr("; mostly through %1.", driver->second.c_str()) : "."),
            100 * own->second, 100 * least, translatable("% of pull"), v.boundsOf(id), id,
            tr("What does not matter should not attract more attention than what does."), {}});
    }
}
} // namespace

std::optional<Fix> edgeMove(const RuleView& v, int element, double more)
{
    const Element* e = v.project.element(element);
    const Rect r = v.boundsOf(element);
    const double w = v.project.brief.widthCm, room = 0.08 * std::min(w, v.project.brief.heightCm);
    const double left = r.x, right = w - r.right(), move = more * (left < right ? room - left : right - room);
    if (!e || std::abs(move) <= 0.2)
        return {};
    return fixes::shift(*e, tr("Move it in by %1 cm", fixed(std::abs(move))), {move, 0});
}

const CastMember* shownBy(const Project& p, Vec2 cm)
{
    for (const CastMember& m : p.brief.cast)
        if (m.place.width > 0 && m.place.contains(cm))
            return &m;
    return nullptr;
}

std::map<int, double> castShares(const Project& p, const Attention& a, double pixelsPerCm)
{
    std::map<int, double> shares;
    for (const auto& [id, share] : a.share)
        if (const Element* e = p.element(id))
            shares[e->cast] += share;
    double all = 1; // a place's share counts it beside all elements
    for (const StrongPlace& s : a.places)
        if (const CastMember* m = shownBy(p, s.at.centre() * (1 / pixelsPerCm)); m && s.share < 0.99) {
            const double pull = s.share / (1 - s.share);
            shares[m->id] += pull, all += pull;
        }
    for (auto& [id, share] : shares)
        share /= all;
    return shares;
}

RuleView::RuleView(const Project& p, const light::Picture& pic, const Reading& r)
    : project(p)
    , picture(pic)
    , reading(r)
{
    std::map<int, std::array<int, 4>> boxes; // left, top, right, bottom
    for (int y = 0; y < pic.ids.height(); ++y)
        for (int x = 0; x < pic.ids.width(); ++x)
            if (const int id = pic.ids.at(x, y)) {
                const auto [at, fresh] = boxes.try_emplace(id, std::array{x, y, x, y});
                auto& b = at->second;
                b = {std::min(b[0], x), std::min(b[1], y), std::max(b[2], x), std::max(b[3], y)};
            }
    for (const auto& [id, b] : boxes) {
        const double k = pic.pixelsPerCm;
        bounds[id] = {b[0] / k, b[1] / k, (b[2] - b[0] + 1) / k, (b[3] - b[1] + 1) / k};
    }
}
Rect RuleView::boundsOf(int element) const
{
    const auto at = bounds.find(element);
    return at == bounds.end() ? Rect{} : at->second;
}
std::string RuleView::name(int element) const
{
    const Element* e = project.element(element);
    return e ? tr("“%1”", e->name) : tr("the canvas edge");
}

Findings readFindings(const Project& p, const light::Picture& picture, const Reading& r)
{
    Findings out;
    const RuleView view(p, picture, r);
    order(view, out);
    quiet(view, out);
    meltFindings(view, out);
    edgeFindings(view, out);
    tangentFindings(view, out);
    silhouetteFindings(view, out);
    leak(view, out);
    placeFindings(view, out);
    valueFindings(view, out);
    colourFindings(view, out);
    for (Finding& f : clueFindings(p, picture, r.clues))
        out.push_back(std::move(f));
    return out;
}

} // namespace rl::reading
