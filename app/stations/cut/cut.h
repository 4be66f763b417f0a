#pragma once
#include "app/stations/station.h"

namespace rl::app {

StationSpec cutStation();

} // namespace rl::app
