package org.leanlintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.takeoff.BuildUpUse;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.standard.OfficeStandard;

/** The demo projects can be drawn, and are as large as they are meant to be. */
class DemoDraftsTest {

    @Test
    void quarryBankHouseHasTwoStoreys() {
        Model model = QuarryBankHouse.draw();
        assertThat(model.all(Wall.class)).hasSizeGreaterThanOrEqualTo(15);
        assertThat(model.all(Opening.class)).hasSizeGreaterThanOrEqualTo(10);
        assertThat(model.all(DimensionString.class)).hasSizeGreaterThanOrEqualTo(8);
        assertThat(model.all(Room.class))
                .extracting(Room::name)
                .contains("Living", "Kitchen", "Wet room", "Garage", "Store");
        assertThat(model.all(Sheet.class)).hasSize(14);
        assertThat(model.all(Drawing.class)).hasSizeGreaterThanOrEqualTo(8);
        assertThat(model.all(Wall.class)).extracting(Wall::state).contains(WorkState.values());
        assertThat(StoreySpace.stack(model)).extracting(Storey::name).containsExactly("Ground", "First");
        assertThat(model.all(Floor.class)).hasSize(4);
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("1", "2", "7", "11", "12", "13");
        assertThat(overlap(model)).as("chords of the curved wall").isLessThan(Tolerance.SLIVER_MM2);
    }

    @Test
    void everyAreaIsNamedAndFitted() {
        for (Model model : List.of(QuarryBankHouse.draw(), HeronPointCabin.draw())) {
            Building building = Building.of(model);
            assertThat(Rooms.in(building).named(OfficeStandard.GROUND))
                    .hasSameSizeAs(Rooms.in(building).of(OfficeStandard.GROUND));
            assertThat(model.all(Fitting.class)).hasSizeGreaterThan(12);
        }
        Set<Class<?>> kinds = QuarryBankHouse.draw().all(Opening.class).stream()
                .map(o -> o.kind().getClass())
                .collect(Collectors.toSet());
        assertThat(kinds).hasSizeGreaterThanOrEqualTo(6);
    }

    /** The house keeps its rules; the cabin's WC is an inch too near its bath, for the findings to show. */
    @Test
    void whatIsFoundInTheDemoIsMeant() {
        assertThat(Findings.of(Building.of(QuarryBankHouse.draw())))
                .extracting(Finding::sentence)
                .isEmpty();
        assertThat(Findings.of(Building.of(HeronPointCabin.draw())))
                .extracting(Finding::sentence)
                .singleElement()
                .asString()
                .contains("1'-2\" from its centre to Bath", "1'-3\" needed, IRC P2705.1");
    }

    /** Half of the room on each of them and more. */
    @Test
    void sheetsAreWellFilled() {
        for (Model model : List.of(QuarryBankHouse.draw(), HeronPointCabin.draw())) {
            Building building = Building.of(model);
            for (Sheet sheet : model.all(Sheet.class)) {
                SheetArea area = SheetArea.of(sheet.paper(), TitleBlock.of(model));
                double used = 0;
                for (Sheet.Placed p : sheet.drawings()) {
                    Bounds box = Footprint.of(p, model, picture(building, p.drawing()), DrawingLettering.get())
                            .box();
                    used += box.width() * box.height();
                }
                double room = area.frame().width() * area.frame().height()
                        - area.block().width() * area.block().height();
                assertThat(used / room).as(sheet.title()).isGreaterThan(0.5);
            }
        }
    }

    @Test
    void noLineRunsThroughTheNameOfARoomInASection() {
        for (Model model : List.of(QuarryBankHouse.draw(), HeronPointCabin.draw())) {
            Building building = Building.of(model);
            for (Drawing section : model.all(Drawing.class)) {
                if (section.kind() != Drawing.Kind.SECTION || section.frame() instanceof Drawing.Part) continue;
                List<Group> groups = picture(building, section.id()).groups();
                List<Bounds> lines = TakenBoxes.lines(groups.stream()
                        .filter(g -> !(model.find(g.element()) instanceof Room))
                        .toList());
                List<Group> names = groups.stream()
                        .filter(g -> model.find(g.element()) instanceof Room)
                        .toList();
                assertThat(names).hasSizeGreaterThan(1);
                for (Group name : names)
                    for (Item item : name.items())
                        if (item instanceof Item.Text t) {
                            Bounds box = TextBox.of(t, section.scale(), DrawingLettering.get())
                                    .bounds();
                            assertThat(lines).as(t.text()).noneMatch(box::meets);
                        }
            }
        }
    }

