#include "app/stations/paint/paint_state.h"
#include "app/stations/stage/takes_page.h"
#include "core/gather/measure.h"
#include "core/paint/box.h"
#include "core/paint/palette_numbers.h"
#include "core/paint/recipe_words.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/review/first_steps.h"
#include "store/picture_reader.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QSignalSpy>
#include <QToolButton>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// One work, one answer: on every page, in windows of several sizes, and by the command line.
class TestAgreement : public QObject {
    Q_OBJECT
    std::unique_ptr<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    Desk& desk() { return hand().desk(); }
    using Told = QMap<QString, QString>;

    static QString q(const std::string& s) { return QString::fromStdString(s); }
    static QString number(double v) { return QString::number(v, 'g', 12); }
    Told told()
    {
        Told all;
        for (const Finding& f : desk().findings)
            all["finding " + q(f.key)] = q(f.sentence) + " " + number(f.measured);
        const paint::Mixing& m = *desk().review->mixing;
        for (std::size_t i = 0; i < m.map.puddles.size(); ++i)
            all["puddle " + QString::number(m.map.puddles[i].number)]
                = m.recipes.empty() ? QString() : q(paint::recipeSaid(m, i)) + " " + number(m.needs.puddles[i].ml);
        for (const paint::TubeNeed& t : m.needs.tubes)
            all["tube " + q(t.id)] = number(t.ml);
        return all;
    }
    /// The plan's tasks with the numbers of their puddles.
    Told planTold()
    {
        Told all;
        const PaintState& s = PaintState::of(desk(), hand().view(Station::Paint));
        if (s.work.plan())
            for (const auto& t : s.work.plan()->tasks) {
                QStringList numbers;
                for (const int p : t.puddles)
                    numbers << s.work.puddleNumber(p);
                all["task " + q(t.key)] = number(t.hours) + ": " + numbers.join(",");
            }
        return all;
    }
    static Told commandLine(const QString& file, bool mixed)
    {
        Told all;
        const std::string path = file.toStdString();
        const auto found = kit::lantern({"findings", path}).second, palette = kit::lantern({"palette", path}).second;
        for (const auto& f : found)
            all["finding " + q(f["key"])] = q(f["sentence"]) + " " + number(f["measured"]);
        for (const auto& p : palette["puddles"])
            all["puddle " + QString::number(p["number"].get<int>())]
                = mixed ? q(p["recipe"]) + " " + number(p["ml"]) : QString();
        if (!mixed)
            return all;
        const auto paints = kit::lantern({"paints", path}).second;
        for (const auto& t : paints["tubes"])
            all["tube " + q(t["paint"])] = number(t["ml"]);
        return all;
    }
    static QString differences(const Told& a, const Told& b)
    {
        QStringList out;
        for (const auto& key : a.keys() + b.keys())
            if (a.value(key, "-") != b.value(key, "-"))
                out << key + ": " + a.value(key, "-") + " / " + b.value(key, "-");
        out.removeDuplicates();
        return out.mid(0, 12).join("\n");
    }
    /// A work begun with a photograph of the tester's (RL_PICTURE), a figure before it.
    static Project begunWith(const QString& picture)
    {
        const auto read = store::readPicture(std::filesystem::path(picture.toStdString()));
        Project p = review::freshWork("Begun");
        if (!read)
            return p;
        p.references.push_back(kit::referenceOf("picture", gather::atMost(read->pixels, 1600)));
        p.references.back().id = p.freshId();
        p = review::withBackdropChosen(std::move(p), p.references.back().id, nullptr);
        Element e = edits::standinOf(Solid::Figure);
        e.name = "Walker", e.heightM = 1.7, e.usual = "adult";
        p.brief.cast = {{p.freshId(), "Walker"}};
        e.cast = p.brief.cast[0].id;
        p = edits::withElement(std::move(p), review::firstPlace(p, e));
        return edits::withPaintBox(std::move(p), paint::firstBox());
    }
    static Project made(bool demo)
    {
        if (demo)
            return kit::madeDemo();
        Project p = edits::withPaintBox(kit::shoreWork(), paint::firstBox());
        p.brief.cast = {{p.freshId(), "Post"}};
        p.brief.widthCm = 47, p.brief.heightCm = 31, p.brief.deadline = "2099-03-01"; // another proportion
        return p;
    }

private slots:
    void cleanup() { m_hand.reset(); }

