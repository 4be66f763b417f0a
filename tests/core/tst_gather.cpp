#include "core/colour/srgb.h"
#include "core/colour/temperature.h"
#include "core/gather/fit.h"
#include "core/project/edits.h"
#include "core/project/ledger.h"
#include "core/stage/match.h"
#include "tests/kit/boxes.h"
#include "tests/kit/cut_cases.h"
#include "tests/kit/eye_cases.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::gather;

namespace {
Project wallOf(const std::vector<Photo>& photos)
{
    Project p;
    int i = 0;
    for (const Photo& photo : photos)
        p = edits::withReference(std::move(p), kit::referenceOf("picture " + std::to_string(++i), photo));
    return p;
}
PictureMeasure lit(double azimuth, double elevation, double kelvin = 5500, double dark = 10)
{
    PictureMeasure m;
    m.light = {azimuth, elevation, 0.9};
    m.softness = 0.4;
    m.lightKelvin = kelvin;
    m.darkL = dark;
    return m;
}
Photo developed(const cv::Mat& linear)
{
    return colour::codeOf(LinearPicture::fromMat(linear));
}
} // namespace

class TestGather : public QObject {
    Q_OBJECT
private slots:
    void eyeLevelOfBoxesIsFound()
    {
        std::vector<double> off;
        int unsure = 0;
        for (unsigned seed = 1; seed <= 24; ++seed) {
            const kit::Boxes b = kit::boxes(seed);
            const EyeLevel e = eyeLevelOf(b.photo);
            unsure += e.confidence < 0.25;
            off.push_back(degrees(std::atan(std::abs(e.y - b.eyeLevel) / b.focalPx)));
        }
        std::sort(off.begin(), off.end());
        QVERIFY2(off[12] < 0.5, qPrintable(QString("median %1°").arg(off[12])));
        QVERIFY2(unsure <= 4, qPrintable(QString::number(unsure)));
    }

    void noLinesNoEyeLevel()
    {
        std::mt19937 random(5);
        std::vector<Rgb8> noise;
        for (int i = 0; i < 500 * 400; ++i) {
            const auto v = std::uint8_t(random() >> 24);
            noise.push_back({v, v, v});
        }
        QVERIFY(eyeLevelOf(Photo(500, 400, noise)).confidence < 0.25);
        QVERIFY(eyeLevelOf(kit::plain(400, 300, {90, 90, 90})).confidence < 0.25);
        // Lines in all directions meet nowhere.
        std::vector<Segment> scattered;
        for (int i = 0; i < 60; ++i) {
            const double a = double(random() >> 8) / 2e6, x = double(random() % 1000), y = double(random() % 700);
            scattered.push_back({{x, y}, {x + 60 * std::cos(a), y + 60 * std::sin(a)}});
        }
        QVERIFY(eyeLevelOf(scattered, 1000, 700).confidence < 0.25);
    }

    void whatIsSaidOfTheEyeLevelIsAsOftenRight()
    {
        const kit::EyeHeld held = kit::eyeHeld(kit::eyeCases(300, 6), 0.55);
        QVERIFY2(held.claimed >= 9 && held.claimedUnknown <= 2,
            qPrintable(QString("%1 %2").arg(held.claimed).arg(held.claimedUnknown)));
        QVERIFY2(held.often() > held.said - 0.1, qPrintable(QString("%1 said %2").arg(held.often()).arg(held.said)));
    }

    void landscapesHaveAHorizon()
    {
        // The demo's two flats: their horizon is drawn at half height, behind low hills.
        const auto photos = kit::photographs();
        for (const std::size_t i : {std::size_t(0), std::size_t(1)}) {
            NoProgress progress;
            const PictureMeasure m = measured(photos[i], {}, progress);
            QVERIFY2(m.eyeConfidence >= 0.25 && std::abs(m.eyeLevel - 0.5) < 0.06,
                qPrintable(QString("%1 %2").arg(m.eyeLevel).arg(m.eyeConfidence)));
            QVERIFY2(m.light.confidence < 0.25, "there is no figure to read the light off");
        }
        QVERIFY(horizonOf(kit::plain(400, 300, {90, 90, 90})).confidence < 0.45);
    }

    void twoOfOneHeightGiveTheEyeLevel()
    {
        // Posts 2 m high at 5 and 9 m, eye at 1.6 m, f = 1000 px, eye level at y = 400.
        const auto foot = [](double x, double z) { return Vec2{500 + 1000 * x / z, 400 + 1000 * 1.6 / z}; };
        const auto head = [](double x, double z) { return Vec2{500 + 1000 * x / z, 400 - 1000 * 0.4 / z}; };
        const auto y = eyeLevelOfEquals(foot(-1, 5), head(-1, 5), foot(2, 9), head(2, 9));
        QVERIFY(y && std::abs(*y - 400) < 1e-6);
        QVERIFY(!eyeLevelOfEquals({0, 10}, {0, 0}, {50, 10}, {50, 0})); // side by side: no meeting
    }

