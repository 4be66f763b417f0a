#pragma once
#include "core/project/project.h"

/// Takes: several arrangements of one work, kept side by side.
namespace rl::takes {

Scene sceneOf(const Project& project); ///< the arrangement being worked on
Project withScene(Project project, const Scene& scene);
/// A, B … Z, AA, AB …; the first that no take has.
std::string freshLetter(const Project& project);
/// The arrangement kept as it is, and a copy of it to work on. The first time, what is there becomes take A.
Project withDuplicate(Project project, const std::string& name);
/// Goes to another take; what was being worked on is kept in its own.
Project withCurrent(Project project, int take);
/// The work with that take in hand, all else as it is: the one in hand is kept in its own, and what is set aside stays
/// so. Unknown: as it is.
Project projectOf(const Project& project, int take);
/// Set aside with the painter's reason. The one being worked on cannot be.
Project withAside(Project project, int take, const std::string& reason);
Project withBack(Project project, int take);
Project withName(Project project, int take, const std::string& name);
/// Gone for good; the one being worked on stays.
Project without(Project project, int take);
/// One voter has one vote; a second replaces the first. \param letter of the take, any case
/// Nothing happens when no take has that letter or no voter is named.
Project withVote(Project project, const std::string& who, const std::string& letter, const std::string& words);
int votesFor(const Project& project, int take);

} // namespace rl::takes
