#include "core/paint/box.h"
#include "core/paint/csv.h"
#include "core/paint/glaze.h"
#include "core/paint/looks.h"
#include "core/paint/recipe.h"
#include "tests/kit/program.h"
#include <QFile>
#include <QTest>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;

namespace {
Paints allPaints()
{
    std::vector<std::string> ids;
    for (const Pigment& p : pigments())
        if (p.optics)
            ids.push_back(p.id);
    return typicalPaints(ids).take();
}
const Paints& table()
{
    static const Paints all = allPaints();
    return all;
}
ExactLab look(const std::string& mix, double wetUm = 0, double medium = 0, const std::string& under = "white")
{
    const Recipe r = recipeFrom(mix, table()).take();
    Spectrum below = inside(evenly(kWhiteCard));
    if (under == "black")
        below = evenly(kBlackInside);
    else if (under != "white" && !under.empty())
        below = opaque(opticsOf(recipeFrom(under, table()).take(), table()));
    return toLab(seen(laid(opticsOf(r, table()), {wetUm, medium}, below)));
}

/// One row of the list of mixing truths: both mixes, and what is checked of them.
struct Truth {
    std::map<char, ExactLab> of;
    double metric(const std::string& m) const
    {
        if (m.starts_with("dE"))
            return colour::deltaE2000(of.at('A'), of.at('B'));
        if (m.starts_with("minC")) {
            const auto comma = m.find(',');
            const std::string x = m.substr(5, comma - 5), y = m.substr(comma + 1, m.size() - comma - 2);
            double least = 1e9;
            for (int i = 0; i < 240; ++i) {
                char parts[40];
                std::snprintf(parts, sizeof parts, "=%.6g+", 0.002 * std::pow(250000.0, i / 239.0));
                least = std::min(least, look(x + parts + y + "=1").chroma());
            }
            return least;
        }
        const ExactLab& c = of.at(m[2]);
        return m[0] == 'L' ? c.L : m[0] == 'a' ? c.a : m[0] == 'b' ? c.b : m[0] == 'C' ? c.chroma() : c.hue();
    }
    /// "12", "C(B)", "0.75*C(B)", "h(B)+6".
    double value(std::string s) const
    {
        double factor = 1, plus = 0;
        if (const auto star = s.find('*'); star != std::string::npos)
            factor = numberIn(s.substr(0, star)), s = s.substr(star + 1);
        const auto close = s.find(')');
        if (close == std::string::npos)
            return factor * numberIn(s);
        if (close + 1 < s.size())
            plus = numberIn(s.substr(close + 1));
        return factor * metric(s.substr(0, close + 1)) + plus;
    }
    bool holds(const QString& check) const
    {
        const QStringList w = check.simplified().split(' ');
        const double x = metric(w[0].toStdString());
        if (w[1] == "<")
            return x < value(w[2].toStdString());
        if (w[1] == ">")
            return x > value(w[2].toStdString());
        const QStringList ends = w[2].split("..");
        const double low = ends[0].toDouble(), high = ends[1].toDouble();
        return (x >= low && x <= high) || (w[0].startsWith('h') && x + 360 >= low && x + 360 <= high);
    }
};
} // namespace

/// Pigments as spectra: films, surfaces, mixes, and what painters know of them.
class TestPaint : public QObject {
    Q_OBJECT
private slots:
    void theWhiteIsWhiteAndGreysAreGrey()
    {
        for (const Illuminant light : {Illuminant::Daylight, Illuminant::Lamp})
            for (const double y : {1.0, 0.5, 0.184, 0.02}) {
                const ExactLab c = toLab(evenly(y), light);
                QVERIFY(std::abs(c.a) < 1e-9 && std::abs(c.b) < 1e-9);
                QVERIFY(std::abs(c.L - double(colour::lightness(float(y)))) < 1e-4);
            }
    }

