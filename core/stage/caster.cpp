#include "core/stage/caster.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
constexpr double kOver = 0.5; // m: what is higher closes nothing
constexpr double kReach = 0.8; // m around the body

Contact contactOf(const Body& body, const std::vector<Vec3>& points)
{
    double x0 = 1e300, x1 = -1e300, z0 = 1e300, z1 = -1e300;
    for (const Vec3& p : points)
        if (p.y < kOver) {
            x0 = std::min(x0, p.x), x1 = std::max(x1, p.x);
            z0 = std::min(z0, p.z), z1 = std::max(z1, p.z);
        }
    if (x0 > x1)
        return {};
    Contact c;
    c.left = x0 - kReach, c.near = z0 - kReach;
    const double wide = x1 - x0 + 2 * kReach, deep = z1 - z0 + 2 * kReach;
    c.perM = std::min(50.0, 360 / std::max(wide, deep));
    const Plane lowest = heightsOver(
        body, points, c.left, c.near, c.perM, int(std::ceil(wide * c.perM)), int(std::ceil(deep * c.perM)));
    // Of the share of the sky that what is h high takes, most is taken by what is near.
    cv::Mat near(lowest.height(), lowest.width(), CV_32F), sum = cv::Mat::zeros(near.size(), CV_32F), soft;
    for (std::size_t i = 0; i < lowest.size(); ++i) {
        const float open = std::clamp(lowest.data()[i] / float(kOver), 0.f, 1.f);
        near.ptr<float>()[i] = (1 - open) * (1 - open);
    }
    // Weights of Gaussians fitted to ray-traced ambient light under bodies.
    for (const auto& [sigma, weight] : {std::pair{0.03, 0.48}, {0.08, 0.08}, {0.20, 1.01}, {0.45, 0.13}}) {
        cv::GaussianBlur(near, soft, {}, std::max(0.3, sigma * c.perM), 0, cv::BORDER_CONSTANT);
        sum += soft * weight;
    }
    c.share = Plane::fromMat(sum * double(body.opacity));
    return c;
}
} // namespace

Caster::Caster(std::shared_ptr<const Body> body, std::vector<Vec3> points, double pixelsPerM)
    : m_body(std::move(body))
    , m_points(std::move(points))
    , m_pixelsPerM(pixelsPerM)
{
    Mesh box;
    box.points = m_points;
    const auto [low, high] = box.bounds();
    m_middle = (low + high) * 0.5;
    m_size = std::max({high.x - low.x, high.y - low.y, high.z - low.z});
}

std::shared_ptr<const BodyMap> Caster::seenFrom(const LightPlace& light) const
{
    const auto kept = [&] {
        for (const auto& one : m_maps)
            if (auto map = one.lock(); map && map->light() == light)
                return map;
        return std::shared_ptr<const BodyMap>();
    };
    {
        const std::lock_guard lock(m_mutex);
        if (auto map = kept())
            return map;
    }
    auto made = std::make_shared<const BodyMap>(*m_body, m_points, light, m_pixelsPerM); // others may ask meanwhile
    const std::lock_guard lock(m_mutex);
    if (auto map = kept())
        return map;
    std::erase_if(m_maps, [](const auto& one) { return one.expired(); });
    m_maps.push_back(made);
    return made;
}

const Contact& Caster::contact() const
{
    const std::lock_guard lock(m_mutex);
    if (!m_contact)
        m_contact = m_body ? contactOf(*m_body, m_points) : Contact{};
    return *m_contact;
}

std::shared_ptr<const SeenMesh> Caster::mirrored(const Eye& eye, int width, int height) const
{
    const std::lock_guard lock(m_mutex);
    const auto holds = [&] {
        const Eye& e = m_mirror->eye;
        return m_mirror->width == width && m_mirror->height == height && e.focalCm == eye.focalCm && e.x0 == eye.x0
            && e.horizon == eye.horizon && e.heightM == eye.heightM;
    };
    if (m_mirror && holds())
        return m_mirror->seen;
    auto image = std::make_shared<SeenMesh>();
    if (m_body && m_body->solid) {
        Mesh mesh;
        mesh.points = m_points;
        for (Vec3& p : mesh.points)
            p.y = std::min(0.0, -p.y); // what is under the ground is not mirrored
        for (const auto& f : m_body->faces)
            mesh.faces.push_back({f[0], f[2], f[1]});
        *image = seen(mesh, eye, width, height);
    }
    m_mirror = Mirror{eye, width, height, image};
    return image;
}

namespace {
/// Along the sight line to where its foot stands. What the painter says may leave the foot over or under the ground:
/// then the leg is drawn down or up to it.
void setDown(Vec3& p, const FootPull& pull, const Vec3& foot, double eyeHeight, double heightM)
{
    const double h = double(pull.height);
    double k = 1;
    if (pull.said)
        k = std::max(0.1, 1 + double(pull.back) / foot.z);
    else if (h > 0 && h < 0.7 * eyeHeight)
        k = eyeHeight / (eyeHeight - h);
    else
        return;
    p = {p.x * k, eyeHeight + (p.y - eyeHeight) * k, p.z * k};
    if (pull.said)
        p.y -= eyeHeight + (h - eyeHeight) * k;
    if (p.y < 0.02 * heightM)
        p.y -= 0.04 * heightM; // into the ground
}
} // namespace

std::shared_ptr<const Caster> casterOf(
    std::shared_ptr<const Body> body, const Element& e, const Vec3& foot, double eyeHeight, double pixelsPerM)
{
    std::vector<Vec3> points = body->points;
    const bool stands = e.altitudeM == 0 && !body->pulled.empty();
    for (std::size_t i = 0; i < points.size(); ++i) {
        Vec3& p = points[i];
        p = p + foot;
        if (e.altitudeM > 0 && i >= body->firstBelow)
            p.y = foot.y;
        p.y += e.altitudeM;
        if (stands)
            setDown(p, body->pulled[i], foot, eyeHeight, e.heightM);
    }
    auto caster = std::make_shared<Caster>(std::move(body), std::move(points), pixelsPerM);
    caster->element = e.id;
    caster->thin = e.material == Material::Thin;
    return caster;
}

} // namespace rl::stage
