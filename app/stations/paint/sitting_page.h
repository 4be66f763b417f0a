#pragma once
#include "app/stations/paint/easel_view.h"
#include "app/stations/paint/paint_page.h"

class QTreeWidget;

namespace rl::app {

/// The sitting under way: timer by element, notes; the log of those behind, decisions and scrapped tries.
class SittingPage final : public PaintPage {
    Q_OBJECT
public:
    SittingPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    QWidget* beside() override;
    void startOrPause();
    void openEasel();
    EaselView* easel() const { return m_easel.get(); }

private:
    void timerFields();
    void noteFields();
    void decisionFields();
    void fillLog();
    QTreeWidget* m_log;
    QString m_reason;
    std::unique_ptr<EaselView> m_easel;
};

} // namespace rl::app
