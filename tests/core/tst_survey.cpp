#include "core/colour/srgb.h"
#include "core/survey/corner_tags.h"
#include "core/survey/sides.h"
#include "core/survey/survey.h"
#include "core/survey/work_survey.h"
#include "devices/camera.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::survey;

namespace {
constexpr double kWide = 60, kHigh = 40;

/// A plan with something to hold on to: hills, discs, bars of many colours, made from a seed.
Photo madePlan(unsigned seed, int wide = 720, int high = 480)
{
    std::mt19937 random(seed);
    cv::Mat m(high, wide, CV_8UC3, cv::Scalar(150, 130, 110));
    const auto colour = [&] {
        return cv::Scalar(40 + double(random() % 190), 40 + double(random() % 190), 40 + double(random() % 190));
    };
    for (int band = 0; band < 5; ++band) {
        std::vector<cv::Point> hill{{0, high}};
        const double base = high * (0.25 + 0.17 * band), a = 20 + double(random() % 30),
                     f = 80 + double(random() % 120), s = double(random() % 7);
        for (int x = 0; x <= wide; x += 8)
            hill.push_back({x, int(base + a * std::sin(x / f + s))});
        hill.push_back({wide, high});
        cv::fillPoly(m, std::vector<std::vector<cv::Point>>{hill}, colour());
    }
    for (int i = 0; i < 12; ++i) {
        const cv::Point at(40 + int(random() % unsigned(wide - 80)), 40 + int(random() % unsigned(high - 80)));
        const int size = 14 + int(random() % 34);
        if (i % 2)
            cv::circle(m, at, size, colour(), cv::FILLED, cv::LINE_AA);
        else
            cv::rectangle(m, cv::Rect(at.x - size, at.y - size / 2, 2 * size, size), colour(), cv::FILLED);
        cv::circle(m, at + cv::Point(size / 3, -size / 4), size / 4, colour(), cv::FILLED, cv::LINE_AA);
    }
    cv::Mat noise(m.size(), CV_8UC3);
    cv::RNG rng(seed);
    rng.fill(noise, cv::RNG::NORMAL, 0, 6);
    m += noise;
    return Photo::fromMat(m);
}
devices::SimulatedEasel easelOf(
    unsigned seed, double tilt = 0.4, double k1 = 0.02, double lamp = 0.4, bool tags = false, int longPx = 1500)
{
    devices::SimulatedEasel::Room room;
    room.seed = seed, room.tilt = tilt, room.k1 = k1, room.lamp = lamp, room.tags = tags, room.longPx = longPx;
    return {kWide, kHigh, room};
}
std::vector<Vec2> raster()
{
    std::vector<Vec2> all;
    for (int y = 1; y < 5; ++y)
        for (int x = 1; x < 7; ++x)
            all.push_back({kWide * x / 7, kHigh * y / 5});
    return all;
}
std::array<double, 4> cornerErrorsMm(const CanvasView& found, const CanvasView& truth)
{
    std::array<double, 4> mm{};
    const Corners a = found.corners(), b = truth.corners();
    for (std::size_t i = 0; i < 4; ++i)
        mm[i] = (a[i] - b[i]).length() / truth.pxPerCm() * 10;
    return mm;
}
Asked asked()
{
    Asked a;
    a.widthCm = kWide, a.heightCm = kHigh, a.landmarks = raster();
    return a;
}
double median(std::vector<double> v)
{
    std::sort(v.begin(), v.end());
    return v[v.size() / 2];
}
} // namespace

