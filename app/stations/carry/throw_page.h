#pragma once
#include "app/stations/carry/carry_page.h"
#include "app/stations/carry/throw_window.h"
#include "app/stations/carry/thrown_picture.h"
#include "devices/projector.h"
#include <set>

class QScreen;

namespace rl::app {

/// Projecting the plan onto the canvas.
class ThrowPage final : public CarryPage {
    Q_OBJECT
public:
    ThrowPage(Desk& desk, StationView& view);
    ~ThrowPage() override;
    QString says() const override;
    void refresh() override;
    void forget() override { setThrowing(false); } ///< nothing of another work stays thrown
    void setThrowing(bool on);
    void setCorners(const transfer::Corners& projectorPx);
    void throwDots();
    void photograph(const QString& file = {}); ///< the simulated camera's, or a file
    const transfer::Keystone* keystone() const { return m_keystone ? &*m_keystone : nullptr; }
    double trueErrorMm() const; ///< of the simulated projector: the worst corner
    ThrowWindow* thrown() const { return m_thrown.get(); }

private:
    struct Thrown {
        Photo canvas, bent;
        int content = 0; ///< which canvas
    };
    void projectorField();
    void whatFields();
    void brightnessFields();
    void throwButtons();
    void heard(); ///< connections
    ToThrow wish() const;
    void throwBent(const Photo& bent);
    void throwIt(bool anew = true); ///< \param anew the picture of the canvas too, not only how it is bent
    std::set<int> inPass() const; ///< elements of one pass, far to near
    void showRoom();
    QScreen* screenChosen() const; ///< null: the simulated one, or it is not connected any more
    int widthPx() const;
    int heightPx() const;
    int m_what = ToThrow::Lines, m_screen = 0, m_step = 2, m_pass = 1;
    double m_bright = 100;
    bool m_inverted = false, m_dots = false;
    std::optional<transfer::Keystone> m_keystone;
    Photo m_canvas; ///< what is thrown, before it is bent; empty while it is drawn anew
    int m_content = 0; ///< counts what it shows
    std::unique_ptr<devices::SimulatedProjector> m_simulated;
    std::unique_ptr<ThrowWindow> m_thrown, m_room;
    Job<Thrown> m_bend;
    Job<QImage> m_photo;
    Job<transfer::Keystone> m_found;
    int m_count = 0;
};

} // namespace rl::app
