#include "tests/kit/tiny.h"
#include "core/colour/srgb.h"
#include "core/stage/camera.h"
#include "store/digest.h"
#include <QFile>
#include <random>

namespace rl::kit {

Disc litDisc(int size, double radius, double azimuth, double elevation, double ambient)
{
    const double a = radians(azimuth), e = radians(elevation);
    const double lx = std::cos(e) * std::cos(a), ly = std::cos(e) * std::sin(a), lz = std::sin(e);
    std::vector<Rgb8> pixels(std::size_t(size * size), Rgb8{90, 110, 90});
    std::vector<std::uint8_t> mask(pixels.size(), 0);
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x) {
            const double nx = (x + 0.5 - size / 2.0) / radius, ny = -(y + 0.5 - size / 2.0) / radius,
                         r2 = nx * nx + ny * ny;
            if (r2 >= 1)
                continue;
            const double shade = ambient + (1 - ambient) * std::max(0.0, nx * lx + ny * ly + std::sqrt(1 - r2) * lz);
            const std::uint8_t v = colour::codeOf(float(0.7 * shade));
            const std::size_t i = std::size_t(y * size + x);
            pixels[i] = {v, v, v};
            mask[i] = 255;
        }
    return {{size, size, std::move(pixels)}, {size, size, std::move(mask)}};
}

Photo plain(int width, int height, Rgb8 colour)
{
    return Photo::filled(width, height, colour);
}

Reference referenceOf(const std::string& name, const Photo& photo)
{
    Reference r;
    r.name = name;
    const auto file = std::make_shared<const std::vector<unsigned char>>(store::encodePng(photo));
    r.pixels = LazyPhoto(photo, {file, store::sha256(*file)});
    r.credit = "made for a test";
    r.permission = Permission::Own;
    return r;
}

LazyPhoto held(const Photo& photo)
{
    return referenceOf({}, photo).pixels;
}

Project postWork(double sunAzimuth, double sunElevation)
{
    Project p;
    p.brief.title = "Post";
    p.brief.cast = {{1, "Post"}};
    p.camera = {16, 1.6, 50};
    Reference r = referenceOf("post", plain(60, 420, {200, 200, 200}));
    r.id = 2;
    p.references = {r};
    std::vector<std::uint8_t> mask(60 * 420, 0);
    for (int y = 10; y < 410; ++y)
        for (int x = 10; x < 50; ++x)
            mask[std::size_t(y * 60 + x)] = 255;
    p.cutouts = {{3, 2, {}, 4, {60, 420, std::move(mask)}, {}, {}, {}}};
    Element e;
    e.id = 4;
    e.name = "Post";
    e.cast = 1;
    e.cutout = 3;
    e.heightM = 2;
    e.form = Form::Card;
    e.delight = 0;
    const stage::Eye eye = stage::eyeOf(p);
    e.baseCm = stage::projected(eye, {0, 0, 10});
    p.elements = {e};
    p.lights.sun = {true, sunAzimuth, sunElevation, 0.1, 6500, 1};
    p.lights.air = {0, 1, 0, 0};
    p.lastId = 10;
    return p;
}

Project shoreWork()
{
    Project p = postWork();
    p.brief.title = "Post";
    std::mt19937 random(3); // something to hold on to
    std::vector<Rgb8> pixels(600 * 400);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 600; ++x)
            pixels[std::size_t(y * 600 + x)]
                = {std::uint8_t(70 + 60 * std::sin(x / 37.0) + 30 * ((x / 50 + y / 40) % 2)),
                    std::uint8_t(90 + 50 * std::cos(y / 23.0)),
                    std::uint8_t(120 + 40 * std::sin((x + 2 * y) / 61.0) + random() % 8)};
    p.references.push_back(referenceOf("shore", Photo(600, 400, std::move(pixels))));
    p.references.back().id = p.freshId();
    p.backdrop.reference = p.references.back().id;
    return p;
}

QString pathIn(const QString& folder, const char* name)
{
    return folder + "/" + name;
}

bool writeBytes(const QString& path, const QByteArray& bytes)
{
    QFile f(path);
    return f.open(QIODevice::WriteOnly) && f.write(bytes) == bytes.size();
}

} // namespace rl::kit
