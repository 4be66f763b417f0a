#include "app/stations/cut/cut.h"
#include "app/stations/cut/bend_page.h"
#include "app/stations/cut/cut_pages.h"
#include "app/stations/cut/match_page.h"

namespace rl::app {

namespace {
QString tr(const char* words)
{
    return QCoreApplication::translate("Cut", words);
}

/// The table is shared by the pages; it lives as long as its board.
CutTable& tableOf(StationView& view)
{
    return *view.ownBoard()->findChild<CutTable*>();
}

void cutKeys(Desk& desk, StationView& view)
{
    CutTable& table = tableOf(view);
    const StationKeys keys(desk, view.spec());
    const auto mark = [&](const QString& id, const QString& words, const QString& k, CutTable::Mark kind) {
        keys.add(id, words, k, [&view, &table, kind] {
            view.turnTo(1);
            table.setMark(kind);
        });
    };
    mark("rectangle", tr("Draw a rectangle around the thing"), "R", CutTable::Mark::Rectangle);
    mark("in", tr("Strokes: keep"), "I", CutTable::Mark::In);
    mark("out", tr("Strokes: remove"), "O", CutTable::Mark::Out);
    mark("unsure", tr("Strokes: clear mark"), "U", CutTable::Mark::Unsure);
    keys.add(
        "curved", tr("The next points of the thread bend, or make corners"), "C", [&table] { table.toggleCurved(); });
    keys.add("hole", tr("The next closed thread takes a hole out"), "H", [&table] { table.toggleHole(); });
    keys.add("free", tr("Follow the edge free hand, button held"), "F", [&table] { table.toggleFree(); });
    keys.add("delete", tr("Take the held point or pin away"), "Del", [&view] {
        if (auto* bend = dynamic_cast<BendPage*>(view.current()))
            bend->dropPin();
        else if (auto* thread = dynamic_cast<ThreadPage*>(view.current()))
            thread->dropPoint();
    });
}

void head(Desk& desk, Form& form)
{
    form.pick(
        {"cutWhich", {}, tr("Which picture to work on"), {}},
        [&desk] {
            Choices all;
            for (const Reference& r : desk.project().references)
                all.emplace_back(QString::fromStdString(r.name), r.id);
            return all;
        },
        [&desk] { return desk.heldReference() ? std::optional(desk.reference()) : std::nullopt; },
        [&desk](int id) { desk.holdReference(id); });
}
} // namespace

StationSpec cutStation()
{
    StationSpec s;
    s.id = Station::Cut;
    s.key = "cut";
    s.name = tr("Cut");
    s.board = false;
    s.centre = [](Desk& desk, StationView& view) -> QWidget* {
        auto* photo = new Board;
        photo->setObjectName("photo");
        view.setOwnBoard(photo);
        new CutTable(desk, *photo);
        return photo;
    };
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new ThreadPage(d, tableOf(v)); },
        [](Desk& d, StationView& v) -> Page* { return new TouchPage(d, tableOf(v)); },
        [](Desk& d, StationView& v) -> Page* { return new GroundPage(d, tableOf(v)); },
        [](Desk& d, StationView& v) -> Page* { return new BendPage(d, tableOf(v)); },
        [](Desk& d, StationView& v) -> Page* { return new MatchPage(d, tableOf(v)); },
        [](Desk& d, StationView& v) -> Page* { return new PatchPage(d, tableOf(v)); }};
    s.head = head;
    s.actions = cutKeys;
    return s;
}

} // namespace rl::app
