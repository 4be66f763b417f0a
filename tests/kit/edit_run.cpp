// edit_run FILE [--window]: opens a work and edits it through the window's own document, one edit after another, saying
// the number of each once it is made. It goes on until it is killed. With --window the whole window stands around it:
// stations are changed, steps taken back and done again, the picture follows.
#include "app/frame/main_window.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include <QApplication>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <QUndoStack>
#include <cstdio>

namespace {
/// The edit of that number: a title that names it, and a place that follows from it.
void editBy(rl::app::Document& document, int n)
{
    rl::Project p = document.project();
    rl::Brief b = p.brief;
    b.title = "edit " + std::to_string(n);
    p = rl::edits::withBrief(std::move(p), b);
    if (!p.elements.empty())
        p = rl::edits::withFoot(std::move(p), p.elements[0].id, {10.0 + n % 7, 33});
    document.edit("Rename", std::move(p));
}

void say(int n)
{
    std::printf("%d\n", n);
    std::fflush(stdout);
}

int runDocument(rl::store::ProjectFile::Opened opened)
{
    rl::app::Document document;
    document.adopt(std::move(opened));
    for (int n = 1; n < 100000; ++n) {
        editBy(document, n);
        document.waitSaved();
        say(n);
    }
    return 0;
}

int runWindow(const char* path)
{
    using namespace rl;
    using namespace rl::app;
    QStandardPaths::setTestModeEnabled(true);
    QCoreApplication::setOrganizationName("roving-lantern-test");
    QCoreApplication::setApplicationName("edit-run");
    rl::theme::apply(*qApp);
    MainWindow window;
    window.show();
    QTimer beat;
    int n = 0;
    QObject::connect(&beat, &QTimer::timeout, &window, [&] {
        Document& d = window.document();
        if (d.path().isEmpty())
            return;
        editBy(d, ++n);
        if (n % 5 == 0)
            window.goTo(Station(n / 5 % int(allStations().size())));
        if (n % 3 == 0) {
            d.undoStack().undo();
            d.undoStack().redo();
        }
        d.waitSaved();
        say(n);
    });
    window.openWork(path);
    beat.start(1);
    return QApplication::exec();
}
} // namespace

int main(int argc, char** argv)
{
    const bool inWindow = argc == 3 && QByteArray(argv[2]) == "--window";
    if (argc != 2 && !inWindow)
        return 2;
    if (inWindow) {
        const QApplication app(argc, argv);
        return runWindow(argv[1]);
    }
    const QCoreApplication app(argc, argv);
    auto opened = rl::store::ProjectFile::open(argv[1]);
    return opened ? runDocument(opened.take()) : 3;
}
