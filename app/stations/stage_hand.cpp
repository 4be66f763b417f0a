// The stage under the hand: dragging, drawing, posing, keys, and what is drawn over the board.
#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "core/cutout/outline.h"
#include "core/project/stage_edits.h"
#include "core/reading/balance.h"
#include "core/stage/ellipses.h"
#include "core/stage/guides.h"
#include "core/stage/room.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>

namespace rl::app {

namespace {
cutout::Loop loopOf(const std::vector<OutlinePoint>& points)
{
    cutout::Loop loop;
    for (const OutlinePoint& q : points)
        loop.nodes.push_back({q.at, q.curved});
    return loop;
}
} // namespace

void StageStation::connectFields()
{
    const auto camera = [this](const QString& what, auto change) {
        Camera c = project().camera;
        change(c);
        edit(what, edits::withCamera(project(), c));
    };
    connect(m_horizon, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the horizon"), [&](Camera& c) { c.horizonCm = v; }); });
    connect(m_eye, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the eye height"), [&](Camera& c) { c.eyeHeightM = v; }); });
    connect(m_fov, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { camera(tr("Set the field of view"), [&](Camera& c) { c.fovDegrees = v; }); });
    connect(m_stand, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        camera(tr("Set where its perspective is true"),
            [&](Camera& c) { c.fovDegrees = 2 * degrees(std::atan(project().brief.widthCm / 2 / v)); });
    });
    connect(m_height, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { edit(tr("Give it its true height"), edits::withTrueHeight(project(), work.element(), v)); });
    connect(m_heightCm, &QDoubleSpinBox::valueChanged, this, [this](double cm) {
        const Element* e = work.heldElement();
        const double z = e ? stage::groundDistance(stage::eyeOf(project()), e->baseCm.y) : 0;
        if (e && std::isfinite(z))
            edit(tr("Give it its height on the canvas"),
                edits::withTrueHeight(project(), e->id, cm * z / stage::eyeOf(project()).focalCm));
    });
    connect(m_altitude, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editElement(tr("Lift it"), [&](Element& e) { e.altitudeM = v; }); });
    connect(m_x, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (const Element* e = work.heldElement())
            edit(tr("Move it"), edits::withFoot(project(), e->id, {v, e->baseCm.y}));
    });
    connect(m_y, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (const Element* e = work.heldElement())
            edit(tr("Move it"), edits::withFoot(project(), e->id, {e->baseCm.x, v}));
    });
    connect(m_which, &QComboBox::activated, &work, [this] { work.holdElement(m_which->currentData().toInt()); });
    connect(m_cast, &QComboBox::activated, this,
        [this] { editElement(tr("Say whom it shows"), [&](Element& e) { e.cast = m_cast->currentData().toInt(); }); });
    connect(m_usual, &QComboBox::activated, this, &StageStation::pinUsual);
    connect(m_facing, &QComboBox::activated, this,
        [this](int i) { editElement(tr("Say where it looks"), [=](Element& e) { e.facing = Facing(i); }); });
    connect(m_locked, &QCheckBox::toggled, this, [this](bool on) {
        editElement(on ? tr("Lock it in its place") : tr("Unlock it"), [=](Element& e) { e.locked = on; });
    });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (const QString name = m_name->text().trimmed(); !name.isEmpty())
            editElement(tr("Name it"), [&](Element& e) { e.name = name.toStdString(); });
    });
    connect(m_notes, &QLineEdit::editingFinished, this, [this] {
        editElement(tr("Note something about it"), [&](Element& e) { e.notes = m_notes->text().toStdString(); });
    });
    connect(m_lines, &QPushButton::toggled, this, [this] { refresh(); });
    connect(&m_vanishing, &VanishingLines::found, this, [this] { refresh(); });
    connect(m_rings, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editGuides(tr("Set the number of rings"), [=](Guides& g) { g.rings = int(v); }); });
    connect(m_strip, &TakeStrip::chosenChanged, this, [this] { fillTakes(); });
    connect(m_strip, &TakeStrip::wanted, this, [this] { workOnTake(); });
    connect(&m_takes, &TakeKeeper::changed, this, [this] {
        if (m_page == Page::Takes)
            fillTakes();
    });
    connect(&m_kinWatcher, &QFutureWatcherBase::finished, this, [this] {
        m_like = m_kinWatcher.result();
        askLikeness(); // the work may have gone on
        say();
    });
    connect(&m_sheet, &QFutureWatcherBase::finished, this, [this] { emit work.notice(m_sheet.result()); });
    connect(m_voteWords, &QLineEdit::returnPressed, this, &StageStation::vote);
    connect(&work, &Workbench::heldChanged, this, [this] {
        if (m_drawing == Drawing::Outline || m_drawing == Drawing::Profile)
            startDrawing(Drawing::None);
    });
}

