#pragma once
#include "core/base/result.h"
#include "core/base/words.h"
#include "core/survey/canvas_view.h"
#include <string>
#include <vector>

namespace rl::devices {

/// Photographs the canvas.
class Camera {
public:
    virtual ~Camera() = default;
    virtual std::string name() const = 0;
    virtual Result<Photo> photograph() = 0;
};

/// Something painted beside its planned place.
struct Strayed {
    Vec2 at; ///< cm: its middle
    double reachCm = 5; ///< beyond that it has died away
    Vec2 byMm; ///< painted minus planned
    double lighter = 0; ///< L*, roughly
};

/// A canvas on an easel in a lamp-lit room and a hand-held camera before it, so that squaring up can be learnt and
/// tested without them. The same settings, the same photograph.
class SimulatedEasel final : public Camera {
public:
    struct Room {
        unsigned seed = 5;
        double tilt = 0.4; ///< 0 square on … 1 as far askew as one would still photograph
        double lamp = 0.4; ///< how unevenly one lamp lights it, 0…1
        double gloss = 0.15; ///< of wet paint, 0…1
        double k1 = 0.02; ///< of the lens, see CanvasView
        bool tags = false; ///< printed tags at the corners
        bool greyCard = false; ///< a grey card, L* 50, stuck on the wall to the right
        int longPx = 2000; ///< of the photograph
    };
    SimulatedEasel(double widthCm, double heightCm, const Room& room);
    std::string name() const override { return tr("simulated easel"); }
    /// What is on the canvas now, any size, and what of it has strayed.
    void setCanvas(const Photo& canvas, std::vector<Strayed> strayed = {});
    /// \return Missing while there is no canvas on it
    Result<Photo> photograph() override;
    const survey::CanvasView& view() const { return m_view; } ///< as it truly is
    Vec2 strayedMm(Vec2 cm) const; ///< of a place of the plan
    Rect greyCardCm() const; ///< where it hangs, cm of the canvas

private:
    double m_widthCm, m_heightCm;
    Room m_room;
    survey::CanvasView m_view;
    Photo m_canvas;
    std::vector<Strayed> m_strayed;
};

} // namespace rl::devices
