#pragma once
#include "core/base/words.h"
#include <QString>

namespace rl::output {

/// The words in the language that is spoken, as a pattern for QString::arg(): numbers take its decimal mark.
QString said(const char* words);
/// As rl::speak(), and lets Qt write numbers the same way.
void speak(const std::string& language);

} // namespace rl::output
