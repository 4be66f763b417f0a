#include "app/stations/mix/palette_view.h"
#include "app/theme/theme.h"
#include "core/paint/appearance.h"
#include "core/paint/mixing.h"
#include "core/paint/recipe_words.h"
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

namespace rl::app {

PaletteView::PaletteView(Desk& desk, MixState& state)
    : m_desk(desk)
    , m_state(state)
{
    setObjectName("palette");
    setAccessibleName(tr("The palette"));
    setMinimumHeight(theme::px(240));
}

QRectF PaletteView::board() const
{
    const double rim = theme::px(34);
    return QRectF(rect()).adjusted(6, rim + 6, -6, -8);
}

void PaletteView::refresh()
{
    layTubes();
    layPuddles();
    QStringList told;
    for (const Spot& s : m_puddles)
        told << s.words;
    setAccessibleDescription(told.join("; "));
    update();
}

void PaletteView::layTubes()
{
    m_tubes.clear();
    const PaintBox* box = m_desk.project().paintBox();
    if (!box)
        return;
    std::vector<const Tube*> shown;
    for (const Tube& t : box->tubes)
        if (t.chosen || box->tubes.size() <= 16)
            shown.push_back(&t);
    const double step = (width() - 12.0) / double(std::max<std::size_t>(shown.size(), 1)),
                 r = std::min(theme::px(13) * 1.0, step * 0.42);
    double x = 6 + step / 2;
    for (const Tube* t : shown) {
        const paint::Pigment* p = paint::pigmentOf(t->pigment);
        Spot s;
        s.at = {x, 6 + r + 2}, s.radius = r, s.id = t->id;
        s.left = t->sizeMl > 0 ? std::clamp(t->leftMl / t->sizeMl, 0.0, 1.0) : 1;
        if (p && p->optics) {
            s.colour = screenColour(paint::scraped(*p->optics));
        } else
            s.colour = QColor(240, 90, 160);
        s.words = tr("%1 (%2), %3 of %4 ml left%5")
                      .arg(t->name.empty() && p ? QString::fromStdString(p->name) : QString::fromStdString(t->name),
                          QString::fromStdString(t->pigment))
                      .arg(t->leftMl, 0, 'f', 0)
                      .arg(t->sizeMl, 0, 'f', 0)
                      .arg(t->chosen ? QString() : tr("; stays in the box"));
        if (!t->chosen)
            s.colour.setAlpha(70);
        m_tubes.push_back(s);
        x += step;
    }
}

void PaletteView::layPuddles()
{
    m_puddles.clear();
    const paint::Mixing* m = m_state.mixing();
    if (!m || m->recipes.empty())
        return;
    const QRectF area = board();
    double all = 0;
    for (const auto& n : m->needs.puddles)
        all += n.ml;
    // Together they cover a third of the palette.
    const double scale = std::sqrt(0.33 * area.width() * area.height() / (3.14159 * std::max(all, 1.0)));
    for (std::size_t i = 0; i < m->map.puddles.size(); ++i) {
        const auto& p = m->map.puddles[i];
        Spot s;
        s.id = int(i);
        s.radius = std::clamp(scale * std::sqrt(m->needs.puddles[i].ml), 9.0, 0.2 * area.width());
        s.at = {area.center().x() + paint::warmthOf(p.wanted) * 0.42 * area.width(),
            area.top() + (1 - std::clamp(p.wanted.L / 100, 0.05, 0.95)) * area.height()};
        s.colour = screenColour(m->recipes[i].formulas.empty() ? p.wanted : m->recipes[i].formulas[0].lab);
        s.words
            = tr("%1: %2, %3. %4")
                  .arg(p.number)
                  .arg(m_state.placeOf(int(i)))
                  .arg(QString::fromStdString(paint::mlSaid(m->needs.puddles[i].ml)))
                  .arg(m->recipes[i].formulas.empty() ? QString() : m_state.partsOf(m->recipes[i].formulas[0].recipe));
        m_puddles.push_back(s);
    }
    // Pushed apart until none lies on another; sideways rather than up or down, so that value still reads.
    for (int round = 0; round < 120; ++round) {
        bool moved = false;
        for (std::size_t i = 0; i < m_puddles.size(); ++i)
            for (std::size_t j = i + 1; j < m_puddles.size(); ++j) {
                Spot &a = m_puddles[i], &b = m_puddles[j];
                QPointF d = b.at - a.at;
                const double apart = std::hypot(d.x(), d.y()), need = a.radius + b.radius + 2;
                if (apart >= need)
                    continue;
                if (apart < 0.5)
                    d = {i % 2 ? 1.0 : -1.0, 0.2};
                const double push = (need - apart) / 2 / std::max(apart, 0.5);
                const QPointF by(d.x() * push + (d.x() >= 0 ? 0.4 : -0.4), d.y() * push * 0.45);
                a.at -= by, b.at += by;
                moved = true;
            }
        for (Spot& s : m_puddles)
            s.at = {std::clamp(s.at.x(), area.left() + s.radius, area.right() - s.radius),
                std::clamp(s.at.y(), area.top() + s.radius, area.bottom() - s.radius)};
        if (!moved)
            break;
    }
}

void PaletteView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::kLine, 1));
    p.setBrush(QColor(0x9a, 0x98, 0x94)); // a grey palette: what lies on it is judged there
    p.drawRoundedRect(board().adjusted(-3, -3, 3, 3), 26, 26);
    for (const Spot& t : m_tubes) {
        p.setPen(QPen(t.id == m_desk.selection().tube ? theme::kAccent : theme::kLine,
            t.id == m_desk.selection().tube ? 2.5 : 1));
        p.setBrush(theme::kPaper);
        p.drawEllipse(t.at, t.radius, t.radius);
        p.setPen(Qt::NoPen);
        p.setBrush(t.colour);
        // As full as the tube.
        p.save();
        p.setClipRect(
            QRectF(t.at.x() - t.radius, t.at.y() + t.radius - 2 * t.radius * t.left, 2 * t.radius, 2 * t.radius));
        p.drawEllipse(t.at, t.radius - 1, t.radius - 1);
        p.restore();
    }
    const int held = m_desk.selection().puddle;
    for (const Spot& s : m_puddles) {
        p.setPen(QPen(s.id == held ? theme::kGlow : s.colour.darker(120), s.id == held ? 3 : 0.8));
        p.setBrush(s.colour);
        p.drawEllipse(s.at, s.radius, s.radius);
        const double grey = 0.3 * s.colour.redF() + 0.59 * s.colour.greenF() + 0.11 * s.colour.blueF();
        p.setPen(grey > 0.5 ? theme::kInk : theme::kPaper);
        p.setFont(theme::text(12, s.id == held));
        p.drawText(
            QRectF(s.at.x() - 20, s.at.y() - 10, 40, 20), Qt::AlignCenter, QString::number(m_state.numberOf(s.id)));
    }
    if (m_puddles.empty()) {
        p.setPen(theme::kInk);
        p.setFont(theme::text(13));
        p.drawText(board().adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap,
            m_desk.project().paintBox() ? tr("Mixing…")
                                        : tr("No paints yet: choose a starter set on the page Paint box."));
        return;
    }
    p.setFont(theme::text(12));
    p.setPen(theme::kInk);
    p.drawText(board().adjusted(10, 4, -10, -4), Qt::AlignBottom | Qt::AlignLeft, tr("cool"));
    p.drawText(board().adjusted(10, 4, -10, -4), Qt::AlignBottom | Qt::AlignRight, tr("warm"));
    p.drawText(board().adjusted(10, 4, -10, -4), Qt::AlignTop | Qt::AlignHCenter, tr("light"));
}

