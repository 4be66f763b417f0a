#include "app/stations/cut/bend_page.h"

namespace rl::app {

BendPage::BendPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Bend"),
        tr("Set pins on the cut-out and drag one: a neck tilts, an arm sinks, the rest follows stiffly"))
    , m_tool(desk, table)
{
    m_form->button(
        "takePinsOut", tr("Remove pins"), tr("The cut-out is again as photographed"), [this] { m_tool.clear(); },
        [this] { return m_tool.count() > 0; });
    connect(&table, &CutTable::changed, this, [this] { m_tool.refresh(); });
}

void BendPage::refresh()
{
    m_table.refresh();
    m_tool.refresh();
    Page::refresh();
}

QString BendPage::says() const
{
    return m_table.cutOut()
        ? tr("Click sets a pin, drag one to bend: %1 set. Two at least: one holds, one moves. Delete takes "
             "the held one out.")
              .arg(m_tool.count())
        : tr("Cut something out first; then set pins on it.");
}

} // namespace rl::app
