#include "core/project/schools.h"
#include "core/base/words.h"
#include <algorithm>

namespace rl {

namespace {
constexpr SchoolChoice kFocus[]
    = {{"free", translatable("anywhere"), translatable("The lead may stand anywhere; its place is only measured.")},
        {"thirds", translatable("on a third"),
            translatable("The main subject stands near where two thirds cross; you are warned if it is farther off.")},
        {"golden", translatable("golden division"),
            translatable("The lead stands near 0.382 or 0.618 of the width and of the height.")},
        {"centre", translatable("in the middle"), translatable("The lead stands in the middle, still and solemn.")},
        {"diagonals", translatable("on a diagonal"),
            translatable("The lead stands on a diagonal, or at the top of a pyramid.")},
        {"lines", translatable("where lines meet"),
            translatable("The lead stands where the lines of the picture converge.")}};
constexpr SchoolChoice kSequence[] = {{"all-over", translatable("back to front, all over"),
                                          translatable("The whole picture grows in layers, far things first.")},
    {"sections", translatable("section by section"), translatable("One part is finished before the next is begun.")},
    {"subject", translatable("subject first"),
        translatable("The lead is painted first; all else is held against it.")}};
constexpr SchoolChoice kDarks[] = {{"medium", translatable("as the medium asks"),
                                       translatable("Opaque paint: darks first. Watercolour: lights first.")},
    {"darks", translatable("darks first"),
        translatable("Darks are laid in first, and the lightest lights kept for last.")},
    {"middle", translatable("from a middle tone"),
        translatable("A middle tone lies under everything; lights and darks go both ways from it.")},
    {"lights", translatable("lights first"), translatable("The white of the ground is kept; every layer darkens.")}};
constexpr SchoolChoice kBlack[] = {{"used", translatable("used, never left flat"),
                                       translatable("Black from a tube is used, and glazed over so that it lives.")},
    {"mixed", translatable("mixed darks only"),
        translatable("Darks are mixed of colours; no tube of black on the palette.")},
    {"near", translatable("near-black, near-white"),
        translatable("Nothing is painted under L* 12 or over L* 95; both are kept for accents of light.")}};
constexpr SchoolChoice kDrawing[]
    = {{"medium", translatable("as the medium asks"),
           translatable("Transparent paint needs an exact line; opaque paint covers it.")},
        {"exact", translatable("measured, tight line"),
            translatable("Landmarks are measured and the line is exact before paint.")},
        {"loose", translatable("loose blocks"), translatable("Masses are blocked in; opaque paint finds the edge.")}};
constexpr SchoolChoice kPlan[] = {{"follow", translatable("followed closely"),
                                      translatable("You are warned of drift from the plan at the usual tolerance.")},
    {"free", translatable("let go"),
        translatable("Where the paint is better, the plan gives way; tolerances are doubled and nothing nags.")}};
constexpr SchoolChoice kGround[]
    = {{"middle", translatable("middle tone"), translatable("A middle tone shows lights and darks at once.")},
        {"white", translatable("white"), translatable("A white ground keeps transparent colour bright.")},
        {"dark", translatable("dark"), translatable("A dark ground saves the darks; lights must be opaque.")},
        {"scene", translatable("complementary or scene colour"),
            translatable("What shows through vibrates against, or holds together, what lies over it.")}};
constexpr SchoolChoice kBlending[]
    = {{"strokes", translatable("strokes show"), translatable("Edges are made by strokes laid side by side.")},
        {"smooth", translatable("smooth"), translatable("Passages are blended while wet; open time counts.")}};
constexpr SchoolChoice kGlazing[]
    = {{"medium", translatable("as the medium asks"), translatable("Glazes are thinned with what the medium takes.")},
        {"water", translatable("water only"),
            translatable("Glazes are thinned with water alone; not more than about a third, or the film grows weak.")},
        {"glazing", translatable("glazing medium"),
            translatable("Glazes are made with a glazing medium, which keeps the film strong.")}};

constexpr SchoolSpec kSchools[kSchoolCount] = {{School::Focus, "focus", translatable("Where the focus goes"), kFocus},
    {School::Sequence, "sequence", translatable("Order of painting"), kSequence},
    {School::Darks, "darks", translatable("Darks and lights"), kDarks},
    {School::Black, "black", translatable("Black from a tube"), kBlack},
    {School::Drawing, "drawing", translatable("How exact the drawing"), kDrawing},
    {School::Plan, "plan", translatable("The plan while painting"), kPlan},
    {School::Ground, "ground", translatable("Tone of the ground"), kGround},
    {School::Blending, "blending", translatable("Blending"), kBlending},
    {School::Glazing, "glazing", translatable("Glazing with"), kGlazing}};
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
