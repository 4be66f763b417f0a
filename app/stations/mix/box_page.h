#pragma once
#include "app/stations/mix/mix_page.h"
#include "core/paint/palette_choice.h"

class QLabel;

namespace rl::app {

/// The tubes at hand, and which few of them reach this picture best.
class BoxPage final : public MixPage {
public:
    BoxPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;

private:
    void boxFields();
    void addFields();
    void tubeFields();
    void choiceFields();
    struct Chosen {
        std::vector<paint::PaletteChoice> sets;
        std::vector<int> tubes; ///< ids beside the places
    };
    JobKey key() const;
    void choose();
    void take(); ///< the best set into the palette of this work
    Job<Chosen> m_choice;
    QLabel* m_told;
    int m_count = 6;
    bool m_asked = false;
};

} // namespace rl::app
