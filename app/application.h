#pragma once

namespace rl::app {

/// `roving-lantern [FILE] [--demo] [--shots DIR]`. \return the exit code
int runWindow(int argc, char** argv);

} // namespace rl::app
