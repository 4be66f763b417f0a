#pragma once
#include "app/frame/main_window.h"
#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAbstractSpinBox>
#include <QLabel>
#include <QLineEdit>

namespace rl::kit {

/// Does a word fit where it stands?
inline bool fits(const QWidget* w)
{
    if (const auto* label = qobject_cast<const QLabel*>(w); label && !label->text().isEmpty())
        return label->wordWrap() ? label->heightForWidth(label->width()) <= label->height() + 1
                                 : label->sizeHint().width() <= label->width() + 1;
    if (const auto* button = qobject_cast<const QAbstractButton*>(w); button && !button->text().isEmpty()) {
        if (button->hasHeightForWidth())
            return button->heightForWidth(button->width()) <= button->height() + 1;
        return button->sizeHint().width() <= button->width() + 1;
    }
    if (const auto* box = qobject_cast<const QAbstractSpinBox*>(w))
        return box->minimumSizeHint().width() <= box->width() + 1;
    return true;
}
/// What does not fit on the bench in front, in words.
inline QStringList clipped(const app::MainWindow& window)
{
    QStringList out;
    const QRect bench = QRect(QPoint(), window.here()->bench()->size());
    for (const QWidget* w : window.findChildren<QWidget*>()) {
        if (!w->isVisible() || qobject_cast<const QLineEdit*>(w->parentWidget()))
            continue;
        if (!fits(w))
            out << w->objectName() + " “" + w->property("text").toString() + "”";
        const QWidget* on = window.here()->bench();
        const QWidget* scrolled = w->parentWidget();
        while (scrolled && !qobject_cast<const QAbstractScrollArea*>(scrolled))
            scrolled = scrolled->parentWidget();
        if (scrolled && scrolled != w)
            continue; // it can be scrolled to
        if (on->isAncestorOf(w) && !w->visibleRegion().isEmpty()
            && !bench.adjusted(-1, -1, 1, 1).contains(QRect(w->mapTo(on, QPoint()), w->size())))
            out << w->objectName() + " beyond the bench";
    }
    return out;
}

} // namespace rl::kit
