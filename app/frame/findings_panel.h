#pragma once
#include "core/base/finding.h"
#include <QWidget>

class QScrollArea;

namespace rl::app {

/// The findings of one station: sentence, figure against target, why it matters, Show me, the fix, Set aside.
class FindingsPanel final : public QWidget {
    Q_OBJECT
public:
    explicit FindingsPanel(QWidget* parent = nullptr);
    /// \param known false: nothing is known of them yet
    void show(const Findings& all, int station, bool known = true);
    void setTried(const std::string& key); ///< whose fix is looked at on the board; empty: none

signals:
    void showWanted(const rl::Finding& finding);
    void fixWanted(const rl::Finding& finding);
    void tryWanted(const rl::Finding& finding, bool on); ///< looked at, not done
    void setAsideWanted(const rl::Finding& finding);
    void guideWanted(const rl::Finding& finding); ///< more about why
    void openWanted(const rl::Finding& finding); ///< the field in which the painter answers

private:
    QWidget* card(const Finding& finding);
    QScrollArea* m_scroll;
    std::string m_tried;
    std::vector<std::string> m_shown; ///< keys and figures on show, to leave the list alone when nothing changed
};

} // namespace rl::app
