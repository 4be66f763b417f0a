#include "app/board/board.h"
#include "app/stations/station.h"
#include "cli/command_base.h"
#include "core/project/edits.h"
#include "core/project/fields.h"
#include "core/project/fixes.h"
#include "store/project_file.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QPainter>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>
#include <QUndoStack>

namespace rl::app {
#include "hacking_examples.h"
}

using namespace rl;
using namespace rl::app;

/// What HACKING.md shows is so: its examples are compiled from it, its files are there, its tables are the program's.
class TestHacking : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    static QString page(const char* name)
    {
        QFile f(QString(RL_SOURCE) + "/" + name);
        return f.open(QIODevice::ReadOnly) ? QString::fromUtf8(f.readAll()) : QString();
    }
    void open(Desk& desk)
    {
        auto file = store::ProjectFile::create(m_dir.filePath("work.lantern").toStdString(), kit::postWork()).take();
        desk.document.adopt({std::move(file), kit::postWork(), {}});
    }

private slots:
    void theWayHasAtMostNineFiles()
    {
        const QString text = page("HACKING.md").section("# The rules", 0, 0);
        QStringList files;
        for (const auto& m : QRegularExpression("`((?:app|core|store)/[^`]+\\.cpp)`").globalMatch(text))
            files << m.captured(1);
        QVERIFY(files.size() > 4 && files.size() <= 9);
        QCOMPARE(QSet<QString>(files.begin(), files.end()).size(), files.size());
        for (const QString& f : files)
            QVERIFY2(QFile::exists(QString(RL_SOURCE) + "/" + f), qPrintable(f));
    }
    void theFieldsPageIsTheProgramsOwn() { QCOMPARE(page("docs/fields.md"), QString::fromStdString(fieldsPage())); }
    void aPageAndAStation()
    {
        Desk desk;
        open(desk);
        const StationSpec spec = dampStation();
        StationView view(desk, spec);
        view.bench()->show();
        view.refresh();
        auto* box = view.bench()->findChild<NumberBox*>("dampWetness");
        QVERIFY(box && box->minimum() == 0 && box->maximum() == 100); // from its table row, in per cent
        box->setFocus();
        QTest::keyClick(box, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(box, "35");
        QTest::keyClick(box, Qt::Key_Return);
        QCOMPARE(desk.project().lights.air.wetness, 0.35);
        QCOMPARE(view.says(), QString("35 % wet"));
        QKeyEvent dry(QEvent::KeyPress, Qt::Key_D, {});
        QVERIFY(desk.actions.press(dry, int(Station::Light)) && desk.project().lights.air.wetness == 0);
        desk.document.undoStack().undo();
        QCOMPARE(desk.project().lights.air.wetness, 0.35);
        delete view.bench();
    }
    void aToolAndAnOverlay()
    {
        Desk desk;
        open(desk);
        Board board;
        board.setCanvas(60, 40, {}, 200);
        board.resize(600, 420);
        HorizonTool tool(desk);
        MiddleMark mark;
        board.show();
        const QImage bare = board.grab().toImage();
        board.setTools({&tool});
        board.setOverlays({&mark});
        QVERIFY(board.grab().toImage() != bare);
        QTest::mousePress(&board, Qt::LeftButton, {}, board.toScreen(Vec2{30, 20}).toPoint());
        QTest::mouseRelease(&board, Qt::LeftButton, {}, board.toScreen(Vec2{30, 20}).toPoint());
        QVERIFY(std::abs(desk.project().camera.horizonCm - 20) < 0.1);
    }
    void aRule()
    {
        Project p = kit::postWork();
        p.lights.air.wetness = 1;
        Findings all;
        dampFindings(p, all);
        QCOMPARE(all.size(), std::size_t(1));
        QCOMPARE(QString::fromStdString(heldAgainst(all[0])), QString("now 100 % – aim for 90 % or less"));
        const Project after = all[0].fix->apply(p);
        all.clear();
        dampFindings(after, all);
        QVERIFY(all.empty());
    }
    void aCommand()
    {
        const std::string path = m_dir.filePath("command.lantern").toStdString();
        QVERIFY(bool(store::ProjectFile::create(path, kit::postWork())));
        CLI::App app;
        DampCommand command;
        command.declare(app);
        app.parse("damp " + path);
        QVERIFY(command.chosen());
        QCOMPARE(command.run()->at("wetness").get<double>(), kit::postWork().lights.air.wetness);
    }
};

RL_TEST(TestHacking)
#include "tst_hacking.moc"
