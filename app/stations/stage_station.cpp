#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>

namespace rl::app {

int elementAt(const LitWork& lit, Vec2 cm)
{
    const int x = int(cm.x * lit.picture.pixelsPerCm), y = int(cm.y * lit.picture.pixelsPerCm);
    // A few pixels around, so that thin things can be caught.
    for (const auto& [dx, dy] : {std::pair{0, 0}, {3, 0}, {-3, 0}, {0, 3}, {0, -3}})
        if (lit.picture.ids.contains(x + dx, y + dy) && lit.picture.ids.at(x + dx, y + dy))
            return lit.picture.ids.at(x + dx, y + dy);
    return 0;
}

void paintHeld(QPainter& p, const Board& board, const Project& project, Workbench& work)
{
    const Element* e = project.element(work.element());
    const Cutout* c = e ? project.cutout(e->cutout) : nullptr;
    if (!c)
        return;
    const auto place = stage::placementOf(project, *e, work.light.surfaces().shape(*c));
    if (!place.visible)
        return;
    const QRectF r = board.toScreen(place.canvas);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kGlow, 2));
    // Corner brackets, and the foot on the ground.
    const double k = std::min({14.0, r.width() / 3, r.height() / 3});
    for (const auto& [c0, sx, sy] :
        {std::tuple{r.topLeft(), 1, 1}, {r.topRight(), -1, 1}, {r.bottomLeft(), 1, -1}, {r.bottomRight(), -1, -1}}) {
        p.drawLine(c0, c0 + QPointF(k * sx, 0));
        p.drawLine(c0, c0 + QPointF(0, k * sy));
    }
    const QPointF foot = board.toScreen(e->baseCm);
    p.setBrush(theme::kGlow);
    p.setPen(QPen(theme::kInk, 1));
    p.drawEllipse(foot, 5, 5);
    if (e->altitudeM > 0) {
        p.setPen(QPen(theme::kGlow, 1.2, Qt::DashLine));
        p.drawLine(foot, QPointF(foot.x(), r.bottom()));
    }
}

