#pragma once
#include "core/project/fields.h"
#include <nlohmann/json.hpp>

/// How values are written to a work's description: numbers by their tables, words of an enumeration by their keys.
namespace rl::store {

/// A word of an enumeration that this version does not know. It is never read as another one.
struct UnknownWord {
    std::string word;
};

template <class E, std::size_t N> void wordTo(nlohmann::json& j, E value, const std::pair<E, const char*> (&words)[N])
{
    for (const auto& [known, word] : words)
        if (known == value)
            j = word;
}
template <class E, std::size_t N>
void wordFrom(const nlohmann::json& j, E& value, const std::pair<E, const char*> (&words)[N])
{
    const std::string said = j.get<std::string>();
    for (const auto& [known, word] : words)
        if (said == word) {
            value = known;
            return;
        }
    throw UnknownWord{said.substr(0, 60)};
}

template <class O> void numbersTo(nlohmann::json& j, const O& o)
{
    for (const Number<O>& n : numbersOf<O>()) {
        if (n.whole)
            j[n.key] = int(n.get(o));
        else
            j[n.key] = n.get(o);
    }
}
/// As they stand there; repair() brings them into their ranges.
template <class O> void numbersFrom(const nlohmann::json& j, O& o)
{
    for (const Number<O>& n : numbersOf<O>()) {
        if (n.whole)
            o.*n.whole = j.value(n.key, o.*n.whole);
        else
            o.*n.real = j.value(n.key, o.*n.real);
    }
}

} // namespace rl::store

#define RL_JSON_WORDS(Type, ...)                                                                                       \
    inline void to_json(nlohmann::json& j, const Type& v)                                                              \
    {                                                                                                                  \
        static constexpr std::pair<Type, const char*> kWords[] = __VA_ARGS__;                                          \
        store::wordTo(j, v, kWords);                                                                                   \
    }                                                                                                                  \
    inline void from_json(const nlohmann::json& j, Type& v)                                                            \
    {                                                                                                                  \
        static constexpr std::pair<Type, const char*> kWords[] = __VA_ARGS__;                                          \
        store::wordFrom(j, v, kWords);                                                                                 \
    }

#define RL_JSON_NUMBERS(Type)                                                                                          \
    inline void to_json(nlohmann::json& j, const Type& o)                                                              \
    {                                                                                                                  \
        store::numbersTo(j, o);                                                                                        \
    }                                                                                                                  \
    inline void from_json(const nlohmann::json& j, Type& o)                                                            \
    {                                                                                                                  \
        store::numbersFrom(j, o);                                                                                      \
    }

/// The numbers of its table, and the members named.
#define RL_JSON_NUMBERS_AND(Type, ...)                                                                                 \
    inline void to_json(nlohmann::json& nlohmann_json_j, const Type& nlohmann_json_t)                                  \
    {                                                                                                                  \
        store::numbersTo(nlohmann_json_j, nlohmann_json_t);                                                            \
        NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_TO, __VA_ARGS__))                                       \
    }                                                                                                                  \
    inline void from_json(const nlohmann::json& nlohmann_json_j, Type& nlohmann_json_t)                                \
    {                                                                                                                  \
        const Type nlohmann_json_default_obj{};                                                                        \
        store::numbersFrom(nlohmann_json_j, nlohmann_json_t);                                                          \
        NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_FROM_WITH_DEFAULT, __VA_ARGS__))                        \
    }
