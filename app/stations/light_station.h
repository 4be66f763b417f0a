#pragma once
#include "app/stations/station.h"
#include "app/widgets/ground_plan.h"
#include "core/review/light_study.h"
#include <QFutureWatcher>
#include <array>
#include <atomic>

class QComboBox;
class QCheckBox;
class QLabel;
class QPushButton;
class QStackedWidget;
class QToolButton;

namespace rl::app {

/// Lanterns and sun to carry about, on the plan, from the side, or in the picture; how things take the light; the air.
class LightStation final : public StationView {
    Q_OBJECT
public:
    explicit LightStation(Workbench& bench);
    ~LightStation() override;
    Station station() const override { return Station::Light; }
    QWidget* bench() override { return m_bench; }
    int benchHeight() const override { return 238; }
    void refresh() override;

    void paintOver(QPainter& painter, const Board& board) override;
    bool press(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void move(Vec2 at, Qt::KeyboardModifiers keys, const Board& board) override;
    void release(Vec2 at, const Board& board) override;
    bool key(QKeyEvent* e) override;
    void follow() { askStudy(); } ///< the picture is another
    QImage replacement() override; ///< the form zones or the photographs, when they are shown
    bool studying() const
    {
        return m_studyWatcher.isRunning() || m_auditWatcher.isRunning() || m_sheetWatcher.isRunning();
    }
    enum class Page { Sky, Lantern, Air, Form, Study };
    static constexpr int kPageCount = 5;
    void turnTo(Page page);
    /// Writes the study sheets (.pdf) or the colours (.csv) aside.
    void writeStudy(const QString& path);

private:
    // light_bench.cpp
    QPushButton* button(const QString& name, const QString& text, const QString& tip, const std::function<void()>& act);
    void build();
    QWidget* buildPages();
    QWidget* buildSky();
    QWidget* buildLantern();
    QWidget* buildAir();
    QWidget* buildForm();
    QWidget* buildStudy();
    void connectSky();
    void connectLantern();
    void connectAir();
    void connectForm();
    void connectPlans();
    void fillLantern();
    void fillAir();
    void fillForm();
    void nameLantern();
    void chooseGroup();
    // light_station.cpp
    void editLantern(const QString& what, const std::function<void(Lantern&)>& change, int gesture = -1);
    void editSun(const QString& what, const std::function<void(Sun&)>& change, int gesture = -1);
    void editAir(const QString& what, const std::function<void(Air&)>& change);
    void editGroup(const QString& what, const std::function<void(LightGroup&)>& change);
    void editElement(const QString& what, const std::function<void(Element&)>& change);
    void editPart(const QString& what, const std::function<void(ReliefPart&)>& change);
    void addLantern();
    void say();
    // light_hand.cpp
    enum class Drawing { None, Part, Ridge, Eye, Focal };
    void startDrawing(Drawing what);
    void finishDrawing();
    std::optional<Vec2> shareAt(Vec2 canvas) const; ///< place in the held element's box, 0…1
    std::optional<Vec2> canvasAt(Vec2 share) const;
    QString drawingWords() const;
    void paintShapes(QPainter& painter, const Board& board) const;
    void paintFocal(QPainter& painter, const Board& board) const;
    void paintExtent(QPainter& painter, const Board& board, const Lantern& lantern) const;
    // light_study.cpp
    void connectStudy();
    void fillStudy();
    double levelThere(double strength) const;
    void askStudy();
    void lookClosely();
    void showAudit();
    QString skyWords() const;
    void paintArcs(QPainter& painter, const Board& board) const;

    QWidget* m_bench;
    GroundPlan *m_above, *m_side;
    QStackedWidget* m_pages;
    std::array<QToolButton*, std::size_t(kPageCount)> m_words{};
    Page m_page = Page::Lantern;
    QLabel *m_log, *m_families, *m_colourSays;
    // sky
    QCheckBox* m_sunOn;
    QDoubleSpinBox *m_sunWarmth, *m_sunHue, *m_sunStrength, *m_sunSize, *m_sky, *m_exposure, *m_spill, *m_bounce;
    QComboBox* m_time;
    QPushButton* m_arcs;
    // lantern
    QComboBox *m_which, *m_kind, *m_within, *m_group;
    QCheckBox *m_lanternOn, *m_seen, *m_groupOn;
    QDoubleSpinBox *m_warmth, *m_hue, *m_strength, *m_stops, *m_cardL, *m_soft, *m_wide, *m_high, *m_deep, *m_facing,
        *m_count, *m_groupStops;
    QPushButton *m_douse, *m_rename, *m_alone;
    // air
    QDoubleSpinBox *m_haze, *m_hazeTop, *m_glow, *m_shafts, *m_wet, *m_vignette, *m_vignetteReach, *m_driftAmount,
        *m_mistZ, *m_mistDensity, *m_mistTop;
    QComboBox *m_drift, *m_mist;
    QPushButton *m_focal, *m_noMist;
    // form
    QComboBox *m_form, *m_material, *m_part, *m_partForm;
    QDoubleSpinBox *m_delight, *m_through, *m_rim, *m_elementGlow, *m_tiltX, *m_tiltY, *m_puff, *m_ridgeHeight,
        *m_ridgeWidth;
    QPushButton *m_asPhotographed, *m_drawPart, *m_drawRidge, *m_drawEye, *m_partAway;
    // study
    QDoubleSpinBox* m_zoneSteps;
    QPushButton *m_zones, *m_audit, *m_strips, *m_sheets;

    QFutureWatcher<QImage> m_studyWatcher;
    QFutureWatcher<std::vector<review::AuditRow>> m_auditWatcher;
    QFutureWatcher<QString> m_sheetWatcher;
    QImage m_studyImage;
    quint64 m_studyOf = 0; ///< revision it was asked for, plus one
    int m_auditOf = 0;
    QString m_auditWords;
    std::atomic<bool> m_stop = false;

    Drawing m_drawing = Drawing::None;
    std::vector<Vec2> m_drawn; ///< cm on the canvas
    Vec2 m_grip;
    bool m_carrying = false;
    int m_gesture = 0;
};

} // namespace rl::app
