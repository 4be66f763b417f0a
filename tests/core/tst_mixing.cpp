#include "core/paint/bands.h"
#include "core/paint/mixing.h"
#include "core/paint/palette_choice.h"
#include "core/paint/reach.h"
#include "core/paint/strings.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include <QTest>
#include <random>
#include <set>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;

namespace {
const std::vector<std::string> kTwelve{
    "PW6", "PBk9", "PY74", "PY42", "PO73", "PR254", "PV19", "PB29", "PB15:3", "PG7", "PBr7BS", "PV23"};
const Search& twelve()
{
    static const Search search(typicalPaints(kTwelve).take());
    return search;
}
/// Colours that two to four of the tubes make, amounts by strength.
std::vector<ExactLab> reachable(int count, unsigned seed)
{
    std::mt19937 random(seed);
    std::vector<ExactLab> all;
    while (int(all.size()) < count) {
        Recipe r;
        std::set<std::size_t> used;
        for (std::size_t n = 2 + random() % 3; used.size() < n;)
            used.insert(random() % kTwelve.size());
        for (const std::size_t i : used) {
            const double strength = std::max(0.05, pigmentOf(kTwelve[i])->strength);
            r.push_back({kTwelve[i], std::exp(std::normal_distribution<double>(0, 0.8)(random)) / strength});
        }
        all.push_back(colourOf(r, twelve().paints()));
    }
    return all;
}
bool onLadder(const Recipe& r)
{
    double sum = 0;
    for (const Part& p : r) {
        sum += p.parts;
        if (p.parts != 0.25 && p.parts != 0.5 && (p.parts < 1 || p.parts != std::floor(p.parts)))
            return false;
    }
    return sum <= kMostParts && r.size() <= 4;
}
/// Two flat things on a ramp.
light::Picture scene()
{
    return kit::pictureBy(300, 200, 60, [](double x, double y) {
        if (std::hypot(x - 90, y - 110) < 40)
            return kit::Pixel{1, x < 90 ? 70.0 : 35.0, 30, 25};
        if (std::hypot(x - 210, y - 110) < 40)
            return kit::Pixel{2, 45, -5, -25};
        return kit::Pixel{0, 80 - 0.2 * y, 0, -10};
    });
}
Project workWith(PaintBox box)
{
    Project p;
    p.brief.widthCm = 60, p.brief.heightCm = 40;
    return edits::withPaintBox(std::move(p), std::move(box));
}
} // namespace

