#pragma once
#include "cli/commands.h"
#include <nlohmann/json.hpp>
#include <sstream>

namespace rl::kit {

/// `lantern` with those words, in this process. \return its exit code and what it printed; discarded where that is no
/// JSON
inline std::pair<int, nlohmann::json> lantern(
    std::vector<std::string> words, std::string* errors = nullptr, std::string* printed = nullptr)
{
    words.insert(words.begin(), "lantern");
    std::vector<const char*> argv;
    for (const auto& w : words)
        argv.push_back(w.c_str());
    std::ostringstream out, err;
    const int code = cli::runLantern(int(argv.size()), argv.data(), out, err);
    if (errors)
        *errors = err.str();
    if (printed)
        *printed = out.str();
    return {code, nlohmann::json::parse(out.str(), nullptr, false)};
}

} // namespace rl::kit
