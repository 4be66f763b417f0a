#pragma once
#include "app/stations/paint/canvas_photos.h"

namespace rl::app {

class StationView;

inline QString said(const std::string& s)
{
    return QString::fromStdString(s);
}

/// "35 min", "2.5 h".
inline QString hoursSaid(double h)
{
    return h < 1 ? QObject::tr("%1 min").arg(h * 60, 0, 'f', 0) : QObject::tr("%1 h").arg(h, 0, 'f', h < 10 ? 1 : 0);
}

/// What all pages of Paint share.
class PaintState final : public QObject {
    Q_OBJECT
public:
    static PaintState& of(Desk& desk, StationView& view); ///< the one of a station
    explicit PaintState(Desk& desk);

    SittingClock clock;
    WorkInHand work;
    CanvasPhotos photos;

    void begin(); ///< a sitting, or goes on with it: with the task in hand, or the next one
    bool busy() const { return work.busy() || photos.comparing(); }
    /// Why the comparison, the plan or the preparation was not had; null: it was.
    const Error* problem() const { return work.problem() ? work.problem() : photos.problem(); }
    void stop(); ///< whatever of that is under way
    bool stopped() const { return work.stopped() || photos.stopped(); } ///< it is not tried again by itself
    void again();

signals:
    void changed();
    void ticked(); ///< a second of work
};

} // namespace rl::app
