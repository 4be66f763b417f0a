#include "app/application.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include <QUndoStack>

using namespace rl;
using namespace rl::app;

/// Work at the window that goes on and on: nothing waits, and a hundred steps are taken back to the pixel.
class TestFlowOfWork : public QObject {
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
    void cleanupTestCase() { m_hand.reset(); }

    void aHundredStepsBackAndForth()
    {
        const auto atStage = [&] { // pictures of one size
            window().goTo(Station::Stage);
            kit::laidOut();
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

    void theInterfaceDoesNotStop()
    {
        auto& app = *static_cast<Application*>(qApp);
        everyPage([](const QString&) { kit::laidOut(); }); // fonts and small copies are at hand then
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
            kit::laidOut();
            note(page);
        });
        window().goTo(Station::Stage);
        for (int i = 0; i < 20; ++i) {
            QTest::keyClick(board(), i % 2 ? Qt::Key_Left : Qt::Key_Right, Qt::ShiftModifier);
            kit::laidOut();
        }
        QVERIFY(hand().settle());
        for (int i = 0; i < 20; ++i)
            hand().undo();
        note("arrow keys and undo on the stage");
        qInfo("longest stop of the interface: %.1f ms (%s); wanted: at most 50 ms", worst.ms, qPrintable(worst.what));
        qInfo("most work in one event, without what the machine did meanwhile: %.1f ms (%s)", busiest.ms,
            qPrintable(busiest.what));
        QVERIFY(worst.ms > 0 && !worst.what.isEmpty());
        // The interface's own work, not what the machine did meanwhile.
        QVERIFY2(busiest.ms <= 50, qPrintable(QString("%1 ms: %2").arg(busiest.ms).arg(busiest.what)));
    }
};

RL_TEST(TestFlowOfWork)
#include "tst_flow_of_work.moc"
