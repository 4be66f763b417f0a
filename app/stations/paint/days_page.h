#pragma once
#include "app/stations/paint/day_path.h"
#include "app/stations/paint/paint_page.h"

class QListWidget;

namespace rl::app {

/// The plan of work over the painter's days, and how each sitting should leave the canvas.
class DaysPage final : public PaintPage {
    Q_OBJECT
public:
    DaysPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    QWidget* over() override;
    QWidget* beside() override;
    void writeSitting(const QString& path);
    void writeCalendar(const QString& path);
    DayPath* path() const { return m_path; }

private:
    void fillList();
    DayPath* m_path;
    QListWidget* m_sheet;
};

/// Free hours, the room, the pace.
class HoursPage final : public PaintPage {
    Q_OBJECT
public:
    HoursPage(Desk& desk, StationView& view);
    QString says() const override;
    void readCalendar(const QString& path, bool asFree);

private:
    void listFields();
    void heldFields();
    void roundFields();
    void roomFields();
    void edit(const QString& undo, int gesture, const std::function<void(Painting&)>& change);
    FreeHours* held(Painting& painting) const;
    int m_at = 0;
};

/// The tasks: ticked, reordered, split, merged, left out, added.
class TasksPage final : public PaintPage {
    Q_OBJECT
public:
    TasksPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    QWidget* beside() override;
    void tick();
    void move(int by);

private:
    static std::string wholeOf(const std::string& key); ///< of a split task
    void doFields();
    void sizeFields();
    void ownFields();
    void fillList();
    TaskOverride wordOfHeld() const;
    void set(const QString& undo, const std::function<void(TaskOverride&)>& change);
    QListWidget* m_list;
    bool m_filling = false;
};

} // namespace rl::app
