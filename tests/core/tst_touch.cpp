#include "core/cutout/bend.h"
#include "core/cutout/patch.h"
#include "core/cutout/rough_cut.h"
#include "tests/kit/cut_cases.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::cutout;

namespace {
struct Score {
    double ours = 0, plain = 0, iou = 0;
};
/// Mean absolute error of alpha where the strokes leave it open, ours and that of a plain graph cut on the same
/// strokes.
Score scoreOf(const kit::CutCase& c)
{
    NoProgress progress;
    const Mask cut = touchCut(c.photo, c.strokes, 8, progress);
    const cv::Mat s = c.strokes.mat(), mine = cut.mat();
    cv::Mat labels(s.size(), CV_8UC1, cv::Scalar(cv::GC_PR_FGD)), a, b;
    labels.setTo(cv::GC_FGD, s == 255);
    labels.setTo(cv::GC_BGD, s == 0);
    cv::grabCut(c.photo.mat(), labels, cv::Rect(), a, b, 5, cv::GC_INIT_WITH_MASK);
    Score score;
    double open = 0, both = 0, either = 0;
    for (int y = 0; y < s.rows; ++y)
        for (int x = 0; x < s.cols; ++x) {
            const double truth = double(c.alpha.at(x, y)), ours = mine.at<std::uint8_t>(y, x) / 255.0;
            const std::uint8_t l = labels.at<std::uint8_t>(y, x);
            const double plain = l == cv::GC_FGD || l == cv::GC_PR_FGD ? 1 : 0;
            if (s.at<std::uint8_t>(y, x) == 128)
                score.ours += std::abs(ours - truth), score.plain += std::abs(plain - truth), ++open;
            both += ours > 0.5 && truth > 0.5, either += ours > 0.5 || truth > 0.5;
        }
    score.ours /= open, score.plain /= open, score.iou = both / either;
    return score;
}

Photo disc(int size, double radius, Rgb8 in, Rgb8 out)
{
    std::vector<Rgb8> p;
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x)
            p.push_back(std::hypot(x + 0.5 - size / 2.0, y + 0.5 - size / 2.0) < radius ? in : out);
    return {size, size, std::move(p)};
}
double areaOf(const Mask& m)
{
    return cv::sum(m.mat())[0] / 255;
}
/// An upright bar, 40 × 300, in a picture of 400 × 400.
Mask bar()
{
    cv::Mat m(400, 400, CV_8UC1, cv::Scalar(0));
    m(cv::Rect(180, 50, 40, 300)).setTo(255);
    return Mask::fromMat(m);
}
} // namespace

class TestTouch : public QObject {
    Q_OBJECT
private slots:
    void strokesBeatAPlainGraphCut()
    {
        // Another seed than the bench's; the six kinds of edge over photographs and busy grounds.
        double ours = 0, plain = 0;
        std::vector<double> overlap;
        for (const kit::CutCase& c : kit::cutCases(kit::photographs(), 23, 6)) {
            const Score s = scoreOf(c);
            ours += s.ours, plain += s.plain;
            overlap.push_back(s.iou);
        }
        std::sort(overlap.begin(), overlap.end());
        QVERIFY2(ours < 0.8 * plain, qPrintable(QString("%1").arg(ours / plain)));
        QVERIFY2(overlap[3] > 0.9, qPrintable(QString("%1").arg(overlap[3])));
    }

    void aRectangleIsEnoughOnPlainGround()
    {
        NoProgress progress;
        const Photo photo = disc(240, 70, {200, 90, 40}, {60, 90, 120});
        const Mask alpha = touchCut(photo, marksOf({30, 30, 180, 180}, 240, 240), 6, progress);
        QVERIFY2(std::abs(areaOf(alpha) / (kPi * 70 * 70) - 1) < 0.01, qPrintable(QString::number(areaOf(alpha))));
    }

