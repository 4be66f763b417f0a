#pragma once
#include "core/base/geometry.h"
#include <QImage>
#include <QWidget>
#include <map>
#include <set>

namespace rl::app {

/// The reference wall: pictures pinned where the painter likes, in heaps with a name; zoomed and panned. Knows no
/// project: it is given pictures and says what was done with them. Places are wall units, 1 = a hand's breadth.
class ReferenceWall final : public QWidget {
    Q_OBJECT
public:
    ReferenceWall();
    struct Picture {
        int id = 0;
        QImage small;
        QString name, second; ///< second: the line under the name
        QString heap;
        QSize pixels;
        bool hung = false;
        Vec2 at; ///< when hung
        QString badge; ///< "backdrop", "lead", …
        bool measured = false; ///< the light was measured, or said
        double azimuth = 0, confidence = 0;
        double half = 0, most = 0; ///< degrees the azimuth may be off: half, and nine in ten, of such readings are nearer
        bool missing = false; ///< its file cannot be read: an empty, hatched place
        bool warning = false; ///< something is wanted of it: credit, permission
    };
    void show(std::vector<Picture> pictures, int held);
    QRect pictureRect(int index) const; ///< on the screen, of the index-th picture shown
    const std::set<int>& chosen() const { return m_chosen; } ///< the held one and those chosen with it
    void fitAll();
    QSize sizeHint() const override { return {800, 500}; }

signals:
    void held(int id);
    void openWanted(int id);
    void filesDropped(const QStringList& files);
    void moved(const std::vector<std::pair<int, rl::Vec2>>& places, const QString& heapUnder);
    void chosenChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    void hang();
    void keepInView();
    int at(QPoint screen) const; ///< index, or -1
    QPointF toScreen(Vec2 wall) const;
    Vec2 toWall(QPointF screen) const;
    QRectF placeOf(std::size_t i) const; ///< wall units
    QRectF heapPlace(const QString& name) const; ///< wall units
    const QImage& tiny(const Picture& w); ///< for walls seen from afar
    void drawHeaps(QPainter& p);
    void drawPicture(QPainter& p, std::size_t i);
    void drawCompass(QPainter& p, const Picture& w, QRectF r);
    void zoomAt(QPointF screen, double factor);
    std::vector<Picture> m_pictures;
    std::vector<Vec2> m_at; ///< wall units, as laid out
    std::map<qint64, QImage> m_tiny;
    int m_held = 0;
    std::set<int> m_chosen;
    double m_zoom = 100; ///< px for one wall unit
    Vec2 m_origin; ///< wall units at the top left of the screen
    bool m_touched = false; ///< zoomed or panned by hand: stays as it is
    QPoint m_pressed, m_last;
    bool m_dragging = false, m_panning = false;
    Vec2 m_shift; ///< of the chosen, while dragged
};

} // namespace rl::app
