#include "app/application.h"
#include "tests/kit/program.h"

int main(int argc, char** argv)
{
    rl::app::Application app(argc, argv);
    return rl::kit::runTest(argc, argv);
}
