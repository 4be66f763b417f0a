#include "tests/kit/program.h"
#include <QGuiApplication>

int main(int argc, char** argv)
{
    QGuiApplication app(argc, argv);
    return rl::kit::runTest(argc, argv);
}
