#include "core/base/geometry.h"
#include "core/colour/srgb.h"
#include "core/gather/figures.h"
#include "core/gather/measure.h"
#include "core/relief/canvas.h"
#include "core/relief/detail.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::relief;

namespace {
struct Made {
    Photo photo;
    Mask mask;
    cv::Mat normals; ///< 3 floats
};

Vec3f towards(double azimuth, double elevation)
{
    const double az = radians(azimuth), el = radians(elevation);
    return {float(std::cos(el) * std::cos(az)), float(std::cos(el) * std::sin(az)), float(std::sin(el))};
}

/// Lambert with a fill of 0.2 over given normals, on grey.
Made shown(const cv::Mat& normals, const cv::Mat& inside, double azimuth, double elevation)
{
    const Vec3f l = towards(azimuth, elevation);
    cv::Mat linear(normals.size(), CV_32FC3, cv::Scalar(0.1, 0.12, 0.15));
    for (int y = 0; y < normals.rows; ++y)
        for (int x = 0; x < normals.cols; ++x)
            if (inside.at<std::uint8_t>(y, x)) {
                const cv::Vec3f n = normals.at<cv::Vec3f>(y, x);
                const float e = 0.2f + 0.8f * std::max(0.f, n[0] * l.x + n[1] * l.y + n[2] * l.z);
                linear.at<cv::Vec3f>(y, x) = cv::Vec3f(0.5f, 0.42f, 0.36f) * e;
            }
    return {colour::codeOf(LinearPicture::fromMat(linear)), Mask::fromMat(inside.clone()), normals};
}

/// A hanging cloth: folds that run down, slanted a little.
Made cloth(double azimuth, double elevation, double folds = 4)
{
    constexpr int w = 200, h = 240;
    cv::Mat normals(h, w, CV_32FC3, cv::Scalar(0, 0, 1)), inside(h, w, CV_8UC1, cv::Scalar(0));
    for (int y = 20; y < h - 20; ++y)
        for (int x = 20; x < w - 20; ++x) {
            const double k = 2 * kPi * folds / (w - 40), phase = k * (x + 0.15 * y), slope = 0.9 * std::cos(phase);
            const double length = std::sqrt(slope * slope * (1 + 0.15 * 0.15) + 1);
            normals.at<cv::Vec3f>(y, x) = {float(-slope / length), float(0.15 * slope / length), float(1 / length)};
            inside.at<std::uint8_t>(y, x) = 255;
        }
    return shown(normals, inside, azimuth, elevation);
}

/// An egg with a smaller one on its shoulder: neither turned nor mirrored is it itself.
Made lump(double azimuth, double elevation, int size = 220)
{
    cv::Mat normals(size, size, CV_32FC3, cv::Scalar(0, 0, 1)), inside(size, size, CV_8UC1, cv::Scalar(0));
    struct Ball {
        double x, y, rx, ry;
    };
    for (const Ball& b : {Ball{0.48, 0.54, 0.26, 0.36}, Ball{0.64, 0.3, 0.16, 0.14}})
        for (int y = 0; y < size; ++y)
            for (int x = 0; x < size; ++x) {
                const double u = ((x + 0.5) / size - b.x) / b.rx, v = -((y + 0.5) / size - b.y) / b.ry,
                             r2 = u * u + v * v;
                if (r2 >= 1)
                    continue;
                const double r = (b.rx + b.ry) / 2, nx = u / b.rx * r, ny = v / b.ry * r, nz = std::sqrt(1 - r2),
                             length = std::sqrt(nx * nx + ny * ny + nz * nz);
                normals.at<cv::Vec3f>(y, x) = {float(nx / length), float(ny / length), float(nz / length)};
                inside.at<std::uint8_t>(y, x) = 255;
            }
    return shown(normals, inside, azimuth, elevation);
}

double errorOf(const Relief& r, const cv::Mat& truth)
{
    double sum = 0;
    int n = 0;
    for (int y = 0; y < r.normals.height(); ++y)
        for (int x = 0; x < r.normals.width(); ++x)
            if (r.inside.at(x, y)) {
                const Vec3f m = r.normals.at(x, y);
                const cv::Vec3f t = truth.at<cv::Vec3f>(int(r.box.y + y / r.scale), int(r.box.x + x / r.scale));
                sum += degrees(std::acos(std::clamp(double(m.x * t[0] + m.y * t[1] + m.z * t[2]), -1.0, 1.0)));
                ++n;
            }
    return sum / std::max(n, 1);
}

/// A ground of soft patches, as strong as `strength` of the grey.
cv::Mat patches(int width, int height, double grain, double strength, unsigned seed)
{
    cv::RNG random(seed);
    cv::Mat noise(height, width, CV_32F), out;
    random.fill(noise, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(noise, noise, {}, grain);
    cv::Scalar mean, spread;
    cv::meanStdDev(noise, mean, spread);
    noise = (noise - mean[0]) * (30 * strength / std::max(spread[0], 1e-9)) + 120;
    noise.convertTo(out, CV_8U);
    cv::cvtColor(out, out, cv::COLOR_GRAY2RGB);
    return out;
}

/// Sky over ground, both with some texture; the line between them tilted.
Photo landscape(double share, double tilt, unsigned seed)
{
    cv::Mat m = patches(360, 240, 5, 0.3, seed);
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x)
            if (y < share * m.rows - std::tan(radians(tilt)) * (x - m.cols / 2.0))
                m.at<cv::Vec3b>(y, x) += cv::Vec3b(60, 70, 90);
    return Photo::fromMat(m);
}
/// Of the main figure and the true one: what both have over what either has; 0 where none is found.
double overlapWith(const std::vector<gather::Figure>& found, const cv::Mat& truth)
{
    if (found.empty())
        return 0;
    const cv::Mat mask = found[0].mask.mat();
    return cv::countNonZero(truth & mask) / double(cv::countNonZero(truth | mask));
}
} // namespace

