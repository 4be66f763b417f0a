#pragma once
#include "app/stations/mix/mix_page.h"
#include "app/stations/mix/recipe_cards.h"

namespace rl::app {

/// Recipes for a colour: of a place, of an element's light or shade, of a puddle.
class RecipePage final : public MixPage {
public:
    RecipePage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    QWidget* over() override;

private:
    RecipeCards* m_cards;
};

} // namespace rl::app
