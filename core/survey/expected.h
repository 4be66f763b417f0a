#pragma once
#include "core/schedule/tasks.h"
#include <opencv2/core.hpp>
#include <set>

/// What the canvas should look like when a stage is right.
namespace rl::survey {

/// Prepared once for a picture; each stage is then quick. The toned ground with its weave and the drawing; blocks at
/// the brush's width with ground between; passes with lights and darks held back, soft as their brush; values before
/// the glaze; details and accents last.
class StageLooks {
public:
    /// \param tone CIELAB of the ground
    StageLooks(const Project& project, const light::Picture& plan, const schedule::PlanFacts& facts, colour::Lab tone);
    /// \param done keys of the tasks that are done; of a split one its parts
    LinearPicture after(const std::vector<schedule::WorkTask>& tasks, const std::set<std::string>& done) const;
    /// After each task in order: what comes out when those before it are done too.
    LinearPicture afterTask(const std::vector<schedule::WorkTask>& tasks, std::size_t last) const;
    /// After what is marked as done.
    LinearPicture now(const std::vector<schedule::WorkTask>& tasks) const;

private:
    schedule::PlanFacts m_facts;
    IdMap m_ids;
    double m_perCm;
    cv::Mat m_plan, m_soft, m_block; ///< CV_32FC3, CIELAB: as planned, at a pass' brush, in blocks
    cv::Mat m_ground; ///< CV_32FC3: toned, with its weave
    cv::Mat m_drawing; ///< CV_32F 0…1
    cv::Mat m_gaps; ///< CV_32F 0…1: where blocks leave the ground
};

/// Share of a task that is done: 0, 1, or its parts'. 1 where the plan of work has no such task.
double shareDone(
    const std::vector<schedule::WorkTask>& tasks, const std::set<std::string>& done, const std::string& key);

} // namespace rl::survey
