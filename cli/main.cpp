#include "cli/commands.h"
#include "core/base/memory.h"
#include <QGuiApplication>
#include <iostream>
#include <optional>
#include <string_view>

int main(int argc, char** argv)
{
    rl::keepMemory();
    // Sheets are drawn by Qt, which wants an application; no window is ever opened.
    std::optional<QGuiApplication> app;
    if (argc > 1
        && (std::string_view(argv[1]) == "carry" || std::string_view(argv[1]) == "takes"
            || std::string_view(argv[1]) == "light")) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        qputenv("QT_LOGGING_RULES", "*.warning=false");
        app.emplace(argc, argv);
    }
    return rl::cli::runLantern(argc, argv, std::cout, std::cerr);
}
