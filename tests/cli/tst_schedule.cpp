#include "store/picture_reader.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/program.h"
#include <QTemporaryDir>
#include <QTest>

using namespace rl;

/// `lantern schedule` on the command line.
class TestSchedule : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    std::string with(const std::string& text)
    {
        const std::string file = m_dir.filePath("t.json").toStdString();
        (void)store::writeFile(file, std::vector<unsigned char>(text.begin(), text.end()));
        return file;
    }

private slots:
    void aPlanIsTold()
    {
        const auto [code, j] = kit::lantern({"schedule", "--tasks", with(R"({
            "windows": [["2031-03-01T19:00","2031-03-01T21:00"],["2031-03-02T19:00","2031-03-02T21:00"],["2031-03-03T19:00","2031-03-03T21:00"]],
            "deadline": "2031-03-02T12:00",
            "tasks": [{"id":"ground","hours":1},
                      {"id":"first coat","hours":1,"after":[{"id":"ground","lag_hours":24}]},
                      {"id":"drawing","hours":1.5,"splittable":true,"min_piece_hours":0.5}]})")});
        QCOMPARE(code, 0);
        // The ground at once, drawing behind it, the coat a day after the ground's end, the rest of the drawing before
        // it.
        QCOMPARE(j["finish"].get<std::string>(), std::string("2031-03-02T21:00"));
        QCOMPARE(j["sittings_used"].get<int>(), 2);
        QVERIFY(std::abs(j["late_hours"].get<double>() - 9) < 1e-9 && j["proved"].get<bool>());
        double hours = 0;
        for (const auto& p : j["pieces"]) {
            QVERIFY(p["start"].get<std::string>() < p["end"].get<std::string>());
            hours += p["task"] == "drawing";
        }
        QVERIFY(hours >= 1);
    }
    void dayAndNightAreOneCalendar()
    {
        // Over midnight, over the end of a month and a leap day.
        const auto [code, j] = kit::lantern({"schedule", "--tasks", with(R"({
            "windows": [["2032-02-28T23:00","2032-02-29T01:30"],["2032-03-01T10:00","2032-03-01T12:00"]],
            "tasks": [{"id":"a","hours":2.5},{"id":"b","hours":1,"after":[{"id":"a","lag_hours":24}]}]})")});
        QCOMPARE(code, 0);
        QCOMPARE(j["pieces"][0]["end"].get<std::string>(), std::string("2032-02-29T01:30"));
        QCOMPARE(j["finish"].get<std::string>(), std::string("2032-03-01T11:00"));
    }
    void badTasksGetASentence_data()
    {
        QTest::addColumn<QString>("text");
        QTest::newRow("nothing") << "";
        QTest::newRow("no JSON") << "{\"windows\": [";
        QTest::newRow("another kind") << "[1,2,3]";
        QTest::newRow("no tasks") << R"({"windows":[]})";
        QTest::newRow("no such day") << R"({"windows":[["2031-02-30T10:00","2031-02-30T11:00"]],"tasks":[]})";
        QTest::newRow("a time in words") << R"({"windows":[["today","tomorrow"]],"tasks":[]})";
        QTest::newRow("hours in words")
            << R"({"windows":[["2031-03-01T10:00","2031-03-01T11:00"]],"tasks":[{"id":"a","hours":"two"}]})";
        QTest::newRow("no hours")
            << R"({"windows":[["2031-03-01T10:00","2031-03-01T11:00"]],"tasks":[{"id":"a","hours":0}]})";
        QTest::newRow("absurd hours")
            << R"({"windows":[["2031-03-01T10:00","2031-03-01T11:00"]],"tasks":[{"id":"a","hours":1e300,"splittable":true}]})";
        QTest::newRow("a round")
            << R"({"windows":[["2031-03-01T10:00","2031-03-01T11:00"]],"tasks":[{"id":"a","hours":0.5,"after":[{"id":"a"}]}]})";
    }
    void badTasksGetASentence()
    {
        QFETCH(QString, text);
        std::string said;
        QCOMPARE(kit::lantern({"schedule", "--tasks", with(text.toStdString())}, &said).first, 2);
        QVERIFY2(said.size() > 20 && said.find('{') == std::string::npos, said.c_str());
        QVERIFY(kit::lantern({"schedule", "--tasks", "/no/such/file.json"}).first == 2);
    }
};

RL_TEST(TestSchedule)
#include "tst_schedule.moc"
