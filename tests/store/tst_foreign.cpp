#include "core/project/edits.h"
#include "store/clip.h"
#include "store/measure_json.h"
#include "store/project_file.h"
#include "store/stored_picture.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTemporaryDir>
#include <QTest>
#include <libheif/heif.h>
#include <opencv2/imgproc.hpp>
#include <opencv2/videoio.hpp>

using namespace rl;

namespace {
store::Blob blobOf(const std::string& text)
{
    return std::make_shared<const std::vector<unsigned char>>(text.begin(), text.end());
}

/// A HEIC picture of one colour; empty where this machine has no encoder.
store::Blob heic(int width, int height, Rgb8 colour)
{
    heif_context* context = heif_context_alloc();
    heif_encoder* encoder = nullptr;
    auto bytes = std::make_shared<std::vector<unsigned char>>();
    if (heif_context_get_encoder_for_format(context, heif_compression_HEVC, &encoder).code == heif_error_Ok) {
        heif_image* image = nullptr;
        heif_image_create(width, height, heif_colorspace_RGB, heif_chroma_interleaved_RGB, &image);
        heif_image_add_plane(image, heif_channel_interleaved, width, height, 8);
        int stride = 0;
        std::uint8_t* p = heif_image_get_plane(image, heif_channel_interleaved, &stride);
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                p[y * stride + 3 * x] = colour.r;
                p[y * stride + 3 * x + 1] = colour.g;
                p[y * stride + 3 * x + 2] = colour.b;
            }
        heif_encoder_set_lossy_quality(encoder, 90);
        heif_context_encode_image(context, image, encoder, nullptr, nullptr);
        heif_writer writer{1, [](heif_context*, const void* data, size_t size, void* to) {
                               const auto* from = static_cast<const unsigned char*>(data);
                               static_cast<std::vector<unsigned char>*>(to)->assign(from, from + size);
                               return heif_error{heif_error_Ok, heif_suberror_Unspecified, ""};
                           }};
        heif_context_write(context, &writer, bytes.get());
        heif_image_release(image);
        heif_encoder_release(encoder);
    }
    heif_context_free(context);
    return bytes;
}

/// An uncompressed 16-bit DNG of a plain grey sensor, just enough of one for a raw reader.
store::Blob dng(int width, int height)
{
    std::vector<unsigned char> b;
    const auto u16 = [&](unsigned v) { b.push_back(v & 255), b.push_back(v >> 8 & 255); };
    const auto u32 = [&](unsigned v) { u16(v & 0xffff), u16(v >> 16); };
    struct Entry {
        unsigned tag, type, count, value;
    };
    // Directory at 8; what does not fit behind it, then the strip.
    const unsigned entries = 21, after = 8 + 2 + entries * 12 + 4, make = after, model = make + 8, matrix = model + 8,
                   neutral = matrix + 72, strip = neutral + 24;
    const Entry list[entries] = {{254, 4, 1, 0}, {256, 4, 1, unsigned(width)}, {257, 4, 1, unsigned(height)},
        {258, 3, 1, 16}, {259, 3, 1, 1}, {262, 3, 1, 32803}, {271, 2, 8, make}, {272, 2, 8, model}, {273, 4, 1, strip},
        {274, 3, 1, 1}, {277, 3, 1, 1}, {278, 4, 1, unsigned(height)}, {279, 4, 1, unsigned(width * height * 2)},
        {33421, 3, 2, 0x00020002}, {33422, 1, 4, 0x02010100}, {50706, 1, 4, 0x00000401}, {50707, 1, 4, 0x00000101},
        {50714, 3, 1, 0}, {50717, 3, 1, 4095}, {50721, 10, 9, matrix}, {50728, 5, 3, neutral}};
    for (const unsigned char c : {'I', 'I', '*', '\0'})
        b.push_back(c);
    u32(8);
    u16(entries);
    for (const Entry& e : list)
        u16(e.tag), u16(e.type), u32(e.count), u32(e.value);
    u32(0);
    for (const char* text : {"Lantern", "Modelxx"})
        for (int i = 0; i < 8; ++i)
            b.push_back(static_cast<unsigned char>(text[i]));
    const int identity[9] = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    for (const int v : identity)
        u32(unsigned(v)), u32(1);
    for (int i = 0; i < 3; ++i)
        u32(1), u32(1);
    for (int i = 0; i < width * height; ++i)
        u16(1000);
    return std::make_shared<const std::vector<unsigned char>>(b);
}
} // namespace

