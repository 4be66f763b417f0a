#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec stageStation();

} // namespace rl::app
