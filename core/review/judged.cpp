#include "core/review/judged.h"

namespace rl::review {

int judgedWidthPx(const Brief& b)
{
    constexpr double kPixels = 1e6;
    return std::clamp(int(std::lround(std::sqrt(kPixels * b.widthCm / b.heightCm))), 64, 8000);
}

Judged Judging::look(const Project& p, Progress& progress)
{
    Judged j;
    j.frame = frameOf(p, progress);
    if (j.frame && !progress.cancelled())
        j.picture = m_relighter.light(j.frame, p.lights);
    return j;
}

std::shared_ptr<const stage::StageFrame> Judging::frameOf(const Project& p, Progress& progress)
{
    return m_composer.compose(p, judgedWidthPx(p.brief), m_cache, progress);
}

Judged judged(const Project& p, stage::SurfaceCache& cache, Progress& progress)
{
    return Judging(cache).look(p, progress);
}

} // namespace rl::review
