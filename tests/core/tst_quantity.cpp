#include "core/project/quantity.h"
#include "tests/kit/program.h"
#include <QTest>
#include <cmath>

using namespace rl;

/// What people write into a field, in two languages, and what is refused.
class TestQuantity : public QObject {
    Q_OBJECT
private slots:
    void numbersPeopleWrite_data()
    {
        struct Row {
            const char *written, *unit;
            std::optional<double> value;
        };
        static const Row rows[] = {
            {"3", "cm", 3},
            {"3 cm", "cm", 3},
            {"3cm", "cm", 3},
            {" 3 ", "cm", 3},
            {"1,5", "cm", 1.5},
            {"1.5", "cm", 1.5},
            {"1,5 cm", "cm", 1.5},
            {"30 mm", "cm", 3},
            {"0.3 m", "cm", 30},
            {"3 in", "cm", 7.62},
            {"3\"", "cm", 7.62},
            {"3″", "cm", 7.62},
            {"3 inches", "cm", 7.62},
            {"1 inch", "cm", 2.54},
            {"3 Zoll", "cm", 7.62},
            {"1 ft", "cm", 30.48},
            {"1 Fuß", "cm", 30.48},
            {"5 ft 2", "cm", 157.48},
            {"5 ft 2 in", "cm", 157.48},
            {"5'2\"", "cm", 157.48},
            {"5' 2", "cm", 157.48},
            {"5′2″", "cm", 157.48},
            {"6 ft 2 1/2 in", "m", 1.8923},
            {"1 1/2 in", "cm", 3.81},
            {"1-1/2 in", "cm", 3.81},
            {"1½ in", "cm", 3.81},
            {"½", "in", 0.5},
            {"1/2", "in", 0.5},
            {"12 3/8", "in", 12.375},
            {"12-3/8", "in", 12.375},
            {"¾ in", "in", 0.75},
            {"3 cm", "in", 1.1811023622},
            {"1 m", "in", 39.3700787402},
            {"1 m 70", "cm", 170},
            {"1 m 70 cm", "m", 1.7},
            {"1,70 m", "m", 1.7},
            {"170", "m", 170},
            {"170 cm", "m", 1.7},
            {"1 km", "m", 1000},
            {"120 µm", "µm", 120},
            {"0,12 mm", "µm", 120},
            {"120 um", "µm", 120},
            {"2 Meter", "m", 2},
            {"2 metres", "m", 2},
            {"2.5 meters", "cm", 250},
            {"1/3 m", "m", 0.3333333333},
            {"-3 cm", "cm", -3},
            {"−3", "cm", -3},
            {"+3", "cm", 3},
            {"-1,5", "cm", -1.5},
            {"90 min", "h", 1.5},
            {"90 min", "min", 90},
            {"1.5 h", "min", 90},
            {"2 h 30", "h", 2.5},
            {"2 h 30 min", "h", 2.5},
            {"2h30", "h", 2.5},
            {"2 hours 30 minutes", "h", 2.5},
            {"2 Stunden 30 Minuten", "h", 2.5},
            {"2 Std. 30 Min", "h", 2.5},
            {"1,5 Std", "h", 1.5},
            {"1 1/2 h", "h", 1.5},
            {"2:30", "h", 2.5},
            {"0:45", "min", 45},
            {"19:30", "h", 19.5},
            {"2 days", "days", 2},
            {"2 Tage", "days", 2},
            {"1 day", "h", 24},
            {"36 h", "days", 1.5},
            {"1 d 12 h", "days", 1.5},
            {"30 s", "min", 0.5},
            {"40 ml", "ml", 40},
            {"1 l", "ml", 1000},
            {"4 cl", "ml", 40},
            {"0,5 l", "ml", 500},
            {"45°", "°", 45},
            {"45 deg", "°", 45},
            {"45 Grad", "°", 45},
            {"-10°", "°", -10},
            {"6500 K", "K", 6500},
            {"6500 kelvin", "K", 6500},
            {"20 %", "%", 20},
            {"20%", "%", 20},
            {"20 percent", "%", 20},
            {"20 Prozent", "%", 20},
            {"0.42 ×", "×", 0.42},
            {"2 stops", "stops", 2},
            {"2", "stops", 2},
            {"3 coats", "coats", 3},
            {"50 L*", "L*", 50},
            {"1e3 ", "none", {}},
            {"3 cm", "cm", 3},
            {"3 CM", "cm", 3},
            {"", "cm", {}},
            {" ", "cm", {}},
            {"cm", "cm", {}},
            {"3 kg", "cm", {}},
            {"3 min", "cm", {}},
            {"3 cm", "min", {}},
            {"1.000,5", "cm", {}},
            {"1,2,3", "cm", {}},
            {"1 2", "cm", {}},
            {"2 in 5 ft", "cm", {}},
            {"5 ft 2 ft", "cm", {}},
            {"3 cm 2", "cm", {}},
            {"1/0", "in", {}},
            {"3/", "in", {}},
            {"/2", "in", {}},
            {"1 3/2", "in", {}},
            {"1.5 1/2", "in", {}},
            {"--3", "cm", {}},
            {"3-", "cm", {}},
            {"nan", "cm", {}},
            {"inf", "cm", {}},
            {"0x10", "cm", {}},
            {"3 cm cm", "cm", {}},
            {"three", "cm", {}},
            {"2:75", "h", {}},
            {"2:3:4", "h", {}},
            {"2:30", "cm", {}},
            {"3 coats", "cm", {}},
            {"50 K", "°", {}},
            {".", "cm", {}},
            {"1e309", "cm", {}},
            {"3;4", "cm", {}},
            {"3 cm!", "cm", {}},
            {"99999999999999999999999999", "cm", {}},
        };
        QTest::addColumn<QString>("written");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<double>("value"); // NaN: refused
        for (const Row& r : rows)
            QTest::addRow("“%s” in %s", r.written, r.unit)
                << QString::fromUtf8(r.written) << QString::fromUtf8(r.unit) << r.value.value_or(std::nan(""));
    }
    void numbersPeopleWrite()
    {
        QFETCH(QString, written);
        QFETCH(QString, unit);
        QFETCH(double, value);
        const auto read = quantityFrom(written.toStdString(), unit.toStdString());
        QCOMPARE(read.has_value(), !std::isnan(value));
        if (read)
            QVERIFY2(
                std::abs(*read - value) <= 1e-9 * std::max(1.0, std::abs(value)), qPrintable(QString::number(*read)));
    }
};

RL_TEST(TestQuantity)
#include "tst_quantity.moc"
