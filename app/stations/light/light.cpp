#include "app/stations/light/light.h"
#include "app/stations/light/air_page.h"
#include "app/stations/light/form_page.h"
#include "app/stations/light/lantern_page.h"
#include "app/stations/light/sky_page.h"
#include "app/stations/light/study_page.h"
#include "core/project/edits.h"

namespace rl::app {

namespace {
QString tr(const char* words)
{
    return QCoreApplication::translate("Light", words);
}

void carryKeys(Desk& desk, const StationKeys& keys)
{
    const auto carry = [&](const QString& id, const QString& words, const QString& key, Vec3 by) {
        keys.held(id, words, key, [&desk, by](Stroke s) {
            if (const Lantern* held = desk.heldLantern()) {
                Lantern l = *held;
                l.position = l.position + by * (s.shift ? 1.0 : 0.1);
                desk.edit(tr("Carry the lantern"), edits::withLantern(desk.project(), l), s.gesture);
            }
        });
    };
    carry("left", tr("Carry the lantern 10 cm left"), "Left", {-1, 0, 0});
    carry("right", tr("Carry the lantern 10 cm right"), "Right", {1, 0, 0});
    carry("up", tr("Carry the lantern 10 cm up"), "Up", {0, 1, 0});
    carry("down", tr("Carry the lantern 10 cm down"), "Down", {0, -1, 0});
    carry("away", tr("Carry the lantern 10 cm away"), "PgUp", {0, 0, 1});
    carry("near", tr("Carry the lantern 10 cm nearer"), "PgDown", {0, 0, -1});
}

void lightKeys(Desk& desk, StationView& view)
{
    const StationKeys keys(desk, view.spec());
    carryKeys(desk, keys);
    keys.add("hang", tr("Hang another lantern"), "L", [&view] { view.find<LanternPage>()->hang(); });
    keys.add("zones", tr("Show the form zones, and back"), "Z", [&view] { view.find<StudyPage>()->toggleZones(); });
    keys.add("photographed", tr("Show everything as photographed, and back"), "A",
        [&view] { view.find<StudyPage>()->togglePhotographed(); });
}
} // namespace

StationSpec lightStation()
{
    StationSpec s;
    s.id = Station::Light;
    s.key = "light";
    s.name = tr("Light");
    s.plans = true;
    s.firstPage = 1;
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new SkyPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new LanternPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new AirPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new FormPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new StudyPage(d, v); }};
    s.actions = lightKeys;
    return s;
}

} // namespace rl::app
