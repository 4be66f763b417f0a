#pragma once
#include "app/desk/job.h"
#include "app/stations/station.h"
#include "core/review/put_right.h"

class QProgressBar;
class QVBoxLayout;

namespace rl::app {

/// Puts the picture in order: the smallest changes that make the measured order the intended one, each with a switch.
class OrderPage final : public Page {
public:
    explicit OrderPage(Desk& desk);
    QString says() const override;
    void refresh() override;
    void left() override;
    bool busy() const override { return m_found.running(); }

private:
    void find();
    void take(); ///< what was found is shown
    void tryIt(bool on);
    void keep();
    bool holds() const; ///< what was found belongs to the work as it is
    std::optional<Project> changed() const; ///< by the remedies that are switched on; nothing: by none
    QWidget* m_list;
    QVBoxLayout* m_rows;
    QProgressBar* m_bar;
    std::vector<class QCheckBox*> m_switches;
    Job<review::PutRight> m_found;
    quint64 m_revision = 0; ///< of the work it was found for
};

} // namespace rl::app
