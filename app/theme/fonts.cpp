#include "app/theme/fonts.h"
#include <QFontDatabase>

static void openFontResources()
{
    Q_INIT_RESOURCE(fonts);
    Q_INIT_RESOURCE(guide);
}

namespace rl::theme {

void loadFonts()
{
    openFontResources();
    for (const char* name : {"EBGaramond12-Regular", "EBGaramond12-Italic", "EBGaramond12-Bold", "Cabin-Regular",
             "Cabin-Italic", "Cabin-SemiBold", "Cabin-Bold"})
        QFontDatabase::addApplicationFont(QString(":/theme/fonts/%1.otf").arg(name));
}

} // namespace rl::theme
