package org.leanlintel.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What happened in a long random run, counted by many threads. */
final class SoakReport {

    private final long seed;
    private final Map<String, Integer> kills = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();
    private int accepted;
    private int refused;
    private int again;
    private int compared;
    private int undone;

    SoakReport(long seed) {
        this.seed = seed;
    }

    synchronized void answered(boolean change) {
        if (change) accepted++;
        else refused++;
    }

    synchronized void sentAgain() {
        again++;
    }

    synchronized void killed(String what) {
        kills.merge(what, 1, Integer::sum);
    }

    synchronized void fault(String what) {
        if (faults.size() < 100) faults.add(what.length() > 600 ? what.substring(0, 600) : what);
    }

    synchronized void compared() {
        compared++;
    }

    synchronized void undone(int steps) {
        undone += steps;
    }

    synchronized int accepted() {
        return accepted;
    }

    synchronized List<String> faults() {
        return List.copyOf(faults);
    }

    @Override
    public synchronized String toString() {
        return "Seed %d: %d changes accepted, %d refused, %d sent again; killed: %s.%n"
                        .formatted(seed, accepted, refused, again, kills)
                + "%d drawings are those made from nothing; undo led back to the start in %d steps.%n"
                        .formatted(compared, undone)
                + (faults.isEmpty() ? "No faults." : "Faults:\n" + String.join("\n", faults))
                + "\n";
    }
}
