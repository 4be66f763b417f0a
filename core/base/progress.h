#pragma once
#include <string_view>

namespace rl {

/// Reports on a long job and carries the wish to stop it. Called from worker threads.
class Progress {
public:
    virtual ~Progress() = default;
    /// \param fraction 0…1 of the whole job
    virtual void report(double fraction, std::string_view note) = 0;
    virtual bool cancelled() const = 0;
};

class NoProgress final : public Progress {
public:
    void report(double, std::string_view) override { }
    bool cancelled() const override { return false; }
};

} // namespace rl
