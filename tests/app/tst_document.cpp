#include "app/desk/document.h"
#include "core/project/edits.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using app::Document;

class TestDocument : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    static Project named(Project p, const char* title)
    {
        p.brief.title = title;
        return p;
    }
    /// A document of a fresh file.
    static bool makeNew(Document& d, const QString& path, const Project& project)
    {
        auto file = store::ProjectFile::create(path.toStdString(), project);
        if (file)
            d.adopt({file.take(), project, {}});
        return d.project().scene() == project.scene() && d.project().brief == project.brief;
    }
    QString titleOf(const Document& d) const { return QString::fromStdString(d.project().brief.title); }
    QString onDisk(const QString& path) const
    {
        return QString::fromStdString(store::ProjectFile::open(path.toStdString()).take().project.brief.title);
    }

private slots:
    void editsAreUndoneAndDoneAgain()
    {
        Document d;
        const QString path = m_dir.filePath("undo.lantern");
        QVERIFY(makeNew(d, path, named(kit::postWork(), "zero")));
        for (const char* t : {"one", "two", "three"})
            d.edit(t, named(d.project(), t));
        QCOMPARE(d.undoStack().count(), 3);
        QCOMPARE(d.undoStack().undoText(), QString("three"));
        for (const char* t : {"two", "one", "zero"}) {
            d.undoStack().undo();
            QCOMPARE(titleOf(d), QString(t));
        }
        d.undoStack().redo();
        QCOMPARE(titleOf(d), QString("one"));
        d.waitSaved();
        QCOMPARE(onDisk(path), QString("one")); // undoing is saved too
    }

    void theMovesOfOneDragAreOneStep()
    {
        Document d;
        const QString path = m_dir.filePath("drag.lantern");
        QVERIFY(makeNew(d, path, named(kit::postWork(), "start")));
        const int gesture = d.freshGesture();
        for (int i = 0; i < 30; ++i)
            d.edit("Move it", edits::withBase(d.project(), 4, {10.0 + i, 30}), gesture);
        d.finishGesture();
        QCOMPARE(d.undoStack().count(), 1);
        d.waitSaved();
        QCOMPARE(store::ProjectFile::open(path.toStdString()).take().project.elements[0].baseCm.x, 39.0);
        d.undoStack().undo();
        QCOMPARE(d.project().elements[0].baseCm, kit::postWork().elements[0].baseCm);
        const int next = d.freshGesture(); // another drag is another step
        d.edit("Move it", edits::withBase(d.project(), 4, {5, 30}), next);
        d.finishGesture();
        const int third = d.freshGesture();
        d.edit("Move it", edits::withBase(d.project(), 4, {6, 30}), third);
        d.finishGesture();
        QCOMPARE(d.undoStack().count(), 2);
    }

    void aWorkForReadingOnlyIsNotChanged()
    {
        const QString path = m_dir.filePath("later.lantern");
        QVERIFY(bool(store::ProjectFile::create(path.toStdString(), named(kit::postWork(), "theirs"))));
        QFile f(path);
        QVERIFY(f.open(QIODevice::ReadWrite) && f.seek(63) && f.putChar(9)); // a later version
        f.close();
        Document d;
        d.adopt(store::ProjectFile::open(path.toStdString()).take());
        QSignalSpy failed(&d, &Document::failed);
        d.edit("Rename", named(d.project(), "mine"));
        QCOMPARE(failed.count(), 1);
        QCOMPARE(titleOf(d), QString("theirs"));
        const QString copy = m_dir.filePath("copy.lantern");
        QSignalSpy moved(&d, &Document::moved);
        d.continueIn(copy);
        QTRY_COMPARE(moved.count(), 1);
        QCOMPARE(d.path(), copy);
        d.edit("Rename", named(d.project(), "mine"));
        d.waitSaved();
        QCOMPARE(onDisk(copy), QString("mine"));
    }
};

RL_TEST(TestDocument)
#include "tst_document.moc"
