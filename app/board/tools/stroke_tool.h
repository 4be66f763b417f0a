#pragma once
#include "app/board/tool.h"
#include "app/stations/cut/cut_table.h"

namespace rl::app {

/// Strokes on a photograph, kept as a grey picture of at most 1600 px. \see beginsAt, done
class StrokeTool : public Tool {
public:
    explicit StrokeTool(CutTable& table)
        : m_table(table)
    {
    }
    bool press(const BoardPoint& p) override;
    void move(const BoardPoint& p) override;
    void release(const BoardPoint& p) override;

protected:
    virtual QImage& image() = 0;
    virtual int blank() const = 0; ///< what it holds before the first stroke
    virtual int value() const = 0; ///< what a stroke leaves; negative: nothing is painted while it moves
    virtual double widthPx() const = 0; ///< px of the picture
    virtual void done(Vec2 from, Vec2 to) = 0;
    void strokeTo(Vec2 at);
    CutTable& m_table;
    bool m_stroking = false;
    Vec2 m_corner, m_last; ///< px

private:
    double scale() const; ///< px of the strokes a px of the picture
};

/// Says what is surely in, surely out or unsure; or a rough rectangle. Each stroke is worked out at once.
class TouchTool final : public StrokeTool {
public:
    using StrokeTool::StrokeTool;
    bool finish() override;
    void paint(QPainter& painter, const Board& board) const override;

protected:
    QImage& image() override { return m_table.marks(); }
    int blank() const override { return 128; }
    int value() const override;
    double widthPx() const override { return m_table.strokePx; }
    void done(Vec2 from, Vec2 to) override;

private:
    mutable QImage m_tint;
    mutable qint64 m_tinted = 0;
};

/// Marks what is to be painted out.
class BrushTool final : public StrokeTool {
public:
    BrushTool(CutTable& table, std::function<void()> fill)
        : StrokeTool(table)
        , m_fill(std::move(fill))
    {
    }
    bool finish() override;
    bool drop() override;
    void paint(QPainter& painter, const Board& board) const override;
    const QImage& hole() const { return m_hole; }
    const QImage& from() const { return m_from; } ///< where it may be filled from; null = from around
    /// The brush marks where to take from, instead of what is to go.
    void takeFrom(bool on) { m_takes = on; }
    void wipe() { m_hole = {}, m_from = {}; }

protected:
    QImage& image() override { return m_takes ? m_from : m_hole; }
    int blank() const override { return 0; }
    int value() const override { return 255; }
    double widthPx() const override { return m_table.brushPx; }
    void done(Vec2, Vec2) override { emit m_table.changed(); }

private:
    QImage m_hole, m_from;
    bool m_takes = false;
    std::function<void()> m_fill;
};

/// Clicks on a plain ground: everything of its colour goes.
class GroundTool final : public Tool {
public:
    explicit GroundTool(CutTable& table)
        : m_table(table)
    {
    }
    bool press(const BoardPoint& p) override;
    bool finish() override;
    bool stepBack() override;
    void paint(QPainter& painter, const Board& board) const override;

private:
    CutTable& m_table;
};

} // namespace rl::app
