#pragma once
#include "app/desk/desk.h"

namespace rl::app {

class MainWindow;

/// What the buttons of a finding do.
class FindingsHand final : public QObject {
    Q_OBJECT
public:
    explicit FindingsHand(MainWindow& window);
    void show(const Finding& finding);
    void fix(const Finding& finding); ///< one undoable step; a sentence when what is locked stands against it
    void tryOut(const Finding& finding, bool on);
    void setAside(const Finding& finding);
    void open(const Finding& finding);

private:
    /// What it leaves; nothing, and a sentence why, when it changes nothing.
    std::optional<Project> fixed(const Finding& finding);
    MainWindow& m_window;
    Desk& m_desk;
};

} // namespace rl::app
