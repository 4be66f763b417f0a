#include "core/colour/lab.h"
#include "core/colour/temperature.h"
#include "core/light/presets.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/stage/mesh.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/core.hpp>
#include <random>

using namespace rl;
using namespace rl::light;

namespace {
using kit::frameOf;
Lantern panel(double wide, double high, double facing, Vec3 at)
{
    Lantern l;
    l.id = 7, l.kind = LampKind::Panel, l.wide = wide, l.high = high, l.facing = facing, l.position = at;
    l.reference = 2, l.strength = 1;
    return l;
}
double irradianceOf(const std::vector<Lantern>& points, Vec3 at, Vec3 normal)
{
    double sum = 0;
    for (const Lantern& l : points)
        sum += l.strength * lanternIrradiance(l, at, normal);
    return sum;
}
/// The post of postWork as drawn cloth, with the sun out.
Project dark(Material material = Material::Matt)
{
    Project p = kit::postWork();
    p.lights.sun.on = false;
    p.lights.air = {0, 0, 0, 0};
    p.elements[0].material = material;
    p.elements[0].delight = 0;
    return p;
}
float meanE(const LightPlanes& planes, const stage::Layer& l, int fromPercent = 0, int toPercent = 100)
{
    double sum = 0, n = 0;
    for (int y = 0; y < l.height(); ++y)
        for (int x = l.width() * fromPercent / 100; x < l.width() * toPercent / 100; ++x)
            if (l.cover.at(x, y) > 0.99f)
                sum += double(planes.layers[0][std::size_t(y) * std::size_t(l.width()) + std::size_t(x)]), ++n;
    return n > 0 ? float(sum / n) : 0.f;
}
} // namespace

class TestSources : public QObject {
    Q_OBJECT
private slots:
    void noiseThatKeepsItsCornersIsTheSame()
    {
        SoftNoise kept(17);
        for (int i = 0; i < 4000; ++i) { // steps, jumps and what lies below nothing
            const float x = i % 97 == 0 ? float(chanceOf(1, std::uint64_t(i)) * 900 - 450) : float(i) * 0.037f - 60,
                        y = float(i / 50) * 0.31f - 9, now = kept.at(x, y);
            QCOMPARE(now, softNoise(x, y, 17));
            QVERIFY(now >= 0 && now <= 1);
            QVERIFY(std::abs(softNoise(x + 0.01f, y, 17) - now) < 0.05f); // no steps
        }
    }

    void nothingIsReadBesideWhatIsCovered()
    {
        Project p = kit::postWork(60, 40);
        std::vector<std::uint8_t> round(60 * 420, 0); // a rectangle with empty corners
        for (int y = 0; y < 420; ++y)
            for (int x = 0; x < 60; ++x)
                round[std::size_t(y * 60 + x)] = std::hypot((x - 29.5) / 28, (y - 209.5) / 205) < 1 ? 255 : 0;
        p.cutouts[0].alpha = {60, 420, std::move(round)};
        Element second = p.elements[0];
        second.id = 9, second.baseCm.x += 3, second.yaw = 40;
        p.elements.push_back(second);
        const auto f = kit::frameOf(p, 900);
        LightPlanes planes = sunPlanes(*f, p.lights.sun);
        int poisoned = 0;
        for (std::size_t k = 0; k < f->layers.size(); ++k)
            for (int y = 0; y < f->layers[k].height(); ++y)
                for (int x = 0; x < f->layers[k].width(); ++x)
                    if (const auto [from, to] = f->layers[k].spans[std::size_t(y)]; x < from || x >= to) {
                        planes.layers[k][f->layers[k].at(x, y)] = std::numeric_limits<float>::quiet_NaN();
                        ++poisoned;
                    }
        QVERIFY(poisoned > 50);
        LampSources kept;
        kept.push_back(keptSource(*f, planes, colourOf(p.lights.sun), {}));
        Lights sunAlone = p.lights;
        const auto thrown = bouncesOf(*f, kept, 1), fresh = bouncesOf(*f, sourcesOf(*f, sunAlone), 1);
        QCOMPARE(thrown.size(), f->layers.size());
        QVERIFY(thrown[0].any);
        QVERIFY(thrown == fresh);
    }

