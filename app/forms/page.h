#pragma once
#include "app/board/overlay.h"
#include "app/board/tool.h"
#include "app/forms/form.h"
#include <QImage>

namespace rl::app {

/// Places on the ground that a page shows on the plan, m, and whether clicks there add to them.
struct Pointing {
    bool on = false;
    std::vector<Vec2> places;
};

/// One page of a station: its form, what it says, which tools and overlays it brings to the board.
class Page : public QWidget {
    Q_OBJECT
public:
    Page(Desk& desk, const QString& name, const QString& tip);
    const QString& name() const { return m_name; }
    const QString& tip() const { return m_tip; }
    virtual QString says() const { return {}; } ///< under the fields, in figures
    virtual std::vector<Tool*> tools() { return {}; } ///< the topmost first
    virtual std::vector<Overlay*> overlays() { return {}; }
    virtual QImage look() { return {}; } ///< shown on the board instead of the picture
    virtual void refresh(); ///< takes all of it from the project
    virtual void turnedTo() { } ///< it comes to the front
    virtual void left() { } ///< it goes to the back: nothing half drawn stays
    virtual void forget() { } ///< another work is open: nothing the hand began in the one before stays
    virtual bool busy() const { return false; } ///< something is being worked out
    virtual Pointing pointing() const { return {}; }
    virtual void pointAt(Vec3) { } ///< a click on the plan's ground, m
    virtual QWidget* beside() { return nullptr; } ///< stands beside the board while the findings are folded
    /// Lies over the picture's foot, and can be put away: what the bench has no room for. A child of the page.
    virtual QWidget* over() { return nullptr; }
    virtual bool tall() const { return false; } ///< takes the room of the views beside it

signals:
    void saysChanged();
    void lookChanged(); ///< overlays, tools or the look are others

protected:
    const Project& project() const { return m_desk.project(); }
    Desk& m_desk;
    Form* m_form;

private:
    QString m_name, m_tip;
};

} // namespace rl::app
