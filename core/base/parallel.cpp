#include "core/base/parallel.h"
#include <opencv2/core/utility.hpp>

namespace rl {

void parallelRows(int count, const std::function<void(int, int)>& f)
{
    if (count <= 0)
        return;
    cv::parallel_for_(
        cv::Range(0, count), [&](const cv::Range& r) { f(r.start, r.end); }, count < 64 ? 1.0 : 8.0);
}

void parallelItems(int count, const std::function<void(int)>& f)
{
    if (count <= 0)
        return;
    cv::parallel_for_(
        cv::Range(0, count),
        [&](const cv::Range& r) {
            for (int i = r.start; i < r.end; ++i)
                f(i);
        },
        std::min(count, 32));
}

} // namespace rl
