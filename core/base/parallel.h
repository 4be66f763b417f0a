#pragma once
#include <functional>

namespace rl {

/// Calls f(begin, end) on disjoint ranges covering [0, count), on the cores at hand. Each row's result must not
/// depend on the split, so that pictures are the same bytes with any number of threads.
void parallelRows(int count, const std::function<void(int, int)>& f);
/// Calls f(i) for every i in [0, count), uneven as the pieces may be; the same promise.
void parallelItems(int count, const std::function<void(int)>& f);

} // namespace rl
