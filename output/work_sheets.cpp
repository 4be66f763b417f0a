#include "output/work_sheets.h"
#include "core/base/text.h"
#include "core/paint/recipe_words.h"
#include "core/project/ledger.h"
#include "core/project/permissions.h"
#include "core/schedule/paint_rules.h"
#include "core/survey/corner_tags.h"
#include "output/paper.h"
#include "output/said.h"
#include <QPageSize>
#include <nlohmann/json.hpp>
#include <set>

namespace rl::output {

namespace {
constexpr double kLeft = 120, kWide = 1860; // tenths of a mm, A4

QString words(const std::string& s)
{
    return QString::fromStdString(s);
}

/// Keys done before a sitting, and after it.
std::pair<std::set<std::string>, std::set<std::string>> doneAround(const schedule::WorkPlan& plan, int which)
{
    std::set<std::string> before;
    for (const auto& t : plan.tasks)
        if (t.done)
            before.insert(t.key);
    const auto ended = [&](int sitting, std::set<std::string>& done) {
        for (const auto& p : plan.sittings[std::size_t(sitting)].parts)
            if (p.last)
                done.insert(plan.tasks[std::size_t(p.task)].key);
    };
    for (int i = 0; i < which; ++i)
        ended(i, before);
    auto after = before;
    ended(which, after);
    return {before, after};
}

QString puddleWords(const paint::Mixing& m, int which)
{
    return QString("%1: ").arg(m.map.puddles[std::size_t(which)].number)
        + words(paint::recipeSaid(m, std::size_t(which)));
}

struct Sheet {
    QPainter& p;
    double y = 120;
    void line(const QString& what, int size = 34, bool bold = false, double indent = 0)
    {
        y += size * 1.35;
        text(p, {kLeft + indent, y}, what, size, bold, kWide - indent);
    }
    void para(const QString& what, int size = 30, double indent = 0)
    {
        y += size * 0.5;
        y += paragraph(p, QRectF(kLeft + indent, y, kWide - indent, 600), what, size);
    }
};

QString hours(double h)
{
    const int minutes = int(std::lround(h * 60));
    return minutes < 60 ? said("%1 min").arg(minutes) : said("%1 h %2 min").arg(minutes / 60).arg(minutes % 60);
}

void taskLines(
    Sheet& s, const survey::PaintedWork& work, const schedule::WorkTask& t, const schedule::PlannedSitting::Part& part)
{
    s.line(words(schedule::clockOf(part.from)) + "–" + words(schedule::clockOf(part.to)) + "  " + words(t.words)
            + (part.last ? "" : tr(" (goes on next time)")),
        38, true);
    QString about = words(fixed(t.areaCm2, 0)) + tr(" cm²");
    if (t.brushMm > 0)
        about += said(", brush about %1 mm").arg(t.brushMm, 0, 'f', t.brushMm < 3 ? 1 : 0);
    if (t.dry.overHours > 0)
        about += said(", touch-dry in %1, paint over after %2").arg(hours(t.dry.touchHours), hours(t.dry.overHours));
    if (t.wet)
        about += said(", stays open %1 min: do not stop inside it").arg(work.project.mix.openMinutes, 0, 'f', 0);
    s.para(about + ". " + words(t.why), 28, 40);
    QStringList masks;
    for (const int m : t.masks)
        if (const Element* e = work.project.element(m))
            masks << words(e->name);
    if (!masks.isEmpty())
        s.para(tr("Keep clear: ") + masks.join(", "), 28, 40);
    for (const int f : t.facts)
        for (const Fact& fact : work.project.brief.facts)
            if (fact.id == f)
                s.para(tr("Must be right: ") + words(fact.words), 28, 40);
}

void puddles(Sheet& s, const survey::PaintedWork& work, const std::vector<const schedule::WorkTask*>& tasks)
{
    if (!work.mixing || work.mixing->recipes.empty()) {
        s.para(tr("Puddles: nothing is mixed yet (Mix)."), 28);
        return;
    }
    std::set<int> found;
    for (const auto* t : tasks)
        found.insert(t->puddles.begin(), t->puddles.end());
    std::vector<int> all(found.begin(), found.end()); // as on the cards: the lightest first
    s.line(tr("Puddles"), 34, true);
    int shown = 0;
    for (const int i : all) {
        if (++shown > 14) {
            s.line(said("and %1 more: see the puddle cards").arg(all.size() - 14), 26, false, 40);
            break;
        }
        const bool known = work.mixing->needs.puddles.size() > std::size_t(i);
        const double ml = known ? work.mixing->needs.puddles[std::size_t(i)].ml : 0;
        const auto code = paint::onScreen(work.mixing->map.puddles[std::size_t(i)].wanted).rgb;
        s.p.fillRect(
            QRectF(kLeft, s.y + 12, 34, 30), QColor(int(code[0] + 0.5), int(code[1] + 0.5), int(code[2] + 0.5)));
        s.line(puddleWords(*work.mixing, i)
                + (ml > 0 ? said("  –  %1 in all, %2 coats").arg(words(paint::mlSaid(ml))).arg(work.project.mix.coats)
                          : QString()),
            26, false, 50);
    }
}
} // namespace

Result<Done> writeSitting(
    const survey::PaintedWork& work, const schedule::WorkPlan& plan, int which, const QString& path)
{
    if (which < 0 || which >= int(plan.sittings.size()))
        return Error{ErrorKind::Invalid, tr("The plan of work has no such sitting."), std::to_string(which + 1)};
    const auto& sitting = plan.sittings[std::size_t(which)];
    const QString title = words(work.project.brief.title);
    return writePdf(path, title, QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter&) {
        Sheet s{p};
        s.line(QString("%1, %2–%3")
                   .arg(words(schedule::daySaid(sitting.free.from)), words(schedule::clockOf(sitting.free.from)),
                       words(schedule::clockOf(sitting.free.to))),
            52, true);
        s.line(said("%1 – sitting %2 of %3").arg(title).arg(which + 1).arg(plan.sittings.size()), 32);
        s.y += 30;
        if (work.looks) {
            const auto [before, after] = doneAround(plan, which);
            const double half = (kWide - 60) / 2;
            const QRectF left = framed(p, imageOf(work.looks->after(plan.tasks, before)), {kLeft, s.y, half, 560});
            framed(p, imageOf(work.looks->after(plan.tasks, after)), {kLeft + half + 60, s.y, half, 560});
            p.setPen(QPen(QColor(0xb0, 0x60, 0x10), 6));
            const double k = left.width() / work.project.brief.widthCm;
            for (const auto& part : sitting.parts) { // where
                const Rect& r = plan.tasks[std::size_t(part.task)].place;
                if (r.width > 0)
                    p.drawRect(QRectF(left.left() + r.x * k, left.top() + r.y * k, r.width * k, r.height * k));
            }
            p.setPen(Qt::black);
            s.y = left.bottom();
            s.line(tr("as it looks before; framed: where you work"), 26);
            text(p, {kLeft + half + 60, s.y}, tr("as it should look at the end"), 26, false, half);
        }
        std::vector<const schedule::WorkTask*> tasks;
        std::set<std::string> cautions;
        for (const auto& part : sitting.parts) {
            const auto& t = plan.tasks[std::size_t(part.task)];
            taskLines(s, work, t, part);
            tasks.push_back(&t);
            cautions.insert(t.cautions.begin(), t.cautions.end());
        }
        puddles(s, work, tasks);
        if (!cautions.empty())
            s.line(tr("Take care"), 34, true);
        for (const auto& c : cautions)
            s.para(words(c), 26, 40);
    });
}

