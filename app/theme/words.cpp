#include "app/theme/words.h"
#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QRegularExpression>
#include <QTranslator>

static void openWords()
{
    Q_INIT_RESOURCE(words);
}

namespace rl::theme {

namespace {
/// One sentence means one thing wherever it is said: the place it is said at is not asked for.
class Words final : public QTranslator {
public:
    using QTranslator::QTranslator;
    QString translate(const char*, const char* source, const char*, int n) const override
    {
        QString said = QTranslator::translate("words", source, nullptr, n);
        static const QRegularExpression place("%(\\d)");
        return said.isEmpty() ? said : said.replace(place, "%L\\1"); // numbers by the locale
    }
    bool isEmpty() const override { return false; }
};

struct Spoken {
    QString language = "en";
    std::unique_ptr<QTranslator> words, ofQt;
};
Spoken& spoken()
{
    static Spoken one;
    return one;
}
} // namespace

QStringList languages()
{
    return {"en", "de"};
}

QString language()
{
    return spoken().language;
}

void speak(QCoreApplication& app, const QString& language)
{
    openWords();
    Spoken& s = spoken();
    for (auto* translator : {s.words.get(), s.ofQt.get()})
        if (translator)
            app.removeTranslator(translator);
    s.words.reset(), s.ofQt.reset();
    s.language = languages().contains(language) ? language : "en";
    if (s.language == "en")
        return QLocale::setDefault(QLocale::system());
    QLocale here(s.language == "de" ? QLocale::German : QLocale::English);
    here.setNumberOptions(QLocale::OmitGroupSeparator);
    QLocale::setDefault(here);
    s.ofQt = std::make_unique<QTranslator>(); // dialogs of the library, where its own words are installed
    if (s.ofQt->load("qtbase_" + s.language, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        app.installTranslator(s.ofQt.get());
    s.words = std::make_unique<Words>();
    if (s.words->load(":/words/" + s.language + ".qm"))
        app.installTranslator(s.words.get());
}

} // namespace rl::theme
