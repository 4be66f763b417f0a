#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/transfer/lineart.h"
#include "output/sheets.h"

namespace rl::app {

/// Sheets over the canvas, the squares, and the lines that will be on them. Squares go by letter and number (A1),
/// sheets by number (sheet 1): they share no names.
class SheetMarks final : public Overlay {
public:
    explicit SheetMarks(Desk& desk)
        : m_desk(desk)
    {
    }
    void set(output::SheetContent what, bool grid) { m_what = what, m_grid = grid; }
    struct Lines {
        std::vector<transfer::Stroke> strokes;
        QImage drawn; ///< all of them over the whole canvas
    };
    /// \param widthCm, heightCm of the canvas. From any thread
    static QImage drawn(const std::vector<transfer::Stroke>& strokes, double widthCm, double heightCm);
    void setLines(const Lines& lines) { m_lines = lines; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    void paintGrid(QPainter& painter, const Board& board) const;
    void paintTiles(QPainter& painter, const Board& board) const;
    Desk& m_desk;
    output::SheetContent m_what = output::SheetContent::LineArt;
    bool m_grid = true;
    void paintLines(QPainter& painter, const Board& board) const;
    Lines m_lines;
};

} // namespace rl::app