    void colourTemperatures_data()
    {
        QTest::addColumn<double>("kelvin");
        for (const double k : {2200.0, 3000.0, 4500.0, 5500.0, 6500.0, 9000.0})
            QTest::newRow(qPrintable(QString("%1 K").arg(k))) << k;
    }
    void colourTemperatures()
    {
        QFETCH(double, kelvin);
        // A black body measures as itself: McCamy's formula is good to about 2 % in this range.
        const double found = colourTemperature(colour::blackBody(kelvin));
        QVERIFY2(std::abs(found / kelvin - 1) < 0.03, qPrintable(QString::number(found)));
        QCOMPARE(colourTemperature({0.05f, 0.6f, 0.05f}), 0.0); // green is no daylight colour
    }

    void palettesHoldTheColours()
    {
        cv::Mat m(120, 160, CV_8UC3);
        m.colRange(0, 80).setTo(cv::Scalar(200, 40, 30));
        m.colRange(80, 120).setTo(cv::Scalar(30, 60, 180));
        m.colRange(120, 160).setTo(cv::Scalar(230, 220, 200));
        const auto palette = paletteOf(Photo::fromMat(m), {});
        double red = 0, sum = 0;
        for (const Swatch& s : palette) {
            sum += s.share;
            if (std::abs(s.colour.r - 200) < 4 && std::abs(s.colour.g - 40) < 4)
                red += s.share;
        }
        QVERIFY(std::abs(red - 0.5) < 0.02);
        QVERIFY(std::abs(sum - 1) < 1e-6);
    }

    void sharpnessIsTheWidthOfTheEdges_data()
    {
        QTest::addColumn<double>("sigma");
        QTest::newRow("crisp") << 1.0;
        QTest::newRow("soft") << 2.0;
        QTest::newRow("blurred") << 4.0;
    }
    void sharpnessIsTheWidthOfTheEdges()
    {
        QFETCH(double, sigma);
        cv::Mat m(300, 400, CV_8UC1, cv::Scalar(60)), rgb;
        for (int i = 0; i < 5; ++i)
            m(cv::Rect(40 + 70 * i, 40, 35, 220)).setTo(180);
        cv::GaussianBlur(m, m, cv::Size(), sigma);
        cv::cvtColor(m, rgb, cv::COLOR_GRAY2RGB);
        const double width = edgeWidth(Photo::fromMat(rgb));
        QVERIFY2(std::abs(width / (2.563 * sigma) - 1) < 0.25,
            qPrintable(QString::number(width))); // 10–90 % of a Gaussian edge
    }

    void grainIsMeasuredInL()
    {
        cv::Mat L(400, 400, CV_32FC1), linear(400, 400, CV_32FC3);
        cv::RNG random(3);
        random.fill(L, cv::RNG::NORMAL, 50, 1.5);
        for (int y = 0; y < 400; ++y)
            for (int x = 0; x < 400; ++x)
                linear.at<cv::Vec3f>(y, x) = cv::Vec3f::all(colour::luminanceOf(L.at<float>(y, x)));
        const double noise = grainOf(developed(linear));
        QVERIFY2(std::abs(noise - 1.5) < 0.25, qPrintable(QString::number(noise)));
        QVERIFY(grainOf(kit::plain(300, 300, {120, 120, 120})) < 0.05);
    }

    void theRangeIsThatOfThePicture()
    {
        cv::Mat linear(200, 200, CV_32FC3, cv::Scalar::all(double(colour::luminanceOf(20))));
        linear.rowRange(100, 200).setTo(cv::Scalar::all(double(colour::luminanceOf(80))));
        NoProgress progress;
        const PictureMeasure m = measured(developed(linear), {}, progress);
        QVERIFY(std::abs(m.darkL - 20) < 0.6 && std::abs(m.lightL - 80) < 0.6);
        QVERIFY(m.light.confidence < 0.25);
    }

    void theCutOutsLightIsTaken()
    {
        const kit::Disc d = kit::litDisc(400, 150, 60, 30, 0.3);
        NoProgress progress;
        const PictureMeasure m = measured(d.photo, d.mask, progress);
        QVERIFY(m.lightOfCutout && m.light.confidence > 0.5);
        QVERIFY(std::abs(turnBetween(m.light.azimuth, 60)) < 8);
        QVERIFY2(std::abs(m.softness - 0.33) < 0.12, qPrintable(QString::number(m.softness))); // 0.3 of ambient
        Overrule word;
        word.lightSet = true;
        word.light = {200, -10, 0};
        QCOMPARE(overruled(m, word).light.azimuth, 200.0);
        QCOMPARE(overruled(m, word).light.confidence, 1.0);
    }

