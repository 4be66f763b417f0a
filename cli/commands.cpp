#include "cli/commands.h"
#include "cli/command_base.h"
#include "cli/line_words.h"
#include "cli/pages.h"
#include "core/base/words.h"
#include <iostream>

namespace rl::cli {

std::vector<std::unique_ptr<Command>> allCommands()
{
    auto all = lookCommands();
    for (auto part : {fixCommands, readCommands, studyCommands, mixCommands, makeCommands, carryCommands, planCommands,
             workCommands, gatherCommands, cutCommands, stageCommands, fieldCommands})
        for (auto& c : part())
            all.push_back(std::move(c));
    return all;
}

namespace {
int failed(const Error& e, std::ostream& err)
{
    err << "lantern: " << e.sentence << '\n';
    if (!e.detail.empty())
        err << "  (" << e.detail << ")\n";
    return 2;
}

/// `lantern help render` is `lantern render --help`.
std::vector<std::string> withHelp(int argc, const char* const* argv)
{
    std::vector<std::string> words(argv + 1, argv + argc);
    if (!words.empty() && words[0] == "help") {
        words.erase(words.begin());
        words.push_back("--help");
    }
    std::reverse(words.begin(), words.end()); // CLI11 takes them last first
    return words;
}
} // namespace

int runLantern(int argc, const char* const* argv, std::ostream& out, std::ostream& err)
{
    CLI::App app(
        tr("lantern: measures, lights, reads and carries a painter's composite. JSON on standard output."), "lantern");
    app.require_subcommand(1);
    speakOfLines(app);
    const auto commands = allCommands();
    for (const auto& c : commands)
        c->declare(app);
    auto* manual = app.add_subcommand("manual", tr("the manual page of this program, as troff"));
    bool asMarkdown = false;
    manual->add_flag("--markdown", asMarkdown, tr("as Markdown, for docs/command-line.md"));
    const auto* completion = app.add_subcommand("completion", tr("completion of its commands for bash"));
    for (CLI::App* command : app.get_subcommands([](const CLI::App*) { return true; }))
        command->group(tr("Commands")), takeUnits(*command);
    try {
        app.parse(withHelp(argc, argv));
    } catch (const CLI::CallForHelp& help) {
        out << app.help();
        return 0;
    } catch (const CLI::ParseError& e) {
        err << "lantern: " << wrongWith(e) << tr("\nTry: lantern help\n");
        return 2;
    }
    if (manual->parsed() || completion->parsed()) {
        out << (!manual->parsed() ? bashCompletion(app) : asMarkdown ? commandsPage(app) : manualPage(app));
        return 0;
    }
    for (const auto& c : commands) {
        if (!c->chosen())
            continue;
        const auto result = guarded([&] { return c->run(); });
        if (!result)
            return failed(result.error(), err);
        if (result->is_string()) // a page
            out << result->get<std::string>();
        else
            out << result->dump(2, ' ', false, nlohmann::json::error_handler_t::replace) << '\n';
        return 0;
    }
    return 2;
}

} // namespace rl::cli
