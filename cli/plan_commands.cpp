#include "cli/command_base.h"
#include "core/base/words.h"
#include "core/schedule/civil.h"
#include "store/picture_reader.h"

namespace rl::cli {

namespace {
using nlohmann::json;
using schedule::Minutes;

/// `lantern schedule --tasks T.json`
class ScheduleOf final : public NamedCommand {
public:
    ScheduleOf()
        : NamedCommand("schedule", tr("tasks with their drying placed into free hours"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("--tasks", m_file,
               R"(JSON: {"windows":[[from,to],…],"tasks":[{"id","hours","splittable","min_piece_hours","kind":"work"|"pause","after":[{"id","lag_hours"}]}],"deadline"})")
            ->required();
    }
    Result<json> run() override
    {
        const auto bytes = store::readFile(m_file, 20'000'000);
        if (!bytes)
            return bytes.error();
        const json j = json::parse((*bytes)->begin(), (*bytes)->end(), nullptr, false);
        if (j.is_discarded() || !j.is_object())
            return Error{ErrorKind::Invalid, tr("The tasks are no JSON."), m_file};
        std::vector<schedule::Task> tasks;
        std::vector<schedule::Window> windows;
        std::optional<Minutes> deadline;
        try {
            for (const json& w : j.at("windows")) {
                const auto from = schedule::minutesFrom(w.at(0)), to = schedule::minutesFrom(w.at(1));
                if (!from || !to)
                    return Error{ErrorKind::Invalid, tr("A time is written 2031-03-01T19:00."), w.dump()};
                windows.push_back({*from, *to});
            }
            for (const json& t : j.at("tasks"))
                tasks.push_back(taskOf(t));
            if (j.contains("deadline") && j["deadline"].is_string())
                deadline = schedule::minutesFrom(j["deadline"]);
        } catch (const json::exception& e) {
            return Error{ErrorKind::Invalid, tr("The tasks lack something, or it is of another kind."), e.what()};
        }
        TerminalProgress progress(false);
        const auto plan = schedule::planned(tasks, windows, {}, progress);
        if (!plan)
            return plan.error();
        json out{{"finish", schedule::textOf(plan->finish)}, {"sittings_used", plan->sittings},
            {"pieces", json::array()},
            {"late_hours", deadline ? std::max(0.0, double(plan->finish - *deadline) / 60) : 0.0},
            {"wasted_hours", double(plan->wasted) / 60}, {"proved", plan->proved}};
        for (const auto& p : plan->pieces)
            out["pieces"].push_back({{"task", tasks[std::size_t(p.task)].id}, {"start", schedule::textOf(p.from)},
                {"end", schedule::textOf(p.to)}});
        return out;
    }

private:
    static schedule::Task taskOf(const json& t)
    {
        constexpr double kMost = 100'000; // hours
        const auto minutes = [=](double hours) { return Minutes(std::lround(60 * std::clamp(hours, 0.0, kMost))); };
        schedule::Task task;
        task.id = t.at("id").get<std::string>(), task.length = minutes(t.at("hours"));
        task.splittable = t.value("splittable", false), task.pause = t.value("kind", "work") == "pause";
        task.leastPiece = std::max<Minutes>(1, minutes(t.value("min_piece_hours", 0.25)));
        for (const json& a : t.value("after", json::array()))
            task.after.push_back({a.at("id").get<std::string>(), minutes(a.value("lag_hours", 0.0))});
        return task;
    }
    std::string m_file;
};
} // namespace

std::vector<std::unique_ptr<Command>> planCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<ScheduleOf>());
    return all;
}

} // namespace rl::cli
