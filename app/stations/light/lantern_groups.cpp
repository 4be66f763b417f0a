// Names and groups of lanterns.
#include "app/stations/light/lantern_page.h"
#include "core/light/light_log.h"
#include "core/light/presets.h"
#include "core/project/edits.h"
#include <QInputDialog>

namespace rl::app {

void LanternPage::groupFields()
{
    m_form->pick(
        {"lanternGroup", {}, tr("Lanterns of one group are switched and dimmed together"), {}},
        [this] {
            Choices all{{tr("in no group"), 0}};
            for (const LightGroup& g : project().lights.groups)
                all.emplace_back(QString::fromStdString(g.name), g.id);
            all.emplace_back(tr("new group…"), -1);
            return all;
        },
        [this]() -> std::optional<int> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(l->group) : std::nullopt;
        },
        [this](int id) { chooseGroup(id); });
    m_form->toggle(lens::lightGroup(), &LightGroup::on,
        {"groupOn", tr("group burns"), tr("Puts the whole group out or lights it again"), tr("Light the group")},
        tr("Put the group out"));
    m_form->number(lens::lightGroup(), &LightGroup::stops,
        {"groupStops", {}, tr("Dims or raises the whole group on top of each lantern's own strength."),
            tr("Dim the group")});
}

void LanternPage::rename()
{
    const Lantern* l = m_desk.heldLantern();
    bool ok = false;
    const QString name = l ? QInputDialog::getText(this, tr("Name the lantern"), tr("Its name:"), QLineEdit::Normal,
                             QString::fromStdString(l->name), &ok)
                                 .trimmed()
                           : QString();
    if (ok && !name.isEmpty())
        m_form->change(lens::lantern(), tr("Name the lantern"), -1, [&](Lantern& x) { x.name = name.toStdString(); });
}

void LanternPage::chooseGroup(int id)
{
    const Lantern* held = m_desk.heldLantern();
    if (!held)
        return;
    const int lantern = held->id;
    Project after = project();
    if (id < 0) { // a new one
        bool ok = false;
        const QString name = QInputDialog::getText(
            this, tr("A new light group"), tr("Its name:"), QLineEdit::Normal, tr("harbour lights"), &ok)
                                 .trimmed();
        if (!ok || name.isEmpty())
            return m_form->refresh();
        after = edits::withLightGroup(std::move(after), {0, name.toStdString(), true, 0});
        id = after.lights.groups.back().id;
    }
    Lantern l = *after.lantern(lantern);
    l.group = id;
    m_desk.edit(tr("Put it in a light group"), edits::withLantern(std::move(after), l));
}
} // namespace rl::app
