#include "app/application.h"
#include "app/frame/main_window.h"
#include "app/shots.h"
#include "app/theme/theme.h"
#include "demo/demo_work.h"
#include <QCommandLineParser>
#include <QDir>
#include <QEvent>
#include <QFileInfo>
#include <QMetaEnum>
#include <QSettings>
#include <QStandardPaths>
#include <QTextStream>
#include <QThread>
#include <ctime>

namespace rl::app {

namespace {
/// What this thread has worked so far.
double ownMs()
{
    timespec t{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
    return double(t.tv_sec) * 1e3 + double(t.tv_nsec) / 1e6;
}
} // namespace

bool Application::notify(QObject* receiver, QEvent* event)
{
    // Told before: the receiver may be gone afterwards, and an event says its own type only while it lives.
    const QMetaObject* kind = receiver->metaObject();
    const int type = event->type();
    const int level = QThread::currentThread()->loopLevel();
    const bool outermost = m_inside.empty() || level > m_inside.back().level;
    if (!m_inside.empty() && level > m_inside.back().level)
        m_inside.back().nested = true; // a dialog or a menu: its events are measured by themselves
    QElapsedTimer timer;
    timer.start();
    const double worked = ownMs();
    bool handled = false;
    m_inside.push_back({level, false});
    try {
        handled = QApplication::notify(receiver, event);
    } catch (const std::exception& e) {
        logfile::write(QString("an event could not be handled: %1").arg(e.what()));
    } catch (...) {
        logfile::write("an event could not be handled");
    }
    const Inside mine = m_inside.back();
    m_inside.pop_back();
    if (!outermost || mine.nested)
        return handled;
    const auto note = [&](Stop& most, double ms) {
        if (ms > most.ms)
            most = {ms,
                QString("%1, event %2")
                    .arg(kind->className(), QString::fromLatin1(QMetaEnum::fromType<QEvent::Type>().valueToKey(type)))};
    };
    note(m_longest, double(timer.nsecsElapsed()) / 1e6);
    note(m_busiest, ownMs() - worked);
    return handled;
}

namespace {
/// The demo work in the user's own data folder, made on first use.
Result<QString> demoFile()
{
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString path = folder + "/low-tide-caravan.lantern";
    if (QFileInfo::exists(path))
        return path;
    QDir().mkpath(folder);
    NoProgress progress;
    const auto project = demo::lowTideCaravan(progress);
    if (!project)
        return project.error();
    const auto made = store::ProjectFile::create(path.toStdString(), *project);
    if (!made)
        return made.error();
    return path;
}

/// What can be answered without a window, and so without a display.
bool answersAlone(int argc, char** argv)
{
    for (int i = 1; i < argc; ++i)
        if (const QByteArray word = argv[i]; word == "--help" || word == "-h")
            return true;
    return false;
}

void describe(QCommandLineParser& parser)
{
    parser.setApplicationDescription("Plan the light of an imagined scene and carry it to the canvas.");
    parser.addHelpOption();
    parser.addPositionalArgument("FILE", "a work (*.lantern)");
    parser.addOptions({{"demo", "open the demo work"},
        {"shots", "leave a picture of every page of every station in DIR and quit", "DIR"}});
}

/// The file to open: named, of last time, or the demo. Empty: a sentence was said.
QString fileToOpen(const QCommandLineParser& parser)
{
    QString file = parser.positionalArguments().value(0);
    if (file.isEmpty() && !parser.isSet("demo"))
        file = QSettings().value("lastWork").toString();
    if (!file.isEmpty() && (QFileInfo::exists(file) || !parser.positionalArguments().isEmpty()))
        return file;
    const auto made = demoFile();
    if (!made)
        QTextStream(stderr) << "roving-lantern: " << QString::fromStdString(made.error().sentence) << "\n";
    return made ? *made : QString();
}
} // namespace

int runWindow(int argc, char** argv)
{
    QCommandLineParser parser;
    describe(parser);
    if (answersAlone(argc, argv)) {
        const QCoreApplication app(argc, argv);
        parser.process(app);
    }
    Application app(argc, argv);
    QCoreApplication::setOrganizationName("roving-lantern");
    QCoreApplication::setApplicationName("roving-lantern");
    logfile::catchMessages();
    parser.process(app);
    theme::apply(app, QSettings().value("textScale", 1.0).toDouble());
    MainWindow window;
    window.resize(1280, 800);
    if (!parser.isSet("shots"))
        window.restoreGeometry(QSettings().value("windowGeometry").toByteArray());
    window.show();
    const QString file = fileToOpen(parser);
    if (file.isEmpty())
        return 2;
    window.openWork(file);
    std::unique_ptr<Shots> taker;
    if (parser.isSet("shots")) {
        taker = std::make_unique<Shots>(window, parser.value("shots"));
        QObject::connect(&window, &MainWindow::opened, &app, [](bool ok) {
            if (!ok)
                QCoreApplication::exit(2);
        });
    }
    return app.exec();
}

} // namespace rl::app
