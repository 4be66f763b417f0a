#include "app/stations/gather_station.h"
#include "app/importer.h"
#include "app/theme/theme.h"
#include "app/widgets/film_picker.h"
#include "core/project/edits.h"
#include "core/project/ledger.h"
#include "store/picture_reader.h"
#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QToolButton>
#include <QWidgetAction>

namespace rl::app {

namespace {
QStringList roleNames()
{
    return {GatherStation::tr("whole figure"), GatherStation::tr("face"), GatherStation::tr("pose"),
        GatherStation::tr("light"), GatherStation::tr("texture"), GatherStation::tr("pattern"),
        GatherStation::tr("palette"), GatherStation::tr("place")};
}

QPushButton* button(const QString& text, const QString& name, const QString& tip)
{
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    b->setToolTip(tip);
    return b;
}

QString kelvinText(double kelvin)
{
    return kelvin > 0 ? QString("%1 K").arg(std::lround(kelvin / 50) * 50) : GatherStation::tr("no daylight colour");
}

/// The same lines for every picture, so that two can be read across.
QStringList figuresOf(const gather::PictureMeasure& m)
{
    const QString light = m.light.confidence < 0.25
        ? GatherStation::tr("lit flat, cannot tell")
        : GatherStation::tr("lit from %1°, %2° %3 (confidence %4)")
              .arg(m.light.azimuth, 0, 'f', 0)
              .arg(std::abs(m.light.elevation), 0, 'f', 0)
              .arg(m.light.elevation < 0 ? GatherStation::tr("from behind") : GatherStation::tr("towards you"))
              .arg(m.light.confidence, 0, 'f', 2);
    return {light,
        m.light.confidence < 0.25 ? GatherStation::tr("softness: cannot tell")
                                  : GatherStation::tr("shade holds %1 % of the light").arg(100 * m.softness, 0, 'f', 0),
        GatherStation::tr("light %1, shade %2").arg(kelvinText(m.lightKelvin), kelvinText(m.shadeKelvin)),
        GatherStation::tr("L* %1 to %2").arg(m.darkL, 0, 'f', 0).arg(m.lightL, 0, 'f', 0),
        GatherStation::tr("edges %1, grain L* %2")
            .arg(m.sharpness > 0 ? QString("%1 px").arg(m.sharpness, 0, 'f', 1) : GatherStation::tr("too few"))
            .arg(m.noise, 0, 'f', 2),
        m.eyeConfidence < 0.25 ? GatherStation::tr("eye level: too few straight lines to tell")
                               : GatherStation::tr("eye level %1 % from its top").arg(100 * m.eyeLevel, 0, 'f', 0)};
}
} // namespace

GatherStation::GatherStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_centre(new QStackedWidget)
    , m_wall(new ReferenceWall)
    , m_compare(new CompareView)
    , m_fit(new FitChart)
    , m_about(new QLabel)
    , m_measure(new QLabel)
    , m_credit(new QLineEdit)
    , m_source(new QLineEdit)
    , m_notes(new QLineEdit)
    , m_heap(new QLineEdit)
    , m_permission(new QComboBox)
    , m_horizon(numberField("backdropHorizon", "%", 2, 98, 1, 1,
          tr("Where the horizon lies in the backdrop, from its top. It is laid on the horizon of your stage.")))
{
    m_centre->addWidget(m_wall);
    m_centre->addWidget(m_compare);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(14);
    columns->addWidget(buildRecord(), 5);
    columns->addWidget(buildMeasures(), 4);
    columns->addWidget(m_fit, 5);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 16, 6);
    layout->setSpacing(6);
    layout->addWidget(buildActions());
    layout->addLayout(columns, 1);
    connectWall();
}

