# What is installed, and the Debian package made of it: ./package.sh

set(made ${CMAKE_BINARY_DIR}/package)
set(own ${PROJECT_SOURCE_DIR}/packaging)

# Made from the programs' own tables when the package is.
set(icons "")
foreach(size 16 22 24 32 48 64 128 256 512)
    list(APPEND icons ${made}/icons/${size}.png)
    install(FILES ${made}/icons/${size}.png DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${size}x${size}/apps
        RENAME roving-lantern.png OPTIONAL)
endforeach()
add_executable(lantern-icons EXCLUDE_FROM_ALL ${own}/icons.cpp)
target_link_libraries(lantern-icons PRIVATE Qt6::Svg Qt6::Gui project_options)
add_custom_target(package_pages
    COMMAND ${CMAKE_COMMAND} -E make_directory ${made}/icons
    COMMAND lantern manual > ${made}/lantern.1
    COMMAND lantern completion > ${made}/lantern
    COMMAND roving-lantern --manual > ${made}/roving-lantern.1
    COMMAND ${CMAKE_COMMAND} -E env QT_QPA_PLATFORM=offscreen $<TARGET_FILE:lantern-icons> ${PROJECT_SOURCE_DIR}/app/theme/lantern.svg ${made}/icons
    COMMAND gzip -9 -n -c ${PROJECT_SOURCE_DIR}/CHANGELOG.md > ${made}/NEWS.gz
    COMMAND gzip -9 -n -c ${own}/changelog > ${made}/changelog.gz
    COMMAND gzip -9 -n -f -k ${made}/lantern.1 ${made}/roving-lantern.1
    VERBATIM)

install(TARGETS roving-lantern lantern DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES ${own}/roving-lantern.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${own}/roving-lantern.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${own}/roving-lantern.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages)
install(FILES app/theme/lantern.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps RENAME roving-lantern.svg)
install(FILES ${made}/lantern.1.gz ${made}/roving-lantern.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 OPTIONAL)
install(FILES ${made}/lantern DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions OPTIONAL)
install(FILES ${own}/copyright app/theme/fonts/Cabin-licence.txt app/theme/fonts/EBGaramond-licence.txt
    DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/roving-lantern)
install(FILES ${made}/changelog.gz ${made}/NEWS.gz DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/roving-lantern OPTIONAL)
install(FILES ${own}/lintian-overrides DESTINATION ${CMAKE_INSTALL_DATADIR}/lintian/overrides RENAME roving-lantern)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME roving-lantern)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "Roving Lantern developers <developers@roving-lantern.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "plan the light of an imagined scene and carry it to the canvas")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION
    "For painters who compose imagined scenes from several photographs: one eye
level, true sizes, one set of lights, a planned order of reading, recipes
from the tubes at hand, sheets at the size of the canvas, and a plan of work.

Contains the program with a window and the command line, lantern.")
set(CPACK_DEBIAN_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_DEPENDS "opencv-data, libvips-tools")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-image-formats-plugins")
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
set(CPACK_STRIP_FILES ON)
set(CPACK_OUTPUT_FILE_PREFIX ${CMAKE_BINARY_DIR})
include(CPack)
