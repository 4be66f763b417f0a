#pragma once
#include "cli/commands.h"
#include "core/base/progress.h"
#include "core/project/project.h"
#include "store/project_file.h"
#include <CLI/CLI.hpp>

namespace rl::cli {

/// A command with one name; options are added in describe().
class NamedCommand : public Command {
public:
    NamedCommand(std::string name, std::string what)
        : m_name(std::move(name))
        , m_what(std::move(what))
    {
    }
    void declare(CLI::App& app) final
    {
        m_app = app.add_subcommand(m_name, m_what);
        describe(*m_app);
    }
    bool chosen() const final { return m_app && m_app->parsed(); }

protected:
    virtual void describe(CLI::App& app) = 0;

private:
    std::string m_name, m_what;
    CLI::App* m_app = nullptr;
};

/// Long work on the command line: tells how far it is on the error stream, and gives up on Ctrl+C.
class TerminalProgress final : public Progress {
public:
    explicit TerminalProgress(bool tells);
    ~TerminalProgress() override;
    void report(double fraction, std::string_view note) override;
    bool cancelled() const override;

private:
    bool m_tells;
    int m_last = -1;
};

/// A photograph and, where one is said, the mask of the thing on it (white = in).
struct MaskedPicture {
    Photo photo;
    Mask mask; ///< empty: none was said
};
/// \return Invalid where they are not of one size, and what reading them returns
Result<MaskedPicture> readMasked(const std::string& image, const std::string& mask);
/// A work to be changed and saved. \return NotWritable where it can only be read here
Result<store::ProjectFile::Opened> openToChange(const std::string& file);
/// A work as it is in its file.
Result<Project> openWork(const std::string& file);
/// With a take in hand, by its letter; empty: the one that is. \return Invalid where there is none of that letter
Result<Project> inTake(const Project& project, const std::string& letter);

std::vector<std::unique_ptr<Command>> lookCommands();
std::vector<std::unique_ptr<Command>> fixCommands(); ///< do what a finding proposes
std::vector<std::unique_ptr<Command>> readCommands(); ///< read a work or a picture
std::vector<std::unique_ptr<Command>> studyCommands(); ///< sheets of what is read
std::vector<std::unique_ptr<Command>> mixCommands(); ///< paint: mixes, recipes, calibration
std::vector<std::unique_ptr<Command>> makeCommands(); ///< write something
std::vector<std::unique_ptr<Command>> carryCommands(); ///< lines, landmarks, flow, sheets
std::vector<std::unique_ptr<Command>> planCommands(); ///< sittings
std::vector<std::unique_ptr<Command>> workCommands(); ///< painting: plan of work, stages, survey, log, record
std::vector<std::unique_ptr<Command>> gatherCommands(); ///< the wall: bring in, measure, rank
std::vector<std::unique_ptr<Command>> cutCommands(); ///< cut out, paint out
std::vector<std::unique_ptr<Command>> fieldCommands(); ///< the numbers of a work; a damaged file
std::vector<std::unique_ptr<Command>> stageCommands(); ///< the space: where things stand, takes

} // namespace rl::cli
