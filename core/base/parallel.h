#pragma once
#include <functional>

namespace rl {

/// Calls f(begin, end) on disjoint ranges covering [0, count), on the cores at hand. Each row's result must not
/// depend on the split, so that pictures are the same bytes with any number of threads. Whatever else works
/// meanwhile, the loop is shared out; what f throws is thrown here.
void parallelRows(int count, const std::function<void(int, int)>& f);
/// The same in up to 32 pieces, for what is worth a core by itself however few there are.
void parallelRanges(int count, const std::function<void(int, int)>& f);
/// Calls f(i) for every i in [0, count), uneven as the pieces may be; the same promise.
void parallelItems(int count, const std::function<void(int)>& f);

/// Of all cores at hand so many, for tests and figures; 0: all.
void useCores(int most);

/// The calling thread measures and prepares, for as long as it lives: its loops get what cores the others leave, and
/// rest while a hand drags.
void workAside();
/// A hand has just dragged something: what works aside rests for the next quarter of a second.
void handMoved();
/// Where a thread that works aside rests while a hand drags; nothing on any other.
void waitForTheHand();

} // namespace rl
