#pragma once
#include "app/board/tool.h"
#include "app/stations/carry/carry_page.h"

namespace rl::app {

/// Squares to transfer by, and which of them are on the canvas already.
class GridPage final : public CarryPage {
    Q_OBJECT
public:
    GridPage(Desk& desk, StationView& view);
    ~GridPage() override;
    QString says() const override;
    std::vector<Tool*> tools() override;
    void writeTo(const QString& path);

private:
    class Tick;
    std::unique_ptr<Tick> m_tick;
    bool m_ticking = false;
};

} // namespace rl::app
