#include "core/project/brief_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/project/ledger.h"
#include "core/project/schools.h"

namespace rl {

namespace {
/// Naming a cast is no fault until there are pictures to show it with.
void castShown(const Project& p, Findings& out)
{
    if (p.references.empty() && p.elements.empty())
        return;
    for (const CastMember& m : p.brief.cast) {
        const auto shows = [&](const Element& e) { return e.cast == m.id; };
        if (m.place.width > 0 || std::any_of(p.elements.begin(), p.elements.end(), shows))
            continue;
        Finding f{"brief.not-shown:" + std::to_string(m.id), Station::Brief, Severity::Broken,
            tr("“%1” is in the cast, but nothing in the scene shows it.", m.name), 0, 1, "elements", {}, 0,
            tr("What is promised in the brief and missing from the plan is squeezed in later, in paint."), {}};
        f.opens = "picture";
        out.push_back(std::move(f));
    }
}

void castSize(const Project& p, Findings& out)
{
    const double n = double(p.brief.cast.size());
    if (n == 0)
        out.push_back({"brief.no-cast", Station::Brief, Severity::Watch,
            tr("The cast is empty, so no order of reading can be held against the picture."), 0, 1, "subjects", {}, 0,
            tr("The first glance can only be judged once you have named where it should fall."), {}});
    else if (n > 7)
        out.push_back({"brief.large-cast", Station::Brief, Severity::Watch,
            trn("There are %n subjects; beyond seven, ranks are hard to keep apart.", std::lround(n)), n, 7, "subjects",
            {}, 0, tr("Each rank needs a step of contrast to itself, and there are only so many steps."), {}});
}

/// A picture is taken in whole from about one and a half to three of its diagonals.
void viewing(const Project& p, Findings& out)
{
    const double diagonal = std::hypot(p.brief.widthCm, p.brief.heightCm);
    const double ratio = p.brief.viewingDistanceCm / diagonal;
    const Rect whole{0, 0, p.brief.widthCm, p.brief.heightCm};
    if (ratio < 1.2)
        out.push_back({"brief.too-near", Station::Brief, Severity::Watch,
            tr("From %1 cm the whole canvas cannot be taken in at once.", fixed(p.brief.viewingDistanceCm, 0)),
            p.brief.viewingDistanceCm, 1.5 * diagonal, "cm", whole, 0,
            tr("Closer than about one and a half diagonals the edges fall outside the calm part of the gaze."),
            Fix{tr("View it from %1 cm", fixed(1.5 * diagonal, 0)), [d = 1.5 * diagonal](Project q) {
                    Brief b = q.brief;
                    b.viewingDistanceCm = std::round(d);
                    return edits::withBrief(std::move(q), std::move(b));
                }}});
    if (p.brief.title.empty())
        out.push_back({"brief.no-title", Station::Brief, Severity::Watch, tr("The work has no title yet."), 0, 1,
            "title", {}, 0, tr("The title goes on every sheet, so that sheets of two works are not mixed up."), {}});
}

/// Facts come back before signing.
void facts(const Project& p, Findings& out)
{
    int open = 0, unsourced = 0;
    const Fact* first = nullptr;
    for (const Fact& f : p.brief.facts) {
        open += !f.checked;
        unsourced += f.source.empty();
        if (!f.checked && !first)
            first = &f;
    }
    if (first)
        out.push_back({"brief.facts", Station::Brief, Severity::Watch,
            tr("%1%2 still to be checked before signing, first: “%3”.", std::to_string(open),
                open == 1 ? tr(" fact is") : tr(" facts are"), first->words),
            double(open), 0, translatable("facts"), {}, first->element,
            tr("A wrong count of spokes is what strangers see first and what cannot be painted out at the end."), {}});
    if (unsourced)
        out.push_back({"brief.sources", Station::Brief, Severity::Watch,
            tr("%1%2 no source.", std::to_string(unsourced), unsourced == 1 ? tr(" fact has") : tr(" facts have")),
            double(unsourced), 0, translatable("facts"), {}, 0,
            tr("What is known from memory is wrong surprisingly often; note where it was seen."), {}});
}

/// The focus against the school that says where it goes: within a twelfth of the diagonal.
void focus(const Project& p, Findings& out)
{
    const Brief& b = p.brief;
    const std::string school = choiceOf(b, School::Focus).key;
    if (b.cast.empty() || school == "free")
        return;
    const Element* lead = nullptr;
    for (const Element& e : p.elements)
        if (e.cast == b.cast.front().id && (!lead || e.heightM > lead->heightM))
            lead = &e;
    if (!lead)
        return;
    std::vector<Vec2> wanted;
    const auto crossings = [&](double share) {
        for (const double x : {share, 1 - share})
            wanted.push_back({x * b.widthCm, -1});
    };
    if (school == "thirds")
        crossings(1 / 3.0);
    else if (school == "golden")
        crossings(0.382);
    else if (school == "centre")
        wanted.push_back({0.5 * b.widthCm, -1});
    else if (school == "lines") // where the guide's lines meet
        wanted.push_back({p.guides.meet.x >= 0 ? p.guides.meet.x : 0.5 * b.widthCm, -1});
    else
        return; // a diagonal is held against the picture, not the foot
    double off = 1e9, at = 0;
    for (const Vec2 w : wanted)
        if (std::abs(lead->baseCm.x - w.x) < off)
            off = std::abs(lead->baseCm.x - w.x), at = w.x;
    if (off <= b.widthCm / 12)
        return;
    out.push_back({"brief.focus", Station::Brief, Severity::Watch,
        tr("The focus should lie %1; “%2” stands %3 cm beside it.", choiceOf(b, School::Focus).name, lead->name,
            fixed(off)),
        off, b.widthCm / 12, "cm", {at - 1, 0, 2, b.heightCm}, lead->id, tr(choiceOf(b, School::Focus).why),
        fixes::shift(*lead, tr("Move it there"), {at - lead->baseCm.x, 0})});
}

/// Ground against medium and school.
void ground(const Project& p, Findings& out)
{
    const Brief& b = p.brief;
    if (b.medium == "watercolour" && b.ground.support != Support::Paper)
        out.push_back({"brief.ground-medium", Station::Brief, Severity::Watch,
            tr("Watercolour is planned on a ground that is not paper."), 0, 1, translatable("papers"), {}, 0,
            tr("Washes bead and lift on primer; use paper, or an absorbent ground made for it."), {}});
    if (b.medium == "oil" && b.ground.coats == 0)
        out.push_back({"brief.unprimed", Station::Brief, Severity::Broken,
            tr("Oil is planned on a ground without primer."), 0, 1, translatable("coats"), {}, 0,
            tr("Oil rots bare cloth and paper; size and prime first."), Fix{tr("Prime it twice"), [](Project q) {
                                                                                q.brief.ground.coats = 2;
                                                                                return q;
                                                                            }}});
    const std::string school = choiceOf(b, School::Ground).key;
    static const std::map<std::string, Toning> meant{{"white", Toning::White}, {"dark", Toning::Darkest},
        {"scene", Toning::Complement}, {"middle", Toning::MiddleTone}};
    const auto want = meant.find(school);
    if (want != meant.end() && want->second != b.ground.toning && b.school(School::Ground) != 0)
        out.push_back({"brief.toning", Station::Brief, Severity::Watch,
            tr("The ground should be %1; the plan tones it otherwise.", choiceOf(b, School::Ground).name), 0, 1,
            "tones", {}, 0, tr(choiceOf(b, School::Ground).why), Fix{tr("Tone it so"), [to = want->second](Project q) {
                                                                         q.brief.ground.toning = to;
                                                                         return q;
                                                                     }}});
}

/// What lies outside a round or free canvas is not painted.
void outline(const Project& p, Findings& out)
{
    if (p.brief.format == Format::Rectangle)
        return;
    for (const Element& e : p.elements)
        if (e.baseCm.x >= 0 && e.baseCm.y >= 0 && e.baseCm.x <= p.brief.widthCm && e.baseCm.y <= p.brief.heightCm
            && !onCanvas(p.brief, e.baseCm))
            out.push_back({"brief.off:" + std::to_string(e.id), Station::Brief, Severity::Watch,
                tr("“%1” stands outside the outline of the canvas.", e.name), 0, 1, translatable("on canvas"),
                {e.baseCm.x - 2, e.baseCm.y - 2, 4, 4}, e.id, tr("What lies outside the outline is cut away."), {}});
}
} // namespace

Findings deadlineFindings(const Project& p, const std::string& today)
{
    Findings out;
    const auto left = p.brief.deadline.empty() ? std::nullopt : daysBetween(today, p.brief.deadline);
    if (left && *left < 14)
        out.push_back({"brief.deadline", Station::Brief, *left < 0 ? Severity::Broken : Severity::Watch,
            *left < 0 ? trn("The deadline passed %n days ago.", -*left)
                      : trn("There are %n days to the deadline.", *left),
            double(*left), 14, translatable("days"), {}, 0,
            tr("Drying and fresh eyes need days that no evening can make up for."), {}});
    return out;
}

Findings briefFindings(const Project& p)
{
    Findings out;
    facts(p, out);
    focus(p, out);
    ground(p, out);
    outline(p, out);
    castShown(p, out);
    castSize(p, out);
    viewing(p, out);
    return out;
}

Findings creditFindings(const Project& p)
{
    Findings out;
    std::vector<const Reference*> toAsk, nobody;
    for (const Reference& r : p.references) {
        if (r.pixels.missing())
            out.push_back({"gather.missing:" + std::to_string(r.id), Station::Gather,
                used(p, r.id) ? Severity::Broken : Severity::Watch, tr("The file of “%1” cannot be read.", r.name), 0,
                1, "pictures", {}, 0,
                tr("Its place stays empty and marked, nothing is measured of it and nothing overwritten. It comes back "
                   "by itself when the file can be read again."),
                {}, Against::Limit, r.id, "find"});
        const bool asked = r.permission != Permission::ToAsk, credited = !r.credit.empty();
        if (!used(p, r.id) || (asked && credited && r.permission != Permission::StudyOnly))
            continue;
        if (r.permission == Permission::StudyOnly) {
            out.push_back({"gather.study:" + std::to_string(r.id), Station::Gather, Severity::Broken,
                tr("“%1” may be studied only, yet it stands in the painting.", r.name), 0, 1,
                translatable("permission"), {}, 0,
                tr("What was lent to learn from may not be shown; ask for it, or paint from another picture."), {},
                Against::Limit, r.id, "credit"});
            continue;
        }
        if (!p.setAside.contains("gather.permission:" + std::to_string(r.id))) // as it was set aside one by one before
            (credited ? toAsk : nobody).push_back(&r);
    }
    for (const auto& [all, key, unit] :
        {std::tuple(&toAsk, "gather.permission", "permissions"), {&nobody, "gather.credit", "credits"}}) {
        if (all->empty())
            continue;
        std::string names;
        for (std::size_t i = 0; i < std::min<std::size_t>(4, all->size()); ++i)
            names += (i ? ", " : "") + tr("“%1”", (*all)[i]->name);
        if (all->size() > 4)
            names += tr(" and %1 more", std::to_string(all->size() - 4));
        const bool ask = all == &toAsk, one = all->size() == 1;
        out.push_back({key, Station::Gather, Severity::Watch,
            tr(ask        ? one ? translatable("%1 is used, but permission for it is still to be asked.")
                                : translatable("%1 are used, but permission for them is still to be asked.")
                           : one ? translatable("%1 is used, but nobody is credited for it.")
                          : translatable("%1 are used, but nobody is credited for them."),
                names),
            double(all->size()), 0, unit, {}, 0,
            tr("A finished work that cannot be shown is a lost work; asking takes a minute now."), {}, Against::Limit,
            all->front()->id, "credit"});
    }
    return out;
}

} // namespace rl
