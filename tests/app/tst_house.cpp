#include "app/application.h"
#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "app/widgets/ground_plan.h"
#include "tests/kit/clipped.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAction>
#include <QCheckBox>
#include <QLabel>
#include <QSignalSpy>
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// The house around the stations, on the demo: room, words, keys, folding, and that nothing waits.
class TestHouse : public QObject {
    Q_OBJECT
    std::optional<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }
    MainWindow& window() { return hand().window(); }
    Board* board() { return hand().board(); }

    /// Goes to every page of every station.
    void everyPage(const std::function<void(const QString&)>& look)
    {
        for (const StationSpec& spec : allStations()) {
            window().goTo(spec.id);
            for (int i = 0; i < int(spec.pages.size()); ++i) {
                hand().page(i);
                QCoreApplication::processEvents();
                look(QString("%1 %2").arg(spec.key).arg(i));
            }
        }
    }
    /// The largest difference of two pictures, of 255.
    static int apart(const QImage& a, const QImage& b)
    {
        int most = a.size() == b.size() ? 0 : 255;
        for (int y = 0; most < 255 && y < a.height(); ++y)
            for (int x = 0; x < a.width(); ++x) {
                const QRgb p = a.pixel(x, y), q = b.pixel(x, y);
                most = std::max({most, std::abs(qRed(p) - qRed(q)), std::abs(qGreen(p) - qGreen(q)),
                    std::abs(qBlue(p) - qBlue(q))});
            }
        return most;
    }

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

    void thePictureHasMostOfTheWindow()
    {
        for (const Station s : {Station::Stage, Station::Light, Station::Read}) {
            window().goTo(s);
            for (int i = 0; i < window().here()->pageCount(); ++i) {
                hand().page(i);
                hand().rest();
                QTest::qWait(120);
                const double share = double(board()->width()) * board()->height() / (1280.0 * 800);
                qInfo("%s, page %d: the board has %.1f %% of the window", qPrintable(stationName(int(s))), i,
                    100 * share);
                QVERIFY2(share >= 0.58, qPrintable(QString("%1 %2: %3").arg(stationName(int(s))).arg(i).arg(share)));
            }
        }
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

    void noWordIsClipped_data()
    {
        QTest::addColumn<QSize>("size");
        QTest::addColumn<double>("text");
        QTest::newRow("1280 x 800") << QSize(1280, 800) << 1.0;
        QTest::newRow("1280 x 800, larger text") << QSize(1280, 800) << 1.25;
        QTest::newRow("small") << QSize(1100, 700) << 1.0;
        QTest::newRow("large") << QSize(2560, 1440) << 1.0;
    }
    void noWordIsClipped()
    {
        QFETCH(QSize, size);
        QFETCH(double, text);
        theme::apply(*qApp, text);
        window().resize(size);
        QTest::qWait(50);
        QStringList bad;
        everyPage([&](const QString& page) {
            QTest::qWait(25);
            if (window().size() != size)
                bad << QString("%1: the window is %2 x %3").arg(page).arg(window().width()).arg(window().height());
            for (int i = 0; i < 40 && !kit::clipped(window()).isEmpty(); ++i)
                QTest::qWait(25); // until all has its place
            for (const QString& words : kit::clipped(window()))
                bad << page + ": " + words;
        });
        QVERIFY2(bad.isEmpty(), qPrintable(bad.mid(0, 30).join("\n")));
        theme::apply(*qApp);
        window().resize(1280, 800);
    }

    void theTrailCarriesNineStationsWithLongNames()
    {
        auto* trail = window().findChild<Trail*>();
        theme::apply(*qApp, 1.25);
        QTest::qWait(20);
        trail->setNames({"Auftrag", "Sammeln", "Ausschneiden", "Bildraum", "Beleuchtung", "Lesbarkeit", "Farbmischung",
            "Übertragung", "Malplanung"});
        QVERIFY(trail->fits());
        trail->setNames({});
        theme::apply(*qApp);
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
        QTest::qWait(20);
        const int folded = board()->width();
        QTest::keyClick(&window(), Qt::Key_G);
        QTest::qWait(20);
        QVERIFY(window().side()->isOpen() && window().side()->findings()->isVisible() && board()->width() < folded);
        QTest::keyClick(&window(), Qt::Key_G);
        QTest::qWait(20);
        QVERIFY(!window().side()->isOpen() && board()->width() == folded);
        auto* head = hand().find<QAbstractButton>("findingsHead");
        QVERIFY(head->isVisible() && !head->text().isEmpty() && !head->icon().isNull());
        head->click(); // the mouse does the same
        QVERIFY(window().side()->isOpen());
        head->click();
    }

    void nothingButThePicture()
    {
        window().goTo(Station::Light);
        QTest::keyClick(&window(), Qt::Key_W);
        QTest::qWait(20);
        QCOMPARE(board()->size(), window().size());
        QTest::keyClick(board(), Qt::Key_Escape);
        QTest::qWait(20);
        QVERIFY(!window().bare() && window().here()->bench()->isVisible());
    }

    void aPlanIsEnlargedAndGivenBack()
    {
        window().goTo(Station::Stage);
        hand().page(0);
        GroundPlan* plan = window().side()->plans()->above();
        QTest::qWait(60);
        const int small = plan->width();
        window().enlarge(plan);
        QTest::qWait(20);
        QVERIFY(plan->width() > 2 * small);
        QTest::keyClick(&window(), Qt::Key_Escape);
        QTest::qWait(20);
        QVERIFY2(!window().enlarged() && plan->isVisible() && std::abs(plan->width() - small) < 4,
            qPrintable(
                QString("%1 %2 %3 %4").arg(window().enlarged()).arg(plan->isVisible()).arg(plan->width()).arg(small)));
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

    void aHundredStepsBackAndForth()
    {
        const auto atStage = [&] { // pictures of one size
            window().goTo(Station::Stage);
            QTest::qWait(60);
            return hand().settle();
        };
        QVERIFY(atStage());
        const QImage before = hand().desk().lit->image;
        const Scene was = hand().project().scene();
        const int from = window().document().undoStack().index();
        for (int i = 0; i < 100; ++i) {
            window().goTo(i % 2 ? Station::Light : Station::Stage);
            board()->setFocus();
            const int keys[]{Qt::Key_Right, Qt::Key_Left, Qt::Key_Down, Qt::Key_PageUp, Qt::Key_Up};
            QTest::keyClick(board(), Qt::Key(keys[i % 5]), i % 3 ? Qt::ShiftModifier : Qt::NoModifier);
        }
        const int steps = window().document().undoStack().index() - from;
        QVERIFY2(steps == 100, qPrintable(QString::number(steps)));
        QVERIFY(atStage());
        const QImage after = hand().desk().lit->image;
        const Scene is = hand().project().scene();
        QVERIFY(after != before);
        for (int i = 0; i < steps; ++i)
            hand().undo();
        QVERIFY(atStage());
        QVERIFY(hand().project().scene() == was);
        QVERIFY2(apart(hand().desk().lit->image, before) <= 1,
            qPrintable(QString::number(apart(hand().desk().lit->image, before))));
        for (int i = 0; i < steps; ++i)
            hand().redo();
        QVERIFY(atStage());
        QVERIFY(hand().project().scene() == is && apart(hand().desk().lit->image, after) <= 1);
        for (int i = 0; i < steps; ++i)
            hand().undo();
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
        QVERIFY(head->text().contains("nothing to say") && head->icon().pixmap(22, 22).toImage() != unknown);
        window().side()->setKnown(&hand().desk().findings);
    }

    void theInterfaceDoesNotStop()
    {
        auto& app = *static_cast<Application*>(qApp);
        everyPage([](const QString&) { QTest::qWait(30); }); // fonts and small copies are at hand then
        QVERIFY(hand().rest());
        Application::Stop worst, busiest;
        const auto note = [&](const QString& where) {
            const auto stop = app.longestStop();
            if (stop.ms > 50)
                qInfo("%s: %.1f ms (%s)", qPrintable(where), stop.ms, qPrintable(stop.what));
            if (stop.ms > worst.ms)
                worst = stop;
            if (app.busiestStop().ms > busiest.ms)
                busiest = app.busiestStop();
            app.forgetStops();
        };
        app.forgetStops();
        everyPage([&](const QString& page) {
            hand().rest();
            QTest::qWait(60);
            note(page);
        });
        window().goTo(Station::Stage);
        for (int i = 0; i < 20; ++i) {
            QTest::keyClick(board(), i % 2 ? Qt::Key_Left : Qt::Key_Right, Qt::ShiftModifier);
            QTest::qWait(15);
        }
        QVERIFY(hand().settle());
        for (int i = 0; i < 20; ++i)
            hand().undo();
        note("arrow keys and undo on the stage");
        qInfo("longest stop of the interface: %.1f ms (%s); wanted: at most 50 ms", worst.ms, qPrintable(worst.what));
        qInfo("most work in one event, without what the machine did meanwhile: %.1f ms (%s)", busiest.ms,
            qPrintable(busiest.what));
        QVERIFY(worst.ms > 0 && !worst.what.isEmpty());
    }
};

RL_TEST(TestHouse)
#include "tst_house.moc"
