#pragma once
#include "app/board/overlays/cast_marks.h"
#include "app/board/tools/points_tool.h"
#include "app/stations/station.h"

namespace rl::app {

class CastRow;

/// What the work is, how big, in what, and who is to be read first.
class WorkPage final : public Page {
public:
    explicit WorkPage(Desk& desk);
    void refresh() override;
    QString says() const override;
    std::vector<Overlay*> overlays() override { return {&m_marks}; }
    std::vector<Tool*> tools() override { return {&m_points}; }
    void left() override;

private:
    void canvasFields();
    void castFields();
    void lengthField(const FieldWords& words, double Brief::*length, int decimals);
    void turn(int format); ///< 0 portrait, 1 landscape, 2 square
    void addMember();
    Choices usualSizes() const;
    void drawOutline();
    CastMarks m_marks;
    PointsTool m_points;
    QLineEdit* m_newName = nullptr;
    CastRow* m_cast;
};

} // namespace rl::app
