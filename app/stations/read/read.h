#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec readStation();

} // namespace rl::app
