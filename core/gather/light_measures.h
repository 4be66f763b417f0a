#pragma once
#include "core/gather/measure.h"
#include <map>
#include <mutex>

namespace rl::gather {

/// The light of cut-outs as they were photographed, each measured once; safe from several threads.
class LightMeasures {
public:
    /// \param light of the cut-out, as it was read already
    PictureMeasure of(const Reference& reference, const Mask& alpha, const relief::MeasuredLight& light);

private:
    struct Known {
        std::weak_ptr<const void> alpha; ///< while it lives its address stands for its content
        PictureMeasure measure;
    };
    std::mutex m_mutex;
    std::map<std::pair<std::string, const void*>, Known> m_known; ///< by the file's SHA-256 and the matte
};

} // namespace rl::gather
