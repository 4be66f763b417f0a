#pragma once
#include "app/widgets/board.h"
#include "app/workbench.h"

class QLayout;
class QDoubleSpinBox;

namespace rl::app {

/// One station: a bench along the bottom, what it draws over the board, and sometimes a centre of its own.
class StationView : public QObject, public BoardGuest {
    Q_OBJECT
public:
    explicit StationView(Workbench& bench)
        : work(bench)
    {
    }
    virtual Station station() const = 0;
    virtual QWidget* bench() = 0;
    virtual QWidget* centre() { return nullptr; } ///< null: the board
    virtual void refresh() = 0; ///< the project, the picture or what is held has changed
    virtual int benchHeight() const { return 200; }

signals:
    void benchResized();
    void overlayChanged(); ///< what is drawn over the board is another

protected:
    const Project& project() const { return work.document.project(); }
    Workbench& work;
};

/// A number with its unit and a tool tip that says what it does and why; one edit when it is set.
QDoubleSpinBox* numberField(
    const QString& name, const QString& unit, double low, double high, int decimals, double step, const QString& tip);
/// What to hold when nothing is: what shows the first of the cast, else the last stood up; 0 = nothing there.
int firstToHold(const Project& project);
/// Sets a field without it answering back.
void setQuietly(QDoubleSpinBox* field, double value);
QWidget* labelled(const QString& label, QWidget* field);

} // namespace rl::app