QWidget* GatherStation::buildActions()
{
    auto* bar = new QWidget;
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    auto* bring = button(tr("Bring in pictures…"), "bringPictures",
        tr("JPEG, PNG, TIFF, WebP, HEIC, camera raw or SVG; you can also drop files or folders on the wall, or paste "
           "(Ctrl+V)"));
    bring->setProperty("main", true);
    auto* folder = button(tr("A folder…"), "bringFolder", tr("Every picture in a folder at once"));
    auto* still = button(tr("A still…"), "bringStill",
        tr("Picks a frame out of a video clip; the sharpest near the moment are offered"));
    auto* pasteButton = button(tr("Paste"), "paste", tr("Brings in the picture that was copied elsewhere"));
    m_cut = button(tr("Cut from it"), "cutFrom", tr("Takes it to Cut, to outline something in it"));
    m_backdrop = button(tr("Backdrop"), "useBackdrop",
        tr("Lays it behind the scene, its horizon on yours; sky and ground light are taken from it"));
    m_lead
        = button(tr("Lead"), "makeLead", tr("Holds all others against this picture; otherwise against the backdrop"));
    m_side = button(tr("Side by side"), "sideBySide",
        tr("Compares the held picture with a second one: Ctrl+click it on the wall or in the ranking"));
    m_side->setCheckable(true);
    m_study = button(tr("Study it"), "study",
        tr("Opens it as a work of its own, to take apart where its lines meet and what it is read by"));
    auto* ledger = button(tr("Ledger…"), "ledger", tr("All credits and permissions as a table (CSV)"));
    m_away = button(tr("Take down"), "takeDown", tr("Takes it off the wall, with what was cut from it"));
    for (QWidget* w : std::initializer_list<QWidget*>{bring, folder, still, pasteButton})
        row->addWidget(w);
    row->addStretch(1);
    for (QWidget* w : std::initializer_list<QWidget*>{m_cut, m_backdrop, m_lead, m_side, m_study, m_away, ledger})
        row->addWidget(w);
    connect(bring, &QPushButton::clicked, this, &GatherStation::chooseFiles);
    connect(folder, &QPushButton::clicked, this, &GatherStation::chooseFolder);
    connect(still, &QPushButton::clicked, this, &GatherStation::chooseStill);
    connect(pasteButton, &QPushButton::clicked, this, &GatherStation::paste);
    connect(ledger, &QPushButton::clicked, this, &GatherStation::writeLedger);
    return bar;
}

QWidget* GatherStation::buildRecord()
{
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(5);
    const auto field = [&](QLineEdit* edit, const QString& name, const QString& hint, const QString& tip) {
        edit->setObjectName(name);
        edit->setPlaceholderText(hint);
        edit->setToolTip(tip);
        edit->setAccessibleName(hint);
        connect(edit, &QLineEdit::editingFinished, this, &GatherStation::applyRecord);
    };
    field(m_credit, "credit", tr("who made it"), tr("Who made the picture: it goes on the finished record"));
    field(m_source, "source", tr("where from"), tr("Where it was found, to find it again"));
    field(m_notes, "notes", tr("notes"), tr("Anything worth remembering: “only the hands”"));
    field(m_heap, "heap", tr("heap"),
        tr("Names the heap that the chosen pictures lie in; empty takes them out of theirs"));
    m_permission->setObjectName("permission");
    m_permission->setEditable(true);
    m_permission->addItems(
        {tr("to be asked"), tr("own"), tr("by permission of "), tr("free licence"), tr("study only")});
    m_permission->setToolTip(tr("Whether you may use it; “by permission of …” takes a name"));
    m_permission->setMinimumWidth(120);
    grid->addWidget(m_about, 0, 0, 1, 4);
    grid->addWidget(m_credit, 1, 0, 1, 2);
    grid->addWidget(m_permission, 1, 2, 1, 2);
    grid->addWidget(m_source, 2, 0, 1, 2);
    grid->addWidget(m_heap, 2, 2, 1, 2);
    grid->addWidget(m_notes, 3, 0, 1, 4);
    const QStringList names = roleNames();
    for (int i = 0; i < kRoleCount; ++i) {
        auto* chip = new QToolButton;
        chip->setText(names[i]);
        chip->setObjectName(QString("role%1").arg(i));
        chip->setCheckable(true);
        chip->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        chip->setToolTip(tr("What this picture is for: %1").arg(names[i]));
        connect(chip, &QToolButton::toggled, this, [this, i](bool on) { applyRole(i, on); });
        grid->addWidget(chip, 4 + i / 4, i % 4);
        m_roles.push_back(chip);
    }
    grid->setRowStretch(6, 1);
    return box;
}

