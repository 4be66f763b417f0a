#include "core/project/painting_edits.h"
#include "core/project/edits.h"
#include <algorithm>

namespace rl {

const TaskOverride* Painting::word(const std::string& task) const
{
    const auto it = std::find_if(tasks.begin(), tasks.end(), [&](const TaskOverride& t) { return t.task == task; });
    return it == tasks.end() ? nullptr : &*it;
}

double Painting::toleranceOf(int element) const
{
    for (const Tolerance& t : tolerances)
        if (t.element == element)
            return t.times;
    return 1;
}

namespace edits {

namespace {
template <class T> void putById(std::vector<T>& items, T item, Project& p)
{
    if (!item.id)
        item.id = p.freshId();
    for (T& known : items)
        if (known.id == item.id) {
            known = std::move(item);
            return;
        }
    items.push_back(std::move(item));
}
template <class T> void dropById(std::vector<T>& items, int id)
{
    std::erase_if(items, [&](const T& t) { return t.id == id; });
}
} // namespace

Project withPainting(Project p, Painting painting)
{
    p.painting = std::move(painting);
    return p;
}

Project withTaskWord(Project p, TaskOverride word)
{
    for (TaskOverride& known : p.painting.tasks)
        if (known.task == word.task) {
            known = std::move(word);
            return p;
        }
    p.painting.tasks.push_back(std::move(word));
    return p;
}

Project withoutTaskWord(Project p, const std::string& task)
{
    std::erase_if(p.painting.tasks, [&](const TaskOverride& t) { return t.task == task; });
    return p;
}

Project withTaskDone(Project p, const std::string& task, bool done)
{
    TaskOverride w;
    if (const TaskOverride* known = p.painting.word(task))
        w = *known;
    w.task = task;
    w.done = done;
    return withTaskWord(std::move(p), w);
}

Project withOwnTask(Project p, TaskOverride word)
{
    word.task = "own:" + std::to_string(p.freshId());
    return withTaskWord(std::move(p), std::move(word));
}

Project withSitting(Project p, Sitting sitting)
{
    putById(p.painting.sittings, std::move(sitting), p);
    return p;
}

Project withoutSitting(Project p, int id)
{
    dropById(p.painting.sittings, id);
    return p;
}

Project withCanvasPhoto(Project p, Reference picture, CanvasPhoto photo)
{
    picture.id = p.freshId();
    picture.permission = Permission::Own;
    picture.credit = "own photograph";
    picture.heap = "canvas";
    photo.reference = picture.id;
    p.references.push_back(std::move(picture));
    putById(p.painting.photos, std::move(photo), p);
    return p;
}

Project withCanvasCorners(Project p, int photo, std::vector<Vec2> corners)
{
    for (CanvasPhoto& c : p.painting.photos)
        if (c.id == photo)
            c.corners = corners;
    return p;
}

Project withCanvasGrey(Project p, int photo, const Rect& card)
{
    for (CanvasPhoto& c : p.painting.photos)
        if (c.id == photo)
            c.grey = card;
    repair(p);
    return p;
}

Project withoutCanvasPhoto(Project p, int photo)
{
    int picture = 0;
    for (const CanvasPhoto& c : p.painting.photos)
        if (c.id == photo)
            picture = c.reference;
    dropById(p.painting.photos, photo);
    std::erase_if(p.painting.accepted, [&](const Accepted& a) { return a.photo == photo; });
    for (Decision& d : p.painting.decisions)
        if (d.photo == photo)
            d.photo = 0;
    return picture ? withoutReference(std::move(p), picture) : p;
}

Project withDecision(Project p, Decision decision)
{
    putById(p.painting.decisions, std::move(decision), p);
    return p;
}

Project withoutDecision(Project p, int id)
{
    dropById(p.painting.decisions, id);
    return p;
}

Project withAccepted(Project p, Accepted accepted)
{
    putById(p.painting.accepted, std::move(accepted), p);
    return p;
}

Project withoutAccepted(Project p, int id)
{
    dropById(p.painting.accepted, id);
    return p;
}

Project withTolerance(Project p, int element, double times)
{
    auto& all = p.painting.tolerances;
    std::erase_if(all, [&](const Tolerance& t) { return t.element == element; });
    if (times != 1)
        all.push_back({element, times});
    return p;
}

Project withSignature(Project p, Vec2 atCm)
{
    p.painting.signatureAt = atCm;
    return p;
}

} // namespace edits
} // namespace rl
