#pragma once
#include "core/base/words.h"
#include "core/transfer/keystone.h"
#include <string>

namespace rl::devices {

/// Throws a picture onto a canvas.
class Projector {
public:
    virtual ~Projector() = default;
    virtual std::string name() const = 0;
    virtual int widthPx() const = 0;
    virtual int heightPx() const = 0;
    virtual void show(const Photo& picture) = 0; ///< as large as it throws
};

/// A projector and a camera before a tilted canvas on a wall, so that squaring up can be learnt and tested without
/// them. The same seed, the same room.
class SimulatedProjector final : public Projector {
public:
    /// \param widthCm, heightCm of the canvas \param tilt 0 square on … 1 as far askew as one would still throw
    SimulatedProjector(double widthCm, double heightCm, unsigned seed = 3, double tilt = 0.6);
    std::string name() const override { return tr("simulated projector"); }
    int widthPx() const override { return 1280; }
    int heightPx() const override { return 800; }
    void show(const Photo& picture) override { m_shown = picture; }

    /// The room as the camera sees it: lamp light, the thrown picture, noise, a soft lens. \param widthPx of the photo
    Photo photograph(int widthPx = 2400) const;
    Vec2 canvasAt(Vec2 projectorPx) const; ///< where that pixel truly falls, cm
    Vec2 projectorAt(Vec2 canvasCm) const; ///< which pixel truly falls there
    transfer::Corners cornersInPhoto(int widthPx = 2400) const; ///< of the canvas, px

private:
    cv::Matx33d photoToCanvas(int widthPx) const;
    double m_widthCm, m_heightCm;
    unsigned m_seed;
    transfer::Corners m_thrown; ///< cm: where the picture's corners fall
    transfer::Corners m_seen; ///< of the canvas in the photograph, shares of its width and height
    Photo m_shown;
};

} // namespace rl::devices
