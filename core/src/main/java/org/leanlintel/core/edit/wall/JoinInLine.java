package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Measuring;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Makes one wall of straight walls in line, of one build-up, whether they touch or leave room between them. It keeps the
 * id and the mark of the first in the order of ids; openings, pieces and walls that stand on any of them stay where they
 * are, and a wall that shared a corner between two stands on its side.
 */
public record JoinInLine(List<ElementId> walls) implements Edit {

    public JoinInLine {
        walls = List.copyOf(walls);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(walls);
    }

    @Override
    public Outcome on(Building building) {
        if (walls.size() < 2) return Refusal.because("Select two walls in line, or more.");
        List<Strip> strips = new ArrayList<>();
        for (ElementId id : walls) {
            Wall wall = building.model().get(id, Wall.class);
            if (building.strip(id) instanceof Strip strip) strips.add(strip);
            else return Refusal.because("%s has no length.".formatted(wall.mark()), id);
        }
        strips.sort(Comparator.comparing(s -> s.wall().id()));
        Strip first = strips.getFirst();
        for (Strip other : strips.subList(1, strips.size()))
            if (unlike(first, other) instanceof Refusal refusal) return refusal;
        return new Joining(building, strips).join();
    }

    private static @Nullable Refusal unlike(Strip one, Strip two) {
        Wall a = one.wall(), b = two.wall();
        Line line = one.axis().chord();
        boolean straight = a.isStraight() && b.isStraight();
        boolean inLine = straight
                && isOn(line, two.axis().start())
                && isOn(line, two.axis().end());
        if (!inLine) return Refusal.because("%s and %s are not in line.".formatted(a.mark(), b.mark()), a.id(), b.id());
        boolean sameWay = line.direction().dot(two.axis().chord().direction()) > 0;
        boolean alike = a.buildUp().equals(b.buildUp())
                && a.setOut().equals(b.setOut())
                && (a.outside() == b.outside()) == sameWay
                && a.rise().equals(b.rise())
                && a.state() == b.state();
        return alike
                ? null
                : Refusal.because(
                        "%s and %s are not alike: build-up, set-out line, outside, height and state must be the same."
                                .formatted(a.mark(), b.mark()),
                        a.id(),
                        b.id());
    }

    private static boolean isOn(Line line, Vec point) {
        return Math.abs(point.minus(line.through()).cross(line.direction())) <= Tolerance.SAME_MM;
    }

    private static final class Joining {

        private final Building building;
        private final Model model;
        private final List<Strip> strips;
        private final Wall kept;
        private final Line line;
        private final Map<ElementId, Element> put = new LinkedHashMap<>();
        private final List<ElementId> gone = new ArrayList<>();
        /** Where the joined wall will be seen to start and end, along the line of the one that is kept. */
        private final double from;

        private final double to;

        Joining(Building building, List<Strip> strips) {
            this.building = building;
            this.strips = strips;
            model = building.model();
            kept = strips.getFirst().wall();
            line = strips.getFirst().axis().chord();
            from = seen().min().orElseThrow();
            to = seen().max().orElseThrow();
        }

        private DoubleStream seen() {
            return strips.stream()
                    .flatMapToDouble(s -> DoubleStream.of(
                            place(s, solid(s).visible(End.START)), place(s, solid(s).visible(End.END))));
        }

        private WallSolid solid(Strip strip) {
            return Objects.requireNonNull(building.solid(strip.wall().id()));
        }

        private double place(Strip strip, double s) {
            return line.along(strip.at(s, 0));
        }

        Outcome join() {
            put.put(kept.id(), kept.withEnd(End.START, outer(true)).withEnd(End.END, outer(false)));
            for (Strip s : strips) {
                addOpenings(s);
                addPieces(s);
                addFittings(s);
                addStanding(s);
                addSharing(s);
                if (s.wall() != kept) gone.add(s.wall().id());
            }
            keptGaps();
            holds();
            targets();
            outerCorners();
            String marks =
                    String.join(", ", strips.stream().map(s -> s.wall().mark()).toList());
            return Change.to(model, "join " + marks, put.values(), gone);
        }

        /** What the outermost end of all stands on. */
        private WallEnd outer(boolean lowest) {
            Comparator<WallEndRef> byPlace = Comparator.comparingDouble(ref ->
                    line.along(Objects.requireNonNull(building.strip(ref.wall().id()))
                            .axis()
                            .at(ref.end())));
            List<WallEndRef> ends = new ArrayList<>();
            for (Strip s : strips) for (End end : End.values()) ends.add(new WallEndRef(s.wall(), end));
            ends.sort(lowest ? byPlace : byPlace.reversed());
            WallEndRef ref = ends.getFirst();
            return ref.wall().at(ref.end());
        }

        private boolean sameWay(Strip s) {
            return line.direction().dot(s.axis().chord().direction()) > 0;
        }

        private Placing placed(Strip s, double start, double end, Placing was) {
            double one = place(s, start), two = place(s, end);
            boolean fromStart = (was instanceof Placing.Off off && off.stop().towards() == End.END) == sameWay(s);
            return fromStart
                    ? Placing.from(End.START, Math.min(one, two) - from)
                    : Placing.from(End.END, to - Math.max(one, two));
        }

        private void addOpenings(Strip s) {
            for (PlacedOpening o : solid(s).openings()) {
                Placing there = placed(s, o.from(), o.to(), o.opening().placing());
                Opening moved = o.opening().placed(kept.id(), there);
                put.put(moved.id(), sameWay(s) ? moved : moved.turnedAbout());
            }
        }

