#pragma once
#include "app/stations/station.h"
#include "core/reading/preparing.h"

class QLabel;

namespace rl::app {

/// What is painted on and how it is made ready: coats, drying, sanding, toning, with hours, ml and the cautions.
class PrimingPage final : public Page {
public:
    explicit PrimingPage(Desk& desk);
    QString says() const override;
    void refresh() override;

private:
    reading::GroundPlan plan() const;
    QLabel* m_tasks;
};

/// Where painters disagree: one choice each, explained in a line.
class SchoolsPage final : public Page {
public:
    explicit SchoolsPage(Desk& desk);
    QString says() const override;

private:
    int m_last = 0; ///< the question last touched
};

} // namespace rl::app
