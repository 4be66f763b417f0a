#pragma once
#include <QObject>
#include <functional>
#include <memory>

/// The tests of a layer in one program: each file says RL_TEST(Class) at its end, and is run by its file's name.
namespace rl::kit {

using MakeTest = std::function<std::unique_ptr<QObject>()>;
/// \param file of the test; its stem is the test's name
bool registerTest(const char* file, MakeTest make);
/// `program tst_name …`: runs that test with Qt Test's own arguments behind it. \return what QTest::qExec gives, 2
/// when there is no such test
int runTest(int argc, char** argv);

} // namespace rl::kit

#define RL_TEST(Class)                                                                                                 \
    [[maybe_unused]] static const bool s_registered##Class                                                             \
        = rl::kit::registerTest(__FILE__, [] { return std::unique_ptr<QObject>(std::make_unique<Class>()); });
