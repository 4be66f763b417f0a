#include "core/base/words.h"
#include "core/project/edits.h"
#include "core/project/takes.h"
#include "core/review/cut_free.h"
#include "core/review/picture_study.h"
#include "core/review/put_right.h"
#include "core/review/review.h"
#include "tests/kit/frames.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include "tests/kit/tiny.h"
#include <QRegularExpression>
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::review;
using kit::Pixel;

namespace {
/// Three patches on an even ground: a dark one on the left third, a red one, a pale one.
light::Picture patches()
{
    return kit::pictureBy(600, 400, 60, [](double x, double y) {
        const double grain = kit::grainAt(kit::GrainKind::Fine, x, y, 3) / 10;
        if (std::hypot(x - 200, y - 133) < 70)
            return Pixel{1, 12 + grain};
        if (std::abs(x - 430) < 60 && std::abs(y - 130) < 60)
            return Pixel{2, 45 + grain, 55, 30};
        if (std::abs(x - 380) < 130 && std::abs(y - 320) < 40)
            return Pixel{3, 90 + grain};
        return Pixel{0, 60 + grain, 0, -12};
    });
}
PictureStudy studied(const light::Picture& p, const IdMap& ids = {}, int wanted = 4)
{
    NoProgress progress;
    return studyOf(p.colour, ids, {{1, "the stone"}}, {60, 40, 200}, wanted, progress);
}
} // namespace

class TestStudy : public QObject {
    Q_OBJECT
private slots:
    void partsAreFoundByThemselves()
    {
        const auto p = patches();
        const PictureStudy s = studied(p);
        QCOMPARE(s.regions.size(), std::size_t(3)); // the fourth is the ground
        for (int truth = 1; truth <= 3; ++truth) { // each is one of them, all but its rim
            double best = 0;
            for (const auto& r : s.regions) {
                const cv::Mat a = p.ids.mat() == truth, b = s.picture.ids.mat() == r.id;
                best = std::max(best, cv::countNonZero(a & b) / double(cv::countNonZero(a | b)));
            }
            QVERIFY2(best > 0.88, qPrintable(QString("part %1: %2").arg(truth).arg(best)));
        }
        QVERIFY(s.regions[0].share >= s.regions[1].share && s.regions[1].share >= s.regions[2].share);
        const auto red = std::find_if(
            s.regions.begin(), s.regions.end(), [](const auto& r) { return r.name.find("red") != std::string::npos; });
        QVERIFY(red != s.regions.end() && red->name.find("upper right") != std::string::npos);
    }

    void linesAreNamed()
    {
        const PictureStudy s = studied(patches(), patches().ids);
        QCOMPARE(s.name(1), std::string("the stone"));
        bool left = false, upper = false;
        for (const auto& l : s.onLines)
            if (l.region == 1)
                left = left || l.line == "the left third", upper = upper || l.line == "the upper third";
        QVERIFY(left && upper);
        QVERIFY(!s.eyeLevel); // there are no lines that run together
        const auto told = sentencesOf(s);
        QVERIFY(told.size() >= 5 && told[0].find("the stone") != std::string::npos);
        const auto cannot = std::any_of(told.begin(), told.end(),
            [](const std::string& t) { return t.find("cannot be measured") != std::string::npos; });
        QVERIFY(cannot);
    }

    /// In another language no word of this one is left: not of parts, places, lines, hues, nor what draws.
    void itIsSaidInAnotherLanguage()
    {
        speak("de");
        const auto told = sentencesOf(studied(patches())); // its parts named by themselves
        speak("en");
        QVERIFY(told.size() >= 5);
        static const QRegularExpression english(
            "\\b(the|of|and|upper|lower|left|right|middle|dark|pale|red|blue|green|yellow|value|colour|size)\\b");
        for (const std::string& t : told)
            QVERIFY2(!QString::fromStdString(t).remove("the stone").contains(english), t.c_str()); // a name given
    }