    void aLooseFrameLeavesTheSkyOut_data()
    {
        QTest::addColumn<double>("loose"); // of the thing's size, to each side; half as much again above
        for (const double loose : {0.05, 0.2, 0.4, 0.7, 1.1})
            QTest::addRow("%.2f", loose) << loose;
    }
    void aLooseFrameLeavesTheSkyOut()
    {
        QFETCH(double, loose);
        // A mottled figure, partly as light as what lies behind it, before a wall that is lit in its middle: the
        // colours beside the figure are nowhere outside of the frame.
        cv::Mat m(360, 360, CV_8UC3), noise(m.size(), CV_16SC3), truth = cv::Mat::zeros(m.size(), CV_8UC1);
        for (int y = 0; y < m.rows; ++y)
            for (int x = 0; x < m.cols; ++x) {
                const double glow = 90 * std::exp(-std::hypot(x - 170.0, y - 200.0) / 110);
                m.at<cv::Vec3b>(y, x) = cv::Vec3b(cv::saturate_cast<uchar>(80 + glow),
                    cv::saturate_cast<uchar>(100 + 0.9 * glow), cv::saturate_cast<uchar>(120 + 0.5 * glow));
            }
        cv::ellipse(truth, cv::Point(170, 220), cv::Size(34, 60), 0, 0, 360, cv::Scalar(255), cv::FILLED);
        cv::circle(truth, cv::Point(170, 150), 22, cv::Scalar(255), cv::FILLED);
        m.setTo(cv::Scalar(70, 40, 35), truth);
        m(cv::Rect(140, 180, 60, 26)).setTo(cv::Scalar(190, 175, 160), truth(cv::Rect(140, 180, 60, 26)));
        cv::RNG random(3);
        random.fill(noise, cv::RNG::NORMAL, 0, 5);
        cv::add(m, noise, m, cv::noArray(), CV_8U);
        const double w = 68 * loose, h = 152 * loose;
        const Rect frame = Rect{136 - w, 128 - 1.5 * h, 68 + 2 * w, 152 + 2 * h}.cutTo({2, 2, 356, 356});
        NoProgress progress;
        const cv::Mat cut = touchCut(Photo::fromMat(m), marksOf(frame, 360, 360), 6, progress).mat() > 127;
        const double alike = cv::countNonZero(cut & truth) / double(cv::countNonZero(cut | truth));
        QVERIFY2(alike > 0.9, qPrintable(QString::number(alike)));
    }
    void strokesAreObeyed()
    {
        NoProgress progress;
        const Photo photo = disc(240, 70, {200, 90, 40}, {60, 90, 120});
        cv::Mat marks = marksOf({30, 30, 180, 180}, 240, 240).mat().clone();
        marks(cv::Rect(110, 110, 12, 12)).setTo(0); // out, in the very middle
        marks(cv::Rect(40, 40, 8, 8)).setTo(255); // in, on the ground
        const Mask alpha = touchCut(photo, Marks::fromMat(marks), 6, progress);
        QCOMPARE(int(alpha.at(115, 115)), 0);
        QCOMPARE(int(alpha.at(43, 43)), 255);
    }

    void nothingMarkedCutsNothing()
    {
        NoProgress progress;
        const Photo photo = kit::plain(64, 64, {90, 90, 90});
        QVERIFY(roughCut(photo, Mask::filled(64, 64, 128), 480, progress).hard.empty());
        QVERIFY(roughCut({}, {}, 480, progress).hard.empty());
    }

    void thePlainGroundGoes()
    {
        const Photo photo = disc(200, 60, {180, 40, 40}, {90, 140, 90});
        const Mask hard = unlike(photo, {5, 5}, 8);
        QVERIFY(std::abs(areaOf(hard) / (kPi * 60 * 60) - 1) < 0.02);
        QCOMPARE(areaOf(unlike(photo, {5, 5}, 100)), 0.0);
    }

    void pinsThatStayBendNothing()
    {
        const Bend bend(bar(), {{{200, 60}, {200, 60}}, {{200, 340}, {200, 340}}});
        for (const Vec2 p : {Vec2{190, 100}, Vec2{210, 200}, Vec2{200, 330}})
            QVERIFY((bend.moved(p) - p).length() < 0.05);
    }

    void pinsTurnedTogetherTurnEverything_data()
    {
        QTest::addColumn<double>("degrees");
        QTest::newRow("a nod") << 10.0;
        QTest::newRow("lying down") << 90.0;
        QTest::newRow("nearly upside down") << 150.0;
    }
    void pinsTurnedTogetherTurnEverything()
    {
        QFETCH(double, degrees);
        const double c = std::cos(radians(degrees)), s = std::sin(radians(degrees));
        const auto turned = [&](Vec2 p) {
            return Vec2{200 + c * (p.x - 200) - s * (p.y - 200), 200 + s * (p.x - 200) + c * (p.y - 200)};
        };
        std::vector<BendPin> pins;
        for (const Vec2 p : {Vec2{190, 60}, Vec2{210, 60}, Vec2{190, 340}, Vec2{210, 340}})
            pins.push_back({p, turned(p)});
        const Bend bend(bar(), pins);
        for (const Vec2 p : {Vec2{190, 120}, Vec2{212, 200}, Vec2{200, 290}})
            QVERIFY2((bend.moved(p) - turned(p)).length() < 1.0,
                qPrintable(QString::number((bend.moved(p) - turned(p)).length())));
        const auto bent = bend.applied(kit::plain(400, 400, {9, 80, 200}), bar());
        QVERIFY2(
            std::abs(areaOf(bent.alpha) / areaOf(bar()) - 1) < 0.01, qPrintable(QString::number(areaOf(bent.alpha))));
        QVERIFY(bent.photo.at(bent.photo.width() / 2, bent.photo.height() / 2) == (Rgb8{9, 80, 200}));
    }

