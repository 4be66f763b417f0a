#include "core/paint/bands.h"
#include "core/paint/calibration.h"
#include "core/paint/parts.h"
#include "core/paint/recipes.h"
#include "tests/kit/program.h"
#include <QFile>
#include <QTest>
#include <nlohmann/json.hpp>
#include <set>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;
using nlohmann::json;

namespace {
const json& examples()
{
    static const json all = [] {
        QFile file(RL_MIX_EXAMPLES);
        return file.open(QIODevice::ReadOnly) ? json::parse(file.readAll().toStdString()) : json();
    }();
    return all;
}
ExactLab labOf_(const json& j)
{
    return {j[0].get<double>(), j[1].get<double>(), j[2].get<double>()};
}
const Search& searchOf(const std::string& palette)
{
    static std::map<std::string, Search> all;
    auto at = all.find(palette);
    if (at == all.end()) {
        const auto ids = examples()["palettes"][palette].get<std::vector<std::string>>();
        at = all.emplace(palette, Search(typicalPaints(ids).take())).first;
    }
    return at->second;
}
double hueOff(const ExactLab& a, const ExactLab& b)
{
    return std::abs(turnBetween(a.hue(), b.hue()));
}
/// Far out of reach, where the smallest difference belongs to a grey of quite another hue.
bool isTrap(const json& t)
{
    const ExactLab wanted = labOf_(t["lab"]);
    for (const char* kind : {"best", "best_quarter"}) {
        const json& b = t[kind]["4"];
        if (b["de00"] > 4 && hueOff(wanted, labOf_(b["lab"])) > 25 && wanted.chroma() > 15)
            return true;
    }
    return false;
}
double at(std::vector<double> v, double share)
{
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[std::size_t(share * double(v.size() - 1))];
}
std::optional<Reading> reading(const json& j, const char* key)
{
    return j.contains(key) ? std::optional(Reading{labOf_(j[key]), {}}) : std::nullopt;
}
} // namespace

/// Targets with known optima, gradients, and simulated swatch cards made elsewhere.
class TestMixExamples : public QObject {
    Q_OBJECT
    NoProgress m_progress;

private slots:
    void initTestCase()
    {
        QVERIFY(examples().contains("targets"));
        QCOMPARE(searchOf("p24").paints().size(), std::size_t(24));
    }
    /// Against the best of every choice of four from several starts.
    void anyAmountsComeToTheOptimum()
    {
        std::vector<double> excess, fewer;
        int traps = 0, kept = 0;
        for (const json& t : examples()["targets"]) {
            Wish wish;
            wish.wanted = labOf_(t["lab"]);
            const Search& search = searchOf(t["palette"].get<std::string>());
            const Answer a = recipesFor(search, wish, m_progress);
            QVERIFY(!a.formulas.empty());
            // Nothing claims to be better than the best there is.
            QVERIFY(a.reachDe > t["best"]["4"]["de00"].get<double>() - 0.05);
            if (isTrap(t)) {
                ++traps;
                kept += hueOff(wish.wanted, a.formulas.front().lab) <= 25 && a.formulas.front().lab.chroma() > 8;
                continue;
            }
            double least = 1e9;
            for (const Formula& f : a.formulas)
                least = std::min(least, f.de);
            excess.push_back(least - t["best"]["4"]["de00"].get<double>());
            if (t.value("also2", false)) {
                wish.most = 2;
                const Answer two = recipesFor(search, wish, m_progress);
                for (const Formula& f : two.formulas)
                    QVERIFY(f.recipe.size() <= 2);
                least = 1e9;
                for (const Formula& f : two.formulas)
                    least = std::min(least, f.de);
                fewer.push_back(least - t["best"]["2"]["de00"].get<double>());
            }
        }
        QVERIFY2(at(excess, 0.5) < 0.01 && at(excess, 0.9) < 0.05 && at(excess, 1) < 0.5,
            qPrintable(QString("%1 %2 %3").arg(at(excess, 0.5)).arg(at(excess, 0.9)).arg(at(excess, 1))));
        QVERIFY(!fewer.empty() && at(fewer, 0.9) < 0.1);
        QVERIFY(traps >= 3);
        QCOMPARE(kept, traps);
    }
    /// A part of them, since every combination is tried.
    void partsComeToTheOptimum()
    {
        std::vector<double> excess, first;
        int n = 0;
        for (const json& t : examples()["targets"]) {
            if (isTrap(t) || t["palette"] == "p24" || n++ % 3)
                continue;
            Wish wish;
            wish.wanted = labOf_(t["lab"]), wish.inParts = true;
            const Answer a = recipesFor(searchOf(t["palette"].get<std::string>()), wish, m_progress);
            const double best = t["best_quarter"]["4"]["de00"].get<double>();
            double least = 1e9;
            for (const Formula& f : a.formulas) {
                double sum = 0;
                for (const Part& p : f.recipe) {
                    const auto ladder = partsLadder();
                    QVERIFY(std::find(ladder.begin(), ladder.end(), float(p.parts)) != ladder.end());
                    sum += p.parts;
                }
                QVERIFY(sum <= kMostParts);
                least = std::min(least, f.de);
            }
            excess.push_back(least - best), first.push_back(a.formulas.front().de - best);
        }
        QVERIFY(excess.size() >= 10);
        QVERIFY2(at(excess, 0.9) < 0.25 && at(excess, 1) < 1.5, qPrintable(QString::number(at(excess, 0.9))));
        QVERIFY2(at(first, 0.5) < 0.6 && at(first, 0.9) < 1.5, qPrintable(QString::number(at(first, 0.9))));
    }
    void paleColoursComeWithLetDowns()
    {
        std::vector<double> with, over;
        for (const json& t : examples()["targets"]) {
            if (!t.contains("best_letdown") || t["palette"] == "p24" || with.size() >= 4)
                continue;
            Wish wish;
            wish.wanted = labOf_(t["lab"]), wish.inParts = true, wish.letDown = 20;
            double least = 1e9;
            for (const Formula& f : recipesFor(searchOf(t["palette"].get<std::string>()), wish, m_progress).formulas)
                least = std::min(least, f.de);
            with.push_back(least), over.push_back(least - t["best_letdown"]["de00"].get<double>());
        }
        QVERIFY(with.size() >= 3);
        QVERIFY2(at(over, 1) < 0.3, qPrintable(QString::number(at(over, 1))));
    }

