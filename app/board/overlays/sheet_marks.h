#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/transfer/lineart.h"
#include "output/sheets.h"

namespace rl::app {

/// Sheets over the canvas, the squares, and the lines that will be on them. Squares go by letter and number (A1), sheets
/// by number (sheet 1): they share no names.
class SheetMarks final : public Overlay {
public:
    explicit SheetMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    void set(output::SheetContent what, bool grid) { m_what = what, m_grid = grid; }
    void setLines(std::vector<transfer::Stroke> lines) { m_lines = std::move(lines); }
    void paint(QPainter& painter, const Board& board) const override;

private:
    void paintGrid(QPainter& painter, const Board& board) const;
    void paintTiles(QPainter& painter, const Board& board) const;
    Desk& m_desk;
    output::SheetContent m_what = output::SheetContent::LineArt;
    bool m_grid = true;
    std::vector<transfer::Stroke> m_lines;
};

} // namespace rl::app
