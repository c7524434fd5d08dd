package org.leanlintel.core.derive;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Entry.Failed;
import org.leanlintel.core.derive.Entry.Seen;
import org.leanlintel.core.derive.Laid.Spot;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.ModelPart;

/**
 * What follows from one model, worked out when it is asked for. In a model made from another by a change, all is known
 * that was known there; what the change bears on is in doubt, and is looked at again when it is asked for: where all that
 * it was worked out from is the same, so is the value, and nothing that was worked out from it changes either.
 *
 * <p>Safe to be asked from several threads.
 */
public final class Derived implements Reads {

    /** Which values were worked out from what is listed anew once the list is that many times longer than it has to be. */
    private static final int STALE_TIMES = 3, STALE_LEAST = 100_000;

    /** Rather than look into so many cells, one looks through those in which anything lies. */
    private static final int MANY_CELLS = 2_000;

    private static final Object NEVER = new Object();

    private final Model model;
    private final Readers readers;
    private volatile long readersAtFirst;
    private volatile Layers before;
    private final Map<Key<?>, Entry> now = new ConcurrentHashMap<>();
    private final Set<Key<?>> reached = ConcurrentHashMap.newKeySet();
    /** Members that have come out otherwise than before. */
    private final Set<Member<?>> altered = ConcurrentHashMap.newKeySet();

    private final Object laying = new Object();
    private volatile Plane plane;
    /** What was laid out in the model this was made from. */
    private final Set<Spread<?>> laidBefore;
    /** Stands for this in those made from it, which need not keep it. */
    private final Object self = new Object();

    private final @Nullable Object earlier;
    private final Set<ElementId> changed;

    private Derived(
            Model model,
            Readers readers,
            long readersAtFirst,
            Layers before,
            Set<Key<?>> reached,
            Set<Member<?>> altered,
            Plane plane,
            Set<Spread<?>> laidBefore,
            @Nullable Object earlier,
            Set<ElementId> changed) {
        this.earlier = earlier;
        this.changed = changed;
        this.laidBefore = laidBefore;
        this.altered.addAll(altered);
        this.model = model;
        this.readers = readers;
        this.readersAtFirst = readersAtFirst;
        this.before = before;
        this.reached.addAll(reached);
        this.plane = plane;
    }

    /** Nothing is known yet. */
    public static Derived of(Model model) {
        return new Derived(
                model, new Readers(), 0, Layers.NONE, Set.of(), Set.of(), Plane.EMPTY, Set.of(), null, Set.of());
    }

    /** What follows from {@code next}, which {@code change} made of this one's model. */
    public Derived after(Change change, Model next) {
        Snapshot here = snapshot();
        Layers was = here.known;
        Map<Key<?>, Entry> top = new HashMap<>();
        Set<Key<?>> doubted = readers.reachedFrom(ModelPart.reachedBy(change), key -> doubted(key, was.get(key), top));
        Layers layers = was.under(top);
        Map<Spread<?>, Set<Member<?>>> bySpread = new HashMap<>();
        for (Key<?> key : doubted)
            if (key instanceof Member<?> m)
                bySpread.computeIfAbsent(m.spread(), s -> new HashSet<>()).add(m);
        Plane moving = here.plane.each(
                (spread, is) -> is.moving(moving(spread, change, bySpread.getOrDefault(spread, Set.of()))));
        return new Derived(
                next,
                readers,
                readersAtFirst,
                layers,
                doubted,
                here.altered,
                moving,
                moving.spreads(),
                self,
                change.touches());
    }

    /**
     * The same without what is remembered of values that are not known any more, where that has become much. To be asked for
     * where a model is kept.
     */
    public Derived tidied() {
        return tidied(STALE_LEAST);
    }

    Derived tidied(long least) {
        Snapshot here = snapshot();
        if (readersAtFirst == 0) readersAtFirst = readers.count();
        if (readers.count() <= STALE_TIMES * readersAtFirst + least) return this;
        Readers anew = new Readers();
        here.known.all().forEach(anew::addAll);
        return new Derived(
                model, anew, anew.count(), here.known, reached, here.altered, here.plane, laidBefore, earlier, changed);
    }

