// lantern-bench --memory: a large work opened, closed and held in memory; dragging while photographs are measured.
#include "app/frame/imports.h"
#include "app/frame/main_window.h"
#include "bench/figures.h"
#include "core/base/kept.h"
#include "core/base/parallel.h"
#include "core/gather/measure.h"
#include "core/light/relight.h"
#include "core/project/edits.h"
#include "core/stage/compose.h"
#include "demo/demo_work.h"
#include "store/stored_picture.h"
#include "tests/kit/tiny.h"
#include <QElapsedTimer>
#include <QEventLoop>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <random>
#include <thread>

namespace rl::bench {

namespace {
double residentMb()
{
    QFile f("/proc/self/statm");
    return f.open(QIODevice::ReadOnly) ? f.readAll().split(' ').value(1).toDouble() * 4096 / 1e6 : 0;
}
double secondsOf(const std::function<void()>& f)
{
    QElapsedTimer timer;
    timer.start();
    f();
    return double(timer.nsecsElapsed()) / 1e9;
}

/// A photograph of about ten megabytes: what follows the end of a JPEG is kept and not looked at.
store::Blob heavyPhotograph(std::mt19937& random, int i)
{
    std::vector<Rgb8> grain(std::size_t(1200 * 800));
    for (std::size_t k = 0; k < grain.size(); ++k)
        grain[k] = {std::uint8_t(i * 7 + int(k % 1200) / 9), std::uint8_t(k / 5000), std::uint8_t(random() % 40)};
    auto bytes = store::encodeJpeg({1200, 800, std::move(grain)}, 90);
    const std::size_t from = bytes.size();
    bytes.resize(10'000'000);
    for (std::size_t at = from; at + 4 <= bytes.size(); at += 4) {
        const auto word = random();
        std::memcpy(bytes.data() + at, &word, 4);
    }
    return std::make_shared<const std::vector<unsigned char>>(std::move(bytes));
}

/// The demo's scene on a wall of `count` more photographs.
bool makeLarge(const std::filesystem::path& path, int count)
{
    NoProgress progress;
    auto made = demo::caravanPutRight(progress);
    if (!made)
        return false;
    Project p = made.take();
    auto file = store::ProjectFile::create(path, p);
    if (!file)
        return false;
    auto work = file.take();
    std::mt19937 random(7);
    for (int i = 0; i < count; ++i) {
        Reference r = store::referenceOf(
            "photograph " + std::to_string(i), store::pictureFile(heavyPhotograph(random, i)), 1200, 800);
        if (!work.keepPicture(r))
            return false;
        p = edits::withReference(std::move(p), std::move(r));
    }
    return bool(work.save(p));
}

void largeWork(std::vector<Figure>& out)
{
    QTemporaryDir dir;
    const std::filesystem::path path = dir.filePath("large.lantern").toStdString();
    if (!makeLarge(path, 300))
        return;
    const double gb = double(std::filesystem::file_size(path)) / 1e9;
    const std::string size = std::to_string(int(gb * 10) / 10.0).substr(0, 3) + " GB, 307 photographs";
    (void)store::ProjectFile::open(path); // into the cache
    out.push_back(
        {"opening its description: " + size, secondsOf([&] { (void)store::ProjectFile::open(path); }), "s", 0});
    app::MainWindow window;
    window.show();
    const QString work = QString::fromStdString(path.string());
    const auto wait = [](const std::function<bool()>& done) { (void)QTest::qWaitFor(done, 120'000); };
    bool seen = false;
    QObject::connect(&window, &app::MainWindow::firstPicture, [&] { seen = true; });
    out.push_back({"opened to its first picture", secondsOf([&] {
                       window.openWork(work);
                       wait([&] { return seen; });
                   }),
        "s", 2});
    wait([&] { return window.settled(); });
    const auto closed = [&] {
        window.document().close();
        app::WorkSession::waitForEndings();
    };
    out.push_back(
        {"closed, nothing was changed (measures and small copies were being made)", secondsOf(closed), "s", 0.3});
    const auto changedAndClosed = [&](const char* name) {
        window.openWork(work);
        wait([&] { return window.document().path() == work && window.settled(); });
        window.document().edit("Change", edits::withSetAside(window.document().project(), name, "bench"));
        window.document().waitSaved();
        out.push_back({std::string("closed after one edit, ") + name, secondsOf(closed), "s", 0});
    };
    changedAndClosed("its state kept for the first time");
    changedAndClosed("its state brought up");
    // Looked through: all photographs decoded one after another.
    const auto opened = store::ProjectFile::open(path);
    for (const Reference& r : opened->project.references)
        (void)r.pixels.photo();
    out.push_back({"held by what can be made again, of " + std::to_string(kept::most() / 1'000'000) + " MB allowed",
        double(kept::bytes()) / 1e6, "MB", double(kept::most()) / 1e6});
    out.push_back({"resident after all 307 were looked at", residentMb(), "MB", 0});
}

/// One lamp of the demo moved over and over: median ms of a picture.
double draggedMs(const Project& demo, const std::shared_ptr<const stage::StageFrame>& frame, int moves)
{
    light::Relighter maker;
    Project p = demo;
    std::vector<double> ms;
    for (int i = 0; i < moves; ++i) {
        if (!p.lights.lanterns.empty())
            p.lights.lanterns[0].position.x += i % 2 ? 0.2 : -0.2;
        p.lights.sun.azimuth += 0.5;
        handMoved();
        ms.push_back(1000 * secondsOf([&] { (void)maker.light(frame, p.lights); }));
    }
    std::sort(ms.begin(), ms.end());
    return ms[ms.size() / 2];
}

void draggingWhileMeasuring(std::vector<Figure>& out)
{
    NoProgress progress;
    stage::SurfaceCache cache;
    const Project p = demo::caravanPutRight(progress).take();
    const auto frame = stage::compose(p, 900, cache, progress);
    (void)draggedMs(p, frame, 10);
    const double alone = draggedMs(p, frame, 60);
    std::vector<Photo> photographs;
    for (const Reference& r : p.references)
        photographs.push_back(r.pixels.photo());
    std::atomic<int> measured = 0;
    std::atomic<bool> stop = false;
    std::vector<std::thread> wall; // as the long lane has it: two threads, twenty photographs
    for (int t = 0; t < 2; ++t)
        wall.emplace_back([&, t] {
            workAside();
            for (int i = t; i < 20 && !stop; i += 2) {
                waitForTheHand();
                NoProgress none;
                (void)gather::measured(photographs[std::size_t(i) % photographs.size()], {}, none);
                ++measured;
            }
        });
    const double meanwhile = draggedMs(p, frame, 60);
    const int then = measured;
    std::this_thread::sleep_for(std::chrono::milliseconds(600));
    stop = true;
    for (std::thread& t : wall)
        t.join();
    out.push_back(
        {"dragging while twenty photographs are measured, × of dragging alone (" + std::to_string(int(alone)) + " ms; "
                + std::to_string(then) + " measured meanwhile, " + std::to_string(int(measured)) + " a moment after)",
            meanwhile / alone, "x", 1.5});
}
} // namespace

void sessionFigures(std::vector<Figure>& out)
{
    draggingWhileMeasuring(out);
    largeWork(out);
}

} // namespace rl::bench
