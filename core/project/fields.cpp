#include "core/project/fields.h"
#include "core/base/text.h"
#include "core/base/words.h"

namespace rl {

const char* symbolOf(Unit unit)
{
    switch (unit) {
    case Unit::Times:
        return "×";
    case Unit::Share:
        return "";
    case Unit::Metre:
        return "m";
    case Unit::Centimetre:
        return "cm";
    case Unit::Kelvin:
        return "K";
    case Unit::Degree:
        return "°";
    case Unit::Stops:
        return "stops";
    case Unit::Lightness:
        return "L*";
    case Unit::Ab:
        return "a*b*";
    case Unit::Pixel:
        return "px";
    case Unit::DeltaE:
        return "ΔE";
    case Unit::Millilitre:
        return "ml";
    case Unit::Micrometre:
        return "µm";
    case Unit::Millimetre:
        return "mm";
    case Unit::Minute:
        return "min";
    case Unit::Hour:
        return "h";
    case Unit::Day:
        return "days";
    case Unit::Percent:
        return "%";
    case Unit::Count:
        return "";
    }
    return "";
}

namespace {
template <class O> void tell(const char* object, std::vector<FieldTold>& out)
{
    for (const Number<O>& n : numbersOf<O>())
        out.push_back({object, n.key, n.low, n.high, n.start, n.unit});
}

std::string plain(double v)
{
    std::string s = fixed(v, 3);
    while (s.back() == '0')
        s.pop_back();
    if (s.back() == '.')
        s.pop_back();
    return s;
}
} // namespace

std::vector<FieldTold> allFields()
{
    std::vector<FieldTold> out;
    tell<Brief>("brief", out);
    tell<PaintGround>("canvas ground", out);
    tell<Camera>("camera", out);
    tell<Backdrop>("backdrop", out);
    tell<Sun>("sun", out);
    tell<Lantern>("lantern", out);
    tell<LightGroup>("light group", out);
    tell<Air>("air", out);
    tell<Mist>("mist", out);
    tell<Drift>("drift", out);
    tell<Element>("element", out);
    tell<Tone>("tone", out);
    tell<PictureLight>("ownLight", out);
    tell<ReliefPart>("part", out);
    tell<Ridge>("ridge", out);
    tell<FootWord>("foot", out);
    tell<EyeBall>("eye", out);
    tell<PlannedEdge>("edge", out);
    tell<Standin>("standin", out);
    tell<Pattern>("pattern", out);
    tell<Pose>("pose", out);
    tell<Limb>("limb", out);
    tell<Overrule>("overrule", out);
    tell<Cutout>("cutout", out);
    tell<PlainGround>("ground", out);
    tell<Guides>("guides", out);
    tell<Sheets>("sheets", out);
    tell<Tube>("tube", out);
    tell<TubeCard>("swatches", out);
    tell<MixPlan>("mix", out);
    tell<Painting>("painting", out);
    tell<Diary>("diary", out);
    tell<FreeHours>("hours", out);
    tell<DayHours>("day", out);
    tell<TaskOverride>("task", out);
    tell<WorkSpan>("span", out);
    tell<Sitting>("sitting", out);
    tell<CanvasPhoto>("canvas photograph", out);
    tell<Tolerance>("tolerance", out);
    return out;
}

std::string fieldsPage()
{
    std::string s
        = "# Every number of a work\n\nMade by `lantern fields --page`; a test holds it against the program. What is "
          "out of range is brought into it, what is no number\nbecomes the start. Shares are 0…1 in the file and shown "
          "in per cent.\n\n| of | field | from | to | starts as | unit |\n|---|---|---|---|---|---|\n";
    for (const FieldTold& f : allFields())
        s += "| " + f.object + " | `" + f.key + "` | " + plain(f.low) + " | " + plain(f.high) + " | " + plain(f.start)
            + " | "
            + (f.unit == Unit::Share        ? "share"
                    : f.unit == Unit::Count ? "count"
                                            : symbolOf(f.unit))
            + " |\n";
    return s;
}

} // namespace rl
