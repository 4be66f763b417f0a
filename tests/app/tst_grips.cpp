#include "app/board/overlays/held_frame.h"
#include "app/board/tools/lantern_tool.h"
#include "app/board/tools/stage_tool.h"
#include "app/frame/side_column.h"
#include "app/widgets/ground_plan.h"
#include "core/light/light_log.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QPainter>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

namespace {
/// Writes down what it hears.
class Scribe final : public Tool {
public:
    Scribe(QString name, QStringList& log, bool takes)
        : m_name(std::move(name))
        , m_log(log)
        , m_takes(takes)
    {
    }
    QString hint() const override { return m_takes ? m_name : QString(); }
    bool press(const BoardPoint& p) override
    {
        at = p.at;
        return note("press");
    }
    void move(const BoardPoint& p) override
    {
        at = p.at;
        note("move");
    }
    void release(const BoardPoint&) override { note("release"); }
    bool finish() override { return note("finish"); }
    bool stepBack() override { return note("back"); }
    bool drop() override { return note("drop"); }
    Vec2 at;

private:
    bool note(const char* what)
    {
        m_log << m_name + " " + what;
        return m_takes;
    }
    QString m_name;
    QStringList& m_log;
    bool m_takes;
};

/// Fills a place with a colour.
class FlatPatch final : public Overlay {
public:
    FlatPatch(int depth, QColor colour)
        : m_depth(depth)
        , m_colour(colour)
    {
    }
    int depth() const override { return m_depth; }
    bool shown() const override { return on; }
    void paint(QPainter& p, const Board& board) const override
    {
        p.fillRect(board.toScreen(Rect{10, 10, 10, 10}), m_colour);
    }
    bool on = true;

private:
    int m_depth;
    QColor m_colour;
};
} // namespace

/// What can be taken hold of: on the picture, the plan and the side view, each as its number says; and the board that
/// gives the hand to its tools.
class TestGrips : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    const Project& project() { return hand().project(); }
    const Lantern& lamp() { return project().lights.lanterns[0]; }
    GroundPlan* plan(bool side)
    {
        Plans* both = hand().window().side()->plans();
        return side ? both->side() : both->above();
    }
    static std::unique_ptr<Board> boardOf()
    {
        auto board = std::make_unique<Board>();
        board->resize(640, 460);
        board->setCanvas(60, 40, {}, 200);
        QImage grey(60, 40, QImage::Format_RGB32);
        grey.fill(QColor(120, 120, 120));
        board->setPicture(grey);
        board->show();
        return board;
    }
    static QColor seenAt(Board& board, Vec2 cm)
    {
        return board.grab().toImage().pixelColor(board.toScreen(cm).toPoint());
    }

