#include "app/desk/actions.h"
#include <QKeyEvent>
#include <QKeySequence>
#include <QMap>
#include <QStringList>

namespace rl::app {

namespace {
bool meet(const Action& a, const Action& b)
{
    if (a.reach == Reach::Station && b.reach == Reach::Station)
        return a.station == b.station;
    return true; // window and board are heard everywhere
}
} // namespace

void Actions::add(Action action)
{
    for (Action& a : m_all)
        if (a.id == action.id) {
            a = std::move(action);
            return;
        }
    m_all.push_back(std::move(action));
}

const Action* Actions::find(const QString& id) const
{
    for (const Action& a : m_all)
        if (a.id == id)
            return &a;
    return nullptr;
}

void Actions::setGestures(std::function<int()> fresh, std::function<void()> finish)
{
    m_fresh = std::move(fresh);
    m_finish = std::move(finish);
}

const Action* Actions::heard(const QKeyEvent& e, int station) const
{
    const auto mods = e.modifiers() & ~Qt::KeypadModifier;
    for (const Action& a : m_all) {
        if (a.keys.isEmpty() || a.reach == Reach::Window || (a.reach == Reach::Station && a.station != station))
            continue;
        const QKeySequence keys(a.keys, QKeySequence::PortableText);
        const auto wanted = keys[0].keyboardModifiers();
        const bool enter = keys[0].key() == Qt::Key_Return && e.key() == Qt::Key_Enter;
        // The key of a sign such as [ or + may need Shift on some keyboards.
        const bool sign = e.key() < 0x80 && !QChar(e.key()).isLetterOrNumber();
        if ((keys[0].key() == e.key() || enter)
            && (mods == wanted || ((a.takesShift || sign) && (mods & ~Qt::ShiftModifier) == wanted)))
            return &a;
    }
    return nullptr;
}

bool Actions::press(const QKeyEvent& e, int station)
{
    const Action* a = heard(e, station);
    if (!a)
        return false;
    if (a->hold) {
        if (!e.isAutoRepeat()) {
            m_held = a->id;
            a->hold(true);
        }
        return true;
    }
    if (!e.isAutoRepeat() || m_gesture < 0)
        m_gesture = m_fresh ? m_fresh() : -1;
    const auto act = a->act; // it may replace itself
    act({bool(e.modifiers() & Qt::ShiftModifier), m_gesture});
    return true;
}

bool Actions::release(const QKeyEvent& e)
{
    if (e.isAutoRepeat())
        return false;
    const bool held = !m_held.isEmpty();
    letGo();
    return held;
}

void Actions::letGo()
{
    if (const Action* a = find(std::exchange(m_held, {})); a && a->hold)
        a->hold(false);
    else if (m_gesture >= 0 && m_finish) {
        m_gesture = -1;
        m_finish();
    }
}

QStringList Actions::clashes() const
{
    QStringList out;
    for (std::size_t i = 0; i < m_all.size(); ++i)
        for (std::size_t j = i + 1; j < m_all.size(); ++j) {
            const Action &a = m_all[i], &b = m_all[j];
            if (!a.keys.isEmpty() && meet(a, b)
                && QKeySequence(a.keys, QKeySequence::PortableText) == QKeySequence(b.keys, QKeySequence::PortableText))
                out << a.id + " and " + b.id + ": " + a.keys;
        }
    return out;
}

QString Actions::keysPage(const std::function<QString(int)>& stationName) const
{
    QString html;
    const auto table = [&](const QString& head, auto chosen) {
        QString rows;
        for (const Action& a : m_all)
            if (!a.keys.isEmpty() && chosen(a))
                rows
                    += QString("<tr><td><b>%1%2</b>&nbsp;&nbsp;</td><td>%3%4</td></tr>")
                           .arg(a.hold ? tr("hold ") : QString(),
                               QKeySequence(a.keys, QKeySequence::PortableText)
                                   .toString(QKeySequence::NativeText)
                                   .toHtmlEscaped(),
                               a.words.toHtmlEscaped(), a.takesShift ? tr("; with Shift ten times as far") : QString());
        if (!rows.isEmpty())
            html += QString("<h3>%1</h3><table cellspacing='0'>%2</table>").arg(head.toHtmlEscaped(), rows);
    };
    table(tr("Everywhere"), [](const Action& a) { return a.reach == Reach::Window; });
    table(tr("On the board"), [](const Action& a) { return a.reach == Reach::Board; });
    for (int s = 0; s < 16; ++s)
        table(stationName(s), [s](const Action& a) { return a.reach == Reach::Station && a.station == s; });
    return html;
}

} // namespace rl::app
