#pragma once
#include <QSplashScreen>
#include <QString>
#include <memory>

namespace rl::app {

/// The picture of a work as it was left, shown at once while the window is being made; null where the work keeps none.
std::unique_ptr<QSplashScreen> firstLook(const QString& work);

} // namespace rl::app
