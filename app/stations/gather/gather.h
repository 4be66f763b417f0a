#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec gatherStation();

} // namespace rl::app
