#pragma once
#include "core/base/geometry.h"
#include <array>
#include <cstdint>
#include <string>
#include <vector>

/// The painting as it is being painted: free hours, what the painter made of the plan of work, sittings, photographs of
/// the canvas, decisions. Nothing here is computed; tasks come from core/schedule.
namespace rl {

enum class WorkKind {
    Prepare,
    Tone,
    Carry,
    BlockIn,
    Pass,
    Darks,
    Middles,
    Lights,
    Glaze,
    Detail,
    Accent,
    Look, ///< fresh eyes: a pause
    Check, ///< of facts
    Sign,
    Varnish,
    Other
};
inline constexpr int kWorkKindCount = 16;

/// Seconds since 1970-01-01 00:00 UTC, as some clock gave it.
using Instant = std::int64_t;

/// Hours that come round: minutes of a day, 0…1440.
struct FreeHours {
    int day = 0; ///< of the round, 0 = its first (Monday, where the round is a week)
    int from = 19 * 60, to = 21 * 60;
    bool operator==(const FreeHours&) const = default;
};
/// What is different on one day.
struct DayHours {
    std::string date; ///< YYYY-MM-DD
    int from = 0, to = 24 * 60; ///< minutes of the day
    bool free = false; ///< false: not free then, whatever the round says
    bool operator==(const DayHours&) const = default;
};
struct Diary {
    int roundDays = 7; ///< 1…60: a week, or a round of shifts
    std::string roundFrom; ///< YYYY-MM-DD of a first day of the round; empty = Mondays
    std::vector<FreeHours> hours;
    std::vector<DayHours> days;
    bool operator==(const Diary&) const = default;
};

/// What the painter made of one task of the plan of work, or one of their own.
struct TaskOverride {
    std::string task; ///< key: "pass:12"; of an own one "own:7"
    bool done = false, dropped = false;
    double hours = -1; ///< of work; −1 = as reckoned
    int pieces = 1; ///< split into so many
    std::string into; ///< done together with that one; empty = by itself
    std::string before; ///< put right before that one; empty = where the plan has it
    std::string words; ///< of an own one
    WorkKind kind = WorkKind::Other;
    int element = 0;
    double areaCm2 = 0; ///< of an own one
    std::string paint; ///< family it is painted in ("oil"); empty = as the box in use
    bool operator==(const TaskOverride&) const = default;
};

/// Work on one task within a sitting. Lengths are counted, not taken as a difference of two clocks.
struct WorkSpan {
    std::string task;
    WorkKind kind = WorkKind::Other;
    int element = 0;
    Instant at = 0;
    double seconds = 0;
    bool operator==(const WorkSpan&) const = default;
};
struct Sitting {
    int id = 0;
    Instant began = 0;
    int utcMinutes = 0; ///< local time − UTC where it was painted
    double pausedSeconds = 0;
    std::vector<WorkSpan> spans;
    std::string notes, paints;
    bool operator==(const Sitting&) const = default;
};

/// A photograph of the canvas; the picture itself lies among the references.
struct CanvasPhoto {
    int id = 0, reference = 0;
    Instant at = 0;
    std::string task; ///< the last one done then
    std::vector<Vec2> corners; ///< px, top left, top right, bottom right, bottom left; empty = found
    Rect grey; ///< px: a grey card; no width = none is seen
    double greyLightness = 50; ///< L* of that card
    bool operator==(const CanvasPhoto&) const = default;
};
/// What was decided, or tried and scrapped, and why.
struct Decision {
    int id = 0;
    Instant at = 0;
    std::string words, reason;
    bool scrapped = false;
    int photo = 0; ///< of the canvas as it was; 0 = none
    bool operator==(const Decision&) const = default;
};
/// A part of the canvas where the paint is the plan from now on.
struct Accepted {
    int id = 0, photo = 0;
    Rect part; ///< cm of the plan
    bool operator==(const Accepted&) const = default;
};
/// How exactly one element has to follow the plan.
struct Tolerance {
    int element = 0;
    double times = 1; ///< × what is usually let pass
    bool operator==(const Tolerance&) const = default;
};

struct Painting {
    Diary diary;
    std::string from; ///< YYYY-MM-DD the plan of work begins; empty = today
    std::vector<TaskOverride> tasks;
    std::vector<Sitting> sittings;
    std::vector<CanvasPhoto> photos;
    std::vector<Decision> decisions;
    std::vector<Accepted> accepted;
    std::vector<Tolerance> tolerances;
    double humidity = 50; ///< % of the room
    int dryer = 0; ///< 1: a hair dryer between coats (water-borne paints alone)
    double pace = 1; ///< × hours of work, before there are sittings to learn from
    double blockMm = 20; ///< width of the brush that blocks in
    double freshEyesHours = 24; ///< of the pause before the accents
    double varnishDays = -1; ///< from the last stroke; −1 = as the medium asks
    Vec2 signatureAt{-1, -1}; ///< cm of the plan, its middle; negative = not placed yet
    std::string signature;
    bool operator==(const Painting&) const = default;

    const TaskOverride* word(const std::string& task) const;
    double toleranceOf(int element) const;
};

} // namespace rl
