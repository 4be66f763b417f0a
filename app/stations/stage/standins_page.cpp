#include "app/stations/stage/standins_page.h"
#include "core/project/stage_edits.h"
#include "core/stage/drawn.h"
#include "core/stage/ellipses.h"
#include "core/stage/solids.h"
#include "core/stage/symmetry.h"

namespace rl::app {

namespace {
const Choices& kinds()
{
    static const Choices all{{StandinsPage::tr("box"), int(Solid::Box)}, {StandinsPage::tr("stair"), int(Solid::Stair)},
        {StandinsPage::tr("arch"), int(Solid::Arch)}, {StandinsPage::tr("column"), int(Solid::Column)},
        {StandinsPage::tr("cone"), int(Solid::Cone)}, {StandinsPage::tr("tent"), int(Solid::Tent)},
        {StandinsPage::tr("wheel"), int(Solid::Wheel)}, {StandinsPage::tr("tree"), int(Solid::Tree)},
        {StandinsPage::tr("figure"), int(Solid::Figure)}, {StandinsPage::tr("turned thing"), int(Solid::Turned)},
        {StandinsPage::tr("drawn shape"), int(Solid::Shape)}, {StandinsPage::tr("causeway"), int(Solid::Path)},
        {StandinsPage::tr("canal"), StandinsPage::kTracks + int(Track::Canal)},
        {StandinsPage::tr("rail"), StandinsPage::kTracks + int(Track::Rail)},
        {StandinsPage::tr("stairs in depth"), StandinsPage::kTracks + int(Track::Stairs)}};
    return all;
}
bool is(const Element& e, std::initializer_list<Solid> solids)
{
    return !e.cutout && std::find(solids.begin(), solids.end(), e.standin.solid) != solids.end();
}
} // namespace

QString StandinsPage::nameOf(int kind)
{
    for (const auto& [name, k] : kinds())
        if (k == kind)
            return name;
    return {};
}

StandinsPage::StandinsPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Stand-ins"),
        tr("Shapes, solids, posed figures, turned things and ways, until there is a photograph"))
    , m_ellipses(desk)
{
    m_stage.setPosing(true);
    standFields();
    shapeFields();
}

void StandinsPage::standFields()
{
    m_form->pick(
        {"standinKind", tr("stand-in"), tr("What stands in until there is a photograph"), {}}, [] { return kinds(); },
        [this] { return std::optional(m_kind); },
        [this](int kind) {
            m_kind = kind;
            refresh();
        });
    m_form->mainButton("standUp", tr("Add stand-in"), tr("Puts the stand-in on free ground, at a usual height"),
        [this] { standUp(); });
    drawLatch(
        "drawIt", tr("Draw it"),
        tr("Shape: click its outline. Turned thing: click half its profile. Way: click its course on the ground. Enter "
           "ends"),
        [this] { return wanted(); },
        [this] {
            const Solid s = drawnSolid();
            return s == Solid::Shape || s == Solid::Turned || s == Solid::Path;
        });
    m_form->pick(
        {"beginWith", tr("begin with"), tr("A pose or a profile to begin with"), {}},
        [this] {
            const Element* e = m_desk.heldElement();
            return e && e->standin.solid == Solid::Figure
                ? Choices{{tr("a pose…"), 0}, {tr("standing"), 1}, {tr("sitting"), 2}, {tr("walking"), 3}}
                : Choices{{tr("a profile…"), 0}, {tr("vase"), 1}, {tr("bell"), 2}, {tr("goblet"), 3},
                    {tr("baluster"), 4}, {tr("dome"), 5}, {tr("jar"), 6}};
        },
        [this]() -> std::optional<int> {
            const Element* e = m_desk.heldElement();
            return e && is(*e, {Solid::Figure, Solid::Turned}) ? std::optional(0) : std::nullopt;
        },
        [this](int i) { begin(i); });
    m_form->pick(
        {"cutoutFor", tr("replace by"),
            tr("A cut-out takes the stand-in's place: same foot, same true height. The stand-in is kept"), {}},
        [this] {
            Choices all{{tr("a cut-out…"), 0}};
            for (const Cutout& c : project().cutouts) {
                const Reference* r = project().reference(c.reference);
                all.emplace_back(tr("of %1").arg(r ? QString::fromStdString(r->name) : QString()), c.id);
            }
            return all;
        },
        [this] { return m_desk.heldElement() && !project().cutouts.empty() ? std::optional(0) : std::nullopt; },
        [this](int cutout) {
            if (cutout)
                m_desk.edit(tr("Replace it by a cut-out"), edits::withCutoutFor(project(), m_desk.element(), cutout));
        });
    m_form->button(
        "standinAgain", tr("Stand-in again"), tr("Shows the stand-in in the cut-out's place"),
        [this] { m_desk.edit(tr("Show the stand-in again"), edits::withStandinShown(project(), m_desk.element())); },
        [this] {
            const Element* e = m_desk.heldElement();
            return e && e->cutout && e->standin.solid != Solid::None;
        });
    m_form->latch(
        "measures", tr("Ellipses"),
        tr("Shows every ellipse of a round thing with its axes on the canvas, for drawing it with a ruler"),
        [this](bool on) {
            m_ellipses.setShown(on);
            emit saysChanged();
            emit m_desk.overlayChanged();
        },
        [this] { return m_desk.heldElement() != nullptr; });
}

