#include "app/stations/gather/gather.h"
#include "app/stations/gather/wall_page.h"
#include "app/stations/gather/wall_table.h"

namespace rl::app {

StationSpec gatherStation()
{
    StationSpec s;
    s.id = Station::Gather;
    s.key = "gather";
    s.name = QCoreApplication::translate("Gather", "Gather");
    s.board = false;
    s.centre = [](Desk& desk, StationView& view) -> QWidget* { return new WallTable(desk, &view); };
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new WallPage(d, *static_cast<WallTable*>(v.centre())); }};
    s.fit = [](StationView& view) { static_cast<WallTable*>(view.centre())->wall()->fitAll(); };
    return s;
}

} // namespace rl::app
