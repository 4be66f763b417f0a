#include "app/stations/light/strips.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

Strips::Strips()
{
    setObjectName("families");
}

QSize Strips::sizeHint() const
{
    return {theme::px(420), theme::px(46)};
}

void Strips::show(const review::AuditRow& row)
{
    m_row = row;
    setToolTip(tr("Its lights above, its shades below, for mixing: lights %1 b* %2 than the shades.")
                   .arg(std::abs(row.warmerBy), 0, 'f', 0)
                   .arg(row.warmerBy >= 0 ? tr("warmer") : tr("cooler")));
    setAccessibleName(toolTip());
    update();
}

void Strips::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setFont(theme::text(12));
    const double high = height() / 2.0 - 1;
    const auto strip = [&](const std::vector<review::Family>& family, double y) {
        for (std::size_t i = 0; i < family.size(); ++i) {
            const review::Family& f = family[i];
            const double w = double(width()) / double(family.size());
            const QRectF chip(double(i) * w, y, w - 2, high);
            p.fillRect(chip, QColor(f.colour.r, f.colour.g, f.colour.b));
            p.setPen(f.L > 55 ? theme::kInk : theme::kPaper);
            p.drawText(chip, Qt::AlignCenter, tr("L* %1").arg(f.L, 0, 'f', 0));
        }
    };
    strip(m_row.light, 0);
    strip(m_row.shade, high + 2);
}

} // namespace rl::app
