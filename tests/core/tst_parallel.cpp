#include "core/base/kept.h"
#include "core/base/parallel.h"
#include "core/project/edits.h"
#include "core/stage/surface.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QElapsedTimer>
#include <QTest>
#include <atomic>
#include <numeric>
#include <thread>

using namespace rl;

/// Loops shared out over the cores, and what is held of what can be made again.
class TestParallel : public QObject {
    Q_OBJECT
    static long sumBelow(int n)
    {
        std::atomic<long> sum = 0;
        parallelRanges(n, [&](int from, int to) {
            long own = 0;
            for (int i = from; i < to; ++i)
                own += i;
            sum += own;
        });
        return sum;
    }

private slots:
    void everyPieceIsDoneOnce_data()
    {
        QTest::addColumn<int>("count");
        for (const int n : {0, 1, 2, 7, 8, 9, 63, 64, 65, 100, 1023, 5000})
            QTest::addRow("%d", n) << n;
    }
    void everyPieceIsDoneOnce()
    {
        QFETCH(int, count);
        for (const int cores : {1, 2, 0}) {
            useCores(cores);
            const auto n = std::size_t(count);
            std::vector<std::atomic<int>> rows(n), items(n);
            parallelRows(count, [&](int from, int to) {
                for (int i = from; i < to; ++i)
                    ++rows[std::size_t(i)];
            });
            parallelItems(count, [&](int i) { ++items[std::size_t(i)]; });
            const auto once = [](const std::atomic<int>& times) { return times == 1; };
            QVERIFY(std::all_of(rows.begin(), rows.end(), once) && std::all_of(items.begin(), items.end(), once));
            QCOMPARE(sumBelow(count), long(count) * (count - 1) / 2);
        }
        useCores(0);
    }

    void loopsInLoopsAndWhatTheyThrow()
    {
        std::atomic<long> sum = 0;
        parallelItems(40, [&](int i) {
            static thread_local int held = 0; // who waits for an inner loop is given no other outer piece
            held = i;
            sum += sumBelow(200);
            if (held != i)
                sum += 1'000'000'000;
        });
        QCOMPARE(sum.load(), 40L * 19900);
        bool caught = false;
        try {
            parallelItems(100, [](int i) {
                if (i == 57)
                    throw std::runtime_error("a plank is loose");
            });
        } catch (const std::runtime_error& e) {
            caught = std::string(e.what()) == "a plank is loose";
        }
        QVERIFY(caught && sumBelow(1000) == 499500);
    }

    void manyThreadsLoopAtOnce()
    {
        std::atomic<int> right = 0;
        std::vector<std::thread> threads;
        for (int t = 0; t < 6; ++t)
            threads.emplace_back([&, t] {
                if (t % 2)
                    workAside();
                for (int k = 0; k < 200; ++k)
                    right += sumBelow(500 + k) == long(500 + k) * (499 + k) / 2;
            });
        for (std::thread& t : threads)
            t.join();
        QCOMPARE(right.load(), 1200);
    }

    void whatWorksAsideRestsWhileAHandDrags()
    {
        std::atomic<long> aside = 0;
        std::atomic<bool> stop = false;
        std::thread measuring([&] {
            workAside();
            while (!stop)
                aside += sumBelow(100) > 0;
        });
        QTRY_VERIFY(aside > 50);
        handMoved();
        QTest::qWait(20); // the piece under way comes to its end
        const long then = aside;
        QElapsedTimer dragged;
        dragged.start();
        while (dragged.elapsed() < 400) { // as a drag does it
            handMoved();
            QVERIFY(sumBelow(100) > 0); // the hand's own loops go on
            QTest::qSleep(5);
        }
        QVERIFY2(aside <= then + 1, qPrintable(QString("%1 %2").arg(aside).arg(then)));
        QTRY_VERIFY_WITH_TIMEOUT(aside > then + 50, 5000); // and goes on by itself
        stop = true;
        measuring.join();
    }

    void whatWasNotUsedForLongestGoesFirst()
    {
        const std::size_t most = kept::most();
        kept::setMost(kept::bytes() + 1000);
        std::vector<std::weak_ptr<const int>> all;
        const auto hold = [&](std::size_t bytes) {
            const auto made = std::make_shared<const int>(int(all.size()));
            kept::hold(made, bytes);
            all.push_back(made);
        };
        hold(400), hold(400);
        kept::used(all[0].lock().get());
        hold(400);
        QVERIFY(!all[0].expired() && all[1].expired() && !all[2].expired());
        const auto inUse = all[0].lock();
        hold(5000); // heavier than all that is allowed: it stays, alone
        QVERIFY(!all[3].expired() && all[2].expired() && all[0].lock() == inUse); // what somebody uses is there still
        kept::letGo(all[3].lock().get());
        QVERIFY(all[3].expired());
        kept::setMost(most);
    }

    void surfacesGiveWayAndAreMadeAnew()
    {
        const Project p = kit::postWork();
        stage::SurfaceCache cache;
        const std::size_t most = kept::most();
        const std::weak_ptr<const stage::Surface> first = cache.surface(p, p.elements[0]);
        QVERIFY(first.lock() == cache.surface(p, p.elements[0])); // held
        const Mask before = first.lock()->alpha;
        kept::setMost(1);
        kept::hold(std::make_shared<const int>(1), 4); // something else comes
        QVERIFY(first.expired());
        kept::setMost(most);
        const auto again = cache.surface(p, p.elements[0]);
        QVERIFY(again->alpha == before);
        // A matte of a work that was left is not held by what knows it.
        std::weak_ptr<const void> matte;
        {
            Project q = p;
            q.cutouts[0].alpha = Mask::filled(60, 420, 255);
            matte = q.cutouts[0].alpha.owner();
            (void)cache.surface(q, q.elements[0]);
            (void)cache.shape(q.cutouts[0]);
        }
        QVERIFY(matte.expired());
    }

    void equalWorksAreEqualInAllTheyHold()
    {
        const Project p = kit::postWork();
        Project q = p;
        QVERIFY(q == p);
        q.references[0].pixels = kit::referenceOf("post", kit::plain(60, 420, {200, 200, 200})).pixels;
        QVERIFY(q == p); // the same file, read anew
        q.references[0].pixels = kit::referenceOf("post", kit::plain(60, 420, {200, 200, 201})).pixels;
        QVERIFY(!(q == p));
        q = p;
        q.cutouts[0].alpha = Mask(60, 420, {p.cutouts[0].alpha.data(), p.cutouts[0].alpha.data() + 60 * 420});
        QVERIFY(q == p); // by its pixels
        PaintBox box;
        box.id = 7;
        q.boxes.push_back(box);
        QVERIFY(!(q == p));
    }
};

RL_TEST(TestParallel)
#include "tst_parallel.moc"
