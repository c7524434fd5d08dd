package org.leanlintel.formats.anyedit;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.run.EditKinds;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.wall.DrawRectangle;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.standard.TradeRegion;

/**
 * Edits of every kind, made from what their records are made of, so that a new kind is met as soon as there is one. Ids are
 * mostly of elements of the kind that the component is named after; numbers and texts are mostly such as a drafter
 * types, and now and then such as nobody should.
 */
public final class AnyEdit {

    private static final double[] EXTREME = {
        1e308, -1e308, Double.POSITIVE_INFINITY, 1e13, -1e13, 1e-300, 2_000_001, -1e6, Double.MIN_VALUE, 4e9
    };
    private static final String[] WORDS = {
        "Kitchen", "", " ", "A-1", "x".repeat(5000), "'=1+2", "\u00E9\u4E2D\u0639", "a\u0000b", "\uD800", "12'6"
    };

    private final RandomGenerator random;
    private final Building building;
    private final Model model;
    /** How many of a hundred values are such as nobody should type. */
    private final int extremes;

    public AnyEdit(RandomGenerator random, Building building, int extremes) {
        this.random = random;
        this.building = building;
        this.model = building.model();
        this.extremes = extremes;
    }

    /** What makes a small house of a new project of the UK: a shell, a storey above and a stair. */
    public static List<Edit> house() {
        TradeRegion uk = OfficeStandard.region("UK");
        NewWall made = NewWall.of(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_WALLS,
                uk.outsideWall(),
                new SetOut.OnFace(0),
                Side.LEFT,
                WallEnd.Reach.STRUCTURE);
        return List.of(
                new DrawRectangle(made, Vec.ORIGIN, new Vec(8000, 5000), 0, DrawRectangle.Sizes.OUTSIDE),
                new AddStorey(
                        OfficeStandard.GROUND,
                        true,
                        "First",
                        2600,
                        new Storey.Built(uk.upperFloor()),
                        new AddStorey.Taking(true, false, false),
                        new AddStorey.NotLaid()),
                new DrawStair(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_FLOORS,
                        new Vec(1500, 1500),
                        0,
                        900,
                        new Stair.Flights(List.of(), List.of()),
                        new Stair.LeastRisers(),
                        new Stair.GoingByRule(),
                        OfficeStandard.stairMakes("UK").make(),
                        Stair.Above.FOUND));
    }

    /**
     * An edit; null where what was made up is refused when it is put together.
     *
     * @param accepted how often edits of each kind were accepted: the rarer are made up more often
     */
    public Edit next(Map<Class<?>, Integer> accepted) {
        List<Class<? extends Edit>> kinds = EditKinds.ALL;
        Class<?> rarest = Stream.generate(() -> kinds.get(random.nextInt(kinds.size())))
                .limit(3)
                .min(Comparator.comparingInt(k -> accepted.getOrDefault(k, 0)))
                .orElseThrow();
        return (Edit) orNull(() -> value(rarest, ""));
    }

    private interface Making {
        Object make() throws ReflectiveOperationException;
    }

    private static Object orNull(Making making) {
        try {
            return making.make();
        } catch (InvocationTargetException thrown) {
            if (thrown.getCause() instanceof Unusable) return null;
            throw new AssertionError("A record may only refuse a value", thrown.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new AssertionError(impossible);
        }
    }

    private Object value(Type type, String name) throws ReflectiveOperationException {
        if (type instanceof ParameterizedType p) return collection(p, name);
        Class<?> raw = (Class<?>) type;
        if (raw == ElementId.class) return id(name);
        if (raw == double.class || raw == Double.class) return number(name);
        if (raw == int.class || raw == Integer.class)
            return rarely() ? random.nextInt() : random.nextInt(random.nextBoolean() ? 4 : 40);
        if (raw == boolean.class) return random.nextBoolean();
        if (raw == String.class) return rarely() ? WORDS[random.nextInt(WORDS.length)] : text(name);
        if (raw == Vec.class) return point();
        if (raw == OpeningMake.class && !rarely()) return random.nextBoolean() ? OpeningMake.DOOR : OpeningMake.WINDOW;
        if (raw == StairMake.class && !rarely())
            return OfficeStandard.stairMakes("UK").make();
        if (raw.isEnum()) return raw.getEnumConstants()[random.nextInt(raw.getEnumConstants().length)];
        if (Element.class.isAssignableFrom(raw)) return element(raw);
        if (raw.isSealed()) {
            Class<?>[] members = raw.getPermittedSubclasses();
            return value(members[random.nextInt(members.length)], name);
        }
        if (raw.isRecord()) return record(raw, null, -1);
        throw new AssertionError("Cannot make up a " + raw);
    }

    private Object record(Class<?> raw, Object like, int changed) throws ReflectiveOperationException {
        RecordComponent[] components = raw.getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            var accessor = components[i].getAccessor();
            accessor.setAccessible(true);
            values[i] = like != null && i != changed
                    ? accessor.invoke(like)
                    : value(components[i].getGenericType(), components[i].getName());
        }
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        var constructor = raw.getDeclaredConstructor(types);
        constructor.setAccessible(true);
        return constructor.newInstance(values);
    }

