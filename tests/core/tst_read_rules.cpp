#include "core/colour/lab.h"
#include "core/project/schools.h"
#include "core/project/stage_edits.h"
#include "core/reading/read_rules.h"
#include "core/reading/rule_help.h"
#include "tests/kit/program.h"
#include "tests/kit/shapes.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;
using namespace rl::reading;
using kit::Pixel;

namespace {
/// A work of two members, elements 1 (first in the cast) and 2, and a third, 3, that is in no cast.
Project workOfThree()
{
    Project p = kit::postWork();
    p.brief.cast = {{1, "Lead"}, {2, "Second"}};
    Element e = p.elements[0];
    p.elements.clear();
    for (int id = 1; id <= 3; ++id) {
        e.id = id, e.cast = id < 3 ? id : 0;
        e.name = id == 1 ? "Lead" : id == 2 ? "Second" : "Bucket";
        p.elements.push_back(e);
    }
    p.lastId = 3;
    return p;
}
/// Three discs of given L* on a ground.
light::Picture discs(double ground, std::array<double, 3> L, double radius = 60)
{
    return kit::pictureBy(900, 600, 60, [=](double x, double y) {
        for (int i = 0; i < 3; ++i)
            if (std::hypot(x - 200 - 250 * i, y - 300) < radius)
                return Pixel{i + 1, L[std::size_t(i)]};
        return Pixel{0, ground};
    });
}
Findings of(const Project& p, const light::Picture& picture)
{
    return readFindings(p, picture, read(p, picture));
}
const Finding* find(const Findings& all, const std::string& key)
{
    const auto at = std::find_if(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(key); });
    return at == all.end() ? nullptr : &*at;
}
} // namespace

class TestReadRules : public QObject {
    Q_OBJECT
private slots:
    /// Arms that hang or are stretched out are seen; one before the chest is not, until it is spread as proposed.
    void aLimbBeforeTheBodyIsSaid_data()
    {
        QTest::addColumn<double>("swing");
        QTest::addColumn<double>("spread");
        QTest::addColumn<double>("bend");
        QTest::addColumn<double>("yaw");
        QTest::addColumn<bool>("said");
        QTest::newRow("hanging") << 0.0 << 8.0 << 0.0 << 0.0 << false;
        QTest::newRow("stretched out") << 0.0 << 85.0 << 0.0 << 0.0 << false;
        QTest::newRow("towards the viewer, from the chest") << 20.0 << -20.0 << 110.0 << 0.0 << true;
        QTest::newRow("the same from the side") << 20.0 << -20.0 << 110.0 << 90.0 << false;
    }
    void aLimbBeforeTheBodyIsSaid()
    {
        QFETCH(double, swing);
        QFETCH(double, spread);
        QFETCH(double, bend);
        QFETCH(double, yaw);
        QFETCH(bool, said);
        Project p = kit::postWork();
        Element e = edits::standinOf(Solid::Figure);
        e.id = 7, e.name = "Pilot", e.baseCm = {30, 36}, e.heightM = 1.75, e.yaw = yaw;
        e.standin.pose.leftArm = {swing, spread, bend};
        e.standin.pose.rightArm = {0, 15, 0};
        p.elements = {e}, p.lastId = 7;
        stage::SurfaceCache cache;
        NoProgress progress;
        const auto limbs = [&](const Project& q) {
            const auto frame = stage::compose(q, 900, cache, progress);
            light::Relighter relighter;
            const light::Picture picture = relighter.light(frame, q.lights);
            Findings all;
            for (const Finding& f : readFindings(q, picture, read(q, picture)))
                if (f.key.starts_with("read.limb:7:left forearm"))
                    all.push_back(f);
            return all;
        };
        const Findings found = limbs(p);
        QCOMPARE(!found.empty(), said);
        if (!said)
            return;
        QVERIFY(found[0].measured > 50 && found[0].fix);
        QVERIFY(limbs(found[0].fix->apply(p)).empty()); // drawn anew, it is out
    }

