#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"

namespace rl::app {

/// What must be right of the element in hand, beside it while the picture is made.
class FactNotes final : public Overlay {
public:
    explicit FactNotes(Desk& desk)
        : m_desk(desk)
    {
    }
    void setOn(bool on) { m_on = on; }
    QStringList words() const; ///< those still to be checked
    bool shown() const override { return m_on && !words().isEmpty(); }
    void paint(QPainter& painter, const Board& board) const override;

private:
    Desk& m_desk;
    bool m_on = false;
};

} // namespace rl::app
