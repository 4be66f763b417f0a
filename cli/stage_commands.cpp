#include "cli/command_base.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/stage/carried.h"
#include "core/stage/ellipses.h"
#include "core/stage/symmetry.h"
#include "output/contact_sheet.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

json number(double v)
{
    return std::isfinite(v) ? json(v) : json();
}

json elementJson(const Project& p, const Element& e, stage::SurfaceCache& cache)
{
    const stage::Placement place = stage::placed(p, e, cache);
    const Vec3 foot = stage::footOf(stage::eyeOf(p), e);
    return {{"id", e.id}, {"name", e.name}, {"base_cm", {e.baseCm.x, e.baseCm.y}}, {"distance_m", number(foot.z)},
        {"across_m", number(foot.x)}, {"altitude_m", e.altitudeM}, {"real_height_m", e.heightM},
        {"height_cm", place.visible ? json(place.heightCm) : json()}};
}

json stageJson(const Project& p)
{
    stage::SurfaceCache cache;
    json j{{"canvas_cm", {p.brief.widthCm, p.brief.heightCm}}, {"horizon_cm", p.camera.horizonCm},
        {"eye_height_m", p.camera.eyeHeightM}, {"fov_deg", p.camera.fovDegrees},
        {"perspective_distance_cm", stage::eyeOf(p).focalCm}, {"elements", json::array()}};
    for (const Element& e : p.elements)
        j["elements"].push_back(elementJson(p, e, cache));
    return j;
}

/// By id, or by name; nothing when there is none, or several of that name.
const Element* elementNamed(const Project& p, const std::string& word)
{
    const Element* found = nullptr;
    for (const Element& e : p.elements) {
        if (std::to_string(e.id) == word)
            return &e;
        if (e.name == word) {
            if (found)
                return nullptr;
            found = &e;
        }
    }
    return found;
}

