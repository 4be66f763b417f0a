#include "app/application.h"
#include "core/base/memory.h"

int main(int argc, char** argv)
{
    rl::keepMemory();
    return rl::app::runWindow(argc, argv);
}
