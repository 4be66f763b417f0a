#include "tests/kit/program.h"
#include <QFileInfo>
#include <QTest>
#include <cstdio>
#include <map>

namespace rl::kit {

namespace {
std::map<QString, MakeTest>& tests()
{
    static std::map<QString, MakeTest> all;
    return all;
}
} // namespace

bool registerTest(const char* file, MakeTest make)
{
    tests()[QFileInfo(file).completeBaseName()] = std::move(make);
    return true;
}

int runTest(int argc, char** argv)
{
    const auto found = argc > 1 ? tests().find(QString(argv[1])) : tests().end();
    if (found == tests().end()) {
        for (const auto& [name, make] : tests())
            std::printf("%s\n", qPrintable(name));
        return 2;
    }
    argv[1] = argv[0];
    const auto test = found->second();
    return QTest::qExec(test.get(), argc - 1, argv + 1);
}

} // namespace rl::kit
