#include "app/stations/brief/brief.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/brief/work_page.h"

namespace rl::app {

StationSpec briefStation()
{
    StationSpec s;
    s.id = Station::Brief;
    s.key = "brief";
    s.name = QCoreApplication::translate("Brief", "Brief");
    s.pages = {[](Desk& d, StationView&) -> Page* { return new WorkPage(d); },
        [](Desk& d, StationView&) -> Page* { return new MilestonesPage(d); }};
    return s;
}

} // namespace rl::app
