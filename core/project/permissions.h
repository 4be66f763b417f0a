#pragma once
#include "core/project/project.h"
#include <optional>

/// Permissions as they are stored and as they are said.
namespace rl {

/// "to-ask", "own", "by-permission", "free-licence", "study-only": what is stored, in every language.
const char* keyOf(Permission permission);
std::optional<Permission> permissionOf(const std::string& key);
/// "to be asked", "own", "by permission of Ada", "free licence (CC BY)", "study only".
std::string told(Permission permission, const std::string& note);
/// What somebody typed, or an older file holds: a key, or the words above; anything else was given by whoever it names.
struct SaidPermission {
    Permission permission = Permission::ToAsk;
    std::string note;
};
SaidPermission permissionSaid(const std::string& words);

} // namespace rl
