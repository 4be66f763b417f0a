#pragma once
#include "core/base/progress.h"

namespace rl {

/// Part of something longer: it says nothing, and is given up with it.
class QuietProgress final : public Progress {
public:
    explicit QuietProgress(const Progress& whole)
        : m_whole(whole)
    {
    }
    void report(double, std::string_view) override { }
    bool cancelled() const override { return m_whole.cancelled(); }

private:
    const Progress& m_whole;
};

} // namespace rl
