#pragma once
#include "app/board/overlay.h"
#include "app/desk/desk.h"
#include <QRectF>
#include <optional>

namespace rl::app {

/// A small tick at what has facts that are not checked yet; what they are, while the pointer rests on it.
class FactNotes final : public Overlay {
public:
    explicit FactNotes(Desk& desk)
        : m_desk(desk)
    {
    }
    void setOn(bool on) { m_on = on; }
    QStringList words(int element) const; ///< those still to be checked
    bool shown() const override { return m_on; }
    void paint(QPainter& painter, const Board& board) const override;
    QString tip(QPointF at, const Board& board) const override;
    /// Where its tick stands on the board, px.
    std::optional<QRectF> tickOf(int element, const Board& board) const;

private:
    Desk& m_desk;
    bool m_on = false;
};

} // namespace rl::app
