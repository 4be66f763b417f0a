#include "app/stations/read/read.h"
#include "app/stations/read/apart_page.h"
#include "app/stations/read/edges_page.h"
#include "app/stations/read/order_page.h"
#include "app/stations/read/pull_page.h"
#include "app/stations/read/read_page.h"
#include "app/stations/read/what_if_page.h"

namespace rl::app {

StationSpec readStation()
{
    StationSpec s;
    s.id = Station::Read;
    s.key = "read";
    s.name = QCoreApplication::translate("Read", "Read");
    s.pages = {[](Desk& d, StationView&) -> Page* { return new ReadPage(d); },
        [](Desk& d, StationView&) -> Page* { return new PullPage(d); },
        [](Desk& d, StationView&) -> Page* { return new EdgesPage(d); },
        [](Desk& d, StationView&) -> Page* { return new OrderPage(d); },
        [](Desk& d, StationView&) -> Page* { return new WhatIfPage(d); },
        [](Desk& d, StationView&) -> Page* { return new ApartPage(d); }};
    return s;
}

} // namespace rl::app
