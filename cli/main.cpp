#include "cli/commands.h"
#include "output/said.h"
#include <QGuiApplication>
#include <fcntl.h>
#include <iostream>
#include <optional>
#include <string_view>
#include <unistd.h>

namespace {
/// The program's own words to standard error; what libraries print there by themselves is dropped.
class OwnErrors final : public std::streambuf {
public:
    OwnErrors()
        : m_own(dup(2))
    {
        if (const int nowhere = open("/dev/null", O_WRONLY); nowhere >= 0) {
            dup2(nowhere, 2);
            ::close(nowhere);
        }
    }

protected:
    int overflow(int c) override
    {
        const char letter = char(c);
        return write(m_own, &letter, 1) == 1 ? c : EOF;
    }
    std::streamsize xsputn(const char* s, std::streamsize n) override { return write(m_own, s, std::size_t(n)); }

private:
    int m_own;
};
} // namespace

int main(int argc, char** argv)
{
    rl::output::speak(rl::languageOfPlace());
    OwnErrors own;
    std::ostream errors(&own);
    // Sheets are drawn by Qt, which wants an application; no window is ever opened.
    std::optional<QGuiApplication> app;
    const std::string_view command = argc > 1 ? argv[1] : "";
    if (command == "carry" || command == "takes" || command == "light" || command == "study" || command == "report"
        || command == "plan" || command == "record" || command == "tags") {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        app.emplace(argc, argv);
    }
    return rl::cli::runLantern(argc, argv, std::cout, errors);
}
