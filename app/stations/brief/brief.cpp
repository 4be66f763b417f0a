#include "app/stations/brief/brief.h"
#include "app/stations/brief/facts_page.h"
#include "app/stations/brief/ideas_page.h"
#include "app/stations/brief/milestones_page.h"
#include "app/stations/brief/priming_page.h"
#include "app/stations/brief/work_page.h"

namespace rl::app {

StationSpec briefStation()
{
    StationSpec s;
    s.id = Station::Brief;
    s.key = "brief";
    s.name = QCoreApplication::translate("Brief", "Brief");
    s.pages = {[](Desk& d, StationView&) -> Page* { return new WorkPage(d); },
        [](Desk& d, StationView&) -> Page* { return new IdeasPage(d); },
        [](Desk& d, StationView&) -> Page* { return new FactsPage(d); },
        [](Desk& d, StationView&) -> Page* { return new PrimingPage(d); },
        [](Desk& d, StationView&) -> Page* { return new SchoolsPage(d); },
        [](Desk& d, StationView&) -> Page* { return new MilestonesPage(d); }};
    return s;
}

} // namespace rl::app
