#include "cli/commands.h"
#include <QGuiApplication>
#include <iostream>

int main(int argc, char** argv)
{
    // Sheets are drawn by Qt; no window is ever opened.
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication app(argc, argv);
    return rl::cli::runLantern(argc, argv, std::cout, std::cerr);
}