void StageStation::connectStandins()
{
    const auto share = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { editElement(what, [&](Element& e) { set(e, v); }); });
    };
    share(m_wide, tr("Set its width"),
        [](Element& e, double v) { (e.standin.solid == Solid::Path ? e.standin.pathWidthM : e.standin.wide) = v; });
    share(m_deep, tr("Set its depth"), [](Element& e, double v) { e.standin.deep = v; });
    share(m_count, tr("Set its count"), [](Element& e, double v) { e.standin.count = int(v); });
    share(m_wall, tr("Set its wall"), [](Element& e, double v) { e.standin.wall = v; });
    share(m_yaw, tr("Turn it"), [](Element& e, double v) { e.yaw = v; });
    share(m_stretch, tr("Stretch it"), [](Element& e, double v) { e.stretch = v; });
    share(m_lightness, tr("Set its tone"), [](Element& e, double v) { e.standin.lightness = v; });
    share(m_patternSize, tr("Set the pattern's repeat"), [](Element& e, double v) { e.pattern.sizeM = v; });
    share(m_patternStrength, tr("Set the pattern's strength"),
        [](Element& e, double v) { e.pattern.strength = v / 100; });
    share(m_fromL, tr("Limit the pattern"), [](Element& e, double v) { e.pattern.fromL = v; });
    share(m_toL, tr("Limit the pattern"), [](Element& e, double v) { e.pattern.toL = v; });
    connect(m_pattern, &QComboBox::activated, this, [this](int i) {
        editElement(tr("Lay a pattern on it"), [=](Element& e) { e.pattern.kind = PatternKind(i); });
    });
    connect(m_material, &QComboBox::activated, this, [this](int i) {
        editElement(tr("Say what its surface is like"), [=](Element& e) { e.material = Material(i); });
    });
    connect(m_begin, &QComboBox::activated, this, [this](int i) {
        if (i > 0)
            editStandin(tr("Begin with %1").arg(m_begin->itemText(i)), [=](Standin& s) {
                if (s.solid == Solid::Figure)
                    s.pose = stage::poseOf(stage::Stance(i - 1));
                else if (s.solid == Solid::Turned)
                    s.profile = stage::profileOf(stage::Turning(i - 1));
            });
    });
    connect(m_cutoutFor, &QComboBox::activated, this, [this] {
        if (const int cutout = m_cutoutFor->currentData().toInt(); cutout && work.heldElement())
            edit(tr("Replace it by a cut-out"), edits::withCutoutFor(project(), work.element(), cutout));
    });
    connect(m_draw, &QPushButton::clicked, this, [this](bool on) {
        if (!on)
            return finishDrawing();
        const Element* e = work.heldElement();
        const int kind = m_kind->currentData().toInt();
        const Solid solid = e && !e->cutout && e->standin.solid != Solid::None ? e->standin.solid
            : kind >= 100                                                      ? Solid::Path
                                                                               : Solid(kind);
        startDrawing(solid == Solid::Turned ? Drawing::Profile
                : solid == Solid::Path      ? Drawing::Course
                                            : Drawing::Outline);
    });
    connect(m_measures, &QPushButton::toggled, this, [this] { refresh(); });
    connect(m_pointPlace, &QPushButton::clicked, this, [this](bool on) {
        if (on)
            startDrawing(Drawing::Ground);
        else
            finishDrawing();
    });
}