/// A photograph of the canvas squared up and held against the plan, against rooms in which all is known.
class TestSurvey : public QObject {
    Q_OBJECT
    NoProgress m_progress;

private slots:
    void aViewGoesBothWays_data()
    {
        QTest::addColumn<double>("k1");
        QTest::addColumn<int>("seed");
        for (const double k1 : {-0.12, -0.03, 0.0, 0.05, 0.13})
            for (int seed = 1; seed <= 3; ++seed)
                QTest::addRow("k1 %.2f, room %d", k1, seed) << k1 << seed;
    }
    void aViewGoesBothWays()
    {
        QFETCH(double, k1);
        QFETCH(int, seed);
        const auto easel = easelOf(unsigned(seed), 0.8, k1);
        const CanvasView& v = easel.view();
        for (double y = -5; y <= kHigh + 5; y += 7.5)
            for (double x = -5; x <= kWide + 5; x += 7.5) {
                const Vec2 back = v.cmAt(v.photoAt({x, y}));
                QVERIFY2(std::abs(back.x - x) < 1e-4 && std::abs(back.y - y) < 1e-4,
                    qPrintable(QString("%1 %2").arg(back.x - x).arg(back.y - y)));
            }
        // The same photograph at half its size shows the same canvas.
        const CanvasView half = v.scaled(0.5);
        for (const Vec2 c : {Vec2{0, 0}, Vec2{30, 20}, Vec2{60, 40}}) {
            const Vec2 p = v.photoAt(c), q = half.photoAt(c);
            QVERIFY(std::abs((p.x + 0.5) / 2 - 0.5 - q.x) < 0.06 && std::abs((p.y + 0.5) / 2 - 0.5 - q.y) < 0.06);
        }
    }
    void straightLinesStayStraightUnderTheHomography()
    {
        const auto easel = easelOf(4, 0.9, 0.1);
        const CanvasView& v = easel.view();
        const Vec2 a = v.straightAt({0, 10}), b = v.straightAt({60, 10}), d = b - a;
        for (double x = 0; x <= 60; x += 5) {
            const Vec2 p = v.straightAt({x, 10}) - a;
            QVERIFY(std::abs(p.x * d.y - p.y * d.x) / d.length() < 1e-3);
        }
        QVERIFY(std::abs(v.distorted(v.undistorted({100, 80})).x - 100) < 1e-6);
    }
    void squaredUpIsThePlanAgain()
    {
        const Photo plan = madePlan(2);
        auto easel = easelOf(2, 0.5, 0.04, 0, false, 2400);
        easel.setCanvas(plan);
        const auto photo = easel.photograph();
        QVERIFY(bool(photo));
        const Photo flat = squaredUp(*photo, easel.view(), 720);
        QCOMPARE(flat.width(), 720);
        QCOMPARE(flat.height(), 480);
        cv::Mat a, b;
        cv::cvtColor(flat.mat(), a, cv::COLOR_RGB2GRAY), cv::cvtColor(plan.mat(), b, cv::COLOR_RGB2GRAY);
        cv::Mat fa, fb;
        a.convertTo(fa, CV_32F), b.convertTo(fb, CV_32F);
        fa -= cv::mean(fa), fb -= cv::mean(fb);
        QVERIFY2(fa.dot(fb) / std::sqrt(fa.dot(fa) * fb.dot(fb)) > 0.9, "squared up, it is not the plan");
    }
    void cornersAreFound_data()
    {
        QTest::addColumn<int>("seed");
        QTest::addColumn<double>("tilt");
        QTest::addColumn<double>("k1");
        QTest::addColumn<double>("lamp");
        QTest::newRow("square on") << 1 << 0.0 << 0.0 << 0.1;
        QTest::newRow("askew") << 2 << 0.5 << 0.02 << 0.4;
        QTest::newRow("far askew, a bent lens") << 3 << 0.9 << -0.06 << 0.5;
        QTest::newRow("a wide lens") << 4 << 0.3 << 0.09 << 0.3;
        QTest::newRow("one lamp at the side") << 6 << 0.4 << 0.0 << 0.9;
        QTest::newRow("another room") << 11 << 0.6 << -0.03 << 0.6;
    }
    void cornersAreFound()
    {
        QFETCH(int, seed);
        QFETCH(double, tilt);
        QFETCH(double, k1);
        QFETCH(double, lamp);
        const Photo plan = madePlan(unsigned(seed) + 20);
        auto easel = easelOf(unsigned(seed), tilt, k1, lamp, false, 2000);
        easel.setCanvas(plan);
        const auto photo = easel.photograph();
        QVERIFY(bool(photo));
        const auto s = surveyed(plan, *photo, asked(), m_progress);
        QVERIFY(bool(s));
        QVERIFY2(s->found, s->why.c_str());
        QVERIFY(s->confidence > 0.5 && !s->byTags);
        for (const double mm : cornerErrorsMm(s->view, easel.view()))
            QVERIFY2(mm < 1.5, qPrintable(QString("%1 mm").arg(mm)));
        QVERIFY2(std::abs(s->view.k1() - k1) < 0.03, qPrintable(QString::number(s->view.k1())));
        QVERIFY(s->painted > 0.97);
    }
    void whatHasStrayedIsToldInMm_data()
    {
        QTest::addColumn<double>("dx");
        QTest::addColumn<double>("dy");
        QTest::addColumn<bool>("byHand");
        for (const auto& [dx, dy] : {std::pair(5.0, 0.0), {0.0, -4.0}, {-3.0, 3.0}, {0.0, 0.0}})
            for (const bool byHand : {false, true})
                QTest::addRow("%+.0f %+.0f mm%s", dx, dy, byHand ? ", corners given" : "") << dx << dy << byHand;
    }
    void whatHasStrayedIsToldInMm()
    {
        QFETCH(double, dx);
        QFETCH(double, dy);
        QFETCH(bool, byHand);
        const Photo plan = madePlan(31);
        auto easel = easelOf(8, 0.5, 0.03, 0.4, false, 1800);
        easel.setCanvas(plan, {{{20, 15}, 14, {dx, dy}}});
        Asked a = asked();
        if (byHand)
            a.corners = easel.view().corners();
        const auto s = surveyed(plan, *easel.photograph(), a, m_progress);
        QVERIFY(s && s->found);
        std::vector<double> off, sure;
        for (const survey::Drift& d : s->landmarks) {
            const Vec2 truth = easel.strayedMm(d.at);
            off.push_back(std::hypot(d.dxMm - truth.x, d.dyMm - truth.y));
            if (d.confidence > 0.8)
                sure.push_back(off.back());
            QVERIFY(d.confidence >= 0 && d.confidence <= 1 && d.seen && d.painted);
        }
        QVERIFY2(median(off) < 0.7, qPrintable(QString::number(median(off))));
        QVERIFY(!sure.empty());
        QVERIFY2(std::count_if(sure.begin(), sure.end(), [](double mm) { return mm > 2; }) <= int(sure.size()) / 8,
            "sure, and wrong");
    }
    void aLighterPatchIsToldInLightness()
    {
        const Photo plan = madePlan(40);
        auto easel = easelOf(9, 0.3, 0, 0.6, false, 1800);
        easel.setCanvas(plan, {{{42, 22}, 16, {0, 0}, 8}, {{15, 28}, 14, {0, 0}, -7}});
        Asked a = asked();
        a.corners = easel.view().corners();
        a.zones = {{38, 18, 8, 8}, {12, 25, 6, 6}, {24, 4, 8, 8}};
        const auto s = surveyed(plan, *easel.photograph(), a, m_progress);
        QVERIFY(s && s->zones.size() == 3);
        QVERIFY2(s->zones[0].dL > 3 && s->zones[1].dL < -3, "which is lighter, which darker");
        QVERIFY2(std::abs(s->zones[2].dL) < 2.5, qPrintable(QString::number(s->zones[2].dL)));
        QVERIFY(s->zones[2].judged && s->zones[2].painted > 0.9);
        QVERIFY(s->light.stops > 0.2 && s->light.stops < 2);
    }
    void bareGroundIsNotTakenForPaint_data()
    {
        QTest::addColumn<int>("share");
        for (const int share : {15, 35, 55})
            QTest::addRow("%d %% bare", share) << share;
    }
    void bareGroundIsNotTakenForPaint()
    {
        QFETCH(int, share);
        const Photo plan = madePlan(50);
        cv::Mat canvas = plan.mat().clone();
        const int edge = canvas.cols * share / 100;
        canvas(cv::Rect(0, 0, edge, canvas.rows)).setTo(cv::Scalar(196, 178, 140)); // ochre
        auto easel = easelOf(12, 0.3, 0.01, 0.3, false, 1600);
        easel.setCanvas(Photo::fromMat(canvas));
        Asked a = asked();
        a.corners = easel.view().corners();
        const auto s = surveyed(plan, *easel.photograph(), a, m_progress);
        QVERIFY(bool(s));
        QVERIFY2(std::abs(s->painted - (1 - share / 100.0)) < 0.06, qPrintable(QString::number(s->painted)));
        QVERIFY(s->light.ground.has_value());
        int wrong = 0;
        for (const survey::Drift& d : s->landmarks)
            wrong += std::abs(d.at.x - kWide * share / 100) > 1 && d.painted != (d.at.x > kWide * share / 100);
        QVERIFY2(wrong <= 2, qPrintable(QString::number(wrong)));
    }
    void printedTagsBeatItAll_data()
    {
        QTest::addColumn<double>("k1");
        for (const double k1 : {-0.04, 0.0, 0.04})
            QTest::addRow("k1 %.2f", k1) << k1;
    }
    void printedTagsBeatItAll()
    {
        QFETCH(double, k1);
        const Photo plan = madePlan(60);
        auto easel = easelOf(7, 0.5, k1, 0.4, true, 3600);
        easel.setCanvas(plan);
        Asked a = asked();
        a.landmarks.clear();
        const auto f = cornersOf(plan, *easel.photograph(), a, m_progress);
        QVERIFY(f && f->found && f->byTags);
        for (const double mm : cornerErrorsMm(f->view, easel.view()))
            QVERIFY2(mm < 0.1, qPrintable(QString("%1 mm").arg(mm)));
        QVERIFY(std::abs(f->view.k1() - k1) < 0.004);
        // One tag too few is no tags at all.
        cv::Mat covered = easel.photograph()->mat().clone();
        const Vec2 c = easel.view().photoAt({-3, -3});
        cv::circle(covered, {int(c.x), int(c.y)}, 160, cv::Scalar(90, 90, 90), cv::FILLED);
        cv::Mat grey;
        cv::cvtColor(covered, grey, cv::COLOR_RGB2GRAY);
        QVERIFY(!taggedView(grey, kWide, kHigh));
    }
    void aTagIsTheSameAtEverySize()
    {
        for (int corner = 0; corner < 4; ++corner) {
            const Mask t = tagPicture(corner, 560);
            QCOMPARE(t.width(), 560);
            QCOMPARE(int(t.at(2, 2)), 255);
            for (int other = 0; other < corner; ++other)
                QVERIFY(cv::countNonZero(t.mat() != tagPicture(other, 560).mat()) > 500);
        }
    }
    void whatIsNotThereIsSaid_data()
    {
        QTest::addColumn<int>("what");
        QTest::newRow("another plan altogether, no canvas") << 0;
        QTest::newRow("grey") << 1;
        QTest::newRow("a corner outside") << 2;
    }
    void whatIsNotThereIsSaid()
    {
        QFETCH(int, what);
        const Photo plan = madePlan(70);
        auto easel = easelOf(5, 0.4, 0, 0.3, false, 1500);
        easel.setCanvas(plan);
        Photo photo = *easel.photograph();
        if (what == 0) {
            cv::Mat noise(900, 1200, CV_8UC3);
            cv::RNG rng(3);
            rng.fill(noise, cv::RNG::UNIFORM, 0, 255);
            photo = Photo::fromMat(noise);
        } else if (what == 1) {
            photo = Photo::filled(800, 600, {128, 128, 128});
        } else {
            const Vec2 c = easel.view().corners()[0];
            const cv::Rect cut(int(c.x) + 90, 0, photo.width() - int(c.x) - 90, photo.height());
            photo = Photo::fromMat(photo.mat()(cut).clone());
        }
        const auto s = surveyed(plan, photo, asked(), m_progress);
        QVERIFY(bool(s));
        QVERIFY2(!s->found || s->confidence < 0.3, "found where there is none");
        QVERIFY(s->found || !s->why.empty());
    }
    void absurdInputGetsOneSentence_data()
    {
        QTest::addColumn<double>("width");
        QTest::addColumn<int>("px");
        QTest::addColumn<double>("corner");
        QTest::newRow("no width") << 0.0 << 400 << 10.0;
        QTest::newRow("negative") << -4.0 << 400 << 10.0;
        QTest::newRow("no number") << std::nan("") << 400 << 10.0;
        QTest::newRow("a kilometre") << 100000.0 << 400 << 10.0;
        QTest::newRow("a photograph of nothing") << 60.0 << 0 << 10.0;
        QTest::newRow("a thumbnail") << 60.0 << 20 << 10.0;
        QTest::newRow("a corner that is no number") << 60.0 << 400 << std::nan("");
        QTest::newRow("a corner in another town") << 60.0 << 400 << 1e9;
    }
    void absurdInputGetsOneSentence()
    {
        QFETCH(double, width);
        QFETCH(int, px);
        QFETCH(double, corner);
        Asked a = asked();
        a.widthCm = width;
        a.corners = Corners{Vec2{corner, corner}, Vec2{300, 10}, Vec2{300, 200}, Vec2{10, 200}};
        const auto s
            = surveyed(madePlan(1, 240, 160), px ? Photo::filled(px, px, {90, 90, 90}) : Photo(), a, m_progress);
        QVERIFY(!s);
        QVERIFY(s.error().kind == ErrorKind::Invalid && s.error().sentence.ends_with("."));
    }
    void cornersOnALineDoNoHarm()
    {
        Asked a = asked();
        a.corners = Corners{Vec2{10, 10}, Vec2{100, 10}, Vec2{200, 10}, Vec2{300, 10}};
        const auto s = surveyed(madePlan(1, 240, 160), Photo::filled(400, 300, {90, 90, 90}), a, m_progress);
        QVERIFY(!s || s->landmarks.size() == a.landmarks.size());
    }
    void givingUpIsPrompt()
    {
        class Stopped final : public Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stopped;
        auto easel = easelOf(5);
        const Photo plan = madePlan(80);
        easel.setCanvas(plan);
        const auto s = surveyed(plan, *easel.photograph(), asked(), stopped);
        QVERIFY(!s && s.error().kind == ErrorKind::Cancelled);
    }
    void whatChangedSinceIsShown()
    {
        const Photo before = madePlan(90);
        QVERIFY(changedBetween(before, before).share < 0.001);
        cv::Mat later = before.mat().clone();
        cv::circle(later, {360, 240}, 80, cv::Scalar(250, 240, 60), cv::FILLED);
        const auto c = changedBetween(before, Photo::fromMat(later));
        const double truth = kPi * 80 * 80 / (720.0 * 480);
        QVERIFY2(std::abs(c.share - truth) < 0.4 * truth, qPrintable(QString::number(c.share / truth)));
        QVERIFY(c.where.at(360, 240) == 255 && c.where.at(20, 20) == 0);
        cv::Mat brighter; // another exposure is no change
        before.mat().convertTo(brighter, CV_8U, 1.08, 4);
        QVERIFY(changedBetween(before, Photo::fromMat(brighter)).share < 0.1);
        QVERIFY(changedBetween({}, before).share == 0);
    }
    void noCanvasNoPhotograph()
    {
        auto easel = easelOf(1);
        QVERIFY(!easel.photograph());
        // The same settings, the same photograph.
        easel.setCanvas(madePlan(3));
        auto again = easelOf(1);
        again.setCanvas(madePlan(3));
        const Photo a = *easel.photograph(), b = *again.photograph();
        QVERIFY(std::memcmp(a.data(), b.data(), a.size() * 3) == 0);
    }
};

RL_TEST(TestSurvey)
#include "tst_survey.moc"
