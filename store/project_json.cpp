#include "store/project_json.h"
#include <nlohmann/json.hpp>

namespace rl {
using nlohmann::json;

NLOHMANN_JSON_SERIALIZE_ENUM(Form,
    {{Form::Puffed, "puffed"}, {Form::Ball, "ball"}, {Form::Column, "column"}, {Form::Slab, "slab"},
        {Form::Card, "card"}, {Form::Corner, "corner"}, {Form::Ground, "ground"}})
NLOHMANN_JSON_SERIALIZE_ENUM(Material,
    {{Material::Matt, "matt"}, {Material::Satin, "satin"}, {Material::Wet, "wet"}, {Material::Glowing, "glowing"},
        {Material::Glass, "glass"}, {Material::Gloss, "gloss"}, {Material::Thin, "thin"}})
NLOHMANN_JSON_SERIALIZE_ENUM(
    LampKind, {{LampKind::Flame, "flame"}, {LampKind::Panel, "panel"}, {LampKind::Swarm, "swarm"}})
NLOHMANN_JSON_SERIALIZE_ENUM(DriftKind,
    {{DriftKind::None, "none"}, {DriftKind::Dust, "dust"}, {DriftKind::Sparks, "sparks"}, {DriftKind::Rain, "rain"}})
NLOHMANN_JSON_SERIALIZE_ENUM(LengthUnit, {{LengthUnit::Centimetre, "cm"}, {LengthUnit::Inch, "in"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vec2, x, y)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vec3, x, y, z)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(CastMember, id, name)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Brief, title, widthCm, heightCm, unit, medium, viewingDistanceCm, cast)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PictureLight, azimuth, elevation, confidence)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(OutlinePoint, at, curved)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Outline, points, hole)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Pin, from, to)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PlainGround, at, tolerance)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Tone, darkFrom, darkTo, lightFrom, lightTo, a, b, amount)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(
    Overrule, lightSet, softnessSet, kelvinSet, eyeLevelSet, light, softness, kelvin, eyeLevel)
NLOHMANN_JSON_SERIALIZE_ENUM(Solid,
    {{Solid::None, "none"}, {Solid::Shape, "shape"}, {Solid::Box, "box"}, {Solid::Stair, "stair"},
        {Solid::Arch, "arch"}, {Solid::Column, "column"}, {Solid::Cone, "cone"}, {Solid::Tent, "tent"},
        {Solid::Wheel, "wheel"}, {Solid::Tree, "tree"}, {Solid::Figure, "figure"}, {Solid::Turned, "turned"},
        {Solid::Path, "path"}})
NLOHMANN_JSON_SERIALIZE_ENUM(
    Track, {{Track::Causeway, "causeway"}, {Track::Canal, "canal"}, {Track::Rail, "rail"}, {Track::Stairs, "stairs"}})
NLOHMANN_JSON_SERIALIZE_ENUM(PatternKind,
    {{PatternKind::None, "none"}, {PatternKind::Tiles, "tiles"}, {PatternKind::Scales, "scales"},
        {PatternKind::Weave, "weave"}, {PatternKind::Stripes, "stripes"}})
NLOHMANN_JSON_SERIALIZE_ENUM(Facing,
    {{Facing::Unknown, "unknown"}, {Facing::Left, "left"}, {Facing::Right, "right"}, {Facing::Viewer, "viewer"},
        {Facing::Away, "away"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Limb, swing, spread, bend)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Pose, leftArm, rightArm, leftLeg, rightLeg, stoop, sway, nod, turn)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(
    Standin, solid, wide, deep, count, wall, lightness, hue, chroma, outlines, profile, pose, track, path, pathWidthM)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Pattern, kind, sizeM, strength, fromL, toL, turn)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(UsualHeight, name, metres, least, most, person)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(ReliefPart, outline, form, own, tiltX, tiltY, puff)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Ridge, line, height, width)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(EyeBall, at, radius)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Element, id, name, cast, cutout, baseCm, heightM, altitudeM, mirrored,
    form, material, delight, ownLightSet, ownLight, tone, standin, yaw, stretch, shear, pattern, group, locked, inside,
    step, kinOf, usual, notes, facing, glow, through, rim, parts, ridges, eyes)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Group, id, name)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Guides, shown, spiralTurn, corners, meet, rings)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Camera, horizonCm, eyeHeightM, fovDegrees)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Backdrop, reference, horizon, dimL)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Sun, on, azimuth, elevation, diameter, kelvin, strength, hue, chroma)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Lantern, id, name, on, position, radius, kelvin, reference, strength,
    kind, hue, chroma, hidden, wide, high, deep, facing, count, within, group)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(LightGroup, id, name, on, stops)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Mist, name, on, z, density, topM)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Drift, kind, amount)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Air, halfContrastM, skyStrength, wetness, exposureStops, hazeTopM,
    spill, bounce, glow, shafts, vignette, vignetteAt, vignetteReach, mists, drift)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Lights, sun, lanterns, air, groups)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Scene, elements, groups, camera, backdrop, lights)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Take, id, name, letter, scene, aside, reason)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vote, who, take, words)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Sheets, paper, overlapCm, gridCm)
} // namespace rl

