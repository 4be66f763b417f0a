#include "core/schedule/sittings.h"
#include "tests/kit/program.h"
#include <QTest>
#include <random>

using namespace rl;
using namespace rl::schedule;

namespace {
constexpr Minutes kHour = 60, kWholeDay = 1440;
/// Evenings of so many hours, every so many days.
std::vector<Window> evenings(int count, double hours, int days = 1)
{
    std::vector<Window> all;
    for (int i = 0; i < count; ++i)
        all.push_back({i * days * kWholeDay + 19 * kHour, i * days * kWholeDay + 19 * kHour + Minutes(60 * hours)});
    return all;
}
Task task(const char* id, double hours, bool splittable = false, std::vector<After> after = {})
{
    Task t;
    t.id = id, t.length = Minutes(60 * hours), t.splittable = splittable, t.after = std::move(after);
    return t;
}
std::vector<Task> someTasks(std::mt19937& random, int count)
{
    std::vector<Task> all;
    for (int i = 0; i < count; ++i) {
        Task t = task("", 0.25 * (1 + random() % 9), random() % 2 == 0);
        t.id = "t" + std::to_string(i);
        if (t.splittable)
            t.leastPiece = 30;
        else
            t.length = std::min<Minutes>(t.length, 120);
        t.pause = random() % 9 == 0;
        t.splittable = t.splittable && !t.pause;
        for (int k = 0; k < i && k < 2; ++k)
            if (random() % 3)
                t.after.push_back({"t" + std::to_string(random() % unsigned(i)), Minutes(random() % 5) * 12 * kHour});
        all.push_back(std::move(t));
    }
    return all;
}
} // namespace