    void aStudyIsGivenUp()
    {
        struct No final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } no;
        QVERIFY(studyOf(patches().colour, {}, {}, {}, 5, no).picture.colour.empty());
        NoProgress progress;
        QVERIFY(reading::regionsIn(LinearPicture(), 5, progress).all.empty());
        QVERIFY(
            reading::regionsIn(kit::pictureBy(40, 30, 10, [](double, double) { return Pixel{}; }).colour, 60, progress)
                .all.size()
            <= 60);
    }

    void strongPlacesOfTheBackdropAreFound_data()
    {
        QTest::addColumn<double>("L"); // of the patch; the ground has 50
        QTest::addColumn<bool>("found");
        QTest::newRow("bright") << 92.0 << true;
        QTest::newRow("dark") << 8.0 << true;
        QTest::newRow("hardly another") << 53.0 << false;
    }
    void strongPlacesOfTheBackdropAreFound()
    {
        QFETCH(double, L);
        QFETCH(bool, found);
        const auto p = kit::pictureBy(900, 600, 60, [=](double x, double y) {
            return std::hypot(x - 720, y - 150) < 45 ? Pixel{0, L}
                : std::hypot(x - 250, y - 400) < 60  ? Pixel{1, 42}
                                                     : Pixel{0, 50};
        });
        const auto a = reading::attention(p.colour, p.ids, {60, 40, 200}, 384, true);
        QCOMPARE(!a.places.empty(), found);
        if (!found)
            return;
        const reading::StrongPlace& s = a.places[0];
        QVERIFY(std::abs(s.at.centre().x - 720) < 12 && std::abs(s.at.centre().y - 150) < 12);
        QVERIFY(s.dL * (L - 50) > 0 && s.share > 0.3);
        QVERIFY(s.inside.width() > 0 && reading::attention(p.colour, p.ids, {60, 40, 200}).places.empty());
    }

    /// Before anything stands there, places are held against one another, and nothing is said of them.
    void placesOfABackdropAloneShareIt()
    {
        const auto p = kit::pictureBy(900, 600, 60, [](double x, double y) {
            return std::hypot(x - 720, y - 150) < 45 ? Pixel{0, 92}
                : std::hypot(x - 200, y - 400) < 60  ? Pixel{0, 10}
                                                     : Pixel{0, 50};
        });
        const auto a = reading::attention(p.colour, p.ids, {60, 40, 200}, 384, true);
        QCOMPARE(a.places.size(), std::size_t(2));
        QVERIFY(std::abs(a.places[0].share + a.places[1].share - 1) < 1e-6 && a.places[1].share > 0.2);
        const Project empty;
        for (const Finding& f : reading::readFindings(empty, p, reading::read(empty, p)))
            QVERIFY2(!f.key.starts_with("read.place") && !f.key.starts_with("read.leak"), f.key.c_str());
    }

    void pullIsSplitExactly()
    {
        const auto p = patches();
        const auto a = reading::attention(p.colour, p.ids, {60, 40, 200});
        for (const auto& [id, parts] : a.parts) {
            // With three things the median of the others is a mean of two, so only the strongest term is held.
            const auto most = std::max_element(parts.begin(), parts.end()) - parts.begin();
            QCOMPARE(a.drivers.at(id), std::string(reading::kPullNames[most]));
            for (const double t : parts)
                QVERIFY(std::isfinite(t));
        }
        QCOMPARE(a.parts.size(), a.share.size());
    }

    /// The strongest step of value, the strongest colour, the sharpest edge: each lies where it was put.
    void peaksLieWhereTheyWerePut()
    {
        const auto p = kit::pictureBy(900, 600, 60, [](double x, double y) {
            if (std::hypot(x - 200, y - 200) < 60)
                return Pixel{1, 96};
            if (std::hypot(x - 650, y - 220) < 60)
                return Pixel{2, 50, 60, 40};
            const double soft = std::hypot(x - 430, y - 450) - 60;
            return soft < 0 ? Pixel{3, 45} : Pixel{0, 50 - 5 * std::exp(-soft / 30)};
        });
        const auto a = reading::attention(p.colour, p.ids, {60, 40, 200});
        QCOMPARE(a.peakIn[0], 1);
        QCOMPARE(a.peakIn[1], 2);
        QVERIFY((a.peaks[0] - Vec2{200, 200}).length() < 110 && (a.peaks[1] - Vec2{650, 220}).length() < 110);
        QVERIFY(a.peakIn[4] == 1 || a.peakIn[4] == 2);
    }

    void leaksAreToldByEdge_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        QTest::addColumn<int>("edge");
        QTest::newRow("left") << 20.0 << 300.0 << int(reading::LeftEdge);
        QTest::newRow("right") << 880.0 << 300.0 << int(reading::RightEdge);
        QTest::newRow("top") << 450.0 << 20.0 << int(reading::TopEdge);
        QTest::newRow("bottom") << 450.0 << 580.0 << int(reading::BottomEdge);
    }
    void leaksAreToldByEdge()
    {
        QFETCH(double, x);
        QFETCH(double, y);
        QFETCH(int, edge);
        const auto p = kit::pictureBy(900, 600, 60, [=](double u, double v) {
            return std::hypot(u - x, v - y) < 40    ? Pixel{2, 95}
                : std::hypot(u - 430, v - 310) < 60 ? Pixel{1, 45}
                                                    : Pixel{0, 50};
        });
        const auto a = reading::attention(p.colour, p.ids, {60, 40, 200});
        QCOMPARE(int(std::max_element(a.leaks.begin(), a.leaks.end()) - a.leaks.begin()), edge);
        QCOMPARE(a.leakCause[std::size_t(edge)], 2);
        QVERIFY(a.leaks[std::size_t(edge)] > 1);
    }

    void aPlaceIsCutFreeWhereItIs()
    {
        Project p = kit::postWork();
        cv::Mat m(400, 600, CV_8UC3, cv::Scalar(90, 90, 110));
        cv::circle(m, {450, 90}, 40, cv::Scalar(240, 235, 220), cv::FILLED, cv::LINE_AA);
        p = edits::withReference(std::move(p), kit::referenceOf("sky", Photo::fromMat(m)));
        p.backdrop.reference = p.references.back().id;
        p.backdrop.horizon = 0.4, p.camera.horizonCm = 16;
        p.lights.sun.on = false;
        stage::SurfaceCache cache;
        NoProgress progress;
        const Review r = review::review(p, cache, progress);
        QVERIFY(!r.reading.attention.places.empty());
        const auto& place = r.reading.attention.places[0];
        const auto after = withPlaceCutFree(p, place, r.picture.pixelsPerCm);
        QVERIFY(bool(after));
        const Element& e = after->elements.back();
        const Rect was{place.at.x / r.picture.pixelsPerCm, place.at.y / r.picture.pixelsPerCm,
            place.at.width / r.picture.pixelsPerCm, place.at.height / r.picture.pixelsPerCm};
        const Rect is = stage::placed(*after, e, cache).canvas;
        QVERIFY2(std::abs(is.centre().x - was.centre().x) < 1.5 && std::abs(is.centre().y - was.centre().y) < 1.5,
            qPrintable(
                QString("%1 %2, %3 %4").arg(is.centre().x).arg(is.centre().y).arg(was.centre().x).arg(was.centre().y)));
        QVERIFY(std::abs(is.width / was.width - 1) < 0.4);
        p.backdrop.reference = 0;
        QVERIFY(!withPlaceCutFree(p, place, r.picture.pixelsPerCm));
    }

    void aLookIsKeptInTones_data()
    {
        QTest::addColumn<double>("lights");
        QTest::addColumn<double>("darks");
        QTest::addColumn<double>("all");
        QTest::addColumn<double>("saturation"); // ln
        QTest::newRow("lights lighter") << 15.0 << 0.0 << 0.0 << 0.0;
        QTest::newRow("darks darker") << 0.0 << -15.0 << 0.0 << 0.0;
        QTest::newRow("all darker") << 0.0 << 0.0 << -12.0 << 0.0;
        QTest::newRow("less colour") << 0.0 << 0.0 << 0.0 << -1.0;
    }
    void aLookIsKeptInTones()
    {
        QFETCH(double, lights);
        QFETCH(double, darks);
        QFETCH(double, all);
        QFETCH(double, saturation);
        Project p = kit::postWork();
        const Photo banded = [] {
            cv::Mat m(300, 200, CV_8UC3);
            for (int y = 0; y < 300; ++y)
                m.row(y).setTo(y < 150 ? cv::Scalar(200, 150, 110) : cv::Scalar(90, 60, 40));
            return Photo::fromMat(m);
        }();
        p = edits::withReference(std::move(p), kit::referenceOf("banded", banded));
        p.backdrop.reference = p.references.back().id;
        reading::Touch t;
        t.lights = lights, t.darks = darks, t.dL = all, t.saturation = saturation;
        const auto frame = kit::frameOf(p, 500);
        light::Relighter before, after;
        const light::Picture was = before.light(frame, p.lights);
        const Project q = withLook(p, *frame, was, t);
        QVERIFY(!(q.backdrop == p.backdrop) && !(q.elements[0] == p.elements[0]));
        const light::Picture is = after.light(kit::frameOf(q, 500), q.lights);
        const auto plan = [](const light::Picture& x) { return reading::valuePlan(x.colour, x.ids).all; };
        const auto a = plan(was), b = plan(is);
        if (lights > 0)
            QVERIFY2(b.lightest > a.lightest + 4, qPrintable(QString("%1 %2").arg(b.lightest).arg(a.lightest)));
        if (darks < 0)
            QVERIFY2(b.darkest < a.darkest - 2, qPrintable(QString("%1 %2").arg(b.darkest).arg(a.darkest)));
        if (all < 0)
            QVERIFY(b.middle < a.middle - 4);
        if (saturation < 0)
            QVERIFY(reading::colourPlan(is).meanChroma < 0.7 * reading::colourPlan(was).meanChroma);
        // On one thing alone the rest stays.
        t.element = p.elements[0].id;
        QVERIFY(withLook(p, *frame, was, t).backdrop == p.backdrop);
    }
};

RL_TEST(TestStudy)
#include "tst_study.moc"
