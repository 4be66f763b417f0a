// The stage's bench: pages of fields, the plan and the side view beside them.
#include "app/stations/bench_kit.h"
#include "app/stations/stage_station.h"
#include "core/project/stage_edits.h"
#include "core/project/usual_heights.h"
#include "core/stage/guides.h"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QToolButton>

namespace rl::app {

StageStation::StageStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_plan(new GroundPlan(GroundPlan::View::Above))
    , m_side(new GroundPlan(GroundPlan::View::Side))
    , m_pages(new QStackedWidget)
    , m_which(named(new QComboBox, "stageWhich",
          tr("The element in hand; you can also click it in the picture, on the plan or in the side view")))
    , m_sizes(new QLabel)
    , m_horizon(numberField("horizon", "cm", -200, 2000, 1, 0.5,
          tr("Horizon, from the top of the canvas. Drag its line in the picture; everything keeps its place on the "
             "ground.")))
    , m_eye(numberField("eyeHeight", "m", 0.1, 300, 2, 0.1,
          tr("Eye height above the ground. High eyes spread the ground out, low ones stack it.")))
    , m_fov(numberField("fov", QString(QChar(0xb0)), 10, 120, 1, 1,
          tr("Field of view across the canvas. Wide for deep space, narrow for flat.")))
    , m_stand(numberField("standOff", "cm", 10, 5000, 0, 5,
          tr("How far from the canvas its perspective is true. The same thing as the field of view, told as a place to "
             "stand.")))
    , m_height(numberField("realHeight", "m", 0.01, 2000, 2, 0.05,
          tr("True height. The size on the canvas follows from it and from where it stands.")))
    , m_heightCm(numberField("heightOnCanvas", "cm", 0.01, 5000, 1, 0.5,
          tr("Height on the canvas. The true height follows from it and from where it stands.")))
    , m_altitude(numberField("altitude", "m", -50, 2000, 2, 0.1,
          tr("How far above the ground it hangs or flies. Less than nothing sinks it into water or snow.")))
    , m_x(numberField(
          "baseX", "cm", -4000, 6000, 1, 0.1, tr("Where its foot stands across the canvas, from the left.")))
    , m_y(numberField("baseY", "cm", -4000, 6000, 1, 0.1,
          tr("Where its foot stands down the canvas. Lower is nearer, and larger.")))
    , m_cast(named(new QComboBox, "stageCast", tr("Which member of the cast it shows, for the order of reading")))
    , m_usual(named(new QComboBox, "usual",
          tr("What it usually is as tall as. Choosing one gives it that height, and odd sizes are spoken of")))
    , m_facing(named(new QComboBox, "facing", tr("Where it looks or goes, for the room before it")))
    , m_locked(named(new QCheckBox(tr("locked")), "locked", tr("Stays where it is until you unlock it")))
    , m_other(named(new QComboBox, "otherElement",
          tr("The other element: choose it here, or click it in the picture with Ctrl held")))
    , m_name(named(new QLineEdit, "stageName", tr("Its name, as the plan and the findings call it")))
    , m_notes(named(new QLineEdit, "notes", tr("Anything to remember about it while painting")))
    , m_kind(named(new QComboBox, "standinKind", tr("What stands in until there is a photograph")))
    , m_begin(named(new QComboBox, "beginWith", tr("A pose or a profile to begin with")))
    , m_material(
          named(new QComboBox, "standinMaterial", tr("What its surface is like; glass lets through what is behind")))
    , m_cutoutFor(named(new QComboBox, "cutoutFor",
          tr("A cut-out takes the stand-in's place: same foot, same true height. The stand-in is kept")))
    , m_wide(numberField("standinWide", "×", 0.01, 1000, 2, 0.05, tr("Width as a share of the height.")))
    , m_deep(numberField("standinDeep", "×", 0.01, 1000, 2, 0.05, tr("Depth as a share of the height.")))
    , m_count(countField("standinCount", QString(QChar(0xd7)), 1, 64, 8, tr("Steps, spokes or boughs.")))
    , m_wall(numberField("standinWall", "×", 0, 0.5, 3, 0.005,
          tr("Thickness of a turned wall as a share of the height. 0 leaves it solid; more makes it hollow with a "
             "rim.")))
    , m_yaw(numberField("yaw", QString(QChar(0xb0)), -360, 360, 0, 5,
          tr("Turned about its upright axis, seen from above. Keys [ and ] turn by 5°.")))
    , m_stretch(numberField("stretch", "×", 0.2, 5, 2, 0.05, tr("Wider or narrower at the same height.")))
    , m_lightness(numberField("standinL", "L*", 2, 98, 0, 2, tr("Lightness of the stand-in's surface.")))
    , m_spread(named(new QComboBox, "spread", tr("How the kin are spread over the ground")))
    , m_pattern(named(new QComboBox, "pattern", tr("A regular pattern that follows the relief of what is in hand")))
    , m_kinCount(countField("kinCount", QString(QChar(0xd7)), 1, 100, 6, tr("How many kin to add.")))
    , m_kinTurn(
          numberField("kinTurn", QString(QChar(0xb0)), 0, 180, 0, 5, tr("How far each may be turned, either way.")))
    , m_kinScale(percentField("kinScale", 90, 25, tr("How much taller or lower each may be.")))
    , m_kinReshape(percentField("kinReshape", 60, 15, tr("How much wider, narrower or leaning each may be.")))
    , m_patternSize(numberField("patternSize", "m", 0.001, 100, 2, 0.05, tr("Size of one repeat in the scene.")))
    , m_patternStrength(percentField("patternStrength", 100, 50, tr("How strongly the pattern shows.")))
    , m_fromL(numberField(
          "patternFrom", "L*", 0, 100, 0, 5, tr("Laid only where the surface, as photographed, is lighter than this.")))
    , m_toL(numberField(
          "patternTo", "L*", 0, 100, 0, 5, tr("Laid only where the surface, as photographed, is darker than this.")))
    , m_rings(countField("rings", QString(QChar(0xd7)), 1, 12, 4, tr("How many rings.")))
    , m_strip(new TakeStrip)
    , m_takes(bench.document, bench.light.surfaces())
    , m_voter(named(new QLineEdit, "voter", tr("Who votes; a second vote replaces the first")))
    , m_voteLetter(named(new QLineEdit, "voteLetter", tr("The letter of the take they chose")))
    , m_voteWords(named(new QLineEdit, "voteWords", tr("What they said")))
{
    build();
    connectFields();
    connectStandins();
    connectPlans();
    turnTo(Page::Space);
}

QPushButton* StageStation::button(
    const QString& name, const QString& text, const QString& tip, const std::function<void()>& act)
{
    return pressButton(this, name, text, tip, act);
}

void StageStation::build()
{
    m_which->setFixedWidth(170);
    m_sizes->setObjectName("stageSays");
    m_sizes->setProperty("role", "hint");
    m_sizes->setWordWrap(true);
    m_sizes->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    for (QWidget* page :
        {buildSpace(), buildHand(), buildTies(), buildStandins(), buildKin(), buildGuides(), buildRoom(), buildTakes()})
        m_pages->addWidget(page);
    auto* first = new QHBoxLayout;
    first->setSpacing(8);
    first->addWidget(m_which);
    first->addWidget(buildPages());
    first->addStretch(1);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addLayout(first);
    left->addWidget(m_pages);
    left->addWidget(m_sizes, 1);
    m_views = new QWidget;
    auto* views = new QHBoxLayout(m_views);
    views->setContentsMargins(0, 0, 0, 0);
    views->addWidget(m_plan, 5);
    views->addWidget(m_side, 5);
    m_views->setFixedWidth(452);
    auto* layout = new QHBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 12, 6);
    layout->addLayout(left, 1);
    layout->addWidget(m_views);
}

