#include "bench/figures.h"
#include "app/frame/main_window.h"
#include "app/theme/theme.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/matte.h"
#include "core/cutout/rough_cut.h"
#include "core/gather/fit.h"
#include "core/gather/vanishing.h"
#include "core/relief/photo_light.h"
#include "demo/demo_work.h"
#include "store/picture_reader.h"
#include "tests/kit/boxes.h"
#include "tests/kit/cut_cases.h"
#include "tests/kit/eye_cases.h"
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <chrono>
#include <fstream>
#include <nlohmann/json.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <sys/resource.h>

namespace rl::bench {

namespace {
double percentile(std::vector<double> v, double share)
{
    if (v.empty())
        return 0;
    std::sort(v.begin(), v.end());
    const double k = share * double(v.size() - 1);
    const auto i = std::size_t(k);
    return v[i] + (v[std::min(i + 1, v.size() - 1)] - v[i]) * (k - double(i));
}

double milliseconds(const std::function<void()>& f)
{
    const auto start = std::chrono::steady_clock::now();
    f();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
}
} // namespace

namespace {
/// The demo's own photographs are of other kinds: timber, cloth on stilts, scutes, a heap of salt.
double onTheDemo()
{
    NoProgress progress;
    const auto project = demo::lowTideCaravan(progress);
    const std::pair<const char*, double> truth[]
        = {{"lamplighter", 52}, {"tea_house", 22}, {"tortoise", 148}, {"salt_heap", 112}};
    double worst = 0;
    for (const auto& [name, azimuth] : truth)
        for (const Reference& r : project->references)
            if (r.name == name)
                worst = std::max(worst,
                    std::abs(
                        turnBetween(relief::photoLight(r.pixels, gather::matteFor(*project, r.id)).azimuth, azimuth)));
    return worst;
}
} // namespace

namespace {
/// Egg-shaped things of kinds that the examples lack, lit from a known side.
enum class Stuff { Photograph, Hair, Metal, Glass, TwoLights };

struct Thing {
    Photo photo;
    Mask mask;
};
Thing egg(Stuff stuff, double azimuth, const cv::Mat& texture, unsigned seed)
{
    constexpr int kSide = 320;
    const double az = radians(azimuth), el = radians(25.0), az2 = az + radians(130.0);
    const Vec3 key{std::cos(el) * std::cos(az), std::cos(el) * std::sin(az), std::sin(el)},
        fill{std::cos(el) * std::cos(az2), std::cos(el) * std::sin(az2), std::sin(el)};
    const auto facing = [](Vec3 n, Vec3 l) { return std::max(0.0, n.x * l.x + n.y * l.y + n.z * l.z); };
    cv::Mat linear(kSide, kSide, CV_32FC3, cv::Scalar(0.12, 0.16, 0.14));
    std::vector<std::uint8_t> mask(kSide * kSide, 0);
    for (int y = 0; y < kSide; ++y)
        for (int x = 0; x < kSide; ++x) {
            const double u = (x + 0.5 - kSide / 2.0) / 110, v = -(y + 0.5 - kSide / 2.0) / 140, r2 = u * u + v * v;
            if (r2 >= 1)
                continue;
            mask[std::size_t(y * kSide + x)] = 255;
            Vec3 n{u / 110 * 125, v / 140 * 125, std::sqrt(1 - r2)};
            n = n * (1 / n.length());
            const double lambert = 0.25 + 0.75 * facing(n, key);
            double shade = lambert;
            if (stuff == Stuff::Photograph) {
                const cv::Vec3b t = texture.at<cv::Vec3b>(y % texture.rows, (x + int(seed) * 37) % texture.cols);
                shade *= 0.3 + 1.4 * t[1] / 255.0;
            } else if (stuff == Stuff::Hair) {
                // Strands running down: they shine where the light is square to them, not where it faces the surface.
                const double along = n.y * 0 + key.y, across = std::sqrt(std::max(0.0, 1 - along * along));
                shade = (0.2 + 0.5 * across * (0.4 + 0.6 * facing(n, key)))
                    * (0.7 + 0.5 * std::sin(x * 1.9 + 3 * std::sin(y * 0.05 + seed)));
            } else if (stuff == Stuff::Metal) {
                const Vec3 mirror{2 * n.z * n.x, 2 * n.z * n.y, 2 * n.z * n.z - 1};
                shade = 0.15 + 0.3 * (0.5 + 0.5 * mirror.y) + 1.6 * std::pow(facing(mirror, key), 40)
                    + 0.3 * facing(mirror, key);
            } else if (stuff == Stuff::Glass) {
                const Vec3 turned{-n.x, -n.y, n.z}; // what shines through falls on the far side
                shade = 0.25 + 0.5 * facing(turned, key) + 1.2 * std::pow(facing(n, key), 60);
            } else
                shade = 0.15 + 0.6 * facing(n, key) + 0.35 * facing(n, fill);
            linear.at<cv::Vec3f>(y, x) = cv::Vec3f(float(0.5 * shade), float(0.42 * shade), float(0.34 * shade));
        }
    return {colour::codeOf(LinearPicture::fromMat(linear)), {kSide, kSide, std::move(mask)}};
}

void otherKinds(std::vector<Figure>& out)
{
    const Photo texture = kit::photographs()[3];
    const std::pair<Stuff, const char*> kinds[]
        = {{Stuff::Photograph, "photographed timber as texture"}, {Stuff::Hair, "hair"},
            {Stuff::Metal, "polished metal"}, {Stuff::Glass, "glass"}, {Stuff::TwoLights, "two lights"}};
    for (const auto& [stuff, name] : kinds) {
        std::vector<double> error, confidence;
        double fooled = 0;
        for (unsigned i = 0; i < 12; ++i) {
            const Thing t = egg(stuff, 15 + 30.0 * i, texture.mat(), i);
            const auto l = relief::photoLight(t.photo, t.mask);
            error.push_back(std::abs(turnBetween(l.azimuth, 15 + 30.0 * i)));
            confidence.push_back(l.confidence);
            fooled += l.confidence >= 0.7 && error.back() > 30;
        }
        out.push_back(
            {std::string("light: ") + name + ", azimuth error, median of 12", percentile(error, 0.5), "°", 0});
        out.push_back({std::string("light: ") + name + ", confidence, median", percentile(confidence, 0.5), "", 0});
        out.push_back(
            {std::string("light: ") + name + ", sure (0.7) and more than 30° wrong", 100 * fooled / 12, "%", 0});
    }
}
} // namespace

std::vector<LightExample> lightExamples()
{
    const std::filesystem::path folder = RL_LIGHT_EXAMPLES;
    std::ifstream in(folder / "truth.json");
    const auto truth = nlohmann::json::parse(in, nullptr, false);
    std::vector<LightExample> all;
    for (const auto& t : truth) {
        const std::string name = t["name"];
        const auto photo = store::readPicture(folder / (name + ".jpg"));
        const auto mask = store::readMask(folder / (name + "_mask.png"));
        if (!photo || !mask)
            continue;
        const bool flat = t["flat"].get<bool>();
        all.push_back({photo->pixels, *mask, flat, flat ? 0 : t["azimuth_deg"].get<double>(),
            flat ? 0 : t["elevation_deg"].get<double>()});
    }
    return all;
}

void lightFigures(std::vector<Figure>& out)
{
    std::vector<double> azimuth, elevation;
    double surest = 0;
    for (const LightExample& e : lightExamples()) {
        const auto l = relief::photoLight(e.photo, e.mask);
        if (e.flat) {
            surest = std::max(surest, l.confidence);
            continue;
        }
        azimuth.push_back(std::abs(turnBetween(l.azimuth, e.azimuth)));
        elevation.push_back(std::abs(l.elevation - e.elevation));
    }
    out.push_back(
        {"light: azimuth error, median of " + std::to_string(azimuth.size()), percentile(azimuth, 0.5), "°", 7.5});
    out.push_back({"light: azimuth error, 90th percentile", percentile(azimuth, 0.9), "°", 20});
    out.push_back({"light: elevation error, median", percentile(elevation, 0.5), "°", 10});
    out.push_back({"light: elevation error, 90th percentile", percentile(elevation, 0.9), "°", 20});
    out.push_back({"light: on the demo's photographs of figures, worst azimuth error", onTheDemo(), "°", 0});
    otherKinds(out);
    out.push_back({"light: highest confidence on a flat-lit picture", surest, "", 0.25});
}

void cutFigures(std::vector<Figure>& out, int count)
{
    double ours = 0, plain = 0, colour = 0, coloured = 0, raw = 0;
    std::vector<double> overlap;
    for (const kit::CutCase& c : kit::cutCases(kit::photographs(), 1, count)) {
        NoProgress progress;
        const Mask alpha = cutout::touchCut(c.photo, c.strokes, 8, progress);
        const LinearPicture clean = cutout::cleanColours(colour::linearOf(c.photo), alpha);
        const cv::Mat s = c.strokes.mat();
        cv::Mat labels(s.size(), CV_8UC1, cv::Scalar(cv::GC_PR_FGD)), a, b, bgr;
        labels.setTo(cv::GC_FGD, s == 255);
        labels.setTo(cv::GC_BGD, s == 0);
        cv::cvtColor(c.photo.mat(), bgr, cv::COLOR_RGB2BGR);
        cv::theRNG().state = 1;
        cv::grabCut(bgr, labels, cv::Rect(), a, b, 5, cv::GC_INIT_WITH_MASK);
        double mine = 0, theirs = 0, open = 0, both = 0, either = 0;
        for (int y = 0; y < s.rows; ++y)
            for (int x = 0; x < s.cols; ++x) {
                const double truth = double(c.alpha.at(x, y)), is = alpha.at(x, y) / 255.0;
                const int l = labels.at<std::uint8_t>(y, x);
                if (s.at<std::uint8_t>(y, x) == 128) {
                    mine += std::abs(is - truth), ++open;
                    theirs += std::abs((l == cv::GC_FGD || l == cv::GC_PR_FGD ? 1.0 : 0.0) - truth);
                }
                both += is > 0.5 && truth > 0.5, either += is > 0.5 || truth > 0.5;
                if (truth > 0.1 && truth < 0.9 && is > 0.1) {
                    const colour::Lab wanted = colour::toLab(c.foreground.at(x, y));
                    colour += colour::deltaE2000(colour::toLab(clean.at(x, y)), wanted);
                    raw += colour::deltaE2000(colour::toLab(colour::linearOf(c.photo.at(x, y))), wanted);
                    ++coloured;
                }
            }
        ours += mine / open, plain += theirs / open;
        overlap.push_back(both / either);
    }
    out.push_back(
        {"cut: alpha error over that of cv::grabCut, " + std::to_string(count) + " cases", ours / plain, "×", 0.8});
    out.push_back({"cut: alpha error where the strokes leave it open", ours / count, "", 0});
    out.push_back({"cut: overlap with the truth, median", percentile(overlap, 0.5), "IoU", 0.97, false});
    out.push_back({"cut: colour error in the soft edge", colour / std::max(1.0, coloured), "ΔE00", 0});
    out.push_back({"cut: the same before the old background is taken out", raw / std::max(1.0, coloured), "ΔE00", 0});
    cv::Mat large;
    const Photo small = kit::photographs()[2];
    cv::resize(small.mat(), large, cv::Size(4000, 3000), 0, 0, cv::INTER_CUBIC);
    const Photo photo = Photo::fromMat(large);
    const auto marks = cutout::marksOf({400, 600, 3200, 2000}, 4000, 3000);
    NoProgress progress;
    cutout::Rough rough;
    out.push_back({"cut: first look at 12 megapixels",
        milliseconds([&] { rough = cutout::roughCut(photo, marks, 480, progress); }) / 1000, "s", 1});
    out.push_back({"cut: the same at full size",
        milliseconds([&] { (void)cutout::touchCut(photo, marks, 20, progress); }) / 1000, "s", 0});
}

void eyeLevelFigures(std::vector<Figure>& out)
{
    std::vector<double> off;
    for (unsigned seed = 100; seed < 140; ++seed) {
        const kit::Boxes b = kit::boxes(seed);
        const auto e = gather::eyeLevelOf(b.photo);
        off.push_back(degrees(std::atan(std::abs(e.y - b.eyeLevel) / b.focalPx)));
    }
    out.push_back({"eye level of boxes, error, median of 40", percentile(off, 0.5), "°", 0.5});
    out.push_back({"eye level of boxes, error, 90th percentile", percentile(off, 0.9), "°", 0});
    const kit::EyeHeld held = kit::eyeHeld(kit::eyeCases(7000, 40), 0.55);
    out.push_back({"eye level claimed, of " + std::to_string(held.known) + " pictures that show it",
        100.0 * (held.claimed - held.claimedUnknown) / held.known, "%", 0, false});
    out.push_back({"eye level claimed where nobody could tell, of " + std::to_string(held.cases - held.known)
            + " tables, walls, leaves, grass, folds",
        double(held.claimedUnknown), "pictures", 0});
    out.push_back({"claims within 2° (said to be " + std::to_string(int(std::lround(100 * held.said))) + " % sure)",
        100 * held.often(), "%", 100 * held.said, false});
}

namespace {
constexpr int kPictures = 200;

/// Twelve megapixels each, no two files alike.
void writePictures(const QString& folder)
{
    cv::Mat large, bgr;
    const Photo small = kit::photographs()[3];
    cv::resize(small.mat(), large, cv::Size(4000, 3000), 0, 0, cv::INTER_LINEAR);
    std::vector<std::vector<unsigned char>> files;
    for (int i = 0; i < 4; ++i) {
        cv::cvtColor(large * (0.7 + 0.1 * i), bgr, cv::COLOR_RGB2BGR);
        files.emplace_back();
        cv::imencode(".jpg", bgr, files.back(), {cv::IMWRITE_JPEG_QUALITY, 70});
    }
    for (int i = 0; i < kPictures; ++i) {
        std::vector<unsigned char> file = files[std::size_t(i % 4)];
        const unsigned char comment[]
            = {0xff, 0xfe, 0, 4, static_cast<unsigned char>('a' + i / 26), static_cast<unsigned char>('a' + i % 26)};
        file.insert(file.begin() + 2, comment, comment + 6);
        (void)store::writeFile(folder.toStdString() + "/picture" + std::to_string(1000 + i) + ".jpg", file);
    }
}
} // namespace

int importRun(const std::string& folder)
{
    rl::theme::apply(*qApp);
    QTemporaryDir dir;
    app::MainWindow window;
    window.resize(1280, 800);
    window.show();
    window.newWork(dir.filePath("wall.lantern"), {});
    window.goTo(Station::Gather);
    QElapsedTimer clock, whole;
    double longest = 0, arrived = 0;
    QTimer tick, check;
    QObject::connect(&tick, &QTimer::timeout, [&] {
        longest = std::max(longest, double(clock.nsecsElapsed()) / 1e6 - 5);
        clock.restart();
    });
    tick.setTimerType(Qt::PreciseTimer);
    QObject::connect(&check, &QTimer::timeout, [&] {
        const auto& references = window.document().project().references;
        if (int(references.size()) < kPictures)
            return;
        if (arrived == 0)
            arrived = double(whole.elapsed()) / 1000;
        if (double(whole.elapsed()) / 1000 < arrived + 15) // and a while into measuring them
            return;
        rusage use{};
        getrusage(RUSAGE_SELF, &use);
        std::printf("%g %g %g\n", longest, arrived, double(use.ru_maxrss) / 1024);
        std::fflush(stdout);
        std::_Exit(0);
    });
    QTimer::singleShot(1500, &window, [&] {
        emit window.desk().importWanted({QString::fromStdString(folder)});
        clock.start();
        whole.start();
        tick.start(5);
        check.start(100);
    });
    return qApp->exec();
}

void importFigures(std::vector<Figure>& out)
{
    QTemporaryDir dir;
    writePictures(dir.path());
    QProcess run;
    run.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    run.start(QCoreApplication::applicationFilePath(), {"--import-run", dir.path()});
    run.waitForFinished(400000);
    const QStringList words = QString::fromLatin1(run.readAllStandardOutput()).simplified().split(' ');
    if (words.size() != 3)
        return;
    out.push_back({"import of 200 × 12 megapixels: longest the window waited", words[0].toDouble(), "ms", 50});
    out.push_back({"import: until all hung on the wall", words[1].toDouble(), "s", 0});
    out.push_back({"import: memory at most, measuring included", words[2].toDouble(), "MB", 1500});
}

} // namespace rl::bench
