#include "core/review/fix_all.h"
#include "core/base/words.h"
#include <set>

namespace rl::review {

namespace {
std::set<std::string> keysOf(const Findings& all)
{
    std::set<std::string> keys;
    for (const Finding& f : all)
        keys.insert(f.key);
    return keys;
}
/// Broken that can be mended, broken, to watch: in that order it becomes less.
std::tuple<long, long, long> weightOf(const Findings& all)
{
    const auto count = [&](Severity s, bool mendable) {
        return std::count_if(
            all.begin(), all.end(), [=](const Finding& f) { return f.severity == s && (f.fix || !mendable); });
    };
    return {count(Severity::Broken, true), count(Severity::Broken, false), count(Severity::Watch, false)};
}
std::vector<std::string> without(const std::set<std::string>& all, const std::set<std::string>& less)
{
    std::vector<std::string> out;
    std::set_difference(all.begin(), all.end(), less.begin(), less.end(), std::back_inserter(out));
    return out;
}
/// The next worth trying: what is broken before what is to watch, else as they are listed. Null: none is left.
const Finding* nextOf(const Findings& all, const std::set<std::string>& tried)
{
    const Finding* next = nullptr;
    for (const Finding& f : all)
        if (f.fix && !tried.contains(f.key) && (!next || f.severity > next->severity))
            next = &f;
    return next;
}
} // namespace

bool better(const std::string& key, const Findings& before, const Findings& after)
{
    return !keysOf(after).contains(key) && weightOf(after) < weightOf(before);
}

FixedAll fixAll(Project project, stage::SurfaceCache& cache, Progress& progress)
{
    FixedAll out;
    out.project = std::move(project);
    Reviewer reviewer(cache);
    Reviewed now = reviewer.look(out.project, progress);
    if (!now)
        return out;
    out.before = out.left = now->findings;
    std::set<std::string> tried;
    while (const Finding* f = nextOf(now->findings, tried)) {
        tried.insert(f->key);
        FixTold told{f->key, f->fix->label, false, {}, {}};
        const auto after = fixedBy(out.project, *f->fix);
        progress.report(double(out.told.size()) / double(out.told.size() + now->findings.size()), told.label);
        const Reviewed then = after ? reviewer.look(*after, progress) : nullptr;
        if (progress.cancelled())
            return out;
        if (then) {
            const auto was = keysOf(now->findings), is = keysOf(then->findings);
            told.gone = without(was, is), told.came = without(is, was);
            told.kept = better(f->key, now->findings, then->findings);
            if (told.kept) {
                out.project = *after, now = then, out.left = now->findings;
                for (const Finding& left : out.left) // what is broken may be helped by what was done since
                    if (left.severity == Severity::Broken && left.key != told.key)
                        tried.erase(left.key);
            }
        }
        out.told.push_back(std::move(told));
    }
    return out;
}

} // namespace rl::review
