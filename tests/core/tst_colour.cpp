#include "core/base/text.h"
#include "core/colour/lab.h"
#include "core/colour/profile.h"
#include "core/colour/srgb.h"
#include "core/colour/temperature.h"
#include "tests/kit/program.h"
#include <QTest>
#include <lcms2.h>

using namespace rl;
using namespace rl::colour;

class TestColour : public QObject {
    Q_OBJECT
private slots:
    void transferCurveGoesThereAndBack()
    {
        for (int i = 0; i <= 1000; ++i)
            QVERIFY(std::abs(toEncoded(toLinear(i / 1000.0)) - i / 1000.0) < 1e-12);
        for (int code = 0; code < 256; ++code)
            QCOMPARE(int(codeOf(linearOf(std::uint8_t(code)))), code);
    }

    void labOfKnownColours_data()
    {
        QTest::addColumn<int>("r");
        QTest::addColumn<int>("g");
        QTest::addColumn<int>("b");
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("A");
        QTest::addColumn<double>("B");
        // D65 values of the sRGB primaries, as tabulated with the matrix of IEC 61966-2-1.
        QTest::newRow("white") << 255 << 255 << 255 << 100.0 << 0.0 << 0.0;
        QTest::newRow("black") << 0 << 0 << 0 << 0.0 << 0.0 << 0.0;
        QTest::newRow("red") << 255 << 0 << 0 << 53.24 << 80.09 << 67.20;
        QTest::newRow("green") << 0 << 255 << 0 << 87.73 << -86.18 << 83.18;
        QTest::newRow("blue") << 0 << 0 << 255 << 32.30 << 79.19 << -107.86;
    }
    void labOfKnownColours()
    {
        QFETCH(int, r);
        QFETCH(int, g);
        QFETCH(int, b);
        QFETCH(double, L);
        QFETCH(double, A);
        QFETCH(double, B);
        const Lab lab = toLab(linearOf(Rgb8{std::uint8_t(r), std::uint8_t(g), std::uint8_t(b)}));
        QVERIFY(std::abs(lab.L - L) < 0.02 && std::abs(lab.a - A) < 0.03 && std::abs(lab.b - B) < 0.03);
    }

    void labGoesThereAndBack()
    {
        for (float r = 0; r <= 1; r += 0.2f)
            for (float g = 0; g <= 1; g += 0.2f)
                for (float b = 0; b <= 1; b += 0.2f) {
                    const Rgb back = fromLab(toLab({r, g, b}));
                    QVERIFY(
                        std::abs(back.r - r) < 2e-4f && std::abs(back.g - g) < 2e-4f && std::abs(back.b - b) < 2e-4f);
                }
    }