class StageCommand final : public NamedCommand {
public:
    StageCommand()
        : NamedCommand("stage", tr("where everything stands: canvas, eye level, and each element in cm and m"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_flag("--measures", m_measures, tr("ellipses of round things and symmetry of outlines too"));
    }
    Result<json> run() override
    {
        const auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        const Project& p = opened->project;
        json j = stageJson(p);
        if (m_measures)
            addMeasures(p, j);
        return j;
    }

private:
    static void addMeasures(const Project& p, json& j)
    {
        stage::SurfaceCache cache;
        for (std::size_t i = 0; i < p.elements.size(); ++i) {
            json& out = j["elements"][i];
            for (const stage::SeenEllipse& e : stage::ellipsesOf(p, p.elements[i]))
                out["ellipses"].push_back(
                    {{"centre_cm", {e.centre.x, e.centre.y}}, {"long_cm", e.longCm}, {"short_cm", e.shortCm},
                        {"tilt_deg", e.tilt}, {"at_height_m", e.heightM}, {"radius_m", e.radiusM}});
            const auto s = stage::symmetryOf(stage::coverOf(p, p.elements[i], cache, 1000), false);
            if (s.known)
                out["symmetry"] = {{"worst_mm", s.worstMm}, {"mean_mm", s.meanMm}, {"worst_at_cm", s.worstAtCm},
                    {"lean_deg", s.leanDegrees}, {"axis_cm", s.axisCm}};
        }
    }
    std::string m_file;
    bool m_measures = false;
};

class Place final : public NamedCommand {
public:
    Place()
        : NamedCommand("place", tr("sets an element's foot and true height, and saves the work"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("ELEMENT", m_element, tr("its id or its name"))->required();
        app.add_option("--base", m_base, tr("x,y of its foot on the canvas, cm"))->delimiter(',')->expected(2);
        m_heightSaid = app.add_option("--height-m", m_height, tr("true height, m"));
        m_altitudeSaid = app.add_option("--altitude-m", m_altitude, tr("above the ground, m; negative = sunk"));
    }
    Result<json> run() override
    {
        auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        auto work = opened.take();
        const Element* e = elementNamed(work.project, m_element);
        if (!e)
            return Error{
                ErrorKind::Missing, tr("There is no single element of that id or name in the work."), m_element};
        if (work.file.readOnly())
            return Error{ErrorKind::NotWritable, tr("This work can only be read here; nothing was changed."), m_file};
        if (const auto wrong = refused(work.project, *e))
            return *wrong;
        const int id = e->id;
        Project p = work.project;
        if (m_base.size() == 2)
            p = edits::withFoot(std::move(p), id, {m_base[0], m_base[1]});
        if (m_heightSaid->count())
            p = edits::withTrueHeight(std::move(p), id, m_height);
        if (m_altitudeSaid->count())
            p = edits::withAltitude(std::move(p), id, m_altitude);
        repair(p);
        p = stage::withLanternsCarried(work.project, std::move(p));
        const auto saved = work.file.save(p);
        if (!saved)
            return saved.error();
        stage::SurfaceCache cache;
        return elementJson(p, *p.element(id), cache);
    }

private:
    std::optional<Error> refused(const Project& p, const Element& e) const
    {
        if (m_base.empty() && !m_heightSaid->count() && !m_altitudeSaid->count())
            return Error{
                ErrorKind::Invalid, tr("Give where it goes (--base x,y), how tall it is (--height-m H), or both."), {}};
        for (const double v : m_base)
            if (!(std::abs(v) <= 4000))
                return Error{ErrorKind::Invalid, tr("A foot lies within 4000 cm of the canvas' corner."), {}};
        if (m_heightSaid->count() && !(m_height >= 0.01 && m_height <= 2000))
            return Error{ErrorKind::Invalid, tr("A true height is 0.01 to 2000 m."), {}};
        if (m_altitudeSaid->count() && !(std::abs(m_altitude) <= 2000))
            return Error{ErrorKind::Invalid, tr("An altitude is at most 2000 m."), {}};
        if (e.locked && !m_base.empty())
            return Error{ErrorKind::Invalid, tr("“%1” is locked in its place; unlock it first.", e.name), {}};
        if (!m_base.empty() && !e.inside && m_base[1] <= p.camera.horizonCm)
            return Error{ErrorKind::Invalid,
                tr("A foot stands on the ground, below the horizon at %1 cm; lift it with --altitude-m instead.",
                    fixed(p.camera.horizonCm, 1)),
                {}};
        return {};
    }
    std::string m_file, m_element;
    std::vector<double> m_base;
    CLI::Option *m_heightSaid = nullptr, *m_altitudeSaid = nullptr;
    double m_height = 0, m_altitude = 0;
};

class Takes final : public NamedCommand {
public:
    Takes()
        : NamedCommand("takes", tr("the arrangements kept of a work, their figures and votes; --sheet to vote on"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("--sheet", m_sheet, tr("contact sheet to write, PDF or PNG"));
        app.add_option("--letters", m_letters, tr("takes on the sheet: A,C,D; without it all that are not set aside"))
            ->delimiter(',');
        app.add_option("--width-px", m_width, tr("pixels across each small picture"))->check(CLI::Range(64, 2000));
    }
    Result<json> run() override
    {
        const auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        const Project& p = opened->project;
        stage::SurfaceCache cache;
        NoProgress progress;
        std::vector<review::TakeFigures> all, chosen;
        if (p.takes.empty())
            all.push_back(review::figuresOf(p, 0, cache, progress, m_width));
        for (const Take& t : p.takes)
            all.push_back(review::figuresOf(p, t.id, cache, progress, m_width));
        json j{{"takes", json::array()}, {"votes", json::array()}};
        for (const review::TakeFigures& f : all)
            j["takes"].push_back(takeJson(p, f, all.front()));
        for (const Vote& v : p.votes)
            j["votes"].push_back({{"who", v.who}, {"letter", p.takeOf(v.take)->letter}, {"words", v.words}});
        if (m_sheet.empty())
            return j;
        for (const review::TakeFigures& f : all)
            if (const Take* t = p.takeOf(f.take); !t || (m_letters.empty() ? !t->aside : wanted(t->letter)))
                chosen.push_back(f);
        const auto written = output::writeContactSheet(p, chosen, QString::fromStdString(m_sheet));
        if (!written)
            return written.error();
        j["sheet"] = {{"output", m_sheet}, {"takes", chosen.size()}};
        return j;
    }

private:
    bool wanted(const std::string& letter) const
    {
        return std::find(m_letters.begin(), m_letters.end(), letter) != m_letters.end();
    }
    static json takeJson(const Project& p, const review::TakeFigures& f, const review::TakeFigures& first)
    {
        const Take* t = p.takeOf(f.take);
        json j{{"letter", t ? t->letter : "A"}, {"name", t ? t->name : p.brief.title}, {"current", f.take == p.take},
            {"elements", f.elements}, {"horizon_share", f.horizonShare}, {"fov_deg", f.fovDegrees},
            {"lead_pull", f.leadPull}, {"lead_rank", f.leadRank}, {"lead_height_share", f.leadHeightShare},
            {"left_weight", f.leftWeight}, {"range_L", f.range}, {"broken", f.broken}, {"watch", f.watch},
            {"votes", takes::votesFor(p, f.take)}, {"differs_from_first", review::differences(p, first, f)}};
        if (t && t->aside)
            j["aside"] = t->reason;
        return j;
    }
    std::string m_file, m_sheet;
    std::vector<std::string> m_letters;
    int m_width = 480;
};
} // namespace

std::vector<std::unique_ptr<Command>> stageCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<StageCommand>());
    all.push_back(std::make_unique<Place>());
    all.push_back(std::make_unique<Takes>());
    return all;
}

} // namespace rl::cli
