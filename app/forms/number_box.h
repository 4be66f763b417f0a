#pragma once
#include "core/project/fields.h"
#include <QDoubleSpinBox>
#include <QTimer>
#include <optional>

namespace rl::app {

/// How numbers of a unit are shown.
struct NumberFormat {
    double factor = 1; ///< shown = factor × value
    QString suffix;
    int decimals = 2;
    double step = 1; ///< as shown
    bool clock = false; ///< hours of the day: 19:30
};
NumberFormat shownAs(Unit unit);

/// A number with its unit, typed as people write it (core/project/quantity.h): "3 cm", "1 1/2 in", "2 h 30". What is no
/// such number stays until the field is left; then what was comes back, and the reason stands below the field. Arrow
/// keys, the wheel and a held arrow step it: that is one gesture.
class NumberBox final : public QDoubleSpinBox {
    Q_OBJECT
public:
    explicit NumberBox(QWidget* parent = nullptr);
    /// \param low, high, as shown
    void setShown(const NumberFormat& shown, double low, double high);
    QString textFromValue(double value) const override; ///< inches in sixteenths
    double valueFromText(const QString& text) const override;
    QValidator::State validate(QString& text, int& pos) const override;
    void fixup(QString& text) const override; ///< says why it is not taken
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
    std::optional<double> read(QString text) const; ///< in what is shown
    QString unit() const;
    bool m_clock = false;
    bool m_quiet = false, m_stepping = false;
    QTimer m_rest;
};

} // namespace rl::app
