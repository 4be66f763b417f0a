#include "app/stations/stage_station.h"
#include "app/jobs.h"
#include "app/theme/theme.h"
#include "core/base/result.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/project/usual_heights.h"
#include "core/reading/balance.h"
#include "core/stage/ellipses.h"
#include "core/stage/guides.h"
#include "core/stage/room.h"
#include "core/stage/symmetry.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QToolButton>
#include <QtConcurrent>

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
    if (!e)
        return;
    const auto place = stage::placed(project, *e, work.light.surfaces());
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
    p.setBrush(e->locked ? theme::kDark : theme::kGlow);
    p.setPen(QPen(theme::kInk, 1));
    p.drawEllipse(foot, 5, 5);
    if (e->altitudeM > 0) {
        p.setPen(QPen(theme::kGlow, 1.2, Qt::DashLine));
        p.drawLine(foot, QPointF(foot.x(), r.bottom()));
    }
}

void StageStation::edit(const QString& what, Project after, int gesture)
{
    work.document.edit(what, std::move(after), gesture);
}

void StageStation::editElement(const QString& what, const std::function<void(Element&)>& change, int gesture)
{
    const Element* held = work.heldElement();
    if (!held)
        return;
    Element e = *held;
    change(e);
    if (!(e == *held))
        edit(what, edits::withElement(project(), e), gesture);
}

void StageStation::editStandin(const QString& what, const std::function<void(Standin&)>& change)
{
    editElement(what, [&](Element& e) { change(e.standin); });
}

void StageStation::editGuides(const QString& what, const std::function<void(Guides&)>& change)
{
    Project after = project();
    change(after.guides);
    if (!(after.guides == project().guides))
        edit(what, std::move(after));
}

void StageStation::mirror()
{
    editElement(tr("Mirror it"), [](Element& e) { e.mirrored = !e.mirrored; });
}

void StageStation::takeAway()
{
    if (work.heldElement())
        edit(tr("Take it away"), edits::withoutElement(project(), work.element()));
}

int StageStation::other() const
{
    const int id = m_other->currentData().toInt();
    return id != work.element() && project().element(id) ? id : 0;
}

void StageStation::standUp()
{
    const int kind = m_kind->currentData().toInt();
    Element e = edits::standinOf(kind >= 100 ? Solid::Path : Solid(kind));
    if (kind >= 100) {
        e.standin.track = Track(kind - 100);
        e.name = m_kind->currentText().toStdString();
        if (e.standin.track == Track::Rail)
            e.standin.pathWidthM = 1.44;
        if (e.standin.track == Track::Stairs)
            e.heightM = 2, e.standin.path = {{0, 0}, {0, 6}};
    } else {
        e.name = m_kind->currentText().toStdString();
    }
    const auto same = std::count_if(project().elements.begin(), project().elements.end(),
        [&](const Element& x) { return x.standin.solid == e.standin.solid && !x.cutout; });
    if (same > 0)
        e.name += " " + std::to_string(same + 1);
    const Brief& b = project().brief;
    const double below = std::max(0.0, b.heightCm - project().camera.horizonCm);
    e.baseCm = {b.widthCm * (0.5 + 0.09 * double((same + 1) / 2) * (same % 2 ? 1 : -1) * (same > 0)),
        below > 1 ? project().camera.horizonCm + 0.62 * below : b.heightCm + 2};
    Project after = edits::withElement(project(), e);
    const int id = after.elements.back().id;
    edit(tr("Stand up a stand-in"), std::move(after));
    work.holdElement(id);
}

void StageStation::pinUsual()
{
    const Element* e = work.heldElement();
    if (!e)
        return;
    const QString name = m_usual->currentData().toString();
    const UsualHeight u = usualHeight(project(), name.toStdString());
    Project after = u.name.empty() ? project() : edits::withTrueHeight(project(), e->id, u.metres);
    after.element(e->id)->usual = u.name;
    edit(u.name.empty() ? tr("Say nothing of its usual height") : tr("Give it a usual height"), std::move(after));
}

