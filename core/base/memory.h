#pragma once

namespace rl {

/// Pictures come and go many times a second: what is freed is kept for the next instead of being given back to the
/// system page by page. Call once, first thing. Costs up to half a gigabyte that was in use before.
void keepMemory();
/// The other way round, before work that needs much room: what is free goes back to the system at once.
void handBackMemory();

} // namespace rl