void StageStation::connectPlans()
{
    for (GroundPlan* plan : {m_plan, m_side}) {
        const bool side = plan == m_side;
        connect(plan, &GroundPlan::elementHeld, &work, [this](int id) { work.holdElement(id); });
        connect(plan, &GroundPlan::elementMoved, this, [this, side](int id, Vec3 to, int gesture) {
            const Element* e = project().element(id);
            if (!e || e->locked)
                return;
            const Vec2 base = stage::projected(stage::eyeOf(project()), {to.x, 0, to.z});
            Project after = edits::withFoot(project(), id, base);
            if (side)
                after.element(id)->altitudeM = to.y;
            edit(tr("Move it"), std::move(after), gesture);
        });
        connect(plan, &GroundPlan::lanternHeld, &work, [this](int id) { work.holdLantern(id); });
        connect(plan, &GroundPlan::lanternMoved, this, [this](int id, Vec3 to, int gesture) {
            if (const Lantern* l = project().lantern(id)) {
                Lantern moved = *l;
                moved.position = to;
                edit(tr("Carry the lantern"), edits::withLantern(project(), moved), gesture);
            }
        });
        connect(plan, &GroundPlan::released, this, [this] { work.document.finishGesture(); });
    }
    connect(m_plan, &GroundPlan::groundPointed, this, [this](Vec3 at) { pointAtGround({at.x, at.z}); });
}

void StageStation::startDrawing(Drawing what)
{
    m_drawing = what;
    m_drawn.clear();
    if (what == Drawing::Course || what == Drawing::Ground)
        m_ground.clear();
    m_plan->setPointing(what == Drawing::Course || what == Drawing::Ground);
    m_draw->setChecked(what == Drawing::Outline || what == Drawing::Profile || what == Drawing::Course);
    m_pointPlace->setChecked(what == Drawing::Ground);
    refresh();
}

void StageStation::finishDrawing()
{
    const Drawing was = m_drawing;
    if (was == Drawing::Outline)
        finishShape();
    if (was == Drawing::Profile)
        finishProfile();
    if (was == Drawing::Course)
        finishCourse();
    m_drawing = Drawing::None;
    m_drawn.clear();
    if (was == Drawing::Course)
        m_ground.clear();
    m_plan->setPointing(false);
    m_draw->setChecked(false);
    m_pointPlace->setChecked(false);
    refresh();
}

namespace {
/// An element that fills a place on the canvas: its foot where the place ends, or far off when that is above the
/// horizon.
void fillPlace(const Project& p, Element& e, double middle, double top, double bottom)
{
    const double base = std::max(bottom, p.camera.horizonCm + 0.01 * p.brief.heightCm);
    const double metresPerCm = p.camera.eyeHeightM / (base - p.camera.horizonCm);
    e.baseCm = {middle, base};
    e.heightM = std::max(0.01, (bottom - top) * metresPerCm);
    e.altitudeM = (base - bottom) * metresPerCm;
}
} // namespace

void StageStation::finishShape()
{
    if (m_drawn.size() < 3)
        return;
    double l = 1e300, t = 1e300, r = -1e300, b = -1e300;
    for (const Vec2& q : cutout::flattened(loopOf(m_drawn), 0.05))
        l = std::min(l, q.x), r = std::max(r, q.x), t = std::min(t, q.y), b = std::max(b, q.y);
    const double high = b - t;
    if (high < 0.05 || r - l < 0.05)
        return;
    const Element* held = work.heldElement();
    const bool redraw = held && !held->cutout && held->standin.solid == Solid::Shape;
    Element e = redraw ? *held : edits::standinOf(Solid::Shape);
    fillPlace(project(), e, (l + r) / 2, t, b);
    Outline outline;
    for (const OutlinePoint& q : m_drawn)
        outline.points.push_back({{(q.at.x - (l + r) / 2) / high, (b - q.at.y) / high}, q.curved});
    e.standin.outlines = {outline};
    Project after = edits::withElement(project(), e);
    const int id = redraw ? e.id : after.elements.back().id;
    edit(tr("Draw a shape"), std::move(after));
    work.holdElement(id);
}

