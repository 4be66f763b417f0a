#include "app/stations/paint/photo_look.h"
#include "app/desk/live_light.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

namespace {
/// As it fits into the canvas' shape.
QImage fitted(const QImage& photo, double wide, double high)
{
    const double k = std::max(photo.width() / wide, photo.height() / high);
    QImage whole(std::max(1, int(wide * k)), std::max(1, int(high * k)), QImage::Format_RGB32);
    whole.fill(QColor(0x30, 0x30, 0x30));
    QPainter p(&whole);
    p.drawImage((whole.width() - photo.width()) / 2, (whole.height() - photo.height()) / 2, photo);
    return whole;
}
/// What is new in its colours, the rest pale.
QImage newAlone(const survey::WorkSurvey& s)
{
    QImage now = imageOf(s.squared).convertToFormat(QImage::Format_RGB32);
    for (int y = 0; y < std::min(now.height(), s.changedWhere.height()); ++y) {
        auto* line = reinterpret_cast<QRgb*>(now.scanLine(y));
        for (int x = 0; x < std::min(now.width(), s.changedWhere.width()); ++x)
            if (!s.changedWhere.at(x, y)) {
                const int grey = 150 + qGray(line[x]) / 3;
                line[x] = qRgb(grey, grey, grey);
            }
    }
    return now;
}
} // namespace

bool PhotoLook::has(const survey::WorkSurvey& s) const
{
    return !(shown == Raw ? s.small : s.even).empty();
}

/// Made once for each comparison and choice; the sash only lays one over the other.
const QImage& PhotoLook::base(const survey::WorkSurvey& s, double wide, double high)
{
    if (m_baseOf.identity() == s.stage.identity() && m_baseShown == shown)
        return m_base;
    m_baseOf = s.stage, m_baseShown = shown;
    m_base = shown == Raw                           ? fitted(imageOf(s.small), wide, high)
        : shown == Since && !s.changedWhere.empty() ? newAlone(s)
                                                    : imageOf(shown == Squared ? s.squared
                                                            : shown == Stage   ? s.stage
                                                                               : s.even);
    m_base = m_base.convertToFormat(QImage::Format_RGB32);
    m_over = imageOf(s.stage).scaled(m_base.size(), Qt::IgnoreAspectRatio, Qt::FastTransformation);
    return m_base;
}

QImage PhotoLook::of(const survey::WorkSurvey& s, double wide, double high)
{
    QImage image = base(s, wide, high);
    if (sash >= 1 || shown == Raw || shown == Since)
        return image;
    QPainter p(&image);
    const int x = int(sash * image.width());
    p.drawImage(x, 0, m_over, x, 0);
    p.setPen(QPen(theme::kGlow, 2));
    p.drawLine(x, 0, x, image.height());
    return image;
}

} // namespace rl::app
