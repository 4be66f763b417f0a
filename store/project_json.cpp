#include "store/project_json.h"
#include "core/base/words.h"
#include "core/project/fields.h"
#include "core/project/permissions.h"
#include "core/project/schools.h"
#include "store/json_words.h"

namespace rl {
using nlohmann::json;

RL_JSON_WORDS(Form,
    {{Form::Puffed, "puffed"}, {Form::Ball, "ball"}, {Form::Column, "column"}, {Form::Slab, "slab"},
        {Form::Card, "card"}, {Form::Corner, "corner"}, {Form::Ground, "ground"}})
RL_JSON_WORDS(Material,
    {{Material::Matt, "matt"}, {Material::Satin, "satin"}, {Material::Wet, "wet"}, {Material::Glowing, "glowing"},
        {Material::Glass, "glass"}, {Material::Gloss, "gloss"}, {Material::Thin, "thin"}})
RL_JSON_WORDS(LampKind, {{LampKind::Flame, "flame"}, {LampKind::Panel, "panel"}, {LampKind::Swarm, "swarm"}})
RL_JSON_WORDS(DriftKind,
    {{DriftKind::None, "none"}, {DriftKind::Dust, "dust"}, {DriftKind::Sparks, "sparks"}, {DriftKind::Rain, "rain"}})
RL_JSON_WORDS(LengthUnit, {{LengthUnit::Centimetre, "cm"}, {LengthUnit::Inch, "in"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vec2, x, y)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vec3, x, y, z)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Rect, x, y, width, height)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(CastMember, id, name, place)
RL_JSON_WORDS(Format, {{Format::Rectangle, "rectangle"}, {Format::Oval, "oval"}, {Format::Free, "free"}})
RL_JSON_WORDS(Support,
    {{Support::Canvas, "canvas"}, {Support::Board, "board"}, {Support::Paper, "paper"}, {Support::Panel, "panel"}})
RL_JSON_WORDS(Toning,
    {{Toning::White, "white"}, {Toning::MiddleTone, "middle"}, {Toning::Complement, "complement"},
        {Toning::Darkest, "darkest"}})
RL_JSON_NUMBERS_AND(PaintGround, support, toning)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Clue, id, words, cast, element, part)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Idea, id, words, clues)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Fact, id, words, source, element, checked)
/// Schools are kept by their words, so that another order of the list changes nothing.
struct SchoolsKept {
    std::array<int, kSchoolCount> chosen{};
};
inline void to_json(json& j, const SchoolsKept& s)
{
    j = json::object();
    for (const SchoolSpec& spec : schools())
        if (const int i = s.chosen[std::size_t(spec.school)])
            j[spec.key] = spec.choices[std::size_t(i)].key;
}
inline void from_json(const json& j, SchoolsKept& s)
{
    for (const SchoolSpec& spec : schools()) {
        const std::string said = j.value(spec.key, std::string(spec.choices[0].key));
        const auto at
            = std::find_if(spec.choices.begin(), spec.choices.end(), [&](const auto& c) { return said == c.key; });
        if (at == spec.choices.end())
            throw store::UnknownWord{said.substr(0, 60)};
        s.chosen[std::size_t(spec.school)] = int(at - spec.choices.begin());
    }
}
inline void to_json(json& j, const Brief& b)
{
    store::numbersTo(j, b);
    j.update({{"title", b.title}, {"unit", b.unit}, {"medium", b.medium}, {"cast", b.cast}, {"format", b.format},
        {"outline", b.outline}, {"deadline", b.deadline}, {"ground", b.ground}, {"schools", SchoolsKept{b.schools}},
        {"valueBounds", b.valueBounds}, {"ideas", b.ideas}, {"facts", b.facts}});
}
inline void from_json(const json& j, Brief& b)
{
    store::numbersFrom(j, b);
    const auto take = [&](const char* key, auto& value) { value = j.value(key, value); };
    take("title", b.title), take("unit", b.unit), take("medium", b.medium), take("cast", b.cast);
    take("format", b.format), take("outline", b.outline), take("deadline", b.deadline), take("ground", b.ground);
    take("valueBounds", b.valueBounds), take("ideas", b.ideas), take("facts", b.facts);
    b.schools = j.value("schools", SchoolsKept{}).chosen;
}
RL_JSON_WORDS(PaintMedium,
    {{PaintMedium::AcrylicHeavy, "acrylic heavy"}, {PaintMedium::AcrylicFluid, "acrylic fluid"},
        {PaintMedium::AcrylicGouache, "acrylic gouache"}, {PaintMedium::Gouache, "gouache"}, {PaintMedium::Oil, "oil"},
        {PaintMedium::Watercolour, "watercolour"}})
