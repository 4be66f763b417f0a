#pragma once
#include "app/desk/job.h"
#include "app/stations/light/light_page.h"
#include "core/review/light_audit.h"

class QLabel;

namespace rl::app {

class Strips;

/// Form zones, everything as photographed, a close look at one element's light, colours to mix, sheets for the easel.
class StudyPage final : public LightPage {
public:
    StudyPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    bool busy() const override { return m_map.running() || m_sheets.running() || (looked() && !m_desk.known()); }

    QImage studied(); ///< zones or photographs, when they are shown; null else
    void toggleZones();
    void togglePhotographed() { setPhotographed(!m_photographed); }
    void setPhotographed(bool on);
    bool photographed() const { return m_photographed; }
    void lookClosely();
    /// Writes the study sheets (.pdf) or the colours (.csv) aside.
    void writeStudy(const QString& path);

private:
    void setMap(bool zones, bool photographed);
    void askMap();
    void askPath(const QString& title, const QString& name, const QString& kind);
    JobKey mapKey() const;
    bool looked() const { return m_looked && m_looked == m_desk.element(); }
    const review::AuditRow* row() const; ///< of the element in hand, once it is looked at; null while it is not known
    bool m_zonesOn = false, m_photographed = false;
    int m_steps = 6;
    QPushButton* m_zones;
    Strips* m_strips;
    Job<QImage> m_map;
    Job<QString> m_sheets;
    int m_looked = 0; ///< the element that was looked at closely
    int m_written = 0;
};

} // namespace rl::app
