#include "app/stations/paint/paint_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/project/painting_edits.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

PaintPage::PaintPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : WritingPage(desk, name, tip)
    , m_state(PaintState::of(desk, view))
    , m_marks(desk, m_state)
{
    connect(&m_state, &PaintState::changed, this, [this, &view] {
        if (!isVisible())
            return;
        view.refresh();
        emit saysChanged();
        emit lookChanged();
    });
}

void PaintPage::refresh()
{
    WritingPage::refresh();
    if (isVisible())
        m_state.work.want();
}

void PaintPage::addStop()
{
    m_form->button(
        "stopPaint", tr("Stop"), tr("Stops the calculation; it does not start again by itself"),
        [this] { m_state.stop(); }, [this] { return m_state.photos.comparing(); });
}

void PaintPage::addAgain()
{
    m_form->button(
        "againPaint", tr("Again"), tr("Starts the stopped calculation again"), [this] { m_state.again(); },
        [this] { return m_state.stopped() && !m_state.busy(); });
}

QString PaintPage::stoppedWords() const
{
    if (!m_state.stopped() || m_state.busy())
        return {};
    const Error* e = m_state.problem();
    return e && !e->sentence.empty() ? said(e->sentence) : tr("Stopped. Again takes it up.");
}

Lens<Painting> PaintPage::painting() const
{
    return {[](const Project& p, const Selection&) { return &p.painting; },
        [](Project p, const Selection&, Painting a) { return edits::withPainting(std::move(p), std::move(a)); }};
}

void PaintMarks::paint(QPainter& p, const Board& board) const
{
    if (places)
        paintPlaces(p, board);
    if (drift)
        paintDrift(p, board);
    const Vec2 at = m_desk.project().painting.signatureAt;
    if (signature && at.x >= 0 && at.y >= 0) {
        const QPointF c = board.toScreen(at);
        p.setPen(QPen(theme::kAccent, 2));
        p.setFont(theme::heading(18));
        const QString name = QString::fromStdString(m_desk.project().painting.signature);
        p.drawText(
            QRectF(c.x() - 120, c.y() - 16, 240, 32), Qt::AlignCenter, name.isEmpty() ? QObject::tr("signed") : name);
        p.drawLine(c + QPointF(-40, 14), c + QPointF(40, 14));
    }
}

void PaintMarks::paintPlaces(QPainter& p, const Board& board) const
{
    const auto* plan = m_state.work.plan();
    if (!plan)
        return;
    std::vector<const schedule::WorkTask*> tasks;
    if (m_state.work.sitting() >= 0 && m_state.work.sitting() < int(plan->sittings.size()))
        for (const auto& part : plan->sittings[std::size_t(m_state.work.sitting())].parts)
            tasks.push_back(&plan->tasks[std::size_t(part.task)]);
    else if (const auto* t = m_state.work.heldTask())
        tasks.push_back(t);
    for (const auto* t : tasks) {
        if (t->place.width <= 0 || t->place.width >= board.widthCm() * 0.98)
            continue;
        const QRectF r = board.toScreen(t->place);
        p.setPen(QPen(QColor(255, 255, 255, 170), 4));
        p.drawRect(r);
        p.setPen(QPen(theme::kAccent, 1.6));
        p.drawRect(r);
    }
}

void PaintMarks::paintDrift(QPainter& p, const Board& board) const
{
    const auto* s = m_state.photos.compared();
    if (!s)
        return;
    const auto canvas = transfer::canvasPlanOf(m_desk.project());
    p.setFont(theme::text(12));
    for (const auto& d : s->compared.landmarks) {
        if (!d.seen || !d.painted)
            continue;
        const double mm = std::hypot(d.dxMm, d.dyMm);
        const QPointF from = board.toScreen(canvas.toPlan(d.at));
        if (d.confidence < 0.5) { // not known
            p.setPen(QPen(QColor(255, 255, 255, 200), 1.2, Qt::DotLine));
            p.drawEllipse(from, 5, 5);
            continue;
        }
        const bool far = mm > 3;
        // Ten times as long as it is, so that a millimetre can be seen.
        const QPointF to = board.toScreen(canvas.toPlan(Vec2{d.at.x + d.dxMm, d.at.y + d.dyMm}));
        p.setPen(QPen(QColor(0, 0, 0, 150), 4));
        p.drawLine(from, to);
        p.setPen(QPen(far ? theme::kGlow : QColor(0xff, 0xff, 0xff), far ? 2.2 : 1.4));
        p.drawLine(from, to);
        p.drawEllipse(from, 3, 3);
        if (!far)
            continue;
        const QString words = QString("%1 mm").arg(mm, 0, 'f', 1);
        const QRectF tag(to.x() + 6, to.y() - 9, p.fontMetrics().horizontalAdvance(words) + 8, 18);
        p.fillRect(tag, QColor(20, 20, 20, 190));
        p.setPen(theme::kGlow);
        p.drawText(tag, Qt::AlignCenter, words);
    }
}

} // namespace rl::app
