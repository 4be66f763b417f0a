#include "app/forms/number_box.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include "core/project/brief.h"
#include <QKeyEvent>
#include <QLineEdit>
#include <QRegularExpression>

namespace rl::app {

Shown shownAs(Unit unit)
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

void NumberBox::setShown(const Shown& s, double low, double high)
{
    m_quiet = true;
    setDecimals(s.decimals);
    setRange(low, high);
    setSingleStep(s.step);
    setSuffix(s.suffix);
    m_quiet = false;
    updateGeometry();
}

namespace {
/// The number in what was typed: one mark at most, point or comma.
QString plainNumber(QString text, const QString& suffix)
{
    text = text.trimmed();
    if (!suffix.trimmed().isEmpty() && text.endsWith(suffix.trimmed()))
        text.chop(suffix.trimmed().size());
    text.replace(QChar(0x2212), '-');
    return text.trimmed().replace(',', '.');
}
} // namespace

namespace {
bool inInches(const QString& suffix)
{
    return suffix == " in";
}
} // namespace

QString NumberBox::textFromValue(double v) const
{
    if (inInches(suffix()) && v >= 0)
        return QString::fromStdString(inchesOf(v));
    return QDoubleSpinBox::textFromValue(v).replace('.', QLocale().decimalPoint()); // both are understood when typed
}

double NumberBox::valueFromText(const QString& text) const
{
    if (inInches(suffix()))
        return inchesFrom(plainNumber(text, suffix()).toStdString()).value_or(value());
    return plainNumber(text, suffix()).toDouble();
}

QValidator::State NumberBox::validate(QString& text, int&) const
{
    if (!specialValueText().isEmpty() && text == specialValueText())
        return QValidator::Acceptable;
    const QString s = plainNumber(text, suffix());
    if (inInches(suffix()) && (s.contains('/') || s.contains(' '))) { // 12 3/8
        static const QRegularExpression half("^[0-9 /-]*$");
        const auto v = inchesFrom(s.toStdString());
        return v && *v >= minimum() && *v <= maximum() ? QValidator::Acceptable
            : half.match(s).hasMatch()                 ? QValidator::Intermediate
                                                       : QValidator::Invalid;
    }
    if (s.isEmpty() || s == "-" || s == "." || s == "-.")
        return QValidator::Intermediate;
    if (s.count('.') > 1 && QString(s).remove('.').toDouble() != 0)
        return QValidator::Intermediate; // thousands are not guessed: what was is put back
    bool ok = false;
    const double v = s.toDouble(&ok);
    if (!ok || s.contains('e', Qt::CaseInsensitive) || s.contains('n', Qt::CaseInsensitive) || s.count('.') > 1)
        return QValidator::Invalid;
    return v >= minimum() && v <= maximum() ? QValidator::Acceptable : QValidator::Intermediate;
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
