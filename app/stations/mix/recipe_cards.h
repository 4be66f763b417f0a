#pragma once
#include "app/stations/mix/mix_state.h"
#include "core/paint/looks.h"
#include <QWidget>

namespace rl::app {

/// Up to five recipes side by side: the mix against the wanted colour on white, grey, wood and in its place, its parts,
/// and what it does.
class RecipeCards final : public QWidget {
public:
    RecipeCards(Desk& desk, MixState& state);
    void refresh();

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Desk& m_desk;
    MixState& m_state;
    std::vector<paint::Looks> m_looks;
    const paint::Answer* m_of = nullptr;
};

} // namespace rl::app
