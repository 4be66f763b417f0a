#include "store/project_file.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QProcess>
#include <QRandomGenerator>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>

using namespace rl;

/// The program is killed in the middle of its work; nothing but the edit in flight may be lost.
class TestKilled : public QObject {
    Q_OBJECT
private slots:
    void killedOverAndOverItLosesAtMostTheLastEdit_data()
    {
        QTest::addColumn<QString>("around");
        QTest::addColumn<int>("usually");
        QTest::newRow("the document alone") << QString() << 50;
        QTest::newRow("a day in the window") << "--window" << 4;
    }
    /// A few times; RL_KILLS says how often else.
    void killedOverAndOverItLosesAtMostTheLastEdit()
    {
        QFETCH(QString, around);
        QFETCH(int, usually);
        const int rounds = qEnvironmentVariableIsSet("RL_KILLS") ? qEnvironmentVariableIntValue("RL_KILLS") : usually;
        QTemporaryDir dir;
        const QString path = dir.filePath("killed.lantern");
        QVERIFY(bool(store::ProjectFile::create(path.toStdString(), kit::postWork())));
        QRandomGenerator random(20261124);
        int most = 0;
        for (int round = 0; round < rounds; ++round) {
            QProcess run;
            run.start(EDIT_RUN, around.isEmpty() ? QStringList{path} : QStringList{path, around});
            QVERIFY(run.waitForStarted());
            while (!run.canReadLine())
                QVERIFY(run.waitForReadyRead(60000));
            QTest::qSleep(int(random.bounded(around.isEmpty() ? 60 : 400)));
            ::kill(pid_t(run.processId()), SIGKILL);
            run.waitForFinished();
            int said = 0;
            for (const QByteArray& line : run.readAllStandardOutput().split('\n'))
                said = std::max(said, line.toInt());
            auto opened = store::ProjectFile::open(path.toStdString());
            QVERIFY2(bool(opened), opened ? "" : opened.error().sentence.c_str());
            const Project p = opened.take().project;
            const int kept = QString::fromStdString(p.brief.title).section(' ', 1).toInt();
            QVERIFY2(
                kept >= said - 1, qPrintable(QString("round %1: said %2, kept %3").arg(round).arg(said).arg(kept)));
            QCOMPARE(p.elements.size(), std::size_t(1));
            if (kept) // no half of an edit either
                QVERIFY(std::abs(p.elements[0].baseCm.x - (10 + kept % 7)) < 1e-6);
            most = std::max(most, said);
        }
        QVERIFY(most > 3); // it was killed while working, not before
    }
};

RL_TEST(TestKilled)
#include "tst_killed.moc"
