#include "core/light/own_shade.h"
#include "core/stage/mesh.h"

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

OwnShade::OwnShade(
    const StageFrame& f, const Layer& l, std::shared_ptr<const stage::BodyMap> map, const ShadowLight& light)
    : m_f(&f)
    , m_l(&l)
    , m_light(light)
{
    const stage::Body* body = l.caster->body();
    const bool solid = body && body->solid;
    if (!map || !body || body->convex || l.lies || l.through > 0 || l.material == Material::Thin
        || l.material == Material::Glass || l.material == Material::Glowing
        || (solid ? l.depth : l.front.depth).empty())
        return;
    const Vec3 to = light.isSun ? light.at : stage::unit(light.at - l.caster->middle());
    m_weight = solid && l.rim <= 0 ? 1.f : float(std::clamp(1 - to.z / 0.3, 0.0, 1.0));
    if (m_weight <= 0)
        return;
    m_lift = to * (0.012 * l.caster->size()) + Vec3{0, 0, solid ? 0 : -0.01 * l.caster->size()};
    m_map = std::move(map);
}

/// Where its surface lies, m.
const float* OwnShade::depthsOf(int y, int begin, int count) const
{
    if (m_l->caster->solid())
        return m_l->depth.row(y) + begin;
    static thread_local std::vector<float> kept; // one row is read at a time
    kept.resize(std::size_t(count));
    const stage::Layer::Front& front = m_l->front;
    const Plane& d = front.depth;
    const auto within = [](double v, int size) { return std::clamp(v, 0.0, std::max(size - 1.001, 0.0)); };
    const double v = within((m_l->top + y + 0.5) * front.perPx - front.top - 0.5, d.height());
    const int j = int(v);
    const float t = float(v) - float(j), *upper = d.row(j), *lower = d.row(std::min(j + 1, d.height() - 1));
    for (int i = 0; i < count; ++i) {
        const double u = within((m_l->left + begin + i + 0.5) * front.perPx - front.left - 0.5, d.width());
        const int k = int(u), next = std::min(k + 1, d.width() - 1);
        const float s = float(u) - float(k), a = upper[k] + s * (upper[next] - upper[k]),
                    b = lower[k] + s * (lower[next] - lower[k]);
        kept[std::size_t(i)] = a + t * (b - a);
    }
    return kept.data();
}

void OwnShade::addTo(std::span<Shade> row, int y, int begin) const
{
    if (!m_map || row.empty())
        return;
    const int count = int(row.size());
    const float* depth = depthsOf(y, begin, count);
    const auto [least, most] = std::minmax_element(depth, depth + count);
    const stage::Eye& eye = m_f->eye;
    const double step = 1 / eye.focalCm, x = (m_l->left + begin + 0.5 - eye.x0) * step,
                 up = -(m_l->top + y + 0.5 - eye.horizon) * step;
    const stage::RayRow points{
        Vec3{0, eye.heightM, 0} + m_lift, {x, up, 1}, {step, 0, 0}, depth, count, double(*least), double(*most)};
    ShadedRow one{row, points};
    shade({&one, 1}, m_light, *m_map, 1, m_weight);
}

} // namespace rl::light
