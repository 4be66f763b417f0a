#include "core/project/schools.h"
#include "core/base/words.h"
#include <algorithm>

namespace rl {

namespace {
constexpr SchoolChoice kFocus[] = {
    {"free", later("anywhere"), later("The lead may stand anywhere; its place is only measured.")},
    {"thirds", later("on a third"), later("The lead stands near where two thirds cross; what is farther off is said.")},
    {"golden", later("golden division"), later("The lead stands near 0.382 or 0.618 of the width and of the height.")},
    {"centre", later("in the middle"), later("The lead stands in the middle, still and solemn.")},
    {"diagonals", later("on a diagonal"), later("The lead stands on a diagonal, or at the top of a pyramid.")},
    {"lines", later("where lines meet"), later("The lead stands where the lines of the picture converge.")}};
constexpr SchoolChoice kSequence[]
    = {{"all-over", later("back to front, all over"), later("The whole picture grows in layers, far things first.")},
        {"sections", later("section by section"), later("One part is finished before the next is begun.")},
        {"subject", later("subject first"), later("The lead is painted first; all else is held against it.")}};
constexpr SchoolChoice kDarks[]
    = {{"medium", later("as the medium asks"), later("Opaque paint: darks first. Watercolour: lights first.")},
        {"darks", later("darks first"), later("Darks are laid in first, and the lightest lights kept for last.")},
        {"middle", later("from a middle tone"),
            later("A middle tone lies under everything; lights and darks go both ways from it.")},
        {"lights", later("lights first"), later("The white of the ground is kept; every layer darkens.")}};
constexpr SchoolChoice kBlack[]
    = {{"used", later("used, never left flat"), later("Black from a tube is used, and glazed over so that it lives.")},
        {"mixed", later("mixed darks only"), later("Darks are mixed of colours; no tube of black on the palette.")},
        {"near", later("near-black, near-white"),
            later("Nothing is painted under L* 12 or over L* 95; both are kept for accents of light.")}};
constexpr SchoolChoice kDrawing[]
    = {{"medium", later("as the medium asks"), later("Transparent paint needs an exact line; opaque paint covers it.")},
        {"exact", later("measured, tight line"), later("Landmarks are measured and the line is exact before paint.")},
        {"loose", later("loose blocks"), later("Masses are blocked in; opaque paint finds the edge.")}};
constexpr SchoolChoice kPlan[]
    = {{"follow", later("followed closely"), later("Drift from the plan is said at its usual tolerance.")},
        {"free", later("let go"),
            later("Where the paint is better, the plan gives way; tolerances are doubled and nothing nags.")}};
constexpr SchoolChoice kGround[]
    = {{"middle", later("middle tone"), later("A middle tone shows lights and darks at once.")},
        {"white", later("white"), later("A white ground keeps transparent colour bright.")},
        {"dark", later("dark"), later("A dark ground saves the darks; lights must be opaque.")},
        {"scene", later("complementary or scene colour"),
            later("What shows through vibrates against, or holds together, what lies over it.")}};
constexpr SchoolChoice kBlending[]
    = {{"strokes", later("strokes show"), later("Edges are made by strokes laid side by side.")},
        {"smooth", later("smooth"), later("Passages are blended while wet; open time counts.")}};
constexpr SchoolChoice kGlazing[] = {
    {"medium", later("as the medium asks"), later("Glazes are thinned with what the medium takes.")},
    {"water", later("water only"),
        later("Glazes are thinned with water alone; not more than about a third, or the film grows weak.")},
    {"glazing", later("glazing medium"), later("Glazes are made with a glazing medium, which keeps the film strong.")}};

constexpr SchoolSpec kSchools[kSchoolCount] = {{School::Focus, "focus", later("Where the focus goes"), kFocus},
    {School::Sequence, "sequence", later("Order of painting"), kSequence},
    {School::Darks, "darks", later("Darks and lights"), kDarks},
    {School::Black, "black", later("Black from a tube"), kBlack},
    {School::Drawing, "drawing", later("How exact the drawing"), kDrawing},
    {School::Plan, "plan", later("The plan while painting"), kPlan},
    {School::Ground, "ground", later("Tone of the ground"), kGround},
    {School::Blending, "blending", later("Blending"), kBlending},
    {School::Glazing, "glazing", later("Glazing with"), kGlazing}};
} // namespace

std::span<const SchoolSpec> schools()
{
    return kSchools;
}

const SchoolChoice& choiceOf(const Brief& b, School school)
{
    const SchoolSpec& spec = schoolSpec(school);
    return spec.choices[std::size_t(std::clamp(b.school(school), 0, int(spec.choices.size()) - 1))];
}

} // namespace rl
