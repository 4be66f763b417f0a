#pragma once
#include <QImage>
#include <QWidget>

namespace rl::app {

/// Two pictures side by side at one height, what each measures under it, line against line.
class CompareView final : public QWidget {
    Q_OBJECT
public:
    CompareView();
    struct Side {
        QImage image;
        QString title;
        QStringList figures; ///< one a line, the same lines on both sides
        std::vector<QColor> palette;
        std::vector<double> shares;
        bool mirrored = false; ///< shown mirrored, since it fits better so
    };
    void show(Side left, Side right);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void draw(QPainter& p, const Side& side, QRect r);
    Side m_left, m_right;
};

/// A strip of colours as wide as their shares.
void drawPalette(QPainter& p, QRect r, const std::vector<QColor>& colours, const std::vector<double>& shares);

} // namespace rl::app
