#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec lightStation();

} // namespace rl::app
