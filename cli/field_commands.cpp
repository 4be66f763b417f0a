#include "cli/command_base.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fields.h"
#include "core/project/project.h"
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
    return {Kind::Invalid, tr("“%1” goes from %2 to %3 %4.", key, fixed(low, 2), fixed(high, 2), unit), {}};
}

template <class O> Result<Done> setIn(O& o, const std::string& key, double value)
{
    std::string known;
    for (const Number<O>& n : numbersOf<O>()) {
        known += std::string(known.empty() ? "" : ", ") + n.key;
        if (key != n.key)
            continue;
        if (value < n.low || value > n.high)
            return outOf(key, n.low, n.high, symbolOf(n.unit));
        n.set(o, value);
        return Done{};
    }
    return Error{Kind::Invalid, tr("There is no number “%1” there; there are: %2.", key, known), {}};
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
Result<Project> withElementNumber(Project p, Element e, const std::string& key, double value)
{
    if (const auto done = setIn(e, key, value); !done)
        return done.error();
    if ((key == "heightM" || key == "altitudeM" || key == "footShare") && e.locked)
        return Error{Kind::Invalid, tr("“%1” is locked in its place; unlock it first.", e.name), {}};
    if (key == "heightM")
        return edits::withTrueHeight(std::move(p), e.id, value);
    if (key == "altitudeM")
        return edits::withAltitude(std::move(p), e.id, value);
    return edits::withElement(std::move(p), e);
}

Result<Project> withNumber(Project p, const std::string& object, const std::string& key, double value)
{
    const auto set = [&](auto& o) -> Result<Project> {
        if (const auto done = setIn(o, key, value); !done)
            return done.error();
        return p;
    };
    const auto colon = object.find(':');
    const std::string kind = object.substr(0, colon), word = colon == std::string::npos ? "" : object.substr(colon + 1);
    if (kind == "brief")
        return set(p.brief);
    if (kind == "camera")
        return set(p.camera);
    if (kind == "backdrop")
        return set(p.backdrop);
    if (kind == "sun")
        return set(p.lights.sun);
    if (kind == "air")
        return set(p.lights.air);
    if (kind == "drift")
        return set(p.lights.air.drift);
    if (kind == "guides")
        return set(p.guides);
    if (kind == "sheets")
        return set(p.sheets);
    if (kind == "lantern")
        if (Lantern* l = namedIn(p.lights.lanterns, word))
            return set(*l);
    if (kind == "group")
        if (LightGroup* g = namedIn(p.lights.groups, word))
            return set(*g);
    if (kind == "element")
        if (const Element* e = namedIn(p.elements, word))
            return withElementNumber(p, *e, key, value);
    if (kind == "lantern" || kind == "group" || kind == "element")
        return Error{Kind::Missing, tr("There is no single %1 of that id or name in the work.", kind), word};
    return Error{Kind::Invalid,
        tr("Say what it is a number of: brief, camera, backdrop, sun, air, drift, guides, sheets, lantern:NAME, "
           "group:NAME or element:NAME."),
        {}};
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
        app.add_option("OBJECT", m_object, tr("sun, camera, …, lantern:NAME, element:NAME"))->required();
        app.add_option("FIELD", m_key, tr("its key"))->required();
        app.add_option("VALUE", m_value, tr("the number, with either decimal mark"))->required();
    }
    Result<json> run() override
    {
        const auto value = numberIn(m_value);
        if (!value)
            return Error{Kind::Invalid, tr("“%1” is no number.", m_value), {}};
        auto opened = store::ProjectFile::open(m_file);
        if (!opened)
            return opened.error();
        auto work = opened.take();
        if (work.file.readOnly())
            return Error{Kind::NotWritable, tr("This work can only be read here; nothing was changed."), m_file};
        auto changed = withNumber(work.project, m_object, m_key, *value);
        if (!changed)
            return changed.error();
        Project p = changed.take();
        repair(p);
        if (const auto saved = work.file.save(p); !saved)
            return saved.error();
        return json{{"of", m_object}, {"field", m_key}, {"value", *value}};
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
        : NamedCommand("check", tr("reads all of a work, every picture too, and says what is missing or damaged"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("FILE", m_file, tr("a work (*.lantern)"))->required();
        app.add_flag("--progress", m_tells, tr("tell on the error stream how far it is; Ctrl+C gives it up"));
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
            return Error{Kind::Cancelled, tr("Given up."), {}};
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
