#pragma once
#include "app/desk/job.h"
#include "app/stations/station.h"
#include "core/review/picture_study.h"

namespace rl::app {

/// Takes the picture on the board apart, whatever it is: its parts found by themselves, named by clicks, ranked; its
/// lines, eye level, values and glances, for a sheet to learn from.
class ApartPage final : public Page {
public:
    explicit ApartPage(Desk& desk);
    ~ApartPage() override;
    QString says() const override;
    void forget() override { m_names.clear(), m_asked = false; }
    void refresh() override;
    std::vector<Tool*> tools() override;
    std::vector<Overlay*> overlays() override;
    bool busy() const override { return m_study.running(); }

private:
    class Click;
    class Marks;
    JobKey key() const;
    void ask();
    void name(int region);
    void sheet();
    const review::PictureStudy* study() const;
    int m_regions = 12;
    bool m_asked = false;
    std::map<int, std::string> m_names; ///< given by clicks, for the picture studied
    Job<std::shared_ptr<review::PictureStudy>> m_study;
    Job<QString> m_sheet;
    std::unique_ptr<Click> m_click;
    std::unique_ptr<Marks> m_marks;
};

} // namespace rl::app