void PaletteView::resizeEvent(QResizeEvent*)
{
    refresh();
}

const PaletteView::Spot* PaletteView::under(QPointF at, const std::vector<Spot>& spots) const
{
    const Spot* best = nullptr;
    double least = 4;
    for (const Spot& s : spots)
        if (const double d = std::hypot(s.at.x() - at.x(), s.at.y() - at.y()) - s.radius; d < least)
            least = d, best = &s;
    return best;
}

void PaletteView::mousePressEvent(QMouseEvent* e)
{
    Selection s = m_desk.selection();
    if (const Spot* p = under(e->position(), m_puddles)) {
        s.puddle = p->id;
        m_desk.hold(s);
        m_state.wantPuddle(p->id);
    } else if (const Spot* t = under(e->position(), m_tubes)) {
        s.tube = t->id;
        m_desk.hold(s);
    }
    update();
}

bool PaletteView::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(e);
        const Spot* s = under(help->pos(), m_puddles);
        if (!s)
            s = under(help->pos(), m_tubes);
        QToolTip::showText(help->globalPos(), s ? s->words : QString(), this);
        return true;
    }
    return QWidget::event(e);
}

QPointF PaletteView::puddleAt(int i) const
{
    for (const Spot& s : m_puddles)
        if (s.id == i)
            return s.at;
    return {};
}
QPointF PaletteView::tubeAt(int tube) const
{
    for (const Spot& s : m_tubes)
        if (s.id == tube)
            return s.at;
    return {};
}

} // namespace rl::app