    void whatStandsSmallIsTheSameOnTheWhole_data()
    {
        QTest::addColumn<double>("yaw");
        QTest::addColumn<bool>("mirrored");
        QTest::newRow("as photographed") << 0.0 << false;
        QTest::newRow("mirrored") << 0.0 << true;
        QTest::newRow("turned") << 30.0 << false;
        QTest::newRow("turned, mirrored") << -50.0 << true;
    }
    void whatStandsSmallIsTheSameOnTheWhole()
    {
        QFETCH(double, yaw);
        QFETCH(bool, mirrored);
        Project p = kit::postWork();
        cv::Mat photo(900, 700, CV_8UC3, cv::Scalar(200, 40, 40)), mask(900, 700, CV_8UC1, cv::Scalar(0));
        photo(cv::Rect(350, 0, 350, 900)) = cv::Scalar(40, 40, 200);
        for (int y = 0; y < 900; y += 2) // finer than anything is shown
            photo.row(y) *= 0.5;
        mask(cv::Rect(50, 50, 601, 799)) = 255;
        p.references[0].pixels = kit::held(Photo::fromMat(photo));
        p.cutouts[0].alpha = Mask::fromMat(mask);
        p.elements[0].yaw = yaw, p.elements[0].mirrored = mirrored;
        struct Whole {
            double area = 0, light = 0, leftRed = 0;
        };
        const auto wholeOf = [&](int width) {
            const auto f = kit::frameOf(p, width);
            const stage::Layer& l = f->layers[0];
            Whole w;
            double sum = 0, red = 0, leftCover = 0;
            for (int y = 0; y < l.height(); ++y)
                for (int x = 0; x < l.width(); ++x) {
                    const double c = double(l.cover.at(x, y));
                    const Rgb a = l.albedo.at(x, y);
                    sum += c, w.light += c * double(a.r + a.g + a.b);
                    if (3 * x < l.width())
                        red += c * double(a.r), leftCover += c;
                }
            w.area = sum / (double(width) * width), w.light /= sum, w.leftRed = red / leftCover;
            return w;
        };
        const Whole large = wholeOf(3200);
        for (const int width : {1100, 800, 410, 170}) {
            const Whole small = wholeOf(width);
            const QByteArray what = QString("%1 px: %2 %3 %4")
                                        .arg(width)
                                        .arg(small.area / large.area)
                                        .arg(small.light / large.light)
                                        .arg(small.leftRed / large.leftRed)
                                        .toUtf8();
            QVERIFY2(std::abs(small.area / large.area - 1) < 0.03, what);
            QVERIFY2(std::abs(small.light / large.light - 1) < 0.02, what);
            QVERIFY2(std::abs(small.leftRed / large.leftRed - 1) < 0.03, what);
        }
    }

    void aHueIsShownAsItself_data()
    {
        QTest::addColumn<double>("hue");
        for (const double hue : {30.0, 90.0, 150.0, 260.0, 320.0})
            QTest::newRow(qPrintable(QString::number(hue))) << hue;
    }
    void aHueIsShownAsItself()
    {
        QFETCH(double, hue);
        const Rgb c = colour::hueLight(hue, 35);
        QVERIFY(std::abs(luminance(c) - 1) < 1e-4f);
        const colour::Lab lab = colour::toLab(c * 0.48f);
        QVERIFY2(std::abs(turnBetween(degrees(std::atan2(double(lab.b), double(lab.a))), hue)) < 3,
            qPrintable(QString("%1 %2").arg(lab.a).arg(lab.b)));
        Lantern l;
        l.hue = hue, l.chroma = 35;
        QVERIFY(colourOf(l) == c);
        l.hue = -1;
        QVERIFY(colourOf(l) == colour::blackBody(l.kelvin));
    }

