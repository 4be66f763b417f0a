#pragma once
#include <CLI/CLI.hpp>
#include <string>

namespace rl::cli {

/// Headings and marks of help pages in the language spoken; before commands are declared, which take them over.
void speakOfLines(CLI::App& app);

/// Numbers of its options are taken as people write them, "1,5", "3 in", "2 h 30"; the end of a name says the unit that
/// is wanted: --overlap-cm. After the options are declared.
void takeUnits(CLI::App& app);

/// What is wrong with a command line, in one sentence of our own.
std::string wrongWith(const CLI::ParseError& error);

} // namespace rl::cli