    /**
     * What is known at one moment, while others may be working out more.
     *
     * @param altered among them all that was found otherwise and not yet followed to what it bears on: the spread it lies in is
     *     not settled
     */
    private record Snapshot(Layers known, Set<Member<?>> altered, Plane plane) {}

    /** What was worked out here becomes a layer, so that the models made from this one share it. */
    private Snapshot snapshot() {
        synchronized (laying) {
            Map<Key<?>, Entry> newest = new HashMap<>(now);
            if (!newest.isEmpty()) {
                before = before.under(newest);
                newest.forEach(now::remove);
            }
            Set<Member<?>> open = new HashSet<>();
            for (Member<?> m : altered) if (!plane.isSettled(m.spread())) open.add(m);
            return new Snapshot(before, open, plane);
        }
    }

    /**
     * Brings a value into doubt.
     *
     * @return false where it was in doubt already, or let go: then so is all that was worked out from it
     */
    private static boolean doubted(Key<?> key, @Nullable Entry known, Map<Key<?>, Entry> in) {
        if (known == null || known.isInDoubt()) return false;
        in.put(key, known.doubted());
        return true;
    }

    /** @param doubted its members that the change bears on */
    private static Collection<Member<?>> moving(Spread<?> spread, Change change, Set<Member<?>> doubted) {
        Set<Member<?>> moving = new HashSet<>(doubted);
        for (List<Element> side : List.of(change.before(), change.after()))
            for (Element e : side) moving.addAll(spread.members(e));
        return moving;
    }

    @Override
    public Model model() {
        return model;
    }

    @Override
    @SuppressWarnings({"unchecked", "NullAway"})
    public <T extends @Nullable Object> T get(Key<T> key) {
        if (key instanceof Member<?> m) lay(m.spread());
        return (T) entry(key, null).orThrow();
    }

    @Override
    public <T extends @Nullable Object> List<T> all(Collection<? extends Key<T>> keys) {
        return all(keys, this, null);
    }

    private <T extends @Nullable Object> List<T> all(
            Collection<? extends Key<T>> keys, Reads reads, @Nullable Frame asks) {
        SideBySide.mapFew(keys, key -> entry(key, asks));
        List<T> values = new ArrayList<>(keys.size());
        for (Key<T> key : keys) values.add(reads.get(key));
        return values;
    }

    /** Whether this was made from another by one change. */
    public boolean follows(Derived other) {
        return earlier == other.self;
    }

    /** The elements that this change touched. */
    public Set<ElementId> changed() {
        return changed;
    }

    /** Whether all that lies in a spread was known already when the change was made, so that {@link #reached} says all of it. */
    public boolean wasLaid(Spread<?> spread) {
        return laidBefore.contains(spread);
    }

    /** What the change that led here bears on, as far as it was known before and lies in what was laid out since. */
    public Set<Key<?>> reached() {
        return Collections.unmodifiableSet(reached);
    }

    private @Nullable Entry known(Key<?> key) {
        Entry known = now.get(key);
        return known != null ? known : before.get(key);
    }

    private Entry entry(Key<?> key, @Nullable Frame asks) {
        Entry known = known(key);
        if (known != null && layAll(known.grounds())) known = known(key);
        if (known != null && !known.isInDoubt()) return known;
        for (Frame f = asks; f != null; f = f.asks)
            if (f.key.equals(key)) throw new IllegalStateException("It follows from itself: " + key);
        if (known != null && isSame(known, asks)) return keep(key, known.trusted());
        GivenUp.orGoOn();
        Frame frame = new Frame(key, asks);
        Object value = frame.value();
        Object kept = known != null && Objects.equals(known.value(), value) ? known.value() : value;
        boolean same = known != null && kept == known.value();
        if (!same && key instanceof Member<?> m) altered.add(m);
        return keep(key, new Entry(kept, frame.seen(), readers.one(frame.grounds), false));
    }

    /** Lays out what is not. @return whether any was not */
    private boolean layAll(Grounds grounds) {
        if (plane.isSettled(grounds)) return false;
        grounds.spreads().forEach(this::lay);
        return true;
    }

    /** Of several that are worked out at once, all take the first. */
    private Entry keep(Key<?> key, Entry entry) {
        return now.compute(key, (k, there) -> there == null || there.isInDoubt() ? entry : there);
    }

