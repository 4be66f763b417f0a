#include "core/schedule/tasks.h"
#include "core/base/words.h"
#include "core/project/schools.h"
#include "core/reading/preparing.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace rl::schedule {

const char* wordOf(WorkKind kind)
{
    static constexpr const char* kWords[]
        = {translatable("prepare"), translatable("tone"), translatable("carry"), translatable("block in"),
            translatable("pass"), translatable("darks"), translatable("middles"), translatable("lights"),
            translatable("glaze"), translatable("details"), translatable("accents"), translatable("fresh eyes"),
            translatable("facts"), translatable("sign"), translatable("varnish"), translatable("other")};
    return kWords[std::size_t(kind)];
}

double usualRate(WorkKind kind)
{
    switch (kind) {
    case WorkKind::Prepare:
    case WorkKind::Tone:
        return 3000;
    case WorkKind::Carry:
        return 700;
    case WorkKind::BlockIn:
        return 1200;
    case WorkKind::Pass:
        return 350;
    case WorkKind::Darks:
    case WorkKind::Middles:
    case WorkKind::Lights:
        return 500;
    case WorkKind::Glaze:
        return 1500;
    case WorkKind::Detail:
        return 90;
    case WorkKind::Accent:
        return 60;
    case WorkKind::Varnish:
        return 5000;
    default:
        return 1000;
    }
}

double loggedHours(const Painting& p, const std::string& task)
{
    double seconds = 0;
    for (const Sitting& s : p.sittings)
        for (const WorkSpan& w : s.spans)
            if (w.task == task || w.task.starts_with(task + "#"))
                seconds += w.seconds;
    return seconds / 3600;
}

double loggedHours(const Painting& p, const WorkTask& task)
{
    double hours = loggedHours(p, task.key);
    for (const std::string& with : task.merged)
        hours += loggedHours(p, with);
    return hours;
}

Learned learnedFrom(const Painting& p, const std::vector<WorkTask>& usual)
{
    Learned l;
    constexpr double kImagined = 2, kUsualSpread = 0.47; // two tasks as reckoned; ln 1.6
    for (std::size_t k = 0; k < kWorkKindCount; ++k) {
        std::vector<double> logs;
        for (const WorkTask& t : usual) {
            const TaskOverride* w = p.word(t.key);
            if (t.kind != WorkKind(k) || !w || !w->done || t.usualHours <= 0)
                continue;
            if (const double h = loggedHours(p, t.key); h > 0.02)
                logs.push_back(std::log(h / t.usualHours));
        }
        double median = 0, spread = kUsualSpread;
        const auto n = double(logs.size());
        const auto middleOf = [](std::vector<double> v) {
            std::sort(v.begin(), v.end());
            const std::size_t m = v.size() / 2;
            return v.size() % 2 ? v[m] : (v[m - 1] + v[m]) / 2;
        };
        if (!logs.empty()) {
            median = middleOf(logs);
            std::vector<double> away;
            for (const double v : logs)
                away.push_back(std::abs(v - median));
            const double mad = 1.4826 * middleOf(away);
            spread = std::sqrt((kImagined * kUsualSpread * kUsualSpread + n * mad * mad) / (kImagined + n));
        }
        const double pace = std::log(std::max(0.05, p.pace));
        l.times[k] = std::exp((kImagined * pace + n * median) / (kImagined + n));
        l.spread[k] = std::exp(std::max(0.1, spread));
        l.from[k] = int(logs.size());
    }
    return l;
}