namespace rl::store {

namespace {
constexpr const char* kRoles[kRoleCount]
    = {"whole figure", "face", "pose", "light", "texture", "pattern", "palette", "place"};

json rolesOf(const Reference& r)
{
    json names = json::array();
    for (int i = 0; i < kRoleCount; ++i)
        if (r.is(Role(i)))
            names.push_back(kRoles[i]);
    return names;
}
std::uint32_t rolesFrom(const json& names)
{
    std::uint32_t roles = 0;
    for (const json& n : names)
        for (unsigned i = 0; i < kRoleCount; ++i)
            if (n == kRoles[i])
                roles |= 1U << i;
    return roles;
}

Reference referenceFrom(const json& r)
{
    Reference ref;
    ref.id = r.value("id", 0);
    ref.name = r.value("name", std::string());
    ref.sha256 = r.value("sha256", std::string());
    ref.credit = r.value("credit", std::string());
    ref.permission = r.value("permission", std::string());
    ref.source = r.value("source", std::string());
    ref.notes = r.value("notes", std::string());
    ref.roles = rolesFrom(r.value("roles", json::array()));
    ref.heap = r.value("heap", std::string());
    ref.hung = r.value("hung", false);
    ref.wallAt = r.value("wallAt", Vec2{});
    ref.overrule = r.value("overrule", Overrule{});
    return ref;
}
} // namespace

nlohmann::json toJson(const Project& p, const std::function<std::string(const Mask&)>& matteOf)
{
    json j{{"brief", p.brief}, {"elements", p.elements}, {"camera", p.camera}, {"backdrop", p.backdrop},
        {"lights", p.lights}, {"sheets", p.sheets}, {"groups", p.groups}, {"takes", p.takes}, {"take", p.take},
        {"votes", p.votes}, {"guides", p.guides}, {"heights", p.heights}, {"setAside", p.setAside}, {"lead", p.lead},
        {"lastId", p.lastId}, {"references", json::array()}, {"cutouts", json::array()}};
    for (const Reference& r : p.references)
        j["references"].push_back({{"id", r.id}, {"name", r.name}, {"sha256", r.sha256},
            {"px", {r.pixels.width(), r.pixels.height()}}, {"credit", r.credit}, {"permission", r.permission},
            {"source", r.source}, {"notes", r.notes}, {"roles", rolesOf(r)}, {"heap", r.heap}, {"hung", r.hung},
            {"wallAt", r.wallAt}, {"overrule", r.overrule}});
    for (const Cutout& c : p.cutouts)
        j["cutouts"].push_back({{"id", c.id}, {"reference", c.reference}, {"pieces", c.pieces}, {"bandPx", c.bandPx},
            {"pins", c.pins}, {"grounds", c.grounds}, {"matte", c.alpha.empty() ? std::string() : matteOf(c.alpha)},
            {"strokes", c.strokes.empty() ? std::string() : matteOf(c.strokes)}});
    return j;
}

namespace {
Result<Project> read(const json& j, const PixelSource& source)
{
    Project p;
    p.brief = j.value("brief", Brief{});
    p.elements = j.value("elements", std::vector<Element>{});
    p.camera = j.value("camera", Camera{});
    p.backdrop = j.value("backdrop", Backdrop{});
    p.lights = j.value("lights", Lights{});
    p.sheets = j.value("sheets", Sheets{});
    p.groups = j.value("groups", std::vector<Group>{});
    p.takes = j.value("takes", std::vector<Take>{});
    p.take = j.value("take", 0);
    p.votes = j.value("votes", std::vector<Vote>{});
    p.guides = j.value("guides", Guides{});
    p.heights = j.value("heights", std::vector<UsualHeight>{});
    p.setAside = j.value("setAside", std::map<std::string, std::string>{});
    p.lead = j.value("lead", 0);
    p.lastId = j.value("lastId", 0);
    for (const json& r : j.value("references", json::array())) {
        const auto px = r.value("px", std::vector<int>{});
        const bool sized = px.size() == 2 && px[0] > 0 && px[1] > 0 && px[0] <= 100000 && px[1] <= 100000;
        auto filled = source.picture(referenceFrom(r), sized ? px[0] : 0, sized ? px[1] : 0);
        if (!filled)
            return filled.error();
        p.references.push_back(filled.take());
    }
    for (const json& c : j.value("cutouts", json::array())) {
        Cutout cut;
        cut.id = c.value("id", 0);
        cut.reference = c.value("reference", 0);
        cut.pieces = c.value("pieces", std::vector<Outline>{});
        cut.bandPx = c.value("bandPx", 6.0);
        cut.pins = c.value("pins", std::vector<Pin>{});
        cut.grounds = c.value("grounds", std::vector<PlainGround>{});
        for (const auto& [field, mask] : {std::pair("matte", &cut.alpha), std::pair("strokes", &cut.strokes)}) {
            const std::string name = c.value(field, std::string());
            if (name.empty())
                continue;
            auto read = source.matte(name);
            if (!read)
                return read.error();
            *mask = read.take();
        }
        p.cutouts.push_back(std::move(cut));
    }
    repair(p);
    return p;
}
} // namespace

Result<Project> fromJson(const json& j, const PixelSource& source)
{
    try {
        return read(j, source);
    } catch (const json::exception& e) {
        return Error{Kind::Damaged, "The work's own description is damaged.", e.what()};
    }
}

} // namespace rl::store
