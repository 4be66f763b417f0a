#include "core/colour/lab.h"
#include "core/survey/compare.h"
#include "core/survey/drift.h"
#include "core/survey/sides.h"
#include "core/survey/starts.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::survey;

namespace {
constexpr int kEveningWide = 450, kEveningHigh = 300;
constexpr double kPerCm = 7.5;

/// Patches of many colours, in linear light.
cv::Mat eveningPlan(unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<float> any(0.03f, 0.75f);
    cv::Mat plan(kEveningHigh, kEveningWide, CV_32FC3);
    for (int y = 0; y < kEveningHigh; y += 25)
        for (int x = 0; x < kEveningWide; x += 25)
            plan(cv::Rect(x, y, 25, 25))
                .setTo(cv::Scalar(double(any(random)), double(any(random)), double(any(random))));
    cv::GaussianBlur(plan, plan, {}, 2);
    return plan;
}
/// A lamp: colours and a quadratic fall-off in the logarithm.
cv::Mat lit(const cv::Mat& plan, double across, double down, double bend, const cv::Scalar& colour)
{
    cv::Mat out = plan.clone();
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x) {
            const double u = 2.0 * x / out.cols - 1, v = 2.0 * y / out.rows - 1,
                         l = std::exp(across * u + down * v + bend * (u * u + v * v));
            auto& p = out.at<cv::Vec3f>(y, x);
            for (int c = 0; c < 3; ++c)
                p[c] *= float(l * colour[c]);
        }
    return out;
}
cv::Mat noFlow()
{
    return cv::Mat(kEveningHigh, kEveningWide, CV_32FC2, cv::Scalar(0, 0));
}
Evened of(const cv::Mat& plan, const cv::Mat& photo, const std::vector<Known>& known = {}, double L = 50)
{
    return evened(plan, photo, noFlow(), cv::Mat(kEveningHigh, kEveningWide, CV_32F, cv::Scalar(0)),
        cv::Mat(kEveningHigh, kEveningWide, CV_8U, cv::Scalar(255)), kPerCm, known, L);
}
double meanApart(const cv::Mat& a, const cv::Mat& b, const cv::Mat& mask = {})
{
    cv::Mat d = a - b, c[3], sum;
    cv::split(d, c);
    cv::sqrt(c[0].mul(c[0]) + c[1].mul(c[1]) + c[2].mul(c[2]), sum);
    return cv::mean(sum, mask.empty() ? cv::noArray() : cv::InputArray(mask))[0];
}

/// A canvas of one tone before a wall of another, its outline bent by a lens; soft by a pixel.
struct Room {
    CanvasView view;
    cv::Mat lab;
};
Room room(double k1, double borderCm, unsigned seed)
{
    const cv::Size size(1000, 750);
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> any(-25, 25);
    const Corners corners{Vec2{190 + any(random), 150 + any(random)}, Vec2{810 + any(random), 160 + any(random)},
        Vec2{800 + any(random), 590 + any(random)}, Vec2{200 + any(random), 600 + any(random)}};
    Room r{CanvasView(60, 42, size, corners, k1), cv::Mat(size, CV_32FC3)};
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const Vec2 cm = r.view.cmAt({double(x), double(y)});
            const bool in = cm.x >= 0 && cm.y >= 0 && cm.x < 60 && cm.y<42, border = borderCm> 0 && cm.x >= -borderCm
                && cm.y >= -borderCm && cm.x < 60 + borderCm && cm.y < 42 + borderCm;
            r.lab.at<cv::Vec3f>(y, x) = in ? cv::Vec3f(40 + 3 * float(std::sin(cm.x) * std::cos(cm.y)), 10, -12)
                : border                   ? cv::Vec3f(93, 0, 2)
                                           : cv::Vec3f(66, 3, 8);
        }
    cv::GaussianBlur(r.lab, r.lab, {}, 0.9);
    return r;
}
CanvasView shifted(const CanvasView& v, double px, unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> any(-px, px);
    Corners c = v.corners();
    for (Vec2& p : c)
        p = p + Vec2{any(random), any(random)};
    return {v.widthCm(), v.heightCm(), v.photo(), c, 0};
}
} // namespace

