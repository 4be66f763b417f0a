#pragma once
#include "app/stations/mix/mix_page.h"
#include "core/paint/swatch_card.h"
#include "devices/colour_reader.h"

class QLabel;

namespace rl::app {

/// The painter's own swatches: a card to paint, read from a photograph, a file, a colour reader, or typed.
class SwatchPage final : public MixPage {
public:
    SwatchPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;

private:
    void cardFields();
    void patchFields();
    void labFields();
    void tubeFields();
    struct FromPhoto {
        paint::CardRead read;
        std::vector<int> tubes; ///< ids in the order of the rows
    };
    void print();
    void photo();
    void file();
    void measure();
    void take(const FromPhoto& read);
    void set(int tube, paint::PatchKind kind, const colour::ExactLab& lab, double noise);
    std::vector<int> cardTubes() const;
    const Patch* patch() const; ///< of the held tube and the chosen kind
    Job<FromPhoto> m_photo;
    Job<QString> m_print;
    devices::SimulatedReader m_reader;
    QLabel* m_told;
    QString m_refused;
    int m_kind = 0;
};

} // namespace rl::app
