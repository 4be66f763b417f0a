#include "core/review/fix_all.h"
#include "core/base/words.h"
#include "core/paint/palette_numbers.h"
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

namespace {
class Fixing {
public:
    Fixing(Project project, stage::SurfaceCache& cache, Progress& progress)
        : m_reviewer(cache)
        , m_progress(progress)
    {
        out.project = std::move(project);
        if (!(m_now = m_reviewer.look(out.project, progress)))
            return;
        out.before = out.left = m_now->findings;
        // Findings name puddles by number: a number that goes is not to come back as another puddle.
        out.project.puddles = paint::keptNumbers(m_now->mixing->map, out.project);
    }
    FixedAll out;

    void run()
    {
        while (const Finding* f = m_now ? nextOf(m_now->findings, m_tried) : nullptr) {
            m_tried.insert(f->key);
            m_progress.report(
                double(out.told.size()) / double(out.told.size() + m_now->findings.size()), f->fix->label);
            const bool broken = f->severity == Severity::Broken;
            std::vector<FixTold> chain;
            Step last = step(*f, {out.project, m_now}, chain);
            const std::string key = f->key;
            // What is broken is worth a few more: those that its fix asks for.
            for (int more = 0; broken && more < 4 && last.seen && !better(key, m_now->findings, last.seen->findings);
                 ++more) {
                const Finding* next = nextOf(last.seen->findings, keysOf(m_now->findings));
                if (!next || next->severity != Severity::Broken)
                    break;
                last = step(*next, last, chain);
            }
            if (m_progress.cancelled())
                return;
            settle(key, std::move(last), std::move(chain));
        }
    }

private:
    struct Step {
        Project project;
        Reviewed seen; ///< null: nothing was changed
    };
    Step step(const Finding& f, const Step& from, std::vector<FixTold>& chain)
    {
        FixTold told{f.key, f.fix->label, false, {}, {}};
        const auto after = fixedBy(from.project, *f.fix);
        Step to{after ? *after : from.project, after ? m_reviewer.look(*after, m_progress) : nullptr};
        if (to.seen) {
            const auto was = keysOf(from.seen->findings), is = keysOf(to.seen->findings);
            told.gone = without(was, is), told.came = without(is, was);
        }
        chain.push_back(std::move(told));
        return to;
    }
    /// All of a chain stays, or none of it: then its first is told as taken back.
    void settle(const std::string& key, Step last, std::vector<FixTold> chain)
    {
        const bool kept = last.seen && better(key, m_now->findings, last.seen->findings);
        if (!kept)
            chain.resize(1);
        for (FixTold& told : chain)
            told.kept = kept, out.told.push_back(std::move(told));
        if (!kept)
            return;
        out.project = std::move(last.project), m_now = last.seen, out.left = m_now->findings;
        for (const Finding& left : out.left) // what is broken may be helped by what was done since
            if (left.severity == Severity::Broken && left.key != key)
                m_tried.erase(left.key);
    }

    Reviewer m_reviewer;
    Progress& m_progress;
    Reviewed m_now;
    std::set<std::string> m_tried;
};
} // namespace

FixedAll fixAll(Project project, stage::SurfaceCache& cache, Progress& progress)
{
    Fixing fixing(std::move(project), cache, progress);
    fixing.run();
    return std::move(fixing.out);
}

} // namespace rl::review
