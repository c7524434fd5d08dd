package org.leanlintel.core.picture.seen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;

/** What is seen past what, held against looking along one line at a time. */
class HidingTest {

    private static final SectionFrame FRAME = new SectionFrame(new Vec(0, -100), new Vec(1, 0), -1e5, 1e5, 1e6);
    private static final Material OF = new Sketch().model().get(Sketch.id("stud"), Material.class);

    static IntStream seeds() {
        return IntStream.range(0, 150);
    }

    /** Boxes and slopes that may run into each other: at every point of the picture the nearest face is seen, and it alone. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void theNearestIsSeen(int seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Body> bodies = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(10); i++) bodies.add(body(i, random));
        List<SeenFace> faces = new ArrayList<>(SeenFaces.of(bodies, FRAME));
        List<SeenFace> live = Hiding.live(faces, List.of());
        List<Seen> seen = live.stream()
                .map(f -> Hiding.Before.of(f, live, List.of()).seen())
                .filter(Objects::nonNull)
                .toList();
        int looked = 0;
        for (int i = 0; i < 300; i++) {
            Vec at = new Vec(random.nextDouble() * 6000, random.nextDouble() * 4000);
            SeenFace nearest = nearest(faces, at);
            List<SeenFace> there = seen.stream()
                    .filter(s -> s.area().covers(at))
                    .map(Seen::face)
                    .toList();
            if (nearest == null) assertThat(there).isEmpty();
            else if (isClear(faces, nearest, at)) {
                assertThat(there).as("at %s", at).containsExactly(nearest);
                looked++;
            }
        }
        assertThat(looked).isPositive();
    }

    private static @Nullable SeenFace nearest(List<SeenFace> faces, Vec at) {
        SeenFace nearest = null;
        for (SeenFace f : faces)
            if (f.shape().covers(at)
                    && (nearest == null || f.depth().at(at) < nearest.depth().at(at))) nearest = f;
        return nearest;
    }

    /** Whether nothing else lies about as near, and no edge is close by. */
    private static boolean isClear(List<SeenFace> faces, SeenFace nearest, Vec at) {
        Area about = Area.rectangle(at.x() - 2, at.y() - 2, 4, 4);
        for (SeenFace f : faces) {
            boolean touches = f.shape().meets(about.bounds());
            if (touches && !f.shape().covers(about)) return false;
            if (f != nearest
                    && f.shape().covers(at)
                    && f.depth().at(at) - nearest.depth().at(at) < 30) return false;
        }
        return true;
    }

    private static Body body(int name, RandomGenerator random) {
        double x = random.nextDouble() * 4000, y = random.nextDouble() * 5000, turn = random.nextInt(4) * 0.4;
        double wide = 300 + random.nextDouble() * 2500, deep = 300 + random.nextDouble() * 2500;
        Vec along = Vec.ofAngle(turn), at = new Vec(x, y);
        List<Vec> ring = List.of(
                at,
                at.along(along, wide),
                at.along(along, wide).along(along.left(), deep),
                at.along(along.left(), deep));
        double low = random.nextDouble() * 1500, high = low + 200 + random.nextDouble() * 2000;
        Plane top = random.nextBoolean()
                ? Plane.level(high)
                : Plane.rising(at, high, Vec.ofAngle(random.nextDouble() * 6), random.nextDouble() * 0.1);
        Plane bottom = random.nextInt(3) > 0
                ? Plane.level(low - 500)
                : Plane.rising(at, low - 500, Vec.ofAngle(random.nextDouble() * 6), random.nextDouble() * 0.05);
        return new Body(Sketch.id("b" + name), Content.NO_PLY, OF, Does.CARRIES, ring, bottom, top);
    }
}
