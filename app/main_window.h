#pragma once
#include "app/importer.h"
#include "app/picture_saver.h"
#include "app/stations/station.h"
#include "app/widgets/board.h"
#include "app/widgets/findings_panel.h"
#include "app/widgets/trail.h"
#include <QMainWindow>

class QStackedWidget;
class QLabel;
class QProgressBar;
class QPushButton;

namespace rl::app {

/// The frame of every station: the trail above, the board in the middle, findings at the side, the bench below.
class MainWindow final : public QMainWindow {
    Q_OBJECT
public:
    MainWindow();
    ~MainWindow() override;

    void openWork(const QString& path); ///< in the background; its last picture is shown meanwhile
    void newWork(const QString& path, Project project);
    void goTo(Station station);
    Document& document() { return m_document; }
    Workbench& workbench() { return m_work; }
    StationView* station(Station which) const { return m_stations[std::size_t(which)]; }
    Board* board() const { return m_board; }
    bool settled() const; ///< nothing under way: the picture and the findings are those of the project
    Station current() const { return m_current; }

signals:
    void opened(bool ok);
    void firstPicture(); ///< something of the work can be seen

protected:
    void closeEvent(QCloseEvent* e) override;

private:
    void buildMenus();
    void addWorkActions();
    void addEditActions();
    void addViewActions();
    void projectChanged();
    void refreshAll();
    void askLight();
    void take(std::shared_ptr<const LitWork> lit);
    void arrived(std::vector<Arrival> pictures);
    void imported(const QStringList& problems, bool cancelled);
    void study(int reference);
    void setAside(const Finding& finding);
    void notice(const QString& sentence);
    void askNewWork();
    void askOpenWork();
    void askSaveCopy();
    void askSavePicture();
    void askMilestone();
    void keepPreview();
    Document m_document;
    LiveLight m_light;
    WallKeeper m_wall;
    Workbench m_work;
    Importer m_importer;
    Trail* m_trail;
    Board* m_board;
    QStackedWidget *m_centre, *m_benches;
    FindingsPanel* m_findings;
    QLabel *m_notice, *m_zoom;
    QProgressBar* m_bar;
    QPushButton* m_stop;
    PictureSaver* m_saver;
    std::vector<StationView*> m_stations;
    Station m_current = Station::Stage;
    int m_importGesture = 0, m_fresh = 0, m_known = 0; ///< of the import under way
    bool m_opening = false, m_previewKept = false;
};

} // namespace rl::app
