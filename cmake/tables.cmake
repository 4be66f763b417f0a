# Tables of paint as texts that are compiled in.
set(text "")
foreach(table pigments pigments_ks cie1931_2deg_10nm layers)
    set(file ${PROJECT_SOURCE_DIR}/core/paint/tables/${table}.csv)
    set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${file})
    file(READ ${file} bytes HEX)
    string(REGEX REPLACE "([0-9a-f][0-9a-f])" "0x\\1," bytes "${bytes}")
    string(APPEND text "constexpr unsigned char k_${table}[] = {${bytes}};\n")
endforeach()
file(CONFIGURE OUTPUT ${CMAKE_BINARY_DIR}/tables/paint_tables.h CONTENT
    "#pragma once\nnamespace {\n${text}}\n" @ONLY)
target_include_directories(core_paint PRIVATE ${CMAKE_BINARY_DIR}/tables)
