#include "cli/command_base.h"
#include "core/base/words.h"
#include "core/project/takes.h"
#include "store/picture_reader.h"
#include "store/project_file.h"
#include <csignal>
#include <cstdio>

namespace rl::cli {

namespace {
volatile std::sig_atomic_t interrupted = 0;
void interrupt(int)
{
    interrupted = 1;
}
} // namespace

TerminalProgress::TerminalProgress(bool tells)
    : m_tells(tells)
{
    interrupted = 0;
    std::signal(SIGINT, interrupt);
}

TerminalProgress::~TerminalProgress()
{
    std::signal(SIGINT, SIG_DFL);
    if (m_tells && m_last >= 0)
        std::fprintf(stderr, "\n");
}

void TerminalProgress::report(double fraction, std::string_view note)
{
    const int percent = int(100 * fraction);
    if (!m_tells || percent == m_last)
        return;
    m_last = percent;
    std::fprintf(stderr, "\r%3d %%  %-40.*s", percent, int(std::min<std::size_t>(note.size(), 40)), note.data());
    std::fflush(stderr);
}

bool TerminalProgress::cancelled() const
{
    return interrupted != 0;
}

Result<MaskedPicture> readMasked(const std::string& image, const std::string& mask)
{
    const auto picture = store::readPicture(std::filesystem::path(image));
    if (!picture)
        return picture.error();
    MaskedPicture out{picture->pixels, {}};
    if (mask.empty())
        return out;
    auto read = store::readMask(mask);
    if (!read)
        return read.error();
    out.mask = read.take();
    if (out.mask.width() != out.photo.width() || out.mask.height() != out.photo.height())
        return Error{ErrorKind::Invalid, tr("The picture and its mask are not of one size."), {}};
    return out;
}

Result<store::ProjectFile::Opened> openToChange(const std::string& file)
{
    auto opened = store::ProjectFile::open(file);
    if (opened && opened->file.readOnly())
        return Error{ErrorKind::NotWritable, tr("This work can only be read here; nothing was changed."), file};
    return opened;
}

Result<Project> openWork(const std::string& file)
{
    auto opened = store::ProjectFile::open(file);
    if (!opened)
        return opened.error();
    return opened.take().project;
}

Result<Project> inTake(const Project& p, const std::string& letter)
{
    if (letter.empty())
        return p;
    for (const Take& t : p.takes)
        if (t.letter == letter)
            return takes::projectOf(p, t.id);
    return Error{ErrorKind::Invalid, tr("The work has no take “%1”.", letter), {}};
}

} // namespace rl::cli
