#pragma once
#include <CLI/CLI.hpp>
#include <string>

namespace rl::cli {

/// Headings and marks of help pages in the language spoken; before commands are declared, which take them over.
void speakOfLines(CLI::App& app);

/// What is wrong with a command line, in one sentence of our own.
std::string wrongWith(const CLI::ParseError& error);

} // namespace rl::cli
