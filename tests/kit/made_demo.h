#pragma once
#include "demo/demo_work.h"
#include "store/project_file.h"
#include <QTemporaryDir>

namespace rl::kit {

/// Low Tide Caravan, cut and put together once in each test program and opened from its file from then on: pictures of
/// one copy that go leave the others as they are.
inline Project madeDemo()
{
    static const QTemporaryDir dir;
    const std::filesystem::path path = dir.filePath("demo.lantern").toStdString();
    if (!std::filesystem::exists(path)) {
        NoProgress progress;
        (void)store::ProjectFile::create(path, demo::lowTideCaravan(progress).take());
    }
    return store::ProjectFile::open(path)->project;
}

} // namespace rl::kit
