option(RL_SANITIZE "Build with the address and undefined-behaviour sanitizers" OFF)
option(RL_TSAN "Build with the thread sanitizer, for tests of jobs, sessions, the saver and loops" OFF)
option(RL_WERROR "Treat warnings as errors" OFF)

if(NOT CMAKE_BUILD_TYPE)
    set(CMAKE_BUILD_TYPE RelWithDebInfo CACHE STRING "" FORCE)
endif()
# What takes time is worked out in the core, which asks for more below; the rest waits for hands and files.
set(CMAKE_CXX_FLAGS_RELWITHDEBINFO "-O1 -g1")
set(CMAKE_RUNTIME_OUTPUT_DIRECTORY ${CMAKE_BINARY_DIR}/bin)
set(CMAKE_EXPORT_COMPILE_COMMANDS ON)
# What is loaded when first asked for lies where every program looks: late/
include(GNUInstallDirs)
set(RL_LATE_DIR ${CMAKE_BINARY_DIR}/lib)
set(RL_LATE_PLACE ${CMAKE_INSTALL_LIBDIR}/roving-lantern)
set(CMAKE_BUILD_RPATH ${RL_LATE_DIR})
file(RELATIVE_PATH RL_LATE_BESIDE /${CMAKE_INSTALL_BINDIR} /${RL_LATE_PLACE})
set(CMAKE_INSTALL_RPATH $ORIGIN/${RL_LATE_BESIDE})
find_program(RL_CCACHE ccache)
if(RL_CCACHE)
    # Precompiled headers are found again by what is in them.
    set(CMAKE_CXX_COMPILER_LAUNCHER ${CMAKE_COMMAND} -E env CCACHE_SLOPPINESS=pch_defines,time_macros,include_file_mtime,include_file_ctime ${RL_CCACHE})
endif()
find_program(RL_LLD ld.lld)
if(RL_LLD)
    add_link_options(-fuse-ld=lld)
endif()

add_library(project_options INTERFACE)
target_compile_features(project_options INTERFACE cxx_std_20)
target_compile_options(project_options INTERFACE -Wall -Wextra -Wno-restrict -Wno-stringop-overflow) # both: false alarms on string + in GCC 12
if(RL_WERROR)
    target_compile_options(project_options INTERFACE -Werror)
endif()
if(RL_SANITIZE)
    # A null or a wrong address is met by the first of them already; asking at each member doubles the time of all tests.
    add_compile_options(-fsanitize=address,undefined -fno-sanitize=null,alignment,object-size,vptr -fno-omit-frame-pointer)
    add_link_options(-fsanitize=address,undefined)
endif()
if(RL_TSAN)
    add_compile_options(-fsanitize=thread -fno-omit-frame-pointer)
    add_link_options(-fsanitize=thread)
endif()

# The core is held to more: silent narrowing is where wrong numbers come from.
add_library(core_options INTERFACE)
target_link_libraries(core_options INTERFACE project_options)
# Square roots set no errno here and no arithmetic traps: both keep loops from being done several numbers at a time.
set(RL_DEPTH -O3)
if(RL_SANITIZE OR RL_TSAN) # vectors by hand are not what those look at; slower than this, the tests of light take an hour
    set(RL_DEPTH -O2)
endif()
target_compile_options(core_options INTERFACE -Wconversion ${RL_DEPTH} -fno-math-errno -fno-trapping-math)
