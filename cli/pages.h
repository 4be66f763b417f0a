#pragma once
#include <CLI/CLI.hpp>
#include <string>

namespace rl::cli {

/// The manual page of the command line, from the same tables as --help. troff, section 1.
std::string manualPage(CLI::App& app);
/// The same as Markdown, for docs/command-line.md.
std::string commandsPage(CLI::App& app);
/// Completion for bash, likewise: commands, their options, files elsewhere.
std::string bashCompletion(CLI::App& app);

} // namespace rl::cli
