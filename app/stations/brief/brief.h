#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec briefStation();

} // namespace rl::app
