// What the window says of pictures that cannot be read.
#include "app/frame/main_window.h"
#include "core/base/words.h"
#include <set>

namespace rl::app {

void MainWindow::connectMissing()
{
    // Those a work is opened without are told when it is; those seen to be damaged when they are looked at, here.
    const auto said = std::make_shared<std::set<int>>();
    const auto namesOfMissing = [this, said] {
        QStringList names;
        for (const Reference& r : m_desk.project().references)
            if (r.pixels.missing() && said->insert(r.id).second)
                names << QString("“%1”").arg(QString::fromStdString(r.name));
        return names.mid(0, 6).join(", ");
    };
    connect(&m_desk.document, &Document::workChanged, this, [said, namesOfMissing] {
        said->clear();
        (void)namesOfMissing();
    });
    connect(&m_desk.wall, &WallKeeper::missingChanged, this, [this, namesOfMissing] {
        if (const QString names = namesOfMissing(); !names.isEmpty())
            m_desk.notices.say(QString::fromStdString(rl::tr("Cannot be read in this work's file: %1. The place stays "
                                                             "marked; nothing else is touched.",
                names.toStdString())));
        m_desk.light.forget();
        askLight();
        refresh();
    });
}

} // namespace rl::app