void StandinsPage::shapeFields()
{
    const auto element = lens::element();
    const auto standin = inside(element, &Element::standin);
    const auto of = [this](std::initializer_list<Solid> solids) -> When<Standin> {
        return [this, all = std::vector<Solid>(solids)](const Standin& s) {
            const Element* e = m_desk.heldElement();
            return e && !e->cutout && std::find(all.begin(), all.end(), s.solid) != all.end();
        };
    };
    m_form->number(standin, &Standin::wide,
        {"standinWide", tr("width"), tr("Width as a share of the height."), tr("Set its width")},
        of({Solid::Box, Solid::Stair, Solid::Arch, Solid::Column, Solid::Cone, Solid::Tent, Solid::Wheel,
            Solid::Tree}));
    m_form->number(standin, &Standin::pathWidthM,
        {"pathWidth", tr("width"), tr("Width of the way."), tr("Set its width")}, of({Solid::Path}));
    m_form->number(standin, &Standin::deep,
        {"standinDeep", tr("depth"), tr("Depth as a share of the height."), tr("Set its depth")},
        of({Solid::Box, Solid::Stair, Solid::Arch, Solid::Tent, Solid::Wheel}));
    m_form->number(standin, &Standin::count,
        {"standinCount", tr("count"), tr("Steps, spokes or boughs."), tr("Set its count")},
        of({Solid::Stair, Solid::Wheel, Solid::Tree}));
    m_form->number(standin, &Standin::wall,
        {"standinWall", tr("wall"),
            tr("Thickness of a turned wall as a share of the height. 0 leaves it solid; more makes it hollow with a "
               "rim."),
            tr("Set its wall"), NumberFormat{1, QString(" ") + QChar(0xd7), 3, 0.005}},
        of({Solid::Turned}));
    m_form->number(standin, &Standin::lightness,
        {"standinL", tr("tone"), tr("Lightness of the stand-in's surface."), tr("Set its tone")},
        [this](const Standin& s) {
            const Element* e = m_desk.heldElement();
            return e && !e->cutout && s.solid != Solid::None;
        });
    m_form->number(element, &Element::yaw,
        {"yaw", tr("turned"), tr("Turned about its upright axis, seen from above. Keys [ and ] turn by 5°."),
            tr("Turn it")});
    m_form->number(element, &Element::stretch,
        {"stretch", tr("stretched"), tr("Wider or narrower at the same height."), tr("Stretch it")});
    m_form->choice(element, &Element::material,
        {tr("matt"), tr("satin"), tr("wet"), tr("glowing"), tr("glass"), tr("lacquer"), tr("thin")},
        {"standinMaterial", tr("surface"), tr("What its surface is like; glass lets through what is behind"),
            tr("Set its surface")});
}

void StandinsPage::begin(int i)
{
    if (i < 1)
        return;
    m_form->change(inside(lens::element(), &Element::standin), tr("Begin with something known"), -1, [i](Standin& s) {
        if (s.solid == Solid::Figure)
            s.pose = stage::poseOf(stage::Stance(i - 1));
        else if (s.solid == Solid::Turned)
            s.profile = stage::profileOf(stage::Turning(i - 1));
    });
    refresh();
}

void StandinsPage::standUp()
{
    Element e = edits::standinOf(m_kind >= kTracks ? Solid::Path : Solid(m_kind));
    e.name = nameOf(m_kind).toStdString();
    if (m_kind >= kTracks) {
        e.standin.track = Track(m_kind - kTracks);
        if (e.standin.track == Track::Rail)
            e.standin.pathWidthM = 1.44;
        if (e.standin.track == Track::Stairs)
            e.heightM = 2, e.standin.path = {{0, 0}, {0, 6}};
    }
    const auto same = std::count_if(project().elements.begin(), project().elements.end(), [&](const Element& x) {
        return x.standin.solid == e.standin.solid && x.standin.track == e.standin.track && !x.cutout;
    });
    if (same > 0)
        e.name.append(" ").append(std::to_string(same + 1));
    auto [after, id] = stage::withStandinUp(project(), e);
    m_desk.edit(tr("Stand up a stand-in"), std::move(after));
    m_desk.holdElement(id);
}

std::vector<Overlay*> StandinsPage::overlays()
{
    return {&m_horizon, &m_guides, &m_frame, &m_ellipses};
}

QString StandinsPage::measureWords(const Element& e) const
{
    const auto s = stage::symmetryOf(stage::coverOf(project(), e, m_desk.surfaces(), 500), false);
    QString out;
    if (s.known)
        out = tr(
            "Left and right differ by %1 mm at most (at %2 cm down, the %3 is wider), %4 mm on average; the middle "
            "leans %5°. ")
                  .arg(s.worstMm, 0, 'f', 1)
                  .arg(s.worstAtCm, 0, 'f', 1)
                  .arg(s.wideRight ? tr("right") : tr("left"))
                  .arg(s.meanMm, 0, 'f', 1)
                  .arg(s.leanDegrees, 0, 'f', 1);
    const auto all = stage::ellipsesOf(project(), e);
    for (std::size_t i = 0; i < std::min<std::size_t>(all.size(), 3); ++i)
        out += tr("%1 × %2 cm at %3 cm down. ")
                   .arg(all[i].longCm, 0, 'f', 2)
                   .arg(all[i].shortCm, 0, 'f', 2)
                   .arg(all[i].centre.y, 0, 'f', 1);
    return out;
}

QString StandinsPage::says() const
{
    const Element* e = m_desk.heldElement();
    return e && m_ellipses.shown() && !m_stage.holds() ? measureWords(*e) : sizeWords();
}

} // namespace rl::app