namespace {
/// Builds the natural order.
class Natural {
public:
    Natural(const Project& project, const PlanFacts& facts, const paint::Mixing* mixing)
        : m_project(project)
        , m_facts(facts)
        , m_mixing(mixing)
        , m_medium(mediumOf(project))
    {
    }
    std::vector<WorkTask> made()
    {
        ground();
        carry();
        const int sequence = m_project.brief.school(School::Sequence);
        if (sequence == 1)
            sections();
        else
            allOver(sequence == 2);
        ending();
        return std::move(m_tasks);
    }

private:
    WorkTask& add(const std::string& key, WorkKind kind, const std::string& words, double area)
    {
        WorkTask t;
        t.key = key, t.kind = kind, t.words = words, t.areaCm2 = area;
        m_tasks.push_back(std::move(t));
        return m_tasks.back();
    }
    void rated(WorkTask& t, double times = 1)
    {
        t.usualHours = t.areaCm2 / usualRate(t.kind) * (0.6 + 1.4 * t.detail) * times;
    }
    void painted(WorkTask& t, double filmTimes, int layers)
    {
        t.dry = dryingOf(
            m_medium, m_project.mix.wetUm * filmTimes, m_project.painting.humidity, m_project.painting.dryer != 0);
        t.layers = layers;
        if (m_medium == PaintMedium::Oil)
            t.cautions.push_back(tr("Solvent and oily rags: window open, rags flat to dry or under water in a lidded "
                                    "metal can. Read the safety data sheet; local rules come first."));
    }
    void mixes(WorkTask& t, double fromL, double toL)
    {
        if (!m_mixing)
            return;
        const auto& all = m_mixing->map.puddles;
        for (std::size_t i = 0; i < all.size(); ++i) {
            const bool ofOne = t.kind == WorkKind::Pass || t.kind == WorkKind::Detail,
                       whose = t.element == 0 && !ofOne ? true
                                                        : all[i].element == t.element
                    || std::any_of(
                        all[i].also.begin(), all[i].also.end(), [&](const auto&a) { return a.first == t.element; });
            if (whose && all[i].wanted.L >= fromL && all[i].wanted.L <= toL)
                t.puddles.push_back(int(i));
        }
    }
    void ground()
    {
        const auto plan = reading::preparing(m_project.brief, m_facts.darkest, m_facts.middle, m_facts.mean);
        for (std::size_t i = 0; i < plan.tasks.size(); ++i) {
            const reading::GroundTask& g = plan.tasks[i];
            const bool tone = i + 1 == plan.tasks.size() && m_project.brief.ground.toning != Toning::White;
            WorkTask& t = add(
                "prepare:" + std::to_string(i), tone ? WorkKind::Tone : WorkKind::Prepare, g.words, m_facts.areaCm2);
            t.usualHours = g.minutes / 60, t.dry = {g.dryHours / 2, g.dryHours}, t.wet = true;
            if (!g.caution.empty())
                t.cautions.push_back(g.caution);
            if (!m_last.empty())
                t.after.push_back(m_last);
            m_last = t.key;
        }
    }
    void carry()
    {
        double detail = 0;
        for (const PartFacts& p : m_facts.parts)
            detail += p.detail * p.areaCm2;
        detail /= std::max(1.0, m_facts.areaCm2);
        WorkTask& t = add("carry", WorkKind::Carry, tr("Carry the drawing onto the canvas"), m_facts.areaCm2);
        t.detail = detail;
        const int drawing = m_project.brief.school(School::Drawing);
        const bool clear = m_medium == PaintMedium::Watercolour;
        rated(t, drawing == 1 ? 1.3 : drawing == 2 ? 0.5 : clear ? 1.2 : 1);
        t.why
            = drawing == 2 ? tr("Loose blocks: opaque paint finds the edge.") : tr("The line stands before the paint.");
        if (!m_last.empty())
            t.after.push_back(m_last);
        m_last = t.key;
    }
    WorkTask& passOf(std::size_t part, double times)
    {
        const PartFacts& f = m_facts.parts[part];
        WorkTask& t = add("pass:" + std::to_string(f.element), WorkKind::Pass,
            tr("Paint the %1", std::string(part ? tr("“%1”", f.name) : tr("backdrop"))), f.areaCm2);
        t.element = f.element, t.detail = f.detail, t.place = f.box;
        t.brushMm = std::clamp(std::sqrt(f.areaCm2) * 0.8, 2.0, m_project.painting.blockMm);
        rated(t, times * (m_project.brief.school(School::Blending) == 1 ? 1.4 : 1));
        painted(t, 1, m_project.mix.coats);
        mixes(t, -1, 101);
        factsFor(t);
        return t;
    }
    void factsFor(WorkTask& t)
    {
        for (const Fact& f : m_project.brief.facts)
            if (f.element && f.element == t.element)
                t.facts.push_back(f.id);
    }
    void blend()
    {
        if (!m_mixing || m_mixing->sky.bands < 3 || m_project.brief.school(School::Blending) != 1)
            return;
        const paint::Passage& sky = m_mixing->sky;
        WorkTask& t
            = add("blend:0", WorkKind::Pass, tr("Blend the sky in one go, wet into wet"), sky.at.width * sky.at.height);
        t.place = sky.at, t.wet = true, t.brushMm = m_project.painting.blockMm;
        t.usualHours = sky.bands * sky.minutes / 2 / 60;
        t.why = tr("A blend that dries in the hand leaves a seam: it is laid in one sitting.");
        painted(t, 1, 1);
        t.after.push_back(m_last);
        m_last = t.key;
    }
    void allOver(bool subjectFirst)
    {
        WorkTask& block = add("block", WorkKind::BlockIn, tr("Block in the big masses"), m_facts.areaCm2);
        block.brushMm = m_project.painting.blockMm;
        rated(block), painted(block, 0.7, 1), mixes(block, -1, 101);
        block.why = tr("Every later tone is judged against its neighbours: none may be bare ground.");
        block.after.push_back(m_last);
        m_last = block.key;
        blend();
        std::vector<std::size_t> order;
        for (std::size_t i = 0; i < m_facts.parts.size(); ++i)
            if (m_facts.parts[i].areaCm2 > 0)
                order.push_back(i);
        std::size_t lead = 0;
        for (const std::size_t i : order)
            if (m_facts.parts[i].rank == 1)
                lead = i;
        if (subjectFirst && lead)
            std::stable_partition(order.begin(), order.end(), [&](std::size_t i) { return i == lead; });
        std::vector<std::string> passes;
        for (const std::size_t i : order) {
            WorkTask& t = passOf(i, 1);
            t.after.push_back(m_last);
            const bool first = subjectFirst && i == lead;
            t.why = first ? tr("The lead is painted first; all else is held against it.")
                : i       ? tr("It lies over what is behind it: that is painted first.")
                          : tr("Farthest first.");
            if (!first)
                for (const int behind : m_facts.parts[i].behind)
                    if (const auto key = "pass:" + std::to_string(m_facts.parts[std::size_t(behind)].element);
                        std::find(passes.begin(), passes.end(), key) != passes.end())
                        t.after.push_back(key);
            if (subjectFirst && lead && !first)
                t.masks.push_back(m_facts.parts[lead].element),
                    t.after.push_back("pass:" + std::to_string(m_facts.parts[lead].element));
            passes.push_back(t.key);
        }
        values(passes);
        glaze();
        for (const std::size_t i : order)
            detail(i, {m_last});
    }
    void values(const std::vector<std::string>& passes)
    {
        double sums[3]{};
        for (const PartFacts& p : m_facts.parts)
            sums[0] += p.darkCm2, sums[1] += p.middleCm2, sums[2] += p.lightCm2;
        int school = m_project.brief.school(School::Darks);
        if (school == 0)
            school = m_medium == PaintMedium::Watercolour ? 3 : 1;
        const int orders[4][3]{{0, 1, 2}, {0, 1, 2}, {1, 0, 2}, {2, 1, 0}};
        const char* keys[]{"darks", "middles", "lights"};
        const char* words[]{tr("Deepen the darks"), tr("Tie the middle tones together"), tr("Bring up the lights")};
        const double from[]{-1, m_facts.darkTo, m_facts.lightFrom}, to[]{m_facts.darkTo, m_facts.lightFrom, 101};
        std::vector<std::string> before = passes;
        for (const int which : orders[std::clamp(school, 0, 3)]) {
            WorkTask& t = add(keys[which], WorkKind(int(WorkKind::Darks) + which), words[which], sums[which] * 0.5);
            t.brushMm = std::max(3.0, m_project.painting.blockMm / 3), t.detail = 0.3;
            rated(t), painted(t, 0.6, 1), mixes(t, from[which], to[which]);
            t.why = tr(choiceOf(m_project.brief, School::Darks).why);
            t.after = before;
            before = {t.key};
            m_last = t.key;
        }
    }
    void glaze()
    {
        if (m_medium == PaintMedium::Gouache || m_medium == PaintMedium::Watercolour)
            return; // a wet brush lifts what lies under; every wash of water-colour is one already
        double dark = 0;
        for (const PartFacts& p : m_facts.parts)
            dark += p.darkCm2;
        WorkTask& t = add("glaze", WorkKind::Glaze, tr("Glaze the shades together"), dark);
        t.brushMm = m_project.painting.blockMm;
        rated(t), painted(t, 0.4, 1), mixes(t, -1, m_facts.darkTo);
        t.why = tr("One thin colour over all shade makes it one light's shade.");
        t.after.push_back(m_last);
        m_last = t.key;
    }
    void detail(std::size_t part, std::vector<std::string> after)
    {
        const PartFacts& f = m_facts.parts[part];
        if (f.areaCm2 <= 0 || (f.detail < 0.12 && f.rank == 0))
            return;
        WorkTask& t = add("detail:" + std::to_string(f.element), WorkKind::Detail,
            tr("Details of the %1", std::string(part ? tr("“%1”", f.name) : tr("backdrop"))), f.areaCm2 * f.detail);
        t.element = f.element, t.detail = f.detail, t.place = f.box;
        t.brushMm = std::max(1.0, 2 * m_project.mix.finestMm);
        rated(t, f.rank == 1 ? 1.5 : f.rank ? 1 : 0.6);
        painted(t, 0.5, 1), mixes(t, -1, 101), factsFor(t);
        t.why = f.rank ? tr("Where the viewer looks: rank %1 of the cast.", std::to_string(f.rank))
                       : tr("As little as it takes.");
        t.slight = f.rank == 0;
        t.after = std::move(after);
        m_details.push_back(t.key);
    }
    void sections()
    {
        for (std::size_t i = 0; i < m_facts.parts.size(); ++i) {
            if (m_facts.parts[i].areaCm2 <= 0)
                continue;
            WorkTask& t = passOf(i, 1.6);
            t.after.push_back(m_last), t.why = tr("One part is finished before the next is begun.");
            m_last = t.key;
            const std::size_t known = m_details.size();
            detail(i, {m_last});
            if (m_details.size() > known)
                m_last = m_details.back();
        }
    }
    void ending()
    {
        std::vector<std::string> before = m_details;
        before.push_back(m_last);
        std::string last = m_last;
        if (m_project.painting.freshEyesHours > 0) {
            WorkTask& look = add("look", WorkKind::Look, tr("Fresh eyes: turn it to the wall"), 0);
            look.pause = true, look.usualHours = m_project.painting.freshEyesHours;
            look.why = tr("After a day or more the eye sees again what it had got used to.");
            look.after = before;
            before = {look.key};
        }
        WorkTask& accents
            = add("accents", WorkKind::Accent, tr("Accents: the last lights and darks"), m_facts.areaCm2 * 0.01);
        accents.brushMm = m_project.mix.finestMm, accents.detail = 1;
        rated(accents), painted(accents, 1, 0), accents.after = before;
        accents.why = tr("The few lightest and darkest touches, kept until everything else can be seen.");
        mixes(accents, m_facts.lightFrom, 101);
        last = accents.key;
        if (!m_project.brief.facts.empty()) {
            WorkTask& check = add("facts", WorkKind::Check, tr("Check what must be right"), 0);
            check.usualHours = 0.1 * double(m_project.brief.facts.size()), check.after = {last};
            for (const Fact& f : m_project.brief.facts)
                check.facts.push_back(f.id);
            last = check.key;
        }
        WorkTask& sign = add("sign", WorkKind::Sign, tr("Sign"), 0);
        sign.usualHours = 0.25, sign.after = {last}, sign.brushMm = m_project.mix.finestMm;
        painted(sign, 0.5, 0);
        const double asked = m_project.painting.varnishDays, days = asked >= 0 ? asked : varnishDaysOf(m_medium);
        if (days <= 0)
            return;
        WorkTask& dry = add("dry", WorkKind::Look, tr("Let it dry through"), 0);
        dry.pause = true, dry.usualHours = 24 * days, dry.after = {"sign"};
        WorkTask& varnish = add("varnish", WorkKind::Varnish, tr("Varnish, two thin coats"), m_facts.areaCm2);
        rated(varnish, 2), varnish.wet = true, varnish.after = {"dry"}, varnish.dry = {4, 24};
        varnish.cautions.push_back(tr("Varnish: window open, no flame; a spray only outside or with a rated "
                                      "respirator. Read the safety data sheet; local rules come first."));
    }
    const Project& m_project;
    const PlanFacts& m_facts;
    const paint::Mixing* m_mixing;
    PaintMedium m_medium;
    std::vector<WorkTask> m_tasks;
    std::string m_last;
    std::vector<std::string> m_details;
};

std::vector<WorkTask>::iterator taskAt(std::vector<WorkTask>& all, const std::string& key)
{
    return std::find_if(all.begin(), all.end(), [&](const WorkTask& t) { return t.key == key; });
}

/// Whoever waited for one waits for others instead.
void replaced(std::vector<WorkTask>& all, const std::string& key, const std::vector<std::string>& by)
{
    for (WorkTask& t : all)
        if (const auto it = std::find(t.after.begin(), t.after.end(), key); it != t.after.end()) {
            t.after.erase(it);
            for (const std::string& b : by)
                if (b != t.key && std::find(t.after.begin(), t.after.end(), b) == t.after.end())
                    t.after.push_back(b);
        }
}

void addOwn(std::vector<WorkTask>& all, const TaskOverride& w)
{
    WorkTask t;
    t.key = w.task, t.kind = w.kind, t.element = w.element, t.words = w.words, t.areaCm2 = w.areaCm2, t.detail = 0.3;
    t.usualHours = w.areaCm2 > 0 ? w.areaCm2 / usualRate(w.kind) : 0.5;
    auto at = taskAt(all, w.before);
    if (at == all.end())
        at = taskAt(all, "sign");
    if (at != all.end()) {
        t.after = at->after;
        at->after = {t.key};
    }
    all.insert(at, std::move(t));
}

template <class T> void addNew(std::vector<T>& all, const std::vector<T>& more)
{
    for (const T& m : more)
        if (std::find(all.begin(), all.end(), m) == all.end())
            all.push_back(m);
}

Rect bothOf(const Rect& a, const Rect& b)
{
    if (a.width <= 0 || b.width <= 0)
        return a.width > 0 ? a : b;
    const double x = std::min(a.x, b.x), y = std::min(a.y, b.y);
    return {x, y, std::max(a.right(), b.right()) - x, std::max(a.bottom(), b.bottom()) - y};
}

/// One task takes in another: hours, paint, cautions, facts and what either waits for.
void merge(std::vector<WorkTask>& all, const std::string& key, const std::string& into)
{
    const auto from = taskAt(all, key);
    const auto to = taskAt(all, into);
    if (from == all.end() || to == all.end() || from == to)
        return;
    const double area = to->areaCm2 + from->areaCm2;
    if (area > 0)
        to->detail = (to->detail * to->areaCm2 + from->detail * from->areaCm2) / area;
    to->usualHours += from->usualHours, to->areaCm2 = area, to->words += "; " + from->words;
    if (!from->done || to->done) // what is done already takes no more time
        to->hours += from->hours;
    to->wet = to->wet || from->wet, to->layers = std::max(to->layers, from->layers);
    to->dry = {std::max(to->dry.touchHours, from->dry.touchHours), std::max(to->dry.overHours, from->dry.overHours)};
    to->slight = to->slight && from->slight;
    if (to->brushMm <= 0)
        to->brushMm = from->brushMm;
    to->place = bothOf(to->place, from->place);
    addNew(to->cautions, from->cautions), addNew(to->puddles, from->puddles), addNew(to->facts, from->facts),
        addNew(to->masks, from->masks);
    to->merged.push_back(key);
    addNew(to->merged, from->merged);
    addNew(to->after, from->after);
    std::erase(to->after, into);
    const std::string gone = key;
    all.erase(from);
    replaced(all, gone, {into});
}

void split(std::vector<WorkTask>& all, const std::string& key, int pieces, bool done)
{
    const auto at = taskAt(all, key);
    if (at == all.end() || pieces < 2)
        return;
    std::vector<WorkTask> parts;
    for (int i = 1; i <= pieces; ++i) {
        WorkTask t = *at;
        t.key = key + "#" + std::to_string(i),
        t.words += tr(", part %1 of %2", std::to_string(i), std::to_string(pieces));
        t.usualHours /= pieces, t.hours /= pieces, t.areaCm2 /= pieces, t.done = done;
        if (i > 1)
            t.after = {parts.back().key};
        parts.push_back(std::move(t));
    }
    const auto where = all.erase(at);
    all.insert(where, parts.begin(), parts.end());
    replaced(all, key, {parts.back().key});
}

/// The painter's own order; what is turned round by it is told.
void reorder(std::vector<WorkTask>& all, const Painting& p, std::vector<std::pair<std::string, std::string>>* turned)
{
    for (const TaskOverride& w : p.tasks) {
        if (w.before.empty() || w.task.starts_with("own:"))
            continue;
        const auto from = taskAt(all, w.task);
        if (from == all.end() || taskAt(all, w.before) == all.end() || w.task == w.before)
            continue;
        WorkTask t = *from;
        all.erase(from);
        const auto at = taskAt(all, w.before);
        if (std::find(at->after.begin(), at->after.end(), t.key) == at->after.end())
            at->after.push_back(t.key);
        all.insert(at, std::move(t));
    }
    std::map<std::string, std::size_t> place;
    for (std::size_t i = 0; i < all.size(); ++i)
        place[all[i].key] = i;
    for (std::size_t i = 0; i < all.size(); ++i)
        std::erase_if(all[i].after, [&](const std::string& a) {
            const auto it = place.find(a);
            const bool bad = it == place.end() || it->second >= i;
            if (bad && it != place.end() && turned)
                turned->push_back({all[i].key, a});
            return bad;
        });
}

std::vector<WorkTask> arranged(
    const Project& p, std::vector<WorkTask> all, std::vector<std::pair<std::string, std::string>>* turned)
{
    for (const TaskOverride& w : p.painting.tasks)
        if (w.task.starts_with("own:") && !w.dropped)
            addOwn(all, w);
    const Learned learned = learnedFrom(p.painting, all);
    for (const TaskOverride& w : p.painting.tasks) {
        const auto at = taskAt(all, w.task);
        if (at == all.end())
            continue;
        at->done = w.done;
        if (w.dropped) {
            const auto after = at->after;
            all.erase(at);
            replaced(all, w.task, after);
        }
    }
    for (WorkTask& t : all) {
        const auto k = std::size_t(t.kind);
        const TaskOverride* w = p.painting.word(t.key);
        t.hours = w && w->hours >= 0 ? w->hours : t.pause ? t.usualHours : t.usualHours * learned.times[k];
    }
    for (const TaskOverride& w : p.painting.tasks)
        if (!w.into.empty())
            merge(all, w.task, w.into);
    reorder(all, p.painting, turned);
    for (const TaskOverride& w : p.painting.tasks)
        if (w.pieces > 1)
            split(all, w.task, w.pieces, w.done);
    for (WorkTask& t : all) {
        if (const TaskOverride* w = p.painting.word(t.key); w && t.key.find('#') != std::string::npos)
            t.done = w->done;
        const double spread = t.pause ? 1 : learned.spread[std::size_t(t.kind)];
        t.low = t.hours / spread, t.high = t.hours * spread;
    }
    return all;
}
} // namespace

std::string lastDone(const std::vector<WorkTask>& tasks)
{
    const auto last = std::find_if(tasks.rbegin(), tasks.rend(), [](const WorkTask& t) { return t.done; });
    return last == tasks.rend() ? std::string() : last->key;
}

std::vector<WorkTask> workOf(const Project& project, const PlanFacts& facts, const paint::Mixing* mixing)
{
    return arranged(project, Natural(project, facts, mixing).made(), nullptr);
}

std::vector<std::pair<std::string, std::string>> turnedRound(const Project& project, const PlanFacts& facts)
{
    std::vector<std::pair<std::string, std::string>> out;
    (void)arranged(project, Natural(project, facts, nullptr).made(), &out);
    return out;
}

} // namespace rl::schedule
