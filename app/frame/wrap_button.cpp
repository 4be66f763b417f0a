#include "app/frame/wrap_button.h"
#include "app/theme/theme.h"
#include <QPainter>
#include <QStyleOptionButton>

namespace rl::app {

WrapButton::WrapButton(const QString& words)
    : QPushButton(words)
{
    QSizePolicy wraps(QSizePolicy::Preferred, QSizePolicy::Minimum);
    wraps.setHeightForWidth(true);
    setSizePolicy(wraps);
}

int WrapButton::heightForWidth(int w) const
{
    return fontMetrics().boundingRect(0, 0, std::max(40, w - theme::px(20)), 2000, Qt::TextWordWrap, text()).height()
        + theme::px(10);
}

QSize WrapButton::sizeHint() const
{
    const int w = std::min(theme::px(226), fontMetrics().horizontalAdvance(text()) + theme::px(24));
    return {w, heightForWidth(w)};
}

QSize WrapButton::minimumSizeHint() const
{
    return {theme::px(80), heightForWidth(std::max(width(), theme::px(80)))};
}

void WrapButton::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    QStyleOptionButton option;
    initStyleOption(&option);
    option.text.clear();
    style()->drawControl(QStyle::CE_PushButton, &option, &p, this);
    p.setPen(property("main").toBool() ? theme::paper() : theme::ink());
    p.drawText(rect().adjusted(theme::px(9), 0, -theme::px(9), 0), Qt::AlignCenter | Qt::TextWordWrap, text());
}

} // namespace rl::app