    void passagesAreGood_data()
    {
        QTest::addColumn<int>("which");
        for (int i = 0; i < int(examples()["bands"].size()); ++i)
            QTest::newRow(examples()["bands"][std::size_t(i)]["id"].get<std::string>().c_str()) << i;
    }
    void passagesAreGood()
    {
        QFETCH(int, which);
        const json& c = examples()["bands"][std::size_t(which)];
        const Search& search = searchOf(c["palette"].get<std::string>());
        GradientWish wish;
        wish.from = labOf_(c["from"]), wish.to = labOf_(c["to"]);
        wish.lengthCm = c["length_cm"].get<double>(), wish.stepDe = c["step_de"].get<double>();
        wish.openMinutes = c.value("open_min", 0.0), wish.paceCmPerMinute = c.value("pace_cm_per_min", 0.0);
        const Gradient g = gradient(search, wish, m_progress);
        const int wanted = c["bands"].get<int>();
        QVERIFY2(int(g.bands.size()) >= wanted - 1 && int(g.bands.size()) <= int(std::ceil(1.1 * wanted)) + 1,
            qPrintable(QString("%1 for %2").arg(g.bands.size()).arg(wanted)));
        QVERIFY(g.largestStep <= 1.05 * wish.stepDe + 0.05);
        QVERIFY2(g.off <= std::max(0.5, c["path_de"].get<double>() + 0.3), qPrintable(QString::number(g.off)));
        std::set<std::string> tubes;
        for (const Band& b : g.bands) {
            for (const Part& p : b.recipe)
                tubes.insert(p.paint);
            QVERIFY(colour::deltaE2000(b.lab, colourOf(b.recipe, search.paints())) < 0.01);
        }
        QVERIFY(tubes.size() <= 4);
        if (wish.openMinutes > 0)
            QVERIFY(g.minutes <= wish.openMinutes + 1e-6);
    }

    void cardsTellUnseenMixes()
    {
        std::vector<double> mixes, glazes;
        for (const json& s : examples()["calibration"]) {
            if (s["hard"].get<bool>())
                continue;
            std::vector<Swatches> cards;
            for (const json& j : s["swatches"]) {
                Swatches w;
                w.paint = j["paint"].get<std::string>();
                w.masstone = reading(j, "masstone_lab"), w.tint10 = reading(j, "tint_1_10_lab");
                if (j.contains("drawdown")) {
                    const json& d = j["drawdown"];
                    w.wetUm = d["wet_um"].get<double>();
                    w.overWhite = reading(d, "white_lab"), w.overBlack = reading(d, "black_lab");
                }
                cards.push_back(w);
            }
            const auto fitted = calibrated(cards, s["sigma_lab"].get<double>(), Finish::Satin, m_progress);
            QVERIFY(bool(fitted));
            Paints paints;
            for (const CalibratedPaint& c : *fitted)
                paints.push_back(c.paint);
            const bool drawn = s["note"].get<std::string>().find("drawdown") != std::string::npos;
            for (const json& u : s["unseen"]) {
                const bool thin = u.contains("wet_um");
                if (thin && !drawn)
                    continue;
                const auto optics = opticsOf(recipeFrom(u["recipe"].get<std::string>(), paints).take(), paints);
                Spectrum under = inside(evenly(kWhiteCard));
                const std::string on = u.value("under", "white");
                if (on == "black")
                    under = evenly(kBlackInside);
                else if (on != "white")
                    under = opaque(opticsOf(recipeFrom(on, paints).take(), paints));
                const Coat coat{u.value("wet_um", 0.0), u.value("medium", 0.0)};
                const double de = colour::deltaE2000(labOf_(u["lab"]), toLab(seen(laid(optics, coat, under))));
                (thin ? glazes : mixes).push_back(de);
            }
        }
        QVERIFY2(at(mixes, 0.5) <= 0.6 && at(mixes, 0.95) <= 2,
            qPrintable(QString("%1 %2").arg(at(mixes, 0.5)).arg(at(mixes, 0.95))));
        QVERIFY2(at(glazes, 0.5) <= 0.8 && at(glazes, 0.95) <= 2.2,
            qPrintable(QString("%1 %2").arg(at(glazes, 0.5)).arg(at(glazes, 0.95))));
    }
};

RL_TEST(TestMixExamples)
#include "tst_mix_examples.moc"
