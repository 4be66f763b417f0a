// What the page of swatches shows and says.
#include "app/stations/mix/swatch_page.h"
#include "core/paint/mixing.h"
#include <QLabel>

namespace rl::app {

void SwatchPage::refresh()
{
    MixPage::refresh();
    QString html;
    const paint::Mixing* m = m_state.mixing();
    if (m_photo.running())
        html = tr("Reading the photograph…");
    else if (m) {
        QStringList measured, typical;
        for (const paint::BoxPaint& b : m->box.tubes) {
            const QString name = QString::fromStdString(b.name).toHtmlEscaped();
            if (b.calibrated)
                measured << tr("%1 (%2 %3E from typical%4)")
                                .arg(name)
                                .arg(b.fromTypical, 0, 'f', 1)
                                .arg(QChar(0x394))
                                .arg(b.drawdown ? tr(", drawdown") : QString());
            else
                typical << name;
        }
        if (!measured.isEmpty())
            html += tr("<b>Measured:</b> %1. ").arg(measured.join(", "));
        if (!typical.isEmpty())
            html += tr("<b>Typical:</b> %1. ").arg(typical.join(", "));
    }
    if (!m_refused.isEmpty())
        html += "<br>" + m_refused.toHtmlEscaped();
    m_told->setText(html);
}

QString SwatchPage::says() const
{
    const paint::Mixing* m = m_state.mixing();
    if (!m || m->box.tubes.empty())
        return tr("Put tubes into the box first.");
    int measured = 0;
    double far = 0;
    for (const paint::BoxPaint& b : m->box.tubes) {
        measured += b.calibrated;
        if (b.fromTypical > far)
            far = b.fromTypical;
    }
    QString s = tr("<b>%1 of %2 tubes measured.</b>").arg(measured).arg(m->box.tubes.size());
    if (measured)
        s += tr(" The farthest lies %1 %2E from typical; tubes off by over 3 are in the mixes of %3 % of the canvas.")
                 .arg(far, 0, 'f', 1)
                 .arg(QChar(0x394))
                 .arg(100 * paint::shareOffTypical(*m, 3), 0, 'f', 0);
    return s;
}

} // namespace rl::app