class TestForeign : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
private slots:
    void picturesFromPhones()
    {
        const store::Blob file = heic(64, 48, {180, 90, 40});
        if (file->empty())
            QSKIP("no HEIC encoder on this machine");
        const auto read = store::readPicture(file);
        QVERIFY2(bool(read), read ? "" : read.error().detail.c_str());
        QCOMPARE(read->mediaType, std::string("image/heif"));
        QCOMPARE(read->pixels.width(), 64);
        const Rgb8 p = read->pixels.at(30, 20);
        QVERIFY(std::abs(p.r - 180) < 8 && std::abs(p.g - 90) < 8 && std::abs(p.b - 40) < 8);
        // Cut short anywhere it is refused, never a crash.
        for (std::size_t keep = 16; keep < file->size(); keep += file->size() / 15)
            (void)store::readPicture(std::make_shared<const std::vector<unsigned char>>(
                file->begin(), file->begin() + std::ptrdiff_t(keep)));
    }

    void cameraRaw()
    {
        const auto read = store::readPicture(dng(64, 48));
        QVERIFY2(bool(read), read ? "" : (read.error().sentence + read.error().detail).c_str());
        QCOMPARE(read->mediaType, std::string("image/x-raw"));
        QVERIFY(read->pixels.width() >= 60 && read->pixels.height() >= 44);
        QVERIFY(!read->note.empty());
        const auto whole = dng(64, 48);
        for (std::size_t keep = 12; keep < whole->size(); keep += 701)
            (void)store::readPicture(std::make_shared<const std::vector<unsigned char>>(
                whole->begin(), whole->begin() + std::ptrdiff_t(keep)));
    }

    void drawings_data()
    {
        QTest::addColumn<QString>("svg");
        QTest::addColumn<bool>("good");
        QTest::newRow("a red square")
            << "<svg xmlns='http://www.w3.org/2000/svg' width='20' height='10'><rect width='20' "
               "height='10' fill='#c82814'/></svg>"
            << true;
        QTest::newRow("behind a heading")
            << "<?xml version='1.0'?>\n<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 "
               "10'><rect width='20' height='10' fill='#c82814'/></svg>"
            << true;
        QTest::newRow("cut short") << "<svg xmlns='http://www.w3.org/2000/svg' width='20' height='10'><rect wid"
                                   << false;
        QTest::newRow("absurdly long") << "<svg xmlns='http://www.w3.org/2000/svg' width='1000000' height='1'></svg>"
                                       << false;
    }
    void drawings()
    {
        QFETCH(QString, svg);
        QFETCH(bool, good);
        const auto read = store::readPicture(blobOf(svg.toStdString()));
        QCOMPARE(bool(read), good);
        if (!good) {
            QVERIFY(!read.error().sentence.empty());
            return;
        }
        QCOMPARE(read->pixels.width(), 2400);
        QVERIFY(read->pixels.at(1200, 600) == (Rgb8{200, 40, 20}));
    }

    void theSharpFrameIsOffered()
    {
        const QString clip = m_dir.filePath("clip.avi");
        cv::VideoWriter film(clip.toStdString(), cv::VideoWriter::fourcc('M', 'J', 'P', 'G'), 10, cv::Size(320, 240));
        QVERIFY(film.isOpened());
        cv::Mat sharp(240, 320, CV_8UC3, cv::Scalar::all(60));
        for (int i = 0; i < 10; ++i)
            cv::line(sharp, {i * 32, 0}, {320 - i * 20, 239}, cv::Scalar(200, 180, 160), 2);
        for (int i = 0; i < 30; ++i) { // all shaken, but for the one at 1.7 s
            cv::Mat frame = sharp.clone();
            if (i != 17)
                cv::blur(sharp, frame, cv::Size(9, 9));
            film.write(frame);
        }
        film.release();
        NoProgress progress;
        const auto stills = store::sharpestStills(clip.toStdString(), 1.5, 0.5, 4, progress);
        QVERIFY(bool(stills));
        QVERIFY2(std::abs(stills->front().second - 1.7) < 0.051, qPrintable(QString::number(stills->front().second)));
        QVERIFY(stills->size() <= 4);
        const auto about = store::clipFactsOf(clip.toStdString());
        QVERIFY(about && std::abs(about->seconds - 3) < 0.11 && about->width == 320);
        kit::writeBytes(m_dir.filePath("no.mp4"), "not a film");
        QVERIFY(!store::clipFactsOf(m_dir.filePath("no.mp4").toStdString()));
    }

    void aClipIsNoPictureAndIsSaidToBeOne()
    {
        const auto read = store::readPicture(blobOf(std::string("\0\0\0\x18"
                                                                "ftypmp42\0\0\0\0mp42isom",
            24)));
        QVERIFY(!read && read.error().sentence.find("video") != std::string::npos);
    }

    void glancingGivesTheSameSizeAndColour()
    {
        const Photo photo = kit::plain(1300, 900, {120, 80, 60});
        const auto bytes = std::make_shared<const std::vector<unsigned char>>(store::encodeJpeg(photo));
        const auto glanced = store::glancePicture(bytes, 200);
        QVERIFY(bool(glanced));
        QCOMPARE(glanced->width, 1300);
        QCOMPARE(glanced->height, 900);
        QVERIFY(glanced->small.width() <= 200 && std::abs(glanced->small.at(50, 50).r - 120) < 5);
    }

    void picturesLeaveTheMemoryAndComeBack()
    {
        const Photo photo = kit::plain(90, 60, {10, 200, 30});
        const auto bytes = std::make_shared<const std::vector<unsigned char>>(store::encodePng(photo));
        const auto read = store::readPicture(bytes);
        Project p = edits::withReference({}, store::referenceOf("green", *read));
        const auto path = std::filesystem::path(m_dir.filePath("wall.lantern").toStdString());
        auto file = store::ProjectFile::create(path, p);
        QVERIFY(bool(file));
        const auto* stored = dynamic_cast<const store::StoredPicture*>(p.references[0].pixels.source());
        QVERIFY(stored && stored->settledIn(file->place())); // its bytes are on the disk alone
        QVERIFY(*p.references[0].pixels.bytes() == *bytes);
        QVERIFY(p.references[0].pixels.photo().at(40, 30) == (Rgb8{10, 200, 30}));
        const auto opened = store::ProjectFile::open(path);
        QVERIFY(opened && opened->project.references[0].pixels.width() == 90);
        // With the file gone it is grey, never a crash.
        std::filesystem::remove(path);
        Project q = opened->project;
        QCOMPARE(
            store::StoredPicture(std::make_shared<store::WorkPlace>(path), p.references[0].sha256()).load().width(), 0);
    }

    void measuresAreKeptBesideThePicture()
    {
        gather::PictureMeasure m;
        m.light = {12.5, -3, 0.7};
        m.palette = {{{1, 2, 3}, 0.25}};
        m.eyeLevel = 0.43;
        m.figures = {{{0.1, 0.2, 0.3, 0.4}, {200, 15, 0.8}, 9, 31}, {{0.5, 0.1, 0.2, 0.6}, {10, -5, 0.3}, 25, 80}};
        const auto back = store::measureFrom(store::bytesOf(m));
        QCOMPARE(back ? back->figures.size() : 0, std::size_t(2));
        for (std::size_t i = 0; i < 2; ++i) {
            const gather::FigureLight &was = m.figures[i], &is = back->figures[i];
            QVERIFY(is.light == was.light && is.box.x == was.box.x && is.box.height == was.box.height);
            QVERIFY(is.azimuthHalf == was.azimuthHalf && is.azimuthMost == was.azimuthMost);
        }
        QVERIFY(back && back->light == m.light && back->palette.size() == 1 && back->eyeLevel == 0.43);
        QVERIFY(!store::measureFrom({'{', '}'}));
        QVERIFY(!store::measureFrom({}));
        const auto path = std::filesystem::path(m_dir.filePath("kept.lantern").toStdString());
        auto file = store::ProjectFile::create(path, {});
        QVERIFY(bool(file));
        auto f = file.take();
        QVERIFY(bool(f.keepDerived("abc", "measure", store::bytesOf(m))));
        QVERIFY(f.derived("abc", "measure") == store::bytesOf(m));
        QVERIFY(f.derived("abc", "small").empty());
        // Only so much is kept: the largest goes first, what is kept just now never.
        store::ProjectFile::keepAtMost(3'000'000);
        const std::vector<unsigned char> two(2'000'000, 7), half(500'000, 8);
        QVERIFY(f.keepDerived("two", "small", two) && f.keepDerived("half", "small", half));
        QVERIFY(f.derived("two", "small") == two && f.derived("half", "small") == half);
        QVERIFY(bool(f.keepDerived("again", "small", two)));
        QVERIFY(f.derived("two", "small").empty() && f.derived("half", "small") == half
            && f.derived("again", "small") == two);
        store::ProjectFile::keepAtMost(store::ProjectFile::kDerivedKept);
    }
};

RL_TEST(TestForeign)
#include "tst_foreign.moc"
