#pragma once
#include "app/desk/take_keeper.h"
#include "app/stations/stage/stage_page.h"
#include "app/widgets/take_strip.h"

namespace rl::app {

/// Several arrangements kept side by side: figures, differences, votes, a sheet for others.
class TakesPage final : public StagePage {
public:
    TakesPage(Desk& desk, StationView& view);
    void refresh() override;
    QWidget* over() override;
    QString says() const override;
    bool busy() const override { return !m_takes.idle() || m_sheet.running(); }
    bool tall() const override { return true; }
    const TakeKeeper& takes() const { return m_takes; }
    bool writing() const { return m_sheet.running(); }
    void writeContactSheet(const QString& path); ///< of the takes in play; says how it went when it is done

private:
    void fillStrip();
    void duplicateTake();
    void workOnTake();
    void asideOrBack();
    void nameTake();
    void vote();
    void askContactSheet();
    void compare();
    TakeKeeper m_takes;
    TakeStrip* m_strip;
    QPushButton* m_aside;
    QLineEdit *m_voter, *m_letter, *m_words;
    Job<QString> m_sheet;
    int m_written = 0;
};

} // namespace rl::app
