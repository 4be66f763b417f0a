#include "app/stations/stage/hand_page.h"
#include "core/project/stage_edits.h"
#include "core/project/usual_heights.h"
#include "core/stage/drawn.h"
#include <QInputDialog>

namespace rl::app {

HandPage::HandPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Selected"),
        tr("Where the selected element stands, how tall it truly is and how tall on the canvas"))
{
    sizeFields();
    placeFields();
    feetFields();
}

void HandPage::sizeFields()
{
    const auto element = lens::element();
    const auto& height = numberAt(&Element::heightM);
    m_form->value(
        {"realHeight", tr("true height"),
            tr("True height. The size on the canvas follows from it and from where it stands."), {}},
        NumberFormat{1, " m", 2, 0.05}, height.low, height.high,
        [this]() -> std::optional<double> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(e->heightM) : std::nullopt;
        },
        [this](double v, int g) {
            m_desk.edit(tr("Give it its true height"), edits::withTrueHeight(project(), m_desk.element(), v), g);
        });
    m_form->value(
        {"heightOnCanvas", tr("on the canvas"),
            tr("Height on the canvas. The true height follows from it and from where it stands."), {}},
        NumberFormat{1, " cm", 1, 0.5}, 0.01, 5000,
        [this]() -> std::optional<double> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(m_desk.placed(*e).heightCm) : std::nullopt;
        },
        [this](double v, int g) {
            m_desk.edit(
                tr("Give it its height on the canvas"), edits::withCanvasHeight(project(), m_desk.element(), v), g);
        });
    m_form->pick(
        {"usual", tr("usually"),
            tr("Its usual height. Choosing one sets that height; you are warned if the size looks wrong"), {}},
        [this] {
            Choices all{{tr("not set"), 0}};
            for (const UsualHeight& u : heightsOf(project()))
                all.emplace_back(tr("%1 · %2 m").arg(QString::fromStdString(rl::tr(u.name))).arg(u.metres, 0, 'f', 2),
                    int(all.size()));
            return all;
        },
        [this]() -> std::optional<int> {
            const Element* e = m_desk.heldElement();
            if (!e)
                return {};
            const auto all = heightsOf(project());
            for (std::size_t i = 0; i < all.size(); ++i)
                if (all[i].name == e->usual)
                    return int(i) + 1;
            return 0;
        },
        [this](int i) {
            const auto all = heightsOf(project());
            const std::string name = i > 0 && i <= int(all.size()) ? all[std::size_t(i - 1)].name : std::string();
            m_desk.edit(name.empty() ? tr("Clear its usual height") : tr("Give it a usual height"),
                edits::withUsual(project(), m_desk.element(), name));
        });
    m_form->button(
        "keepUsual", tr("Keep as…"),
        tr("Adds this height to the list of usual ones under a name, or changes the one of that name"),
        [this] { keepUsual(); }, [this] { return m_desk.heldElement() != nullptr; });
    m_form->value(
        {"altitude", tr("above ground"),
            tr("How far above the ground it hangs or flies. Less than nothing sinks it into water or snow."), {}},
        shownAs(Unit::Metre), numberAt(&Element::altitudeM).low, numberAt(&Element::altitudeM).high,
        [this]() -> std::optional<double> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(e->altitudeM) : std::nullopt;
        },
        [this](double v, int g) {
            if (!m_desk.refusesLocked(m_desk.heldElement()))
                m_desk.edit(tr("Remove mist"), edits::withAltitude(project(), m_desk.element(), v), g);
        });
}

void HandPage::placeFields()
{
    const auto foot = [this](const QString& name, const QString& label, const QString& tip, double Vec2::*axis) {
        m_form->value(
            {name, label, tip, {}}, NumberFormat{1, " cm", 1, 0.1}, -kCanvasReach, kCanvasReach + 2000,
            [this, axis]() -> std::optional<double> {
                const Element* e = m_desk.heldElement();
                return e ? std::optional(e->baseCm.*axis) : std::nullopt;
            },
            [this, axis](double v, int g) {
                const Element* e = m_desk.heldElement();
                if (!e || m_desk.refusesLocked(e))
                    return;
                Vec2 to = e->baseCm;
                to.*axis = v;
                m_desk.edit(tr("Move it"), edits::withFoot(project(), e->id, to), g);
            });
    };
    foot("baseX", tr("foot, from left"), tr("Where its foot stands across the canvas, from the left."), &Vec2::x);
    foot("baseY", tr("foot, from top"), tr("Where its foot stands down the canvas. Lower is nearer, and larger."),
        &Vec2::y);
    m_form->button(
        "findFoot", tr("Find foot"),
        tr("Where it touches the ground is found in its outline again, in place of where you set it"),
        [this] { m_desk.edit(tr("Find foot"), stage::withFootFound(project(), m_desk.element(), m_desk.surfaces())); },
        [this] {
            const Element* e = m_desk.heldElement();
            return e && e->cutout && e->footShare >= 0;
        });
    const auto element = lens::element();
    m_form->pick(
        {"stageCast", tr("shows"), tr("Which member of the cast it shows, for the order of reading"), {}},
        [this] {
            Choices all{{tr("nobody in the cast"), 0}};
            for (const CastMember& m : project().brief.cast)
                all.emplace_back(QString::fromStdString(m.name), m.id);
            return all;
        },
        [this]() -> std::optional<int> {
            const Element* e = m_desk.heldElement();
            return e ? std::optional(e->cast) : std::nullopt;
        },
        [this, element](
            int id) { m_form->change(element, tr("Set whom it shows"), -1, [id](Element& e) { e.cast = id; }); });
    m_form->choice(element, &Element::facing, {tr("not set"), tr("left"), tr("right"), tr("the viewer"), tr("away")},
        {"facing", tr("looks"), tr("Where it looks or goes, for the room before it"), tr("Set where it looks")});
    const auto any = [this] { return m_desk.heldElement() != nullptr; };
    m_form->button(
        "mirror", tr("Mirror"), tr("Turns it left to right; its own light turns with it (M)"),
        [this] { m_desk.edit(tr("Mirror it"), edits::withMirrored(project(), m_desk.element())); }, any);
    m_form->button(
        "duplicate", tr("Duplicate"), tr("Another of it beside it"), [this] { duplicate(); }, any);
    m_form->button(
        "takeAway", tr("Remove"), tr("Removes it from the scene; its cut-out stays (Del)"),
        [this] { m_desk.edit(tr("Take it away"), edits::withoutElement(project(), m_desk.element())); }, any);
    m_form->toggle(element, &Element::locked,
        {"locked", tr("locked"), tr("Stays where it is until you unlock it"), tr("Lock it in its place")},
        tr("Unlock it"));
}

void HandPage::duplicate()
{
    Project after = edits::withDuplicate(project(), m_desk.element(), {0.08 * project().brief.widthCm, 0});
    const int id = after.elements.back().id;
    m_desk.edit(tr("Double it"), std::move(after));
    m_desk.holdElement(id);
}

void HandPage::keepUsual()
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return;
    const int id = e->id;
    bool ok = false;
    const QString name = QInputDialog::getText(this, tr("Usual heights"),
        tr("Keep %1 m as the usual height of…\n(the name of a known one changes it)").arg(e->heightM, 0, 'f', 2),
        QLineEdit::Normal, QString::fromStdString(e->usual.empty() ? e->name : e->usual), &ok)
                             .trimmed();
    if (ok && !name.isEmpty())
        m_desk.edit(tr("Keep a usual height"), edits::withUsualKept(project(), id, name.toStdString()));
}

} // namespace rl::app