    void aPanelIsAPointFromAfarAndDarkBehind()
    {
        const Lantern l = panel(1, 1.5, 180, {0, 2, 20});
        const auto points = pointsOf(l);
        QVERIFY(points.size() > 1 && points.size() <= 6);
        double strength = 0;
        for (const Lantern& q : points)
            strength += q.strength;
        QVERIFY(std::abs(strength - 1) < 1e-12);
        // Facing the viewer, 18 m in front of it: (2 / 18)².
        const double far = irradianceOf(points, {0, 2, 2}, {0, 0, 1});
        QVERIFY2(std::abs(far / (4.0 / 324) - 1) < 0.005, qPrintable(QString::number(far)));
        // 60° aside at the same distance, turned towards it: half, by the cosine.
        const Vec3 aside{18 * std::sin(radians(60.0)), 2, 20 - 18 * std::cos(radians(60.0))};
        const double half = irradianceOf(points, aside, stage::unit(l.position - aside));
        QVERIFY2(std::abs(half / far - 0.5) < 0.01, qPrintable(QString::number(half / far)));
        QCOMPARE(irradianceOf(points, {0, 2, 30}, {0, 0, -1}), 0.0);
    }

    void aPanelNearByAgreesWithTheRectangle_data()
    {
        QTest::addColumn<double>("distance"); // in widths of a square panel
        QTest::newRow("two widths") << 2.0;
        QTest::newRow("three widths") << 3.0;
        QTest::newRow("six widths") << 6.0;
    }
    void aPanelNearByAgreesWithTheRectangle()
    {
        QFETCH(double, distance);
        // Lambertian square against a parallel patch on its axis: numerically, from a hundred by a hundred pieces.
        double exact = 0;
        for (int j = 0; j < 100; ++j)
            for (int i = 0; i < 100; ++i) {
                const double x = (i + 0.5) / 100 - 0.5, y = (j + 0.5) / 100 - 0.5,
                             d2 = x * x + y * y + distance * distance;
                exact += 4 * distance * distance / (d2 * d2) / 10000; // reference² / d² · cos² with reference 2
            }
        const double got = irradianceOf(pointsOf(panel(1, 1, 180, {0, 5, 10})), {0, 5, 10 - distance}, {0, 0, 1});
        QVERIFY2(std::abs(got / exact - 1) < 0.03, qPrintable(QString("%1 for %2").arg(got).arg(exact)));
    }

    void aSwarmAddsUp()
    {
        Lantern l;
        l.id = 3, l.kind = LampKind::Swarm, l.count = 40, l.wide = 4, l.high = 1, l.deep = 1, l.position = {0, 3, 12};
        l.strength = 2, l.radius = 0.02;
        const auto sparks = sparksOf(l);
        QCOMPARE(sparks.size(), std::size_t(40));
        for (const Vec3& s : sparks)
            QVERIFY(std::abs(s.x) <= 2 && std::abs(s.y - 3) <= 0.5 && std::abs(s.z - 12) <= 0.5);
        QVERIFY(sparks == sparksOf(l)); // the same each time
        const auto clusters = pointsOf(l);
        double strength = 0;
        for (const Lantern& q : clusters)
            strength += q.strength;
        QVERIFY(clusters.size() <= 3);
        QVERIFY(std::abs(strength - 2) < 1e-12);
        // From afar the clusters light as all the sparks would one by one.
        double each = 0;
        for (const Vec3& s : sparks) {
            Lantern one = l;
            one.kind = LampKind::Flame, one.position = s;
            each += 2.0 / 40 * lanternIrradiance(one, {0, 1, 3}, stage::unit({0, 2, 9}));
        }
        QVERIFY(std::abs(irradianceOf(clusters, {0, 1, 3}, stage::unit({0, 2, 9})) / each - 1) < 0.02);
    }

