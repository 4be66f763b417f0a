#include "bench/figures.h"
#include "core/colour/srgb.h"
#include "core/schedule/work_plan.h"
#include "core/survey/work_survey.h"
#include "core/trainer/staircase.h"
#include "demo/demo_work.h"
#include "devices/camera.h"
#include <QDir>
#include <chrono>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::bench {

namespace {
double share(std::vector<double> v, double q)
{
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[std::size_t(q * double(v.size() - 1))];
}

/// The demo's photographs as plans, and photographs of strangers where a package has left some on this machine.
std::vector<std::pair<std::string, Photo>> plans()
{
    std::vector<std::pair<std::string, Photo>> all;
    for (const QString& folder : {QString(":/demo/pictures"), QString("/usr/lib/python3/dist-packages/skimage/data")})
        for (const QFileInfo& f : QDir(folder).entryInfoList({"*.jpg", "*.png"})) {
            QFile file(f.filePath());
            if (!file.open(QIODevice::ReadOnly))
                continue;
            const QByteArray bytes = file.readAll();
            const cv::Mat m
                = cv::imdecode(cv::Mat(1, int(bytes.size()), CV_8U, const_cast<char*>(bytes.data())), cv::IMREAD_COLOR);
            if (m.empty() || m.cols < 400 || m.rows < 250 || m.cols > 3 * m.rows)
                continue;
            cv::Mat rgb;
            cv::cvtColor(m, rgb, cv::COLOR_BGR2RGB);
            all.emplace_back(
                (folder.startsWith(":") ? "ours: " : "strangers': ") + f.fileName().toStdString(), Photo::fromMat(rgb));
        }
    return all;
}

struct Errors {
    std::vector<double> corners, drift, given, lightness;
    int found = 0, tried = 0;
};
void surveyed(const Photo& plan, unsigned seed, bool tags, Errors& e)
{
    const double w = 60, h = 60.0 * plan.height() / plan.width();
    devices::SimulatedEasel::Room room;
    room.seed = seed * 13, room.tilt = 0.2 + 0.3 * double(seed % 3), room.lamp = 0.3 * double(seed % 3),
    room.k1 = 0.04 * (double(seed % 3) - 1);
    room.tags = tags, room.longPx = tags ? 4000 : 2000;
    devices::SimulatedEasel easel(w, h, room);
    easel.setCanvas(plan, {{{w * 0.3, h * 0.4}, w * 0.2, {4, -2}, 0}, {{w * 0.7, h * 0.6}, w * 0.2, {-3, 3}, 8}});
    const Photo photo = *easel.photograph();
    survey::Asked asked;
    asked.widthCm = w, asked.heightCm = h;
    for (int y = 1; y < 5; ++y)
        for (int x = 1; x < 6; ++x)
            asked.landmarks.push_back({w * x / 6, h * y / 5});
    NoProgress progress;
    ++e.tried;
    const auto found
        = tags ? survey::cornersOf(plan, photo, asked, progress) : Result<survey::CanvasFound>(survey::CanvasFound{});
    const auto all
        = tags ? Result<survey::Surveyed>(survey::Surveyed{}) : survey::surveyed(plan, photo, asked, progress);
    const survey::CanvasView& view = tags ? found->view : all->view;
    e.found += tags ? found->byTags : all->found;
    for (std::size_t i = 0; i < 4; ++i)
        e.corners.push_back(
            std::min(50.0, (view.corners()[i] - easel.view().corners()[i]).length() / easel.view().pxPerCm() * 10));
    if (tags)
        return;
    const auto drifts = [&](const survey::Surveyed& s, std::vector<double>& out) {
        for (const auto& d : s.landmarks) {
            const Vec2 truth = easel.strayedMm(d.at);
            out.push_back(std::min(12.0, std::hypot(d.dxMm - truth.x, d.dyMm - truth.y)));
        }
    };
    drifts(*all, e.drift);
    asked.corners = easel.view().corners();
    if (const auto s = survey::surveyed(plan, photo, asked, progress))
        drifts(*s, e.given);
}

void surveyFigures(std::vector<Figure>& out)
{
    for (const bool ours : {true, false}) {
        Errors e;
        int n = 0;
        for (const auto& [name, plan] : plans())
            if (name.starts_with("ours") == ours && ++n <= 8)
                for (unsigned seed = 0; seed < 2; ++seed)
                    surveyed(plan, unsigned(n) + 2 * seed, false, e);
        if (!e.tried)
            continue;
        const std::string of = ours ? ", our pictures as plans" : ", strangers' photographs as plans";
        out.push_back({"canvases found" + of, double(e.found) / e.tried, "share", 1, false});
        out.push_back({"corners, median" + of, share(e.corners, 0.5), "mm", 0.6, true});
        out.push_back({"corners, 90 %" + of, share(e.corners, 0.9), "mm", 6, true});
        out.push_back({"corners, worst" + of, share(e.corners, 1), "mm", 0, true});
        out.push_back({"drift by itself, median" + of, share(e.drift, 0.5), "mm", 0.8, true});
        out.push_back({"drift by itself, 90 %" + of, share(e.drift, 0.9), "mm", 4.5, true});
        out.push_back({"drift by itself, worst" + of, share(e.drift, 1), "mm", 0, true});
        out.push_back({"drift, corners given, median" + of, share(e.given, 0.5), "mm", 0.6, true});
        out.push_back({"drift, corners given, 90 %" + of, share(e.given, 0.9), "mm", 1.9, true});
        out.push_back({"drift, corners given, worst" + of, share(e.given, 1), "mm", 0, true});
    }
    Errors tags;
    const auto all = plans();
    for (std::size_t i = 0; i < std::min<std::size_t>(4, all.size()); ++i)
        for (unsigned seed = 1; seed <= 3; ++seed)
            surveyed(all[i].second, seed, true, tags);
    out.push_back({"corners by printed tags, 12 megapixels, median", share(tags.corners, 0.5), "mm", 0.2, true});
    out.push_back({"corners by printed tags, 12 megapixels, worst", share(tags.corners, 1), "mm", 0.2, true});
}

void speedFigures(const Project& demo, std::vector<Figure>& out)
{
    NoProgress progress;
    stage::SurfaceCache cache;
    const auto frame = stage::compose(demo, 900, cache, progress);
    light::Relighter relighter;
    const light::Picture picture = relighter.light(frame, demo.lights);
    const auto work = survey::paintedWork(demo, picture, schedule::farToNear(*frame), nullptr);
    const double look = bestMs(5, [&] { (void)work.looks->now(work.tasks); });
    cv::Mat lab;
    const double convert = bestMs(5, [&] { cv::cvtColor(picture.colour.mat(), lab, cv::COLOR_LRGB2Lab); });
    out.push_back({"expected look of a stage at board size", look, "ms", 300, true});
    out.push_back({"the same over one conversion of the picture to CIELAB", look / convert, "x", 0, true});

    devices::SimulatedEasel::Room room;
    room.longPx = 4000;
    devices::SimulatedEasel easel(demo.brief.widthCm, demo.brief.heightCm, room);
    easel.setCanvas(colour::codeOf(picture.colour));
    const Photo photo = *easel.photograph();
    const auto marks = survey::landmarksOf(demo, cache, progress);
    survey::Asked asked;
    asked.widthCm = demo.brief.widthCm, asked.heightCm = demo.brief.heightCm;
    const Photo plan = colour::codeOf(picture.colour);
    std::optional<survey::CanvasFound> found;
    const double corners = bestMs(2, [&] { found = survey::cornersOf(plan, photo, asked, progress).take(); });
    asked.corners = found->view.corners();
    const double square = bestMs(2, [&] {
        const auto f = survey::cornersOf(plan, photo, asked, progress);
        (void)survey::squaredUp(photo, f->view, 1600);
    });
    survey::PaintedWork stageWork = work; // the same photographed when three fifths of it are done
    for (std::size_t i = 0; i < stageWork.tasks.size() * 3 / 5; ++i)
        stageWork.tasks[i].done = true;
    easel.setCanvas(colour::codeOf(work.looks->now(stageWork.tasks)));
    const Photo stagePhoto = *easel.photograph();
    double first = 1e9;
    for (int i = 0; i < 3; ++i) {
        const auto from = std::chrono::steady_clock::now();
        (void)survey::surveyOf(stageWork, {}, stagePhoto, {}, progress, [&](const Photo&) {
            first = std::min(
                first, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count());
        });
    }
    const double whole = bestMs(2, [&] {
        (void)survey::surveyOf(
            stageWork, [&] { return marks->points; }, stagePhoto, {}, progress);
    });
    cv::Mat soft;
    const double blur = bestMs(3, [&] { cv::GaussianBlur(photo.mat(), soft, {}, 8); });
    out.push_back({"12 megapixels: corners looked for", corners / 1000, "s", 0, true});
    out.push_back({"12 megapixels: first squared picture, corners looked for", first / 1000, "s", 0.5, true});
    out.push_back({"12 megapixels: first squared picture, corners by hand or from the last photograph", square / 1000,
        "s", 0.5, true});
    out.push_back({"12 megapixels: squared up and compared", whole / 1000, "s", 2, true});
    out.push_back({"the same over a Gaussian blur of them", whole / blur, "x", 0, true});
}

/// So many tasks in layers, with drying.
std::vector<schedule::Task> someTasks(int count, unsigned seed)
{
    std::mt19937 random(seed);
    std::vector<schedule::Task> all;
    for (int i = 0; i < count; ++i) {
        schedule::Task t;
        t.id = "t" + std::to_string(i), t.length = 20 + schedule::Minutes(random() % 10) * 15,
        t.splittable = random() % 3 != 0;
        t.leastPiece = 20;
        if (!t.splittable)
            t.length = std::min<schedule::Minutes>(t.length, 120);
        for (int k = 0; k < 2 && i > 0; ++k)
            t.after.push_back({"t" + std::to_string(random() % unsigned(i)), schedule::Minutes(random() % 4) * 60});
        all.push_back(std::move(t));
    }
    return all;
}

void planFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    std::vector<schedule::Window> evenings;
    for (int d = 0; d < 600; ++d)
        evenings.push_back({d * schedule::kDay + 1140, d * schedule::kDay + 1260});
    std::vector<double> ms;
    for (unsigned seed = 1; seed <= 5; ++seed)
        ms.push_back(bestMs(2, [&] {
            (void)schedule::planned(someTasks(150, seed), evenings, {2000, 40'000}, progress);
        }));
    out.push_back({"150 tasks planned anew, median", share(ms, 0.5), "ms", 200, true});
    out.push_back({"150 tasks planned anew, worst", share(ms, 1), "ms", 200, true});
}

void eyeFigures(std::vector<Figure>& out)
{
    std::vector<double> off, trials, later;
    std::uniform_real_distribution<double> any(0, 1);
    for (unsigned seed = 1; seed <= 300; ++seed) {
        std::mt19937 random(seed);
        const double truth = std::exp(-1 + 4 * any(random)), first = truth * std::exp(1.2 * (2 * any(random) - 1));
        const int choices = 2 + int(random() % 3);
        trainer::Staircase s(first, truth / 40, truth * 40, choices);
        while (!s.settled()) {
            const double shown = s.next();
            s.answered(shown, any(random) < trainer::Staircase::rightAt(shown, truth, choices));
        }
        off.push_back(100 * std::abs(std::log(s.threshold() / truth))), trials.push_back(s.trials());
        while (s.trials() < 240) { // four evenings of one exercise
            const double shown = s.next();
            s.answered(shown, any(random) < trainer::Staircase::rightAt(shown, truth, choices));
        }
        later.push_back(100 * std::abs(std::log(s.threshold() / truth)));
    }
    out.push_back({"thresholds of 300 simulated eyes, off by, median", share(off, 0.5), "%", 10, true});
    out.push_back({"thresholds after 240 trials, off by, median", share(later, 0.5), "%", 10, true});
    out.push_back({"thresholds after 240 trials, off by, 90 %", share(later, 0.9), "%", 10, true});
    out.push_back({"thresholds after 240 trials, off by, worst", share(later, 1), "%", 0, true});
    out.push_back({"the same, 90 %", share(off, 0.9), "%", 0, true});
    out.push_back({"the same, worst", share(off, 1), "%", 0, true});
    out.push_back({"trials until it settles, median", share(trials, 0.5), "", 0, true});
}
} // namespace

void paintFigures(std::vector<Figure>& out)
{
    surveyFigures(out);
    NoProgress progress;
    if (const auto demo = demo::lowTideCaravan(progress))
        speedFigures(*demo, out);
    planFigures(out);
    eyeFigures(out);
}

} // namespace rl::bench
