#pragma once
#include "app/board/overlay.h"
#include "app/forms/writing_page.h"
#include "app/stations/carry/carry_state.h"
#include "app/stations/station.h"

namespace rl::app {

/// What a page of Carry draws over the board.
struct CarryShows {
    bool lines = false, grid = false, tiles = false, landmarks = false, canvas = false, flow = false, shape = false,
         traced = false;
};

/// All of it in plan cm, as it will lie on the canvas.
class CarryMarks final : public Overlay {
public:
    CarryMarks(Desk& desk, CarryState& state)
        : m_desk(desk)
        , m_state(state)
    {
    }
    CarryShows shows;
    int landmark = -1; ///< that one is told with its measures
    void paint(QPainter& painter, const Board& board) const override;

private:
    QRectF at(const Board& board, const Rect& canvasCm) const;
    QPointF at(const Board& board, Vec2 canvasCm) const;
    void paintLines(QPainter& painter, const Board& board) const;
    void paintGrid(QPainter& painter, const Board& board) const;
    void paintTraced(QPainter& painter, const Board& board) const;
    void paintTiles(QPainter& painter, const Board& board) const;
    void paintCanvas(QPainter& painter, const Board& board) const;
    void paintLandmarks(QPainter& painter, const Board& board) const;
    void paintFlow(QPainter& painter, const Board& board) const;
    void paintShape(QPainter& painter, const Board& board) const;
    Desk& m_desk;
    CarryState& m_state;
};

/// A page of Carry: paper on the board, and what it draws there.
class CarryPage : public WritingPage {
    Q_OBJECT
public:
    CarryPage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    std::vector<Overlay*> overlays() override { return {&m_marks}; }
    QImage look() override; ///< the paper
    bool busy() const override { return m_state.busy(); }
    void refresh() override;

protected:
    CarryState& m_state;
    CarryMarks m_marks;
};

} // namespace rl::app