void StageStation::finishProfile()
{
    if (m_drawn.size() < 2)
        return;
    const Element* held = work.heldElement();
    const bool redraw = held && !held->cutout && held->standin.solid == Solid::Turned;
    Element e = redraw ? *held : edits::standinOf(Solid::Turned);
    const double axis = redraw ? held->baseCm.x : m_drawn.front().at.x;
    if (m_drawn.front().at.y < m_drawn.back().at.y)
        std::reverse(m_drawn.begin(), m_drawn.end());
    double t = 1e300, b = -1e300;
    for (const OutlinePoint& q : m_drawn)
        t = std::min(t, q.at.y), b = std::max(b, q.at.y);
    if (b - t < 0.05)
        return;
    fillPlace(project(), e, axis, t, b);
    e.standin.profile.clear();
    for (const OutlinePoint& q : m_drawn)
        e.standin.profile.push_back({{std::abs(q.at.x - axis) / (b - t), (b - q.at.y) / (b - t)}, q.curved});
    Project after = edits::withElement(project(), e);
    const int id = redraw ? e.id : after.elements.back().id;
    edit(tr("Draw half a profile"), std::move(after));
    work.holdElement(id);
}

void StageStation::finishCourse()
{
    if (m_ground.size() < 2)
        return;
    const Element* held = work.heldElement();
    const bool redraw = held && !held->cutout && held->standin.solid == Solid::Path;
    Element e = redraw ? *held : edits::standinOf(Solid::Path);
    if (!redraw)
        if (const int kind = m_kind->currentData().toInt(); kind >= 100) {
            e.standin.track = Track(kind - 100);
            e.name = m_kind->currentText().toStdString();
        }
    e.baseCm = stage::projected(stage::eyeOf(project()), {m_ground.front().x, 0, m_ground.front().y});
    e.yaw = 0;
    e.standin.path.clear();
    for (const Vec2& q : m_ground)
        e.standin.path.push_back(q - m_ground.front());
    Project after = edits::withElement(project(), e);
    const int id = redraw ? e.id : after.elements.back().id;
    edit(tr("Lay a way"), std::move(after));
    work.holdElement(id);
}

void StageStation::pointAtGround(Vec2 metres)
{
    if (m_drawing != Drawing::Course && m_drawing != Drawing::Ground)
        return;
    m_ground.push_back({metres.x, std::max(0.3, metres.y)});
    refresh();
}

bool StageStation::posing() const
{
    const Element* e = work.heldElement();
    return m_page == Page::Standins && e && !e->cutout && e->standin.solid == Solid::Figure;
}

Vec2 StageStation::jointPlace(const Element& e, Vec3 q) const
{
    const stage::Eye eye = stage::eyeOf(project());
    const Vec3 foot = stage::footOf(eye, e);
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw));
    const double x = (e.mirrored ? -1 : 1) * e.stretch * e.heightM * q.x, z = e.heightM * q.z;
    return stage::projected(
        eye, {foot.x + x * c - z * s, e.altitudeM + e.heightM * q.y, std::max(0.1, foot.z + x * s + z * c)});
}

int StageStation::jointAt(Vec2 at, const Board& board) const
{
    if (!posing())
        return -1;
    const Element& e = *work.heldElement();
    const auto skeleton = stage::skeletonOf(e.standin.pose);
    int found = -1;
    double best = 9 / board.pixelsPerCm();
    for (int j = 0; j < stage::kJointCount; ++j)
        if (const double d = (jointPlace(e, skeleton.at(stage::Joint(j))) - at).length(); d < best)
            best = d, found = j;
    return found;
}

