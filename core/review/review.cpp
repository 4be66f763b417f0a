#include "core/review/review.h"
#include "core/base/parallel.h"
#include "core/base/quiet_progress.h"
#include "core/colour/lab.h"
#include "core/gather/eye_levels.h"
#include "core/project/brief_rules.h"
#include "core/reading/balance.h"
#include "core/reading/rule_help.h"
#include "core/reading/tangents.h"
#include "core/reading/value_bins.h"
#include "core/schedule/paint_rules.h"
#include "core/stage/stage_rules.h"
#include "core/transfer/carry_rules.h"
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <ctime>
#include <set>

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
Findings workFindingsOf(const Project& p, const Review& r)
{
    if (p.painting == Painting{} && p.brief.deadline.empty())
        return {};
    NoProgress progress;
    const auto facts = schedule::factsOf(p, r.picture, schedule::farToNear(*r.frame));
    return schedule::planWork(p, facts, r.mixing.get(), localNow(), schedule::kPlanEffort, progress).findings;
}
gather::EyeLevels& eyeLevels() // of files, by their content: the same in every work
{
    static gather::EyeLevels all;
    return all;
}
} // namespace

std::shared_ptr<const paint::Mixing> paletteOf(const Project& p, const light::Picture& picture, Progress& progress)
{
    constexpr std::size_t kPixels = 450'000;
    LinearPicture colour = picture.colour;
    IdMap ids = picture.ids;
    double k = picture.pixelsPerCm;
    paint::thinned(colour, ids, k, kPixels);
    return std::make_shared<const paint::Mixing>(paint::mixing(p, colour, ids, k, nullptr, progress));
}

