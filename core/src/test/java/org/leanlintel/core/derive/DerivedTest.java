package org.leanlintel.core.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;

/** Values are worked out again where something they were worked out from has changed, and nowhere else. */
class DerivedTest {

    /** Asked before it is said where a corner lies. */
    private static volatile Runnable beforeLaying = () -> {};

    /** How often each value was worked out. */
    private static final Map<Object, Integer> WORKED = new ConcurrentHashMap<>();

    private Model model = Model.of(0, List.of(corner("a", 1000), corner("b", 2000), corner("c", 9000)));
    private Derived derived = Derived.of(model);

    private static Corner corner(String id, double x) {
        return new Corner(new ElementId(id), new ElementId("ground"), new Vec(x, 0), new Meeting.ByRule());
    }

    private static void worked(Object key) {
        WORKED.merge(key, 1, Integer::sum);
    }

    /** How far right a corner lies, in whole metres; -1 where it is not there. */
    private record Metres(ElementId corner) implements Key<Integer> {
        @Override
        public Integer from(Reads reads) {
            worked(this);
            return reads.model().find(corner) instanceof Corner c ? (int) (c.at().x() / 1000) : -1;
        }
    }

    private record Sum(ElementId one, ElementId other) implements Key<Integer> {
        @Override
        public Integer from(Reads reads) {
            worked(this);
            return reads.get(new Metres(one)) + reads.get(new Metres(other));
        }
    }

    /** Worked out side by side. */
    private record Total(List<ElementId> corners) implements Key<Integer> {
        @Override
        public Integer from(Reads reads) {
            worked(this);
            return reads.all(corners.stream().map(Metres::new).toList()).stream()
                    .mapToInt(m -> m)
                    .sum();
        }
    }

    /** One that fails where a corner lies on an odd metre. */
    private record Even(ElementId corner) implements Key<Integer> {
        @Override
        public Integer from(Reads reads) {
            worked(this);
            int metres = reads.get(new Metres(corner));
            if (metres % 2 != 0) throw new IllegalArgumentException("odd: " + metres);
            return metres;
        }
    }

    /** One that does without what fails. */
    private record EvenOrNone(ElementId corner) implements Key<Integer> {
        @Override
        public Integer from(Reads reads) {
            try {
                return reads.get(new Even(corner));
            } catch (IllegalArgumentException odd) {
                return -100;
            }
        }
    }

    /** Corners by where they lie. */
    private enum Corners implements Spread<Place> {
        ALL;

        @Override
        public Collection<Place> members(Element element) {
            return element instanceof Corner c ? List.of(new Place(c.id())) : List.of();
        }
    }

    private record Place(ElementId corner) implements Member<@Nullable Vec>, Comparable<Place> {
        @Override
        public @Nullable Vec from(Reads reads) {
            worked(this);
            return reads.model().find(corner) instanceof Corner c ? c.at() : null;
        }

        @Override
        public Spread<?> spread() {
            return Corners.ALL;
        }

        @Override
        public Collection<Cell> cells(@Nullable Vec at) {
            beforeLaying.run();
            return at == null ? List.of() : Cell.of(Bounds.of(List.of(at)));
        }

        @Override
        public int compareTo(Place other) {
            return corner.compareTo(other.corner);
        }
    }

    /** The corners of a stretch along the x axis, with where they lie. */
    private record Between(double from, double to) implements Key<Map<ElementId, Vec>> {
        @Override
        public Map<ElementId, Vec> from(Reads reads) {
            worked(this);
            Map<ElementId, Vec> found = new TreeMap<>();
            for (Place p : reads.lying(Corners.ALL, new Bounds(from, 0, to, 0))) {
                Vec at = reads.get(p);
                if (at != null && at.x() >= from && at.x() <= to) found.put(p.corner(), at);
            }
            return found;
        }
    }

    private Derived put(Element... elements) {
        WORKED.clear();
        Change change = Change.to(model, "change", List.of(elements), List.of());
        model = model.after(change);
        return derived = derived.after(change, model);
    }