private slots:
    void initTestCase()
    {
        Project p = kit::postWork(215, 35);
        p.lights.lanterns = {{40, "lamp", true, {1.5, 1.5, 8}, 0.3, 2200, 2, 1}};
        p.lights.air.halfContrastM = 12;
        p.lastId = 50;
        m_hand.emplace(p);
        hand().go(Station::Light);
        hand().page(1);
        QVERIFY(hand().settle());
    }
    void cleanupTestCase() { m_hand.reset(); }

    void gripsOfThePlans_data()
    {
        QTest::addColumn<bool>("side");
        QTest::addColumn<int>("grip");
        QTest::addColumn<QPointF>("by"); // px
        QTest::addColumn<int>("sign"); // of the change
        using G = GroundPlan::Grip;
        QTest::newRow("reach, farther") << false << int(G::Reach) << QPointF(14, 14) << 1;
        QTest::newRow("reach, nearer") << false << int(G::Reach) << QPointF(-7, -7) << -1;
        QTest::newRow("softness, softer") << false << int(G::Softness) << QPointF(0, -14) << 1;
        QTest::newRow("haze, thinner") << false << int(G::Haze) << QPointF(0, -16) << 1;
        QTest::newRow("height, taller") << true << int(G::Height) << QPointF(0, -20) << 1;
    }
    void gripsOfThePlans()
    {
        QFETCH(bool, side);
        QFETCH(int, grip);
        QFETCH(QPointF, by);
        QFETCH(int, sign);
        hand().desk().holdElement(4);
        hand().desk().holdLantern(40);
        QVERIFY(hand().settle());
        GroundPlan* on = plan(side);
        const auto value = [&] {
            switch (GroundPlan::Grip(grip)) {
            case GroundPlan::Grip::Reach:
                return light::reachOf(project().lights, lamp());
            case GroundPlan::Grip::Softness:
                return lamp().radius;
            case GroundPlan::Grip::Haze:
                return project().lights.air.halfContrastM;
            default:
                return project().element(4)->heightM;
            }
        };
        const QPointF at = on->gripAt(GroundPlan::Grip(grip));
        QVERIFY(!at.isNull() && on->rect().contains(at.toPoint()));
        const double before = value();
        const int steps = hand().window().document().undoStack().index();
        hand().drag(on, at, at + by);
        QVERIFY2(sign * (value() - before) > 0.02 * before, qPrintable(QString("%1 from %2").arg(value()).arg(before)));
        QCOMPARE(hand().window().document().undoStack().index(), steps + 1); // one step
        // The grip is where it was let go: as far as it reads is as far as it was dragged.
        const QPointF now = on->gripAt(GroundPlan::Grip(grip));
        QVERIFY2(QLineF(now, at + by).length() < 7,
            qPrintable(QString("%1 %2 wanted %3 %4").arg(now.x()).arg(now.y()).arg((at + by).x()).arg((at + by).y())));
        hand().undo();
        QVERIFY(std::abs(value() - before) < 1e-9);
    }

    void theSunIsCarriedAroundAndUp()
    {
        const Sun was = project().lights.sun;
        GroundPlan* above = plan(false);
        hand().drag(above, above->sunHandle(), QPointF(20, above->height() / 2.0));
        QVERIFY(std::abs(turnBetween(project().lights.sun.azimuth, 270)) < 20);
        hand().undo();
        GroundPlan* side = plan(true);
        const QPointF handle = side->sunHandle();
        hand().drag(side, handle, handle + QPointF(-12, -30));
        QVERIFY2(project().lights.sun.elevation > was.elevation + 3,
            qPrintable(QString::number(project().lights.sun.elevation)));
        hand().undo();
        QVERIFY(project().lights.sun == was);
    }

    void escapeTakesADragOfThePlansBack()
    {
        const int steps = hand().window().document().undoStack().index();
        const Lights was = project().lights;
        GroundPlan* above = plan(false);
        const QPointF from = above->sunHandle();
        QTest::mousePress(above, Qt::LeftButton, {}, from.toPoint());
        for (const QPointF by : {QPointF(-8, 6), QPointF(-30, 20)}) {
            QMouseEvent move(
                QEvent::MouseMove, from + by, above->mapToGlobal(from + by), Qt::NoButton, Qt::LeftButton, {});
            QCoreApplication::sendEvent(above, &move);
        }
        QVERIFY(!(project().lights == was));
        QTest::keyClick(&hand().window(), Qt::Key_Escape);
        QVERIFY(project().lights == was);
        QTest::mouseRelease(above, Qt::LeftButton, {}, (from + QPointF(-40, 20)).toPoint());
        QVERIFY(project().lights == was);
        QCOMPARE(hand().window().document().undoStack().index(), steps);
        // The next drag is a step of its own.
        hand().drag(above, above->sunHandle(), QPointF(20, above->height() / 2.0));
        QCOMPARE(hand().window().document().undoStack().index(), steps + 1);
        hand().undo();
        QVERIFY(project().lights == was);
    }

    void gripsInThePicture_data()
    {
        QTest::addColumn<int>("kind");
        QTest::addColumn<QString>("grip");
        QTest::newRow("reach") << int(LampKind::Flame) << "reach";
        QTest::newRow("softness") << int(LampKind::Flame) << "softness";
        QTest::newRow("facing") << int(LampKind::Panel) << "facing";
    }
    void gripsInThePicture()
    {
        QFETCH(int, kind);
        QFETCH(QString, grip);
        Project p = project();
        p.lights.lanterns[0].kind = LampKind(kind);
        hand().window().document().edit("Make it", p);
        hand().desk().holdLantern(40);
        QVERIFY(hand().settle());
        Board* board = hand().board();
        const double px = 1 / board->pixelsPerCm();
        const LanternGrips g = lanternGrips(project(), lamp(), px);
        const auto at = grip == "reach" ? g.reach : grip == "softness" ? g.softness : g.facing;
        QVERIFY(bool(at));
        const Lantern before = lamp();
        const QPointF from = board->toScreen(*at), by = grip == "softness" ? QPointF(0, -30) : QPointF(40, 6);
        hand().drag(board, from, from + by);
        if (grip == "reach")
            QVERIFY(light::reachOf(project().lights, lamp()) > 1.03 * light::reachOf(project().lights, before));
        else if (grip == "softness")
            QVERIFY(lamp().radius > 1.1 * before.radius);
        else
            QVERIFY(std::abs(turnBetween(lamp().facing, before.facing)) > 5);
        QVERIFY(lamp().position == before.position); // it is not carried
        hand().undo();
        QVERIFY(lamp() == before);
        hand().undo();
    }

    void heightAndFootAreKnobs()
    {
        hand().go(Station::Stage);
        hand().page(1);
        hand().desk().holdElement(4);
        QVERIFY(hand().settle());
        Board* board = hand().board();
        const Element before = *project().element(4);
        const auto knob = heightKnob(hand().desk(), before);
        QVERIFY(bool(knob));
        hand().drag(board, board->toScreen(*knob), board->toScreen(*knob - Vec2{0, 2}));
        const double cmPerM = stage::eyeOf(project()).focalCm / 10;
        QVERIFY2(std::abs(project().element(4)->heightM - before.heightM - 2 / cmPerM) < 0.05,
            qPrintable(QString::number(project().element(4)->heightM)));
        QCOMPARE(project().element(4)->baseCm, before.baseCm);
        hand().undo();
        // The foot to the left edge of what is cut out: the picture stays.
        const Rect box = hand().desk().placed(before).canvas;
        hand().drag(board, board->toScreen(before.baseCm), board->toScreen(Vec2{box.x, before.baseCm.y}));
        QVERIFY2(project().element(4)->footShare >= 0 && project().element(4)->footShare < 0.2,
            qPrintable(QString::number(project().element(4)->footShare)));
        const Rect now = hand().desk().placed(*project().element(4)).canvas;
        QVERIFY(std::abs(now.x - box.x) < 0.05);
        hand().undo();
        QVERIFY(*project().element(4) == before);
    }

    void theTopmostThatTakesItHoldsTheHand()
    {
        const auto board = boardOf();
        QStringList log;
        Scribe idle("idle", log, false), held("held", log, true), below("below", log, true), taken("taken", log, true);
        board->setTools({&idle, &held, &below});
        hand().drag(board.get(), board->toScreen(Vec2{10, 10}), board->toScreen(Vec2{20, 15}));
        QVERIFY(log.startsWith("idle press") && log[1] == "held press" && log.back() == "held release"
            && !log.join(' ').contains("below"));
        QVERIFY((held.at - Vec2{20, 15}).length() < 0.1);
        QCOMPARE(board->hint(), QString("held"));
        log.clear();
        board->take(&taken); // over all others until it is put away
        QVERIFY(board->finish() && board->stepBack());
        QCOMPARE(log, (QStringList{"taken finish", "taken back"}));
        QCOMPARE(board->hint(), QString("taken"));
        log.clear();
        board->take(nullptr);
        QVERIFY(log == QStringList{"taken drop"} && !board->taken());
        log.clear();
        QVERIFY(board->drop());
        QCOMPARE(log, (QStringList{"idle drop", "held drop"}));
        board->setTools({});
        QVERIFY(!board->finish() && !board->stepBack() && !board->drop());
    }

    void aDragGoesOnWhenTheToolsAreBroughtAnew()
    {
        const auto board = boardOf();
        QStringList log;
        Scribe held("held", log, true), other("other", log, true);
        board->setTools({&held});
        QTest::mousePress(board.get(), Qt::LeftButton, {}, board->toScreen(Vec2{10, 10}).toPoint());
        board->setTools({&other, &held}); // a picture has come in
        QTest::mouseRelease(board.get(), Qt::LeftButton, {}, board->toScreen(Vec2{12, 10}).toPoint());
        QCOMPARE(log, (QStringList{"held press", "held release"}));
        QTest::mousePress(board.get(), Qt::LeftButton, {}, board->toScreen(Vec2{10, 10}).toPoint());
        board->setTools({&held}); // its tool has gone: nothing is called that is not there
        QTest::mouseRelease(board.get(), Qt::LeftButton, {}, board->toScreen(Vec2{12, 10}).toPoint());
        QCOMPARE(log.back(), QString("other press"));
    }

    void overlaysLieByTheirDepth()
    {
        const auto board = boardOf();
        FlatPatch high(5, Qt::red), low(1, Qt::blue);
        board->setOverlays({&high, &low});
        QCOMPARE(seenAt(*board, {15, 15}), QColor(Qt::red));
        high.on = false;
        QCOMPARE(seenAt(*board, {15, 15}), QColor(Qt::blue));
        board->see(Board::Seen::Plain); // nothing over the picture
        QCOMPARE(seenAt(*board, {15, 15}), QColor(120, 120, 120));
        board->see(Board::Seen::AsIs);
        board->setBare(true);
        QCOMPARE(seenAt(*board, {15, 15}), QColor(120, 120, 120));
        QVERIFY(board->toScreen(Vec2{0, 0}).x() < 20); // no room is left for rulers
    }

    void twoPicturesArePartedByASash()
    {
        const auto board = boardOf();
        QImage white(60, 40, QImage::Format_RGB32);
        white.fill(Qt::white);
        board->compare(white, "then", "now");
        QVERIFY(board->comparing());
        QTest::mouseClick(board.get(), Qt::LeftButton, {}, board->toScreen(Vec2{45, 30}).toPoint());
        QCOMPARE(seenAt(*board, {20, 30}), QColor(Qt::white));
        QCOMPARE(seenAt(*board, {55, 30}), QColor(120, 120, 120));
        QVERIFY(board->drop() && !board->comparing());
        QCOMPARE(seenAt(*board, {20, 30}), QColor(120, 120, 120));
    }

    void aPhotographIsMeasuredInItsPixels()
    {
        const auto board = boardOf();
        board->setCanvas(600, 400, {1, "px"}, 600);
        board->zoomLifeSize();
        QVERIFY(std::abs(board->pixelsPerCm() - 1) < 1e-9 && board->zoomWords().contains("100 % of its pixels"));
        board->setCanvas(60, 40, {1, "cm"}, 200);
        QVERIFY(board->zoomWords().contains("real size"));
        const double fitted = board->pixelsPerCm();
        board->zoomBy(2);
        QVERIFY(std::abs(board->pixelsPerCm() / fitted - 2) < 1e-9);
        board->fit();
        QCOMPARE(board->pixelsPerCm(), fitted);
    }
};

RL_TEST(TestGrips)
#include "tst_grips.moc"
