#pragma once
#include "core/base/raster.h"
#include "core/schedule/facts.h"
#include "core/trainer/staircase.h"
#include <string>

/// Short exercises made from the painter's own plan.
namespace rl::trainer {

enum class Skill {
    Value, ///< which patch is lighter, in surroundings that mislead
    Colour, ///< which of four patches is the colour
    Light, ///< from which side a ball is lit
    Length, ///< which of two spans is longer
    Edge, ///< which edge is lost
    Mirror, ///< which of the pictures has one thing mirrored, so that its light disagrees
    Glance ///< what draws most
};
inline constexpr int kSkillCount = 7;
struct SkillSpec {
    const char *key, *name, *question, *unit;
    double first, least, most; ///< of the difference shown
    int choices;
};
const SkillSpec& specOf(Skill skill);

/// One question: a picture with numbered answers.
struct Exercise {
    Skill skill = Skill::Value;
    Photo picture;
    std::vector<Rect> answers; ///< shares of the picture's width and height
    int right = 0;
    double shown = 0; ///< the difference, in the skill's unit
    std::string told; ///< what was so, one sentence; shown after the answer
};
/// Made from the plan's own colours and things. The same seed, the same exercise.
/// \return no answers where the plan has nothing to ask it of (no things for Mirror and Glance)
Exercise exerciseOf(
    Skill skill, const light::Picture& plan, const schedule::PlanFacts& facts, double difference, unsigned seed);

} // namespace rl::trainer
