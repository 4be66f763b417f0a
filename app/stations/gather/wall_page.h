#pragma once
#include "app/desk/job.h"
#include "app/stations/gather/wall_table.h"
#include "app/stations/station.h"
#include "app/widgets/fit_chart.h"

class QLabel;

namespace rl::app {

/// Bring pictures in, say what each is for and whose it is; what each measures, and which fits the lead.
class WallPage final : public Page {
public:
    WallPage(Desk& desk, WallTable& table);
    void refresh() override;
    void forget() override { m_backdropWanted = 0; }
    bool tall() const override { return true; }
    bool busy() const override { return m_lens.running(); }
    void chooseFiles(); ///< asks for pictures
    void paste(); ///< the picture that was copied elsewhere
    void useAsBackdrop(); ///< the picture in hand, once its lens has been looked for

private:
    void bringFields();
    void heldFields();
    QWidget* recordColumn();
    QWidget* measureColumn();
    void recordFields(Form& form);
    void permissionFields(Form& form);
    void roleFields(Form& form);
    void showMeasures();
    void showFit();
    void layInHeap(const QString& heap);
    void takeBackdrop();
    void bringStill(const QString& file, const QString& clip);
    void findAgain();
    void chooseFolder();
    void chooseStill();
    void writeLedger();
    QString about() const;
    WallTable& m_table;
    Form *m_record, *m_word;
    FitChart* m_fit;
    QLabel *m_about, *m_measure;
    QPushButton* m_side;
    std::vector<QToolButton*> m_roles;
    Job<double> m_lens; ///< focal length over the picture's width, of what is to be the backdrop
    int m_backdropWanted = 0;
};

} // namespace rl::app
