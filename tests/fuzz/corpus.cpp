// Broken on purpose, each in a way that has a name.
#include "tests/fuzz/fuzz.h"
#include <algorithm>

namespace rl::fuzz {

namespace {
Text repeated(const Text& what, std::size_t times)
{
    Text out;
    for (std::size_t i = 0; i < times; ++i)
        out += what;
    return out;
}
Text overwritten(Text s, std::size_t from, std::size_t count, char by)
{
    for (std::size_t i = from; i < std::min(s.size(), from + count); ++i)
        s[i] = by;
    return s;
}
Text turned(Text s)
{
    for (char& c : s)
        c = char(c ^ 0x55);
    return s;
}
Text backwards(Text s)
{
    std::reverse(s.begin(), s.end());
    return s;
}
} // namespace

std::vector<Broken> corpus()
{
    std::vector<Broken> out;
    const std::vector<Driver> all = drivers();
    for (std::size_t d = 0; d < all.size(); ++d) {
        const std::vector<Text> seeds = all[d].seeds();
        for (std::size_t k = 0; k < seeds.size(); ++k) {
            const Text& good = seeds[k];
            const auto add = [&](const char* how, Text bytes) {
                out.push_back({all[d].name + " " + std::to_string(k + 1) + ", " + how, int(d), std::move(bytes)});
            };
            add("its first byte alone", good.substr(0, 1));
            add("its first twelve bytes", good.substr(0, 12));
            add("its beginning lost", overwritten(good, 0, 64, '\0'));
            add("backwards", backwards(good));
            add("every byte turned", turned(good));
            add("as long, of nothing", Text(good.size(), '\0'));
            add("as long, of ones", Text(good.size(), '\xff'));
            add("in two bytes a letter", [&] {
                Text wide = "\xff\xfe";
                for (const char c : good)
                    wide += c, wide += '\0';
                return wide;
            }());
        }
        const auto foreign = [&](const char* how, Text bytes) {
            out.push_back({all[d].name + ", " + how, int(d), std::move(bytes)});
        };
        foreign("empty", {});
        foreign("one line end", "\n");
        foreign("a letter to a friend", "Dear Oren,\nthe tide was late again.\n");
        foreign(
            "a page of the web", "<!doctype html><html><head><title>404</title></head><body>Not found</body></html>");
        foreign("a program", Text("\x7f") + "ELF\2\1\1" + Text(300, '\0'));
        foreign("packed", Text("PK\3\4\x14\0\0\0\x08\0", 10) + Text(200, '\x11'));
        foreign("opened and never closed", repeated("[{\"a\":", 20'000));
        foreign("a drawing that is one long number", repeated("9", 200'000));
        foreign(
            "a database of something else", Text("SQLite format 3\0\x10\0\1\1\0\x40\x20\x20", 24) + Text(4072, '\0'));
        foreign("a header that promises a picture of 2 gigapixels",
            Text("\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\xff\xff\0\0\xff\xff\x08\2\0\0\0", 29) + Text(64, '\3'));
        foreign("ones and noughts", repeated("01", 5'000));
        foreign("its name only", "untitled.lantern");
    }
    return out;
}

} // namespace rl::fuzz