    void ciede2000_data()
    {
        QTest::addColumn<double>("L1");
        QTest::addColumn<double>("a1");
        QTest::addColumn<double>("b1");
        QTest::addColumn<double>("L2");
        QTest::addColumn<double>("a2");
        QTest::addColumn<double>("b2");
        QTest::addColumn<double>("dE");
        // Sharma, Wu & Dalal (2005), table 1.
        QTest::newRow("1") << 50.0 << 2.6772 << -79.7751 << 50.0 << 0.0 << -82.7485 << 2.0425;
        QTest::newRow("4") << 50.0 << -1.3802 << -84.2814 << 50.0 << 0.0 << -82.7485 << 1.0000;
        QTest::newRow("7") << 50.0 << 0.0 << 0.0 << 50.0 << -1.0 << 2.0 << 2.3669;
        QTest::newRow("9") << 50.0 << 2.49 << -0.001 << 50.0 << -2.49 << 0.0009 << 7.1792;
        QTest::newRow("10: hues 180 degrees apart") << 50.0 << 2.49 << -0.001 << 50.0 << -2.49 << 0.0010 << 7.1792;
        QTest::newRow("11") << 50.0 << 2.49 << -0.001 << 50.0 << -2.49 << 0.0011 << 7.2195;
        QTest::newRow("17") << 50.0 << 2.5 << 0.0 << 73.0 << 25.0 << -18.0 << 27.1492;
        QTest::newRow("20") << 50.0 << 2.5 << 0.0 << 58.0 << 24.0 << 15.0 << 19.4535;
        QTest::newRow("25") << 60.2574 << -34.0099 << 36.2677 << 60.4626 << -34.1751 << 39.4387 << 1.2644;
        QTest::newRow("29") << 22.7233 << 20.0904 << -46.6940 << 23.0331 << 14.9730 << -42.5619 << 2.0373;
        QTest::newRow("34") << 2.0776 << 0.0795 << -1.1350 << 0.9033 << -0.0636 << -0.5514 << 0.9082;
    }
    void ciede2000()
    {
        QFETCH(double, L1);
        QFETCH(double, a1);
        QFETCH(double, b1);
        QFETCH(double, L2);
        QFETCH(double, a2);
        QFETCH(double, b2);
        QFETCH(double, dE);
        const ExactLab x{L1, a1, b1}, y{L2, a2, b2};
        // The table has four decimals.
        QVERIFY2(std::abs(deltaE2000(x, y) - dE) < 6e-5, qPrintable(QString::number(deltaE2000(x, y), 'f', 5)));
        QVERIFY(std::abs(deltaE2000(y, x) - dE) < 6e-5);
    }

    void blackBodyRunsFromRedToBlue()
    {
        double last = 1e9;
        for (double k = 1500; k <= 12000; k += 500) {
            const Rgb c = blackBody(k);
            QVERIFY(std::abs(luminance(c) - 1) < 1e-4f);
            const double warmth = double(c.r) / std::max(1e-3, double(c.b));
            QVERIFY(warmth < last);
            last = warmth;
        }
        const Rgb day = blackBody(6600); // near the white of sRGB
        QVERIFY(std::abs(day.r - day.b) < 0.06f && std::abs(day.g - 1) < 0.06f);
        QVERIFY(std::isfinite(blackBody(std::nan("")).r));
    }

    void profilesAreHonoured()
    {
        // A profile whose red and blue primaries have changed places: what it calls red is blue in sRGB.
        cmsCIExyY white{0.3127, 0.3290, 1};
        const cmsCIExyYTRIPLE swapped{{0.15, 0.06, 1}, {0.30, 0.60, 1}, {0.64, 0.33, 1}};
        cmsToneCurve* gamma = cmsBuildGamma(nullptr, 2.2);
        cmsToneCurve* curves[3]{gamma, gamma, gamma};
        cmsHPROFILE profile = cmsCreateRGBProfile(&white, &swapped, curves);
        cmsUInt32Number size = 0;
        cmsSaveProfileToMem(profile, nullptr, &size);
        std::vector<unsigned char> icc(size);
        cmsSaveProfileToMem(profile, icc.data(), &size);
        cmsCloseProfile(profile);
        cmsFreeToneCurve(gamma);
        const Photo red = Photo::filled(4, 4, {230, 10, 10});
        const auto turned = toSrgb(red, icc);
        QVERIFY(bool(turned));
        QVERIFY(turned->at(1, 1).b > 200 && turned->at(1, 1).r < 60);
        icc.resize(size / 3);
        QVERIFY(!toSrgb(red, icc)); // a damaged one is refused, not believed
        QVERIFY(!toSrgb(red, {}));
    }

    void numbersReadTheSameEverywhere()
    {
        QCOMPARE(QString::fromStdString(fixed(12.345, 2)), QString("12.35"));
        QCOMPARE(QString::fromStdString(fixed(-0.001, 1)), QString("0.0"));
        QCOMPARE(QString::fromStdString(fixed(std::nan(""))), QString("?"));
    }
};

RL_TEST(TestColour)
#include "tst_colour.moc"
