#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/light/relight.h"
#include "core/light/sky_optics.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/rays.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::light;

namespace {
using kit::frameOf;
LinearPicture sceneOf(const Project& p, int width = 600)
{
    Relighter r;
    return r.scene(frameOf(p, width), p.lights);
}
double difference(const LinearPicture& a, const LinearPicture& b)
{
    double most = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        most = std::max(most, double(std::abs(a.data()[i].g - b.data()[i].g)));
    return most;
}
/// A crowd with everything the air and the surfaces can do.
Project rich()
{
    Project p = kit::postWork(150, 30);
    for (const auto& [solid, material, x, y] :
        {std::tuple{Solid::Figure, Material::Thin, 14.0, 34.0}, std::tuple{Solid::Turned, Material::Glass, 40.0, 36.0},
            std::tuple{Solid::Box, Material::Gloss, 50.0, 30.0},
            std::tuple{Solid::Cone, Material::Glowing, 24.0, 25.0}}) {
        Element e = edits::standinOf(solid);
        e.material = material;
        e.baseCm = {x, y};
        e.rim = 0.4;
        p = edits::withElement(std::move(p), e);
    }
    p.elements[1].eyes = {{{0.5, 0.08}, 0.02}};
    p = edits::withLantern(std::move(p), {0, "flame", true, {1, 1.5, 6}, 0.1, 2200, 2, 1});
    Lantern window{0, "window", true, {-2, 1.5, 9}, 0.1, 3000, 2, 0.7};
    window.kind = LampKind::Panel;
    p = edits::withLantern(std::move(p), window);
    Lantern sparks{0, "sparks", true, {2, 2, 12}, 0.02, 1900, 2, 0.7};
    sparks.kind = LampKind::Swarm;
    p = edits::withLantern(std::move(p), sparks);
    p.lights.air = {60, 1, 0.6, 0.3};
    p.lights.air.hazeTopM = 4, p.lights.air.shafts = 0.6, p.lights.air.vignette = 0.5;
    p.lights.air.mists = {{"low", true, 9, 0.5, 0.8}};
    p.lights.air.drift = {DriftKind::Dust, 0.3};
    return p;
}
} // namespace

class TestAir : public QObject {
    Q_OBJECT
private slots:
    void theBowStandsWhereItShould_data()
    {
        QTest::addColumn<double>("azimuth");
        QTest::addColumn<double>("elevation");
        for (const double azimuth : {170.0, 180.0, 195.0})
            for (const double elevation : {12.0, 25.0})
                QTest::addRow("sun at %g°, %g° high", azimuth, elevation) << azimuth << elevation;
    }
    void theBowStandsWhereItShould()
    {
        QFETCH(double, azimuth);
        QFETCH(double, elevation);
        Project p = kit::postWork(azimuth, elevation);
        p.camera.fovDegrees = 80;
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto frame = stage::compose(p, 600, cache, progress);
        Relighter relighter;
        const Picture plain = relighter.light(frame, p.lights);
        p.lights.air.rainbow = 1;
        const Picture bow = relighter.light(frame, p.lights);
        const auto added = [&](int x, int y) { return bow.colour.at(x, y).r - plain.colour.at(x, y).r; };
        // Along each column the red is strongest on the guide's first arc.
        const SkyOptics guide = skyOptics(p);
        QVERIFY(guide.rainbow);
        int seen = 0;
        for (const SkyArc& arc : guide.arcs)
            for (const Vec2 q : arc.points) {
                const int x = int(q.x * frame->pixelsPerCm), y = int(q.y * frame->pixelsPerCm);
                if (arc.name != "rainbow" || x < 2 || y < 12 || x > 597 || y > frame->groundTop - 12
                    || frame->idAt(x, y) != 0)
                    continue;
                QVERIFY2(added(x, y) > 0.02f && added(x, y) > 3 * added(x, y - 10),
                    qPrintable(QString("%1 %2: %3 %4").arg(x).arg(y).arg(added(x, y)).arg(added(x, y - 10))));
                ++seen;
            }
        QVERIFY(seen > 5);
        p.lights.sun.azimuth = 0; // ahead: no bow, and the halo round it instead
        const Picture ahead = relighter.light(frame, p.lights);
        p.lights.air.rainbow = 0;
        QVERIFY(std::equal(ahead.colour.data(), ahead.colour.data() + ahead.colour.size(),
            relighter.light(frame, p.lights).colour.data(), [](Rgb a, Rgb b) { return std::abs(a.r - b.r) < 1e-3f; }));
    }

