#include "app/stations/paint/paint_state.h"
#include "app/stations/station.h"

namespace rl::app {

PaintState& PaintState::of(Desk& desk, StationView& view)
{
    if (auto* state = view.findChild<PaintState*>())
        return *state;
    auto* state = new PaintState(desk);
    state->setParent(&view);
    return *state;
}

PaintState::PaintState(Desk& desk)
    : clock(desk)
    , work(desk, clock)
    , photos(desk, clock, work)
{
    connect(&clock, &SittingClock::changed, this, &PaintState::changed);
    connect(&clock, &SittingClock::ticked, this, &PaintState::ticked);
    connect(&work, &WorkInHand::changed, this, &PaintState::changed);
    connect(&photos, &CanvasPhotos::changed, this, &PaintState::changed);
}

void PaintState::begin()
{
    clock.begin();
    const auto* t = work.heldTask();
    if (!t || t->done || t->pause)
        t = work.nextTask();
    if (t)
        clock.turnTo(*t);
}

void PaintState::stop()
{
    photos.stop();
    work.stop();
}

void PaintState::again()
{
    work.again();
    photos.again();
    emit changed();
}

} // namespace rl::app
