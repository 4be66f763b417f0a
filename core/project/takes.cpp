#include "core/project/takes.h"
#include "core/base/words.h"
#include <set>

namespace rl::takes {

namespace {
Take* found(Project& p, int id)
{
    for (Take& t : p.takes)
        if (t.id == id)
            return &t;
    return nullptr;
}

std::string upper(std::string s)
{
    for (char& c : s)
        if (c >= 'a' && c <= 'z')
            c = char(c - 'a' + 'A');
    return s;
}

std::string letterOf(int n)
{
    std::string s;
    for (++n; n > 0; n = (n - 1) / 26)
        s.insert(s.begin(), char('A' + (n - 1) % 26));
    return s;
}
} // namespace

Scene sceneOf(const Project& p)
{
    return p.scene();
}

Project withScene(Project p, const Scene& s)
{
    p.scene() = s;
    return p;
}

std::string freshLetter(const Project& p)
{
    std::set<std::string> known;
    for (const Take& t : p.takes)
        known.insert(t.letter);
    int n = 0;
    while (known.count(letterOf(n)))
        ++n;
    return letterOf(n);
}

Project withDuplicate(Project p, const std::string& name)
{
    if (p.takes.empty()) {
        const int first = p.freshId();
        p.takes.push_back({first, tr("as it was"), freshLetter(p), {}, false, {}});
        p.take = first;
    }
    if (p.takes.size() >= 200)
        return p;
    const Scene now = sceneOf(p);
    if (Take* t = found(p, p.take))
        t->scene = now;
    const int id = p.freshId();
    p.takes.push_back({id, name, freshLetter(p), now, false, {}});
    p.take = id;
    return p;
}

Project withCurrent(Project p, int id)
{
    Take* to = found(p, id);
    if (!to || id == p.take)
        return p;
    if (Take* from = found(p, p.take))
        from->scene = sceneOf(p);
    const Scene scene = to->scene;
    to->aside = false;
    p.take = id;
    p = withScene(std::move(p), scene);
    repair(p);
    return p;
}

Project projectOf(const Project& p, int id)
{
    const Take* t = p.takeOf(id);
    if (!t || id == p.take)
        return p;
    Project q = p;
    if (Take* from = found(q, p.take))
        from->scene = sceneOf(p);
    q.take = id;
    return withScene(std::move(q), t->scene);
}

Project withAside(Project p, int id, const std::string& reason)
{
    if (Take* t = found(p, id); t && id != p.take)
        t->aside = true, t->reason = reason;
    return p;
}

Project withBack(Project p, int id)
{
    if (Take* t = found(p, id))
        t->aside = false;
    return p;
}

Project withName(Project p, int id, const std::string& name)
{
    if (Take* t = found(p, id))
        t->name = name;
    return p;
}

Project without(Project p, int id)
{
    if (id == p.take)
        return p;
    std::erase_if(p.takes, [=](const Take& t) { return t.id == id; });
    std::erase_if(p.votes, [=](const Vote& v) { return v.take == id; });
    return p;
}

Project withVote(Project p, const std::string& who, const std::string& letter, const std::string& words)
{
    if (who.empty())
        return p;
    for (const Take& t : p.takes)
        if (t.letter == upper(letter)) {
            for (Vote& v : p.votes)
                if (v.who == who) {
                    v = {who, t.id, words};
                    return p;
                }
            p.votes.push_back({who, t.id, words});
            return p;
        }
    return p;
}

int votesFor(const Project& p, int take)
{
    return int(std::count_if(p.votes.begin(), p.votes.end(), [=](const Vote& v) { return v.take == take; }));
}

} // namespace rl::takes