    /** Whether all that a value was worked out from is the same here. */
    private boolean isSame(Entry known, @Nullable Frame asks) {
        for (Seen s : known.seen()) {
            Object was = s.was(), is;
            try {
                is = switch (s.what()) {
                    case ModelPart part -> part.in(model);
                    case Spot spot -> laid(spot.spread()).in(spot.cell());
                    case Key<?> key -> entry(key, asks).value();
                    case Spread<?> spread -> laid(spread).there();
                    default -> NEVER;
                };
            } catch (GivenUp given) {
                throw given;
            } catch (RuntimeException notHere) {
                return false;
            }
            if (is != was && !Objects.equals(is, was)) return false;
        }
        return true;
    }

    /** Lays out what lies in a spread, as far as that is not done. It need not be asked for: whatever reads of it does. */
    public <M extends Member<?>> void lay(Spread<M> spread) {
        while (!plane.isSettled(spread)) {
            Laid known = plane.get(spread);
            if (known == null) layAnew(spread);
            else if (!layAll(known.grounds())) layAgain(spread, known);
        }
    }

    private <M extends Member<?>> void layAnew(Spread<M> spread) {
        List<Member<?>> members = new ArrayList<>();
        for (Element e : model.elements()) members.addAll(spread.members(e));
        List<Collection<Cell>> cells;
        if (spread.isInOrder()) {
            members.sort(null);
            cells = members.stream().<Collection<Cell>>map(m -> cells(m)).toList();
        } else cells = SideBySide.map(members, m -> cells(m));
        Laid next = Laid.EMPTY;
        Grounds grounds = Grounds.NONE;
        for (int i = 0; i < members.size(); i++) {
            next = next.with(members.get(i), cells.get(i), new ArrayList<>());
            grounds = grounds.and(entry(members.get(i), null).grounds());
        }
        put(spread, null, next.settled(grounds), Set.of());
    }

    /** Only those are looked at that something bears on, and then those that these bear on. */
    private <M extends Member<?>> void layAgain(Spread<M> spread, Laid known) {
        Laid next = known;
        Set<Cell> left = new HashSet<>();
        TreeSet<Member<?>> todo = new TreeSet<>(known.moving());
        if (spread.isLaborious()) SideBySide.mapFew(todo, m -> entry(m, null));
        Set<Member<?>> again = new HashSet<>();
        Grounds grounds = Grounds.NONE;
        for (Member<?> m = todo.pollFirst(); m != null; m = todo.pollFirst()) {
            reached.add(m);
            next = next.with(m, cells(m), left);
            grounds = grounds.and(entry(m, null).grounds());
            if (!altered.contains(m)) continue;
            (spread.isInOrder() ? todo : again).addAll(doubt(List.of(m), spread));
        }
        List<Object> spots =
                new ArrayList<>(left.stream().map(c -> new Spot(spread, c)).toList());
        if (!spots.isEmpty()) {
            spots.add(spread);
            again.addAll(doubt(spots, spread));
        }
        put(spread, known, next.settled(grounds), again);
    }

    /** @param moving its members that have to be looked at once more */
    private void put(Spread<?> spread, @Nullable Laid known, Laid next, Set<Member<?>> moving) {
        synchronized (laying) {
            if (plane.get(spread) != known) return;
            plane = plane.with(spread, next);
            if (!moving.isEmpty()) plane = plane.moving(moving);
        }
    }

    /** One that goes by what was deleted lies nowhere: the spread of a drawing that is gone lies empty. */
    @SuppressWarnings({"unchecked", "NullAway"})
    private <T extends @Nullable Object> Collection<Cell> cells(Member<T> member) {
        Entry entry = entry(member, null);
        return entry.isOfWhatIsGone() ? List.of() : member.cells((T) entry.orThrow());
    }

    /**
     * What some things bear on is in doubt, and the members among it that lie in other spreads have to be looked at there. At
     * one stroke: whoever comes upon a value in doubt takes it that this was followed to its end.
     *
     * @return the members among it that lie in {@code spread}
     */
    private Set<Member<?>> doubt(Collection<?> things, Spread<?> spread) {
        Set<Member<?>> here = new HashSet<>(), elsewhere = new HashSet<>();
        synchronized (laying) {
            for (Key<?> key : readers.reachedFrom(things, k -> doubted(k, known(k), now))) {
                reached.add(key);
                if (key instanceof Member<?> m) (m.spread().equals(spread) ? here : elsewhere).add(m);
            }
            if (!elsewhere.isEmpty()) plane = plane.moving(elsewhere);
        }
        return here;
    }

