#pragma once
#include "app/board/overlay.h"
#include "app/board/tool.h"
#include <QImage>
#include <QWidget>
#include <functional>
#include <memory>
#include <vector>

class QMimeData;

namespace rl::app {

/// The files on this machine that a drop or the clipboard holds.
QStringList localFiles(const QMimeData& data);

/// The canvas on a neutral mat, with rulers in its real units. Zoom, pan, life size, as seen from afar; plain,
/// mirrored, squinted. What is drawn over it and what the hand does there comes in as overlays and tools.
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
    /// Shown instead of the picture while it gives one.
    void setLook(std::function<QImage()> look);
    void setTools(std::vector<Tool*> topFirst);
    void setOverlays(std::vector<Overlay*> overlays);
    /// A tool on top of the others until it is put away; taking another one drops it.
    void take(Tool* tool);
    void putAway();
    Tool* taken() const { return m_taken; }
    /// The hand is taken off: a drag under way ends where it has come to, panning and a held Space too. Whatever takes
    /// the mouse away before it is released calls this: another station, another window, another work.
    void letGo();
    bool holding() const { return m_holds || m_panning || m_sashHeld; }
    QString hint() const; ///< of the topmost tool that is at something

    bool finish(); ///< Enter
    bool stepBack(); ///< Backspace
    bool drop(); ///< Escape

    QPointF toScreen(Vec2 canvas) const;
    QRectF toScreen(const Rect& canvas) const;
    Vec2 toCanvas(QPointF screen) const;
    double pixelsPerCm() const { return m_scale; }
    double widthCm() const { return m_width; }
    double heightCm() const { return m_height; }
    int wantedWidthPx() const; ///< pixels across the canvas worth rendering

    void fit();
    void zoomLifeSize();
    void zoomAsSeen();
    void zoomBy(double factor);
    void nextMat();
    int mat() const { return m_mat; }
    void setMat(int mat); ///< 0 dark, 1 middle, 2 light
    void flash(const Rect& canvas); ///< shows a place for a moment
    enum class Seen { AsIs, Plain, Mirrored, Squinted };
    void see(Seen how);
    void setBare(bool on); ///< nothing but the picture: no rulers, nothing over it
    /// A word in the middle while there is nothing to see yet.
    void setWaiting(const QString& words);
    QString zoomWords() const;
    /// Two pictures, one over the other, parted by a sash that is pushed across. Null: no more.
    void compare(const QImage& before, const QString& wordBefore, const QString& wordAfter);
    bool comparing() const { return !m_before.isNull(); }
    QSize sizeHint() const override { return {800, 520}; }

signals:
    void viewChanged();
    void hintChanged();
    void holdLost(); ///< the tool that held the hand was taken off the board
    void filesDropped(const QStringList& files);
    void matChanged(int mat);

protected:
    bool event(QEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void focusOutEvent(QFocusEvent*) override;
    void hideEvent(QHideEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void keyReleaseEvent(QKeyEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    std::vector<Tool*> tools() const;
    BoardPoint pointOf(const QMouseEvent& e) const;
    int ruler() const { return m_bare ? 0 : 24; } ///< px
    bool ask(bool (Tool::*what)());
    void paintCanvas(QPainter& painter);
    void paintSash(QPainter& painter) const;
    void paintRulers(QPainter& painter) const;
    void zoomAt(QPointF screen, double factor);
    const QImage& shown();
    QRectF canvasRect() const;
    double m_width = 60, m_height = 40, m_distance = 200;
    Unit m_unit;
    bool m_fitted = true, m_panning = false, m_spaced = false, m_sashHeld = false, m_bare = false;
    Seen m_seen = Seen::AsIs;
    double m_scale = 10; ///< screen px per canvas unit
    QPointF m_origin; ///< screen place of the canvas' top left corner
    QPointF m_last;
    BoardPoint m_lastPoint; ///< of the drag under way
    Qt::MouseButton m_button = Qt::NoButton; ///< that it began with
    int m_mat = 1;
    QImage m_image, m_soft, m_before;
    QString m_waiting, m_wordBefore, m_wordAfter;
    double m_sash = 0.5; ///< share of the canvas' width
    std::function<QImage()> m_look;
    std::vector<Tool*> m_tools;
    std::vector<Overlay*> m_overlays;
    Tool *m_taken = nullptr, *m_holds = nullptr;
    Rect m_flash;
    int m_flashSteps = 0;
};

/// Words on a small paper, for labels on a board.
void paintLabel(QPainter& painter, QPointF leftBottom, const QString& words);
/// A line that shows on light and on dark.
void paintBothWays(QPainter& painter, const QPolygonF& line);

} // namespace rl::app
