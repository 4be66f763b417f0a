#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/gather/vanishing.h"

namespace rl::app {

/// Which straight edges of the backdrop meet, and at what eye level.
class VanishingLines final : public Overlay {
public:
    explicit VanishingLines(Desk& desk);
    void setShown(bool on) { m_shown = on; }
    bool shown() const override { return m_shown; }
    int depth() const override { return 6; }
    void ask(); ///< looks for them, when they are shown and not known
    void setFound(std::function<void()> found) { m_found = std::move(found); }
    void paint(QPainter& painter, const Board& board) const override;
    QString words() const;
    bool idle() const { return !m_job.running(); }

private:
    struct Found {
        std::vector<gather::Segment> segments;
        gather::EyeLevel eye;
    };
    const Found* found() const; ///< of the present backdrop
    Desk& m_desk;
    bool m_shown = false;
    Job<Found> m_job;
    std::function<void()> m_found;
};

} // namespace rl::app
