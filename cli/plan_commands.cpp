#include "cli/command_base.h"
#include "core/schedule/sittings.h"
#include "store/picture_reader.h"
#include <chrono>
#include <cstdio>

namespace rl::cli {

namespace {
using nlohmann::json;
using schedule::Minutes;

/// "2031-03-01T19:00", minutes since 1970, local as it stands. \return nothing for any other form or no such day
std::optional<Minutes> minutesOf(const std::string& text)
{
    int y = 0, mo = 0, d = 0, h = 0, mi = 0, end = 0;
    if (std::sscanf(text.c_str(), "%4d-%2d-%2dT%2d:%2d%n", &y, &mo, &d, &h, &mi, &end) != 5 || h > 24 || mi > 59
        || h < 0 || mi < 0)
        return {};
    const std::chrono::year_month_day day{
        std::chrono::year(y), std::chrono::month(unsigned(mo)), std::chrono::day(unsigned(d))};
    if (!day.ok() || y < 1900 || y > 2999)
        return {};
    return Minutes(std::chrono::sys_days(day).time_since_epoch().count()) * 1440 + h * 60 + mi;
}
std::string textOf(Minutes m)
{
    const auto days = std::chrono::sys_days(std::chrono::days(m / 1440));
    const std::chrono::year_month_day day(days);
    char text[32];
    std::snprintf(text, sizeof text, "%04d-%02u-%02uT%02d:%02d", int(day.year()), unsigned(day.month()),
        unsigned(day.day()), int(m % 1440 / 60), int(m % 60));
    return text;
}

/// `lantern schedule --tasks T.json`
class ScheduleOf final : public NamedCommand {
public:
    ScheduleOf()
        : NamedCommand("schedule", "tasks with their drying placed into free hours")
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
            return Error{Kind::Invalid, "The tasks are no JSON.", m_file};
        std::vector<schedule::Task> tasks;
        std::vector<schedule::Window> windows;
        std::optional<Minutes> deadline;
        try {
            for (const json& w : j.at("windows")) {
                const auto from = minutesOf(w.at(0)), to = minutesOf(w.at(1));
                if (!from || !to)
                    return Error{Kind::Invalid, "A time is written 2031-03-01T19:00.", w.dump()};
                windows.push_back({*from, *to});
            }
            for (const json& t : j.at("tasks"))
                tasks.push_back(taskOf(t));
            if (j.contains("deadline") && j["deadline"].is_string())
                deadline = minutesOf(j["deadline"]);
        } catch (const json::exception& e) {
            return Error{Kind::Invalid, "The tasks lack something, or it is of another kind.", e.what()};
        }
        TerminalProgress progress(false);
        const auto plan = schedule::planned(tasks, windows, {}, progress);
        if (!plan)
            return plan.error();
        json out{{"finish", textOf(plan->finish)}, {"sittings_used", plan->sittings}, {"pieces", json::array()},
            {"late_hours", deadline ? std::max(0.0, double(plan->finish - *deadline) / 60) : 0.0},
            {"wasted_hours", double(plan->wasted) / 60}, {"proved", plan->proved}};
        for (const auto& p : plan->pieces)
            out["pieces"].push_back(
                {{"task", tasks[std::size_t(p.task)].id}, {"start", textOf(p.from)}, {"end", textOf(p.to)}});
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
