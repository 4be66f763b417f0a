#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include <cstdint>
#include <string>
#include <vector>

/// Work that waits for paint to dry, placed into a painter's free hours. Time: whole minutes from any beginning, local,
/// without changes of the clock.
namespace rl::schedule {

using Minutes = std::int64_t;

/// Free hours. Windows that touch are one sitting.
struct Window {
    Minutes from = 0, to = 0;
};
/// What must be done before, and how long after its last piece this may begin (drying; the clock's hours, not the
/// painter's).
struct After {
    std::string task;
    Minutes lag = 0;
};
struct Task {
    std::string id;
    Minutes length = 0; ///< of work; of a pause: at least
    bool splittable = false; ///< else one piece within one sitting: a wet blend
    Minutes leastPiece = 15; ///< no piece is shorter, unless all of it is
    bool pause = false; ///< fresh eyes: nothing is worked on meanwhile; in or out of sittings
    std::vector<After> after;
};
struct Piece {
    int task = 0; ///< place in the list
    Minutes from = 0, to = 0;
};
struct Plan {
    std::vector<Piece> pieces; ///< by time
    Minutes finish = 0; ///< end of the last
    int sittings = 0; ///< that are used
    Minutes wasted = 0; ///< in those, not worked
    bool proved = false; ///< there is none that ends sooner (on a quarter-hour grid), or none in fewer sittings
};

/// Sittings in order, those that touch made one. \return Invalid for windows that end before they begin
Result<std::vector<Window>> sittingsOf(std::vector<Window> windows);

struct Effort {
    int rounds = 45'000; ///< of annealing, times decoding one plan; the same plan on every machine
    int nodes = 400'000; ///< of branch and bound, where at most twelve tasks are open; 0 = not
};
/// Soonest finish, then fewest sittings, then least time lost in them: a list with a look-ahead, its priorities
/// annealed (Kirkpatrick, Gelatt & Vecchi 1983), and for up to twelve tasks branch and bound with a memory of states.
/// \return Invalid, naming the task, where tasks wait for each other or for one that is not there, or one is longer
/// than any sitting; Missing where the sittings run out
Result<Plan> planned(
    const std::vector<Task>& tasks, const std::vector<Window>& windows, const Effort& effort, Progress& progress);

/// What a plan breaks; empty when it keeps every rule.
std::vector<std::string> faultsOf(
    const Plan& plan, const std::vector<Task>& tasks, const std::vector<Window>& sittings);

} // namespace rl::schedule
