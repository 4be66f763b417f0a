// Sheets of what is read: a study of one picture, a report of a whole work.
#include "cli/json_out.h"
#include "cli/read_base.h"
#include "core/base/words.h"
#include "core/review/picture_study.h"
#include "output/read_sheets.h"

namespace rl::cli {

namespace {
using nlohmann::json;

/// `lantern study IMAGE -o sheet.pdf`
class Study final : public ReadingCommand {
public:
    Study()
        : ReadingCommand("study", tr("a one-page study sheet of any picture: its parts, lines, values, glances"))
    {
    }
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--regions", m_regions, tr("parts to look for"))->check(CLI::Range(2, 60));
        app.add_option("--name", m_names, tr("a name for a part: 3=\"the boat\"; once for each"));
        app.add_option("-o,--output", m_out, tr("the sheet (*.pdf)"));
    }
    Result<json> run() override
    {
        auto opened = this->opened();
        if (!opened)
            return opened.error();
        ReadPicture r = opened.take();
        std::map<int, std::string> names = r.names;
        for (const std::string& n : m_names) {
            const auto is = n.find('=');
            const int id = is == std::string::npos ? 0 : std::atoi(n.substr(0, is).c_str());
            if (id <= 0)
                return Error{ErrorKind::Invalid, tr("A name is given as 3=words."), n};
            names[id] = n.substr(is + 1);
        }
        const bool empty = std::all_of(
            r.picture.ids.data(), r.picture.ids.data() + r.picture.ids.size(), [](int id) { return id == 0; });
        TerminalProgress progress(false);
        const review::PictureStudy s
            = review::studyOf(r.picture.colour, empty ? IdMap() : r.picture.ids, names, r.viewing, m_regions, progress);
        if (progress.cancelled() || s.picture.colour.empty())
            return Error{ErrorKind::Cancelled, tr("The study was cancelled."), {}};
        json j = jsonOf(s.attention);
        j["regions"] = json::array();
        for (const reading::Region& region : s.regions)
            j["regions"].push_back({{"id", region.id}, {"name", region.name}, {"share", region.share},
                {"middle_px", {region.middle.x, region.middle.y}},
                {"lab", {region.mean.L, region.mean.a, region.mean.b}}});
        j["values"] = jsonOf(s.values), j["colours"] = jsonOf(s.colours);
        j["eye_level"] = s.eyeLevel ? json(*s.eyeLevel / s.picture.ids.height()) : json();
        j["eye_confidence"] = s.eyeConfidence;
        j["on_lines"] = json::array();
        for (const auto& l : s.onLines)
            j["on_lines"].push_back({{"region", l.region}, {"line", l.line}, {"off_percent", l.offPercent}});
        j["told"] = review::sentencesOf(s);
        if (m_out.empty())
            return j;
        const auto title = isWork() ? r.project.brief.title : std::filesystem::path(file()).stem().string();
        if (const auto done
            = output::writeStudySheet(s, QString::fromStdString(tr("Study: %1", title)), QString::fromStdString(m_out));
            !done)
            return done.error();
        j["output"] = m_out;
        return j;
    }

private:
    int m_regions = 12;
    std::vector<std::string> m_names;
    std::string m_out;
};

/// `lantern report FILE -o report.pdf|report.json`
class Report final : public NamedCommand {
public:
    Report()
        : NamedCommand("report", tr("the findings of all stations with pictures, as a PDF or as JSON"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("-o,--output", m_out, tr("where to: *.pdf or *.json; without it JSON is printed"));
    }
    Result<json> run() override
    {
        const auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        const Project& p = opened->project;
        stage::SurfaceCache cache;
        TerminalProgress progress(false);
        const review::Review r = review::review(p, cache, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The report was cancelled."), {}};
        json j{{"title", p.brief.title}, {"findings", jsonOf(r.findings)},
            {"reading", jsonOf(r.reading, r.picture.pixelsPerCm)}, {"facts", json::array()}};
        for (const Fact& f : p.brief.facts)
            j["facts"].push_back(
                {{"fact", f.words}, {"source", f.source}, {"element", f.element}, {"checked", f.checked}});
        if (m_out.empty())
            return j;
        if (std::filesystem::path(m_out).extension() == ".json") {
            const std::string text = j.dump(2) + "\n";
            if (const auto done = store::writeFile(m_out, std::vector<unsigned char>(text.begin(), text.end())); !done)
                return done.error();
        } else if (const auto done = output::writeReport(p, r, QString::fromStdString(m_out)); !done)
            return done.error();
        return json{{"output", m_out}, {"findings", r.findings.size()}};
    }

private:
    std::string m_file, m_out;
};
} // namespace

std::vector<std::unique_ptr<Command>> studyCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Study>());
    all.push_back(std::make_unique<Report>());
    return all;
}

} // namespace rl::cli
