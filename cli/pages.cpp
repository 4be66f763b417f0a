#include "cli/pages.h"

namespace rl::cli {

namespace {
/// What troff takes as its own is kept from it.
std::string troff(const std::string& s)
{
    std::string out;
    for (const char c : s) {
        if (c == '\\' || c == '-')
            out += '\\';
        out += c;
        if (c == '\n')
            out += "\\&"; // no line begins with a request
    }
    return out;
}

std::vector<CLI::App*> commandsOf(CLI::App& app)
{
    return app.get_subcommands([](CLI::App*) { return true; });
}

void option(const CLI::Option* o, std::string& out)
{
    const bool flag = o->get_expected_min() == 0 && o->get_items_expected_max() == 0;
    out += ".TP\n";
    if (o->get_positional())
        out += ".I " + troff(o->get_name(true)) + "\n";
    else
        out += ".B " + troff(o->get_name(false, true)) + (flag ? "" : " \\fR" + troff(o->get_type_name())) + "\n";
    out += troff(o->get_description()) + "\n";
}
} // namespace

std::string manualPage(CLI::App& app)
{
    std::string out = ".TH LANTERN 1 \"\" \"Roving Lantern\" \"User Commands\"\n.SH NAME\n"
                      "lantern \\- measure, light, read and carry a painter's composite\n.SH SYNOPSIS\n"
                      ".B lantern\n.I COMMAND\n[\\fIOPTIONS\\fR]\n.SH DESCRIPTION\n"
        + troff(app.get_description()) + "\n.SH COMMANDS\n";
    for (CLI::App* command : commandsOf(app)) {
        out += ".SS " + troff(command->get_name()) + "\n" + troff(command->get_description()) + "\n";
        for (const CLI::Option* o : command->get_options())
            if (o->get_name() != "--help")
                option(o, out);
    }
    return out
        + ".SH EXIT STATUS\n0, or 2 when something was wrong; one sentence then says what, on standard error.\n"
          ".SH SEE ALSO\n.BR roving\\-lantern (1)\n";
}

namespace {
/// What Markdown takes as its own is kept from it.
std::string markdown(const std::string& s)
{
    std::string out;
    for (const char c : s) {
        if (c == '*' || c == '_' || c == '<' || c == '|')
            out += '\\';
        out += c == '\n' ? ' ' : c;
    }
    return out;
}
} // namespace

std::string commandsPage(CLI::App& app)
{
    std::string out
        = "# The command line\n\n`build/bin/lantern COMMAND` prints JSON on standard output. What goes wrong is one "
          "sentence on standard error, with exit code 2. `lantern help COMMAND` explains one. Numbers are taken as "
          "people write them: `1,5`, `3 in`, `2 h 30`. This page is the program's own help "
          "(`lantern manual --markdown > docs/command-line.md`).\n";
    for (CLI::App* command : commandsOf(app)) {
        out += "\n## " + command->get_name() + "\n" + markdown(command->get_description()) + "\n";
        std::string rows;
        for (const CLI::Option* o : command->get_options())
            if (o->get_name() != "--help") {
                const bool flag = o->get_expected_min() == 0 && o->get_items_expected_max() == 0;
                rows += "- `" + (o->get_positional() ? o->get_name(true) : o->get_name(false, true))
                    + (flag || o->get_positional() ? "" : " " + o->get_type_name()) + "` "
                    + markdown(o->get_description()) + "\n";
            }
        out += rows.empty() ? "" : "\n" + rows;
    }
    return out;
}

std::string bashCompletion(CLI::App& app)
{
    std::string names, cases;
    for (CLI::App* command : commandsOf(app)) {
        names += (names.empty() ? "" : " ") + command->get_name();
        std::string options;
        for (const CLI::Option* o : command->get_options())
            for (const std::string& name : o->get_lnames())
                options += (options.empty() ? "--" : " --") + name;
        cases += "        " + command->get_name() + ") options=\"" + options + "\" ;;\n";
    }
    return "_lantern()\n{\n    local word=${COMP_WORDS[COMP_CWORD]} options=\"\"\n"
           "    if [ \"$COMP_CWORD\" -eq 1 ]; then\n        mapfile -t COMPREPLY < <(compgen -W \"help "
        + names + "\" -- \"$word\")\n        return\n    fi\n    case ${COMP_WORDS[1]} in\n" + cases
        + "    esac\n    if [[ $word == -* ]]; then\n        mapfile -t COMPREPLY < <(compgen -W \"$options\" -- "
          "\"$word\")\n    else\n        mapfile -t COMPREPLY < <(compgen -f -- \"$word\")\n    fi\n}\n"
          "complete -o filenames -F _lantern lantern\n";
}

} // namespace rl::cli
