#include "app/stations/mix/mix.h"
#include "app/stations/mix/box_page.h"
#include "app/stations/mix/over_page.h"
#include "app/stations/mix/puddles_page.h"
#include "app/stations/mix/recipe_page.h"
#include "app/stations/mix/string_page.h"
#include "app/stations/mix/swatch_page.h"

namespace rl::app {

namespace {
void mixKeys(Desk& desk, StationView& view)
{
    const StationKeys keys(desk, view.spec());
    const auto words = [](const char* w) { return QCoreApplication::translate("Mix", w); };
    const auto step = [&desk, &view](int by) {
        MixState& state = MixState::of(desk, view);
        if (!state.canMix())
            return;
        const int count = int(state.mixing()->map.puddles.size());
        Selection s = desk.selection();
        s.puddle = s.puddle < 0 ? 0 : (s.puddle + by + count) % count;
        desk.hold(s);
        state.wantPuddle(s.puddle);
    };
    keys.add("next", words(QT_TRANSLATE_NOOP("Mix", "The next darker puddle")), "Down", [step] { step(1); });
    keys.add("before", words(QT_TRANSLATE_NOOP("Mix", "The next lighter puddle")), "Up", [step] { step(-1); });
    keys.add("light", words(QT_TRANSLATE_NOOP("Mix", "Recipes for the light side of the selected element")), "J",
        [&desk, &view] { MixState::of(desk, view).wantFamily(desk.element(), true); });
    keys.add("shade", words(QT_TRANSLATE_NOOP("Mix", "Recipes for the shadow side of the selected element")), "K",
        [&desk, &view] { MixState::of(desk, view).wantFamily(desk.element(), false); });
    keys.add("shown", words(QT_TRANSLATE_NOOP("Mix", "The board shows the plan, these paints, what is lost, the map")),
        "O", [&desk, &view] {
            MixState& state = MixState::of(desk, view);
            state.show((state.shown() + 1) % 4);
        });
}
} // namespace

StationSpec mixStation()
{
    StationSpec s;
    s.id = Station::Mix;
    s.key = "mix";
    s.name = QCoreApplication::translate("Mix", "Mix");
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new RecipePage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new PuddlesPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new StringPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new OverPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new BoxPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new SwatchPage(d, v); }};
    s.actions = mixKeys;
    return s;
}

} // namespace rl::app
