#pragma once
#include "app/desk/desk.h"
#include <QWidget>

namespace rl::app {

/// Every thing alone, black on paper, as small as a thumb, with how well it reads; a click holds it.
class SilhouetteRow final : public QWidget {
public:
    explicit SilhouetteRow(Desk& desk);
    void refresh(); ///< after another review

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    struct Alone {
        int element = 0;
        QImage shape;
        QString name, told;
        bool poor = false;
    };
    static int side();
    Desk& m_desk;
    std::vector<Alone> m_all;
    const void* m_shown = nullptr; ///< the review they are of
};

} // namespace rl::app
