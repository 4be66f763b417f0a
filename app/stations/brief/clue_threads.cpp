#include "app/stations/brief/clue_threads.h"
#include "app/theme/theme.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

namespace {
int rowHigh()
{
    return theme::px(23);
}
template <class V> int indexOf(const V& items, int id)
{
    for (std::size_t i = 0; i < items.size(); ++i)
        if (items[i].id == id)
            return int(i);
    return -1;
}
} // namespace

ClueThreads::ClueThreads()
{
    setObjectName("clueThreads");
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Ideas and their cues"));
    setToolTip(tr("Each idea, its cues, and what in the picture shows them. Up and Down choose, Delete removes, a "
                  "double click renames an idea."));
}

int ClueThreads::rows() const
{
    return std::max({int(m_clues.size()), 2 * int(m_ideas.size()), int(m_targets.size()), 3});
}
QSize ClueThreads::sizeHint() const
{
    return {theme::px(700), rows() * rowHigh() + 4};
}

void ClueThreads::show(std::vector<Card> ideas, std::vector<Clue> clues, std::vector<Card> targets)
{
    m_ideas = std::move(ideas), m_clues = std::move(clues), m_targets = std::move(targets);
    if (indexOf(m_ideas, m_idea) < 0)
        m_idea = m_ideas.empty() ? 0 : m_ideas.front().id;
    if (indexOf(m_clues, m_clue) < 0)
        m_clue = 0;
    QStringList told; // to who does not see it
    for (const Clue& c : m_clues)
        for (const Card& i : m_ideas)
            if (i.id == c.idea)
                told << tr("%1: %2").arg(i.words, c.words) + (c.measured.isEmpty() ? QString() : ", " + c.measured);
    setAccessibleDescription(told.join("; "));
    updateGeometry();
    update();
}

void ClueThreads::choose(int idea, int clue)
{
    m_idea = idea, m_clue = clue;
    update();
    emit chosen();
}

QRect ClueThreads::ideaRect(int i) const
{
    const int step = (height() - 4) / std::max(1, int(m_ideas.size())), high = std::min(step - 4, theme::px(48));
    return {2, 2 + i * step + (step - 4 - high) / 2, width() * 24 / 100, high};
}
QRect ClueThreads::clueRect(int i) const
{
    const int step = std::min(rowHigh() + 4, (height() - 4) / std::max(1, int(m_clues.size())));
    return {width() * 31 / 100, 2 + i * step, width() * 44 / 100, step - 3};
}
QRect ClueThreads::targetRect(int i) const
{
    const int step = std::min(theme::px(34), (height() - 4) / std::max(1, int(m_targets.size())));
    return {width() * 82 / 100, 2 + i * step, width() * 18 / 100 - 4, step - 4};
}

void ClueThreads::thread(QPainter& p, QPoint from, QPoint to, const Clue& c) const
{
    QPainterPath path(from);
    const double mid = (from.x() + to.x()) / 2.0;
    path.cubicTo(QPointF(mid, from.y()), QPointF(mid, to.y()), to);
    p.setBrush(Qt::NoBrush);
    const bool frayed = c.known && !c.seen;
    p.setPen(QPen(
        frayed ? theme::accent() : theme::faint(), c.id == m_clue ? 2.6 : 1.4, frayed ? Qt::DashLine : Qt::SolidLine));
    p.drawPath(path);
}

