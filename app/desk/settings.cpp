#include "app/desk/settings.h"
#include "core/base/kept.h"
#include "core/base/words.h"
#include "core/project/papers.h"
#include "store/project_file.h"
#include <QApplication>
#include <QLocale>
#include <QSettings>
#include <QStandardPaths>

namespace rl::app {

Settings Settings::usual()
{
    Settings s;
    const QLocale here = QLocale::system();
    if (here.measurementSystem() == QLocale::ImperialUSSystem)
        s.unit = LengthUnit::Inch, s.paper = "Letter";
    s.language = QString::fromStdString(languageOfPlace());
    s.worksFolder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + "/Roving Lantern";
    return s;
}

Settings Settings::read()
{
    const QSettings kept;
    Settings s = usual();
    const auto number = [&](const char* key, double usual, double low, double high) {
        bool good = false;
        const double v = kept.value(key, usual).toDouble(&good);
        return good && std::isfinite(v) ? std::clamp(v, low, high) : usual;
    };
    if (const QString unit = kept.value("unit").toString(); !unit.isEmpty())
        s.unit = unit == "inch" ? LengthUnit::Inch : LengthUnit::Centimetre;
    if (const std::string paper = kept.value("paper").toString().toStdString(); paperOf(paper))
        s.paper = paper;
    s.mat = int(number("mat", s.mat, 0, 2));
    s.hour = kept.value("chrome").toString() == "evening" ? theme::Hour::Evening : theme::Hour::Day;
    s.textScale = number("textScale", s.textScale, 0.8, 2);
    s.leftHand = kept.value("hand").toString() == "left";
    if (const QString folder = kept.value("worksFolder").toString(); !folder.isEmpty())
        s.worksFolder = folder;
    s.memoryMb = int(number("memoryMb", s.memoryMb, 64, 8000));
    s.diskMb = int(number("diskMb", s.diskMb, 5, 2000));
    if (const QString language = kept.value("language").toString(); theme::languages().contains(language))
        s.language = language;
    s.whatNow = kept.value("whatNow", true).toBool();
    return s;
}

void Settings::keep() const
{
    QSettings kept;
    kept.setValue("unit", unit == LengthUnit::Inch ? "inch" : "cm");
    kept.setValue("paper", QString::fromStdString(paper));
    kept.setValue("mat", mat);
    kept.setValue("chrome", hour == theme::Hour::Evening ? "evening" : "day");
    kept.setValue("textScale", textScale);
    kept.setValue("hand", leftHand ? "left" : "right");
    kept.setValue("worksFolder", worksFolder);
    kept.setValue("memoryMb", memoryMb);
    kept.setValue("diskMb", diskMb);
    kept.setValue("language", language);
    kept.setValue("whatNow", whatNow);
}

void Settings::apply() const
{
    kept::setMost(std::size_t(memoryMb) * 1'000'000);
    store::ProjectFile::keepAtMost(std::int64_t(diskMb) * 1'000'000);
    if (theme::scale() != textScale || theme::hour() != hour)
        theme::apply(*qApp, textScale, hour);
}

Project Settings::onFresh(Project p) const
{
    p.brief.unit = unit;
    p.sheets.paper = paper;
    return p;
}

} // namespace rl::app
