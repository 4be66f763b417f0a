#pragma once
#include "app/board/plans.h"
#include "app/frame/findings_panel.h"
#include <QPointer>
#include <QWidget>

class QToolButton;

namespace rl::app {

struct StationSpec;

/// Beside the picture: the findings, folded to a lamp and a count or open, and the plans while they are folded.
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
    void toggle(); ///< folds or opens the findings of this station; remembered
    bool isOpen() const { return m_open; }

protected:
    void changeEvent(QEvent* e) override;

private:
    void arrange();
    Desk& m_desk;
    QToolButton* m_head;
    FindingsPanel* m_findings;
    Plans* m_plans;
    const StationSpec* m_spec = nullptr;
    Findings m_all;
    bool m_known = false;
    QPointer<QWidget> m_beside;
    bool m_open = true, m_room = true;
};

} // namespace rl::app
