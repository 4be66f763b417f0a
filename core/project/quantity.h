#pragma once
#include <optional>
#include <string_view>

/// Numbers as people write them.
namespace rl {

/// What was written, in the unit that is wanted: "3 cm", "5 ft 2", "1 1/2 in", "½", "1,5", "90 min", "2 h 30", "7:30".
/// Comma and point are one decimal mark; thousands are never guessed ("1.000,5" is refused). A number without a unit is
/// in the wanted one; after feet it is inches, after metres centimetres, after hours minutes.
/// \param unit "m", "cm", "mm", "in", "µm", "h", "min", "days", "ml", "°", "K", "%", or any other word, which may then
/// stand after the number; spaces about it do not count
/// \return nothing where it is no such quantity: another kind of unit, two numbers side by side, a word, not finite
std::optional<double> quantityFrom(std::string_view written, std::string_view unit);

} // namespace rl
