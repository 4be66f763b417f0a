#pragma once
#include "core/base/result.h"
#include <functional>
#include <random>
#include <string>
#include <vector>

/// Parsers under odd input: seeds that are well formed, spoilt at random, read; each is taken or refused with a
/// sentence.
namespace rl::fuzz {

using Text = std::string; ///< bytes

/// One parser.
struct Driver {
    std::string name; ///< "picture"
    std::function<std::vector<Text>()> seeds; ///< well formed
    std::function<Result<Done>(const Text&)> read;
};
std::vector<Driver> drivers();

/// A seed spoilt: bits turned, runs taken out, doubled, spliced from another, cut off, numbers made absurd.
Text spoilt(const std::vector<Text>& seeds, std::mt19937& random);

/// What no parser may take.
struct Broken {
    std::string how; ///< "picture 2, backwards"
    int driver = 0;
    Text bytes;
};
/// Two hundred and more, the same each time.
std::vector<Broken> corpus();

struct Tally {
    std::uint64_t runs = 0, taken = 0, refused = 0;
    std::string
        wrong; ///< what must not be: a refusal without one clear sentence, a seed that is refused; empty = nothing
    double slowestMs = 0;
};
/// \param runs at most so many \param seconds at most so long
Tally run(const Driver& driver, std::uint64_t runs, double seconds, unsigned seed);

} // namespace rl::fuzz
