#include "app/stations/carry/carry.h"
#include "app/stations/carry/sheets_page.h"

namespace rl::app {

StationSpec carryStation()
{
    StationSpec s;
    s.id = Station::Carry;
    s.key = "carry";
    s.name = QCoreApplication::translate("Carry", "Carry");
    s.pages = {[](Desk& d, StationView&) -> Page* { return new SheetsPage(d); }};
    return s;
}

} // namespace rl::app
