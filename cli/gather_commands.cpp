#include "cli/command_base.h"
#include "cli/json_out.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/gather/fit.h"
#include "core/project/edits.h"
#include "core/project/ledger.h"
#include "core/project/permissions.h"
#include "store/clip.h"
#include "store/project_file.h"
#include "store/stored_picture.h"

namespace rl::cli {

namespace {
using nlohmann::json;

/// Files, and what lies directly in folders, in the order of their names.
std::vector<std::filesystem::path> listed(const std::vector<std::string>& given)
{
    std::vector<std::filesystem::path> files;
    std::error_code error;
    for (const std::string& g : given) {
        if (!std::filesystem::is_directory(g, error)) {
            files.emplace_back(g);
            continue;
        }
        std::vector<std::filesystem::path> inside;
        for (const auto& entry : std::filesystem::directory_iterator(g, error))
            if (entry.is_regular_file(error))
                inside.push_back(entry.path());
        std::sort(inside.begin(), inside.end());
        files.insert(files.end(), inside.begin(), inside.end());
    }
    return files;
}

Result<Done> writeText(const std::string& path, const std::string& text)
{
    return store::writeFile(path, {reinterpret_cast<const unsigned char*>(text.data()), text.size()});
}

class Gather final : public NamedCommand {
public:
    Gather()
        : NamedCommand("gather", tr("bring pictures, or folders of them, onto a work's wall"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("IMAGES", m_images, tr("JPEG, PNG, TIFF, WebP, HEIC, camera raw, SVG, or folders"));
        app.add_option("--credit", m_credit, tr("who made them"));
        app.add_option("--permission", m_permission, tr("own, by permission of …, free licence, study only"));
        app.add_option("--ledger", m_ledger, tr("write the credits of all pictures to this CSV"));
    }
    Result<json> run() override
    {
        auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        auto work = opened.take();
        json j{{"added", json::array()}, {"problems", json::array()}, {"twins", json::array()}};
        Error last{ErrorKind::Invalid, tr("There is no picture to bring in."), {}};
        for (const auto& file : listed(m_images)) {
            if (auto added = take(work, file); added)
                j["added"].push_back(added.take());
            else {
                last = added.error();
                j["problems"].push_back(file.filename().string() + ": " + last.sentence);
            }
        }
        if (j["added"].empty() && !m_images.empty())
            return last;
        if (const auto saved = work.file.save(work.project); !saved)
            return saved.error();
        for (const gather::Twins& t : gather::twinsOf(work.project, m_likeness))
            j["twins"].push_back(
                {{"first", t.first}, {"second", t.second}, {"same_file", t.sameFile}, {"bits", t.bits}});
        if (!m_ledger.empty()) {
            if (const auto written = writeText(m_ledger, ledgerCsv(work.project)); !written)
                return written.error();
            j["ledger"] = m_ledger;
        }
        return j;
    }

private:
    Result<json> take(store::ProjectFile::Opened& work, const std::filesystem::path& file)
    {
        const auto bytes = store::readFile(file);
        if (!bytes)
            return bytes.error();
        const auto glanced = store::glancePicture(*bytes);
        if (!glanced)
            return glanced.error();
        Reference r = store::referenceOf(file.stem().string(), *glanced);
        r.credit = m_credit;
        const SaidPermission said = permissionSaid(m_permission);
        r.permission = said.permission, r.permissionNote = said.note;
        if (const auto kept = work.file.keepPicture(r); !kept)
            return kept.error();
        work.project = edits::withReference(std::move(work.project), r);
        const Reference& added = work.project.references.back();
        m_likeness[added.id] = gather::likenessOf(glanced->small);
        return json{{"id", added.id}, {"name", added.name}, {"px", {added.pixels.width(), added.pixels.height()}},
            {"kind", glanced->mediaType}};
    }
    std::string m_file, m_credit, m_permission, m_ledger;
    std::vector<std::string> m_images;
    std::map<int, std::uint64_t> m_likeness;
};

json jsonOf(const gather::PictureMeasure& m)
{
    json palette = json::array();
    for (const gather::Swatch& s : m.palette)
        palette.push_back({{"srgb", {s.colour.r, s.colour.g, s.colour.b}}, {"share", s.share}});
    json figures = json::array();
    for (const gather::FigureLight& f : m.figures)
        figures.push_back({{"box", {f.box.x, f.box.y, f.box.width, f.box.height}}, {"azimuth_deg", f.light.azimuth},
            {"elevation_deg", f.light.elevation}, {"confidence", f.light.confidence},
            {"half_within_deg", f.azimuthHalf}, {"nine_in_ten_within_deg", f.azimuthMost}});
    const auto kelvin = [](double k) { return k > 0 ? json(k) : json(); };
    return {{"azimuth_deg", m.light.azimuth}, {"elevation_deg", m.light.elevation}, {"confidence", m.light.confidence},
        {"figures", figures},
        {"says", m.light.confidence < 0.25 ? tr("Too evenly lit to measure.") : tr("Lit from one side.")},
        {"softness", m.softness}, {"light_K", kelvin(m.lightKelvin)}, {"shade_K", kelvin(m.shadeKelvin)},
        {"warmer_by_mired", m.warmerBy}, {"dark_L", m.darkL}, {"light_L", m.lightL}, {"edge_px", m.sharpness},
        {"noise_L", m.noise}, {"eye_level", m.eyeLevel}, {"eye_confidence", m.eyeConfidence}, {"palette", palette}};
}

class Measure final : public NamedCommand {
public:
    Measure()
        : NamedCommand("measure", tr("everything one photograph measures: light, tones, sharpness, eye level, palette"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("IMAGE", m_image, tr("a photograph"))->required();
        app.add_option("--mask", m_mask, tr("grey picture of the object, white = in"));
    }
    Result<json> run() override
    {
        const auto picture = readMasked(m_image, m_mask);
        if (!picture)
            return picture.error();
        const Mask& mask = picture->mask;
        NoProgress progress;
        json j = jsonOf(gather::measured(picture->photo, mask, progress));
        j["vanishing_points"] = json::array();
        const auto eye = gather::eyeLevelOf(picture->photo);
        for (const gather::VanishingPoint& v : eye.points)
            j["vanishing_points"].push_back({{"px", {v.at.x, v.at.y}}, {"lines", v.lines.size()}});
        j["eye_level_px"] = eye.y;
        j["tilt_deg"] = eye.tilt;
        return j;
    }

private:
    std::string m_image, m_mask;
};

class Fit final : public NamedCommand {
public:
    Fit()
        : NamedCommand("fit", tr("which reference fits the lead picture best, with reasons"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option(
            "--lead", m_lead, tr("name or id of the picture the others are held against; else the backdrop"));
    }
    Result<json> run() override
    {
        auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        const Project p = opened.take().project;
        int lead = p.lead ? p.lead : p.backdrop.reference;
        if (!m_lead.empty()) {
            const auto it = std::find_if(p.references.begin(), p.references.end(),
                [&](const Reference& r) { return r.name == m_lead || std::to_string(r.id) == m_lead; });
            if (it == p.references.end())
                return Error{ErrorKind::Missing, tr("There is no picture “%1” on this wall.", m_lead), {}};
            lead = it->id;
        }
        NoProgress progress;
        const gather::Measures measures = gather::measuresOf(p, progress);
        json j{{"lead", lead}, {"candidates", json::array()}};
        for (const gather::Candidate& c : gather::ranked(p, lead, measures, gather::shapesOf(p))) {
            json reasons = json::array();
            for (const gather::Reason& r : c.reasons)
                reasons.push_back({{"what", r.what}, {"sentence", r.sentence}, {"measured", r.measured},
                    {"target", r.target}, {"unit", r.unit}, {"cost", r.cost}});
            j["candidates"].push_back({{"id", c.reference}, {"name", p.reference(c.reference)->name}, {"cost", c.cost},
                {"mirror", c.mirrored}, {"reasons", reasons}});
        }
        return j;
    }

private:
    std::string m_file, m_lead;
};

class StillCommand final : public NamedCommand {
public:
    StillCommand()
        : NamedCommand("still", tr("the sharpest frame of a video clip near a moment"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("CLIP", m_clip, tr("a video clip"))->required();
        app.add_option("--at", m_at, tr("seconds from its start"))->required()->check(CLI::Range(0.0, 1e6));
        app.add_option("--reach", m_reach, tr("how far to look either way, s"))->check(CLI::Range(0.0, 10.0));
        app.add_option("-o,--output", m_out, tr("PNG to write"))->required();
    }
    Result<json> run() override
    {
        const auto film = store::clipFactsOf(m_clip);
        if (!film)
            return film.error();
        if (m_at > film->seconds)
            return Error{ErrorKind::Invalid,
                tr("The clip ends after %1 s; there is no moment beyond.", fixed(film->seconds, 1)), {}};
        NoProgress progress;
        const auto stills = store::sharpestStills(m_clip, m_at, m_reach, 6, progress);
        if (!stills)
            return stills.error();
        const auto written = store::writeFile(m_out, store::encodePng(stills->front().picture));
        if (!written)
            return written.error();
        json j{{"output", m_out}, {"stills", json::array()}};
        for (const store::Still& s : *stills)
            j["stills"].push_back({{"second", s.second}, {"sharpness", s.sharpness}});
        return j;
    }

private:
    std::string m_clip, m_out;
    double m_at = 0, m_reach = 0.5;
};
} // namespace

std::vector<std::unique_ptr<Command>> gatherCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Gather>());
    all.push_back(std::make_unique<Measure>());
    all.push_back(std::make_unique<Fit>());
    all.push_back(std::make_unique<StillCommand>());
    return all;
}

} // namespace rl::cli
