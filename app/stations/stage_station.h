#pragma once
#include "app/stations/station.h"
#include "app/take_keeper.h"
#include "app/widgets/ground_plan.h"
#include "app/widgets/take_strip.h"
#include "app/widgets/vanishing_lines.h"
#include "core/stage/kin.h"
#include "core/stage/solids.h"
#include <QFutureWatcher>
#include <array>

class QAbstractButton;
class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QToolButton;

namespace rl::app {

/// Elements on the ground under one eye level: dragged in the picture, on the plan or in the side view, all follow.
class StageStation final : public StationView {
    Q_OBJECT
public:
    explicit StageStation(Workbench& bench);
    ~StageStation() override;
    Station station() const override { return Station::Stage; }
    QWidget* bench() override { return m_bench; }
    int benchHeight() const override { return m_page == Page::Takes ? 318 : 236; }
    void refresh() override;

    void paintOver(QPainter& painter, const Board& board) override;
    bool press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void move(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void release(Vec2 at, const Board& board) override;
    bool key(QKeyEvent* e) override;

    enum class Page { Space, Hand, Ties, Standins, Kin, Guides, Room, Takes };
    static constexpr int kPageCount = 8;
    void turnTo(Page page);
    const VanishingLines& vanishing() const { return m_vanishing; }
    const TakeKeeper& takes() const { return m_takes; }
    void writeContactSheet(const QString& path); ///< of the takes in play; says how it went when it is done
    bool working() const { return m_sheet.isRunning() || m_kinWatcher.isRunning(); }

private:
    /// What clicks on the board or the plan draw.
    enum class Drawing { None, Outline, Profile, Course, Ground, Corners, Meet };

    // stage_bench.cpp
    void build();
    QWidget* buildPages();
    QWidget* buildSpace();
    QWidget* buildHand();
    QWidget* buildTies();
    QWidget* buildStandins();
    QWidget* buildKin();
    QWidget* buildGuides();
    QWidget* buildRoom();
    QWidget* buildTakes();
    QPushButton* button(const QString& name, const QString& text, const QString& tip, const std::function<void()>& act);
    void connectFields();
    void connectStandins();
    void connectPlans();

    // stage_station.cpp
    void edit(const QString& what, Project after, int gesture = -1);
    void editElement(const QString& what, const std::function<void(Element&)>& change, int gesture = -1);
    void editStandin(const QString& what, const std::function<void(Standin&)>& change);
    void editGuides(const QString& what, const std::function<void(Guides&)>& change);
    void fillLists();
    void fillFields();
    void say();
    QString words() const;
    QString guideWords() const;
    QString roomWords() const;
    QString kinWords() const;
    QString measureWords(const Element& e) const;
    QString sizeWords(const Element& e) const;
    int other() const; ///< the element tied to; 0 = none
    void mirror();
    void takeAway();
    void standUp();
    void pinUsual();
    void keepUsual();
    void scatter();

    // stage_hand.cpp
    void startDrawing(Drawing what);
    void finishDrawing();
    void finishShape();
    void finishProfile();
    void finishCourse();
    void pointAtGround(Vec2 metres);
    bool drawingKey(QKeyEvent* e);
    int jointAt(Vec2 at, const Board& board) const; ///< −1 = none
    Vec2 jointPlace(const Element& e, Vec3 local) const;
    bool posing() const;
    void paintGuides(QPainter& painter, const Board& board) const;
    void paintRoom(QPainter& painter, const Board& board) const;
    void paintEllipses(QPainter& painter, const Board& board) const;
    void paintDrawing(QPainter& painter, const Board& board) const;
    void paintJoints(QPainter& painter, const Board& board) const;

    // stage_takes.cpp
    void fillTakes();
    void duplicateTake();
    void workOnTake();
    void asideOrBack();
    void nameTake();
    void vote();
    void askContactSheet();

    QWidget* m_bench;
    GroundPlan *m_plan, *m_side;
    QWidget* m_views = nullptr;
    QStackedWidget* m_pages;
    std::array<QToolButton*, std::size_t(kPageCount)> m_words{};
    Page m_page = Page::Space;
    QComboBox* m_which;
    QLabel* m_sizes;
    // Space
    QDoubleSpinBox *m_horizon, *m_eye, *m_fov, *m_stand;
    QPushButton* m_lines = nullptr;
    // In hand
    QDoubleSpinBox *m_height, *m_heightCm, *m_altitude, *m_x, *m_y;
    QComboBox *m_cast, *m_usual, *m_facing;
    QPushButton* m_mirror = nullptr;
    QCheckBox* m_locked;
    // Ties
    QComboBox* m_other;
    QLineEdit *m_name, *m_notes;
    // Stand-ins
    QComboBox *m_kind, *m_begin, *m_material, *m_cutoutFor;
    QDoubleSpinBox *m_wide, *m_deep, *m_count, *m_wall, *m_yaw, *m_stretch, *m_lightness;
    QPushButton *m_draw = nullptr, *m_measures = nullptr, *m_again = nullptr;
    // Kin
    QComboBox *m_spread, *m_pattern;
    QDoubleSpinBox *m_kinCount, *m_kinTurn, *m_kinScale, *m_kinReshape, *m_patternSize, *m_patternStrength, *m_fromL,
        *m_toL;
    QPushButton *m_pointPlace = nullptr, *m_scatter = nullptr;
    // Guides and room
    std::array<QToolButton*, std::size_t(kGuideCount)> m_guides{};
    QDoubleSpinBox* m_rings;
    QPushButton* m_showRoom = nullptr;
    // Takes
    TakeStrip* m_strip;
    TakeKeeper m_takes;
    QFutureWatcher<QString> m_sheet; ///< gives the sentence to say
    QLineEdit *m_voter, *m_voteLetter, *m_voteWords;
    QPushButton* m_aside = nullptr;

    // How alike kin are: measured off the interface thread, for the elements and camera given.
    void askLikeness();
    QFutureWatcher<std::vector<stage::Likeness>> m_kinWatcher;
    Scene m_likeOf;
    std::vector<stage::Likeness> m_like;
    VanishingLines m_vanishing;
    enum class Held { None, Element, Horizon, Foot, Joint } m_held = Held::None;
    Vec2 m_grip;
    int m_gesture = 0, m_joint = -1, m_seed = 1;
    Drawing m_drawing = Drawing::None;
    std::vector<OutlinePoint> m_drawn; ///< cm on the canvas
    std::vector<Vec2> m_ground; ///< X and Z, m
};

/// The element drawn at a canvas point, nearest first; 0 = none.
int elementAt(const LitWork& lit, Vec2 canvasCm);
/// Frames the held element on the board.
void paintHeld(QPainter& painter, const Board& board, const Project& project, Workbench& work);

} // namespace rl::app
