#pragma once
#include "core/project/project.h"
#include <span>

/// The only place where the range of a number is said: its key in the file, its member, its range, what it starts as
/// and its unit. repair(), the file, `lantern set`, `lantern fields`, docs/fields.md and every field on a bench walk
/// these tables.
namespace rl {

/// cm: how far from the canvas' corner a foot or a guide may lie (and 2000 more on the far sides).
inline constexpr double kCanvasReach = 4000;

enum class Unit {
    Times,
    Share,
    Metre,
    Centimetre,
    Kelvin,
    Degree,
    Stops,
    Lightness,
    Ab,
    Pixel,
    DeltaE,
    Millilitre,
    Micrometre,
    Millimetre,
    Minute,
    Hour,
    Day,
    Percent,
    Count
};

/// "m", "°", "L*", "" for shares, which are written as such in the file and shown in per cent.
const char* symbolOf(Unit unit);

template <class O> struct Number {
    const char* key;
    double O::*real = nullptr;
    int O::*whole = nullptr;
    double low, high, start;
    Unit unit;

    constexpr Number(const char* name, double O::*at, double from, double to, double begin, Unit of)
        : key(name)
        , real(at)
        , low(from)
        , high(to)
        , start(begin)
        , unit(of)
    {
    }
    constexpr Number(const char* name, int O::*at, double from, double to, double begin, Unit of)
        : key(name)
        , whole(at)
        , low(from)
        , high(to)
        , start(begin)
        , unit(of)
    {
    }
    double get(const O& o) const { return real ? o.*real : double(o.*whole); }
    /// Brought into its range; what is no number becomes the start.
    double kept(double v) const { return std::isfinite(v) ? std::clamp(v, low, high) : start; }
    void set(O& o, double v) const
    {
        if (real)
            o.*real = kept(v);
        else
            o.*whole = int(std::lround(kept(v)));
    }
};

inline constexpr Number<Brief> kBriefNumbers[] = {{"widthCm", &Brief::widthCm, 1, 2000, 60, Unit::Centimetre},
    {"heightCm", &Brief::heightCm, 1, 2000, 40, Unit::Centimetre},
    {"viewingDistanceCm", &Brief::viewingDistanceCm, 10, 5000, 200, Unit::Centimetre},
    {"wantedKey", &Brief::wantedKey, -1, 2, -1, Unit::Count},
    {"wantedSpan", &Brief::wantedSpan, -1, 1, -1, Unit::Count}};

inline constexpr Number<PaintGround> kGroundNumbers[] = {
    {"threadsPerCm", &PaintGround::threadsPerCm, 3, 60, 14, Unit::Count},
    {"paperGsm", &PaintGround::paperGsm, 40, 1200, 300, Unit::Count},
    {"coats", &PaintGround::coats, 0, 8, 2, Unit::Count}, {"dryHours", &PaintGround::dryHours, 0, 500, 4, Unit::Count},
    {"grit", &PaintGround::grit, 0, 3000, 220, Unit::Count}};

inline constexpr Number<PlannedEdge> kPlannedEdgeNumbers[]
    = {{"reach", &PlannedEdge::reach, 0.01, 3, 0.15, Unit::Share}};

inline constexpr Number<Camera> kCameraNumbers[]
    = {{"horizonCm", &Camera::horizonCm, -2000, 4000, 16, Unit::Centimetre},
        {"eyeHeightM", &Camera::eyeHeightM, 0.05, 500, 1.7, Unit::Metre},
        {"fovDegrees", &Camera::fovDegrees, 5, 120, 50, Unit::Degree}};

inline constexpr Number<Backdrop> kBackdropNumbers[] = {{"horizon", &Backdrop::horizon, 0.02, 0.98, 0.5, Unit::Share},
    {"dimL", &Backdrop::dimL, 0, 60, 0, Unit::Lightness}, {"ownSun", &Backdrop::ownSun, 0, 4, 0, Unit::Times},
    {"ownKelvin", &Backdrop::ownKelvin, 1000, 20000, 5500, Unit::Kelvin}};

inline constexpr Number<Sun> kSunNumbers[] = {{"azimuth", &Sun::azimuth, -360, 720, 320, Unit::Degree},
    {"elevation", &Sun::elevation, -10, 90, 12, Unit::Degree},
    {"diameter", &Sun::diameter, 0.01, 60, 0.53, Unit::Degree},
    {"kelvin", &Sun::kelvin, 1000, 15000, 5200, Unit::Kelvin}, {"strength", &Sun::strength, 0, 50, 0.6, Unit::Times},
    {"hue", &Sun::hue, -1, 360, -1, Unit::Degree}, {"chroma", &Sun::chroma, 0, 120, 60, Unit::Ab}};

inline constexpr Number<Lantern> kLanternNumbers[] = {{"radius", &Lantern::radius, 0.005, 20, 0.12, Unit::Metre},
    {"kelvin", &Lantern::kelvin, 1000, 15000, 2100, Unit::Kelvin},
    {"reference", &Lantern::reference, 0.05, 500, 2, Unit::Metre},
    {"strength", &Lantern::strength, 0, 100, 1, Unit::Times}, {"hue", &Lantern::hue, -1, 360, -1, Unit::Degree},
    {"chroma", &Lantern::chroma, 0, 120, 60, Unit::Ab}, {"wide", &Lantern::wide, 0.01, 500, 0.9, Unit::Metre},
    {"high", &Lantern::high, 0.01, 500, 1.4, Unit::Metre}, {"deep", &Lantern::deep, 0.01, 500, 0.9, Unit::Metre},
    {"facing", &Lantern::facing, -360, 720, 180, Unit::Degree}, {"count", &Lantern::count, 2, 200, 24, Unit::Count}};

inline constexpr Number<LightGroup> kLightGroupNumbers[] = {{"stops", &LightGroup::stops, -10, 10, 0, Unit::Stops}};

inline constexpr Number<Mist> kMistNumbers[] = {{"z", &Mist::z, 0.2, 5000, 20, Unit::Metre},
    {"density", &Mist::density, 0, 1, 0.5, Unit::Share}, {"topM", &Mist::topM, 0.01, 1000, 1.5, Unit::Metre}};

inline constexpr Number<Drift> kDriftNumbers[] = {{"amount", &Drift::amount, 0, 1, 0.4, Unit::Share}};

inline constexpr Number<Air> kAirNumbers[] = {{"halfContrastM", &Air::halfContrastM, 0, 100000, 150, Unit::Metre},
    {"skyStrength", &Air::skyStrength, 0, 10, 1, Unit::Times}, {"wetness", &Air::wetness, 0, 1, 0.6, Unit::Share},
    {"exposureStops", &Air::exposureStops, -8, 8, 0, Unit::Stops},
    {"hazeTopM", &Air::hazeTopM, 0, 10000, 0, Unit::Metre}, {"spill", &Air::spill, 0, 2, 1, Unit::Share},
    {"bounce", &Air::bounce, 0, 2, 1, Unit::Share}, {"glow", &Air::glow, 0, 3, 1, Unit::Share},
    {"shafts", &Air::shafts, 0, 3, 0, Unit::Share}, {"vignette", &Air::vignette, 0, 1, 0, Unit::Share},
    {"vignetteReach", &Air::vignetteReach, 0.1, 2, 0.6, Unit::Share}, {"darks", &Air::darks, 0, 0.3, 0, Unit::Share},
    {"rainbow", &Air::rainbow, 0, 1, 0, Unit::Share}, {"halo", &Air::halo, 0, 1, 0, Unit::Share}};

inline constexpr Number<Tone> kToneNumbers[]
    = {{"darkFrom", &Tone::darkFrom, 0, 100, 0, Unit::Lightness}, {"darkTo", &Tone::darkTo, 0, 100, 0, Unit::Lightness},
        {"lightFrom", &Tone::lightFrom, 0, 100, 100, Unit::Lightness},
        {"lightTo", &Tone::lightTo, 0, 100, 100, Unit::Lightness}, {"a", &Tone::a, -100, 100, 0, Unit::Ab},
        {"b", &Tone::b, -100, 100, 0, Unit::Ab}, {"amount", &Tone::amount, 0, 1, 0, Unit::Share},
        {"saturation", &Tone::saturation, 0, 3, 1, Unit::Times}};

inline constexpr Number<Limb> kLimbNumbers[] = {{"swing", &Limb::swing, -180, 180, 0, Unit::Degree},
    {"spread", &Limb::spread, -60, 180, 0, Unit::Degree}, {"bend", &Limb::bend, 0, 160, 0, Unit::Degree}};

inline constexpr Number<Pose> kPoseNumbers[]
    = {{"stoop", &Pose::stoop, -90, 90, 0, Unit::Degree}, {"sway", &Pose::sway, -90, 90, 0, Unit::Degree},
        {"nod", &Pose::nod, -90, 90, 0, Unit::Degree}, {"turn", &Pose::turn, -90, 90, 0, Unit::Degree}};

inline constexpr Number<Standin> kStandinNumbers[] = {{"wide", &Standin::wide, 0.001, 1000, 0.5, Unit::Times},
    {"deep", &Standin::deep, 0.001, 1000, 0.5, Unit::Times}, {"count", &Standin::count, 1, 64, 8, Unit::Count},
    {"wall", &Standin::wall, 0, 0.5, 0, Unit::Times}, {"lightness", &Standin::lightness, 2, 98, 60, Unit::Lightness},
    {"hue", &Standin::hue, -360, 720, 60, Unit::Degree}, {"chroma", &Standin::chroma, 0, 80, 6, Unit::Ab},
    {"pathWidthM", &Standin::pathWidthM, 0.01, 1000, 2, Unit::Metre}};

inline constexpr Number<Pattern> kPatternNumbers[] = {{"sizeM", &Pattern::sizeM, 0.001, 100, 0.2, Unit::Metre},
    {"strength", &Pattern::strength, 0, 1, 0.5, Unit::Share}, {"fromL", &Pattern::fromL, 0, 100, 0, Unit::Lightness},
    {"toL", &Pattern::toL, 0, 100, 100, Unit::Lightness}, {"turn", &Pattern::turn, -360, 360, 0, Unit::Degree}};

inline constexpr Number<PictureLight> kPictureLightNumbers[]
    = {{"azimuth", &PictureLight::azimuth, -360, 720, 0, Unit::Degree},
        {"elevation", &PictureLight::elevation, -90, 90, 0, Unit::Degree},
        {"confidence", &PictureLight::confidence, 0, 1, 0, Unit::Share}};

inline constexpr Number<ReliefPart> kReliefPartNumbers[] = {{"tiltX", &ReliefPart::tiltX, -80, 80, 0, Unit::Degree},
    {"tiltY", &ReliefPart::tiltY, -80, 80, 0, Unit::Degree}, {"puff", &ReliefPart::puff, 0, 3, 1, Unit::Times}};

inline constexpr Number<Ridge> kRidgeNumbers[]
    = {{"height", &Ridge::height, -3, 3, 1, Unit::Times}, {"width", &Ridge::width, 0.005, 0.5, 0.08, Unit::Share}};

inline constexpr Number<FootWord> kFootWordNumbers[]
    = {{"at", &FootWord::at, 0, 1, 0.5, Unit::Share}, {"backM", &FootWord::backM, -50, 50, 0, Unit::Metre}};
inline constexpr Number<EyeBall> kEyeBallNumbers[] = {{"radius", &EyeBall::radius, 0.001, 0.5, 0.02, Unit::Share}};

inline constexpr Number<Element> kElementNumbers[] = {{"heightM", &Element::heightM, 0.01, 2000, 1, Unit::Metre},
    {"altitudeM", &Element::altitudeM, -2000, 2000, 0, Unit::Metre},
    {"footShare", &Element::footShare, -1, 1, -1, Unit::Share}, {"delight", &Element::delight, 0, 1, 0.7, Unit::Share},
    {"yaw", &Element::yaw, -360, 360, 0, Unit::Degree}, {"stretch", &Element::stretch, 0.2, 5, 1, Unit::Times},
    {"shear", &Element::shear, -45, 45, 0, Unit::Degree}, {"glow", &Element::glow, 0, 20, 1, Unit::Times},
    {"through", &Element::through, 0, 1, 0.5, Unit::Share}, {"rim", &Element::rim, 0, 1, 0, Unit::Share},
    {"fuzzCm", &Element::fuzzCm, 0.05, 50, 1, Unit::Centimetre}, {"meaning", &Element::meaning, 1, 4, 1, Unit::Times}};

inline constexpr Number<Overrule> kOverruleNumbers[] = {{"softness", &Overrule::softness, 0, 1, 0.5, Unit::Share},
    {"kelvin", &Overrule::kelvin, 1000, 25000, 5500, Unit::Kelvin},
    {"eyeLevel", &Overrule::eyeLevel, -20, 20, 0.5, Unit::Share}};

inline constexpr Number<Cutout> kCutoutNumbers[] = {{"bandPx", &Cutout::bandPx, 1, 200, 6, Unit::Pixel}};

inline constexpr Number<PlainGround> kPlainGroundNumbers[]
    = {{"tolerance", &PlainGround::tolerance, 0.5, 100, 8, Unit::DeltaE}};

inline constexpr Number<Guides> kGuidesNumbers[]
    = {{"spiralTurn", &Guides::spiralTurn, 0, 3, 0, Unit::Count}, {"rings", &Guides::rings, 1, 12, 4, Unit::Count}};

inline constexpr Number<Sheets> kSheetsNumbers[] = {{"overlapCm", &Sheets::overlapCm, 0, 5, 1, Unit::Centimetre},
    {"gridCm", &Sheets::gridCm, 0, 500, 0, Unit::Centimetre}, {"quarters", &Sheets::quarters, 0, 1, 0, Unit::Count},
    {"canvasWidthCm", &Sheets::canvasWidthCm, 0, 2000, 0, Unit::Centimetre},
    {"canvasHeightCm", &Sheets::canvasHeightCm, 0, 2000, 0, Unit::Centimetre},
    {"bleedCm", &Sheets::bleedCm, 0, 50, 0, Unit::Centimetre}, {"wrapCm", &Sheets::wrapCm, 0, 50, 0, Unit::Centimetre},
    {"bevelCm", &Sheets::bevelCm, 0, 50, 0, Unit::Centimetre},
    {"boardsAcross", &Sheets::boardsAcross, 1, 20, 1, Unit::Count},
    {"boardsDown", &Sheets::boardsDown, 1, 20, 1, Unit::Count},
    {"scaleCorrection", &Sheets::scaleCorrection, 0.9, 1.1, 1, Unit::Times},
    {"lines", &Sheets::lines, 0, 100, 70, Unit::Count}, {"lineMm", &Sheets::lineMm, 0.05, 5, 0.4, Unit::Millimetre},
    {"grey", &Sheets::grey, 5, 100, 100, Unit::Count}, {"mirrored", &Sheets::mirrored, 0, 1, 0, Unit::Count},
    {"darkGround", &Sheets::darkGround, 0, 1, 0, Unit::Count}, {"shadows", &Sheets::shadows, 0, 1, 0, Unit::Count},
    {"valueSteps", &Sheets::valueSteps, 0, 9, 0, Unit::Count},
    {"bridgeMm", &Sheets::bridgeMm, 0.5, 100, 4, Unit::Millimetre}};

inline constexpr Number<Tube> kTubeNumbers[] = {{"sizeMl", &Tube::sizeMl, 1, 5000, 60, Unit::Millilitre},
    {"leftMl", &Tube::leftMl, 0, 5000, 60, Unit::Millilitre}, {"price", &Tube::price, 0, 100000, 0, Unit::Count}};
inline constexpr Number<TubeCard> kTubeCardNumbers[]
    = {{"wetUm", &TubeCard::wetUm, 1, 5000, 100, Unit::Micrometre}, {"noise", &TubeCard::noise, 0.05, 10, 1, Unit::Ab}};
inline constexpr Number<MixPlan> kMixPlanNumbers[] = {{"puddles", &MixPlan::puddles, 8, 40, 24, Unit::Count},
    {"wetUm", &MixPlan::wetUm, 5, 1000, 120, Unit::Micrometre}, {"coats", &MixPlan::coats, 1, 12, 2, Unit::Count},
    {"loss", &MixPlan::loss, 0, 3, 0.25, Unit::Share},
    {"openMinutes", &MixPlan::openMinutes, 0.5, 10000, 12, Unit::Minute},
    {"paceCmPerMinute", &MixPlan::paceCmPerMinute, 0.1, 500, 4, Unit::Count},
    {"mergeDe", &MixPlan::mergeDe, 0, 10, 0, Unit::DeltaE},
    {"finestMm", &MixPlan::finestMm, 0.05, 50, 1, Unit::Millimetre},
    {"letDown", &MixPlan::letDown, 0, 100, 20, Unit::Count}};

inline constexpr Number<Painting> kPaintingNumbers[] = {{"humidity", &Painting::humidity, 5, 100, 50, Unit::Percent},
    {"dryer", &Painting::dryer, 0, 1, 0, Unit::Count}, {"pace", &Painting::pace, 0.1, 10, 1, Unit::Times},
    {"blockMm", &Painting::blockMm, 1, 300, 20, Unit::Millimetre},
    {"freshEyesHours", &Painting::freshEyesHours, 0, 1000, 24, Unit::Hour},
    {"varnishDays", &Painting::varnishDays, -1, 1000, -1, Unit::Day}};
inline constexpr Number<Diary> kDiaryNumbers[] = {{"roundDays", &Diary::roundDays, 1, 60, 7, Unit::Day}};
inline constexpr Number<FreeHours> kFreeHoursNumbers[] = {{"day", &FreeHours::day, 0, 59, 0, Unit::Count},
    {"from", &FreeHours::from, 0, 1440, 1140, Unit::Minute}, {"to", &FreeHours::to, 0, 1440, 1260, Unit::Minute}};
inline constexpr Number<DayHours> kDayHoursNumbers[]
    = {{"from", &DayHours::from, 0, 1440, 0, Unit::Minute}, {"to", &DayHours::to, 0, 1440, 1440, Unit::Minute}};
inline constexpr Number<TaskOverride> kTaskWordNumbers[] = {{"hours", &TaskOverride::hours, -1, 1000, -1, Unit::Hour},
    {"pieces", &TaskOverride::pieces, 1, 24, 1, Unit::Count},
    {"areaCm2", &TaskOverride::areaCm2, 0, 4e6, 0, Unit::Count}};
inline constexpr Number<WorkSpan> kWorkSpanNumbers[] = {{"seconds", &WorkSpan::seconds, 0, 1e6, 0, Unit::Count}};
inline constexpr Number<Sitting> kSittingNumbers[] = {{"utcMinutes", &Sitting::utcMinutes, -900, 900, 0, Unit::Minute},
    {"pausedSeconds", &Sitting::pausedSeconds, 0, 1e6, 0, Unit::Count}};
inline constexpr Number<CanvasPhoto> kCanvasPhotoNumbers[]
    = {{"greyLightness", &CanvasPhoto::greyLightness, 5, 100, 50, Unit::Lightness}};
inline constexpr Number<Tolerance> kToleranceNumbers[] = {{"times", &Tolerance::times, 0.25, 100, 1, Unit::Times}};

/// The table of a type. \pre there is one (else it does not compile)
template <class O> constexpr std::span<const Number<O>> numbersOf()
{
    if constexpr (std::is_same_v<O, Brief>)
        return kBriefNumbers;
    else if constexpr (std::is_same_v<O, Tube>)
        return kTubeNumbers;
    else if constexpr (std::is_same_v<O, TubeCard>)
        return kTubeCardNumbers;
    else if constexpr (std::is_same_v<O, MixPlan>)
        return kMixPlanNumbers;
    else if constexpr (std::is_same_v<O, Painting>)
        return kPaintingNumbers;
    else if constexpr (std::is_same_v<O, Diary>)
        return kDiaryNumbers;
    else if constexpr (std::is_same_v<O, FreeHours>)
        return kFreeHoursNumbers;
    else if constexpr (std::is_same_v<O, DayHours>)
        return kDayHoursNumbers;
    else if constexpr (std::is_same_v<O, TaskOverride>)
        return kTaskWordNumbers;
    else if constexpr (std::is_same_v<O, WorkSpan>)
        return kWorkSpanNumbers;
    else if constexpr (std::is_same_v<O, Sitting>)
        return kSittingNumbers;
    else if constexpr (std::is_same_v<O, CanvasPhoto>)
        return kCanvasPhotoNumbers;
    else if constexpr (std::is_same_v<O, Tolerance>)
        return kToleranceNumbers;
    else if constexpr (std::is_same_v<O, PaintGround>)
        return kGroundNumbers;
    else if constexpr (std::is_same_v<O, PlannedEdge>)
        return kPlannedEdgeNumbers;
    else if constexpr (std::is_same_v<O, Camera>)
        return kCameraNumbers;
    else if constexpr (std::is_same_v<O, Backdrop>)
        return kBackdropNumbers;
    else if constexpr (std::is_same_v<O, Sun>)
        return kSunNumbers;
    else if constexpr (std::is_same_v<O, Lantern>)
        return kLanternNumbers;
    else if constexpr (std::is_same_v<O, LightGroup>)
        return kLightGroupNumbers;
    else if constexpr (std::is_same_v<O, Mist>)
        return kMistNumbers;
    else if constexpr (std::is_same_v<O, Drift>)
        return kDriftNumbers;
    else if constexpr (std::is_same_v<O, Air>)
        return kAirNumbers;
    else if constexpr (std::is_same_v<O, Tone>)
        return kToneNumbers;
    else if constexpr (std::is_same_v<O, Limb>)
        return kLimbNumbers;
    else if constexpr (std::is_same_v<O, Pose>)
        return kPoseNumbers;
    else if constexpr (std::is_same_v<O, Standin>)
        return kStandinNumbers;
    else if constexpr (std::is_same_v<O, Pattern>)
        return kPatternNumbers;
    else if constexpr (std::is_same_v<O, PictureLight>)
        return kPictureLightNumbers;
    else if constexpr (std::is_same_v<O, ReliefPart>)
        return kReliefPartNumbers;
    else if constexpr (std::is_same_v<O, Ridge>)
        return kRidgeNumbers;
    else if constexpr (std::is_same_v<O, FootWord>)
        return kFootWordNumbers;
    else if constexpr (std::is_same_v<O, EyeBall>)
        return kEyeBallNumbers;
    else if constexpr (std::is_same_v<O, Element>)
        return kElementNumbers;
    else if constexpr (std::is_same_v<O, Overrule>)
        return kOverruleNumbers;
    else if constexpr (std::is_same_v<O, Cutout>)
        return kCutoutNumbers;
    else if constexpr (std::is_same_v<O, PlainGround>)
        return kPlainGroundNumbers;
    else if constexpr (std::is_same_v<O, Guides>)
        return kGuidesNumbers;
    else {
        static_assert(std::is_same_v<O, Sheets>, "this type has no table");
        return kSheetsNumbers;
    }
}

/// The row of a member. \pre it has one (asserted)
template <class O, class V> const Number<O>& numberAt(V O::*member)
{
    for (const Number<O>& n : numbersOf<O>()) {
        if constexpr (std::is_same_v<V, double>) {
            if (n.real == member)
                return n;
        } else if (n.whole == member) {
            return n;
        }
    }
    assert(!"this member has no row in its table");
    return numbersOf<O>()[0];
}

/// A row told without its type, for lists of all of them.
struct FieldTold {
    std::string object, key;
    double low = 0, high = 0, start = 0;
    Unit unit = Unit::Times;
};
std::vector<FieldTold> allFields();
/// docs/fields.md: every field as a table.
std::string fieldsPage();

} // namespace rl