/// Recipes, gradients, strings, the recipe map, quantities, and what is said of them.
class TestMixing : public QObject {
    Q_OBJECT
private slots:
    void whatCanBeMixedIsFoundAgain()
    {
        NoProgress progress;
        double worst = 0, quick = 0;
        for (const ExactLab& wanted : reachable(40, 5)) {
            Wish wish;
            wish.wanted = wanted;
            const Answer a = recipesFor(twelve(), wish, progress);
            QVERIFY(!a.formulas.empty() && a.missed.empty());
            double least = 1e9;
            for (const Formula& f : a.formulas) {
                least = std::min(least, f.de);
                // What is said is so.
                QVERIFY(std::abs(f.de - colour::deltaE2000(wanted, colourOf(f.recipe, twelve().paints()))) < 1e-9);
            }
            worst = std::max({worst, a.reachDe, least});
            wish.effort = Effort::Moving;
            quick = std::max(quick, recipesFor(twelve(), wish, progress).reachDe);
        }
        QVERIFY2(worst < 0.05, qPrintable(QString::number(worst)));
        QVERIFY2(quick < 0.3, qPrintable(QString::number(quick)));
    }
    void partsStayOnTheLadderAndNearTheBest()
    {
        NoProgress progress;
        std::vector<double> full;
        for (const ExactLab& wanted : reachable(12, 9)) {
            Wish wish;
            wish.wanted = wanted, wish.inParts = true;
            const Answer a = recipesFor(twelve(), wish, progress);
            wish.effort = Effort::Moving;
            const Answer quick = recipesFor(twelve(), wish, progress);
            double best = 1e9;
            std::set<std::set<std::string>> sets;
            for (const Formula& f : a.formulas) {
                QVERIFY(onLadder(f.recipe));
                std::set<std::string> tubes;
                for (const Part& p : f.recipe)
                    tubes.insert(p.paint);
                QVERIFY(sets.insert(tubes).second);
                best = std::min(best, f.de);
            }
            full.push_back(best);
            for (const Formula& f : quick.formulas)
                QVERIFY(onLadder(f.recipe) && f.de > best - 0.02);
        }
        std::sort(full.begin(), full.end());
        QVERIFY2(full[full.size() / 2] < 0.4, qPrintable(QString::number(full[full.size() / 2])));
    }
    /// Every combination of two paints, tried by hand.
    void noPartsOfTwoPaintsAreBetter()
    {
        const Search two(typicalPaints({"PW6", "PB29"}).take());
        NoProgress progress;
        Wish wish;
        wish.wanted = {63, 4, -35}, wish.inParts = true;
        const Answer a = recipesFor(two, wish, progress);
        double least = 1e9;
        for (const float x : partsLadder())
            for (const float y : partsLadder())
                if (x + y <= 24)
                    least = std::min(least,
                        colour::deltaE2000(
                            wish.wanted, colourOf({{"PW6", double(x)}, {"PB29", double(y)}}, two.paints())));
        QVERIFY(std::abs(a.formulas.front().de - least) < 1e-4);
    }
    void paleColoursAreMeasuredOutWithLetDowns()
    {
        NoProgress progress;
        Wish wish;
        wish.wanted = {88, -6, -6}, wish.inParts = true;
        const double plain = recipesFor(twelve(), wish, progress).formulas.front().de;
        wish.letDown = 20;
        const Answer a = recipesFor(twelve(), wish, progress);
        QVERIFY2(a.formulas.front().de < 1 && a.formulas.front().de < plain - 2,
            qPrintable(QString("%1 %2").arg(plain).arg(a.formulas.front().de)));
        QVERIFY(textOf(a.formulas.front().recipe).find("/20") != std::string::npos);
    }
    /// Near white the tube alone is nearer than any trace of another in it that the ladder has.
    void nearWhiteIsWhite_data()
    {
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("b");
        QTest::newRow("lighter than the tube") << 98.0 << 0.0;
        QTest::newRow("as the tube") << 96.3 << 2.0;
        QTest::newRow("a warm white") << 95.0 << 5.0;
        QTest::newRow("a pale grey") << 91.0 << 0.0;
    }
    void nearWhiteIsWhite()
    {
        QFETCH(double, L);
        QFETCH(double, b);
        NoProgress progress;
        Wish wish;
        wish.wanted = {L, 0, b}, wish.inParts = true;
        const double alone = colour::deltaE2000(wish.wanted, colourOf({{"PW6", 1}}, twelve().paints()));
        for (const Effort effort : {Effort::Moving, Effort::Full})
            for (const int letDown : {0, 20}) {
                wish.effort = effort, wish.letDown = letDown;
                double least = 1e9;
                for (const Formula& f : recipesFor(twelve(), wish, progress).formulas)
                    least = std::min(least, f.de);
                QVERIFY2(least <= alone + 1e-6, qPrintable(QString("%1 %2").arg(least).arg(alone)));
            }
    }
    void aVividVioletKeepsItsHue()
    {
        NoProgress progress;
        const Search six(typicalPaints({"PW6", "PY74", "PR254", "PV19", "PB29", "PB15:3"}).take());
        Wish wish;
        wish.wanted = {49, 66, -72};
        for (const bool parts : {false, true}) {
            wish.inParts = parts;
            const Answer a = recipesFor(six, wish, progress);
            QVERIFY(a.hueKept && !a.missed.empty());
            QVERIFY(keepsHue(wish.wanted, a.formulas.front().lab) && a.formulas.front().lab.chroma() > 8);
            QVERIFY(a.formulas.front().de > a.reachDe);
        }
    }
    void aBandedPassageKeepsItsSteps()
    {
        NoProgress progress;
        GradientWish wish;
        wish.from = {70, 10, 35}, wish.to = {40, 5, -25}, wish.lengthCm = 48, wish.stepDe = 2;
        const Gradient g = gradient(twelve(), wish, progress);
        QVERIFY(g.bands.size() > 10 && g.largestStep <= 2.02 && !g.forTime);
        QVERIFY(std::abs(g.bands.front().fromCm) < 1e-9 && std::abs(g.bands.back().toCm - 48) < 1e-9);
        std::set<std::string> tubes;
        for (std::size_t i = 0; i < g.bands.size(); ++i) {
            for (const Part& p : g.bands[i].recipe)
                tubes.insert(p.paint);
            QVERIFY(colour::deltaE2000(g.bands[i].lab, colourOf(g.bands[i].recipe, twelve().paints())) < 1e-6);
            if (i) {
                QVERIFY(std::abs(g.bands[i].fromCm - g.bands[i - 1].toCm) < 1e-9);
                QVERIFY(g.bands[i].lab.L < g.bands[i - 1].lab.L + 0.05);
            }
        }
        QVERIFY(tubes.size() <= 4);
        // Over a third colour on the way.
        GradientWish bent = wish;
        bent.via = ExactLab(85, 0, 10), bent.viaShare = 0.25;
        const Gradient over = gradient(twelve(), bent, progress);
        double lightest = 0, at = 0;
        for (const Band& b : over.bands)
            if (b.lab.L > lightest)
                lightest = b.lab.L, at = (b.fromCm + b.toCm) / 2;
        QVERIFY(std::abs(lightest - 85) < 1.5 && over.largestStep <= 2.02 && over.bands.size() > g.bands.size());
        QVERIFY(at > 6 && at < 30);
        // Paint that closes fast asks for more: two neighbours within 10 cm.
        wish.openMinutes = 5, wish.paceCmPerMinute = 0.5;
        const Gradient hasty = gradient(twelve(), wish, progress);
        QVERIFY(hasty.forTime && hasty.bands.size() >= 39);
    }
    void aStringStaysAlive()
    {
        NoProgress progress;
        const ColourString s
            = colourString(twelve(), {82, 16, 44}, {60, 22, 32}, {28, 16, 14}, 7, Ends::NoBlack, progress);
        QCOMPARE(int(s.steps.size()), 7);
        for (const StringStep& step : s.steps) {
            QVERIFY2(step.formula.de < 4, qPrintable(QString::number(step.formula.de)));
            for (const Part& p : step.formula.recipe)
                QVERIFY(!p.paint.starts_with("PBk")); // as the school says
        }
        // A shadow in two layers, the first warmer and lighter.
        QVERIFY(s.shadow.warm.lab.L > s.shadow.dark.lab.L + 8 && s.shadow.warm.lab.b > s.shadow.dark.lab.b);
        const ColourString near
            = colourString(twelve(), {99, 0, 2}, {60, 22, 32}, {4, 0, 0}, 5, Ends::NearBlackAndWhite, progress);
        QVERIFY(near.steps.front().wanted.L <= 93 && near.steps.back().wanted.L >= 12);
        QVERIFY(s.steps.front().chalk > 3); // white alone greys the light
        QVERIFY(s.steps.front().formula.lab.L > s.steps.back().formula.lab.L + 40);
    }