    void groupsSwitchAndDim()
    {
        Lights l;
        l.groups = {{5, "harbour", true, -1}};
        l.lanterns.push_back({1, "a", true, {0, 2, 8}, 0.1, 2000, 2, 0.8});
        l.lanterns[0].group = 5;
        QCOMPARE(burningOf(l, nullptr).size(), std::size_t(1));
        QCOMPARE(burningOf(l, nullptr)[0].strength, 0.4);
        l.groups[0].on = false;
        QVERIFY(burningOf(l, nullptr).empty());
        QCOMPARE(burningOf(alone(l, 1), nullptr).size(), std::size_t(1)); // alone it burns all the same
    }

    void aGlowingThingLightsItsSurroundings()
    {
        // A card that shows C over A m² lights a facing patch d m away by C A / (π d²).
        Project p = dark(Material::Glowing);
        p.elements[0].glow = 2;
        const auto f = frameOf(p, 1600);
        const auto glow = glowOf(*f, f->layers[0]);
        QVERIFY(glow);
        const double area = 2.0 * 0.2; // the post
        double shows = 0, cover = 0;
        const stage::Layer& l = f->layers[0];
        for (std::size_t i = 0; i < l.cover.size(); ++i)
            shows += double(luminance(l.albedo.data()[i]) * l.cover.data()[i]), cover += double(l.cover.data()[i]);
        shows *= 2 * double(kGlowing) / cover;
        const double expected = shows * area / (kPi * 36);
        const double got = irradianceOf({*glow}, glow->position - Vec3{0, 0, 6}, {0, 0, 1});
        QVERIFY2(std::abs(got / expected - 1) < 0.06, qPrintable(QString("%1 for %2").arg(got).arg(expected)));
        // It throws no shadow of itself, and lights the ground before it.
        const LightPlanes planes = lanternPlanes(*f, *glow);
        QVERIFY(*std::max_element(planes.ground.begin(), planes.ground.end()) > 0.01f);
        QCOMPARE(*std::max_element(planes.groundShade.begin(), planes.groundShade.end()), Shade(0));
    }

    void lightComesThroughThinThings()
    {
        Lantern behind;
        behind.id = 2, behind.position = {0, 1, 14}, behind.radius = 0.05, behind.strength = 1;
        const auto through = [&](Material m, double share) {
            Project p = dark(m);
            p.elements[0].through = share;
            p.elements[0].form = Form::Card;
            const auto f = frameOf(p, 1200);
            return meanE(lanternPlanes(*f, behind), f->layers[0]);
        };
        QCOMPARE(through(Material::Matt, 0.5), 0.f);
        const float half = through(Material::Thin, 0.5), all = through(Material::Thin, 1);
        // Facing it from 4 m: (2 / 4)².
        QVERIFY2(std::abs(all - 0.25f) < 0.02f, qPrintable(QString::number(all)));
        QVERIFY(std::abs(half / all - 0.5f) < 1e-3f);
    }

    void aLanternInsideShinesOut()
    {
        Project p = dark(Material::Thin);
        p.elements[0].through = 0.6;
        p = edits::withLantern(std::move(p), {0, "inside", true, {0, 1, 10}, 0.05, 2000, 1, 1});
        p.lights.lanterns[0].within = p.elements[0].id;
        const auto f = frameOf(p, 1200);
        const auto burning = burningOf(p.lights, f.get());
        QCOMPARE(burning.size(), std::size_t(1));
        QVERIFY(std::abs(burning[0].strength - 0.6) < 1e-6);
        const LightPlanes planes = lanternPlanes(*f, burning[0]);
        QVERIFY(meanE(planes, f->layers[0]) > 0.3f); // it glows
        QCOMPARE(*std::max_element(planes.groundShade.begin(), planes.groundShade.end()), Shade(0)); // and lights out
        // The same lantern hung behind it is shadowed.
        Lantern free = burning[0];
        free.within = 0, free.position.z = 10.5;
        const LightPlanes shadowed = lanternPlanes(*f, free);
        QVERIFY(*std::max_element(shadowed.groundShade.begin(), shadowed.groundShade.end()) > 0);
    }

