#pragma once
#include "app/stations/mix/mix_page.h"

class QLabel;

namespace rl::app {

/// The whole canvas in a chosen number of mixes, how much of each, what runs out; cards and lists to take along.
class PuddlesPage final : public MixPage {
public:
    PuddlesPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    void turnedTo() override;

private:
    void setMixed(bool on);
    void cards();
    void list(const QString& suffix);
    QLabel* m_figures;
    bool m_ofHeld = false; ///< cards for a sitting on what is in hand
    Job<QString> m_sheet;
};

} // namespace rl::app
