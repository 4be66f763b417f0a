// lantern-bench [--json]: how fast the heart of the program is, as ratios within one run.
// lantern-bench --light: how good light direction, relief and shadows are, on sets whose truth is known.
// lantern-bench --mix: recipes, the recipe map and the soft proof, and their speed.
// lantern-bench --carry: line art against rendered truth, stroke flow, landmarks, keystone.
// lantern-bench --paint: canvases squared up and compared, stages, plans of work, the eye trainer.
// lantern-bench --read: reading order, suggestions and their speed, on sets whose truth is known.
// lantern-bench --agree [FOLDER]: every fix of many works done and judged; --wishes [FOLDER]: other orders put right;
//     --review: how long a whole review takes. FOLDER: photographs to judge beside the made works;
//     --only WORDS: works whose name has them.
// lantern-bench --memory: a work of 300 photographs opened, closed and held; dragging while photographs are measured.
// lantern-bench --figures [--json]: how good Gather and Cut are, on sets whose truth is known.
#include "app/frame/main_window.h"
#include "app/theme/theme.h"
#include "bench/figures.h"
#include "core/base/memory.h"
#include "core/light/relight.h"
#include "core/project/stage_edits.h"
#include "core/stage/compose.h"
#include "demo/demo_work.h"
#include <QApplication>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <functional>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

using namespace rl;

