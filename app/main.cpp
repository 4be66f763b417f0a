#include "app/application.h"

int main(int argc, char** argv)
{
    return rl::app::runWindow(argc, argv);
}