    void aBentLimbKeepsItsLength()
    {
        // The foot held, the head drawn aside: lengths along the limb stay, though it bends.
        const Bend bend(bar(), {{{200, 340}, {200, 340}}, {{200, 300}, {200, 300}}, {{200, 60}, {290, 95}}});
        double length = 0;
        for (double y = 60; y < 340; y += 10)
            length += (bend.moved({200, y + 10}) - bend.moved({200, y})).length();
        QVERIFY2(std::abs(length / 280 - 1) < 0.06, qPrintable(QString::number(length)));
        QVERIFY((bend.moved({200, 60}) - Vec2{290, 95}).length() < 1.5);
        const auto bent = bend.applied({}, bar());
        QVERIFY(std::abs(areaOf(bent.alpha) / areaOf(bar()) - 1) < 0.06);
    }

    void structuresGoOnThroughTheHole()
    {
        // Stripes that a fence post stands before: filled, they must run on.
        std::vector<Rgb8> truth;
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 260; ++x)
                truth.push_back((y / 8) % 2 ? Rgb8{170, 150, 120} : Rgb8{70, 60, 60});
        const Photo clean(260, 200, truth);
        cv::Mat spoilt = clean.mat().clone(), hole(200, 260, CV_8UC1, cv::Scalar(0));
        spoilt(cv::Rect(120, 40, 22, 110)).setTo(cv::Scalar(20, 220, 40));
        hole(cv::Rect(119, 39, 24, 112)).setTo(255);
        NoProgress progress;
        const Photo filled = patched(Photo::fromMat(spoilt), Mask::fromMat(hole), progress);
        double error = 0, count = 0;
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 260; ++x) {
                if (!hole.at<std::uint8_t>(y, x)) {
                    QVERIFY(filled.at(x, y) == Photo::fromMat(spoilt).at(x, y)); // all else stays
                    continue;
                }
                error += std::abs(filled.at(x, y).r - clean.at(x, y).r), ++count;
            }
        QVERIFY2(error / count < 6, qPrintable(QString::number(error / count)));
    }

    void itIsFilledFromItsOwnKind()
    {
        // A red flag on a grey wall beside a head of dark hair: wall comes in, no hair. Or what the painter points at.
        cv::RNG random(3);
        cv::Mat wall(240, 320, CV_8UC3), hair(240, 320, CV_8UC3), hole(240, 320, CV_8UC1, cv::Scalar(0)),
            from = hole.clone();
        random.fill(wall, cv::RNG::NORMAL, cv::Scalar(150, 148, 140), cv::Scalar(9, 9, 9));
        random.fill(hair, cv::RNG::NORMAL, cv::Scalar(60, 38, 26), cv::Scalar(16, 12, 9));
        cv::Mat head(240, 320, CV_8UC1, cv::Scalar(0));
        cv::circle(head, {235, 120}, 60, cv::Scalar(255), cv::FILLED);
        hair.copyTo(wall, head);
        hole(cv::Rect(70, 80, 80, 70)).setTo(255);
        wall.setTo(cv::Scalar(200, 30, 30), hole);
        from(cv::Rect(195, 90, 70, 60)).setTo(255);
        NoProgress progress;
        const auto meanIn = [&](const Photo& p) { return cv::mean(p.mat(), hole); };
        const cv::Scalar own = meanIn(patched(Photo::fromMat(wall), Mask::fromMat(hole), progress));
        QVERIFY2(std::abs(own[0] - 150) < 6 && std::abs(own[2] - 140) < 6, qPrintable(QString::number(own[0])));
        const cv::Scalar told
            = meanIn(patched(Photo::fromMat(wall), Mask::fromMat(hole), progress, Mask::fromMat(from)));
        QVERIFY2(told[0] < 90, qPrintable(QString::number(told[0])));
    }

    void holesThatCannotBeFilled()
    {
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        NoProgress progress;
        const Photo photo = kit::plain(80, 80, {90, 100, 110});
        QVERIFY(patched(photo, Mask::filled(80, 80, 255), progress).empty()); // nothing left around it
        QCOMPARE(patched(photo, Mask::filled(80, 80, 0), progress).identity(), photo.identity()); // no hole
        cv::Mat hole(80, 80, CV_8UC1, cv::Scalar(0));
        hole(cv::Rect(30, 30, 10, 10)).setTo(255);
        QVERIFY(patched(photo, Mask::fromMat(hole), stop).empty());
    }
};

RL_TEST(TestTouch)
#include "tst_touch.moc"
