#pragma once
#include "core/project/brief.h"
#include <span>

namespace rl {

/// One side of a question on which painters disagree.
struct SchoolChoice {
    const char *key, *name, *why; ///< stable word; words for a list; one line of what it means
};
struct SchoolSpec {
    School school;
    const char *key, *question;
    std::span<const SchoolChoice> choices; ///< the first is usual
};
/// All of them, in the order of School.
std::span<const SchoolSpec> schools();
inline const SchoolSpec& schoolSpec(School s)
{
    return schools()[std::size_t(s)];
}
/// The choice in force.
const SchoolChoice& choiceOf(const Brief& brief, School school);

} // namespace rl
