#include "core/project/permissions.h"
#include "core/base/words.h"

namespace rl {

namespace {
constexpr const char* kKeys[kPermissionCount] = {"to-ask", "own", "by-permission", "free-licence", "study-only"};
constexpr const char* kWords[kPermissionCount] = {translatable("permission not asked yet"), translatable("own"),
    translatable("by permission of"), translatable("free licence"), translatable("study only")};
} // namespace

const char* keyOf(Permission p)
{
    return kKeys[int(p)];
}

std::optional<Permission> permissionOf(const std::string& key)
{
    for (int i = 0; i < kPermissionCount; ++i)
        if (key == kKeys[i])
            return Permission(i);
    return {};
}

std::string told(Permission p, const std::string& note)
{
    const std::string words = kWords[int(p)];
    if (p == Permission::ByPermission)
        return note.empty() ? "by permission" : words + " " + note;
    return note.empty() ? words : words + " (" + note + ")";
}

SaidPermission permissionSaid(const std::string& words)
{
    if (words.empty())
        return {};
    if (const auto known = permissionOf(words))
        return {*known, {}};
    for (int i = 0; i < kPermissionCount; ++i) {
        const std::string begin = kWords[i];
        if (!words.starts_with(begin) && !(i == int(Permission::ByPermission) && words.starts_with("by permission")))
            continue;
        std::string note = words.size() > begin.size() ? words.substr(begin.size()) : std::string();
        const auto from = note.find_first_not_of(" (");
        note = from == std::string::npos ? "" : note.substr(from);
        if (!note.empty() && note.back() == ')' && note.find('(') == std::string::npos)
            note.pop_back();
        while (!note.empty() && note.back() == ' ')
            note.pop_back();
        return {Permission(i), note};
    }
    return {Permission::ByPermission, words};
}

} // namespace rl
