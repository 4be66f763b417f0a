#pragma once
#include "app/stations/mix/chip_row.h"
#include "app/stations/mix/mix_page.h"
#include "core/paint/bands.h"
#include "core/paint/strings.h"

namespace rl::app {

/// From light to dark for one thing, its colour kept alive; gradients in centimetres.
class StringPage final : public MixPage {
public:
    StringPage(Desk& desk, StationView& view);
    ~StringPage() override;
    QString says() const override;
    void forget() override { m_places.clear(), m_colours.clear(); }
    void refresh() override;
    std::vector<Overlay*> overlays() override;

protected:
    void pressed(Vec2 cm) override;

private:
    class Bands;
    void showString();
    void showGradient();
    JobKey stringKey() const;
    JobKey gradientKey() const;
    std::optional<std::array<colour::ExactLab, 3>> family() const; ///< light, body, dark of the element in hand
    double lengthCm() const;
    ChipRow *m_chips, *m_bandChips;
    Job<paint::ColourString> m_string;
    Job<paint::Gradient> m_gradient;
    std::unique_ptr<Bands> m_marks;
    int m_steps = 7;
    double m_stepDe = 2;
    bool m_round = false; ///< rings about the first place
    std::vector<Vec2> m_places; ///< of the gradient: two
    std::vector<colour::ExactLab> m_colours; ///< there
};

} // namespace rl::app
