#include "core/base/parallel.h"
#include <algorithm>
#include <atomic>
#include <chrono>
#include <memory>
#include <oneapi/tbb/global_control.h>
#include <oneapi/tbb/parallel_for.h>
#include <oneapi/tbb/task_arena.h>
#include <opencv2/core/utility.hpp>
#include <thread>

namespace rl {

namespace {
using Clock = std::chrono::steady_clock;

thread_local bool t_aside = false;
thread_local int t_inside = 0; // loops this thread is in
std::atomic<Clock::rep> s_handMoved = 0;

/// Every thread that begins loops has an arena of its own, so that none makes another serial; the cores that help are
/// given to the hand's first.
tbb::task_arena& arena()
{
    static thread_local tbb::task_arena mine(
        tbb::task_arena::automatic, 1, t_aside ? tbb::task_arena::priority::low : tbb::task_arena::priority::normal);
    return mine;
}

struct Inside {
    Inside() { ++t_inside; }
    ~Inside() { --t_inside; }
};

void loop(int count, int pieces, const std::function<void(int, int)>& f)
{
    if (count <= 0)
        return;
    waitForTheHand();
    const auto all = [&] {
        tbb::parallel_for(
            tbb::blocked_range<int>(0, count, std::size_t(std::max(1, (count + pieces - 1) / pieces))),
            [&](const tbb::blocked_range<int>& r) {
                const Inside inside;
                f(r.begin(), r.end());
            },
            tbb::simple_partitioner());
    };
    // Who waits for a loop helps with that loop alone: what it holds in its own memory stays as it was.
    if (t_inside > 0)
        tbb::this_task_arena::isolate(all);
    else
        arena().execute([&] { tbb::this_task_arena::isolate(all); });
}
} // namespace

void parallelRows(int count, const std::function<void(int, int)>& f)
{
    loop(count, count < 64 ? 1 : 8, f);
}

void parallelRanges(int count, const std::function<void(int, int)>& f)
{
    loop(count, 32, f);
}

void parallelItems(int count, const std::function<void(int)>& f)
{
    parallelRanges(count, [&](int from, int to) {
        for (int i = from; i < to; ++i)
            f(i);
    });
}

void useCores(int most)
{
    static std::unique_ptr<tbb::global_control> limit;
    limit.reset();
    if (most > 0)
        limit = std::make_unique<tbb::global_control>(tbb::global_control::max_allowed_parallelism, std::size_t(most));
    cv::setNumThreads(most > 0 ? most : -1);
}

void workAside()
{
    t_aside = true;
}

void handMoved()
{
    s_handMoved = Clock::now().time_since_epoch().count();
}

void waitForTheHand()
{
    constexpr auto rests = std::chrono::milliseconds(250);
    while (t_aside && Clock::now() - Clock::time_point(Clock::duration(s_handMoved)) < rests && s_handMoved != 0)
        std::this_thread::sleep_for(std::chrono::milliseconds(8));
}

} // namespace rl
