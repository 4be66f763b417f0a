#pragma once
#include "core/project/project.h"

/// Edits of what a work has to tell and what must be right.
namespace rl::edits {

Project withIdea(Project project, const std::string& words);
/// Renames it; its clues stay. Nothing when it is not there.
Project withIdeaNamed(Project project, int idea, const std::string& words);
Project withoutIdea(Project project, int idea);
/// \param clue its id is given here \return as it was when the idea is not there
Project withClue(Project project, int idea, Clue clue);
Project withoutClue(Project project, int clue);
/// The place of a clue on its element, shares of the element's box.
Project withCluePart(Project project, int clue, const Rect& part);

Project withFact(Project project, Fact fact); ///< its id is given here
Project withFactChecked(Project project, int fact, bool checked);
Project withoutFact(Project project, int fact);

/// Elements and members of the cast that an edit has given one name (case aside), which are not linked yet: pairs of
/// element and member. A member that is shown already is left alone.
std::vector<std::pair<int, int>> freshNamesakes(const Project& before, const Project& after);

} // namespace rl::edits