    void oneWorkOneAnswer_data()
    {
        QTest::addColumn<bool>("demo");
        QTest::newRow("the demo") << true;
        QTest::newRow("a made-up work") << false;
        if (qEnvironmentVariableIsSet("RL_PICTURE"))
            QTest::newRow("begun with a picture") << false;
    }
    void oneWorkOneAnswer()
    {
        QFETCH(bool, demo);
        const bool begun = QByteArray(QTest::currentDataTag()) == "begun with a picture";
        m_hand = std::make_unique<kit::StationHand>(begun ? begunWith(qEnvironmentVariable("RL_PICTURE")) : made(demo));
        QVERIFY(hand().settle());
        const Told first = told();
        QVERIFY(first.size() > 3);
        Told plan;
        for (const QSize size : {QSize(1024, 720), QSize(1280, 800), QSize(1700, 1000)}) {
            hand().window().resize(size);
            for (int s = 0; s < kStationCount; ++s) {
                hand().go(Station(s));
                for (int i = 0; i < hand().window().here()->pageCount(); ++i) {
                    hand().page(i);
                    QTest::qWait(20);
                }
                QVERIFY(hand().settle());
                QVERIFY2(told() == first, qPrintable(differences(first, told())));
            }
            hand().go(Station::Paint);
            const auto* state = &PaintState::of(desk(), hand().view(Station::Paint));
            QTRY_VERIFY_WITH_TIMEOUT(state->work.plan() && !state->busy(), 60000);
            if (plan.isEmpty())
                plan = planTold();
            QVERIFY2(planTold() == plan, qPrintable(differences(plan, planTold())));
        }
        hand().window().document().waitSaved();
        const QString file = hand().window().document().path();
        QSignalSpy opened(&hand().window(), &MainWindow::opened); // closed and opened again
        hand().window().openWork(file);
        QVERIFY((opened.count() || opened.wait(20000)) && hand().settle());
        QVERIFY2(told() == first, qPrintable(differences(first, told())));
        QVERIFY2(commandLine(file, true) == first, qPrintable(differences(commandLine(file, true), first)));
        Told planned, tubes;
        const auto plans = kit::lantern({"plan", file.toStdString()}).second;
        for (const auto& t : plans["tubes"])
            tubes["tube " + q(t["paint"])] = number(t["ml"]);
        for (const auto& key : tubes.keys())
            QCOMPARE(tubes[key], first[key]);
        for (const auto& t : plans["tasks"]) {
            QStringList numbers;
            for (const auto& n : t["puddles"])
                numbers << QString::number(n.get<int>());
            planned["task " + q(t["key"])] = number(t["hours"]) + ": " + numbers.join(",");
        }
        QVERIFY2(planned == plan, qPrintable(differences(planned, plan)));
    }

    /// While it is worked out the trail says so, and what was known stays; it never goes down and up again.
    void whileItIsCheckedItIsSaid()
    {
        m_hand = std::make_unique<kit::StationHand>(made(true));
        QVERIFY(hand().settle() && desk().known());
        const Findings before = desk().findings;
        hand().window().goTo(Station::Stage);
        std::vector<std::pair<bool, std::size_t>> seen; // known, findings
        QObject::connect(&desk(), &Desk::reviewed, &hand().window(),
            [&] { seen.emplace_back(desk().known(), desk().findings.size()); });
        Element e = *desk().heldElement();
        e.baseCm.x += 0.3;
        desk().edit("Move it", edits::withElement(hand().project(), e));
        QVERIFY(!desk().known() && desk().findings.size() == before.size());
        auto* head = hand().window().findChild<QToolButton*>("findingsHead");
        QCOMPARE(head->accessibleName(), QString("checking…"));
        QVERIFY(hand().settle());
        QVERIFY(!seen.empty() && seen.back().first);
        for (std::size_t i = 0; i + 1 < seen.size(); ++i)
            QCOMPARE(seen[i].second, before.size());
        QVERIFY(head->accessibleName() != "checking…");
    }

    /// What a work was a moment ago is not judged again: taken back, done again and opened anew it has its review.
    void takenBackItIsKnown()
    {
        m_hand = std::make_unique<kit::StationHand>(made(false));
        QVERIFY(hand().settle());
        const auto first = desk().review;
        Element e = *desk().heldElement();
        e.baseCm.x += 0.3;
        desk().edit("Move it", edits::withElement(hand().project(), e));
        QVERIFY(hand().settle());
        const auto second = desk().review;
        QVERIFY(first != second);
        hand().undo();
        QVERIFY(hand().settle());
        QCOMPARE(desk().review, first);
        hand().redo();
        QVERIFY(hand().settle());
        QCOMPARE(desk().review, second);
        hand().window().document().waitSaved();
        const QString path = hand().window().document().path();
        hand().window().document().close();
        hand().window().openWork(path);
        QTRY_VERIFY(hand().window().document().path() == path && hand().settle());
        QVERIFY(desk().review && desk().review == second);
    }

