// Every key and menu entry of the window and of the boards, and the menus made from them.
#include "app/board/board.h"
#include "app/frame/guide.h"
#include "app/frame/main_window.h"
#include "app/frame/settings_page.h"
#include "app/frame/side_column.h"
#include "app/frame/start_page.h"
#include "app/frame/what_now.h"
#include "app/stations/carry/sheets_page.h"
#include "app/theme/theme.h"
#include "app/widgets/ground_plan.h"
#include <QApplication>
#include <QDir>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <QSettings>
#include <QUndoStack>
#include <algorithm>

namespace rl::app {

namespace {
QString tr(const char* words)
{
    return QCoreApplication::translate("Window", words);
}

struct Adder {
    MainWindow& window;
    QString menu;
    Reach reach = Reach::Window;
    void operator()(const QString& id, const QString& words, const QString& keys, std::function<void()> act) const
    {
        window.desk().actions.add({id, words, keys, reach, -1, menu, [act](Stroke) { act(); }});
    }
};

void scaleText(MainWindow& w, double by)
{
    Settings s = Settings::read();
    s.textScale = std::clamp(theme::scale() + by, 0.8, 2.0);
    w.use(s);
}

void otherHour(MainWindow& w)
{
    Settings s = Settings::read();
    s.hour = theme::hour() == theme::Hour::Day ? theme::Hour::Evening : theme::Hour::Day;
    w.use(s);
}

void addHelp(MainWindow& w)
{
    const Adder help{w, tr("&Help")};
    help("help.guide", tr("Guide, at this place"), "F1",
        [&w] { w.guide()->openAt(w.current(), w.here()->current()->name()); });
    help("help.keys", tr("Keys"), "Shift+F1", [&w] {
        w.guide()->openPage("keys");
        w.guide()->show();
    });
    help("help.whatNow", tr("Show next-step hints"), {}, [&w] { w.whatNow()->setWanted(!WhatNow::wanted()); });
    help("help.said", tr("Messages"), {}, [&w] { w.showNotices(); });
    help("help.log", tr("Show log file"), {}, [&w] {
        QMessageBox::information(
            &w, tr("Show log file"), tr("Details of what did not work are written to\n%1").arg(logfile::path()));
    });
}

void addView(MainWindow& w)
{
    const Adder go{w, tr("&Go to")}, view{w, tr("&View")};
    for (int i = 0; i < int(allStations().size()); ++i)
        go("go." + specOf(Station(i)).key, stationName(i), QString("Alt+%1").arg(i + 1),
            [&w, i] { w.goTo(Station(i)); });
    view("view.findings", tr("Findings: open or fold"), "G", [&w] { w.side()->toggle(); });
    view("view.bare", tr("Nothing but the picture"), "W", [&w] { w.setBare(!w.bare()); });
    view("view.larger", tr("Larger text"), "Ctrl++", [&w] { scaleText(w, 0.125); });
    view("view.smaller", tr("Smaller text"), "Ctrl+-", [&w] { scaleText(w, -0.125); });
    view("view.hour", tr("Dark / light window"), "Ctrl+D", [&w] { otherHour(w); });
}
} // namespace

void addWindowActions(MainWindow& w)
{
    WorkFiles* files = &w.files();
    const Adder work{w, tr("&File")}, edit{w, tr("&Edit")};
    work("work.start", tr("Begin…"), "Ctrl+B", [&w] { w.showStart(true); });
    work("work.new", tr("New work"), "Ctrl+N", [files] { files->begin(); });
    work("work.open", tr("Open a work…"), "Ctrl+O", [files] { files->askOpen(); });
    work("work.copy", tr("Save a copy…"), "Ctrl+Shift+S", [files] { files->askCopy(); });
    work("work.picture", tr("Save the picture…"), "Ctrl+E", [files] { files->askPicture(); });
    work("work.print", tr("Print sheets…"), "Ctrl+P", [&w] {
        w.goTo(Station::Carry);
        w.here()->turnToPage<SheetsPage>();
    });
    work("work.milestone", tr("Set a milestone…"), "Ctrl+S", [&w] { w.askMilestone(); });
    work("work.bring", tr("Import pictures…"), "Ctrl+I", [&w] { w.bringIn(); });
    work("work.tidy", tr("Remove unused images"), {}, [files] { files->tidy(); });
    work("work.settings", tr("Settings…"), "Ctrl+,", [&w] { w.settings()->open(); });
    work("work.leave", tr("Quit"), "Ctrl+Q", [&w] { w.close(); });
    QUndoStack* stack = &w.document().undoStack();
    edit("edit.undo", tr("Undo"), "Ctrl+Z", [stack] { stack->undo(); });
    edit("edit.redo", tr("Redo"), "Ctrl+Y", [stack] { stack->redo(); });
    Adder{w, {}}("edit.redoToo", tr("Redo"), "Ctrl+Shift+Z", [stack] { stack->redo(); });
    edit("edit.paste", tr("Paste a picture"), "Ctrl+V", [&w] { w.pastePicture(); });
    addView(w);
    addHelp(w);
}

void addBoardActions(MainWindow& w)
{
    const Adder board{w, {}, Reach::Board}, view{w, tr("&View"), Reach::Board};
    const auto on = [&w](auto what) {
        return [&w, what] {
            if (Board* b = w.boardHere())
                what(*b);
        };
    };
    view("board.fit", tr("Fit to window"), "0", [&w] {
        if (Board* b = w.boardHere())
            b->fit();
        else if (const auto& fit = w.here()->spec().fit)
            fit(*w.here());
    });
    view("board.life", tr("Actual size"), "1", on([](Board& b) { b.zoomLifeSize(); }));
    view("board.far", tr("As seen from the viewing distance"), "2", on([](Board& b) { b.zoomAsSeen(); }));
    view("board.in", tr("Closer"), "+", on([](Board& b) { b.zoomBy(1.25); }));
    view("board.out", tr("Farther"), "-", on([](Board& b) { b.zoomBy(0.8); }));
    view("board.mat", tr("Another mat"), "N", on([](Board& b) { b.nextMat(); }));
    const auto hold = [&](const QString& id, const QString& words, const QString& key, Board::Seen how) {
        w.desk().actions.add({id, words, key, Reach::Board, -1, {}, {}, [&w, how](bool down) {
                                  if (Board* b = w.boardHere())
                                      b->see(down ? how : Board::Seen::AsIs);
                              }});
    };
    hold("board.plain", tr("See the plain picture"), "P", Board::Seen::Plain);
    hold("board.mirrored", tr("See it mirrored"), "B", Board::Seen::Mirrored);
    hold("board.squint", tr("Squint (hold)"), "Q", Board::Seen::Squinted);
    board("board.finish", tr("Finish what is being drawn"), "Return", on([](Board& b) { b.finish(); }));
    board("board.back", tr("Remove its last point"), "Backspace", on([](Board& b) { b.stepBack(); }));
    board("board.drop", tr("Drop what is being drawn; close what is open over the picture"), "Esc", [&w] {
        const auto plans = w.findChildren<GroundPlan*>();
        if (std::any_of(plans.begin(), plans.end(), [](GroundPlan* plan) { return plan->drop(); }))
            return;
        if (w.bare())
            w.setBare(false);
        else if (w.enlarged())
            w.enlarge(nullptr);
        else if (Board* b = w.boardHere())
            b->drop();
    });
}

namespace {
/// Works lately used, after Open.
void addRecent(MainWindow& w, QMenu& file)
{
    auto* recent = new QMenu(tr("Recent works"), &file);
    recent->setObjectName("recentWorks");
    QObject::connect(recent, &QMenu::aboutToShow, &w, [&w, recent] {
        recent->clear();
        for (const QString& path : latelyUsed())
            recent->addAction(QFileInfo(path).completeBaseName(), &w, [&w, path] { w.openWork(path); })
                ->setToolTip(QDir::toNativeSeparators(path));
        if (recent->isEmpty())
            recent->addAction(tr("No works yet"))->setEnabled(false);
    });
    file.insertMenu(w.findChild<QAction*>("work.copy"), recent);
}

/// Every step, the newest first; a click goes back, or on, to it.
void addHistory(MainWindow& w, QMenu& edit)
{
    auto* history = new QMenu(tr("Undo history"), &edit);
    history->setObjectName("undoHistory");
    QUndoStack* stack = &w.document().undoStack();
    QObject::connect(history, &QMenu::aboutToShow, &w, [stack, history] {
        constexpr int kShown = 25;
        history->clear();
        const int newest = std::min(stack->index() + 5, stack->count());
        for (int i = newest; i >= std::max(0, newest - kShown); --i) {
            auto* step = history->addAction(i ? stack->text(i - 1) : tr("As it was opened"));
            step->setCheckable(true);
            step->setChecked(i == stack->index());
            QObject::connect(step, &QAction::triggered, stack, [stack, i] { stack->setIndex(i); });
        }
    });
    edit.insertMenu(w.findChild<QAction*>("edit.paste"), history);
}
} // namespace

void makeMenus(MainWindow& w)
{
    QMap<QString, QMenu*> menus;
    for (const Action& a : w.desk().actions.all()) {
        if (a.menu.isEmpty() && a.reach != Reach::Window)
            continue;
        auto* act = new QAction(a.words, &w);
        act->setObjectName(a.id);
        w.addAction(act); // its key is heard while the menus are hidden
        if (a.reach == Reach::Window)
            act->setShortcut(QKeySequence(a.keys, QKeySequence::PortableText));
        else
            act->setText(a.words + "\t" + a.keys);
        QObject::connect(act, &QAction::triggered, &w, [f = a.act] { f({}); });
        if (a.menu.isEmpty())
            continue;
        if (!menus.contains(a.menu))
            menus[a.menu] = w.menus()->addMenu(a.menu);
        menus[a.menu]->addAction(act);
    }
    const auto* stack = &w.document().undoStack();
    const auto named = [&](const char* id, const QString& words, auto signal, auto able) {
        auto* act = w.findChild<QAction*>(id);
        QObject::connect(stack, signal, &w,
            [act, words](const QString& what) { act->setText(what.isEmpty() ? words : words + ": " + what); });
        QObject::connect(stack, able, act, &QAction::setEnabled);
        act->setEnabled(false);
    };
    addRecent(w, *menus[tr("&File")]);
    addHistory(w, *menus[tr("&Edit")]);
    named("edit.undo", tr("Undo"), &QUndoStack::undoTextChanged, &QUndoStack::canUndoChanged);
    named("edit.redo", tr("Redo"), &QUndoStack::redoTextChanged, &QUndoStack::canRedoChanged);
}

} // namespace rl::app
