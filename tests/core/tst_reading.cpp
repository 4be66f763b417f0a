#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/light/tone.h"
#include "core/reading/read_rules.h"
#include "core/reading/silhouette.h"
#include "core/reading/touch.h"
#include "core/reading/values.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QColor>
#include <QTest>
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace rl;
using namespace rl::reading;

namespace {
/// A picture with discs on an even ground; ids 1, 2, …
struct Spot {
    double x, y, radius;
    Rgb8 colour;
};
light::Picture pictureOf(int w, int h, Rgb8 ground, const std::vector<Spot>& spots)
{
    std::vector<Rgb> colour(std::size_t(w * h), colour::linearOf(ground));
    std::vector<std::int32_t> ids(colour.size(), 0);
    for (std::size_t k = 0; k < spots.size(); ++k)
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                if (std::hypot(x + 0.5 - spots[k].x, y + 0.5 - spots[k].y) < spots[k].radius) {
                    colour[std::size_t(y * w + x)] = colour::linearOf(spots[k].colour);
                    ids[std::size_t(y * w + x)] = int(k) + 1;
                }
    return {{w, h, std::move(colour)}, {w, h, std::move(ids)}, w / 60.0};
}
Attention attend(const light::Picture& p)
{
    return attention(p.colour, p.ids, {60, 60.0 * p.ids.height() / p.ids.width(), 150});
}
constexpr Rgb8 kGrey{128, 128, 128};
} // namespace

class TestReading : public QObject {
    Q_OBJECT
private slots:
    /// Without a dark accent the air is deepened; with one nothing is said.
    void paleDarksAreDeepened_data()
    {
        QTest::addColumn<int>("dark"); // sRGB code of the darkest disc
        QTest::addColumn<double>("darks"); // as the air has them
        QTest::addColumn<bool>("said");
        QTest::newRow("pale") << 70 << 0.0 << true;
        QTest::newRow("near black") << 20 << 0.0 << false;
        QTest::newRow("pale, and deepened as far as it goes") << 70 << 0.3 << false;
    }
    void paleDarksAreDeepened()
    {
        QFETCH(int, dark);
        QFETCH(double, darks);
        QFETCH(bool, said);
        Project p = kit::postWork();
        p.lights.air.darks = darks;
        const auto d = std::uint8_t(dark);
        const auto picture = pictureOf(300, 200, kGrey, {{100, 100, 30, {d, d, d}}, {220, 90, 25, {235, 235, 235}}});
        Findings pale = readFindings(p, picture, read(p, picture));
        std::erase_if(pale, [](const Finding& f) { return f.key != "read.pale-darks"; });
        QCOMPARE(pale.size(), std::size_t(said));
        if (!said)
            return;
        const Project after = pale[0].fix->apply(p);
        QVERIFY(after.lights.air.darks > darks && pale[0].measured > 18);
        // By as much as brings that dark under L* 14.
        const float y = colour::luminanceOf(float(pale[0].measured));
        const Rgb deep = light::fitted({y, y, y}, light::exposureOf(after.lights.air));
        QVERIFY2(colour::toLab(deep).L < 14, qPrintable(QString::number(colour::toLab(deep).L)));
    }

    void theOddOneDrawsMost_data()
    {
        QTest::addColumn<QRgb>("odd");
        QTest::addColumn<QRgb>("others");
        QTest::addColumn<QString>("driver");
        QTest::newRow("one light among dark") << qRgb(245, 245, 245) << qRgb(105, 105, 105) << "value";
        QTest::newRow("one dark among light") << qRgb(10, 10, 10) << qRgb(150, 150, 150) << "value";
        QTest::newRow("one red among greys") << qRgb(200, 60, 60) << qRgb(110, 110, 110) << "colour";
    }
    void theOddOneDrawsMost()
    {
        QFETCH(QRgb, odd);
        QFETCH(QRgb, others);
        QFETCH(QString, driver);
        const auto c = [](QRgb v) {
            return Rgb8{std::uint8_t(qRed(v)), std::uint8_t(qGreen(v)), std::uint8_t(qBlue(v))};
        };
        std::vector<Spot> spots;
        for (int i = 0; i < 6; ++i)
            spots.push_back({100.0 + 110 * (i % 3), 110.0 + 150 * (i / 3), 22, i == 4 ? c(odd) : c(others)});
        const Attention a = attend(pictureOf(480, 360, kGrey, spots));
        QCOMPARE(a.order.front(), 5);
        QCOMPARE(a.glances.front(), 5);
        QCOMPARE(QString::fromStdString(a.driver), driver);
        double sum = 0;
        for (const auto& [id, share] : a.share)
            sum += share;
        QVERIFY(std::abs(sum - 1) < 1e-9 && a.order.size() == 6);
    }