    /// A puddle keeps its number through edits, is marked as mixed with a click, and is still that after opening again.
    void numbersStayThroughEditsAndOpening()
    {
        m_hand = std::make_unique<kit::StationHand>(made(false));
        QVERIFY(hand().settle());
        const auto numbers = [&] {
            QMap<int, double> all;
            for (const auto& p : desk().review->mixing->map.puddles)
                all[p.number] = p.wanted.L;
            return all;
        };
        const auto first = numbers();
        QVERIFY(!hand().project().puddles.empty());
        const int steps = hand().window().document().undoStack().count();
        hand().go(Station::Mix);
        hand().page("Puddles");
        Selection s = desk().selection();
        s.puddle = int(desk().review->mixing->map.puddles.size()) / 2;
        const int number = desk().review->mixing->map.puddles[std::size_t(s.puddle)].number;
        desk().hold(s);
        hand().window().here()->refresh();
        hand().find<QAbstractButton>("puddleMixed")->click();
        QVERIFY(hand().settle());
        QCOMPARE(hand().window().document().undoStack().count(), steps + 1); // keeping numbers is no step
        const KnownPuddle* known = paint::knownPuddle(hand().project(), number);
        QVERIFY(known && !known->mixed.empty());
        const std::string recipe = known->mixed;
        Sun sun = hand().project().lights.sun;
        sun.strength *= 1.12; // all of it a little lighter
        desk().edit("Light", edits::withSun(hand().project(), sun));
        QVERIFY(hand().settle());
        for (const int n : numbers().keys())
            if (first.contains(n))
                QVERIFY2(std::abs(numbers()[n] - first[n]) < 14, qPrintable(QString::number(n)));
        const QString path = hand().window().document().path();
        hand().window().document().waitSaved();
        const auto before = numbers();
        QSignalSpy opened(&hand().window(), &MainWindow::opened);
        hand().window().openWork(path);
        QVERIFY(opened.count() || opened.wait(20000));
        QVERIFY(hand().settle());
        QCOMPARE(numbers(), before);
        const int place = paint::placeOf(desk().review->mixing->map, number);
        QVERIFY(place >= 0 && desk().review->mixing->recipes[std::size_t(place)].mixed);
        QCOMPARE(paint::textOf(desk().review->mixing->recipes[std::size_t(place)].formulas[0].recipe), recipe);
    }

    /// The takes' page, the trail and the command line count alike.
    void takesAreCountedAlike()
    {
        m_hand = std::make_unique<kit::StationHand>(made(true));
        QVERIFY(hand().settle());
        hand().go(Station::Stage);
        hand().page("Takes");
        const TakeKeeper& keeper = hand().window().here()->find<TakesPage>()->takes();
        QTRY_VERIFY_WITH_TIMEOUT(std::all_of(hand().project().takes.begin(), hand().project().takes.end(),
                                     [&](const Take& t) { return keeper.current(t.id); }),
            120000);
        hand().window().document().waitSaved();
        const std::string file = hand().window().document().path().toStdString();
        const auto takes = kit::lantern({"takes", file}).second;
        for (const auto& t : takes["takes"])
            for (const Take& take : hand().project().takes)
                if (take.letter == t["letter"].get<std::string>()) {
                    QCOMPARE(keeper.known(take.id)->figures.broken, t["broken"].get<int>());
                    QCOMPARE(keeper.known(take.id)->figures.watch, t["watch"].get<int>());
                    QCOMPARE(keeper.known(take.id)->figures.leadPull, t["lead_pull"].get<double>());
                }
        // The palette of another take is the same before it is in hand and when it is.
        const auto there = kit::lantern({"palette", file, "--take", "B"}).second;
        Told before, then;
        for (const auto& puddle : there["puddles"])
            before[QString::number(puddle["number"].get<int>())] = q(puddle["recipe"]);
        const int was = hand().project().take;
        for (const Take& t : hand().project().takes)
            if (t.letter == "B") {
                desk().edit("Work on another take", takes::withCurrent(hand().project(), t.id));
                break;
            }
        QVERIFY(hand().settle() && hand().project().take != was);
        const paint::Mixing& m = *desk().review->mixing;
        for (std::size_t i = 0; i < m.map.puddles.size(); ++i)
            then[QString::number(m.map.puddles[i].number)] = q(paint::recipeSaid(m, i));
        QVERIFY2(then == before, qPrintable(differences(then, before)));
        hand().undo();
        QVERIFY(hand().settle() && hand().project().take == was);
        int broken = 0;
        for (const Finding& f : desk().findings)
            broken += f.severity == Severity::Broken;
        QCOMPARE(broken, keeper.known(hand().project().take)->figures.broken);
    }
};

RL_TEST(TestAgreement)
#include "tst_agreement.moc"
