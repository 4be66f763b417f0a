#include "app/frame/trail.h"
#include "app/desk/trouble.h"
#include "app/stations/station.h"
#include "app/theme/theme.h"
#include <QEvent>
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

namespace rl::app {

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
    p.setPen(QPen(theme::ink(), std::max(1.2, s * 0.09)));
    p.setBrush(state == 3 ? QBrush(theme::linen())
            : state == 2  ? QBrush(theme::kDark) // out, by day and in the evening
                          : QBrush(state == 0 ? QColor(0xff, 0xd9, 0x8c) : theme::paper()));
    p.drawPath(house);
    p.setBrush(theme::ink());
    p.drawPolygon(QPolygonF{c + QPointF(-0.42 * s, -0.27 * s), c + QPointF(0.42 * s, -0.27 * s),
        c + QPointF(0.14 * s, -0.55 * s), c + QPointF(-0.14 * s, -0.55 * s)});
    if (state == 1) { // a low flame
        p.setPen(Qt::NoPen);
        p.setBrush(theme::accent());
        p.drawEllipse(c + QPointF(0, 0.3 * s), 0.1 * s, 0.15 * s);
    } else if (state == 0) {
        p.setPen(Qt::NoPen);
        p.setBrush(theme::accent());
        p.drawEllipse(c + QPointF(0, 0.14 * s), 0.13 * s, 0.29 * s);
    }
    p.restore();
}

Trail::Trail(QWidget* parent)
    : QWidget(parent)
{
    setObjectName("trail");
    setFixedHeight(theme::px(46));
    m_names.resize(kStationCount);
    for (int i = 0; i < kStationCount; ++i)
        m_names[std::size_t(i)] = stationName(i);
    m_count.assign(m_names.size(), 0);
    m_broken.assign(m_names.size(), 0);
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

void Trail::setFindings(const Findings& findings, bool checking)
{
    m_known = true, m_checking = checking;
    std::fill(m_count.begin(), m_count.end(), 0);
    std::fill(m_broken.begin(), m_broken.end(), 0);
    for (const Finding& f : findings) {
        ++m_count[std::size_t(f.station)];
        m_broken[std::size_t(f.station)] += f.severity == Severity::Broken;
    }
    update();
}

void Trail::setUnknown()
{
    m_known = false;
    update();
}

void Trail::setNames(std::vector<QString> names)
{
    if (names.empty())
        for (int i = 0; i < kStationCount; ++i)
            names.push_back(stationName(i));
    m_names = std::move(names);
    m_count.assign(m_names.size(), 0);
    m_broken.assign(m_names.size(), 0);
    update();
}

/// More stations leave the title less.
int Trail::titleWide() const
{
    return theme::px(m_names.size() > 7 ? 142 : 214);
}

QRect Trail::lampRect(int station) const
{
    const int left = titleWide() + theme::px(18), room = (width() - left - 6) / int(m_names.size());
    return {left + station * room, 0, room, height()};
}

QString Trail::wordsOf(std::size_t k) const
{
    return !m_known || m_checking ? tr("checking…")
        : m_count[k] == 0         ? tr("all clear")
                                  : troubleSaid(m_broken[k], m_count[k] - m_broken[k]);
}

namespace {
/// The largest font, down to two thirds, in which the words fit.
QFont fitting(const QString& words, double px, int width, bool strong = false)
{
    for (double size = px; size > px * 0.66; size -= 0.5)
        if (QFontMetrics(theme::text(size, strong)).horizontalAdvance(words) <= width)
            return theme::text(size, strong);
    return theme::text(px * 0.66, strong);
}
} // namespace

void Trail::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), theme::linen());
    const int wide = titleWide(), second = height() - theme::px(19);
    p.setPen(theme::ink());
    p.setFont(theme::heading(20));
    p.drawText(QRect(14, 1, wide, second), Qt::AlignVCenter, p.fontMetrics().elidedText(m_title, Qt::ElideRight, wide));
    p.setFont(fitting(m_detail, 12, wide));
    p.setPen(theme::faint());
    p.drawText(QRect(14, second - 2, wide, theme::px(18)), Qt::AlignVCenter,
        p.fontMetrics().elidedText(m_detail, Qt::ElideRight, wide));
    p.setPen(QPen(theme::line(), 2));
    const int line = height() / 2 - theme::px(1), lamp = theme::px(16);
    p.drawLine(lampRect(0).left() + lamp, line, lampRect(int(m_names.size()) - 1).left() + lamp, line);
    for (std::size_t i = 0; i < m_names.size(); ++i) {
        const QRect r = lampRect(int(i));
        if (int(i) == m_current) {
            p.setPen(Qt::NoPen);
            p.setBrush(theme::paper());
            p.drawRoundedRect(QRectF(r).adjusted(0, 2, -4, -1), 6, 6);
        }
        p.setPen(Qt::NoPen);
        p.setBrush(int(i) == m_current ? theme::paper() : theme::linen());
        p.drawEllipse(QPointF(r.left() + lamp, line), theme::px(13), theme::px(13));
        paintLamp(p, QPointF(r.left() + lamp, line), theme::px(20),
            !m_known          ? 3
                : m_broken[i] ? 2
                : m_count[i]  ? 1
                              : 0);
        const int from = r.left() + 2 * lamp, room = r.width() - 2 * lamp - 4;
        const QRect words(from, 0, room, height());
        p.fillRect(QRect(from, line - 2, room - 2, 4), int(i) == m_current ? theme::paper() : theme::linen());
        p.setPen(theme::ink());
        p.setFont(fitting(m_names[i], 15, room, int(i) == m_current));
        p.drawText(words.adjusted(0, theme::px(3), 0, -theme::px(20)), Qt::AlignVCenter | Qt::AlignLeft, m_names[i]);
        p.setFont(fitting(wordsOf(i), 12, room));
        p.setPen(theme::faint());
        p.drawText(words.adjusted(0, theme::px(22), 0, -theme::px(3)), Qt::AlignVCenter | Qt::AlignLeft, wordsOf(i));
    }
    p.setPen(theme::line());
    p.drawLine(0, height() - 1, width(), height() - 1);
}

bool Trail::fits() const
{
    for (std::size_t i = 0; i < m_names.size(); ++i) {
        const int room = lampRect(int(i)).width() - 2 * theme::px(16) - 4;
        for (const QString& s : {m_names[i], wordsOf(i)})
            if (QFontMetrics(fitting(s, s == m_names[i] ? 15 : 12, room)).horizontalAdvance(s) > room)
                return false;
    }
    return true;
}

void Trail::mousePressEvent(QMouseEvent* e)
{
    for (int i = 0; i < int(m_names.size()); ++i)
        if (lampRect(i).contains(e->position().toPoint()))
            emit stationWanted(i);
}

bool Trail::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        for (int i = 0; i < int(m_names.size()); ++i)
            if (lampRect(i).contains(help->pos()))
                QToolTip::showText(help->globalPos(),
                    tr("%1 (Alt+%2). Lamp bright: all clear. Lamp low: points worth a look. Lamp out: a problem to "
                       "fix.")
                        .arg(m_names[std::size_t(i)])
                        .arg(i + 1),
                    this);
        return true;
    }
    return QWidget::event(e);
}

void Trail::changeEvent(QEvent* e)
{
    if (e->type() == QEvent::FontChange)
        setFixedHeight(theme::px(46)); // with the text
    QWidget::changeEvent(e);
}

} // namespace rl::app
