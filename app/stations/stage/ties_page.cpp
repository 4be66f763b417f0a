#include "app/stations/stage/ties_page.h"
#include "core/project/stage_edits.h"

namespace rl::app {

namespace {
Project grouped(const Project& p, int a, int b)
{
    const Element *x = p.element(a), *y = p.element(b);
    std::vector<int> ids{a, b};
    for (const Element& e : p.elements)
        if ((x->group && e.group == x->group) || (y->group && e.group == y->group))
            ids.push_back(e.id);
    return edits::withGroup(p, ids,
        TiesPage::tr("%1 and %2").arg(QString::fromStdString(x->name), QString::fromStdString(y->name)).toStdString());
}
} // namespace

TiesPage::TiesPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Links"),
        tr("Name, notes, groups, kept proportions, depth swapped or shared, one inside another"))
{
    const auto element = lens::element();
    m_form->line(element, &Element::name,
        {"stageName", tr("name"), tr("Its name, as the plan and the findings call it"), tr("Name it")}, 140, false);
    m_form->line(element, &Element::notes,
        {"notes", tr("notes"), tr("Anything to remember about it while painting"), tr("Note something about it")}, 230);
    const auto any = [this] { return m_desk.heldElement() != nullptr; };
    m_form->button(
        "topAtHorizon", tr("Top to horizon"),
        tr("Its top comes to eye level: what stands is given that height, what flies is moved"),
        [this] {
            m_desk.edit(tr("Bring its top to the horizon"), edits::withTopAtHorizon(project(), m_desk.element()));
        },
        any);
    m_form->button(
        "baseAtHorizon", tr("Foot to horizon"), tr("Sets it on the far ground, just under the horizon"),
        [this] {
            m_desk.edit(tr("Set its foot at the horizon"), edits::withBaseAtHorizon(project(), m_desk.element()));
        },
        any);
    m_form->line();
    m_form->pick(
        {"otherElement", tr("with (Ctrl+click)"),
            tr("The other element: choose it here, or click it in the picture with Ctrl held"), {}},
        [this] {
            Choices all{{tr("nothing yet"), 0}};
            for (const Element& e : project().elements)
                if (e.id != m_desk.element())
                    all.emplace_back(QString::fromStdString(e.name), e.id);
            return all;
        },
        [this] { return m_desk.heldElement() ? std::optional(other()) : std::nullopt; }, [this](int id) { tieTo(id); });
    withOther("group", tr("Group them"), tr("They move together on the ground, keeping their distances in metres"),
        tr("Group them"), grouped);
    m_form->button(
        "ungroup", tr("Ungroup"), tr("Everything of its group goes its own way again"),
        [this] {
            if (const Element* e = m_desk.heldElement())
                m_desk.edit(tr("Ungroup"), edits::withoutGroup(project(), e->group));
        },
        [this] { return m_desk.heldElement() && m_desk.heldElement()->group; });
    withOther("inStep", tr("Lock proportion"),
        tr("When one is given another height, the other grows or shrinks by as much"), tr("Keep them in step"),
        [](const Project& p, int a, int b) { return edits::withInStep(p, a, b, true); });
    m_form->button(
        "freeStep", tr("Unlock proportion"), tr("Its height no longer follows any other"),
        [this] { m_desk.edit(tr("Let it go its own way"), edits::withInStep(project(), m_desk.element(), 0, false)); },
        [this] { return m_desk.heldElement() && m_desk.heldElement()->step; });
    withOther("swapDepth", tr("Swap depth"), tr("Each goes to where the other stood in depth; true heights stay"),
        tr("Swap their depth"), [](const Project& p, int a, int b) { return edits::withDepthsSwapped(p, a, b); });
    withOther("baseAt", tr("Same distance"), tr("Sets it at the distance of the other"),
        tr("Set it at the other's base"), [](const Project& p, int a, int b) { return edits::withBaseAt(p, a, b); });
    withOther("inside", tr("Inside it"), tr("Shown only within the other's outline: a thing in a bell jar"),
        tr("Put it inside"), [](const Project& p, int a, int b) { return edits::withInside(p, a, b); });
    m_form->button(
        "outside", tr("Outside"), tr("Shown everywhere again"),
        [this] { m_desk.edit(tr("Take it out again"), edits::withInside(project(), m_desk.element(), 0)); },
        [this] { return m_desk.heldElement() && m_desk.heldElement()->inside; });
}

void TiesPage::withOther(const QString& name, const QString& text, const QString& tip, const QString& undo, Make make)
{
    m_form->button(
        name, text, tip,
        [this, undo, make] {
            if (m_desk.heldElement() && other())
                m_desk.edit(undo, make(project(), m_desk.element(), other()));
            else
                m_desk.notices.say(tr("Choose the other element first, or click it in the picture with Ctrl held."));
        },
        [this] { return m_desk.heldElement() != nullptr; });
}

int TiesPage::other() const
{
    return m_other != m_desk.element() && project().element(m_other) ? m_other : 0;
}

void TiesPage::tieTo(int element)
{
    m_other = element;
    refresh();
}

QString TiesPage::says() const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return sizeWords();
    QStringList s;
    if (const Group* g = project().group(e->group))
        s << tr("in the group “%1”").arg(QString::fromStdString(g->name));
    for (const Element& x : project().elements)
        if (e->step && x.id != e->id && x.step == e->step)
            s << tr("in step with “%1”, %2 × its height")
                     .arg(QString::fromStdString(x.name))
                     .arg(e->heightM / x.heightM, 0, 'f', 2);
    if (const Element* in = project().element(e->inside))
        s << tr("inside “%1”").arg(QString::fromStdString(in->name));
    return s.isEmpty()
        ? tr("“%1” is tied to nothing. Drags with Alt held leave a group behind.").arg(QString::fromStdString(e->name))
        : tr("“%1” is %2. Drags with Alt held leave a group behind.")
              .arg(QString::fromStdString(e->name), s.join("; "));
}

} // namespace rl::app
