# The network's weights as an array of bytes that is compiled in.
set(file ${PROJECT_SOURCE_DIR}/core/relief/weights/light_net.f16)
set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${file})
file(READ ${file} bytes HEX)
string(REGEX REPLACE "([0-9a-f][0-9a-f])" "0x\\1," bytes "${bytes}")
file(CONFIGURE OUTPUT ${CMAKE_BINARY_DIR}/weights/light_net_weights.h CONTENT
    "#pragma once\nnamespace { constexpr unsigned char kWeightBytes[] = {${bytes}}; }\n" @ONLY)
target_include_directories(core_relief PRIVATE ${CMAKE_BINARY_DIR}/weights)
