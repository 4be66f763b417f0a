#pragma once
#include "app/board/tool.h"
#include <functional>

namespace rl::app {

/// A rectangle drawn by one drag, in the board's units; Escape drops it.
class BoxTool final : public Tool {
public:
    /// \param hint what it is for \param left called when Escape has put it away
    explicit BoxTool(std::function<void(Rect)> done, QString hint = {}, std::function<void()> left = {})
        : m_done(std::move(done))
        , m_hint(std::move(hint))
        , m_left(std::move(left))
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
    QString m_hint;
    std::function<void()> m_left;
    bool m_on = false, m_dragging = false;
    Vec2 m_from, m_to;
};

} // namespace rl::app