QWidget* StageStation::buildPages()
{
    const QString names[kPageCount]
        = {tr("Space"), tr("In hand"), tr("Ties"), tr("Stand-ins"), tr("Kin"), tr("Guides"), tr("Room"), tr("Takes")};
    const QString tips[kPageCount] = {tr("Eye level, eye height, and how wide the view is"),
        tr("Where the element in hand stands, how tall it truly is and how tall on the canvas"),
        tr("Name, notes, groups, kept proportions, depth swapped or shared, one inside another"),
        tr("Shapes, solids, posed figures, turned things and ways, until there is a photograph"),
        tr("Many of one kind without a copy among them, and patterns laid over a surface"),
        tr("Lines to compose by, each explained and measured"),
        tr("Margins, head room, gaze room, balance and a counterweight"), tr("Several arrangements kept side by side")};
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(1);
    for (int i = 0; i < kPageCount; ++i) {
        auto* b = new QToolButton;
        b->setObjectName(QString("stagePage%1").arg(i));
        b->setText(names[i]);
        b->setToolTip(tips[i]);
        b->setCheckable(true);
        b->setAutoExclusive(true);
        connect(b, &QToolButton::clicked, this, [this, i] { turnTo(Page(i)); });
        m_words[std::size_t(i)] = b;
        row->addWidget(b);
    }
    return box;
}