void StageStation::keepUsual()
{
    const Element* e = work.heldElement();
    if (!e)
        return;
    const int id = e->id;
    const double metres = e->heightM;
    bool ok = false;
    const QString name = QInputDialog::getText(m_bench, tr("Usual heights"),
        tr("Keep %1 m as the usual height of…\n(the name of a known one changes it)").arg(metres, 0, 'f', 2),
        QLineEdit::Normal, QString::fromStdString(e->usual.empty() ? e->name : e->usual), &ok)
                             .trimmed();
    if (!ok || name.isEmpty())
        return;
    const UsualHeight old = usualHeight(project(), name.toStdString());
    UsualHeight u{name.toStdString(), metres, 0.8 * metres, 1.25 * metres, old.person};
    Project after = withUsualHeight(project(), u);
    if (Element* x = after.element(id))
        x->usual = u.name;
    edit(tr("Keep a usual height"), std::move(after));
}

void StageStation::scatter()
{
    const Element* e = work.heldElement();
    stage::KinWish wish;
    wish.of = e ? e->id : 0;
    wish.count = int(m_kinCount->value());
    wish.spread = stage::Spread(m_spread->currentIndex());
    wish.ground = m_ground;
    wish.turn = m_kinTurn->value();
    wish.scale = m_kinScale->value() / 100;
    wish.reshape = m_kinReshape->value() / 100;
    wish.seed = std::uint32_t(m_seed++);
    if (wish.ground.size() < (wish.spread == stage::Spread::Area ? 3u : 2u)) {
        emit work.notice(wish.spread == stage::Spread::Area
                ? tr(
                    "Point at three corners of the area or more first: “Point at the place”, then click on the ground.")
                : tr("Point at two places or more first: “Point at the place”, then click on the ground."));
        return;
    }
    Project after = stage::withKin(project(), wish);
    if (after.elements.size() > project().elements.size())
        edit(tr("Scatter kin"), std::move(after));
}

void StageStation::fillLists()
{
    const Project& p = project();
    const QSignalBlocker a(m_which), b(m_cast), c(m_other), d(m_usual), e(m_cutoutFor), f(m_begin);
    const int tied = m_other->currentData().toInt();
    m_which->clear();
    m_other->clear();
    m_other->addItem(tr("nothing yet"), 0);
    for (const Element& x : p.elements) {
        m_which->addItem(QString::fromStdString(x.name), x.id);
        if (x.id != work.element())
            m_other->addItem(QString::fromStdString(x.name), x.id);
    }
    m_which->setCurrentIndex(m_which->findData(work.element()));
    m_other->setCurrentIndex(std::max(0, m_other->findData(tied)));
    m_cast->clear();
    m_cast->addItem(tr("nobody in the cast"), 0);
    for (const CastMember& m : p.brief.cast)
        m_cast->addItem(QString::fromStdString(m.name), m.id);
    m_usual->clear();
    m_usual->addItem(tr("not said"), QString());
    for (const UsualHeight& u : heightsOf(p))
        m_usual->addItem(tr("%1 · %2 m").arg(QString::fromStdString(u.name)).arg(u.metres, 0, 'f', 2),
            QString::fromStdString(u.name));
    m_cutoutFor->clear();
    m_cutoutFor->addItem(p.cutouts.empty() ? tr("no cut-outs yet") : tr("a cut-out…"), 0);
    for (const Cutout& x : p.cutouts) {
        const Reference* r = p.reference(x.reference);
        m_cutoutFor->addItem(tr("of %1").arg(r ? QString::fromStdString(r->name) : QString()), x.id);
    }
    m_begin->clear();
    const Element* held = work.heldElement();
    if (held && held->standin.solid == Solid::Figure)
        m_begin->addItems({tr("a pose…"), tr("standing"), tr("sitting"), tr("walking")});
    else if (held && held->standin.solid == Solid::Turned)
        m_begin->addItems(
            {tr("a profile…"), tr("vase"), tr("bell"), tr("goblet"), tr("baluster"), tr("dome"), tr("jar")});
    else
        m_begin->addItem(tr("nothing"));
}

