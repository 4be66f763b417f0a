#pragma once
#include "core/project/fields.h"
#include <QDoubleSpinBox>
#include <QTimer>

namespace rl::app {

/// How numbers of a unit are shown.
struct Shown {
    double factor = 1; ///< shown = factor × value
    QString suffix;
    int decimals = 2;
    double step = 1; ///< as shown
};
Shown shownAs(Unit unit);

/// A number with its unit. "12,5" and "12.5" are the same number; thousands are never guessed. Arrow keys, the wheel
/// and a held arrow step it: that is one gesture.
class NumberBox final : public QDoubleSpinBox {
    Q_OBJECT
public:
    explicit NumberBox(QWidget* parent = nullptr);
    /// \param low, high, as shown
    void setShown(const Shown& shown, double low, double high);
    QString textFromValue(double value) const override; ///< inches in sixteenths
    double valueFromText(const QString& text) const override;
    QValidator::State validate(QString& text, int& pos) const override;
    void fixup(QString&) const override { } ///< commas are no thousands to be left out
    void stepBy(int steps) override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    /// Sets it without answering back; what is being typed stays.
    void show(double value);

signals:
    void edited(double shown, bool stepping); ///< stepping: more of the same gesture may follow
    void stepped(); ///< that gesture is over

protected:
    void keyReleaseEvent(QKeyEvent* e) override;
    void focusOutEvent(QFocusEvent* e) override;

private:
    void endStepping();
    bool m_quiet = false, m_stepping = false;
    QTimer m_rest;
};

} // namespace rl::app