StageStation::StageStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_plan(new GroundPlan(GroundPlan::View::Above))
    , m_horizon(numberField("horizon", "cm", -200, 2000, 1, 0.5,
          tr("Horizon, from the top of the canvas. Drag its line in the picture; everything keeps its place on the "
             "ground.")))
    , m_eye(numberField("eyeHeight", "m", 0.1, 300, 2, 0.1,
          tr("Eye height above the ground. High eyes spread the ground out, low ones stack it.")))
    , m_fov(numberField("fov", QString(QChar(0xb0)), 10, 120, 0, 1,
          tr("Field of view across the canvas. Wide for deep space, narrow for flat.")))
    , m_height(numberField("realHeight", "m", 0.01, 2000, 2, 0.05,
          tr("True height. The size on the canvas follows from it and from where it stands.")))
    , m_altitude(
          numberField("altitude", "m", 0, 2000, 2, 0.1, tr("How far above the ground it hangs, flies or is carried.")))
    , m_x(numberField(
          "baseX", "cm", -4000, 6000, 1, 0.1, tr("Where its foot stands across the canvas, from the left.")))
    , m_y(numberField("baseY", "cm", -4000, 6000, 1, 0.1,
          tr("Where its foot stands down the canvas. Lower is nearer, and larger.")))
    , m_which(new QComboBox)
    , m_cast(new QComboBox)
    , m_sizes(new QLabel)
    , m_mirror(new QPushButton(tr("Mirror (M)")))
    , m_lines(new QPushButton(tr("Backdrop's lines (V)")))
{
    m_which->setObjectName("stageWhich");
    m_which->setToolTip(tr("The element being held; you can also click it in the picture or on the plan"));
    m_which->setMinimumWidth(150);
    m_cast->setToolTip(tr("Which member of the cast it shows, for the order of reading"));
    m_mirror->setObjectName("mirror");
    m_mirror->setToolTip(tr("Turns it left to right; its own light turns with it"));
    m_lines->setObjectName("backdropLines");
    m_lines->setCheckable(true);
    m_lines->setToolTip(
        tr("Shows which straight edges of the backdrop meet, and at what eye level; yours should lie there"));
    auto* away = new QPushButton(tr("Take away (Del)"));
    away->setToolTip(tr("Takes it out of the scene; its cut-out stays"));
    m_sizes->setProperty("role", "hint");
    m_sizes->setWordWrap(true);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(4);
    auto* space = new QLabel(tr("The space"));
    space->setProperty("role", "head");
    auto* held = new QLabel(tr("In hand"));
    held->setProperty("role", "head");
    grid->addWidget(space, 0, 0);
    grid->addWidget(labelled(tr("Horizon at"), m_horizon), 0, 1);
    grid->addWidget(labelled(tr("Eye height"), m_eye), 0, 2);
    grid->addWidget(labelled(tr("Field of view"), m_fov), 0, 3);
    grid->addWidget(held, 1, 0);
    grid->addWidget(labelled(tr("Element"), m_which), 1, 1);
    grid->addWidget(labelled(tr("True height"), m_height), 1, 2);
    grid->addWidget(labelled(tr("Above ground"), m_altitude), 1, 3);
    grid->addWidget(labelled(tr("Foot across"), m_x), 1, 4);
    grid->addWidget(labelled(tr("Foot down"), m_y), 1, 5);
    grid->addWidget(labelled(tr("Shows"), m_cast), 0, 4, 1, 2);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_mirror);
    buttons->addWidget(away);
    buttons->addWidget(m_lines);
    buttons->addSpacing(10);
    buttons->addWidget(m_sizes, 1);
    grid->addLayout(buttons, 2, 0, 1, 6);
    auto* layout = new QHBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 12, 8);
    layout->addLayout(grid, 3);
    layout->addWidget(m_plan, 2);

    const auto camera = [this](const QString& what, auto change) {
        Camera c = project().camera;
        change(c);
        work.document.edit(what, edits::withCamera(project(), c));
    };
    connect(m_horizon, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the horizon"), [&](Camera& c) { c.horizonCm = v; }); });
    connect(m_eye, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the eye height"), [&](Camera& c) { c.eyeHeightM = v; }); });
    connect(m_fov, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the field of view"), [&](Camera& c) { c.fovDegrees = v; }); });
    connect(m_height, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editElement(tr("Give it its true height"), [&](Element& e) { e.heightM = v; }); });
    connect(m_altitude, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editElement(tr("Lift it"), [&](Element& e) { e.altitudeM = v; }); });
    connect(m_x, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editElement(tr("Move it"), [&](Element& e) { e.baseCm.x = v; }); });
    connect(m_y, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editElement(tr("Move it"), [&](Element& e) { e.baseCm.y = v; }); });
    connect(m_which, &QComboBox::activated, &work, [this] { work.holdElement(m_which->currentData().toInt()); });
    connect(m_cast, &QComboBox::activated, this,
        [this] { editElement(tr("Say whom it shows"), [&](Element& e) { e.cast = m_cast->currentData().toInt(); }); });
    connect(m_mirror, &QPushButton::clicked, this, &StageStation::mirror);
    connect(m_lines, &QPushButton::toggled, this, [this] { refresh(); });
    connect(&m_vanishing, &VanishingLines::found, this, [this] { refresh(); });
    connect(away, &QPushButton::clicked, this, &StageStation::takeAway);
    connect(m_plan, &GroundPlan::elementHeld, &work, [this](int id) { work.holdElement(id); });
    connect(m_plan, &GroundPlan::elementMoved, this, [this](int id, Vec3 to, int gesture) {
        const stage::Eye eye = stage::eyeOf(project());
        const Vec2 base = stage::projected(eye, {to.x, 0, to.z});
        work.document.edit(tr("Move it"), edits::withBase(project(), id, base), gesture);
    });
    connect(m_plan, &GroundPlan::released, this, [this] { work.document.finishGesture(); });
}

void StageStation::editElement(const QString& what, const std::function<void(Element&)>& change, int gesture)
{
    const Element* held = work.heldElement();
    if (!held)
        return;
    Element e = *held;
    change(e);
    if (!(e == *held))
        work.document.edit(what, edits::withElement(project(), e), gesture);
}

void StageStation::mirror()
{
    editElement(tr("Mirror it"), [](Element& e) { e.mirrored = !e.mirrored; });
}

void StageStation::takeAway()
{
    if (work.heldElement())
        work.document.edit(tr("Take it away"), edits::withoutElement(project(), work.element()));
}

void StageStation::refresh()
{
    const Project& p = project();
    if (!work.heldElement() && !p.elements.empty()) {
        work.holdElement(firstToHold(p));
        return;
    }
    setQuietly(m_horizon, p.camera.horizonCm);
    setQuietly(m_eye, p.camera.eyeHeightM);
    setQuietly(m_fov, p.camera.fovDegrees);
    {
        const QSignalBlocker a(m_which), b(m_cast);
        m_which->clear();
        for (const Element& e : p.elements)
            m_which->addItem(QString::fromStdString(e.name), e.id);
        m_which->setCurrentIndex(m_which->findData(work.element()));
        m_cast->clear();
        m_cast->addItem(tr("nobody in the cast"), 0);
        for (const CastMember& m : p.brief.cast)
            m_cast->addItem(QString::fromStdString(m.name), m.id);
    }
    const Element* e = work.heldElement();
    for (QWidget* w : std::initializer_list<QWidget*>{m_height, m_altitude, m_x, m_y, m_cast, m_mirror})
        w->setEnabled(e != nullptr);
    auto scene = planOf(p, [this](const Cutout& c) { return work.light.surfaces().shape(c); });
    scene.heldElement = work.element();
    scene.withLights = false;
    m_plan->show(std::move(scene));
    if (m_lines->isChecked()) {
        m_vanishing.ask(p);
        m_sizes->setText(m_vanishing.words(p));
    }
    if (!e && !m_lines->isChecked()) {
        m_sizes->setText(tr("Nothing stands here yet. Cut something out of a picture first (Alt+3)."));
    }
    if (!e)
        return;
    setQuietly(m_height, e->heightM);
    setQuietly(m_altitude, e->altitudeM);
    setQuietly(m_x, e->baseCm.x);
    setQuietly(m_y, e->baseCm.y);
    const QSignalBlocker quiet(m_cast);
    m_cast->setCurrentIndex(std::max(0, m_cast->findData(e->cast)));
    if (m_lines->isChecked())
        return;
    const Cutout* c = p.cutout(e->cutout);
    const auto place = c ? stage::placementOf(p, *e, work.light.surfaces().shape(*c)) : stage::Placement{};
    m_sizes->setText(
        place.visible ? tr(
            "%1 m away · %2 × %3 cm on the canvas · %4 pixels a cm. Arrow keys move it by 1 mm, with Shift by 1 cm.")
                            .arg(place.distance, 0, 'f', 1)
                            .arg(place.canvas.width, 0, 'f', 1)
                            .arg(place.canvas.height, 0, 'f', 1)
                            .arg(1 / place.cmPerPixel, 0, 'f', 0)
                      : tr("Its foot is above the horizon: there is no ground there."));
}

