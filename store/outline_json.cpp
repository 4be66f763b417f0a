#include "store/outline_json.h"
#include "core/base/words.h"
#include <nlohmann/json.hpp>

namespace rl::store {

using nlohmann::json;

Result<std::vector<cutout::Loop>> loopsFromJson(std::string_view text)
{
    const auto j = json::parse(text, nullptr, false);
    const Error bad{
        ErrorKind::Damaged, tr("The outline must be {\"pieces\": [{\"points\": [[x, y], …], \"hole\": false}]}."), {}};
    if (!j.is_object() || !j.contains("pieces") || !j["pieces"].is_array())
        return bad;
    std::vector<cutout::Loop> loops;
    try {
        for (const json& piece : j["pieces"]) {
            cutout::Loop loop;
            loop.hole = piece.value("hole", false);
            for (const json& p : piece.at("points")) {
                const Vec2 at{p.at(0).get<double>(), p.at(1).get<double>()};
                if (!(std::abs(at.x) < 1e6 && std::abs(at.y) < 1e6))
                    return bad;
                loop.nodes.push_back({at, p.size() > 2 && p.at(2).get<bool>()});
            }
            loops.push_back(std::move(loop));
        }
    } catch (const json::exception&) {
        return bad;
    }
    return loops;
}

} // namespace rl::store
