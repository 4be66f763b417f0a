#pragma once
#include "app/board/plans.h"
#include "app/frame/findings_panel.h"
#include <QPointer>
#include <QWidget>

class QToolButton;

namespace rl::app {

struct StationSpec;

/// Beside the picture, of one width at every station: the plans, what a page brings, or the findings; or folded to a
/// strip with a lamp and a count, at every station alike.
class SideColumn final : public QWidget {
    Q_OBJECT
public:
    explicit SideColumn(Desk& desk);
    FindingsPanel* findings() const { return m_findings; }
    Plans* plans() const { return m_plans; }
    /// \param room false: the page needs the plans' room \param beside of the page; null: none
    void setStation(const StationSpec& spec, bool room, QWidget* beside);
    /// \param findings null: none are known yet \param checking they are those of before: what counts is being worked
    /// out
    void setKnown(const Findings* findings, bool checking = false);
    void toggle(); ///< what a station brings, its findings, a strip, and round again; remembered
    bool isOpen() const { return shows() == Shows::Findings; }
    bool isStrip() const { return shows() == Shows::Strip; }

protected:
    void changeEvent(QEvent* e) override;

private:
    enum class Shows { Brought, Findings, Strip };
    Shows shows() const;
    bool brings() const; ///< plans, or a widget of the page
    void arrange();
    Desk& m_desk;
    QToolButton* m_head;
    FindingsPanel* m_findings;
    Plans* m_plans;
    const StationSpec* m_spec = nullptr;
    Findings m_all;
    bool m_known = false;
    QPointer<QWidget> m_beside;
    bool m_strip = false; ///< at every station
    bool m_open = true; ///< the findings in place of what is brought, at this station
    bool m_room = true;
};

} // namespace rl::app
