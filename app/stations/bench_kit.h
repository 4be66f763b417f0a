#pragma once
#include "app/stations/station.h"
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QPushButton>

/// Small hands for laying out benches.
namespace rl::app {

QHBoxLayout* rowOf(std::initializer_list<QWidget*> widgets);
QWidget* rowsOf(std::initializer_list<QHBoxLayout*> rows);
/// A whole number with its unit.
QDoubleSpinBox* countField(
    const QString& name, const QString& unit, double low, double high, double value, const QString& tip);
QDoubleSpinBox* percentField(const QString& name, double high, double value, const QString& tip);

/// A button that does something for as long as `owner` lives. \param act may be empty
QPushButton* pressButton(
    QObject* owner, const QString& name, const QString& text, const QString& tip, const std::function<void()>& act);

template <class T> T* named(T* w, const char* name, const QString& tip)
{
    w->setObjectName(name);
    w->setToolTip(tip);
    w->setAccessibleName(tip.section('.', 0, 0));
    return w;
}

} // namespace rl::app
