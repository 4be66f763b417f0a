#include "app/stations/bench_kit.h"

namespace rl::app {

QHBoxLayout* rowOf(std::initializer_list<QWidget*> widgets)
{
    auto* row = new QHBoxLayout;
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    for (QWidget* w : widgets)
        row->addWidget(w, 0, Qt::AlignBottom);
    row->addStretch(1);
    return row;
}

QWidget* rowsOf(std::initializer_list<QHBoxLayout*> rows)
{
    auto* page = new QWidget;
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    for (QHBoxLayout* row : rows)
        layout->addLayout(row);
    layout->addStretch(1);
    return page;
}

QDoubleSpinBox* countField(
    const QString& name, const QString& unit, double low, double high, double value, const QString& tip)
{
    QDoubleSpinBox* f = numberField(name, unit, low, high, 0, 1, tip);
    f->setValue(value);
    return f;
}

QDoubleSpinBox* percentField(const QString& name, double high, double value, const QString& tip)
{
    QDoubleSpinBox* f = numberField(name, "%", 0, high, 0, 5, tip);
    f->setValue(value);
    return f;
}

QPushButton* pressButton(
    QObject* owner, const QString& name, const QString& text, const QString& tip, const std::function<void()>& act)
{
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    b->setToolTip(tip);
    if (act)
        QObject::connect(b, &QPushButton::clicked, owner, [act] { act(); });
    return b;
}

} // namespace rl::app
