#pragma once

namespace rl::store {

/// Exiv2's XMP part has to be made ready once, before several threads use it, and wants a lock of the program's own
/// (Exiv2, XmpParser::initialize). Called before any picture's words are read; cheap afterwards.
void exivReady();

} // namespace rl::store
