#include "core/colour/srgb.h"
#include "core/reading/colours.h"
#include "tests/kit/program.h"
#include <QTest>

using namespace rl;
using namespace rl::reading;

namespace {
struct FlatPatch {
    Rect at;
    colour::Lab colour;
    int id = 0;
};
/// 320 × 240 px of one colour with patches on it.
light::Picture painted(colour::Lab ground, const std::vector<FlatPatch>& patches)
{
    constexpr int w = 320, h = 240;
    std::vector<Rgb> colour(std::size_t(w * h), colour::fromLab(ground));
    std::vector<std::int32_t> ids(colour.size(), 0);
    for (const FlatPatch& p : patches)
        for (int y = int(p.at.y); y < int(p.at.bottom()); ++y)
            for (int x = int(p.at.x); x < int(p.at.right()); ++x) {
                colour[std::size_t(y * w + x)] = colour::fromLab(p.colour);
                ids[std::size_t(y * w + x)] = p.id;
            }
    return {{w, h, std::move(colour)}, {w, h, std::move(ids)}, w / 60.0};
}
colour::Lab of(double L, double C, double h)
{
    return {float(L), float(C * std::cos(radians(h))), float(C * std::sin(radians(h)))};
}
} // namespace

class TestColours : public QObject {
    Q_OBJECT
private slots:
    void hueNamesGoRound_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<Rgb8>("colour");
        QTest::newRow("red") << "red" << Rgb8{220, 40, 40};
        QTest::newRow("orange") << "orange" << Rgb8{240, 140, 30};
        QTest::newRow("yellow") << "yellow" << Rgb8{240, 220, 60};
        QTest::newRow("green") << "green" << Rgb8{40, 150, 60};
        QTest::newRow("blue-green") << "blue-green" << Rgb8{30, 150, 160};
        QTest::newRow("blue") << "blue" << Rgb8{60, 110, 190};
        QTest::newRow("violet") << "violet" << Rgb8{130, 70, 170};
        QTest::newRow("magenta") << "magenta" << Rgb8{200, 50, 130};
    }
    void hueNamesGoRound()
    {
        QFETCH(QString, name);
        QFETCH(Rgb8, colour);
        const colour::Lab c = colour::toLab(colour::linearOf(colour));
        const double h = degrees(std::atan2(double(c.b), double(c.a)));
        QCOMPARE(QString(hueName(h)), name);
        QCOMPARE(hueName(h), hueName(h + 720)); // any turn
        QCOMPARE(hueName(h), hueName(h - 360));
    }

    void accentsAreAnsweredOrNot_data()
    {
        QTest::addColumn<double>("secondX"); // px; < 0: there is no second
        QTest::addColumn<double>("secondHue");
        QTest::addColumn<bool>("answered");
        QTest::newRow("alone") << -1.0 << 40.0 << false;
        QTest::newRow("far off, the same hue") << 240.0 << 40.0 << true;
        QTest::newRow("far off, another hue") << 240.0 << 140.0 << false;
        QTest::newRow("just beside") << 60.0 << 40.0 << false;
    }
    void accentsAreAnsweredOrNot()
    {
        QFETCH(double, secondX);
        QFETCH(double, secondHue);
        QFETCH(bool, answered);
        std::vector<FlatPatch> patches{{{40, 40, 12, 12}, of(50, 60, 40)}};
        if (secondX > 0)
            patches.push_back({{secondX, 40, 10, 10}, of(50, 60, secondHue)});
        const ColourPlan plan = colourPlan(painted(of(55, 3, 280), patches));
        const auto red = std::find_if(
            plan.accents.begin(), plan.accents.end(), [](const Accent& a) { return a.hue == hueName(40); });
        QVERIFY(red != plan.accents.end());
        QCOMPARE(red->answered, answered);
        QVERIFY(std::abs(std::hypot(double(red->mean.a), double(red->mean.b)) - 60) < 2);
        QVERIFY(red->places[0].contains({46, 46}));
    }

    void theSpreadIsNamed()
    {
        const auto spread = [](colour::Lab ground, colour::Lab half) {
            return QString::fromStdString(colourPlan(painted(ground, {{{0, 0, 160, 240}, half}})).spread);
        };
        QVERIFY(spread(of(50, 1, 0), of(60, 2, 90)).contains("nearly without colour"));
        QVERIFY(spread(of(50, 30, 270), of(60, 40, 280)).startsWith("one family, blue"));
        QVERIFY(spread(of(50, 30, 240), of(60, 30, 60)).startsWith("opposites"));
        QVERIFY(spread(of(50, 30, 100), of(60, 30, 35)).startsWith("neighbours"));
    }

    void warmCoolAndGreyAddUp()
    {
        const ColourPlan p = colourPlan(
            painted(of(60, 2, 0), {{{0, 0, 80, 240}, of(50, 40, 60)}, {{80, 0, 80, 240}, of(50, 40, 260)}}));
        QVERIFY(std::abs(p.warmShare - 0.25) < 0.01 && std::abs(p.coolShare - 0.25) < 0.01);
        QVERIFY(std::abs(p.warmShare + p.coolShare + p.greyShare - 1) < 1e-6);
        QVERIFY(std::abs(p.meanChroma - (0.5 * 40 + 0.5 * 2)) < 0.5);
    }

    void lightAndShadeAreParted()
    {
        // A thing with a warm light over two thirds and a cool shade.
        const auto picture = painted(
            of(50, 0, 0), {{{100, 60, 60, 120}, of(70, 20, 70), 1}, {{160, 60, 30, 120}, of(30, 12, 270), 1}});
        const ColourPlan plan = colourPlan(picture);
        QCOMPARE(plan.families.size(), std::size_t(1));
        const Family& f = plan.families[0];
        QVERIFY(std::abs(f.dL() - 40) < 1.5 && std::abs(f.lightShare - 2 / 3.0) < 0.02);
        QVERIFY2(f.warmer() < -25, qPrintable(QString::number(f.warmer())));
    }

    void mapsShowOneQualityAlone()
    {
        const auto p
            = painted(of(50, 0, 0), {{{0, 0, 100, 240}, of(50, 45, 60)}, {{100, 0, 100, 240}, of(50, 45, 250)}});
        const auto at = [](const LinearPicture& q, int x) { return colour::toLab(q.at(x, 100)); };
        const LinearPicture warm = warmCoolPicture(p.colour), saturated = saturationPicture(p.colour),
                            grey = greyPicture(p.colour);
        QVERIFY(at(warm, 50).b > 20 && at(warm, 150).b < -20 && std::abs(at(warm, 250).b) < 1);
        QVERIFY(at(saturated, 50).L > 60 && at(saturated, 250).L < 2);
        QVERIFY(std::abs(at(saturated, 50).a) < 0.5f);
        QVERIFY(std::abs(at(grey, 50).b) < 0.5f && std::abs(at(grey, 50).L - 50) < 1);
        QVERIFY(colourPlan({}).accents.empty());
    }
};

RL_TEST(TestColours)
#include "tst_colours.moc"
