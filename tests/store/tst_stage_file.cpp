#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/project/usual_heights.h"
#include "core/stage/compose.h"
#include "core/stage/solids.h"
#include "store/project_file.h"
#include "store/project_json.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>

using namespace rl;
using namespace rl::store;
using nlohmann::json;

namespace {
/// One of every stand-in, tied together in every way, in three takes with votes.
Project everything()
{
    Project p = kit::postWork();
    for (int s = int(Solid::Shape); s <= int(Solid::Path); ++s) {
        Element e = edits::standinOf(Solid(s));
        e.baseCm = {4.0 * s, 26.0 + s % 4};
        e.yaw = 11.5 * s;
        e.stretch = 1.1;
        e.shear = 2;
        e.notes = "say “why”";
        e.facing = Facing(s % 5);
        e.pattern = {PatternKind(s % 5), 0.3, 0.4, 10, 90, 15};
        e.standin.pose = stage::poseOf(stage::Stance::Walking);
        p = edits::withElement(std::move(p), e);
    }
    const int a = p.elements[1].id, b = p.elements[2].id, c = p.elements[3].id;
    p = edits::withGroup(std::move(p), {a, b}, "a pair");
    p = edits::withInStep(std::move(p), b, c, true);
    p = edits::withInside(std::move(p), c, a);
    p.element(b)->locked = true;
    p.element(b)->material = Material::Glass;
    Element& shaped = *p.element(c);
    shaped.parts
        = {{{{0.1, 0.1}, {0.9, 0.1}, {0.5, 0.9}}, Form::Corner, true, 20, -10, 1.5}, {{}, Form::Card, false, 0, 5, 0}};
    shaped.ridges = {{{{0.2, 0.2}, {0.8, 0.7}}, -1.5, 0.1}};
    shaped.eyes = {{{0.4, 0.1}, 0.02}};
    shaped.material = Material::Thin, shaped.through = 0.3, shaped.rim = 0.6, shaped.glow = 4;
    p.lights.groups = {{70, "harbour", false, -1.5}};
    Lantern window{71, "window", true, {1, 2, 9}, 0.1, 3000, 2, 0.7};
    window.kind = LampKind::Panel, window.facing = 150, window.wide = 2, window.group = 70, window.within = c;
    Lantern sparks{72, "sparks", true, {2, 2, 12}, 0.02, 1900, 2, 0.7};
    sparks.kind = LampKind::Swarm, sparks.count = 60, sparks.hue = 120, sparks.hidden = true;
    p.lights.lanterns = {window, sparks};
    p.lights.sun.hue = 300;
    p.lights.air.mists = {{"low", true, 9, 0.5, 0.8}, {"far", false, 30, 0.2, 3}};
    p.lights.air.drift = {DriftKind::Rain, 0.7};
    p.lights.air.vignette = 0.4, p.lights.air.vignetteAt = {20, 10}, p.lights.air.hazeTopM = 6,
    p.lights.air.spill = 0.5;
    p = withUsualHeight(std::move(p), {"moon gate", 5, 4, 6, false});
    p.guides = {0xA5, 3, {{1, 2}, {3, 4}, {5, 6}}, {7, 8}, 6};
    shaped.edges = {{{0.2, 0.4}, 0.3, EdgeWish::DarkLine}, {{0.5, 0.5}, 3, EdgeWish::Lost}};
    shaped.meaning = 2.5;
    p.backdrop.tone = {10, 5, 90, 95, 3, -4, 0.6, 1.2};
    Brief& brief = p.brief;
    brief.format = Format::Free, brief.outline = {{1, 2}, {50, 3}, {30, 38}};
    brief.deadline = "2027-03-01", brief.wantedKey = 2, brief.wantedSpan = 0, brief.valueBounds = {20, 55.5};
    brief.ground = {Support::Paper, 20, 640, 5, 12, 400, Toning::Darkest};
    for (int i = 0; i < kSchoolCount; ++i)
        brief.schools[std::size_t(i)] = i % 2;
    brief.ideas
        = {{81, "“journey”", {{82, "dust", 1, a, {0.1, 0.2, 0.3, 0.4}}, {83, "boots", 0, 0, {}}}}, {84, "", {}}};
    brief.facts = {{85, "seven spokes", "the cart", b, true}, {86, "left-handed", "", 0, false}};
    p.lastId = 90;
    p = takes::withDuplicate(std::move(p), "second");
    p.elements.pop_back();
    p = takes::withDuplicate(std::move(p), "third");
    p = takes::withAside(std::move(p), p.takes[0].id, "too still");
    p = takes::withVote(std::move(p), "Ilse", "C", "lively");
    repair(p);
    return p;
}

json described(const Project& p)
{
    return toJson(p, [](const Mask&) { return std::string("matte"); });
}

Result<Project> read(const json& j, const Project& original)
{
    return fromJson(j,
        {[&](Reference r, const std::string&, int, int) -> Result<Reference> {
             r.pixels = original.references[0].pixels;
             return r;
         },
            [&](const std::string&) -> Result<Mask> { return original.cutouts[0].alpha; }});
}
} // namespace