void ClueThreads::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_ideas.empty()) {
        p.setPen(theme::faint());
        p.drawText(rect(), Qt::AlignVCenter | Qt::TextWordWrap,
            tr("No ideas yet. Name one thing the picture must get across, then the cues in the picture that show it: "
               "each is measured where it lies."));
        return;
    }
    for (std::size_t i = 0; i < m_clues.size(); ++i) {
        const Clue& c = m_clues[i];
        const QRect r = clueRect(int(i));
        if (const int idea = indexOf(m_ideas, c.idea); idea >= 0)
            thread(p, {ideaRect(idea).right(), ideaRect(idea).center().y()}, {r.left(), r.center().y()}, c);
        if (const int to = indexOf(m_targets, c.target); to >= 0)
            thread(p, {r.right(), r.center().y()}, {targetRect(to).left(), targetRect(to).center().y()}, c);
    }
    const auto card = [&](QRectF r, bool held) {
        p.setPen(QPen(held ? theme::accent() : theme::line(), held ? 2 : 1));
        p.setBrush(theme::paper());
        p.drawRoundedRect(r, 4, 4);
        p.setPen(theme::ink());
    };
    for (std::size_t i = 0; i < m_ideas.size(); ++i) {
        const QRectF r = ideaRect(int(i));
        card(r, m_ideas[i].id == m_idea);
        p.setFont(theme::text(14, true));
        p.drawText(r.adjusted(8, 2, -6, -r.height() / 2), Qt::AlignVCenter,
            p.fontMetrics().elidedText(m_ideas[i].words, Qt::ElideRight, int(r.width()) - 14));
        p.setFont(theme::text(13));
        p.setPen(theme::faint());
        p.drawText(r.adjusted(8, r.height() / 2, -6, -2), Qt::AlignVCenter, m_ideas[i].below);
    }
    for (std::size_t i = 0; i < m_clues.size(); ++i) {
        const Clue& c = m_clues[i];
        const QRectF r = clueRect(int(i));
        card(r, c.id == m_clue);
        p.setFont(theme::text(13, true));
        const int own = std::min(int(r.width() / 2), p.fontMetrics().horizontalAdvance(c.words) + 12);
        p.drawText(r.adjusted(8, 0, 0, 0), Qt::AlignVCenter, p.fontMetrics().elidedText(c.words, Qt::ElideRight, own));
        p.setFont(theme::text(13));
        p.setPen(c.known && !c.seen ? theme::accent() : theme::faint());
        p.drawText(r.adjusted(own + 8, 0, -6, 0), Qt::AlignVCenter | Qt::AlignRight,
            p.fontMetrics().elidedText(c.measured, Qt::ElideRight, int(r.width()) - own - 16));
    }
    p.setFont(theme::text(13));
    for (std::size_t i = 0; i < m_targets.size(); ++i) {
        const QRectF r = targetRect(int(i));
        card(r, false);
        p.drawText(r.adjusted(8, 0, -6, 0), Qt::AlignVCenter,
            p.fontMetrics().elidedText(m_targets[i].words, Qt::ElideRight, int(r.width()) - 14));
    }
}

void ClueThreads::mousePressEvent(QMouseEvent* e)
{
    const QPoint at = e->position().toPoint();
    for (std::size_t i = 0; i < m_ideas.size(); ++i)
        if (ideaRect(int(i)).contains(at))
            return choose(m_ideas[i].id, 0);
    for (std::size_t i = 0; i < m_clues.size(); ++i)
        if (clueRect(int(i)).contains(at))
            return choose(m_clues[i].idea, m_clues[i].id);
}
void ClueThreads::mouseDoubleClickEvent(QMouseEvent* e)
{
    for (std::size_t i = 0; i < m_ideas.size(); ++i)
        if (ideaRect(int(i)).contains(e->position().toPoint()))
            emit renameWanted(m_ideas[i].id);
}
void ClueThreads::keyPressEvent(QKeyEvent* e)
{
    const bool down = e->key() == Qt::Key_Down, up = e->key() == Qt::Key_Up;
    if ((down || up) && !m_clues.empty()) {
        const int now = indexOf(m_clues, m_clue), last = int(m_clues.size()) - 1;
        const auto& c = m_clues[std::size_t(now < 0 ? (down ? 0 : last) : std::clamp(now + (down ? 1 : -1), 0, last))];
        choose(c.idea, c.id);
    } else if (e->key() == Qt::Key_Delete && m_clue)
        emit removeClueWanted(m_clue);
    else if (e->key() == Qt::Key_Delete && m_idea)
        emit removeIdeaWanted(m_idea);
    else
        QWidget::keyPressEvent(e);
}

} // namespace rl::app
