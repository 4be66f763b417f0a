#pragma once
#include "app/stations/mix/palette_view.h"
#include "app/stations/station.h"
#include <QPointer>

namespace rl::app {

/// A page of Mix: the palette beside the board, and what the board shows.
class MixPage : public Page {
public:
    MixPage(Desk& desk, StationView& view, const QString& name, const QString& tip);
    ~MixPage() override;
    QWidget* beside() override { return m_palette; }
    QImage look() override { return m_state.look(); }
    std::vector<Overlay*> overlays() override;
    std::vector<Tool*> tools() override;
    void refresh() override;

protected:
    virtual void pressed(Vec2 cm); ///< a click on the board: the colour there is wanted
    MixState& m_state;
    QPointer<PaletteView> m_palette; ///< belongs to the window once it has been beside the board

private:
    class Marks;
    class Click;
    std::unique_ptr<Marks> m_marks;
    std::unique_ptr<Click> m_click;
};

} // namespace rl::app