    void theMapCoversTheCanvasByThingAndFamily()
    {
        NoProgress progress;
        const light::Picture p = scene();
        const RecipeMap map = recipeMap(p.colour, p.ids, 12, progress);
        QVERIFY(map.puddles.size() >= 5 && map.puddles.size() <= 12);
        double share = 0;
        for (std::size_t i = 0; i < map.puddles.size(); ++i) {
            share += map.puddles[i].share;
            QVERIFY(i == 0 || map.puddles[i].wanted.L <= map.puddles[i - 1].wanted.L + 1e-6);
            const Vec2 at = map.puddles[i].at;
            QCOMPARE(int(map.which.at(int(at.x), int(at.y))), int(i));
            QCOMPARE(p.ids.at(int(at.x), int(at.y)), map.puddles[i].element);
        }
        QVERIFY(std::abs(share - 1) < 1e-9);
        // The two-coloured disc has one light and one shade, each of its own colour.
        int light = 0, shade = 0;
        for (const Puddle& q : map.puddles)
            if (q.element == 1) {
                (q.light ? light : shade)++;
                QVERIFY(std::abs(q.wanted.L - (q.light ? 70 : 35)) < 1);
            }
        QVERIFY(light == 1 && shade == 1);
    }
    void quantitiesAreAreaTimesFilm()
    {
        QVERIFY(std::abs(millilitres(30 * 40, 120, 2, 0.25) - 36) < 1e-9);
        NoProgress progress;
        Project p = workWith(firstBox());
        p.mix.puddles = 8, p.mix.letDown = 20;
        const light::Picture s = scene();
        const Mixing m = mixing(p, s.colour, s.ids, s.pixelsPerCm, nullptr, progress);
        double tubes = 0, puddles = 0;
        for (const TubeNeed& t : m.needs.tubes)
            tubes += t.ml;
        for (const PuddleNeed& n : m.needs.puddles)
            puddles += n.ml;
        QVERIFY(std::abs(tubes - puddles) < 1e-6); // let-downs are taken apart whole
        QVERIFY(puddles >= millilitres(2400, 120, 2, 0.25) - 1e-6);
    }
    void aTubeThatIsTooSmallRunsOut()
    {
        NoProgress progress;
        Project p = workWith(firstBox());
        p.boxes[0].tubes[0].leftMl = 12; // white
        p.mix.coats = 4;
        const light::Picture s = scene();
        const Mixing m = mixing(p, s.colour, s.ids, s.pixelsPerCm, nullptr, progress);
        const auto said = [&](const char* key) {
            for (const Finding& f : mixFindings(p, m, "2026-06-01"))
                if (f.key.starts_with(key))
                    return f.sentence;
            return std::string();
        };
        QVERIFY(said("mix.runs-out").find("titanium white runs out in coat 1") != std::string::npos);
        QVERIFY(said("mix.card").find("12 tubes are typical") != std::string::npos);
        QVERIFY(said("mix.fugitive").empty());
        // Fluid paint of a cobalt: not to be sprayed. A fugitive madder: not to last.
        PaintBox box{0, "two", PaintMedium::AcrylicFluid, {}};
        for (const char* id : {"PW6", "PB28", "PR83"}) {
            Tube t;
            t.pigment = id;
            box.tubes.push_back(t);
        }
        p.boxes.clear();
        p = edits::withPaintBox(std::move(p), box);
        const Mixing two = mixing(p, s.colour, s.ids, s.pixelsPerCm, nullptr, progress);
        bool spray = false, fades = false, reach = false;
        for (const Finding& f : mixFindings(p, two)) {
            spray = spray || f.key == "mix.spray:PB28";
            fades = fades || f.key == "mix.fugitive:PR83";
            reach = reach || f.key.starts_with("mix.reach");
        }
        QVERIFY(spray && fades && reach);
        p.boxes[0].medium = PaintMedium::Gouache;
        bool lifts = false;
        for (const Finding& f : mixFindings(p, two))
            lifts = lifts || (f.key == "mix.lifts" && f.sentence.find("one confident stroke") != std::string::npos);
        QVERIFY(lifts);
    }
    void theProofIsNearTheExactAnswer()
    {
        NoProgress progress;
        const light::Picture s = scene();
        const auto reach = Reach::of(twelve(), s.colour, Finish::Satin, progress);
        Plane off;
        const LinearPicture proof = reach->proof(s.colour, &off);
        double worst = 0;
        for (int y = 5; y < 200; y += 37)
            for (int x = 5; x < 300; x += 41) {
                const ExactLab wanted = colour::toLab(s.colour.at(x, y));
                const ExactLab exact = twelve().near(wanted, {}).lab;
                worst = std::max(worst, colour::deltaE2000(exact, ExactLab(colour::toLab(proof.at(x, y)))));
            }
        QVERIFY2(worst < 1, qPrintable(QString::number(worst)));
        QVERIFY(keptOf(off).within2 > 0.99); // all of it can be mixed
        const auto matt = Reach::of(twelve(), s.colour, Finish::Matt, progress);
        QVERIFY(luminance(matt->proof(s.colour, nullptr).at(60, 110)) > luminance(proof.at(60, 110)));
    }
    void theFewBestTubesAreThoseThePictureIsOf()
    {
        NoProgress progress;
        // Painted with four: those four are found among twelve.
        const Paints all = twelve().paints();
        std::vector<ExactLab> colours;
        for (const char* mix : {"PW6=9+PBr7BS=1", "PB29=2+PW6=3", "PBr7BS=3+PB29=1", "PW6=12+PY42=1", "PY42=4+PB29=1",
                 "PB29=1+PBr7BS=1+PW6=1"})
            colours.push_back(colourOf(recipeFrom(mix, all).take(), all));
        RecipeMap map;
        for (const ExactLab& c : colours) {
            Puddle p;
            p.wanted = c, p.share = 1.0 / double(colours.size());
            map.puddles.push_back(p);
        }
        const auto choices = choosePalette(twelve(), map, 4, 3, progress);
        QVERIFY(choices.size() >= 2);
        QVERIFY(choices[0].within2 > 0.99 && choices[0].cost <= choices[1].cost);
        QCOMPARE(choices[0].tubes.size(), std::size_t(4));
        for (const double w : choices[0].without)
            QVERIFY(w < 0.9); // each is needed
    }
    void whatIsGivenUpGivesNothing()
    {
        struct Stopped final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stopped;
        const light::Picture s = scene();
        QVERIFY(recipesFor(twelve(), {}, stopped).formulas.empty());
        QVERIFY(gradient(twelve(), {}, stopped).bands.empty());
        QVERIFY(mixing(workWith(firstBox()), s.colour, s.ids, 5, nullptr, stopped).recipes.empty());
        QVERIFY(!Reach::of(twelve(), s.colour, Finish::Satin, stopped));
    }
    void anEmptyBoxSaysNothing()
    {
        NoProgress progress;
        const light::Picture s = scene();
        const Project p = workWith(PaintBox{0, "empty", PaintMedium::Oil, {}});
        const Mixing m = mixing(p, s.colour, s.ids, 5, nullptr, progress);
        QVERIFY(mixFindings(p, m).empty());
        QVERIFY(recipesFor(Search({}), {}, progress).formulas.empty());
    }
    void aSkyIsAPassageWhereItIsSmooth_data()
    {
        QTest::addColumn<int>("kind");
        QTest::addColumn<double>("length"); // cm of 40
        QTest::newRow("lighter all the way down") << 0 << 40.0;
        QTest::newRow("lighter to the middle, then darker") << 1 << 20.0;
        QTest::newRow("chequered: nothing to blend") << 2 << 0.0;
    }
    void aSkyIsAPassageWhereItIsSmooth()
    {
        QFETCH(int, kind);
        QFETCH(double, length);
        const auto p = kit::pictureBy(300, 200, 60, [&](double x, double y) {
            const double even = kind == 1 && y > 100 ? 70 - 0.25 * (y - 100) : 45 + 0.25 * y;
            return kit::Pixel{0, kind == 2 ? ((int(x / 8) + int(y / 8)) % 2 ? 80.0 : 30.0) : even, 0, -15};
        });
        const Passage s = skyPassage(p.colour, p.ids, p.pixelsPerCm, 4);
        QVERIFY2(std::abs(s.lengthCm - length) < 2, qPrintable(QString::number(s.lengthCm)));
        if (length > 0) {
            QVERIFY(s.de > 15 && s.bands >= int(s.de / 2));
            QVERIFY(std::abs(s.minutes - 2 * s.lengthCm / s.bands / 4) < 1e-9);
        }
    }
    void whatThePaintCannotDoIsSaid()
    {
        NoProgress progress;
        // A long sky, black and white in it, on a dark ground.
        const auto p = kit::pictureBy(300, 200, 60, [](double x, double y) {
            return std::hypot(x - 60, y - 150) < 26 ? kit::Pixel{1, 3, 0, 0}
                : std::hypot(x - 240, y - 150) < 26 ? kit::Pixel{2, 99.5, 0, 0}
                                                    : kit::Pixel{0, 40 + 0.22 * y, 5, 20};
        });
        Project work = workWith(firstBox());
        work.mix.openMinutes = 0.5, work.mix.paceCmPerMinute = 1, work.mix.coats = 1, work.mix.wetUm = 40;
        work.mix.finish = Finish::Matt;
        work.brief.ground.toning = Toning::Darkest;
        const auto findings = [&] {
            const Mixing m = mixing(work, p.colour, p.ids, p.pixelsPerCm, nullptr, progress);
            std::map<std::string, Finding> all;
            for (Finding& f : mixFindings(work, m, "2026-06-01"))
                all.emplace(f.key.substr(0, f.key.find(':')), f);
            return all;
        };
        auto said = findings();
        const std::string why = said.at("mix.blend").why;
        QVERIFY(why.find("long enough: ") != std::string::npos && why.find("oil") != std::string::npos);
        QVERIFY(said.contains("mix.blend") && said.contains("mix.underlayer") && said.contains("mix.lights"));
        QVERIFY(said.at("mix.blend").why.find("retarder") != std::string::npos);
        QVERIFY(said.at("mix.underlayer").measured > 1);
        // Varnish answers the dull darks; time and coats the others.
        QVERIFY(said.contains("mix.darks") && said.at("mix.darks").fix);
        work = said.at("mix.darks").fix->apply(work);
        QCOMPARE(int(work.mix.finish), int(Finish::Gloss));
        work.mix.openMinutes = 60, work.mix.coats = 12, work.mix.wetUm = 200;
        said = findings();
        QVERIFY(!said.contains("mix.blend") && !said.contains("mix.underlayer"));
        // An old card.
        work.boxes[0].tubes[1].card.masstone = {true, {17, 0, 0}};
        work.boxes[0].tubes[1].card.date = "2024-01-01";
        QVERIFY(findings().at("mix.card-old").sentence.find("882 days") != std::string::npos);
    }
    /// A pale wall: without let-downs its parts miss; with them they are measured out.
    void palePuddlesAskForLetDowns()
    {
        NoProgress progress;
        const auto p = kit::pictureBy(150, 100, 60, [](double x, double) {
            return x < 75 ? kit::Pixel{0, 89, -6, -6} : kit::Pixel{0, 86, 2, -5};
        });
        Project work = workWith(firstBox());
        work.mix.letDown = 0;
        const auto said = [&] {
            const Mixing m = mixing(work, p.colour, p.ids, p.pixelsPerCm, nullptr, progress);
            for (const Finding& f : mixFindings(work, m))
                if (f.key == "mix.parts")
                    return std::optional(f);
            return std::optional<Finding>();
        };
        const auto f = said();
        QVERIFY(f && f->measured > 2 && f->fix);
        work = f->fix->apply(work);
        QCOMPARE(work.mix.letDown, 20);
        QVERIFY(!said());
    }
    void tubesFarFromTypicalAreFoundOnTheCanvas()
    {
        NoProgress progress;
        Project work = workWith(firstBox());
        const light::Picture s = scene();
        QCOMPARE(shareOffTypical(mixing(work, s.colour, s.ids, 5, nullptr, progress), 3), 0.0);
        work.boxes[0].tubes[0].card.masstone = {true, {88, 2, 14}}; // a yellowed white, in nearly all mixes
        const Mixing m = mixing(work, s.colour, s.ids, 5, nullptr, progress);
        QVERIFY(m.box.of("PW6")->fromTypical > 3);
        QVERIFY(shareOffTypical(m, 3) > 0.8 && shareOffTypical(m, 50) == 0);
    }
    void aPictureIsThinnedWhole()
    {
        light::Picture p = scene();
        double k = p.pixelsPerCm;
        LinearPicture colour = p.colour;
        IdMap ids = p.ids;
        thinned(colour, ids, k, 20'000);
        QVERIFY(colour.size() <= 20'000 && colour.width() == 150 && ids.height() == 100);
        QVERIFY(std::abs(k - p.pixelsPerCm / 2) < 1e-12);
        QCOMPARE(ids.at(45, 55), 1);
    }
    void rulesOfLayersAreThere()
    {
        const LayerRule* r = layerRule("acrylic", "oil");
        QVERIFY(r && !r->allowed && r->reason.find("peels") != std::string::npos);
        QVERIFY(layerRule("oil", "acrylic")->allowed && !layerRule("acrylic", "tar"));
        QCOMPARE(layerRules().size(), std::size_t(16));
    }
};

RL_TEST(TestMixing)
#include "tst_mixing.moc"
