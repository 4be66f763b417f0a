#include "cli/command_base.h"
#include "core/base/words.h"
#include "core/project/papers.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/flow.h"
#include "core/transfer/grid.h"
#include "core/transfer/keystone.h"
#include "output/export.h"
#include "output/sheets.h"
#include "store/picture_reader.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

/// `lantern flow IMAGE [--mask M] -o flow.png`
class Flow final : public NamedCommand {
public:
    Flow()
        : NamedCommand("flow", tr("which way fur, grass or folds run in a picture, and how long the strands are"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a photograph"))->required();
        app.add_option("--mask", m_mask, tr("grey picture of the thing, white = in; without it the whole picture"));
        app.add_option("-o,--output", m_out, tr("PNG to write: angle × 255 / 180, counter-clockwise from the right"));
        app.add_option("--step-px", m_step, tr("between places of the grid"))->check(CLI::Range(4.0, 400.0));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<json> run() override
    {
        const auto picture = readMasked(m_image, m_mask);
        if (!picture)
            return picture.error();
        const Mask& mask = picture->mask;
        TerminalProgress progress(m_tells);
        const transfer::FlowField field = transfer::flowOf(picture->photo, mask, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The measuring was cancelled. Nothing was saved."), {}};
        if (field.empty())
            return Error{ErrorKind::Invalid, tr("The mask is empty: there is nothing to measure."), {}};
        if (!m_out.empty())
            if (const auto written = write(field); !written)
                return written.error();
        json grid = json::array();
        std::size_t reliable = 0;
        const auto points = transfer::flowPoints(field, picture->photo, mask, m_step);
        for (const auto& p : points) {
            reliable += p.reliable;
            grid.push_back({{"at", {p.at.x, p.at.y}}, {"angle_deg", p.angle}, {"length_px", p.length},
                {"coherence", p.clear}, {"reliable", p.reliable}});
        }
        json j{{"grid", grid}, {"reliable_share", points.empty() ? 0.0 : double(reliable) / double(points.size())}};
        if (!m_out.empty())
            j["output"] = m_out;
        return j;
    }

private:
    Result<Done> write(const transfer::FlowField& field) const
    {
        std::vector<std::uint8_t> codes(field.angle.size());
        for (std::size_t i = 0; i < codes.size(); ++i)
            codes[i] = std::uint8_t(std::lround(field.angle.data()[i] * 255 / 180));
        return store::writeFile(
            m_out, store::encodePng(Mask(field.angle.width(), field.angle.height(), std::move(codes))));
    }
    std::string m_image, m_mask, m_out;
    double m_step = 16;
    bool m_tells = false;
};

/// By its number or its name.
int elementNamed(const Project& p, const std::string& said)
{
    for (const Element& e : p.elements)
        if (e.name == said || std::to_string(e.id) == said)
            return e.id;
    return 0;
}

class Carry final : public NamedCommand {
public:
    Carry()
        : NamedCommand("carry", tr("sheets at 1:1 to take the composite onto the canvas"))
    {
    }
    void describe(CLI::App& app) override
    {
        std::vector<std::string> contents, papers_;
        for (int i = 0; i < output::kSheetContentCount; ++i)
            contents.emplace_back(output::wordOf(output::SheetContent(i)));
        for (const Paper& p : papers())
            papers_.emplace_back(p.name);
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("-o,--output", m_out, tr("PDF to write"))->required();
        app.add_option("--what", m_what, tr("what goes on the sheets"))->check(CLI::IsMember(contents));
        app.add_option("--element", m_element, tr("this alone, by name or number"));
        app.add_option("--paper", m_paper, tr("its name"))->check(CLI::IsMember(papers_));
        app.add_option("--overlap-cm", m_overlap, tr("shared by neighbouring sheets"))->check(CLI::Range(0.0, 5.0));
        app.add_flag("--mirror", m_mirror, tr("for rubbing down from the back"));
        app.add_option("--grey", m_grey, tr("% black of the lines"))->check(CLI::Range(5.0, 100.0));
        app.add_option(
               "--lines", m_lines, tr("inner lines, % of their length, the most telling first; 0 = outlines only"))
            ->check(CLI::Range(0.0, 100.0));
        app.add_option("--scale-correction", m_correction, tr("× every length, for a printer that does not print true"))
            ->check(CLI::Range(0.9, 1.1));
        app.add_option("--canvas-cm", m_canvas, tr("the real canvas' width and height"))->delimiter(',')->expected(2);
        app.add_flag("!--no-grid", m_grid, tr("leave the squared grid off"));
        app.add_option("--turns", m_turns, tr("a stencil or mask of the thing seen from so many directions"))
            ->check(CLI::Range(1, 24));
    }
    Result<json> run() override
    {
        auto opened = openWork(m_file);
        if (!opened)
            return opened.error();
        Project p = opened.take();
        const int element = m_element.empty() ? 0 : elementNamed(p, m_element);
        if (!m_element.empty() && !element)
            return Error{ErrorKind::Missing, tr("There is no element of that name."), m_element};
        if (const auto wrong = settle(p.sheets))
            return *wrong;
        output::SheetContent what = output::SheetContent::LineArt;
        for (int i = 0; i < output::kSheetContentCount; ++i)
            if (m_what == output::wordOf(output::SheetContent(i)))
                what = output::SheetContent(i);
        NoProgress progress;
        stage::SurfaceCache cache;
        const auto job = output::sheetJob(p, what, m_grid, cache, progress, element, m_turns);
        if (!job)
            return job.error();
        if (const auto done = output::writeSheets(*job, QString::fromStdString(m_out), progress); !done)
            return done.error();
        return told(*job);
    }

private:
    std::optional<Error> settle(Sheets& s) const
    {
        if (!m_paper.empty())
            s.paper = m_paper;
        if (m_overlap >= 0)
            s.overlapCm = m_overlap;
        if (m_grey > 0)
            s.grey = m_grey;
        if (m_lines >= 0)
            s.lines = m_lines;
        if (m_correction > 0)
            s.scaleCorrection = m_correction;
        s.mirrored = s.mirrored || m_mirror;
        if (m_canvas.empty())
            return {};
        if (!(m_canvas[0] >= 1 && m_canvas[1] >= 1 && m_canvas[0] <= 2000 && m_canvas[1] <= 2000))
            return Error{ErrorKind::Invalid, tr("A canvas is 1 to 2000 cm on a side."), {}};
        s.canvasWidthCm = m_canvas[0], s.canvasHeightCm = m_canvas[1];
        return {};
    }
    json told(const output::SheetJob& job) const
    {
        const auto plan = transfer::tilesOver(job.project, output::carriedPart(job));
        const auto grid = transfer::gridOf(job.project);
        const auto canvas = transfer::canvasPlanOf(job.project);
        const bool single = job.content == output::SheetContent::Colours || job.content == output::SheetContent::Values
            || job.content == output::SheetContent::Landmarks;
        json j{{"output", m_out}, {"what", output::wordOf(job.content)}, {"sheets", single ? 1 : plan.tiles.size()},
            {"columns", plan.columns}, {"rows", plan.rows}, {"pages", single ? 1 : plan.tiles.size() + 1},
            {"paper", job.project.sheets.paper}, {"overlap_cm", plan.overlap}, {"grid_cm", grid.sideCm},
            {"squares", {grid.columns, grid.rows}}, {"canvas_cm", {canvas.widthCm, canvas.heightCm}},
            {"lost_cm", {canvas.lostAcross, canvas.lostDown}}, {"empty_cm", {canvas.emptyAcross, canvas.emptyDown}}};
        if (!job.lines.empty()) {
            double length = 0, longer = 0;
            for (const auto& s : job.lines)
                length += s.lengthCm(), longer += s.lengthCm() > 2 ? s.lengthCm() : 0;
            j["lines"] = {{"strokes", job.lines.size()}, {"length_cm", length}, {"share_over_2_cm", longer / length}};
        }
        if (job.flow)
            j["flow"] = {{"strokes", job.flow->strokes.size()}, {"length_cm", job.flow->lengthCm},
                {"waviness_deg", job.flow->waviness}, {"reliable_share", job.flow->reliable}};
        if (!job.shape.loops.empty())
            j["shape"]
                = {{"pieces", job.shape.loops.size()}, {"islands", job.shape.islands}, {"bridges", job.shape.bridges}};
        return j;
    }
    std::string m_file, m_out, m_paper, m_what = "lineart", m_element;
    double m_overlap = -1, m_grey = -1, m_lines = -1, m_correction = -1;
    std::vector<double> m_canvas;
    bool m_grid = true, m_mirror = false;
    int m_turns = 1;
};

/// `lantern landmarks FILE`
class LandmarksOf final : public NamedCommand {
public:
    LandmarksOf()
        : NamedCommand("landmarks", tr("the points that fix the drawing best, and how to find each with a ruler"))
    {
    }
    void describe(CLI::App& app) override { app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required(); }
    Result<json> run() override
    {
        auto opened = openWork(m_file);
        if (!opened)
            return opened.error();
        const Project p = opened.take();
        TerminalProgress progress(false);
        stage::SurfaceCache cache;
        const auto job = output::sheetJob(p, output::SheetContent::Landmarks, false, cache, progress);
        if (!job)
            return job.error();
        const auto canvas = transfer::canvasPlanOf(p);
        json j{
            {"canvas_cm", {canvas.widthCm, canvas.heightCm}}, {"landmarks", json::array()}, {"spans", json::array()}};
        const auto& all = *job->landmarks;
        for (std::size_t i = 0; i < all.points.size(); ++i) {
            const auto& l = all.points[i];
            const Vec2 again = transfer::byMeasures(all, i, canvas);
            json one{{"number", i + 1}, {"name", l.name}, {"element", l.element}, {"at_cm", {l.at.x, l.at.y}},
                {"weight", l.weight}, {"from", {l.fromRight ? "right" : "left", l.fromBottom ? "bottom" : "top"}},
                {"cm", {l.across, l.down}}, {"round_trip_mm", 10 * (again - l.at).length()}};
            if (l.near[0] >= 0)
                one["to"] = {
                    {{"number", l.near[0] + 1}, {"cm", l.toNear[0]}}, {{"number", l.near[1] + 1}, {"cm", l.toNear[1]}}};
            j["landmarks"].push_back(std::move(one));
        }
        for (const auto& s : all.spans)
            j["spans"].push_back({{"from", s.first + 1}, {"to", s.second + 1}, {"cm", s.cm}});
        return j;
    }

private:
    std::string m_file;
};

/// `lantern keystone --corners … | --photo dots.jpg -o warp.json`
class KeystoneOf final : public NamedCommand {
public:
    KeystoneOf()
        : NamedCommand("keystone", tr("how a projector must bend the picture so that it falls true on the canvas"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("--corners", m_corners,
               tr("the projector's pixels on the canvas' corners: x,y of upper left, upper right, lower right, lower "
                  "left"))
            ->delimiter(',')
            ->expected(8);
        app.add_option("--photo", m_photo, tr("a photograph of the canvas with the dots of --dots thrown on it"));
        app.add_option(
               "--photo-corners", m_photoCorners, tr("the canvas' corners in the photograph, when they are not found"))
            ->delimiter(',')
            ->expected(8);
        app.add_option("--dots", m_dots, tr("PNG of the dots to throw"));
        app.add_option("--canvas-cm", m_canvas, tr("width and height"))->delimiter(',')->expected(2);
        app.add_option("--projector-px", m_projector, tr("width and height of its picture"))
            ->delimiter(',')
            ->expected(2);
        app.add_option("--picture", m_picture, tr("a picture of the whole canvas, to be bent"));
        app.add_option("--bent", m_bent, tr("PNG of it to throw"));
        app.add_option("-o,--output", m_out, tr("JSON to write"));
    }
    Result<json> run() override
    {
        if (!(m_canvas[0] >= 1 && m_canvas[1] >= 1 && m_canvas[0] <= 2000 && m_canvas[1] <= 2000))
            return Error{ErrorKind::Invalid, tr("A canvas is 1 to 2000 cm on a side."), {}};
        if (m_projector[0] < 64 || m_projector[1] < 64 || m_projector[0] > 16384 || m_projector[1] > 16384)
            return Error{ErrorKind::Invalid, tr("A projector's picture is 64 to 16384 pixels on a side."), {}};
        transfer::DotPattern dots;
        dots.widthPx = m_projector[0], dots.heightPx = m_projector[1];
        json j;
        if (!m_dots.empty()) {
            if (const auto done = store::writeFile(m_dots, store::encodePng(dots.picture())); !done)
                return done.error();
            j["dots"] = m_dots;
            if (m_corners.empty() && m_photo.empty())
                return j;
        }
        const auto keystone = found(dots);
        if (!keystone)
            return keystone.error();
        for (int r = 0; r < 3; ++r)
            for (int c = 0; c < 3; ++c)
                j["projector_to_canvas_cm"][std::size_t(r)][std::size_t(c)] = keystone->toCanvas(r, c);
        j["points"] = keystone->points, j["error_mm"] = keystone->errorMm;
        const double w = m_canvas[0], h = m_canvas[1];
        for (const Vec2 c : {Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}}) {
            const Vec2 p = keystone->projectorAt(c);
            j["corners_px"].push_back({p.x, p.y});
        }
        if (const auto done = bend(*keystone); !done)
            return done.error();
        if (!m_out.empty()) {
            const std::string text = j.dump(1) + "\n";
            if (const auto done = store::writeFile(m_out, std::vector<unsigned char>(text.begin(), text.end())); !done)
                return done.error();
            j["output"] = m_out;
        }
        return j;
    }

private:
    static transfer::Corners cornersOf(const std::vector<double>& v)
    {
        return {Vec2{v[0], v[1]}, Vec2{v[2], v[3]}, Vec2{v[4], v[5]}, Vec2{v[6], v[7]}};
    }
    Result<transfer::Keystone> found(const transfer::DotPattern& dots) const
    {
        if (!m_corners.empty())
            return transfer::keystoneOf(cornersOf(m_corners), m_canvas[0], m_canvas[1]);
        if (m_photo.empty())
            return Error{ErrorKind::Missing, tr("Give --corners, or --photo."), {}};
        const auto photo = store::readPicture(std::filesystem::path(m_photo));
        if (!photo)
            return photo.error();
        std::optional<transfer::Corners> corners;
        if (!m_photoCorners.empty())
            corners = cornersOf(m_photoCorners);
        return transfer::keystoneOf(photo->pixels, dots, m_canvas[0], m_canvas[1], corners);
    }
    Result<Done> bend(const transfer::Keystone& keystone) const
    {
        if (m_picture.empty() || m_bent.empty())
            return Done{};
        const auto picture = store::readPicture(std::filesystem::path(m_picture));
        if (!picture)
            return picture.error();
        return store::writeFile(m_bent,
            store::encodePng(transfer::prewarped(
                picture->pixels, keystone, m_canvas[0], m_canvas[1], m_projector[0], m_projector[1])));
    }
    std::vector<double> m_corners, m_photoCorners, m_canvas{60, 40};
    std::vector<int> m_projector{1280, 800};
    std::string m_photo, m_dots, m_picture, m_bent, m_out;
};

/// `lantern export FILE -o out.ora|out.svg|out.png|out.tif`
class Export final : public NamedCommand {
public:
    Export()
        : NamedCommand(
            "export", tr("the work as *.svg (lines in mm), *.ora (layers), *.png or *.tif (with its resolution)"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("-o,--output", m_out, tr("file to write"))->required();
        app.add_option("--width-px", m_wish.widthPx, tr("pixels across the plan"))->check(CLI::Range(16, 12000));
        app.add_option("--px-per-inch", m_wish.pixelsPerInch, tr("of the canvas, for *.png and *.tif"))
            ->check(CLI::Range(1.0, 2400.0));
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<json> run() override
    {
        const auto opened = openWork(m_file);
        if (!opened)
            return opened.error();
        TerminalProgress progress(m_tells);
        stage::SurfaceCache cache;
        if (const auto done = output::exportWork(*opened, QString::fromStdString(m_out), m_wish, cache, progress);
            !done)
            return done.error();
        std::error_code none;
        return json{{"output", m_out}, {"bytes", std::filesystem::file_size(m_out, none)}};
    }

private:
    std::string m_file, m_out;
    output::ExportWish m_wish;
    bool m_tells = false;
};
} // namespace

std::vector<std::unique_ptr<Command>> carryCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Carry>());
    all.push_back(std::make_unique<Export>());
    all.push_back(std::make_unique<Flow>());
    all.push_back(std::make_unique<KeystoneOf>());
    all.push_back(std::make_unique<LandmarksOf>());
    return all;
}

} // namespace rl::cli
