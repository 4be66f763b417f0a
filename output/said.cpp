#include "output/said.h"
#include <QLocale>

namespace rl::output {

QString said(const char* words)
{
    const char* other = translated(words);
    if (!other)
        return QString::fromUtf8(words);
    QString pattern = QString::fromUtf8(other);
    for (qsizetype i = 0; i + 1 < pattern.size(); ++i)
        if (pattern[i] == u'%' && pattern[i + 1].isDigit())
            pattern.insert(i + 1, u'L');
    return pattern;
}

void speak(const std::string& language)
{
    rl::speak(language);
    QLocale here = spoken() == "en" ? QLocale::system() : QLocale(QString::fromStdString(spoken()));
    here.setNumberOptions(QLocale::OmitGroupSeparator);
    QLocale::setDefault(here);
}

} // namespace rl::output
