#pragma once
#include <initializer_list>
#include <string>
#include <string_view>
#include <vector>

namespace rl {

/// What the program can speak: "en", of which all others are translations, and one for each
/// packaging/words/LANGUAGE.ts.
std::vector<std::string> languages();
/// Chooses the language of all that is said from here on; English where there is none such. Say so first thing:
/// what was said before stays as it was said.
void speak(std::string_view language);
std::string spoken();
/// The language of the environment (LC_ALL, LC_MESSAGES, LANG, as POSIX orders them), where it is spoken here; else
/// "en".
std::string languageOfPlace();

/// The translation; null where there is none, and in English. It lives as long as the program.
const char* translated(const char* words);
/// The form of a pattern with %n that goes with a number ("%n note", "%n notes"); English has a catalogue for these
/// too.
const char* translated(const char* pattern, long long n);
/// The words in the language that is spoken, themselves where they have no translation.
const char* tr(const char* words);
std::string tr(std::string_view words);
inline std::string tr(const std::string& words)
{
    return tr(std::string_view(words));
}
/// Words of a table, which are said by tr() once the language is known.
constexpr const char* translatable(const char* words)
{
    return words;
}

/// What goes into a sentence: words of a table are translated, a number takes the decimal mark, names stay.
class SaidPart {
public:
    SaidPart(const char* words)
        : text(tr(words))
    {
    }
    SaidPart(std::string name);
    SaidPart(std::string_view name)
        : SaidPart(std::string(name))
    {
    }
    std::string text;
};
/// The pattern with its places %1 to %99 filled. A place without a part, and a % without a number, stay.
std::string filled(std::string_view pattern, std::initializer_list<SaidPart> parts);
/// tr("“%1” is %2 cm into the ground.", name, fixed(depth, 0)): the whole sentence is one pattern, so that another
/// language can turn it round.
template <class... Parts>
requires(sizeof...(Parts) > 0) std::string tr(const char* pattern, const Parts&... parts)
{
    return filled(tr(pattern), {SaidPart(parts)...});
}

/// trn("%n notes", 3): the form that goes with the number, and the number in its place; further places as with tr().
template <class... Parts> std::string trn(const char* pattern, long long n, const Parts&... parts)
{
    const char* form = translated(pattern, n);
    std::string said = filled(form ? form : pattern, {SaidPart(parts)...});
    const std::string number = std::to_string(n);
    for (auto at = said.find("%n"); at != said.npos; at = said.find("%n", at + number.size()))
        said.replace(at, 2, number);
    return said;
}

} // namespace rl