nlohmann::json recordOf(const survey::PaintedWork& work, const schedule::WorkPlan& plan)
{
    const Project& p = work.project;
    nlohmann::json j{{"title", p.brief.title}, {"width_cm", p.brief.widthCm}, {"height_cm", p.brief.heightCm},
        {"medium", p.brief.medium}, {"signature", p.painting.signature}};
    static constexpr const char* kSupports[] = {"canvas", "board", "paper", "panel"};
    j["ground"] = {{"support", kSupports[std::size_t(p.brief.ground.support)]}, {"coats", p.brief.ground.coats},
        {"tone_lab", {work.tone.L, work.tone.a, work.tone.b}}};
    j["hours"] = {{"logged", plan.loggedHours}, {"sittings", p.painting.sittings.size()}};
    const auto byKind = schedule::hoursByKind(p.painting);
    for (std::size_t k = 0; k < byKind.size(); ++k)
        if (byKind[k] > 0)
            j["hours"]["by_kind"][schedule::wordOf(WorkKind(k))] = byKind[k];
    for (const auto& [element, h] : schedule::hoursByElement(p.painting)) {
        const Element* e = p.element(element);
        j["hours"]["by_element"].push_back({{"element", e ? e->name : tr("backdrop and the whole")}, {"hours", h}});
    }
    j["paints"] = nlohmann::json::array();
    double cost = 0;
    if (work.mixing)
        for (const auto& need : work.mixing->needs.tubes) {
            const Tube* t = p.tube(need.tube);
            const paint::Pigment* known = t ? paint::pigmentOf(t->pigment) : nullptr;
            j["paints"].push_back({{"paint",
                                       t && !t->name.empty() ? t->name
                                           : known           ? known->name
                                                             : need.id},
                {"colour_index", known ? known->indexName : ""}, {"lightfastness", known ? known->lightfastness : ""},
                {"ml", need.ml}, {"cost", need.cost}});
            cost += need.cost;
        }
    j["cost"] = cost;
    j["facts"] = nlohmann::json::array();
    for (const Fact& f : p.brief.facts)
        j["facts"].push_back({{"fact", f.words}, {"source", f.source}, {"checked", f.checked}});
    j["credits"] = nlohmann::json::array();
    for (const Reference& r : p.references)
        if (r.heap != "canvas")
            j["credits"].push_back({{"picture", r.name}, {"credit", r.credit}, {"permission", keyOf(r.permission)},
                {"note", r.permissionNote}});
    j["decisions"] = nlohmann::json::array();
    for (const Decision& d : p.painting.decisions)
        j["decisions"].push_back({{"what", d.words}, {"why", d.reason}, {"scrapped", d.scrapped}});
    j["stages"] = nlohmann::json::array();
    for (const auto& t : plan.tasks)
        j["stages"].push_back({{"task", t.key}, {"words", t.words}, {"done", t.done},
            {"logged_hours", schedule::loggedHours(p.painting, t)}});
    return j;
}

