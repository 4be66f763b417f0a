// Paint: what a mix looks like, recipes, gradients, calibration.
#include "cli/command_base.h"
#include "cli/json_out.h"
#include "cli/read_base.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/paint/bands.h"
#include "core/paint/csv.h"
#include "core/paint/palette_choice.h"
#include "core/paint/reach.h"
#include "core/paint/recipe_words.h"
#include "core/paint/recipes.h"
#include "core/paint/surprises.h"
#include "core/project/edits.h"
#include "store/paint_box_file.h"
#include <opencv2/imgproc.hpp>

namespace rl::cli {

namespace {
using colour::ExactLab;
using nlohmann::json;

json labJson(const ExactLab& lab)
{
    return {lab.L, lab.a, lab.b};
}
json partsJson(const paint::Recipe& r)
{
    json j = json::object();
    for (const paint::Part& p : r)
        j[p.paint] = p.parts;
    return j;
}
/// "L,a,b".
Result<ExactLab> labFrom(const std::string& text, const std::string& option)
{
    const auto rows = paint::csvRows(text);
    if (rows.size() == 1 && rows[0].size() == 3) {
        const double L = paint::numberIn(rows[0][0]), a = paint::numberIn(rows[0][1]), b = paint::numberIn(rows[0][2]);
        if (L >= 0 && L <= 100 && std::abs(a) <= 150 && std::abs(b) <= 150)
            return ExactLab(L, a, b);
    }
    return Error{ErrorKind::Invalid,
        tr("%1 wants a colour in CIELAB as L,a,b: L from 0 to 100, a and b within ±150.", option), text};
}

/// `lantern mix`: one of a recipe's colour, recipes for a colour, a gradient.
class Mix final : public NamedCommand {
public:
    Mix()
        : NamedCommand("mix", tr("what a mix of paints looks like; recipes for a colour; gradients in bands"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("--recipe", m_recipe, tr("parts by volume: PB29=1+PW6=10"));
        app.add_option("--wet-um", m_coat.wetUm, tr("a film of that many µm when wet; without it an opaque layer"))
            ->check(CLI::Range(0.001, 10000.0));
        app.add_option("--medium-parts", m_coat.mediumParts, tr("clear medium to one part of paint"))
            ->check(CLI::Range(0.0, 1000.0));
        app.add_option("--under", m_under, tr("what the film lies on: white, black or a recipe"));
        app.add_option("--lab", m_lab, tr("a wanted colour: L,a,b"));
        app.add_option("--from", m_from, tr("a gradient's first colour: L,a,b"));
        app.add_option("--to", m_to, tr("its last colour: L,a,b"));
        app.add_option("--via", m_via, tr("a third colour on the way: L,a,b"));
        app.add_option("--via-cm", m_viaCm, tr("where that lies; without it half way"))
            ->check(CLI::Range(0.01, 10000.0));
        app.add_option("--length-cm", m_gradient.lengthCm, tr("how long it is"))->check(CLI::Range(0.1, 10000.0));
        app.add_option("--step-de", m_gradient.stepDe, tr("CIEDE2000 between neighbours"))
            ->check(CLI::Range(0.2, 50.0));
        app.add_option("--open-min", m_gradient.openMinutes, tr("minutes that the paint can be moved"))
            ->check(CLI::Range(0.01, 1e5));
        app.add_option("--pace-cm-per-min", m_gradient.paceCmPerMinute, tr("how fast it is laid"))
            ->check(CLI::Range(0.01, 1e4));
        app.add_option(
               "--paints", m_paints, tr("tubes by pigment, PW6,PB29; without it all of the box, or those that ship"))
            ->delimiter(',');
        app.add_option("--box", m_box, tr("a calibrated box (*.json)"));
        app.add_option("--ladder", m_ladder, tr("quarter: parts that a brush can measure"))
            ->check(CLI::IsMember({"quarter"}));
        app.add_option("--let-down", m_letDown, tr("each tube also as 1 part in so many of titanium white"))
            ->check(CLI::Range(2, 1000));
        app.add_option("--max-paints", m_most, tr("tubes in a recipe"))->check(CLI::Range(1, 4));
        app.add_flag("--quick", m_quick, tr("as while a hand moves: not every choice is tried"));
    }
    Result<json> run() override
    {
        auto paints = this->paints();
        if (!paints)
            return paints.error();
        const int asked = !m_recipe.empty() + !m_lab.empty() + (!m_from.empty() || !m_to.empty());
        if (asked != 1)
            return Error{ErrorKind::Invalid, tr("Give one of --recipe, --lab, or --from with --to."), {}};
        json j = !m_recipe.empty() ? json() : json{{"paints", paints->size()}};
        if (!m_recipe.empty())
            return ofRecipe(*paints);
        const paint::Search search(paints.take());
        return m_lab.empty() ? bands(search) : recipes(search);
    }

private:
    Result<paint::Paints> paints() const
    {
        std::vector<std::string> ids = m_paints;
        if (m_box.empty()) {
            if (ids.empty() || !m_recipe.empty())
                for (const paint::Pigment& p : paint::pigments())
                    if (p.optics)
                        ids.push_back(p.id);
            return paint::typicalPaints(ids);
        }
        auto box = store::readPaintBox(m_box);
        if (!box || ids.empty())
            return box;
        paint::Paints out;
        for (const std::string& id : ids) {
            const paint::Paint* p = paint::paintOf(*box, id);
            if (!p)
                return Error{ErrorKind::Missing, tr("There is no “%1” in that box.", id), m_box};
            if (!paint::paintOf(out, id))
                out.push_back(*p);
        }
        return out;
    }
    Result<json> ofRecipe(const paint::Paints& paints) const
    {
        const auto recipe = paint::recipeFrom(m_recipe, paints);
        if (!recipe)
            return recipe.error();
        paint::Spectrum under = paint::inside(paint::evenly(paint::kWhiteCard));
        if (m_under == "black")
            under = paint::evenly(paint::kBlackInside);
        else if (!m_under.empty() && m_under != "white") {
            const auto below = paint::recipeFrom(m_under, paints);
            if (!below)
                return below.error();
            under = paint::opaque(paint::opticsOf(*below, paints));
        }
        const auto look = paint::seen(paint::laid(paint::opticsOf(*recipe, paints), m_coat, under));
        const ExactLab lab = paint::toLab(look);
        const paint::ScreenColour screen = paint::onScreen(lab);
        return json{{"lab", labJson(lab)}, {"srgb", screen.rgb}, {"outside_srgb", screen.clipped},
            {"lamp_lab", labJson(paint::toLab(look, paint::Illuminant::Lamp))}, {"typical", m_box.empty()}};
    }
    Result<json> recipes(const paint::Search& search) const
    {
        const auto wanted = labFrom(m_lab, "--lab");
        if (!wanted)
            return wanted.error();
        paint::Wish wish;
        wish.wanted = *wanted, wish.most = m_most, wish.inParts = !m_ladder.empty(), wish.letDown = m_letDown;
        wish.effort = m_quick ? paint::Effort::Moving : paint::Effort::Full;
        TerminalProgress progress(false);
        const paint::Answer a = paint::recipesFor(search, wish, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The search was cancelled."), {}};
        json j{{"recipes", json::array()}, {"hue_kept", a.hueKept}, {"typical", m_box.empty()}};
        for (const paint::Formula& f : a.formulas)
            j["recipes"].push_back({{"parts", partsJson(f.recipe)}, {"lab", labJson(f.lab)}, {"de00", f.de},
                {"sensitivity", f.sensitivity}, {"srgb", paint::onScreen(f.lab).rgb}});
        j["best_possible"] = {{"de00", a.reachDe}, {"lab", labJson(a.reach)}, {"missed", a.missed}};
        return j;
    }
    Result<json> bands(const paint::Search& search)
    {
        const auto from = labFrom(m_from, "--from"), to = labFrom(m_to, "--to");
        if (!from || !to)
            return from ? to.error() : from.error();
        m_gradient.from = *from, m_gradient.to = *to;
        if (!m_via.empty()) {
            const auto via = labFrom(m_via, "--via");
            if (!via)
                return via.error();
            m_gradient.via = *via;
            if (m_viaCm >= m_gradient.lengthCm)
                return Error{ErrorKind::Invalid, tr("--via-cm lies behind the end of the gradient."), {}};
            if (m_viaCm > 0)
                m_gradient.viaShare = m_viaCm / m_gradient.lengthCm;
        }
        TerminalProgress progress(false);
        const paint::Gradient g = paint::gradient(search, m_gradient, progress);
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The gradient was cancelled."), {}};
        json j{{"bands", json::array()}, {"largest_step", g.largestStep}, {"off", g.off}, {"for_time", g.forTime},
            {"typical", m_box.empty()}};
        for (const paint::Band& b : g.bands)
            j["bands"].push_back({{"from_cm", b.fromCm}, {"to_cm", b.toCm}, {"lab", labJson(b.lab)},
                {"parts", partsJson(b.recipe)}, {"off", b.off}});
        return j;
    }

    std::string m_via;
    double m_viaCm = 0;
    std::string m_recipe, m_under, m_lab, m_from, m_to, m_box, m_ladder;
    std::vector<std::string> m_paints;
    paint::Coat m_coat;
    paint::GradientWish m_gradient;
    int m_letDown = 0, m_most = 4;
    bool m_quick = false;
};

/// `lantern calibrate --swatches S.json -o box.json`
class Calibrate final : public NamedCommand {
public:
    Calibrate()
        : NamedCommand("calibrate", tr("fits each tube to its painted swatches"))
    {
    }
    void describe(CLI::App& app) override
    {
        app.add_option("--swatches", m_swatches, tr("what was read of the card (*.json)"))->required();
        app.add_option("-o,--output", m_out, tr("the calibrated box (*.json)"))->required();
    }
    Result<json> run() override
    {
        const auto card = store::readSwatches(m_swatches);
        if (!card)
            return card.error();
        TerminalProgress progress(false);
        const auto fitted = paint::calibrated(card->swatches, card->sigmaLab, card->finish, progress);
        if (!fitted)
            return fitted.error();
        if (const auto done = store::writePaintBox(*fitted, m_out); !done)
            return done.error();
        json j{{"output", m_out}, {"paints", json::array()}};
        for (const paint::CalibratedPaint& c : *fitted)
            j["paints"].push_back({{"paint", c.paint.id}, {"from_typical_de00", c.fromTypical}, {"left_de00", c.left},
                {"drawdown", c.drawdown}});
        return j;
    }

private:
    std::string m_swatches, m_out;
};

/// A work or a picture mixed from the work's box, or from another one.
class MixingCommand : public ReadingCommand {
public:
    using ReadingCommand::ReadingCommand;

protected:
    void describe(CLI::App& app) override
    {
        ReadingCommand::describe(app);
        app.add_option("--puddles", m_puddles, tr("how many mixes"))->check(CLI::Range(2, 64));
        app.add_option("--paints", m_tubes, tr("tubes by pigment instead of the work's box"))->delimiter(',');
    }
    Result<ReadPicture> picture() const
    {
        auto r = opened();
        if (!r)
            return r;
        ReadPicture read = r.take();
        if (m_puddles)
            read.project.mix.puddles = m_puddles;
        if (!m_tubes.empty()) {
            const auto known = paint::typicalPaints(m_tubes);
            if (!known)
                return known.error();
            PaintBox box{0, "said", PaintMedium::AcrylicHeavy, {}};
            for (const paint::Paint& p : *known) {
                Tube t;
                t.pigment = p.id;
                box.tubes.push_back(t);
            }
            read.project.boxes.clear();
            read.project = edits::withPaintBox(std::move(read.project), std::move(box));
        }
        return read;
    }
    static json puddleJson(const paint::Mixing& m, std::size_t i)
    {
        const paint::Puddle& p = m.map.puddles[i];
        json j{{"number", p.number}, {"element", p.element}, {"family", p.light ? "light" : "shade"},
            {"lab", labJson(p.wanted)}, {"share", p.share}, {"spread_de00", p.spread},
            {"at_cm", {p.at.x / m.pixelsPerCm, p.at.y / m.pixelsPerCm}}};
        for (const auto& [element, light] : p.also)
            j["also"].push_back({{"element", element}, {"family", light ? "light" : "shade"}});
        if (i < m.others.size() && !m.others[i].pigment.empty())
            j["other_tube"] = {{"paint", m.others[i].pigment}, {"de00", m.others[i].de}};
        if (i < m.recipes.size() && !m.recipes[i].formulas.empty()) {
            const paint::Formula& f = m.recipes[i].formulas[0];
            j["recipe"] = paint::recipeSaid(m, i), j["mixed"] = m.recipes[i].mixed;
            j["parts"] = partsJson(f.recipe), j["de00"] = f.de, j["reach_de00"] = m.recipes[i].reachDe;
            j["missed"] = m.recipes[i].missed, j["ml"] = m.needs.puddles[i].ml;
        }
        return j;
    }

private:
    int m_puddles = 0;
    std::vector<std::string> m_tubes;
};

/// `lantern palette FILE [--puddles 24] -o map.png`
class PaletteOf final : public MixingCommand {
public:
    PaletteOf()
        : MixingCommand("palette", tr("the whole canvas in a chosen number of mixes, with their recipes"))
    {
    }
    void describe(CLI::App& app) override
    {
        MixingCommand::describe(app);
        app.add_option("-o,--output", m_out, tr("the map in its puddles' colours (*.png)"));
        app.add_option("--proof", m_proof, tr("the picture as these paints can show it (*.png)"));
        app.add_option("--choose", m_choose, tr("which so many of the tubes reach it best"))->check(CLI::Range(1, 12));
        app.add_option("--width-px", m_width, tr("of the map"))->check(CLI::Range(100, 4000));
    }
    Result<json> run() override
    {
        const auto read = picture();
        if (!read)
            return read.error();
        TerminalProgress progress(true);
        const light::Picture& pic = read->picture;
        const auto mixed = review::paletteOf(read->project, pic, progress);
        const paint::Mixing& m = *mixed;
        if (progress.cancelled())
            return Error{ErrorKind::Cancelled, tr("The recipe map was cancelled."), {}};
        json j{{"puddles", json::array()}, {"alike", json::array()}, {"shared", json::array()},
            {"typical", m.box.typical()}};
        for (std::size_t i = 0; i < m.map.puddles.size(); ++i)
            j["puddles"].push_back(puddleJson(m, i));
        for (const paint::Alike& a : m.alike)
            j["alike"].push_back(
                {{"puddles", {m.map.puddles[std::size_t(a.first)].number, m.map.puddles[std::size_t(a.second)].number}},
                    {"de00", a.de}, {"two_lights", a.twoLights}});
        for (const auto& [id, count] : paint::sharedPaints(m.recipes))
            j["shared"].push_back({{"paint", id}, {"puddles", count}});
        const paint::Search search(m.box.paints);
        if (m_choose)
            choose(search, m, j, progress);
        if (const auto done = write(m, search, pic, read->project.mix.finish, j, progress); !done)
            return done.error();
        return j;
    }

private:
    void choose(const paint::Search& search, const paint::Mixing& m, json& j, Progress& progress) const
    {
        j["choices"] = json::array();
        for (const paint::PaletteChoice& c : paint::choosePalette(search, m.map, m_choose, 4, progress)) {
            json tubes = json::array();
            for (std::size_t i = 0; i < c.tubes.size(); ++i)
                tubes.push_back(
                    {{"paint", search.paints()[std::size_t(c.tubes[i])].id}, {"within4_without", c.without[i]}});
            j["choices"].push_back(
                {{"tubes", tubes}, {"within2", c.within2}, {"within4", c.within4}, {"within8", c.within8}});
        }
    }
    Result<Done> write(const paint::Mixing& m, const paint::Search& search, const light::Picture& pic, Finish finish,
        json& j, Progress& progress) const
    {
        if (!m_out.empty()) {
            std::vector<Rgb> shown(m.map.which.size());
            for (std::size_t i = 0; i < shown.size(); ++i)
                shown[i] = colour::fromLab(colour::Lab(m.map.puddles[m.map.which.data()[i]].wanted));
            const LinearPicture picture(m.map.which.width(), m.map.which.height(), std::move(shown));
            cv::Mat wide;
            cv::resize(colour::codeOf(picture).mat(), wide,
                {m_width, std::max(1, m_width * picture.height() / picture.width())}, 0, 0, cv::INTER_NEAREST);
            if (const auto done = store::writeFile(m_out, store::encodePng(Photo::fromMat(wide))); !done)
                return done;
            j["output"] = m_out;
        }
        if (m_proof.empty())
            return Done{};
        const auto reach = paint::Reach::of(search, pic.colour, finish, progress);
        if (!reach)
            return Error{ErrorKind::Missing, tr("There is no paint to show the picture in."), {}};
        Plane off;
        const LinearPicture proof = reach->proof(pic.colour, &off);
        const paint::Kept kept = paint::keptOf(off);
        j["proof"] = {{"output", m_proof}, {"within2", kept.within2}, {"within4", kept.within4},
            {"within8", kept.within8}, {"mean_de00", kept.mean}};
        return store::writeFile(m_proof, store::encodePng(colour::codeOf(proof)));
    }
    std::string m_out, m_proof;
    int m_choose = 0, m_width = 1000;
};

/// `lantern paints FILE`: what is needed, what runs out.
class PaintsOf final : public MixingCommand {
public:
    PaintsOf()
        : MixingCommand("paints", tr("how much paint the picture needs, of which tube, and what runs out"))
    {
    }
    Result<json> run() override
    {
        const auto read = picture();
        if (!read)
            return read.error();
        TerminalProgress progress(false);
        const light::Picture& pic = read->picture;
        const auto mixed = review::paletteOf(read->project, pic, progress);
        const paint::Mixing& m = *mixed;
        if (m.recipes.empty())
            return Error{ErrorKind::Missing, tr("This work has no paint box: give --paints."), {}};
        const MixPlan& plan = read->project.mix;
        json j{{"coats", plan.coats}, {"wet_um", plan.wetUm}, {"loss", plan.loss}, {"ml", m.needs.ml},
            {"cost", m.needs.cost}, {"tubes", json::array()}, {"findings", json::array()}};
        for (const paint::TubeNeed& t : m.needs.tubes)
            j["tubes"].push_back({{"paint", t.id}, {"ml", t.ml}, {"left_ml", t.leftMl}, {"missing_ml", t.missingMl},
                {"runs_out_in_coat", t.runsOutInCoat}, {"cost", t.cost}});
        j["findings"] = jsonOf(paint::mixFindings(read->project, m));
        return j;
    }
};
} // namespace

std::vector<std::unique_ptr<Command>> mixCommands()
{
    std::vector<std::unique_ptr<Command>> all;
    all.push_back(std::make_unique<PaletteOf>());
    all.push_back(std::make_unique<PaintsOf>());
    all.push_back(std::make_unique<Mix>());
    all.push_back(std::make_unique<Calibrate>());
    return all;
}

} // namespace rl::cli
