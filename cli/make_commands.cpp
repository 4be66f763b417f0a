#include "cli/command_base.h"
#include "core/colour/srgb.h"
#include "core/review/review.h"
#include "core/transfer/grid.h"
#include "demo/demo_work.h"
#include "output/sheets.h"
#include "store/picture_reader.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

Result<Project> openWork(const std::string& file)
{
    auto opened = store::ProjectFile::open(file);
    if (!opened)
        return opened.error();
    return opened.take().project;
}

Result<light::Picture> lit(const Project& p, int widthPx)
{
    stage::SurfaceCache cache;
    NoProgress progress;
    const auto frame = stage::compose(p, widthPx, cache, progress);
    light::Relighter relighter;
    return relighter.light(frame, p.lights);
}

class Render final : public NamedCommand {
public:
    Render()
        : NamedCommand("render", "the lit picture as PNG")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, "a work (*.lantern)")->required();
        app.add_option("-o,--output", m_out, "PNG to write")->required();
        app.add_option("--width-px", m_width, "pixels across the canvas")->check(CLI::Range(16, 12000));
    }
    Result<json> run() override
    {
        const auto p = openWork(m_file);
        if (!p)
            return p.error();
        const auto picture = lit(*p, m_width);
        if (!picture)
            return picture.error();
        const auto written = store::writeFile(m_out, store::encodePng(colour::codeOf(picture->colour)));
        if (!written)
            return written.error();
        return json{{"output", m_out}, {"px", {picture->colour.width(), picture->colour.height()}},
            {"px_per_cm", picture->pixelsPerCm}};
    }

private:
    std::string m_file, m_out;
    int m_width = 1600;
};

class Carry final : public NamedCommand {
public:
    Carry()
        : NamedCommand("carry", "sheets at 1:1 to take the composite onto the canvas")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, "a work (*.lantern)")->required();
        app.add_option("-o,--output", m_out, "PDF to write")->required();
        app.add_option("--paper", m_paper, "A4 or Letter")->check(CLI::IsMember({"A4", "Letter"}));
        app.add_option("--what", m_what, "lineart, picture or grid")
            ->check(CLI::IsMember({"lineart", "picture", "grid"}));
        app.add_option("--overlap-cm", m_overlap, "shared by neighbouring sheets")->check(CLI::Range(0.0, 5.0));
        app.add_flag("!--no-grid", m_grid, "leave the squared grid off");
    }
    Result<json> run() override
    {
        auto opened = openWork(m_file);
        if (!opened)
            return opened.error();
        Project p = opened.take();
        if (!m_paper.empty())
            p.sheets.paper = m_paper;
        if (m_overlap >= 0)
            p.sheets.overlapCm = m_overlap;
        output::SheetJob job;
        job.project = p;
        job.withGrid = m_grid;
        job.content = m_what == "picture" ? output::SheetContent::Picture
            : m_what == "grid"            ? output::SheetContent::Grid
                                          : output::SheetContent::LineArt;
        const auto picture = lit(p, m_what == "picture" ? output::printWidthPx(p) : 2000);
        if (!picture)
            return picture.error();
        job.picture = *picture;
        NoProgress progress;
        const auto done = output::writeSheets(job, QString::fromStdString(m_out), progress);
        if (!done)
            return done.error();
        const auto plan = transfer::tilesOf(p);
        const auto grid = transfer::gridOf(p);
        return json{{"output", m_out}, {"sheets", plan.tiles.size()}, {"columns", plan.columns}, {"rows", plan.rows},
            {"pages", plan.tiles.size() + 1}, {"paper", p.sheets.paper}, {"overlap_cm", plan.overlap},
            {"grid_cm", grid.sideCm}, {"squares", {grid.columns, grid.rows}}};
    }

private:
    std::string m_file, m_out, m_paper, m_what = "lineart";
    double m_overlap = -1;
    bool m_grid = true;
};

class New final : public NamedCommand {
public:
    New()
        : NamedCommand("new", "an empty work")
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, "where to make it")->required();
        app.add_option("--title", m_title, "title");
        app.add_option("--canvas-cm", m_canvas, "width and height")->delimiter(',')->expected(2);
    }
    Result<json> run() override
    {
        if (std::filesystem::exists(m_file))
            return Error{Kind::Invalid, "There is a file of that name already; nothing was changed.", m_file};
        if (!(m_canvas[0] >= 1 && m_canvas[1] >= 1 && m_canvas[0] <= 2000 && m_canvas[1] <= 2000))
            return Error{Kind::Invalid, "A canvas is 1 to 2000 cm on a side.", {}};
        Project p;
        p.brief.title = m_title;
        p.brief.widthCm = m_canvas[0];
        p.brief.heightCm = m_canvas[1];
        p.camera.horizonCm = 0.45 * p.brief.heightCm;
        const auto file = store::ProjectFile::create(m_file, p);
        if (!file)
            return file.error();
        return json{{"output", m_file}, {"canvas_cm", m_canvas}};
    }

private:
    std::string m_file, m_title = "Untitled work";
    std::vector<double> m_canvas{60, 40};
};

class Demo final : public NamedCommand {
public:
    Demo()
        : NamedCommand("demo", "the demo work and its pictures")
    {
    }
    void describe(CLI::App& app) override { app.add_option("DIR", m_dir, "folder to write to")->required(); }
    Result<json> run() override
    {
        std::error_code error;
        std::filesystem::create_directories(m_dir, error);
        if (error)
            return Error{Kind::NotWritable, "That folder cannot be made.", error.message()};
        NoProgress progress;
        const auto p = demo::lowTideCaravan(progress);
        if (!p)
            return p.error();
        const std::filesystem::path file = std::filesystem::path(m_dir) / "low-tide-caravan.lantern";
        const auto made = store::ProjectFile::create(file, *p);
        if (!made)
            return made.error();
        json j{{"work", file.string()}, {"pictures", json::array()}};
        for (const Reference& r : p->references) {
            const auto out = std::filesystem::path(m_dir) / (r.name + ".jpg");
            const auto written = store::writeFile(out, *r.pixels.bytes());
            if (!written)
                return written.error();
            j["pictures"].push_back(out.string());
        }
        return j;
    }

private:
    std::string m_dir;
};
} // namespace

std::vector<std::unique_ptr<Command>> makeCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Render>());
    all.push_back(std::make_unique<Carry>());
    all.push_back(std::make_unique<New>());
    all.push_back(std::make_unique<Demo>());
    return all;
}

} // namespace rl::cli
