#pragma once
#include "app/stations/paint/eye_plot.h"
#include "app/stations/paint/eye_view.h"
#include "app/stations/paint/paint_page.h"

namespace rl::app {

/// The eye trainer: two minutes a day.
class EyePage final : public PaintPage {
    Q_OBJECT
public:
    EyePage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    void practise();
    EyeView* view() const { return m_view.get(); }

private:
    trainer::Skill m_skill = trainer::Skill::Value;
    std::unique_ptr<EyeView> m_view;
    EyePlot* m_plot;
};

} // namespace rl::app
