#include "tests/kit/program.h"
#include <QCoreApplication>

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    return rl::kit::runTest(argc, argv);
}
