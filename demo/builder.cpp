#include "demo/builder.h"
#include "core/cutout/cut.h"
#include "store/stored_picture.h"
#include <QFile>
#include <nlohmann/json.hpp>

static void openDemoResources()
{
    Q_INIT_RESOURCE(demo);
}

namespace rl::demo {

namespace {
std::vector<unsigned char> resource(const QString& name)
{
    QFile file(":/demo/" + name);
    if (!file.open(QIODevice::ReadOnly))
        return {};
    const QByteArray bytes = file.readAll();
    return {bytes.begin(), bytes.end()};
}
} // namespace

Builder::Builder(Progress& progress)
    : m_progress(progress)
{
    openDemoResources();
}

int Builder::picture(const char* name, Permission permission)
{
    auto read = store::readPicture(
        std::make_shared<const std::vector<unsigned char>>(resource(QString("pictures/%1.jpg").arg(name))));
    if (!read) {
        m_error = read.error();
        return 0;
    }
    const store::ReadPicture p = read.take();
    Reference r = store::referenceOf(name, p);
    r.id = project.freshId();
    r.credit = permission == Permission::Own ? "made for this demo" : "";
    r.permission = permission;
    project.references.push_back(std::move(r));
    return project.lastId;
}

int Builder::cutout(const char* name, int reference, double bandPx)
{
    Cutout c;
    c.id = project.freshId();
    c.reference = reference;
    c.bandPx = bandPx;
    const auto bytes = resource(QString("outlines/%1.json").arg(name));
    const auto json = nlohmann::json::parse(bytes.begin(), bytes.end(), nullptr, false);
    std::vector<cutout::Loop> loops;
    if (!json.is_object()) {
        m_error = {ErrorKind::Missing, "A demo outline is missing.", name};
        return 0;
    }
    for (const auto& piece : json.value("pieces", nlohmann::json::array())) {
        Outline o;
        cutout::Loop loop;
        o.hole = loop.hole = piece.value("hole", false);
        for (const auto& p : piece["points"]) {
            o.points.push_back({{p[0].get<double>(), p[1].get<double>()}, false});
            loop.nodes.push_back({o.points.back().at, false});
        }
        c.pieces.push_back(std::move(o));
        loops.push_back(std::move(loop));
    }
    if (const Reference* r = project.reference(reference))
        c.alpha = cutout::cut(r->pixels, {loops, {}, {}}, {bandPx, 2.0}, m_progress).alpha;
    project.cutouts.push_back(std::move(c));
    return project.lastId;
}

int Builder::cast(const char* name)
{
    project.brief.cast.push_back({project.freshId(), name});
    return project.lastId;
}

Element& Builder::element(const char* name, int cast, int cutout, Vec2 baseCm, double heightM)
{
    Element e;
    e.id = project.freshId();
    e.name = name;
    e.cast = cast;
    e.cutout = cutout;
    e.baseCm = baseCm;
    e.footShare = 0.5; // set by hand; the foot is found below, the picture staying where it is
    e.heightM = heightM;
    project.elements.push_back(e);
    return project.elements.back();
}

Lantern& hung(Project& p, const char* name, double kelvin, Vec3 at, double reference, double strength)
{
    Lantern l;
    l.id = p.freshId();
    l.name = name, l.kelvin = kelvin, l.position = at, l.reference = reference, l.strength = strength;
    p.lights.lanterns.push_back(std::move(l));
    return p.lights.lanterns.back();
}

int idOf(const Project& p, const char* name)
{
    for (const Element& e : p.elements)
        if (e.name == name)
            return e.id;
    return 0;
}

void Builder::idea(const char* words)
{
    project.brief.ideas.push_back({project.freshId(), words, {}});
}

void Builder::clue(const char* words, const char* element, Rect part)
{
    if (const Element* e = project.element(idOf(project, element)))
        project.brief.ideas.back().clues.push_back({project.freshId(), words, e->cast, e->id, part});
}

void Builder::fact(const char* words, const char* source, const char* element)
{
    project.brief.facts.push_back({project.freshId(), words, source, idOf(project, element), false});
}

Result<Project> Builder::done()
{
    if (!m_error.sentence.empty())
        return m_error;
    repair(project);
    return project;
}

} // namespace rl::demo