    void sizeAndIsolationCount()
    {
        const Rgb8 light{220, 220, 220};
        Attention a
            = attend(pictureOf(480, 360, kGrey, {{110, 180, 16, light}, {240, 180, 48, light}, {380, 180, 16, light}}));
        QCOMPARE(a.order.front(), 2);
        // Four crowded together and one apart, all alike.
        a = attend(pictureOf(480, 360, kGrey,
            {{90, 120, 16, light}, {90, 165, 16, light}, {135, 120, 16, light}, {135, 165, 16, light},
                {380, 220, 16, light}}));
        QCOMPARE(a.order.front(), 5);
    }

    void theOrderStandsUnderTransforms_data()
    {
        QTest::addColumn<int>("what");
        QTest::newRow("mirrored") << 0;
        QTest::newRow("half size") << 1;
        QTest::newRow("double size") << 2;
        QTest::newRow("noise of sigma 5") << 3;
    }
    void theOrderStandsUnderTransforms()
    {
        QFETCH(int, what);
        const light::Picture p = pictureOf(480, 360, {90, 95, 110},
            {{120, 200, 30, {235, 225, 190}}, {250, 150, 22, {150, 150, 150}}, {380, 240, 26, {70, 72, 80}}});
        const Attention plain = attend(p);
        cv::Mat colour = p.colour.mat().clone(), ids = p.ids.mat().clone();
        if (what == 0) {
            cv::flip(colour, colour, 1);
            cv::flip(ids, ids, 1);
        } else if (what < 3) {
            const double k = what == 1 ? 0.5 : 2;
            cv::resize(colour, colour, cv::Size(), k, k, cv::INTER_AREA);
            cv::Mat wide;
            ids.convertTo(wide, CV_32F);
            cv::resize(wide, wide, cv::Size(), k, k, cv::INTER_NEAREST);
            wide.convertTo(ids, CV_32S);
        } else {
            cv::RNG random(3);
            cv::Mat noise(colour.size(), CV_32FC3);
            random.fill(noise, cv::RNG::NORMAL, 0, 0.01);
            colour = cv::max(cv::Mat(colour + noise), 0.0);
        }
        const Attention turned = attention(LinearPicture::fromMat(colour), IdMap::fromMat(ids), {60, 45, 150});
        QCOMPARE(turned.order, plain.order);
    }

    void brightThingsAtTheEdgeLeak()
    {
        const Attention at = attend(
            pictureOf(480, 360, {60, 60, 60}, {{8, 180, 16, {255, 250, 230}}, {260, 190, 24, {120, 120, 120}}}));
        QCOMPARE(at.edgeElement, 1);
        QVERIFY(at.edgeShare >= 0.08);
        const Attention in = attend(
            pictureOf(480, 360, {60, 60, 60}, {{200, 180, 16, {255, 250, 230}}, {300, 190, 24, {120, 120, 120}}}));
        QVERIFY(in.edgeShare < 0.04 && in.edgeLeak < at.edgeLeak);
    }

    void attentionOfNothingIsNothing()
    {
        QVERIFY(attention({}, {}, {}).order.empty());
        QVERIFY(attend(pictureOf(64, 48, kGrey, {})).order.empty());
        const Attention one
            = attend(pictureOf(64, 48, kGrey, {{30, 20, 1.2, {255, 255, 255}}})); // a pixel or two is kept
        QCOMPARE(one.order.size(), std::size_t(1));
        QCOMPARE(one.share.at(1), 1.0);
    }

    void contoursAreSortedIntoThirds()
    {
        // A disc whose ground agrees with it on one third, nearly on another, and not on the last.
        light::Picture p = pictureOf(600, 600, kGrey, {{300, 300, 160, {120, 120, 120}}});
        std::vector<Rgb> colour(p.colour.data(), p.colour.data() + p.colour.size());
        for (int y = 0; y < 600; ++y)
            for (int x = 0; x < 600; ++x)
                if (p.ids.at(x, y) == 0) {
                    const double a = wrapped360(degrees(std::atan2(y - 300.0, x - 300.0)));
                    const std::uint8_t v = a < 120 ? 122 : a < 240 ? 142 : 220;
                    colour[std::size_t(y * 600 + x)] = colour::linearOf(Rgb8{v, v, v});
                }
        p.colour = {600, 600, std::move(colour)};
        const Silhouette s = silhouettes(p).at(0);
        QVERIFY2(std::abs(s.lost - 0.333) < 0.03, qPrintable(QString::number(s.lost)));
        QVERIFY2(std::abs(s.soft - 0.333) < 0.03, qPrintable(QString::number(s.soft)));
        QVERIFY2(std::abs(s.firm - 0.333) < 0.03, qPrintable(QString::number(s.firm)));
    }

    void contourCutByTheCanvasDoesNotCount()
    {
        const auto s = silhouettes(pictureOf(400, 300, kGrey, {{0, 150, 60, {20, 20, 20}}}));
        for (const EdgePoint& e : s.at(0).contour)
            QVERIFY(e.at.x > 1.9);
        QVERIFY(s[0].firm > 0.99);
    }

