#include "store/picture_reader.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTemporaryDir>
#include <QTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

using namespace rl;

namespace {
store::Blob blob(const QByteArray& bytes)
{
    return std::make_shared<const std::vector<unsigned char>>(bytes.begin(), bytes.end());
}
QByteArray encoded(const char* ending, const cv::Mat& m)
{
    std::vector<unsigned char> out;
    cv::imencode(ending, m, out);
    return {reinterpret_cast<const char*>(out.data()), qsizetype(out.size())};
}
cv::Mat gradient(int type = CV_8UC3)
{
    cv::Mat m(40, 60, type);
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x)
            if (type == CV_8UC3)
                m.at<cv::Vec3b>(y, x) = {std::uint8_t(x * 4), std::uint8_t(y * 6), 200};
            else if (type == CV_16UC3)
                m.at<cv::Vec3w>(y, x) = {std::uint16_t(x * 4 * 257), std::uint16_t(y * 6 * 257), 51400};
            else
                m.at<std::uint8_t>(y, x) = std::uint8_t(x * 4);
    return m;
}
QByteArray big32(quint32 v)
{
    QByteArray b(4, 0);
    for (int i = 0; i < 4; ++i)
        b[i] = char(v >> (24 - 8 * i));
    return b;
}
/// A PNG that says it is w × h and holds nothing else.
QByteArray pngHeader(quint32 w, quint32 h)
{
    return QByteArray("\x89PNG\r\n\x1a\n", 8) + big32(13) + "IHDR" + big32(w) + big32(h)
        + QByteArray("\x08\x02\0\0\0\0\0\0\0", 9) + big32(0) + "IEND" + big32(0xae426082);
}
QByteArray big16(quint16 v)
{
    return big32(v).right(2);
}
QByteArray withExif(QByteArray jpeg, const QByteArray& tiff)
{
    const QByteArray body = QByteArray("Exif\0\0", 6) + tiff;
    return jpeg.insert(2, QByteArray("\xff\xe1", 2) + big16(quint16(body.size() + 2)) + body);
}
/// A JPEG with an EXIF orientation put in behind its first marker.
QByteArray turned(const QByteArray& jpeg, char orientation)
{
    return withExif(jpeg,
        QByteArray("MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0", 19) + orientation
            + QByteArray("\0\0\0\0\0\0", 6));
}
/// What a camera writes of its lens: sides in pixels, and the length on 35 mm film or, where that is 0, the length
/// itself, mm, with so many pixels an inch of the sensor.
QByteArray withLens(const QByteArray& jpeg, int w, int h, int film, int mm, int perInch)
{
    const auto row = [](quint16 tag, quint16 type, quint32 value) { // 3 a short, 4 a long, 5 where a fraction lies
        return big16(tag) + big16(type) + big32(1) + (type == 3 ? big16(quint16(value)) + big16(0) : big32(value));
    };
    QByteArray rows;
    quint16 n = 2;
    const quint32 fractions = 26 + 2 + 12 * 5 + 4;
    if (!film)
        rows += row(0x920a, 5, fractions), ++n;
    rows += row(0xa002, 4, quint32(w)) + row(0xa003, 4, quint32(h));
    if (!film)
        rows += row(0xa20e, 5, fractions + 8) + row(0xa210, 3, 2), n += 2;
    else
        rows += row(0xa405, 3, quint32(film)), ++n;
    return withExif(jpeg,
        QByteArray("MM\0*\0\0\0\x08", 8) + big16(1) + row(0x8769, 4, 26) + big32(0) + big16(n) + rows
            + (film ? QByteArray() : big32(0)) + big32(quint32(mm)) + big32(1) + big32(quint32(perInch)) + big32(1));
}
} // namespace