namespace {
/// What is estimated may fall short: a move that does not part, one that crowds an edge or kisses something else, a
/// dimming that leaves a patch as strong beside what lies around it, is not offered.
class Proof {
public:
    /// \param judging of the work, as it has just judged it
    Proof(const Project& project, const Review& review, stage::SurfaceCache& cache, Judging& judging)
        : m_project(project)
        , m_review(review)
        , m_view(project, review.picture, review.reading)
        , m_cache(cache)
        , m_judging(judging)
        , m_about(aboutPlaces(project))
    {
        for (const reading::Tangent& t : review.reading.tangents)
            m_tangents.insert(std::minmax(t.first, t.second));
    }
    void check(Finding& f)
    {
        if (!f.fix)
            return;
        if (f.key.starts_with("read.tangent:"))
            return checkTangent(f);
        if (f.key.starts_with("read.edge:"))
            return offer(
                f, {edgeMoved(f, 1), edgeMoved(f, 1.7)}, [&](const Fix& fix) { return keepsOffTheEdge(f, fix); });
        if (f.key == "read.key") {
            const double stops = std::log2(double(colour::luminanceOf(float(f.target)))
                / std::max(1e-4, double(colour::luminanceOf(float(f.measured)))));
            return offer(f, {f.fix, reading::keyFix(1.5 * stops), reading::keyFix(2.3 * stops)},
                [&](const Fix& fix) { return middleOf(fix.apply(m_project)) == m_project.brief.wantedKey; });
        }
        if (const AuditRow* row = m_review.lightOf(f.element); row && f.key.starts_with("light.warmth:"))
            return offer(f, {f.fix, warmthFix(*row, 1.6), warmthFix(*row, 2.4)},
                [&](const Fix& fix) { return !audited(fix, f.element).contains(f.key); });
        if (f.key == "read.pale-darks")
            return offer(f, {f.fix, reading::darksFix(0.3)}, [&](const Fix& fix) { return deepens(f, fix); });
        if (f.key.starts_with("light.far-dark:"))
            return offer(f, {f.fix}, [&](const Fix& fix) { return !audited(fix, 0).contains(f.key); });
        if (f.key.starts_with("light.sticker:") || f.key.starts_with("light.too-bright:")
            || f.key.starts_with("light.over:"))
            return offer(f, {f.fix}, [&](const Fix& fix) { return !audited(fix, f.element).contains(f.key); });
        const bool place = f.key.starts_with("read.place:");
        const bool moves = f.key.starts_with("stage.") || f.key == "brief.focus";
        if ((place && !calm(f.fix->apply(m_project), f.place.centre())) || (moves && !standsWell(f)))
            f.fix.reset();
    }

private:
    using Keys = std::set<std::string>;
    /// What rules say of where things stand, and propose to move.
    Keys aboutPlaces(const Project& p) const
    {
        Keys keys;
        for (const Findings& part : {briefFindings(p), stage::stageFindings(p, m_cache)})
            for (const Finding& f : part)
                if (f.fix)
                    keys.insert(f.key);
        return keys;
    }
    bool standsWell(const Finding& f) const
    {
        const auto after = fixedBy(m_project, *f.fix);
        const Keys about = after ? aboutPlaces(*after) : Keys();
        return !after || (!about.contains(f.key) && std::ranges::includes(m_about, about));
    }
    /// The first of some fixes that does what it should; none where none does.
    static void offer(Finding& f, std::vector<std::optional<Fix>> fixes, const std::function<bool(const Fix&)>& helps)
    {
        f.fix.reset();
        for (auto& fix : fixes)
            if (fix && helps(*fix)) {
                f.fix = std::move(fix);
                return;
            }
    }
    std::optional<Fix> edgeMoved(const Finding& f, double more) const
    {
        return reading::edgeMove(m_view, f.element, more);
    }
    light::Picture seen(const Project& p)
    {
        NoProgress progress;
        return m_judging.look(p, progress).picture;
    }
    bool keepsOffTheEdge(const Finding& f, const Fix& fix)
    {
        const auto after = fixedBy(m_project, fix);
        if (!after || !std::ranges::includes(m_about, aboutPlaces(*after)))
            return false;
        const Brief& b = after->brief;
        const light::Picture picture = reading::smallerForReading(seen(*after));
        const reading::Attention a
            = reading::attention(picture.colour, picture.ids, {b.widthCm, b.heightCm, b.viewingDistanceCm});
        return a.edgeShare < 0.08 || a.edgeElement != f.element;
    }
    int middleOf(const Project& p)
    {
        const light::Picture picture = seen(p);
        return int(reading::valuePlan(picture.colour, picture.ids).height);
    }
    /// Are the darks dark enough then, and the key still the one that is meant?
    bool deepens(const Finding& f, const Fix& fix)
    {
        const light::Picture picture = reading::smallerForReading(seen(fix.apply(m_project)));
        const reading::ValueBins bins(picture.colour);
        const int wanted = m_project.brief.wantedKey;
        return bins.lightnessUnder(0.01) <= f.target
            && (wanted < 0 || int(m_review.reading.values.height) != wanted
                || int(bins.plan(picture.ids, {}).height) == wanted);
    }
    /// What is said of the light of one thing (0: of all) after a fix.
    Keys audited(const Fix& fix, int element)
    {
        Keys keys;
        NoProgress progress;
        if (const auto after = fixedBy(m_project, fix)) {
            const Judged now = m_judging.look(*after, progress);
            for (const Finding& f :
                auditFindings(*after, lightAudit(*after, now.frame, now.picture, m_cache, progress, element), m_cache))
                keys.insert(f.key);
        }
        return keys;
    }
    /// Does no patch of the backdrop draw the eye at a place any more?
    bool calm(const Project& p, Vec2 cm)
    {
        NoProgress progress;
        const auto found = reading::strongPlaces(p, m_judging.look(p, progress).picture);
        return std::none_of(found.begin(), found.end(), [&](const Finding& f) { return f.place.contains(cm); });
    }
    void checkTangent(Finding& f)
    {
        for (const reading::Tangent& t : m_view.reading.tangents)
            if (f.key == "read.tangent:" + std::to_string(t.first) + "+" + std::to_string(t.second)) {
                f.fix.reset();
                for (Fix& move : reading::tangentMoves(m_view, t))
                    if (parts(move, std::minmax(t.first, t.second))) {
                        f.fix = std::move(move);
                        return;
                    }
            }
    }
    /// Does a move part two outlines without bringing two others together?
    bool parts(const Fix& move, std::pair<int, int> both)
    {
        const auto after = fixedBy(m_project, move);
        if (!after || !std::ranges::includes(m_about, aboutPlaces(*after)))
            return false;
        NoProgress progress;
        const auto frame = m_judging.frameOf(*after, progress);
        light::Picture seen;
        seen.ids = stage::idsOf(*frame), seen.pixelsPerCm = frame->pixelsPerCm;
        for (const reading::Tangent& t : reading::tangents(reading::smallerIds(seen)))
            if (const std::pair<int, int> pair = std::minmax(t.first, t.second);
                pair == both || !m_tangents.contains(pair))
                return false;
        return true;
    }

