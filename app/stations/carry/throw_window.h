#pragma once
#include "core/transfer/keystone.h"
#include <QImage>
#include <QWidget>
#include <optional>

namespace rl::app {

/// What a projector throws, full screen on its own screen; or the room of the simulated one. Four handles are dragged
/// onto the canvas' corners.
class ThrowWindow final : public QWidget {
    Q_OBJECT
public:
    explicit ThrowWindow(const QString& title);
    void setPicture(const QImage& image); ///< as large as the projector's
    void setHandles(const std::optional<transfer::Corners>& corners); ///< projector px; nothing: not dragged
    QSize sizeHint() const override { return {900, 600}; }

signals:
    void cornersMoved(const transfer::Corners& corners);
    void shut();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void closeEvent(QCloseEvent*) override;

private:
    QRectF place() const; ///< of the picture in the window
    Vec2 pixelAt(QPointF at) const;
    QImage m_image;
    std::optional<transfer::Corners> m_corners;
    int m_held = 0;
    bool m_dragging = false;
    Vec2 m_grabbed; ///< where the held corner was when the drag began
};

} // namespace rl::app
