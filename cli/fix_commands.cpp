// Fixes: what the program proposes, done and saved.
#include "cli/command_base.h"
#include "cli/json_out.h"
#include "core/base/words.h"
#include "core/project/takes.h"
#include "core/review/fix_all.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

/// `lantern fix FILE KEY [--take B]`, `lantern fix FILE --all`
class FixCommand final : public NamedCommand {
public:
    FixCommand()
        : NamedCommand("fix", tr("does the fix of a finding, or every fix that helps, and saves the work"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("KEY", m_key, tr("of a finding, as `lantern findings` prints it"));
        app.add_option("--take", m_take, tr("another take than the present one, by its letter"));
        app.add_flag("--all", m_all, tr("every fix that leaves fewer findings than before"));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<json> run() override
    {
        if (m_key.empty() == !m_all)
            return Error{ErrorKind::Invalid, tr("Give the key of a finding, or --all."), {}};
        auto opened = openToChange(m_file);
        if (!opened)
            return opened.error();
        auto work = opened.take();
        auto asked = inTake(work.project, m_take);
        if (!asked)
            return asked.error();
        TerminalProgress progress(m_tells);
        stage::SurfaceCache cache;
        Project p = asked.take();
        auto done = m_all ? all(p, cache, progress) : one(p, cache, progress);
        if (!done)
            return done.error();
        if (p == *inTake(work.project, m_take))
            return done;
        // A point to go back to, in the window as well.
        if (const auto kept = work.file.addMilestone(tr("before the fixes")); !kept)
            return kept.error();
        if (work.project.take)
            p = takes::withCurrent(std::move(p), work.project.take);
        if (const auto saved = work.file.save(p); !saved)
            return saved.error();
        return done;
    }

private:
    static json listOf(const std::vector<std::string>& keys) { return keys; }
    Result<json> one(Project& p, stage::SurfaceCache& cache, Progress& progress) const
    {
        const Findings before = review::review(p, cache, progress).findings;
        const auto f = std::find_if(before.begin(), before.end(), [&](const Finding& x) { return x.key == m_key; });
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("Cancelled."), {}};
        if (f == before.end())
            return Error{ErrorKind::Missing, tr("There is no finding “%1” in this work now.", m_key), {}};
        if (!f->fix)
            return Error{ErrorKind::Invalid, tr("“%1” has no fix: only you can decide it.", m_key), f->sentence};
        const auto after = review::fixedBy(p, *f->fix);
        if (!after)
            return Error{ErrorKind::Invalid,
                tr("“%1” had no effect: a locked or linked element prevents it.", f->fix->label), {}};
        p = *after;
        const Findings left = review::review(p, cache, progress).findings;
        return json{
            {"done", f->fix->label}, {"key", m_key}, {"findings_before", before.size()}, {"findings", jsonOf(left)}};
    }
    static Result<json> all(Project& p, stage::SurfaceCache& cache, Progress& progress)
    {
        review::FixedAll fixed = review::fixAll(p, cache, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("Cancelled. Nothing was changed."), {}};
        json j{{"done", json::array()}, {"taken_back", json::array()}, {"findings_before", fixed.before.size()},
            {"findings", jsonOf(fixed.left)}};
        for (const review::FixTold& t : fixed.told)
            j[t.kept ? "done" : "taken_back"].push_back(
                {{"key", t.key}, {"fix", t.label}, {"gone", listOf(t.gone)}, {"came", listOf(t.came)}});
        p = std::move(fixed.project);
        return j;
    }
    std::string m_file, m_key, m_take;
    bool m_all = false, m_tells = false;
};
} // namespace

std::vector<std::unique_ptr<Command>> fixCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<FixCommand>());
    return all;
}

} // namespace rl::cli
