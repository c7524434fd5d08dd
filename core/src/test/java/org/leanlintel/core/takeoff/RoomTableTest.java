package org.leanlintel.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.NumberRooms;
import org.leanlintel.core.model.Wall;

class RoomTableTest {

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
