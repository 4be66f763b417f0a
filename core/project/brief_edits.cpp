#include "core/project/brief_edits.h"

namespace rl::edits {

namespace {
template <class V> auto* found(V& items, int id)
{
    for (auto& i : items)
        if (i.id == id)
            return &i;
    return decltype(&items.front())(nullptr);
}
Clue* clueIn(Project& p, int id)
{
    for (Idea& idea : p.brief.ideas)
        if (Clue* c = found(idea.clues, id))
            return c;
    return nullptr;
}
} // namespace

Project withIdea(Project p, const std::string& words)
{
    p.brief.ideas.push_back({p.freshId(), words, {}});
    return p;
}
Project withIdeaNamed(Project p, int idea, const std::string& words)
{
    if (Idea* i = found(p.brief.ideas, idea))
        i->words = words;
    return p;
}
Project withoutIdea(Project p, int idea)
{
    std::erase_if(p.brief.ideas, [=](const Idea& i) { return i.id == idea; });
    return p;
}
Project withClue(Project p, int idea, Clue clue)
{
    if (!found(p.brief.ideas, idea))
        return p;
    clue.id = p.freshId();
    found(p.brief.ideas, idea)->clues.push_back(std::move(clue));
    return p;
}
Project withoutClue(Project p, int clue)
{
    for (Idea& i : p.brief.ideas)
        std::erase_if(i.clues, [=](const Clue& c) { return c.id == clue; });
    return p;
}
Project withCluePart(Project p, int clue, const Rect& part)
{
    if (Clue* c = clueIn(p, clue))
        c->part = part;
    return p;
}

Project withFact(Project p, Fact fact)
{
    fact.id = p.freshId();
    p.brief.facts.push_back(std::move(fact));
    return p;
}
Project withFactChecked(Project p, int fact, bool checked)
{
    if (Fact* f = found(p.brief.facts, fact))
        f->checked = checked;
    return p;
}
Project withoutFact(Project p, int fact)
{
    std::erase_if(p.brief.facts, [=](const Fact& f) { return f.id == fact; });
    return p;
}

std::vector<std::pair<int, int>> freshNamesakes(const Project& before, const Project& after)
{
    const auto lower = [](std::string s) {
        for (char& c : s)
            if (c >= 'A' && c <= 'Z')
                c = char(c - 'A' + 'a');
        return s;
    };
    std::vector<std::pair<int, int>> out;
    for (const CastMember& m : after.brief.cast) {
        const bool shown = m.place.width > 0
            || std::any_of(
                after.elements.begin(), after.elements.end(), [&](const Element& e) { return e.cast == m.id; });
        const CastMember* was = before.castMember(m.id);
        for (const Element& e : after.elements) {
            const Element* had = before.element(e.id);
            const bool fresh = !was || was->name != m.name || !had || had->name != e.name;
            if (!shown && fresh && !e.cast && !m.name.empty() && lower(e.name) == lower(m.name)) {
                out.emplace_back(e.id, m.id);
                break;
            }
        }
    }
    return out;
}

} // namespace rl::edits