    void hazeThinsWithHeight_data()
    {
        QTest::addColumn<double>("height"); // m
        QTest::addColumn<double>("top"); // m
        for (const double height : {0.0, 1.6, 3.0, 30.0})
            for (const double top : {0.5, 4.0, 100.0})
                QTest::newRow(qPrintable(QString("%1 m in haze of %2 m").arg(height).arg(top))) << height << top;
    }
    void hazeThinsWithHeight()
    {
        QFETCH(double, height);
        QFETCH(double, top);
        Air air;
        air.halfContrastM = 50, air.hazeTopM = top;
        const double eye = 1.6, far = 40;
        double path = 0; // along the sight line, in a thousand steps
        for (int i = 0; i < 1000; ++i)
            path += far / 1000 * std::exp(-(eye + (height - eye) * (i + 0.5) / 1000) / top);
        const double expected = std::exp2(-path / 50), got = double(Haze(air, eye).clear(float(far), float(height)));
        QVERIFY2(std::abs(got - expected) < 2e-3, qPrintable(QString("%1 for %2").arg(got).arg(expected)));
        air.hazeTopM = 0;
        QVERIFY(std::abs(double(Haze(air, eye).clear(50, float(height))) - 0.5) < 1e-6);
    }

    void mistLiesBetweenDepths()
    {
        // A sheet at 8 m veils the post at 10 m; one at 12 m leaves it as it was.
        Project p = kit::postWork();
        p.lights.air = {0, 1, 0, 0};
        const auto f = frameOf(p);
        const stage::Layer& l = f->layers[0];
        const int x = l.left + l.width() / 2, y = l.top + l.height() * 4 / 5;
        const float bare = sceneOf(p).at(x, y).g;
        p.lights.air.mists = {{"behind", true, 12, 0.9, 3}};
        QCOMPARE(sceneOf(p).at(x, y).g, bare);
        p.lights.air.mists[0].z = 8;
        QVERIFY(std::abs(sceneOf(p).at(x, y).g - bare) > 0.02f);
        p.lights.air.mists[0].on = false;
        QCOMPARE(sceneOf(p).at(x, y).g, bare);
    }

    void beamsAreCutOutByWhatStandsInTheWay()
    {
        // Sun behind a wall with a lantern-bright gap: in the wall's shadow the air is darker than beside it.
        Project p = kit::postWork(0, 20);
        Element wall = edits::standinOf(Solid::Box);
        wall.baseCm = {30, 24};
        wall.heightM = 6;
        wall.standin.wide = 0.8;
        p = edits::withElement(std::move(p), wall);
        p.lights.air = {40, 1, 0, 0};
        const LinearPicture none = sceneOf(p);
        p.lights.air.shafts = 1;
        const LinearPicture beams = sceneOf(p);
        const auto added = [&](int x, int y) { return beams.at(x, y).g - none.at(x, y).g; };
        const auto f = frameOf(p);
        const auto under = std::find_if(
            f->layers.begin(), f->layers.end(), [&](const stage::Layer& l) { return l.element == p.elements[1].id; });
        QVERIFY(under != f->layers.end());
        const int y = int(under->groundRow) + 20, middle = under->left + under->width() / 2;
        QVERIFY2(added(20, y) > added(middle, y) + 0.04f && added(middle, y) < 0,
            qPrintable(QString("%1 %2").arg(added(20, y)).arg(added(middle, y))));
        p.lights.air.halfContrastM = 0; // clear air shows none
        const LinearPicture clear = sceneOf(p);
        p.lights.air.shafts = 0;
        QCOMPARE(difference(clear, sceneOf(p)), 0.0);
    }

