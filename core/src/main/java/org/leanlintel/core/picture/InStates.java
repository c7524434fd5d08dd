package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Wall;

/** Draws what stands already grey and what goes dashed, where a lens says so. */
public record InStates(Look look, Model model) {

    /** Of a plan, whose walls are painted by their states. */
    public List<Group> ofPlan(List<Group> groups) {
        List<Group> drawn = new ArrayList<>();
        for (Group g : groups) {
            Element element = model.find(g.element());
            drawn.add(element instanceof Wall ? g : of(g, element));
        }
        return drawn;
    }

    public List<Group> of(List<Group> groups) {
        return groups.stream().map(g -> of(g, model.find(g.element()))).toList();
    }

    private Group of(Group group, @Nullable Element element) {
        if (!(element instanceof InWork in)) return group;
        return switch (look.of(in.state())) {
            case FULL, HIDDEN -> group;
            case GREY -> with(group, Item::standing);
            case DASHED -> {
                Pen pen = Objects.requireNonNull(look.lens().pens().get(PenRole.REMOVED));
                yield with(group, item -> item.going(pen));
            }
        };
    }

    private static Group with(Group group, Function<Item, @Nullable Item> way) {
        List<Item> items =
                group.items().stream().map(way).filter(Objects::nonNull).toList();
        return new Group(group.element(), group.layer(), items, group.catches(), group.ground(), group.drawing());
    }
}