    void theTableOfColoursIsThatOfItsSpectra()
    {
        QFile file(RL_PIGMENTS);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto rows = csvRows(file.readAll().toStdString());
        int checked = 0;
        double worst = 0;
        for (std::size_t i = 1; i < rows.size(); ++i)
            if (const Pigment* p = pigmentOf(rows[i][0]); p && p->optics) {
                const ExactLab said(numberIn(rows[i][4]), numberIn(rows[i][5]), numberIn(rows[i][6]));
                worst = std::max(worst, colour::deltaE2000(said, toLab(seen(opaque(*p->optics)))));
                ++checked;
            }
        QCOMPARE(checked, 43);
        QVERIFY2(worst < 0.1, qPrintable(QString::number(worst)));
    }

    void filmsAddUpAndEndInTheirLimits()
    {
        const Spectrum white = inside(evenly(kWhiteCard));
        for (const char* id : {"PW6", "PBk7", "PY74", "PB29", "PR101T"}) {
            const Optics& o = *pigmentOf(id)->optics;
            Spectrum thrice = white;
            for (int i = 0; i < 3; ++i)
                thrice = film(o, 50, 0, thrice);
            const Spectrum once = film(o, 150, 0, white), thin = film(o, 1e-9 / kFilmPerMicron, 0, white),
                           thick = film(o, 1e7 / kFilmPerMicron, 0, white), deep = opaque(o);
            for (std::size_t i = 0; i < kBands; ++i) {
                QVERIFY(std::abs(thrice[i] - once[i]) < 1e-9);
                QVERIFY(std::abs(thin[i] - white[i]) < 1e-6 && std::abs(thick[i] - deep[i]) < 1e-9);
                QVERIFY(std::isfinite(once[i]) && once[i] > 0 && once[i] < 1);
            }
        }
    }
    /// dR/dX = S - 2 (K + S) R + S R², integrated in small steps.
    void aFilmIsTheSolutionOfItsEquation()
    {
        const Optics& o = *pigmentOf("PY42")->optics;
        const double k = o.k[20], s = o.s[20], depth = 60 * kFilmPerMicron;
        double r = 0.2;
        constexpr int kSteps = 20000;
        for (int i = 0; i < kSteps; ++i) {
            const auto slope = [&](double v) { return s - 2 * (k + s) * v + s * v * v; };
            const double h = depth / kSteps, a = slope(r), b = slope(r + h / 2 * a), c = slope(r + h / 2 * b),
                         d = slope(r + h * c);
            r += h / 6 * (a + 2 * b + 2 * c + d);
        }
        QVERIFY(std::abs(film(o, 60, 0, evenly(0.2))[20] - r) < 1e-9);
    }
    void theSurfaceGoesThereAndBack()
    {
        for (double share = 0; share <= 1; share += 0.5)
            for (double r = 0; r <= 0.99; r += 0.01)
                QVERIFY(std::abs(insideOf(seen(r, share), share) - r) < 1e-12);
        // A matt surface greys a black, and leaves a white nearly alone.
        const Spectrum black = opaque(*pigmentOf("PBk7")->optics), white = opaque(*pigmentOf("PW6")->optics);
        QVERIFY(toLab(seen(black, Finish::Matt)).L > toLab(seen(black, Finish::Gloss)).L + 8);
        QVERIFY(toLab(seen(white, Finish::Matt)).L < toLab(seen(white, Finish::Gloss)).L + 2);
    }

    void whatPaintersKnow_data()
    {
        QTest::addColumn<QStringList>("row");
        QFile file(RL_TRUTHS);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto rows = csvRows(file.readAll().toStdString());
        for (std::size_t i = 1; i < rows.size(); ++i) {
            QStringList row;
            for (const auto& s : rows[i])
                row << QString::fromStdString(s);
            QTest::newRow(rows[i][1].c_str()) << row;
        }
    }
    void whatPaintersKnow()
    {
        QFETCH(QStringList, row);
        Truth t;
        for (const int side : {0, 1}) {
            const QString mix = row[2 + 4 * side];
            if (!mix.isEmpty())
                t.of[side ? 'B' : 'A'] = look(mix.toStdString(), row[3 + 4 * side].toDouble(),
                    row[4 + 4 * side].toDouble(), row[5 + 4 * side].toStdString());
        }
        bool all = true;
        for (const QString& check : row[10].split(';'))
            all = all && t.holds(check);
        QCOMPARE(all, row[11] == "yes"); // the two that the table does not meet are known
    }