bool StageStation::press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board)
{
    m_gesture = work.document.freshGesture();
    const double near = 7 / board.pixelsPerCm();
    switch (m_drawing) {
    case Drawing::Outline:
    case Drawing::Profile:
        m_drawn.push_back({at, false});
        emit overlayChanged();
        return true;
    case Drawing::Course:
    case Drawing::Ground: {
        const stage::Eye eye = stage::eyeOf(project());
        const double z = stage::groundDistance(eye, at.y);
        if (!std::isfinite(z) || z > 5000)
            emit work.notice(tr("There is no ground above the horizon; click below it."));
        else
            pointAtGround({(at.x - eye.x0) * z / eye.focalCm, z});
        return true;
    }
    case Drawing::Corners:
        m_drawn.push_back({at, false});
        if (m_drawn.size() == 3) {
            std::vector<Vec2> corners;
            for (const OutlinePoint& q : m_drawn)
                corners.push_back(q.at);
            editGuides(tr("Choose the pyramid's corners"),
                [&](Guides& g) { g.corners = corners, g.shown |= 1U << int(Guide::Pyramid); });
            startDrawing(Drawing::None);
        }
        return true;
    case Drawing::Meet:
        editGuides(
            tr("Choose the meeting point"), [&](Guides& g) { g.meet = at, g.shown |= 1U << int(Guide::Converging); });
        startDrawing(Drawing::None);
        return true;
    case Drawing::None:
        break;
    }
    if (const int joint = jointAt(at, board); joint >= 0) {
        m_held = Held::Joint;
        m_joint = joint;
        return true;
    }
    const Element* held = work.heldElement();
    if (held && (held->baseCm - at).length() < near) {
        m_held = Held::Foot;
        m_grip = held->baseCm - at;
        return true;
    }
    const int id = work.lit ? elementAt(*work.lit, at) : 0;
    if (id && (keys & Qt::ControlModifier) && held) {
        m_other->setCurrentIndex(std::max(0, m_other->findData(id)));
        turnTo(Page::Ties);
        return true;
    }
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
    const Element* e = work.heldElement();
    if (m_held == Held::Horizon) {
        Camera c = project().camera;
        c.horizonCm = std::round(at.y * 10) / 10;
        edit(tr("Drag the horizon"), edits::withCamera(project(), c), m_gesture);
    } else if (m_held == Held::Joint && e) {
        Element posed = *e;
        posed.standin.pose
            = stage::posed(e->standin.pose, stage::Joint(m_joint), at, [&](Vec3 q) { return jointPlace(*e, q); });
        edit(tr("Pose it"), edits::withElement(project(), posed), m_gesture);
    } else if (m_held != Held::None && e) {
        if (e->locked) {
            emit work.notice(tr("“%1” is locked in its place.").arg(QString::fromStdString(e->name)));
            return;
        }
        Vec2 base = at + m_grip;
        if (keys & Qt::ShiftModifier)
            base.y = e->baseCm.y; // along its own depth only
        edit(tr("Move it"), edits::withFoot(project(), e->id, base, keys & Qt::AltModifier), m_gesture);
    }
}

void StageStation::release(Vec2, const Board&)
{
    m_held = Held::None;
    work.document.finishGesture();
    say();
}

bool StageStation::drawingKey(QKeyEvent* e)
{
    if (m_drawing == Drawing::None)
        return false;
    switch (e->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        finishDrawing();
        return true;
    case Qt::Key_Escape:
        m_ground.clear();
        startDrawing(Drawing::None);
        return true;
    case Qt::Key_Backspace:
        if (!m_drawn.empty())
            m_drawn.pop_back();
        else if (!m_ground.empty())
            m_ground.pop_back();
        refresh();
        return true;
    case Qt::Key_C:
        if (!m_drawn.empty())
            m_drawn.back().curved = !m_drawn.back().curved;
        emit overlayChanged();
        return true;
    default:
        return false;
    }
}

bool StageStation::key(QKeyEvent* e)
{
    if (drawingKey(e))
        return true;
    const double step = e->modifiers() & Qt::ShiftModifier ? 1.0 : 0.1;
    const auto nudge = [&](double dx, double dy) {
        const Element* x = work.heldElement();
        if (x && x->locked)
            emit work.notice(tr("“%1” is locked in its place.").arg(QString::fromStdString(x->name)));
        else if (x)
            edit(tr("Nudge it"), edits::withFoot(project(), x->id, x->baseCm + Vec2{dx, dy}));
    };
    const auto lift = [&](double by) { editElement(tr("Lift it"), [&](Element& x) { x.altitudeM += by; }); };
    const auto turn = [&](double by) { editElement(tr("Turn it"), [&](Element& x) { x.yaw += by; }); };
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
    case Qt::Key_PageUp:
        lift(step);
        return true;
    case Qt::Key_PageDown:
        lift(-step);
        return true;
    case Qt::Key_BracketLeft:
        turn(5);
        return true;
    case Qt::Key_BracketRight:
        turn(-5);
        return true;
    case Qt::Key_M:
        mirror();
        return true;
    case Qt::Key_V:
        turnTo(Page::Space);
        m_lines->toggle();
        return true;
    case Qt::Key_Delete:
        takeAway();
        return true;
    default:
        return false;
    }
}

