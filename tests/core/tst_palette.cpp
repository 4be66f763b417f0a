#include "core/paint/palette_numbers.h"
#include "core/paint/recipe_words.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>
#include <set>

using namespace rl;
using namespace rl::paint;

/// Numbers of puddles stay; a recipe is said in one way.
class TestPalette : public QObject {
    Q_OBJECT
    static Puddle puddle(int element, bool light, double L, double a = 0, double b = 0)
    {
        Puddle p;
        p.element = element, p.light = light, p.wanted = {L, a, b}, p.share = 0.1;
        return p;
    }
    static RecipeMap mapOf(std::vector<Puddle> all)
    {
        RecipeMap m;
        m.puddles = std::move(all);
        return m;
    }
    static std::vector<int> numbersOf(const RecipeMap& m)
    {
        std::vector<int> all;
        for (const Puddle& p : m.puddles)
            all.push_back(p.number);
        return all;
    }
    static RecipeMap five()
    {
        return mapOf({puddle(0, true, 90), puddle(4, true, 80, 5, 20), puddle(0, true, 70), puddle(4, false, 40, 4, 9),
            puddle(0, false, 20)});
    }
    static Project kept(Project p, const RecipeMap& map)
    {
        p.puddles = keptNumbers(numbered(map, p), p);
        return p;
    }

private slots:
    void theLightestIsOneAtFirst()
    {
        QCOMPARE(numbersOf(numbered(five(), kit::postWork())), (std::vector{1, 2, 3, 4, 5}));
    }

    /// What a painter changes, and the numbers after it.
    void whatIsStillThereKeepsItsNumber_data()
    {
        QTest::addColumn<int>("what");
        QTest::addColumn<QList<int>>("numbers");
        QTest::newRow("a little lighter: another is the lightest now") << 0 << QList<int>{3, 1, 2, 4, 5};
        QTest::newRow("one gone") << 1 << QList<int>{1, 3, 4, 5};
        QTest::newRow("one more") << 2 << QList<int>{1, 6, 2, 3, 4, 5};
        QTest::newRow("another colour altogether") << 3 << QList<int>{1, 2, 3, 4, 5};
    }
    void whatIsStillThereKeepsItsNumber()
    {
        QFETCH(int, what);
        QFETCH(QList<int>, numbers);
        const Project p = kept(kit::postWork(), five());
        RecipeMap now = five();
        auto& all = now.puddles;
        if (what == 0)
            all[2].wanted.L = 77, std::swap(all[0], all[2]), std::swap(all[1], all[2]);
        if (what == 1)
            all.erase(all.begin() + 1);
        if (what == 2)
            all.insert(all.begin() + 1, puddle(0, true, 60, 40, -40));
        if (what == 3)
            all[1].wanted = {30, -50, 40}; // nothing has its number: it is the lowest that is free
        const auto got = numbersOf(numbered(now, p));
        QCOMPARE(QList<int>(got.begin(), got.end()), numbers);
    }

    /// Asked twice, kept twice, saved and asked again: the same numbers.
    void numbersAreOfTheWorkAlone()
    {
        Project p = kept(kit::postWork(), five());
        const auto once = p.puddles;
        for (int i = 0; i < 3; ++i)
            p = kept(std::move(p), five());
        QCOMPARE(p.puddles, once);
        Project repaired = p;
        QVERIFY(repair(repaired) && repaired == p);
    }

    void whatStandsMixedStays()
    {
        Project p = kept(kit::postWork(), five());
        p = withMixed(std::move(p), numbered(five(), p), 2, "PW6=3+PY42=1");
        QCOMPARE(knownPuddle(p, 2)->mixed, std::string("PW6=3+PY42=1"));
        RecipeMap gone = five();
        gone.puddles.erase(gone.puddles.begin() + 1);
        gone.puddles.insert(gone.puddles.begin(), puddle(0, true, 95, 30, 30));
        p = kept(std::move(p), gone);
        QVERIFY(knownPuddle(p, 2) && !knownPuddle(p, 2)->mixed.empty()); // it stands on the palette all the same
        QCOMPARE(numbersOf(numbered(gone, p)).front(), 6); // and nothing else is called so
        p = kept(std::move(p), five());
        QCOMPARE(numbersOf(numbered(five(), p))[1], 2);
        // Numbered anew, what is mixed keeps its recipe.
        p = numberedAnew(std::move(p), numbered(five(), p));
        QVERIFY(std::count_if(p.puddles.begin(), p.puddles.end(), [](const auto& k) { return !k.mixed.empty(); }) == 1);
    }

    /// A mixed puddle is mixed as it was, whatever the picture wants now.
    void itsRecipeIsTheOneThatWasMixed()
    {
        Project p = edits::withPaintBox(kit::shoreWork(), firstBox());
        const LinearPicture colour(40, 20, std::vector<Rgb>(800, Rgb{0.4f, 0.3f, 0.2f}));
        const IdMap ids = IdMap::filled(40, 20, 0);
        NoProgress progress;
        const Mixing before = mixing(p, colour, ids, 4, nullptr, progress);
        p = withMixed(std::move(p), before.map, 1, "PW6=2+PY42=2");
        const LinearPicture darker(40, 20, std::vector<Rgb>(800, Rgb{0.37f, 0.28f, 0.19f}));
        const Mixing after = mixing(p, darker, ids, 4, nullptr, progress);
        QVERIFY(after.recipes[0].mixed && textOf(after.recipes[0].formulas[0].recipe) == "PW6=2+PY42=2");
        const auto seen = colourOf(after.recipes[0].formulas[0].recipe, after.box.paints);
        QVERIFY(std::abs(seen.L - after.recipes[0].formulas[0].lab.L) < 1e-9);
        double tubes = 0;
        for (const auto& [id, ml] : after.needs.puddles[0].tubes)
            tubes += ml;
        QVERIFY(std::abs(tubes - after.needs.puddles[0].ml) < 1e-6); // and its tubes are reckoned so
    }

    void amountsAreSaidToATenth()
    {
        QCOMPARE(mlSaid(12.44), std::string("12.4 ml"));
        QCOMPARE(mlSaid(0.02), std::string("under 0.1 ml"));
        QCOMPARE(mlSaid(0), std::string("0.0 ml"));
    }

    void aTintIsSaidWithItsWhite_data()
    {
        QTest::addColumn<QString>("recipe");
        QTest::addColumn<QString>("said");
        QTest::newRow("a tint") << "PG7/20=0.5+PW6=8"
                                << "8 titanium white + ½ phthalo green (blue shade) (1 in 20 white)";
        QTest::newRow("plain") << "PW6=1+PBk9=0.25"
                               << "1 titanium white + ¼ bone black";
        QTest::newRow("no part of the ladder") << "PW6=1.333"
                                               << "1.33 titanium white";
    }
    void aTintIsSaidWithItsWhite()
    {
        QFETCH(QString, recipe);
        QFETCH(QString, said);
        const MixingBox box = mixingBox(firstBox());
        const auto made = recipeFrom(recipe.toStdString(), box.paints);
        QVERIFY2(bool(made), made ? "" : made.error().sentence.c_str());
        QCOMPARE(QString::fromStdString(recipeSaid(box, *made)), said);
    }
};

RL_TEST(TestPalette)
#include "tst_palette.moc"
