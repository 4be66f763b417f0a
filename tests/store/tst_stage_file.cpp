#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/project/usual_heights.h"
#include "core/stage/compose.h"
#include "core/stage/solids.h"
#include "store/project_file.h"
#include "store/project_json.h"
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
    p = withUsualHeight(std::move(p), {"moon gate", 5, 4, 6, false});
    p.guides = {0xA5, 3, {{1, 2}, {3, 4}, {5, 6}}, {7, 8}, 6};
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
        {[&](Reference r, int, int) -> Result<Reference> {
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

QTEST_APPLESS_MAIN(TestStageFile)
#include "tst_stage_file.moc"
