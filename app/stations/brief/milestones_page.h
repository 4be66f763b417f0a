#pragma once
#include "app/desk/job.h"
#include "app/stations/station.h"
#include "app/widgets/take_strip.h"
#include "store/project_file.h"

namespace rl::app {

/// Points to go back to: a strip of small pictures; one can be looked at, taken up again, or laid over the work as it
/// is.
class MilestonesPage final : public Page {
public:
    explicit MilestonesPage(Desk& desk);
    void refresh() override;
    void forget() override { m_then = nullptr, m_looking = false; }
    QString says() const override;
    QImage look() override;
    bool tall() const override { return true; }
    bool busy() const override { return m_list.running() || m_seen.running(); }
    void set(const QString& name); ///< a new milestone of the work as it is
    int count() const { return m_list.last() ? int(m_list.last()->size()) : 0; }

private:
    struct Kept {
        store::Milestone milestone;
        QImage small;
    };
    struct Seen {
        Project project;
        QImage image;
        std::string lost; ///< what could not be read
    };
    void refreshList();
    void fillStrip();
    void ask(std::function<void()> then);
    void takeUp();
    void compare();
    void takeAway();
    int chosen() const { return m_strip->chosen(); }
    TakeStrip* m_strip;
    Job<std::vector<Kept>> m_list;
    Job<Seen> m_seen;
    std::function<void()> m_then;
    bool m_looking = false;
    int m_version = 0; ///< grows when the list may be another
};

} // namespace rl::app
