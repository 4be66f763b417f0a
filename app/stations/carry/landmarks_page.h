#pragma once
#include "app/board/tool.h"
#include "app/stations/carry/carry_page.h"

class QTreeWidget;

namespace rl::app {

/// The points that fix the drawing, to be found with a ruler and ticked off.
class LandmarksPage final : public CarryPage {
    Q_OBJECT
public:
    LandmarksPage(Desk& desk, StationView& view);
    ~LandmarksPage() override;
    QString says() const override;
    void refresh() override;
    QWidget* over() override;
    std::vector<Tool*> tools() override;
    void writeTo(const QString& path);
    void step(int by); ///< to the next landmark not yet ticked
    void tickHeld();

private:
    class Pick;
    std::unique_ptr<Pick> m_pick;
    void fill();
    QTreeWidget* m_list;
    const void* m_filledFrom = nullptr;
    bool m_filling = false;
};

} // namespace rl::app
