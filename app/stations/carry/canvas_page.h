#pragma once
#include "app/stations/carry/carry_page.h"

namespace rl::app {

/// The real canvas: how the plan lies on it, bleed, wrapped edges, boards.
class CanvasPage final : public CarryPage {
    Q_OBJECT
public:
    CanvasPage(Desk& desk, StationView& view);
    QString says() const override;
    QImage look() override { return {}; } ///< the picture itself
};

/// Line art: how much of it, how it is drawn.
class LinesPage final : public CarryPage {
    Q_OBJECT
public:
    LinesPage(Desk& desk, StationView& view);
    QString says() const override;
};

/// Which way strokes run on what is in hand.
class StrokesPage final : public CarryPage {
    Q_OBJECT
public:
    StrokesPage(Desk& desk, StationView& view);
    QString says() const override;
    void writeTo(const QString& path);
};

/// A stencil or a mask of what is in hand.
class StencilPage final : public CarryPage {
    Q_OBJECT
public:
    StencilPage(Desk& desk, StationView& view);
    QString says() const override;
    void writeTo(const QString& path);
};

} // namespace rl::app