namespace {
void label(QPainter& p, QPointF at, const QString& words)
{
    const QRectF r(at.x(), at.y() - 14, p.fontMetrics().horizontalAdvance(words) + 8, 17);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(246, 245, 242, 225));
    p.drawRoundedRect(r, 4, 4);
    p.setPen(theme::kInk);
    p.drawText(r, Qt::AlignCenter, words);
}

void bothWays(QPainter& p, const QPolygonF& line)
{
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 255, 255, 170), 2.4));
    p.drawPolyline(line);
    p.setPen(QPen(QColor(60, 57, 53, 220), 1));
    p.drawPolyline(line);
}
} // namespace

void StageStation::paintGuides(QPainter& p, const Board& board) const
{
    const QRectF canvas = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
    p.save();
    p.setClipRect(canvas);
    for (int g = 0; g < kGuideCount; ++g) {
        if (!project().guides.on(Guide(g)))
            continue;
        for (const stage::GuideLine& l : stage::guideLines(project(), Guide(g))) {
            QPolygonF line;
            for (const Vec2& q : l.points)
                line << board.toScreen(q);
            bothWays(p, line);
        }
    }
    p.restore();
}

void StageStation::paintRoom(QPainter& p, const Board& board) const
{
    const auto r = stage::roomOf(project(), work.light.surfaces());
    const double w = board.widthCm(), h = board.heightCm();
    p.setFont(theme::text(12));
    const auto gap = [&](Vec2 a, Vec2 b, double cm) {
        if (cm <= 0)
            return;
        bothWays(p, QPolygonF{board.toScreen(a), board.toScreen(b)});
        label(p, board.toScreen((a + b) * 0.5) + QPointF(4, 6), tr("%1 cm").arg(cm, 0, 'f', 1));
    };
    if (r.known) {
        const Vec2 c = r.group.centre();
        p.setPen(QPen(theme::kGlow, 1.5, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(board.toScreen(r.group));
        gap({0, c.y}, {r.group.x, c.y}, r.left);
        gap({r.group.right(), c.y}, {w, c.y}, r.right);
        gap({c.x, 0}, {c.x, r.group.y}, r.top);
        gap({c.x, r.group.bottom()}, {c.x, h}, r.bottom);
    }
    if (!work.lit)
        return;
    const auto b = reading::balanceOf(work.lit->picture);
    const QPointF at = board.toScreen(b.centreCm), middle = board.toScreen(Vec2{w / 2, h / 2});
    p.setPen(QPen(theme::kDark, 1, Qt::DashLine));
    p.drawLine(
        QPointF(middle.x(), board.toScreen(Vec2{0, 0}).y()), QPointF(middle.x(), board.toScreen(Vec2{0, h}).y()));
    p.setPen(QPen(theme::kInk, 1.5));
    p.setBrush(theme::kPaper);
    p.drawEllipse(at, 7, 7);
    p.drawLine(at - QPointF(11, 0), at + QPointF(11, 0));
    p.drawLine(at - QPointF(0, 11), at + QPointF(0, 11));
    label(p, at + QPointF(12, -6), tr("centre of weight"));
    if (b.counter.wanted) {
        const double side = std::sqrt(b.counter.areaCm2);
        const QRectF box = board.toScreen(Rect{b.counter.atCm.x - side / 2, b.counter.atCm.y - side / 2, side, side});
        p.setPen(QPen(theme::kGlow, 2, Qt::DashLine));
        p.setBrush(QColor(246, 245, 242, 60));
        p.drawEllipse(box);
        label(p, box.center() - QPointF(40, 0), tr("counterweight"));
    }
}

void StageStation::paintEllipses(QPainter& p, const Board& board) const
{
    const Element* e = work.heldElement();
    if (!e)
        return;
    p.setFont(theme::text(12));
    double last = -1e9;
    for (const stage::SeenEllipse& s : stage::ellipsesOf(project(), *e)) {
        if (s.longCm <= 0)
            continue;
        const QPointF c = board.toScreen(s.centre);
        const double k = board.pixelsPerCm();
        p.save();
        p.translate(c);
        p.rotate(-s.tilt);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(QColor(255, 255, 255, 190), 2.6));
        p.drawEllipse(QPointF(), s.longCm * k / 2, s.shortCm * k / 2);
        p.setPen(QPen(theme::kAccent, 1.2));
        p.drawEllipse(QPointF(), s.longCm * k / 2, s.shortCm * k / 2);
        p.drawLine(QPointF(-s.longCm * k / 2, 0), QPointF(s.longCm * k / 2, 0));
        p.restore();
        if (std::abs(c.y() - last) < 16)
            continue; // one label at a place
        last = c.y();
        label(p, c + QPointF(s.longCm * k / 2 + 6, 5),
            tr("%1 × %2 cm").arg(s.longCm, 0, 'f', 2).arg(s.shortCm, 0, 'f', 2));
    }
}

void StageStation::paintDrawing(QPainter& p, const Board& board) const
{
    QPolygonF line;
    if (m_drawn.size() > 2 && m_drawing != Drawing::Corners && m_drawing != Drawing::Profile)
        for (const Vec2& q : cutout::flattened(loopOf(m_drawn), 0.05))
            line << board.toScreen(q);
    else
        for (const OutlinePoint& q : m_drawn)
            line << board.toScreen(q.at);
    const stage::Eye eye = stage::eyeOf(project());
    const bool ground
        = m_drawing == Drawing::Course || m_drawing == Drawing::Ground || (m_page == Page::Kin && !m_ground.empty());
    if (ground)
        for (const Vec2& q : m_ground)
            line << board.toScreen(stage::projected(eye, {q.x, 0, q.y}));
    if (ground && m_page == Page::Kin && m_spread->currentIndex() == int(stage::Spread::Area) && line.size() > 2)
        line << line.first();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kGlow, 2));
    p.drawPolyline(line);
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(theme::kGlow);
    for (const OutlinePoint& q : m_drawn)
        q.curved ? p.drawEllipse(board.toScreen(q.at), 4, 4)
                 : p.drawRect(QRectF(board.toScreen(q.at) - QPointF(3.5, 3.5), QSizeF(7, 7)));
    if (ground)
        for (const QPointF& q : line)
            p.drawEllipse(q, 4, 4);
}