    void theRimIsOnTheSideOfTheLight()
    {
        Project p = dark();
        p.elements[0].form = Form::Column;
        p.elements[0].rim = 1;
        Sun sun;
        sun.azimuth = 10, sun.elevation = 5; // behind it, a little to the right
        const auto f = frameOf(p, 2400);
        const LightPlanes planes = sunPlanes(*f, sun);
        const stage::Layer& l = f->layers[0];
        const float left = meanE(planes, l, 0, 20), middle = meanE(planes, l, 40, 60),
                    right = meanE(planes, l, 80, 100);
        QVERIFY2(
            right > 1.5f * left && left > middle, qPrintable(QString("%1 %2 %3").arg(left).arg(middle).arg(right)));
        p.elements[0].rim = 0;
        const auto plain = frameOf(p, 2400);
        QVERIFY(meanE(sunPlanes(*plain, sun), plain->layers[0], 80, 100) < 0.7f * right);
    }

    void theRimIsAsWideAsTheFuzz_data()
    {
        QTest::addColumn<double>("fuzzCm");
        QTest::addColumn<int>("widthPx");
        for (const double cm : {0.5, 1.0, 2.0, 4.0})
            for (const int px : {1600, 2400})
                QTest::addRow("%.1f cm, %d px", cm, px) << cm << px;
    }
    void theRimIsAsWideAsTheFuzz()
    {
        QFETCH(double, fuzzCm);
        QFETCH(int, widthPx);
        Project p = dark();
        p.elements[0].form = Form::Column;
        p.elements[0].rim = 1, p.elements[0].fuzzCm = fuzzCm;
        Sun behind;
        behind.azimuth = 0, behind.elevation = 5;
        const auto f = frameOf(p, widthPx);
        const stage::Layer& l = f->layers[0];
        const LightPlanes planes = sunPlanes(*f, behind);
        // Half its length, the mean of a fall from 1 to 0, on each side: light summed along a row, in px of full fuzz.
        const int y = l.height() / 2;
        double sum = 0, most = 0;
        for (int x = 0; x < l.width(); ++x) {
            sum += double(planes.layers[0][l.at(x, y)]);
            most = std::max(most, double(planes.layers[0][l.at(x, y)] / std::max(l.fuzz.at(x, y), 1e-3f)));
        }
        const double px = 0.01 * fuzzCm * f->eye.focalCm / l.distance;
        QVERIFY2(std::abs(sum / most - px) < 0.12 * px + 0.3,
            qPrintable(QString("%1 px against %2").arg(sum / most).arg(px)));
    }

    void polishMakesNoEnergy_data()
    {
        QTest::addColumn<double>("alpha");
        QTest::addColumn<double>("view"); // degrees off the normal
        for (const double alpha : {0.02, 0.05, 0.16, 0.5})
            for (const double view : {0.0, 45.0, 70.0})
                QTest::newRow(qPrintable(QString("%1 at %2").arg(alpha).arg(view))) << alpha << view;
    }
    void polishMakesNoEnergy()
    {
        QFETCH(double, alpha);
        QFETCH(double, view);
        // In a white furnace every direction shows 1; from dω comes an irradiance dω/π, of which gloss() throws a share
        // to the viewer. Half vectors are sampled as D(h) n·h, so that narrow lobes are met.
        const Vec3 v{std::sin(radians(view)), 0, std::cos(radians(view))};
        std::mt19937 random(11);
        std::uniform_real_distribution<double> even(0, 1);
        double sum = 0;
        const int n = 40000;
        for (int i = 0; i < n; ++i) {
            const double u = even(random), turn = 2 * kPi * even(random), tan2 = alpha * alpha * u / (1 - u),
                         c = 1 / std::sqrt(1 + tan2), s = std::sqrt(std::max(0.0, 1 - c * c));
            const Vec3 h{s * std::cos(turn), s * std::sin(turn), c};
            const double vh = stage::dot(v, h);
            const Vec3 l = h * (2 * vh) - v;
            if (l.z <= 0 || vh <= 0)
                continue;
            const double t = c * c * (alpha * alpha - 1) + 1, density = alpha * alpha / (kPi * t * t) * c / (4 * vh);
            sum += double(gloss(float(l.z), float(c), float(vh), float(alpha))) / kPi / density;
        }
        const double share = sum / n;
        QVERIFY2(share <= 1.01 && share > 0.01, qPrintable(QString::number(share)));
        if (view == 0 && alpha < 0.1) // looked at straight, a smooth dielectric gives back 4 %
            QVERIFY2(std::abs(share - 0.04) < 0.004, qPrintable(QString::number(share)));
    }