    void theKeyIsHeldAgainstTheWish_data()
    {
        QTest::addColumn<double>("ground");
        QTest::addColumn<int>("wanted");
        QTest::addColumn<bool>("said");
        QTest::newRow("low, as meant") << 20.0 << 0 << false;
        QTest::newRow("low, high meant") << 20.0 << 2 << true;
        QTest::newRow("high, as meant") << 80.0 << 2 << false;
        QTest::newRow("middle, low meant") << 50.0 << 0 << true;
        QTest::newRow("none meant") << 50.0 << -1 << false;
    }
    void theKeyIsHeldAgainstTheWish()
    {
        QFETCH(double, ground);
        QFETCH(int, wanted);
        QFETCH(bool, said);
        Project p = workOfThree();
        p.brief.wantedKey = wanted;
        const Findings all = of(p, discs(ground, {10, 90, 50}));
        const Finding* f = find(all, "read.key");
        QCOMPARE(f != nullptr, said);
        if (!f)
            return;
        // The fix asks for as many stops as part the middle from the bound.
        const Project after = f->fix->apply(p);
        const double stops = after.lights.air.exposureStops - p.lights.air.exposureStops;
        const double y = double(colour::luminanceOf(float(f->measured))) * std::exp2(stops);
        QVERIFY2(std::abs(double(colour::lightness(float(y))) - f->target) < 0.5, qPrintable(QString::number(stops)));
    }

    void minorAndMajorAreTold()
    {
        Project p = workOfThree();
        p.brief.wantedSpan = 1;
        QVERIFY(find(of(p, discs(50, {40, 60, 50})), "read.span"));
        QVERIFY(!find(of(p, discs(50, {5, 95, 50})), "read.span"));
        p.brief.wantedSpan = 0;
        QVERIFY(find(of(p, discs(50, {5, 95, 50})), "read.span"));
    }

    void blackAndWhiteAreForAccents_data()
    {
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("radius");
        QTest::addColumn<int>("school");
        QTest::addColumn<QString>("said");
        QTest::newRow("a large black") << 4.0 << 110.0 << 0 << "read.black";
        QTest::newRow("a large white") << 99.0 << 110.0 << 0 << "read.white";
        QTest::newRow("a small black") << 4.0 << 20.0 << 0 << "";
        QTest::newRow("a small black where none is wanted") << 4.0 << 40.0 << 2 << "read.black";
        QTest::newRow("near-black where black is not wanted") << 16.0 << 110.0 << 2 << "";
    }
    void blackAndWhiteAreForAccents()
    {
        QFETCH(double, L);
        QFETCH(double, radius);
        QFETCH(int, school);
        QFETCH(QString, said);
        Project p = workOfThree();
        p.brief.schools[std::size_t(School::Black)] = school;
        const Findings all = of(p, discs(50, {L, 45, 55}, radius));
        for (const char* key : {"read.black", "read.white"})
            QCOMPARE(find(all, key) != nullptr, said == key);
    }

    void theMediumHasARange_data()
    {
        QTest::addColumn<QString>("medium");
        QTest::addColumn<bool>("said"); // of a plan that goes down to L* 12
        QTest::newRow("oil") << "oil" << false;
        QTest::newRow("acrylic") << "acrylic" << false;
        QTest::newRow("gouache") << "gouache" << true;
        QTest::newRow("watercolour") << "watercolour" << true;
    }
    void theMediumHasARange()
    {
        QFETCH(QString, medium);
        QFETCH(bool, said);
        Project p = workOfThree();
        p.brief.medium = medium.toStdString();
        QCOMPARE(find(of(p, discs(50, {12, 80, 60})), "read.medium-dark") != nullptr, said);
        QVERIFY(rangeOf("lacquer of another kind").darkest > 0);
    }