QWidget* StageStation::buildSpace()
{
    m_lines = button("backdropLines", tr("Backdrop's lines (V)"),
        tr("Shows which straight edges of the backdrop meet, and at what eye level; yours should lie there"), {});
    m_lines->setCheckable(true);
    auto* match = button("matchViewing", tr("As it will be seen"),
        tr("Sets the perspective so that it is true from the viewing distance in the brief"), [this] {
            Camera c = project().camera;
            c.fovDegrees = 2 * degrees(std::atan(project().brief.widthCm / 2 / project().brief.viewingDistanceCm));
            edit(tr("Set the perspective for the viewing distance"), edits::withCamera(project(), c));
        });
    return rowsOf({rowOf({labelled(tr("Horizon at"), m_horizon), labelled(tr("Eye height"), m_eye),
                       labelled(tr("Field of view"), m_fov), labelled(tr("True from"), m_stand)}),
        rowOf({match, m_lines})});
}

QWidget* StageStation::buildHand()
{
    m_mirror = button(
        "mirror", tr("Mirror (M)"), tr("Turns it left to right; its own light turns with it"), [this] { mirror(); });
    auto* keep = button("keepUsual", tr("Keep as…"),
        tr("Adds this height to the list of usual ones under a name, or changes the one of that name"),
        [this] { keepUsual(); });
    auto* copy = button("duplicate", tr("Double"), tr("Another of it beside it"), [this] {
        if (!work.heldElement())
            return;
        Project after = edits::withDuplicate(project(), work.element(), {0.08 * project().brief.widthCm, 0});
        const int id = after.elements.back().id;
        edit(tr("Double it"), std::move(after));
        work.holdElement(id);
    });
    auto* away = button(
        "takeAway", tr("Take away (Del)"), tr("Takes it out of the scene; its cut-out stays"), [this] { takeAway(); });
    m_usual->setFixedWidth(150);
    m_cast->setFixedWidth(130);
    m_facing->addItems({tr("not said"), tr("left"), tr("right"), tr("the viewer"), tr("away")});
    for (QWidget* w : std::initializer_list<QWidget*>{m_height, m_heightCm, m_altitude, m_x, m_y})
        w->setFixedWidth(88);
    return rowsOf({rowOf({labelled(tr("True height"), m_height), labelled(tr("On the canvas"), m_heightCm),
                       labelled(tr("Above ground"), m_altitude), labelled(tr("Foot across"), m_x),
                       labelled(tr("Foot down"), m_y), labelled(tr("Usually"), m_usual), keep}),
        rowOf({labelled(tr("Shows"), m_cast), labelled(tr("Looks"), m_facing), m_mirror, copy, away, m_locked})});
}

