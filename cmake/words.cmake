# Words in other languages as texts that are compiled in: packaging/words/LANGUAGE.ts, brought up to date by tools/words.py.
set(text "")
set(rows "")
foreach(language de)
    set(file ${PROJECT_SOURCE_DIR}/packaging/words/${language}.ts)
    set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${file})
    file(READ ${file} bytes HEX)
    string(REGEX REPLACE "([0-9a-f][0-9a-f])" "0x\\1," bytes "${bytes}")
    string(APPEND text "constexpr unsigned char k_${language}[] = {${bytes}};\n")
    string(APPEND rows "{\"${language}\", k_${language}, sizeof k_${language}},")
endforeach()
file(CONFIGURE OUTPUT ${CMAKE_BINARY_DIR}/words/words_tables.h CONTENT
    "#pragma once\n#include <cstddef>\nnamespace {\n${text}constexpr struct {const char* language; const unsigned char* bytes; std::size_t size; } kWords[] = {${rows}};\n}\n" @ONLY)
target_include_directories(core_base PRIVATE ${CMAKE_BINARY_DIR}/words)
