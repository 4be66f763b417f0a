#include "cli/command_base.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fields.h"
#include "core/project/project.h"
#include "core/project/quantity.h"
#include "core/project/stage_edits.h"
#include "store/project_file.h"

namespace rl::cli {

namespace {
using nlohmann::json;

class Fields final : public NamedCommand {
public:
    Fields()
        : NamedCommand("fields", tr("every number of a work: key, range, start and unit"))
    {
    }
    void describe(CLI::App& app) override { app.add_flag("--page", m_page, tr("as the page docs/fields.md")); }
    Result<json> run() override
    {
        if (m_page)
            return json(fieldsPage());
        json all = json::array();
        for (const FieldTold& f : allFields())
            all.push_back({{"of", f.object}, {"field", f.key}, {"from", f.low}, {"to", f.high}, {"starts_as", f.start},
                {"unit", symbolOf(f.unit)}});
        return all;
    }

private:
    bool m_page = false;
};

/// A number with either decimal mark. Nothing: it is none.
std::optional<double> numberIn(std::string words)
{
    std::replace(words.begin(), words.end(), ',', '.');
    char* end = nullptr;
    const double v = std::strtod(words.c_str(), &end);
    if (words.empty() || *end || !std::isfinite(v))
        return std::nullopt;
    return v;
}

Error outOf(const std::string& key, double low, double high, const char* unit)
{
    return {ErrorKind::Invalid, tr("“%1” goes from %2 to %3 %4.", key, fixed(low, 2), fixed(high, 2), unit), {}};
}

/// What was written, in the field's unit; a share may be written in percent too.
std::optional<double> writtenIn(const std::string& written, Unit unit)
{
    if (unit == Unit::Share && written.ends_with('%')) {
        const auto percent = quantityFrom(written, "%");
        return percent ? std::optional(*percent / 100) : std::nullopt;
    }
    return quantityFrom(written, symbolOf(unit));
}

/// \return the value that was set
template <class O> Result<double> setIn(O& o, const std::string& key, const std::string& written)
{
    std::string known;
    for (const Number<O>& n : numbersOf<O>()) {
        known += std::string(known.empty() ? "" : ", ") + n.key;
        if (key != n.key)
            continue;
        const auto value = writtenIn(written, n.unit);
        if (!value)
            return Error{ErrorKind::Invalid, tr("“%1” is no number.", written), {}};
        if (*value < n.low || *value > n.high)
            return outOf(key, n.low, n.high, symbolOf(n.unit));
        n.set(o, *value);
        return *value;
    }
    return Error{ErrorKind::Invalid, tr("There is no number “%1” there; there are: %2.", key, known), {}};
}

/// One of a list by its id or its name; null when there is none, or several of that name.
template <class O> O* namedIn(std::vector<O>& all, const std::string& word)
{
    O* found = nullptr;
    for (O& o : all) {
        if (std::to_string(o.id) == word)
            return &o;
        if (o.name == word) {
            if (found)
                return nullptr;
            found = &o;
        }
    }
    return found;
}

/// Height and altitude go through the same edits as a drag does; the rest is the element's own.
Result<Project> withElementNumber(
    Project p, Element e, const std::string& key, const std::string& written, double& value)
{
    const auto done = setIn(e, key, written);
    if (!done)
        return done.error();
    value = *done;
    if ((key == "heightM" || key == "altitudeM" || key == "footShare") && e.locked)
        return Error{ErrorKind::Invalid, tr("“%1” is locked in its place; unlock it first.", e.name), {}};
    if (key == "heightM")
        return edits::withTrueHeight(std::move(p), e.id, value);
    if (key == "altitudeM")
        return edits::withAltitude(std::move(p), e.id, value);
    return edits::withElement(std::move(p), e);
}

/// The n-th of a list, 1 first; null where there are not so many.
template <class O> O* nth(std::vector<O>& all, const std::string& word)
{
    const auto n = numberIn(word);
    return n && *n >= 1 && *n <= double(all.size()) && *n == std::floor(*n) ? &all[std::size_t(*n) - 1] : nullptr;
}
template <class O> O* ofId(std::vector<O>& all, const std::string& word)
{
    const auto at = std::find_if(all.begin(), all.end(), [&](const O& o) { return std::to_string(o.id) == word; });
    return at == all.end() ? nullptr : &*at;
}
Tube* tubeOf(Project& p, const std::string& word)
{
    Tube* found = nullptr;
    for (PaintBox& b : p.boxes)
        for (Tube& t : b.tubes)
            if (std::to_string(t.id) == word || t.name == word || t.pigment == word) {
                if (found)
                    return nullptr;
                found = &t;
            }
    return found;
}

Limb* limbOf(Pose& pose, const std::string& word)
{
    const std::pair<const char*, Limb*> limbs[] = {{"leftArm", &pose.leftArm}, {"rightArm", &pose.rightArm},
        {"leftLeg", &pose.leftLeg}, {"rightLeg", &pose.rightLeg}};
    for (const auto& [name, limb] : limbs)
        if (word == name)
            return limb;
    return nullptr;
}

/// "element:Tortoise:2" in its parts.
struct Said {
    std::string kind, name, place;
    explicit Said(const std::string& object)
    {
        const auto first = object.find(':'), second = first == std::string::npos ? first : object.find(':', first + 1);
        kind = object.substr(0, first);
        if (first != std::string::npos)
            name = object.substr(first + 1, second == std::string::npos ? second : second - first - 1);
        if (second != std::string::npos)
            place = object.substr(second + 1);
    }
};

/// Calls set() with what is meant. \return nothing where there is no such kind of thing
template <class Set> std::optional<Result<Project>> withThing(Project& p, const Said& s, const Set& set)
{
    const auto given = [&](auto* o) -> Result<Project> {
        return o ? set(*o)
                 : Result<Project>(Error{
                     ErrorKind::Missing, tr("There is no single %1 of that id or name in the work.", s.kind), s.name});
    };
    Element* e = namedIn(p.elements, s.name);
    const std::pair<const char*, std::function<Result<Project>()>> kinds[]
        = {{"brief", [&] { return set(p.brief); }}, {"canvas ground", [&] { return set(p.brief.ground); }},
            {"camera", [&] { return set(p.camera); }}, {"backdrop", [&] { return set(p.backdrop); }},
            {"sun", [&] { return set(p.lights.sun); }}, {"air", [&] { return set(p.lights.air); }},
            {"drift", [&] { return set(p.lights.air.drift); }}, {"guides", [&] { return set(p.guides); }},
            {"sheets", [&] { return set(p.sheets); }}, {"mix", [&] { return set(p.mix); }},
            {"painting", [&] { return set(p.painting); }}, {"diary", [&] { return set(p.painting.diary); }},
            {"mist", [&] { return given(nth(p.lights.air.mists, s.name)); }},
            {"lantern", [&] { return given(namedIn(p.lights.lanterns, s.name)); }},
            {"light group", [&] { return given(namedIn(p.lights.groups, s.name)); }},
            {"tube", [&] { return given(tubeOf(p, s.name)); }},
            {"swatches",
                [&] {
                    Tube* t = tubeOf(p, s.name);
                    return given(t ? &t->card : nullptr);
                }},
            {"tone", [&] { return given(e ? &e->tone : nullptr); }},
            {"ownLight", [&] { return given(e ? &e->ownLight : nullptr); }},
            {"standin", [&] { return given(e ? &e->standin : nullptr); }},
            {"pose", [&] { return given(e ? &e->standin.pose : nullptr); }},
            {"limb", [&] { return given(e ? limbOf(e->standin.pose, s.place) : nullptr); }},
            {"pattern", [&] { return given(e ? &e->pattern : nullptr); }},
            {"part", [&] { return given(e ? nth(e->parts, s.place) : nullptr); }},
            {"ridge", [&] { return given(e ? nth(e->ridges, s.place) : nullptr); }},
            {"eye", [&] { return given(e ? nth(e->eyes, s.place) : nullptr); }},
            {"foot", [&] { return given(e ? nth(e->feet, s.place) : nullptr); }},
            {"edge", [&] { return given(e ? nth(e->edges, s.place) : nullptr); }},
            {"overrule",
                [&] {
                    auto* r = namedIn(p.references, s.name);
                    return given(r ? &r->overrule : nullptr);
                }},
            {"cutout", [&] { return given(ofId(p.cutouts, s.name)); }},
            {"ground",
                [&] {
                    auto* c = ofId(p.cutouts, s.name);
                    return s.name.empty() ? set(p.brief.ground) : given(c ? nth(c->grounds, s.place) : nullptr);
                }},
            {"hours", [&] { return given(nth(p.painting.diary.hours, s.name)); }},
            {"day", [&] { return given(nth(p.painting.diary.days, s.name)); }},
            {"task", [&] { return given(nth(p.painting.tasks, s.name)); }},
            {"sitting", [&] { return given(ofId(p.painting.sittings, s.name)); }},
            {"span",
                [&] {
                    auto* sitting = ofId(p.painting.sittings, s.name);
                    return given(sitting ? nth(sitting->spans, s.place) : nullptr);
                }},
            {"canvas photograph", [&] { return given(ofId(p.painting.photos, s.name)); }},
            {"tolerance", [&] { return given(nth(p.painting.tolerances, s.name)); }}};
    for (const auto& [kind, make] : kinds)
        if (s.kind == kind)
            return make();
    return {};
}

/// \param value what it is now
Result<Project> withNumber(
    Project p, const std::string& object, const std::string& key, const std::string& written, double& value)
{
    Said s(object);
    if (s.kind == "group")
        s.kind = "light group"; // as it was said before
    if (s.kind == "element") {
        const Element* e = namedIn(p.elements, s.name);
        return e ? withElementNumber(p, *e, key, written, value)
                 : Result<Project>(Error{
                     ErrorKind::Missing, tr("There is no single %1 of that id or name in the work.", s.kind), s.name});
    }
    const auto made = withThing(p, s, [&](auto& o) -> Result<Project> {
        const auto done = setIn(o, key, written);
        if (!done)
            return done.error();
        value = *done;
        return p;
    });
    return made ? *made
                : Result<Project>(Error{ErrorKind::Invalid,
                    tr("Name the object as `lantern fields` does: sun, mix, painting, …, lantern:NAME, element:NAME, "
                       "tone:NAME, tube:NAME, part:NAME:1."),
                    {}});
}

class SetNumber final : public NamedCommand {
public:
    SetNumber()
        : NamedCommand("set", tr("sets one number of a work, as `lantern fields` lists them, and saves it"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_option("OBJECT", m_object,
               tr("sun, mix, painting, …, lantern:NAME, element:NAME, tone:NAME, tube:NAME, part:NAME:1"))
            ->required();
        app.add_option("FIELD", m_key, tr("its key"))->required();
        app.add_option("VALUE", m_value, tr("the number, with its unit or without: 12,5, 3 cm, 1 1/2 in, 90 min"))
            ->required();
    }
    Result<json> run() override
    {
        auto opened = openToChange(m_file);
        if (!opened)
            return opened.error();
        auto work = opened.take();
        double value = 0;
        auto changed = withNumber(work.project, m_object, m_key, m_value, value);
        if (!changed)
            return changed.error();
        Project p = changed.take();
        repair(p);
        if (const auto saved = work.file.save(p); !saved)
            return saved.error();
        return json{{"of", m_object}, {"field", m_key}, {"value", value}};
    }

private:
    std::string m_file, m_object, m_key, m_value;
};

class Salvage final : public NamedCommand {
public:
    Salvage()
        : NamedCommand("salvage", tr("saves what can be read of a damaged work into a copy, and names what is lost"))
    {
    }
    void describe(CLI::App& app) override { app.add_option("FILE", m_file, tr("a damaged work"))->required(); }
    Result<json> run() override
    {
        const auto saved = store::ProjectFile::salvage(m_file);
        if (!saved)
            return saved.error();
        return json{{"copy", saved->file.path().string()}, {"said", saved->note}};
    }

private:
    std::string m_file;
};

class Check final : public NamedCommand {
public:
    Check()
        : NamedCommand("check", tr("reads all of a work, every picture too, and lists what is missing or damaged"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_flag("--progress", m_tells, tr("show progress on the error stream; Ctrl+C cancels"));
    }
    Result<json> run() override
    {
        const auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        TerminalProgress progress(m_tells);
        const auto wrong = opened->file.check(progress);
        if (!wrong)
            return wrong.error();
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("Cancelled."), {}};
        return json{{"whole", wrong->empty()}, {"pictures", opened->project.references.size()}, {"wrong", *wrong}};
    }

private:
    std::string m_file;
    bool m_tells = false;
};
} // namespace

std::vector<std::unique_ptr<Command>> fieldCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<Fields>());
    all.push_back(std::make_unique<SetNumber>());
    all.push_back(std::make_unique<Salvage>());
    all.push_back(std::make_unique<Check>());
    return all;
}

} // namespace rl::cli