QWidget* GatherStation::buildWord()
{
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    const auto line
        = [&](int row, Word& w, const QString& name, const QString& what, QDoubleSpinBox* a, QDoubleSpinBox* b) {
              w = {new QCheckBox(what), a, b};
              w.set->setObjectName(name);
              w.set->setToolTip(tr("Your word counts in place of what was measured"));
              grid->addWidget(w.set, row, 0);
              grid->addWidget(a, row, 1);
              if (b)
                  grid->addWidget(b, row, 2);
              connect(w.set, &QCheckBox::toggled, this, &GatherStation::applyWord);
              connect(a, &QDoubleSpinBox::valueChanged, this, &GatherStation::applyWord);
              if (b)
                  connect(b, &QDoubleSpinBox::valueChanged, this, &GatherStation::applyWord);
          };
    line(0, m_wordLight, "wordLight", tr("the light comes from"),
        numberField(
            "wordAzimuth", "°", 0, 359, 0, 5, tr("In the picture, counter-clockwise from the right: 90 = from above")),
        numberField("wordElevation", "° up", -90, 90, 0, 5, tr("Towards you; negative = from behind")));
    line(1, m_wordSoft, "wordSoft", tr("its shade holds"),
        numberField(
            "wordSoftness", "% of the light", 0, 100, 0, 5, tr("0 = one hard light, 100 = light from everywhere")),
        nullptr);
    line(2, m_wordKelvin, "wordKelvin", tr("its light is"),
        numberField(
            "wordKelvinValue", "K", 1000, 25000, 0, 100, tr("Colour temperature: 2000 candle, 5500 sun, 9000 shade")),
        nullptr);
    line(3, m_wordEye, "wordEye", tr("its eye level lies"),
        numberField("wordEyeLevel", "% from its top", -500, 500, 0, 1, tr("Where the horizon would be in the picture")),
        nullptr);
    return box;
}

QWidget* GatherStation::buildMeasures()
{
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    m_measure->setObjectName("measure");
    m_measure->setWordWrap(true);
    m_measure->setTextFormat(Qt::RichText);
    auto* word = new QPushButton(tr("My word against it…"));
    word->setObjectName("overrule");
    word->setToolTip(tr("Where you know better than the measurement"));
    auto* menu = new QMenu(word);
    auto* action = new QWidgetAction(menu);
    action->setDefaultWidget(buildWord());
    menu->addAction(action);
    word->setMenu(menu);
    column->addWidget(m_measure, 1);
    auto* row = new QHBoxLayout;
    row->addWidget(word);
    row->addWidget(new QLabel(tr("Backdrop's horizon")));
    row->addWidget(m_horizon);
    row->addStretch(1);
    column->addLayout(row);
    return box;
}