namespace {
struct Row {
    std::string name, against;
    double ratio = 0, ms = 0, aim = 0, worst = 0; ///< `worst` of the runs, ms; 0 = not told
};

/// Milliseconds of the middle run and of the longest, and the middle ratio to a yardstick that is run before each.
struct Times {
    double middle = 0, worst = 0, ratio = 0;
};
double msOf(const std::function<void()>& f)
{
    const auto start = std::chrono::steady_clock::now();
    f();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
}
Times timesOf(
    int runs, const std::function<void()>& yard, const std::function<void()>& prepare, const std::function<void()>& f)
{
    std::vector<double> ms, ratios;
    for (int i = 0; i < runs; ++i) {
        prepare();
        const double against = std::max(msOf(yard), 1e-6);
        ms.push_back(msOf(f));
        ratios.push_back(ms.back() / against);
    }
    std::sort(ms.begin(), ms.end()), std::sort(ratios.begin(), ratios.end());
    return {ms[ms.size() / 2], ms.back(), ratios[ratios.size() / 2]};
}
double median(int runs, const std::function<void()>& f)
{
    const auto nothing = [] {};
    return timesOf(runs, nothing, nothing, f).middle;
}

/// What light is held against: a blur of a picture as large as the frame, ms.
double blurOf(const stage::StageFrame& frame)
{
    const cv::Mat picture(frame.height, frame.width, CV_32FC3, cv::Scalar(0.2, 0.3, 0.4));
    cv::Mat out;
    cv::GaussianBlur(picture, out, cv::Size(), 5, 5);
    return median(15, [&] { cv::GaussianBlur(picture, out, cv::Size(), 5, 5); });
}
const std::string against = "cv::GaussianBlur, float, 3 channels, sigma 5, same size";

/// The demo at one megapixel: eight elements, the sun and two lanterns, haze, wet ground.
void relighting(std::vector<Row>& rows)
{
    NoProgress progress;
    auto made = demo::lowTideCaravan(progress);
    if (!made)
        return;
    Project p = made.take();
    stage::SurfaceCache cache;
    const int width = 1225; // 1225 × 817 = 1.0 megapixel
    auto frame = stage::compose(p, width, cache, progress);
    const double blur = blurOf(*frame);
    const double full = median(9, [&] {
        light::Relighter fresh;
        fresh.light(frame, p.lights);
    });
    light::Relighter kept;
    kept.light(frame, p.lights);
    const double moved = median(15, [&] {
        p.lights.lanterns[0].position.x -= 0.03;
        kept.light(frame, p.lights);
    });
    const double composed = median(5, [&] { frame = stage::compose(p, width, cache, progress); });
    rows.push_back(
        {"full relight, 1 megapixel, 8 elements, sun + 2 lanterns, shadows, haze", against, full / blur, full, 3});
    rows.push_back({"one lantern moved", against, moved / blur, moved, 2});
    rows.push_back({"stage composed anew", against, composed / blur, composed, 2});
}

void everythingMoves(Project& p)
{
    for (Lantern& l : p.lights.lanterns)
        l.position.x += 0.03;
    p.lights.sun.azimuth += 1, p.lights.air.spill = p.lights.air.spill < 0.95 ? 1 : 0.9;
}

/// While a hand drags, the window's second maker shows 0.55 of the width; held against the blur at full size.
void draggedTwelve(
    const std::function<void(const char*, const Times&, double)>& add, const std::function<void()>& blur, Project p)
{
    const int width = 674;
    NoProgress progress;
    stage::SurfaceCache cache;
    stage::Composer composer;
    light::Relighter maker;
    auto frame = composer.compose(p, width, cache, progress);
    const auto shown = [&] { (void)maker.light(frame, p.lights); };
    shown();
    add("everything, while a hand drags",
        timesOf(
            15, blur, [&] { everythingMoves(p); }, shown),
        3);
    add("one lantern moved, while a hand drags",
        timesOf(
            21, blur, [&] { p.lights.lanterns[1].position.x += 0.03; }, shown),
        1);
    add("one body moved, while a hand drags: stood up and lit",
        timesOf(
            21, blur, [&] { p.elements[7].baseCm.x += 0.2; },
            [&] {
                frame = composer.compose(p, width, cache, progress);
                shown();
            }),
        2);
}

/// Twelve elements, the sun, the sky and four lanterns with shadows, one wet ground, haze: one megapixel.
void twelve(std::vector<Row>& rows)
{
    Project p;
    p.brief.widthCm = 90, p.brief.heightCm = 60;
    p.camera = {24, 1.7, 52};
    p.lights.air = {80, 1, 0.7, 0};
    p.lights.sun = {true, 220, 25, 0.6, 4500, 0.6};
    for (int i = 0; i < 12; ++i) {
        Element e = edits::standinOf(Solid(int(Solid::Box) + i % 9));
        e.baseCm = {8.0 + (i % 6) * 15, 30.0 + (i / 6) * 16};
        p = edits::withElement(std::move(p), e);
    }
    for (int i = 0; i < 4; ++i)
        p = edits::withLantern(std::move(p), {0, "lantern", true, {-3.0 + 2 * i, 1.6, 6.0 + 2 * i}, 0.1, 2300, 2, 0.6});
    NoProgress progress;
    stage::SurfaceCache cache;
    const auto frame = stage::compose(p, 1225, cache, progress);
    const cv::Mat picture(frame->height, frame->width, CV_32FC3, cv::Scalar(0.2, 0.3, 0.4));
    cv::Mat out;
    const auto blur = [&] { cv::GaussianBlur(picture, out, cv::Size(), 5, 5); };
    const auto add = [&](const char* what, const Times& t, double aim) {
        rows.push_back(
            {std::string("12 elements, sun + sky + 4 lanterns, shadows, wet ground, haze, 1 megapixel: ") + what,
                against, t.ratio, t.middle, aim, t.worst});
    };
    std::unique_ptr<light::Relighter> maker;
    const auto anew = [&] { maker = std::make_unique<light::Relighter>(); };
    const auto shown = [&] { (void)maker->light(frame, p.lights); };
    add("everything, by a maker that knows nothing", timesOf(15, blur, anew, shown), 6);
    add("everything, by the window's maker (sun, four lanterns, spill changed)",
        timesOf(
            15, blur, [&] { everythingMoves(p); }, shown),
        6);
    add("one lantern moved",
        timesOf(
            21, blur, [&] { p.lights.lanterns[1].position.x += 0.03; }, shown),
        2);
    draggedTwelve(add, blur, p);
}

/// Sixty elements at the size of a board, one of them dragged: stood up, lit and shown anew each time.
void dragging(std::vector<Row>& rows)
{
    Project p;
    p.brief.widthCm = 90, p.brief.heightCm = 60;
    p.camera = {24, 1.7, 52};
    p.lights.air = {80, 1, 0, 0};
    for (int i = 0; i < 60; ++i) {
        Element e = edits::standinOf(Solid(int(Solid::Box) + i % 9));
        e.baseCm = {6.0 + (i % 12) * 7, 27.0 + (i / 12) * 6.5};
        e.heightM = std::min(e.heightM, 2.2);
        p = edits::withElement(std::move(p), e);
    }
    NoProgress progress;
    stage::SurfaceCache cache;
    stage::Composer composer;
    light::Relighter relighter;
    const int width = 900;
    const auto first = composer.compose(p, width, cache, progress);
    (void)relighter.light(first, p.lights);
    const cv::Mat over(first->height, first->width, CV_32FC3, cv::Scalar(0.5, 0.4, 0.3)),
        under(first->height, first->width, CV_32FC3, cv::Scalar(0.2, 0.3, 0.4)),
        cover(first->height, first->width, CV_32FC3, cv::Scalar(0.5, 0.5, 0.5));
    cv::Mat out;
    const double blend = median(31, [&] { out = under + (over - under).mul(cover); });
    const Times times = timesOf(
        31, [] {},
        [&] {
            p.elements[30].baseCm = p.elements[30].baseCm + Vec2{0.21, 0.03};
        },
        [&] { (void)relighter.light(composer.compose(p, width, cache, progress), p.lights); });
    const double drag = times.middle;
    rows.push_back({"one of 60 elements dragged, 900 px board, shadows: " + std::to_string(int(1000 / drag))
            + " pictures a second",
        "one alpha blend of the board (float, 3 channels)", drag / blend, drag, 0, times.worst});
}

/// This program started again, until its window has been shown: bare, or with the demo's first picture.
double started(const QStringList& words)
{
    QElapsedTimer clock;
    clock.start();
    QProcess run;
    run.start(QCoreApplication::applicationFilePath(), words);
    run.waitForFinished(60000);
    return double(clock.nsecsElapsed()) / 1e6;
}

void starting(std::vector<Row>& rows)
{
    QTemporaryDir dir;
    const QString work = dir.filePath("demo.lantern");
    NoProgress progress;
    const auto made = demo::lowTideCaravan(progress);
    if (!made || !store::ProjectFile::create(work.toStdString(), *made))
        return;
    started({"--seen-once", work}); // the first visit leaves the preview that later ones show at once
    std::vector<double> bare, ours, lit;
    for (int i = 0; i < 5; ++i) {
        bare.push_back(started({"--bare-window"}));
        ours.push_back(started({"--first-picture", work}));
        lit.push_back(started({"--lit-picture", work}));
    }
    const auto middle = [](std::vector<double> v) {
        std::sort(v.begin(), v.end());
        return v[v.size() / 2];
    };
    rows.push_back({"start to the first picture (as last seen)", "start to a bare Qt window",
        middle(ours) / middle(bare), middle(ours), 3});
    rows.push_back(
        {"start to the picture lit anew", "start to a bare Qt window", middle(lit) / middle(bare), middle(lit), 0});
}

int bareWindow(QApplication& app)
{
    QWidget window;
    window.resize(1280, 800);
    window.show();
    QTimer::singleShot(0, &app, &QCoreApplication::quit);
    return app.exec();
}

int ourWindow(QApplication& app, const QString& how, const QString& work)
{
    app::MainWindow* window = nullptr;
    rl::theme::apply(app);
    window = new app::MainWindow;
    window->show();
    if (how == "--first-picture")
        QObject::connect(window, &app::MainWindow::firstPicture, [] { std::_Exit(0); });
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        if (how == "--lit-picture" && window->desk().lit)
            std::_Exit(0);
        if (how == "--seen-once" && window->settled())
            window->close(), QCoreApplication::quit();
    });
    poll.start(2);
    QTimer::singleShot(0, window, [=] { window->openWork(work); });
    const int code = app.exec();
    delete window;
    return code;
}

