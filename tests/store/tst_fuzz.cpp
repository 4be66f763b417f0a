#include "tests/fuzz/fuzz.h"
#include "tests/kit/program.h"
#include <QTest>

using namespace rl;

/// Every parser takes what is well formed, and refuses what is spoilt with one clear sentence. lantern-fuzz does the
/// same for as long as it is let.
class TestFuzz : public QObject {
    Q_OBJECT

private slots:
    void spoiltInputIsRefusedInOneSentence_data()
    {
        QTest::addColumn<int>("driver");
        const auto all = fuzz::drivers();
        QVERIFY(all.size() >= 6);
        for (std::size_t i = 0; i < all.size(); ++i)
            QTest::newRow(all[i].name.c_str()) << int(i);
    }
    void spoiltInputIsRefusedInOneSentence()
    {
        QFETCH(int, driver);
        const auto t = fuzz::run(fuzz::drivers()[std::size_t(driver)], 600, 8, 4711);
        QVERIFY2(t.wrong.empty(), t.wrong.c_str());
        QVERIFY2(t.runs > 20 && t.refused > 0, qPrintable(QString("%1 runs, %2 refused").arg(t.runs).arg(t.refused)));
    }
    /// None is taken, none is refused without a sentence a painter can read.
    void twoHundredBrokenFilesAreRefused()
    {
        const auto all = fuzz::corpus();
        const auto drivers = fuzz::drivers();
        QVERIFY2(all.size() >= 200, qPrintable(QString::number(all.size())));
        QStringList bad;
        for (const fuzz::Broken& b : all) {
            const auto read = drivers[std::size_t(b.driver)].read(b.bytes);
            const std::string words = read ? "taken" : read.error().sentence;
            if (read || words.size() < 12 || words.back() != '.' || words.find("0x") != std::string::npos
                || words.find("exception") != std::string::npos)
                bad << QString::fromStdString(b.how + ": " + words);
        }
        QVERIFY2(bad.isEmpty(), qPrintable(QString::number(bad.size()) + "\n" + bad.join("\n")));
        qInfo("%d broken files, each refused in one sentence", int(all.size()));
    }
    void nothingMuchIsRefusedToo()
    {
        for (const fuzz::Driver& d : fuzz::drivers())
            for (const std::string& s :
                {std::string(), std::string("\0", 1), std::string(3, '\n'), std::string(4096, '\xff')}) {
                const auto read = d.read(s);
                QVERIFY2(!read && read.error().sentence.size() > 8, d.name.c_str());
            }
    }
    /// The spoiler spoils: it can be told from the seed, and the same seed of chance spoils alike.
    void spoilingIsRepeatable()
    {
        std::mt19937 a(5), b(5);
        const std::vector<std::string> seeds{"0123456789 a quick one"};
        int changed = 0;
        for (int i = 0; i < 50; ++i) {
            const auto s = fuzz::spoilt(seeds, a);
            QCOMPARE(s, fuzz::spoilt(seeds, b));
            changed += s != seeds[0];
        }
        QVERIFY(changed > 40);
    }
};

RL_TEST(TestFuzz)
#include "tst_fuzz.moc"
