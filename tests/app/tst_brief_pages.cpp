#include "app/board/overlays/fact_notes.h"
#include "app/stations/brief/clue_threads.h"
#include "app/stations/read/ladders.h"
#include "core/project/brief_edits.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <opencv2/imgproc.hpp>

using namespace rl;
using namespace rl::app;

/// Brief and Read by clicks and keys in the real window.
class TestBriefPages : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    const Project& project() { return hand().project(); }
    Board* board() { return hand().board(); }
    void enter(const char* field, const QString& words) { hand().type(hand().find<QLineEdit>(field), words); }
    Vec2 middleOf(int element)
    {
        const Rect r = hand().desk().placed(*project().element(element)).canvas;
        return r.centre();
    }

private slots:
    void init()
    {
        Project p = kit::postWork();
        p.elements[0].cast = 1;
        m_hand.emplace(p);
        QVERIFY(hand().settle());
    }
    void cleanup() { m_hand.reset(); }

    void anIdeaAndItsCluesFromScratch()
    {
        hand().go(Station::Brief);
        hand().page("Ideas");
        auto* threads = hand().find<ClueThreads>("clueThreads");
        enter("newIdea", "Left alone");
        QCOMPARE(project().brief.ideas.size(), std::size_t(1));
        hand().desk().holdElement(0);
        enter("newClue", "a single post");
        QVERIFY(project().brief.ideas[0].clues.empty()); // nothing is in hand: it says so
        QVERIFY(hand().wasSaid("Click what shows this cue"));
        hand().click(middleOf(project().elements[0].id));
        enter("newClue", "a single post");
        QCOMPARE(project().brief.ideas[0].clues.size(), std::size_t(1));
        QCOMPARE(project().brief.ideas[0].clues[0].element, project().elements[0].id);
        QVERIFY(threads->clue() != 0);
        QVERIFY(hand().settle());
        QVERIFY(!hand().hasFinding("brief.idea")); // one clue was chosen, and it is seen
        // A place on it, by a box drawn on the board.
        hand().press("placeClue");
        const Vec2 c = middleOf(project().elements[0].id);
        hand().drag(board(), board()->toScreen(c - Vec2{2, 3}), board()->toScreen(c + Vec2{2, 0}));
        const Rect part = project().brief.ideas[0].clues[0].part;
        QVERIFY2(
            part.height > 0.2 && part.height < 0.9 && part.bottom() < 0.6, qPrintable(QString::number(part.height)));
        hand().undo();
        QCOMPARE(project().brief.ideas[0].clues[0].part, Rect());
        // By keys: the clue goes, then the idea.
        QTest::mouseClick(threads, Qt::LeftButton, {}, threads->clueRect(0).center());
        QTest::keyClick(threads, Qt::Key_Delete);
        QVERIFY(project().brief.ideas[0].clues.empty());
        QTest::mouseClick(threads, Qt::LeftButton, {}, threads->ideaRect(0).center());
        QTest::keyClick(threads, Qt::Key_Delete);
        QVERIFY(project().brief.ideas.empty());
        hand().undo();
        hand().undo();
        QCOMPARE(project().brief.ideas[0].clues.size(), std::size_t(1));
    }

    void factsAreTickedOff()
    {
        hand().go(Station::Brief);
        hand().page("Facts");
        hand().desk().holdElement(project().elements[0].id);
        enter("newFact", "nine notches");
        enter("factSource", "the old photograph");
        QCOMPARE(project().brief.facts.size(), std::size_t(1));
        const Fact f = project().brief.facts[0];
        QVERIFY(f.source == "the old photograph" && f.element == project().elements[0].id && !f.checked);
        QVERIFY(hand().settle());
        QVERIFY(hand().hasFinding("brief.facts"));
        // A tick stands at the element while the picture is made; its words come where the pointer rests.
        const FactNotes notes(hand().desk());
        QCOMPARE(notes.words(f.element), QStringList{"nine notches"});
        hand().go(Station::Stage);
        const auto tick = notes.tickOf(f.element, *board());
        QVERIFY(tick && notes.tip(tick->center(), *board()).contains("nine notches"));
        QVERIFY(notes.tip(tick->center() + QPointF(60, 0), *board()).isEmpty());
        hand().desk().holdElement(f.element);
        const QImage with = board()->grab().toImage();
        hand().window().document().edit("tick", edits::withFactChecked(project(), f.id, true));
        QVERIFY(notes.words(f.element).isEmpty() && board()->grab().toImage() != with);
        hand().undo();
        hand().go(Station::Brief);
        hand().find<QCheckBox>(qPrintable(QString("fact%1").arg(f.id)))->click();
        QVERIFY(project().brief.facts[0].checked);
        QVERIFY(hand().settle());
        QVERIFY(!hand().hasFinding("brief.facts"));
        hand().press(qPrintable(QString("dropFact%1").arg(f.id)));
        QVERIFY(project().brief.facts.empty());
        hand().undo();
        QCOMPARE(project().brief.facts.size(), std::size_t(1));
    }

    void groundAndSchools()
    {
        hand().go(Station::Brief);
        hand().page("Ground");
        auto* tasks = hand().find<QLabel>("groundTasks");
        const QString before = tasks->text();
        hand().type("coats", "5");
        QCOMPARE(project().brief.ground.coats, 5);
        QVERIFY(tasks->text() != before && tasks->text().contains("safety data sheet"));
        hand().choose("support", int(Support::Paper));
        QVERIFY(tasks->text().contains("stretch"));
        hand().page("Approach");
        hand().choose("school-black", 2);
        QCOMPARE(project().brief.school(School::Black), 2);
        QVERIFY(hand().window().here()->says().contains("L* 95"));
        hand().undo();
        QCOMPARE(project().brief.school(School::Black), 0);
    }

    void theCanvasTakesOtherShapes()
    {
        hand().go(Station::Brief);
        hand().page("Canvas");
        hand().choose("usualSize", 3); // the list begins with "own size"
        QVERIFY(project().brief.widthCm == 50 && project().brief.heightCm == 40);
        hand().choose("format", int(Format::Oval));
        QCOMPARE(project().brief.format, Format::Oval);
        hand().choose("format", int(Format::Free));
        hand().press("drawOutline");
        for (const Vec2 c : {Vec2{5, 5}, {45, 8}, {40, 35}, {10, 30}})
            hand().click(c);
        hand().key(Qt::Key_Return);
        QCOMPARE(project().brief.outline.size(), std::size_t(4));
        QVERIFY(std::abs(project().brief.outline[1].x - 45) < 0.2);
        hand().choose("unit", int(LengthUnit::Inch));
        hand().type("canvasWidthIn", "23 5/8");
        QVERIFY2(std::abs(project().brief.widthCm - 23.625 * 2.54) < 1e-6,
            qPrintable(QString::number(project().brief.widthCm)));
        QVERIFY(hand().find<QDoubleSpinBox>("canvasWidthIn")->text().startsWith("23 5/8"));
        enter("deadline", "tomorrow");
        QVERIFY(project().brief.deadline.empty() && hand().wasSaid("is no date"));
        enter("deadline", "2099-03-01");
        QCOMPARE(project().brief.deadline, std::string("2099-03-01"));
        QVERIFY(hand().window().here()->says().contains("days"));
    }

    void valueStepsAreHeldByBeads()
    {
        hand().go(Station::Read);
        auto* chips = hand().find<Chips>("chips");
        QVERIFY(hand().rest());
        const QPoint from = chips->beadAt(0);
        hand().drag(chips, from, from + QPoint(8, 0));
        QCOMPARE(project().brief.valueBounds.size(), std::size_t(2));
        const double first = project().brief.valueBounds[0];
        QTest::keyClick(chips, Qt::Key_Right);
        QVERIFY(std::abs(project().brief.valueBounds[0] - first - 1) < 1e-9);
        QVERIFY(hand().rest());
        hand().press("findSteps");
        QVERIFY(project().brief.valueBounds.empty());
        hand().undo(); // one step a gesture
        QVERIFY(std::abs(project().brief.valueBounds.at(0) - first - 1) < 1e-9);
        hand().undo();
        QVERIFY(std::abs(project().brief.valueBounds.at(0) - first) < 1e-9);
        hand().undo();
        QVERIFY(project().brief.valueBounds.empty());
        hand().choose("wantedKey", 6); // high, major; the list begins with "none"
        QVERIFY(project().brief.wantedKey == 2 && project().brief.wantedSpan == 1);
        for (int look = 0; look < 7; ++look) {
            hand().choose("moreLooks", look);
            QVERIFY(hand().rest());
            QVERIFY(!hand().window().here()->says().isEmpty());
        }
        hand().choose("moreLooks", 1); // without colour
        QVERIFY2(hand().window().here()->says().contains("key"), qPrintable(hand().window().here()->says()));
        hand().press("look2");
        QVERIFY(hand().window().here()->says().contains("thumb"));
        hand().type("squintFrom", "5");
        QVERIFY(hand().rest());
        QVERIFY(!hand().window().here()->current()->look().isNull());
    }

    void whatIfIsKeptAsATake()
    {
        hand().go(Station::Read);
        hand().page("What if");
        const Project before = project();
        hand().type("whatIfAll", "-12");
        QVERIFY(hand().rest());
        QVERIFY(!hand().window().here()->current()->look().isNull());
        QVERIFY(hand().find<QLabel>("whatIfFigures")->text().contains("what if"));
        QVERIFY(project().elements == before.elements); // nothing has changed
        hand().press("whatIfDrop");
        QVERIFY(hand().window().here()->current()->look().isNull());
        hand().type("whatIfSaturation", "0.4");
        QVERIFY(hand().rest());
        hand().press("whatIfTake");
        QTRY_VERIFY_WITH_TIMEOUT(
            project().takes.size() == before.takes.size() + 2, 20000); // the first is a take now, too
        QVERIFY(!(project().elements == before.elements));
        QVERIFY(hand().settle());
        hand().undo();
        QVERIFY(project().takes.empty() && project().elements == before.elements);
    }

    void edgesArePlannedOnTheContour()
    {
        hand().go(Station::Read);
        hand().page("Edges");
        QVERIFY(hand().settle());
        const auto& shapes = hand().desk().review->reading.silhouettes;
        QVERIFY(!shapes.empty());
        const double k = hand().desk().review->picture.pixelsPerCm;
        const auto& e = shapes[0].contour[shapes[0].contour.size() / 4];
        const QPointF on = board()->toScreen(Vec2{e.at.x / k, e.at.y / k});
        hand().choose("edgeWish", int(EdgeWish::Lost));
        hand().drag(board(), on, on + QPointF(30, 0));
        const auto& edges = project().elements[0].edges;
        QCOMPARE(edges.size(), std::size_t(1));
        QVERIFY(edges[0].wish == EdgeWish::Lost && edges[0].reach > 0.03);
        QVERIFY(hand().settle());
        QVERIFY(hand().hasFinding("read.edge-plan"));
        hand().press("edgeAll");
        QVERIFY(project().elements[0].edges.size() == 1 && project().elements[0].edges[0].reach == 3);
        hand().press("edgeNone");
        QVERIFY(project().elements[0].edges.empty());
        hand().undo();
        QVERIFY(project().elements[0].edges.at(0).reach == 3);
        hand().undo();
        QVERIFY(project().elements[0].edges.at(0).reach < 1);
        hand().undo(); // the whole drag at once
        QVERIFY(project().elements[0].edges.empty());
    }

    void aPictureIsTakenApart()
    {
        hand().go(Station::Read);
        hand().page("Analysis");
        hand().type("studyParts", "6");
        hand().press("study");
        QVERIFY(hand().rest());
        QVERIFY2(hand().window().here()->says().contains("first glances"), qPrintable(hand().window().here()->says()));
        QVERIFY(hand().find<QPushButton>("studySheet")->isVisible());
    }

    /// A bright patch of the backdrop is found, dimmed, and cut free where it is.
    void aPlaceOfTheBackdropIsCutFree()
    {
        cv::Mat m(400, 600, CV_8UC3, cv::Scalar(80, 85, 100));
        cv::circle(m, {470, 90}, 36, cv::Scalar(245, 240, 225), cv::FILLED, cv::LINE_AA);
        Project p = edits::withReference(kit::postWork(), kit::referenceOf("sky", Photo::fromMat(m)));
        p.backdrop.reference = p.references.back().id;
        p.lights.sun.on = false;
        m_hand.emplace(p);
        QVERIFY(hand().settle());
        hand().go(Station::Read);
        hand().page("Attention");
        QVERIFY(hand().hasFinding("read.place"));
        hand().press("dimBackdrop");
        QCOMPARE(project().backdrop.dimL, 4.0);
        hand().undo();
        QVERIFY(hand().settle());
        const std::size_t before = project().elements.size();
        hand().choose("strongPlace", 0);
        hand().press("cutFree");
        QCOMPARE(project().elements.size(), before + 1);
        QCOMPARE(hand().desk().element(), project().elements.back().id);
        const Vec2 at = middleOf(project().elements.back().id);
        QVERIFY2(at.x > 60 * 0.7 && at.y < 40 * 0.45, qPrintable(QString("%1 %2").arg(at.x).arg(at.y)));
        hand().undo();
        QCOMPARE(project().elements.size(), before);
    }

    /// What lies outside a round canvas is covered on every station.
    void aRoundCanvasIsShownRound()
    {
        hand().go(Station::Stage);
        QVERIFY(hand().settle());
        const auto corner = [&] {
            return board()->grab().toImage().pixelColor(board()->toScreen(Vec2{1, 1}).toPoint());
        };
        const auto middle = [&] {
            return board()->grab().toImage().pixelColor(board()->toScreen(Vec2{45, 12}).toPoint());
        };
        const QColor cornerWas = corner(), middleWas = middle();
        Brief b = project().brief;
        b.format = Format::Oval;
        hand().window().document().edit("make it oval", edits::withBrief(project(), b));
        QVERIFY(hand().settle());
        QVERIFY(corner() != cornerWas);
        QVERIFY(std::abs(middle().lightness() - middleWas.lightness()) <= 1);
    }

    void pullIsSplitAndWeighed()
    {
        hand().go(Station::Read);
        hand().page("Attention");
        hand().desk().holdElement(project().elements[0].id);
        hand().type("meaning", "2.5");
        QCOMPARE(project().elements[0].meaning, 2.5);
        QVERIFY(hand().settle());
        QVERIFY(hand().window().here()->says().contains("By contrast"));
        const auto& r = hand().desk().review->reading;
        QCOMPARE(r.meant.size(), r.attention.share.size());
    }
};

RL_TEST(TestBriefPages)
#include "tst_brief_pages.moc"