    /// Two columns before a low sun: the air between them is lighter than the air before them, by what an eye can see.
    void beamsAreSeenBetweenTwoColumns_data()
    {
        QTest::addColumn<double>("half");
        QTest::addColumn<double>("shafts");
        QTest::newRow("as it scatters") << 30.0 << 1.0;
        QTest::newRow("thick haze") << 15.0 << 1.0;
        QTest::newRow("thin haze, deepened") << 80.0 << 3.0;
    }
    void beamsAreSeenBetweenTwoColumns()
    {
        QFETCH(double, half);
        QFETCH(double, shafts);
        Project p = kit::postWork(0, 22);
        p.elements.clear();
        for (const double x : {24.0, 36.0}) {
            Element column = edits::standinOf(Solid::Column);
            column.baseCm = {x, 26}, column.heightM = 5, column.standin.wide = 0.2;
            p = edits::withElement(std::move(p), column);
        }
        p.lights.air = {half, 1, 0, 0};
        const LinearPicture none = sceneOf(p);
        p.lights.air.shafts = shafts;
        const LinearPicture beams = sceneOf(p);
        const auto lighter = [&](double xCm) { // L* over a band of rows by the beams alone
            double sum = 0;
            const int x = int(xCm * none.width() / 60), top = none.height() / 4;
            for (int y = top; y < top + 30; ++y)
                sum += double(colour::lightness(luminance(beams.at(x, y)) / luminance(none.at(x, y)) * 0.2f)) / 30;
            return sum;
        };
        const double between = lighter(30), before = (lighter(24) + lighter(36)) / 2; // it grows towards the sun
        qInfo("L* %.1f between, %.1f before the columns", between, before);
        QVERIFY(between > before + 1.5);
    }

    /// A veil round a lamp is as wide as its strength and the air say.
    void veilsGrowWithStrengthAndHaze_data()
    {
        QTest::addColumn<LampKind>("kind");
        QTest::newRow("flame") << LampKind::Flame;
        QTest::newRow("swarm") << LampKind::Swarm;
    }
    void veilsGrowWithStrengthAndHaze()
    {
        QFETCH(LampKind, kind);
        Project p = kit::postWork();
        p.elements.clear();
        p.lights.sun.on = false;
        p.lights.air = {0, 0.01, 0, 0};
        Lantern lamp{40, "lamp", true, {0, 3, 8}, 0.08, 2200, 2, 1};
        lamp.kind = kind, lamp.count = 12, lamp.wide = lamp.high = lamp.deep = 0.3;
        const auto wide = [&](double half, double strength) { // px of sky lifted by a tenth of a code or more
            Project q = p;
            q.lights.air.halfContrastM = half;
            const LinearPicture dark = sceneOf(q);
            q.lights.lanterns = {lamp};
            q.lights.lanterns[0].strength = strength;
            const LinearPicture lit = sceneOf(q);
            int count = 0;
            for (int y = 0; y < 200; ++y)
                for (int x = 0; x < 600; ++x)
                    count += lit.at(x, y).r - dark.at(x, y).r > 0.02f;
            return std::sqrt(double(count));
        };
        const double clear = wide(0, 1), weak = wide(40, 0.3), plain = wide(40, 1), strong = wide(40, 3),
                     thick = wide(12, 1);
        QVERIFY2(clear > 2 && clear < plain && weak < plain && plain < strong && plain < thick,
            qPrintable(QString("%1 %2 %3 %4 %5").arg(clear).arg(weak).arg(plain).arg(strong).arg(thick)));
    }

    void fallingOffIsLightNotPaint()
    {
        // The sky's light falls off; a lantern in the corner still lights as before.
        Project p = kit::postWork();
        p.lights.sun.on = false;
        p.lights.air = {0, 1, 0, 0};
        p.lights.air.bounce = 0;
        const LinearPicture even = sceneOf(p);
        p.lights.air.vignette = 1, p.lights.air.vignetteReach = 0.2;
        const LinearPicture fallen = sceneOf(p);
        const int w = even.width(), h = even.height();
        QVERIFY(fallen.at(w - 1, h - 1).g < 0.1f * even.at(w - 1, h - 1).g);
        QVERIFY(std::abs(fallen.at(w / 2, h / 2).g / even.at(w / 2, h / 2).g - 1) < 1e-3f);
        p = edits::withLantern(std::move(p), {0, "corner", true, {2.2, 0.6, 5}, 0.1, 3000, 2, 1});
        const LinearPicture lit = sceneOf(p);
        p.lights.air.vignette = 0;
        const LinearPicture both = sceneOf(p);
        const float with = lit.at(w - 8, h - 30).g - fallen.at(w - 8, h - 30).g,
                    without = both.at(w - 8, h - 30).g - even.at(w - 8, h - 30).g;
        QVERIFY2(std::abs(with - without) < 0.02f * without && without > 0.01f,
            qPrintable(QString("%1 %2").arg(with).arg(without)));
    }

