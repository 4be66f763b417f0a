#pragma once
#include "app/stations/mix/chip_row.h"
#include "app/stations/mix/mix_page.h"
#include "core/paint/glaze.h"

namespace rl::app {

/// Glazes over what is there, how many coats, what must go under; light strokes over dark.
class OverPage final : public MixPage {
public:
    OverPage(Desk& desk, StationView& view);
    QString says() const override;
    void forget() override { m_under = -1; }
    void refresh() override;

private:
    JobKey key() const;
    QString layerWords() const;
    QString schoolWords() const;
    std::optional<paint::Spectrum> under() const; ///< inside the paint
    colour::ExactLab underLab() const;
    ChipRow* m_chips;
    Job<std::vector<paint::GlazePlan>> m_glazes;
    paint::GlazeKind m_kind;
    int m_under = -1; ///< number of the puddle that lies there; −1 the toned ground, −2 white, −3 black
    double m_brushMm = 1;
    int m_layer = 0; ///< what lies there: acrylic, gouache, oil, watercolour
};

} // namespace rl::app