void StageStation::paintOver(QPainter& p, const Board& board)
{
    const double y = board.toScreen(Vec2{0, project().camera.horizonCm}).y();
    const double left = board.toScreen(Vec2{0, 0}).x(), right = board.toScreen(Vec2{board.widthCm(), 0}).x();
    p.setPen(QPen(QColor(255, 255, 255, 200), 3));
    p.drawLine(QPointF(left, y), QPointF(right, y));
    p.setPen(QPen(m_held == Held::Horizon ? theme::kAccent : theme::kDark, 1.2, Qt::DashLine));
    p.drawLine(QPointF(left, y), QPointF(right, y));
    p.setFont(theme::text(12));
    const QString words = tr("horizon · eye level %1 m").arg(project().camera.eyeHeightM, 0, 'f', 2);
    const QRectF tag(right - p.fontMetrics().horizontalAdvance(words) - 14, y - 21,
        p.fontMetrics().horizontalAdvance(words) + 10, 18);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(246, 245, 242, 225));
    p.drawRoundedRect(tag, 4, 4);
    p.setPen(theme::kInk);
    p.drawText(tag, Qt::AlignCenter, words);
    if (m_lines->isChecked())
        m_vanishing.paint(p, board, project());
    paintHeld(p, board, project(), work);
}

bool StageStation::press(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    m_gesture = work.document.freshGesture();
    const double near = 7 / board.pixelsPerCm();
    const Element* held = work.heldElement();
    if (held && (held->baseCm - at).length() < near) {
        m_held = Held::Foot;
        m_grip = held->baseCm - at;
        return true;
    }
    const int id = work.lit ? elementAt(*work.lit, at) : 0;
    if (id && !(held && id != held->id && std::abs(at.y - project().camera.horizonCm) < near / 3)) {
        work.holdElement(id);
        m_held = Held::Element;
        m_grip = project().element(id)->baseCm - at;
        return true;
    }
    if (std::abs(at.y - project().camera.horizonCm) < near) {
        m_held = Held::Horizon;
        return true;
    }
    return false;
}

void StageStation::move(Vec2 at, Qt::KeyboardModifiers keys, const Board&)
{
    if (m_held == Held::Horizon) {
        Camera c = project().camera;
        c.horizonCm = std::round(at.y * 10) / 10;
        work.document.edit(tr("Drag the horizon"), edits::withCamera(project(), c), m_gesture);
    } else if (m_held != Held::None) {
        Vec2 base = at + m_grip;
        if (keys & Qt::ShiftModifier)
            base.y = work.heldElement()->baseCm.y; // along its own depth only
        work.document.edit(tr("Move it"), edits::withBase(project(), work.element(), base), m_gesture);
    }
}

void StageStation::release(Vec2, const Board&)
{
    m_held = Held::None;
    work.document.finishGesture();
}

bool StageStation::key(QKeyEvent* e)
{
    const double step = e->modifiers() & Qt::ShiftModifier ? 1.0 : 0.1;
    const auto nudge = [&](double dx, double dy) {
        editElement(tr("Nudge it"), [&](Element& x) { x.baseCm = x.baseCm + Vec2{dx, dy}; });
    };
    switch (e->key()) {
    case Qt::Key_Left:
        nudge(-step, 0);
        return true;
    case Qt::Key_Right:
        nudge(step, 0);
        return true;
    case Qt::Key_Up:
        nudge(0, -step);
        return true;
    case Qt::Key_Down:
        nudge(0, step);
        return true;
    case Qt::Key_M:
        mirror();
        return true;
    case Qt::Key_V:
        m_lines->toggle();
        return true;
    case Qt::Key_Delete:
        takeAway();
        return true;
    default:
        return false;
    }
}

} // namespace rl::app
