#include "core/project/ledger.h"
#include "core/project/permissions.h"

namespace rl {

bool used(const Project& p, int reference)
{
    if (p.backdrop.reference == reference)
        return true;
    for (const Element& e : p.elements)
        if (const Cutout* c = p.cutout(e.cutout); c && c->reference == reference)
            return true;
    return false;
}

namespace {
std::string field(std::string text)
{
    if (!text.empty() && (text[0] == '=' || text[0] == '+' || text[0] == '-' || text[0] == '@'))
        text.insert(0, 1, '\'');
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"')
            out += '"';
        out += c;
    }
    return out + '"';
}
} // namespace

std::string ledgerCsv(const Project& p)
{
    constexpr const char* kRoles[kRoleCount]
        = {"whole figure", "face", "pose", "light", "texture", "pattern", "palette", "place"};
    std::string csv = "name,used,credit,permission,source,for,notes,width px,height px,sha256\r\n";
    for (const Reference& r : p.references) {
        std::string roles;
        for (int i = 0; i < kRoleCount; ++i)
            if (r.is(Role(i)))
                roles += (roles.empty() ? "" : "; ") + std::string(kRoles[i]);
        csv += field(r.name) + "," + (used(p, r.id) ? "yes" : "no") + "," + field(r.credit) + ","
            + field(told(r.permission, r.permissionNote)) + "," + field(r.source) + "," + field(roles) + ","
            + field(r.notes) + "," + std::to_string(r.pixels.width()) + "," + std::to_string(r.pixels.height()) + ","
            + r.sha256() + "\r\n";
    }
    return csv;
}

} // namespace rl
