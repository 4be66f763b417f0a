#pragma once
#include "app/board/tools/pick_tool.h"
#include "app/stations/station.h"

class QVBoxLayout;

namespace rl::app {

/// What must be right, with how it is known: ticked off before signing.
class FactsPage final : public Page {
public:
    explicit FactsPage(Desk& desk);
    QString says() const override;
    void refresh() override;
    std::vector<Tool*> tools() override { return {&m_pick}; }

private:
    void add();
    void fill();
    QLineEdit *m_words, *m_source;
    QWidget* m_list;
    QVBoxLayout* m_rows;
    std::vector<Fact> m_shown;
    PickTool m_pick;
};

} // namespace rl::app