QWidget* StageStation::buildTies()
{
    const auto with = [this](const QString& what, auto make) {
        return [this, what, make] {
            if (work.heldElement() && other())
                edit(what, make(project(), work.element(), other()));
            else
                emit work.notice(tr("Choose the other element first, or click it in the picture with Ctrl held."));
        };
    };
    auto* group = button("group", tr("Group them"),
        tr("They move together on the ground, keeping their distances in metres"),
        with(tr("Group them"), [this](const Project& p, int a, int b) {
            const Element *x = p.element(a), *y = p.element(b);
            std::vector<int> ids{a, b};
            for (const Element& e : p.elements)
                if ((x->group && e.group == x->group) || (y->group && e.group == y->group))
                    ids.push_back(e.id);
            return edits::withGroup(p, ids,
                tr("%1 and %2").arg(QString::fromStdString(x->name), QString::fromStdString(y->name)).toStdString());
        }));
    auto* apart = button("ungroup", tr("Ungroup"), tr("Everything of its group goes its own way again"), [this] {
        if (const Element* e = work.heldElement(); e && e->group)
            edit(tr("Ungroup"), edits::withoutGroup(project(), e->group));
    });
    auto* step = button("inStep", tr("Keep in step"),
        tr("When one is given another height, the other grows or shrinks by as much"),
        with(tr("Keep them in step"), [](const Project& p, int a, int b) { return edits::withInStep(p, a, b, true); }));
    auto* free = button("freeStep", tr("Out of step"), tr("Its height no longer follows any other"), [this] {
        if (const Element* e = work.heldElement(); e && e->step)
            edit(tr("Let it go its own way"), edits::withInStep(project(), e->id, 0, false));
    });
    auto* swap = button("swapDepth", tr("Swap depth"),
        tr("Each goes to where the other stood in depth; true heights stay"),
        with(tr("Swap their depth"), [](const Project& p, int a, int b) { return edits::withDepthsSwapped(p, a, b); }));
    auto* base = button("baseAt", tr("Same base"), tr("Sets it at the distance of the other"),
        with(tr("Set it at the other's base"),
            [](const Project& p, int a, int b) { return edits::withBaseAt(p, a, b); }));
    auto* inside = button("inside", tr("Inside it"), tr("Shown only within the other's outline: a thing in a bell jar"),
        with(tr("Put it inside"), [](const Project& p, int a, int b) { return edits::withInside(p, a, b); }));
    auto* outside = button("outside", tr("Outside"), tr("Shown everywhere again"), [this] {
        if (const Element* e = work.heldElement(); e && e->inside)
            edit(tr("Take it out again"), edits::withInside(project(), e->id, 0));
    });
    auto* top = button("topAtHorizon", tr("Top to horizon"),
        tr("Its top comes to eye level: what stands is given that height, what flies is moved"),
        [this] { edit(tr("Bring its top to the horizon"), edits::withTopAtHorizon(project(), work.element())); });
    auto* far = button("baseAtHorizon", tr("Foot to horizon"), tr("Sets it on the far ground, just under the horizon"),
        [this] { edit(tr("Set its foot at the horizon"), edits::withBaseAtHorizon(project(), work.element())); });
    m_other->setFixedWidth(150);
    m_name->setFixedWidth(140);
    m_notes->setMinimumWidth(250);
    return rowsOf({rowOf({labelled(tr("Name"), m_name), labelled(tr("Notes"), m_notes), top, far}),
        rowOf({labelled(tr("With (Ctrl+click)"), m_other), group, apart, step, free}),
        rowOf({swap, base, inside, outside})});
}

