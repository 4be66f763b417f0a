#include "core/project/schools.h"
#include <algorithm>

namespace rl {

namespace {
constexpr SchoolChoice kFocus[] = {{"free", "anywhere", "The lead may stand anywhere; its place is only measured."},
    {"thirds", "on a third", "The lead stands near where two thirds cross; what is farther off is said."},
    {"golden", "golden division", "The lead stands near 0.382 or 0.618 of the width and of the height."},
    {"centre", "in the middle", "The lead stands in the middle, still and solemn."},
    {"diagonals", "on a diagonal", "The lead stands on a diagonal, or at the top of a pyramid."},
    {"lines", "where lines meet", "The lead stands where the lines of the picture converge."}};
constexpr SchoolChoice kSequence[]
    = {{"all-over", "back to front, all over", "The whole picture grows in layers, far things first."},
        {"sections", "section by section", "One part is finished before the next is begun."},
        {"subject", "subject first", "The lead is painted first; all else is held against it."}};
constexpr SchoolChoice kDarks[]
    = {{"medium", "as the medium asks", "Opaque paint: darks first. Watercolour: lights first."},
        {"darks", "darks first", "Darks are laid in first, and the lightest lights kept for last."},
        {"middle", "from a middle tone", "A middle tone lies under everything; lights and darks go both ways from it."},
        {"lights", "lights first", "The white of the ground is kept; every layer darkens."}};
constexpr SchoolChoice kBlack[]
    = {{"used", "used, never left flat", "Black from a tube is used, and glazed over so that it lives."},
        {"mixed", "mixed darks only", "Darks are mixed of colours; no tube of black on the palette."},
        {"near", "near-black, near-white",
            "Nothing is painted under L* 12 or over L* 95; both are kept for accents of light."}};
constexpr SchoolChoice kDrawing[]
    = {{"medium", "as the medium asks", "Transparent paint needs an exact line; opaque paint covers it."},
        {"exact", "measured, tight line", "Landmarks are measured and the line is exact before paint."},
        {"loose", "loose blocks", "Masses are blocked in; opaque paint finds the edge."}};
constexpr SchoolChoice kPlan[] = {{"follow", "followed closely", "Drift from the plan is said at its usual tolerance."},
    {"free", "let go", "Where the paint is better, the plan gives way; tolerances are doubled and nothing nags."}};
constexpr SchoolChoice kGround[] = {{"middle", "middle tone", "A middle tone shows lights and darks at once."},
    {"white", "white", "A white ground keeps transparent colour bright."},
    {"dark", "dark", "A dark ground saves the darks; lights must be opaque."},
    {"scene", "complementary or scene colour",
        "What shows through vibrates against, or holds together, what lies over it."}};
constexpr SchoolChoice kBlending[] = {{"strokes", "strokes show", "Edges are made by strokes laid side by side."},
    {"smooth", "smooth", "Passages are blended while wet; open time counts."}};
constexpr SchoolChoice kGlazing[] = {{"medium", "as the medium asks", "Glazes are thinned with what the medium takes."},
    {"water", "water only",
        "Glazes are thinned with water alone; not more than about a third, or the film grows weak."},
    {"glazing", "glazing medium", "Glazes are made with a glazing medium, which keeps the film strong."}};

constexpr SchoolSpec kSchools[kSchoolCount] = {{School::Focus, "focus", "Where the focus goes", kFocus},
    {School::Sequence, "sequence", "Order of painting", kSequence},
    {School::Darks, "darks", "Darks and lights", kDarks}, {School::Black, "black", "Black from a tube", kBlack},
    {School::Drawing, "drawing", "How exact the drawing", kDrawing},
    {School::Plan, "plan", "The plan while painting", kPlan}, {School::Ground, "ground", "Tone of the ground", kGround},
    {School::Blending, "blending", "Blending", kBlending}, {School::Glazing, "glazing", "Glazing with", kGlazing}};
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