RL_JSON_WORDS(Finish, {{Finish::Gloss, "gloss"}, {Finish::Satin, "satin"}, {Finish::Matt, "matt"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Patch, read, lab)
RL_JSON_NUMBERS_AND(TubeCard, masstone, tint2, tint10, overWhite, overBlack, date)
RL_JSON_NUMBERS_AND(Tube, id, pigment, name, chosen, card)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PaintBox, id, name, medium, tubes)
RL_JSON_NUMBERS_AND(MixPlan, box, finish)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(KnownPuddle, number, take, element, light, lab, mixed)
RL_JSON_WORDS(WorkKind,
    {{WorkKind::Prepare, "prepare"}, {WorkKind::Tone, "tone"}, {WorkKind::Carry, "carry"},
        {WorkKind::BlockIn, "block in"}, {WorkKind::Pass, "pass"}, {WorkKind::Darks, "darks"},
        {WorkKind::Middles, "middles"}, {WorkKind::Lights, "lights"}, {WorkKind::Glaze, "glaze"},
        {WorkKind::Detail, "details"}, {WorkKind::Accent, "accents"}, {WorkKind::Look, "fresh eyes"},
        {WorkKind::Check, "facts"}, {WorkKind::Sign, "sign"}, {WorkKind::Varnish, "varnish"},
        {WorkKind::Other, "other"}})
RL_JSON_NUMBERS(FreeHours)
RL_JSON_NUMBERS_AND(DayHours, date, free)
RL_JSON_NUMBERS_AND(Diary, roundFrom, hours, days)
RL_JSON_NUMBERS_AND(TaskOverride, task, done, dropped, into, before, words, kind, element, paint)
RL_JSON_NUMBERS_AND(WorkSpan, task, kind, element, at)
RL_JSON_NUMBERS_AND(Sitting, id, began, spans, notes, paints)
RL_JSON_NUMBERS_AND(CanvasPhoto, id, reference, at, task, corners, grey)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Decision, id, at, words, reason, scrapped, photo)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Accepted, id, photo, part)
RL_JSON_NUMBERS_AND(Tolerance, element)
RL_JSON_NUMBERS_AND(
    Painting, diary, from, tasks, sittings, photos, decisions, accepted, tolerances, signatureAt, signature)
RL_JSON_NUMBERS(PictureLight)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(OutlinePoint, at, curved)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Outline, points, hole)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Pin, from, to)
RL_JSON_NUMBERS_AND(PlainGround, at)
RL_JSON_NUMBERS(Tone)
RL_JSON_NUMBERS_AND(Overrule, lightSet, softnessSet, kelvinSet, eyeLevelSet, light)
RL_JSON_WORDS(Solid,
    {{Solid::None, "none"}, {Solid::Shape, "shape"}, {Solid::Box, "box"}, {Solid::Stair, "stair"},
        {Solid::Arch, "arch"}, {Solid::Column, "column"}, {Solid::Cone, "cone"}, {Solid::Tent, "tent"},
        {Solid::Wheel, "wheel"}, {Solid::Tree, "tree"}, {Solid::Figure, "figure"}, {Solid::Turned, "turned"},
        {Solid::Path, "path"}})
RL_JSON_WORDS(
    Track, {{Track::Causeway, "causeway"}, {Track::Canal, "canal"}, {Track::Rail, "rail"}, {Track::Stairs, "stairs"}})
RL_JSON_WORDS(PatternKind,
    {{PatternKind::None, "none"}, {PatternKind::Tiles, "tiles"}, {PatternKind::Scales, "scales"},
        {PatternKind::Weave, "weave"}, {PatternKind::Stripes, "stripes"}})