    /** One of the model with one thing about it changed; now and then one that is not there. */
    private Object element(Class<?> raw) throws ReflectiveOperationException {
        List<Element> all = model.elements().stream().filter(raw::isInstance).toList();
        if (!all.isEmpty() && (raw == Element.class || random.nextInt(10) > 0)) {
            Element like = all.get(random.nextInt(all.size()));
            int components = like.getClass().getRecordComponents().length;
            return record(like.getClass(), like, 1 + random.nextInt(components));
        }
        if (raw.isSealed()) {
            Class<?>[] members = raw.getPermittedSubclasses();
            return element(members[random.nextInt(members.length)]);
        }
        return record(raw, null, -1);
    }

    private Object collection(ParameterizedType type, String name) throws ReflectiveOperationException {
        Class<?> raw = (Class<?>) type.getRawType();
        Type[] of = type.getActualTypeArguments();
        int size = rarely() ? random.nextInt(40) : random.nextInt(4);
        if (Map.class.isAssignableFrom(raw)) {
            Map<Object, Object> map = new HashMap<>();
            for (int i = 0; i < size; i++) map.put(value(of[0], name), value(of[1], name));
            return map;
        }
        List<Object> values = new ArrayList<>();
        for (int i = 0; i < size; i++) values.add(value(of[0], singular(name)));
        return raw == List.class ? values : new LinkedHashSet<>(values);
    }

    private static String singular(String name) {
        return name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
    }

    private boolean rarely() {
        return random.nextInt(100) < extremes;
    }

    private ElementId id(String name) {
        if (rarely()) return new ElementId("nothing");
        List<Element> fitting = model.elements().stream()
                .filter(e -> fits(e.getClass().getSimpleName(), name))
                .toList();
        List<Element> all = fitting.isEmpty() || random.nextInt(20) == 0 ? List.copyOf(model.elements()) : fitting;
        return all.get(random.nextInt(all.size())).id();
    }

    private static boolean fits(String kind, String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return switch (lower) {
            case "host", "other", "first", "second", "mover" -> kind.equals("Wall");
            case "thing", "element", "id" ->
                List.of("Wall", "Opening", "Fitting", "Stair", "Floor", "Room", "Storey", "Note", "Post")
                        .contains(kind);
            case "above", "below", "to", "beside" -> kind.equals("Storey");
            default -> lower.contains(kind.toLowerCase(Locale.ROOT));
        };
    }

    private double number(String name) {
        if (rarely()) return EXTREME[random.nextInt(EXTREME.length)];
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.contains("radians") || lower.contains("angle")) return random.nextInt(24) * Math.PI / 12;
        if (lower.contains("scale")) return List.of(20.0, 50.0, 100.0).get(random.nextInt(3));
        if (lower.contains("part") || lower.contains("bulge")) return random.nextInt(11) / 10.0;
        if (lower.contains("width") || lower.contains("depth")) return 300 + random.nextInt(12) * 100;
        if (lower.contains("height") || lower.contains("high")) return 1200 + random.nextInt(16) * 100;
        return switch (random.nextInt(6)) {
            case 0 -> 0;
            case 1 -> -random.nextInt(500);
            case 2 -> random.nextInt(300);
            default -> random.nextInt(6000);
        };
    }

    private String text(String name) {
        if (name.contains("sha") || name.equals("file")) return "0a".repeat(32);
        return name.toLowerCase(Locale.ROOT).contains("mark")
                ? "M" + random.nextInt(99)
                : "Words " + random.nextInt(99);
    }

    /** Often on a wall. */
    private Vec point() {
        List<Wall> walls = model.all(Wall.class);
        if (!walls.isEmpty() && random.nextInt(3) == 0) {
            Strip strip = building.strip(walls.get(random.nextInt(walls.size())).id());
            if (strip != null) return strip.at(Math.rint(random.nextDouble() * strip.length()), 0);
        }
        double x = rarely() ? number("x") : random.nextInt(-10, 90) * 100.0;
        double y = rarely() ? number("y") : random.nextInt(-10, 60) * 100.0;
        return new Vec(Double.isFinite(x) ? x : 0, y == Double.POSITIVE_INFINITY ? 1e300 : y);
    }
}