        private void addFittings(Strip s) {
            for (Fitting f : model.all(Fitting.class)) {
                boolean here = f.seat() instanceof Fitting.OnWall seat
                        && seat.wall().equals(s.wall().id());
                if (!here) continue;
                Fitting.OnWall seat = (Fitting.OnWall) f.seat();
                Span there = solid(s).place(seat.placing(), f.widthMm());
                if (there == null) continue;
                Side side = sameWay(s) ? seat.side() : seat.side().other();
                Placing placing = placed(s, there.from(), there.to(), seat.placing());
                put.put(f.id(), f.seated(new Fitting.OnWall(kept.id(), side, placing)));
            }
        }

        private void addPieces(Strip s) {
            for (PlacedPiece p : solid(s).pieces()) {
                WallPiece moved = p.piece().on(kept.id());
                if (!sameWay(s)) moved = moved.facing(moved.side().other());
                if (p.piece().stretch() instanceof WallPiece.Part part)
                    moved = moved.along(
                            new WallPiece.Part(placed(s, p.from(), p.to(), part.placing()), part.widthMm()));
                else if (s.wall() != kept)
                    moved = moved.along(new WallPiece.Part(
                            placed(s, p.from(), p.to(), Placing.from(End.START, 0)), p.to() - p.from()));
                put.put(moved.id(), moved);
            }
        }

        private void addStanding(Strip s) {
            for (WallEndRef ref : model.relations().endsOn(s.wall().id())) {
                if (!(ref.wall().at(ref.end()) instanceof WallEnd.OnSide side)) continue;
                stand(ref, new WallEnd.OnSide(kept.id(), side.at(), side.reach()));
            }
        }

        /** Walls that share a corner between two of those joined stand on the side there. */
        private void addSharing(Strip s) {
            for (End end : End.values()) {
                if (!(s.wall().at(end) instanceof WallEnd.AtCorner c) || isOuter(c)) continue;
                List<WallEndRef> sharing = model.relations().endsAt(c.corner());
                for (WallEndRef ref : sharing)
                    if (!isJoined(ref.wall()))
                        stand(ref, new WallEnd.OnSide(kept.id(), s.axis().at(end), WallEnd.Reach.STRUCTURE));
                if (!gone.contains(c.corner())) gone.add(c.corner());
            }
        }

        private boolean isOuter(WallEnd.AtCorner corner) {
            Wall joined = (Wall) Objects.requireNonNull(put.get(kept.id()));
            return corner.equals(joined.start()) || corner.equals(joined.end());
        }

        private boolean isJoined(Wall wall) {
            return strips.stream().anyMatch(s -> s.wall().id().equals(wall.id()));
        }

        private void stand(WallEndRef ref, WallEnd there) {
            Wall now = (Wall) put.getOrDefault(ref.wall().id(), ref.wall());
            put.put(now.id(), now.withEnd(ref.end(), there));
        }

        private void keptGaps() {
            for (KeptGap known : model.all(KeptGap.class)) {
                Gap.Beside g = known.gap();
                Side side = stripOf(g.wall()) instanceof Strip s && !sameWay(s)
                        ? g.side().other()
                        : g.side();
                Gap.Beside now = new Gap.Beside(joined(g.wall()), side, joined(g.other()));
                put.put(known.id(), new KeptGap(known.id(), now, known.faces(), known.clearMm()));
            }
        }

        private @Nullable Strip stripOf(ElementId wall) {
            return strips.stream()
                    .filter(s -> s.wall().id().equals(wall))
                    .findFirst()
                    .orElse(null);
        }

        private ElementId joined(ElementId wall) {
            return stripOf(wall) == null ? wall : kept.id();
        }

        private void holds() {
            for (Measuring m : Measuring.all(model)) put.put(m.id(), m.holding(this::held));
        }

        private void targets() {
            for (Pointing n : Pointing.all(model)) {
                List<Target> targets =
                        n.leaders().targets().stream().map(this::pointed).toList();
                if (!targets.equals(n.leaders().targets()))
                    put.put(n.id(), n.pointing(n.leaders().to(targets)));
            }
        }

        private Target pointed(Target target) {
            return target instanceof Target.InPly p && stripOf(p.wall()) instanceof Strip s
                    ? p.in(kept.id(), Math.max(0, place(s, p.alongMm()) - from))
                    : target;
        }

        private Hold held(Hold hold) {
            return switch (hold) {
                case Hold.OnFace f -> new Hold.OnFace(joined(f.wall()), f.face());
                case Hold.AtCorner c ->
                    gone.contains(c.corner())
                            ? new Hold.AtPoint(
                                    model.get(c.corner(), Corner.class).at())
                            : c;
                case Hold.AtPoint p -> p;
                case Hold.Lost l -> l;
                case Hold.OnPiece p -> p;
                case Hold.AtJamb j -> j;
                case Hold.AtCentre c -> c;
                case Hold.OnGrid g -> g;
                case Hold.OnFitting f -> f;
                case Hold.AtFittingCorner f -> f;
                case Hold.AtRiser r -> r;
                case Hold.BesideFlight b -> b;
                case Hold.AtLevel l -> l;
            };
        }

        /** A wall decided to run through at an outer corner is the joined one now. */
        private void outerCorners() {
            Wall joined = (Wall) Objects.requireNonNull(put.get(kept.id()));
            for (End end : End.values()) {
                if (!(joined.at(end) instanceof WallEnd.AtCorner c)) continue;
                Corner corner = model.get(c.corner(), Corner.class);
                if (corner.meeting() instanceof Meeting.Through t)
                    put.put(corner.id(), corner.decided(new Meeting.Through(joined(t.wall()))));
            }
        }
    }
}