void StageStation::paintJoints(QPainter& p, const Board& board) const
{
    const Element& e = *work.heldElement();
    const auto skeleton = stage::skeletonOf(e.standin.pose);
    for (int j = 0; j < stage::kJointCount; ++j) {
        const QPointF q = board.toScreen(jointPlace(e, skeleton.at(stage::Joint(j))));
        p.setPen(QPen(theme::kInk, 1.2));
        p.setBrush(m_held == Held::Joint && m_joint == j ? theme::kAccent : theme::kPaper);
        p.drawPolygon(QPolygonF{q + QPointF(0, -5.5), q + QPointF(5.5, 0), q + QPointF(0, 5.5), q + QPointF(-5.5, 0)});
    }
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
    label(p, {right - p.fontMetrics().horizontalAdvance(words) - 14, y - 7}, words);
    if (m_lines->isChecked())
        m_vanishing.paint(p, board, project());
    paintGuides(p, board);
    if (m_page == Page::Room && m_showRoom->isChecked())
        paintRoom(p, board);
    paintHeld(p, board, project(), work);
    if (m_page == Page::Standins && m_measures->isChecked())
        paintEllipses(p, board);
    if (posing() && m_drawing == Drawing::None)
        paintJoints(p, board);
    paintDrawing(p, board);
}

} // namespace rl::app
