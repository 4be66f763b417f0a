#pragma once
#include "app/board/tools/box_tool.h"
#include "app/board/tools/pick_tool.h"
#include "app/stations/station.h"

class QScrollArea;

namespace rl::app {

class ClueThreads;

/// What the picture has to get across, by which clues, and whether they can be seen.
class IdeasPage final : public Page {
public:
    explicit IdeasPage(Desk& desk);
    QString says() const override;
    void refresh() override;
    QWidget* over() override;
    std::vector<Tool*> tools() override { return {&m_box, &m_pick}; }
    std::vector<Overlay*> overlays() override;
    ~IdeasPage() override;
    void left() override;

private:
    class Marks;
    void addIdea();
    void addClue();
    void placeClue(Rect cm);
    void fill();
    QString measured(const Clue& clue, bool& known, bool& seen) const;
    ClueThreads* m_threads;
    QScrollArea* m_scroll = nullptr; ///< they, over the picture
    QLineEdit *m_idea, *m_clue;
    BoxTool m_box;
    PickTool m_pick;
    std::unique_ptr<Marks> m_marks;
};

} // namespace rl::app
