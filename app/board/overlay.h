#pragma once
#include <QPointF>
#include <QString>

class QPainter;

namespace rl::app {

class Board;

/// One picture laid over a board. It only paints; what takes time to work out comes from a Job.
class Overlay {
public:
    virtual ~Overlay() = default;
    virtual int depth() const { return 0; } ///< higher ones are painted later
    virtual bool shown() const { return true; }
    virtual void paint(QPainter& painter, const Board& board) const = 0;
    /// Words for the pointer that rests on what it painted there, px of the board; empty: it painted nothing there.
    virtual QString tip(QPointF, const Board&) const { return {}; }
};

} // namespace rl::app