class TestPhotoLight : public QObject {
    Q_OBJECT
private slots:
    void aTurnedPictureHasItsLightTurned_data()
    {
        QTest::addColumn<double>("azimuth");
        for (int az = 15; az < 360; az += 50)
            QTest::addRow("%d°", az) << double(az);
    }
    void aTurnedPictureHasItsLightTurned()
    {
        QFETCH(double, azimuth);
        const Made m = lump(azimuth, 30);
        const double straight = photoLight(m.photo, m.mask).azimuth;
        QVERIFY2(std::abs(turnBetween(straight, azimuth)) < 20, qPrintable(QString::number(straight)));
        cv::Mat photo, mask;
        cv::rotate(m.photo.mat(), photo, cv::ROTATE_90_COUNTERCLOCKWISE);
        cv::rotate(m.mask.mat(), mask, cv::ROTATE_90_COUNTERCLOCKWISE);
        const double turned = photoLight(Photo::fromMat(photo), Mask::fromMat(mask)).azimuth;
        QVERIFY2(std::abs(turnBetween(straight + 90, turned)) < 14, qPrintable(QString::number(turned)));
        cv::flip(m.photo.mat(), photo, 1), cv::flip(m.mask.mat(), mask, 1);
        const double mirrored = photoLight(Photo::fromMat(photo), Mask::fromMat(mask)).azimuth;
        QVERIFY2(std::abs(turnBetween(180 - straight, mirrored)) < 8, qPrintable(QString::number(mirrored)));
    }

    void sizeDoesNotMatter()
    {
        const Made small = lump(130, 25, 160), large = lump(130, 25, 640);
        const MeasuredLight a = photoLight(small.photo, small.mask), b = photoLight(large.photo, large.mask);
        QVERIFY(std::abs(turnBetween(a.azimuth, b.azimuth)) < 6 && std::abs(a.elevation - b.elevation) < 8);
        QVERIFY(std::abs(a.confidence - b.confidence) < 0.15);
    }

    void theFanIsWiderTheLessIsKnown()
    {
        MeasuredLight last{0, 0, 1, 1, 0, 0, 0, LightSource::Both};
        for (const double light : {1.0, 0.5, 0.25, 0.12, 0.0}) { // less and less of a direction
            const auto d = kit::litDisc(220, 90, 70, 30, 1 - light);
            const MeasuredLight l = photoLight(d.photo, d.mask);
            QVERIFY(l.azimuthHalf <= l.azimuthMost && l.azimuthMost <= 180 && l.elevationMost <= 90);
            if (l.confidence < last.confidence)
                QVERIFY(l.azimuthMost >= last.azimuthMost && l.elevationMost >= last.elevationMost);
            last = l;
        }
        QVERIFY(last.confidence < 0.25 && last.azimuthMost > 100);
    }

