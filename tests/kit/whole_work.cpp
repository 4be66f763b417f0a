#include "tests/kit/whole_work.h"
#include "core/project/brief_edits.h"
#include "core/project/edits.h"
#include "core/project/painting_edits.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "store/stored_picture.h"
#include "tests/kit/tiny.h"

namespace rl::kit {

namespace {
Reference photograph(const std::string& name, Rgb8 colour)
{
    const Photo p = plain(48, 32, colour);
    return store::referenceOf(name, store::pictureFile(p), p.width(), p.height());
}
Project withPhotograph(Project p, const std::string& name, Rgb8 colour)
{
    return edits::withCanvasPhoto(
        std::move(p), photograph(name, colour), {0, 0, 1'930'000'000 + colour.r, "block", {}, {1, 2, 3, 4}, 48});
}
TaskOverride ownTask(const char* words)
{
    TaskOverride w;
    w.words = words, w.hours = 1.5, w.before = "sign", w.element = 4;
    return w;
}
PaintBox box()
{
    PaintBox b;
    b.name = "winter box", b.medium = PaintMedium::Gouache;
    Tube t;
    t.id = 51, t.pigment = "PB29", t.name = "blue", t.leftMl = 12.5, t.price = 4.5;
    t.card.masstone = {true, {30, 10, -40}}, t.card.date = "2031-02-01", t.card.wetUm = 90;
    b.tubes = {t};
    return b;
}
} // namespace

std::vector<Held> allAWorkHolds()
{
    return {
        {"the brief: cast, schools, a round canvas",
            [](Project p) {
                Brief b = p.brief;
                b.format = Format::Oval, b.widthCm = 51.5, b.cast.push_back({p.freshId(), "Gull", {}});
                b.valueBounds = {20, 50, 80};
                return edits::withBrief(std::move(p), b);
            }},
        {"ideas, clues and facts",
            [](Project p) {
                p = edits::withIdea(std::move(p), "the tide is out");
                p = edits::withClue(std::move(p), p.brief.ideas.back().id, {0, "wet sand", 1, 4, {}});
                p = edits::withFact(std::move(p), {0, "both hands on the pole", "seen", 4, false});
                return edits::withFactChecked(std::move(p), p.brief.facts.back().id, true);
            }},
        {"pictures, what is said of them, where they hang",
            [](Project p) {
                Reference r = photograph("gravel", {90, 80, 70});
                r.heap = "ground", r.hung = true, r.wallAt = {1.5, -2}, r.source = "a beach", r.roles = 5;
                r.overrule.kelvinSet = true, r.overrule.kelvin = 3400;
                p = edits::withReference(std::move(p), std::move(r));
                p.lead = p.references.back().id;
                return p;
            }},
        {"a cut-out with pins, strokes and tags",
            [](Project p) {
                Cutout c = p.cutouts[0];
                c.pins = {{{1, 2}, {3, 4}}, {{5, 6}, {7, 8}}}, c.grounds = {{{4, 5}, 12}};
                c.strokes = Mask::filled(60, 420, 255);
                return edits::withCutout(std::move(p), std::move(c));
            }},
        {"things of the stage, groups, guides, heights",
            [](Project p) {
                p = edits::withDuplicate(std::move(p), 4, {5, 1});
                p = edits::withGroup(std::move(p), {4, p.elements.back().id}, "posts");
                Guides g;
                g.shown = 3, g.corners = {{1, 2}, {3, 4}, {5, 1}};
                p = edits::withGuides(std::move(p), g);
                p.heights.push_back({"stilts", 2.75, 2, 3.5, false});
                p.elements[0].edges = {{{0.5, 0.1}, 0.2, EdgeWish::Lost}}, p.elements[0].quiet = true;
                return p;
            }},
        {"lanterns, groups of them, air",
            [](Project p) {
                p.lights.lanterns = {{31, "flame", true, {1, 2, 9}, 0.1, 1900, 2, 0.7}};
                p = edits::withLightGroup(std::move(p), {0, "warm"});
                Air a = p.lights.air;
                a.wetness = 0.4, a.halfContrastM = 55;
                return edits::withAir(std::move(p), a);
            }},
        {"takes, one set aside, votes",
            [](Project p) {
                p = takes::withDuplicate(std::move(p), "lower sun");
                p.lights.sun.elevation = 5;
                p = takes::withDuplicate(std::move(p), "no sun");
                p = takes::withAside(std::move(p), p.takes.front().id, "too plain");
                return takes::withVote(std::move(p), "Ida", p.takes.back().letter, "the quieter one");
            }},
        {"paint boxes, cards of tubes, the plan of mixing",
            [](Project p) {
                p = edits::withPaintBox(std::move(p), box());
                MixPlan m = p.mix;
                m.box = p.boxes.back().id, m.puddles = 17, m.coats = 3;
                return edits::withMix(std::move(p), m);
            }},
        {"how it is carried, what is traced",
            [](Project p) {
                Sheets s = p.sheets;
                s.paper = "A3", s.traced = {"B3", "#4"}, s.canvasWidthCm = 70, s.fit = CanvasFit::Extend;
                return edits::withSheets(std::move(p), s);
            }},
        {"findings set aside",
            [](Project p) { return edits::withSetAside(std::move(p), "read.melts:4", "on purpose"); }},
        {"free hours, tasks of one's own, words on others",
            [](Project p) {
                p.painting.diary.hours = {{1, 1140, 1260}}, p.painting.diary.days = {{"2031-03-04", 600, 700, true}};
                p = edits::withOwnTask(std::move(p), ownTask("gild the frame"));
                p = edits::withTaskDone(std::move(p), "block", true);
                TaskOverride w;
                w.task = "darks", w.into = "lights";
                return edits::withTaskWord(std::move(p), w);
            }},
        {"sittings and decisions",
            [](Project p) {
                p = edits::withSitting(std::move(p),
                    {0, 1'930'000'000, 60, 120, {{"block", WorkKind::BlockIn, 4, 1'930'000'000, 1800}}, "slow",
                        "blue"});
                return edits::withDecision(std::move(p), {0, 1'930'000'500, "no kite", "it pulls", true, 0});
            }},
        {"photographs of the canvas, parts taken as they are",
            [](Project p) {
                p = withPhotograph(std::move(p), "canvas 1", {10, 20, 30});
                p = withPhotograph(std::move(p), "canvas 2", {40, 50, 60});
                const int photo = p.painting.photos.back().id;
                p = edits::withAccepted(std::move(p), {0, photo, {1, 2, 3, 4}});
                p = edits::withCanvasCorners(std::move(p), photo, {{1, 1}, {40, 1}, {40, 30}, {1, 30}});
                p = edits::withTolerance(std::move(p), 4, 2);
                return edits::withSignature(std::move(p), {30, 20});
            }},
        {"a take that lies on a photograph of the canvas",
            [](Project p) {
                p = edits::withReference(std::move(p), photograph("the canvas as it is", {70, 60, 50}));
                const int id = p.references.back().id;
                p = takes::withDuplicate(std::move(p), "tried on the canvas");
                p.backdrop.reference = id;
                p.elements.clear();
                return p;
            }},
    };
}

} // namespace rl::kit