    void whatIsInNoCastStaysQuiet()
    {
        const Project p = workOfThree();
        const Findings loud = of(p, discs(50, {70, 68, 99}));
        QVERIFY(find(loud, "read.loud:3"));
        QVERIFY(!find(of(p, discs(50, {95, 90, 53})), "read.loud"));
        QVERIFY2(find(loud, "read.loud:3")->element == 3, "it is held by it");
    }

    /// What the painter has decided, and the finding it ends. Each is there without the decision.
    void whatIsDecidedIsHeard_data()
    {
        QTest::addColumn<QString>("decision");
        QTest::addColumn<QString>("key");
        QTest::addColumn<double>("ground");
        QTest::addColumn<double>("third"); // L* of the thing that is in no cast
        QTest::newRow("quiet: it may melt") << "quiet"
                                            << "read.melts:3" << 50.0 << 50.5;
        QTest::newRow("an edge planned to be lost all round") << "lost"
                                                              << "read.melts:3" << 50.0 << 50.5;
        QTest::newRow("lights first: the ground's white is kept") << "lights"
                                                                  << "read.white" << 97.0 << 30.0;
        QTest::newRow("a minor key: a few close steps") << "minor"
                                                        << "read.range" << 50.0 << 52.0;
        QTest::newRow("set aside") << "aside"
                                   << "read.melts:3" << 50.0 << 50.5;
    }
    void whatIsDecidedIsHeard()
    {
        QFETCH(QString, decision);
        QFETCH(QString, key);
        QFETCH(double, ground);
        QFETCH(double, third);
        Project p = workOfThree();
        p.brief.medium = "oil";
        const bool range = key == "read.range";
        const auto picture = discs(ground, {range ? 25.0 : 85.0, range ? 60.0 : 20.0, third}, 90);
        const auto spoken = [&] {
            const Findings all = of(p, picture);
            const Finding* f = find(all, key.toStdString());
            return f && !p.setAside.contains(f->key);
        };
        if (decision == "minor") { // from a plan whose darks reach far enough
            p.brief.medium = "watercolour";
        }
        QVERIFY(spoken());
        Element& e = p.elements[2];
        if (decision == "quiet")
            e.quiet = true;
        if (decision == "lost")
            e.edges = {{{0.5, 0.5}, 3, EdgeWish::Lost}};
        if (decision == "lights")
            p.brief.schools[std::size_t(School::Darks)] = 3;
        if (decision == "minor")
            p.brief.wantedSpan = 0;
        if (decision == "aside")
            p.setAside[key.toStdString()] = "meant so";
        QVERIFY(!spoken());
    }

    /// Between them no lightness of the darks is both too pale and too dark, whatever the medium.
    void noDarkIsTooPaleAndTooDark_data()
    {
        QTest::addColumn<QString>("medium");
        for (const char* m : {"oil", "acrylic", "gouache", "watercolour", "casein", "mixed"})
            QTest::newRow(m) << m;
    }
    void noDarkIsTooPaleAndTooDark()
    {
        QFETCH(QString, medium);
        Project p = workOfThree();
        p.brief.medium = medium.toStdString();
        bool pale = false, dark = false;
        for (double L = 4; L <= 40; L += 1) {
            const Findings all = of(p, discs(70, {L, 90, 80}, 90));
            const bool isPale = find(all, "read.pale-darks"), isDark = find(all, "read.medium-dark");
            QVERIFY2(!(isPale && isDark), qPrintable(QString::number(L)));
            pale |= isPale, dark |= isDark;
        }
        QVERIFY(pale && dark);
    }

    void theLightestIsWhereItShouldBeRead()
    {
        const Project p = workOfThree();
        const Finding* f = nullptr;
        const Findings all = of(p, discs(50, {40, 99, 55}));
        QVERIFY((f = find(all, "read.lightest")) && f->element == 2 && f->measured < f->target);
        QVERIFY(!find(of(p, discs(50, {99, 60, 55})), "read.lightest"));
    }