QWidget* StageStation::buildStandins()
{
    for (const auto& [solid, name] : std::initializer_list<std::pair<Solid, QString>>{{Solid::Box, tr("box")},
             {Solid::Stair, tr("stair")}, {Solid::Arch, tr("arch")}, {Solid::Column, tr("column")},
             {Solid::Cone, tr("cone")}, {Solid::Tent, tr("tent")}, {Solid::Wheel, tr("wheel")},
             {Solid::Tree, tr("tree")}, {Solid::Figure, tr("figure")}, {Solid::Turned, tr("turned thing")},
             {Solid::Shape, tr("drawn shape")}, {Solid::Path, tr("causeway")}})
        m_kind->addItem(name, int(solid));
    m_kind->addItem(tr("canal"), 100 + int(Track::Canal));
    m_kind->addItem(tr("rail"), 100 + int(Track::Rail));
    m_kind->addItem(tr("stairs in depth"), 100 + int(Track::Stairs));
    auto* up = button("standUp", tr("Stand it up"),
        tr("Puts the stand-in on the ground in the middle, at a usual height"), [this] { standUp(); });
    up->setProperty("main", true);
    m_draw = button("drawIt", tr("Draw it"),
        tr("Shape: click its outline. Turned thing: click half its profile. Way: click its course on the ground. Enter "
           "ends"),
        {});
    m_draw->setCheckable(true);
    m_again = button("standinAgain", tr("Stand-in again"), tr("Shows the stand-in in the cut-out's place"),
        [this] { edit(tr("Show the stand-in again"), edits::withStandinShown(project(), work.element())); });
    m_measures = button("measures", tr("Ellipses"),
        tr("Shows every ellipse of a round thing with its axes on the canvas, for drawing it with a ruler"), {});
    m_measures->setCheckable(true);
    m_material->addItems({tr("matt"), tr("satin"), tr("wet"), tr("glowing"), tr("glass"), tr("lacquer"), tr("thin")});
    m_cutoutFor->setFixedWidth(150);
    m_begin->setFixedWidth(110);
    for (QWidget* w : std::initializer_list<QWidget*>{m_wide, m_deep, m_count, m_wall, m_yaw, m_stretch, m_lightness})
        w->setFixedWidth(66);
    return rowsOf({rowOf({labelled(tr("Stand-in"), m_kind), up, m_draw, labelled(tr("Begin with"), m_begin),
                       labelled(tr("Replace by"), m_cutoutFor), m_again}),
        rowOf({labelled(tr("Width"), m_wide), labelled(tr("Depth"), m_deep), labelled(tr("Count"), m_count),
            labelled(tr("Wall"), m_wall), labelled(tr("Turned"), m_yaw), labelled(tr("Stretched"), m_stretch),
            labelled(tr("Tone"), m_lightness), labelled(tr("Surface"), m_material), m_measures})});
}

QWidget* StageStation::buildKin()
{
    m_spread->addItems({tr("along a line"), tr("over an area"), tr("into depth")});
    m_pointPlace = button("pointPlace", tr("Point at the place"),
        tr("Click places on the ground, in the picture or on the plan: a line, the corners of an area, or from where "
           "to where"),
        {});
    m_pointPlace->setCheckable(true);
    m_scatter = button(
        "scatter", tr("Scatter"), tr("Adds the kin there; once more scatters them otherwise"), [this] { scatter(); });
    m_scatter->setProperty("main", true);
    m_pattern->addItems({tr("none"), tr("tiles"), tr("scales"), tr("weave"), tr("stripes")});
    m_kinTurn->setValue(40);
    m_patternSize->setValue(0.2);
    m_toL->setValue(100);
    for (QWidget* w : std::initializer_list<QWidget*>{
             m_kinCount, m_kinTurn, m_kinScale, m_kinReshape, m_patternSize, m_patternStrength, m_fromL, m_toL})
        w->setFixedWidth(70);
    return rowsOf({rowOf({labelled(tr("Kin"), m_kinCount), labelled(tr("spread"), m_spread), m_pointPlace,
                       labelled(tr("Turned by"), m_kinTurn), labelled(tr("Size by"), m_kinScale),
                       labelled(tr("Shape by"), m_kinReshape), m_scatter}),
        rowOf({labelled(tr("Pattern on it"), m_pattern), labelled(tr("Repeat"), m_patternSize),
            labelled(tr("Strength"), m_patternStrength), labelled(tr("from"), m_fromL), labelled(tr("to"), m_toL)})});
}

