#pragma once
#include <cstddef>
#include <memory>

/// What was made and can be made again (decoded photographs, surfaces, bodies), of all works in this process: held as
/// long as there is room for it; what was not used for longest goes first. Who looks such things up keeps weak pointers
/// to them and makes anew what is gone; what somebody else still uses stays, weighed or not. From any thread.
namespace rl::kept {

inline constexpr std::size_t kAtFirst = 800'000'000; ///< bytes

/// \param bytes what it weighs. The newest thing always stays, however heavy.
void hold(const std::shared_ptr<const void>& what, std::size_t bytes);
void used(const void* what); ///< it was looked up
void letGo(const void* what);
void setMost(std::size_t bytes); ///< at first kAtFirst
std::size_t most();
std::size_t bytes(); ///< held now

} // namespace rl::kept
