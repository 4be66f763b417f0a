#pragma once
#include "app/stations/mix/mix_state.h"
#include <QWidget>

namespace rl::app {

/// The palette: puddles by value down and warmth across, as large as their ml; tubes along its rim as daubs with what
/// is left in them. A click takes a puddle or a tube in hand.
class PaletteView final : public QWidget {
public:
    PaletteView(Desk& desk, MixState& state);
    void refresh(); ///< lays the puddles out anew
    QPointF puddleAt(int i) const; ///< its middle; for tests and keys
    QPointF tubeAt(int tube) const;

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override; ///< tool tips

private:
    struct Spot {
        QPointF at;
        double radius = 0; ///< px
        QColor colour;
        int id = 0; ///< index of the puddle, or the tube's id
        double left = 1; ///< of a tube: share
        QString words;
    };
    void layPuddles();
    void layTubes();
    const Spot* under(QPointF at, const std::vector<Spot>& spots) const;
    QRectF board() const; ///< where puddles lie
    Desk& m_desk;
    MixState& m_state;
    std::vector<Spot> m_puddles, m_tubes;
};

} // namespace rl::app
