#include "core/base/geometry.h"
#include "core/relief/detail.h"
#include "core/relief/inflate.h"
#include "core/relief/photo_light.h"
#include "core/relief/relief.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::relief;

namespace {
Mask discMask(int size, double radius)
{
    cv::Mat m(size, size, CV_8UC1, cv::Scalar(0));
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x)
            if (std::hypot(x + 0.5 - size / 2.0, y + 0.5 - size / 2.0) < radius)
                m.at<std::uint8_t>(y, x) = 255;
    return Mask::fromMat(m);
}
double angleBetween(Vec3f a, Vec3f b)
{
    return degrees(std::acos(std::clamp(double(a.x * b.x + a.y * b.y + a.z * b.z), -1.0, 1.0)));
}
} // namespace

class TestRelief : public QObject {
    Q_OBJECT
private slots:
    void aDiscInflatesToItsParaboloid_data()
    {
        QTest::addColumn<int>("size");
        QTest::addColumn<double>("radius");
        QTest::newRow("small: one level") << 14 << 5.0;
        QTest::newRow("middling") << 100 << 40.0;
        QTest::newRow("large") << 400 << 170.0;
    }
    void aDiscInflatesToItsParaboloid()
    {
        QFETCH(int, size);
        QFETCH(double, radius);
        // Poisson's equation with -1 on a disc: u = (R² - r²) / 4; zero lies at the centres of the pixels outside,
        // half a pixel beyond the border.
        const Plane u = inflated(discMask(size, radius), {});
        const double top = double(u.at(size / 2, size / 2)), expected = (radius + 0.5) * (radius + 0.5) / 4;
        QVERIFY2(std::abs(top - expected) < 0.08 * expected, qPrintable(QString("%1 for %2").arg(top).arg(expected)));
    }

    void aCroppedShapeGoesOn()
    {
        // A strip running off left and right is the same all along: u = w² / 8 in its middle, with w one pixel more.
        cv::Mat m(64, 200, CV_8UC1, cv::Scalar(0));
        m.rowRange(12, 52).setTo(255);
        const Mask strip = Mask::fromMat(m);
        const Plane u = inflated(strip, {true, false, true, false});
        for (const int x : {2, 50, 100, 197})
            QVERIFY2(std::abs(u.at(x, 32) - 210) < 20, qPrintable(QString::number(u.at(x, 32))));
        const Plane closed = inflated(strip, {});
        QVERIFY(closed.at(2, 32) < 0.4f * closed.at(100, 32));
    }

    void aBallHasTheNormalsOfASphere()
    {
        const Relief r = reliefOf(discMask(260, 110), Shape::Ball);
        double sum = 0;
        int count = 0;
        for (int y = 0; y < r.normals.height(); ++y)
            for (int x = 0; x < r.normals.width(); ++x) {
                const double nx = (x + 0.5) / (r.normals.width() / 2.0) - 1,
                             ny = 1 - (y + 0.5) / (r.normals.height() / 2.0), r2 = nx * nx + ny * ny;
                if (r2 > 0.85)
                    continue;
                sum += angleBetween(r.normals.at(x, y), {float(nx), float(ny), float(std::sqrt(1 - r2))});
                ++count;
            }
        QVERIFY2(sum / count < 3, qPrintable(QString::number(sum / count)));
    }

    void formsDiffer()
    {
        const Mask disc = discMask(200, 80);
        const auto edgeTilt = [&](Shape s) {
            const Relief r = reliefOf(disc, s);
            return angleBetween(r.normals.at(r.normals.width() - 4, r.normals.height() / 2), {0, 0, 1});
        };
        QVERIFY(edgeTilt(Shape::Card) < 0.1);
        QVERIFY(edgeTilt(Shape::Slab) < edgeTilt(Shape::Puffed));
        QVERIFY(edgeTilt(Shape::Puffed) < edgeTilt(Shape::Ball));
        const Relief column = reliefOf(disc, Shape::Column);
        for (int x = 10; x < column.normals.width() - 10; x += 20)
            QVERIFY(std::abs(column.normals.at(x, column.normals.height() / 2).y) < 1e-3f); // bends across only
    }

    void nothingGivesNothing()
    {
        QVERIFY(reliefOf({}, Shape::Puffed).normals.empty());
        QVERIFY(reliefOf(Mask::filled(40, 40, 0), Shape::Puffed).normals.empty());
        QVERIFY(reliefOf(Mask::filled(1, 1, 255), Shape::Puffed).normals.empty());
    }

