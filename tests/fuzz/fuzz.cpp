#include "tests/fuzz/fuzz.h"
#include <algorithm>
#include <chrono>

namespace rl::fuzz {

namespace {
int below(std::mt19937& random, std::size_t n)
{
    return n ? int(random() % n) : 0;
}

void spoil(Text& s, const std::vector<Text>& seeds, std::mt19937& random)
{
    static const char* const kAbsurd[] = {"-1", "1e308", "99999999999999999999", "nan", "\0\0\0\0", "\xff\xff\xff\xff",
        "[[[[[[[[", "{\"", "\r\n\r\n", "../../", "BEGIN:VCALENDAR", "%00", "\xc3\x28"};
    const int at = below(random, s.size());
    const auto place = std::size_t(at);
    switch (random() % 8) {
    case 0:
    case 1: // bits, near each other
        for (int i = 0; i < 1 + below(random, 4) && !s.empty(); ++i)
            s[std::min(s.size() - 1, place + std::size_t(below(random, 8)))] ^= char(1U << (random() % 8));
        break;
    case 2:
        s.erase(place, std::size_t(below(random, 64)));
        break;
    case 3:
        s.insert(place, s.substr(place, std::size_t(below(random, 64))));
        break;
    case 4: {
        const Text& other = seeds[std::size_t(below(random, seeds.size()))];
        s.replace(place, std::size_t(below(random, 200)),
            other.substr(std::size_t(below(random, other.size())), std::size_t(below(random, 200))));
        break;
    }
    case 5:
        s.resize(place);
        break;
    case 6:
        s.insert(place, kAbsurd[random() % std::size(kAbsurd)]);
        break;
    default: // a number becomes another
        if (const auto digit = s.find_first_of("0123456789", place); digit != Text::npos)
            s.replace(digit, std::min<std::size_t>(s.find_first_not_of("0123456789.", digit) - digit, 12),
                kAbsurd[random() % 4]);
    }
}

/// One line that says something.
bool clear(const Error& e)
{
    return e.sentence.size() > 8 && e.sentence.size() < 400 && e.sentence.find('\n') == Text::npos;
}
} // namespace

Text spoilt(const std::vector<Text>& seeds, std::mt19937& random)
{
    Text s = seeds[std::size_t(below(random, seeds.size()))];
    for (int i = 0; i < 1 + below(random, 6); ++i)
        spoil(s, seeds, random);
    return s;
}

Tally run(const Driver& driver, std::uint64_t runs, double seconds, unsigned seed)
{
    using Clock = std::chrono::steady_clock;
    Tally t;
    std::mt19937 random(seed);
    const std::vector<Text> seeds = driver.seeds();
    for (const Text& s : seeds)
        if (const auto read = driver.read(s); !read)
            t.wrong = "a well-formed one is refused: " + read.error().sentence;
    const auto began = Clock::now();
    while (t.wrong.empty() && t.runs < runs && std::chrono::duration<double>(Clock::now() - began).count() < seconds) {
        const Text s = spoilt(seeds, random);
        const auto from = Clock::now();
        const auto read = driver.read(s);
        t.slowestMs = std::max(t.slowestMs, std::chrono::duration<double, std::milli>(Clock::now() - from).count());
        ++t.runs, ++(read ? t.taken : t.refused);
        if (!read && !clear(read.error()))
            t.wrong = "no clear sentence: “" + read.error().sentence + "”";
    }
    return t;
}

} // namespace rl::fuzz
