#pragma once
#include "app/board/tools/pick_tool.h"
#include "app/stations/read/pull_marks.h"
#include "app/stations/read/pull_rows.h"
#include "app/stations/station.h"

namespace rl::app {

/// What each thing draws and why, in one line; strong places of the backdrop; what leaks over the edges; faces.
class PullPage final : public Page {
public:
    explicit PullPage(Desk& desk);
    ~PullPage() override;
    QString says() const override;
    void refresh() override;
    std::vector<Tool*> tools() override { return {&m_pick}; }
    std::vector<Overlay*> overlays() override;

private:
    void placeFields();
    void quietFields();
    const reading::StrongPlace* place() const; ///< the chosen one
    Rect placeCm() const; ///< \pre there is a review
    void cutFree();
    PullRows* m_rows;
    PickTool m_pick;
    std::unique_ptr<PullMarks> m_marks;
    int m_place = 0;
};

} // namespace rl::app
