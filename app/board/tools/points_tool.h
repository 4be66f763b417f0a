#pragma once
#include "app/board/tool.h"
#include "core/project/standin.h"
#include <functional>

namespace rl::app {

class Desk;

/// What is clicked, point by point.
struct PointsWanted {
    QString hint; ///< what to click; keys are told behind it
    int least = 1;
    int most = 0; ///< ends by itself with so many; 0 = Enter ends it
    bool curves = false; ///< C bends the outline through the last point
    bool closed = false; ///< drawn as a closed line
    QString tooFew; ///< said when Enter comes too soon
    std::function<void(std::vector<OutlinePoint>)> done; ///< the tool stays taken when it says so
    bool again = false; ///< stays in the hand for another
    std::function<QString(Vec2)> refuses{}; ///< why a point cannot lie there; empty = it can
};

/// Clicks points on a board: Enter ends, Backspace takes one back, Escape drops them. One for everything that is drawn.
class PointsTool final : public Tool {
public:
    explicit PointsTool(Desk& desk)
        : m_desk(desk)
    {
    }
    void begin(PointsWanted wanted);
    void end(); ///< put away without a word
    bool active() const { return m_active; }
    void add(Vec2 at); ///< as a click there would
    bool bend(); ///< C
    const std::vector<OutlinePoint>& points() const { return m_points; }
    /// Called when it starts and when it is over.
    void setChanged(std::function<void()> changed) { m_changed = std::move(changed); }

    QString hint() const override;
    bool press(const BoardPoint& p) override;
    bool finish() override;
    bool stepBack() override;
    bool drop() override;
    void paint(QPainter& painter, const Board& board) const override;

private:
    void complete();
    void changed();
    Desk& m_desk;
    PointsWanted m_wanted;
    bool m_active = false;
    std::vector<OutlinePoint> m_points;
    std::function<void()> m_changed;
};

} // namespace rl::app
