#include "app/forms/flow_layout.h"
#include "app/theme/theme.h"
#include <QWidget>

namespace rl::app {

static bool fromRight = false;

void FlowLayout::setFromRight(bool on)
{
    fromRight = on;
}

FlowLayout::FlowLayout(QWidget* parent)
    : QLayout(parent)
{
    setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout()
{
    qDeleteAll(m_items);
}

void FlowLayout::breakLine()
{
    m_breaks.append(count());
}

QSize FlowLayout::sizeHint() const
{
    int w = 0;
    for (QLayoutItem* i : m_items)
        if (!i->isEmpty())
            w += i->sizeHint().width() + theme::px(8);
    return {w, minimumSize().height()};
}

QSize FlowLayout::minimumSize() const
{
    QSize s;
    for (QLayoutItem* i : m_items)
        if (!i->isEmpty())
            s = s.expandedTo(i->minimumSize());
    return s;
}

void FlowLayout::setGeometry(const QRect& rect)
{
    QLayout::setGeometry(rect);
    lay(rect, true);
}

int FlowLayout::lay(const QRect& r, bool really) const
{
    const int gap = theme::px(8), rise = theme::px(3);
    int x = r.x(), y = r.y(), high = 0;
    QList<QLayoutItem*> line;
    const auto put = [&] {
        int at = r.x();
        for (QLayoutItem* i : line) {
            const QSize s = i->sizeHint();
            const int left = fromRight ? r.x() + r.right() + 1 - at - s.width() : at;
            if (really)
                i->setGeometry({QPoint(left, y + high - s.height()), s});
            at += s.width() + gap;
        }
        if (!line.isEmpty())
            y += high + rise;
        line.clear();
        x = r.x(), high = 0;
    };
    for (int k = 0; k < count(); ++k) {
        QLayoutItem* i = m_items[k];
        if (m_breaks.contains(k))
            put();
        if (i->isEmpty())
            continue;
        const QSize s = i->sizeHint();
        if (!line.isEmpty() && x + s.width() > r.right() + 1)
            put();
        line.append(i);
        x += s.width() + gap;
        high = std::max(high, s.height());
    }
    put();
    return std::max(0, y - r.y() - rise);
}

} // namespace rl::app
