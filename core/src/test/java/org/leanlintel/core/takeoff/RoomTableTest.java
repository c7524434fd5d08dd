package org.leanlintel.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NumberRooms;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

class RoomTableTest {

    /** A partition that goes parted two rooms, one that comes parts the larger: three rooms in the end, two before. */
    @Test
    void roomsAreMeasuredAsTheyWereToo() {
        Sketch sketch = new Sketch();
        List<Wall> shell = sketch.shell(9000, 5000);
        Wall goes = sketch.across(shell, 2500);
        Wall first = sketch.across(shell, 4500), comes = sketch.across(shell, 6500);
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        Room last = sketch.model().all(Room.class).stream()
                .max(Comparator.comparingDouble(r -> r.seed().x()))
                .orElseThrow();
        sketch.run(new Revise(new Room(
                last.id(),
                last.storey(),
                last.layer(),
                last.seed(),
                last.number(),
                "Study",
                last.use(),
                last.finishes(),
                last.ceiling(),
                last.words())));
        for (Wall w : shell) sketch.run(new Revise(sketch.wall(w).in(WorkState.EXISTING)));
        sketch.run(new Revise(sketch.wall(first).in(WorkState.EXISTING)));
        sketch.run(new Revise(sketch.wall(goes).in(WorkState.REMOVED)));
        double before = 0, after = 0;
        List<Table.Row> was = table(sketch, new Drawing.AsItWas()).rows(),
                is = table(sketch, new Drawing.Whole()).rows();
        for (Table.Row row : was) before += figure(row.cells().get(4).text());
        for (Table.Row row : is) after += figure(row.cells().get(4).text());
        assertThat(was).hasSize(3);
        assertThat(is).hasSize(3);
        assertThat(was)
                .extracting(r -> r.cells().get(1).text())
                .filteredOn(name -> name.equals("Room + Study"))
                .hasSize(1);
        assertThat(before).as("another partition, as thick and as long").isCloseTo(after, within(0.03));
        Table.Row joined = was.stream()
                .filter(r -> r.cells().get(1).text().equals("Room + Study"))
                .findFirst()
                .orElseThrow();
        assertThat(figure(joined.cells().get(4).text())).isGreaterThan(15);
        assertThat(sketch.wall(comes).state()).as("the model itself stays").isEqualTo(WorkState.NEW);
    }

    private static Table table(Sketch sketch, Drawing.Subject subject) {
        return Tables.of(
                new Drawing(
                        Sketch.id("rooms"),
                        "Rooms",
                        Drawing.Kind.ROOMS,
                        Sketch.STOREY,
                        Sketch.LENS,
                        1,
                        "",
                        subject,
                        2,
                        new Drawing.All(),
                        List.of()),
                sketch.building());
    }

    private static double figure(String words) {
        return Double.parseDouble(words.split(" ")[0]);
    }

    /** Partitions at any place leave rooms of any size: what is printed in the rows comes to what is printed below them. */
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void rowsAddUpToTheirSums(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        Sketch sketch = new Sketch();
        List<Wall> shell = sketch.shell(20_000, 5000 + random.nextDouble(2000));
        for (int i = 1; i <= 7; i++) sketch.across(shell, 2400 * i + random.nextDouble(900));
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        Table table = RoomTable.of(sketch.building());
        assertThat(table.rows()).hasSize(8);
        for (int column : new int[] {4, 5, 10}) {
            double rows = 0;
            for (Table.Row row : table.rows())
                rows += figure(row.cells().get(column).text());
            assertThat(figure(table.sums().getFirst().cells().get(column).text()))
                    .as(table.columns().get(column).title())
                    .isCloseTo(rows, within(1e-6));
        }
    }
}
