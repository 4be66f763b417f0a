#pragma once
#include "app/stations/station.h"
#include <map>

class QLineEdit;
class QLabel;
class QComboBox;
class QPushButton;

namespace rl::app {

/// The reference wall itself: pictures hang in rows; each shows its size, credit, and the light measured on what was
/// cut out of it.
class ReferenceWall final : public QWidget {
    Q_OBJECT
public:
    ReferenceWall();
    struct Picture {
        int id = 0;
        QImage small;
        QString name, credit;
        QSize pixels;
        bool backdrop = false, measured = false;
        double azimuth = 0, confidence = 0;
    };
    void show(std::vector<Picture> pictures, int held);
    QRect pictureRect(int index) const;
    QSize sizeHint() const override;

signals:
    void held(int id);
    void openWanted(int id);
    void filesDropped(const QStringList& files);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    void hang();
    std::vector<Picture> m_pictures;
    std::vector<QRect> m_places;
    int m_held = 0;
};

class GatherStation final : public StationView {
    Q_OBJECT
public:
    explicit GatherStation(Workbench& bench);
    Station station() const override { return Station::Gather; }
    QWidget* bench() override { return m_bench; }
    QWidget* centre() override { return m_centre; }
    int benchHeight() const override { return 120; }
    void refresh() override;

private:
    void applyCredit();
    void chooseFiles();
    void paste();
    QWidget *m_bench, *m_centre;
    ReferenceWall* m_wall;
    QLabel* m_about;
    QLineEdit* m_credit;
    QComboBox* m_permission;
    QPushButton *m_backdrop, *m_cut, *m_away;
    QDoubleSpinBox* m_horizon;
    std::map<const void*, QImage> m_small;
};

} // namespace rl::app