    void valuesFallIntoTheirSteps()
    {
        std::vector<Rgb> pixels;
        for (int i = 0; i < 6000; ++i) {
            const float y = colour::luminanceOf(i < 3000 ? 20.f : i < 5000 ? 55.f : 90.f);
            pixels.push_back({y, y, y});
        }
        const LinearPicture p{100, 60, pixels};
        const auto steps = valueSteps(p, 3);
        QCOMPARE(steps.size(), std::size_t(3));
        const double lightness[] = {20, 55, 90}, share[] = {0.5, 1 / 3.0, 1 / 6.0};
        for (std::size_t k = 0; k < 3; ++k) {
            QVERIFY(std::abs(steps[k].lightness - lightness[k]) < 0.6);
            QVERIFY(std::abs(steps[k].share - share[k]) < 1e-9);
        }
        const LinearPicture flat = posterised(p, steps);
        std::set<float> seen;
        for (std::size_t i = 0; i < flat.size(); ++i)
            seen.insert(flat.data()[i].r);
        QCOMPARE(seen.size(), std::size_t(3));
        QCOMPARE(valueSteps(p, 99).size(), std::size_t(9));
    }

    /// What a Reader says after a change is what a fresh reading says of it, whatever it kept.
    void readingAgainIsReadingAnew()
    {
        Project p = kit::postWork();
        p.brief.widthCm = 60, p.brief.heightCm = 40;
        const std::vector<Spot> spots{{150, 150, 60, {200, 90, 60}}, {360, 220, 80, {60, 90, 160}},
            {420, 240, 30, {230, 220, 120}}, {520, 90, 40, {90, 90, 90}},
            {150, 252, 34, {70, 140, 90}}}; // the last stands eight pixels from the first
        const light::Picture first = pictureOf(600, 400, kGrey, spots);
        Reader reader;
        (void)reader.read(p, first);
        const auto touched = [&](const Touch& t) {
            light::Picture q = first;
            q.colour = reading::touched(q.colour, q.ids, {t});
            return q;
        };
        std::vector<Spot> moved = spots;
        moved[0].x += 37;
        Project farther = p;
        farther.brief.viewingDistanceCm = 300;
        const std::vector<std::pair<Project, light::Picture>> steps{{p, first}, {p, touched({1, 12})},
            {p, touched({3, -9, 0.2, 0.3, 4})}, {p, touched({0, 5})}, {p, pictureOf(600, 400, {90, 120, 90}, spots)},
            {p, pictureOf(600, 400, kGrey, moved)}, {farther, pictureOf(600, 400, kGrey, moved)},
            {p, pictureOf(300, 200, kGrey, {{80, 90, 30, {9, 9, 9}}})}, {p, first}};
        for (std::size_t i = 0; i < steps.size(); ++i) {
            const Reading a = reader.read(steps[i].first, steps[i].second), b = read(steps[i].first, steps[i].second);
            const auto told = [&](const Reading& r) {
                std::vector<double> all;
                for (const int id : r.attention.order)
                    all.push_back(id), all.push_back(r.attention.share.at(id));
                for (const Silhouette& s : r.silhouettes)
                    for (const double v : {double(s.element), double(s.contour.size()), s.lost, s.soft, s.hard,
                             s.medianDifference, s.medianWidth, s.medianGrain})
                        all.push_back(v);
                for (const ThumbShape& t : r.thumbs)
                    all.push_back(t.read);
                for (const Tangent& t : r.tangents)
                    all.push_back(t.gapPx);
                for (const Repeat& t : r.repeats)
                    all.push_back(t.alike);
                all.push_back(double(r.merged.size())), all.push_back(r.darkest), all.push_back(r.balance.left);
                return all;
            };
            const auto x = told(a), y = told(b);
            QCOMPARE(x.size(), y.size());
            for (std::size_t k = 0; k < x.size(); ++k)
                QVERIFY2(std::abs(x[k] - y[k]) < 1e-9, qPrintable(QString("step %1, %2").arg(i).arg(k)));
        }
    }

    void squintingKeepsTheMeanAndLosesTheDetail()
    {
        std::vector<Rgb> pixels;
        for (int i = 0; i < 200 * 200; ++i)
            pixels.push_back((i + i / 200) % 2 ? Rgb{0.8f, 0.8f, 0.8f} : Rgb{});
        const LinearPicture s = squinted({200, 200, pixels}, 20);
        for (const int x : {50, 100, 150})
            QVERIFY(std::abs(s.at(x, 100).g - 0.4f * 0.75f) < 0.01f);
        // 60 cm seen from 200 cm are 17.06 degrees.
        QVERIFY(std::abs(pixelsPerDegree(1706, 60, 200) - 100) < 0.1);
    }
};

RL_TEST(TestReading)
#include "tst_reading.moc"
