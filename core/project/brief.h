#pragma once
#include "core/base/geometry.h"
#include <array>
#include <optional>
#include <string>
#include <vector>

/// What a work is to be: its canvas, what is painted on, what it has to tell and what must be right. Lengths in cm.
namespace rl {

struct CastMember {
    int id = 0;
    std::string name;
    Rect place{}; ///< cm: a place of the backdrop that shows it; empty = none
    bool operator==(const CastMember&) const = default;
};

enum class LengthUnit { Centimetre, Inch };

/// The outline of the canvas within its width and height.
enum class Format { Rectangle, Oval, Free };
inline constexpr int kFormatCount = 3;

enum class Support { Canvas, Board, Paper, Panel };
inline constexpr int kSupportCount = 4;
enum class Toning { White, MiddleTone, Complement, Darkest };
inline constexpr int kToningCount = 4;
/// What is painted on and how it is made ready.
struct PaintGround {
    Support support = Support::Canvas;
    double threadsPerCm = 14; ///< of a canvas: 6 coarse … 30 portrait linen
    double paperGsm = 300; ///< weight of a paper, g/m²
    int coats = 2; ///< of primer, 0…8
    double dryHours = 4; ///< between two coats
    int grit = 220; ///< sanded with between coats, 0 = not sanded
    Toning toning = Toning::MiddleTone;
    bool operator==(const PaintGround&) const = default;
};

/// Where painters disagree. 0 is always what is usual; see schools.h for what each choice means.
enum class School { Focus, Sequence, Darks, Black, Drawing, Plan, Ground, Blending, Glazing };
inline constexpr int kSchoolCount = 9;

/// Something in the picture that tells an idea: an element, or a place on it.
struct Clue {
    int id = 0;
    std::string words;
    int cast = 0; ///< the member that tells it (or an element of that member), 0 = none
    int element = 0; ///< the element it is on, 0 = the member's own
    Rect part; ///< place on the element, shares of its box as shown; empty = all of it
    bool operator==(const Clue&) const = default;
};
/// What the picture has to get across.
struct Idea {
    int id = 0;
    std::string words;
    std::vector<Clue> clues; ///< three at least, or a viewer may miss it
    bool operator==(const Idea&) const = default;
};

/// What must be right: a count, a hand, a pattern, an old habit of dress.
struct Fact {
    int id = 0;
    std::string words, source; ///< how it is known
    int element = 0; ///< comes back while this is drawn, 0 = the whole picture
    bool checked = false;
    bool operator==(const Fact&) const = default;
};

struct Brief {
    std::string title;
    double widthCm = 60, heightCm = 40; ///< 1…2000
    Format format = Format::Rectangle;
    std::vector<Vec2> outline; ///< of a free format, cm, closed; fewer than three points = the rectangle
    LengthUnit unit = LengthUnit::Centimetre; ///< how lengths are shown
    std::string medium = "acrylic";
    double viewingDistanceCm = 200; ///< 10…5000
    std::string deadline; ///< YYYY-MM-DD; empty = none
    PaintGround ground;
    std::array<int, kSchoolCount> schools{}; ///< choice for each School
    int wantedKey = -1; ///< 0 low, 1 middle, 2 high; −1 = none chosen
    int wantedSpan = -1; ///< 0 minor, 1 major; −1 = none chosen
    std::vector<double> valueBounds; ///< L* at which one value step ends and the next begins; empty = found
    std::vector<CastMember> cast; ///< in the order in which it should be read
    std::vector<Idea> ideas;
    std::vector<Fact> facts;
    int school(School s) const { return schools[std::size_t(s)]; }
    bool operator==(const Brief&) const = default;
};

/// The outline of the canvas as a closed line, cm; an oval in 96 points.
std::vector<Vec2> outlineOf(const Brief& brief);
/// Whether a place lies on the canvas.
bool onCanvas(const Brief& brief, Vec2 cm);
/// Area of the canvas, cm².
double areaOf(const Brief& brief);

/// "12 3/8", "0.5", "7-1/2": inches with fractions, or a decimal number. \return nothing for what is neither
std::optional<double> inchesFrom(const std::string& words);
/// To the nearest sixteenth: "12 3/8".
std::string inchesOf(double inches);

/// Days from one date to another, YYYY-MM-DD. \return nothing where one is no date
std::optional<int> daysBetween(const std::string& from, const std::string& to);

} // namespace rl