/// Parts of a survey by themselves: even light, ground, values; where sides lie.
class TestEvening : public QObject {
    Q_OBJECT

private slots:
    void lampsAreTakenOff_data()
    {
        QTest::addColumn<double>("across");
        QTest::addColumn<double>("down");
        QTest::addColumn<double>("bend");
        QTest::newRow("even") << 0.0 << 0.0 << 0.0;
        QTest::newRow("from the left") << -0.5 << 0.0 << 0.0;
        QTest::newRow("from above") << 0.1 << -0.4 << 0.0;
        QTest::newRow("a spot in the middle") << 0.0 << 0.0 << -0.4;
        QTest::newRow("all of it") << 0.3 << 0.25 << -0.3;
    }
    void lampsAreTakenOff()
    {
        QFETCH(double, across);
        QFETCH(double, down);
        QFETCH(double, bend);
        const cv::Mat plan = eveningPlan(5);
        const Evened e = of(plan, lit(plan, across, down, bend, {0.6, 0.5, 0.35}));
        QVERIFY2(meanApart(e.lab, labOf(plan)) < 0.6, qPrintable(QString::number(meanApart(e.lab, labOf(plan)))));
        QVERIFY(e.share > 0.99 && !e.known);
        double low = 1e9, high = -1e9;
        for (const double u : {-1.0, -0.5, 0.0, 0.5, 1.0})
            for (const double v : {-1.0, -0.5, 0.0, 0.5, 1.0}) {
                const double l = across * u + down * v + bend * (u * u + v * v);
                low = std::min(low, l), high = std::max(high, l);
            }
        QVERIFY2(std::abs(e.stops - (high - low) / std::log(2)) < 0.12, qPrintable(QString::number(e.stops)));
    }
    void valuesAreTold_data()
    {
        QTest::addColumn<double>("dL");
        for (const double d : {-9.0, -3.0, 4.0, 10.0})
            QTest::addRow("%+.0f L*", d) << d;
    }
    void valuesAreTold()
    {
        QFETCH(double, dL);
        const cv::Mat plan = eveningPlan(6);
        cv::Mat lab = labOf(plan).clone(), painted;
        const cv::Rect box(150, 100, 150, 100);
        cv::Mat part = lab(box);
        part += cv::Scalar(dL, 0, 0);
        cv::cvtColor(lab, painted, cv::COLOR_Lab2LRGB);
        const Evened e = of(plan, lit(painted, 0.2, -0.1, -0.1, {0.7, 0.6, 0.5}));
        const Zone z = zoneOf(
            e, labOf(plan), Rect{box.x / kPerCm, box.y / kPerCm, box.width / kPerCm, box.height / kPerCm}, kPerCm);
        QVERIFY2(std::abs(z.dL - dL) < 1.2, qPrintable(QString::number(z.dL)));
        QVERIFY(z.judged && z.painted > 0.95 && std::abs(z.dC) < 3);
        const Zone other = zoneOf(e, labOf(plan), Rect{2, 2, 10, 10}, kPerCm);
        QVERIFY2(std::abs(other.dL) < 1, qPrintable(QString::number(other.dL)));
        // Off the canvas there is nothing to judge.
        QVERIFY(!zoneOf(e, labOf(plan), Rect{500, 500, 10, 10}, kPerCm).judged);
    }
    void theGroundIsFound_data()
    {
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("a");
        QTest::addColumn<double>("b");
        QTest::newRow("ochre") << 70.0 << 8.0 << 35.0;
        QTest::newRow("white") << 95.0 << 0.0 << 2.0;
        QTest::newRow("umber") << 35.0 << 8.0 << 14.0;
    }
    void theGroundIsFound()
    {
        QFETCH(double, L);
        QFETCH(double, a);
        QFETCH(double, b);
        const cv::Mat plan = eveningPlan(7);
        cv::Mat painted = plan.clone();
        const Rgb ground = colour::fromLab({float(L), float(a), float(b)});
        painted(cv::Rect(0, 0, 160, kEveningHigh))
            .setTo(cv::Scalar(double(ground.r), double(ground.g), double(ground.b)));
        const Evened e = of(plan, lit(painted, 0.2, 0.1, 0, {0.5, 0.5, 0.5}));
        QVERIFY(e.ground.has_value());
        QVERIFY2(cv::norm(*e.ground - cv::Vec3f(float(L), float(a), float(b))) < 5,
            qPrintable(QString("%1 %2 %3")
                           .arg(double((*e.ground)[0]))
                           .arg(double((*e.ground)[1]))
                           .arg(double((*e.ground)[2]))));
        QVERIFY2(std::abs(e.share - (1 - 160.0 / kEveningWide)) < 0.04, qPrintable(QString::number(e.share)));
        QVERIFY(!paintedAt(e, {5, 20}, kPerCm) && paintedAt(e, {45, 20}, kPerCm));
    }
    void aGreyCardFixesTheWhole()
    {
        const cv::Mat plan = eveningPlan(8);
        // Everything painted a third too dark: only something known can tell that from less light.
        const cv::Mat photo = lit(plan * 0.66, 0, 0, 0, {0.8, 0.8, 0.8});
        std::vector<Known> card;
        for (int i = 0; i < 60; ++i)
            card.push_back({{61.0 + i % 5, 10.0 + i / 5}, {0.1842f * 0.8f, 0.1842f * 0.8f, 0.1842f * 0.8f}});
        const Evened without = of(plan, photo), with = of(plan, photo, card, 50);
        const auto off = [&](const Evened& e) { return (cv::mean(e.lab) - cv::mean(labOf(plan)))[0]; };
        QVERIFY(std::abs(off(without)) < 0.6 && with.known);
        const double truth = (cv::mean(labOf(plan * 0.66)) - cv::mean(labOf(plan)))[0];
        QVERIFY2(off(with) < 0.4 * truth && off(with) > 1.05 * truth,
            qPrintable(QString("%1 of %2").arg(off(with)).arg(truth)));
        // A little more or less than it says is the card's own shadow.
        const Evened nearly = of(plan, lit(plan * 0.95, 0, 0, 0, {0.8, 0.8, 0.8}), card, 50);
        QVERIFY(std::abs(off(nearly)) < 0.6);
    }
    void driftIsMeasuredToAFewTenths_data()
    {
        QTest::addColumn<double>("dx");
        QTest::addColumn<double>("dy");
        for (const auto& [dx, dy] : {std::pair(0.0, 0.0), {3.0, 0.0}, {-2.4, 1.7}, {0.6, -4.1}})
            QTest::addRow("%.1f, %.1f px", dx, dy) << dx << dy;
    }
    void driftIsMeasuredToAFewTenths()
    {
        QFETCH(double, dx);
        QFETCH(double, dy);
        const cv::Mat lab = labOf(eveningPlan(9));
        cv::Mat moved;
        cv::warpAffine(lab, moved, cv::Matx23d(1, 0, dx, 0, 1, dy), lab.size(), cv::INTER_CUBIC, cv::BORDER_REPLICATE);
        const Registration reg(lab, moved, kEveningWide / kPerCm);
        for (const Vec2 cm : {Vec2{20, 15}, Vec2{35, 25}, Vec2{48, 12}}) {
            const survey::Drift d = reg.at(cm);
            QVERIFY2(std::abs(d.dxMm - dx / kPerCm * 10) < 0.6 && std::abs(d.dyMm - dy / kPerCm * 10) < 0.6,
                qPrintable(QString("%1 %2").arg(d.dxMm).arg(d.dyMm)));
            QVERIFY(d.confidence > 0.6);
        }
        QVERIFY(cv::mean(reg.agreement())[0] > 0.6);
        const Registration other(lab, labOf(eveningPlan(77)), kEveningWide / kPerCm);
        QVERIFY(cv::mean(other.agreement())[0] < cv::mean(reg.agreement())[0] - 0.15);
    }
    void sidesAreFoundNearby_data()
    {
        QTest::addColumn<double>("k1");
        QTest::addColumn<double>("border");
        for (const double k1 : {-0.08, 0.0, 0.06})
            for (const double border : {0.0, 1.2})
                QTest::addRow("k1 %.2f%s", k1, border > 0 ? ", a white border" : "") << k1 << border;
    }
    void sidesAreFoundNearby()
    {
        QFETCH(double, k1);
        QFETCH(double, border);
        for (unsigned seed = 1; seed <= 3; ++seed) {
            const Room r = room(k1, border, seed);
            SideSearch search;
            search.windowCm = 1.4, search.k1From = -0.13, search.k1To = 0.13, search.pull = 0.25,
            search.borderCm = border;
            SidesFound found = sidesNear(r.lab, shifted(r.view, 6, seed), search);
            search.windowCm = 0.3, search.k1From = found.view.k1() - 0.02, search.k1To = found.view.k1() + 0.02,
            search.k1Step = 0.004;
            found = sidesNear(r.lab, found.view, search);
            for (std::size_t i = 0; i < 4; ++i) {
                const double px = (found.view.corners()[i] - r.view.corners()[i]).length();
                QVERIFY2(px < 1.2, qPrintable(QString("%1 px, room %2").arg(px).arg(seed)));
                QVERIFY(found.clear[i] > 0.8);
            }
            QVERIFY2(std::abs(found.view.k1() - k1) < 0.02, qPrintable(QString::number(found.view.k1())));
            const CanvasView bent = withRadialTerm(r.lab, CanvasView(60, 42, r.view.photo(), r.view.corners(), 0));
            QVERIFY2(std::abs(bent.k1() - k1) < 0.015, qPrintable(QString::number(bent.k1())));
        }
    }
    void aPlanAgreesWithItself()
    {
        cv::Mat plan8, other8;
        cv::Mat a, b;
        cv::extractChannel(labOf(eveningPlan(1)), a, 0), cv::extractChannel(labOf(eveningPlan(2)), b, 0);
        a.convertTo(plan8, CV_8U, 2.55), b.convertTo(other8, CV_8U, 2.55);
        const Corners all{Vec2{-0.5, -0.5}, Vec2{kEveningWide - 0.5, -0.5},
            Vec2{kEveningWide - 0.5, kEveningHigh - 0.5}, Vec2{-0.5, kEveningHigh - 0.5}};
        const CanvasView whole(60, 40, {kEveningWide, kEveningHigh}, all, 0);
        QVERIFY(agreementOf(plan8, plan8, whole) > 0.98);
        QVERIFY(std::abs(agreementOf(plan8, other8, whole)) < 0.4);
        const cv::Mat n = normalised(a, 8);
        double low = 0, high = 0;
        cv::minMaxLoc(n, &low, &high);
        QVERIFY(low > -8 && high < 8 && std::abs(cv::mean(n)[0]) < 0.1);
    }
};

RL_TEST(TestEvening)
#include "tst_evening.moc"