    void lightOfASphereIsFound_data()
    {
        QTest::addColumn<double>("azimuth");
        QTest::addColumn<double>("elevation");
        for (const double az : {0.0, 45.0, 110.0, 200.0, 290.0, 350.0})
            for (const double el : {5.0, 30.0, 50.0})
                QTest::addRow("from %g, %g up", az, el) << az << el;
    }
    void lightOfASphereIsFound()
    {
        QFETCH(double, azimuth);
        QFETCH(double, elevation);
        const auto d = kit::litDisc(220, 90, azimuth, elevation, 0.2);
        const MeasuredLight l = photoLight(d.photo, d.mask);
        QVERIFY2(std::abs(turnBetween(l.azimuth, azimuth)) < 8, qPrintable(QString("azimuth %1").arg(l.azimuth)));
        QVERIFY2(std::abs(l.elevation - elevation) < 18, qPrintable(QString("elevation %1").arg(l.elevation)));
        QVERIFY(l.confidence > 0.5);
    }

    void flatLightIsCalledFlat()
    {
        const auto d = kit::litDisc(220, 90, 0, 0, 1.0);
        QVERIFY(photoLight(d.photo, d.mask).confidence < 0.25);
        QVERIFY(photoLight(d.photo, Mask::filled(220, 220, 0)).confidence == 0);
        QVERIFY(photoLight(d.photo, Mask::filled(10, 10, 255)).confidence == 0); // not of one size
        QVERIFY(photoLight({}, {}).confidence == 0);
    }

    void aPartTakesItsOwnForm()
    {
        // The right half of a disc made flat: it faces the viewer, the left half stays as it was.
        const Mask disc = discMask(200, 90);
        const Relief whole = reliefOf(disc, Shape::Ball);
        const Relief parted = reliefOf(disc, Shape::Ball, 384, {{{{0.5, 0}, {1, 0}, {1, 1}, {0.5, 1}}, Shape::Card}});
        const int w = whole.normals.width(), h = whole.normals.height();
        QVERIFY(angleBetween(parted.normals.at(w * 4 / 5, h / 2), {0, 0, 1}) < 1);
        QVERIFY(angleBetween(whole.normals.at(w * 4 / 5, h / 2), {0, 0, 1}) > 25);
        QVERIFY(angleBetween(parted.normals.at(w / 5, h / 2), whole.normals.at(w / 5, h / 2)) < 0.5);
    }

    void tiltTurnsTheFace_data()
    {
        QTest::addColumn<double>("right");
        QTest::addColumn<double>("up");
        QTest::newRow("right") << 30.0 << 0.0;
        QTest::newRow("left") << -50.0 << 0.0;
        QTest::newRow("up") << 0.0 << 40.0;
        QTest::newRow("down") << 0.0 << -20.0;
    }
    void tiltTurnsTheFace()
    {
        QFETCH(double, right);
        QFETCH(double, up);
        const Relief r = reliefOf(discMask(100, 45), Shape::Card, 384, {{{}, std::nullopt, right, up, 1}});
        const Vec3f n = r.normals.at(r.normals.width() / 2, r.normals.height() / 2);
        QVERIFY(std::abs(degrees(std::atan2(double(n.x), double(n.z))) - right) < 0.2);
        QVERIFY(std::abs(degrees(std::asin(double(n.y))) - up) < 0.2);
    }

    void puffingScalesTheSlope()
    {
        const Mask disc = discMask(200, 90);
        const Relief flat = reliefOf(disc, Shape::Puffed, 384, {{{}, std::nullopt, 0, 0, 0}});
        const Relief round = reliefOf(disc, Shape::Puffed, 384, {{{}, std::nullopt, 0, 0, 2}});
        const Relief plain = reliefOf(disc, Shape::Puffed);
        const int x = plain.normals.width() * 3 / 4, y = plain.normals.height() / 2;
        QVERIFY(angleBetween(flat.normals.at(x, y), {0, 0, 1}) < 0.1);
        const Vec3f a = plain.normals.at(x, y), b = round.normals.at(x, y);
        QVERIFY(std::abs(b.x / b.z / (a.x / a.z) - 2) < 0.01f);
    }

