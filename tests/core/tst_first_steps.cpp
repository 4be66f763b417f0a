#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/usual_heights.h"
#include "core/review/first_steps.h"
#include "core/stage/camera.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::review;

namespace {
/// A work with one thing of 1.8 m at 9 m, two metres aside.
Project withOne()
{
    Project p = freshWork("made");
    Element e = edits::standinOf(Solid::Figure);
    e.name = "figure", e.heightM = 1.8, e.baseCm = stage::projected(stage::eyeOf(p), {2, 0, 9});
    return edits::withElement(std::move(p), e);
}
Project withPicture(Project p, const Photo& photo, const char* name = "place")
{
    return edits::withReference(std::move(p), kit::referenceOf(name, photo));
}
/// Sky over ground; a bright disc where one is wanted, shares of the picture.
Photo skyAndGround(int sky, int ground, std::optional<Vec2> disc = {}, int far = -1)
{
    cv::Mat m(400, 600, CV_8UC3, cv::Scalar::all(ground));
    m.rowRange(0, 200).setTo(cv::Scalar::all(sky));
    for (int y = 200; y < 400; ++y) // furrows: darks near and, paled, far
        if (y / 6 % 2) {
            const double t = (y - 200) / 200.0;
            m.row(y).setTo(cv::Scalar::all(far >= 0 ? far * (1 - t) + 10 * t : 10));
        }
    if (disc)
        cv::circle(m, {int(disc->x * 600), int(disc->y * 400)}, 16, cv::Scalar(255, 250, 235), cv::FILLED);
    return Photo::fromMat(m);
}
gather::PictureMeasure measure(double eyeLevel, double sure)
{
    gather::PictureMeasure m;
    m.eyeLevel = eyeLevel, m.eyeConfidence = sure;
    return m;
}
/// Light on the ground at places far from anything, over what the photograph shows there, and at its darkest: in the
/// shadow of what stands.
struct OnGround {
    double typical = 0, most = 0, darkest = 1e9;
};
OnGround onGround(const Project& p)
{
    stage::SurfaceCache cache;
    NoProgress progress;
    const auto frame = stage::compose(p, 300, cache, progress);
    const auto picture = light::Relighter().light(frame, p.lights);
    OnGround out;
    std::vector<double> open;
    for (int y = frame->groundTop + 4; y < frame->height; ++y)
        for (int x = 0; x < frame->width; ++x) {
            if (frame->idAt(x, y))
                continue;
            const double k = double(luminance(picture.colour.at(x, y)) / luminance(frame->backdrop.at(x, y)));
            out.darkest = std::min(out.darkest, k);
            if (x < frame->width / 8 || x > frame->width * 7 / 8)
                open.push_back(k);
        }
    std::sort(open.begin(), open.end());
    out.typical = open[open.size() / 2], out.most = open.back(); // a low sun throws shadows as far as there
    return out;
}
} // namespace

