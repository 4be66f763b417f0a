#include "core/project/quantity.h"
#include <algorithm>
#include <charconv>
#include <cmath>
#include <string>

namespace rl {

namespace {
enum class Family { Length, Time, Volume, Angle, Temperature, Share };
struct Name {
    std::string_view word;
    Family family;
    double size; ///< mm, minutes, ml; 1
};
// As written in English and in German, small letters.
constexpr Name kNames[] = {{"mm", Family::Length, 1}, {"cm", Family::Length, 10}, {"m", Family::Length, 1000},
    {"metre", Family::Length, 1000}, {"metres", Family::Length, 1000}, {"meter", Family::Length, 1000},
    {"meters", Family::Length, 1000}, {"km", Family::Length, 1e6}, {"µm", Family::Length, 0.001},
    {"μm", Family::Length, 0.001}, {"um", Family::Length, 0.001}, {"in", Family::Length, 25.4},
    {"inch", Family::Length, 25.4}, {"inches", Family::Length, 25.4}, {"\"", Family::Length, 25.4},
    {"″", Family::Length, 25.4}, {"”", Family::Length, 25.4}, {"''", Family::Length, 25.4},
    {"zoll", Family::Length, 25.4}, {"ft", Family::Length, 304.8}, {"foot", Family::Length, 304.8},
    {"feet", Family::Length, 304.8}, {"'", Family::Length, 304.8}, {"′", Family::Length, 304.8},
    {"’", Family::Length, 304.8}, {"fuß", Family::Length, 304.8}, {"s", Family::Time, 1 / 60.0},
    {"sec", Family::Time, 1 / 60.0}, {"min", Family::Time, 1}, {"mins", Family::Time, 1}, {"minute", Family::Time, 1},
    {"minutes", Family::Time, 1}, {"minuten", Family::Time, 1}, {"h", Family::Time, 60}, {"hr", Family::Time, 60},
    {"hrs", Family::Time, 60}, {"hour", Family::Time, 60}, {"hours", Family::Time, 60}, {"std", Family::Time, 60},
    {"std.", Family::Time, 60}, {"stunde", Family::Time, 60}, {"stunden", Family::Time, 60}, {"d", Family::Time, 1440},
    {"day", Family::Time, 1440}, {"days", Family::Time, 1440}, {"tag", Family::Time, 1440},
    {"tage", Family::Time, 1440}, {"ml", Family::Volume, 1}, {"cl", Family::Volume, 10}, {"l", Family::Volume, 1000},
    {"°", Family::Angle, 1}, {"deg", Family::Angle, 1}, {"degree", Family::Angle, 1}, {"degrees", Family::Angle, 1},
    {"grad", Family::Angle, 1}, {"k", Family::Temperature, 1}, {"kelvin", Family::Temperature, 1},
    {"%", Family::Share, 1}, {"percent", Family::Share, 1}, {"prozent", Family::Share, 1}};

const Name* named(std::string_view word)
{
    const auto found = std::ranges::find(kNames, word, &Name::word);
    return found == std::end(kNames) ? nullptr : found;
}

std::string trimmed(std::string_view s)
{
    while (!s.empty() && std::string_view(" \t").find(s.front()) != s.npos)
        s.remove_prefix(1);
    while (!s.empty() && std::string_view(" \t").find(s.back()) != s.npos)
        s.remove_suffix(1);
    return std::string(s);
}

void replaceAll(std::string& s, std::string_view from, std::string_view to)
{
    for (auto at = s.find(from); at != s.npos; at = s.find(from, at + to.size()))
        s.replace(at, from.size(), to);
}

bool digit(char c)
{
    return c >= '0' && c <= '9';
}

/// Small letters, one minus, one decimal mark, fractions written out, "1-1/2" as "1 1/2".
std::string plain(std::string_view written)
{
    std::string s = trimmed(written);
    for (const char* space : {"\u00a0", "\u202f", "\u2009"})
        replaceAll(s, space, " ");
    for (const auto& [sign, words] : {std::pair{"½", " 1/2"}, {"¼", " 1/4"}, {"¾", " 3/4"}, {"−", "-"}, {"ß", "\1"}})
        replaceAll(s, sign, words);
    for (char& c : s)
        c = c == ',' ? '.' : c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c;
    replaceAll(s, "\1", "ß");
    for (std::size_t i = 1; i + 1 < s.size(); ++i)
        if (s[i] == '-' && digit(s[i - 1]) && digit(s[i + 1]) && s.find('/', i) != s.npos)
            s[i] = ' ';
    return trimmed(s);
}

/// Reads from the front of what is left to read.
class Reader {
public:
    explicit Reader(std::string_view s)
        : m_left(s)
    {
    }
    bool done() const { return m_left.empty(); }
    bool take(char c)
    {
        if (m_left.empty() || m_left.front() != c)
            return false;
        m_left.remove_prefix(1);
        return true;
    }
    void spaces()
    {
        while (take(' ')) { }
    }
    std::optional<double> decimal()
    {
        std::size_t n = 0, marks = 0;
        while (n < m_left.size() && (digit(m_left[n]) || m_left[n] == '.'))
            marks += m_left[n++] == '.';
        double v = 0;
        if (n == marks || marks > 1 || n > 20)
            return {};
        const auto [end, problem] = std::from_chars(m_left.data(), m_left.data() + n, v, std::chars_format::fixed);
        if (problem != std::errc() || end != m_left.data() + n)
            return {};
        m_left.remove_prefix(n);
        return v;
    }
    /// "1.5", "1/2", "1 1/2".
    std::optional<double> number()
    {
        const auto first = decimal();
        if (!first)
            return {};
        if (take('/'))
            return over(*first);
        const std::string_view here = m_left;
        spaces();
        if (const auto above = decimal(); above && take('/') && *first == std::floor(*first)) {
            const auto part = over(*above);
            return part && *part < 1 ? std::optional(*first + *part) : std::nullopt;
        }
        m_left = here;
        return first;
    }
    /// All up to the next digit, or to the end.
    std::string word()
    {
        std::size_t n = 0;
        while (n < m_left.size() && !digit(m_left[n])
            && !(m_left[n] == '.' && n + 1 < m_left.size() && digit(m_left[n + 1])))
            ++n;
        const std::string w = trimmed(m_left.substr(0, n));
        m_left.remove_prefix(n);
        return w;
    }

private:
    std::optional<double> over(double above)
    {
        const auto below = decimal();
        return below && *below > 0 ? std::optional(above / *below) : std::nullopt;
    }
    std::string_view m_left;
};

/// The unit of a number without one that follows another: 5 ft 2, 1 m 70, 2 h 30.
double nextSize(const Name& after)
{
    return after.family == Family::Length                  ? (after.size == 304.8 ? 25.4
                                    : after.size == 1000                          ? 10
                                                                                  : 0)
        : after.family == Family::Time && after.size == 60 ? 1
                                                           : 0;
}

/// "7:30", hours and minutes.
std::optional<double> clock(const std::string& s, const Name& wanted)
{
    Reader r(s);
    const auto h = r.decimal();
    if (!h || !r.take(':'))
        return {};
    const auto m = r.decimal();
    if (!m || !r.done() || *m >= 60 || *h != std::floor(*h) || *m != std::floor(*m))
        return {};
    return (*h * 60 + *m) / wanted.size;
}
} // namespace

std::optional<double> quantityFrom(std::string_view written, std::string_view unit)
{
    std::string s = plain(written);
    const std::string own = plain(unit);
    const Name* wanted = named(own);
    const bool less = s.starts_with('-');
    if (less || s.starts_with('+'))
        s.erase(0, 1);
    if (s.empty() || s.size() > 60)
        return {};
    const auto signedValue = [less](double v) -> std::optional<double> {
        return std::isfinite(v) ? std::optional(less ? -v : v) : std::nullopt;
    };
    if (wanted && wanted->family == Family::Time && s.find(':') != s.npos) {
        const auto v = clock(s, *wanted);
        return v ? signedValue(*v) : std::nullopt;
    }
    Reader r(s);
    double sum = 0, last = 0, implied = 0;
    for (bool first = true; !r.done(); first = false) {
        r.spaces();
        const auto v = r.number();
        if (!v)
            return {};
        const std::string word = r.word();
        if (const Name* n = named(word)) {
            if (!wanted || n->family != wanted->family || (!first && n->size >= last))
                return {};
            sum += *v * n->size, last = n->size, implied = nextSize(*n);
        } else {
            if ((!word.empty() && word != own) || (!first && (!word.empty() || implied == 0)))
                return {};
            const double size = first ? (wanted ? wanted->size : 1) : implied;
            sum += *v * size, last = size, implied = 0;
        }
    }
    return signedValue(wanted ? sum / wanted->size : sum);
}

} // namespace rl
