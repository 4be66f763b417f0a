#pragma once
#include "core/base/finding.h"
#include "core/base/result.h"
#include "core/review/picture_study.h"
#include "core/review/review.h"
#include <QString>

namespace rl::output {

/// One page to learn from a picture: the picture with its glances, lines and parts, its values, what is silhouette, and
/// each thing it tells as a sentence. Written beside, then renamed.
/// \return Invalid for another suffix than .pdf or a study without a picture
Result<Done> writeStudySheet(const review::PictureStudy& study, const QString& title, const QString& path);

/// The findings of all stations, a page (or more) a station, with the picture and numbered places on it; facts still to
/// be checked last.
Result<Done> writeReport(const Project& project, const review::Review& review, const QString& path);

} // namespace rl::output
