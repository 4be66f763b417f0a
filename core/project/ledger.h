#pragma once
#include "core/project/project.h"

namespace rl {

/// Whether a picture is in the painting: cut from and stood in the scene, or the backdrop.
bool used(const Project& project, int reference);

/// Every reference with its credit, source and permission, as CSV (RFC 4180, UTF-8, one heading row, lines end in
/// CR LF). A field that a spreadsheet would take for a formula gets an apostrophe in front.
std::string ledgerCsv(const Project& project);

} // namespace rl