    const Project& m_project;
    const Review& m_review;
    reading::RuleView m_view;
    stage::SurfaceCache& m_cache;
    Judging& m_judging;
    Keys m_about;
    std::set<std::pair<int, int>> m_tangents;
};

Findings findingsOf(const Project& p, const Review& r, stage::SurfaceCache& cache, Judging& judging)
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
    take(reading::balanceFindings(p, r.reading.balance));
    take(light::lightFindings(p, cache));
    take(auditFindings(p, r.light, cache));
    take(reading::readFindings(p, r.picture, r.reading));
    take(paint::mixFindings(p, *r.mixing, today()));
    take(workFindingsOf(p, r));
    std::vector<Rect> faces;
    const double k = r.picture.pixelsPerCm;
    for (const Rect& f : r.reading.faces)
        faces.push_back({f.x / k, f.y / k, f.width / k, f.height / k});
    take(transfer::carryFindings(p, transfer::seenThings(r.picture.ids, k, r.reading.attention.share), faces));
    Proof proof(p, r, cache, judging);
    for (Finding& f : all)
        proof.check(f);
    merge(all, {});
    return all;
}
} // namespace

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

const AuditRow* Review::lightOf(int element) const
{
    const auto row = std::find_if(light.begin(), light.end(), [=](const AuditRow& r) { return r.element == element; });
    return row == light.end() ? nullptr : &*row;
}

Reviewer::Reviewer(stage::SurfaceCache& cache)
    : m_cache(cache)
    , m_judging(cache)
{
}

/// The one of before where nothing of what it is made of has changed: who hangs from it is not asked anew then.
std::shared_ptr<const paint::Mixing> Reviewer::mixed(
    const Project& p, const light::Picture& picture, Progress& progress)
{
    Mixed& last = m_mixed;
    if (last.mixing && last.brief == p.brief && last.mix == p.mix && last.boxes == p.boxes && last.ids == picture.ids
        && last.colour == picture.colour)
        return last.mixing;
    auto mixing = paletteOf(p, picture, progress);
    if (!progress.cancelled())
        last = {p.brief, p.mix, p.boxes, picture.colour, picture.ids, mixing};
    return mixing;
}

Reviewed Reviewer::look(const Project& p, Progress& progress, const std::function<void(Reviewed)>& first)
{
    const Judged seen = m_judging.look(p, progress);
    if (!seen.frame || progress.cancelled())
        return nullptr;
    Review r;
    r.frame = seen.frame, r.picture = seen.picture;
    QuietProgress quiet(progress); // two at once: neither tells how far it is
    parallelItems(2, [&](int which) {
        if (which == 0)
            r.reading = m_reader.read(p, r.picture, 3, r.frame.get(), &quiet);
        else
            r.mixing = mixed(p, r.picture, quiet);
    });
    if (progress.cancelled())
        return nullptr;
    if (first)
        first(std::make_shared<const Review>(r));
    r.light = lightAudit(p, r.frame, r.picture, m_cache, progress);
    if (progress.cancelled())
        return nullptr;
    r.findings = findingsOf(p, r, m_cache, m_judging);
    r.whole = true;
    return progress.cancelled() ? nullptr : std::make_shared<const Review>(std::move(r));
}

Review review(const Project& p, stage::SurfaceCache& cache, Progress& progress)
{
    const Reviewed r = Reviewer(cache).look(p, progress);
    return r ? *r : Review{};
}

} // namespace rl::review