    void specksTakeTheLight_data()
    {
        QTest::addColumn<int>("kind");
        QTest::newRow("dust") << int(DriftKind::Dust);
        QTest::newRow("sparks") << int(DriftKind::Sparks);
        QTest::newRow("rain") << int(DriftKind::Rain);
    }
    void specksTakeTheLight()
    {
        QFETCH(int, kind);
        Project p = kit::postWork();
        p.lights.sun.on = false;
        p.lights.air = {200, 0.15, 0, 0};
        const LinearPicture none = sceneOf(p);
        p.lights.air.drift = {DriftKind(kind), 0.8};
        const LinearPicture specks = sceneOf(p);
        QVERIFY(difference(specks, none) > 0.005);
        QCOMPARE(difference(specks, sceneOf(p)), 0.0); // the same each time
        Project q = p;
        q.lights.air.drift.kind = DriftKind::None;
        q = edits::withLantern(std::move(q), {0, "lamp", true, {0, 1.6, 4}, 0.1, 4000, 3, 1});
        q.lights.lanterns[0].hidden = true;
        const LinearPicture lit = sceneOf(q);
        q.lights.air.drift = p.lights.air.drift;
        if (DriftKind(kind) != DriftKind::Sparks) // those shine themselves
            QVERIFY(difference(sceneOf(q), lit) > 2 * difference(specks, none));
    }

    void mirrorImagesLieWhereRaysPutThem_data()
    {
        QTest::addColumn<int>("solid");
        QTest::addColumn<double>("yaw");
        QTest::addColumn<double>("y");
        for (const auto& [solid, name] :
            {std::pair{Solid::Box, "box"}, {Solid::Column, "column"}, {Solid::Cone, "cone"}})
            for (const double yaw : {0.0, 35.0})
                for (const double y : {20.0, 23.0})
                    QTest::newRow(qPrintable(QString("%1 turned %2 at %3 cm").arg(name).arg(yaw).arg(y)))
                        << int(solid) << yaw << y;
    }
    void mirrorImagesLieWhereRaysPutThem()
    {
        QFETCH(int, solid);
        QFETCH(double, yaw);
        QFETCH(double, y);
        // A nearly black thing on light ground without a lamp: wet ground then darkens by what is mirrored in it.
        Project p;
        p.brief.widthCm = 60, p.brief.heightCm = 40;
        p.camera = {14, 1.6, 50};
        p.lights.sun.on = false;
        p.lights.air = {0, 1, 1, 0};
        Element e = edits::standinOf(Solid(solid));
        e.baseCm = {30, y};
        e.yaw = yaw, e.heightM = 1, e.standin.lightness = 2, e.standin.chroma = 0;
        p = edits::withElement(std::move(p), e);
        const auto f = frameOf(p, 600);
        const LinearPicture wet = sceneOf(p, 600);
        p.lights.air.wetness = 0;
        const LinearPicture dry = sceneOf(p, 600);
        std::vector<std::uint8_t> told(std::size_t(f->height - f->groundTop) * 600, 0);
        std::vector<float> mirror(600);
        for (int row = 0; row < f->height - f->groundTop; ++row) {
            groundMirrorRow(*f, row, mirror.data());
            for (int x = 0; x < 600; ++x) {
                const float d = dry.at(x, f->groundTop + row).g, w = wet.at(x, f->groundTop + row).g;
                if (f->idAt(x, f->groundTop + row) == 0 && (d - w) / (d * mirror[std::size_t(x)]) > 0.5f)
                    told[std::size_t(row) * 600 + std::size_t(x)] = 255;
            }
        }
        stage::SurfaceCache cache;
        const Mask rays = kit::mirrorOnGround(*f, stage::standingMesh(p, p.elements[0], cache));
        std::vector<std::uint8_t> truth(rays.data(), rays.data() + rays.size()); // where it is not hidden by the thing
        for (int row = 0; row < rays.height(); ++row)
            for (int x = 0; x < 600; ++x)
                if (f->idAt(x, f->groundTop + row) != 0)
                    truth[std::size_t(row) * 600 + std::size_t(x)] = 0;
        const double off = kit::apart(Mask(600, rays.height(), truth), Mask(600, rays.height(), told), 0.04);
        QVERIFY2(off < 1.5, qPrintable(QString("%1 px").arg(off)));
    }

