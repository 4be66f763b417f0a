#pragma once
#include "app/stations/station.h"

class QLineEdit;
class QComboBox;

namespace rl::app {

class CastRow;

/// What the work is, how big, in what, and who is to be read first.
class BriefStation final : public StationView {
    Q_OBJECT
public:
    explicit BriefStation(Workbench& bench);
    Station station() const override { return Station::Brief; }
    QWidget* bench() override { return m_bench; }
    void refresh() override;
    void paintOver(QPainter& painter, const Board& board) override;

private:
    void apply(const QString& what);
    void addMember();
    void turn(int format); ///< 0 portrait, 1 landscape, 2 square
    QWidget* m_bench;
    QLineEdit *m_title, *m_newName;
    QComboBox *m_medium, *m_unit;
    QDoubleSpinBox *m_width, *m_height, *m_distance;
    CastRow* m_cast;
};

/// The cast as standing cards in reading order; drag one to another place, Delete takes the chosen one away.
class CastRow final : public QWidget {
    Q_OBJECT
public:
    CastRow();
    void show(std::vector<CastMember> cast);
    QRect cardRect(int index) const;

signals:
    void moved(int from, int to);
    void removed(int index);
    void renamed(int index, const QString& name);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int at(QPoint p) const;
    std::vector<CastMember> m_members;
    int m_chosen = -1, m_held = -1;
    QPoint m_pointer;
};

} // namespace rl::app