Result<Done> writeRecord(const survey::PaintedWork& work, const schedule::WorkPlan& plan,
    const std::vector<std::pair<QString, QImage>>& stages, const QString& path)
{
    const auto j = recordOf(work, plan);
    const Project& project = work.project;
    return writePdf(path, words(project.brief.title), QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter& writer) {
        Sheet s{p};
        s.line(words(project.brief.title), 64, true);
        s.line(said("%1 × %2 cm, %3 on %4%5")
                   .arg(project.brief.widthCm)
                   .arg(project.brief.heightCm)
                   .arg(words(project.brief.medium), words(j["ground"]["support"].get<std::string>()),
                       project.painting.signature.empty() ? QString()
                                                          : tr(", signed ") + words(project.painting.signature)));
        s.line(said("%1 in %2 sittings; paints used about %3")
                   .arg(hours(plan.loggedHours))
                   .arg(project.painting.sittings.size())
                   .arg(j["cost"].get<double>(), 0, 'f', 2));
        s.y += 30;
        s.y = framed(p, imageOf(work.picture.colour), {kLeft, s.y, kWide, 900}).bottom() + 20;
        const double across = (kWide - 3 * 30) / 4;
        double low = s.y;
        for (std::size_t i = 0; i < std::min<std::size_t>(8, stages.size()); ++i) {
            const QRectF r(kLeft + double(i % 4) * (across + 30), s.y + double(i / 4) * 360, across, 300);
            const QRectF at = framed(p, stages[i].second, r);
            text(p, {r.left(), at.bottom() + 30}, stages[i].first, 22, false, across);
            low = std::max(low, at.bottom() + 40);
        }
        s.y = low;
        const auto room = [&](double need) {
            if (s.y + need > 2850)
                writer.newPage(), s.y = 120;
        };
        const auto list = [&](const QString& title, const std::vector<QString>& lines) {
            if (lines.empty())
                return;
            room(120);
            s.line(title, 34, true);
            for (const QString& l : lines)
                room(60), s.line(l, 26, false, 20);
        };
        const auto of = [](const nlohmann::json& v, const char* key) { return words(v[key].get<std::string>()); };
        std::vector<QString> lines;
        for (const auto& t : j["paints"])
            lines.push_back(said("%1 %2, lightfastness %3, %4 ml")
                                .arg(of(t, "paint"), of(t, "colour_index"), of(t, "lightfastness"))
                                .arg(t["ml"].get<double>(), 0, 'f', 1));
        list(tr("Paints"), lines);
        lines.clear();
        for (const auto& f : j["facts"])
            lines.push_back(QString(f["checked"].get<bool>() ? tr("checked: ") : tr("not checked: ")) + of(f, "fact")
                + " (" + of(f, "source") + ")");
        list(tr("Facts"), lines);
        lines.clear();
        for (const auto& c : j["credits"])
            lines.push_back(of(c, "picture") + ": " + of(c, "credit") + ", " + of(c, "permission"));
        list(tr("Credits and permissions"), lines);
        lines.clear();
        for (const auto& d : j["decisions"])
            lines.push_back(
                QString(d["scrapped"].get<bool>() ? tr("scrapped: ") : "") + of(d, "what") + " – " + of(d, "why"));
        list(tr("Decisions"), lines);
    });
}