    void aLyingWayMirrorsWhenItIsPolished()
    {
        // A causeway under the viewer's side of the post; the ground itself is dry.
        Project p = kit::postWork();
        p.lights.sun.on = false;
        p.lights.air = {0, 1, 0, 0};
        Element way = edits::standinOf(Solid::Path);
        way.standin.track = Track::Causeway;
        way.standin.path = {{0, 0}, {0, 5}};
        way.standin.pathWidthM = 4;
        way.standin.lightness = 15;
        way.baseCm = {30, 30};
        p = edits::withElement(std::move(p), way);
        const int id = p.elements.back().id;
        const auto f = frameOf(p);
        const stage::Layer& post = f->layers[f->layers[0].lies ? 1 : 0];
        const auto mirrored = [&](Material m) {
            Project q = p;
            q.element(id)->material = m;
            const LinearPicture with = sceneOf(q);
            std::erase_if(q.elements, [&](const Element& e) { return e.id == post.element; });
            const LinearPicture without = sceneOf(q);
            const int x = post.left + post.width() / 2, y = int(post.groundRow) + post.height() / 8;
            return f->idAt(x, y) == id ? std::abs(with.at(x, y).g - without.at(x, y).g) : -1.f;
        };
        const float dry = mirrored(Material::Matt), lacquer = mirrored(Material::Gloss), wet = mirrored(Material::Wet);
        QVERIFY2(dry >= 0, "the way lies where the image falls");
        QVERIFY2(lacquer > dry + 0.002f && wet > dry + 0.002f,
            qPrintable(QString("%1 %2 %3").arg(dry).arg(lacquer).arg(wet)));
    }

    void theFinalPictureIsTheSameBytes_data()
    {
        QTest::addColumn<int>("strip");
        for (const int strip : {1, 7, 64, 4096})
            QTest::newRow(qPrintable(QString::number(strip))) << strip;
    }
    void theFinalPictureIsTheSameBytes()
    {
        QFETCH(int, strip);
        const Project p = rich();
        const auto f = frameOf(p, 500);
        Relighter r;
        const Picture kept = r.light(f, p.lights);
        NoProgress progress;
        const auto made = finalPicture(f, p.lights, progress, strip);
        QVERIFY(made);
        const Photo codes = colour::codeOf(kept.colour);
        QCOMPARE(std::memcmp(made->data(), codes.data(), codes.size() * sizeof(Rgb8)), 0);
    }

    void whatWasKeptDoesNotShowInTheAir()
    {
        Project p = rich();
        Relighter kept;
        (void)kept.light(frameOf(p, 400), p.lights);
        const auto same = [&] {
            const auto f = frameOf(p, 400);
            Relighter fresh;
            const Picture a = kept.light(f, p.lights), b = fresh.light(f, p.lights);
            return std::memcmp(a.colour.data(), b.colour.data(), a.colour.size() * sizeof(Rgb)) == 0;
        };
        p.lights.lanterns[1].facing = 150;
        QVERIFY(same());
        p.lights.air.spill = 0.3;
        QVERIFY(same());
        p.elements[1].through = 0.9;
        QVERIFY(same());
        p.elements[2].baseCm = p.elements[2].baseCm + Vec2{2, 1};
        QVERIFY(same());
        p.lights.lanterns[2].count = 60;
        QVERIFY(same());
        p.elements[4].glow = 3;
        QVERIFY(same());
        p.lights.air.mists.clear();
        QVERIFY(same());
        p.elements.erase(p.elements.begin() + 1); // nothing thin is left
        QVERIFY(same());
    }

    void aFinalPictureCanBeGivenUp()
    {
        class After final : public Progress {
        public:
            void report(double fraction, std::string_view) override { m_far = std::max(m_far, fraction); }
            bool cancelled() const override { return m_far > 0.3; }
            double far() const { return m_far; }

        private:
            double m_far = 0;
        };
        const Project p = rich();
        const auto f = frameOf(p, 400);
        After progress;
        const auto made = finalPicture(f, p.lights, progress, 8);
        QVERIFY(!made);
        QCOMPARE(made.error().kind, ErrorKind::Cancelled);
        QVERIFY(progress.far() < 0.5);
    }
};

RL_TEST(TestAir)
#include "tst_air.moc"
