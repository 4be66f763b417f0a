#pragma once
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "core/project/project.h"
#include <QString>

namespace rl::app {

/// What a painter sets once and every work goes by. Kept with the other settings of the person, each in its range
/// whatever the file says.
struct Settings {
    LengthUnit unit = LengthUnit::Centimetre; ///< of new works
    std::string paper = "A4"; ///< of new works; a name of papers()
    int mat = 1; ///< 0 dark, 1 middle, 2 light
    theme::Hour hour = theme::Hour::Day;
    double textScale = 1; ///< 0.8…2
    bool leftHand = false; ///< plans and findings stand left of the picture
    QString worksFolder;
    int memoryMb = 800; ///< of photographs held decoded and what is made of them, 64…8000
    int diskMb = 200; ///< of what can be made again, in each work, 5…2000
    QString language = "en"; ///< one of theme::languages()
    bool whatNow = true; ///< the next sensible thing is said
    bool operator==(const Settings&) const = default;

    static Settings usual(); ///< by the system's language and place
    static Settings read();
    void keep() const;
    /// Where no window is asked: chrome, text, memory, disk.
    void apply() const;
    /// Into a work nobody has touched yet.
    Project onFresh(Project project) const;
};

} // namespace rl::app