void GatherStation::connectWall()
{
    connect(m_wall, &ReferenceWall::held, &work, [this](int id) { work.holdReference(id); });
    connect(m_wall, &ReferenceWall::openWanted, &work, [this](int id) { emit work.cutWanted(id); });
    connect(m_wall, &ReferenceWall::filesDropped, &work, [this](const QStringList& f) { emit work.importWanted(f); });
    connect(m_wall, &ReferenceWall::chosenChanged, this, [this] {
        for (const int id : m_wall->chosen())
            if (id != work.reference())
                m_second = id;
        refresh();
    });
    connect(m_wall, &ReferenceWall::moved, this, [this](const auto& places, const QString& heap) {
        Project after = project();
        for (Reference& r : after.references)
            for (const auto& [id, at] : places)
                if (r.id == id) {
                    r.hung = true;
                    r.wallAt = at;
                    if (!heap.isEmpty())
                        r.heap = heap.toStdString();
                }
        work.document.edit(tr("Pin it on the wall"), std::move(after));
    });
    connect(m_fit, &FitChart::held, &work, [this](int id) { work.holdReference(id); });
    connect(m_fit, &FitChart::secondWanted, this, [this](int id) {
        m_second = id;
        m_side->setChecked(true);
        refresh();
    });
    connect(m_side, &QPushButton::toggled, this, [this] { refresh(); });
    connect(m_cut, &QPushButton::clicked, this, [this] { emit work.cutWanted(work.reference()); });
    connect(m_study, &QPushButton::clicked, this, [this] { emit work.studyWanted(work.reference()); });
    connect(m_permission, &QComboBox::activated, this, &GatherStation::applyRecord);
    connect(m_permission->lineEdit(), &QLineEdit::editingFinished, this, &GatherStation::applyRecord);
    connect(m_backdrop, &QPushButton::clicked, this, [this] {
        Backdrop b = project().backdrop;
        b.reference = work.reference();
        if (const auto* m = work.wall.measure(b.reference); m && m->eyeConfidence >= 0.5)
            b.horizon = m->eyeLevel;
        work.document.edit(tr("Choose the backdrop"), edits::withBackdrop(project(), b));
    });
    connect(m_lead, &QPushButton::clicked, this, [this] {
        Project after = project();
        after.lead = after.lead == work.reference() ? 0 : work.reference();
        work.document.edit(tr("Choose the lead picture"), std::move(after));
    });
    connect(m_horizon, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        Backdrop b = project().backdrop;
        b.horizon = v / 100;
        work.document.edit(tr("Say where the backdrop's horizon lies"), edits::withBackdrop(project(), b));
    });
    connect(m_away, &QPushButton::clicked, this, [this] {
        if (const Reference* r = project().reference(work.reference()))
            work.document.edit(tr("Take a picture off the wall"), edits::withoutReference(project(), r->id));
    });
}

gather::Shapes GatherStation::shapes() const
{
    gather::Shapes all;
    for (const Cutout& c : project().cutouts)
        all[c.id] = work.light.surfaces().shape(c);
    return all;
}

int GatherStation::lead() const
{
    return project().lead ? project().lead : project().backdrop.reference;
}

