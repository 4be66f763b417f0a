#include "app/stations/mix/swatch_page.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include "output/paint_sheets.h"
#include "store/paint_box_file.h"
#include "store/picture_reader.h"
#include <QDate>
#include <QFileDialog>
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

namespace {
Patch& patchOf(TubeCard& card, paint::PatchKind kind)
{
    Patch* all[] = {&card.masstone, &card.tint2, &card.tint10, &card.overWhite, &card.overBlack};
    return *all[std::size_t(kind)];
}
} // namespace

SwatchPage::SwatchPage(Desk& desk, StationView& view)
    : MixPage(desk, view, tr("Swatches"),
        tr("Your own tubes instead of typical ones: paint a card, read it; one tint in white of each helps most"))
    , m_photo(desk.jobs)
    , m_print(desk.jobs)
    , m_told(new QLabel)
{
    cardFields();
    patchFields();
    labFields();
    tubeFields();
    m_told->setObjectName("swatchTold");
    m_told->setTextFormat(Qt::RichText);
    m_told->setWordWrap(true);
    m_told->setAlignment(Qt::AlignTop);
    m_told->setMinimumHeight(theme::px(42));
    layout()->addWidget(m_told);
    connect(&m_print, &JobBase::done, this, [this] {
        if (!m_print.problem() && m_print.last())
            m_desk.notices.say(*m_print.last());
    });
    connect(&m_photo, &JobBase::done, this, [this] {
        if (!m_photo.problem() && m_photo.last()) {
            const FromPhoto read = *m_photo.last();
            m_photo.forget();
            take(read);
        }
        refresh();
    });
}

const Patch* SwatchPage::patch() const
{
    const Tube* t = project().tube(m_desk.selection().tube);
    if (!t)
        return nullptr;
    const Patch* all[] = {&t->card.masstone, &t->card.tint2, &t->card.tint10, &t->card.overWhite, &t->card.overBlack};
    return all[m_kind];
}

std::vector<int> SwatchPage::cardTubes() const
{
    std::vector<int> ids;
    if (const PaintBox* b = project().paintBox())
        for (const Tube& t : b->tubes)
            if (t.chosen && ids.size() < std::size_t(paint::CardLayout::kMostTubes))
                ids.push_back(t.id);
    return ids;
}

void SwatchPage::print()
{
    const QString path = QFileDialog::getSaveFileName(this, tr("Swatch card"), "swatch-card.pdf", tr("Sheets (*.pdf)"));
    if (path.isEmpty())
        return;
    QStringList names;
    for (const int id : cardTubes())
        names << m_state.nameOf(project().tube(id)->pigment);
    m_print.forget();
    m_print.ask(
        path,
        [names, path](Progress&) -> Result<QString> {
            const auto done = output::writeSwatchCard(names, path);
            return done
                ? Result<QString>(tr("The swatch card is written. Print it at 100 % on white paper or primed card."))
                : done.error();
        },
        Lane::Long);
}

void SwatchPage::photo()
{
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Photograph of the card"), {}, tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.heic *.webp)"));
    if (path.isEmpty())
        return;
    m_photo.forget();
    m_photo.ask(
        path,
        [path, tubes = cardTubes()](Progress&) -> Result<FromPhoto> {
            const auto picture = store::readPicture(std::filesystem::path(path.toStdString()));
            if (!picture)
                return picture.error();
            auto read = paint::readCard(picture->pixels, paint::cardLayout(int(tubes.size())));
            if (!read)
                return read.error();
            return FromPhoto{read.take(), tubes};
        },
        Lane::Long);
    refresh();
}

void SwatchPage::take(const FromPhoto& from)
{
    const PaintBox* was = project().paintBox();
    if (!was)
        return;
    PaintBox box = *was;
    QStringList refused;
    int read = 0;
    for (const paint::PatchRead& p : from.read.patches) {
        const int id = from.tubes[std::size_t(p.tube)];
        for (Tube& t : box.tubes) {
            if (t.id != id)
                continue;
            if (!p.refused.empty()) {
                if (!p.bare)
                    refused << tr("%1, %2: %3")
                                   .arg(m_state.nameOf(t.pigment), tr(paint::wordOf(p.kind)),
                                       QString::fromStdString(p.refused));
                continue;
            }
            patchOf(t.card, p.kind) = {true, {p.lab.L, p.lab.a, p.lab.b}};
            t.card.noise = 1, t.card.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
            ++read;
        }
    }
    m_refused = refused.isEmpty() ? QString() : tr("Refused: %1.").arg(refused.join("; "));
    if (from.read.greyOff > 3)
        m_refused += tr(" The printed grey is off by %1 %2E: the light was uneven or coloured.")
                         .arg(from.read.greyOff, 0, 'f', 1)
                         .arg(QChar(0x394));
    if (!read)
        return m_desk.notices.say(tr("No patch could be read. %1").arg(m_refused));
    m_desk.edit(tr("Read the swatches"), edits::withPaintBox(project(), std::move(box)));
    m_desk.notices.say(tr("%n patches read. %1", nullptr, int(read)).arg(m_refused));
}

void SwatchPage::file()
{
    const QString path
        = QFileDialog::getOpenFileName(this, tr("Measured patches"), {}, tr("Measured patches (*.txt *.cgats *.json)"));
    if (path.isEmpty())
        return;
    const auto card = store::readSwatches(path.toStdString());
    if (!card)
        return m_desk.notices.fail(card.error());
    PaintBox box = *project().paintBox();
    int read = 0;
    for (const paint::Swatches& s : card->swatches)
        for (Tube& t : box.tubes) {
            if (t.pigment != s.paint)
                continue;
            const std::optional<paint::Reading>* from[]
                = {&s.masstone, &s.tint2, &s.tint10, &s.overWhite, &s.overBlack};
            for (int k = 0; k < paint::kPatchKinds; ++k)
                if (*from[k]) {
                    const colour::ExactLab& lab = (*from[k])->lab;
                    patchOf(t.card, paint::PatchKind(k)) = {true, {lab.L, lab.a, lab.b}};
                    ++read;
                }
            t.card.noise = card->sigmaLab;
            if (s.wetUm > 0)
                t.card.wetUm = s.wetUm;
            t.card.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
        }
    if (!read)
        return m_desk.notices.say(tr("None of its paints is in this box."));
    m_desk.edit(tr("Read the swatches"), edits::withPaintBox(project(), std::move(box)));
    m_desk.notices.say(tr("%n patches read.", nullptr, int(read)));
}

void SwatchPage::measure()
{
    const Tube* t = project().tube(m_desk.selection().tube);
    if (!t)
        return;
    constexpr double kWhite[] = {0, 2, 10};
    m_reader.layOn(t->pigment, kWhite[std::clamp(m_kind, 0, 2)]);
    const auto r = m_reader.read();
    if (!r)
        return m_desk.notices.fail(r.error());
    set(t->id, paint::PatchKind(m_kind), r->lab, m_reader.noise());
}

void SwatchPage::set(int tube, paint::PatchKind kind, const colour::ExactLab& lab, double noise)
{
    const Tube* was = project().tube(tube);
    if (!was)
        return;
    Tube t = *was;
    patchOf(t.card, kind) = {true, {lab.L, lab.a, lab.b}};
    t.card.noise = noise;
    t.card.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    m_desk.edit(tr("Enter a swatch"), edits::withTube(project(), t));
}

} // namespace rl::app