void StageStation::fillFields()
{
    const Element* e = work.heldElement();
    for (QWidget* w :
        std::initializer_list<QWidget*>{m_height, m_heightCm, m_altitude, m_x, m_y, m_cast, m_mirror, m_usual, m_facing,
            m_locked, m_other, m_name, m_notes, m_yaw, m_stretch, m_cutoutFor, m_pattern, m_material, m_scatter})
        w->setEnabled(e != nullptr);
    const bool standin = e && e->standin.solid != Solid::None && !e->cutout;
    const Solid solid = standin ? e->standin.solid : Solid::None;
    m_wide->setEnabled(standin && solid != Solid::Figure && solid != Solid::Turned && solid != Solid::Shape);
    m_deep->setEnabled(solid == Solid::Box || solid == Solid::Stair || solid == Solid::Arch || solid == Solid::Tent
        || solid == Solid::Wheel);
    m_count->setEnabled(solid == Solid::Stair || solid == Solid::Wheel || solid == Solid::Tree);
    m_wall->setEnabled(solid == Solid::Turned);
    m_begin->setEnabled(solid == Solid::Figure || solid == Solid::Turned);
    m_lightness->setEnabled(standin);
    m_again->setEnabled(e && e->cutout && e->standin.solid != Solid::None);
    if (!e)
        return;
    const auto place = stage::placed(project(), *e, work.light.surfaces());
    setQuietly(m_height, e->heightM);
    setQuietly(m_heightCm, place.heightCm);
    setQuietly(m_altitude, e->altitudeM);
    setQuietly(m_x, e->baseCm.x);
    setQuietly(m_y, e->baseCm.y);
    setQuietly(m_wide, solid == Solid::Path ? e->standin.pathWidthM : e->standin.wide);
    setQuietly(m_deep, e->standin.deep);
    setQuietly(m_count, e->standin.count);
    setQuietly(m_wall, e->standin.wall);
    setQuietly(m_yaw, e->yaw);
    setQuietly(m_stretch, e->stretch);
    setQuietly(m_lightness, e->standin.lightness);
    setQuietly(m_patternSize, e->pattern.sizeM);
    setQuietly(m_patternStrength, 100 * e->pattern.strength);
    setQuietly(m_fromL, e->pattern.fromL);
    setQuietly(m_toL, e->pattern.toL);
    m_wide->setSuffix(solid == Solid::Path ? tr(" m") : QString(" ×"));
    const QSignalBlocker a(m_cast), b(m_usual), c(m_facing), d(m_locked), f(m_material), g(m_pattern), h(m_name),
        i(m_notes);
    m_cast->setCurrentIndex(std::max(0, m_cast->findData(e->cast)));
    m_usual->setCurrentIndex(std::max(0, m_usual->findData(QString::fromStdString(e->usual))));
    m_facing->setCurrentIndex(int(e->facing));
    m_locked->setChecked(e->locked);
    m_material->setCurrentIndex(int(e->material));
    m_pattern->setCurrentIndex(int(e->pattern.kind));
    if (!m_name->hasFocus())
        m_name->setText(QString::fromStdString(e->name));
    if (!m_notes->hasFocus())
        m_notes->setText(QString::fromStdString(e->notes));
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
    setQuietly(m_stand, stage::eyeOf(p).focalCm);
    setQuietly(m_rings, p.guides.rings);
    for (int i = 0; i < kGuideCount; ++i) {
        const QSignalBlocker quiet(m_guides[std::size_t(i)]);
        m_guides[std::size_t(i)]->setChecked(p.guides.on(Guide(i)));
    }
    fillLists();
    fillFields();
    auto scene = planOf(p, work.light.surfaces());
    scene.heldElement = work.element();
    scene.sunOn = false;
    scene.heldLantern = work.lantern();
    scene.pointed = m_ground;
    m_plan->show(scene);
    m_side->show(std::move(scene));
    if (m_page == Page::Takes)
        fillTakes();
    if (m_lines->isChecked())
        m_vanishing.ask(p);
    askLikeness();
    say();
    emit overlayChanged();
}