class TestPictureReader : public QObject {
    Q_OBJECT
private slots:
    void whatPaintersHaveIsRead_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("type");
        QTest::newRow("JPEG") << encoded(".jpg", gradient()) << "image/jpeg";
        QTest::newRow("PNG") << encoded(".png", gradient()) << "image/png";
        QTest::newRow("TIFF") << encoded(".tif", gradient()) << "image/tiff";
        QTest::newRow("WebP") << encoded(".webp", gradient()) << "image/webp";
        QTest::newRow("PNG, 16 bits") << encoded(".png", gradient(CV_16UC3)) << "image/png";
        QTest::newRow("TIFF, 16 bits") << encoded(".tif", gradient(CV_16UC3)) << "image/tiff";
    }
    void whatPaintersHaveIsRead()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, type);
        const auto read = store::readPicture(blob(bytes));
        QVERIFY2(bool(read), read ? "" : read.error().sentence.c_str());
        QCOMPARE(QString::fromStdString(read->mediaType), type);
        QCOMPARE(read->pixels.width(), 60);
        QCOMPARE(read->pixels.height(), 40);
        const Rgb8 p = read->pixels.at(30, 20); // red 200, green 120, blue 120
        QVERIFY(std::abs(p.r - 200) < 12 && std::abs(p.g - 120) < 12 && std::abs(p.b - 120) < 12);
        QCOMPARE(read->original->size(), std::size_t(bytes.size()));
        QCOMPARE(read->sha256.size(), std::size_t(64));
    }

    void greyAndTransparentPicturesComeAsRgb()
    {
        auto read = store::readPicture(blob(encoded(".png", gradient(CV_8UC1))));
        QVERIFY(read && read->pixels.at(10, 5) == (Rgb8{40, 40, 40}));
        cv::Mat clear(8, 8, CV_8UC4, cv::Scalar(0, 0, 255, 0));
        read = store::readPicture(blob(encoded(".png", clear)));
        QVERIFY(read && std::abs(read->pixels.at(3, 3).r - 128) <= 1); // over mid grey
    }

    void picturesStandUpright_data()
    {
        QTest::addColumn<int>("orientation");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<QPoint>("bright"); // where the corner that was first in the file comes to lie
        QTest::newRow("as it is") << 1 << QSize(60, 40) << QPoint(3, 3);
        QTest::newRow("mirrored") << 2 << QSize(60, 40) << QPoint(56, 3);
        QTest::newRow("upside down") << 3 << QSize(60, 40) << QPoint(56, 36);
        QTest::newRow("turned right") << 6 << QSize(40, 60) << QPoint(36, 3);
        QTest::newRow("turned left") << 8 << QSize(40, 60) << QPoint(3, 56);
    }
    void picturesStandUpright()
    {
        QFETCH(int, orientation);
        QFETCH(QSize, size);
        QFETCH(QPoint, bright);
        cv::Mat m(40, 60, CV_8UC3, cv::Scalar(20, 20, 20));
        cv::rectangle(m, cv::Rect(0, 0, 8, 8), cv::Scalar(255, 255, 255), cv::FILLED);
        const auto read = store::readPicture(blob(turned(encoded(".jpg", m), char(orientation))));
        QVERIFY(bool(read));
        QCOMPARE(QSize(read->pixels.width(), read->pixels.height()), size);
        QVERIFY(read->pixels.at(bright.x(), bright.y()).g > 200);
    }

    void theLensIsAsTheCameraSays_data()
    {
        QTest::addColumn<QByteArray>("file");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<double>("share");
        const QByteArray jpeg = encoded(".jpg", gradient());
        const double diagonal = std::hypot(3.0, 2.0) / 3 / 43.27; // of 3 : 2, over its width, for each mm
        QTest::newRow("35 mm on film") << withLens(jpeg, 600, 400, 35, 0, 0) << QSize(60, 40) << 35 * diagonal;
        QTest::newRow("long, turned upright")
            << withLens(jpeg, 600, 400, 135, 0, 0) << QSize(40, 60) << 135 * diagonal * 1.5;
        QTest::newRow("a sensor of 600 px, 200 an inch")
            << withLens(jpeg, 600, 400, 0, 50, 200) << QSize(60, 40) << 50 / (3 * 25.4);
        QTest::newRow("cut square since") << withLens(jpeg, 600, 400, 35, 0, 0) << QSize(40, 40) << 0.0;
        QTest::newRow("no length") << withLens(jpeg, 600, 400, 0, 0, 200) << QSize(60, 40) << 0.0;
        QTest::newRow("absurd") << withLens(jpeg, 600, 400, 60000, 0, 0) << QSize(60, 40) << 0.0;
        QTest::newRow("nothing said") << jpeg << QSize(60, 40) << 0.0;
        QTest::newRow("broken off") << withLens(jpeg, 600, 400, 35, 0, 0).left(60) << QSize(60, 40) << 0.0;
        QTest::newRow("no file") << QByteArray() << QSize(60, 40) << 0.0;
        QTest::newRow("no picture") << withLens(jpeg, 600, 400, 35, 0, 0) << QSize(0, 40) << 0.0;
    }
    void theLensIsAsTheCameraSays()
    {
        QFETCH(QByteArray, file);
        QFETCH(QSize, size);
        QFETCH(double, share);
        const double told = store::focalShareOf(*blob(file), size.width(), size.height());
        QVERIFY2(std::abs(told - share) < 1e-5 * (1 + share), qPrintable(QString::number(told)));
    }

    void badPicturesGetOneClearSentence_data()
    {
        const QByteArray jpeg = encoded(".jpg", gradient()), png = encoded(".png", gradient()),
                         webp = encoded(".webp", gradient());
        QByteArray animatedPng = png;
        animatedPng.insert(33, big32(8) + "acTL" + big32(2) + big32(0) + big32(0));
        QByteArray damaged = png;
        for (qsizetype i = 60; i < damaged.size() - 20; ++i)
            damaged[i] = char(i * 37);
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("says");
        QTest::newRow("empty") << QByteArray() << "empty";
        QTest::newRow("truncated JPEG") << jpeg.left(jpeg.size() / 2) << "ends too early";
        QTest::newRow("truncated PNG") << png.left(png.size() / 2) << "ends too early";
        QTest::newRow("truncated WebP") << webp.left(webp.size() / 2) << "ends too early";
        QTest::newRow("JPEG header alone") << jpeg.left(4) << "pixels wide";
        QTest::newRow("text called .jpg") << QByteArray("Dear diary, today I painted.") << "not JPEG";
        QTest::newRow("GIF") << QByteArray("GIF89a\1\0\1\0") << "GIF";
        QTest::newRow("0 x 0") << pngHeader(0, 0) << "0 pixels";
        QTest::newRow("60000 x 60000, header only") << pngHeader(60000, 60000) << "200 million";
        QTest::newRow("largest there is") << pngHeader(0x7fffffff, 0x7fffffff) << "200 million";
        QTest::newRow("animated PNG") << animatedPng << "animation";
        QTest::newRow("random bytes inside") << damaged << "damaged";
        QTest::newRow("nothing but zeros") << QByteArray(5000, 0) << "not JPEG";
        QTest::newRow("TIFF whose directory points nowhere") << QByteArray("II*\0\xff\xff\xff\x7f", 8) << "0 pixels";
    }
    void badPicturesGetOneClearSentence()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, says);
        const auto read = store::readPicture(blob(bytes));
        QVERIFY(!read);
        const QString sentence = QString::fromStdString(read.error().sentence);
        QVERIFY2(sentence.contains(says), qPrintable(sentence));
        QVERIFY(sentence.endsWith('.') && sentence.count('\n') == 0);
    }

    void cutShortAnywhereNeverCrashes()
    {
        for (const char* ending : {".jpg", ".png", ".tif", ".webp"}) {
            const QByteArray whole = encoded(ending, gradient());
            for (qsizetype n = 0; n < whole.size(); n += 1 + whole.size() / 60)
                (void)store::readPicture(blob(whole.left(n)));
        }
    }

    void cmykIsBroughtToRgb()
    {
        const auto read = store::readPicture(std::filesystem::path(TEST_DATA "/cmyk.jpg")); // made of rgb(200, 60, 40)
        QVERIFY2(bool(read), read ? "" : read.error().sentence.c_str());
        const Rgb8 p = read->pixels.at(16, 12);
        QVERIFY2(std::abs(p.r - 200) < 12 && std::abs(p.g - 60) < 12 && std::abs(p.b - 40) < 12,
            qPrintable(QString("%1 %2 %3").arg(p.r).arg(p.g).arg(p.b)));
    }

    void anAnimationIsSaidToBeOne()
    {
        const auto read = store::readPicture(std::filesystem::path(TEST_DATA "/moving.webp"));
        QVERIFY(!read && QString::fromStdString(read.error().sentence).contains("animation"));
    }

    void aFrameThatLiesAboutItsComponentsIsHarmless()
    {
        QByteArray four = encoded(".jpg", gradient());
        const qsizetype frame = four.indexOf("\xff\xc0");
        QVERIFY(frame > 0);
        four[frame + 9] = 4; // the header holds three
        const auto read = store::readPicture(blob(four));
        QVERIFY(!read || !read->pixels.empty());
    }

    void filesAreReadAndWrittenSafely()
    {
        QTemporaryDir dir;
        const auto path
            = [&](const char* n) { return std::filesystem::path(kit::pathIn(dir.path(), n).toStdString()); };
        QVERIFY(store::readFile(path("none")).error().kind == ErrorKind::Missing);
        QVERIFY(store::readFile(dir.path().toStdString()).error().kind == ErrorKind::Unsupported);
        const std::vector<unsigned char> bytes{1, 2, 3};
        QVERIFY(bool(store::writeFile(path("three"), bytes)));
        QCOMPARE(**store::readFile(path("three")), bytes);
        QVERIFY(store::readFile(path("three"), 2).error().kind == ErrorKind::TooLarge);
        QVERIFY(store::writeFile(path("no/such/folder"), bytes).error().kind == ErrorKind::NotWritable);
        QVERIFY(!store::writeFile("/dev/full/x", bytes));
    }

    void masksKeepTheirBytes()
    {
        std::vector<std::uint8_t> values(256 * 3);
        for (std::size_t i = 0; i < values.size(); ++i)
            values[i] = std::uint8_t(i * 7);
        const Mask m{256, 3, values};
        const auto back = store::decodeMask(store::encodePng(m));
        QVERIFY(back && std::memcmp(back->data(), m.data(), values.size()) == 0);
        QVERIFY(!store::decodeMask(std::vector<unsigned char>{1, 2, 3}));
    }
};

RL_TEST(TestPictureReader)
#include "tst_picture_reader.moc"