Result<Done> writeCornerTags(const QString& path)
{
    return writePdf(path, tr("Corner tags"), QPageSize(QPageSize::A4), [&](QPainter& p, QPdfWriter&) {
        const double whole = 100 * (survey::kTagCm + 2 * survey::kTagMarginCm);
        const char* names[]{tr("upper left"), tr("upper right"), tr("lower right"), tr("lower left")};
        text(p, {kLeft, 160}, tr("Corner tags"), 48, true, kWide);
        paragraph(p, QRectF(kLeft, 190, kWide, 260),
            tr("Print at full size (the frames are 56 mm wide). Cut along the frames and stick each tag to the wall or "
               "the easel, outside the canvas, so that the marked corner touches the canvas' corner. Flat, and as "
               "square as the eye makes it."),
            30);
        for (int i = 0; i < 4; ++i) {
            const QRectF r(kLeft + (i % 2) * 800, 520 + double(i / 2) * 800, whole, whole);
            const Mask tag = survey::tagPicture(i, 840);
            const QImage image(tag.data(), tag.width(), tag.height(), tag.width(), QImage::Format_Grayscale8);
            p.drawImage(r, image);
            p.setPen(QPen(QColor(120, 120, 120), 2));
            p.drawRect(r);
            const QPointF touching[]{r.bottomRight(), r.bottomLeft(), r.topLeft(), r.topRight()};
            p.setBrush(QColor(0xb0, 0x60, 0x10));
            p.drawEllipse(touching[i], 10, 10);
            p.setBrush(Qt::NoBrush);
            text(p, {r.left(), r.bottom() + 60}, said("%1 corner of the canvas at the dot").arg(names[i]), 28, false,
                780);
        }
    });
}

} // namespace rl::output