void StageStation::say()
{
    m_sizes->setText(words());
}

QString StageStation::sizeWords(const Element& e) const
{
    const auto place = stage::placed(project(), e, work.light.surfaces());
    if (!place.visible)
        return tr("Its foot is above the horizon: there is no ground there.");
    QString s = tr("%1 m away, %2 × %3 m; %4 × %5 cm on the canvas")
                    .arg(place.distance, 0, 'f', 1)
                    .arg(place.widthM, 0, 'f', 2)
                    .arg(e.heightM, 0, 'f', 2)
                    .arg(place.canvas.width, 0, 'f', 1)
                    .arg(place.canvas.height, 0, 'f', 1);
    if (place.cmPerPixel > 0)
        s += tr(", %1 pixels a cm").arg(1 / place.cmPerPixel, 0, 'f', 0);
    return s + tr(". Arrow keys move it by 1 mm, with Shift by 1 cm; Page Up and Down lift it by 10 cm.");
}

QString StageStation::guideWords() const
{
    const Project& p = project();
    if (!p.guides.shown)
        return tr("All off. Hold the pointer over one to read what it is for.");
    QStringList out;
    const auto near = stage::onGuides(p, work.light.surfaces());
    for (int g = 0; g < kGuideCount; ++g) {
        if (!p.guides.on(Guide(g)))
            continue;
        QStringList who;
        for (const stage::OnGuide& o : near)
            if (int(o.guide) == g)
                who << tr("%1 (%2 % off)")
                           .arg(QString::fromStdString(p.element(o.element)->name))
                           .arg(o.percent, 0, 'f', 1);
        out << tr("%1 Within 2 %: %2")
                   .arg(tr(stage::explained(Guide(g))), who.isEmpty() ? tr("nothing") : who.join(", "));
    }
    return out.join(". ") + ".";
}

QString StageStation::roomWords() const
{
    const auto r = stage::roomOf(project(), work.light.surfaces());
    QString s;
    if (r.known) {
        const auto cm = [](double v) { return QString::number(v, 'f', 1); };
        s = tr("About “%1”: left %2, right %3, above %4, below %5 cm; head room %6 cm. ")
                .arg(QString::fromStdString(project().element(r.lead)->name), cm(r.left), cm(r.right), cm(r.top),
                    cm(r.bottom), cm(r.headRoomCm));
        if (r.facing == Facing::Left || r.facing == Facing::Right)
            s += tr("It looks %1: %2 cm ahead, %3 behind. ")
                     .arg(r.facing == Facing::Left ? tr("left") : tr("right"), cm(r.aheadCm), cm(r.behindCm));
    } else {
        s = tr("Say on “In hand” which element shows the first of the cast: the room is measured about it. ");
    }
    if (work.lit && !work.lit->picture.colour.empty()) {
        const auto b = reading::balanceOf(work.lit->picture);
        s += tr("Weight %1 % left, %2 % above").arg(100 * b.left, 0, 'f', 0).arg(100 * b.top, 0, 'f', 0);
        s += b.deadEven ? tr(": dead even. ") : QString(". ");
        if (b.counter.wanted)
            s += tr("Counterweight: %1 cm², %2 L* off its ground, at %3 cm from the left, %4 cm from the top.")
                     .arg(b.counter.areaCm2, 0, 'f', 0)
                     .arg(b.counter.againstL, 0, 'f', 0)
                     .arg(b.counter.atCm.x, 0, 'f', 0)
                     .arg(b.counter.atCm.y, 0, 'f', 0);
    }
    return s;
}

StageStation::~StageStation()
{
    m_kinWatcher.waitForFinished();
    m_sheet.waitForFinished();
}

void StageStation::askLikeness()
{
    const Scene now = takes::sceneOf(project());
    if (m_page != Page::Kin || m_kinWatcher.isRunning() || m_likeOf == now)
        return;
    m_likeOf = now;
    m_kinWatcher.setFuture(QtConcurrent::run(jobs(), [this, p = project()] {
        std::vector<stage::Likeness> like;
        (void)guarded([&]() -> Result<Done> {
            like = stage::repetition(p, work.light.surfaces());
            return Done{};
        });
        return like;
    }));
}

