#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "app/widgets/ground_plan.h"
#include "core/project/edits.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAction>
#include <QCheckBox>
#include <QLabel>
#include <QMenu>
#include <QSignalSpy>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// The house around the stations, on the demo: keys, folding, plans, an order put right.
class TestHouse : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return hand().window(); }
    Board* board() { return hand().board(); }

private slots:
    void initTestCase()
    {
        m_hand.emplace(kit::madeDemo());
        QVERIFY(hand().settle());
    }
    void cleanupTestCase()
    {
        theme::apply(*qApp);
        m_hand.reset();
    }

    /// Found, seen first, one switched off, done, taken back.
    void thePictureIsPutInOrder()
    {
        window().goTo(Station::Read);
        hand().page(3);
        QVERIFY(hand().settle());
        const Project before = hand().project();
        auto* keep = hand().find<QPushButton>("keepOrder");
        QVERIFY(!keep->isVisible());
        hand().press("putInOrder");
        QTRY_VERIFY_WITH_TIMEOUT(!window().here()->busy(), 60000);
        QVERIFY(hand().project().elements == before.elements && hand().project().lights == before.lights);
        auto* first = window().findChild<QCheckBox*>("remedy0");
        QVERIFY(first && first->isVisible() && keep->isVisible());
        auto* look = hand().find<QPushButton>("tryOrder");
        look->click();
        QVERIFY(board()->comparing() && hand().desk().trial());
        first->click(); // the rest of them is shown, or nothing
        QVERIFY(!first->isChecked());
        first->click();
        QVERIFY(hand().desk().trial() || !look->isChecked());
        hand().press("keepOrder");
        QVERIFY(!hand().desk().trial() && !board()->comparing());
        QVERIFY(hand().project().elements != before.elements || hand().project().lights != before.lights);
        QVERIFY(!keep->isVisible()); // found for the work as it was
        QVERIFY(hand().settle());
        hand().undo();
        QVERIFY(hand().project().elements == before.elements && hand().project().lights == before.lights);
    }

    void labelsOfThePlanLieApart()
    {
        for (const Station s : {Station::Stage, Station::Light}) {
            window().goTo(s);
            QVERIFY(hand().settle());
            for (GroundPlan* plan : {window().side()->plans()->above(), window().side()->plans()->side()}) {
                plan->grab();
                const auto all = plan->labelRects();
                QVERIFY(all.size() >= 3);
                for (std::size_t i = 0; i < all.size(); ++i)
                    for (std::size_t j = i + 1; j < all.size(); ++j)
                        QVERIFY(!all[i].intersects(all[j]));
            }
        }
    }

    void findingsFoldAndOpenByAKey()
    {
        window().goTo(Station::Read);
        kit::laidOut();
        const int open = board()->width();
        QVERIFY(window().side()->isOpen() && window().side()->findings()->isVisible());
        QTest::keyClick(&window(), Qt::Key_G);
        kit::laidOut();
        const int strip = board()->width();
        QVERIFY(window().side()->isStrip() && strip > open);
        window().goTo(Station::Stage); // a strip there too: the picture keeps its place
        kit::laidOut();
        QVERIFY(window().side()->isStrip() && board()->width() == strip);
        QTest::keyClick(&window(), Qt::Key_G); // the plans, then the findings, then a strip again
        QVERIFY(!window().side()->isStrip() && window().side()->plans()->isVisible());
        QTest::keyClick(&window(), Qt::Key_G);
        QVERIFY(window().side()->isOpen());
        QTest::keyClick(&window(), Qt::Key_G);
        QVERIFY(window().side()->isStrip());
        window().goTo(Station::Read);
        QTest::keyClick(&window(), Qt::Key_G);
        kit::laidOut();
        QVERIFY(window().side()->isOpen() && board()->width() == open);
        auto* head = hand().find<QAbstractButton>("findingsHead");
        QVERIFY(head->isVisible() && !head->text().isEmpty() && !head->icon().isNull());
        head->click(); // the mouse does the same
        QVERIFY(window().side()->isStrip());
        head->click();
        QVERIFY(window().side()->isOpen());
    }

    void nothingButThePicture()
    {
        window().goTo(Station::Light);
        QTest::keyClick(&window(), Qt::Key_W);
        kit::laidOut();
        QCOMPARE(board()->size(), window().size());
        QTest::keyClick(board(), Qt::Key_Escape);
        kit::laidOut();
        QVERIFY(!window().bare() && window().here()->bench()->isVisible());
    }

    void aPlanIsEnlargedAndGivenBack()
    {
        window().goTo(Station::Stage);
        hand().page(0);
        GroundPlan* plan = window().side()->plans()->above();
        kit::laidOut();
        const int small = plan->width();
        window().enlarge(plan);
        kit::laidOut();
        QVERIFY(plan->width() > 2 * small);
        QTest::keyClick(&window(), Qt::Key_Escape);
        kit::laidOut();
        QVERIFY2(!window().enlarged() && plan->isVisible() && std::abs(plan->width() - small) < 4,
            qPrintable(
                QString("%1 %2 %3 %4").arg(window().enlarged()).arg(plan->isVisible()).arg(plan->width()).arg(small)));
    }

    void stepsAndWorksAreInTheMenus()
    {
        auto* history = window().findChild<QMenu*>("undoHistory");
        auto* recent = window().findChild<QMenu*>("recentWorks");
        QVERIFY(history && recent);
        const Project was = hand().project();
        for (int i = 0; i < 3; ++i) {
            Air a = hand().project().lights.air;
            a.wetness = 0.1 * (i + 1);
            window().document().edit(QString("Wet %1").arg(i), edits::withAir(hand().project(), a));
        }
        emit history->aboutToShow();
        QCOMPARE(history->actions()[0]->text(), QString("Wet 2"));
        QVERIFY(history->actions()[0]->isChecked());
        history->actions()[2]->trigger(); // to where the first had just been done
        QCOMPARE(hand().project().lights.air.wetness, 0.1);
        emit history->aboutToShow();
        QVERIFY(history->actions()[2]->isChecked());
        history->actions()[3]->trigger();
        QVERIFY(hand().project() == was);
        emit recent->aboutToShow();
        QVERIFY(!recent->actions().isEmpty());
    }

    void keysDoNotClash()
    {
        const QStringList clashes = hand().desk().actions.clashes();
        QVERIFY2(clashes.isEmpty(), qPrintable(clashes.join("\n")));
    }

    void everyPromisedKeyIsHeard()
    {
        // Each action is put by one that counts; then its key is pressed where it is promised.
        Actions& actions = hand().desk().actions;
        const std::vector<Action> all = actions.all();
        int heard = 0, tried = 0;
        for (Action a : all) {
            a.act = [&heard](Stroke) { ++heard; };
            if (a.hold)
                a.hold = [&heard](bool down) { heard += down; };
            actions.add(a);
        }
        for (const Action& a : all) {
            if (a.keys.isEmpty() || a.reach == Reach::Window)
                continue;
            for (const StationSpec& spec : allStations()) {
                if (a.reach == Reach::Station && a.station != int(spec.id))
                    continue;
                window().goTo(spec.id);
                const QKeySequence keys(a.keys, QKeySequence::PortableText);
                QWidget* there = window().boardHere() ? window().boardHere() : window().here()->centre();
                const int before = heard;
                QTest::keyClick(there, keys[0].key(), keys[0].keyboardModifiers());
                QVERIFY2(heard == before + 1, qPrintable(QString("%1 (%2) at %3").arg(a.id, a.keys, spec.key)));
                ++tried;
            }
        }
        for (const Action& a : all)
            actions.add(a);
        for (const Action& a : all)
            if (a.reach == Reach::Window && !a.keys.isEmpty()) {
                auto* menu = window().findChild<QAction*>(a.id);
                QVERIFY2(
                    menu && menu->shortcut() == QKeySequence(a.keys, QKeySequence::PortableText), qPrintable(a.id));
                QVERIFY(window().actions().contains(menu));
            }
        QVERIFY(tried > 80);
        const QString page = actions.keysPage(stationName);
        for (const Action& a : all)
            if (!a.keys.isEmpty())
                QVERIFY2(page.contains(a.words.toHtmlEscaped()), qPrintable(a.id));
    }

    void aHeldArrowIsOneStep()
    {
        window().goTo(Station::Stage);
        board()->setFocus();
        for (const Element& e : hand().project().elements)
            if (e.name == "Salt heap")
                hand().desk().holdElement(e.id);
        const int before = window().document().undoStack().index();
        const auto was = hand().project().elements;
        for (int i = 0; i < 12; ++i) {
            QKeyEvent again(QEvent::KeyPress, Qt::Key_Right, {}, {}, i > 0);
            QCoreApplication::sendEvent(board(), &again);
        }
        QKeyEvent up(QEvent::KeyRelease, Qt::Key_Right, {}, {});
        QCoreApplication::sendEvent(board(), &up);
        QCOMPARE(window().document().undoStack().index(), before + 1);
        QVERIFY(hand().project().elements != was);
        hand().undo();
        QVERIFY(hand().project().elements == was);
    }

    void anUnknownLampLooksAndReadsSo()
    {
        auto* head = hand().find<QAbstractButton>("findingsHead");
        window().goTo(Station::Brief);
        window().side()->setKnown(nullptr);
        QVERIFY(head->text().contains("checking"));
        const QImage unknown = head->icon().pixmap(22, 22).toImage();
        const Findings none;
        window().side()->setKnown(&none);
        QVERIFY(head->text().contains("all clear") && head->icon().pixmap(22, 22).toImage() != unknown);
        window().side()->setKnown(&hand().desk().findings);
    }
};

RL_TEST(TestHouse)
#include "tst_house.moc"
