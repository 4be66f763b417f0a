#pragma once
#include "app/board/tools/pin_tool.h"
#include "app/stations/cut/cut_pages.h"

namespace rl::app {

/// Pins on the cut-out: a neck tilts, an arm sinks, the rest follows stiffly.
class BendPage final : public CutPage {
public:
    BendPage(Desk& desk, CutTable& table);
    void refresh() override;
    QString says() const override;
    std::vector<Tool*> tools() override { return {&m_tool}; }
    void dropPin() { m_tool.dropPin(); }

protected:
    QString wayWords() const override { return {}; }

private:
    PinTool m_tool;
};

} // namespace rl::app
