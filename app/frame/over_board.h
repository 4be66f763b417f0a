#pragma once
#include <QFrame>
#include <QPointer>

namespace rl::app {

/// What a page needs more room for than its bench has: over the foot of whatever stands in the middle, which keeps its
/// place and its size.
class OverBoard final : public QFrame {
public:
    explicit OverBoard(QWidget* middle);
    void bring(QWidget* what); ///< null: nothing; what was there goes home to its page

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void place();
    QWidget* m_middle;
    QPointer<QWidget> m_what, m_home;
};

} // namespace rl::app