QWidget* StageStation::buildGuides()
{
    auto* first = new QHBoxLayout;
    first->setSpacing(2);
    for (int i = 0; i < kGuideCount; ++i) {
        auto* b = new QToolButton;
        b->setObjectName(QString("guide%1").arg(i));
        b->setText(tr(stage::nameOf(Guide(i))));
        b->setToolTip(tr(stage::explained(Guide(i))));
        b->setCheckable(true);
        connect(b, &QToolButton::toggled, this, [this, i](bool on) {
            editGuides(
                on ? tr("Show %1").arg(tr(stage::nameOf(Guide(i)))) : tr("Hide %1").arg(tr(stage::nameOf(Guide(i)))),
                [=](Guides& g) { g.shown = on ? g.shown | (1U << i) : g.shown & ~(1U << i); });
        });
        m_guides[std::size_t(i)] = b;
        first->addWidget(b);
    }
    first->addStretch(1);
    auto* turn = button("spiralTurn", tr("Turn the spiral"), tr("The next of its four turns"),
        [this] { editGuides(tr("Turn the spiral"), [](Guides& g) { g.spiralTurn = (g.spiralTurn + 1) % 4; }); });
    auto* corners = button("pyramidCorners", tr("Pyramid's corners"), tr("Click its three corners on the board"),
        [this] { startDrawing(Drawing::Corners); });
    auto* meet = button("meetingPoint", tr("Meeting point"), tr("Click where the converging lines meet"),
        [this] { startDrawing(Drawing::Meet); });
    return rowsOf({first, rowOf({turn, corners, meet, labelled(tr("Rings"), m_rings)})});
}

QWidget* StageStation::buildRoom()
{
    m_showRoom = button("showRoom", tr("Show on the board"),
        tr("Draws margins, head and gaze room, the centre of weight, and where a counterweight would steady the "
           "picture"),
        {});
    m_showRoom->setCheckable(true);
    connect(m_showRoom, &QPushButton::toggled, this, [this] { refresh(); });
    return rowsOf({rowOf({m_showRoom})});
}

QWidget* StageStation::buildTakes()
{
    auto* more = button("duplicateTake", tr("Another take"),
        tr("Keeps the arrangement as it is and goes on in a copy of it"), [this] { duplicateTake(); });
    more->setProperty("main", true);
    auto* go = button("workOnTake", tr("Work on it"), tr("Goes to the chosen take; the one in hand is kept"),
        [this] { workOnTake(); });
    m_aside = button("takeAside", tr("Set aside…"),
        tr("Takes the chosen one out of play, with your reason; it can be brought back"), [this] { asideOrBack(); });
    auto* name = button("nameTake", tr("Name…"), tr("Names the chosen take"), [this] { nameTake(); });
    auto* sheet = button("contactSheet", tr("Contact sheet…"),
        tr("A PDF or PNG of the takes in play, with letters for others to vote on"), [this] { askContactSheet(); });
    auto* count = button("countVote", tr("Count the vote"), tr("Keeps the vote with the work"), [this] { vote(); });
    m_voter->setPlaceholderText(tr("who"));
    m_voter->setFixedWidth(110);
    m_voteLetter->setPlaceholderText(tr("letter"));
    m_voteLetter->setFixedWidth(56);
    m_voteWords->setPlaceholderText(tr("why"));
    m_voteWords->setFixedWidth(180);
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addLayout(rowOf({more, go, m_aside, name, sheet, m_voter, m_voteLetter, m_voteWords, count}));
    layout->addWidget(m_strip, 1);
    return page;
}

void StageStation::turnTo(Page page)
{
    const bool taller = (page == Page::Takes) != (m_page == Page::Takes);
    m_page = page;
    m_words[std::size_t(page)]->setChecked(true);
    m_views->hide(); // so that the window is never asked for the room of both
    for (int i = 0; i < m_pages->count(); ++i) // pages out of sight ask for no room
        m_pages->widget(i)->setSizePolicy(i == int(page) ? QSizePolicy::Preferred : QSizePolicy::Ignored,
            i == int(page) ? QSizePolicy::Preferred : QSizePolicy::Ignored);
    m_pages->setCurrentIndex(int(page));
    m_pages->setSizePolicy(QSizePolicy::Preferred, page == Page::Takes ? QSizePolicy::Expanding : QSizePolicy::Maximum);
    m_views->setVisible(page != Page::Takes);
    m_sizes->setVisible(page != Page::Takes);
    m_which->setVisible(page != Page::Takes);
    if (taller)
        emit benchResized();
    refresh();
}

} // namespace rl::app
