// What was measured of a picture, and what fits the lead.
#include "app/stations/gather/wall_page.h"
#include "app/stations/gather/word_menu.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/project/permissions.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

void WallPage::showMeasures()
{
    const Reference* r = m_desk.heldReference();
    const auto* m = r ? m_desk.wall.measure(r->id) : nullptr;
    if (!m) {
        m_measure->setText(!r         ? QString()
                : r->pixels.missing() ? tr("Nothing is measured of what cannot be read.")
                                      : tr("Measuring… %1 to go").arg(m_desk.wall.toGo()));
        return;
    }
    QString html = figuresOf(*m).join("<br>") + "<br>";
    if (!m->palette.empty()) {
        html += "<table cellspacing='0' cellpadding='0'><tr>";
        for (const gather::Swatch& s : m->palette)
            html += QString("<td width='%1' height='14' bgcolor='%2'></td>")
                        .arg(std::max(4, int(240 * s.share)))
                        .arg(QColor(s.colour.r, s.colour.g, s.colour.b).name());
        html += "</tr></table>";
    }
    m_measure->setText(html);
    m_measure->setMinimumHeight(m_measure->heightForWidth(std::max(m_measure->width(), theme::px(200))));
}

void WallPage::showFit()
{
    const Project& p = project();
    const int lead = m_table.lead();
    std::vector<FitChart::Row> rows;
    for (gather::Candidate& c : gather::ranked(p, lead, m_desk.wall.measures(), m_table.shapes())) {
        const QString name = QString::fromStdString(p.reference(c.reference)->name);
        rows.push_back({std::move(c), name});
    }
    const Reference* r = p.reference(lead);
    m_fit->show(r ? tr("Effort to match “%1” (1 = one clear repair)").arg(QString::fromStdString(r->name))
                  : tr("To fit the stage's sun would take"),
        std::move(rows), m_desk.reference(), m_table.comparing() ? m_table.second() : 0);
}
} // namespace rl::app
