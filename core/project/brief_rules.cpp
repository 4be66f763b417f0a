#include "core/project/brief_rules.h"
#include "core/base/text.h"
#include "core/project/fixes.h"
#include "core/project/ledger.h"

namespace rl {

namespace {
void castShown(const Project& p, Findings& out)
{
    for (const CastMember& m : p.brief.cast) {
        const auto shows = [&](const Element& e) { return e.cast == m.id; };
        if (std::none_of(p.elements.begin(), p.elements.end(), shows))
            out.push_back({"brief.not-shown:" + std::to_string(m.id), Station::Brief, Severity::Broken,
                "“" + m.name + "” is in the cast, but nothing in the scene shows it.", 0, 1, "elements", {}, 0,
                "What is promised in the brief and missing from the plan is squeezed in later, in paint.",
                Fix{"Take “" + m.name + "” out of the cast",
                    [id = m.id](Project q) { return edits::withoutCastMember(std::move(q), id); }}});
    }
}

void castSize(const Project& p, Findings& out)
{
    const double n = double(p.brief.cast.size());
    if (n == 0)
        out.push_back({"brief.no-cast", Station::Brief, Severity::Watch,
            "The cast is empty, so no order of reading can be held against the picture.", 0, 1, "members", {}, 0,
            "The first glance can only be called right or wrong when you have said where it should fall.", {}});
    else if (n > 7)
        out.push_back({"brief.large-cast", Station::Brief, Severity::Watch,
            "The cast has " + fixed(n, 0) + " members; beyond seven, ranks are hard to keep apart.", n, 7, "members",
            {}, 0, "Each rank needs a step of contrast to itself, and there are only so many steps.", {}});
}

/// A picture is taken in whole from about one and a half to three of its diagonals.
void viewing(const Project& p, Findings& out)
{
    const double diagonal = std::hypot(p.brief.widthCm, p.brief.heightCm);
    const double ratio = p.brief.viewingDistanceCm / diagonal;
    const Rect whole{0, 0, p.brief.widthCm, p.brief.heightCm};
    if (ratio < 1.2)
        out.push_back({"brief.too-near", Station::Brief, Severity::Watch,
            "From " + fixed(p.brief.viewingDistanceCm, 0) + " cm the whole canvas cannot be taken in at once.",
            p.brief.viewingDistanceCm, 1.5 * diagonal, "cm", whole, 0,
            "Closer than about one and a half diagonals the edges fall outside the calm part of the gaze.",
            Fix{"View it from " + fixed(1.5 * diagonal, 0) + " cm", [d = 1.5 * diagonal](Project q) {
                    Brief b = q.brief;
                    b.viewingDistanceCm = std::round(d);
                    return edits::withBrief(std::move(q), std::move(b));
                }}});
    if (p.brief.title.empty())
        out.push_back({"brief.no-title", Station::Brief, Severity::Watch, "The work has no title yet.", 0, 1, "title",
            {}, 0, "The title goes on every sheet, so that sheets of two works are not mixed up.", {}});
}

} // namespace

Findings briefFindings(const Project& p)
{
    Findings out;
    castShown(p, out);
    castSize(p, out);
    viewing(p, out);
    return out;
}

Findings creditFindings(const Project& p)
{
    Findings out;
    for (const Reference& r : p.references) {
        if (r.pixels.missing())
            out.push_back({"gather.missing:" + std::to_string(r.id), Station::Gather,
                used(p, r.id) ? Severity::Broken : Severity::Watch, "The file of “" + r.name + "” cannot be read.", 0,
                1, "pictures", {}, 0,
                "Its place stays empty and marked, nothing is measured of it and nothing overwritten. It comes back by "
                "itself when the file can be read again.",
                {}, Against::Limit, r.id, "find"});
        const bool asked = r.permission != Permission::ToAsk, credited = !r.credit.empty();
        if (!used(p, r.id) || (asked && credited && r.permission != Permission::StudyOnly))
            continue;
        if (r.permission == Permission::StudyOnly) {
            out.push_back({"gather.study:" + std::to_string(r.id), Station::Gather, Severity::Broken,
                "“" + r.name + "” may be studied only, yet it stands in the painting.", 0, 1, "permission", {}, 0,
                "What was lent to learn from may not be shown; ask for it, or paint from another picture.", {},
                Against::Limit, r.id, "credit"});
            continue;
        }
        out.push_back({"gather.permission:" + std::to_string(r.id), Station::Gather, Severity::Watch,
            "“" + r.name + "” is used, but "
                + (credited ? "permission for it is still to be asked." : "nobody is credited for it."),
            0, 1, credited ? "permissions" : "credits", {}, 0,
            "A finished work that cannot be shown is a lost work; asking takes a minute now.", {}, Against::Limit, r.id,
            "credit"});
    }
    return out;
}

} // namespace rl
