#pragma once
#include "app/board/tools/stroke_tool.h"
#include "app/board/tools/thread_tool.h"
#include "app/stations/cut/cut_table.h"
#include "app/stations/station.h"

class QLabel;

namespace rl::app {

/// The veil over what is out.
class Veil final : public Overlay {
public:
    explicit Veil(CutTable& table)
        : m_table(table)
    {
    }
    int depth() const override { return -10; }
    void paint(QPainter& painter, const Board& board) const override;

private:
    CutTable& m_table;
};

/// What the pages of the cut share.
class CutPage : public Page {
public:
    CutPage(Desk& desk, CutTable& table, const QString& name, const QString& tip);
    void refresh() override;
    QString says() const override;
    std::vector<Overlay*> overlays() override { return {&m_veil}; }
    bool busy() const override { return m_table.working(); }

protected:
    virtual QString wayWords() const = 0; ///< what to do on this page before there is a cut-out
    void cutFields(); ///< cut, begin again, stop, stand
    CutTable& m_table;
    Veil m_veil;

private:
    QLineEdit* m_name = nullptr;
};

/// A thread along the edge; it is pulled onto the picture's own edge.
class ThreadPage final : public CutPage {
public:
    ThreadPage(Desk& desk, CutTable& table);
    std::vector<Tool*> tools() override { return {&m_tool}; }
    void left() override { m_tool.end(); }
    void dropPoint() { m_tool.dropPoint(); }

protected:
    QString wayWords() const override;

private:
    ThreadTool m_tool;
};

/// A rough rectangle, or a few strokes on what is surely in and surely out.
class TouchPage final : public CutPage {
public:
    TouchPage(Desk& desk, CutTable& table);
    std::vector<Tool*> tools() override { return {&m_tool}; }

protected:
    QString wayWords() const override;

private:
    TouchTool m_tool;
};

/// A click on the plain ground behind a thing.
class GroundPage final : public CutPage {
public:
    GroundPage(Desk& desk, CutTable& table);
    std::vector<Tool*> tools() override { return {&m_tool}; }

protected:
    QString wayWords() const override;

private:
    GroundTool m_tool;
};

/// A fence or a cable brushed over: the hole is filled from what lies around it.
class PatchPage final : public CutPage {
public:
    PatchPage(Desk& desk, CutTable& table);
    std::vector<Tool*> tools() override { return {&m_tool}; }
    std::vector<Overlay*> overlays() override { return {}; }
    QString says() const override;
    bool busy() const override { return m_fill.running(); }

protected:
    QString wayWords() const override { return {}; }

private:
    void fill();
    void take();
    BrushTool m_tool;
    Job<Reference> m_fill;
    int m_count = 0, m_from = 0;
};

} // namespace rl::app
