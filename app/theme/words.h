#pragma once
#include <QString>
#include <QStringList>

class QCoreApplication;

namespace rl::theme {

/// The languages the window speaks: "en", and one for each file of packaging/words/.
QStringList languages();
/// From now on words are said in that language, numbers with its decimal mark; what has no translation stays English.
void speak(QCoreApplication& app, const QString& language);
QString language();

} // namespace rl::theme
