#pragma once
#include "app/board/tools/pick_tool.h"
#include "app/stations/read/silhouette_row.h"
#include "app/stations/station.h"

namespace rl::app {

/// How contours are meant (here soft, here hard, here a line) against how they are.
class EdgesPage final : public Page {
public:
    explicit EdgesPage(Desk& desk);
    ~EdgesPage() override;
    QString says() const override;
    void refresh() override;
    std::vector<Tool*> tools() override;
    std::vector<Overlay*> overlays() override;

private:
    class Brush;
    class Marks;
    EdgeWish wish() const { return EdgeWish(m_wish); }
    int m_wish = 1;
    std::unique_ptr<Brush> m_brush;
    std::unique_ptr<Marks> m_marks;
    PickTool m_pick;
    SilhouetteRow* m_alone;
};

} // namespace rl::app
