// Painting: the plan of work, expected looks, photographs of the canvas, the log, the record.
#include "cli/command_base.h"
#include "cli/json_out.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/painting_edits.h"
#include "core/review/review.h"
#include "core/schedule/paint_rules.h"
#include "core/survey/work_survey.h"
#include "output/work_sheets.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include "store/stored_picture.h"
#include <QImage>
#include <chrono>
#include <ctime>
#include <filesystem>

namespace rl::cli {

namespace {
using nlohmann::json;
namespace fs = std::filesystem;

schedule::Minutes localNow()
{
    const std::time_t now = std::time(nullptr);
    std::tm t{};
    localtime_r(&now, &t);
    return schedule::Minutes((now + t.tm_gmtoff) / 60);
}

/// A work as the window prepares it for its plan: judged and mixed.
Result<survey::PaintedWork> preparedWork(const Project& p, Progress& progress)
{
    stage::SurfaceCache cache;
    const review::Judged seen = review::judged(p, cache, progress);
    const auto mixing = seen.frame ? review::paletteOf(p, seen.picture, progress) : nullptr;
    if (!mixing || progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("Cancelled."), {}};
    return survey::paintedWork(p, seen.picture, schedule::farToNear(*seen.frame), mixing);
}

/// Work on the painting of a work: its picture lit, mixed where that is wanted.
class PaintingCommand : public NamedCommand {
public:
    using NamedCommand::NamedCommand;

protected:
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("--now", m_now, tr("local time to plan from, 2031-03-01T19:00; without it the clock's"));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<survey::PaintedWork> opened(Progress& progress) const
    {
        const auto project = openWork(m_file);
        return project ? preparedWork(*project, progress) : Result<survey::PaintedWork>(project.error());
    }
    Result<schedule::Minutes> now() const
    {
        if (m_now.empty())
            return localNow();
        const auto at = schedule::minutesFrom(m_now);
        if (!at)
            return Error{ErrorKind::Invalid, tr("A time is written 2031-03-01T19:00."), m_now};
        return *at;
    }
    const std::string& file() const { return m_file; }
    bool tells() const { return m_tells; }

private:
    std::string m_file, m_now;
    bool m_tells = false;
};

json jsonOf(const schedule::WorkTask& t, const paint::Mixing* mixing)
{
    json j{{"key", t.key}, {"kind", schedule::wordOf(t.kind)}, {"words", t.words}, {"why", t.why},
        {"area_cm2", t.areaCm2}, {"detail", t.detail}, {"hours", t.hours}, {"hours_from", t.low}, {"hours_to", t.high},
        {"after", t.after}, {"touch_dry_hours", t.dry.touchHours}, {"overpaint_hours", t.dry.overHours},
        {"brush_mm", t.brushMm}, {"puddles", json::array()}, {"masks", t.masks}, {"cautions", t.cautions},
        {"layers", t.layers}, {"wet", t.wet}, {"pause", t.pause}, {"done", t.done}};
    for (const int p : t.puddles)
        if (mixing)
            j["puddles"].push_back(mixing->map.puddles[std::size_t(p)].number);
    if (t.element)
        j["element"] = t.element;
    return j;
}

json jsonOf(const schedule::WorkPlan& plan, const paint::Mixing* mixing)
{
    json j{{"finish", schedule::textOf(plan.finish)}, {"finish_from", schedule::textOf(plan.early)},
        {"finish_to", schedule::textOf(plan.late)}, {"hours", plan.hours}, {"hours_from", plan.lowHours},
        {"hours_to", plan.highHours}, {"logged_hours", plan.loggedHours}, {"assumed_hours", plan.assumed},
        {"tasks", json::array()}, {"sittings", json::array()}, {"findings", rl::cli::jsonOf(plan.findings)}};
    if (plan.problem)
        j["problem"] = plan.problem->sentence;
    for (const auto& t : plan.tasks)
        j["tasks"].push_back(jsonOf(t, mixing));
    for (const auto& s : plan.sittings) {
        json one{
            {"from", schedule::textOf(s.free.from)}, {"to", schedule::textOf(s.free.to)}, {"parts", json::array()}};
        for (const auto& p : s.parts)
            one["parts"].push_back({{"task", plan.tasks[std::size_t(p.task)].key}, {"from", schedule::textOf(p.from)},
                {"to", schedule::textOf(p.to)}, {"ends", p.last}});
        j["sittings"].push_back(one);
    }
    return j;
}

/// `lantern plan FILE [--ics out.ics] [--sitting N -o next.pdf]`
class PlanOf final : public PaintingCommand {
public:
    PlanOf()
        : PaintingCommand("plan", tr("the plan of work: stages, hours, sittings laid over the painter's free hours"))
    {
    }
    void describe(CLI::App& app) override
    {
        PaintingCommand::describe(app);
        app.add_option("--ics", m_ics, tr("calendar file to write"));
        app.add_option("--busy", m_busy, tr("calendar file whose entries take hours"));
        app.add_option("--free", m_free, tr("calendar file whose entries are the free hours"));
        app.add_option("--sitting", m_sitting, tr("which sitting goes on a page, 1 = the next"))
            ->check(CLI::Range(1, 10000));
        app.add_option("-o,--output", m_out, tr("PDF of that sitting"));
    }
    Result<json> run() override
    {
        TerminalProgress progress(tells());
        const auto at = now();
        if (!at)
            return at.error();
        auto work = opened(progress);
        if (!work)
            return work.error();
        survey::PaintedWork w = work.take();
        for (const auto& [file, asFree] : {std::pair(m_busy, false), std::pair(m_free, true)}) {
            if (file.empty())
                continue;
            const auto bytes = store::readFile(file, 20'000'000);
            if (!bytes)
                return bytes.error();
            const auto entries
                = schedule::entriesOf(std::string((*bytes)->begin(), (*bytes)->end()), 0, *at + 3660 * schedule::kDay);
            if (!entries)
                return entries.error();
            w.project.painting.diary = schedule::withCalendar(w.project.painting.diary, *entries, asFree);
        }
        const auto plan = schedule::planWork(w.project, w.facts, w.mixing.get(), *at, schedule::kPlanEffort, progress);
        json j = jsonOf(plan, w.mixing.get());
        j["ml"] = w.mixing->needs.ml, j["tubes"] = json::array();
        for (const paint::TubeNeed& t : w.mixing->needs.tubes)
            j["tubes"].push_back({{"paint", t.id}, {"ml", t.ml}});
        if (!m_ics.empty()) {
            const std::string ics
                = schedule::icsOf(schedule::calendarOf(plan, w.project.brief.title), w.project.brief.title, *at);
            if (const auto done = store::writeFile(m_ics, std::vector<unsigned char>(ics.begin(), ics.end())); !done)
                return done.error();
            j["calendar"] = m_ics;
        }
        if (!m_out.empty()) {
            if (const auto done = output::writeSitting(w, plan, m_sitting - 1, QString::fromStdString(m_out)); !done)
                return done.error();
            j["output"] = m_out;
        }
        return j;
    }

private:
    std::string m_ics, m_out, m_busy, m_free;
    int m_sitting = 1;
};

/// `lantern stages FILE -o DIR`
class StagesOf final : public PaintingCommand {
public:
    StagesOf()
        : PaintingCommand("stages", "what the canvas should look like after each task")
    {
    }
    void describe(CLI::App& app) override
    {
        PaintingCommand::describe(app);
        app.add_option("-o,--output", m_out, "folder to write the pictures into")->required();
    }
    Result<json> run() override
    {
        TerminalProgress progress(tells());
        const auto w = opened(progress);
        if (!w)
            return w.error();
        std::error_code failed;
        fs::create_directories(m_out, failed);
        json j{{"stages", json::array()}};
        for (std::size_t i = 0; i < w->tasks.size(); ++i) {
            if (progress.cancelled())
                return Error{ErrorKind::Cancelled, "Given up; some stages are written.", {}};
            if (w->tasks[i].pause)
                continue;
            char number[32];
            std::snprintf(number, sizeof number, "%02zu-", i + 1);
            std::string name = number + w->tasks[i].key + ".png";
            std::replace_if(
                name.begin(), name.end(), [](char c) { return c == ':' || c == '#'; }, '-');
            const auto codes = colour::codeOf(w->looks->afterTask(w->tasks, i));
            const std::string path = (fs::path(m_out) / name).string();
            if (const auto done = store::writeFile(path, store::encodePng(codes)); !done)
                return done.error();
            j["stages"].push_back({{"task", w->tasks[i].key}, {"words", w->tasks[i].words}, {"picture", path}});
        }
        return j;
    }

private:
    std::string m_out;
};

json jsonOf(const survey::Surveyed& s)
{
    json j{{"found", s.found}, {"corner_confidence", s.confidence}, {"by_tags", s.byTags}, {"k1", s.view.k1()},
        {"painted_share", s.painted}, {"light_stops", s.light.stops}, {"landmarks", json::array()},
        {"zones", json::array()}};
    if (!s.why.empty())
        j["why"] = s.why;
    if (s.view.photo().width > 1)
        for (const Vec2 c : s.view.corners())
            j["corners_px"].push_back({c.x, c.y});
    for (const auto& l : s.landmarks)
        j["landmarks"].push_back({{"at_cm", {l.at.x, l.at.y}}, {"dx_mm", l.dxMm}, {"dy_mm", l.dyMm},
            {"confidence", l.confidence}, {"painted", l.painted}});
    for (const auto& z : s.zones)
        j["zones"].push_back({{"rect_cm", {z.place.x, z.place.y, z.place.width, z.place.height}}, {"dL", z.dL},
            {"dC", z.dC}, {"dHue", z.dHue}, {"painted_share", z.painted}});
    return j;
}

/// `lantern survey PLAN PHOTO --canvas-cm W,H`, or `lantern survey FILE PHOTO`
class SurveyOf final : public NamedCommand {
public:
    SurveyOf()
        : NamedCommand("survey", "a photograph of the canvas squared up and held against the plan")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("PLAN", m_plan, "a work (*.lantern), or a picture of the whole plan")->required();
        app.add_option("PHOTO", m_photo, "the photograph of the canvas")->required();
        app.add_option("--canvas-cm", m_canvas, "of a picture: width and height of the canvas")
            ->delimiter(',')
            ->expected(2);
        app.add_option("--corners", m_corners,
               "px in the photograph: x,y of upper left, upper right, lower right, lower left; else they are looked "
               "for")
            ->delimiter(',')
            ->expected(8);
        app.add_option("--at", m_at,
            R"(of a picture: JSON {"landmarks":[[x,y]…],"zones":[[x,y,width,height]…],"reference":{"L","rect_cm" or "width_cm"}} in cm)");
        app.add_option("--since", m_since, "of a work: an earlier photograph; what has changed is told");
        app.add_option("-o,--output", m_out, "PNG of the photograph squared up");
        app.add_flag("--progress", m_tells, "tell on the error stream how far it is; Ctrl+C gives it up");
    }
    Result<json> run() override
    {
        const auto photo = store::readPicture(fs::path(m_photo));
        if (!photo)
            return photo.error();
        TerminalProgress progress(m_tells);
        return fs::path(m_plan).extension() == ".lantern" ? ofWork(photo->pixels, progress)
                                                          : ofPicture(photo->pixels, progress);
    }

private:
    std::optional<survey::Corners> corners() const
    {
        if (m_corners.empty())
            return {};
        survey::Corners c;
        for (std::size_t i = 0; i < 4; ++i)
            c[i] = {m_corners[2 * i], m_corners[2 * i + 1]};
        return c;
    }
    Result<json> ofPicture(const Photo& photo, Progress& progress) const
    {
        const auto plan = store::readPicture(fs::path(m_plan));
        if (!plan)
            return plan.error();
        survey::Asked asked;
        asked.widthCm = m_canvas[0], asked.heightCm = m_canvas[1], asked.corners = corners();
        if (!m_at.empty())
            if (const auto read = places(asked); !read)
                return read.error();
        const auto s = survey::surveyed(plan->pixels, photo, asked, progress);
        if (!s)
            return s.error();
        json j = jsonOf(*s);
        if (!m_out.empty() && s->view.photo().width > 1) {
            const Photo flat = survey::squaredUp(photo, s->view, 1600);
            if (const auto done = store::writeFile(m_out, store::encodePng(flat)); !done)
                return done.error();
            j["output"] = m_out;
        }
        return j;
    }
    Result<Done> places(survey::Asked& asked) const
    {
        const auto bytes = store::readFile(m_at, 20'000'000);
        if (!bytes)
            return bytes.error();
        const json j = json::parse((*bytes)->begin(), (*bytes)->end(), nullptr, false);
        if (j.is_discarded() || !j.is_object())
            return Error{ErrorKind::Invalid, "The places are no JSON.", m_at};
        try {
            for (const json& p : j.value("landmarks", json::array()))
                asked.landmarks.push_back({p.at(0), p.at(1)});
            for (const json& z : j.value("zones", json::array()))
                asked.zones.push_back({z.at(0), z.at(1), z.at(2), z.at(3)});
            if (j.contains("reference") && j["reference"].is_object()) {
                survey::KnownGrey grey;
                grey.lightness = std::clamp(j["reference"].at("L").get<double>(), 5.0, 100.0);
                if (j["reference"].contains("rect_cm")) {
                    const json& r = j["reference"]["rect_cm"];
                    grey.places.push_back({r.at(0), r.at(1), r.at(2), r.at(3)});
                } else {
                    grey.borderCm = std::clamp(j["reference"].at("width_cm").get<double>(), 0.1, 50.0);
                }
                asked.grey = grey;
            }
        } catch (const json::exception& e) {
            return Error{ErrorKind::Invalid, "The places lack something, or it is of another kind.", e.what()};
        }
        for (const Vec2 p : asked.landmarks)
            if (!(std::abs(p.x) < 1e4 && std::abs(p.y) < 1e4))
                return Error{ErrorKind::Invalid, "A landmark lies nowhere near the canvas.", {}};
        return Done{};
    }
    Result<json> ofWork(const Photo& photo, Progress& progress) const;
    std::string m_plan, m_photo, m_at, m_out, m_since;
    std::vector<double> m_canvas{60, 40}, m_corners;
    bool m_tells = false;
};

Result<json> SurveyOf::ofWork(const Photo& photo, Progress& progress) const
{
    const auto project = openWork(m_plan);
    if (!project)
        return project.error();
    stage::SurfaceCache cache;
    const auto marks = survey::landmarksOf(*project, cache, progress);
    const auto prepared = preparedWork(*project, progress);
    if (!prepared || !marks)
        return Error{ErrorKind::Cancelled, "Given up.", {}};
    const survey::PaintedWork& work = *prepared;
    auto made = survey::surveyOf(
        work, [&] { return marks->points; }, photo, {corners()}, progress);
    if (!made)
        return made.error();
    survey::WorkSurvey now = made.take();
    if (!m_since.empty()) {
        const auto before = store::readPicture(fs::path(m_since));
        if (!before)
            return before.error();
        survey::holdAgainstEarlier(now, work, before->pixels, {}, progress);
    }
    const survey::WorkSurvey* s = &now;
    json j = jsonOf(s->compared);
    if (s->changed >= 0)
        j["changed_share"] = s->changed;
    for (std::size_t i = 0; i < s->names.size() && i < s->compared.landmarks.size(); ++i)
        j["landmarks"][i]["name"] = s->names[i], j["landmarks"][i]["element"] = s->elements[i];
    j["stage"] = s->task, j["order"] = s->order, j["planned_order"] = s->plannedOrder;
    j["parts"] = json::array();
    for (const auto& p : s->parts)
        j["parts"].push_back({{"element", p.element}, {"name", p.name}, {"painted_share", p.painted}, {"dL", p.dL},
            {"dC", p.dC}, {"dHue", p.dHue}, {"contrast_L", p.contrast}, {"planned_contrast_L", p.planned},
            {"lost_share", p.lost}, {"planned_lost_share", p.plannedLost}});
    j["leaks"] = s->leaks, j["planned_leaks"] = s->plannedLeaks; // left, right, top, bottom
    j["findings"] = rl::cli::jsonOf(s->findings);
    if (!m_out.empty() && !s->squared.empty()) {
        if (const auto done = store::writeFile(m_out, store::encodePng(s->squared)); !done)
            return done.error();
        j["output"] = m_out;
    }
    return j;
}

/// Local time of an instant, "2031-03-01T19:00".
std::string localText(Instant at)
{
    const std::time_t t = std::time_t(at);
    std::tm parts{};
    localtime_r(&t, &parts);
    return schedule::textOf(schedule::Minutes((at + parts.tm_gmtoff) / 60));
}

json jsonOf(const Project& p, const CanvasPhoto& c)
{
    const Reference* r = p.reference(c.reference);
    return {{"id", c.id}, {"at", localText(c.at)}, {"task", c.task}, {"name", r ? r->name : std::string()},
        {"sha256", r ? r->sha256() : std::string()}, {"missing", !r || r->pixels.missing()}};
}

/// `lantern photo FILE PHOTO… [--at 2031-03-01T19:00] [--task KEY]`
class PhotoOf final : public PaintingCommand {
public:
    PhotoOf()
        : PaintingCommand("photo", tr("puts photographs of the canvas into a work"))
    {
    }
    void describe(CLI::App& app) override
    {
        PaintingCommand::describe(app);
        app.add_option("PHOTO", m_photos, tr("photographs of the canvas, in the order they were taken"))->required();
        app.add_option("--at", m_at, tr("local time they were taken, 2031-03-01T19:00; without it now"));
        app.add_option("--task", m_task, tr("the task done last before them; without it the last one ticked off"));
    }
    Result<json> run() override
    {
        const auto at = instant();
        if (!at)
            return at.error();
        const auto task = lastTask();
        if (!task)
            return task.error();
        auto opened = store::ProjectFile::open(file());
        if (!opened)
            return opened.error();
        auto work = opened.take();
        json j{{"added", json::array()}};
        for (const std::string& photo : m_photos) {
            const auto read = store::readPicture(fs::path(photo));
            if (!read)
                return read.error();
            work.project = edits::withCanvasPhoto(std::move(work.project),
                store::referenceOf(fs::path(photo).stem().string(), *read), {0, 0, *at, *task, {}, {}, 50});
            j["added"].push_back(jsonOf(work.project, work.project.painting.photos.back()));
        }
        if (const auto saved = work.file.save(work.project); !saved)
            return saved.error();
        return j;
    }

private:
    Result<Instant> instant() const
    {
        if (m_at.empty())
            return Instant(std::time(nullptr));
        const auto local = schedule::minutesFrom(m_at);
        if (!local)
            return Error{ErrorKind::Invalid, tr("A time is written 2031-03-01T19:00."), m_at};
        const std::time_t near = std::time_t(*local) * 60;
        std::tm parts{};
        localtime_r(&near, &parts);
        return Instant(near) - parts.tm_gmtoff;
    }
    Result<std::string> lastTask()
    {
        const auto project = openWork(file());
        if (!project)
            return project.error();
        const auto& words = project->painting.tasks;
        if (m_task.empty() && std::none_of(words.begin(), words.end(), [](const TaskOverride& w) { return w.done; }))
            return std::string();
        TerminalProgress progress(tells());
        const auto work = opened(progress);
        if (!work)
            return work.error();
        const auto tasks = schedule::workOf(work->project, work->facts, nullptr);
        if (m_task.empty())
            return schedule::lastDone(tasks);
        if (std::none_of(tasks.begin(), tasks.end(), [&](const auto& t) { return t.key == m_task; }))
            return Error{
                ErrorKind::Invalid, tr("This work has no task “%1”; lantern plan lists them.", m_task), m_task};
        return m_task;
    }
    std::vector<std::string> m_photos;
    std::string m_at, m_task;
};

/// `lantern log FILE [--csv]`
class LogOf final : public NamedCommand {
public:
    LogOf()
        : NamedCommand("log", "sittings, hours, decisions and photographs of a work")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, "a work (*.lantern)")->required();
        app.add_flag("--csv", m_csv, "as CSV");
    }
    Result<json> run() override
    {
        const auto project = openWork(m_file);
        if (!project)
            return project.error();
        if (m_csv)
            return json(schedule::csvOf(*project));
        json j{{"sittings", json::array()}, {"hours_by_element", json::array()}, {"decisions", json::array()},
            {"photographs", project->painting.photos.size()}};
        double total = 0;
        for (const Sitting& s : project->painting.sittings) {
            double seconds = 0;
            for (const WorkSpan& w : s.spans)
                seconds += w.seconds;
            total += seconds / 3600;
            j["sittings"].push_back({{"id", s.id}, {"began", s.began}, {"hours", seconds / 3600},
                {"paused_hours", s.pausedSeconds / 3600}, {"notes", s.notes}, {"paints", s.paints}});
        }
        j["hours"] = total;
        for (const auto& [element, hours] : schedule::hoursByElement(project->painting)) {
            const Element* e = project->element(element);
            j["hours_by_element"].push_back(
                {{"element", element}, {"name", e ? e->name : "backdrop"}, {"hours", hours}});
        }
        j["photos"] = json::array();
        for (const CanvasPhoto& c : project->painting.photos)
            j["photos"].push_back(jsonOf(*project, c));
        for (const Decision& d : project->painting.decisions)
            j["decisions"].push_back({{"words", d.words}, {"reason", d.reason}, {"scrapped", d.scrapped}});
        return j;
    }