    void aRidgeFallsToBothSides()
    {
        const Relief r = reliefOf(discMask(200, 90), Shape::Card, 384, {}, {{{{0.5, 0.2}, {0.5, 0.8}}, 1, 0.08}});
        const int w = r.normals.width(), y = r.normals.height() / 2;
        const Vec3f left = r.normals.at(w / 2 - 3, y), right = r.normals.at(w / 2 + 3, y),
                    far = r.normals.at(w / 10, y);
        QVERIFY2(left.x < -0.5f && right.x > 0.5f, qPrintable(QString("%1 %2").arg(left.x).arg(right.x)));
        QVERIFY(std::abs(left.x + right.x) < 0.1f);
        QVERIFY(std::abs(far.x) < 0.05f);
        const Relief sunk = reliefOf(discMask(200, 90), Shape::Card, 384, {}, {{{{0.5, 0.2}, {0.5, 0.8}}, -1, 0.08}});
        QVERIFY(sunk.normals.at(w / 2 - 3, y).x > 0.5f);
    }

    void cornersAndGroundFaceTheirWays()
    {
        const Mask disc = discMask(100, 45);
        const Relief corner = reliefOf(disc, Shape::Corner), ground = reliefOf(disc, Shape::Ground);
        const int w = corner.normals.width(), y = corner.normals.height() / 2;
        QVERIFY(angleBetween(corner.normals.at(w / 4, y), {-0.7071f, 0, 0.7071f}) < 0.5);
        QVERIFY(angleBetween(corner.normals.at(w * 3 / 4, y), {0.7071f, 0, 0.7071f}) < 0.5);
        QVERIFY(ground.normals.at(w / 2, y).y > 0.9f);
    }

    void shapesThatAreNoneAreLeftAlone()
    {
        const Mask disc = discMask(100, 45);
        const Relief plain = reliefOf(disc, Shape::Puffed);
        const Relief odd = reliefOf(disc, Shape::Puffed, 384, {{{{0.5, 0.5}, {0.6, 0.6}}, Shape::Card}},
            {{{{0.5, 0.5}}, 1, 0.1}, {{{0.5, 0.5}, {0.5, 0.5}}, 0, 0.1}});
        for (std::size_t i = 0; i < plain.normals.size(); ++i)
            QVERIFY(angleBetween(plain.normals.data()[i], odd.normals.data()[i]) < 0.1);
    }

    void shadingShowsFolds_data()
    {
        QTest::addColumn<double>("azimuth"); // where the light comes from
        QTest::newRow("from the right") << 0.0;
        QTest::newRow("from the left") << 180.0;
        QTest::newRow("from the upper right") << 40.0;
    }
    void shadingShowsFolds()
    {
        QFETCH(double, azimuth);
        // A hanging sheet with upright folds: its outline tells nothing of them.
        const int w = 240, h = 240;
        std::vector<Vec3f> truth;
        std::vector<Rgb8> pixels;
        std::vector<std::uint8_t> inside;
        const double az = radians(azimuth), el = radians(30.0);
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x) {
                const double slope = 0.5 * std::cos(x / 240.0 * 2 * kPi * 5), k = 1 / std::hypot(slope, 1.0);
                truth.push_back({float(-slope * k), 0, float(k)});
                const double lit
                    = 0.2 + 0.6 * std::max(0.0, -slope * k * std::cos(el) * std::cos(az) + k * std::sin(el));
                const auto code = std::uint8_t(std::lround(255 * std::pow(std::min(1.0, lit), 1 / 2.2)));
                pixels.push_back({code, code, code});
                inside.push_back(x > 10 && x < w - 10 && y > 10 && y < h - 10 ? 255 : 0);
            }
        const Photo photo(w, h, std::move(pixels));
        const Mask mask(w, h, std::move(inside));
        const auto error = [&](const Relief& r) {
            double sum = 0;
            int n = 0;
            for (int y = 40; y < 200; ++y)
                for (int x = 40; x < 200; ++x, ++n)
                    sum += angleBetween(
                        r.normals.at(x - int(r.box.x), y - int(r.box.y)), truth[std::size_t(y * w + x)]);
            return sum / n;
        };
        Relief r = reliefOf(mask, Shape::Slab);
        const double outline = error(r);
        addDetail(r, photo, mask, {azimuth, 30, 0.9, 0.5}, 0.35);
        QVERIFY2(error(r) < 0.9 * outline, qPrintable(QString("%1 of %2").arg(error(r)).arg(outline)));
        Relief flat = reliefOf(mask, Shape::Slab); // where the light is not known nothing is read into it
        addDetail(flat, photo, mask, {azimuth, 30, 0.1, 0.5}, 0.35);
        QCOMPARE(error(flat), outline);
    }
};

RL_TEST(TestRelief)
#include "tst_relief.moc"