    void placesOfTheBackdropAreSpokenOf()
    {
        Project p = workOfThree();
        const auto picture = kit::pictureBy(900, 600, 60, [](double x, double y) {
            return std::hypot(x - 720, y - 120) < 40 ? Pixel{0, 96}
                : std::hypot(x - 250, y - 380) < 60  ? Pixel{1, 44}
                                                     : Pixel{0, 50};
        });
        const Findings all = of(p, picture);
        const Finding* f = find(all, "read.place");
        QVERIFY(f && f->severity == Severity::Broken);
        QVERIFY2(f->sentence.find("bright patch") != std::string::npos
                && f->sentence.find("8 cm from the top") != std::string::npos,
            f->sentence.c_str());
        QVERIFY(f->fix->apply(p).backdrop.dimL > 0);
    }

    void stepsFollowTheirBounds()
    {
        const auto picture = kit::pictureBy(100, 100, 10, [](double x, double) {
            return Pixel{0, x};
        }); // L* 0.5 … 99.5
        const auto steps = valueSteps(picture.colour, std::vector<double>{20, 70});
        QCOMPARE(steps.size(), std::size_t(3));
        QVERIFY(std::abs(steps[0].share - 0.2) < 0.02 && std::abs(steps[1].share - 0.5) < 0.02);
        QVERIFY(std::abs(steps[0].lightness - 10) < 1 && std::abs(steps[2].lightness - 85) < 1);
        QVERIFY(steps[1].from == 20 && steps[1].to == 70);
        double sum = 0;
        for (const ValueStep& s : steps)
            sum += s.share;
        QVERIFY(std::abs(sum - 1) < 1e-9);
        Project p = workOfThree();
        p.brief.valueBounds = {20, 70};
        QCOMPARE(read(p, picture, 7).steps.size(), std::size_t(3)); // the painter's own stand
    }

    void depthFallsIntoPlanes_data()
    {
        QTest::addColumn<QList<double>>("metres");
        QTest::addColumn<QList<int>>("planes");
        QTest::newRow("three") << QList<double>{3, 3.4, 12, 13, 80} << QList<int>{1, 1, 2, 2, 3};
        QTest::newRow("two: near and far") << QList<double>{3, 3.2, 40} << QList<int>{1, 1, 3};
        QTest::newRow("one") << QList<double>{8, 9, 10} << QList<int>{1, 1, 1};
    }
    void depthFallsIntoPlanes()
    {
        QFETCH(QList<double>, metres);
        QFETCH(QList<int>, planes);
        std::map<int, double> distance;
        for (int i = 0; i < metres.size(); ++i)
            distance[i + 1] = metres[i];
        const auto found = depthPlanes(distance);
        for (int i = 0; i < planes.size(); ++i)
            QCOMPARE(found.at(i + 1), planes[i]);
        QVERIFY(depthPlanes({}).empty());
        const auto plan
            = valuePlan(discs(50, {20, 90, 70}).colour, discs(50, {20, 90, 70}).ids, {{1, 1}, {2, 3}, {3, 3}});
        QCOMPARE(plan.planes.size(), std::size_t(3)); // near, far and the backdrop
        QVERIFY(std::abs(plan.planes[0].middle - 20) < 1 && std::abs(plan.planes[1].lightest - 90) < 1
            && std::abs(plan.planes[2].middle - 50) < 1);
    }

    void nothingIsReadOffNothing()
    {
        const Project p = workOfThree();
        QVERIFY(read(p, {}).attention.order.empty());
        const auto flat = kit::pictureBy(64, 48, 60, [](double, double) { return Pixel{0, 50}; });
        const Reading r = read(p, flat);
        QVERIFY(r.silhouettes.empty() && r.tangents.empty() && r.thumbs.empty() && r.attention.places.empty());
        for (const Finding& f : readFindings(p, flat, r))
            QVERIFY(std::isfinite(f.measured) && std::isfinite(f.target));
    }
};

RL_TEST(TestReadRules)
#include "tst_read_rules.moc"
