#pragma once
#include "core/schedule/sittings.h"
#include <limits>

/// Inside the planning of sittings.
namespace rl::schedule {

/// Later than any time.
inline constexpr Minutes kNever = std::numeric_limits<Minutes>::max() / 4;

struct Link {
    int task = 0;
    Minutes lag = 0;
};
struct Node {
    std::string id;
    Minutes length = 0, least = 15;
    bool splittable = false, pause = false;
    std::vector<Link> before;
    std::vector<int> next;
};
/// Tasks with their links by place.
struct Network {
    std::vector<Node> tasks;
};
Network networkOf(const std::vector<Task>& tasks);

/// What a plan is decoded from.
struct Wishes {
    std::vector<double> urgency; ///< of each task; the highest first
    std::vector<char> hold; ///< waits, rather than be begun, while a more urgent one comes free in the same sitting
    std::vector<char> skip; ///< sittings left out
};
/// Urgent is what has the longest way to go: hours stretched by how thin the sittings lie, and drying.
Wishes firstWishes(const Network& network, const std::vector<Window>& sittings);

struct Decoded {
    std::vector<Piece> pieces;
    Minutes finish = 0, wasted = 0;
    int sittings = 0, lastSitting = 0;
    double meanEnd = 0; ///< of all tasks
    bool whole = false; ///< everything found its place
    int done = 0, firstOpen = 0;
};
bool better(const Decoded& a, const Decoded& b); ///< finish, then sittings, then time wasted
Decoded decoded(const Network& network, const std::vector<Window>& sittings, const Wishes& wishes);

/// Betters a plan by branch and bound. \return whether it came to the end of it
bool searched(const Network& network, const std::vector<Window>& sittings, int nodes, Decoded& best);

} // namespace rl::schedule
