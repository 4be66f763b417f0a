#pragma once
#include "app/stations/stage/stage_page.h"

namespace rl::app {

/// Name, notes, groups, kept proportions, depth swapped or shared, one inside another.
class TiesPage final : public StagePage {
public:
    TiesPage(Desk& desk, StationView& view);
    QString says() const override;
    void forget() override { m_other = 0; }
    void tieTo(int element); ///< the other element is chosen
    int other() const; ///< 0 = none

private:
    using Make = std::function<Project(const Project&, int, int)>;
    void withOther(const QString& name, const QString& text, const QString& tip, const QString& undo, Make make);
    int m_other = 0;
};

} // namespace rl::app
