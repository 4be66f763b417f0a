#include "app/stations/carry/carry.h"
#include "app/stations/carry/canvas_page.h"
#include "app/stations/carry/grid_page.h"
#include "app/stations/carry/landmarks_page.h"
#include "app/stations/carry/sheets_page.h"
#include "app/stations/carry/throw_page.h"
#include "core/project/edits.h"

namespace rl::app {

namespace {
void carryKeys(Desk& desk, StationView& view)
{
    const StationKeys keys(desk, view.spec());
    const auto words = [](const char* w) { return QCoreApplication::translate("Carry", w); };
    keys.add("tick", words(QT_TRANSLATE_NOOP("Carry", "Tick squares, or the selected landmark")), "T", [&view] {
        if (auto* page = dynamic_cast<LandmarksPage*>(view.current()))
            return page->tickHeld();
        if (auto* latch = view.current()->findChild<QPushButton*>("tickSquares"))
            latch->toggle();
    });
    const auto step = [&view](int by) {
        if (auto* page = dynamic_cast<LandmarksPage*>(view.current()))
            page->step(by);
    };
    keys.add("next", words(QT_TRANSLATE_NOOP("Carry", "The next landmark not yet ticked")), "]", [step] { step(1); });
    keys.add("before", words(QT_TRANSLATE_NOOP("Carry", "The landmark before")), "[", [step] { step(-1); });
    const auto lines = [&desk](double by) {
        Sheets s = desk.project().sheets;
        s.lines = std::clamp(s.lines + by, 0.0, 100.0);
        desk.edit(QCoreApplication::translate("Carry", "Choose the lines"), edits::withSheets(desk.project(), s));
    };
    keys.add("more", words(QT_TRANSLATE_NOOP("Carry", "More inner lines")), "M", [lines] { lines(10); });
    keys.add("fewer", words(QT_TRANSLATE_NOOP("Carry", "Fewer inner lines")), "F", [lines] { lines(-10); });
}
} // namespace

StationSpec carryStation()
{
    StationSpec s;
    s.id = Station::Carry;
    s.key = "carry";
    s.name = QCoreApplication::translate("Carry", "Carry");
    s.pages = {[](Desk& d, StationView& v) -> Page* { return new SheetsPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new CanvasPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new LinesPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new GridPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new LandmarksPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new StrokesPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new StencilPage(d, v); },
        [](Desk& d, StationView& v) -> Page* { return new ThrowPage(d, v); }};
    s.actions = carryKeys;
    return s;
}

} // namespace rl::app
