#pragma once
#include "app/board/overlay.h"
#include "app/forms/writing_page.h"
#include "app/stations/paint/paint_state.h"
#include "app/stations/station.h"

namespace rl::app {

/// What a page of Paint draws over the board.
class PaintMarks final : public Overlay {
public:
    PaintMarks(Desk& desk, PaintState& state)
        : m_desk(desk)
        , m_state(state)
    {
    }
    bool places = false; ///< where the task or the sitting in hand works
    bool drift = false; ///< arrows of landmarks, in mm
    bool signature = false;
    void paint(QPainter& painter, const Board& board) const override;

private:
    void paintPlaces(QPainter& painter, const Board& board) const;
    void paintDrift(QPainter& painter, const Board& board) const;
    Desk& m_desk;
    PaintState& m_state;
};

/// A page of Paint.
class PaintPage : public WritingPage {
    Q_OBJECT
public:
    PaintPage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    std::vector<Overlay*> overlays() override { return {&m_marks}; }
    bool busy() const override { return m_state.busy(); }
    QImage look() override { return m_state.work.expected(); }
    void refresh() override;

protected:
    Lens<Painting> painting() const;
    void addStop(); ///< a button while a photograph is compared
    void addAgain(); ///< one when something was stopped or failed
    QString stoppedWords() const; ///< what was stopped, or why it failed; empty when nothing was
    PaintState& m_state;
    PaintMarks m_marks;
};

} // namespace rl::app
