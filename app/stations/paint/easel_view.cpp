#include "app/stations/paint/easel_view.h"
#include "app/theme/theme.h"
#include "core/project/painting_edits.h"
#include <QKeyEvent>
#include <QPainter>

namespace rl::app {

EaselView::EaselView(Desk& desk, PaintState& state)
    : QWidget(nullptr, Qt::Window)
    , m_desk(desk)
    , m_state(state)
{
    setObjectName("easel");
    setWindowTitle(tr("At the easel"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(640, 400);
    resize(1280, 800);
    connect(&state, &PaintState::changed, this, qOverload<>(&QWidget::update));
    connect(&state, &PaintState::ticked, this, qOverload<>(&QWidget::update));
}

QString EaselView::sentence() const
{
    const auto* t = m_state.work.heldTask();
    if (!t)
        t = m_state.work.nextTask();
    if (!t)
        return tr("Everything is done.");
    QString s = said(t->words) + ".";
    if (t->brushMm >= 1)
        s += tr(" Brush %1 millimetres.").arg(t->brushMm, 0, 'f', 0);
    if (!t->puddles.empty()) {
        QStringList numbers;
        for (std::size_t i = 0; i < std::min<std::size_t>(6, t->puddles.size()); ++i)
            numbers << m_state.work.puddleNumber(t->puddles[i]);
        s += tr(" Puddles %1.").arg(numbers.join(", "));
    }
    if (t->wet)
        s += tr(" Do not stop inside it.");
    return s;
}

QImage EaselView::region() const
{
    const QImage whole = m_state.work.expected();
    const auto* t = m_state.work.heldTask();
    if (whole.isNull() || !t || t->place.width <= 0)
        return whole;
    const double k = whole.width() / m_desk.project().brief.widthCm;
    const QRectF r
        = QRectF(t->place.x * k, t->place.y * k, t->place.width * k, t->place.height * k).adjusted(-20, -20, 20, 20);
    return whole.copy(r.toRect() & whole.rect());
}

void EaselView::oneKey()
{
    if (!m_state.clock.timer.running())
        m_state.begin();
    else
        m_state.clock.pause(!m_state.clock.timer.paused());
}

void EaselView::tickAndNext()
{
    if (const auto* t = m_state.work.heldTask()) {
        m_desk.edit(tr("Tick a task"), edits::withTaskDone(m_desk.project(), t->key, true));
        const auto& all = m_state.work.plan()->tasks;
        for (const auto& n : all)
            if (!n.done && !n.pause && n.key != t->key) {
                if (m_state.clock.timer.running())
                    m_state.clock.turnTo(n);
                else
                    m_state.work.holdTask(n.key);
                break;
            }
    }
}

void EaselView::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Escape)
        close();
    else if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        tickAndNext();
    else if (!e->isAutoRepeat())
        oneKey(); // any other key: wet hands do not aim
}

void EaselView::mousePressEvent(QMouseEvent*)
{
    oneKey();
}

void EaselView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), QColor(0x24, 0x23, 0x21));
    const int big = std::max(20, height() / 17), edge = width() / 40;
    const QImage image = region();
    const QRect room(edge, edge, width() * 62 / 100, height() - 3 * edge - 2 * big);
    if (!image.isNull()) {
        const QSize s = image.size().scaled(room.size(), Qt::KeepAspectRatio);
        p.drawImage(
            QRect(room.topLeft() + QPoint((room.width() - s.width()) / 2, (room.height() - s.height()) / 2), s), image);
    }
    const QRect side(room.right() + edge, edge, width() - room.right() - 2 * edge, room.height());
    const auto& timer = m_state.clock.timer;
    const auto* t = m_state.work.heldTask();
    const int here = int(t ? timer.workedOn(t->element) : timer.worked()), all = int(timer.worked());
    QFont font = theme::heading(16);
    font.setPixelSize(big * 2);
    p.setFont(font);
    p.setPen(timer.paused() || !timer.running() ? QColor(0x9a, 0x94, 0x8a) : theme::kGlow);
    p.drawText(side, Qt::AlignTop | Qt::AlignLeft, QString("%1:%2").arg(here / 60).arg(here % 60, 2, 10, QChar('0')));
    font = theme::text(14);
    font.setPixelSize(big * 2 / 3);
    p.setFont(font);
    p.setPen(QColor(0xe4, 0xdf, 0xd6));
    QString about = timer.running()
        ? (timer.paused() ? tr("paused – any key goes on") : tr("sitting: %1 min").arg(all / 60))
        : tr("any key begins");
    if (t && t->hours > 0)
        about += tr("\nreckoned: %1 min").arg(t->hours * 60, 0, 'f', 0);
    if (t && t->wet)
        about += tr("\nopen for %1 min").arg(m_desk.project().mix.openMinutes, 0, 'f', 0);
    const auto* plan = m_state.work.plan();
    if (t && plan) {
        const auto at = std::size_t(t - plan->tasks.data());
        for (std::size_t i = at + 1; i < plan->tasks.size(); ++i)
            if (!plan->tasks[i].done && !plan->tasks[i].pause) {
                about += tr("\n\nthen: %1").arg(said(plan->tasks[i].words));
                break;
            }
        for (const int m : t->masks)
            if (const Element* e = m_desk.project().element(m))
                about += tr("\nkeep clear: %1").arg(said(e->name));
        for (const int id : t->facts)
            for (const Fact& f : m_desk.project().brief.facts)
                if (f.id == id)
                    about += tr("\ncheck: %1").arg(said(f.words));
    }
    p.drawText(side.adjusted(0, big * 5 / 2, 0, 0), Qt::AlignTop | Qt::AlignLeft | Qt::TextWordWrap, about);
    font.setPixelSize(big);
    p.setFont(font);
    p.setPen(Qt::white);
    p.drawText(QRect(edge, room.bottom() + edge, width() - 2 * edge, 2 * big + edge),
        Qt::AlignVCenter | Qt::TextWordWrap, sentence());
    font.setPixelSize(std::max(12, big / 3));
    p.setFont(font);
    p.setPen(QColor(0x9a, 0x94, 0x8a));
    p.drawText(rect().adjusted(edge, 0, -edge, -6), Qt::AlignBottom | Qt::AlignRight,
        tr("any key or touch: begin, pause, go on · Enter: done, next · Esc: leave"));
}

} // namespace rl::app
