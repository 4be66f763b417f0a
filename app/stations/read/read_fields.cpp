// The fields of the page of reading.
#include "app/stations/read/ladders.h"
#include "app/stations/read/read_page.h"
#include "core/project/edits.h"
#include "output/read_sheets.h"
#include <QFileDialog>
#include <QFileInfo>

namespace rl::app {

void ReadPage::lookFields()
{
    m_form->pick(
        {"moreLooks", {}, tr("Other ways to see it fresh: without colour, turned over, small, or one quality alone"),
            {}},
        [] {
            return Choices{{tr("more looks…"), -1}, {tr("without colour"), int(Look::Grey)},
                {tr("warm and cool"), int(Look::WarmCool)}, {tr("saturation"), int(Look::Saturation)},
                {tr("mirrored"), int(Look::Mirrored)}, {tr("upside down"), int(Look::UpsideDown)},
                {tr("across the room"), int(Look::Small)}};
        },
        [this] { return std::optional(int(m_look) > int(Look::Plain) ? int(m_look) : -1); },
        [this](int i) { choose(i < 0 ? Look::Plain : Look(i)); });
    m_form->value(
        {"squintFrom", {}, tr("From how far it is squinted at, or seen across the room"), {}},
        NumberFormat{1, tr(" m away"), 1, 0.5}, 0.3, 50, [this] { return std::optional(squintedFromCm() / 100); },
        [this](double v, int) {
            m_fromM = v;
            choose(m_look == Look::Small ? Look::Small : Look::Squint);
        });
}

void ReadPage::valueFields()
{
    const auto brief = lens::brief();
    m_form->value(
        {"valueSteps", {}, tr("In how many values the picture is read, 2 to 9."), {}},
        NumberFormat{1, tr(" values"), 0, 1}, 2, 9,
        [this] {
            const auto& own = project().brief.valueBounds;
            return std::optional(own.empty() ? double(m_steps) : double(own.size()) + 1);
        },
        [this](double v, int) {
            m_steps = int(v);
            if (!project().brief.valueBounds.empty())
                m_form->change(
                    lens::brief(), tr("Let the steps be found"), -1, [](Brief& b) { b.valueBounds.clear(); });
            choose(Look::Values);
        });
    m_form->button(
        "findSteps", tr("Find value steps"), tr("Lets the program place the steps again, instead of your beads"),
        [this, brief] {
            m_form->change(brief, tr("Let the steps be found"), -1, [](Brief& b) { b.valueBounds.clear(); });
        },
        [this] { return !project().brief.valueBounds.empty(); });
    keyField();
    m_form->button("report", tr("Report…"), tr("The findings of all stations as a PDF with pictures, a page a station"),
        [this] { report(); });
    beads();
}

void ReadPage::keyField()
{
    const auto brief = lens::brief();
    m_form->pick(
        {"wantedKey", {},
            tr("The key that is meant: how light the whole is, and how far its values lie apart. The findings hold "
               "the picture against it."),
            {}},
        [] {
            Choices all{{tr("no key chosen"), -1}};
            static const char* const names[] = {QT_TRANSLATE_NOOP("rl::app::Page", "low"),
                QT_TRANSLATE_NOOP("rl::app::Page", "middle"), QT_TRANSLATE_NOOP("rl::app::Page", "high")};
            for (int i = 0; i < 6; ++i)
                all.emplace_back(tr("%1 key, %2").arg(tr(names[i / 2]), i % 2 ? tr("major") : tr("minor")), i);
            return all;
        },
        [this] {
            const Brief& b = project().brief;
            return std::optional(b.wantedKey < 0 ? -1 : 2 * b.wantedKey + std::max(0, b.wantedSpan));
        },
        [this, brief](int i) {
            m_form->change(brief, tr("Choose the key"), -1,
                [i](Brief& b) { b.wantedKey = i < 0 ? -1 : i / 2, b.wantedSpan = i < 0 ? -1 : i % 2; });
        });
}

void ReadPage::beads()
{
    connect(m_chips, &Chips::boundsMoved, this, [this](const std::vector<double>& bounds, bool done) {
        if (!m_gesture.on())
            m_gesture.begin();
        Brief b = project().brief;
        b.valueBounds = bounds;
        if (!(b == project().brief))
            m_gesture.edit(tr("Place a value step"), edits::withBrief(project(), std::move(b)));
        if (done)
            m_gesture.finish();
        if (m_look != Look::Values)
            choose(Look::Values);
        ask();
    });
}

void ReadPage::report()
{
    if (!m_desk.review)
        return m_desk.notices.say(tr("The picture is still being read; try again in a moment."));
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the report"), tr("report.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    m_report.forget();
    m_report.ask(
        path,
        [p = project(), review = m_desk.review, path](Progress&) -> Result<QString> {
            const auto done = output::writeReport(p, *review, path);
            return done ? Result<QString>(tr("The report is saved as %1.").arg(QFileInfo(path).fileName()))
                        : Result<QString>(done.error());
        },
        Lane::Long);
}

} // namespace rl::app
