#include "cli/command_base.h"
#include "cli/json_out.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/gather/measure.h"
#include "core/light/sky_optics.h"
#include "core/project/permissions.h"
#include "core/review/review.h"
#include "output/light_sheets.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include <opencv2/imgproc.hpp>

namespace rl::cli {

namespace {
using nlohmann::json;

class FileCommand : public NamedCommand {
public:
    using NamedCommand::NamedCommand;

protected:
    void describe(CLI::App& app) override { app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required(); }
    Result<Project> project() const
    {
        auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        return opened.take().project;
    }
    std::string m_file;
};

class Info final : public FileCommand {
public:
    Info()
        : FileCommand("info", tr("what a work holds: brief, references, elements at their sizes, lights"))
    {
    }
    Result<json> run() override
    {
        const auto opened = project();
        if (!opened)
            return opened.error();
        const Project& p = *opened;
        stage::SurfaceCache cache;
        json j{{"title", p.brief.title}, {"canvas_cm", {p.brief.widthCm, p.brief.heightCm}}, {"medium", p.brief.medium},
            {"viewing_distance_cm", p.brief.viewingDistanceCm}, {"horizon_cm", p.camera.horizonCm},
            {"eye_height_m", p.camera.eyeHeightM}, {"fov_deg", p.camera.fovDegrees}, {"cast", json::array()},
            {"references", json::array()}, {"elements", json::array()}, {"lanterns", json::array()}};
        for (const CastMember& m : p.brief.cast)
            j["cast"].push_back({{"id", m.id}, {"name", m.name}});
        for (const Reference& r : p.references)
            j["references"].push_back({{"id", r.id}, {"name", r.name}, {"px", {r.pixels.width(), r.pixels.height()}},
                {"credit", r.credit}, {"permission", keyOf(r.permission)}, {"permission_note", r.permissionNote},
                {"missing", r.pixels.missing()}});
        for (const Element& e : p.elements) {
            const stage::Placement place = stage::placed(p, e, cache);
            j["elements"].push_back({{"id", e.id}, {"name", e.name}, {"base_cm", {e.baseCm.x, e.baseCm.y}},
                {"distance_m", place.visible ? json(place.distance) : json()},
                {"across_m", (e.baseCm.x - p.brief.widthCm / 2) * place.distance / stage::eyeOf(p).focalCm},
                {"altitude_m", e.altitudeM}, {"real_height_m", e.heightM}, {"height_cm", place.heightCm}});
        }
        for (const Lantern& l : p.lights.lanterns)
            j["lanterns"].push_back({{"id", l.id}, {"name", l.name},
                {"at_m", {l.position.x, l.position.y, l.position.z}}, {"kelvin", l.kelvin}});
        return j;
    }
};

class FindingsCommand final : public FileCommand {
public:
    FindingsCommand()
        : FileCommand("findings", tr("all findings about a work, worst first within each station"))
    {
    }
    void describe(CLI::App& app) override
    {
        FileCommand::describe(app);
        app.add_option("--take", m_take, tr("another take than the present one, by its letter"));
    }
    Result<json> run() override
    {
        const auto work = project();
        const auto opened = work ? inTake(*work, m_take) : work;
        if (!opened)
            return opened.error();
        stage::SurfaceCache cache;
        NoProgress progress;
        return jsonOf(review::review(*opened, cache, progress).findings);
    }

private:
    std::string m_take;
};

class LightCommand final : public NamedCommand {
public:
    LightCommand()
        : NamedCommand("light", tr("where the light of a photograph comes from; of a work: --audit"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a photograph, or a work (*.lantern) with --audit"))->required();
        app.add_option(
            "--mask", m_mask, tr("grey picture of the object, white = in; without it the figure is guessed at"));
        app.add_flag(
            "--audit", m_audit, tr("every element's light as photographed, as planned, and as now in the picture"));
        app.add_option("--sheets", m_sheets, tr("of a work: light study sheets as PDF"));
        app.add_option("--families", m_families, tr("of a work: light and shade colours of each element as CSV"));
    }
    Result<json> run() override
    {
        if (m_audit || !m_sheets.empty() || !m_families.empty())
            return audit();
        const auto picture = store::readPicture(std::filesystem::path(m_image));
        if (!picture)
            return picture.error();
        if (m_mask.empty())
            return guessed(picture->pixels);
        const auto mask = store::readMask(m_mask);
        if (!mask)
            return mask.error();
        if (mask->width() != picture->pixels.width() || mask->height() != picture->pixels.height())
            return Error{ErrorKind::Invalid, tr("The picture and its mask are not of one size."), {}};
        const auto l = relief::photoLight(picture->pixels, *mask);
        json j = said(l.azimuth, l.elevation, l.confidence, l.contrast);
        static const char* sources[]{"outline", "shading", "both"};
        j["read_from"] = sources[std::size_t(l.source)];
        j["half_within_deg"] = l.azimuthHalf, j["nine_in_ten_within_deg"] = l.azimuthMost;
        j["elevation_nine_in_ten_within_deg"] = l.elevationMost;
        return j;
    }

private:
    static Result<json> guessed(const Photo& photo)
    {
        NoProgress progress;
        const PictureLight l = gather::measured(photo, {}, progress).light;
        return said(l.azimuth, l.elevation, l.confidence, 0);
    }
    static json said(double azimuth, double elevation, double confidence, double contrast)
    {
        const char* words = confidence < 0.25 ? tr("Too evenly lit: the light's direction cannot be measured.")
            : confidence < 0.55               ? "Uncertain."
            : elevation < 0                   ? "Back-lit."
                                              : tr("One clear light.");
        return json{{"azimuth_deg", azimuth}, {"elevation_deg", elevation}, {"confidence", confidence},
            {"contrast", contrast}, {"says", words}};
    }
    static json told(const review::LightTold& t)
    {
        const bool known = t.direction.confidence >= 0.25;
        return {{"azimuth_deg", known ? json(t.direction.azimuth) : json()},
            {"elevation_deg", known ? json(t.direction.elevation) : json()}, {"confidence", t.direction.confidence},
            {"softness", t.softness >= 0 ? json(t.softness) : json()},
            {"light_K", t.kelvin > 0 ? json(t.kelvin) : json()}, {"light_L", t.level >= 0 ? json(t.level) : json()}};
    }
    static json strip(const std::vector<review::Family>& family)
    {
        json j = json::array();
        for (const review::Family& f : family)
            j.push_back({{"srgb", {f.colour.r, f.colour.g, f.colour.b}}, {"lab", {f.L, f.a, f.b}}, {"share", f.share}});
        return j;
    }
    Result<json> audit() const
    {
        const auto opened = store::ProjectFile::open(m_image);
        if (!opened)
            return opened.error();
        const Project& p = opened->project;
        stage::SurfaceCache cache;
        NoProgress progress;
        const review::LightStudy study = review::lightStudy(p, cache, progress);
        const auto& rows = study.rows;
        json j{{"elements", json::array()}};
        if (!m_sheets.empty()) {
            if (const auto done = output::writeLightSheets(study, QString::fromStdString(m_sheets)); !done)
                return done.error();
            j["sheets"] = m_sheets;
        }
        if (!m_families.empty()) {
            const std::string table = review::familiesCsv(p, rows);
            const std::vector<std::uint8_t> bytes(table.begin(), table.end());
            if (const auto done = store::writeFile(m_families, bytes); !done)
                return done.error();
            j["families"] = m_families;
        }
        for (const review::AuditRow& row : rows) {
            json causes = json::array();
            for (const review::Cause& c : row.causes)
                causes.push_back({{"what", c.what}, {"weight", c.weight}});
            j["elements"].push_back({{"id", row.element}, {"name", p.element(row.element)->name},
                {"photographed", told(row.photographed)}, {"planned", told(row.planned)}, {"now", told(row.now)},
                {"sticker", row.sticker}, {"causes", causes}, {"light_family", strip(row.light)},
                {"shade_family", strip(row.shade)}, {"lights_warmer_by_b", row.warmerBy}});
        }
        Findings all = light::lightFindings(p, cache);
        for (Finding& f : review::auditFindings(p, rows, cache))
            all.push_back(std::move(f));
        j["findings"] = jsonOf(all);
        const light::SkyOptics sky = light::skyOptics(p);
        j["sky"] = {{"rainbow", sky.rainbow}, {"halo", sky.halo}, {"why_no_rainbow", sky.why}};
        return j;
    }
    std::string m_image, m_mask, m_sheets, m_families;
    bool m_audit = false;
};
} // namespace

std::vector<std::unique_ptr<Command>> lookCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Info>());
    all.push_back(std::make_unique<FindingsCommand>());
    all.push_back(std::make_unique<LightCommand>());
    return all;
}

} // namespace rl::cli
