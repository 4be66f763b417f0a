#pragma once
#include "app/board/tool.h"
#include "app/desk/desk.h"

namespace rl::app {

/// A click takes the element under it in hand.
class PickTool final : public Tool {
public:
    explicit PickTool(Desk& desk)
        : m_desk(desk)
    {
    }
    bool press(const BoardPoint& p) override
    {
        const int id = m_desk.elementAt(p.at);
        if (id)
            m_desk.holdElement(id);
        return id != 0;
    }

private:
    Desk& m_desk;
};

} // namespace rl::app
