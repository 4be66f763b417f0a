#include "store/picture_reader.h"
#include "store/project_file.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QDirIterator>
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

    /// Every file that lies there is whole, and one of them holds what was said last.
    void killedWhileFilesComeAndGoNothingIsLost()
    {
        const int rounds = qEnvironmentVariableIsSet("RL_KILLS") ? qEnvironmentVariableIntValue("RL_KILLS") : 5;
        QTemporaryDir dir;
        QDir(dir.path()).mkdir("pictures");
        for (int i = 0; i < 6; ++i) {
            const Photo p = kit::plain(500 + i, 300, {std::uint8_t(40 * i), 90, 90});
            QVERIFY(bool(
                store::writeFile(dir.filePath(QString("pictures/%1.png").arg(i)).toStdString(), store::encodePng(p))));
        }
        QRandomGenerator random(20261201);
        int most = 0, works = 0, milestones = 0, photographs = 0, brought = 0;
        for (int round = 0; round < rounds; ++round) {
            const QString path = dir.filePath("killed.lantern");
            QVERIFY(bool(store::ProjectFile::create(path.toStdString(), kit::postWork())));
            QProcess run;
            run.start(EDIT_RUN, {path, "--day", QString::number(random.generate())});
            QVERIFY(run.waitForStarted());
            while (!run.canReadLine())
                QVERIFY(run.waitForReadyRead(60000));
            QTest::qSleep(int(random.bounded(1200)));
            ::kill(pid_t(run.processId()), SIGKILL);
            run.waitForFinished();
            const auto lines = QString::fromUtf8(run.readAllStandardOutput()).split('\n', Qt::SkipEmptyParts);
            const int said = lines.back().section(' ', 0, 0).toInt(), set = lines.back().section(' ', 1, 1).toInt();
            int kept = -1, keptMilestones = 0;
            QDirIterator all(dir.path(), {"*.lantern"}, QDir::Files, QDirIterator::Subdirectories);
            while (all.hasNext()) {
                const QString file = all.next();
                const auto opened = store::ProjectFile::open(file.toStdString());
                QVERIFY2(bool(opened), qPrintable(file + ": " + (opened ? "" : opened.error().sentence.c_str())));
                NoProgress progress;
                const auto wrong = opened->file.check(progress);
                QVERIFY2(wrong && wrong->empty(),
                    qPrintable(file + (wrong && !wrong->empty() ? ": " + QString::fromStdString(wrong->front()) : "")));
                ++works;
                const int number = QString::fromStdString(opened->project.brief.title).section(' ', 1).toInt();
                if (number > kept)
                    kept = number, keptMilestones = 0;
                if (number == kept)
                    keptMilestones = std::max(keptMilestones, int(opened->file.milestones()->size()));
                photographs += int(opened->project.painting.photos.size());
                brought += int(opened->project.references.size());
            }
            QVERIFY2(
                kept >= said - 1, qPrintable(QString("round %1: said %2, kept %3").arg(round).arg(said).arg(kept)));
            QVERIFY2(keptMilestones >= set || kept > said, // a milestone is no less than an edit
                qPrintable(QString("round %1: %2 milestones set, %3 kept").arg(round).arg(set).arg(keptMilestones)));
            most = std::max(most, said), milestones += keptMilestones;
            QDirIterator old(dir.path(), {"*.lantern", "*.lantern~*", "*.new-*", "*.png*"}, QDir::Files,
                QDirIterator::Subdirectories);
            while (old.hasNext())
                if (const QString file = old.next(); !file.contains("/pictures/"))
                    QFile::remove(file);
        }
        qInfo("%d kills, at most %d edits before one; %d works looked at, %d pictures, %d photographs of the canvas, "
              "%d milestones in the newest",
            rounds, most, works, brought, photographs, milestones);
        QVERIFY(most > 3);
    }
};

RL_TEST(TestKilled)
#include "tst_killed.moc"
