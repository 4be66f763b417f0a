#pragma once
#include "app/desk/desk.h"
#include "app/widgets/compare_view.h"
#include "app/widgets/reference_wall.h"
#include <QStackedWidget>

namespace rl::app {

/// The middle of Gather: the wall, or two pictures side by side.
class WallTable final : public QStackedWidget {
    Q_OBJECT
public:
    WallTable(Desk& desk, QObject* owner);
    void refresh(); ///< takes all of it from the project
    ReferenceWall* wall() const { return m_wall; }
    void setComparing(bool on);
    bool comparing() const { return m_comparing; }
    int second() const { return m_second; } ///< compared with the held one; 0 = none
    void setSecond(int reference);
    /// Which picture the others are held against; 0 = the stage's sun.
    int lead() const;
    gather::Shapes shapes() const; ///< from the cache

signals:
    void changed();

private:
    void showWall();
    void showComparison();
    Desk& m_desk;
    ReferenceWall* m_wall;
    CompareView* m_compare;
    int m_second = 0;
    bool m_comparing = false;
};

/// The same lines for every picture, so that two can be read across.
QStringList figuresOf(const gather::PictureMeasure& measure);

} // namespace rl::app
