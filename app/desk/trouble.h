#pragma once
#include <QString>

namespace rl::app {

/// "1 problem + 3 notes"; empty: neither.
QString troubleSaid(int problems, int notes);

} // namespace rl::app
