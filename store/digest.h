#pragma once
#include <span>
#include <string>

namespace rl::store {

/// SHA-256 in lower-case hex (FIPS 180-4).
std::string sha256(std::span<const unsigned char> bytes);

} // namespace rl::store
