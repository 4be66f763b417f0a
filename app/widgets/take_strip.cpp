#include "app/widgets/take_strip.h"
#include "app/theme/theme.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

namespace rl::app {

namespace {
// At 100 % text.
constexpr int kLabels = 116, kPictureWide = 140, kFigures = 152, kGap = 12, kPicture = 92, kHead = 20, kRow = 16;

int px(int at100)
{
    return theme::px(at100);
}
int cellWide()
{
    return px(kPictureWide + kGap + kFigures);
}
} // namespace

TakeStrip::TakeStrip(QWidget* parent)
    : QWidget(parent)
{
    setObjectName("takeStrip");
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Takes"));
    setToolTip(
        tr("All arrangements kept of this work. Click one to compare it, double-click or Enter to work on it; the "
           "arrow keys walk along."));
}

void TakeStrip::show(QStringList rows, std::vector<Item> items)
{
    m_rows = std::move(rows);
    m_items = std::move(items);
    setFixedHeight(px(kHead + 4) + std::max(px(kPicture), int(m_rows.size()) * px(kRow)));
    QStringList told; // to who does not see it
    for (const Item& i : m_items) {
        QStringList figures;
        for (qsizetype k = 0; k < std::min(m_rows.size(), i.figures.size()); ++k)
            figures << m_rows[k] + " " + i.figures[k];
        told << i.letter + " " + i.name + ": " + figures.join(", ");
    }
    setAccessibleDescription(told.join("; "));
    const auto has = [&](int id) {
        return std::any_of(m_items.begin(), m_items.end(), [&](const Item& i) { return i.id == id; });
    };
    if (!has(m_chosen)) {
        m_chosen = m_items.empty() ? 0 : m_items.front().id;
        for (const Item& i : m_items)
            if (i.current)
                m_chosen = i.id;
    }
    reveal();
    update();
}

void TakeStrip::choose(int id)
{
    if (m_chosen == id)
        return;
    m_chosen = id;
    reveal();
    update();
    emit chosenChanged(id);
}

QRect TakeStrip::cell(int index) const
{
    return {px(kLabels) + (index - m_first) * cellWide(), 0, cellWide() - px(kGap), height()};
}

QRect TakeStrip::placeOf(int id) const
{
    for (int i = m_first; i < int(m_items.size()); ++i)
        if (m_items[std::size_t(i)].id == id && cell(i).right() <= width())
            return {cell(i).left(), px(kHead), px(kPictureWide), px(kPicture)};
    return {};
}

void TakeStrip::reveal()
{
    const int shown = std::max(1, (width() - px(kLabels)) / cellWide());
    for (int i = 0; i < int(m_items.size()); ++i)
        if (m_items[std::size_t(i)].id == m_chosen)
            m_first = i < m_first ? i : i >= m_first + shown ? i - shown + 1 : m_first;
    m_first = std::clamp(m_first, 0, std::max(0, int(m_items.size()) - 1));
}

int TakeStrip::itemAt(QPointF at) const
{
    if (at.x() < px(kLabels))
        return -1;
    const int i = m_first + int(at.x() - px(kLabels)) / cellWide();
    return i < int(m_items.size()) ? i : -1;
}

void TakeStrip::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    p.setFont(theme::text(12));
    p.setPen(theme::faint());
    for (int r = 0; r < m_rows.size(); ++r)
        p.drawText(QRect(0, px(kHead) + r * px(kRow), px(kLabels - 8), px(kRow)), Qt::AlignRight | Qt::AlignVCenter,
            m_rows[r]);
    for (int i = m_first; i < int(m_items.size()); ++i) {
        const Item& t = m_items[std::size_t(i)];
        const QRect c = cell(i), picture(c.left(), px(kHead), px(kPictureWide), px(kPicture));
        const QRect figures(picture.right() + px(8), px(kHead), c.right() - picture.right() - px(8), px(kRow));
        p.setOpacity(t.isAside ? 0.5 : 1);
        p.fillRect(picture, theme::line());
        if (t.image.isNull()) {
            p.setPen(theme::ink());
            p.drawText(picture, Qt::AlignCenter, tr("being looked at…"));
        } else {
            const QSize s = t.image.size().scaled(picture.size(), Qt::KeepAspectRatio);
            p.drawImage(QRect(picture.center() - QPoint(s.width() / 2, s.height() / 2), s), t.image);
        }
        p.setOpacity(1);
        if (t.id == m_chosen) {
            p.setPen(QPen(theme::accent(), 2.5));
            p.setBrush(Qt::NoBrush);
            p.drawRect(picture.adjusted(1, 1, -1, -1));
        }
        p.setFont(theme::heading(18));
        p.setPen(t.current ? theme::accent() : theme::ink());
        const QString letter = t.letter;
        p.drawText(QRect(c.left(), 0, c.width(), px(kHead)), Qt::AlignLeft | Qt::AlignVCenter, letter);
        const int used = p.fontMetrics().horizontalAdvance(letter) + 8;
        p.setFont(theme::text(12));
        p.setPen(theme::ink());
        const QRect rest(c.left() + used, 0, c.width() - used, px(kHead));
        p.drawText(
            rest, Qt::AlignLeft | Qt::AlignVCenter, p.fontMetrics().elidedText(t.name, Qt::ElideRight, rest.width()));
        for (int r = 0; r < t.figures.size(); ++r)
            p.drawText(figures.translated(0, r * px(kRow)), Qt::AlignLeft | Qt::AlignVCenter,
                p.fontMetrics().elidedText(t.figures[r], Qt::ElideRight, figures.width()));
        if (t.isAside || t.current) {
            const QRect band(picture.left(), picture.bottom() - px(17), picture.width(), px(18));
            p.fillRect(band, QColor(246, 245, 242, 230));
            p.drawText(band.adjusted(4, 0, -2, 0), Qt::AlignVCenter,
                p.fontMetrics().elidedText(
                    t.current ? tr("present one") : tr("aside: %1").arg(t.aside), Qt::ElideRight, band.width() - 6));
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(theme::faint(), 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void TakeStrip::mousePressEvent(QMouseEvent* e)
{
    if (const int i = itemAt(e->position()); i >= 0)
        choose(m_items[std::size_t(i)].id);
}

void TakeStrip::mouseDoubleClickEvent(QMouseEvent* e)
{
    if (const int i = itemAt(e->position()); i >= 0)
        emit wanted(m_items[std::size_t(i)].id);
}

void TakeStrip::wheelEvent(QWheelEvent* e)
{
    const int d = e->angleDelta().y() + e->angleDelta().x();
    m_first = std::clamp(m_first + (d < 0 ? 1 : -1), 0, std::max(0, int(m_items.size()) - 1));
    update();
}

void TakeStrip::keyPressEvent(QKeyEvent* e)
{
    int at = -1;
    for (int i = 0; i < int(m_items.size()); ++i)
        if (m_items[std::size_t(i)].id == m_chosen)
            at = i;
    if (at < 0)
        return e->ignore();
    if (e->key() == Qt::Key_Left && at > 0)
        choose(m_items[std::size_t(at - 1)].id);
    else if (e->key() == Qt::Key_Right && at + 1 < int(m_items.size()))
        choose(m_items[std::size_t(at + 1)].id);
    else if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        emit wanted(m_chosen);
    else
        e->ignore();
}

} // namespace rl::app
