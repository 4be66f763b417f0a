#include "app/stations/station.h"
#include <QDoubleSpinBox>
#include <QLabel>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace rl::app {

QDoubleSpinBox* numberField(
    const QString& name, const QString& unit, double low, double high, int decimals, double step, const QString& tip)
{
    auto* f = new QDoubleSpinBox;
    f->setObjectName(name);
    f->setAccessibleName(tip.section('.', 0, 0));
    f->setSuffix(unit.startsWith(QChar(0xb0)) ? unit : " " + unit);
    f->setRange(low, high);
    f->setDecimals(decimals);
    f->setSingleStep(step);
    f->setToolTip(tip);
    f->setButtonSymbols(QAbstractSpinBox::NoButtons); // arrow keys and the wheel step it
    f->setKeyboardTracking(false);
    f->setLocale(QLocale::c());
    return f;
}

int firstToHold(const Project& project)
{
    for (const CastMember& m : project.brief.cast)
        for (const Element& e : project.elements)
            if (e.cast == m.id)
                return e.id;
    return project.elements.empty() ? 0 : project.elements.back().id;
}

void setQuietly(QDoubleSpinBox* field, double value)
{
    if (field->hasFocus() && std::abs(field->value() - value) < std::pow(10.0, -field->decimals()) / 2)
        return;
    const QSignalBlocker quiet(field);
    field->setValue(value);
}

QWidget* labelled(const QString& label, QWidget* field)
{
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(1);
    auto* text = new QLabel(label);
    text->setProperty("role", "hint");
    text->setBuddy(field);
    layout->addWidget(text);
    layout->addWidget(field);
    return box;
}

} // namespace rl::app
