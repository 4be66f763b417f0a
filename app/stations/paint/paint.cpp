#include "app/stations/paint/paint.h"
#include "app/forms/page.h"

namespace rl::app {
StationSpec paintStation()
{
    StationSpec s;
    s.id = Station::Paint;
    s.key = "paint";
    s.name = QCoreApplication::translate("Paint", "Paint");
    s.pages = {[](Desk& d, StationView&) -> Page* { return new Page(d, "Days", "The plan of work"); }};
    return s;
}

} // namespace rl::app
