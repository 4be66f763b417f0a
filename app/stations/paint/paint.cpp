#include "app/stations/paint/paint.h"
#include "app/stations/paint/days_page.h"
#include "app/stations/paint/eye_page.h"
#include "app/stations/paint/photo_page.h"
#include "app/stations/paint/record_page.h"
#include "app/stations/paint/sitting_page.h"
#include "core/project/painting_edits.h"

namespace rl::app {

namespace {
void paintKeys(Desk& desk, StationView& view)
{
    const StationKeys keys(desk, view.spec());
    const auto words = [](const char* w) { return QCoreApplication::translate("Paint", w); };
    keys.add("next", words(QT_TRANSLATE_NOOP("Paint", "The next sitting")), "]",
        [&view] { view.find<DaysPage>()->path()->step(1); });
    keys.add("before", words(QT_TRANSLATE_NOOP("Paint", "The sitting before")), "[",
        [&view] { view.find<DaysPage>()->path()->step(-1); });
    keys.add("tick", words(QT_TRANSLATE_NOOP("Paint", "Tick the selected task")), "T",
        [&view] { view.find<TasksPage>()->tick(); });
    keys.add("start", words(QT_TRANSLATE_NOOP("Paint", "Begin the sitting, pause, go on")), "S",
        [&view] { view.find<SittingPage>()->startOrPause(); });
    keys.add("easel", words(QT_TRANSLATE_NOOP("Paint", "The easel view")), "E",
        [&view] { view.find<SittingPage>()->openEasel(); });
}
} // namespace

StationSpec paintStation()
{
    StationSpec s;
    s.id = Station::Paint;
    s.key = "paint";
    s.name = QCoreApplication::translate("Paint", "Paint");
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new DaysPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new TasksPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new HoursPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new SittingPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new PhotoPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new RecordPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new EyePage(d, v); }};
    s.actions = paintKeys;
    return s;
}

} // namespace rl::app
