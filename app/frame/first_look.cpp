#include "app/frame/first_look.h"
#include "store/project_file.h"
#include <QApplication>

namespace rl::app {

std::unique_ptr<QSplashScreen> firstLook(const QString& work)
{
    const auto kept = store::ProjectFile::previewOf(work.toStdString());
    QPixmap picture;
    if (kept.empty() || !picture.loadFromData(kept.data(), unsigned(kept.size())))
        return nullptr;
    auto look = std::make_unique<QSplashScreen>(picture);
    look->setObjectName("firstLook");
    look->setAccessibleName(QCoreApplication::translate("FirstLook", "The work as it was left"));
    look->show();
    QCoreApplication::processEvents();
    return look;
}

} // namespace rl::app
