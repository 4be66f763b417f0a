#pragma once
#include "core/base/geometry.h"
#include <QString>
#include <Qt>

class QPainter;

namespace rl::app {

class Board;

/// Where the hand is on a board.
struct BoardPoint {
    Vec2 at; ///< in the board's own units: cm of the canvas, px of a photograph
    Qt::KeyboardModifiers keys;
    double px = 1; ///< one pixel of the screen in those units
};

/// One gesture on a board. The topmost that takes a press holds the hand until it is let go. The board alone hears
/// Enter, Backspace and Escape, and asks its tools from the top down.
class Tool {
public:
    virtual ~Tool() = default;
    virtual QString hint() const { return {}; } ///< what to do now, one sentence; empty: nothing is under way
    virtual bool press(const BoardPoint&) { return false; } ///< \return whether it takes the hand
    virtual void move(const BoardPoint&) { }
    virtual void release(const BoardPoint&) { }
    /// The drag is given up: all is as it was before it. Tools whose drags change nothing before the release need none.
    virtual void cancel() { }
    virtual bool finish() { return false; } ///< Enter \return whether there was something to finish
    virtual bool stepBack() { return false; } ///< Backspace
    virtual bool drop() { return false; } ///< Escape
    virtual void paint(QPainter&, const Board&) const { }
};

} // namespace rl::app