    private static ElementId id(String name) {
        return new ElementId(name);
    }

    @Test
    void whatAChangeDoesNotBearOnIsNotWorkedOutAgain() {
        derived.get(new Sum(id("a"), id("b")));
        derived.get(new Metres(id("c")));
        put(corner("a", 5500));
        assertThat(derived.get(new Sum(id("a"), id("b")))).isEqualTo(7);
        assertThat(derived.get(new Metres(id("c")))).isEqualTo(9);
        assertThat(WORKED).containsOnly(Map.entry(new Metres(id("a")), 1), Map.entry(new Sum(id("a"), id("b")), 1));
    }

    @Test
    void ofSeveralReadAtOnceThoseAreWorkedOutAgainThatChanged() {
        Total total = new Total(List.of(id("a"), id("b"), id("c")));
        assertThat(derived.get(total)).isEqualTo(12);
        put(corner("b", 4000));
        assertThat(derived.get(total)).isEqualTo(14);
        assertThat(WORKED).containsOnly(Map.entry(new Metres(id("b")), 1), Map.entry(total, 1));
    }

    @Test
    void workStopsWhereAValueComesOutTheSame() {
        derived.get(new Sum(id("a"), id("b")));
        put(corner("a", 1999));
        assertThat(derived.get(new Sum(id("a"), id("b")))).isEqualTo(3);
        assertThat(WORKED).containsOnly(Map.entry(new Metres(id("a")), 1));
    }

    @Test
    void whatWasMissingIsSeenWhenItComes() {
        assertThat(derived.get(new Metres(id("new")))).isEqualTo(-1);
        put(corner("new", 3000));
        assertThat(derived.get(new Metres(id("new")))).isEqualTo(3);
    }

    @Test
    void aPreviewLeavesWhatItWasMadeFromAsItWas() {
        Derived before = derived;
        before.get(new Sum(id("a"), id("b")));
        Derived one = put(corner("a", 7000));
        model = before.model();
        derived = before;
        Derived other = put(corner("b", 4000));
        assertThat(one.get(new Sum(id("a"), id("b")))).isEqualTo(9);
        assertThat(other.get(new Sum(id("a"), id("b")))).isEqualTo(5);
        assertThat(before.get(new Sum(id("a"), id("b")))).isEqualTo(3);
    }

    @Test
    void whatLiesElsewhereIsNotLookedAt() {
        derived.get(new Between(0, 3000));
        derived.get(new Between(8000, 10_000));
        put(corner("c", 9500));
        assertThat(derived.get(new Between(0, 3000))).containsOnlyKeys(id("a"), id("b"));
        assertThat(derived.get(new Between(8000, 10_000))).containsEntry(id("c"), new Vec(9500, 0));
        assertThat(WORKED).doesNotContainKey(new Between(0, 3000)).containsKey(new Between(8000, 10_000));
    }

    @Test
    void whatComesOrLeavesIsSeenWhereItLies() {
        derived.get(new Between(0, 3000));
        put(corner("c", 500));
        assertThat(derived.get(new Between(0, 3000))).containsOnlyKeys(id("a"), id("b"), id("c"));
        put(corner("a", 90_000));
        assertThat(derived.get(new Between(0, 3000))).containsOnlyKeys(id("b"), id("c"));
    }

    @Test
    void nothingIsReadOnceItIsWorkedOut() {
        AtomicReference<Reads> kept = new AtomicReference<>();
        record Keeps(AtomicReference<Reads> in) implements Key<Integer> {
            @Override
            public Integer from(Reads reads) {
                in.set(reads);
                return 1;
            }
        }
        derived.get(new Keeps(kept));
        assertThatIllegalStateException().isThrownBy(() -> kept.get().model().find(id("a")));
    }

