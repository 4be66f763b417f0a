// edit_run FILE: opens a work and edits it through the window's own document, one edit after another, saying the
// number of each once it is made. It goes on until it is killed.
#include "app/desk/document.h"
#include "core/project/edits.h"
#include <QCoreApplication>
#include <cstdio>

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    if (argc != 2)
        return 2;
    auto opened = rl::store::ProjectFile::open(argv[1]);
    if (!opened)
        return 3;
    rl::app::Document document;
    document.adopt(opened.take());
    for (int n = 1; n < 100000; ++n) {
        rl::Brief b = document.project().brief;
        b.title = "edit " + std::to_string(n);
        document.edit("Rename", rl::edits::withBrief(document.project(), b));
        document.waitSaved();
        std::printf("%d\n", n);
        std::fflush(stdout);
    }
    return 0;
}
