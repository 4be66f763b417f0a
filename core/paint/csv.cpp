#include "core/paint/csv.h"
#include <charconv>
#include <limits>

namespace rl::paint {

std::vector<std::vector<std::string>> csvRows(std::string_view text)
{
    std::vector<std::vector<std::string>> rows(1);
    std::string field;
    bool quoted = false;
    const auto endRow = [&] {
        rows.back().push_back(std::exchange(field, {}));
        if (rows.back().size() > 1 || !rows.back()[0].empty())
            rows.emplace_back();
        else
            rows.back().clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted && c == '"' && i + 1 < text.size() && text[i + 1] == '"')
            field += text[++i];
        else if (c == '"')
            quoted = !quoted;
        else if (quoted)
            field += c;
        else if (c == ',')
            rows.back().push_back(std::exchange(field, {}));
        else if (c == '\n')
            endRow();
        else if (c != '\r')
            field += c;
    }
    endRow();
    rows.pop_back();
    return rows;
}

double numberIn(std::string_view text)
{
    while (!text.empty() && (text.front() == ' ' || text.front() == '+'))
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    double value = 0;
    const auto end = std::from_chars(text.data(), text.data() + text.size(), value);
    return end.ec == std::errc() && end.ptr == text.data() + text.size() ? value
                                                                         : std::numeric_limits<double>::quiet_NaN();
}

} // namespace rl::paint
