#pragma once
#include <QImage>
#include <QWidget>

namespace rl::app {

/// The takes side by side: small pictures, and beside each its figures in rows that read across.
class TakeStrip final : public QWidget {
    Q_OBJECT
public:
    explicit TakeStrip(QWidget* parent = nullptr);
    struct Item {
        int id = 0;
        QString letter, name, aside; ///< aside: the reason; empty = in play
        QImage image;
        QStringList figures; ///< one a row
        bool current = false, isAside = false;
    };
    void show(QStringList rows, std::vector<Item> items);
    int chosen() const { return m_chosen; }
    void choose(int id);
    QRect placeOf(int id) const; ///< of its picture; empty when it is scrolled away
    QSize sizeHint() const override { return {900, height()}; }

signals:
    void chosenChanged(int id);
    void wanted(int id); ///< to be worked on

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int itemAt(QPointF at) const; ///< index, −1 = none
    QRect cell(int index) const;
    void reveal();
    QStringList m_rows;
    std::vector<Item> m_items;
    int m_chosen = 0, m_first = 0;
};

} // namespace rl::app
