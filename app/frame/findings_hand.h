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
    void setAside(const Finding& finding);
    void open(const Finding& finding);

private:
    MainWindow& m_window;
    Desk& m_desk;
};

} // namespace rl::app
