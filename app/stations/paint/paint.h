#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec paintStation();

} // namespace rl::app
