#include "app/stations/paint/day_path.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

namespace rl::app {

namespace {
QString dayOf(schedule::Minutes m)
{
    return said(schedule::daySaid(m));
}
} // namespace

DayPath::DayPath(Desk& desk, PaintState& state)
    : m_desk(desk)
    , m_state(state)
{
    setObjectName("dayPath");
    setAccessibleName(tr("The path of days"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(theme::px(108));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setToolTip({});
}

QSize DayPath::sizeHint() const
{
    return {theme::px(900), theme::px(112)};
}

void DayPath::lay()
{
    m_stones.clear();
    const auto* plan = m_state.work.plan();
    const double high = theme::px(62), wide = high * 1.45, top = theme::px(8);
    double x = theme::px(10);
    const auto& log = m_desk.project().painting;
    const std::size_t behind = std::min<std::size_t>(log.sittings.size(), 6);
    for (std::size_t i = log.sittings.size() - behind; i < log.sittings.size(); ++i) {
        const Sitting& s = log.sittings[i];
        double seconds = 0;
        for (const WorkSpan& w : s.spans)
            seconds += w.seconds;
        const auto local = schedule::Minutes(s.began / 60 + s.utcMinutes);
        int photo = 0;
        for (const CanvasPhoto& c : log.photos)
            if (std::abs(double(c.at - s.began)) < 86400)
                photo = c.id;
        m_stones.push_back({QRectF(x, top + theme::px(8), wide * 0.7, high * 0.8), -1, 0, dayOf(local),
            tr("%1 min").arg(seconds / 60, 0, 'f', 0), photo});
        x += wide * 0.7 + theme::px(14);
    }
    schedule::Minutes last = 0;
    for (std::size_t i = 0; plan && i < plan->sittings.size(); ++i) {
        const auto& s = plan->sittings[i];
        const double gap = last ? double(s.parts.front().from - last) / 60 : 0;
        const double water = std::clamp(gap / 24 * theme::px(14), double(theme::px(12)), double(theme::px(70)));
        x += i ? water : theme::px(8);
        double dry = 0;
        if (i)
            for (const auto& p : plan->sittings[i - 1].parts)
                dry = std::max(dry, plan->tasks[std::size_t(p.task)].dry.overHours);
        QStringList what;
        for (const auto& p : s.parts)
            what << said(plan->tasks[std::size_t(p.task)].words);
        m_stones.push_back({QRectF(x, top, wide, high), int(i), std::min(dry, gap), dayOf(s.free.from),
            QString("%1–%2\n").arg(
                said(schedule::clockOf(s.parts.front().from)), said(schedule::clockOf(s.parts.back().to)))
                + what.join("\n"),
            0});
        x += wide;
        last = s.parts.back().to;
    }
    QStringList told; // to who does not see it
    for (const Stone& s : m_stones)
        told << (s.dryHours > 0 ? tr("%1 h drying, then ").arg(s.dryHours, 0, 'f', 0) : QString()) + s.day + " "
                + QString(s.what).replace('\n', ", ");
    setAccessibleDescription(told.join("; "));
    m_whole = x + theme::px(10);
    m_scroll = std::clamp(m_scroll, 0.0, std::max(0.0, m_whole - width()));
}

void DayPath::refresh()
{
    lay();
    update();
}

QPointF DayPath::stoneAt(int sitting) const
{
    for (const Stone& s : m_stones)
        if (s.sitting == sitting)
            return s.at.center() - QPointF(m_scroll, 0);
    return {-1, -1};
}

void DayPath::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    if (m_stones.empty()) {
        p.setPen(theme::faint());
        p.setFont(theme::text(13));
        p.drawText(rect(), Qt::AlignCenter,
            m_state.work.plan() && m_state.work.plan()->problem ? said(m_state.work.plan()->problem->sentence)
                                                                : tr("The path of days is being laid…"));
        return;
    }
    p.translate(-m_scroll, 0);
    const Stone* before = nullptr;
    for (const Stone& s : m_stones) {
        if (before && s.sitting > 0) { // water: what dries between two sittings
            const double y = s.at.center().y();
            const QRectF pool(
                before->at.right() + 2, y - theme::px(7), s.at.left() - before->at.right() - 4, theme::px(14));
            QPainterPath waves;
            for (int k = 0; k < 3; ++k) {
                const double row = pool.top() + k * theme::px(6);
                waves.moveTo(pool.left(), row);
                for (double x = pool.left(); x < pool.right() - 4; x += 8)
                    waves.quadTo(x + 2, row - 3, x + 4, row), waves.quadTo(x + 6, row + 3, x + 8, row);
            }
            p.setPen(QPen(s.dryHours > 0.5 ? QColor(0x5b, 0x7d, 0x96) : QColor(0xb9, 0xc3, 0xc9), 1.3));
            p.drawPath(waves);
        }
        QPainterPath stone;
        stone.addRoundedRect(s.at, s.at.height() * 0.3, s.at.height() * 0.42);
        const bool held = s.sitting >= 0 && s.sitting == m_state.work.sitting();
        p.save();
        p.setClipPath(stone);
        const QRectF seen = s.at.translated(-m_scroll, 0);
        if (s.sitting >= 0 && seen.right() > 0 && seen.left() < width() && !m_state.work.small(s.sitting).isNull())
            p.drawImage(s.at, m_state.work.small(s.sitting));
        else
            p.fillPath(stone, QColor(0xd8, 0xd3, 0xca));
        p.restore();
        p.setPen(QPen(held ? theme::accent() : QColor(0x8c, 0x86, 0x7c), held ? 3 : 1));
        p.drawPath(stone);
        p.setPen(theme::ink());
        p.setFont(theme::text(12));
        p.drawText(
            QRectF(s.at.left() - 20, s.at.bottom() + 1, s.at.width() + 40, theme::px(17)), Qt::AlignHCenter, s.day);
        if (s.sitting < 0)
            p.drawText(s.at, Qt::AlignCenter, s.what);
        else if (before && s.dryHours > 0.5) {
            p.setPen(theme::faint());
            p.setFont(theme::text(11));
            const QRectF words(before->at.right() - 10, s.at.top() - theme::px(8),
                s.at.left() - before->at.right() + 20, theme::px(15));
            if (words.width() > theme::px(44))
                p.drawText(words, Qt::AlignCenter,
                    s.dryHours < 48 ? tr("dries %1 h").arg(s.dryHours, 0, 'f', s.dryHours < 3 ? 1 : 0)
                                    : tr("dries %1 d").arg(s.dryHours / 24, 0, 'f', 0));
        }
        before = &s;
    }
    if (m_whole > width()) { // how far along
        p.resetTransform();
        const double w = double(width()) * width() / m_whole, x = m_scroll / m_whole * width();
        p.fillRect(QRectF(x, height() - 3, w, 3), QColor(0xa0, 0x98, 0x8c));
    }
}

void DayPath::show(int sitting)
{
    m_state.work.holdSitting(sitting);
    for (const Stone& s : m_stones)
        if (s.sitting == m_state.work.sitting() && s.sitting >= 0) {
            if (s.at.left() < m_scroll + 20)
                m_scroll = std::max(0.0, s.at.left() - 40);
            if (s.at.right() > m_scroll + width() - 20)
                m_scroll = s.at.right() - width() + 40;
        }
    refresh();
}

void DayPath::step(int by)
{
    show(m_state.work.sitting() + by);
}

void DayPath::mousePressEvent(QMouseEvent* e)
{
    const QPointF at = e->position() + QPointF(m_scroll, 0);
    for (const Stone& s : m_stones)
        if (s.at.contains(at)) {
            if (s.sitting >= 0)
                show(s.sitting == m_state.work.sitting() ? -1 : s.sitting);
            else if (s.photo)
                m_state.photos.hold(s.photo);
            return;
        }
}

void DayPath::wheelEvent(QWheelEvent* e)
{
    const double by = e->angleDelta().y() ? e->angleDelta().y() : e->angleDelta().x();
    m_scroll = std::clamp(m_scroll - by, 0.0, std::max(0.0, m_whole - width()));
    update();
}

void DayPath::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)
        step(e->key() == Qt::Key_Right ? 1 : -1);
    else
        QWidget::keyPressEvent(e);
}

bool DayPath::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        const QPointF at = QPointF(static_cast<QHelpEvent*>(e)->pos()) + QPointF(m_scroll, 0);
        for (const Stone& s : m_stones)
            if (s.at.contains(at)) {
                QToolTip::showText(static_cast<QHelpEvent*>(e)->globalPos(), s.day + " " + s.what, this);
                return true;
            }
        QToolTip::hideText();
        return true;
    }
    return QWidget::event(e);
}

} // namespace rl::app