    void recipesAreReadOrRefused_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("paints");
        QTest::newRow("two") << "PB29=1+PW6=10" << 2;
        QTest::newRow("a let-down with spaces") << " PG7/20 = 0.5 + PW6=2" << 2;
        QTest::newRow("a name with a colon") << "PB15:3=0.25" << 1;
        for (const char* bad : {"", "PB29", "PB29=0", "PB29=-1", "PB29=nan", "PB29=1e99", "XX=1", "PB29=1+", "FLPINK=1",
                 "PG7/1=1", "PB29=1=2"})
            QTest::newRow(qPrintable(QString("refused: ") + bad)) << bad << 0;
    }
    void recipesAreReadOrRefused()
    {
        QFETCH(QString, text);
        QFETCH(int, paints);
        const auto r = recipeFrom(text.toStdString(), table());
        QCOMPARE(bool(r), paints > 0);
        if (!r)
            return;
        QCOMPARE(int(r->size()), paints);
        const auto again = recipeFrom(textOf(*r), table());
        QVERIFY(again && *again == *r);
    }
    void aLetDownIsItsPaintAndWhite()
    {
        QVERIFY(colour::deltaE2000(look("PG7/20=1"), look("PG7=1+PW6=19")) < 1e-9);
        QVERIFY(colour::deltaE2000(look("PG7/20=2+PW6=3"), look("PG7=1+PW6=49")) < 1e-9);
    }

    void coatsHideAsTheyShould()
    {
        const Spectrum white = inside(evenly(kWhiteCard)), black = evenly(kBlackInside);
        const auto coats
            = [&](const char* id, const Spectrum& under) { return coatsToHide(*pigmentOf(id)->optics, 100, under); };
        QCOMPARE(coats("PW6", black), 4);
        QCOMPARE(coats("PW6", white), 1);
        QCOMPARE(coats("PW4", black), 0); // more than twelve
        QCOMPARE(coats("PY42", black), 1);
        QVERIFY(coats("PY74", black) >= 2);
    }
    /// A yellow over a dark blue needs white under it; over white it gets there.
    void aGlazeIsFoundAgain()
    {
        NoProgress progress;
        const Paints paints = typicalPaints({"PW6", "PY74", "PV19", "PB29"}).take();
        const Spectrum white = inside(evenly(kWhiteCard));
        const GlazeKind kind{40, 5, 0.5};
        Spectrum after = white;
        for (int i = 0; i < 3; ++i)
            after = film(paints[2].optics, kind.wetUm, kind.mediumParts, after);
        const auto plans = glazesTo(paints, white, toLab(seen(after)), kind, progress);
        QCOMPARE(plans.front().paint, std::string("PV19"));
        QCOMPARE(plans.front().coats, 3);
        QVERIFY(plans.front().de < 0.01 && plans.front().whiteFirst == 0);
        // A brush leaves thin and thick places; over the paint itself nobody sees them.
        const auto [thin, thick] = unevenness(paints[2].optics, kind, white);
        QVERIFY(thin.L > thick.L + 1 && plans.front().uneven > 0.5);
        const auto self = unevenness(paints[2].optics, kind, opaque(paints[2].optics));
        QVERIFY(colour::deltaE2000(self[0], self[1]) < 1e-6);
        QCOMPARE(plans.front().hours, 1.5);
        const Spectrum blue = opaque(paints[3].optics);
        ExactLab yellow = toLab(seen(film(paints[1].optics, 120, 1, white)));
        for (const GlazePlan& g : glazesTo(paints, blue, yellow, kind, progress))
            if (g.paint == "PY74")
                QVERIFY(g.whiteFirst >= 2);
    }
    void strokesCoverTheShareThatLightSays()
    {
        // Half of white (Y 1) over black (Y 0) is L* 76.07.
        const Strokes s = strokesFor(100, 0, 76.07, 1, 200);
        QVERIFY(std::abs(s.share - 0.5) < 0.002);
        QVERIFY(std::abs(s.perCm - 5) < 0.02 && std::abs(s.gapMm - 1) < 0.01);
        QVERIFY(std::abs(s.arcMinutes - 3.44) < 0.02 && !s.mixes);
        QVERIFY(strokesFor(100, 0, 76.07, 1, 400).mixes);
        QVERIFY(strokesFor(60, 20, 80, 1, 200).share > 1); // these two cannot
    }

    /// The same patch seems darker on white than on grey; CIECAM02 gives the white itself 100.
    void surroundsChangeHowLightItSeems()
    {
        const ExactLab middle(50, 5, -20);
        const double white = apparentLightness(middle, kWhitePalette), grey = apparentLightness(middle, kGreyPalette),
                     black = apparentLightness(middle, 0.02);
        QVERIFY(white < grey - 2 && grey < black - 2);
        QVERIFY(std::abs(apparentLightness({100, 0, 0}, 0.2) - 100) < 0.01);
        QVERIFY(apparentLightness({0, 0, 0}, 0.2) < 1);
    }
    void surprisesAreToldAndNoOthers_data()
    {
        QTest::addColumn<QString>("mix");
        QTest::addColumn<QString>("said");
        QTest::newRow("light yellow and black go green") << "PY74=12+PBk9=1"
                                                         << "turn green";
        QTest::newRow("orange and blue neutralise") << "PO73=1+PB29=1"
                                                    << "neutralise";
        QTest::newRow("white takes the chroma") << "PBr7BS=1+PR108=0.3+PY42=1+PW6=60"
                                                << "White takes";
        QTest::newRow("a little phthalo gives all the colour") << "PB15:3=0.5+PW6=20"
                                                               << "tip of the brush";
        QTest::newRow("yellow and blue make green: no surprise") << "PY74=8+PB15:3=1"
                                                                 << "";
        QTest::newRow("rose and ultramarine stay clear") << "PV19=1+PB29=1"
                                                         << "";
    }
    void surprisesAreToldAndNoOthers()
    {
        QFETCH(QString, mix);
        QFETCH(QString, said);
        const auto all = surprises(recipeFrom(mix.toStdString(), table()).take(), table());
        QString words;
        for (const Warning& w : all)
            words += QString::fromStdString(w.sentence);
        if (said.isEmpty())
            QVERIFY2(!words.contains("green") && !words.contains("neutralise"), qPrintable(words));
        else
            QVERIFY2(words.contains(said), qPrintable(words));
    }
    void wetIsLighterInAcrylicAndTheSameInOil()
    {
        Formula f;
        f.recipe = recipeFrom("PB29=1+PBk9=1", table()).take();
        f.lab = colourOf(f.recipe, table());
        const Looks acrylic = looksOf(f, table(), {50, 0, 0}, PaintMedium::AcrylicHeavy, Finish::Satin);
        QVERIFY(acrylic.wet.L > acrylic.dry.L + 1);
        QCOMPARE(looksOf(f, table(), {50, 0, 0}, PaintMedium::Oil, Finish::Gloss).lampShift > 0, true);
        const Looks gouache = looksOf(f, table(), {50, 0, 0}, PaintMedium::Gouache, Finish::Matt);
        QVERIFY(gouache.wet.L < gouache.dry.L - 3); // darks dry lighter
    }
};

RL_TEST(TestPaint)
#include "tst_paint.moc"
