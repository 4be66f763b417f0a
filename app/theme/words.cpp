#include "app/theme/words.h"
#include "output/said.h"
#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>

namespace rl::theme {

namespace {
/// One sentence means one thing wherever it is said: the place it is said at is not asked for.
class Words final : public QTranslator {
public:
    QString translate(const char*, const char* source, const char*, int n) const override
    {
        if (n >= 0) // Qt puts the number in
            if (const char* form = translated(source, n))
                return QString::fromUtf8(form);
        return translated(source) ? output::said(source) : QString();
    }
    bool isEmpty() const override { return false; }
};

std::unique_ptr<QTranslator>& ofQt()
{
    static std::unique_ptr<QTranslator> one;
    return one;
}
} // namespace

QStringList languages()
{
    QStringList all;
    for (const std::string& l : rl::languages())
        all << QString::fromStdString(l);
    return all;
}

QString language()
{
    return QString::fromStdString(spoken());
}

void speak(QCoreApplication& app, const QString& language)
{
    static Words words;
    app.removeTranslator(&words);
    if (ofQt())
        app.removeTranslator(ofQt().get());
    ofQt().reset();
    output::speak(language.toStdString());
    app.installTranslator(&words); // plurals in English too
    if (spoken() == "en")
        return;
    ofQt() = std::make_unique<QTranslator>(); // dialogs of the library, where its own words are installed
    if (ofQt()->load("qtbase_" + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        app.installTranslator(ofQt().get());
}

} // namespace rl::theme
