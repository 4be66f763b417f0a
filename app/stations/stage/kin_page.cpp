#include "app/stations/stage/kin_page.h"
#include "core/project/takes.h"
#include "core/stage/drawn.h"

namespace rl::app {

KinPage::KinPage(Desk& desk, StationView& view)
    : StagePage(
        desk, view, tr("Scatter"), tr("Many of one kind without a copy among them, and patterns laid over a surface"))
    , m_places(desk)
    , m_like(desk.jobs)
{
    connect(&m_like, &JobBase::done, this, &Page::saysChanged);
    kinFields();
    m_form->line();
    patternFields();
}

void KinPage::kinFields()
{
    const auto any = [this] { return m_desk.heldElement() != nullptr; };
    const auto number
        = [this, any](const FieldWords& w, const NumberFormat& s, double low, double high, auto get, auto set) {
              m_form->value(
                  w, s, low, high, [any, get] { return any() ? std::optional(get()) : std::nullopt; },
                  [set](double v, int) { set(v); });
          };
    const NumberFormat count = shownAs(Unit::Count), share = shownAs(Unit::Share), angle = shownAs(Unit::Degree);
    number(
        {"kinCount", tr("copies"), tr("How many copies to add."), {}}, count, 1, 100,
        [this] { return double(m_wish.count); }, [this](double v) { m_wish.count = int(v); });
    m_form->pick(
        {"spread", tr("spread"), tr("How the copies are spread over the ground"), {}},
        [] {
            return Choices{{tr("along a line"), 0}, {tr("over an area"), 1}, {tr("into depth"), 2}};
        },
        [this, any] { return any() ? std::optional(int(m_wish.spread)) : std::nullopt; },
        [this](int i) {
            m_wish.spread = stage::Spread(i);
            m_places.setClosed(m_wish.spread == stage::Spread::Area);
            emit m_desk.overlayChanged();
        });
    drawLatch(
        "pointPlace", tr("Point at the place"),
        tr("Click places on the ground, in the picture or on the plan: a line, the corners of an area, or from where "
           "to "
           "where"),
        [this] { return wanted(); }, any);
    number(
        {"kinTurn", tr("turned by"), tr("How far each may be turned, either way."), {}}, angle, 0, 180,
        [this] { return m_wish.turn; }, [this](double v) { m_wish.turn = v; });
    number(
        {"kinScale", tr("size by"), tr("How much taller or lower each may be."), {}}, share, 0, 90,
        [this] { return 100 * m_wish.scale; }, [this](double v) { m_wish.scale = v / 100; });
    number(
        {"kinReshape", tr("shape by"), tr("How much wider, narrower or leaning each may be."), {}}, share, 0, 60,
        [this] { return 100 * m_wish.reshape; }, [this](double v) { m_wish.reshape = v / 100; });
    m_form->mainButton(
        "scatter", tr("Scatter"), tr("Adds the copies there; again scatters them differently"), [this] { scatter(); },
        any);
}

void KinPage::patternFields()
{
    const auto pattern = inside(lens::element(), &Element::pattern);
    const When<Pattern> laid = [](const Pattern& p) { return p.kind != PatternKind::None; };
    m_form->choice(pattern, &Pattern::kind, {tr("none"), tr("tiles"), tr("scales"), tr("weave"), tr("stripes")},
        {"pattern", tr("pattern on it"), tr("A regular pattern that follows the relief of the selected element"),
            tr("Lay a pattern on it")});
    m_form->number(pattern, &Pattern::sizeM,
        {"patternSize", tr("repeat"), tr("Size of one repeat in the scene."), tr("Set the pattern's repeat"),
            NumberFormat{1, " m", 2, 0.05}},
        laid);
    m_form->number(pattern, &Pattern::strength,
        {"patternStrength", tr("strength"), tr("How strongly the pattern shows."), tr("Set the pattern's strength")},
        laid);
    m_form->number(pattern, &Pattern::fromL,
        {"patternFrom", tr("from"), tr("Laid only where the surface, as photographed, is lighter than this."),
            tr("Limit the pattern"), NumberFormat{1, " L*", 0, 5}},
        laid);
    m_form->number(pattern, &Pattern::toL,
        {"patternTo", tr("to"), tr("Laid only where the surface, as photographed, is darker than this."),
            tr("Limit the pattern"), NumberFormat{1, " L*", 0, 5}},
        laid);
    m_form->number(pattern, &Pattern::turn,
        {"patternTurn", tr("turned"), tr("Turns the pattern on the surface."), tr("Turn the pattern")}, laid);
}

PointsWanted KinPage::wanted()
{
    m_pointed.clear();
    m_places.show({});
    PointsWanted w;
    w.hint = tr("Click on the ground, in the picture or on the plan.");
    w.refuses = [this](Vec2 at) {
        return stage::groundAt(project(), at) ? QString() : tr("There is no ground above the horizon; click below it.");
    };
    w.done = [this](const std::vector<OutlinePoint>& points) {
        for (const OutlinePoint& q : points)
            if (const auto ground = stage::groundAt(project(), q.at))
                m_pointed.push_back(*ground);
        m_places.show(m_pointed);
        emit saysChanged();
    };
    return w;
}

void KinPage::pointAt(Vec3 ground)
{
    m_points.add(stage::projected(stage::eyeOf(project()), {ground.x, 0, std::max(0.3, ground.z)}));
}

std::vector<Vec2> KinPage::pointed() const
{
    return m_pointed;
}

void KinPage::scatter()
{
    const bool area = m_wish.spread == stage::Spread::Area;
    if (m_pointed.size() < (area ? 3u : 2u)) {
        m_desk.notices.say(area
                ? tr(
                    "Point at three corners of the area or more first: “Point at the place”, then click on the ground.")
                : tr("Point at two places or more first: “Point at the place”, then click on the ground."));
        return;
    }
    stage::KinWish wish = m_wish;
    wish.of = m_desk.element();
    wish.ground = m_pointed;
    ++m_wish.seed;
    Project after = stage::withKin(project(), wish);
    if (after.elements.size() > project().elements.size())
        m_desk.edit(tr("Scatter copies"), std::move(after));
}

JobKey KinPage::key() const
{
    return project().scene();
}

void KinPage::refresh()
{
    StagePage::refresh();
    if (isVisible())
        m_like.ask(key(), [this, p = project()](Progress&) -> Result<std::vector<stage::Likeness>> {
            return stage::repetition(p, m_desk.surfaces());
        });
}

std::vector<Overlay*> KinPage::overlays()
{
    return {&m_horizon, &m_guides, &m_places, &m_frame};
}

QString KinPage::says() const
{
    const Element* e = m_desk.heldElement();
    QString s = m_pointed.empty() ? tr("Point at the place, then scatter. ")
                                  : tr("%n places pointed at. ", nullptr, int(m_pointed.size()));
    if (!e)
        return sizeWords();
    const auto* like = m_like.answer(key());
    if (!like)
        return s + tr("Measuring how alike they are…");
    for (const stage::Likeness& l : *like)
        if ((l.a == e->id || l.b == e->id) && project().element(l.a) && project().element(l.b)) {
            const Element* o = project().element(l.a == e->id ? l.b : l.a);
            return s
                + tr("“%1” is most like “%2”: outlines %3 % alike, heights %4 %%5")
                      .arg(QString::fromStdString(e->name), QString::fromStdString(o->name))
                      .arg(100 * l.shape, 0, 'f', 0)
                      .arg(100 * l.size, 0, 'f', 0)
                      .arg(l.alike >= stage::kStamped ? tr("; the eye will see a copy.")
                                                      : tr("; varied, not identical."));
        }
    return s + tr("“%1” has no copies yet.").arg(QString::fromStdString(e->name));
}

} // namespace rl::app
