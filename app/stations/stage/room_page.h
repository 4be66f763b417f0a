#pragma once
#include "app/board/overlays/room_marks.h"
#include "app/stations/stage/stage_page.h"

namespace rl::app {

/// Margins, head room, gaze room, balance and a counterweight.
class RoomPage final : public StagePage {
public:
    RoomPage(Desk& desk, StationView& view);
    QString says() const override;
    std::vector<Overlay*> overlays() override { return {&m_horizon, &m_guides, &m_room, &m_frame}; }

private:
    RoomMarks m_room;
};

} // namespace rl::app
