#pragma once

namespace rl::theme {

/// Makes the shipped guide and fonts known (EB Garamond for headings, Cabin for text; SIL Open Font Licence). Once an
/// application.
void loadFonts();

} // namespace rl::theme
