#include "core/review/review.h"
#include "core/gather/eye_levels.h"
#include "core/light/relight.h"
#include "core/project/brief_rules.h"
#include "core/reading/balance.h"
#include "core/reading/tangents.h"
#include "core/schedule/paint_rules.h"
#include "core/stage/compose.h"
#include "core/stage/stage_rules.h"
#include "core/transfer/carry_rules.h"
#include <chrono>
#include <cstdio>
#include <ctime>

namespace rl::review {

namespace {
std::string today()
{
    const auto day = std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now());
    const std::chrono::year_month_day d(day);
    char text[16];
    std::snprintf(text, sizeof text, "%04d-%02u-%02u", int(d.year()), unsigned(d.month()), unsigned(d.day()));
    return text;
}
schedule::Minutes localNow()
{
    const std::time_t now = std::time(nullptr);
    std::tm t{};
    localtime_r(&now, &t);
    return schedule::Minutes((now + t.tm_gmtoff) / 60);
}
/// What the plan of work says, once there is one: before that nobody is asked for free hours.
Findings workFindingsOf(
    const Project& p, const light::Picture& picture, const paint::Mixing& mixing, stage::SurfaceCache& cache)
{
    if (p.painting == Painting{} && p.brief.deadline.empty())
        return {};
    std::vector<std::pair<double, int>> far;
    for (const Element& e : p.elements)
        if (const auto at = stage::placed(p, e, cache); at.visible)
            far.emplace_back(-at.distance, e.id);
    std::sort(far.begin(), far.end());
    std::vector<int> order;
    for (const auto& [d, id] : far)
        order.push_back(id);
    NoProgress progress;
    return schedule::planWork(p, schedule::factsOf(p, picture, order), &mixing, localNow(), {600, 0}, progress)
        .findings;
}
gather::EyeLevels& eyeLevels() // of files, by their content: the same in every work
{
    static gather::EyeLevels all;
    return all;
}
} // namespace

std::shared_ptr<const paint::Mixing> mixingOf(const Project& p, const light::Picture& picture, Progress& progress)
{
    constexpr std::size_t kPixels = 450'000;
    LinearPicture colour = picture.colour;
    IdMap ids = picture.ids;
    double k = picture.pixelsPerCm;
    paint::thinned(colour, ids, k, kPixels);
    return std::make_shared<const paint::Mixing>(paint::mixing(p, colour, ids, k, nullptr, progress));
}

namespace {
/// Do two things part clearly in a work? Both are looked at alone: what the move uncovers is known only then.
bool parted(Project p, std::pair<int, int> both, stage::SurfaceCache& cache)
{
    std::erase_if(p.elements, [&](const Element& e) { return e.id != both.first && e.id != both.second; });
    p.backdrop = {}, p.lights = {};
    NoProgress progress;
    const auto frame = stage::compose(p, 800, cache, progress);
    const auto all = reading::tangents(light::Relighter().light(frame, p.lights));
    return std::none_of(all.begin(), all.end(), [&](const reading::Tangent& t) {
        return std::minmax(t.first, t.second) == std::minmax(both.first, both.second);
    });
}

/// Does no patch of the backdrop draw the eye at a place any more?
bool calm(const Project& p, Vec2 cm, stage::SurfaceCache& cache)
{
    NoProgress progress;
    const auto frame = stage::compose(p, 800, cache, progress);
    const light::Picture picture = light::Relighter().light(frame, p.lights);
    const auto found = reading::readFindings(p, picture, reading::Reader().read(p, picture, 3, frame.get(), &progress));
    return std::none_of(found.begin(), found.end(),
        [&](const Finding& f) { return f.key.starts_with("read.place:") && f.place.contains(cm); });
}

/// What is estimated may fall short: a move that does not part, a dimming that leaves a patch as strong beside what
/// lies around it, is not offered.
void keepFixesThatHelp(Findings& all, const Project& p, const reading::Reading& reading, stage::SurfaceCache& cache)
{
    for (Finding& f : all) {
        if (!f.fix)
            continue;
        bool helps = true;
        if (f.key.starts_with("read.place:"))
            helps = calm(f.fix->apply(p), f.place.centre(), cache);
        for (const reading::Tangent& t : reading.tangents)
            if (f.key == "read.tangent:" + std::to_string(t.first) + "+" + std::to_string(t.second))
                helps = parted(f.fix->apply(p), {t.first, t.second}, cache);
        if (!helps)
            f.fix.reset();
    }
}
} // namespace

Findings findingsOf(const Project& p, const light::Picture& picture, const reading::Reading& reading,
    const paint::Mixing& mixing, stage::SurfaceCache& cache)
{
    Findings all;
    const auto take = [&](Findings part) {
        for (Finding& f : part)
            if (!p.setAside.contains(f.key))
                all.push_back(std::move(f));
    };
    take(briefFindings(p));
    take(deadlineFindings(p, today()));
    take(creditFindings(p));
    take(stage::gatherFindings(p, cache));
    take(stage::cutFindings(p, cache));
    take(stage::stageFindings(p, cache));
    take(gather::eyeLevelFindings(p, cache, eyeLevels()));
    take(reading::balanceFindings(p, reading.balance));
    take(light::lightFindings(p, cache));
    take(reading::readFindings(p, picture, reading));
    take(paint::mixFindings(p, mixing, today()));
    take(workFindingsOf(p, picture, mixing, cache));
    std::vector<Rect> faces;
    for (const Rect& f : reading.faces)
        faces.push_back({f.x / picture.pixelsPerCm, f.y / picture.pixelsPerCm, f.width / picture.pixelsPerCm,
            f.height / picture.pixelsPerCm});
    take(transfer::carryFindings(
        p, transfer::seenThings(picture.ids, picture.pixelsPerCm, reading.attention.share), faces));
    keepFixesThatHelp(all, p, reading, cache);
    merge(all, {});
    return all;
}

std::optional<Project> fixedBy(const Project& project, const Fix& fix)
{
    Project after = fix.apply(project);
    repair(after);
    Project same = project;
    same.lastId = after.lastId; // an id that was given out is no change
    return after == same ? std::nullopt : std::optional(std::move(after));
}

void merge(Findings& all, Findings more)
{
    for (Finding& f : more)
        all.push_back(std::move(f));
    std::stable_sort(all.begin(), all.end(), [](const Finding& a, const Finding& b) {
        return a.station != b.station ? a.station < b.station : a.severity > b.severity;
    });
}

Review review(const Project& p, stage::SurfaceCache& cache, Progress& progress, int widthPx)
{
    Review r;
    const auto frame = stage::compose(p, widthPx, cache, progress);
    if (!frame)
        return r;
    light::Relighter relighter;
    r.picture = relighter.light(frame, p.lights);
    if (progress.cancelled())
        return {};
    r.reading = reading::read(p, r.picture, 3, frame.get());
    r.mixing = mixingOf(p, r.picture, progress);
    r.findings = findingsOf(p, r.picture, r.reading, *r.mixing, cache);
    return r;
}

} // namespace rl::review