/// From a heap of photographs to a first lit scene.
class TestFirstSteps : public QObject {
    Q_OBJECT

private slots:
    void aBackdropShowsAllThatFits_data()
    {
        QTest::addColumn<int>("w");
        QTest::addColumn<int>("h");
        QTest::addColumn<double>("level");
        QTest::newRow("as the canvas") << 600 << 400 << 0.4;
        QTest::newRow("wide") << 1200 << 400 << 0.62;
        QTest::newRow("tall") << 300 << 500 << 0.2;
        QTest::newRow("small, eye level near its top") << 64 << 48 << 0.06;
        QTest::newRow("eye level over its top") << 640 << 480 << -0.4;
    }
    void aBackdropShowsAllThatFits()
    {
        QFETCH(int, w);
        QFETCH(int, h);
        QFETCH(double, level);
        const Project before = withPicture(withOne(), kit::plain(w, h, {90, 90, 90}));
        const auto m = measure(level, 0.9);
        const Project p = withBackdropChosen(before, before.references[0].id, &m);
        const Rect place = stage::backdropPlace(p);
        const double cover = std::max(p.brief.widthCm / w, p.brief.heightCm / h);
        QVERIFY2(std::abs(place.width - cover * w) < 1e-6, qPrintable(QString::number(place.width / (cover * w))));
        QVERIFY(place.x <= 1e-6 && place.y <= 1e-6 && place.right() >= p.brief.widthCm - 1e-6
            && place.bottom() >= p.brief.heightCm - 1e-6);
        const double told = std::clamp(level, 0.02, 0.98);
        QVERIFY(std::abs(p.camera.horizonCm - (place.y + told * place.height)) < 1e-6);
        // What stood keeps its place in the scene and its true size.
        const Vec3 foot = stage::footOf(stage::eyeOf(p), p.elements[0]);
        QVERIFY((foot - Vec3{2, 0, 9}).length() < 1e-6 && p.elements[0].heightM == 1.8);
        QVERIFY(eyeLevelTold(p, p.references[0].id, &m));
    }
    void whereTheEyesWereIsSaidOnThePicture()
    {
        Project p = withPicture(withOne(), kit::plain(600, 500, {90, 90, 90}));
        const auto m = measure(0.3, 0.1);
        p = withBackdropChosen(p, p.references[0].id, &m);
        QVERIFY(!eyeLevelTold(p, p.references[0].id, &m));
        const Rect before = stage::backdropPlace(p);
        p = withEyeLevelSaid(p, 11);
        QVERIFY(std::abs(p.camera.horizonCm - 11) < 1e-9 && eyeLevelTold(p, p.references[0].id, &m));
        const Rect after = stage::backdropPlace(p);
        QVERIFY(std::abs(after.y - before.y) < 1e-6 && std::abs(after.height - before.height) < 1e-6);
        // The picture chosen again keeps the painter's word.
        QVERIFY(std::abs(withBackdropChosen(p, p.references[0].id, &m).camera.horizonCm - 11) < 1e-9);
    }
    void eyeHeightIsToldByWhatIsKnown_data()
    {
        QTest::addColumn<double>("eye");
        QTest::addColumn<double>("height");
        QTest::addColumn<double>("away");
        QTest::newRow("a person, as tall as the eye") << 1.7 << 1.7 << 6.0;
        QTest::newRow("a person from a roof") << 11.0 << 1.68 << 25.0;
        QTest::newRow("a door seen by a child") << 1.1 << 2.05 << 4.0;
        QTest::newRow("a bucket") << 1.6 << 0.3 << 3.0;
        QTest::newRow("a tower") << 1.6 << 40.0 << 300.0;
    }
    void eyeHeightIsToldByWhatIsKnown()
    {
        QFETCH(double, eye);
        QFETCH(double, height);
        QFETCH(double, away);
        Project p = freshWork("made");
        const stage::Eye seen = stage::eyeOf(p);
        const auto at = [&](double up) { return Vec2{31, seen.horizon + seen.focalCm * (eye - up) / away}; };
        for (const bool turnedRound : {false, true}) {
            const auto told = turnedRound ? withEyeHeightBy(p, at(height), at(0), height)
                                          : withEyeHeightBy(p, at(0), at(height), height);
            QVERIFY2(bool(told), told ? "" : told.error().sentence.c_str());
            QVERIFY2(std::abs(told->camera.eyeHeightM / eye - 1) < 1e-9,
                qPrintable(QString::number(told->camera.eyeHeightM)));
            QCOMPARE(told->camera.horizonCm, p.camera.horizonCm);
        }
    }
    void whatTellsNoEyeHeightIsRefused_data()
    {
        QTest::addColumn<double>("foot");
        QTest::addColumn<double>("top");
        QTest::addColumn<double>("height");
        QTest::newRow("in the air") << -4.0 << -9.0 << 1.7;
        QTest::newRow("on the horizon") << 0.0 << -9.0 << 1.7;
        QTest::newRow("one point") << 8.0 << 8.0 << 1.7;
        QTest::newRow("no number") << 8.0 << std::nan("") << 1.7;
        QTest::newRow("no height") << 8.0 << 2.0 << std::nan("");
        QTest::newRow("a mountain by mistake") << 15.0 << 14.0 << 8848.0;
    }
    void whatTellsNoEyeHeightIsRefused()
    {
        QFETCH(double, foot);
        QFETCH(double, top);
        QFETCH(double, height);
        const Project p = freshWork("made");
        const double horizon = p.camera.horizonCm;
        const auto told = withEyeHeightBy(p, {30, horizon + foot}, {30, horizon + top}, height);
        QVERIFY(!told && told.error().kind == ErrorKind::Invalid && told.error().sentence.size() > 20);
    }
    void theLensIsToldByTwoWalls_data()
    {
        QTest::addColumn<double>("share");
        QTest::addColumn<double>("turn");
        for (const double share : {0.8, 1.2})
            for (const double turn : {35.0, 50.0})
                QTest::addRow("%.1f of the width, turned by %.0f", share, turn) << share << turn;
    }
    void theLensIsToldByTwoWalls()
    {
        QFETCH(double, share);
        QFETCH(double, turn);
        // Courses of two walls at right angles, drawn through a pinhole.
        cv::Mat m(800, 1200, CV_8UC3, cv::Scalar(200, 200, 200));
        const double f = share * 1200, c = std::cos(radians(turn)), s = std::sin(radians(turn));
        const auto at = [&](double along, double y, bool left) {
            const double X = left ? -along * c : along * s, Z = 6 + (left ? along * s : along * c);
            return cv::Point2d(600 + f * X / Z, 400 + f * y / Z);
        };
        for (int i = -9; i <= 9; ++i)
            for (const bool left : {false, true})
                if (i)
                    cv::line(m, at(0.1, 0.25 * i, left), at(7, 0.25 * i, left), cv::Scalar(30, 30, 30), 2, cv::LINE_AA);
        const double told = focalShareOf(Photo::fromMat(m));
        QVERIFY2(std::abs(told / share - 1) < 0.15, qPrintable(QString::number(told)));
        QCOMPARE(focalShareOf(kit::plain(600, 400, {80, 80, 80})), 0.0);
    }
    void lightComesFromWhereItIsSeen_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        QTest::newRow("left, high") << 0.15 << 0.1;
        QTest::newRow("in the middle, low") << 0.5 << 0.42;
        QTest::newRow("right") << 0.9 << 0.3;
    }
    void lightComesFromWhereItIsSeen()
    {
        QFETCH(double, x);
        QFETCH(double, y);
        const Photo photo = skyAndGround(120, 90, Vec2{x, y});
        Project p = withPicture(withOne(), photo);
        const auto m = measure(0.5, 1);
        p = withBackdropChosen(p, p.references[0].id, &m);
        const auto light = lightOfBackdrop(p, &m, photo);
        QVERIFY(bool(light));
        // The direction of that place on the canvas, through the eye.
        const stage::Eye eye = stage::eyeOf(p);
        const double az = degrees(std::atan2(x * 60 - 30, eye.focalCm)),
                     el = degrees(std::atan2(20 - y * 40, eye.focalCm));
        QVERIFY2(std::abs(turnBetween(light->lights.sun.azimuth, az)) < 1.5,
            qPrintable(QString::number(light->lights.sun.azimuth)));
        QVERIFY2(std::abs(light->lights.sun.elevation - std::max(2.0, el)) < 1.5,
            qPrintable(QString::number(light->lights.sun.elevation)));
        QVERIFY(light->lights.sun.on && !light->words.empty());
    }
    void whatIsShownLitIsNotLitTwice_data()
    {
        QTest::addColumn<double>("elevation");
        QTest::addColumn<double>("kelvin");
        QTest::addColumn<double>("softness");
        QTest::newRow("high and white") << 60.0 << 5500.0 << 0.1;
        QTest::newRow("low and red") << 9.0 << 2400.0 << 0.3;
        QTest::newRow("half veiled") << 35.0 << 6200.0 << 0.5;
    }
    void whatIsShownLitIsNotLitTwice()
    {
        QFETCH(double, elevation);
        QFETCH(double, kelvin);
        QFETCH(double, softness);
        const Photo photo = skyAndGround(170, 90);
        Project p = withPicture(withOne(), photo);
        auto m = measure(0.5, 1);
        m.light = stage::pictureLight(70, elevation), m.light.confidence = 0.6, m.lightKelvin = kelvin;
        m.softness = softness;
        p = withBackdropChosen(p, p.references[0].id, &m);
        const auto begun = lightOfBackdrop(p, &m, photo);
        p.lights = begun->lights, p.lights.air.halfContrastM = 0, p.backdrop.ownSun = 0;
        const OnGround twice = onGround(p); // without a word on it the sun is laid on top
        p.backdrop = begun->backdrop;
        const OnGround once = onGround(p);
        QVERIFY2(once.typical > 0.97 && once.most < 1.03,
            qPrintable(QString("%1…%2 of what was photographed").arg(once.typical).arg(once.most)));
        QVERIFY(twice.most > 1.05);
        // A shadow cast there takes that sun away; what is left is the sky's.
        QVERIFY2(once.darkest < 0.9 * twice.darkest, qPrintable(QString::number(once.darkest)));
        Project stronger = p;
        stronger.lights.sun.strength *= 2;
        QVERIFY(onGround(stronger).most > 1.04);
    }
    /// A lit street under a dark sky stays as it was photographed, and a lamp over it makes no chalk of it.
    void aLitGroundUnderADarkSkyStays()
    {
        Project p = withPicture(withOne(), skyAndGround(12, 170));
        p = withBackdropChosen(p, p.references[0].id, nullptr);
        p.lights.sun.on = false, p.lights.air.halfContrastM = 0;
        const OnGround as = onGround(p);
        QVERIFY2(as.typical > 0.97 && as.most < 1.03, qPrintable(QString::number(as.typical)));
        p.lights.air.skyStrength = 0.5;
        QVERIFY(std::abs(onGround(p).most - 0.5) < 0.03);
    }
    void nightHasNoSun()
    {
        const Photo photo = skyAndGround(28, 12);
        Project p = withPicture(withOne(), photo);
        p = withBackdropChosen(p, p.references[0].id, nullptr);
        QVERIFY(!lightOfBackdrop(p, nullptr, photo)->lights.sun.on);
        QVERIFY(!lightOfBackdrop(withOne(), nullptr, photo)); // no backdrop, no light
        QVERIFY(!lightOfBackdrop(p, nullptr, {}));
    }
    void aNightBackdropPutsTheDefaultSunOut()
    {
        const Project p = withPicture(withOne(), skyAndGround(28, 12));
        auto m = measure(0.5, 1);
        m.lightL = 30;
        QVERIFY(!withBackdropChosen(p, p.references[0].id, &m).lights.sun.on);
        m.lightL = 90;
        QVERIFY(withBackdropChosen(p, p.references[0].id, &m).lights.sun.on);
        Project set = p; // what the painter has set stays
        set.lights.sun.azimuth = 100, m.lightL = 30;
        QVERIFY(withBackdropChosen(set, p.references[0].id, &m).lights.sun.on);
    }
    void lightOfWhatStandsThereIsTakenWhenTheSkyIsPlain()
    {
        const Photo photo = skyAndGround(170, 90);
        Project p = withPicture(withOne(), photo);
        p = withBackdropChosen(p, p.references[0].id, nullptr);
        auto m = measure(0.5, 1);
        m.light = stage::pictureLight(70, 30), m.light.confidence = 0.6, m.softness = 0.1, m.lightKelvin = 4300;
        const Sun sun = lightOfBackdrop(p, &m, photo)->lights.sun;
        QVERIFY(
            std::abs(turnBetween(sun.azimuth, 70)) < 0.5 && std::abs(sun.elevation - 30) < 0.5 && sun.kelvin == 4300);
        m.light.confidence = 0.1; // cannot tell: soft
        QVERIFY(lightOfBackdrop(p, &m, photo)->lights.sun.diameter > 20);
    }
    void hazeIsReadFromTheDarks()
    {
        const auto haze = [](int far) {
            const Photo photo = skyAndGround(200, 120, {}, far);
            Project p = withPicture(withOne(), photo);
            p = withBackdropChosen(p, p.references[0].id, nullptr);
            return lightOfBackdrop(p, nullptr, photo)->lights.air.halfContrastM;
        };
        QCOMPARE(haze(-1), 0.0);
        const double thin = haze(90), thick = haze(150);
        QVERIFY2(thick > 0 && (thin == 0 || thin > thick), qPrintable(QString("%1 %2").arg(thin).arg(thick)));
    }
    void newThingsStandWhereTheyAreSeen_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<double>("eyeHeight");
        QTest::addColumn<double>("horizon");
        QTest::newRow("somebody") << "somebody" << 1.7 << 18.0;
        QTest::newRow("a moth, as small as it is") << "moth" << 1.7 << 18.0;
        QTest::newRow("from a tower") << "somebody" << 30.0 << 4.0;
        QTest::newRow("from the grass") << "somebody" << 0.2 << 36.0;
        QTest::newRow("no ground to be seen") << "somebody" << 1.7 << 45.0;
    }
    void newThingsStandWhereTheyAreSeen()
    {
        QFETCH(QString, name);
        QFETCH(double, eyeHeight);
        QFETCH(double, horizon);
        Project p = freshWork("made");
        p.camera.eyeHeightM = eyeHeight, p.camera.horizonCm = horizon;
        p = withUsualHeight(std::move(p), {"moth", 0.05, 0.03, 0.08, false});
        Element e = edits::standinOf(Solid::Figure);
        e.name = name.toStdString();
        e = firstPlace(p, e);
        const auto place = stage::placementOf(p, e, {0, 0, 200, 400});
        QVERIFY(place.visible);
        const Rect on = place.canvas.cutTo({0, 0, p.brief.widthCm, p.brief.heightCm});
        QVERIFY2(on.height > 0.12 * p.brief.heightCm && on.width > 1,
            qPrintable(QString("%1 cm of %2").arg(on.height).arg(place.canvas.height)));
        QCOMPARE(e.heightM, name == "moth" ? 0.05 : 1.7);
        // A second one does not stand in its way.
        p = edits::withElement(std::move(p), e);
        QVERIFY(std::abs(firstPlace(p, e).baseCm.x - e.baseCm.x) > 4);
    }
    void whatIsUprightStandsAtItsFoot()
    {
        Project p = withPicture(withOne(), skyAndGround(120, 90));
        const auto m = measure(0.5, 1);
        p = withBackdropChosen(p, p.references[0].id, &m);
        const std::vector<Vec2> wall{{10, 5}, {24, 8}, {24, 29}, {11, 30}};
        const auto stood = withUprightStood(p, wall, "wall");
        QVERIFY(bool(stood));
        const Element& e = stood->elements.back();
        const auto place = stage::placementOf(*stood, e, stage::shapeOf(stood->cutout(e.cutout)->alpha), 0.5);
        // It covers just what was outlined, and stands where its foot touches the ground.
        QVERIFY2(std::abs(place.canvas.x - 10) < 0.15 && std::abs(place.canvas.right() - 24) < 0.15
                && std::abs(place.canvas.y - 5) < 0.15 && std::abs(place.canvas.bottom() - 30) < 0.15,
            qPrintable(QString("%1 %2 %3 %4")
                           .arg(place.canvas.x)
                           .arg(place.canvas.y)
                           .arg(place.canvas.right())
                           .arg(place.canvas.bottom())));
        QVERIFY(std::abs(place.distance - stage::groundDistance(stage::eyeOf(p), 30)) < 1e-6);
        QVERIFY(!withUprightStood(p, {{1, 1}, {5, 5}}, "line"));
        QVERIFY(!withUprightStood(p, {{1, 1}, {9, 1}, {9, 9}}, "bird")); // no ground under it
        QVERIFY(!withUprightStood(withOne(), wall, "nothing behind"));
    }
    void onlyWhatIsMissingIsProposed()
    {
        Project p = freshWork("made");
        gather::Measures measures;
        std::set<std::string> away;
        const auto key = [&] { return nextStep(p, measures, away).key; };
        QCOMPARE(key(), std::string("bring"));
        p = withPicture(std::move(p), kit::plain(200, 400, {50, 60, 70}), "figure");
        p = withPicture(std::move(p), kit::plain(900, 500, {90, 90, 90}), "place");
        const int place = p.references[1].id;
        measures[place] = measure(0.4, 0.2);
        QCOMPARE(key(), std::string("backdrop"));
        QCOMPARE(nextStep(p, measures, away).id, place);
        p = withBackdropChosen(std::move(p), place, &measures[place]);
        QCOMPARE(key(), std::string("eye"));
        p = withEyeLevelSaid(std::move(p), 15);
        QCOMPARE(key(), std::string("cut"));
        Cutout c;
        c.reference = p.references[0].id;
        c.alpha = Mask(200, 400, std::vector<std::uint8_t>(200 * 400, 255));
        p = edits::withCutout(std::move(p), c);
        QCOMPARE(key(), std::string("stand"));
        Element e;
        e.name = "figure", e.cutout = p.cutouts[0].id;
        p = edits::withElement(std::move(p), firstPlace(p, e));
        QCOMPARE(key(), std::string("size"));
        away.insert("size");
        QCOMPARE(key(), std::string("light"));
        p.lights.sun.on = false, p.lights.sun.kelvin = 5500; // as by night
        QCOMPARE(key(), std::string("lantern"));
        p.lights.lanterns.push_back({1, "lamp"});
        QCOMPARE(key(), std::string());
    }
};

RL_TEST(TestFirstSteps)
#include "tst_first_steps.moc"
