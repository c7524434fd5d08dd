package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.UsualRules;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.storey.DrainRoof;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StairRules;

/**
 * A house of 6,000 by 4,000 with eaves all round, 300 out, at 35 degrees: 6.6 by 4.6 m in plan. A gutter of 100 takes 37 m2 to a
 * downpipe, and a slope counts 1.29 times at 30 degrees, 1.5 times at 45.
 */
class DownpipesTest {

    private static final Rules RULES = UsualRules.with(new StairRules("Test", List.of()));

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;

    DownpipesTest() {
        sketch.put(RULES);
    }

    private Roof hipped() {
        return house.draw(house.overShell(RoofedHouse.EAVES));
    }

    private DrainRoof drain(Roof roof) {
        return new DrainRoof(roof.id(), Sketch.LAYER, 70, 60, Sketch.id("board"));
    }

    private JoinedRoof joined(Roof roof) {
        return Objects.requireNonNull(sketch.building().get(new JoinedRoof.Of(roof.id())));
    }

    private List<RoofPart> pipes() {
        return List.copyOf(sketch.model().all(RoofPart.class));
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .map(Finding::sentence)
                .filter(s -> s.contains("gutter"))
                .toList();
    }

    /** 6.6 x 4.6 x (1.29 + 0.21 / 3) = 41.3 m2. */
    @Test
    void aGutterThatCollectsMoreThanItsDownpipesTakeIsFound() {
        Roof roof = hipped();
        Gutter round = Gutter.of(joined(roof)).getFirst();
        assertThat(round.closed()).isTrue();
        assertThat(round.lengthMm()).isCloseTo(20_000, within(1.0));
        assertThat(round.collectsM2(RULES.drainage())).isCloseTo(41.29, within(0.01));
        assertThat(found())
                .containsExactly(
                        "A gutter of R1 collects from 41.29 m² at 75 mm/h; it needs 2 downpipes and has none.");
        sketch.run(drain(roof));
        assertThat(pipes()).extracting(RoofPart::mark).containsExactlyInAnyOrder("DP1", "DP2");
        assertThat(found()).isEmpty();
        assertThat(sketch.refusal(drain(roof))).isEqualTo("R1 has the downpipes it needs.");
        sketch.run(new Delete(List.of(pipes().getFirst().id())));
        assertThat(found())
                .containsExactly("A gutter of R1 collects from 41.29 m² at 75 mm/h; it needs 2 downpipes and has 1.");
    }

    @Test
    void eachOfTwoGuttersHasItsOwn() {
        Roof roof = house.gabled();
        List<Gutter> gutters = Gutter.of(joined(roof));
        assertThat(gutters).hasSize(2).noneMatch(Gutter::closed);
        assertThat(gutters)
                .allSatisfy(g -> assertThat(g.needs(RULES.drainage())).isEqualTo(1));
        sketch.run(drain(roof));
        assertThat(pipes()).hasSize(2).extracting(p -> p.at().y() < 0).containsExactlyInAnyOrder(true, false);
    }

    /** Clicked anywhere near, it stands 25 before the wall. */
    @Test
    void oneIsPlacedBeforeTheWallUnderTheNearestGutter() {
        house.gabled();
        PlaceRoofPart placing =
                new PlaceRoofPart(Sketch.LAYER, new Vec(3000, -260), 70, 60, new RoofPart.Downpipe(Sketch.id("board")));
        sketch.run(placing);
        assertThat(pipes().getFirst().at().distanceTo(new Vec(3000, -25 - 30.0)))
                .isLessThan(0.1);
        assertThat(sketch.refusal(new PlaceRoofPart(
                        Sketch.LAYER, new Vec(3000, -2000), 70, 60, new RoofPart.Downpipe(Sketch.id("board")))))
                .isEqualTo("There are no eaves with a gutter near.");
    }

    /** The south walls of both storeys go out by 200, the roof with them, and the downpipe stands 25 before them as it did. */
    @Test
    void itStaysBeforeItsWallWhenThatMovesOrItIsDraggedOff() {
        house.gabled();
        sketch.run(new PlaceRoofPart(
                Sketch.LAYER, new Vec(3000, -100), 70, 60, new RoofPart.Downpipe(Sketch.id("board"))));
        sketch.run(new Move(
                List.of(house.wall(3000, 0).id(), house.house.shell.get(3).id()), new Vec(0, -200)));
        assertThat(placed().at().distanceTo(new Vec(3000, -200 - 55.0))).isLessThan(0.1);
        sketch.run(new Move(List.of(pipes().getFirst().id()), new Vec(400, -150)));
        assertThat(placed().at().distanceTo(new Vec(3400, -200 - 55.0)))
                .as("along the wall, not off it")
                .isLessThan(0.1);
    }

    private RoofPart placed() {
        return Objects.requireNonNull(sketch.building()
                        .get(new PlacedRoofPart.Of(pipes().getFirst().id())))
                .part();
    }

