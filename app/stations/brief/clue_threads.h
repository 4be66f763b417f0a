#pragma once
#include <QWidget>
#include <vector>

namespace rl::app {

/// Ideas, their clues and who shows them, tied by threads; a thread whose clue cannot be seen is frayed.
class ClueThreads final : public QWidget {
    Q_OBJECT
public:
    struct Clue {
        int id = 0, idea = 0, target = 0;
        QString words, measured;
        bool known = false, seen = false;
    };
    struct Card {
        int id = 0;
        QString words, below;
    };
    ClueThreads();
    void show(std::vector<Card> ideas, std::vector<Clue> clues, std::vector<Card> targets);
    int idea() const { return m_idea; } ///< the chosen one, 0 = none
    int clue() const { return m_clue; }
    void choose(int idea, int clue);
    QRect ideaRect(int index) const;
    QRect clueRect(int index) const;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

signals:
    void chosen();
    void renameWanted(int idea);
    void removeIdeaWanted(int idea);
    void removeClueWanted(int clue);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QRect targetRect(int index) const;
    int rows() const;
    void thread(QPainter& p, QPoint from, QPoint to, const Clue& clue) const;
    std::vector<Card> m_ideas, m_targets;
    std::vector<Clue> m_clues;
    int m_idea = 0, m_clue = 0;
};

} // namespace rl::app
