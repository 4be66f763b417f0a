// lantern-fuzz [SECONDS [DRIVER [SEED]]]: spoils and reads until the time is up, and prints the figures.
#include "tests/fuzz/fuzz.h"
#include <cstdio>
#include <cstdlib>

int main(int argc, char** argv)
{
    const double seconds = argc > 1 ? std::atof(argv[1]) : 600;
    const std::string only = argc > 2 ? argv[2] : "";
    const auto seed = argc > 3 ? unsigned(std::atoi(argv[3])) : 1U;
    int wrong = 0;
    for (const rl::fuzz::Driver& d : rl::fuzz::drivers()) {
        if (!only.empty() && d.name != only)
            continue;
        const rl::fuzz::Tally t = rl::fuzz::run(d, ~std::uint64_t(0), seconds, seed);
        std::printf("%-12s %9llu read, %llu taken, %llu refused, slowest %.0f ms%s%s\n", d.name.c_str(),
            static_cast<unsigned long long>(t.runs), static_cast<unsigned long long>(t.taken),
            static_cast<unsigned long long>(t.refused), t.slowestMs,
            t.wrong.empty() ? "" : " – WRONG: ", t.wrong.c_str());
        std::fflush(stdout);
        wrong += !t.wrong.empty();
    }
    return wrong ? 1 : 0;
}
