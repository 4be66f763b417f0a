#pragma once
#include "app/board/tool.h"
#include "app/stations/cut/cut_table.h"
#include "core/cutout/bend.h"

namespace rl::app {

/// Pins on a cut-out: a click sets one, a drag bends. What lies under the hand is the bent figure alone.
class PinTool final : public Tool {
public:
    PinTool(Desk& desk, CutTable& table)
        : m_desk(desk)
        , m_table(table)
    {
    }
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;
    void paint(QPainter& painter, const Board& board) const override;
    void refresh(); ///< takes the pins from the project, unless the hand is at them
    bool dropPin(); ///< the held one
    void clear();
    int count() const { return int(m_pins.size()); }

private:
    void keep();
    void bend(); ///< a small copy follows the hand
    Desk& m_desk;
    CutTable& m_table;
    std::vector<Pin> m_pins;
    int m_held = -1;
    bool m_busy = false;
    QImage m_bent;
    Rect m_bentAt; ///< px in the picture
    Mask m_bentOf;
    std::vector<Pin> m_bentBy;
};

} // namespace rl::app
