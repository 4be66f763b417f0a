#pragma once
#include "app/desk/desk.h"
#include "app/forms/lens.h"
#include "app/forms/number_box.h"
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QToolButton>

namespace rl::app {

class FlowLayout;

/// What a field is called, says and does, in one place.
struct FieldWords {
    QString name; ///< stable: how it is found
    QString label; ///< over the field; empty: none
    QString tip; ///< what it does and why a painter would want it; the first sentence names it to assistive technology
    QString undo; ///< the step it makes: a verb
    std::optional<NumberFormat> shown{}; ///< instead of its unit's own way
    QString special{}; ///< what its lowest value is called
};
template <class O> using When = std::function<bool(const O&)>;
using Choices = std::vector<std::pair<QString, int>>;

/// Fields over lenses, each declared once. A field that does not apply is not shown; one edit is one undo step, a held
/// arrow is one gesture; range and unit come from the number's table.
class Form final : public QWidget {
    Q_OBJECT
public:
    explicit Form(Desk& desk, QWidget* parent = nullptr);

    template <class O, class V>
    NumberBox* number(
        const Lens<O>& lens, V O::*member, const FieldWords& words, const std::type_identity_t<When<O>>& when = {})
    {
        const Number<O>& row = numberAt(member);
        const NumberFormat shown = words.shown.value_or(shownAs(row.unit));
        return value(
            words, shown, shown.factor * row.low, shown.factor * row.high,
            [=, this, &row]() -> std::optional<double> {
                const O* o = held(lens);
                return o && (!when || when(*o)) ? std::optional(shown.factor * row.get(*o)) : std::nullopt;
            },
            [=, this, &row](double v, int gesture) {
                change(lens, words.undo, gesture, [&](O& o) { row.set(o, v / shown.factor); });
            });
    }
    /// A number that is worked out rather than kept. \param get nothing: not shown
    NumberBox* value(const FieldWords& words, const NumberFormat& shown, double low, double high,
        std::function<std::optional<double>()> get, std::function<void(double, int gesture)> set);
    template <class O, class V>
    QComboBox* choice(const Lens<O>& lens, V O::*member, const QStringList& names, const FieldWords& words,
        const std::type_identity_t<When<O>>& when = {})
    {
        Choices all;
        for (int i = 0; i < names.size(); ++i)
            all.emplace_back(names[i], i);
        return pick(
            words, [all] { return all; },
            [=, this]() -> std::optional<int> {
                const O* o = held(lens);
                return o && (!when || when(*o)) ? std::optional(int(o->*member)) : std::nullopt;
            },
            [=, this](int i) { change(lens, words.undo, -1, [&](O& o) { o.*member = V(i); }); });
    }
    /// A choice among what is there now. \param get nothing: not shown
    QComboBox* pick(const FieldWords& words, std::function<Choices()> choices, std::function<std::optional<int>()> get,
        std::function<void(int)> set);
    template <class O>
    QCheckBox* toggle(const Lens<O>& lens, bool O::*member, const FieldWords& words, const QString& undoOff = {},
        const std::type_identity_t<When<O>>& when = {}, bool inverted = false)
    {
        return check(
            words,
            [=, this]() -> std::optional<bool> {
                const O* o = held(lens);
                return o && (!when || when(*o)) ? std::optional((o->*member) != inverted) : std::nullopt;
            },
            [=, this](bool on) {
                change(lens, on || undoOff.isEmpty() ? words.undo : undoOff, -1,
                    [&](O& o) { o.*member = on != inverted; });
            });
    }
    QCheckBox* check(const FieldWords& words, std::function<std::optional<bool>()> get, std::function<void(bool)> set);
    template <class O>
    QLineEdit* line(const Lens<O>& lens, std::string O::*member, const FieldWords& words, int width,
        bool mayBeEmpty = true, const std::type_identity_t<When<O>>& when = {})
    {
        return text(
            words, width,
            [=, this]() -> std::optional<QString> {
                const O* o = held(lens);
                return o && (!when || when(*o)) ? std::optional(QString::fromStdString(o->*member)) : std::nullopt;
            },
            [=, this](const QString& s) {
                if (mayBeEmpty || !s.isEmpty())
                    change(lens, words.undo, -1, [&](O& o) { o.*member = s.toStdString(); });
            });
    }
    /// Words, trimmed. \param width px at 100 % text
    QLineEdit* text(const FieldWords& words, int width, std::function<std::optional<QString>()> get,
        std::function<void(const QString&)> set);
    /// \param shown nothing: always
    QPushButton* button(const QString& name, const QString& text, const QString& tip, std::function<void()> act,
        std::function<bool()> shown = {});
    QPushButton* mainButton(const QString& name, const QString& text, const QString& tip, std::function<void()> act,
        std::function<bool()> shown = {});
    /// A button that stays down. \param isDown asked when the form is filled; none: until it is pressed again
    QPushButton* latch(const QString& name, const QString& text, const QString& tip, std::function<void(bool)> act,
        std::function<bool()> shown = {}, std::function<bool()> isDown = {});
    void add(QWidget* widget, std::function<bool()> shown = {});
    void line(); ///< the next field begins a line
    void refresh(); ///< takes all of it from the project

    /// One edit of what a lens holds.
    template <class O, class F> void change(const Lens<O>& lens, const QString& undo, int gesture, F set)
    {
        const O* was = held(lens);
        if (!was)
            return;
        O o = *was;
        set(o);
        if constexpr (requires { o == *was; })
            if (o == *was)
                return;
        m_desk.edit(undo, lens.put(m_desk.project(), m_desk.selection(), std::move(o)), gesture);
    }
    template <class O> const O* held(const Lens<O>& lens) const
    {
        return lens.get(m_desk.project(), m_desk.selection());
    }

private:
    /// The field with its label over it, as one widget.
    QWidget* labelled(QWidget* field, const FieldWords& words);
    void setShown(QWidget* widget, bool on);
    Desk& m_desk;
    FlowLayout* m_flow;
    std::vector<std::function<void()>> m_fill;
    bool m_filling = false;
};

} // namespace rl::app
