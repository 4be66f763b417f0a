// lantern-bench --agree [FOLDER]: every fix of every work done and judged; orders put right; speed of a whole review.
#include "bench/figures.h"
#include "core/gather/measure.h"
#include "core/paint/box.h"
#include "core/paint/palette_numbers.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/review/first_steps.h"
#include "core/review/fix_all.h"
#include "core/review/put_right.h"
#include "demo/demo_work.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"
#include "tests/kit/scattered.h"
#include "tests/kit/tiny.h"
#include <cstdio>
#include <filesystem>
#include <opencv2/imgproc.hpp>
#include <set>

namespace rl::bench {

namespace {
struct Work {
    std::string name;
    Project project;
};

/// A stranger's photograph with a figure before it, begun as the program begins a work.
std::optional<Work> strangers(const std::filesystem::path& file, int n)
{
    const auto bytes = store::readFile(file, 200'000'000);
    auto read = bytes ? store::readPicture(file) : Result<store::ReadPicture>(bytes.error());
    if (!read)
        return {};
    Project p = review::freshWork(file.stem().string());
    p.references.push_back(kit::referenceOf(file.stem().string(), gather::atMost(read->pixels, 1800)));
    p.references.back().id = p.freshId();
    NoProgress progress;
    const auto measure = gather::measured(p.references.back().pixels.photo(), {}, progress);
    p = review::withBackdropChosen(std::move(p), p.references.back().id, &measure);
    if (auto light = review::lightOfBackdrop(p, &measure, p.references.back().pixels.photo()))
        p.lights = light->lights, p.backdrop = light->backdrop;
    for (int i = 0; i < 2; ++i) {
        Element e = edits::standinOf(i ? Solid::Figure : Solid::Tent);
        e.name = i ? "Walker" : "Tent", e.heightM = i ? 1.7 : 2.2, e.usual = i ? "adult" : "";
        e = review::firstPlace(p, e);
        e.standin.lightness = 25 + 10 * (n % 6), e.standin.chroma = 20, e.standin.hue = 40 * n;
        p.brief.cast.push_back({p.freshId(), e.name});
        e.cast = p.brief.cast.back().id;
        p = edits::withElement(std::move(p), e);
    }
    p = edits::withPaintBox(std::move(p), paint::firstBox());
    repair(p);
    return Work{"photograph: " + file.stem().string(), std::move(p)};
}

std::vector<Work> worksOf(const std::filesystem::path& folder, const std::string& only)
{
    NoProgress progress;
    std::vector<Work> all;
    for (const auto& [name, made] : {std::pair("Low Tide Caravan", demo::lowTideCaravan(progress)),
             {"The Moth Court", demo::mothCourt(progress)}}) {
        if (!made)
            continue;
        if (made->takes.empty())
            all.push_back({name, *made});
        for (const Take& t : made->takes)
            all.push_back({std::string(name) + ", " + t.name, takes::projectOf(*made, t.id)});
    }
    for (unsigned i = 0; i < 20; ++i)
        all.push_back({"made by script " + std::to_string(i + 1), kit::scatteredWork(100 + i)});
    std::vector<std::filesystem::path> photographs;
    std::error_code none;
    for (const auto& e : std::filesystem::directory_iterator(folder, none))
        if (e.is_regular_file(none))
            photographs.push_back(e.path());
    std::sort(photographs.begin(), photographs.end());
    int taken = 0;
    for (const auto& file : photographs)
        if (taken < 10)
            if (auto w = strangers(file, taken))
                all.push_back(std::move(*w)), ++taken;
    std::erase_if(all, [&](const Work& w) { return w.name.find(only) == std::string::npos; });
    return all;
}

std::set<std::string> keysOf(const Findings& all)
{
    std::set<std::string> keys;
    for (const Finding& f : all)
        keys.insert(f.key);
    return keys;
}

/// Findings that would accuse one thing of opposite faults.
int opposites(const Findings& all)
{
    static constexpr std::pair<const char*, const char*> pairs[] = {{"stage.hovers", "stage.sinks"},
        {"read.pale-darks", "read.medium-dark"}, {"read.pale-darks", "mix.darks"}, {"read.range", "read.pale-darks"},
        {"light.over", "light.too-bright"}, {"light.warmth", "light.warm-shade"}, {"light.no-light", "light.sun-under"},
        {"stage.too-small", "gather.pixels"}, {"paint.value", "paint.melts"}};
    int n = 0;
    for (const auto& [a, b] : pairs)
        for (const Finding& x : all)
            for (const Finding& y : all)
                if (x.key.starts_with(a) && y.key.starts_with(b) && x.element == y.element) {
                    std::printf("    opposite: %s and %s\n", x.key.c_str(), y.key.c_str());
                    ++n;
                }
    return n;
}

struct Counts {
    int findings = 0, fixes = 0, idle = 0, stays = 0, fights = 0, opposite = 0;
    long brokenBefore = 0, brokenAfter = 0, brokenFixable = 0;
    int kept = 0, takenBack = 0;
};

Counts judged(const Work& w)
{
    Counts c;
    NoProgress progress;
    stage::SurfaceCache cache;
    review::Reviewer reviewer(cache);
    const auto look = [&](const Project& p) { return reviewer.look(p, progress)->findings; };
    Project begun = w.project;
    const auto first = reviewer.look(begun, progress);
    begun.puddles = paint::keptNumbers(first->mixing->map, begun); // as the window does
    const Findings& all = first->findings;
    c.findings = int(all.size()), c.opposite = opposites(all);
    const auto before = keysOf(all);
    for (const Finding& f : all) {
        if (!f.fix)
            continue;
        ++c.fixes;
        const auto after = review::fixedBy(begun, *f.fix);
        if (!after) {
            ++c.idle;
            std::printf("    idle: %s, %s\n", f.key.c_str(), f.fix->label.c_str());
            continue;
        }
        const Findings then = look(*after);
        if (keysOf(then).contains(f.key)) {
            ++c.stays;
            std::printf("    stays: %s, %s\n", f.key.c_str(), f.fix->label.c_str());
        }
        for (const Finding& g : then)
            if (g.fix && !before.contains(g.key))
                if (const auto back = review::fixedBy(*after, *g.fix);
                    back && g.element == f.element && keysOf(look(*back)).contains(f.key)) {
                    ++c.fights;
                    std::printf("    fight: %s (%s) brings %s (%s), which brings it back\n", f.key.c_str(),
                        f.fix->label.c_str(), g.key.c_str(), g.fix->label.c_str());
                }
    }
    const review::FixedAll fixed = review::fixAll(w.project, cache, progress);
    const auto broken = [](const Findings& findings, bool fixable) {
        return std::count_if(findings.begin(), findings.end(),
            [=](const Finding& f) { return f.severity == Severity::Broken && (!fixable || f.fix); });
    };
    c.brokenBefore = broken(fixed.before, false), c.brokenAfter = broken(fixed.left, false);
    c.brokenFixable = broken(fixed.left, true);
    for (const review::FixTold& t : fixed.told)
        (t.kept ? c.kept : c.takenBack) += 1;
    for (const Finding& f : fixed.left)
        if (f.severity == Severity::Broken && f.fix) {
            std::printf("    left broken: %s, %s; it brings", f.key.c_str(), f.fix->label.c_str());
            for (const review::FixTold& t : fixed.told)
                for (const std::string& came : t.came)
                    if (t.key == f.key)
                        std::printf(" %s", came.c_str());
            std::printf("\n");
        }
    return c;
}

/// Other orders of the cast: each pair of neighbours changed, and the whole turned over.
std::vector<reading::Intent> wishesOf(const Project& p)
{
    const reading::Intent meant = reading::intentOf(p);
    std::vector<reading::Intent> all{meant};
    const int n = int(p.brief.cast.size());
    for (int swap = 0; swap + 1 < n; ++swap) {
        reading::Intent i = meant;
        for (auto& [id, rank] : i.rank)
            rank = rank == swap + 1 ? swap + 2 : rank == swap + 2 ? swap + 1 : rank;
        all.push_back(std::move(i));
    }
    return all;
}
} // namespace

void agreeFigures(std::vector<Figure>& out, const std::string& folder, const std::string& only)
{
    const std::vector<Work> works = worksOf(folder, only);
    Counts sum;
    std::printf("%-34s %8s %6s %5s %6s %7s %9s %7s %11s\n", "work", "findings", "fixes", "idle", "stays", "fights",
        "opposite", "kept", "broken");
    for (const Work& w : works) {
        const Counts c = judged(w);
        std::printf("%-34s %8d %6d %5d %6d %7d %9d %3d-%-3d %4ld > %ld (%ld)\n", w.name.c_str(), c.findings, c.fixes,
            c.idle, c.stays, c.fights, c.opposite, c.kept, c.takenBack, c.brokenBefore, c.brokenAfter, c.brokenFixable);
        std::fflush(stdout);
        sum.fixes += c.fixes, sum.idle += c.idle, sum.stays += c.stays, sum.fights += c.fights,
            sum.opposite += c.opposite, sum.brokenFixable += c.brokenFixable;
    }
    out.push_back({"agree: works", double(works.size()), "", 1, false});
    out.push_back({"agree: fixes done", double(sum.fixes), "", 1, false});
    out.push_back({"agree: fixes that change nothing", double(sum.idle), "", 0});
    out.push_back({"agree: fixes whose finding stays", double(sum.stays), "", 0});
    out.push_back({"agree: fixes that bring one which takes them back", double(sum.fights), "", 0});
    out.push_back({"agree: things accused of opposite faults", double(sum.opposite), "", 0});
    out.push_back({"agree: left broken that has a fix, after all", double(sum.brokenFixable), "", 0});
}

void wishFigures(std::vector<Figure>& out, const std::string& folder, const std::string& only)
{
    NoProgress progress;
    stage::SurfaceCache cache;
    double works = 0, asked = 0, had = 0, toneAsked = 0, toneHad = 0;
    std::vector<double> seconds;
    for (const Work& w : worksOf(folder, only)) {
        if (w.project.brief.cast.size() < 2)
            continue;
        ++works;
        const review::Judged seen = review::judged(w.project, cache, progress);
        for (const reading::Intent& wish : wishesOf(w.project)) {
            const auto s = reading::putInOrder(seen.picture.colour, seen.picture.ids,
                {w.project.brief.widthCm, w.project.brief.heightCm, w.project.brief.viewingDistanceCm}, wish, progress);
            if (s.already)
                continue;
            ++toneAsked, toneHad += s.solved;
            review::PutRight right;
            seconds.push_back(bestMs(1, [&] { right = review::putRight(w.project, wish, cache, progress); }) / 1000);
            ++asked, had += right.solved;
            std::printf("%-34s %-4s %-4s %5.1f s, %zu pairs left, margin %.2f\n", w.name.c_str(),
                s.solved ? "tone" : "", right.solved ? "work" : "", seconds.back(), right.remain.size(), right.margin);
            for (const std::string& a : right.against)
                std::printf("    %s\n", a.c_str());
            for (const review::Remedy& r : right.nearest)
                std::printf("    nearest: %s\n", r.words.c_str());
            std::fflush(stdout);
            for (const reading::Touch& t : s.touches) // never beyond what a painter would accept
                if (std::abs(t.dL) > reading::kMostDL || std::exp(t.contrast) > reading::kMostFactor + 0.01
                    || std::exp(t.saturation) > reading::kMostFactor + 0.01)
                    out.push_back({"wish: beyond the bounds in " + w.name, 1, "", 0});
        }
    }
    std::sort(seconds.begin(), seconds.end());
    out.push_back({"wish: wishes not fulfilled yet, in " + std::to_string(int(works)) + " works", asked, "", 1, false});
    out.push_back(
        {"wish: had by tone alone, within the bounds", 100 * toneHad / std::max(1.0, toneAsked), "%", 40, false});
    out.push_back({"wish: had by light, size, place and tone", 100 * had / std::max(1.0, asked), "%", 90, false});
    if (!seconds.empty()) {
        out.push_back({"wish: time, median", seconds[seconds.size() / 2], "s", 5});
        out.push_back({"wish: time, worst", seconds.back(), "s", 20});
    }
}

void reviewFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    cv::Mat picture(1000, 1000, CV_32FC3, cv::Scalar(0.3, 0.4, 0.5)), blurred;
    const double blur = bestMs(5, [&] { cv::GaussianBlur(picture, blurred, {}, 8); });
    const auto timed = [&](const std::string& name, double wanted, const auto& f) {
        const double ms = bestMs(3, f);
        out.push_back({"review: " + name, ms / 1000, "s", wanted});
        out.push_back({"review: " + name + ", × a blur of the same megapixel", ms / blur, "×", 0, false});
    };
    timed("whole, of a work just opened", 3, [&] {
        stage::SurfaceCache cache;
        (void)review::review(*demo, cache, progress);
    });
    stage::SurfaceCache cache;
    review::Reviewer reviewer(cache);
    (void)reviewer.look(*demo, progress);
    Project moved = *demo;
    timed("whole, after one thing was moved", 1.5, [&] {
        moved.elements[0].baseCm.x += 0.1;
        (void)reviewer.look(moved, progress);
    });
    Photo photo = Photo::fromMat(cv::Mat(1000, 1000, CV_8UC3, cv::Scalar(90, 120, 150)));
    for (const Reference& r : demo->references)
        if (r.pixels.width() > 900)
            photo = gather::atMost(r.pixels.photo(), 1225);
    timed("a photograph measured, " + std::to_string(photo.width()) + " × " + std::to_string(photo.height()) + " px",
        0.5, [&] { (void)gather::measured(photo, {}, progress); });
}

} // namespace rl::bench