QString StageStation::kinWords() const
{
    const Element* e = work.heldElement();
    QString s = m_drawing == Drawing::Ground
        ? tr("Click on the ground, in the picture or on the plan; Enter when done. %1 so far. ").arg(m_ground.size())
        : m_ground.empty() ? tr("Point at the place, then scatter. ")
                           : tr("%1 places pointed at. ").arg(m_ground.size());
    if (!e)
        return s;
    if (m_kinWatcher.isRunning() || !(m_likeOf == takes::sceneOf(project())))
        return s + tr("Measuring how alike they are…");
    for (const stage::Likeness& l : m_like)
        if ((l.a == e->id || l.b == e->id) && project().element(l.a) && project().element(l.b)) {
            const Element* o = project().element(l.a == e->id ? l.b : l.a);
            return s
                + tr("“%1” is most like “%2”: outlines %3 % alike, heights %4 %%5")
                      .arg(QString::fromStdString(e->name), QString::fromStdString(o->name))
                      .arg(100 * l.shape, 0, 'f', 0)
                      .arg(100 * l.size, 0, 'f', 0)
                      .arg(l.alike >= stage::kStamped ? tr("; the eye will see a copy.") : tr("; kin, not a copy."));
        }
    return s + tr("“%1” has no kin yet.").arg(QString::fromStdString(e->name));
}

QString StageStation::measureWords(const Element& e) const
{
    const auto s = stage::symmetryOf(stage::coverOf(project(), e, work.light.surfaces(), 500), false);
    QString out;
    if (s.known)
        out = tr("Left and right differ by %1 mm at most (at %2 cm down, the %3 is wider), %4 mm on average; the "
                 "middle leans %5°. ")
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

QString StageStation::words() const
{
    const Project& p = project();
    const Element* e = work.heldElement();
    switch (m_drawing) {
    case Drawing::Outline:
        return tr(
            "Click the outline on the board; C bends it through the last point, Backspace takes a point back, Enter "
            "closes it, Esc drops it.");
    case Drawing::Profile:
        return tr(
            "Click half the profile from the base up; the axis stands where the first click is, or where the turned "
            "thing in hand stands. C bends, Enter turns it round.");
    case Drawing::Course:
        return tr("Click the course on the ground, in the picture or on the plan; Enter lays it, Esc drops it.");
    case Drawing::Corners:
        return tr("Click the three corners of the pyramid.");
    case Drawing::Meet:
        return tr("Click where the lines meet; it may be on the horizon.");
    default:
        break;
    }
    if (m_page == Page::Space && m_lines->isChecked())
        return m_vanishing.words(p);
    if (m_page == Page::Guides)
        return guideWords();
    if (m_page == Page::Room)
        return roomWords();
    if (!e)
        return tr("Nothing stands here yet. Stand up a stand-in, or cut something out of a picture first (Alt+3).");
    if (m_page == Page::Kin)
        return kinWords();
    if (m_page == Page::Standins && m_measures->isChecked() && m_held == Held::None)
        return measureWords(*e);
    if (m_page == Page::Ties) {
        QStringList s;
        if (const Group* g = p.group(e->group))
            s << tr("in the group “%1”").arg(QString::fromStdString(g->name));
        for (const Element& x : p.elements)
            if (e->step && x.id != e->id && x.step == e->step)
                s << tr("in step with “%1”, %2 × its height")
                         .arg(QString::fromStdString(x.name))
                         .arg(e->heightM / x.heightM, 0, 'f', 2);
        if (const Element* in = p.element(e->inside))
            s << tr("inside “%1”").arg(QString::fromStdString(in->name));
        return s.isEmpty() ? tr("“%1” is tied to nothing. Drags with Alt held leave a group behind.")
                                 .arg(QString::fromStdString(e->name))
                           : tr("“%1” is %2. Drags with Alt held leave a group behind.")
                                 .arg(QString::fromStdString(e->name), s.join("; "));
    }
    return sizeWords(*e);
}

} // namespace rl::app
