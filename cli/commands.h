#pragma once
#include "core/base/result.h"
#include <functional>
#include <memory>
#include <nlohmann/json.hpp>
#include <vector>

namespace CLI {
class App;
}

namespace rl::cli {

/// One command of `lantern`: it declares its options, and runs to a JSON value or an Error.
class Command {
public:
    virtual ~Command() = default;
    virtual void declare(CLI::App& app) = 0; ///< adds its own subcommand
    virtual bool chosen() const = 0;
    virtual Result<nlohmann::json> run() = 0;
};

std::vector<std::unique_ptr<Command>> allCommands();

/// Runs the command line: JSON on `out`, errors on `err`. \return the exit code: 0, or 2 when something was wrong
int runLantern(int argc, const char* const* argv, std::ostream& out, std::ostream& err);

} // namespace rl::cli