RL_JSON_WORDS(Facing,
    {{Facing::Unknown, "unknown"}, {Facing::Left, "left"}, {Facing::Right, "right"}, {Facing::Viewer, "viewer"},
        {Facing::Away, "away"}})
RL_JSON_NUMBERS(Limb)
RL_JSON_NUMBERS_AND(Pose, leftArm, rightArm, leftLeg, rightLeg)
RL_JSON_NUMBERS_AND(Standin, solid, outlines, profile, pose, track, path)
RL_JSON_NUMBERS_AND(Pattern, kind)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(UsualHeight, name, metres, least, most, person)
RL_JSON_NUMBERS_AND(ReliefPart, outline, form, own)
RL_JSON_NUMBERS_AND(Ridge, line)
RL_JSON_NUMBERS_AND(FootWord, aloft)
RL_JSON_NUMBERS_AND(EyeBall, at)
RL_JSON_WORDS(EdgeWish,
    {{EdgeWish::Lost, "lost"}, {EdgeWish::Soft, "soft"}, {EdgeWish::Firm, "firm"}, {EdgeWish::Hard, "hard"},
        {EdgeWish::DarkLine, "dark line"}, {EdgeWish::LightLine, "light line"}})
RL_JSON_NUMBERS_AND(PlannedEdge, at, wish)
RL_JSON_NUMBERS_AND(Element, id, name, cast, cutout, baseCm, mirrored, form, material, ownLightSet, ownLight, tone,
    standin, pattern, group, locked, inside, step, kinOf, usual, notes, facing, parts, ridges, eyes, feet, edges, quiet)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Group, id, name)
RL_JSON_NUMBERS_AND(Guides, shown, corners, meet)
RL_JSON_NUMBERS(Camera)
RL_JSON_NUMBERS_AND(Backdrop, reference, tone)
RL_JSON_NUMBERS_AND(Sun, on)
RL_JSON_NUMBERS_AND(Lantern, id, name, on, position, kind, hidden, within, carriedBy, group)
RL_JSON_NUMBERS_AND(LightGroup, id, name, on)
RL_JSON_NUMBERS_AND(Mist, name, on)
RL_JSON_NUMBERS_AND(Drift, kind)
RL_JSON_NUMBERS_AND(Air, vignetteAt, mists, drift)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Lights, sun, lanterns, air, groups)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Scene, elements, groups, camera, backdrop, lights)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Take, id, name, letter, scene, aside, reason)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Vote, who, take, words)
RL_JSON_WORDS(CanvasFit, {{CanvasFit::Crop, "crop"}, {CanvasFit::Extend, "extend"}, {CanvasFit::Inset, "inset"}})
RL_JSON_NUMBERS_AND(Sheets, paper, fit, traced)
} // namespace rl