    void nearlyTheSamePictureIsKnown()
    {
        const auto photos = kit::photographs();
        for (std::size_t i = 0; i < photos.size(); ++i) {
            cv::Mat smaller, bgr;
            cv::resize(photos[i].mat(), smaller, cv::Size(), 0.4, 0.4, cv::INTER_AREA);
            std::vector<unsigned char> jpeg;
            cv::imencode(".jpg", smaller * 1.08, jpeg, {cv::IMWRITE_JPEG_QUALITY, 50});
            const Photo copy = Photo::fromMat(cv::imdecode(jpeg, cv::IMREAD_COLOR));
            QVERIFY(differingBits(likenessOf(photos[i]), likenessOf(copy)) <= kNearlyTheSame);
            for (std::size_t k = 0; k < i; ++k)
                QVERIFY(differingBits(likenessOf(photos[i]), likenessOf(photos[k])) > kNearlyTheSame);
        }
        const Project p = wallOf({photos[0], photos[0], photos[1]});
        const auto twins = twinsOf(p, {});
        QCOMPARE(twins.size(), std::size_t(1)); // the same file, without any likeness at hand
        QVERIFY(twins[0].sameFile);
    }

    void theBestFitNeedsLeast()
    {
        Project p = wallOf({kit::plain(400, 300, {90, 90, 90}), kit::plain(400, 300, {91, 90, 90}),
            kit::plain(400, 300, {92, 90, 90}), kit::plain(400, 300, {93, 90, 90})});
        Measures m;
        m[p.references[0].id] = lit(150, 30); // the lead: from the upper left
        m[p.references[1].id] = lit(145, 25);
        m[p.references[2].id] = lit(30, 30); // mirrored, the same
        m[p.references[3].id] = lit(270, 10, 2500, 40); // from below, warm, with a pale black
        const auto all = ranked(p, p.references[0].id, m, shapesOf(p));
        QCOMPARE(all.size(), std::size_t(3));
        QCOMPARE(all[0].reference, p.references[1].id);
        QCOMPARE(all[1].reference, p.references[2].id);
        QVERIFY(!all[0].mirrored && all[1].mirrored);
        QCOMPARE(all[2].reference, p.references[3].id);
        for (const Candidate& c : all)
            for (const Reason& r : c.reasons)
                QVERIFY(!r.sentence.empty() && !r.unit.empty() && r.cost >= 0);
        // The painter's word counts: told that the last is lit like the lead, its light costs nothing.
        p.references[3].overrule.lightSet = true;
        p.references[3].overrule.light = {150, 30, 1};
        for (const Candidate& c : ranked(p, p.references[0].id, m, shapesOf(p)))
            if (c.reference == p.references[3].id)
                for (const Reason& r : c.reasons)
                    if (r.what == "light")
                        QVERIFY(r.cost < 0.05);
    }

    void facesNeedMorePixels()
    {
        Project p = wallOf({kit::plain(400, 300, {90, 90, 90})});
        p.brief.viewingDistanceCm = 300;
        const double far = enoughPixels(p, p.references[0]);
        QVERIFY(std::abs(far - 1 / (300 * std::tan(radians(1.0 / 60)))) < 1e-9);
        p.references[0].roles = 1U << int(Role::Face);
        QCOMPARE(enoughPixels(p, p.references[0]), 60.0);
    }

    void theLedgerKeepsItsFields()
    {
        Project p = wallOf({kit::plain(40, 30, {90, 90, 90})});
        p.references[0].name = "a \"quoted\", name";
        p.references[0].credit = "=SUM(A1)";
        p.references[0].permission = Permission::ToAsk;
        const std::string csv = ledgerCsv(p);
        QVERIFY(csv.find("\"a \"\"quoted\"\", name\"") != std::string::npos);
        QVERIFY(csv.find("\"'=SUM(A1)\"") != std::string::npos); // never taken for a formula
        QVERIFY(csv.find("permission not asked yet") != std::string::npos);
        QCOMPARE(std::count(csv.begin(), csv.end(), '\n'), std::ptrdiff_t(2));
    }

    void aStudyIsThePictureItself()
    {
        const Project p = edits::studyOf(kit::referenceOf("old master", kit::plain(800, 500, {90, 90, 90})), 0.3);
        QCOMPARE(p.brief.widthCm, 60.0);
        QCOMPARE(p.brief.heightCm, 37.5);
        QVERIFY(std::abs(p.camera.horizonCm - 0.3 * 37.5) < 1e-9);
        QCOMPARE(p.backdrop.reference, p.references[0].id);
        QVERIFY(!p.lights.sun.on);
    }

    void matchingReachesTheWishedTones()
    {
        Project p = kit::postWork();
        cv::Mat m(420, 60, CV_8UC3);
        for (int y = 0; y < 420; ++y)
            m.row(y).setTo(cv::Scalar::all(40 + y / 3)); // a grey ramp
        p.references[0].pixels = kit::held(Photo::fromMat(m));
        stage::SurfaceCache cache;
        const Tone t = stage::matchedTone(p, p.elements[0], cache, 1);
        const stage::ToneRange behind = stage::toneBehind(p, p.elements[0], cache);
        QVERIFY(std::abs(t.darkTo - behind.darkL) < 1e-9);
        QVERIFY(t.lightTo <= t.lightFrom + 1e-9 && t.lightTo > t.darkTo); // never brighter than it was
        QVERIFY(std::abs(t.darkFrom - stage::toneOf(*cache.surface(p, p.elements[0])).darkL) < 1e-9);
        QCOMPARE(t.amount, 1.0);
    }
};

RL_TEST(TestGather)
#include "tst_gather.moc"