private:
    std::string m_file;
    bool m_csv = false;
};

/// `lantern record FILE -o record.pdf`
class RecordOf final : public PaintingCommand {
public:
    RecordOf()
        : PaintingCommand("record", "the record that goes with the finished work, as PDF or JSON")
    {
    }
    void describe(CLI::App& app) override
    {
        PaintingCommand::describe(app);
        app.add_option("-o,--output", m_out, "*.pdf or *.json to write; without it JSON is told");
    }
    Result<json> run() override
    {
        TerminalProgress progress(tells());
        const auto at = now();
        if (!at)
            return at.error();
        const auto w = opened(progress);
        if (!w)
            return w.error();
        const auto plan
            = schedule::planWork(w->project, w->facts, w->mixing.get(), *at, schedule::kPlanEffort, progress);
        const json record = output::recordOf(*w, plan);
        if (m_out.empty())
            return record;
        if (fs::path(m_out).extension() == ".json") {
            const std::string s = record.dump(2, ' ', false, json::error_handler_t::replace);
            if (const auto done = store::writeFile(m_out, std::vector<unsigned char>(s.begin(), s.end())); !done)
                return done.error();
        } else {
            std::vector<std::pair<QString, QImage>> stages;
            for (const CanvasPhoto& c : w->project.painting.photos)
                if (const Reference* r = w->project.reference(c.reference)) {
                    const Photo p = r->pixels.photo();
                    if (!p.empty())
                        stages.emplace_back(QString::fromStdString(schedule::dateOf(c.at / 60)),
                            QImage(reinterpret_cast<const uchar*>(p.data()), p.width(), p.height(), 3 * p.width(),
                                QImage::Format_RGB888)
                                .copy());
                }
            if (const auto done = output::writeRecord(*w, plan, stages, QString::fromStdString(m_out)); !done)
                return done.error();
        }
        return json{{"output", m_out}};
    }

private:
    std::string m_out;
};

/// `lantern tags -o tags.pdf`
class TagsOf final : public NamedCommand {
public:
    TagsOf()
        : NamedCommand("tags", "four tags to print and stick beside the canvas' corners")
    {
    }
    void describe(CLI::App& app) override { app.add_option("-o,--output", m_out, "*.pdf")->required(); }
    Result<json> run() override
    {
        if (const auto done = output::writeCornerTags(QString::fromStdString(m_out)); !done)
            return done.error();
        return json{{"output", m_out}};
    }

private:
    std::string m_out;
};
} // namespace

std::vector<std::unique_ptr<Command>> workCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<PlanOf>());
    all.push_back(std::make_unique<StagesOf>());
    all.push_back(std::make_unique<SurveyOf>());
    all.push_back(std::make_unique<PhotoOf>());
    all.push_back(std::make_unique<LogOf>());
    all.push_back(std::make_unique<RecordOf>());
    all.push_back(std::make_unique<TagsOf>());
    return all;
}

} // namespace rl::cli
