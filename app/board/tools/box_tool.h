#pragma once
#include "app/board/tool.h"
#include <functional>

namespace rl::app {

/// A rectangle drawn by one drag, in the board's units; Escape drops it.
class BoxTool final : public Tool {
public:
    explicit BoxTool(std::function<void(Rect)> done)
        : m_done(std::move(done))
    {
    }
    void setOn(bool on) { m_on = on, m_dragging = false; }
    bool on() const { return m_on; }
    QString hint() const override;
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;
    bool drop() override;
    void paint(QPainter& painter, const Board& board) const override;

private:
    Rect box() const;
    std::function<void(Rect)> m_done;
    bool m_on = false, m_dragging = false;
    Vec2 m_from, m_to;
};

} // namespace rl::app
