#include "app/application.h"
#include "app/desk/settings.h"
#include "app/frame/first_look.h"
#include "app/frame/main_window.h"
#include "app/shots.h"
#include "app/theme/theme.h"
#include <QCommandLineParser>
#include <QEvent>
#include <QFileInfo>
#include <QMetaEnum>
#include <QScreen>
#include <QSettings>
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
/// What can be answered without a window, and so without a display.
bool answersAlone(int argc, char** argv)
{
    for (int i = 1; i < argc; ++i)
        if (const QByteArray word = argv[i]; word == "--help" || word == "-h" || word == "--manual")
            return true;
    return false;
}

/// The manual page, from the same table as --help. troff, section 1.
QString manualPage(const QList<QCommandLineOption>& options)
{
    const auto troff = [](QString s) { return s.replace('\\', "\\\\").replace('-', "\\-"); };
    QString out = ".TH ROVING\\-LANTERN 1 \"\" \"Roving Lantern\" \"User Commands\"\n.SH NAME\nroving\\-lantern \\- "
                  "plan the light of an imagined scene and carry it to the canvas\n.SH SYNOPSIS\n.B "
                  "roving\\-lantern\n[\\fIOPTIONS\\fR] [\\fIFILE\\fR]\n.SH DESCRIPTION\nOpens a work (*.lantern), that "
                  "of last time, or the page to begin on.\n.SH OPTIONS\n";
    for (const QCommandLineOption& o : options)
        out += QString(".TP\n.B \\-\\-%1%2\n%3\n")
                   .arg(troff(o.names().first()),
                       o.valueName().isEmpty() ? QString() : " \\fI" + o.valueName() + "\\fR", troff(o.description()));
    return out
        + ".SH FILES\nWorks lie in the folder \"Roving Lantern\" among your documents, unless you put them "
          "elsewhere.\n.SH SEE ALSO\n.BR lantern (1)\n";
}

QList<QCommandLineOption> windowOptions()
{
    return {{"demo", "open the demo work, Low Tide Caravan"}, {"court", "open the other example, The Moth Court"},
        {"shots", "leave a picture of every page of every station in DIR and quit", "DIR"},
        {"manual", "print the manual page of this program and quit"}};
}

void describe(QCommandLineParser& parser)
{
    parser.setApplicationDescription("Plan the light of an imagined scene and carry it to the canvas.");
    parser.addHelpOption();
    parser.addPositionalArgument("FILE", "a work (*.lantern)");
    parser.addOptions(windowOptions());
}

/// The file to open: named, or that of last time. Empty: there is none yet.
QString fileToOpen(const QCommandLineParser& parser)
{
    if (!parser.positionalArguments().isEmpty())
        return parser.positionalArguments().value(0);
    const QString last = QSettings().value("lastWork").toString();
    return QFileInfo::exists(last) ? last : QString();
}
} // namespace

QRect fittedTo(const QRect& screen, const QRect& wished)
{
    constexpr int kTitle = 32, kEdge = 2; // what a window manager lays about it is known only afterwards
    const QRect room = screen.adjusted(kEdge, kTitle, -kEdge, -kEdge);
    QRect r(wished.topLeft(), wished.size().boundedTo(room.size()));
    r.moveLeft(std::clamp(r.left(), room.left(), room.right() - r.width() + 1));
    r.moveTop(std::clamp(r.top(), room.top(), room.bottom() - r.height() + 1));
    return r;
}

int runWindow(int argc, char** argv)
{
    QCommandLineParser parser;
    describe(parser);
    if (answersAlone(argc, argv)) {
        const QCoreApplication app(argc, argv);
        parser.process(app);
        QTextStream(stdout) << manualPage(windowOptions());
        return 0;
    }
    Application app(argc, argv);
    QCoreApplication::setOrganizationName("roving-lantern");
    QCoreApplication::setApplicationName("roving-lantern");
    logfile::catchMessages();
    parser.process(app);
    const Settings settings = Settings::read();
    theme::speak(app, settings.language);
    theme::apply(app, settings.textScale, settings.hour);
    settings.apply();
    const bool shots = parser.isSet("shots"), named = !parser.positionalArguments().isEmpty(),
               example = !named && (parser.isSet("demo") || parser.isSet("court") || shots);
    const QString file = example ? QString() : fileToOpen(parser);
    const auto look = file.isEmpty() ? nullptr : firstLook(file);
    MainWindow window;
    window.resize(1280, 800);
    if (!shots)
        window.restoreGeometry(QSettings().value("windowGeometry").toByteArray());
    if (!shots && window.screen())
        window.setGeometry(fittedTo(window.screen()->availableGeometry(), window.geometry()));
    window.show();
    if (look)
        look->finish(&window);
    std::unique_ptr<Shots> taker;
    if (shots) {
        taker = std::make_unique<Shots>(window, parser.value("shots"));
        QObject::connect(
            taker.get(), &Shots::finished, &app, [](int code) { QCoreApplication::exit(code); }, Qt::QueuedConnection);
        QObject::connect(&window, &MainWindow::opened, &app, [&window](bool ok) {
            if (ok)
                return;
            const auto& said = window.desk().notices.all();
            QTextStream(stderr) << "roving-lantern: " << (said.empty() ? QString() : said.back().sentence) << "\n";
            QCoreApplication::exit(2);
        });
    }
    if (example)
        window.files().openExample(parser.isSet("court") ? Example::Court : Example::Caravan);
    else if (file.isEmpty())
        window.showStart(true);
    else
        window.openWork(file);
    return app.exec();
}

} // namespace rl::app
