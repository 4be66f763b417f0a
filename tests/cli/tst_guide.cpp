#include "cli/commands.h"
#include "tests/kit/lantern_run.h"
#include "tests/kit/program.h"
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <sstream>

using namespace rl;

namespace {
/// Words of a command line as a shell would part them: double quotes hold together.
std::vector<std::string> wordsOf(const QString& line)
{
    std::vector<std::string> words;
    for (const QString& w : QProcess::splitCommand(line))
        words.push_back(w.toStdString());
    return words;
}
std::pair<int, std::string> run(const std::vector<std::string>& words)
{
    std::vector<const char*> argv;
    for (const std::string& w : words)
        argv.push_back(w.c_str());
    std::ostringstream out, err;
    const int code = cli::runLantern(int(argv.size()), argv.data(), out, err);
    return {code, code ? err.str() : out.str()};
}
} // namespace

/// What the documents say on the command line works on the demo; the pages made from the same tables as --help.
class TestGuide : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    QString m_before;

private slots:
    void initTestCase()
    {
        m_before = QDir::currentPath();
        QDir::setCurrent(m_dir.path());
        QCOMPARE(run({"lantern", "demo", "."}).first, 0);
    }
    void cleanupTestCase() { QDir::setCurrent(m_before); }

    void commandsOfTheDocumentsWork_data()
    {
        QTest::addColumn<QString>("line");
        const QDir docs(QString(RL_SOURCE) + "/docs");
        for (const QString& name : docs.entryList({"*.md"})) {
            QFile file(docs.filePath(name));
            QVERIFY(file.open(QIODevice::ReadOnly));
            bool code = false;
            for (const QString& line : QString::fromUtf8(file.readAll()).split('\n'))
                if (line.startsWith("```"))
                    code = line == "```lantern";
                else if (code)
                    QTest::newRow(qPrintable(name + ": " + line)) << line;
        }
    }
    void commandsOfTheDocumentsWork()
    {
        QFETCH(QString, line);
        const auto [code, said] = run(wordsOf(line));
        QVERIFY2(code == 0 && !said.empty(), said.c_str());
    }
    /// A page of another language has the sections and the command lines of the first, in their order.
    void pagesOfAnotherLanguageAreWhole_data()
    {
        QTest::addColumn<QString>("page");
        for (const QString& name : QDir(QString(RL_SOURCE) + "/docs/guide").entryList({"*.md"}))
            QTest::newRow(qPrintable(name)) << name;
    }
    void pagesOfAnotherLanguageAreWhole()
    {
        QFETCH(QString, page);
        const auto frame = [&](const QString& folder) {
            QFile file(QString(RL_SOURCE) + "/docs/guide/" + folder + page);
            QStringList lines;
            bool code = false;
            if (file.open(QIODevice::ReadOnly))
                for (const QString& line : QString::fromUtf8(file.readAll()).split('\n')) {
                    if (line.startsWith("```"))
                        code = line == "```lantern";
                    if (code || line.startsWith("#") || line.startsWith("!["))
                        lines << (code ? line : line.startsWith("!") ? line.section('(', 1) : line.section(' ', 0, 0));
                }
            return lines;
        };
        QVERIFY(frame("").size() >= 3);
        QCOMPARE(frame("de/"), frame(""));
    }
    void theCommandLinePageIsTheProgramsOwn()
    {
        QFile file(QString(RL_SOURCE) + "/docs/command-line.md");
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto [code, page] = run({"lantern", "manual", "--markdown"});
        QCOMPARE(code, 0);
        QCOMPARE(QString::fromStdString(page), QString::fromUtf8(file.readAll()));
    }
    void everyCommandStandsInTheManual()
    {
        const auto [code, manual] = run({"lantern", "manual"});
        QCOMPARE(code, 0);
        const auto [codeToo, completion] = run({"lantern", "completion"});
        QCOMPARE(codeToo, 0);
        const std::string help = run({"lantern", "--help"}).second;
        std::istringstream lines(help.substr(help.find("Commands:")));
        std::string line, name;
        std::getline(lines, line);
        int n = 0;
        while (std::getline(lines, line) && std::istringstream(line) >> name)
            if (line.starts_with("  ") && line[2] != ' ') {
                ++n;
                QVERIFY2(manual.find(".SS " + name + "\n") != std::string::npos, name.c_str());
                QVERIFY2(completion.find("        " + name + ") options=") != std::string::npos, name.c_str());
            }
        QVERIFY2(n > 25, qPrintable(QString::number(n)));
        QVERIFY(manual.find("--corners") == std::string::npos && manual.find("\\-\\-corners") != std::string::npos);
        // The shell takes it.
        QFile file(m_dir.filePath("completion"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(completion.c_str());
        file.close();
        QCOMPARE(QProcess::execute("bash", {"-n", file.fileName()}), 0);
        QProcess shell;
        shell.start("bash",
            {"-c",
                "source " + file.fileName()
                    + "; COMP_WORDS=(lantern survey --cor); COMP_CWORD=2; _lantern; echo ${COMPREPLY[@]}"});
        QVERIFY(shell.waitForFinished(20000));
        QCOMPARE(shell.readAllStandardOutput().trimmed(), QByteArray("--corners"));
    }
};

RL_TEST(TestGuide)
#include "tst_guide.moc"
