#include "app/frame/settings_page.h"
#include "app/theme/theme.h"
#include "core/project/papers.h"
#include <QComboBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

namespace rl::app {

SettingsPage::SettingsPage(QWidget* parent)
    : QDialog(parent)
    , m_rows(new QFormLayout(this))
{
    setObjectName("settings");
    setWindowTitle(tr("Settings"));
    m_rows->setSpacing(9);
    m_rows->setContentsMargins(20, 16, 20, 16);
    choice(
        "settingHour", tr("Window"), tr("Dark around the picture for working in the evening; the mats stay neutral"),
        {tr("linen, by day"), tr("dark, for the evening")}, [](const Settings& s) { return int(s.hour); },
        [](Settings& s, int i) { s.hour = theme::Hour(i); });
    choice(
        "settingMat", tr("Mat"), tr("The grey the picture lies on"), {tr("dark"), tr("middle"), tr("light")},
        [](const Settings& s) { return s.mat; }, [](Settings& s, int i) { s.mat = i; });
    number(
        "settingText", tr("Text"), tr("How large all words are"), tr(" %"), 80, 200, 5,
        [](const Settings& s) { return int(std::lround(100 * s.textScale)); },
        [](Settings& s, int v) { s.textScale = v / 100.0; });
    choice(
        "settingHand", tr("Brush hand"),
        tr("For the left, plans and findings stand left of the picture, and the fields under it begin at the right"),
        {tr("right"), tr("left")}, [](const Settings& s) { return int(s.leftHand); },
        [](Settings& s, int i) { s.leftHand = i == 1; });
    choice(
        "settingUnit", tr("New works in"), tr("The unit new works begin with; each can be changed at Brief"),
        {tr("centimetres"), tr("inches")}, [](const Settings& s) { return s.unit == LengthUnit::Inch ? 1 : 0; },
        [](Settings& s, int i) { s.unit = i ? LengthUnit::Inch : LengthUnit::Centimetre; });
    QStringList sheets;
    for (const Paper& p : papers())
        sheets << tr(p.name);
    choice(
        "settingPaper", tr("Paper"), tr("The sheet new works are printed on"), sheets,
        [](const Settings& s) { return int(paperOf(s.paper) - papers().data()); },
        [](Settings& s, int i) { s.paper = papers()[std::size_t(i)].name; });
    choice(
        "settingLanguage", tr("Language"), tr("Language of the program. Changes at the next start."),
        {"English", "Deutsch"}, [](const Settings& s) { return int(theme::languages().indexOf(s.language)); },
        [](Settings& s, int i) { s.language = theme::languages()[i]; });
    folder();
    number(
        "settingMemory", tr("Held in memory"),
        tr("Photographs and what is made of them, at most; more is quicker with many"), tr(" MB"), 64, 8000, 64,
        [](const Settings& s) { return s.memoryMb; }, [](Settings& s, int v) { s.memoryMb = v; });
    number(
        "settingDisk", tr("Kept in each work"),
        tr("Small copies and measures that can be made again, at most; the pictures themselves always stay"), tr(" MB"),
        5, 2000, 5, [](const Settings& s) { return s.diskMb; }, [](Settings& s, int v) { s.diskMb = v; });
    choice(
        "settingWhatNow", tr("What now"), tr("One line with a sensible next step"), {tr("say it"), tr("be silent")},
        [](const Settings& s) { return s.whatNow ? 0 : 1; }, [](Settings& s, int i) { s.whatNow = i == 0; });
    show(Settings::read());
}

void SettingsPage::change(const std::function<void(Settings&)>& set)
{
    Settings s = m_settings;
    set(s);
    if (s == m_settings)
        return;
    m_settings = s;
    emit changed(s);
}

void SettingsPage::choice(const char* name, const QString& label, const QString& tip, const QStringList& words,
    std::function<int(const Settings&)> get, std::function<void(Settings&, int)> set)
{
    auto* box = new QComboBox;
    box->setObjectName(name);
    box->setAccessibleName(label);
    box->setToolTip(tip);
    box->addItems(words);
    connect(box, &QComboBox::activated, this, [this, set](int i) { change([&](Settings& s) { set(s, i); }); });
    m_refresh.push_back([this, box, get] { box->setCurrentIndex(get(m_settings)); });
    m_rows->addRow(label, box);
}

void SettingsPage::number(const char* name, const QString& label, const QString& tip, const QString& unit, int low,
    int high, int step, std::function<int(const Settings&)> get, std::function<void(Settings&, int)> set)
{
    auto* box = new QSpinBox;
    box->setObjectName(name);
    box->setAccessibleName(label);
    box->setToolTip(tip);
    box->setRange(low, high);
    box->setSingleStep(step);
    box->setSuffix(unit);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons); // arrow keys and wheel do the same
    box->setKeyboardTracking(false);
    connect(box, &QSpinBox::valueChanged, this, [this, set](int v) { change([&](Settings& s) { set(s, v); }); });
    m_refresh.push_back([this, box, get] {
        const QSignalBlocker quiet(box);
        box->setValue(get(m_settings));
    });
    m_rows->addRow(label, box);
}

void SettingsPage::folder()
{
    auto* button = new QPushButton;
    button->setObjectName("settingFolder");
    button->setAccessibleName(tr("Works folder"));
    button->setToolTip(tr("Where new works are kept. Those already made stay where they are."));
    connect(button, &QPushButton::clicked, this, [this] {
        const QString chosen
            = QFileDialog::getExistingDirectory(this, tr("Where new works are kept"), m_settings.worksFolder);
        if (!chosen.isEmpty())
            change([&](Settings& s) { s.worksFolder = chosen; });
        show(m_settings);
    });
    m_refresh.push_back([this, button] {
        button->setText(button->fontMetrics().elidedText(m_settings.worksFolder, Qt::ElideMiddle, theme::px(260)));
    });
    m_rows->addRow(tr("Works folder"), button);
}

void SettingsPage::show(const Settings& settings)
{
    m_settings = settings;
    for (const auto& refresh : m_refresh)
        refresh();
}

} // namespace rl::app
