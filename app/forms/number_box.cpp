#include "app/forms/number_box.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include "core/project/brief.h"
#include "core/project/quantity.h"
#include <QKeyEvent>
#include <QLineEdit>
#include <QToolTip>

namespace rl::app {

NumberFormat shownAs(Unit unit)
{
    const QChar degree(0xb0), times(0xd7), delta(0x394);
    switch (unit) {
    case Unit::Times:
        return {1, QString(" ") + times, 2, 0.05};
    case Unit::Share:
        return {100, " %", 0, 5};
    case Unit::Metre:
        return {1, " m", 2, 0.1};
    case Unit::Centimetre:
        return {1, " cm", 1, 0.5};
    case Unit::Kelvin:
        return {1, " K", 0, 100};
    case Unit::Degree:
        return {1, degree, 0, 5};
    case Unit::Stops:
        return {1, rl::tr(" stops"), 1, 0.5};
    case Unit::Lightness:
        return {1, " L*", 0, 2};
    case Unit::Ab:
        return {1, " C*", 0, 5};
    case Unit::Pixel:
        return {1, " px", 0, 1};
    case Unit::DeltaE:
        return {1, QString(" ") + delta + "E", 1, 1};
    case Unit::Millilitre:
        return {1, " ml", 0, 5};
    case Unit::Micrometre:
        return {1, QString(" ") + QChar(0xb5) + "m", 0, 10};
    case Unit::Millimetre:
        return {1, " mm", 1, 0.5};
    case Unit::Minute:
        return {1, " min", 0, 1};
    case Unit::Hour:
        return {1, " h", 1, 1};
    case Unit::Day:
        return {1, rl::tr(" days"), 0, 1};
    case Unit::Percent:
        return {1, " %", 0, 5};
    case Unit::Count:
        return {1, QString(" ") + times, 0, 1};
    }
    return {};
}

NumberBox::NumberBox(QWidget* parent)
    : QDoubleSpinBox(parent)
{
    setButtonSymbols(QAbstractSpinBox::NoButtons); // arrow keys and the wheel step it
    setKeyboardTracking(false);
    setLocale(QLocale::c());
    setFocusPolicy(Qt::StrongFocus); // the wheel over it scrolls nothing by chance
    m_rest.setSingleShot(true);
    m_rest.setInterval(600);
    connect(&m_rest, &QTimer::timeout, this, &NumberBox::endStepping);
    connect(this, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!m_quiet)
            emit edited(v, m_stepping);
    });
}

void NumberBox::setShown(const NumberFormat& s, double low, double high)
{
    m_quiet = true;
    m_clock = s.clock;
    setDecimals(s.decimals);
    setRange(low, high);
    setSingleStep(s.step);
    setSuffix(s.suffix);
    m_quiet = false;
    updateGeometry();
}

namespace {
bool inInches(const QString& suffix)
{
    return suffix == " in";
}
} // namespace

QString NumberBox::unit() const
{
    return m_clock ? QString("h") : suffix().trimmed();
}

std::optional<double> NumberBox::read(QString text) const
{
    if (!suffix().isEmpty() && text.endsWith(suffix())) // it stays behind whatever is typed
        text.chop(suffix().size());
    return quantityFrom(text.toStdString(), unit().toStdString());
}

QString NumberBox::textFromValue(double v) const
{
    if (m_clock) {
        const int minutes = int(std::lround(v * 60));
        return QString("%1:%2").arg(minutes / 60).arg(minutes % 60, 2, 10, QChar('0'));
    }
    if (inInches(suffix()) && v >= 0)
        return QString::fromStdString(inchesOf(v));
    return QDoubleSpinBox::textFromValue(v).replace('.', QLocale().decimalPoint()); // both are understood when typed
}

double NumberBox::valueFromText(const QString& text) const
{
    return read(text).value_or(value());
}

QValidator::State NumberBox::validate(QString& text, int&) const
{
    if (!specialValueText().isEmpty() && text == specialValueText())
        return QValidator::Acceptable;
    const auto v = read(text);
    return v && *v >= minimum() && *v <= maximum() ? QValidator::Acceptable : QValidator::Intermediate;
}

void NumberBox::fixup(QString& text) const
{
    const QString range = tr("%1 to %2").arg(textFromValue(minimum()) + suffix(), textFromValue(maximum()) + suffix());
    const QString why = read(text)
        ? tr("“%1” is out of range: %2.").arg(text, range)
        : tr("“%1” is not a number with this unit; write for example %2.").arg(text, textFromValue(value()) + suffix());
    QToolTip::showText(mapToGlobal(QPoint(0, height())), why, const_cast<NumberBox*>(this), {}, 6000);
    text = textFromValue(value()) + suffix();
}

void NumberBox::stepBy(int steps)
{
    m_stepping = true;
    m_rest.start();
    QDoubleSpinBox::stepBy(steps);
}

void NumberBox::endStepping()
{
    if (std::exchange(m_stepping, false))
        emit stepped();
}

void NumberBox::keyReleaseEvent(QKeyEvent* e)
{
    QDoubleSpinBox::keyReleaseEvent(e);
    if (!e->isAutoRepeat())
        endStepping();
}

void NumberBox::focusOutEvent(QFocusEvent* e)
{
    QDoubleSpinBox::focusOutEvent(e);
    endStepping();
}

QSize NumberBox::sizeHint() const
{
    const double widest = std::max(std::abs(minimum()), std::min(maximum(), 9999.0));
    QString sample = QString::number(std::min(widest, 9999.0), 'f', decimals()) + suffix();
    if (minimum() < 0)
        sample.prepend('-');
    const int w
        = std::max(fontMetrics().horizontalAdvance(sample), fontMetrics().horizontalAdvance(specialValueText()));
    return {w + theme::px(20), std::max(theme::px(28), QDoubleSpinBox::sizeHint().height())};
}

void NumberBox::show(double v)
{
    if (hasFocus() && std::abs(value() - v) < std::pow(10.0, -decimals()) / 2)
        return;
    m_quiet = true;
    setValue(v);
    m_quiet = false;
}

} // namespace rl::app
