#pragma once
#include <QObject>
#include <QString>
#include <functional>
#include <vector>

class QKeyEvent;

namespace rl::app {

/// Where a key is heard: in the whole window, on a board, or at one station.
enum class Reach { Window, Board, Station };

/// One press of a key.
struct Stroke {
    bool shift = false;
    int gesture = -1; ///< the same while a key repeats by itself: one undo step
};

/// Something that can be done by a key (and, where it has a menu, by that).
struct Action {
    QString id; ///< stable: "cut.in"
    QString words; ///< a verb: "Mark what is surely in"
    QString keys; ///< as said to the painter and read by QKeySequence: "I", "Ctrl+S", "Alt+1"; empty: none
    Reach reach = Reach::Window;
    int station = -1; ///< of Reach::Station
    QString menu; ///< "&Work", … ; empty: none
    std::function<void(Stroke)> act;
    std::function<void(bool)> hold{}; ///< instead of act: true while the key is down
    bool takesShift = false; ///< Shift makes it more: ten times as far
};

/// Every key and menu entry, once. Menus, F1 and the dispatch of keys are made from it.
class Actions final : public QObject {
    Q_OBJECT
public:
    /// Replaces one of the same id.
    void add(Action action);
    const std::vector<Action>& all() const { return m_all; }
    const Action* find(const QString& id) const;
    /// A key that no field has taken. \param station where we are \return whether it was heard
    bool press(const QKeyEvent& e, int station);
    bool release(const QKeyEvent& e);
    void letGo(); ///< keys that are down are not heard of any more
    void setGestures(std::function<int()> fresh, std::function<void()> finish);
    /// Pairs of actions that would answer the same key at one place. None, or it is a mistake.
    QStringList clashes() const;
    /// Keys and words, by the places where they are heard, as HTML. \param station −1 all
    QString keysPage(const std::function<QString(int)>& stationName) const;

private:
    const Action* heard(const QKeyEvent& e, int station) const;
    std::vector<Action> m_all;
    std::function<int()> m_fresh;
    std::function<void()> m_finish;
    int m_gesture = -1;
    QString m_held;
};

} // namespace rl::app
