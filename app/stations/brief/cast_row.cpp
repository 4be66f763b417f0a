#include "app/stations/brief/cast_row.h"
#include "app/theme/theme.h"
#include <QInputDialog>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace rl::app {

CastRow::CastRow()
{
    setObjectName("cast");
    setMinimumHeight(theme::px(62));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The cast in reading order"));
}

QSize CastRow::sizeHint() const
{
    return {theme::px(600), theme::px(66)};
}

void CastRow::show(std::vector<CastMember> cast)
{
    m_members = std::move(cast);
    m_chosen = std::min(m_chosen, int(m_members.size()) - 1);
    QStringList told; // to who does not see it
    for (const CastMember& m : m_members)
        told << QString("%1 %2").arg(told.size() + 1).arg(QString::fromStdString(m.name));
    setAccessibleDescription(told.join("; "));
    update();
}

QRect CastRow::cardRect(int i) const
{
    const int n = std::max(1, int(m_members.size())), w = std::min(theme::px(170), (width() - 4) / n - 10);
    return {2 + i * (w + 10), 4, w, height() - 8};
}

int CastRow::at(QPoint p) const
{
    for (int i = 0; i < int(m_members.size()); ++i)
        if (cardRect(i).adjusted(-5, 0, 5, 0).contains(p))
            return i;
    return -1;
}

void CastRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_members.empty()) {
        p.setPen(theme::faint());
        p.drawText(rect(), Qt::AlignVCenter | Qt::TextWordWrap,
            tr("No subjects yet. Name what must appear, most important first; the program then compares what the eye "
               "finds first with your order."));
        return;
    }
    for (int i = 0; i < int(m_members.size()); ++i) {
        QRectF r = cardRect(i);
        if (i == m_held)
            r.moveCenter({double(m_pointer.x()), r.center().y() - 3});
        p.setPen(QPen(i == m_chosen || i == m_held ? theme::accent() : theme::line(), i == m_chosen ? 2 : 1.2));
        p.setBrush(theme::paper());
        p.drawRoundedRect(r, 5, 5);
        p.setPen(theme::faint());
        p.setFont(theme::heading(30));
        p.drawText(r.adjusted(10, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, QString::number(i + 1));
        p.setPen(theme::ink());
        p.setFont(theme::text(15, true));
        p.drawText(r.adjusted(theme::px(36), 2, -6, -2), Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap,
            QString::fromStdString(m_members[std::size_t(i)].name));
    }
}

void CastRow::mousePressEvent(QMouseEvent* e)
{
    m_chosen = m_held = at(e->position().toPoint());
    m_pointer = e->position().toPoint();
    update();
}
void CastRow::mouseMoveEvent(QMouseEvent* e)
{
    m_pointer = e->position().toPoint();
    update();
}
void CastRow::mouseReleaseEvent(QMouseEvent* e)
{
    const int from = m_held, to = at(e->position().toPoint());
    m_held = -1;
    update();
    if (from >= 0 && to >= 0 && from != to) {
        m_chosen = to;
        emit moved(from, to);
    }
}
void CastRow::mouseDoubleClickEvent(QMouseEvent* e)
{
    const int i = at(e->position().toPoint());
    m_held = -1;
    if (i < 0)
        return;
    bool ok = false;
    const QString name = QInputDialog::getText(this, tr("Rename"), tr("Name in the cast:"), QLineEdit::Normal,
        QString::fromStdString(m_members[std::size_t(i)].name), &ok);
    if (ok && !name.trimmed().isEmpty())
        emit renamed(idAt(i), name.trimmed());
}
void CastRow::keyPressEvent(QKeyEvent* e)
{
    const int n = int(m_members.size());
    if (e->key() == Qt::Key_Delete && m_chosen >= 0)
        emit removed(idAt(m_chosen));
    else if ((e->key() == Qt::Key_Left || e->key() == Qt::Key_Right) && n > 0) {
        const int to = std::clamp(m_chosen + (e->key() == Qt::Key_Right ? 1 : -1), 0, n - 1);
        if (e->modifiers() & Qt::ControlModifier && m_chosen >= 0 && to != m_chosen)
            emit moved(m_chosen, to);
        m_chosen = to;
        update();
    } else
        QWidget::keyPressEvent(e);
}

} // namespace rl::app
