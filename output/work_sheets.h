#pragma once
#include "core/base/result.h"
#include "core/survey/work_survey.h"
#include <QImage>
#include <QString>
#include <nlohmann/json_fwd.hpp>

namespace rl::output {

/// One sitting on one page, A4: what, where, puddles with parts and ml, brushes, masks, how long a blend stays open,
/// how it looks before and after, cautions, facts. \param which of the plan's sittings, from 0 \return Invalid where
/// there is no such sitting
Result<Done> writeSitting(
    const survey::PaintedWork& work, const schedule::WorkPlan& plan, int which, const QString& path);

/// The record that goes with the finished work.
nlohmann::json recordOf(const survey::PaintedWork& work, const schedule::WorkPlan& plan);
/// The same on paper. \param stages pictures with their words, in order; as many as fit are shown
Result<Done> writeRecord(const survey::PaintedWork& work, const schedule::WorkPlan& plan,
    const std::vector<std::pair<QString, QImage>>& stages, const QString& path);

/// The four tags to stick to the corners of a canvas, at size on one A4.
Result<Done> writeCornerTags(const QString& path);

} // namespace rl::output
