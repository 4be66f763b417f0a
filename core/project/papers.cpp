#include "core/project/papers.h"
#include "core/base/words.h"

namespace rl {

std::span<const Paper> papers()
{
    static constexpr Paper all[]{{"A4", 21, 29.7}, {"A3", 29.7, 42}, {"A2", 42, 59.4}, {"A1", 59.4, 84.1},
        {"A0", 84.1, 118.9}, {"A5", 14.8, 21}, {"Letter", 21.59, 27.94}, {"Legal", 21.59, 35.56},
        {"Tabloid", 27.94, 43.18}, {"B4", 25.7, 36.4}, {translatable("roll 61 cm"), 61, 200},
        {translatable("roll 91 cm"), 91.4, 300}};
    return all;
}

const Paper* paperOf(std::string_view name)
{
    for (const Paper& p : papers())
        if (name == p.name)
            return &p;
    return nullptr;
}

} // namespace rl