class TestStageFile : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
private slots:
    void everythingOfTheStageComesBack()
    {
        const Project p = everything();
        const std::string path = kit::pathIn(m_dir.path(), "stage.lantern").toStdString();
        QVERIFY(bool(ProjectFile::create(path, p)));
        const Project q = ProjectFile::open(path).take().project;
        QVERIFY(q.elements == p.elements);
        QVERIFY(q.lights == p.lights);
        QVERIFY(q.brief == p.brief && q.backdrop.tone == p.backdrop.tone);
        QVERIFY(q.groups == p.groups && q.guides == p.guides && q.heights == p.heights);
        QVERIFY(q.takes == p.takes && q.take == p.take && q.votes == p.votes);
        // An old work, written before there were takes, has none.
        json old = described(kit::postWork());
        for (const char* field : {"takes", "take", "votes", "groups", "guides", "heights"})
            old.erase(field);
        for (auto& e : old["elements"])
            for (const char* field : {"standin", "yaw", "stretch", "pattern", "group", "locked", "inside", "facing"})
                e.erase(field);
        const auto was = read(old, kit::postWork());
        QVERIFY(bool(was));
        QVERIFY(was->takes.empty() && was->elements[0].stretch == 1 && was->elements[0].standin.solid == Solid::None);
    }

    void liesAreRepairedOrRefused_data()
    {
        QTest::addColumn<QString>("where"); // JSON pointer
        QTest::addColumn<QString>("what");
        const auto row = [](const char* where, const char* what) {
            QTest::newRow(qPrintable(QString("%1 = %2").arg(where, what))) << where << what;
        };
        for (const char* number : {"1e308", "-1e308", "0", "-5", "\"seven\"", "null", "[]", "{}", "true"}) {
            row("/elements/3/yaw", number);
            row("/elements/3/meaning", number);
            row("/brief/ground/coats", number);
            row("/brief/wantedKey", number);
            row("/brief/ideas/0/clues/0/part/x", number);
            row("/elements/3/stretch", number);
            row("/elements/3/standin/wide", number);
            row("/elements/3/standin/count", number);
            row("/elements/12/standin/pathWidthM", number);
            row("/elements/3/group", number);
            row("/elements/3/inside", number);
            row("/takes/0/id", number);
            row("/take", number);
            row("/guides/rings", number);
            row("/guides/spiralTurn", number);
            row("/heights/0/metres", number);
        }
        for (const char* list : {"7", "\"x\"", "null", "[[1,2]]", "[null]", "{}"}) {
            row("/elements/12/standin/path", list);
            row("/elements/11/standin/profile", list);
            row("/elements/1/standin/outlines", list);
            row("/takes", list);
            row("/takes/0/scene", list);
            row("/takes/0/scene/elements", list);
            row("/votes", list);
            row("/groups", list);
        }
        for (const char* number : {"1e308", "-1e308", "0", "\"seven\"", "null", "[]", "true"}) {
            row("/elements/3/parts/0/tiltX", number);
            row("/elements/3/ridges/0/width", number);
            row("/elements/3/eyes/0/radius", number);
            row("/elements/3/through", number);
            row("/lights/lanterns/0/wide", number);
            row("/lights/lanterns/0/facing", number);
            row("/lights/lanterns/1/count", number);
            row("/lights/lanterns/1/hue", number);
            row("/lights/lanterns/0/within", number);
            row("/lights/lanterns/0/group", number);
            row("/lights/groups/0/stops", number);
            row("/lights/air/mists/0/z", number);
            row("/lights/air/mists/0/topM", number);
            row("/lights/air/vignetteReach", number);
            row("/lights/air/drift/amount", number);
        }
        for (const char* list : {"7", "null", "[[1,2]]", "[null]", "{}"}) {
            row("/elements/3/parts", list);
            row("/elements/3/parts/0/outline", list);
            row("/elements/3/ridges/0/line", list);
            row("/lights/lanterns", list);
            row("/lights/air/mists", list);
        }
        row("/lights/lanterns/0/kind", "\"comet\"");
        row("/lights/air/drift/kind", "99");
        row("/elements/3/standin/solid", "\"dragon\"");
        row("/elements/3/pattern/kind", "\"paisley\"");
        row("/elements/3/facing", "99");
        row("/votes/0/take", "424242");
        row("/elements/3/id", "3"); // a cut-out's number, but elements count for themselves
    }
    void liesAreRepairedOrRefused()
    {
        QFETCH(QString, where);
        QFETCH(QString, what);
        static const Project original = everything();
        json j = described(original);
        j[json::json_pointer(where.toStdString())] = json::parse(what.toStdString());
        const auto read_ = guarded([&] { return read(j, original); });
        if (!read_) {
            QVERIFY(!read_.error().sentence.empty() && read_.error().sentence.find('\n') == std::string::npos);
            return;
        }
        Project p = *read_;
        repair(p);
        QVERIFY(repair(p)); // once put right it stays right
        stage::SurfaceCache cache;
        NoProgress progress;
        QVERIFY(stage::compose(p, 60, cache, progress) != nullptr);
        for (const Take& t : p.takes)
            QVERIFY(stage::compose(takes::projectOf(p, t.id), 32, cache, progress) != nullptr);
    }
};

RL_TEST(TestStageFile)
#include "tst_stage_file.moc"
