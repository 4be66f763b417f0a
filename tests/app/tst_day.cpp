#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QUndoStack>
#include <malloc.h>

using namespace rl;
using namespace rl::app;

/// A long day at the easel, compressed: memory must not grow with the hours. RL_DAY says how many edits; 10 000 are
/// eight hours of them.
class TestDay : public QObject {
    Q_OBJECT
    /// What is held, without what the allocator keeps for the next.
    static double residentMb()
    {
        malloc_trim(0);
        QFile f("/proc/self/statm");
        return f.open(QIODevice::ReadOnly) ? f.readAll().split(' ').value(1).toDouble() * 4096 / 1e6 : 0;
    }

private slots:
    void memoryStaysFlat()
    {
        const int edits = qEnvironmentVariableIsSet("RL_DAY") ? qEnvironmentVariableIntValue("RL_DAY") : 160;
        kit::StationHand hand(kit::postWork());
        QVERIFY(hand.settle());
        Document& d = hand.window().document();
        const int perStation = std::max(1, edits / std::max(1, std::min(500, edits / 12)));
        std::vector<double> quarters; // MB when each has passed
        int steps = 0, stations = 0, back = 0;
        for (int n = 0; n < edits; ++n) {
            Project p = hand.project();
            p = n % 3 ? edits::withFoot(std::move(p), 4, {10.0 + n % 37, 30.0 + n % 5}) : [&] {
                Brief b = p.brief;
                b.title = "hour " + std::to_string(n);
                return edits::withBrief(std::move(p), b);
            }();
            if (n % 10 == 1)
                p.lights.sun.azimuth = n * 7 % 360;
            d.edit("Work on", std::move(p));
            ++steps;
            if (n % perStation == 0) {
                hand.window().goTo(Station(n / perStation % int(allStations().size())));
                QVERIFY(hand.rest());
                ++stations;
            }
            if (n % std::max(1, edits / 200) == 0) {
                d.undoStack().undo();
                d.undoStack().redo();
                ++back;
            }
            QCoreApplication::processEvents();
            if ((n + 1) % (edits / 4) == 0) {
                QVERIFY(hand.rest());
                quarters.push_back(residentMb());
            }
        }
        QVERIFY(hand.rest());
        d.waitSaved();
        qInfo("%d edits, %d changes of station, %d steps back and forth; MB after each quarter: %.0f, %.0f, %.0f, %.0f",
            steps, stations, back, quarters[0], quarters[1], quarters[2], quarters[3]);
        // Caches and the four hundred steps that can be taken back fill up first.
        QVERIFY2(quarters[3] < 1.2 * quarters[2] + 60, qPrintable(QString("%1 MB").arg(quarters[3])));
        QVERIFY(d.undoStack().count() <= 400);
    }
};

RL_TEST(TestDay)
#include "tst_day.moc"
