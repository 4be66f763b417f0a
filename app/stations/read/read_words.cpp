// What the page of reading says under the picture.
#include "app/stations/read/read_page.h"

namespace rl::app {

/// Key, depth planes and what is in hand, in L*.
QString ReadPage::valuesSaid() const
{
    const reading::ValuePlan& v = m_desk.review->reading.values;
    const auto range = [](const reading::ElementValues& e) {
        return QString("L* %1 · %2 · %3").arg(e.darkest, 0, 'f', 0).arg(e.middle, 0, 'f', 0).arg(e.lightest, 0, 'f', 0);
    };
    static const char* const planes[]
        = {"", QT_TRANSLATE_NOOP("rl::app::Page", "near"), QT_TRANSLATE_NOOP("rl::app::Page", "middle"),
            QT_TRANSLATE_NOOP("rl::app::Page", "far"), QT_TRANSLATE_NOOP("rl::app::Page", "backdrop")};
    QStringList parts{tr("<b>%1 key, %2</b>: darkest, middle, lightest %3")
                          .arg(tr(nameOf(v.height)), v.major ? tr("major") : tr("minor"), range(v.all))};
    for (const auto& e : v.planes)
        parts << tr(planes[std::size_t(std::clamp(e.element, 0, 4))]) + " " + range(e);
    for (const auto& e : v.elements)
        if (e.element == m_desk.element())
            parts << "<b>" + QString::fromStdString(project().element(e.element)->name).toHtmlEscaped() + "</b> "
                    + range(e);
    return parts.join("; ")
        + tr("; under L* 12: %1 %, over 95: %2 % of the canvas.")
              .arg(100 * v.blackShare, 0, 'f', 1)
              .arg(100 * v.whiteShare, 0, 'f', 1);
}

/// How each shape alone reads at thumb size.
QString ReadPage::shapesSaid() const
{
    QStringList parts;
    for (const reading::ThumbShape& t : m_desk.review->reading.thumbs)
        if (const Element* e = project().element(t.element))
            parts << QString("%1 %2%3")
                         .arg(QString::fromStdString(e->name).toHtmlEscaped())
                         .arg(t.read, 0, 'f', 2)
                         .arg(t.hidden > 0.1 ? tr(" (%1 % hidden)").arg(100 * t.hidden, 0, 'f', 0) : QString());
    const reading::Skyline& line = m_desk.review->reading.skyline;
    return tr("As small as a thumb, 1 reads best, under 0.3 is lost: %1. Skyline: %2 peaks, heights vary by %3 %.")
        .arg(parts.join(", "))
        .arg(line.peaks)
        .arg(100 * line.heights, 0, 'f', 0);
}

QString ReadPage::coloursSaid() const
{
    const reading::ColourPlan& c = m_desk.review->reading.colours;
    QStringList accents;
    for (const reading::Accent& a : c.accents)
        accents << tr("%1 (%2)").arg(tr(a.hue.c_str()), a.answered ? tr("answered") : tr("answered nowhere"));
    return tr("Colour: %1; %2 % warm, %3 % cool, %4 % grey; mean C* %5.%6")
        .arg(QString::fromStdString(c.spread))
        .arg(100 * c.warmShare, 0, 'f', 0)
        .arg(100 * c.coolShare, 0, 'f', 0)
        .arg(100 * c.greyShare, 0, 'f', 0)
        .arg(c.meanChroma, 0, 'f', 0)
        .arg(accents.isEmpty() ? QString() : tr(" Accents: %1.").arg(accents.join(", ")));
}

QString ReadPage::says() const
{
    if (!m_desk.review)
        return tr("Reading the picture…");
    if (m_look == Look::Values || m_look == Look::Grey)
        return valuesSaid();
    if (m_look == Look::Silhouettes)
        return shapesSaid();
    if (m_look == Look::WarmCool || m_look == Look::Saturation)
        return coloursSaid();
    const auto& a = m_desk.review->reading.attention;
    QStringList names;
    for (const int id : a.glances)
        if (const Element* e = project().element(id))
            names << QString::fromStdString(e->name);
    return names.isEmpty() ? tr("Nothing stands in the scene yet, so there is nothing to read.")
                           : tr("The eye goes first to <b>%1</b>, mostly because of %2 (judged by contrast only).")
                                 .arg(names.join(" → "), tr(a.driver.c_str()));
}

} // namespace rl::app
