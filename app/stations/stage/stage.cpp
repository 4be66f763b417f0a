#include "app/stations/stage/stage.h"
#include "app/stations/stage/guides_page.h"
#include "app/stations/stage/hand_page.h"
#include "app/stations/stage/kin_page.h"
#include "app/stations/stage/room_page.h"
#include "app/stations/stage/space_page.h"
#include "app/stations/stage/standins_page.h"
#include "app/stations/stage/takes_page.h"
#include "app/stations/stage/ties_page.h"
#include "core/project/stage_edits.h"

namespace rl::app {

namespace {
QString tr(const char* words)
{
    return QCoreApplication::translate("Stage", words);
}

void moveKeys(Desk& desk, const StationKeys& keys)
{
    const auto nudge = [&](const QString& id, const QString& words, const QString& key, Vec2 by) {
        keys.held(id, words, key, [&desk, by](Stroke s) {
            const Element* e = desk.heldElement();
            if (e && !desk.refusesLocked(e))
                desk.edit(
                    tr("Nudge it"), edits::withFootMoved(desk.project(), e->id, by * (s.shift ? 1.0 : 0.1)), s.gesture);
        });
    };
    nudge("left", tr("Move it 1 mm left"), "Left", {-1, 0});
    nudge("right", tr("Move it 1 mm right"), "Right", {1, 0});
    nudge("up", tr("Move it 1 mm up the canvas"), "Up", {0, -1});
    nudge("down", tr("Move it 1 mm down the canvas"), "Down", {0, 1});
    const auto lift = [&](const QString& id, const QString& words, const QString& key, double by) {
        keys.held(id, words, key, [&desk, by](Stroke s) {
            const Element* e = desk.heldElement();
            if (e && !desk.refusesLocked(e))
                desk.edit(tr("Remove mist"),
                    edits::withAltitude(desk.project(), e->id, e->altitudeM + by * (s.shift ? 1.0 : 0.1)), s.gesture);
        });
    };
    lift("lift", tr("Lift it 10 cm"), "PgUp", 1);
    lift("lower", tr("Lower it 10 cm"), "PgDown", -1);
    const auto turn = [&](const QString& id, const QString& words, const QString& key, double by) {
        keys.held(
            id, words, key,
            [&desk, by](Stroke s) {
                if (const Element* held = desk.heldElement()) {
                    Element e = *held;
                    e.yaw += by;
                    desk.edit(tr("Turn it"), edits::withElement(desk.project(), e), s.gesture);
                }
            },
            false);
    };
    turn("turnLeft", tr("Turn it 5° to the left"), "[", 5);
    turn("turnRight", tr("Turn it 5° to the right"), "]", -5);
}

void stageKeys(Desk& desk, StationView& view)
{
    const StationKeys keys(desk, view.spec());
    moveKeys(desk, keys);
    keys.add("mirror", tr("Mirror it"), "M", [&desk] {
        if (desk.heldElement())
            desk.edit(tr("Mirror it"), edits::withMirrored(desk.project(), desk.element()));
    });
    keys.add("away", tr("Take it away"), "Del", [&desk] {
        if (desk.heldElement())
            desk.edit(tr("Take it away"), edits::withoutElement(desk.project(), desk.element()));
    });
    keys.add("lines", tr("Show the backdrop's lines, and back"), "V", [&view] {
        view.turnTo(0);
        view.find<SpacePage>()->toggleLines();
    });
    keys.add("bend", tr("Bend the outline being drawn through its last point"), "C",
        [&view] { view.find<StandinsPage>()->bend(); });
}
} // namespace

StationSpec stageStation()
{
    StationSpec s;
    s.id = Station::Stage;
    s.key = "stage";
    s.name = tr("Stage");
    s.plans = true;
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new SpacePage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new HandPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new TiesPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new StandinsPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new KinPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new GuidesPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new RoomPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new TakesPage(d, v); }};
    s.head = [](Desk& desk, Form& head) {
        head.pick(
            {"stageWhich", {},
                tr("The selected element; you can also click it in the picture, the top view or the side view"), {}},
            [&desk] {
                Choices all;
                if (!desk.heldElement())
                    all.emplace_back(tr("nothing selected"), 0);
                for (const Element& e : desk.project().elements)
                    all.emplace_back(QString::fromStdString(e.name), e.id);
                return all;
            },
            [&desk] { return desk.project().elements.empty() ? std::nullopt : std::optional(desk.element()); },
            [&desk](int id) { desk.holdElement(id); });
    };
    s.actions = stageKeys;
    return s;
}

} // namespace rl::app
