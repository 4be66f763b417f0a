#pragma once
#include <QScrollArea>

class QVBoxLayout;

namespace rl::app {

/// Where the pages of a bench lie, one of them shown: of one size whichever it is; what is higher scrolls.
class PageRoom final : public QScrollArea {
public:
    PageRoom();
    QVBoxLayout* column() const { return m_column; }
    void fit(); ///< anew, whatever its layouts remember: fields have come and gone

protected:
    void resizeEvent(QResizeEvent* e) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void lay();
    QWidget* m_inside;
    QVBoxLayout* m_column;
    bool m_laying = false;
};

} // namespace rl::app
