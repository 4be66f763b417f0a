#include "core/base/finding.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/schools.h"
#include "tests/kit/program.h"
#include <cstring>

using namespace rl;

/// What the core says, in another language: whole sentences, words of tables, numbers; names stay.
class TestSpeech : public QObject {
    Q_OBJECT
private slots:
    void cleanup() { speak("en"); }

    void placesAreFilled_data()
    {
        QTest::addColumn<QString>("pattern");
        QTest::addColumn<QString>("told");
        QTest::newRow("in order") << "%1 and %2"
                                  << "a and b";
        QTest::newRow("turned round") << "%2 before %1"
                                      << "b before a";
        QTest::newRow("twice") << "%1, %1"
                               << "a, a";
        QTest::newRow("per cent") << "%1 % of it, 100 %"
                                  << "a % of it, 100 %";
        QTest::newRow("no part for it") << "%1 %3 %0"
                                        << "a %3 %0";
        QTest::newRow("a digit behind") << "%15"
                                        << "a5";
        QTest::newRow("at the end") << "%"
                                    << "%";
        QTest::newRow("empty") << ""
                               << "";
    }
    void placesAreFilled()
    {
        QFETCH(QString, pattern);
        QFETCH(QString, told);
        QCOMPARE(QString::fromStdString(filled(pattern.toStdString(), {"a", "b"})), told);
    }
    void aPartIsNotSearchedForPlaces()
    {
        QCOMPARE(filled("%1 %2", {"%2", "b"}), std::string("%2 b"));
        QCOMPARE(filled("%10 %1", {"a", "b", "c", "d", "e", "f", "g", "h", "i", "j"}), std::string("j a"));
    }

    void anotherLanguageTurnsTheSentenceRound()
    {
        QCOMPARE(rl::tr("“%1” comes within %2 mm of the %3 edge without being cut by it.", std::string("left"),
                     fixed(2.5), translatable("left")),
            std::string("“left” comes within 2.5 mm of the left edge without being cut by it."));
        speak("de");
        QCOMPARE(spoken(), std::string("de"));
        // the name stays, the side is translated, the number takes its comma
        QCOMPARE(rl::tr("“%1” comes within %2 mm of the %3 edge without being cut by it.", std::string("left"),
                     fixed(2.5), translatable("left")),
            std::string("„left“ kommt dem Rand links bis auf 2,5 mm nah, ohne von ihm geschnitten zu werden."));
        QVERIFY(!translated("nobody has ever said this"));
        QVERIFY(!std::strcmp(rl::tr("nobody has ever said this"), "nobody has ever said this"));
        const char* kept = rl::tr("Mirror it");
        speak("no such");
        QCOMPARE(spoken(), std::string("en"));
        QVERIFY(std::strcmp(kept, rl::tr("Mirror it")) != 0); // and what was handed out stays
        QCOMPARE(std::string(rl::tr("Mirror it")), std::string("Mirror it"));
    }

    void onlyNumbersTakeTheComma_data()
    {
        QTest::addColumn<QString>("part");
        QTest::addColumn<QString>("told");
        for (const auto& [part, told] : {std::pair{"1.5", "1,5"}, {"-0.25", "-0,25"}, {"12", "12"}, {"1.2.3", "1.2.3"},
                 {"v1.5", "v1.5"}, {".5", ".5"}, {"5.", "5."}, {"-.5", "-.5"}, {"", ""}, {"scene.png", "scene.png"}})
            QTest::newRow(part) << part << told;
    }
    void onlyNumbersTakeTheComma()
    {
        QFETCH(QString, part);
        QFETCH(QString, told);
        speak("de");
        QCOMPARE(QString::fromStdString(SaidPart(part.toStdString()).text), told);
        speak("en");
        QCOMPARE(QString::fromStdString(SaidPart(part.toStdString()).text), part);
    }

    void theLanguageOfThePlace_data()
    {
        QTest::addColumn<QByteArray>("all");
        QTest::addColumn<QByteArray>("lang");
        QTest::addColumn<QString>("language");
        QTest::newRow("German") << QByteArray() << QByteArray("de_AT.UTF-8") << "de";
        QTest::newRow("LC_ALL comes first") << QByteArray("C") << QByteArray("de_DE") << "en";
        QTest::newRow("alone") << QByteArray("de") << QByteArray() << "de";
        QTest::newRow("another that begins so") << QByteArray() << QByteArray("den_CA") << "en";
        QTest::newRow("not spoken here") << QByteArray() << QByteArray("fi_FI.UTF-8") << "en";
        QTest::newRow("nothing said") << QByteArray() << QByteArray() << "en";
    }
    void theLanguageOfThePlace()
    {
        QFETCH(QByteArray, all);
        QFETCH(QByteArray, lang);
        QFETCH(QString, language);
        const QByteArray was = qgetenv("LC_ALL");
        qputenv("LC_ALL", all), qputenv("LC_MESSAGES", ""), qputenv("LANG", lang);
        QCOMPARE(QString::fromStdString(languageOfPlace()), language);
        qputenv("LC_ALL", was);
    }

    void figuresAreHeldInWords()
    {
        Finding f;
        f.measured = 1, f.target = 3.5, f.unit = "subjects";
        QCOMPARE(heldAgainst(f), std::string("now 1 subject – aim for 3.5 subjects or more"));
        speak("de");
        QCOMPARE(heldAgainst(f), std::string("jetzt 1 Bildgegenstand – Ziel: mindestens 3,5 Bildgegenstände"));
        QCOMPARE(trn("%n coats", 1) + ", " + trn("%n coats", 2), std::string("1 Anstrich, 2 Anstriche"));
    }

    void everySchoolIsSaid()
    {
        speak("de");
        for (const SchoolSpec& s : schools()) {
            QVERIFY2(translated(s.question), s.question);
            for (const SchoolChoice& c : s.choices)
                QVERIFY2(translated(c.name) && translated(c.why), c.name);
        }
    }
};

RL_TEST(TestSpeech)
#include "tst_speech.moc"