namespace rl::store {

namespace {
constexpr int kFormat = 2; ///< 1: a cut-out stood on the middle of its box

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
    for (const json& n : names) {
        const auto at = std::find(std::begin(kRoles), std::end(kRoles), n.get<std::string>());
        if (at == std::end(kRoles))
            throw UnknownWord{n.get<std::string>().substr(0, 60)};
        roles |= 1U << (at - std::begin(kRoles));
    }
    return roles;
}

Reference referenceFrom(const json& r)
{
    Reference ref;
    ref.id = r.value("id", 0);
    ref.name = r.value("name", std::string());
    ref.credit = r.value("credit", std::string());
    const std::string permission = r.value("permission", std::string());
    if (const auto known = permissionOf(permission); known || !permission.empty()) {
        const SaidPermission said = permissionSaid(permission); // an older file holds words
        ref.permission = said.permission;
        ref.permissionNote = known ? r.value("permissionNote", std::string()) : said.note;
    }
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
    json j{{"format", kFormat}, {"brief", p.brief}, {"elements", p.elements}, {"camera", p.camera},
        {"backdrop", p.backdrop}, {"lights", p.lights}, {"sheets", p.sheets}, {"groups", p.groups}, {"takes", p.takes},
        {"take", p.take}, {"votes", p.votes}, {"guides", p.guides}, {"boxes", p.boxes}, {"mix", p.mix},
        {"puddles", p.puddles}, {"painting", p.painting}, {"heights", p.heights}, {"setAside", p.setAside},
        {"lead", p.lead}, {"lastId", p.lastId}, {"references", json::array()}, {"cutouts", json::array()}};
    for (const Reference& r : p.references)
        j["references"].push_back({{"id", r.id}, {"name", r.name}, {"sha256", r.sha256()},
            {"px", {r.pixels.width(), r.pixels.height()}}, {"credit", r.credit}, {"permission", keyOf(r.permission)},
            {"permissionNote", r.permissionNote}, {"source", r.source}, {"notes", r.notes}, {"roles", rolesOf(r)},
            {"heap", r.heap}, {"hung", r.hung}, {"wallAt", r.wallAt}, {"overrule", r.overrule}});
    for (const Cutout& c : p.cutouts)
        j["cutouts"].push_back({{"id", c.id}, {"reference", c.reference}, {"pieces", c.pieces}, {"bandPx", c.bandPx},
            {"pins", c.pins}, {"grounds", c.grounds}, {"matte", c.alpha.empty() ? std::string() : matteOf(c.alpha)},
            {"strokes", c.strokes.empty() ? std::string() : matteOf(c.strokes)}});
    return j;
}

namespace {
/// What an older work says is read as it was meant then.
void upgrade(Project& p, int format)
{
    if (format >= 2)
        return;
    const auto stand = [](Scene& s) {
        for (Element& e : s.elements)
            if (e.cutout)
                e.footShare = 0.5;
    };
    stand(p);
    for (Take& t : p.takes)
        stand(t.scene);
}

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
    p.boxes = j.value("boxes", std::vector<PaintBox>{});
    p.mix = j.value("mix", MixPlan{});
    p.puddles = j.value("puddles", std::vector<KnownPuddle>{});
    p.painting = j.value("painting", Painting{});
    p.heights = j.value("heights", std::vector<UsualHeight>{});
    p.setAside = j.value("setAside", std::map<std::string, std::string>{});
    p.lead = j.value("lead", 0);
    p.lastId = j.value("lastId", 0);
    for (const json& r : j.value("references", json::array())) {
        const auto px = r.value("px", std::vector<int>{});
        const bool sized = px.size() == 2 && px[0] > 0 && px[1] > 0 && px[0] <= 100000 && px[1] <= 100000;
        auto filled
            = source.picture(referenceFrom(r), r.value("sha256", std::string()), sized ? px[0] : 0, sized ? px[1] : 0);
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
    upgrade(p, j.value("format", 1));
    repair(p);
    return p;
}
} // namespace

namespace {
/// A number that is none (NaN, ±∞) is written as null: it takes its default, in a list 0.
json withoutNulls(json j)
{
    if (j.is_object())
        for (auto it = j.begin(); it != j.end();)
            it = it->is_null() ? j.erase(it) : (*it = withoutNulls(std::move(*it)), std::next(it));
    else if (j.is_array())
        for (json& item : j)
            item = item.is_null() ? json(0) : withoutNulls(std::move(item));
    return j;
}
} // namespace

Result<Project> fromJson(const json& j, const PixelSource& source)
{
    try {
        return read(withoutNulls(j), source);
    } catch (const UnknownWord& e) {
        return Error{ErrorKind::Newer,
            tr("This work says “%1” where this version knows no such word; it was made by a later one.", e.word),
            e.word};
    } catch (const json::exception& e) {
        return Error{ErrorKind::Damaged, tr("The work's own description is damaged."), e.what()};
    }
}

std::string sittingText(const Sitting& sitting)
{
    return json(sitting).dump(-1, ' ', false, json::error_handler_t::replace);
}

Result<Sitting> sittingFrom(const std::string& text)
{
    try {
        return withoutNulls(json::parse(text)).get<Sitting>();
    } catch (const UnknownWord& e) {
        return Error{ErrorKind::Newer, tr("The sitting holds a term that this version does not know."), e.word};
    } catch (const json::exception& e) {
        return Error{ErrorKind::Damaged, tr("The sitting that was under way cannot be read."), e.what()};
    }
}

} // namespace rl::store
