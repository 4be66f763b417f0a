#pragma once
#include "app/board/tool.h"
#include "app/stations/cut/cut_table.h"

namespace rl::app {

/// Threads along an edge: click points (C bends, H a hole, F follows the hand), Enter closes and cuts. A closed
/// thread's points can be dragged, one more set between two, the held one taken away.
class ThreadTool final : public Tool {
public:
    explicit ThreadTool(CutTable& table)
        : m_table(table)
    {
    }
    QString hint() const override;
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;
    bool finish() override;
    bool stepBack() override;
    bool drop() override;
    void paint(QPainter& painter, const Board& board) const override;
    bool dropPoint(); ///< the held one
    bool drawing() const { return !m_open.points.empty(); }
    void end(); ///< forgets what is half drawn and held

private:
    bool holdPoint(const BoardPoint& p);
    void close();
    void paintThread(QPainter& painter, const Board& board, const Outline& outline, bool closed, bool held) const;
    void paintKnots(QPainter& painter, const Board& board, const Outline& outline, int piece) const;
    CutTable& m_table;
    Outline m_open; ///< the one being drawn
    int m_piece = -1, m_point = -1; ///< held
    bool m_following = false;
};

} // namespace rl::app
