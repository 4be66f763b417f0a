#include "core/gather/light_measures.h"

namespace rl::gather {

PictureMeasure LightMeasures::of(const Reference& r, const Mask& alpha, const relief::MeasuredLight& light)
{
    const std::pair key(r.sha256(), alpha.identity());
    {
        const std::lock_guard lock(m_mutex);
        std::erase_if(m_known, [](const auto& k) { return k.second.alpha.expired(); });
        if (const auto at = m_known.find(key); at != m_known.end())
            return at->second.measure;
    }
    const Photo photo = r.pixels.photo();
    PictureMeasure m = measuredLight(photo, alpha, &light);
    const std::lock_guard lock(m_mutex);
    if (!photo.empty() && !key.first.empty())
        m_known[key] = {alpha.owner(), m};
    return m;
}

} // namespace rl::gather
