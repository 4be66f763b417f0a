#pragma once
#include "app/stations/carry/carry_page.h"
#include "app/stations/carry/throw_window.h"
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
    void show() override;
    void forget() override { setThrowing(false); } ///< nothing of another work stays thrown
    enum What { Lines, GridAlone, Both, Element, Values, Picture, Pass };
    void setThrowing(bool on);
    void setCorners(const transfer::Corners& projectorPx);
    void throwDots();
    void photograph(const QString& file = {}); ///< the simulated camera's, or a file
    const transfer::Keystone* keystone() const { return m_keystone ? &*m_keystone : nullptr; }
    double trueErrorMm() const; ///< of the simulated projector: the worst corner
    ThrowWindow* thrown() const { return m_thrown.get(); }

private:
    /// What is thrown, as values that a worker can take along.
    struct Wish {
        Project project;
        int what = Lines, step = 2, element = 0;
        double bright = 100;
        bool inverted = false;
        std::set<int> pass; ///< elements
        std::vector<transfer::Stroke> lines;
        std::shared_ptr<const LitWork> lit;
    };
    struct Thrown {
        Photo canvas, bent;
        int content = 0; ///< which canvas
    };
    static QImage canvasPicture(const Wish& wish);
    Wish wish() const;
    void throwBent(const Photo& bent);
    void refresh(bool anew = true); ///< \param anew the picture of the canvas too, not only how it is bent
    std::set<int> inPass() const; ///< elements of one pass, far to near
    void showRoom();
    QScreen* screenChosen() const; ///< null: the simulated one, or it is not connected any more
    int widthPx() const;
    int heightPx() const;
    int m_what = Lines, m_screen = 0, m_step = 2, m_pass = 1;
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
