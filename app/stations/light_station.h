#pragma once
#include "app/stations/station.h"
#include "app/widgets/ground_plan.h"
#include "core/review/light_audit.h"
#include <QFutureWatcher>
#include <atomic>

class QComboBox;
class QCheckBox;
class QLabel;
class QPushButton;

namespace rl::app {

/// Lanterns and sun to carry about, on the plan, from the side, or in the picture.
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
    void follow() { askZones(); } ///< the picture is another
    QImage replacement() override; ///< the form zones, when they are shown
    bool studying() const { return m_zonesWatcher.isRunning() || m_auditWatcher.isRunning(); }

private:
    void editLantern(const QString& what, const std::function<void(Lantern&)>& change, int gesture = -1);
    void editSun(const QString& what, const std::function<void(Sun&)>& change, int gesture = -1);
    void editAir(const QString& what, const std::function<void(Air&)>& change);
    void addLantern();
    void say();
    // light_study.cpp
    void connectStudy();
    void fillStudy();
    double levelThere(double strength) const;
    void askZones();
    void lookClosely();
    void showAudit();
    QString skyWords() const;
    QComboBox* m_time;
    QDoubleSpinBox *m_stops, *m_cardL, *m_zoneSteps;
    QPushButton *m_alone, *m_rename, *m_zones, *m_audit, *m_arcs;
    void paintArcs(QPainter& painter, const Board& board) const;
    QLabel* m_families;
    QFutureWatcher<QImage> m_zonesWatcher;
    QFutureWatcher<std::vector<review::AuditRow>> m_auditWatcher;
    QImage m_zonesImage;
    quint64 m_zonesOf = 0; ///< revision the zones were asked for, plus one
    int m_auditOf = 0;
    QString m_auditWords;
    std::atomic<bool> m_stop = false;
    QWidget* m_bench;
    GroundPlan *m_above, *m_side;
    QComboBox *m_which, *m_form, *m_material;
    QCheckBox *m_sunOn, *m_lanternOn;
    QDoubleSpinBox *m_sunWarmth, *m_sunStrength, *m_sunSize, *m_warmth, *m_strength, *m_haze, *m_sky, *m_wet,
        *m_exposure, *m_delight;
    QLabel* m_log;
    QPushButton* m_douse;
    Vec2 m_grip;
    bool m_carrying = false;
    int m_gesture = 0;
};

} // namespace rl::app
