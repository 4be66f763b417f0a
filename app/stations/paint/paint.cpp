#include "app/stations/paint/paint.h"
#include "app/stations/paint/days_page.h"

namespace rl::app {
StationSpec paintStation()
{
    StationSpec s;
    s.id = Station::Paint;
    s.key = "paint";
    s.name = QCoreApplication::translate("Paint", "Paint");
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new DaysPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new TasksPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new HoursPage(d, v); }};
    return s;
}

} // namespace rl::app
