#pragma once
#include "output/sheets.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::output {

/// A painter whose unit is one centimetre of paper, from the page's top left corner. What the painter came with (a
/// sheet that lies askew in a printer) stays under it.
class SheetPage {
public:
    explicit SheetPage(QPainter& painter)
        : m_painter(painter)
    {
        m_painter.save();
        const double unit = painter.device()->logicalDpiX() / 2.54;
        m_painter.scale(unit, unit);
    }
    ~SheetPage() { m_painter.restore(); }
    SheetPage(const SheetPage&) = delete;
    SheetPage& operator=(const SheetPage&) = delete;
    QPainter* operator->() { return &m_painter; }
    QPainter& painter() { return m_painter; }
    void pen(double mm, QColor colour = Qt::black, Qt::PenStyle style = Qt::SolidLine);
    /// \param heightCm of the capitals, roughly
    /// \param mostCm longer words are drawn smaller, so that they end there; 0 = however long they are
    void text(double x, double y, const QString& words, double heightCm = 0.3, bool bold = false, double mostCm = 0);
    /// Over several lines. \return the height they took, cm
    double paragraph(const QRectF& r, const QString& words, double heightCm = 0.26);

private:
    QPainter& m_painter;
};

QPainterPath pathOf(const transfer::Stroke& stroke); ///< smooth, plan cm
QPainterPath pathOf(const std::vector<Vec2>& loop); ///< closed, straight from point to point

/// The content in canvas cm, as it goes on paper at 1:1. \param part of the canvas that will be seen
void drawContent(SheetPage& page, const SheetJob& job, const Rect& part);

/// Single pages, the paper upright. \param width, height cm
void coloursPage(SheetPage& page, const SheetJob& job, double width, double height);
void valuesPage(SheetPage& page, const SheetJob& job, double width, double height);
/// The plan with its points, then how to find each. \return what is left for another page: first row not drawn
std::size_t landmarksPage(SheetPage& page, const SheetJob& job, double width, double height, std::size_t from);

} // namespace rl::output