    /** Its chords and webs are cut into slices, some thinner than the grid areas are joined on. */
    @Test
    void aSectionRunsAlongATrussOfParallelChords() {
        Model model = QuarryBankHouse.draw();
        Roof roof = model.all(Roof.class).getFirst();
        Roof raised = new Roof(
                roof.id(),
                roof.storey(),
                roof.layer(),
                roof.mark(),
                roof.buildUp(),
                roof.over(),
                roof.plate(),
                new Roof.Raised(420),
                roof.usual(),
                roof.own(),
                roof.trim(),
                roof.under(),
                roof.state());
        Building building = after(new Revise(raised), Building.of(model));
        for (Truss t : model.all(Truss.class))
            building = after(
                    new Revise(new Truss(
                            t.id(),
                            t.roof(),
                            t.layer(),
                            t.mark(),
                            new Truss.Parallel(1200),
                            t.topMm(),
                            t.bottomMm(),
                            t.webMm(),
                            t.thickMm(),
                            t.plies(),
                            t.spacingMm(),
                            t.along(),
                            t.state())),
                    building);
        Drawing section = model.all(Drawing.class).stream()
                .filter(d -> d.name().equals("Section A"))
                .findFirst()
                .orElseThrow();
        List<Item> items = picture(building, section.id()).groups().stream()
                .flatMap(g -> g.items().stream())
                .toList();
        assertThat(items).hasSizeGreaterThan(100);
        assertThat(items).noneMatch(i -> i instanceof Item.Text t && t.text().contains("cannot be"));
    }

    private static Building after(Edit edit, Building building) {
        Editing.Result result = Editing.run(edit, building);
        assertThat(result.outcome()).isInstanceOf(Change.class);
        return result.after();
    }

    /** Of plans, sections, elevations and interiors on sheets: where parts crowd, one in eighty may. Oblique strokes end as high as figures begin. */
    @Test
    void linesHardlyEverRunThroughWords() {
        for (Model model : List.of(QuarryBankHouse.draw(), HeronPointCabin.draw())) {
            Building building = Building.of(model);
            Set<ElementId> placed = model.all(Sheet.class).stream()
                    .flatMap(s -> s.drawings().stream())
                    .map(Sheet.Placed::drawing)
                    .collect(Collectors.toSet());
            List<Struck> all = new ArrayList<>();
            long words = 0;
            for (Drawing d : model.all(Drawing.class)) {
                if (d.kind().isTable() || !placed.contains(d.id())) continue;
                Picture picture = picture(building, d.id());
                for (Group g : picture.groups())
                    words += g.items().stream()
                            .filter(Item.Text.class::isInstance)
                            .count();
                Struck.in(picture).stream()
                        .filter(s -> s.role() != PenRole.TICK)
                        .forEach(all::add);
            }
            assertThat(all)
                    .filteredOn(s -> model.find(s.words().element()) instanceof DimensionString)
                    .filteredOn(
                            s -> !Set.of(PenRole.DIMENSION, PenRole.OVERHEAD).contains(s.role()))
                    .extracting(Struck::said)
                    .as("figures with lines of things through them")
                    .isEmpty();
            assertThat((double) all.size() / words)
                    .as(all.stream().map(Struck::said).toList().toString())
                    .isLessThan(1 / 300.0);
        }
    }

    @Test
    void noFootingIsNamedOverAWall() {
        Model model = QuarryBankHouse.draw();
        Building building = Building.of(model);
        Drawing foundations = model.all(Drawing.class).stream()
                .filter(d -> d.name().equals("Foundations"))
                .findFirst()
                .orElseThrow();
        int named = 0;
        for (Group g : picture(building, foundations.id()).groups())
            for (Item item : g.items())
                if (model.find(g.element()) instanceof Footing && item instanceof Item.Text t) {
                    named++;
                    Bounds box = TextBox.of(t, foundations.scale(), DrawingLettering.get())
                            .bounds();
                    assertThat(FootprintsIn.meet(box, foundations.storey(), false, building))
                            .as(t.text())
                            .isFalse();
                }
        assertThat(named).isGreaterThan(1);
    }

    private static Picture picture(Building building, ElementId drawing) {
        return DrawingPicture.of(building, drawing, DrawingLettering.get()).picture();
    }

    @Test
    void heronPointCabinIsDrawnInInches() {
        Model model = HeronPointCabin.draw();
        assertThat(model.all(Wall.class)).hasSize(10);
        BuiltStair stair = BuiltStair.of(model.all(Stair.class).getFirst(), model);
        assertThat(stair.plan().sum().risers()).isEqualTo(15);
        assertThat(stair.plan().sum().riserMm() / 25.4).isCloseTo(7.483, within(0.001));
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("1", "11", "13");
        assertThat(overlap(model)).isLessThan(1);
    }

    /** Square millimetres of plies lying on each other at the cut. */
    private static double overlap(Model model) {
        var plies = new Bodies(Building.of(model))
                .on(OfficeStandard.GROUND).stream()
                        .filter(b -> model.find(b.element()) instanceof Wall && b.lowMm() <= 1200 && b.highMm() > 1200)
                        .map(Body::outline)
                        .map(Area::of)
                        .toList();
        return Math.abs(
                plies.stream().mapToDouble(Area::mm2).sum() - Area.union(plies).mm2());
    }
}
