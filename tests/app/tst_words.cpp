#include "app/theme/words.h"
#include "core/base/words.h"
#include "core/paint/pigments.h"
#include "tests/kit/clipped.h"
#include "tests/kit/made_demo.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include <QComboBox>
#include <QDirIterator>
#include <QRegularExpression>
#include <QXmlStreamReader>

using namespace rl;
using namespace rl::app;

/// The program in another language: every word of it, all of them shown, none cut off.
class TestWords : public QObject {
    Q_OBJECT
    static QStringList places(const QString& s)
    {
        static const QRegularExpression place("%[0-9]+|%n");
        QStringList all;
        for (auto it = place.globalMatch(s); it.hasNext();)
            all << it.next().captured();
        all.sort();
        all.removeDuplicates();
        return all;
    }
    static QString plain(QString s)
    {
        static const QRegularExpression code("\\\\u([0-9a-f]{4})");
        for (auto m = code.match(s); m.hasMatch(); m = code.match(s))
            s.replace(m.capturedStart(), m.capturedLength(), QChar(m.captured(1).toInt(nullptr, 16)));
        return s.replace("\\\"", "\"").replace("\\n", "\n").replace("\\\\", "\\");
    }
    /// Every tr("…") of the window.
    static QSet<QString> said()
    {
        static const QRegularExpression call("(?:\\b(?:tr|trn|said|translatable|QT_TR_NOOP)\\(\\s*|\\b(?:translate|QT_"
                                             "TRANSLATE_NOOP)\\(\\s*\"[^\"]*\",\\s*)"
                                             "((?:\"(?:[^\"\\\\]|\\\\.)*\"\\s*)+)[,)]"),
            literal("\"((?:[^\"\\\\]|\\\\.)*)\"");
        QSet<QString> all;
        for (const char* folder : {"app", "core", "store", "devices", "output", "cli"}) {
            QDirIterator files(
                QString(RL_SOURCE) + "/" + folder, {"*.cpp", "*.h"}, QDir::Files, QDirIterator::Subdirectories);
            while (files.hasNext()) {
                QFile f(files.next());
                if (!f.open(QIODevice::ReadOnly))
                    continue;
                const QString text = QString::fromUtf8(f.readAll());
                for (auto it = call.globalMatch(text); it.hasNext();) {
                    QString words;
                    for (auto part = literal.globalMatch(it.next().captured(1)); part.hasNext();)
                        words += part.next().captured(1);
                    if (!words.isEmpty())
                        all.insert(plain(words));
                }
            }
        }
        for (const paint::Pigment& p : paint::pigments())
            all << QString::fromStdString(p.name) << QString::fromStdString(p.hazard);
        all.remove("");
        return all;
    }
    static QHash<QString, QString> translated(const QString& language)
    {
        QFile f(QString(RL_SOURCE) + "/packaging/words/" + language + ".ts");
        if (!f.open(QIODevice::ReadOnly))
            return {};
        QHash<QString, QString> all;
        QXmlStreamReader xml(&f);
        QString source;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == u"source") {
                source = xml.readElementText();
            } else if (xml.isStartElement() && xml.name() == u"translation") {
                const bool open = xml.attributes().value("type") == u"unfinished";
                QString words; // of a counted one, the form of many
                while (!(xml.readNext() == QXmlStreamReader::EndElement && xml.name() == u"translation"))
                    if (xml.isCharacters() && !xml.isWhitespace())
                        words = xml.text().toString();
                if (!open && !words.isEmpty())
                    all[source] = words;
            }
        }
        return all;
    }

private slots:
    void cleanup() { theme::speak(*qApp, "en"); }

    void everyWordIsTranslated()
    {
        const auto all = said();
        const auto german = translated("de");
        QVERIFY(all.size() > 3700);
        QStringList bad;
        for (const QString& words : all)
            if (!german.contains(words))
                bad << "no translation: " + words;
            else if (places(words) != places(german[words]))
                bad << "other places: " + words + " | " + german[words];
            else if (words.startsWith(' ') != german[words].startsWith(' ')
                || words.endsWith(' ') != german[words].endsWith(' '))
                bad << "other spaces: " + words;
        QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
    }

    void whatIsCountedHasItsForm()
    {
        const auto notes = [](int n) { return QCoreApplication::translate("Trouble", "%n notes", nullptr, n); };
        QCOMPARE(notes(0) + ", " + notes(1) + ", " + notes(2), QString("0 notes, 1 note, 2 notes"));
        theme::speak(*qApp, "de");
        QCOMPARE(notes(1) + ", " + notes(2), QString("1 Hinweis, 2 Hinweise"));
    }

    void numbersGoByTheLanguage()
    {
        theme::speak(*qApp, "de");
        QCOMPARE(QCoreApplication::translate("anywhere", "%1 mm").arg(1.5, 0, 'f', 1), QString("1,5 mm"));
        QCOMPARE(QCoreApplication::translate("anywhere", "Open %1").arg("A.b"), QString::fromUtf8("A.b öffnen"));
        theme::speak(*qApp, "en");
        QCOMPARE(QCoreApplication::translate("anywhere", "%1 mm").arg(1.5, 0, 'f', 1), QString("1.5 mm"));
        theme::speak(*qApp, "no such");
        QCOMPARE(theme::language(), QString("en"));
    }

    /// What is shown as it is in the source, though there are other words for it.
    static QStringList foreign(const QWidget& window)
    {
        QStringList out;
        for (const QWidget* w : window.findChildren<QWidget*>()) {
            if (!w->isVisible())
                continue;
            for (const QString& shown :
                {w->property("text").toString(), w->toolTip(), w->accessibleName(), w->accessibleDescription()}) {
                const char* other = rl::translated(shown.toUtf8().constData());
                if (other && shown != other)
                    out << w->objectName() + " “" + shown + "”";
            }
            if (const auto* box = qobject_cast<const QComboBox*>(w))
                for (int i = 0; i < box->count(); ++i)
                    if (const char* other = rl::translated(box->itemText(i).toUtf8().constData());
                        other && box->itemText(i) != other)
                        out << w->objectName() + " “" + box->itemText(i) + "”";
        }
        return out;
    }

    void allGermanWordsAreShownAndNoneIsClipped()
    {
        auto work = kit::madeDemo();
        theme::speak(*qApp, "de");
        kit::StationHand hand(std::move(work));
        QVERIFY(hand.settle());
        QStringList bad;
        for (const StationSpec& spec : allStations()) {
            hand.window().goTo(spec.id);
            for (int i = 0; i < int(spec.pages.size()); ++i) {
                hand.page(i);
                QTest::qWait(25);
                for (int k = 0; k < 40 && !kit::clipped(hand.window()).isEmpty(); ++k)
                    QTest::qWait(25);
                for (const QString& words : kit::clipped(hand.window()))
                    bad << QString("%1 %2: %3").arg(spec.key).arg(i).arg(words);
                for (const QString& words : foreign(hand.window()))
                    bad << QString("%1 %2 shows %3").arg(spec.key).arg(i).arg(words);
                if (hand.window().size() != QSize(1280, 800))
                    bad << QString("%1 %2: the window has grown").arg(spec.key).arg(i);
            }
        }
        QVERIFY2(bad.isEmpty(), qPrintable(bad.mid(0, 30).join("\n")));
    }
};

RL_TEST(TestWords)
#include "tst_words.moc"