    void throwingBackMakesNoEnergy()
    {
        // A lantern over white ground before a card: what the card gets thrown back is less than what fell on the
        // ground, and none without a lamp.
        Project p = dark();
        p = edits::withLantern(std::move(p), {0, "low", true, {0.5, 0.5, 8.5}, 0.1, 5000, 1, 1});
        const auto f = frameOf(p, 800);
        const auto thrown = bouncesOf(*f, sourcesOf(*f, p.lights), 1);
        QVERIFY(thrown[0].any);
        // Looking down it gets more than looking up, and the foot more than the head.
        QVERIFY(thrown[0].foot.y.g < 0);
        QVERIFY(thrown[0].foot.even.g > thrown[0].head.even.g);
        const LightPlanes planes = lanternPlanes(*f, burningOf(p.lights, f.get())[0]);
        const float most = *std::max_element(planes.ground.begin(), planes.ground.end());
        QVERIFY(4 * thrown[0].foot.even.g < most);
        p.lights.lanterns.clear();
        QVERIFY(!bouncesOf(*f, sourcesOf(*f, p.lights), 1)[0].any);
        QVERIFY(!bouncesOf(*f, sourcesOf(*f, p.lights), 0)[0].any);
    }

    void catchLightsStandWhereTheBallFacesHalfway()
    {
        Project p = dark();
        p.elements[0].heightM = 1.2; // a large head, well seen
        p.elements[0].form = Form::Card;
        p.elements[0].eyes = {{{0.5, 0.3}, 0.1}};
        p = edits::withLantern(std::move(p), {0, "key", true, {3, 1.6, 6}, 0.1, 6500, 4, 1});
        p.lights.lanterns[0].hidden = true;
        const auto f = frameOf(p, 3000);
        const auto with = [&](bool eyes) {
            stage::StageFrame copy = *f;
            if (!eyes)
                copy.layers[0].eyes.clear();
            Relighter r;
            return r.scene(std::make_shared<const stage::StageFrame>(copy), p.lights);
        };
        const LinearPicture a = with(true), b = with(false);
        double x = 0, y = 0, n = 0;
        for (int j = 0; j < a.height(); ++j)
            for (int i = 0; i < a.width(); ++i)
                if (const double d = std::abs(double(a.at(i, j).g - b.at(i, j).g)); d > 1e-4)
                    x += d * i, y += d * j, n += d;
        QVERIFY(n > 0);
        const Vec3 eye = f->layers[0].eyes[0];
        const Vec3 at = stage::atDistance(f->eye, {eye.x, eye.y}, f->layers[0].distance);
        const Vec3 h = stage::unit(
            stage::unit(p.lights.lanterns[0].position - at) + stage::unit(Vec3{0, f->eye.heightM, 0} - at));
        QVERIFY2(std::abs(x / n + 0.5 - (eye.x + h.x * eye.z)) < 1, qPrintable(QString::number(x / n)));
        QVERIFY2(std::abs(y / n + 0.5 - (eye.y - h.y * eye.z)) < 1, qPrintable(QString::number(y / n)));
        // Of a place in a row beside what covers it nothing is known of the light: no eye shines there.
        stage::StageFrame beside = *f;
        beside.layers[0].spans[std::size_t(int(eye.y) - beside.layers[0].top)] = {0, 0};
        const auto scene = [&](const stage::StageFrame& s) {
            Relighter r;
            return r.scene(std::make_shared<const stage::StageFrame>(s), p.lights);
        };
        const LinearPicture c = scene(beside);
        beside.layers[0].eyes.clear();
        QVERIFY(c == scene(beside));
    }
};

RL_TEST(TestSources)
#include "tst_sources.moc"
