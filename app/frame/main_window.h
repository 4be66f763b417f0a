#pragma once
#include "app/board/overlays/fact_notes.h"
#include "app/board/overlays/missing_places.h"
#include "app/board/overlays/outline_mask.h"
#include "app/desk/settings.h"
#include "app/frame/work_files.h"
#include "app/stations/station.h"
#include <QMainWindow>

class QHBoxLayout;

class QLabel;
class QMenuBar;
class QStackedWidget;
class QToolButton;

namespace rl::app {

class Board;
class FindingsHand;
class GroundPlan;
class GuideBook;
class OverBoard;
class Imports;
class NoticeList;
class NoticeToast;
class SideColumn;
class StartPage;
class SettingsPage;
class Trail;
class WhatNow;

/// The frame of every station: menus and trail above, the picture in the middle, findings and plans beside it, the
/// bench below.
class MainWindow final : public QMainWindow {
    Q_OBJECT
public:
    MainWindow();
    ~MainWindow() override;

    void openWork(const QString& path) { m_files->open(path); }
    void newWork(const QString& path, Project project) { m_files->make(path, std::move(project)); }
    void goTo(Station station);
    Document& document() { return m_desk.document; }
    Desk& desk() { return m_desk; }
    WorkFiles& files() { return *m_files; }
    StationView* station(Station which) const { return m_stations[std::size_t(which)].get(); }
    StationView* here() const { return station(m_current); }
    Board* board() const { return m_board; }
    Board* boardHere() const; ///< the one of the station; null: it has none
    SideColumn* side() const { return m_side; }
    Imports* imports() const { return m_imports; }
    LongJob* longJob() const { return m_longJob; }
    bool settled() const; ///< nothing under way: the picture and the findings are those of the project
    Station current() const { return m_current; }
    void setBare(bool on); ///< nothing but the picture
    bool bare() const { return m_bare; }
    bool enlarged() const { return m_large; }
    QMenuBar* menus() const { return m_menus; }
    void showStart(bool on); ///< in place of all else
    void beginWith(const QStringList& pictures); ///< a fresh work, and these hang on its wall
    GuideBook* guide(); ///< made when it is first wanted
    SettingsPage* settings(); ///< made when it is first wanted
    /// Takes hold at once, and is remembered.
    void use(const Settings& settings);
    WhatNow* whatNow() const { return m_whatNow; }
    StartPage* start() const { return m_start; }
    void askMilestone();
    void bringIn();
    void pastePicture();
    void showNotices();
    void enlarge(GroundPlan* plan); ///< in the middle; the same again, or null: back

signals:
    void opened(bool ok);
    void firstPicture(); ///< something of the work can be seen

protected:
    void closeEvent(QCloseEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;
    void changeEvent(QEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    void keyReleaseEvent(QKeyEvent* e) override;

private:
    void connectHeld();
    void connectWishes();
    void connectMissing();
    void layOut();
    QWidget* corner();
    void connectDesk();
    void connectStations();
    void connectFiles();
    void dress(const Settings& settings);
    void followMats(); ///< one mat for every board, remembered
    void projectChanged();
    void refresh();
    void bringToBoard();
    void askLight();
    void take(std::shared_ptr<const LitWork> lit);
    void judged();
    void fitBench(); ///< one height for all pages, by the window's
    void keepPreview();
    void letGo(); ///< whatever the hand or a key holds: a drag ends where it has come to
    bool m_closeAsked = false; ///< it was said that the last changes are not saved
    Desk m_desk;
    LongJob* m_longJob;
    WorkFiles* m_files;
    Imports* m_imports;
    Trail* m_trail;
    Board* m_board;
    SideColumn* m_side;
    QStackedWidget *m_all, *m_centre, *m_benches;
    StartPage* m_start;
    WhatNow* m_whatNow = nullptr;
    GuideBook* m_guide = nullptr;
    SettingsPage* m_settings = nullptr;
    QHBoxLayout* m_middle = nullptr; ///< picture and side column
    QStringList m_beginWith;
    QImage m_preview; ///< of the work being opened
    QMenuBar* m_menus;
    QWidget* m_top = nullptr; ///< menus and what stands beside them
    QLabel* m_zoom;
    QToolButton* m_said;
    NoticeToast* m_toast = nullptr;
    NoticeList* m_list;
    FindingsHand* m_hand;
    MissingPlaces m_missing;
    OutlineMask m_outline;
    FactNotes m_facts;
    OverBoard* m_over = nullptr;
    std::vector<std::unique_ptr<StationView>> m_stations;
    GroundPlan* m_large = nullptr;
    Station m_current = Station::Stage;
    bool m_previewKept = false, m_bare = false;
};

/// Every key and menu entry that is not a station's own, and the menus made from them.
void addWindowActions(MainWindow& window);
void addBoardActions(MainWindow& window);
void makeMenus(MainWindow& window);

} // namespace rl::app
