#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec mixStation();

} // namespace rl::app
