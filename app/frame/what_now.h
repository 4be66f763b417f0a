#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/review/first_steps.h"
#include <QFrame>
#include <set>

class QLabel;
class QPushButton;
class QToolButton;

namespace rl::app {

class MainWindow;

/// What is sensibly done next, in one line above the picture; a click does it, or leads there. Silent for those who
/// know: a line sent away does not come back in this work, and the whole can be switched off.
class WhatNow final : public QFrame {
    Q_OBJECT
public:
    WhatNow(MainWindow& window, QWidget* over);
    void follow(); ///< the project, its measures or the switch have changed
    const review::NextStep& step() const { return m_step; }
    static bool wanted(); ///< the switch
    void setWanted(bool on);
    void place(); ///< over the picture, whatever stands in the middle now

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void take();
    void sendAway();
    void takeBackdrop(int reference);
    void takeLight();
    MainWindow& m_window;
    QWidget* m_over;
    QLabel* m_words;
    QPushButton* m_link;
    QToolButton* m_away;
    review::NextStep m_step;
    std::set<std::string> m_dismissed;
    Job<review::FirstLight> m_light;
    int m_count = 0;
};

} // namespace rl::app
