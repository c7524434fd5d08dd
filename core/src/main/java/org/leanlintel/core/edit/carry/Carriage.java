package org.leanlintel.core.edit.carry;

import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.Worded;
import org.leanlintel.core.model.WordsAt;

/**
 * What is taken along and where it goes, for those that carry each kind of thing.
 *
 * @param from where things are
 * @param into where they are put
 * @param meant from a storey, layer, drawing, build-up or material to what stands for it where things are carried to
 * @param walls that go along
 * @param ids what things are called where they are put
 * @param made what is put, in the order in which it is made
 */
record Carriage(
        Building from,
        Building into,
        UnaryOperator<ElementId> meant,
        Rigid movement,
        boolean copies,
        NewIds newIds,
        Marks marks,
        Set<ElementId> walls,
        Map<ElementId, ElementId> ids,
        Map<ElementId, Element> made) {

    /** What stands for something where things are carried to. */
    ElementId there(ElementId id) {
        return meant.apply(id);
    }

    /** Where words of something of a storey stand, as it counts places: in drawings of its own as well where it stays on its storey. */
    WordsAt words(Worded of, ElementId storey) {
        boolean stays = from.model() == into.model() && there(storey).equals(storey);
        return stays ? of.words() : of.words().alone();
    }

    boolean takes(ElementId wall) {
        return walls.contains(wall);
    }

    void take(Wall wall) {
        walls.add(wall.id());
        idOf(wall);
    }

    /** What a wall that {@link #takes is taken} is called where it is put. */
    ElementId taken(ElementId wall) {
        return Objects.requireNonNull(ids.get(wall));
    }

    /** What something is called where it is put; null where it has not been carried so far. */
    @Nullable
    ElementId carried(ElementId id) {
        return ids.get(id);
    }

    ElementId idOf(Element e) {
        return ids.computeIfAbsent(e.id(), id -> copies ? newIds.next() : id);
    }

    void goesBy(ElementId id, ElementId there) {
        ids.put(id, there);
    }

    ElementId newId() {
        return newIds.next();
    }

    /** What marks begin with where things are put. */
    MarkLetters letters() {
        return into.model().settings().letters();
    }

    /** Copies take the next free mark with a letter. */
    String mark(String letter, String was) {
        return copies ? marks.next(letter) : was;
    }

    void put(Element e) {
        made.put(e.id(), e);
    }
}
