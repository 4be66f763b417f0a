#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec carryStation();

} // namespace rl::app