/// Tasks with their drying, placed into free hours.
class TestSittings : public QObject {
    Q_OBJECT
    NoProgress m_progress;
private slots:
    void dryingFallsIntoTheGaps()
    {
        // Two coats of an hour, a day of drying between them, something else to do meanwhile.
        const auto windows = evenings(6, 2);
        const std::vector<Task> tasks{task("first coat", 1), task("second coat", 1, false, {{"first coat", kWholeDay}}),
            task("drawing", 2, true)};
        const auto plan = planned(tasks, windows, {}, m_progress);
        QVERIFY(plan && plan->proved);
        QVERIFY(faultsOf(*plan, tasks, *sittingsOf(windows)).empty());
        // By hand: coat and an hour of drawing on the first evening, the coat a day after it ended, the rest before
        // that.
        QCOMPARE(plan->finish, kWholeDay + 21 * kHour);
        QCOMPARE(plan->sittings, 2);
        QCOMPARE(plan->wasted, Minutes(0));
    }
    void aPauseStopsAllWork()
    {
        const auto windows = evenings(5, 2);
        std::vector<Task> tasks{task("paint", 1), task("fresh eyes", 30, false, {{"paint", 0}}),
            task("accents", 1, false, {{"fresh eyes", 0}})};
        tasks[1].pause = true;
        const auto plan = planned(tasks, windows, {}, m_progress);
        QVERIFY(plan && faultsOf(*plan, tasks, *sittingsOf(windows)).empty());
        QCOMPARE(plan->finish, 2 * kWholeDay + 20 * kHour); // 20:00, +30 h = 2:00 on the third day
    }
    void nothingBreaksARule_data()
    {
        QTest::addColumn<int>("count");
        QTest::newRow("few") << 6;
        QTest::newRow("a dozen") << 12;
        QTest::newRow("thirty") << 30;
        QTest::newRow("a hundred and twenty") << 120;
    }
    void nothingBreaksARule()
    {
        QFETCH(int, count);
        std::mt19937 random{unsigned(count)};
        for (int round = 0; round < (count > 50 ? 2 : 12); ++round) {
            const auto tasks = someTasks(random, count);
            std::vector<Window> windows;
            for (int i = 0; i < 40 + 4 * count; ++i)
                if (random() % 4)
                    windows.push_back({i * kWholeDay + Minutes(18 + random() % 2) * kHour,
                        i * kWholeDay + Minutes(20 + random() % 3) * kHour + 15});
            Effort effort;
            effort.rounds = 4000, effort.nodes = 20'000;
            const auto plan = planned(tasks, windows, effort, m_progress);
            QVERIFY2(bool(plan), plan ? "" : plan.error().sentence.c_str());
            const auto faults = faultsOf(*plan, tasks, *sittingsOf(windows));
            QVERIFY2(faults.empty(), faults.empty() ? "" : faults[0].c_str());
            const auto again = planned(tasks, windows, effort, m_progress);
            QVERIFY(again && again->finish == plan->finish && again->pieces.size() == plan->pieces.size());
        }
    }
    void branchAndBoundIsNeverBeatenByTheList()
    {
        std::mt19937 random(8);
        for (int round = 0; round < 20; ++round) {
            const auto tasks = someTasks(random, 8);
            const auto windows = evenings(60, 2.5);
            Effort list, exact;
            list.nodes = 0, exact.rounds = 200;
            const auto a = planned(tasks, windows, list, m_progress), b = planned(tasks, windows, exact, m_progress);
            QVERIFY(a && b && b->proved && !a->proved);
            QVERIFY(b->finish <= a->finish);
            if (b->finish == a->finish)
                QVERIFY(b->sittings <= a->sittings);
        }
    }
    void moreFreeHoursNeverMakeItLater()
    {
        std::mt19937 random(21);
        for (int round = 0; round < 10; ++round) {
            const auto tasks = someTasks(random, 7);
            auto windows = evenings(50, 2.25, 2);
            const auto before = planned(tasks, windows, {}, m_progress);
            windows.push_back({kWholeDay + 9 * kHour, kWholeDay + 12 * kHour}); // a free morning between the first two
            const auto after = planned(tasks, windows, {}, m_progress);
            QVERIFY(before && after && before->proved && after->proved);
            QVERIFY(after->finish <= before->finish);
        }
    }
    void longPlansStayNearWhatIsPossible()
    {
        // Chains of coats that dry for a day beside each other: the painter is never idle in the best plan.
        std::vector<Task> tasks;
        for (int chain = 0; chain < 12; ++chain)
            for (int coat = 0; coat < 10; ++coat) {
                Task t = task("", 0.5 + 0.25 * (chain % 3));
                t.id = std::to_string(chain) + "." + std::to_string(coat);
                if (coat)
                    t.after.push_back({std::to_string(chain) + "." + std::to_string(coat - 1), 12 * kHour});
                tasks.push_back(t);
            }
        const auto windows = evenings(80, 3);
        const auto plan = planned(tasks, windows, {}, m_progress);
        QVERIFY(plan && faultsOf(*plan, tasks, *sittingsOf(windows)).empty());
        Minutes work = 0;
        for (const Task& t : tasks)
            work += t.length;
        const Minutes bound = (work + 179) / 180; // evenings
        QVERIFY2(plan->sittings <= bound + 2, qPrintable(QString("%1 of %2").arg(plan->sittings).arg(bound)));
        QVERIFY(plan->finish <= (bound + 2) * kWholeDay);
        struct Stop final : Progress {
            void report(double, std::string_view) override { }
            bool cancelled() const override { return true; }
        } stop;
        const auto first = planned(tasks, windows, {}, stop); // given up at once: still a plan that keeps the rules
        QVERIFY(first && faultsOf(*first, tasks, *sittingsOf(windows)).empty());
    }
    void theImpossibleIsNamed_data()
    {
        QTest::addColumn<int>("kind");
        QTest::addColumn<QString>("names");
        QTest::newRow("longer than any sitting") << 0 << "big";
        QTest::newRow("sittings run out") << 1 << "sittings";
        QTest::newRow("tasks wait for each other") << 2 << "a";
        QTest::newRow("waits for what is not there") << 3 << "varnish";
        QTest::newRow("twice the same") << 4 << "a";
        QTest::newRow("no free hours") << 5 << "sittings";
        QTest::newRow("hours that end before they begin") << 6 << "begin";
    }
    void theImpossibleIsNamed()
    {
        QFETCH(int, kind);
        QFETCH(QString, names);
        std::vector<Task> tasks{task("a", 1), task("b", 1, false, {{"a", 0}})};
        auto windows = evenings(4, 2);
        if (kind == 0)
            tasks.push_back(task("big", 3));
        if (kind == 1)
            tasks.push_back(task("long", 30, true));
        if (kind == 2)
            tasks[0].after = {{"b", 0}};
        if (kind == 3)
            tasks[0].after = {{"varnish", 0}};
        if (kind == 4)
            tasks[1].id = "a", tasks[1].after.clear();
        if (kind == 5)
            windows.clear();
        if (kind == 6)
            std::swap(windows[1].from, windows[1].to);
        const auto plan = planned(tasks, windows, {}, m_progress);
        QVERIFY(!plan);
        QVERIFY2(QString::fromStdString(plan.error().sentence).contains(names), plan.error().sentence.c_str());
    }
    void faultsAreSeen()
    {
        const auto windows = evenings(3, 2);
        const std::vector<Task> tasks{task("a", 1), task("b", 1, false, {{"a", kWholeDay}})};
        Plan plan = *planned(tasks, windows, {}, m_progress);
        const auto sittings = *sittingsOf(windows);
        QVERIFY(faultsOf(plan, tasks, sittings).empty());
        Plan bad = plan;
        bad.pieces[1].from -= 30, bad.pieces[1].to -= 30;
        QVERIFY(!faultsOf(bad, tasks, sittings).empty()); // too soon
        bad = plan, bad.pieces.pop_back();
        QVERIFY(!faultsOf(bad, tasks, sittings).empty()); // undone
        bad = plan, bad.pieces[0].to -= 15;
        QVERIFY(!faultsOf(bad, tasks, sittings).empty()); // too short
        QVERIFY(planned({}, windows, {}, m_progress)->pieces.empty());
        QCOMPARE(sittingsOf({{0, 60}, {60, 120}, {200, 260}})->size(), std::size_t(2)); // windows that touch are one
    }
};

RL_TEST(TestSittings)
#include "tst_sittings.moc"