    void foldsAreSeen_data()
    {
        QTest::addColumn<double>("azimuth");
        QTest::addColumn<double>("folds");
        for (const double azimuth : {10.0, 60.0, 140.0, 200.0})
            for (const double folds : {3.0, 5.0})
                QTest::addRow("from %g°, %g folds", azimuth, folds) << azimuth << folds;
    }
    void foldsAreSeen()
    {
        QFETCH(double, azimuth);
        QFETCH(double, folds);
        const Made m = cloth(azimuth, 35, folds);
        Relief puffed = reliefOf(m.mask, Shape::Puffed), seen = puffed, card = reliefOf(m.mask, Shape::Card);
        lift(seen, readPhoto(m.photo, m.mask));
        const double by = errorOf(seen, m.normals), outline = errorOf(puffed, m.normals),
                     flat = errorOf(card, m.normals);
        // Wide folds are told as well as by a flat card; of narrow ones part of the pillow is taken off.
        QVERIFY2(by < (folds < 4 ? 1.05 * flat : 0.87 * outline),
            qPrintable(QString("%1 %2 %3").arg(by).arg(outline).arg(flat)));
        for (const Vec3f& n : {seen.normals.at(3, 3), seen.normals.at(80, 100)})
            QVERIFY(std::abs(n.x * n.x + n.y * n.y + n.z * n.z - 1) < 1e-4f && n.z > 0);
    }

    void foldsWithoutALightAreTakenFlat_data()
    {
        QTest::addColumn<double>("folds");
        for (const double folds : {3.0, 4.0, 5.5, 7.0})
            QTest::addRow("%g folds", folds) << folds;
    }
    void foldsWithoutALightAreTakenFlat()
    {
        QFETCH(double, folds);
        const Made m = cloth(0, 90, folds);
        cv::Mat even(m.normals.size(), CV_32FC3, cv::Scalar(0.1, 0.12, 0.15));
        for (int y = 0; y < even.rows; ++y)
            for (int x = 0; x < even.cols; ++x)
                if (m.mask.at(x, y)) { // hollows get less of the sky
                    const double k = 2 * kPi * folds / (even.cols - 40), in = 1 - std::sin(k * (x + 0.15 * y));
                    even.at<cv::Vec3f>(y, x) = cv::Vec3f(0.5f, 0.42f, 0.36f) * float(0.7 - 0.12 * in);
                }
        Relief puffed = reliefOf(m.mask, Shape::Puffed), seen = puffed;
        const PhotoReading reading = readPhoto(colour::codeOf(LinearPicture::fromMat(even)), m.mask);
        QVERIFY(reading.light.confidence < 0.25);
        lift(seen, reading);
        const double by = errorOf(seen, m.normals), outline = errorOf(puffed, m.normals),
                     flat = errorOf(reliefOf(m.mask, Shape::Card), m.normals);
        QVERIFY2(by < 1.1 * flat && by < 0.8 * outline,
            qPrintable(QString("%1, pillow %2, card %3").arg(by).arg(outline).arg(flat)));
    }

    void nothingIsReadOffNothing()
    {
        QVERIFY(readPhoto({}, {}).lift.empty());
        const Photo grey = kit::plain(60, 60, {128, 128, 128});
        QVERIFY(readPhoto(grey, Mask::filled(60, 60, 0)).lift.empty());
        const PhotoReading whole = readPhoto(grey, Mask::filled(60, 60, 255));
        QVERIFY(whole.light.confidence < 0.25);
        Relief r = reliefOf(Mask::filled(60, 60, 255), Shape::Puffed);
        const Relief before = r;
        lift(r, {});
        QVERIFY(r.normals.identity() == before.normals.identity());
        const Photo black = kit::plain(60, 60, {0, 0, 0}), white = kit::plain(60, 60, {255, 255, 255});
        for (const Photo& p : {black, white}) {
            const auto d = kit::litDisc(60, 25, 0, 0, 1);
            const PhotoReading read = readPhoto(p, d.mask);
            QVERIFY(read.light.confidence < 0.25 && std::isfinite(read.light.azimuth + read.light.elevation));
        }
    }

    void figuresAreFound_data()
    {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("azimuth");
        for (const double x : {0.3, 0.5, 0.66})
            for (const double azimuth : {40.0, 160.0, 320.0})
                QTest::addRow("at %g, lit from %g°", x, azimuth) << x << azimuth;
    }
    void figuresAreFound()
    {
        QFETCH(double, x);
        QFETCH(double, azimuth);
        const Made m = lump(azimuth, 30, 260);
        cv::Mat ground = patches(640, 420, 9, 0.25, unsigned(azimuth)), truth = cv::Mat::zeros(420, 640, CV_8U);
        const cv::Rect at(int(x * 640) - 130, 90, 260, 260);
        m.photo.mat().copyTo(ground(at), m.mask.mat());
        m.mask.mat().copyTo(truth(at));
        NoProgress progress;
        const auto found = gather::figuresOf(Photo::fromMat(ground), {}, progress);
        const double overlap = overlapWith(found, truth);
        QVERIFY2(overlap > 0.8, qPrintable(QString::number(overlap)));
        const gather::PictureMeasure whole = gather::measured(Photo::fromMat(ground), {}, progress);
        QVERIFY2(whole.light.confidence >= 0.25 && std::abs(turnBetween(whole.light.azimuth, azimuth)) < 30,
            qPrintable(QString("%1 %2").arg(whole.light.azimuth).arg(whole.light.confidence)));
    }

