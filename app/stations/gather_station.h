#pragma once
#include "app/stations/station.h"
#include "app/widgets/compare_view.h"
#include "app/widgets/fit_chart.h"
#include "app/widgets/reference_wall.h"
#include <QStackedWidget>

class QLineEdit;
class QLabel;
class QComboBox;
class QPushButton;
class QToolButton;

class QCheckBox;

namespace rl::app {

/// The wall: bring pictures in, lay them in heaps, say what each is for and whose it is; what each measures, and which
/// fits the lead.
class GatherStation final : public StationView {
    Q_OBJECT
public:
    explicit GatherStation(Workbench& bench);
    Station station() const override { return Station::Gather; }
    QWidget* bench() override { return m_bench; }
    QWidget* centre() override { return m_centre; }
    int benchHeight() const override { return 246; }
    void refresh() override;

private:
    QWidget* buildActions();
    QWidget* buildRecord();
    QWidget* buildMeasures();
    QWidget* buildWord(); ///< the painter's word against the measures
    void connectWall();
    void showWall();
    void showRecord(const Reference* r);
    void showMeasures(const Reference* r);
    void showFit();
    void showComparison();
    void applyRecord();
    void applyWord();
    void applyRole(int role, bool on);
    void changeHeld(const QString& text, const std::function<void(Reference&)>& change);
    void chooseFiles();
    void chooseFolder();
    void chooseStill();
    void paste();
    void writeLedger();
    int lead() const;
    gather::Shapes shapes() const; ///< from the cache
    QWidget* m_bench;
    QStackedWidget* m_centre;
    ReferenceWall* m_wall;
    CompareView* m_compare;
    FitChart* m_fit;
    QLabel *m_about, *m_measure;
    QLineEdit *m_credit, *m_source, *m_notes, *m_heap;
    QComboBox* m_permission;
    std::vector<QToolButton*> m_roles;
    QPushButton *m_backdrop, *m_lead, *m_cut, *m_study, *m_away, *m_side;
    QDoubleSpinBox* m_horizon;
    struct Word {
        QCheckBox* set = nullptr;
        QDoubleSpinBox *a = nullptr, *b = nullptr;
    };
    Word m_wordLight, m_wordSoft, m_wordKelvin, m_wordEye;
    int m_second = 0; ///< compared with the held one
    bool m_filling = false;
};

} // namespace rl::app