void GatherStation::chooseFiles()
{
    QSettings settings;
    const QStringList files = QFileDialog::getOpenFileNames(m_centre, tr("Bring in pictures"),
        settings.value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Pictures (%1);;All files (*)").arg(pictureEndings().join(' ')));
    if (files.isEmpty())
        return;
    settings.setValue("lastPictureFolder", QFileInfo(files.first()).absolutePath());
    emit work.importWanted(files);
}

void GatherStation::chooseFolder()
{
    QSettings settings;
    const QString folder = QFileDialog::getExistingDirectory(
        m_centre, tr("Bring in a folder"), settings.value("lastPictureFolder", QDir::homePath()).toString());
    if (folder.isEmpty())
        return;
    settings.setValue("lastPictureFolder", folder);
    emit work.importWanted({folder});
}

void GatherStation::chooseStill()
{
    QSettings settings;
    const QString clip = QFileDialog::getOpenFileName(m_centre, tr("A video clip"),
        settings.value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Video clips (*.mp4 *.mov *.mkv *.avi *.webm *.m4v);;All files (*)"));
    if (clip.isEmpty())
        return;
    auto* picker = new FilmPicker(clip, m_centre);
    picker->setAttribute(Qt::WA_DeleteOnClose);
    connect(picker, &FilmPicker::picked, &work, [this](const QString& file) { emit work.importWanted({file}); });
    connect(picker, &FilmPicker::failed, &work, [this](const QString& s) { emit work.notice(s); });
    picker->open();
}

void GatherStation::paste()
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    QStringList files = localFiles(*mime);
    if (files.isEmpty() && mime->hasImage()) {
        const QString path = QDir::temp().filePath(QString("pasted-%1.png").arg(QDateTime::currentMSecsSinceEpoch()));
        if (qvariant_cast<QImage>(mime->imageData()).save(path))
            files << path;
    }
    if (files.isEmpty())
        emit work.notice(tr("There is no picture to paste."));
    else
        emit work.importWanted(files);
}

void GatherStation::writeLedger()
{
    const QString path = QFileDialog::getSaveFileName(
        m_centre, tr("The ledger of credits"), QDir::homePath() + "/" + tr("ledger.csv"), tr("Tables (*.csv)"));
    if (path.isEmpty())
        return;
    const std::string csv = ledgerCsv(project());
    const auto written
        = store::writeFile(path.toStdString(), {reinterpret_cast<const unsigned char*>(csv.data()), csv.size()});
    emit work.notice(written ? tr("The ledger is written: %1 pictures.").arg(project().references.size())
                             : QString::fromStdString(written.error().sentence));
}

void GatherStation::changeHeld(const QString& text, const std::function<void(Reference&)>& change)
{
    const Reference* r = project().reference(work.reference());
    if (!r || m_filling)
        return;
    Reference after = *r;
    change(after);
    work.document.edit(text, edits::withReference(project(), std::move(after)));
}

void GatherStation::applyRecord()
{
    const Reference* r = project().reference(work.reference());
    if (!r || m_filling)
        return;
    const auto said = [](const QString& s) { return s.trimmed().toStdString(); };
    std::string permission = said(m_permission->currentText());
    if (permission == tr("to be asked").toStdString())
        permission.clear();
    if (said(m_heap->text()) != r->heap) {
        Project after = project();
        for (Reference& x : after.references)
            if (m_wall->chosen().contains(x.id)) {
                x.heap = said(m_heap->text());
                x.hung = false; // the heap finds its own place
            }
        return work.document.edit(tr("Lay pictures in a heap"), std::move(after));
    }
    if (said(m_credit->text()) == r->credit && permission == r->permission && said(m_source->text()) == r->source
        && said(m_notes->text()) == r->notes)
        return;
    changeHeld(tr("Credit a picture"), [&](Reference& x) {
        x.credit = said(m_credit->text());
        x.permission = permission;
        x.source = said(m_source->text());
        x.notes = said(m_notes->text());
    });
}

void GatherStation::applyRole(int role, bool on)
{
    changeHeld(tr("Say what a picture is for"),
        [=](Reference& r) { r.roles = on ? r.roles | 1U << role : r.roles & ~(1U << role); });
}

void GatherStation::applyWord()
{
    const Reference* r = project().reference(work.reference());
    if (!r || m_filling)
        return;
    Overrule o = r->overrule;
    o.lightSet = m_wordLight.set->isChecked();
    o.light = {m_wordLight.a->value(), m_wordLight.b->value(), 1};
    o.softnessSet = m_wordSoft.set->isChecked();
    o.softness = m_wordSoft.a->value() / 100;
    o.kelvinSet = m_wordKelvin.set->isChecked();
    o.kelvin = m_wordKelvin.a->value();
    o.eyeLevelSet = m_wordEye.set->isChecked();
    o.eyeLevel = m_wordEye.a->value() / 100;
    if (!(o == r->overrule))
        changeHeld(tr("Say what the picture's light is"), [&](Reference& x) { x.overrule = o; });
}

void GatherStation::refresh()
{
    const Project& p = project();
    if (!p.reference(work.reference()) && !p.references.empty()) {
        work.holdReference(p.references.front().id);
        return;
    }
    if (!p.reference(m_second))
        m_second = 0;
    m_filling = true;
    const Reference* r = p.reference(work.reference());
    showWall();
    showRecord(r);
    showMeasures(r);
    showFit();
    showComparison();
    m_filling = false;
}

void GatherStation::showWall()
{
    const Project& p = project();
    std::set<int> alike;
    for (const gather::Twins& t : gather::twinsOf(p, work.wall.likeness()))
        alike.insert(t.second);
    std::vector<ReferenceWall::Picture> pictures;
    for (const Reference& r : p.references) {
        ReferenceWall::Picture w;
        w.id = r.id;
        w.small = work.wall.small(r);
        w.name = QString::fromStdString(r.name);
        w.heap = QString::fromStdString(r.heap);
        w.pixels = {r.pixels.width(), r.pixels.height()};
        w.second = QString("%1 × %2 px · %3")
                       .arg(r.pixels.width())
                       .arg(r.pixels.height())
                       .arg(r.credit.empty() ? tr("no credit yet") : QString::fromStdString(r.credit));
        w.hung = r.hung;
        w.at = r.wallAt;
        w.badge = p.backdrop.reference == r.id ? tr("backdrop")
            : p.lead == r.id                   ? tr("lead")
            : alike.contains(r.id)             ? tr("twin")
                                               : QString();
        w.warning = used(p, r.id) && (r.credit.empty() || r.permission.empty());
        if (const auto* m = work.wall.measure(r.id)) {
            w.measured = true;
            w.azimuth = m->light.azimuth;
            w.confidence = m->light.confidence;
        }
        pictures.push_back(std::move(w));
    }
    m_wall->show(std::move(pictures), work.reference());
}

void GatherStation::showRecord(const Reference* r)
{
    for (QWidget* w : std::initializer_list<QWidget*>{
             m_credit, m_source, m_notes, m_heap, m_permission, m_backdrop, m_lead, m_cut, m_study, m_away})
        w->setEnabled(r != nullptr);
    m_horizon->setEnabled(project().backdrop.reference != 0);
    setQuietly(m_horizon, 100 * project().backdrop.horizon);
    for (int i = 0; i < kRoleCount; ++i) {
        m_roles[std::size_t(i)]->setEnabled(r != nullptr);
        const QSignalBlocker quiet(m_roles[std::size_t(i)]);
        m_roles[std::size_t(i)]->setChecked(r && r->is(Role(i)));
    }
    if (!r) {
        m_about->setText(tr("The wall is empty: bring in what you want to paint from."));
        return;
    }
    const gather::Size size = gather::sizeOnCanvas(project(), *r, shapes());
    const double need = gather::enoughPixels(project(), *r);
    m_about->setText(QString("<b>%1</b> · %2 × %3 px · %4 px/cm at %5 cm%6, %7 are enough")
                         .arg(QString::fromStdString(r->name).toHtmlEscaped())
                         .arg(r->pixels.width())
                         .arg(r->pixels.height())
                         .arg(size.pixelsPerCm, 0, 'f', 0)
                         .arg(size.heightCm, 0, 'f', 0)
                         .arg(size.guessed ? tr(" (a guess)") : QString())
                         .arg(need, 0, 'f', 0));
    const auto fill = [](QLineEdit* edit, const std::string& text) {
        if (!edit->hasFocus())
            edit->setText(QString::fromStdString(text));
    };
    fill(m_credit, r->credit);
    fill(m_source, r->source);
    fill(m_notes, r->notes);
    fill(m_heap, r->heap);
    const QSignalBlocker quiet(m_permission);
    if (!m_permission->hasFocus())
        m_permission->setCurrentText(r->permission.empty() ? tr("to be asked") : QString::fromStdString(r->permission));
    const QString lead = project().lead == r->id ? tr("Lead no more") : tr("Lead");
    m_lead->setText(lead);
}

void GatherStation::showMeasures(const Reference* r)
{
    const auto* m = r ? work.wall.measure(r->id) : nullptr;
    if (!m) {
        m_measure->setText(r ? tr("Measuring… %1 pictures to go").arg(work.wall.missing()) : QString());
        return;
    }
    QString html = figuresOf(*m).join("<br>") + "<br>";
    if (!m->palette.empty()) {
        html += "<table cellspacing='0' cellpadding='0'><tr>";
        for (const gather::Swatch& s : m->palette)
            html += QString("<td width='%1' height='14' bgcolor='%2'></td>")
                        .arg(std::max(4, int(240 * s.share)))
                        .arg(QColor(s.colour.r, s.colour.g, s.colour.b).name());
        html += "</tr></table>";
    }
    m_measure->setText(html);
    const auto word = [](Word& w, bool set, double a, double b) {
        const QSignalBlocker quiet(w.set);
        w.set->setChecked(set);
        setQuietly(w.a, a);
        if (w.b)
            setQuietly(w.b, b);
    };
    const Overrule& o = r->overrule;
    word(m_wordLight, o.lightSet, o.lightSet ? o.light.azimuth : m->light.azimuth,
        o.lightSet ? o.light.elevation : m->light.elevation);
    word(m_wordSoft, o.softnessSet, 100 * m->softness, 0);
    word(m_wordKelvin, o.kelvinSet, m->lightKelvin > 0 ? m->lightKelvin : 5500, 0);
    word(m_wordEye, o.eyeLevelSet, 100 * m->eyeLevel, 0);
}

void GatherStation::showFit()
{
    const Project& p = project();
    std::vector<FitChart::Row> rows;
    for (gather::Candidate& c : gather::ranked(p, lead(), work.wall.measures(), shapes())) {
        const QString name = QString::fromStdString(p.reference(c.reference)->name);
        rows.push_back({std::move(c), name});
    }
    const Reference* r = p.reference(lead());
    m_fit->show(
        r ? tr("To fit “%1” would take").arg(QString::fromStdString(r->name)) : tr("To fit the stage's sun would take"),
        std::move(rows), work.reference(), m_side->isChecked() ? m_second : 0);
}

void GatherStation::showComparison()
{
    const Project& p = project();
    if (m_second == work.reference())
        m_second = 0;
    if (!m_second) // the lead, or the first other picture
        for (const Reference& r : p.references)
            if (r.id != work.reference() && (m_second == 0 || r.id == lead()))
                m_second = r.id;
    m_side->setEnabled(m_second != 0);
    const bool compare = m_side->isChecked() && m_second;
    m_centre->setCurrentWidget(compare ? static_cast<QWidget*>(m_compare) : m_wall);
    if (!compare)
        return;
    const auto ranking = gather::ranked(p, lead(), work.wall.measures(), shapes());
    const auto side = [&](int id) {
        CompareView::Side s;
        const Reference* r = p.reference(id);
        s.image = work.wall.small(*r);
        s.title = QString::fromStdString(r->name);
        if (const auto* m = work.wall.measure(id)) {
            s.figures = figuresOf(*m);
            for (const gather::Swatch& w : m->palette) {
                s.palette.emplace_back(w.colour.r, w.colour.g, w.colour.b);
                s.shares.push_back(w.share);
            }
        }
        for (const gather::Candidate& c : ranking)
            if (c.reference == id) {
                s.mirrored = c.mirrored;
                s.figures << tr("would take %1 to fit, most of it %2")
                                 .arg(c.cost, 0, 'f', 1)
                                 .arg(c.reasons.empty() ? tr("nothing")
                                                        : QString::fromStdString(c.reasons.front().what));
            }
        return s;
    };
    m_compare->show(side(work.reference()), side(m_second));
}

} // namespace rl::app
