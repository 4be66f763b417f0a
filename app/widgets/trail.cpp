#include "app/widgets/trail.h"
#include "app/theme/theme.h"
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

namespace rl::app {

QString stationName(int station)
{
    static const char* kNames[] = {"Brief", "Gather", "Cut", "Stage", "Light", "Read", "Carry"};
    return QObject::tr(kNames[station]);
}

void paintLamp(QPainter& p, QPointF c, double s, int state)
{
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    if (state == 0) {
        QRadialGradient glow(c, s * 1.15);
        glow.setColorAt(0, QColor(240, 169, 74, 170));
        glow.setColorAt(1, QColor(240, 169, 74, 0));
        p.setPen(Qt::NoPen);
        p.setBrush(glow);
        p.drawEllipse(c, s * 1.15, s * 1.15);
    }
    QPainterPath house;
    house.moveTo(c + QPointF(-0.34 * s, -0.25 * s));
    house.lineTo(c + QPointF(0.34 * s, -0.25 * s));
    house.lineTo(c + QPointF(0.25 * s, 0.5 * s));
    house.lineTo(c + QPointF(-0.25 * s, 0.5 * s));
    house.closeSubpath();
    p.setPen(QPen(theme::kInk, std::max(1.2, s * 0.09)));
    p.setBrush(state == 2 ? QBrush(theme::kDark) : QBrush(state == 0 ? QColor(0xff, 0xd9, 0x8c) : theme::kPaper));
    p.drawPath(house);
    p.setBrush(theme::kInk);
    p.drawPolygon(QPolygonF{c + QPointF(-0.42 * s, -0.27 * s), c + QPointF(0.42 * s, -0.27 * s),
        c + QPointF(0.14 * s, -0.55 * s), c + QPointF(-0.14 * s, -0.55 * s)});
    if (state == 1) { // a low flame
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kAccent);
        p.drawEllipse(c + QPointF(0, 0.3 * s), 0.1 * s, 0.15 * s);
    } else if (state == 0) {
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kAccent);
        p.drawEllipse(c + QPointF(0, 0.14 * s), 0.13 * s, 0.29 * s);
    }
    p.restore();
}

Trail::Trail(QWidget* parent)
    : QWidget(parent)
{
    setObjectName("trail");
    setFixedHeight(58);
    setMouseTracking(true);
    setAccessibleName(tr("Stations"));
}

void Trail::setTitle(const QString& title, const QString& detail)
{
    m_title = title, m_detail = detail;
    update();
}

void Trail::setCurrent(int station)
{
    m_current = station;
    update();
}

void Trail::setFindings(const Findings& findings)
{
    m_count.fill(0);
    m_broken.fill(0);
    for (const Finding& f : findings) {
        ++m_count[std::size_t(f.station)];
        m_broken[std::size_t(f.station)] += f.severity == Severity::Broken;
    }
    update();
}

QRect Trail::lampRect(int station) const
{
    const int left = 290, room = (width() - left - 12) / kStationCount;
    return {left + station * room, 0, room, height()};
}

void Trail::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), theme::kLinen);
    p.setPen(theme::kInk);
    p.setFont(theme::heading(23));
    p.drawText(QRect(16, 4, 264, 30), Qt::AlignVCenter, p.fontMetrics().elidedText(m_title, Qt::ElideRight, 262));
    p.setFont(theme::text(12.5));
    p.setPen(theme::kFaint);
    p.drawText(QRect(16, 33, 268, 18), Qt::AlignVCenter, p.fontMetrics().elidedText(m_detail, Qt::ElideRight, 266));
    p.setPen(QPen(theme::kLine, 2));
    const int line = 22;
    p.drawLine(lampRect(0).left() + 20, line, lampRect(kStationCount - 1).left() + 20, line);
    for (int i = 0; i < kStationCount; ++i) {
        const QRect r = lampRect(i);
        const std::size_t k = std::size_t(i);
        const int state = m_broken[k] ? 2 : m_count[k] ? 1 : 0;
        if (i == m_current) {
            p.setPen(Qt::NoPen);
            p.setBrush(theme::kPaper);
            p.drawRoundedRect(QRectF(r).adjusted(0, 2, -6, -1), 6, 6);
        }
        paintLamp(p, QPointF(r.left() + 20, line), 21, state);
        p.setPen(theme::kInk);
        p.setFont(i == m_current ? theme::text(15, true) : theme::text(15));
        p.drawText(QRect(r.left() + 40, 8, r.width() - 44, 22), Qt::AlignVCenter, stationName(i));
        p.setFont(theme::text(12));
        p.setPen(theme::kFaint);
        const QString words = m_count[k] == 0 ? tr("nothing to say")
            : m_broken[k] == m_count[k]       ? tr("%1 broken").arg(m_broken[k])
            : m_broken[k] ? tr("%1 broken, %2 to watch").arg(m_broken[k]).arg(m_count[k] - m_broken[k])
                          : tr("%1 to watch").arg(m_count[k]);
        p.drawText(QRect(r.left() + 8, 36, r.width() - 12, 18), Qt::AlignVCenter,
            p.fontMetrics().elidedText(words, Qt::ElideRight, r.width() - 14));
    }
    p.setPen(theme::kLine);
    p.drawLine(0, height() - 1, width(), height() - 1);
}

void Trail::mousePressEvent(QMouseEvent* e)
{
    for (int i = 0; i < kStationCount; ++i)
        if (lampRect(i).contains(e->position().toPoint()))
            emit stationWanted(i);
}

bool Trail::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        for (int i = 0; i < kStationCount; ++i)
            if (lampRect(i).contains(help->pos()))
                QToolTip::showText(help->globalPos(),
                    tr("%1 (Alt+%2). A burning lamp: nothing left to say. Low: worth watching. Out: something is "
                       "broken.")
                        .arg(stationName(i))
                        .arg(i + 1),
                    this);
        return true;
    }
    return QWidget::event(e);
}

} // namespace rl::app
