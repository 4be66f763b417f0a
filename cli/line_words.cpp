#include "cli/line_words.h"
#include "core/base/words.h"
#include "core/project/quantity.h"
#include <charconv>
#include <regex>

namespace rl::cli {

namespace {
/// Headings of groups are no labels of the library's formatter.
class OwnPages final : public CLI::Formatter {
public:
    OwnPages()
    {
        label("Usage", tr("Usage"));
        label("OPTIONS", tr("OPTIONS"));
        label("SUBCOMMAND", tr("COMMAND"));
        label("REQUIRED", tr("(needed)"));
        label("Positionals", tr("What it works on"));
        label("Needs", tr("only with"));
        label("Excludes", tr("not with"));
        label("TEXT", tr("WORDS"));
        label("INT", tr("WHOLE"));
        label("UINT", tr("WHOLE"));
        label("FLOAT", tr("NUMBER"));
    }
    std::string make_group(std::string group, bool positional, std::vector<const CLI::Option*> options) const override
    {
        return Formatter::make_group(group == "Options" ? tr("Options") : group, positional, options);
    }
    /// Bounds and choices alone, "16..12000", "{albedo,normal}": they say of what kind it is.
    std::string make_option_opts(const CLI::Option* option) const override
    {
        static const std::regex bounds(R"([A-Z]+(?::[A-Z]+)? in \[(\S+) - ([^\]]+)\])"), choices(R"([A-Z]+:\{)");
        const std::string said = Formatter::make_option_opts(option);
        return std::regex_replace(std::regex_replace(said, bounds, "$1..$2"), choices, "{");
    }
};

struct Pattern {
    std::regex said; ///< by the library
    const char* ours; ///< its parts by number
};
} // namespace

void speakOfLines(CLI::App& app)
{
    app.formatter(std::make_shared<OwnPages>());
    app.set_help_flag("-h,--help", tr("this page"));
}

void takeUnits(CLI::App& app)
{
    static constexpr std::string_view kUnits[] = {"cm", "mm", "um", "m", "in", "h", "min", "days", "ml", "kelvin"};
    for (CLI::Option* option : app.get_options()) {
        if (!option->get_type_name().starts_with("FLOAT"))
            continue;
        const std::string name = option->get_single_name();
        std::string unit;
        for (const std::string_view u : kUnits)
            if (name.size() > u.size() + 1 && name.ends_with(u) && name[name.size() - u.size() - 1] == '-')
                unit = u;
        option->transform(
            [unit](std::string written) {
                const auto value = quantityFrom(written, unit);
                if (!value)
                    return written; // the library says that it is none
                char digits[40];
                const auto end = std::to_chars(digits, digits + sizeof digits, *value).ptr;
                return std::string(digits, end);
            },
            std::string(), std::string());
    }
}

std::string wrongWith(const CLI::ParseError& error)
{
    static const Pattern kPatterns[] = {
        {std::regex("The following arguments? w\\w+ not expected: (.*)"),
            translatable("This is not an option here: %1")},
        {std::regex("A subcommand is required"), translatable("It needs a command.")},
        {std::regex("(.*) is required"), translatable("%1 is needed.")},
        {std::regex("Could not convert: (.*) = (.*)"), translatable("%1: “%2” cannot be read as one.")},
        {std::regex("(.*): Value (.*) not in range (.*) to (.*)"),
            translatable("%1: %2 does not lie between %3 and %4.")},
        {std::regex("(.*): (.*) not in \\{(.*)\\}"), translatable("%1: “%2” is none of: %3")},
        {std::regex("(.*): (\\d+) required .* missing"), translatable("%1: %2 values are wanted, or more.")},
        {std::regex("(.*): At (?:least|Most) (\\d+) required but received (\\d+)"),
            translatable("%1: %2 values are wanted, not %3.")},
        {std::regex("(.*) requires (.*)"), translatable("%1 works only with %2.")},
        {std::regex("(.*) excludes (.*)"), translatable("%1 does not go with %2.")},
    };
    const std::string said = error.what();
    std::smatch part;
    for (const Pattern& p : kPatterns)
        if (std::regex_match(said, part, p.said)) // what a pattern lacks is empty
            return filled(tr(p.ours), {part[1].str(), part[2].str(), part[3].str(), part[4].str()});
    return said;
}

} // namespace rl::cli