    void severalFiguresAreFound()
    {
        const Made m = lump(140, 35, 150);
        cv::Mat ground = patches(640, 300, 9, 0.2, 8);
        for (const int x : {40, 240, 450})
            m.photo.mat().copyTo(ground(cv::Rect(x, 80, 150, 150)), m.mask.mat());
        NoProgress progress;
        const gather::PictureMeasure whole = gather::measured(Photo::fromMat(ground), {}, progress);
        QCOMPARE(whole.figures.size(), 3u);
        for (const gather::FigureLight& f : whole.figures)
            QVERIFY2(std::abs(turnBetween(f.light.azimuth, 140)) < 30, qPrintable(QString::number(f.light.azimuth)));
    }

    void whatIsCutOffBelowIsAFigure_data()
    {
        QTest::addColumn<int>("shown"); // rows of it
        for (const int shown : {150, 190, 230})
            QTest::addRow("%d of 260 rows", shown) << shown;
    }
    void whatIsCutOffBelowIsAFigure()
    {
        QFETCH(int, shown);
        const Made m = lump(30, 35, 260);
        cv::Mat ground = patches(500, 340, 9, 0.2, 3), truth = cv::Mat::zeros(340, 500, CV_8U);
        const cv::Rect at(120, 340 - shown, 260, shown), part(0, 0, 260, shown);
        m.photo.mat()(part).copyTo(ground(at), m.mask.mat()(part));
        m.mask.mat()(part).copyTo(truth(at));
        NoProgress progress;
        const auto found = gather::figuresOf(Photo::fromMat(ground), {}, progress);
        const double overlap = overlapWith(found, truth);
        QVERIFY2(overlap > 0.96, qPrintable(QString::number(overlap)));
    }

    void groundsHaveNoFigures()
    {
        NoProgress progress;
        for (const double grain : {1.0, 3.0, 8.0, 20.0})
            QVERIFY(gather::figuresOf(Photo::fromMat(patches(480, 320, grain, 1, 5)), {}, progress).empty());
        QVERIFY(gather::figuresOf(kit::plain(300, 200, {90, 120, 60}), {}, progress).empty());
    }

    void aHorizonIsALine_data()
    {
        QTest::addColumn<double>("share");
        QTest::addColumn<double>("tilt");
        for (const double share : {0.2, 0.43, 0.7})
            for (const double tilt : {-3.0, 0.0, 2.0})
                QTest::addRow("at %g, tilted %g°", share, tilt) << share << tilt;
    }
    void aHorizonIsALine()
    {
        QFETCH(double, share);
        QFETCH(double, tilt);
        const Photo p = landscape(share, tilt, unsigned(100 * share));
        const gather::Horizon h = gather::horizonOf(p);
        QVERIFY2(h.confidence >= 0.6 && std::abs(h.y / p.height() - share) < 0.015,
            qPrintable(QString("%1 %2").arg(h.y / p.height()).arg(h.confidence)));
    }

    void closeUpsHaveNoHorizon()
    {
        // Rims, patches, a bright ball, a bench's edge over half the width: none of them is where the eyes were.
        std::vector<cv::Mat> all;
        for (const double grain : {1.0, 4.0, 12.0})
            all.push_back(patches(360, 240, grain, 1, 11));
        cv::Mat ball = patches(360, 240, 4, 0.3, 3), shelf = ball.clone(), coins = ball.clone();
        cv::circle(ball, {180, 120}, 80, cv::Scalar(230, 220, 200), cv::FILLED);
        cv::rectangle(shelf, cv::Rect(0, 130, 170, 110), cv::Scalar(40, 50, 40), cv::FILLED);
        for (int i = 0; i < 24; ++i)
            cv::circle(coins, {30 + 60 * (i % 6), 30 + 60 * (i / 6)}, 20, cv::Scalar(210, 205, 190), cv::FILLED);
        for (const cv::Mat& m : {ball, shelf, coins})
            all.push_back(m);
        for (const cv::Mat& m : all) {
            const gather::Horizon h = gather::horizonOf(Photo::fromMat(m));
            QVERIFY2(h.confidence == 0, qPrintable(QString("%1 at %2").arg(h.confidence).arg(h.y)));
        }
    }
};

RL_TEST(TestPhotoLight)
#include "tst_photo_light.moc"
