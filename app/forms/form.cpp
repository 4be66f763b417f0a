#include "app/forms/form.h"
#include "app/forms/flow_layout.h"
#include "app/theme/theme.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

Form::Form(Desk& desk, QWidget* parent)
    : QWidget(parent)
    , m_desk(desk)
    , m_flow(new FlowLayout(this))
{
    QSizePolicy wraps(QSizePolicy::Preferred, QSizePolicy::Minimum);
    wraps.setHeightForWidth(true);
    setSizePolicy(wraps);
}

QWidget* Form::labelled(QWidget* field, const FieldWords& w)
{
    field->setObjectName(w.name);
    field->setToolTip(w.tip);
    field->setAccessibleName(w.tip.section('.', 0, 0));
    if (w.label.isEmpty()) {
        m_flow->addWidget(field);
        return field;
    }
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* label = new QLabel(w.label);
    label->setProperty("role", "hint");
    label->setBuddy(field);
    layout->addWidget(label);
    layout->addWidget(field);
    m_flow->addWidget(box);
    return box;
}

/// What is hidden must not keep the keys: they go to the board.
void Form::setShown(QWidget* widget, bool on)
{
    if (!on && (widget->hasFocus() || (widget->focusWidget() && widget->focusWidget()->hasFocus())))
        emit m_desk.boardWanted();
    if (widget->isHidden() == on)
        widget->setVisible(on);
}

NumberBox* Form::value(const FieldWords& w, const NumberFormat& shown, double low, double high,
    std::function<std::optional<double>()> get, std::function<void(double, int)> set)
{
    auto* f = new NumberBox;
    f->setSpecialValueText(w.special);
    f->setShown(shown, low, high);
    QWidget* box = labelled(f, w);
    f->setAccessibleDescription(
        tr("%1 to %2%3").arg(low, 0, 'f', shown.decimals).arg(high, 0, 'f', shown.decimals).arg(shown.suffix));
    auto gesture = std::make_shared<int>(-1);
    connect(f, &NumberBox::edited, this, [this, set, gesture](double v, bool stepping) {
        if (m_filling)
            return;
        if (stepping && *gesture < 0)
            *gesture = m_desk.document.freshGesture();
        set(v, stepping ? *gesture : -1);
    });
    connect(f, &NumberBox::stepped, this, [this, gesture] {
        *gesture = -1;
        m_desk.document.finishGesture();
    });
    m_fill.push_back([this, f, box, get] {
        const auto v = get();
        setShown(box, v.has_value());
        if (v)
            f->show(*v);
    });
    return f;
}

QComboBox* Form::pick(const FieldWords& w, std::function<Choices()> choices, std::function<std::optional<int>()> get,
    std::function<void(int)> set)
{
    auto* f = new QComboBox;
    f->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    f->setMaximumWidth(theme::px(210));
    QWidget* box = labelled(f, w);
    connect(f, &QComboBox::activated, this, [this, f, set] {
        if (!m_filling)
            set(f->currentData().toInt());
    });
    m_fill.push_back([this, f, box, choices, get] {
        const auto now = get();
        setShown(box, now.has_value());
        if (!now)
            return;
        const Choices all = choices();
        bool same = int(all.size()) == f->count();
        for (int i = 0; same && i < f->count(); ++i)
            same = f->itemData(i).toInt() == all[std::size_t(i)].second && f->itemText(i) == all[std::size_t(i)].first;
        if (!same) {
            f->clear();
            for (const auto& [text, data] : all)
                f->addItem(text, data);
        }
        f->setCurrentIndex(f->findData(*now));
    });
    return f;
}

QCheckBox* Form::check(const FieldWords& w, std::function<std::optional<bool>()> get, std::function<void(bool)> set)
{
    auto* f = new QCheckBox(w.label);
    FieldWords own = w;
    own.label.clear();
    labelled(f, own);
    connect(f, &QCheckBox::toggled, this, [this, set](bool on) {
        if (!m_filling)
            set(on);
    });
    m_fill.push_back([this, f, get] {
        const auto on = get();
        setShown(f, on.has_value());
        if (on)
            f->setChecked(*on);
    });
    return f;
}

QLineEdit* Form::text(const FieldWords& w, int width, std::function<std::optional<QString>()> get,
    std::function<void(const QString&)> set)
{
    auto* f = new QLineEdit;
    f->setFixedWidth(theme::px(width));
    QWidget* box = labelled(f, w);
    connect(f, &QLineEdit::editingFinished, this, [this, f, get, set] {
        const QString now = f->text().trimmed();
        if (!m_filling && get().value_or(now) != now)
            set(now);
    });
    m_fill.push_back([this, f, box, get] {
        const auto s = get();
        setShown(box, s.has_value());
        if (s && (!f->hasFocus() || !f->isModified()) && f->text() != *s)
            f->setText(*s);
    });
    return f;
}

QPushButton* Form::button(const QString& name, const QString& text, const QString& tip, std::function<void()> act,
    std::function<bool()> shown)
{
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    b->setToolTip(tip);
    b->setFocusPolicy(Qt::TabFocus); // a click leaves the keys with the board
    connect(b, &QPushButton::clicked, this, [act] { act(); });
    add(b, std::move(shown));
    return b;
}

QPushButton* Form::mainButton(const QString& name, const QString& text, const QString& tip, std::function<void()> act,
    std::function<bool()> shown)
{
    auto* b = button(name, text, tip, std::move(act), std::move(shown));
    b->setProperty("main", true);
    return b;
}

QPushButton* Form::latch(const QString& name, const QString& text, const QString& tip, std::function<void(bool)> act,
    std::function<bool()> shown, std::function<bool()> isDown)
{
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    b->setToolTip(tip);
    b->setFocusPolicy(Qt::TabFocus);
    b->setCheckable(true);
    if (isDown)
        m_fill.push_back([b, isDown] { b->setChecked(isDown()); });
    connect(b, &QPushButton::toggled, this, [this, act](bool on) {
        if (!m_filling)
            act(on);
    });
    add(b, std::move(shown));
    return b;
}

void Form::add(QWidget* w, std::function<bool()> shown)
{
    m_flow->addWidget(w);
    if (shown)
        m_fill.push_back([this, w, shown] { setShown(w, shown()); });
}

void Form::line()
{
    m_flow->breakLine();
}

void Form::refresh()
{
    if (m_filling)
        return;
    m_filling = true;
    for (const auto& fill : m_fill)
        fill();
    m_filling = false;
}

} // namespace rl::app