    @Test
    void whatFollowsFromItselfIsSaid() {
        record Round(int step) implements Key<Integer> {
            @Override
            public Integer from(Reads reads) {
                return reads.get(new Round((step + 1) % 3));
            }
        }
        assertThatIllegalStateException()
                .isThrownBy(() -> derived.get(new Round(0)))
                .withMessageContaining("follows from itself");
    }

    @Test
    void whatFailsIsTriedAgainOnceItMayGoOtherwise() {
        assertThatIllegalArgumentException().isThrownBy(() -> derived.get(new Even(id("a"))));
        assertThat(derived.get(new EvenOrNone(id("a")))).isEqualTo(-100);
        put(corner("a", 1500));
        assertThat(derived.get(new EvenOrNone(id("a")))).isEqualTo(-100);
        assertThat(WORKED).doesNotContainKey(new Even(id("a")));
        put(corner("a", 4000));
        assertThat(derived.get(new EvenOrNone(id("a")))).isEqualTo(4);
    }

    @Test
    void whatNobodyLooksAtIsDoubtedOnce() {
        derived.get(new Sum(id("a"), id("b")));
        put(corner("a", 4500));
        assertThat(derived.reached()).contains(new Metres(id("a")), new Sum(id("a"), id("b")));
        put(corner("a", 5500));
        assertThat(derived.reached()).contains(new Metres(id("a"))).doesNotContain(new Sum(id("a"), id("b")));
        assertThat(derived.get(new Sum(id("a"), id("b")))).isEqualTo(7);
    }

    @Test
    void aChangeWhileAnotherThreadLaysOutSeesAllThatThisFound() throws Exception {
        derived.get(new Between(0, 3000));
        Derived first = put(corner("a", 1100));
        CountDownLatch there = new CountDownLatch(1), on = new CountDownLatch(1);
        beforeLaying = () -> {
            there.countDown();
            awaiting(on);
        };
        Thread other = Thread.ofPlatform().start(() -> first.get(new Between(0, 3000)));
        awaiting(there);
        beforeLaying = () -> {};
        Derived second = put(corner("c", 8000));
        on.countDown();
        other.join();
        assertThat(second.get(new Between(0, 3000))).containsEntry(id("a"), new Vec(1100, 0));
    }

    /** What has changed once and was followed to its end is not followed again with every later change. */
    @Test
    void whatIsSettledIsNotFollowedAgain() {
        derived.get(new Between(0, 3000));
        put(corner("a", 1100));
        derived.get(new Between(0, 3000));
        assertThat(derived.reached()).contains(new Between(0, 3000));
        put(new Corner(id("a"), new ElementId("ground"), new Vec(1100, 0), new Meeting.Through(id("w"))));
        derived.get(new Between(0, 3000));
        assertThat(derived.reached()).contains(new Place(id("a"))).doesNotContain(new Between(0, 3000));
    }

    private static void awaiting(CountDownLatch latch) {
        try {
            assertThat(latch.await(10, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    /** Long enough for layers to be merged and for what nobody looks at to be let go. */
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void afterManyChangesAllIsAsFromNothing(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Derived> kept = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            if (!kept.isEmpty() && random.nextInt(5) == 0) {
                derived = kept.get(random.nextInt(kept.size()));
                model = derived.model();
            }
            put(corner("n" + random.nextInt(30), random.nextInt(20) * 700));
            if (random.nextInt(3) == 0) kept.add(derived);
            if (random.nextInt(10) == 0) derived = derived.tidied(-1_000_000);
            if (random.nextBoolean()) continue;
            Derived anew = Derived.of(model);
            for (int k = 0; k < 6; k++) {
                int one = random.nextInt(30), other = random.nextInt(30);
                List<Key<?>> keys = List.of(
                        new Sum(id("n" + one), id("n" + other)),
                        new EvenOrNone(id("n" + one)),
                        new Between(one * 400, one * 400 + 3000));
                for (Key<?> key : keys) assertThat(derived.get(key)).isEqualTo(anew.get(key));
            }
        }
    }
}
