#pragma once
#include "app/board/board.h"
#include "app/frame/main_window.h"
#include "app/theme/theme.h"
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

namespace rl::kit {

/// All that was asked for is laid out and painted: events, and what they post. Waits for no clock.
inline void laidOut()
{
    for (int i = 0; i < 6; ++i) {
        QCoreApplication::sendPostedEvents();
        QCoreApplication::processEvents();
    }
}

/// A hand at the real window, on a work of its own: finds what lies on the bench in front (or anywhere), presses,
/// types, drags, takes back, waits.
class StationHand {
public:
    explicit StationHand(const Project& work)
    {
        QStandardPaths::setTestModeEnabled(true);
        QCoreApplication::setOrganizationName("roving-lantern-test");
        // Another test beside this one keeps its own settings.
        QCoreApplication::setApplicationName(QString("test-%1").arg(QCoreApplication::applicationPid()));
        QSettings().clear();
        QSettings().setValue("whatNow", false); // silent for those who know
        theme::apply(*qApp);
        m_window = std::make_unique<app::MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->newWork(file("mine.lantern"), work);
        (void)QTest::qWaitForWindowExposed(m_window.get());
        (void)QTest::qWaitFor([this] { return !m_window->document().path().isEmpty(); }, 10000);
    }
    ~StationHand()
    {
        m_window.reset();
        QFile::remove(QSettings().fileName());
    }
    app::MainWindow& window() { return *m_window; }
    app::Desk& desk() { return m_window->desk(); }
    app::Board* board() { return m_window->board(); }
    app::StationView& view(Station station) { return *m_window->station(station); }
    const Project& project() { return m_window->document().project(); }
    QString file(const char* name) const { return m_dir.filePath(name); }
    QString folder() const { return m_dir.path(); }
    void close() { m_window.reset(); }

    void go(Station station) { QTest::keyClick(m_window.get(), Qt::Key(Qt::Key_1 + int(station)), Qt::AltModifier); }
    void page(int i) { window().here()->turnTo(i); }
    void page(const QString& name)
    {
        auto& view = *window().here();
        for (int i = 0; i < view.pageCount(); ++i)
            if (view.pageAt(i)->name() == name)
                return view.turnTo(i);
        qFatal("no page called %s", qPrintable(name));
    }
    template <class T> T* find(const char* name)
    {
        T* found = window().here()->bench()->findChild<T*>(name);
        if (!found)
            found = m_window->findChild<T*>(name);
        if (!found)
            qFatal("no widget called %s", name);
        return found;
    }
    void press(const char* name)
    {
        auto* button = find<QAbstractButton>(name);
        if (!button->isVisible())
            qWarning("%s is not to be seen", name);
        button->click();
    }
    void choose(const char* name, int index)
    {
        auto* box = find<QComboBox>(name);
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    void type(QWidget* field, const QString& words)
    {
        field->setFocus();
        QTest::keyClick(field, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(field, words);
        QTest::keyClick(field, Qt::Key_Return);
    }
    void type(const char* field, const QString& words) { type(find<QDoubleSpinBox>(field), words); }
    void key(int key, Qt::KeyboardModifiers keys = {})
    {
        QWidget* heard = window().boardHere();
        if (!heard)
            heard = m_window.get();
        heard->setFocus();
        QTest::keyClick(heard, Qt::Key(key), keys);
    }
    void undo() { key(Qt::Key_Z, Qt::ControlModifier); }
    void redo() { key(Qt::Key_Y, Qt::ControlModifier); }
    void click(app::Board* on, Vec2 at, Qt::KeyboardModifiers keys = {})
    {
        QTest::mouseClick(on, Qt::LeftButton, keys, on->toScreen(at).toPoint());
    }
    void click(Vec2 cm, Qt::KeyboardModifiers keys = {}) { click(board(), cm, keys); }
    void drag(QWidget* on, QPointF from, QPointF to, Qt::KeyboardModifiers keys = {})
    {
        QTest::mousePress(on, Qt::LeftButton, keys, from.toPoint());
        for (int i = 1; i <= 6; ++i) {
            const QPointF at = from + (to - from) * i / 6.0;
            QMouseEvent move(QEvent::MouseMove, at, on->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, keys);
            QCoreApplication::sendEvent(on, &move);
        }
        QTest::mouseRelease(on, Qt::LeftButton, keys, to.toPoint());
    }
    bool settle()
    {
        return QTest::qWaitFor([this] { return m_window->settled(); }, 120000);
    }
    /// Until nothing is being worked out on the page in front.
    bool rest(int ms = 120000)
    {
        return QTest::qWaitFor([this] { return m_window->settled() && !m_window->here()->busy(); }, ms);
    }
    bool hasFinding(const char* kind)
    {
        const Findings& all = desk().findings;
        return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(kind); });
    }
    QString lastNotice() { return desk().notices.all().empty() ? QString() : desk().notices.all().back().sentence; }
    bool wasSaid(const QString& part)
    {
        const auto& all = desk().notices.all();
        return std::any_of(all.begin(), all.end(), [&](const auto& n) { return n.sentence.contains(part); });
    }

private:
    QTemporaryDir m_dir;
    std::unique_ptr<app::MainWindow> m_window;
};

} // namespace rl::kit
