#include "app/stations/brief/brief.h"
#include "app/stations/carry/carry.h"
#include "app/stations/cut/cut.h"
#include "app/stations/gather/gather.h"
#include "app/stations/light/light.h"
#include "app/stations/mix/mix.h"
#include "app/stations/paint/paint.h"
#include "app/stations/read/read.h"
#include "app/stations/stage/stage.h"

namespace rl::app {

/// In the order of the trail. A new station is one line here and a folder beside this file.
const std::vector<StationSpec>& allStations()
{
    static const std::vector<StationSpec> all{
        briefStation(),
        gatherStation(),
        cutStation(),
        stageStation(),
        lightStation(),
        readStation(),
        mixStation(),
        carryStation(),
        paintStation(),
    };
    return all;
}

} // namespace rl::app
