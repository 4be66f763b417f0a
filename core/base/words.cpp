#include "core/base/words.h"
#include "words_tables.h"
#include <algorithm>
#include <atomic>
#include <cstdlib>
#include <map>
#include <memory>
#include <mutex>
#include <unordered_map>

namespace rl {

namespace {
/// How a language counts. Its .ts file names one of these; a new family is a line in formOf().
enum class Plurals { OneOther, ZeroOneOther, Slavic, Polish, Czech, None };
struct Catalogue {
    std::string language;
    char decimal = '.';
    Plurals plurals = Plurals::OneOther;
    std::unordered_map<std::string, std::string> words;
    std::unordered_map<std::string, std::vector<std::string>> forms; ///< of patterns with %n
};
std::atomic<const Catalogue*> now{nullptr}; // null: English

/// Source: the plural rules of Unicode's CLDR, for whole numbers.
std::size_t formOf(Plurals plurals, long long n)
{
    const auto m10 = n % 10, m100 = n % 100;
    const bool few = m10 >= 2 && m10 <= 4 && !(m100 >= 12 && m100 <= 14);
    switch (plurals) {
    case Plurals::OneOther:
        return n == 1 ? 0 : 1;
    case Plurals::ZeroOneOther:
        return n < 2 ? 0 : 1;
    case Plurals::Slavic:
        return m10 == 1 && m100 != 11 ? 0 : few ? 1 : 2;
    case Plurals::Polish:
        return n == 1 ? 0 : few ? 1 : 2;
    case Plurals::Czech:
        return n == 1 ? 0 : n >= 2 && n <= 4 ? 1 : 2;
    case Plurals::None:
        break;
    }
    return 0;
}

Plurals pluralsNamed(std::string_view name)
{
    static const std::pair<std::string_view, Plurals> kNames[] = {{"zero-one-other", Plurals::ZeroOneOther},
        {"slavic", Plurals::Slavic}, {"polish", Plurals::Polish}, {"czech", Plurals::Czech}, {"none", Plurals::None}};
    for (const auto& [word, plurals] : kNames)
        if (word == name)
            return plurals;
    return Plurals::OneOther;
}

std::string plain(std::string_view xml)
{
    static const std::pair<std::string_view, std::string_view> kMarks[] = {{"&lt;", "<"}, {"&gt;", ">"},
        {"&quot;", "\""}, {"&apos;", "'"}, {"&#10;", "\n"}, {"&#13;", "\r"}, {"&amp;", "&"}};
    std::string out;
    for (std::size_t i = 0; i < xml.size();) {
        const auto mark
            = std::ranges::find_if(kMarks, [&](const auto& m) { return xml.substr(i).starts_with(m.first); });
        if (xml[i] == '&' && mark != std::end(kMarks)) {
            out += mark->second;
            i += mark->first.size();
        } else {
            out += xml[i++];
        }
    }
    return out;
}

std::string_view between(std::string_view in, std::string_view from, std::string_view to)
{
    const auto a = in.find(from);
    const auto b = a == in.npos ? in.npos : in.find(to, a);
    return b == in.npos ? std::string_view() : in.substr(a + from.size(), b - a - from.size());
}

/// The finished ones of a .ts file (Qt Linguist's format, one context).
std::unique_ptr<Catalogue> read(std::string_view language, std::string_view ts)
{
    auto c = std::make_unique<Catalogue>();
    c->language = std::string(language);
    if (const auto mark = between(ts, "<extra-decimal>", "</extra-decimal>"); mark.size() == 1)
        c->decimal = mark[0];
    c->plurals = pluralsNamed(between(ts, "<extra-plurals>", "</extra-plurals>"));
    for (auto at = ts.find("<message"); at != ts.npos;) {
        const auto end = ts.find("</message>", at);
        const std::string_view message = ts.substr(at, end == ts.npos ? end : end - at);
        const std::string source = plain(between(message, "<source>", "</source>"));
        std::string_view said = between(message, "<translation>", "</translation>");
        if (said.find("<numerusform>") != said.npos)
            for (auto form = said.find("<numerusform>"); form != said.npos; form = said.find("<numerusform>", form + 1))
                c->forms[source].push_back(plain(between(said.substr(form), "<numerusform>", "</numerusform>")));
        else if (!said.empty())
            c->words[source] = plain(said);
        at = end == ts.npos ? end : ts.find("<message", end);
    }
    return c;
}

bool isNumber(const std::string& s)
{
    const auto point = s.find('.');
    if (point == s.npos || point + 1 == s.size() || point == 0)
        return false;
    for (std::size_t i = 0; i < s.size(); ++i)
        if (i != point && !(s[i] >= '0' && s[i] <= '9') && !(i == 0 && (s[i] == '-' || s[i] == '+') && point > 1))
            return false;
    return true;
}
} // namespace

std::vector<std::string> languages()
{
    std::vector<std::string> all{"en"};
    for (const auto& [language, bytes, size] : kWords)
        if (std::string_view(language) != "en")
            all.emplace_back(language);
    return all;
}

namespace {
const Catalogue* catalogueOf(std::string_view language)
{
    static std::mutex one;
    static std::map<std::string, std::unique_ptr<Catalogue>, std::less<>> known; // kept: words handed out stay true
    const std::lock_guard lock(one);
    for (const auto& [name, bytes, size] : kWords) {
        if (language != name)
            continue;
        auto& c = known[name];
        if (!c)
            c = read(name, std::string_view(reinterpret_cast<const char*>(bytes), size));
        return c.get();
    }
    return nullptr;
}
} // namespace

void speak(std::string_view language)
{
    now = language == "en" ? nullptr : catalogueOf(language);
}

std::string spoken()
{
    const Catalogue* c = now;
    return c ? c->language : "en";
}

std::string languageOfPlace()
{
    for (const char* name : {"LC_ALL", "LC_MESSAGES", "LANG"})
        if (const char* value = std::getenv(name); value && *value) {
            const std::string_view place = value;
            for (const std::string& l : languages())
                if (place.starts_with(l) && (place.size() == 2 || !std::isalpha(static_cast<unsigned char>(place[2]))))
                    return l;
            return "en";
        }
    return "en";
}

const char* translated(const char* words)
{
    const Catalogue* c = now;
    if (!c || !words)
        return nullptr;
    const auto found = c->words.find(words);
    return found == c->words.end() ? nullptr : found->second.c_str();
}

const char* translated(const char* pattern, long long n)
{
    static const Catalogue* const english = catalogueOf("en");
    const Catalogue* spokenNow = now;
    for (const Catalogue* c : {spokenNow, english}) {
        if (!c || !pattern)
            continue;
        if (const auto found = c->forms.find(pattern); found != c->forms.end()) {
            const auto& forms = found->second;
            return forms[std::min(formOf(c->plurals, n < 0 ? -n : n), forms.size() - 1)].c_str();
        }
    }
    return nullptr;
}

const char* tr(const char* words)
{
    const char* said = translated(words);
    return said ? said : words;
}

std::string tr(std::string_view words)
{
    const std::string own(words);
    return tr(own.c_str());
}

SaidPart::SaidPart(std::string name)
    : text(std::move(name))
{
    const Catalogue* c = now;
    if (c && isNumber(text))
        std::ranges::replace(text, '.', c->decimal);
}

std::string filled(std::string_view pattern, std::initializer_list<SaidPart> parts)
{
    std::string out;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        std::size_t number = 0, digits = 0;
        if (pattern[i] == '%')
            for (; digits < 2 && i + digits + 1 < pattern.size(); ++digits) {
                const char d = pattern[i + digits + 1];
                if (d < '0' || d > '9' || (digits == 1 && number * 10 + std::size_t(d - '0') > parts.size()))
                    break;
                number = number * 10 + std::size_t(d - '0');
            }
        if (number >= 1 && number <= parts.size()) {
            out += (parts.begin() + number - 1)->text;
            i += digits;
        } else {
            out += pattern[i];
        }
    }
    return out;
}

} // namespace rl