    @Test
    void itRunsFromTheGutterDownToTheGround() {
        Roof roof = house.gabled();
        sketch.run(new PlaceRoofPart(
                Sketch.LAYER, new Vec(3000, -100), 70, 60, new RoofPart.Downpipe(Sketch.id("board"))));
        List<Body> bodies = new Bodies(sketch.building()).of(pipes().getFirst().id());
        double foot = bodies.stream().mapToDouble(Body::lowMm).min().orElseThrow();
        double top = bodies.stream().mapToDouble(Body::highMm).max().orElseThrow();
        assertThat(foot).isCloseTo(Site.of(sketch.model()).groundMm(), within(0.1));
        BuiltRoof built = house.built(roof);
        int edge = Gutter.of(joined(roof)).stream()
                .flatMap(g -> g.runs().stream())
                .filter(r -> r.plate().from().y() < 1)
                .findFirst()
                .orElseThrow()
                .edge();
        assertThat(top).as("the gutter's underside").isCloseTo(built.eavesMm(edge) - 10 - 50, within(0.1));
        Bounds seen =
                Bounds.of(bodies.stream().flatMap(b -> b.outline().stream()).toList());
        assertThat(seen.minY())
                .as("up to the middle of the gutter, and half of itself")
                .isCloseTo(-350 - 30, within(1.0));
        assertThat(new Bodies(sketch.building()).of(roof.id()))
                .as("the roof has no hole for it")
                .isNotEmpty();
    }

    /** A window from corner to corner but for its ends; one end of the wall is left, so there it stands. */
    @Test
    void noneIsProposedBeforeAWindow() {
        Roof roof = house.gabled();
        sketch.window(house.wall(3000, 0), 500, 3000, 900, 1200);
        sketch.run(drain(roof));
        RoofPart south =
                pipes().stream().filter(p -> p.at().y() < 0).findFirst().orElseThrow();
        Opening window = sketch.model().all(Opening.class).getFirst();
        var solid = Objects.requireNonNull(sketch.building().solid(window.wall()));
        var placed = Objects.requireNonNull(solid.opening(window.id()));
        double from = solid.strip().at(placed.from(), 0).x(),
                to = solid.strip().at(placed.to(), 0).x();
        assertThat(south.at().x())
                .satisfiesAnyOf(x -> assertThat(x).isLessThan(Math.min(from, to) - 100), x -> assertThat(x)
                        .isGreaterThan(Math.max(from, to) + 100));
    }

    /** A cross roof of the same height joins: what of its eaves lies under the main roof has no gutter, and under it the main one none. */
    @Test
    void guttersEndWhereRoofsJoin() {
        Roof main = hipped();
        house.draw(house.over(
                new Roof.OverRing(
                        List.of(new Vec(2000, -1500), new Vec(4000, -1500), new Vec(4000, 2000), new Vec(2000, 2000))),
                RoofedHouse.EAVES,
                new Roof.OwnEdge(new Roof.OnSide(0), RoofedHouse.VERGE),
                new Roof.OwnEdge(new Roof.OnSide(2), RoofedHouse.AGAINST)));
        Gutter round = Gutter.of(joined(main)).getFirst();
        assertThat(round.closed()).isFalse();
        assertThat(round.lengthMm())
                .as("without 2,000 and two overhangs of 300")
                .isCloseTo(20_000 - 2600, within(1.0));
        Roof cross = sketch.model().all(Roof.class).stream()
                .filter(r -> !r.id().equals(main.id()))
                .findFirst()
                .orElseThrow();
        assertThat(Gutter.of(joined(cross))).hasSize(2).allSatisfy(g -> assertThat(g.lengthMm())
                .as("as far as where the main roof, lower by its facing of 150, comes to its height")
                .isCloseTo(1500 - 150, within(1.0)));
    }

    @Test
    void oneBeforeAWindowIsFound() {
        house.gabled();
        Opening window = sketch.window(house.wall(3000, 0), 500, 3000, 900, 1200);
        sketch.run(new PlaceRoofPart(
                Sketch.LAYER, new Vec(3000, -100), 70, 60, new RoofPart.Downpipe(Sketch.id("board"))));
        String said = "DP1 runs down before the window %s.".formatted(window.mark());
        assertThat(Findings.of(sketch.building())).extracting(Finding::sentence).contains(said);
        sketch.run(new Move(List.of(pipes().getFirst().id()), new Vec(2800, 0)));
        assertThat(Findings.of(sketch.building())).extracting(Finding::sentence).doesNotContain(said);
    }

    @Test
    void theRoofScheduleCountsThem() {
        Roof roof = hipped();
        sketch.run(drain(roof));
        String lengths =
                RoofedHouse.schedule(sketch).rows().getFirst().cells().get(6).text();
        assertThat(lengths).endsWith("2 downpipes");
    }
}