void print(const std::vector<Row>& rows, bool asJson)
{
    if (asJson) {
        nlohmann::json all = nlohmann::json::array();
        for (const Row& r : rows)
            all.push_back(
                {{"name", r.name}, {"ratio", r.ratio}, {"against", r.against}, {"ms", r.ms}, {"worst_ms", r.worst}});
        std::printf("%s\n", all.dump(2).c_str());
        return;
    }
    for (const Row& r : rows) {
        std::printf("%6.2f ×  %8.1f ms  %s\n          against %s", r.ratio, r.ms, r.name.c_str(), r.against.c_str());
        if (r.worst > 0)
            std::printf(", worst %.1f ms", r.worst);
        r.aim > 0 ? std::printf(" (aim: at most %g ×)\n", r.aim) : std::printf("\n");
    }
}

void print(const bench::Figure& f)
{
    std::printf("%10.3f %-5s %s", f.value, f.unit.c_str(), f.name.c_str());
    f.target > 0 ? std::printf(" (wanted: %s %g)\n", f.atMost ? "at most" : "at least", f.target) : std::printf("\n");
}

int figures(bool asJson)
{
    std::vector<bench::Figure> all;
    bench::lightFigures(all);
    bench::reliefFigures(all);
    bench::wholePictureFigures(all);
    bench::yardstickFigures(all);
    bench::bodyFigures(all);
    bench::ownShadeFigures(all);
    bench::readFigures(all);
    bench::eyeLevelFigures(all);
    bench::cutFigures(all, 24);
    bench::importFigures(all);
    nlohmann::json j = nlohmann::json::array();
    for (const bench::Figure& f : all) {
        if (asJson)
            j.push_back({{"name", f.name}, {"value", f.value}, {"unit", f.unit}, {"target", f.target}});
        else
            print(f);
    }
    if (asJson)
        std::printf("%s\n", j.dump(2).c_str());
    return 0;
}
} // namespace

