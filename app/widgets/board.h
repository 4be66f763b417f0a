#pragma once
#include "core/base/geometry.h"
#include <QImage>
#include <QWidget>

class QMimeData;

namespace rl::app {

class Board;

/// The files on this machine that a drop or the clipboard holds.
QStringList localFiles(const QMimeData& data);

/// What a station draws over the board and does with the mouse there. Canvas points are cm.
class BoardGuest {
public:
    virtual ~BoardGuest() = default;
    virtual void paintOver(QPainter&, const Board&) { }
    /// \return true when the press is taken; moves and the release then come here too
    virtual bool press(Vec2, Qt::KeyboardModifiers, const Board&) { return false; }
    virtual void move(Vec2, Qt::KeyboardModifiers, const Board&) { }
    virtual void release(Vec2, const Board&) { }
    virtual bool key(QKeyEvent*) { return false; }
    virtual QImage replacement() { return {}; } ///< shown instead of the lit picture
};

/// The canvas on a neutral mat, with rulers in its real units. Zoom, pan, life size, as seen from afar; keys held
/// down show it plain, mirrored or squinted.
class Board final : public QWidget {
    Q_OBJECT
public:
    explicit Board(QWidget* parent = nullptr);

    /// What the rulers count in: the length of one unit in canvas units, and its name.
    struct Unit {
        double length = 1;
        QString name = "cm";
    };
    void setCanvas(double width, double height, const Unit& unit, double viewingDistance);
    void setPicture(const QImage& image);
    void setGuest(BoardGuest* guest);

    QPointF toScreen(Vec2 canvasCm) const;
    QRectF toScreen(const Rect& canvasCm) const;
    Vec2 toCanvas(QPointF screen) const;
    double pixelsPerCm() const { return m_scale; }
    double widthCm() const { return m_width; }
    double heightCm() const { return m_height; }
    int wantedWidthPx() const; ///< pixels across the canvas worth rendering
    bool plain() const { return m_plain; }

    void fit();
    void zoomLifeSize();
    void zoomAsSeen();
    void nextMat();
    void flash(const Rect& canvasCm); ///< shows a place for a moment
    QString zoomWords() const;
    QSize sizeHint() const override { return {800, 520}; }

signals:
    void viewChanged();
    void filesDropped(const QStringList& files);

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void keyReleaseEvent(QKeyEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    void paintRulers(QPainter& painter) const;
    void zoomAt(QPointF screen, double factor);
    const QImage& shown();
    QRectF canvasRect() const;
    double m_width = 60, m_height = 40, m_distance = 200;
    Unit m_unit;
    bool m_fitted = true, m_plain = false, m_mirrored = false, m_squinted = false, m_panning = false,
         m_guestHolds = false;
    double m_scale = 10; ///< screen px per cm
    QPointF m_origin; ///< screen place of the canvas' top left corner
    QPointF m_last;
    int m_mat = 1;
    QImage m_image, m_soft;
    BoardGuest* m_guest = nullptr;
    Rect m_flash;
    int m_flashSteps = 0;
};

} // namespace rl::app
