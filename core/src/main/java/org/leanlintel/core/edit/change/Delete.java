package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.Worded;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.note.Pointed;

/**
 * Deletes elements with what cannot stand without them: a wall takes its openings, a drawing its notes and strings. A
 * wall that stood on a deleted wall keeps its length with a free end; a string loses the points that held to it.
 */
public record Delete(List<ElementId> elements) implements Edit {

    public Delete {
        elements = List.copyOf(elements);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(elements);
    }

    @Override
    public Outcome on(Building building) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        List<Element> asked = elements.stream()
                .map(id -> building.model().get(id, Element.class))
                .toList();
        for (Element e : asked) {
            if (e instanceof Storey && building.model().all(Storey.class).size() == 1)
                return Refusal.because("A house has one storey at least.", e.id());
        }
        return new Removal(building).of(asked);
    }

    private static final class Removal {

        private final Building building;
        private final Model model;
        private final NewIds ids;
        private final Set<ElementId> gone = new LinkedHashSet<>();
        private final Map<ElementId, Element> put = new LinkedHashMap<>();

        Removal(Building building) {
            this.building = building;
            model = building.model();
            ids = new NewIds(model);
        }

        Change of(List<Element> asked) {
            asked.forEach(this::remove);
            model.all(Wall.class).stream().filter(w -> gone.contains(w.id())).forEach(this::freeWhatStandsOn);
            model.all(Fitting.class).forEach(this::freeFitting);
            removeBareCorners();
            model.all(KeptGap.class).stream()
                    .filter(k -> gone.contains(k.gap().wall())
                            || gone.contains(k.gap().other()))
                    .forEach(this::remove);
            model.all(DimensionString.class).forEach(this::releaseHolds);
            model.all(Dimension.class).stream()
                    .filter(d -> !d.holds().stream().allMatch(this::stays))
                    .forEach(this::remove);
            Pointing.all(model).forEach(this::releaseTargets);
            model.all(Sheet.class).forEach(this::unplaceDrawings);
            model.all(Lens.class).forEach(this::forgetLayers);
            model.all(Drawing.class).forEach(this::forgetPlans);
            for (Class<? extends Element> kind : List.of(Room.class, Opening.class, Fitting.class))
                model.all(kind).forEach(this::forgetPlaces);
            closeUp();
            return Change.to(model, "delete " + Naming.of(asked), put.values(), gone);
        }

        private void remove(Element element) {
            gone.add(element.id());
            switch (element) {
                case Wall w -> {
                    model.relations().openingsIn(w.id()).forEach(this::remove);
                    model.relations().piecesOn(w.id()).forEach(this::remove);
                    removeFootings(new Footing.UnderWall(w.id()));
                }
                case Opening o ->
                    model.all(OutsideSteps.class).stream()
                            .filter(s -> s.opening().equals(o.id()))
                            .forEach(this::remove);
                case Storey s ->
                    model.elements().stream()
                            .filter(e ->
                                    !gone.contains(e.id()) && References.to(e).contains(s.id()))
                            .forEach(this::remove);
                case Stair s -> removeDrawingsOf(s.id());
                case SectionLine l -> removeDrawingsOf(l.id());
                case Drawing d -> model.relations().annotationsOf(d.id()).forEach(this::remove);
                case WallPiece p -> {}
                case Post p -> removeFootings(new Footing.UnderPost(p.id()));
                case Footing f -> {}
                case SpotLevel l -> {}
                case Room r -> removeDrawingsOf(r.id());
                case RoomLimit l -> {}
                case ConstructionLine c -> {}
                case Ruled r -> {}
                case Fitting f -> {}
                case Floor f -> {}
                case FloorVoid v -> {}
                case Roof r -> {
                    model.all(RoofPart.class).stream()
                            .filter(p -> p.roof().equals(r.id()) && !gone.contains(p.id()))
                            .forEach(this::remove);
                    model.all(Truss.class).stream()
                            .filter(t -> t.roof().equals(r.id()) && !gone.contains(t.id()))
                            .forEach(this::remove);
                }
                case RoofPart p -> {}
                case Truss t -> removeDrawingsOf(t.id());
                case OutsideSteps s -> {}
                case Annotation a -> {}
                case Corner c -> {}
                case Tracing t -> {}
                case Element.Apart a -> {}
            }
        }

        private void removeDrawingsOf(ElementId one) {
            for (Drawing d : model.all(Drawing.class))
                if (d.subject() instanceof Drawing.One of && of.element().equals(one)) remove(d);
        }

        private void freeWhatStandsOn(Wall host) {
            for (WallEndRef ref : model.relations().endsOn(host.id())) {
                Strip strip = building.strip(ref.wall().id());
                if (gone.contains(ref.wall().id()) || strip == null) continue;
                Corner corner =
                        Corner.at(ids.next(), ref.wall().storey(), strip.axis().at(ref.end()));
                put.put(corner.id(), corner);
                Wall now = (Wall) put.getOrDefault(ref.wall().id(), ref.wall());
                put.put(now.id(), now.withEnd(ref.end(), new WallEnd.AtCorner(corner.id())));
            }
        }

        private void removeFootings(Footing.Under under) {
            model.all(Footing.class).stream()
                    .filter(f -> f.under().equals(under) && !gone.contains(f.id()))
                    .forEach(this::remove);
        }

        /** A fitting on a wall that goes stands free where it is. */
        private void freeFitting(Fitting f) {
            boolean loses = f.seat() instanceof Fitting.OnWall seat && gone.contains(seat.wall());
            if (!loses || gone.contains(f.id())) return;
            if (PlacedFitting.of(f, building) instanceof PlacedFitting placed) put.put(f.id(), placed.freed());
            else gone.add(f.id());
        }

        private void removeBareCorners() {
            for (Corner corner : model.all(Corner.class)) {
                boolean bare = model.relations().endsAt(corner.id()).stream()
                        .allMatch(ref -> gone.contains(ref.wall().id()));
                if (bare) gone.add(corner.id());
                else if (corner.meeting() instanceof Meeting.Through t && gone.contains(t.wall()))
                    put.put(corner.id(), corner.decided(new Meeting.ByRule()));
            }
        }

        private void releaseHolds(DimensionString string) {
            if (gone.contains(string.id())) return;
            if (string.holds().stream().allMatch(this::stays)) return;
            List<Hold> known = new ArrayList<>();
            for (Hold h : string.holds()) if (stays(h) || lost(h, string) != null) known.add(h);
            boolean holds = known.stream().anyMatch(this::stays);
            if (!holds || known.size() < 2) {
                gone.add(string.id());
                return;
            }
            put.put(
                    string.id(),
                    string.through(string.at(), known)
                            .holding(h -> stays(h) ? h : Objects.requireNonNull(lost(h, string))));
        }

        /** Where a point was that held to what goes, on the side of it that faces the string; null where it was nowhere. */
        private @Nullable Hold lost(Hold hold, DimensionString string) {
            HeldPoints.Held held = HeldPoints.of(hold, string, building);
            if (held == null) return null;
            Vec along = string.direction(), across = along.left();
            double aside = Math.clamp(string.at().dot(across), held.reachFrom(), held.reachTo());
            return new Hold.Lost(along.times(held.position()).along(across, aside));
        }

        private void releaseTargets(Pointing note) {
            if (gone.contains(note.id())) return;
            Pointed pointed = Pointed.in(model.get(note.drawing(), Drawing.class), building);
            List<Target> left = new ArrayList<>();
            for (Target t : note.leaders().targets()) {
                boolean loses = Pointed.thing(t) instanceof ElementId thing && gone.contains(thing);
                if (!loses) left.add(t);
                else if (pointed.at(t) instanceof Vec at) left.add(new Target.Lost(at));
            }
            if (!left.equals(note.leaders().targets()))
                put.put(note.id(), note.pointing(note.leaders().to(left)));
        }

        private boolean stays(Hold hold) {
            return switch (hold) {
                case Hold.AtPoint p -> true;
                case Hold.Lost l -> true;
                case Hold.AtCorner c -> !gone.contains(c.corner());
                case Hold.OnFace f -> !gone.contains(f.wall());
                case Hold.OnPiece p -> !gone.contains(p.piece());
                case Hold.AtJamb j -> !gone.contains(j.opening());
                case Hold.AtCentre c -> !gone.contains(c.opening());
                case Hold.OnFitting f -> !gone.contains(f.fitting());
                case Hold.AtFittingCorner f -> !gone.contains(f.fitting());
                case Hold.AtRiser r -> !gone.contains(r.stair());
                case Hold.BesideFlight b -> !gone.contains(b.stair());
                case Hold.OnGrid g -> !gone.contains(g.line());
                case Hold.AtLevel l -> !gone.contains(l.of());
            };
        }

        /** Storeys above one that goes come down by its height. */
        private void closeUp() {
            double down = 0;
            for (Storey s : StoreySpace.stack(model)) {
                if (gone.contains(s.id())) down += s.heightMm();
                else if (down > 0) put.put(s.id(), s.at(s.levelMm() - down));
            }
        }

        private void forgetPlans(Drawing drawing) {
            if (gone.contains(drawing.id())) return;
            List<ElementId> kept = new ArrayList<>(drawing.also());
            if (kept.removeAll(gone)) put.put(drawing.id(), drawing.with(kept));
        }

        private void forgetPlaces(Element thing) {
            if (gone.contains(thing.id()) || !(put.getOrDefault(thing.id(), thing) instanceof Worded worded)) return;
            WordsAt kept = worded.words().without(gone);
            if (!kept.equals(worded.words())) put.put(thing.id(), worded.worded(kept));
        }

        private void forgetLayers(Lens lens) {
            if (gone.contains(lens.id())) return;
            List<Lens.LayerShown> kept = new ArrayList<>(lens.layers());
            if (kept.removeIf(l -> gone.contains(l.layer()))) put.put(lens.id(), lens.showing(kept));
        }

        private void unplaceDrawings(Sheet sheet) {
            if (gone.contains(sheet.id())) return;
            List<Sheet.Placed> kept = new ArrayList<>(sheet.drawings());
            kept.removeIf(p -> gone.contains(p.drawing()));
            put.put(sheet.id(), sheet.with(kept));
        }
    }
}
