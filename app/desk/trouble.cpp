#include "app/desk/trouble.h"
#include <QCoreApplication>

namespace rl::app {

QString troubleSaid(int problems, int notes)
{
    const auto counted = [](const char* words, int n) {
        return n ? QCoreApplication::translate("Trouble", words, nullptr, n) : QString();
    };
    const QString bad = counted(QT_TRANSLATE_NOOP("Trouble", "%n problems"), problems),
                  fair = counted(QT_TRANSLATE_NOOP("Trouble", "%n notes"), notes);
    return problems && notes ? QCoreApplication::translate("Trouble", "%1 + %2").arg(bad, fair) : bad + fair;
}

} // namespace rl::app