    private Laid laid(Spread<?> spread) {
        lay(spread);
        return Objects.requireNonNull(plane.get(spread));
    }

    @Override
    public <M extends Member<?>> Set<M> lying(Spread<M> spread, Bounds bounds) {
        return lying(spread, isVast(bounds) ? laid(spread).cells(bounds) : Cell.of(bounds));
    }

    private static boolean isVast(Bounds bounds) {
        return Cell.count(bounds) > MANY_CELLS;
    }

    @Override
    public <M extends Member<?>> Set<M> lying(Spread<M> spread, Collection<Cell> cells) {
        Set<M> found = new TreeSet<>();
        Laid there = laid(spread);
        for (Cell c : cells) addAll(found, there.in(c));
        return found;
    }

    @SuppressWarnings("unchecked")
    private static <M> void addAll(Set<M> found, Set<Member<?>> there) {
        for (Member<?> m : there) found.add((M) m);
    }

    /** One value being worked out, by one thread. */
    private final class Frame implements Reads {

        private final Key<?> key;
        private final @Nullable Frame asks;
        private final Model watched = model.watchedBy(this::part);
        private final Map<Object, @Nullable Object> seen = new LinkedHashMap<>();
        private Grounds grounds = Grounds.NONE;
        private boolean done;

        Frame(Key<?> key, @Nullable Frame asks) {
            this.key = key;
            this.asks = asks;
        }

        @Nullable
        Object value() {
            try {
                return key.from(this);
            } catch (GivenUp given) {
                throw given;
            } catch (RuntimeException | StackOverflowError fault) {
                return new Failed(fault);
            } finally {
                done = true;
            }
        }

        List<Seen> seen() {
            List<Seen> all = new ArrayList<>(seen.size());
            seen.forEach((what, was) -> all.add(new Seen(what, was)));
            return all;
        }

        private void part(ModelPart part) {
            reads(part);
            if (!seen.containsKey(part)) seen.put(part, part.in(model));
        }

        /** Whether another lies in the same spread, and comes before it. */
        private boolean isBeside(Member<?> other) {
            return key instanceof Member<?> m && m.spread().equals(other.spread());
        }

        private void reads(Object what) {
            if (done) throw new IllegalStateException("Read after it was worked out: " + key);
            if (!seen.containsKey(what)) readers.add(what, key);
        }

        @Override
        public Model model() {
            return watched;
        }

        @Override
        @SuppressWarnings({"unchecked", "NullAway"})
        public <T extends @Nullable Object> T get(Key<T> other) {
            Object value = seen.getOrDefault(other, NEVER);
            if (value != NEVER) return (T) value;
            reads(other);
            seen.put(other, NEVER);
            if (other instanceof Member<?> m && !isBeside(m)) {
                lay(m.spread());
                grounds = grounds.and(m.spread());
            }
            Entry entry = entry(other, this);
            grounds = grounds.and(entry.grounds());
            seen.put(other, entry.value());
            return (T) entry.orThrow();
        }

        @Override
        public <T extends @Nullable Object> List<T> all(Collection<? extends Key<T>> keys) {
            return Derived.this.all(keys, this, this);
        }

        @Override
        public <M extends Member<?>> Set<M> lying(Spread<M> spread, Bounds bounds) {
            if (!isVast(bounds)) return lying(spread, Cell.of(bounds));
            Laid there = laid(spread);
            grounds = grounds.and(spread);
            reads(spread);
            seen.put(spread, there.there());
            return Derived.this.lying(spread, bounds);
        }

        @Override
        public <M extends Member<?>> Set<M> lying(Spread<M> spread, Collection<Cell> cells) {
            Laid there = laid(spread);
            grounds = grounds.and(spread);
            for (Cell c : cells) {
                Spot spot = new Spot(spread, c);
                reads(spot);
                seen.put(spot, there.in(c));
            }
            return Derived.this.lying(spread, cells);
        }
    }
}