int main(int argc, char** argv)
{
    rl::keepMemory();
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    QCoreApplication::setOrganizationName("roving-lantern-bench");
    const QStringList words = app.arguments().mid(1);
    if (words.value(0) == "--import-run")
        return bench::importRun(words.value(1).toStdString());
    if (words.contains("--import")) {
        std::vector<bench::Figure> all;
        bench::importFigures(all);
        for (const auto& f : all)
            std::printf("%g %s %s\n", f.value, f.unit.c_str(), f.name.c_str());
        return 0;
    }
    if (words.contains("--light") || words.contains("--read") || words.contains("--mix") || words.contains("--carry")
        || words.contains("--paint") || words.contains("--memory") || words.contains("--agree")
        || words.contains("--wishes") || words.contains("--review")) {
        std::vector<bench::Figure> all;
        if (words.contains("--read"))
            bench::readFigures(all);
        const int named = int(words.indexOf("--only"));
        const std::string only = named >= 0 ? words.value(named + 1).toStdString() : std::string();
        std::string folder;
        for (int i = 0; i < words.size(); ++i)
            if (!words[i].startsWith("--") && (named < 0 || i != named + 1))
                folder = words[i].toStdString();
        if (words.contains("--agree"))
            bench::agreeFigures(all, folder, only);
        if (words.contains("--wishes"))
            bench::wishFigures(all, folder, only);
        if (words.contains("--review"))
            bench::reviewFigures(all);
        if (words.contains("--memory"))
            bench::sessionFigures(all);
        if (words.contains("--mix"))
            bench::mixFigures(all);
        if (words.contains("--carry"))
            bench::carryFigures(all);
        if (words.contains("--paint"))
            bench::paintFigures(all);
        if (words.contains("--light")) {
            bench::lightFigures(all);
            bench::reliefFigures(all);
            bench::wholePictureFigures(all);
            bench::yardstickFigures(all);
            bench::bodyFigures(all);
            bench::ownShadeFigures(all);
            bench::eyeLevelFigures(all);
        }
        for (const bench::Figure& f : all)
            print(f);
        return 0;
    }
    if (words.contains("--figures"))
        return figures(words.contains("--json"));
    if (words.value(0) == "--bare-window")
        return bareWindow(app);
    if (words.size() == 2)
        return ourWindow(app, words[0], words[1]);
    std::vector<Row> rows;
    relighting(rows);
    twelve(rows);
    dragging(rows);
    starting(rows);
    print(rows, words.contains("--json"));
    return rows.size() == 12 ? 0 : 2;
}
